#include "core/measure/air/played_noise.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace calando {

namespace {

constexpr double kRate_hz = 8000.0;  // of what is correlated: the noise has little above
constexpr double kExcerpt_s = 4.0, kLatest_s = 1.2, kSteady_s = 0.5;
constexpr double kNoChance = 10.0;

/// Means of so many samples.
std::vector<float> thinned(std::span<const float> samples, std::size_t every) {
  std::vector<float> out;
  for (std::size_t n = 0; n + every <= samples.size(); n += every) {
    float sum = 0.0f;
    for (std::size_t k = 0; k < every; ++k) sum += samples[n + k];
    out.push_back(sum / static_cast<float>(every));
  }
  return out;
}

double power(std::span<const float> x) {
  double sum = 0.0;
  for (const float v : x) sum += static_cast<double>(v) * v;
  return sum / static_cast<double>(std::max<std::size_t>(1, x.size()));
}

}  // namespace

std::optional<double> heardOf(std::span<const float> played, std::span<const float> recording,
                              double rate_hz) {
  const auto every = static_cast<std::size_t>(std::max(1.0, std::floor(rate_hz / kRate_hz)));
  const double rate = rate_hz / static_cast<double>(every);
  const std::vector<float> reference = thinned(played, every), heard = thinned(recording, every);
  const auto length = static_cast<std::size_t>(kExcerpt_s * rate),
             lags = static_cast<std::size_t>(kLatest_s * rate);
  if (reference.size() < length || heard.size() < length + lags) return std::nullopt;
  std::size_t from = 0;
  double most = 0.0;
  for (std::size_t at = 0; at + length <= reference.size() && at + length + lags <= heard.size();
       at += length / 8)
    if (const double p = power(std::span(reference).subspan(at, length)); p > most) {
      most = p;
      from = at;
    }
  if (most <= 0.0) return std::nullopt;
  const std::span<const float> excerpt = std::span(reference).subspan(from, length);
  double squares = 0.0, peak = 0.0;
  for (std::size_t lag = 0; lag < lags; ++lag) {
    float sum = 0.0f;
    for (std::size_t n = 0; n < length; ++n) sum += excerpt[n] * heard[from + lag + n];
    squares += static_cast<double>(sum) * sum;
    peak = std::max(peak, std::abs(static_cast<double>(sum)));
  }
  if (peak < kNoChance * std::sqrt(squares / static_cast<double>(lags))) return std::nullopt;
  // Of the played wave so much is heard, and it is as loud as that where it is loudest.
  const double share = peak / (most * static_cast<double>(length));
  double loudest = 0.0;
  const auto window = static_cast<std::size_t>(kSteady_s * rate_hz);
  for (std::size_t at = 0; at + window <= played.size(); at += window)
    loudest = std::max(loudest, power(played.subspan(at, window)));
  return 10.0 * std::log10(share * share * loudest);
}

}  // namespace calando
