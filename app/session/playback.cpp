#include "app/session/playback.h"

#include <algorithm>
#include <random>

#include "app/session/common/notices.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_training.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/keeping.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_run.h"
#include "app/sound/speaker.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/judging/history.h"
#include "records/studio.h"

namespace calando {

namespace {

constexpr std::size_t kMostCompared = 6;

}  // namespace

Playback::Playback(const Parts& parts) : parts_(parts) {
  connect(&parts_.speaker, &Speaker::moved, this, [this](double seconds) {
    if (hearsOpen_) emit openHeard(seconds);
  });
  connect(&parts_.speaker, &Speaker::stopped, this, [this] {
    if (std::exchange(hearsOpen_, false)) emit openHeard(std::nullopt);
  });
}

void Playback::stop() {
  parts_.speaker.stop();
  comparing_.clear();
  part_ = {};
}

void Playback::compare(const std::vector<std::int64_t>& marked, bool blind) {
  std::vector<Take> wanted;
  for (const std::int64_t id : marked)
    if (const Take* take = parts_.takes.find(id); take && take->soundKept() && wanted.size() < kMostCompared)
      wanted.push_back(*take);
  if (wanted.size() < 2 && parts_.shown.take()) {
    wanted = {*parts_.shown.take()};
    const auto before = takeBefore(parts_.takes.past(), parts_.shown.take()->id);
    if (const Take* take = before ? parts_.takes.find(*before) : nullptr; take && take->soundKept())
      wanted.push_back(*take);
  }
  if (wanted.size() < 2)
    return parts_.notices.say(
        tr("Comparing needs two takes: mark them in the shelf with Ctrl and a click, or play this exercise "
           "again."));
  std::ranges::sort(wanted, {}, [](const Take& t) { return std::pair(t.made_unix_s, t.id); });
  parts_.speaker.stop();
  comparing_.clear();
  const auto answers = std::make_shared<std::vector<std::optional<AnalysisQueue::Answer>>>(wanted.size());
  for (std::size_t i = 0; i < wanted.size(); ++i) {
    AnalysisQueue::Request request;
    request.take = wanted[i];
    request.file = parts_.studio.takes.file(wanted[i]);
    comparing_.push_back(parts_.analyses.ask(
        std::move(request), AnalysisQueue::Urgency::now, [=, this](const AnalysisQueue::Answer& answer) {
          if (!answer.snapshot) {
            comparing_.clear();
            return parts_.notices.sayLoss(words::said(*answer.error));
          }
          (*answers)[i] = answer;
          if (std::ranges::any_of(*answers, [](const auto& one) { return !one; })) return;
          comparing_.clear();
          std::vector<AnalysisQueue::Answer> all;
          for (auto& one : *answers) all.push_back(std::move(*one));
          if (blind) std::ranges::shuffle(all, std::mt19937(parts_.seeds()));
          emit compared(all, blind);
        }));
  }
}

void Playback::compareTwo() {
  const auto two = parts_.blind.twoOfOne();
  if (two.empty())
    return parts_.notices.say(tr("There are no two takes of one exercise yet: play one again."));
  compare(two, true);
}

void Playback::playOrStop(double from_s, double to_s, bool loop) {
  if (parts_.run.phase() == TakeRun::Phase::calibrating) {
    parts_.run.stop();
    return;
  }
  if (parts_.speaker.playing()) return parts_.speaker.stop();
  if (!parts_.shown.take() || parts_.run.taking()) return;
  hearsOpen_ = play(*parts_.shown.samples(), parts_.shown.rate_hz(), from_s, to_s, loop);
}

bool Playback::play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s,
                    bool loop) {
  const bool plays = parts_.speaker.play(samples, rate_hz, from_s, to_s, loop);
  if (!plays) parts_.notices.say(words::noOutput());
  return plays;
}

void Playback::playPart(const std::filesystem::path& file, Span part) {
  if (parts_.run.phase() != TakeRun::Phase::ready) return;
  part_ = parts_.work.ask(
      WorkQueue::Urgency::now,
      [file, part](std::stop_token) { return readPart(file.string(), part.start_s, part.end_s); },
      [this](const tl::expected<Sound, SoundError>& sound) {
        if (!sound) return parts_.notices.sayLoss(words::said(sound.error().what));
        if (!sound->samples.empty() && parts_.run.phase() == TakeRun::Phase::ready)
          play(sound->samples, sound->info.rate_hz, 0.0, kToTheEnd_s, false);
      });
}

}  // namespace calando
