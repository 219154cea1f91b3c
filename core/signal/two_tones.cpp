#include "core/signal/two_tones.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <numbers>

#include "core/maths/interpolate.h"

namespace calando {

namespace {

constexpr int kMostPartials = 10;
constexpr std::size_t kPadding = 4;
constexpr double kHighest_hz = 4600.0;
constexpr double kTogether = 3.2;  // lines nearer than this many reciprocal windows are solved together
constexpr double kRidge = 1e-4;    // of a line's own weight
constexpr double kGrid = 0.3;      // step of the first search, in reciprocal windows
constexpr int kGridPartials = 3;
constexpr double kReach = 1.5;          // of a refinement, in reciprocal windows
constexpr double kFinest = 2e-4;        // of its steps
constexpr std::size_t kTries = 6;       // of its best points are refined
constexpr double kUnknown = 1e6;        // Hz², of a fit that has no top
constexpr double kSkirt = 12.0;         // of a line, in reciprocal windows
constexpr double kBand = 4.0;           // around lines, in reciprocal windows
constexpr double kCell = 1.5;           // bandwidth of a Hann window, in its reciprocal
constexpr double kHannSquared = 0.375;  // mean of the squared weights
/// Σ v²t² / Σ vt² of Hann weights v: by how much they lower a variance that is reckoned as if the noise were
/// weighted too.
constexpr double kHannScore = 0.459;

double sinc(double u) {
  const double x = std::numbers::pi * u;
  return std::abs(x) < 1e-4 ? 1.0 - x * x / 6.0 : std::sin(x) / x;
}

}  // namespace

double PairFit::spread(double m, double n) const {
  return std::sqrt(std::max(0.0, m * m * variance1 + n * n * variance2 - 2.0 * m * n * covariance));
}

void PairFit::inOrder() {
  if (hz[0] <= hz[1]) return;
  std::swap(hz[0], hz[1]);
  std::swap(level_db[0], level_db[1]);
  std::swap(variance1, variance2);
}

void TwoTones::look(const SlidingSignal& signal, double centre_s, double window_s) {
  const double middle = std::round(centre_s * rate_);
  begin(window_s);
  transform([&](double n) { return signal.at(std::lround(middle + n)); });
}

void TwoTones::lookAlong(const SlidingSignal& signal, double centre_s, double window_s,
                         const std::function<double(double)>& speed) {
  begin(window_s);
  const auto half = static_cast<std::size_t>(samples_ / 2.0) + 2;
  // Where the sample is that is to stand n samples after the middle, and before it.
  std::vector<double> after{centre_s * rate_}, before{centre_s * rate_};
  for (std::size_t n = 1; n <= half; ++n) {
    after.push_back(after.back() + 1.0 / speed(after.back() / rate_));
    before.push_back(before.back() - 1.0 / speed(before.back() / rate_));
  }
  transform([&](double n) {
    return readAt(signal,
                  n >= 0.0 ? after[static_cast<std::size_t>(n)] : before[static_cast<std::size_t>(-n)]);
  });
}

void TwoTones::begin(double window_s) {
  const long length = std::lround(window_s * rate_);
  auto [found, made] = windows_.try_emplace(
      length, Window{RealFft(kPadding * std::bit_ceil(static_cast<std::size_t>(length))), {}});
  now_ = &found->second;
  window_s_ = static_cast<double>(length) / rate_;
  samples_ = static_cast<double>(length);
  if (made)
    for (long n = 0; n < length; ++n)
      now_->weights.push_back(static_cast<float>(
          0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (static_cast<double>(n) + 0.5) / samples_)));
}

/// The window's middle at time 0, so that the phase turns slowly along the spectrum.
void TwoTones::transform(const std::function<float(double)>& sample) {
  const std::span<float> time = now_->fft.time();
  std::ranges::fill(time, 0.0f);
  const auto length = static_cast<long>(now_->weights.size()), half = length / 2;
  for (long n = -half; n < length - half; ++n)
    time[static_cast<std::size_t>(n >= 0 ? n : static_cast<long>(time.size()) + n)] =
        sample(static_cast<double>(n)) * now_->weights[static_cast<std::size_t>(n + half)];
  now_->fft.forward();
}

