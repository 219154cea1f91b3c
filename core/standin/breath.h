#pragma once

#include "core/standin/player.h"
#include "core/standin/random.h"
#include "core/standin/voice.h"

namespace calando::standin {

/// Air in or out, as evenly and as openly as the player breathes; or what escapes while the breath is kept,
/// which nobody asked for and the truth does not list.
class BreathVoice : public Voice {
 public:
  BreathVoice(const Player& player, AirPhase phase, double start_s, double end_s)
      : player_(player), phase_(phase), start_s_(start_s), end_s_(end_s) {}
  double end_s() const override { return end_s_; }
  void sing(std::vector<float>& out, double rate, std::mt19937& random) const override;
  double air(double) const override { return 0.0; }
  void tell(Analysis& truth) const override;

 private:
  bool leaks() const { return phase_ == AirPhase::unknown; }
  double amplitude(double t, const Movement& stray) const;
  Player player_;
  AirPhase phase_;
  double start_s_, end_s_;
};

}  // namespace calando::standin
