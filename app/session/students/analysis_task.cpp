#include "app/session/students/analysis_task.h"

#include <QCryptographicHash>
#include <QElapsedTimer>
#include <QFile>

#include "app/log/log.h"
#include "audio/sound_file.h"
#include "core/base/fault.h"
#include "core/engine/analysis.h"
#include "core/engine/snapshot.h"
#include "core/engine/take_stages.h"
#include "records/tables/take_table.h"

namespace calando {

namespace {

constexpr std::size_t kPiece = 48000;  // samples between two looks at whether it is still wanted

/// A hash of a file's bytes; empty where it cannot be read.
std::string contentOf(const std::filesystem::path& path) {
  QFile file(QFile::decodeName(path.c_str()));
  QCryptographicHash hash(QCryptographicHash::Blake2b_256);
  if (!file.open(QIODevice::ReadOnly) || !hash.addData(&file)) return {};
  return hash.result().toHex().toStdString();
}

}  // namespace

std::optional<AnalysisTask::Answer> AnalysisTask::run(std::stop_token stop) {
  stop_ = std::move(stop);
  QElapsedTimer since;
  since.start();
  auto answer = answered();
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

std::optional<AnalysisTask::Answer> AnalysisTask::answered() {
  Answer answer;
  answer.take = request_.take;
  answer.samples = std::move(request_.samples);
  answer.rate_hz = request_.rate_hz;
  if (request_.anew) {
    judge(answer, request_.anew->tracks);
    return answer;
  }
  if (!answer.samples && !read(answer)) return answer;
  if (request_.originWanted && request_.part)
    answer.take.origin = Origin{contentOf(request_.file), request_.part->start_s, request_.part->end_s};
  auto tracks = tracked(answer);
  if (!tracks) return std::nullopt;
  judge(answer, std::move(*tracks));
  if (!wanted()) return std::nullopt;
  if (request_.keeping) keep(answer);
  if (request_.first) mix(answer);
  if (!request_.samplesWanted && !answer.unkept) answer.samples.reset();
  return answer;
}

bool AnalysisTask::read(Answer& answer) {
  if (request_.ownNote) takeNote(answer.take);
  const auto goOn = [this] { return wanted(); };
  // Whose channel is missing, the file has been changed: what is there is heard.
  if (answer.take.asked.apart) {
    auto first = readWholeSound(request_.file.string(), 1, goOn);
    if (first) request_.first = std::make_shared<std::vector<float>>(std::move(first->samples));
  }
  const std::string path = request_.file.string();
  auto sound = request_.part
                   ? readPart(path, request_.part->start_s, request_.part->end_s)
                   : readWholeSound(path, request_.first ? ChannelChoice(2) : ChannelChoice(), goOn);
  if (!sound) {
    answer.error = sound.error().what;
    return false;
  }
  if (sound->samples.empty()) {
    answer.error = Problem(Fault::at, printable(request_.file.string()), Problem(FileFault::soundless));
    return false;
  }
  answer.rate_hz = sound->info.rate_hz;
  answer.promised_s = sound->info.promised_s;
  answer.samples = std::make_shared<std::vector<float>>(std::move(sound->samples));
  return true;
}

void AnalysisTask::takeNote(Take& take) const {
  const auto note = soundNoteFrom(soundComment(request_.file.string()));
  if (!note || note->student.id != take.student) return;
  const Take asked = take;
  take = note->take;
  take.id = asked.id;
  take.file = asked.file;
  take.student = asked.student;
  take.recording.clear();
  if (take.made_unix_s == 0) take.made_unix_s = asked.made_unix_s;
}

std::optional<Tracks> AnalysisTask::tracked(const Answer& answer) const {
  auto tracks = tracked(*answer.samples, answer);
  if (!tracks || !request_.first) return tracks;
  auto first = tracked(*request_.first, answer);
  if (!first) return std::nullopt;
  tracks->first = std::make_shared<const Tracks>(std::move(*first));
  return tracks;
}

std::optional<Tracks> AnalysisTask::tracked(std::span<const float> samples, const Answer& answer) const {
  TakeStages stages(answer.rate_hz, contextFor(answer.take.asked));
  for (std::size_t i = 0; i < samples.size(); i += kPiece) {
    if (!wanted()) return std::nullopt;
    stages.push(samples.subspan(i, std::min(kPiece, samples.size() - i)));
  }
  return stages.finish();
}

void AnalysisTask::judge(Answer& answer, Tracks tracks) const {
  answer.snapshot = snapshotOf(std::move(tracks), answer.take.asked);
  answer.summary = summaryOf(*answer.snapshot, smallPicture_(*answer.snapshot));
}

void AnalysisTask::keep(Answer& answer) const {
  const auto first = request_.first ? std::span<const float>(*request_.first) : std::span<const float>();
  auto written = TakeTable::write(request_.keeping->studio, request_.keeping->student, answer.take,
                                  *answer.samples, answer.rate_hz, first);
  if (!written) {
    answer.unkept = written.error();
    return;
  }
  answer.take = std::move(*written);
  answer.written = std::make_shared<WrittenSound>(request_.keeping->studio / "takes" / answer.take.file);
}

void AnalysisTask::mix(Answer& answer) const {
  auto both = std::make_shared<std::vector<float>>(*answer.samples);
  for (std::size_t n = 0; n < std::min(both->size(), request_.first->size()); ++n)
    (*both)[n] = 0.5f * ((*both)[n] + (*request_.first)[n]);
  answer.samples = std::move(both);
}

}  // namespace calando
