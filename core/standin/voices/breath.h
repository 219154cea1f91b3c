#pragma once

#include "core/standin/random.h"
#include "core/standin/voice.h"

namespace calando::standin {

/// Air in or out, even from its start to its end.
class BreathVoice : public Voice {
 public:
  BreathVoice(AirPhase phase, double start_s, double end_s)
      : phase_(phase), start_s_(start_s), end_s_(end_s) {}
  double end_s() const override { return end_s_; }
  void sing(std::vector<float>&, double, std::mt19937&) const override {}
  double air(double t) const override;
  void tell(Analysis& truth) const override;

 private:
  AirPhase phase_;
  double start_s_, end_s_;
};

}  // namespace calando::standin
