#include "core/signal/tracker.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>
#include <optional>

#include "core/signal/coarse_pitch.h"
#include "core/signal/filters.h"
#include "core/signal/period_chain.h"
#include "core/signal/pitch_path.h"
#include "core/signal/refine_pitch.h"
#include "core/signal/sliding_signal.h"

namespace calando {

namespace {

constexpr double kTipWindow_s = PitchFinder::kLongWindow_s / 4.0;
constexpr double kTipWindowLowest_hz = 108.0;
constexpr double kTipUnvoicedCost = 0.4;
constexpr double kTipJump = 0.05;
constexpr double kTipLonger = 0.03;
constexpr double kLevelWindow_s = 0.05;
constexpr double kFullScale = 0.9999;  // 16-bit files end at 0.99997
constexpr int kClipRun = 3;
constexpr double kOffsetCorner_hz = 3.0;
constexpr double kRunJump_cents = 80.0;  // between neighbouring frames: another note
constexpr double kPrediction_cents = 10.0;
constexpr double kForget_s = 1.0;  // signal kept behind the oldest frame in work
constexpr double kSpeakLevel_dbfs = -85.0;
constexpr std::size_t kColourStride = 3;          // frames, at least
constexpr std::size_t kColoursPerHalfWindow = 2;  // more would tell nothing new
constexpr std::size_t kSubharmonicsEvery = 3;     // colours
constexpr double kPeriodsWindow_s = 0.02;
constexpr double kPeriodsWindow = 5.0;
constexpr double kChainJump = 0.1;  // a whole tone is 0.12
constexpr int kCurvatureHalf = 3;   // frames on each side for the derivatives
// Derivatives of least-squares polynomials over seven frames (Savitzky & Golay 1964): the second of a
// parabola, the second and the fourth of a quartic.
constexpr double kSecond[] = {5.0 / 42, 0.0, -3.0 / 42, -4.0 / 42, -3.0 / 42, 0.0, 5.0 / 42};
constexpr double kQuarticSecond[] = {-13.0 / 132, 67.0 / 132, -19.0 / 132, -70.0 / 132,
                                     -19.0 / 132, 67.0 / 132, -13.0 / 132};
constexpr double kQuarticFourth[] = {3.0 / 11, -7.0 / 11, 1.0 / 11, 6.0 / 11, 1.0 / 11, -7.0 / 11, 3.0 / 11};

/// Takes out a constant offset, starting from the first sample so that an offset makes no click.
class OffsetFilter {
 public:
  explicit OffsetFilter(double rate_hz)
      : weight_(1.0 - std::exp(-2.0 * std::numbers::pi * kOffsetCorner_hz / rate_hz)) {}
  float operator()(float x) {
    if (!started_) {
      offset_ = std::abs(x) > 0.02f ? x : 0.0f;  // small: a sound that begins at once, not an offset
      started_ = true;
    }
    offset_ += weight_ * (x - offset_);
    return static_cast<float>(x - offset_);
  }

 private:
  double weight_;
  double offset_ = 0.0;
  bool started_ = false;
};

/// Power-weighted mean frequency of the sound around a time, 150 Hz to 8 kHz.
class CentroidMeter {
 public:
  explicit CentroidMeter(double rate_hz) : rate_(rate_hz), fft_(1024) {}
  double measure(const SlidingSignal& signal, double centre_s) {
    const auto time = fft_.time();
    signal.copy(std::lround(centre_s * rate_) - static_cast<long>(time.size() / 2), time);
    const double n = static_cast<double>(time.size());
    for (std::size_t i = 0; i < time.size(); ++i)
      time[i] *= static_cast<float>(
          0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) / n));
    fft_.forward();
    double sum = 0.0;
    double weighted = 0.0;
    for (std::size_t b = 0; b < fft_.spectrum().size(); ++b) {
      const double hz = static_cast<double>(b) * rate_ / n;
      if (hz < 150.0 || hz > 8000.0) continue;
      const double power = std::norm(fft_.spectrum()[b]);
      sum += power;
      weighted += hz * power;
    }
    return sum > 0.0 ? weighted / sum : 0.0;
  }