std::complex<double> TwoTones::spectrumAt(double hz) const {
  const std::span<std::complex<float>> bins = now_->fft.spectrum();
  const double place = hz / rate_ * static_cast<double>(now_->fft.length());
  if (place + 3.0 > static_cast<double>(bins.size())) return {};
  const auto i = std::clamp<std::size_t>(static_cast<std::size_t>(place), 1, bins.size() - 3);
  const double x = place - static_cast<double>(i);
  const std::complex<double> a = bins[i - 1], b = bins[i], c = bins[i + 1], d = bins[i + 2];
  // Catmull and Rom's spline, between b and c.
  return b +
         x * (0.5 * (c - a) + x * (a - 2.5 * b + 2.0 * c - 0.5 * d + x * (1.5 * (b - c) + 0.5 * (d - a))));
}

double TwoTones::kernel(double hz) const {
  const double u = hz * window_s_;
  return samples_ * (0.5 * sinc(u) + 0.25 * (sinc(u - 1.0) + sinc(u + 1.0)));
}

/// Cholesky: the energy that lines [from, to) explain.
double TwoTones::solveGroup(std::size_t from, std::size_t to, bool keep) {
  const std::size_t n = to - from;
  const double own = kernel(0.0) * (1.0 + kRidge);
  if (n == 1) {
    const auto r = spectrumAt(lines_[from].hz);
    if (keep) amplitudes_[from] = r / own;
    return std::norm(r) / own;
  }
  gram_.resize(n * n);
  right_.resize(n);
  for (std::size_t i = 0; i < n; ++i) {
    right_[i] = spectrumAt(lines_[from + i].hz);
    for (std::size_t j = 0; j <= i; ++j)
      gram_[i * n + j] = i == j ? own : kernel(lines_[from + i].hz - lines_[from + j].hz);
  }
  double energy = 0.0;
  for (std::size_t i = 0; i < n; ++i) {
    for (std::size_t j = 0; j <= i; ++j) {
      double sum = gram_[i * n + j];
      for (std::size_t k = 0; k < j; ++k) sum -= gram_[i * n + k] * gram_[j * n + k];
      gram_[i * n + j] = i == j ? std::sqrt(std::max(sum, kRidge * own)) : sum / gram_[j * n + j];
    }
    for (std::size_t k = 0; k < i; ++k) right_[i] -= gram_[i * n + k] * right_[k];
    right_[i] /= gram_[i * n + i];
    energy += std::norm(right_[i]);
  }
  if (keep)
    for (std::size_t i = n; i-- > 0;) {
      std::complex<double> sum = right_[i];
      for (std::size_t k = i + 1; k < n; ++k) sum -= gram_[k * n + i] * amplitudes_[from + k];
      amplitudes_[from + i] = sum / gram_[i * n + i];
    }
  return energy;
}

/// A second of 0 Hz is none.
double TwoTones::explained(double f1, double f2, int partials, bool keep) {
  lines_.clear();
  // Both as high up: what is left out of one of them is taken for the other's.
  const double top_hz = std::min(kHighest_hz, (partials + 0.5) * std::max(f1, f2));
  for (int owner = 0; owner < 2; ++owner) {
    const double hz = owner == 0 ? f1 : f2;
    for (int k = 1; hz > 0.0 && (k == 1 || k * hz < top_hz); ++k) lines_.push_back({k * hz, owner});
  }
  std::ranges::sort(lines_, {}, &Line::hz);
  if (keep) amplitudes_.assign(lines_.size(), {});
  double energy = 0.0;
  for (std::size_t from = 0, to = 0; from < lines_.size(); from = to) {
    for (to = from + 1; to < lines_.size() && lines_[to].hz - lines_[to - 1].hz < kTogether / window_s_;)
      ++to;
    energy += solveGroup(from, to, keep);
  }
  return energy;
}

