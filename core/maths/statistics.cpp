#include "core/maths/statistics.h"

#include <numbers>
#include <numeric>

namespace calando {

double quantile(std::vector<double> values, double q) {
  const auto place = static_cast<std::ptrdiff_t>(q * static_cast<double>(values.size() - 1));
  std::nth_element(values.begin(), values.begin() + place, values.end());
  return values[static_cast<std::size_t>(place)];
}

double median(std::vector<double> values) {
  const auto middle = static_cast<std::ptrdiff_t>(values.size() / 2);
  std::nth_element(values.begin(), values.begin() + middle, values.end());
  const double upper = values[static_cast<std::size_t>(middle)];
  if (values.size() % 2 == 1) return upper;
  return (upper + *std::max_element(values.begin(), values.begin() + middle)) / 2.0;
}

std::optional<double> medianOf(std::vector<double> values) {
  if (values.empty()) return std::nullopt;
  return median(std::move(values));
}

double mean(std::span<const double> values) {
  return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double standardDeviation(std::span<const double> values) {
  const double m = mean(values);
  double sum = 0.0;
  for (const double v : values) sum += (v - m) * (v - m);
  return std::sqrt(sum / static_cast<double>(values.size()));
}

double sampleDeviation(std::span<const double> values) {
  const auto n = static_cast<double>(values.size());
  return values.size() < 2 ? 0.0 : standardDeviation(values) * std::sqrt(n / (n - 1.0));
}

void PooledDeviation::add(std::span<const double> group) {
  if (group.size() < 2) return;
  const double deviation = sampleDeviation(group);
  squares_ += deviation * deviation * static_cast<double>(group.size() - 1);
  free_ += group.size() - 1;
  values_ += group.size();
}

std::optional<double> deviationOfMiddle(std::span<const double> track, std::size_t blocks) {
  constexpr std::size_t kFewest = 4;
  constexpr double kMostAlike = 0.6;  // more cannot be told from a drift
  if (blocks < kFewest || track.size() < blocks) return std::nullopt;
  std::vector<double> means;
  for (std::size_t b = 0; b < blocks; ++b) {
    const std::size_t from = b * track.size() / blocks, to = (b + 1) * track.size() / blocks;
    means.push_back(mean(track.subspan(from, to - from)));
  }
  const double middle = mean(means), n = static_cast<double>(blocks);
  double squares = 0.0, neighbours = 0.0;
  for (std::size_t b = 0; b < blocks; ++b) {
    squares += (means[b] - middle) * (means[b] - middle);
    if (b > 0) neighbours += (means[b] - middle) * (means[b - 1] - middle);
  }
  if (squares <= 0.0) return 0.0;
  // About their own mean neighbours are less alike by one over their number.
  const double alike = std::clamp(neighbours / squares + 1.0 / n, 0.0, kMostAlike);
  return std::sqrt(squares / (n - 1.0) / n * (1.0 + alike) / (1.0 - alike));
}

double leastSquaresSlope(std::span<const double> x, std::span<const double> y) {
  const double mx = mean(x);
  const double my = mean(y);
  double xy = 0.0;
  double xx = 0.0;
  for (std::size_t i = 0; i < x.size(); ++i) {
    xy += (x[i] - mx) * (y[i] - my);
    xx += (x[i] - mx) * (x[i] - mx);
  }
  return xx > 0.0 ? xy / xx : 0.0;
}

double theilSenSlope(std::span<const double> y, double step) {
  constexpr std::size_t most = 400;
  const std::size_t stride = std::max<std::size_t>(1, y.size() / most);
  std::vector<double> slopes;
  for (std::size_t i = 0; i < y.size(); i += stride)
    for (std::size_t j = i + stride; j < y.size(); j += stride)
      slopes.push_back((y[j] - y[i]) / (static_cast<double>(j - i) * step));
  return slopes.empty() ? 0.0 : median(std::move(slopes));
}

std::vector<double> lowPass(std::span<const double> y, double step_s, double corner_hz) {
  const auto n = static_cast<std::ptrdiff_t>(y.size());
  const auto half = static_cast<std::ptrdiff_t>(std::lround(1.2 / (corner_hz * step_s)));
  std::vector<double> taps;
  double total = 0.0;
  for (std::ptrdiff_t k = -half; k <= half; ++k) {
    const double x = 2.0 * corner_hz * step_s * static_cast<double>(k);
    const double sinc = k == 0 ? 1.0 : std::sin(std::numbers::pi * x) / (std::numbers::pi * x);
    const double window =
        0.5 + 0.5 * std::cos(std::numbers::pi * static_cast<double>(k) / static_cast<double>(half + 1));
    taps.push_back(sinc * window);
    total += taps.back();
  }
  // Odd reflection keeps a slope a slope at the ends.
  const auto at = [&](std::ptrdiff_t i) {
    const std::ptrdiff_t last = n - 1;
    double sum = 0.0;
    double sign = 1.0;
    while (last > 0 && (i < 0 || i > last)) {
      const std::ptrdiff_t edge = i < 0 ? 0 : last;
      sum += sign * 2.0 * y[static_cast<std::size_t>(edge)];
      sign = -sign;
      i = 2 * edge - i;
    }
    return sum + sign * y[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(i, 0, last))];
  };
  std::vector<double> out(y.size());
  for (std::ptrdiff_t i = 0; i < n; ++i) {
    double sum = 0.0;
    for (std::ptrdiff_t k = -half; k <= half; ++k)
      sum += taps[static_cast<std::size_t>(k + half)] * at(i + k);
    out[static_cast<std::size_t>(i)] = sum / total;
  }
  return out;
}

}  // namespace calando
