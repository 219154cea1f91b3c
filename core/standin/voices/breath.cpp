#include "core/standin/voices/breath.h"

namespace calando::standin {

namespace {
constexpr double kIn_dbfs = -38.0, kOut_dbfs = -34.0;
constexpr double kRise_s = 0.12;
}  // namespace

double BreathVoice::air(double t) const {
  const double loudest = fromDecibels(phase_ == AirPhase::inhale ? kIn_dbfs : kOut_dbfs);
  return loudest * smoothStep((t - start_s_) / kRise_s) * smoothStep((end_s_ - t) / kRise_s);
}

void BreathVoice::tell(Analysis& truth) const {
  Air air{};
  air.start_s = start_s_ + kRise_s / 2.0;  // at half of its level
  air.end_s = end_s_ - kRise_s / 2.0;
  air.phase = phase_;
  truth.airs.push_back(air);
}

}  // namespace calando::standin