/// By steps that become smaller, not far from where it begins: lower tones have more partials, which explain
/// more of anything.
std::array<double, 2> TwoTones::refined(std::array<double, 2> at, int partials, double step) {
  const std::array<double, 2> start = at;
  const double reach = kReach / window_s_, finest = kFinest / window_s_;
  double best = explained(at[0], at[1], partials);
  while (step > finest) {
    std::array<double, 2> next = at;
    for (int a = -1; a <= 1; ++a)
      for (int b = -1; b <= 1; ++b) {
        const std::array<double, 2> there{at[0] + a * step, at[1] + b * step};
        if (there == at || std::abs(there[0] - start[0]) > reach || std::abs(there[1] - start[1]) > reach)
          continue;
        if (const double e = explained(there[0], there[1], partials); e > best) best = e, next = there;
      }
    if (next == at) step *= 0.5;
    at = next;
  }
  return at;
}

std::optional<TwoTones::Fit> TwoTones::fit(const Range& first, const Range& second) {
  struct Point {
    std::array<double, 2> hz;
    double energy;
  };
  std::vector<Point> points;
  const double step = kGrid / window_s_;
  const bool unordered = first.high_hz > second.low_hz && second.high_hz > first.low_hz;
  for (double f1 = first.low_hz; f1 <= first.high_hz; f1 += step)
    for (double f2 = second.low_hz; f2 <= second.high_hz; f2 += step)
      if (!unordered || f1 <= f2) points.push_back({{f1, f2}, explained(f1, f2, kGridPartials)});
  std::ranges::sort(points, std::greater{}, &Point::energy);
  std::vector<Point> tries;
  for (const Point& p : points) {
    if (tries.size() == kTries) break;
    if (std::ranges::none_of(tries, [&](const Point& t) {
          return std::abs(t.hz[0] - p.hz[0]) < 2.5 * step && std::abs(t.hz[1] - p.hz[1]) < 2.5 * step;
        }))
      tries.push_back(p);
  }
  if (tries.empty()) return std::nullopt;
  for (Point& t : tries) {
    t.hz = refined(t.hz, kGridPartials, 0.5 * step);
    t.hz = refined(t.hz, kMostPartials, 0.15 * step);
    t.energy = explained(t.hz[0], t.hz[1], kMostPartials);
  }
  const auto best = std::ranges::max_element(tries, {}, &Point::energy)->hz;
  Fit found = described(best);
  if (unordered) found.inOrder();
  return found;
}

TwoTones::Fit TwoTones::fitNear(double first_hz, double second_hz) {
  const auto low = refined({first_hz, second_hz}, kGridPartials, 0.5 * kGrid / window_s_);
  return described(refined(low, kMostPartials, 0.15 * kGrid / window_s_));
}

/// Bins near the lines, half a reciprocal window apart.
std::vector<std::size_t> TwoTones::binsNear() const {
  const double bin_hz = rate_ / static_cast<double>(now_->fft.length());
  const auto apart = apartBins();
  std::vector<std::size_t> near;
  for (const Line& line : lines_) {
    const auto low = static_cast<std::size_t>(std::max(0.0, line.hz - kBand / window_s_) / bin_hz);
    const auto high = static_cast<std::size_t>((line.hz + kBand / window_s_) / bin_hz);
    for (std::size_t b = (low / apart) * apart; b <= high && b < now_->fft.spectrum().size(); b += apart)
      if (near.empty() || b > near.back()) near.push_back(b);
  }
  return near;
}

std::size_t TwoTones::apartBins() const {
  return std::max<std::size_t>(
      1, static_cast<std::size_t>(0.5 / window_s_ * static_cast<double>(now_->fft.length()) / rate_));
}

