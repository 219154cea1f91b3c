#include "core/standin/breath.h"

namespace calando::standin {

namespace {
constexpr double kIn_dbfs = -38.0, kOut_dbfs = -34.0;
constexpr double kThin_db = -15.0;
constexpr double kRise_s = 0.12;
constexpr double kStray_db = 0.7, kStray_hz = 2.0;  // nobody is even
constexpr double kInTop_hz = 900.0, kOutTop_hz = 600.0;
constexpr double kWindTop_hz = 90.0, kGust_hz = 3.0, kWind = 0.5;  // of the breath's own amplitude
constexpr double kHissBottom_hz = 3500.0, kHissTop_hz = 5000.0;
}  // namespace

double BreathVoice::amplitude(double t, const Movement& stray) const {
  const double loudest = fromDecibels(phase_ == AirPhase::inhale ? kIn_dbfs + player_.breath_in_db
                                      : leaks()                  ? kOut_dbfs + player_.hold_leak_db
                                                                 : kOut_dbfs);
  const double share = std::clamp((t - start_s_) / (end_s_ - start_s_), 0.0, 1.0);
  return loudest * smoothStep((t - start_s_) / kRise_s) * smoothStep((end_s_ - t) / kRise_s) *
         (1.0 + player_.breath_lean * (1.0 - 2.0 * share)) * fromDecibels(kStray_db * stray.at(t));
}

void BreathVoice::sing(std::vector<float>& out, double rate, std::mt19937& random) const {
  BreathNoise open(rate, 300.0, phase_ == AirPhase::inhale ? kInTop_hz : kOutTop_hz);
  BreathNoise hiss(rate, kHissBottom_hz, kHissTop_hz);
  // Air that is blown at a microphone rumbles in it, in gusts.
  BreathNoise rumble(rate, 20.0, kWindTop_hz);
  const Movement gusts(random, 0.5, kGust_hz), stray(random, 0.3, kStray_hz);
  Sampled gust(rate, [&](double t) { return gusts.at(t); });
  Sampled loud(rate, [&](double t) { return amplitude(t, stray); });
  const double wind = phase_ == AirPhase::exhale ? kWind : 0.0;
  const double tight = phase_ == AirPhase::inhale ? player_.breath_tight : 0.0;
  const auto last = std::min(out.size(), static_cast<std::size_t>(end_s_ * rate));
  for (auto n = static_cast<std::size_t>(start_s_ * rate); n < last; ++n) {
    const double noise = (1.0 - tight) * open.next(random) + tight * hiss.next(random);
    const double blown = wind > 0.0 ? wind * std::abs(gust(n)) * rumble.next(random) : 0.0;
    out[n] += static_cast<float>(loud(n) * (noise + blown));
  }
}

void BreathVoice::tell(Analysis& truth) const {
  if (leaks()) return;
  Air air{start_s_ + kRise_s / 2.0, end_s_ - kRise_s / 2.0, phase_};  // at half of its level
  const bool in = phase_ == AirPhase::inhale;
  air.sound = in && player_.breath_tight > 0.5        ? AirSound::tight
              : in && player_.breath_in_db < kThin_db ? AirSound::thin
                                                      : AirSound::open;
  truth.airs.push_back(air);
}

}  // namespace calando::standin
