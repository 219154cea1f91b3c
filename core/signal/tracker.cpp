#include "core/signal/tracker.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <optional>

#include "core/maths/filters.h"
#include "core/maths/hann_spectrum.h"
#include "core/pitch/coarse_pitch.h"
#include "core/pitch/period_chain.h"
#include "core/pitch/pitch_path.h"
#include "core/pitch/quick_pitch.h"
#include "core/pitch/refine_pitch.h"
#include "core/signal/air_spectrum.h"
#include "core/signal/bands.h"
#include "core/signal/pitch_curve.h"
#include "core/signal/tone_colour.h"
#include "core/signal/under_tone.h"

namespace calando {

namespace {

constexpr double kTipWindow_s = PitchFinder::kLongWindow_s / 4.0;
constexpr double kTipWindowLowest_hz = 108.0;
constexpr double kTipUnvoicedCost = 0.4;
constexpr double kTipJump = 0.05;
constexpr double kTipLonger = 0.03;
constexpr double kLevelWindow_s = 0.05;
constexpr double kForget_s = 1.0;                 // signal kept behind the oldest frame in work
constexpr std::size_t kColourStride = 3;          // frames, at least
constexpr std::size_t kColoursPerHalfWindow = 2;  // more would tell nothing new
constexpr std::size_t kSubharmonicsEvery = 3;     // colours
constexpr double kPeriodsWindow_s = 0.02;
constexpr double kPeriodsWindow = 5.0;
constexpr double kChainJump = 0.1;         // a whole tone is 0.12
constexpr std::size_t kUnderEvery = 8;     // frames
constexpr std::size_t kQuickAround = 12;   // frames in which the pitch moves …
constexpr double kQuickMove_cents = 50.0;  // … by more: then it is looked at quickly
constexpr double kQuickMargin_cents = 80.0;
constexpr int kQuickPerFrame = static_cast<int>(kHop_s / kQuickHop_s + 0.5);

}  // namespace

struct Tracker::Stages {
  Stages(double rate_hz, int lagFrames, const Listening& to)
      : offset(rate_hz),
        bands(rate_hz),
        finder(bands.sound().rate(), bands.soft().rate(), to),
        tipWindow(bands.sound().rate(), kTipWindow_s, kTipWindowLowest_hz),
        path(static_cast<std::size_t>(lagFrames)),
        airSpectrum(bands.sound().rate()),
        airBottom(Butterworth::highPass(bands.sound().rate(), kAirBottom_hz)),
        airTop(Butterworth::lowPass(bands.sound().rate(), std::min(kAirTop_hz, 0.45 * bands.sound().rate()))),
        colour(bands.sound().rate()),
        underTone(bands.sound().rate()),
        overtones(to.overtones) {
    tracks.energy = EnergyTrack(rate_hz);
    tracks.airEnergy = EnergyTrack(bands.sound().rate());
    tracks.rate_hz = rate_hz;
  }

  void push(std::span<const float> samples);
  void finish();
  std::vector<TrackFrame> provisional();

 private:
  std::optional<PitchCandidate> guess(double t, double ahead_s, double before_hz);
  void takeAir();
  void advance(bool ended);
  void refine(std::size_t frame);
  void lookQuickly(std::size_t frame);
  void measureColour(std::size_t frame, double from_s, double to_s, bool subharmonics);
  bool advanceColour(bool ended);
  void followPeriods(std::size_t frame);

  double time(std::size_t frame) const { return static_cast<double>(frame) * kHop_s; }
  bool voiced(std::size_t frame) const { return coarse[frame].has_value(); }

 public:
  Tracks tracks;

 private:
  OffsetFilter offset;
  ClipCounter clipped;
  Bands bands;
  PitchFinder finder;
  CoarsePitch tipWindow;  // only for provisional()
  PitchPath path;
  PitchRefiner refiner;
  AirSpectrum airSpectrum;
  Butterworth airBottom, airTop;
  ToneColour colour;
  UnderToneMeter underTone;
  bool overtones;  // are played: what sounds under them is looked for

