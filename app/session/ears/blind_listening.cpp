#include "app/session/ears/blind_listening.h"

#include <cmath>

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/ears/for_the_ear.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/sound/speaker.h"
#include "app/words/words.h"
#include "core/ears/making.h"
#include "core/engine/snapshot.h"
#include "core/figures/figure.h"
#include "core/measure/edges/dynamics.h"
#include "records/studio.h"

namespace calando {

namespace {

constexpr std::size_t kNewest = 12;
constexpr std::string_view kByEar[] = {"held_s", "offset_cents", "shake_cents", "vibrato_cents"};

/// The figures of it that an ear can tell; where there is none, the first that was measured.
std::vector<const Reading*> askable(const Analysis& analysis) {
  std::vector<const Reading*> list, measured;
  for (const Reading& reading : analysis.readings) {
    if (!reading.value) continue;
    measured.push_back(&reading);
    if (std::ranges::find(kByEar, reading.figure->id) != std::end(kByEar)) list.push_back(&reading);
  }
  if (list.empty() && !measured.empty()) list.push_back(measured.front());
  return list;
}

}  // namespace

BlindListening::BlindListening(FigureGuessing& guessing, Studio& studio, StudentBook& book, TakeList& takes,
                               AnalysisQueue& analyses, Notices& notices, Speaker& speaker,
                               const Seeds& seeds)
    : guessing_(guessing),
      studio_(studio),
      book_(book),
      takes_(takes),
      analyses_(analyses),
      notices_(notices),
      speaker_(speaker),
      chance_(seeds()) {
  connect(&book_, &StudentBook::studentChanged, this, &BlindListening::stop);
}

void BlindListening::setPhase(Phase phase) {
  phase_ = phase;
  emit changed();
}

void BlindListening::start() {
  if (phase_ == Phase::reading || phase_ == Phase::asked) return;
  std::vector<Take> takes;
  for (const Take& take : takes_.all())
    if (isForTheEar(take) && takes.size() < kNewest) takes.push_back(take);
  std::ranges::shuffle(takes, chance_);
  // The one that was heard last comes when nothing else does.
  std::ranges::stable_partition(takes, [this](const Take& take) { return take.id == last_; });
  read(std::move(takes));
}

/// The last of these that has something to be guessed.
void BlindListening::read(std::vector<Take> left) {
  if (left.empty()) {
    stop();
    return notices_.say(tr("There is no take with a figure to guess: play something first."));
  }
  AnalysisQueue::Request request;
  request.take = left.back();
  request.file = studio_.takes.file(request.take);
  left.pop_back();
  wanted_.reset();
  setPhase(Phase::reading);
  awaited_ = analyses_.ask(
      std::move(request), AnalysisQueue::Urgency::now,
      [this, left = std::move(left)](const AnalysisQueue::Answer& answer) { heard(answer, left); });
}

void BlindListening::heard(const AnalysisQueue::Answer& answer, std::vector<Take> left) {
  const auto can = answer.snapshot ? askable(answer.snapshot->analysis) : std::vector<const Reading*>();
  if (can.empty()) return read(std::move(left));
  const Reading& reading = *can[chance_() % can.size()];
  last_ = answer.take.id;
  snapshot_ = answer.snapshot;
  wanted_ = FigureGuessing::Wanted{answer.take.id, reading.figure, *reading.value};
  const Note* note = answer.snapshot->analysis.mainNote();
  sound_ = levelled(*answer.samples, note ? note->level_dbfs : std::nullopt, 20.0 * std::log10(kMade_rms));
  rate_hz_ = answer.rate_hz;
  setPhase(Phase::asked);
  play();
}

void BlindListening::play() {
  if (speaker_.play(sound_, rate_hz_, 0.0, kToTheEnd_s, false)) return;
  stop();
  notices_.say(words::noOutput());
}

void BlindListening::again() {
  if (phase_ == Phase::asked || phase_ == Phase::told) play();
}

void BlindListening::guess(double value) {
  if (phase_ != Phase::asked) return;
  speaker_.stop();
  guessed_ = value;
  guessing_.keep(*wanted_, value);
  setPhase(Phase::told);
}

void BlindListening::next() {
  if (phase_ == Phase::told) start();
}

void BlindListening::stop() {
  if (!running()) return;
  awaited_.cancel();
  wanted_.reset();
  snapshot_.reset();
  speaker_.stop();
  setPhase(Phase::off);
}

std::vector<std::int64_t> BlindListening::twoOfOne() {
  std::map<std::string, std::vector<const Take*>> exercises;
  for (const Take& take : takes_.all())
    if (isForTheEar(take)) exercises[take.asked.exercise].push_back(&take);
  std::erase_if(exercises, [](const auto& of) { return of.second.size() < 2; });
  if (exercises.empty()) return {};
  auto& takes = std::next(exercises.begin(), static_cast<long>(chance_() % exercises.size()))->second;
  std::ranges::shuffle(takes, chance_);
  const auto other = std::find_if(takes.begin() + 1, takes.end(), [&](const Take* take) {
    return dayOf(take->made_unix_s) != dayOf(takes.front()->made_unix_s);
  });
  return {takes.front()->id, (other == takes.end() ? takes[1] : *other)->id};
}

}  // namespace calando
