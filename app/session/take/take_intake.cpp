#include "app/session/take/take_intake.h"

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/words/words.h"
#include "records/studio.h"
#include "records/tables/take_table.h"

namespace calando {

namespace {

constexpr double kCutShort_s = 0.1;

bool isAlone(const TakeIntake::From& from) {
  return std::holds_alternative<TakeIntake::Played>(from) || std::holds_alternative<TakeIntake::Found>(from);
}

}  // namespace

TakeIntake::TakeIntake(Studio& studio, AnalysisQueue& analyses, StudentBook& book, TakeList& takes,
                       Notices& notices)
    : studio_(studio), analyses_(analyses), book_(book), takes_(takes), notices_(notices) {
  connect(&book_, &StudentBook::erasing, this, [this](std::int64_t student) {
    cancelOpened(student);
    std::erase_if(pending_, [=](const Entry& entry) {
      return entry.student == student && std::holds_alternative<Intake>(entry.from);
    });
    step();
  });
}

void TakeIntake::takeIn(AnalysisQueue::Request request, const Student& student, From from, Then then) {
  request.take.student = student.id;
  studio_.takes.name(request.take);
  request.keeping = AnalysisQueue::Request::Keeping{studio_.folder(), student};
  const auto urgency = isAlone(from) ? AnalysisQueue::Urgency::now : AnalysisQueue::Urgency::later;
  pending_.push_back({student.id, std::move(from), {}});
  const auto entry = std::prev(pending_.end());
  entry->pending = analyses_.ask(
      std::move(request), urgency,
      [this, entry, then = std::move(then)](const AnalysisQueue::Answer& answer) {
        answered(entry, answer, then);
      },
      WorkQueue::AtTheEnd::waitedFor);
}

void TakeIntake::open(const std::vector<std::pair<std::filesystem::path, Take>>& files,
                      const Student& student, Then then) {
  begun_ += static_cast<int>(files.size());
  for (const auto& [file, take] : files) {
    AnalysisQueue::Request request;
    request.take = take;
    request.file = file;
    request.ownNote = true;
    request.samplesWanted = files.size() == 1;
    takeIn(std::move(request), student, Opened{}, then);
  }
  emit moved();
}

bool TakeIntake::begin(const std::vector<Intake>& intakes) {
  if (intakes.empty() || !notices_.worked(studio_.intakes.begin(intakes))) return false;
  for (const Intake& intake : intakes) start(intake);
  emit moved();
  return true;
}

void TakeIntake::resume() {
  const auto intakes = studio_.intakes.all();
  if (studio_.readOnly() || !notices_.worked(intakes) || intakes->empty()) return;
  for (const Intake& intake : *intakes)
    if (book_.find(intake.note.student.id)) start(intake);
  emit moved();
}

void TakeIntake::start(const Intake& intake) {
  ++begun_;
  AnalysisQueue::Request request;
  request.take = intake.note.take;
  request.file = intake.file;
  request.part = Span{intake.from_s, intake.to_s};
  request.samplesWanted = false;
  request.originWanted = true;
  takeIn(std::move(request), intake.note.student, intake, {});
}

void TakeIntake::answered(std::list<Entry>::iterator at, const AnalysisQueue::Answer& answer,
                          const Then& then) {
  const Entry entry = std::move(*at);
  pending_.erase(at);
  const bool entered = enter(entry, answer);
  if (!isAlone(entry.from)) refuse(entry, answer);
  if (then) then({entry.from, answer, entered});
  if (const auto* intake = std::get_if<Intake>(&entry.from)) emit attemptTaken(*intake, entered);
  step();
}

/// Whether it is on the list. What was written and is not is left for the next start to offer, unless its
/// student has been erased.
bool TakeIntake::enter(const Entry& entry, const AnalysisQueue::Answer& answer) {
  const auto* intake = std::get_if<Intake>(&entry.from);
  if (answer.error || answer.unkept) {
    if (intake) notices_.worked(studio_.intakes.drop(*intake));
    return false;
  }
  answer.written->keep();
  if (!intake) {
    const auto* played = std::get_if<Played>(&entry.from);
    const bool entered = takes_.enter(answer.take, answer.summary);
    if (entered && played && !played->recording.empty()) studio_.recordings.discard(played->recording);
    return entered;
  }
  const auto id = studio_.intakes.finish(*intake, answer.take, answer.summary);
  if (!notices_.worked(id)) return false;
  if (*id == answer.take.id) takes_.entered(answer.take, answer.summary);
  return true;
}

void TakeIntake::refuse(const Entry& entry, const AnalysisQueue::Answer& answer) {
  const QString name = words::plain(answer.take.source);
  if (answer.error) refused_ << words::said(*answer.error);
  if (answer.unkept) refused_ << tr("%1 could not be kept: %2.").arg(name, words::said(answer.unkept->why));
  if (!answer.error && std::holds_alternative<Opened>(entry.from) && answer.take.seconds > 0 &&
      answer.promised_s > answer.take.seconds + kCutShort_s)
    refused_ << tr("%1 is cut short: %2 of %3 s.")
                    .arg(name, words::number(answer.take.seconds, 1, false),
                         words::number(answer.promised_s, 1, false));
}

void TakeIntake::cancelOpened(std::optional<std::int64_t> student) {
  const auto gone = std::erase_if(pending_, [&](const Entry& entry) {
    return std::holds_alternative<Opened>(entry.from) && (!student || entry.student == *student);
  });
  if (gone == 0) return;
  begun_ -= static_cast<int>(gone);
  step();
}

void TakeIntake::giveUp() {
  std::erase_if(pending_, [](const Entry& entry) { return !isAlone(entry.from); });
  begun_ = 0;
  step();
}

TakeProgress TakeIntake::progress() const {
  const auto left = std::ranges::count_if(pending_, [](const Entry& entry) { return !isAlone(entry.from); });
  return {begun_ - static_cast<int>(left), begun_};
}

bool TakeIntake::keepsPlayed() const {
  return std::ranges::any_of(pending_, [](const Entry& entry) { return isAlone(entry.from); });
}

bool TakeIntake::running(std::int64_t homework, std::int64_t student) const {
  return std::ranges::any_of(pending_, [&](const Entry& entry) {
    const auto* intake = std::get_if<Intake>(&entry.from);
    return intake && intake->homework == homework && entry.student == student;
  });
}

void TakeIntake::step() {
  emit moved();
  if (const TakeProgress now = progress(); now.of > 0 && now.done == now.of) {
    begun_ = 0;
    emit finished(std::exchange(refused_, {}));
  }
  if (pending_.empty()) emit through();
}

}  // namespace calando
