#pragma once

#include "core/standin/tone.h"

namespace calando::standin {

/// A tone on the small part: periods none of which is quite like its neighbour, partials as that part has
/// them, the noise of the air. Or air that never turns into one, or nothing at all.
class BuzzVoice : public ToneVoice {
 public:
  using ToneVoice::ToneVoice;
  void sing(std::vector<float>& out, double rate, std::mt19937& random) const override;
  double air(double t) const override;
  void tell(Analysis& truth) const override;
};

}  // namespace calando::standin
