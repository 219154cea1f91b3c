#include "core/pitch/quick_pitch.h"

#include <algorithm>
#include <cmath>

#include "core/maths/dot.h"

namespace calando {

namespace {

constexpr double kLagSteps = 100.0;  // in a period: a partial of number 20 still has five
constexpr double kLeast_s = 0.003;
constexpr double kAsGood = 0.03;  // of the correlation: a multiple of the period is no better than that

/// Of `length` samples and those a lag behind them.
CALANDO_DISPATCHED
double likenessOf(const float* before, long lag, std::size_t length) {
  const float* after = before + lag;
  const double power = dot(before, before, length) + dot(after, after, length);
  return power > 0.0 ? 2.0 * dot(before, after, length) / power : 0.0;
}

/// Of a period and the next, or of as much as is heard of short ones.
double likeness(const SlidingSignal& signal, long at, long lag) {
  const long length = std::max(lag, std::lround(kLeast_s * signal.rate()));
  const long from = at - (length + lag) / 2;
  if (!signal.holds(from, from + length + lag)) return 0.0;
  return likenessOf(signal.data(from), lag, static_cast<std::size_t>(length));
}

}  // namespace

std::optional<QuickPitch> quickPitch(const SlidingSignal& signal, double t, double low_hz, double high_hz) {
  const auto at = std::lround(t * signal.rate());
  const auto shortest = static_cast<long>(signal.rate() / high_hz);
  const auto longest = static_cast<long>(std::ceil(signal.rate() / low_hz));
  if (shortest < 3) return std::nullopt;
  std::vector<std::pair<long, double>> tried;
  for (long lag = shortest; lag <= longest;
       lag += std::max(1L, static_cast<long>(static_cast<double>(lag) / kLagSteps)))
    tried.emplace_back(lag, likeness(signal, at, lag));
  const double most = std::ranges::max_element(tried, {}, &std::pair<long, double>::second)->second;
  if (most <= 0.0) return std::nullopt;
  // Up the first hill that is high enough.
  auto hill = std::ranges::find_if(tried, [&](const auto& t) { return t.second >= most - kAsGood; });
  while (std::next(hill) != tried.end() && std::next(hill)->second > hill->second) ++hill;
  auto [lag, best] = *hill;
  for (const long step : {-1L, 1L})
    for (long next = lag + step; next >= shortest && next <= longest; next += step) {
      const double here = likeness(signal, at, next);
      if (here <= best) break;
      lag = next;
      best = here;
    }
  const double left = likeness(signal, at, lag - 1), right = likeness(signal, at, lag + 1);
  const double bend = left - 2.0 * best + right;
  // At either end of the search the top may lie outside, and so would the parabola's.
  const double off = bend < 0.0 ? std::clamp(0.5 * (left - right) / bend, -0.5, 0.5) : 0.0;
  const double exact = static_cast<double>(lag) + off;
  return QuickPitch{static_cast<float>(t), static_cast<float>(signal.rate() / exact),
                    static_cast<float>(best)};
}

}  // namespace calando
