#include "app/session/students/analysis_queue.h"

#include <QCryptographicHash>
#include <QElapsedTimer>
#include <QFile>

#include "app/log/log.h"
#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "audio/sound_file.h"
#include "core/base/fault.h"
#include "core/engine/analysis.h"
#include "core/engine/snapshot.h"
#include "core/engine/take_stages.h"
#include "core/judging/take_summary.h"
#include "records/tables/take_table.h"

namespace calando {

namespace {
using Request = AnalysisQueue::Request;
using Answer = AnalysisQueue::Answer;
constexpr std::size_t kPiece = 48000;  // samples between two looks at whether it is still wanted

/// A hash of a file's bytes; empty where it cannot be read.
std::string contentOf(const std::filesystem::path& path) {
  QFile file(QFile::decodeName(path.c_str()));
  QCryptographicHash hash(QCryptographicHash::Blake2b_256);
  if (!file.open(QIODevice::ReadOnly) || !hash.addData(&file)) return {};
  return hash.result().toHex().toStdString();
}

/// One request, on a worker's thread.
struct Task {
  Request request;
  std::function<std::string(const Snapshot&)> smallPicture;
  std::stop_token stop;

  bool wanted() const { return !stop.stop_requested(); }

  /// Nullopt once nobody wants it any more.
  std::optional<Answer> run() {
    Answer answer;
    answer.take = request.take;
    answer.samples = std::move(request.samples);
    answer.rate_hz = request.rate_hz;
    if (request.anew) {
      answer.snapshot = snapshotOf(request.anew->tracks, answer.take.asked);
      answer.summary = summaryOf(*answer.snapshot, smallPicture(*answer.snapshot));
      return answer;
    }
    if (!answer.samples && !read(answer)) return answer;
    if (request.originWanted && request.part)
      answer.take.origin = Origin{contentOf(request.file), request.part->start_s, request.part->end_s};
    auto tracks = track(*answer.samples, answer);
    if (tracks && request.first) {
      auto first = track(*request.first, answer);
      if (!first) return std::nullopt;
      tracks->first = std::make_shared<const Tracks>(std::move(*first));
    }
    if (!tracks) return std::nullopt;
    answer.snapshot = snapshotOf(std::move(*tracks), answer.take.asked);
    answer.summary = summaryOf(*answer.snapshot, smallPicture(*answer.snapshot));
    if (!wanted()) return std::nullopt;
    if (request.keeping) {
      auto written = TakeTable::write(
          request.keeping->studio, request.keeping->student, answer.take, *answer.samples, answer.rate_hz,
          request.first ? std::span<const float>(*request.first) : std::span<const float>());
      if (written) {
        answer.take = std::move(*written);
        answer.written = std::make_shared<WrittenSound>(request.keeping->studio / "takes" / answer.take.file);
      } else {
        answer.unkept = written.error();
      }
    }
    if (request.first) mix(answer);
    if (!request.samplesWanted && !answer.unkept) answer.samples.reset();
    return answer;
  }

  /// Nullopt once nobody wants it any more.
  std::optional<Tracks> track(std::span<const float> samples, const Answer& answer) const {
    TakeStages stages(answer.rate_hz, contextFor(answer.take.asked));
    for (std::size_t i = 0; i < samples.size(); i += kPiece) {
      if (!wanted()) return std::nullopt;
      stages.push(samples.subspan(i, std::min(kPiece, samples.size() - i)));
    }
    return stages.finish();
  }

  /// To be heard are both.
  void mix(Answer& answer) const {
    auto both = std::make_shared<std::vector<float>>(*answer.samples);
    for (std::size_t n = 0; n < std::min(both->size(), request.first->size()); ++n)
      (*both)[n] = 0.5f * ((*both)[n] + (*request.first)[n]);
    answer.samples = std::move(both);
  }

  bool read(Answer& answer) {
    if (request.ownNote) takeNote(answer.take);
    const auto goOn = [this] { return wanted(); };
    // Whose channel is missing, the file has been changed: what is there is heard.
    if (answer.take.asked.apart) {
      auto first = readWholeSound(request.file.string(), 1, goOn);
      if (first) request.first = std::make_shared<std::vector<float>>(std::move(first->samples));
    }
    const std::string path = request.file.string();
    auto sound = request.part
                     ? readPart(path, request.part->start_s, request.part->end_s)
                     : readWholeSound(path, request.first ? ChannelChoice(2) : ChannelChoice(), goOn);
    if (!sound) {
      answer.error = sound.error().what;
      return false;
    }
    if (sound->samples.empty()) {
      answer.error = Problem(Fault::at, printable(request.file.string()), Problem(FileFault::soundless));
      return false;
    }
    answer.rate_hz = sound->info.rate_hz;
    answer.promised_s = sound->info.promised_s;
    answer.samples = std::make_shared<std::vector<float>>(std::move(sound->samples));
    return true;
  }

  void takeNote(Take& take) const {
    const auto note = soundNoteFrom(soundComment(request.file.string()));
    if (!note || note->student.id != take.student) return;
    const Take asked = take;
    take = note->take;
    take.id = asked.id;
    take.file = asked.file;
    take.student = asked.student;
    take.recording.clear();
    if (take.made_unix_s == 0) take.made_unix_s = asked.made_unix_s;
  }
};

std::optional<Answer> logged(Task& task) {
  const QElapsedTimer since = [] {
    QElapsedTimer timer;
    timer.start();
    return timer;
  }();
  auto answer = task.run();
  if (!answer)
    qCInfo(logTake) << "given up after" << since.elapsed() << "ms";
  else if (answer->error)
    qCWarning(logTake) << "not read:" << namelessly(*answer->error);
  else if (answer->unkept)
    qCWarning(logTake) << "not written:" << namelessly(answer->unkept->why);
  else
    qCInfo(logTake) << "measured in" << since.elapsed() << "ms" << (answer->written ? "and written" : "");
  return answer;
}

}  // namespace

StoredSummary summaryOf(const Snapshot& take, std::string smallPicture) {
  const Tone* tone = take.analysis.mainTone();
  return {engineVersion(), tone ? std::optional(tone->held_s) : std::nullopt, std::move(smallPicture),
          keptOf(take.analysis)};
}

WrittenSound::~WrittenSound() {
  std::error_code ignored;
  if (!file_.empty()) std::filesystem::remove(file_, ignored);
}

Pending AnalysisQueue::ask(Request request, Urgency urgency, Done done, WorkQueue::AtTheEnd atTheEnd) {
  return work_.ask(
      urgency,
      [task = Task{std::move(request), smallPicture_, {}}](std::stop_token stop) mutable {
        task.stop = std::move(stop);
        return logged(task);
      },
      [done = std::move(done)](const std::optional<Answer>& answer) {
        if (answer) done(*answer);
      },
      atTheEnd);
}

}  // namespace calando