  std::vector<float> cleaned;
  std::size_t heard = 0;                    // frames whose candidates are in the path
  std::vector<PitchPath::Decision> coarse;  // decided frames
  PitchCurve curve;
  std::size_t quickly = 0;   // frames done by the quick stage
  std::size_t coloured = 0;  // frames done by the colour stage
  PeriodChain chain;
  double periodsFrom = 0.0;
  bool looked = false;  // at the periods of the window before
  long pushed = 0;
  long aired = 0;  // samples that are in airEnergy
};

void Tracker::Stages::push(std::span<const float> samples) {
  cleaned.clear();
  for (float x : samples) {
    if (!std::isfinite(x)) {
      ++tracks.badSamples;
      x = 0.0f;
    }
    tracks.clippedSamples += clipped(x);
    cleaned.push_back(offset(x));
  }
  pushed += static_cast<long>(samples.size());
  tracks.duration_s = static_cast<double>(pushed) / tracks.rate_hz;
  tracks.energy.push(cleaned);
  bands.push(cleaned);
  takeAir();
  advance(false);
}

void Tracker::Stages::finish() {
  bands.finish();
  takeAir();
  advance(true);
}

void Tracker::Stages::takeAir() {
  const SlidingSignal& sound = bands.sound();
  cleaned.resize(static_cast<std::size_t>(sound.end() - aired));
  sound.copy(aired, cleaned);
  aired = sound.end();
  airBottom.run(cleaned);
  airTop.run(cleaned);
  tracks.airEnergy.push(cleaned);
}

void Tracker::Stages::advance(bool ended) {
  const double reached = bands.reached();
  while (ended ? time(heard) <= tracks.duration_s
               : time(heard) + PitchFinder::kLongWindow_s / 2.0 <= reached) {
    const double t = time(heard++);
    if (const auto decided = path.push(finder.candidates(bands.sound(), bands.soft(), t)))
      coarse.push_back(*decided);
  }
  if (ended)
    for (const auto& decision : path.finish()) coarse.push_back(decision);
  // Refinement may want a little more signal than the path's delay has brought.
  while (curve.size() < coarse.size()) {
    const std::size_t frame = curve.size();
    const double reach = voiced(frame) ? PitchRefiner::reach(coarse[frame]->f0_hz) : 0.0;
    if (!ended && time(frame) + reach > reached) break;
    refine(frame);
  }
  while (quickly < curve.size() && (ended || quickly + kQuickAround < curve.size())) lookQuickly(quickly++);
  while (advanceColour(ended)) {
  }
  bands.forgetBefore(time(coloured) - kForget_s);
}

void Tracker::Stages::refine(std::size_t i) {
  const double t = time(i);
  TrackFrame frame;
  frame.level_dbfs =
      static_cast<float>(tracks.energy.level_dbfs(t - kLevelWindow_s / 2.0, t + kLevelWindow_s / 2.0));
  double f0 = 0.0;
  double variance = 0.0;
  if (voiced(i)) {
    frame.confidence = static_cast<float>(coarse[i]->height);
    f0 = coarse[i]->f0_hz;
    if (const auto exact = refiner.refine(bands.sound(), t, f0, curve.predicted(f0))) {
      f0 = exact->f0_hz;
      variance = exact->kernelVariance_s2;
    }
  }
  tracks.air.push_back(airSpectrum.measure(bands.sound(), t));
  frame.f0_hz = static_cast<float>(f0);
  curve.push(f0, variance);
  tracks.frames.push_back(frame);
  constexpr std::size_t half = PitchCurve::kCurvatureHalf;
  if (i < 2 * half) return;
  if (const auto straight = curve.straighten(i - half))
    tracks.frames[i - half].f0_hz = static_cast<float>(*straight);
}

/// Where the pitch moves fast, what it is from one period to the next.
void Tracker::Stages::lookQuickly(std::size_t i) {
  double low = 0.0, high = 0.0;
  const std::size_t last = std::min(i + kQuickAround, curve.size() - 1);
  for (std::size_t j = i - std::min(i, kQuickAround); j <= last; ++j) {
    if (curve[j] <= 0.0) continue;
    low = low > 0.0 ? std::min(low, curve[j]) : curve[j];
    high = std::max(high, curve[j]);
  }
  if (low <= 0.0 || 1200.0 * std::log2(high / low) < kQuickMove_cents) return;
  const double margin = std::exp2(kQuickMargin_cents / 1200.0);
  for (int q = 0; q < kQuickPerFrame; ++q) {
    const double t = time(i) - kHop_s / 2.0 + (q + 0.5) * kQuickHop_s;
    if (const auto quick = quickPitch(bands.sound(), t, low / margin, high * margin))
      tracks.quick.push_back(*quick);
  }
}

/// The best candidate of the windows that fit into `ahead_s` of signal after `t`.
std::optional<PitchCandidate> Tracker::Stages::guess(double t, double ahead_s, double before_hz) {
  std::optional<PitchCandidate> best;
  double least = kTipUnvoicedCost;
  for (CoarsePitch* window : {&tipWindow, &finder.shortWindow, &finder.longWindow}) {
    if (window->windowSeconds() / 2.0 > ahead_s) break;
    if (before_hz > 0.0 && before_hz < window->lowest()) continue;  // it would take a partial for the note
    for (const PitchCandidate& candidate : window->candidates(bands.sound(), t)) {
      const bool jump =
          before_hz > 0.0 && std::abs(1200.0 * std::log2(candidate.f0_hz / before_hz)) > kRunJump_cents;
      // A longer window must be clearly better to overrule a shorter, more recent one.
      const double cost = candidateCost(candidate) + (jump ? kTipJump : 0.0) +
                          (best && window != &tipWindow ? kTipLonger : 0.0);
      if (cost >= least) continue;
      least = cost;
      best = candidate;
    }
  }
  return best;
}

std::vector<TrackFrame> Tracker::Stages::provisional() {
  std::vector<TrackFrame> guesses;
  const double reached = bands.sound().seconds();
  double before_hz = curve.last();
  for (std::size_t i = tracks.frames.size(); time(i) + tipWindow.windowSeconds() / 2.0 <= reached; ++i) {
    const double t = time(i);
    const double ahead = reached - t;
    TrackFrame frame;
    frame.level_dbfs = static_cast<float>(
        tracks.energy.level_dbfs(t - kLevelWindow_s / 2.0, t + std::min(ahead, kLevelWindow_s / 2.0)));
    if (const auto found = guess(t, ahead, before_hz)) {
      double f0 = found->f0_hz;
      if (PitchRefiner::reach(f0) <= ahead)
        if (const auto exact = refiner.refine(bands.sound(), t, f0, f0)) f0 = exact->f0_hz;
      frame.f0_hz = static_cast<float>(f0);
      frame.confidence = static_cast<float>(found->height);
    }
    if (frame.f0_hz > 0.0f) before_hz = frame.f0_hz;
    guesses.push_back(frame);
  }
  return guesses;
}

/// Does the next frame's colour if all the periods it needs have come. False when it has to wait.
bool Tracker::Stages::advanceColour(bool ended) {
  const std::size_t i = coloured;
  // The curvature correction of the frames around must be done.
  const std::size_t ready =
      ended ? curve.size() : curve.size() - std::min<std::size_t>(curve.size(), PitchCurve::kCurvatureHalf);
  if (i >= ready) return false;
  if (curve[i] <= 0.0) {
    ++coloured;
    return true;
  }
  const auto framesOf = [&](bool subharmonics) {
    const int periods = ToneColour::periods(curve[i], subharmonics);
    return static_cast<std::size_t>(std::ceil(periods / 2.0 / curve[i] / kHop_s)) + 1;
  };
  const std::size_t stride = std::max(kColourStride, framesOf(false) / kColoursPerHalfWindow);
  const bool subharmonics = i % (kSubharmonicsEvery * stride) == 0;
  const std::size_t reach = framesOf(subharmonics);
  std::size_t first = i;
  while (first > 0 && i - first < reach && curve.sameRun(first, first - 1)) --first;
  std::size_t last = i;
  while (last + 1 < ready && last - i < reach && curve.sameRun(last, last + 1)) ++last;
  const bool runGoesOn = last - i < reach && last + 1 >= ready;
  if (!ended && (runGoesOn || bands.band().seconds() < time(last) + kHop_s + ToneColour::tail(curve[i])))
    return false;
  if (overtones && i % kUnderEvery == 0 && bands.sound().seconds() >= time(i) + UnderToneMeter::kReach_s)
    if (const auto under = underTone.measure(bands.sound(), time(i), curve[i]))
      tracks.under.push_back(*under);
  if (i % stride == 0) measureColour(i, time(first) - kHop_s / 2.0, time(last) + kHop_s / 2.0, subharmonics);
  followPeriods(i);
  ++coloured;
  return true;
}

/// Jitter and shimmer, window by window.
void Tracker::Stages::followPeriods(std::size_t i) {
  // Where periods differ much the pitch jumps, and still the same waveform goes on.
  if (i == 0 || std::abs(curve[i - 1] / curve[i] - 1.0) > kChainJump) {
    periodsFrom = time(i);
    chain.restart(periodsFrom);
    looked = false;
  }
  const double window = std::max(kPeriodsWindow_s, kPeriodsWindow / curve[i]);
  if (time(i) >= periodsFrom + window) {
    const double to = periodsFrom + window;
    if (looked) {  // every second window: neighbours are much alike
      chain.follow(bands.sound(), to, curve[i]);
    } else if (const auto periods = chain.measure(bands.sound(), to, curve[i])) {
      const auto frame = static_cast<std::size_t>((periodsFrom + window / 2.0) / kHop_s);
      tracks.frames[frame].periods = static_cast<std::int32_t>(tracks.periods.size());
      tracks.periods.push_back(*periods);
    }
    looked = !looked;
    periodsFrom += window;
  }
}

void Tracker::Stages::measureColour(std::size_t i, double from_s, double to_s, bool subharmonics) {
  const auto frame = colour.measure(
      bands.band(), time(i), from_s, to_s, [this](double t) { return curve.at(t); }, subharmonics);
  if (!frame) return;
  tracks.frames[i].colour = static_cast<std::int32_t>(tracks.colours.size());
  tracks.colours.push_back(*frame);
}

Tracker::Tracker(double rate_hz, int lagFrames, const Listening& to)
    : stages_(std::make_unique<Stages>(rate_hz, lagFrames, to)) {
  assert(rate_hz >= 8000.0 && rate_hz <= 384000.0);
}
Tracker::~Tracker() = default;
Tracker::Tracker(Tracker&&) noexcept = default;
Tracker& Tracker::operator=(Tracker&&) noexcept = default;

void Tracker::push(std::span<const float> samples) {
  constexpr std::size_t block = 4096;  // a file may come in one piece: keep the working memory small
  for (std::size_t i = 0; i < samples.size(); i += block)
    stages_->push(samples.subspan(i, std::min(block, samples.size() - i)));
}
void Tracker::finish() { stages_->finish(); }
const Tracks& Tracker::tracks() const { return stages_->tracks; }
Tracks Tracker::handOver() {
  finish();
  return std::move(stages_->tracks);
}
std::vector<TrackFrame> Tracker::provisional() { return stages_->provisional(); }

Tracks trackAll(std::span<const float> samples, double rate_hz) {
  Tracker tracker(rate_hz);
  tracker.push(samples);
  return tracker.handOver();
}

}  // namespace calando
