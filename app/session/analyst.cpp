#include "app/session/analyst.h"

#include <sys/resource.h>
#include <unistd.h>

#include "core/analysis.h"
#include "core/fault.h"
#include "core/judging/kept.h"

namespace calando {

namespace {
constexpr int kNice = 5;
constexpr int kAtOnce = 2;             // of what nobody waits for
constexpr std::size_t kPiece = 48000;  // samples between two looks at whether it is still wanted
}  // namespace

struct Analyst::Task {
  Ticket ticket;
  Request request;
  Urgency urgency;
  Done done;
  std::function<std::string(const Snapshot&)> smallPicture;
  std::atomic<bool> wanted{true};

  /// On a worker's thread. Nullopt once nobody wants it any more.
  std::optional<Answer> run() {
    Answer answer;
    answer.take = request.take;
    answer.samples = std::move(request.samples);
    answer.rate_hz = request.rate_hz;
    if (request.anew) {
      answer.picture = snapshotOf(request.anew->tracks, answer.take.asked);
      answer.summary = summaryOf(*answer.picture);
      return answer;
    }
    if (!answer.samples && !read(answer)) return answer;
    auto tracks = track(*answer.samples, answer);
    if (tracks && request.first) {
      auto first = track(*request.first, answer);
      if (!first) return std::nullopt;
      tracks->first = std::make_shared<const Tracks>(std::move(*first));
    }
    if (!tracks) return std::nullopt;
    answer.picture = snapshotOf(std::move(*tracks), answer.take.asked);
    answer.summary = summaryOf(*answer.picture);
    if (!wanted) return std::nullopt;
    if (request.keeping) {
      auto written = Studio::writeTake(
          request.keeping->studio, request.keeping->student, answer.take, *answer.samples, answer.rate_hz,
          request.first ? std::span<const float>(*request.first) : std::span<const float>());
      if (written)
        answer.take = std::move(*written);
      else
        answer.unkept = written.error();
    }
    if (request.first) mix(answer);
    if (!request.samplesWanted && !answer.unkept) answer.samples.reset();
    return answer;
  }

  /// Nullopt once nobody wants it any more.
  std::optional<Tracks> track(std::span<const float> samples, const Answer& answer) const {
    TakeTracker tracker(answer.rate_hz, contextFor(answer.take.asked));
    for (std::size_t i = 0; i < samples.size(); i += kPiece) {
      if (!wanted) return std::nullopt;
      tracker.push(samples.subspan(i, std::min(kPiece, samples.size() - i)));
    }
    return tracker.finish();
  }

  /// To be heard are both.
  void mix(Answer& answer) const {
    auto both = std::make_shared<std::vector<float>>(*answer.samples);
    for (std::size_t n = 0; n < std::min(both->size(), request.first->size()); ++n)
      (*both)[n] = 0.5f * ((*both)[n] + (*request.first)[n]);
    answer.samples = std::move(both);
  }

  Studio::Summary summaryOf(const Snapshot& picture) const {
    const Tone* tone = picture.analysis.mainTone();
    return {engineVersion(), tone ? std::optional(tone->held_s) : std::nullopt, smallPicture(picture),
            keptOf(picture.analysis)};
  }

  bool read(Answer& answer) {
    if (request.ownNote) takeNote(answer.take);
    const auto goOn = [this] { return wanted.load(); };
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
    take.student = asked.student;
    take.recording.clear();
    if (take.made_unix_s == 0) take.made_unix_s = asked.made_unix_s;
  }
};

Analyst::Analyst(std::function<std::string(const Snapshot&)> smallPicture)
    : smallPicture_(std::move(smallPicture)) {
  now_.setMaxThreadCount(1);
  later_.setMaxThreadCount(kAtOnce);
}

Analyst::~Analyst() {
  for (const auto& [ticket, task] : pending_) task->wanted = false;
  now_.waitForDone();
  later_.waitForDone();
}

Analyst::Ticket Analyst::ask(Request request, Urgency urgency, Done done) {
  auto task = std::make_shared<Task>();
  task->ticket = ++last_;
  task->request = std::move(request);
  task->urgency = urgency;
  task->done = std::move(done);
  task->smallPicture = smallPicture_;
  pending_[task->ticket] = task;
  if (urgency == Urgency::now) {
    start(task, now_);
  } else {
    waiting_.push_back(task);
    startLater();
  }
  return task->ticket;
}

void Analyst::forget(Ticket ticket) {
  const auto found = pending_.find(ticket);
  if (found == pending_.end()) return;
  found->second->wanted = false;
  std::erase(waiting_, found->second);
  pending_.erase(found);
}

void Analyst::startLater() {
  while (laterRunning_ < kAtOnce && !waiting_.empty()) {
    const TaskPtr task = waiting_.front();
    waiting_.pop_front();
    ++laterRunning_;
    start(task, later_);
  }
}

void Analyst::start(const TaskPtr& task, QThreadPool& pool) {
  pool.start([this, task] {
    // Where nobody waits the window goes first: a machine of two cores would leave it none.
    if (task->urgency == Urgency::later) setpriority(PRIO_PROCESS, static_cast<id_t>(gettid()), kNice);
    auto answer = task->run();
    QMetaObject::invokeMethod(
        this, [this, task, answer = std::move(answer)] { answered(task, answer.value_or(Answer())); },
        Qt::QueuedConnection);
  });
}

void Analyst::answered(const TaskPtr& task, const Answer& answer) {
  if (task->urgency == Urgency::later) {
    --laterRunning_;
    startLater();
  }
  if (pending_.erase(task->ticket) > 0) return task->done(task->ticket, answer);
  // Forgotten while it was being written: it was not to be kept.
  if (task->request.keeping && !answer.take.file.empty()) {
    std::error_code ignored;
    std::filesystem::remove(task->request.keeping->studio / "takes" / answer.take.file, ignored);
  }
}

}  // namespace calando
