#include "core/measure/pitch/sine_fit.h"

#include <algorithm>
#include <array>
#include <bit>
#include <complex>
#include <numbers>

#include "core/maths/fft.h"
#include "core/maths/statistics.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {
constexpr std::size_t kLong = 400;  // frames: trying every rate takes a time that grows with their square
constexpr std::size_t kFinerThanLine = 4;
}  // namespace

SineFit fitLine(std::span<const double> y, double rate_hz) {
  std::array<std::array<double, 5>, 4> m{};
  const double n = static_cast<double>(y.size());
  const double my = mean(y);
  double sy = 0.0, xx = 0.0, yy = 0.0;
  const double step = 2.0 * std::numbers::pi * rate_hz * kHop_s;
  std::complex<double> z = std::polar(1.0, -step * (n - 1.0) / 2.0);
  const std::complex<double> turn = std::polar(1.0, step);
  for (std::size_t i = 0; i < y.size(); ++i, z *= turn) {
    const double t = (static_cast<double>(i) - (n - 1.0) / 2.0) * kHop_s;
    const std::array<double, 5> row{1.0, t, z.real(), z.imag(), y[i] - my};
    for (std::size_t a = 0; a < 4; ++a)
      for (std::size_t b = 0; b < 5; ++b) m[a][b] += row[a] * row[b];
    sy += t * (y[i] - my);
    xx += t * t;
    yy += (y[i] - my) * (y[i] - my);
  }
  const auto x = solved<4>(m);
  double fitted = 0.0;
  for (std::size_t a = 0; a < 4; ++a) fitted += x[a] * m[a][4];
  const double straight = xx > 0.0 ? sy * sy / xx : 0.0;
  const double rest = std::max(1e-9, yy - straight);
  return {rate_hz, x[2], x[3], (fitted - straight) / rest};
}

namespace {

/// The rate of the strongest line of a long track, by its periodogram, its straight line taken off.
double strongestRate(std::span<const double> y, double lowest, double highest) {
  RealFft fft(std::bit_ceil(kFinerThanLine * y.size()));
  const double n = static_cast<double>(y.size());
  const double middle = mean(y);
  double slope = 0.0;
  for (std::size_t i = 0; i < y.size(); ++i) slope += (static_cast<double>(i) - (n - 1.0) / 2.0) * y[i];
  slope /= n * (n * n - 1.0) / 12.0;
  std::ranges::fill(fft.time(), 0.0f);
  for (std::size_t i = 0; i < y.size(); ++i)
    fft.time()[i] = static_cast<float>(y[i] - middle - slope * (static_cast<double>(i) - (n - 1.0) / 2.0));
  fft.forward();
  const double bin_hz = 1.0 / (kHop_s * static_cast<double>(fft.length()));
  const auto first = static_cast<std::ptrdiff_t>(std::ceil(lowest / bin_hz));
  const auto last = std::min(static_cast<std::ptrdiff_t>(highest / bin_hz), std::ssize(fft.spectrum()) - 1);
  if (last < first) return lowest;
  const auto strongest =
      std::max_element(fft.spectrum().begin() + first, fft.spectrum().begin() + last + 1,
                       [](const auto& a, const auto& b) { return std::norm(a) < std::norm(b); });
  return bin_hz * static_cast<double>(strongest - fft.spectrum().begin());
}

}  // namespace

SineFit bestLine(std::span<const double> y, double lowest, double highest) {
  const double step = std::min(0.25, 0.2 / (static_cast<double>(y.size()) * kHop_s));
  SineFit best;
  if (y.size() > kLong) {
    best = fitLine(y, strongestRate(y, lowest, highest));
  } else {
    for (double rate = lowest; rate <= highest + 1e-9; rate += step) {
      const SineFit fit = fitLine(y, rate);
      if (fit.explained > best.explained) best = fit;
    }
  }
  if (best.rate_hz <= 0.0) return best;
  for (double reach = step / 2.0; reach > 1e-4; reach /= 4.0) {
    const double left = fitLine(y, best.rate_hz - reach).explained;
    const double right = fitLine(y, best.rate_hz + reach).explained;
    const double curvature = left - 2.0 * best.explained + right;
    if (curvature >= 0.0) continue;
    const SineFit moved =
        fitLine(y, best.rate_hz + reach * std::clamp(0.5 * (left - right) / curvature, -1.0, 1.0));
    if (moved.explained > best.explained) best = moved;
  }
  return best;
}

std::vector<std::size_t> windowStarts(std::size_t frames, std::size_t length, std::size_t hop) {
  std::vector<std::size_t> starts;
  const std::size_t last = frames - length;
  for (std::size_t first = 0; first < last; first += hop) starts.push_back(first);
  starts.push_back(last);
  return starts;
}

std::vector<double> oscillation(std::span<const double> y, const std::vector<WindowFit>& windows,
                                std::size_t length) {
  std::vector<double> sum(y.size(), 0.0), weight(y.size(), 0.0);
  for (const WindowFit& window : windows) {
    const SineFit line = fitLine(y.subspan(window.first, length), window.line.rate_hz);
    for (std::size_t i = 0; i < length; ++i) {
      const double t = (static_cast<double>(i) - (static_cast<double>(length) - 1.0) / 2.0) * kHop_s;
      const double angle = 2.0 * std::numbers::pi * line.rate_hz * t;
      const double share = 0.05 + static_cast<double>(std::min(i, length - 1 - i));
      sum[window.first + i] += share * (line.cosine * std::cos(angle) + line.sine * std::sin(angle));
      weight[window.first + i] += share;
    }
  }
  for (std::size_t i = 0; i < y.size(); ++i)
    if (weight[i] > 0.0) sum[i] /= weight[i];
  return sum;
}

}  // namespace calando
