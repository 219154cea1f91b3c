#include "core/engine/take_stages.h"

#include <optional>
#include <vector>

#include "core/accompany/click_remover.h"
#include "core/exercise/context.h"
#include "core/exercise/pace.h"
#include "core/exercise/pair_card.h"
#include "core/maths/statistics.h"
#include "core/measure/air/played_noise.h"
#include "core/measure/pitch/quality.h"
#include "core/signal/pair_track.h"
#include "core/signal/tracker.h"

namespace calando {

namespace {

constexpr double kSwellLate_s = 2.0;  // after what was played is over

Listening listeningFor(const Context& context) {
  const PartPlayed part = context.partPlayed();
  Listening to;
  if (part != PartPlayed::whole) to = {kMostCrackleOfBuzz_db, rowOf(part).lowest_hz};
  for (const int note : context.exercise ? notesOf(unroll(context)) : context.asked)
    to.asked_hz.push_back(context.hzOf(note));
  to.overtones = fingeringFor(context) || (context.exercise && context.exercise->logsFingerings);
  return to;
}

/// Where the first of two may be expected by what the second is asked for.
std::vector<double> firstOf(const CueSheet& sheet, const Context& context, double semitones) {
  std::vector<double> first_hz;
  for (const int note : notesOf(sheet)) first_hz.push_back(shiftedBy(context.hzOf(note), -100.0 * semitones));
  return first_hz;
}

/// The pitch of a first one that is known, which the microphone may hear as well: it keeps still.
std::optional<double> knownFirst(const PairAsked& pair) {
  if (pair.partner_hz || !pair.partner) return pair.partner_hz;
  std::vector<double> pitches;
  for (const TrackFrame& frame : pair.partner->frames)
    if (frame.f0_hz > 0.0f) pitches.push_back(frame.f0_hz);
  return medianOf(std::move(pitches));
}

}  // namespace

struct TakeStages::Parts {
  double rate_hz;
  Tracker tracker;
  std::optional<ClickRemover> remover = {};
  std::vector<float> countIn = {};    // until the clicks in it are learnt
  std::size_t learntFrom = 0;         // its length
  std::vector<float> swell = {};      // that was played; empty: none
  std::vector<float> recording = {};  // as far as it may be heard in it
  std::optional<PairListener> pair = {};

  void track(std::span<const float> block) {
    tracker.push(block);
    if (pair) pair->push(block);
  }
  void learn() {
    remover->learnFrom(countIn);
    track(remover->push(countIn));
    countIn = {};
    learntFrom = 0;
  }
};

TakeStages::TakeStages(double rate_hz, const Context& context, While when)
    : parts_(std::make_unique<Parts>(
          Parts{rate_hz, Tracker(rate_hz, when == While::over ? Tracker::kOfflineLag : Tracker::kLiveLag,
                                 listeningFor(context))})) {
  Parts& p = *parts_;
  const bool over = when == While::over;
  const CueSheet sheet = context.exercise ? unroll(context) : CueSheet{};
  const auto pair = context.exercise || over ? pairFor(sheet, context) : std::nullopt;
  const auto known_hz = pair && over ? knownFirst(*pair) : std::nullopt;
  if (pair && (pair->inOneSignal() || known_hz) && !context.apart)
    p.pair.emplace(rate_hz, pair->semitones,
                   over ? std::vector<double>{} : firstOf(sheet, context, pair->semitones), known_hz);
  if (!context.exercise) return;
  if (context.accompaniment.swell && over) p.swell = swellOf(sheet, rate_hz);
  if (!context.accompaniment.click) return;
  p.remover.emplace(sheet, context.accompaniment.fork_hz, rate_hz);
  if (over) p.learntFrom = p.remover->learntFrom();
}

TakeStages::~TakeStages() = default;

void TakeStages::push(std::span<const float> block) {
  Parts& p = *parts_;
  if (!p.swell.empty() &&
      p.recording.size() < p.swell.size() + static_cast<std::size_t>(kSwellLate_s * p.rate_hz))
    p.recording.insert(p.recording.end(), block.begin(), block.end());
  if (!p.remover) return p.track(block);
  if (p.learntFrom == 0) return p.track(p.remover->push(block));
  p.countIn.insert(p.countIn.end(), block.begin(), block.end());
  if (p.countIn.size() >= p.learntFrom) p.learn();
}

Tracks TakeStages::soFar() {
  Parts& p = *parts_;
  Tracks tracks = p.tracker.tracks();
  for (const TrackFrame& guess : p.tracker.provisional()) tracks.frames.push_back(guess);
  if (p.pair) tracks.pair = p.pair->latest(tracks);
  return tracks;
}

Tracks TakeStages::finish() {
  Parts& p = *parts_;
  if (p.learntFrom > 0) p.learn();
  Tracks tracks = p.tracker.handOver();  // of forty minutes a copy is a hundred megabytes
  if (p.pair) tracks.pair = p.pair->finish(tracks);
  if (p.remover) tracks.clicks_dbfs = p.remover->clicks_dbfs();
  if (!p.swell.empty()) tracks.swell_dbfs = heardOf(p.swell, p.recording, p.rate_hz);
  return tracks;
}

Tracks trackTake(std::span<const float> samples, double rate_hz, const Context& context) {
  TakeStages stages(rate_hz, context);
  stages.push(samples);
  return stages.finish();
}

}  // namespace calando