 private:
  double rate_;
  RealFft fft_;
};

}  // namespace

struct Tracker::Stages {
  Stages(double rate_hz, int lagFrames)
      : offset(rate_hz),
        decimation(decimationFor(rate_hz)),
        rumble(decimation.outputRate()),
        bandLimit(bandLimitFor(decimation.outputRate())),
        softening(softeningFor(decimation.outputRate())),
        decimated(decimation.outputRate()),
        sound(decimation.outputRate()),
        band(decimation.outputRate()),
        soft(softening.outputRate()),
        finder(sound.rate(), soft.rate()),
        tipWindow(sound.rate(), kTipWindow_s, kTipWindowLowest_hz),
        path(static_cast<std::size_t>(lagFrames)),
        centroid(sound.rate()),
        colour(sound.rate()) {
    tracks.energy = EnergyTrack(rate_hz);
    tracks.rate_hz = rate_hz;
  }

  void push(std::span<const float> samples);
  void finish();
  std::vector<TrackFrame> provisional();

 private:
  std::optional<PitchCandidate> guess(double t, double ahead_s, double before_hz);
  void countClipped(float x);
  void filterOn();
  void takeRumbleOut();
  void advance(bool ended);
  void decide(const PitchPath::Decision& decision);
  void refine(std::size_t frame);
  double predictedPitch(std::size_t frame) const;
  void measureColour(std::size_t frame, double from_s, double to_s, bool subharmonics);
  bool advanceColour(bool ended);
  double pitchAt(double t) const;
  void straighten(std::size_t frame);

  double time(std::size_t frame) const { return static_cast<double>(frame) * kHop_s; }
  bool voiced(std::size_t frame) const { return coarse[frame].has_value(); }
  bool sameRun(std::size_t a, std::size_t b) const {
    return refined[a] > 0.0 && refined[b] > 0.0 &&
           std::abs(1200.0 * std::log2(refined[a] / refined[b])) < kRunJump_cents;
  }

 public:
  Tracks tracks;

 private:
  OffsetFilter offset;
  FirStage decimation;
  RumbleFilter rumble;
  FirStage bandLimit;
  FirStage softening;
  SlidingSignal decimated;
  SlidingSignal sound;  // up to 10 kHz; pitch is measured on it
  SlidingSignal band;   // from 60 Hz on; colour is measured on it
  SlidingSignal soft;   // up to 2.4 kHz; pitch is looked for in it where the sound is fuzzy
  PitchFinder finder;
  CoarsePitch tipWindow;  // only for provisional()
  PitchPath path;
  PitchRefiner refiner;
  CentroidMeter centroid;
  ToneColour colour;

  std::vector<float> cleaned;
  std::vector<float> filtered;
  std::size_t heard = 0;                    // frames whose candidates are in the path
  std::vector<PitchPath::Decision> coarse;  // decided frames
  std::vector<double> refined;              // Hz, 0 unvoiced; before the curvature correction
  std::vector<double> kernel;               // second moment of its time weighting
  std::vector<double> followed;             // Hz: with the finer correction, for the phase
  std::size_t coloured = 0;                 // frames done by the colour stage
  PeriodChain chain;
  double periodsFrom = 0.0;
  bool looked = false;  // at the periods of the window before
  long limited = 0;     // samples of `decimated` that went through the band limit
  int clipRun = 0;
  long pushed = 0;
};

void Tracker::Stages::countClipped(float x) {
  if (std::abs(x) < kFullScale) {
    clipRun = 0;
    return;
  }
  ++clipRun;
  if (clipRun == kClipRun) tracks.clippedSamples += kClipRun;
  if (clipRun > kClipRun) ++tracks.clippedSamples;
}

