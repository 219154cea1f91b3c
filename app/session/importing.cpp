#include "app/session/importing.h"

#include "app/words/words.h"

namespace calando {

namespace {
constexpr double kCutShort_s = 0.1;
}

Importing::Importing(Analyst& analyst, QObject* parent) : QObject(parent), analyst_(analyst) {}

void Importing::open(const std::vector<Wanted>& files, const std::filesystem::path& studio) {
  total_ += static_cast<int>(files.size());
  for (const Wanted& wanted : files) {
    Analyst::Request request;
    request.take = wanted.take;
    request.file = wanted.file;
    request.keeping = Analyst::Request::Keeping{studio, wanted.student};
    request.ownNote = true;
    request.samplesWanted = total_ == 1;
    const auto ticket =
        analyst_.ask(std::move(request), Analyst::Urgency::later,
                     [this](Analyst::Ticket t, const Analyst::Answer& answer) { answered(t, answer); });
    pending_[ticket] = wanted.student.id;
  }
  if (running()) emit moved();
}

void Importing::answered(Analyst::Ticket ticket, const Analyst::Answer& answer) {
  pending_.erase(ticket);
  const QString name = QString::fromStdString(answer.take.source);
  if (answer.error)
    refused_ << words::said(*answer.error);
  else if (answer.unkept)
    refused_ << tr("%1 could not be kept: %2.").arg(name, words::said(answer.unkept->why));
  else
    emit takenIn(answer, total_ == 1);
  if (!answer.error && answer.promised_s > answer.take.seconds + kCutShort_s && answer.take.seconds > 0)
    refused_ << tr("%1 is cut short: %2 of %3 s.")
                    .arg(name, words::number(answer.take.seconds, 1, false),
                         words::number(answer.promised_s, 1, false));
  ++done_;
  step();
}

void Importing::cancel(std::optional<std::int64_t> student) {
  if (!running()) return;
  const std::size_t before = pending_.size();
  for (auto at = pending_.begin(); at != pending_.end();) {
    if (student && at->second != *student) {
      ++at;
      continue;
    }
    analyst_.forget(at->first);
    at = pending_.erase(at);
  }
  total_ -= static_cast<int>(before - pending_.size());
  step();
}

void Importing::step() {
  emit moved();
  if (running()) return;
  const QStringList refused = std::exchange(refused_, {});
  total_ = done_ = 0;
  emit finished(refused);
}

}  // namespace calando
