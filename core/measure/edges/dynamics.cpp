#include "core/measure/edges/dynamics.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr double kHalfWindow_s = 0.025;
constexpr double kShortest_s = 0.3;
constexpr double kLeastMovement_db = 6.0;
constexpr double kShortestPulse_s = 0.15;
constexpr std::size_t kFewestPartials = 3;

struct LevelLine {
  std::vector<double> time, level;
};

LevelLine levels(const Tracks& tracks, double from_s, double to_s) {
  LevelLine line;
  for (double t = from_s + kHalfWindow_s; t <= to_s - kHalfWindow_s; t += kHop_s) {
    line.time.push_back(t);
    line.level.push_back(tracks.energy.level_dbfs(t - kHalfWindow_s, t + kHalfWindow_s));
  }
  return line;
}

/// Rest of the least-squares fit of two straight lines that meet at `knot`: y ≈ a + b·min(x-k, 0) +
/// c·max(x-k, 0).
double restOfTent(const LevelLine& line, double knot) {
  std::array<std::array<double, 4>, 3> m{};
  for (std::size_t i = 0; i < line.time.size(); ++i) {
    const double d = line.time[i] - knot;
    const std::array<double, 4> row{1.0, std::min(d, 0.0), std::max(d, 0.0), line.level[i]};
    for (std::size_t r = 0; r < 3; ++r)
      for (std::size_t c = 0; c < 4; ++c) m[r][c] += row[r] * row[c];
  }
  const auto x = solved<3>(m);
  double rest = 0.0;
  for (std::size_t i = 0; i < line.time.size(); ++i) {
    const double d = line.time[i] - knot;
    const double off = line.level[i] - x[0] - x[1] * std::min(d, 0.0) - x[2] * std::max(d, 0.0);
    rest += off * off;
  }
  return rest;
}

double peakTime(const LevelLine& line) {
  const double first = line.time.front();
  const double length = line.time.back() - first;
  double best = first + length / 2.0;
  double least = restOfTent(line, best);
  const auto search = [&](double low, double high, double step) {
    for (double knot = low; knot <= high; knot += step)
      if (const double rest = restOfTent(line, knot); rest < least) {
        least = rest;
        best = knot;
      }
  };
  search(first + 0.08 * length, first + 0.92 * length, length / 50.0);
  const double middle = best;
  search(middle - length / 50.0, middle + length / 50.0, length / 1000.0);
  return best;
}

/// Median of the slopes of y over x between points that lie at least `apart` of x from one another.
std::optional<double> slopeOver(const std::vector<double>& x, const std::vector<double>& y, double apart) {
  std::vector<double> slopes;
  const std::size_t stride = std::max<std::size_t>(1, x.size() / 200);
  for (std::size_t i = 0; i < x.size(); i += stride)
    for (std::size_t j = i + stride; j < x.size(); j += stride)
      if (std::abs(x[j] - x[i]) >= apart) slopes.push_back((y[j] - y[i]) / (x[j] - x[i]));
  return medianOf(std::move(slopes));
}

}  // namespace

