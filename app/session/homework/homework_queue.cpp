#include "app/session/homework/homework_queue.h"

#include "app/session/homework/marked.h"
#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "audio/tracked_sound.h"
#include "core/homework/marking.h"

namespace calando {

namespace {

void hear(const std::filesystem::path& file, HeardHomework& heard, const std::stop_token& stop) {
  const std::string path = file.string();
  auto tracked = trackSound(path, {}, heard.player, [&] { return !stop.stop_requested(); });
  // The pieces that were said of files go by their places: one that cannot be heard is an empty one.
  SentRecording recording;
  if (tracked)
    recording.tracks = std::move(tracked->tracks);
  else
    heard.unread.push_back(tracked.error().what);
  recording.read = [path](double from_s, double to_s) {
    auto part = readPart(path, from_s, to_s);
    return part ? std::move(part->samples) : std::vector<float>();
  };
  heard.recordings.push_back(std::move(recording));
}

/// Nullptr once nobody wants it any more.
MarkedPtr marked(const HomeworkQueue::Request& request, const std::stop_token& stop) {
  auto result = std::make_shared<Marked>();
  if (request.before) {
    *result = *request.before;
  } else {
    auto heard = std::make_shared<HeardHomework>();
    heard->list = request.list;
    heard->player = request.player;
    for (const auto& file : request.files) hear(file, *heard, stop);
    if (stop.stop_requested()) return nullptr;
    heard->marking = mark(heard->list, heard->recordings, heard->player);
    result->marking = heard->marking;
    result->heard = std::move(heard);
  }
  const HeardHomework& heard = *result->heard;
  for (const Correction& piece : request.pieces) {
    if (stop.stop_requested()) return nullptr;
    result->marking =
        corrected(std::move(result->marking), piece, heard.list, heard.recordings, heard.player);
  }
  return result;
}

}  // namespace

Pending HomeworkQueue::ask(Request request, Done done) {
  return work_.ask(
      WorkQueue::Urgency::later,
      [request = std::move(request)](const std::stop_token& stop) { return marked(request, stop); },
      [done = std::move(done)](const MarkedPtr& marked) {
        if (marked) done(marked);
      });
}

}  // namespace calando
