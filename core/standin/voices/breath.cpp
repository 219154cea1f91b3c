#include "core/standin/voices/breath.h"

namespace calando::standin {

namespace {
constexpr double kIn_dbfs = -38.0, kOut_dbfs = -34.0;
constexpr double kRise_s = 0.12;
constexpr double kInTop_hz = 900.0, kOutTop_hz = 600.0;
constexpr double kHissBottom_hz = 3500.0, kHissTop_hz = 5000.0;
}  // namespace

double BreathVoice::amplitude(double t) const {
  const double loudest = fromDecibels(phase_ == AirPhase::inhale ? kIn_dbfs : kOut_dbfs);
  const double share = std::clamp((t - start_s_) / (end_s_ - start_s_), 0.0, 1.0);
  return loudest * smoothStep((t - start_s_) / kRise_s) * smoothStep((end_s_ - t) / kRise_s) *
         (1.0 + player_.breath_lean * (1.0 - 2.0 * share));
}

void BreathVoice::sing(std::vector<float>& out, double rate, std::mt19937& random) const {
  BreathNoise open(rate, 300.0, phase_ == AirPhase::inhale ? kInTop_hz : kOutTop_hz);
  BreathNoise hiss(rate, kHissBottom_hz, kHissTop_hz);
  const double tight = phase_ == AirPhase::inhale ? player_.breath_tight : 0.0;
  const auto last = std::min(out.size(), static_cast<std::size_t>(end_s_ * rate));
  for (auto n = static_cast<std::size_t>(start_s_ * rate); n < last; ++n) {
    const double noise = (1.0 - tight) * open.next(random) + tight * hiss.next(random);
    out[n] += static_cast<float>(amplitude(static_cast<double>(n) / rate) * noise);
  }
}

void BreathVoice::tell(Analysis& truth) const {
  Air air{start_s_ + kRise_s / 2.0, end_s_ - kRise_s / 2.0, phase_};  // at half of its level
  air.sound = phase_ == AirPhase::inhale && player_.breath_tight > 0.5 ? AirSound::tight : AirSound::open;
  truth.airs.push_back(air);
}

}  // namespace calando::standin