DynamicFigures dynamicFigures(const Tracks& tracks, double from_s, double to_s,
                              const std::function<double(double)>& shape_db) {
  DynamicFigures figures;
  const LevelLine line = levels(tracks, from_s, to_s);
  if (to_s - from_s < kShortest_s || line.time.size() < 10) return figures;
  std::vector<double> off;
  for (std::size_t i = 0; i < line.time.size(); ++i)
    off.push_back(line.level[i] - shape_db((line.time[i] - from_s) / (to_s - from_s)));
  figures.shape_error_db = standardDeviation(off);
  figures.peak_share = (peakTime(line) - from_s) / (to_s - from_s);

  std::vector<double> firstThird, lastThird;
  std::vector<double> level, cents, colourLevel, brightness;
  for (std::size_t i = 0; i < line.time.size(); ++i) {
    const auto frame = static_cast<std::size_t>(std::lround(line.time[i] / kHop_s));
    if (frame >= tracks.frames.size() || tracks.frames[frame].f0_hz <= 0.0f) continue;
    level.push_back(line.level[i]);
    cents.push_back(centsBetween(440.0, tracks.frames[frame].f0_hz));
    if (tracks.frames[frame].colour < 0) continue;
    colourLevel.push_back(line.level[i]);
    const ColourFrame& colour = tracks.colours[static_cast<std::size_t>(tracks.frames[frame].colour)];
    brightness.push_back(colour.brightness);
    const double share = (line.time[i] - from_s) / (to_s - from_s);
    if (share < 1.0 / 3.0) firstThird.push_back(colour.hnr_db);
    if (share > 2.0 / 3.0) lastThird.push_back(colour.hnr_db);
  }
  if (!firstThird.empty() && !lastThird.empty())
    figures.core_gain_db = median(lastThird) - median(firstThird);
  if (level.size() < 10 || quantile(level, 0.95) - quantile(level, 0.05) < kLeastMovement_db) return figures;
  figures.cents_per_db = slopeOver(level, cents, kLeastMovement_db / 2.0);
  figures.partials_per_db = slopeOver(colourLevel, brightness, kLeastMovement_db / 2.0);
  return figures;
}

std::optional<PulseFigures> pulseFigures(const Tracks& tracks, double from_s, double to_s, int count) {
  const double pulse = (to_s - from_s) / count;
  if (count < 2 || pulse < kShortestPulse_s) return std::nullopt;
  const LevelLine line = levels(tracks, from_s, to_s);
  // A crest lies within its pulse, a trough within half a pulse of the border between two.
  const auto extreme = [&](double low, double high, bool crest) {
    std::optional<double> found;
    for (std::size_t i = 0; i < line.time.size(); ++i) {
      if (line.time[i] < low || line.time[i] > high) continue;
      if (!found || (crest ? line.level[i] > *found : line.level[i] < *found)) found = line.level[i];
    }
    return found;
  };
  std::vector<double> crests, troughs;
  for (int p = 0; p < count; ++p) {
    if (const auto v = extreme(from_s + p * pulse, from_s + (p + 1) * pulse, true)) crests.push_back(*v);
    if (p == 0) continue;
    if (const auto v = extreme(from_s + (p - 0.5) * pulse, from_s + (p + 0.5) * pulse, false))
      troughs.push_back(*v);
  }
  if (crests.size() < 2 || troughs.empty()) return std::nullopt;
  return PulseFigures{mean(crests) - mean(troughs), standardDeviation(crests)};
}

std::vector<float> levelled(std::span<const float> samples, const std::optional<double>& level_dbfs,
                            double wanted_dbfs) {
  std::vector<float> out(samples.begin(), samples.end());
  double peak = 0.0;
  for (const float x : out) peak = std::max<double>(peak, std::abs(x));
  const double asked = level_dbfs ? std::pow(10.0, (wanted_dbfs - *level_dbfs) / 20.0) : 1.0;
  const double most = std::pow(10.0, (wanted_dbfs + kPeakOver_db) / 20.0);
  const double gain = peak * asked > most ? most / peak : asked;
  for (float& x : out) x *= static_cast<float>(gain);
  return out;
}

std::optional<ColourDifference> colourDifference(std::span<const std::optional<double>> a,
                                                 std::span<const std::optional<double>> b) {
  std::vector<double> differences;
  for (std::size_t k = 0; k < std::min(a.size(), b.size()); ++k)
    if (a[k] && b[k] && std::min(*a[k], *b[k]) > kFaintestPartial_db) differences.push_back(*a[k] - *b[k]);
  if (differences.size() < kFewestPartials) return std::nullopt;
  return ColourDifference{mean(differences), standardDeviation(differences)};
}

std::optional<double> colourDistance(const Note& a, const Note& b) {
  const auto difference = colourDifference(a.harmonics_db, b.harmonics_db);
  return difference ? std::optional(difference->distance_db) : std::nullopt;
}

}  // namespace calando