void Tracker::Stages::push(std::span<const float> samples) {
  cleaned.clear();
  for (float x : samples) {
    if (!std::isfinite(x)) {
      ++tracks.badSamples;
      x = 0.0f;
    }
    countClipped(x);
    cleaned.push_back(offset(x));
  }
  pushed += static_cast<long>(samples.size());
  tracks.duration_s = static_cast<double>(pushed) / tracks.rate_hz;
  tracks.energy.push(cleaned);
  decimation.push(cleaned, decimated);
  filterOn();
  advance(false);
}

/// Takes what the decimation has brought through the band limits.
void Tracker::Stages::filterOn() {
  filtered.clear();
  for (; limited < decimated.end(); ++limited) filtered.push_back(decimated.at(limited));
  decimated.forgetBefore(limited);
  bandLimit.push(filtered, sound);
  softening.push(filtered, soft);
  takeRumbleOut();
}

void Tracker::Stages::takeRumbleOut() {
  for (long n = band.end(); n < sound.end(); ++n) band.push(rumble(sound.at(n)));
}

void Tracker::Stages::finish() {
  decimation.finish(decimated);
  filterOn();
  bandLimit.finish(sound);
  softening.finish(soft);
  takeRumbleOut();
  advance(true);
}

void Tracker::Stages::advance(bool ended) {
  const double reached = std::min(sound.seconds(), soft.seconds());
  while (ended ? time(heard) <= tracks.duration_s
               : time(heard) + PitchFinder::kLongWindow_s / 2.0 <= reached) {
    const double t = time(heard++);
    if (const auto decided = path.push(finder.candidates(sound, soft, t))) decide(*decided);
  }
  if (ended)
    for (const auto& decision : path.finish()) decide(decision);
  // Refinement may want a little more signal than the path's delay has brought.
  while (refined.size() < coarse.size()) {
    const std::size_t frame = refined.size();
    const double reach = voiced(frame) ? PitchRefiner::reach(coarse[frame]->f0_hz) : 0.0;
    if (!ended && time(frame) + reach > reached) break;
    refine(frame);
  }
  while (advanceColour(ended)) {
  }
  const double oldest = time(coloured) - kForget_s;
  sound.forgetBefore(static_cast<long>(oldest * sound.rate()));
  band.forgetBefore(static_cast<long>(oldest * band.rate()));
  soft.forgetBefore(static_cast<long>(oldest * soft.rate()));
}

void Tracker::Stages::decide(const PitchPath::Decision& decision) { coarse.push_back(decision); }

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
    if (const auto exact = refiner.refine(sound, t, f0, predictedPitch(i))) {
      f0 = exact->f0_hz;
      variance = exact->kernelVariance_s2;
    }
  } else if (frame.level_dbfs > kSpeakLevel_dbfs) {
    frame.noiseCentroid_hz = static_cast<float>(centroid.measure(sound, t));
  }
  frame.f0_hz = static_cast<float>(f0);
  refined.push_back(f0);
  kernel.push_back(variance);
  followed.push_back(f0);
  tracks.frames.push_back(frame);
  if (i >= 2 * kCurvatureHalf) straighten(i - kCurvatureHalf);
}

/// Straight on from the two frames before, where that agrees with the coarse pitch.
double Tracker::Stages::predictedPitch(std::size_t i) const {
  const double guess = coarse[i]->f0_hz;
  if (i < 2 || !sameRun(i - 1, i - 2)) return guess;
  const double ahead = refined[i - 1] * refined[i - 1] / refined[i - 2];
  return std::abs(1200.0 * std::log2(ahead / guess)) < kPrediction_cents ? ahead : guess;
}

