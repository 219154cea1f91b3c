#include "app/session/marker.h"

#include <sys/resource.h>
#include <unistd.h>

#include "audio/tracked_sound.h"

namespace calando {

namespace {
constexpr int kNice = 5;
constexpr int kAtOnce = 2;
}  // namespace

struct Marker::Task {
  Request request;
  Done done;
  std::atomic<bool> wanted{true};

  /// Nullptr once nobody wants it any more.
  MarkedPtr run() {
    auto marked = std::make_shared<Marked>();
    if (request.before) {
      *marked = *request.before;
    } else {
      marked->list = request.list;
      marked->player = request.player;
      for (const auto& file : request.files) hear(file, *marked);
      if (!wanted) return nullptr;
      marked->marking = mark(marked->list, marked->recordings, marked->player);
    }
    for (const Piece& piece : request.pieces) {
      if (!wanted) return nullptr;
      marked->marking =
          corrected(std::move(marked->marking), piece, marked->list, marked->recordings, marked->player);
    }
    return wanted ? marked : nullptr;
  }

  void hear(const std::filesystem::path& file, Marked& marked) const {
    const std::string path = file.string();
    auto tracked = trackSound(path, {}, marked.player, [this] { return wanted.load(); });
    // The pieces that were said of files go by their places: one that cannot be heard is an empty one.
    SentRecording recording;
    if (tracked)
      recording.tracks = std::move(tracked->tracks);
    else
      marked.unread.push_back(tracked.error().what);
    recording.read = [path](double from_s, double to_s) {
      auto part = readPart(path, from_s, to_s);
      return part ? std::move(part->samples) : std::vector<float>();
    };
    marked.recordings.push_back(std::move(recording));
  }
};

Marker::Marker() { pool_.setMaxThreadCount(kAtOnce); }

Marker::~Marker() {
  for (const auto& [ticket, task] : pending_) task->wanted = false;
  pool_.clear();
  pool_.waitForDone();
}

Marker::Ticket Marker::ask(Request request, Done done) {
  const Ticket ticket = ++last_;
  auto task = std::make_shared<Task>();
  task->request = std::move(request);
  task->done = std::move(done);
  pending_[ticket] = task;
  pool_.start([this, task, ticket] {
    setpriority(PRIO_PROCESS, static_cast<id_t>(gettid()), kNice);
    const MarkedPtr marked = task->wanted ? task->run() : nullptr;
    QMetaObject::invokeMethod(
        this,
        [this, task, ticket, marked] {
          if (pending_.erase(ticket) > 0) task->done(ticket, marked);
        },
        Qt::QueuedConnection);
  });
  return ticket;
}

void Marker::forget(Ticket ticket) {
  const auto found = pending_.find(ticket);
  if (found == pending_.end()) return;
  found->second->wanted = false;
  pending_.erase(found);
}

}  // namespace calando