/// Mean power on these bins that the lines do not explain.
double TwoTones::leftOver(const std::vector<std::size_t>& bins) const {
  const double bin_hz = rate_ / static_cast<double>(now_->fft.length());
  double sum = 0.0;
  for (const std::size_t b : bins) {
    std::complex<double> rest = now_->fft.spectrum()[b];
    for (std::size_t i = 0; i < lines_.size(); ++i)
      if (const double away = static_cast<double>(b) * bin_hz - lines_[i].hz;
          std::abs(away) < kSkirt / window_s_)
        rest -= amplitudes_[i] * kernel(away);
    sum += std::norm(rest);
  }
  return sum / static_cast<double>(std::max<std::size_t>(1, bins.size()));
}

/// The best single tone near one of these; its lines and amplitudes are kept.
double TwoTones::single(std::initializer_list<double> starts) {
  double found = 0.0, best = 0.0;
  for (const double start : starts) {
    double hz = start;
    for (double step = 0.2 / window_s_; step > 1e-3 / window_s_; step *= 0.5)
      for (const double next : {hz - step, hz + step})
        if (explained(next, 0.0, kMostPartials) > explained(hz, 0.0, kMostPartials)) hz = next;
    if (const double energy = explained(hz, 0.0, kMostPartials); energy > best) best = energy, found = hz;
  }
  explained(found, 0.0, kMostPartials, true);
  return found;
}

double TwoTones::leftOfOne_db(double first_hz, double second_hz) {
  explained(first_hz, second_hz, kMostPartials);
  const std::vector<std::size_t> bins = binsNear();
  single({first_hz, 0.5 * (first_hz + second_hz), second_hz});
  double all = 0.0;
  for (const std::size_t b : bins) all += std::norm(std::complex<double>(now_->fft.spectrum()[b]));
  return 10.0 * std::log10(std::max(1e-20, leftOver(bins) * static_cast<double>(bins.size())) /
                           std::max(1e-20, all));
}

TwoTones::Fit TwoTones::described(const std::array<double, 2>& hz) {
  const double e = explained(hz[0], hz[1], kMostPartials, true);
  Fit fit{hz, {-200.0, -200.0}, 0.0, 0.0, 0.0, 0.0, e};
  std::array<double, 2> power{};
  for (std::size_t i = 0; i < lines_.size(); ++i)
    power[static_cast<std::size_t>(lines_[i].owner)] += 2.0 * std::norm(amplitudes_[i]);
  for (std::size_t o = 0; o < 2; ++o) fit.level_db[o] = 10.0 * std::log10(std::max(1e-20, power[o]));
  const std::vector<std::size_t> near = binsNear();
  const double rest = leftOver(near);
  const double cells = static_cast<double>(near.size() * apartBins()) * rate_ /
                       static_cast<double>(now_->fft.length()) * window_s_ / kCell;
  const double lines = static_cast<double>(lines_.size());
  const double noise = rest / (kHannSquared * samples_) * cells / std::max(0.3 * cells, cells - lines);
  // The curvature of what is explained.
  const double h = 0.02 / window_s_;
  const auto at = [&](double a, double b) { return explained(hz[0] + a * h, hz[1] + b * h, kMostPartials); };
  const double h11 = -(at(1, 0) - 2.0 * e + at(-1, 0)) / (h * h);
  const double h22 = -(at(0, 1) - 2.0 * e + at(0, -1)) / (h * h);
  const double h12 = -(at(1, 1) - at(1, -1) - at(-1, 1) + at(-1, -1)) / (4.0 * h * h);
  const double det = h11 * h22 - h12 * h12;
  if (det > 0.0 && h11 > 0.0) {
    const double scale = kHannScore * noise / det;
    fit.variance1 = scale * h22;
    fit.variance2 = scale * h11;
    fit.covariance = -scale * h12;
  } else {
    fit.variance1 = fit.variance2 = kUnknown;
  }
  single({hz[0], 0.5 * (hz[0] + hz[1]), hz[1]});
  fit.two_db = 10.0 * std::log10(std::max(1e-20, leftOver(near)) / std::max(1e-20, rest));
  return fit;
}

}  // namespace calando