/// Undoes the averaging of a curved track over the refiner's windows, whose kernel G is nearly a Gaussian of
/// variance v: 1/G = 1 - v/2 D² + v²/8 D⁴ - …  The figures' track has the first term, from a parabola, which
/// lets little noise through; the phase that the colour follows has both.
void Tracker::Stages::straighten(std::size_t i) {
  if (kernel[i] == 0.0) return;
  const double v = kernel[i] / (kHop_s * kHop_s);
  double gentle = 0.0;  // octaves
  double full = 0.0;
  for (int d = -kCurvatureHalf; d <= kCurvatureHalf; ++d) {
    const auto j = static_cast<std::size_t>(static_cast<int>(i) + d);
    if (kernel[j] == 0.0 || !sameRun(i, j)) return;
    const int w = d + kCurvatureHalf;
    const double octaves = std::log2(refined[j] / refined[i]);
    gentle += v / 2.0 * kSecond[w] * octaves;
    full += (v / 2.0 * kQuarticSecond[w] - v * v / 8.0 * kQuarticFourth[w]) * octaves;
  }
  tracks.frames[i].f0_hz = static_cast<float>(refined[i] * std::exp2(-gentle));
  followed[i] = refined[i] * std::exp2(-full);
}

/// The best candidate of the windows that fit into `ahead_s` of signal after `t`.
std::optional<PitchCandidate> Tracker::Stages::guess(double t, double ahead_s, double before_hz) {
  std::optional<PitchCandidate> best;
  double least = kTipUnvoicedCost;
  for (CoarsePitch* window : {&tipWindow, &finder.shortWindow, &finder.longWindow}) {
    if (window->windowSeconds() / 2.0 > ahead_s) break;
    if (before_hz > 0.0 && before_hz < window->lowest()) continue;  // it would take a partial for the note
    for (const PitchCandidate& candidate : window->candidates(sound, t)) {
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
  const double reached = sound.seconds();
  double before_hz = refined.empty() ? 0.0 : refined.back();
  for (std::size_t i = tracks.frames.size(); time(i) + tipWindow.windowSeconds() / 2.0 <= reached; ++i) {
    const double t = time(i);
    const double ahead = reached - t;
    TrackFrame frame;
    frame.level_dbfs = static_cast<float>(
        tracks.energy.level_dbfs(t - kLevelWindow_s / 2.0, t + std::min(ahead, kLevelWindow_s / 2.0)));
    if (const auto found = guess(t, ahead, before_hz)) {
      double f0 = found->f0_hz;
      if (PitchRefiner::reach(f0) <= ahead)
        if (const auto exact = refiner.refine(sound, t, f0, f0)) f0 = exact->f0_hz;
      frame.f0_hz = static_cast<float>(f0);
      frame.confidence = static_cast<float>(found->height);
    }
    if (frame.f0_hz > 0.0f) before_hz = frame.f0_hz;
    guesses.push_back(frame);
  }
  return guesses;
}

double Tracker::Stages::pitchAt(double t) const {
  const double place = std::clamp(t / kHop_s, 0.0, static_cast<double>(refined.size() - 1));
  const auto left = static_cast<std::size_t>(place);
  const std::size_t right = std::min(left + 1, refined.size() - 1);
  const double f = place - static_cast<double>(left);
  const double a = followed[left];
  const double b = followed[right];
  if (a <= 0.0) return b;
  if (b <= 0.0) return a;
  if (std::abs(b / a - 1.0) > 0.05) return f < 0.5 ? a : b;
  // Cubic through the neighbours (Catmull-Rom): chords would cut a vibrato's curves short.
  const bool inner =
      left > 0 && right + 1 < refined.size() && sameRun(left, left - 1) && sameRun(right, right + 1);
  if (!inner) return a + f * (b - a);
  const double before = followed[left - 1];
  const double after = followed[right + 1];
  return a + 0.5 * f *
                 (b - before +
                  f * (2.0 * before - 5.0 * a + 4.0 * b - after + f * (3.0 * (a - b) + after - before)));
}

/// Does the next frame's colour if all the periods it needs have come. False when it has to wait.
bool Tracker::Stages::advanceColour(bool ended) {
  const std::size_t i = coloured;
  // The curvature correction of the frames around must be done.
  const std::size_t ready =
      ended ? refined.size() : refined.size() - std::min<std::size_t>(refined.size(), kCurvatureHalf);
  if (i >= ready) return false;
  if (refined[i] <= 0.0) {
    ++coloured;
    return true;
  }
  const auto framesOf = [&](bool subharmonics) {
    const int periods = ToneColour::periods(refined[i], subharmonics);
    return static_cast<std::size_t>(std::ceil(periods / 2.0 / refined[i] / kHop_s)) + 1;
  };
  const std::size_t stride = std::max(kColourStride, framesOf(false) / kColoursPerHalfWindow);
  const bool subharmonics = i % (kSubharmonicsEvery * stride) == 0;
  const std::size_t reach = framesOf(subharmonics);
  std::size_t first = i;
  while (first > 0 && i - first < reach && sameRun(first, first - 1)) --first;
  std::size_t last = i;
  while (last + 1 < ready && last - i < reach && sameRun(last, last + 1)) ++last;
  const bool runGoesOn = last - i < reach && last + 1 >= ready;
  if (!ended && (runGoesOn || band.seconds() < time(last) + kHop_s + ToneColour::tail(refined[i])))
    return false;
  if (i % stride == 0) measureColour(i, time(first) - kHop_s / 2.0, time(last) + kHop_s / 2.0, subharmonics);
  // Where periods differ much the pitch jumps, and still the same waveform goes on.
  if (i == 0 || std::abs(refined[i - 1] / refined[i] - 1.0) > kChainJump) {
    periodsFrom = time(i);
    chain.restart(periodsFrom);
    looked = false;
  }
  const double window = std::max(kPeriodsWindow_s, kPeriodsWindow / refined[i]);
  if (time(i) >= periodsFrom + window) {
    const double to = periodsFrom + window;
    if (looked) {  // every second window: neighbours are much alike
      chain.follow(sound, to, refined[i]);
    } else if (const auto periods = chain.measure(sound, to, refined[i])) {
      const auto frame = static_cast<std::size_t>((periodsFrom + window / 2.0) / kHop_s);
      tracks.frames[frame].periods = static_cast<std::int32_t>(tracks.periods.size());
      tracks.periods.push_back(*periods);
    }
    looked = !looked;
    periodsFrom += window;
  }
  ++coloured;
  return true;
}

void Tracker::Stages::measureColour(std::size_t i, double from_s, double to_s, bool subharmonics) {
  const auto frame = colour.measure(
      band, time(i), from_s, to_s, [this](double t) { return pitchAt(t); }, subharmonics);
  if (!frame) return;
  tracks.frames[i].colour = static_cast<std::int32_t>(tracks.colours.size());
  tracks.colours.push_back(*frame);
}

Tracker::Tracker(double rate_hz, int lagFrames) : stages_(std::make_unique<Stages>(rate_hz, lagFrames)) {
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
std::vector<TrackFrame> Tracker::provisional() { return stages_->provisional(); }

double vibratoResponse(double f0_hz, double rate_hz) {
  const double omega = 2.0 * std::numbers::pi * rate_hz;
  const double variance = PitchRefiner::kernelVariance(f0_hz);
  double second = 0.0;
  for (int d = -kCurvatureHalf; d <= kCurvatureHalf; ++d)
    second += kSecond[d + kCurvatureHalf] * std::cos(omega * d * kHop_s);
  second /= kHop_s * kHop_s;
  // The kernel is near enough to a Gaussian of its variance.
  return std::exp(-variance * omega * omega / 2.0) * (1.0 - second * variance / 2.0);
}

Tracks trackAll(std::span<const float> samples, double rate_hz) {
  Tracker tracker(rate_hz);
  tracker.push(samples);
  tracker.finish();
  return tracker.tracks();
}

}  // namespace calando
