#include "core/live/input_meter.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {

constexpr double kPeakDecay = 0.99995;  // a sample
constexpr double kClips = 0.999;
constexpr double kClipShown_s = 1.5;
constexpr double kQuiet_dbfs = -80.0;
constexpr double kSilentAfter_s = 2.0;
constexpr double kSoft_dbfs = -48.0;  // softer than any tone from a microphone in its place
constexpr double kNothing_dbfs = -75.0;
constexpr double kForgets_db_per_s = 3.0;  // how fast the loudest moment stops to count
constexpr double kGate_s = 0.02;           // exact zeros for so long, after sound
constexpr double kHeard = 0.003;
constexpr int kGatesAreOne = 3;        // once or twice may be a cable
constexpr std::size_t kBridge = 16;    // frames: 150 ms
constexpr std::size_t kShortest = 12;  // frames: 120 ms, as a note

constexpr double kStep_s = 0.1;
constexpr double kEnds_db = 20.0;  // so much softer than half a second before: the sound has ended
constexpr double kStaysBelow_db = 10.0;
constexpr double kLeastSound_dbfs = -45.0;
constexpr double kLeastRoom_dbfs = -95.0;
constexpr double kRises_db = 6.0;
constexpr std::size_t kWatched = 25;  // steps after the sound
constexpr int kRisesAreOne = 2;

constexpr double kKept_s = 0.3;
constexpr double kSureCost = 0.35, kOneTone_cents = 70.0, kLeastTone_dbfs = -60.0;

double decibels(double power) { return 10.0 * std::log10(std::max(power, 1e-14)); }

}  // namespace

InputMeter::InputMeter(double rate_hz)
    : rate_(rate_hz),
      decimation_(decimationFor(rate_hz)),
      sound_(decimation_.outputRate()),
      pitch_(decimation_.outputRate(), PitchFinder::kLongWindow_s, kLowestPitch_hz) {
  recent_.fill(-140.0);
}

/// The pitch of the newest window, where it is the same as at the times before.
double InputMeter::soundsNow() {
  std::ranges::rotate(found_hz_, found_hz_.begin() + 1);
  found_hz_.back() = 0.0;
  const double centre_s = sound_.seconds() - pitch_.windowSeconds() / 2.0;
  double least = kSureCost;
  if (centre_s > 0.0 && level_ > kLeastTone_dbfs)
    for (const PitchCandidate& candidate : pitch_.candidates(sound_, centre_s))
      if (const double cost = candidateCost(candidate); cost < least) {
        least = cost;
        found_hz_.back() = candidate.f0_hz;
      }
  const auto [low, high] = std::ranges::minmax(found_hz_);
  return low > 0.0 && 1200.0 * std::log2(high / low) < kOneTone_cents ? found_hz_.back() : 0.0;
}

void InputMeter::push(std::span<const float> block) {
  if (block.empty()) return;
  decimation_.push(block, sound_);
  sound_.forgetBefore(sound_.end() - static_cast<long>(kKept_s * sound_.rate()));
  double power = 0.0;
  const long gate = static_cast<long>(kGate_s * rate_);
  const long step = static_cast<long>(kStep_s * rate_);
  for (const float x : block) {
    stepPower_ += static_cast<double>(x) * x;
    if (++stepSamples_ == step) {
      watchGain(decibels(stepPower_ / static_cast<double>(step)));
      stepPower_ = 0.0;
      stepSamples_ = 0;
    }
    const double size = std::abs(static_cast<double>(x));
    power += size * size;
    peak_ = std::max(size, peak_ * kPeakDecay);
    if (size >= kClips) sinceClip_s_ = 0.0;
    zeroRun_ = x == 0.0f ? zeroRun_ + 1 : 0;
    if (zeroRun_ == gate && heard_) ++gates_;
    heard_ = heard_ || size > kHeard;
  }
  const double seconds = static_cast<double>(block.size()) / rate_;
  sinceClip_s_ += seconds;
  level_ = decibels(power / static_cast<double>(block.size()));
  quiet_s_ = level_ < kQuiet_dbfs ? quiet_s_ + seconds : 0.0;
  loudest_ = std::max(loudest_ - kForgets_db_per_s * seconds, level_);
}

void InputMeter::watchGain(double level_dbfs) {
  std::array<double, 5> sorted = recent_;
  std::ranges::sort(sorted);
  const double before = sorted[2];
  std::ranges::rotate(recent_, recent_.begin() + 1);
  recent_.back() = level_dbfs;
  if (afterSound_.empty()) {
    if (before < kLeastSound_dbfs || level_dbfs > before - kEnds_db) return;
    ended_ = before;
    afterSound_.push_back(level_dbfs);
    return;
  }
  afterSound_.push_back(level_dbfs);
  if (level_dbfs > ended_ - kStaysBelow_db) afterSound_.clear();  // somebody plays on
  if (afterSound_.size() < kWatched) return;
  const auto meanOf = [this](std::size_t from, std::size_t to) {
    double sum = 0.0;
    for (std::size_t i = from; i < to; ++i) sum += afterSound_[i];
    return sum / static_cast<double>(to - from);
  };
  // The first step may hold the end of the sound, the second its echo.
  const double early = meanOf(2, 4), middle = meanOf(11, 14), late = meanOf(21, kWatched);
  const bool rose =
      early > kLeastRoom_dbfs && late - early >= kRises_db && middle > early + 1.0 && middle < late + 1.0;
  rises_ += rose ? 1 : 0;
  afterSound_.clear();
}

InputState InputMeter::state(long droppedBlocks) {
  InputState s{level_, decibels(peak_ * peak_), InputState::Remark::none, droppedBlocks, soundsNow()};
  if (droppedBlocks > 0) s.remark = InputState::Remark::lost;
  if (loudest_ > kNothing_dbfs && loudest_ < kSoft_dbfs) s.remark = InputState::Remark::soft;
  // A microphone in a room never gives exact zeros again and again: something switches the sound off.
  if (gates_ >= kGatesAreOne) s.remark = InputState::Remark::gated;
  if (rises_ >= kRisesAreOne) s.remark = InputState::Remark::levelled;
  if (quiet_s_ > kSilentAfter_s) s.remark = InputState::Remark::silent;
  if (sinceClip_s_ < kClipShown_s) s.remark = InputState::Remark::clipping;
  return s;
}

LatestSound latestSound(const Tracks& tracks) {
  const auto& frames = tracks.frames;
  std::size_t first = frames.size();
  while (first > 0) {
    std::size_t last = first;
    while (last > 0 && frames[last - 1].f0_hz <= 0.0f) --last;
    first = last;
    std::size_t gap = 0;
    for (std::size_t i = last; i-- > 0 && gap < kBridge;) {
      gap = frames[i].f0_hz > 0.0f ? 0 : gap + 1;
      if (gap == 0) first = i;
    }
    if (last - first >= kShortest)
      return {static_cast<double>(last - first) * kHop_s, static_cast<double>(frames.size() - last) * kHop_s};
  }
  return {0.0, static_cast<double>(frames.size()) * kHop_s};
}

}  // namespace calando
