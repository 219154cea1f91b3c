#include "core/maths/sliding_signal.h"

#include <algorithm>

namespace calando {

void SlidingSignal::copy(long from, std::span<float> out) const {
  if (holds(from, from + static_cast<long>(out.size()))) {
    std::copy_n(data(from), out.size(), out.begin());
    return;
  }
  for (std::size_t i = 0; i < out.size(); ++i) out[i] = at(from + static_cast<long>(i));
}

void SlidingSignal::forgetBefore(long from) {
  const long drop = std::min(from, end()) - base_;
  if (drop < static_cast<long>(kept_.size() / 2) || drop <= 0)
    return;  // moving is paid for by the half let go
  kept_.erase(kept_.begin(), kept_.begin() + drop);
  base_ += drop;
}

}  // namespace calando
