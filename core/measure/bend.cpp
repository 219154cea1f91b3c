#include "core/measure/bend.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/measure/statistics.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr double kEdge_s = 0.12;  // attack and release are no part of the bend
constexpr std::size_t kEnd = 12;  // frames
constexpr std::size_t kMedian = 5;
constexpr std::size_t kFewest = 50;
constexpr double kTurn_cents = 25.0;  // a smaller way back is no turn
constexpr double kFarShare = 0.15;    // of the depth: the far end
constexpr double kNearStart_cents = 12.0;
constexpr double kLeastDepth_cents = 15.0;

constexpr double kWidths_cents[] = {10, 13, 17, 22, 28, 36, 46, 60, 78, 100};
constexpr double kCoarse_cents = 4.0, kFine_cents = 0.5;
constexpr double kBeyond_cents = 8.0;  // on either side of a top
constexpr double kLeastHeight_db = 2.0;
constexpr double kStandsOut = 12.0;  // F of the resonance's three values
constexpr double kMostSpread_cents = 15.0;

double medianAt(const std::vector<double>& values, std::size_t first, std::size_t count) {
  return median({values.begin() + static_cast<std::ptrdiff_t>(first),
                 values.begin() + static_cast<std::ptrdiff_t>(first + count)});
}

/// Harmonics over the noise at every frame of a stretch, straight between the moments where they are known.
std::vector<std::optional<double>> coreOf(const Tracks& tracks, std::size_t first, std::size_t last) {
  std::vector<std::optional<double>> core(last - first + 1);
  std::optional<std::size_t> before;
  double value = 0.0;
  for (std::size_t i = first; i <= last; ++i) {
    const std::int32_t colour = tracks.frames[i].colour;
    if (colour < 0) continue;
    const double here = tracks.colours[static_cast<std::size_t>(colour)].hnr_db;
    const std::size_t from = before.value_or(i);
    for (std::size_t j = from; j <= i; ++j)
      core[j - first] =
          i == from ? here
                    : value + (here - value) * static_cast<double>(j - from) / static_cast<double>(i - from);
    before = i;
    value = here;
  }
  return core;
}

/// Indices of the points where a way down or up begins.
std::vector<std::size_t> passesOf(const std::vector<BendPoint>& points) {
  std::vector<std::size_t> starts{0};
  std::size_t extreme = 0;
  int way = 0;  // -1 down, 1 up, 0 not moved yet
  for (std::size_t i = 1; i < points.size(); ++i) {
    const double from = points[extreme].cents, here = points[i].cents;
    if (way == 0 ? std::abs(here - from) > kTurn_cents : way * (from - here) > kTurn_cents) {
      if (way != 0) starts.push_back(extreme);
      way = here > from ? 1 : -1;
      extreme = i;
    } else if (way * (here - from) > 0.0) {
      extreme = i;
    }
  }
  starts.push_back(points.size());
  return starts;
}

/// Columns of a linear fit with the mean of each pass taken off.
class WithinPasses {
 public:
  WithinPasses(const std::vector<BendPoint>& points, const std::vector<std::size_t>& passes)
      : points_(points), passes_(passes) {
    y_ = column([](const BendPoint& p) { return p.ring_db(); });
    c_ = column([](const BendPoint& p) { return p.cents / 100.0; });
    t_ = column([](const BendPoint& p) { return p.time_s; });
  }

  template <class Get>
  std::vector<double> column(Get get) const {
    std::vector<double> values;
    for (const BendPoint& p : points_) values.push_back(get(p));
    for (std::size_t pass = 0; pass + 1 < passes_.size(); ++pass) {
      const std::span<double> own(&values[passes_[pass]], passes_[pass + 1] - passes_[pass]);
      const double middle = mean(own);
      for (double& v : own) v -= middle;
    }
    return values;
  }

  struct Fit {
    double rest;    ///< sum of squares left over
    double height;  ///< dB a unit of what was fitted beside the slope in time
    std::vector<double> left;
  };
  Fit slope() const { return fitted(c_); }
  Fit resonance(double centre, double width) const {
    return fitted(column([=](const BendPoint& p) {
      const double x = (p.cents - centre) / width;
      return -std::log10(1.0 + x * x);
    }));
  }

  /// How many independent values the rest is worth.
  double independent(const std::vector<double>& left) const {
    double zero = 0.0;
    for (const double v : left) zero += v * v;
    double sum = 0.0;
    for (std::size_t lag = 1; lag < left.size() / 4; ++lag) {
      double product = 0.0;
      for (std::size_t i = 0; i + lag < left.size(); ++i) product += left[i] * left[i + lag];
      if (product <= 0.05 * zero) break;
      sum += product / zero;
    }
    return static_cast<double>(left.size()) / (1.0 + 2.0 * sum);
  }

 private:
  Fit fitted(const std::vector<double>& g) const {
    double tt = 1e-9, tg = 0.0, gg = 1e-9, ty = 0.0, gy = 0.0;
    for (std::size_t i = 0; i < y_.size(); ++i) {
      tt += t_[i] * t_[i];
      tg += t_[i] * g[i];
      gg += g[i] * g[i];
      ty += t_[i] * y_[i];
      gy += g[i] * y_[i];
    }
    const auto [inTime, height] = solved<2>({{{tt, tg, ty}, {tg, gg, gy}}});
    Fit fit{0.0, height, {}};
    for (std::size_t i = 0; i < y_.size(); ++i) {
      fit.left.push_back(y_[i] - inTime * t_[i] - height * g[i]);
      fit.rest += fit.left.back() * fit.left.back();
    }
    return fit;
  }

  const std::vector<BendPoint>& points_;
  const std::vector<std::size_t>& passes_;
  std::vector<double> y_, c_, t_;
};

/// The least rest over the widths.
std::pair<double, double> bestAt(const WithinPasses& within, double centre) {
  std::pair<double, double> best{1e300, 0.0};  // rest, width
  for (const double width : kWidths_cents)
    if (const auto fit = within.resonance(centre, width); fit.height > 0.0 && fit.rest < best.first)
      best = {fit.rest, width};
  return best;
}

std::optional<Ring> ringOf(const std::vector<BendPoint>& points, const std::vector<std::size_t>& passes) {
  const WithinPasses within(points, passes);
  const auto [lowest, highest] = std::ranges::minmax(points, {}, &BendPoint::cents);
  const double from = lowest.cents + kBeyond_cents, to = highest.cents - kBeyond_cents;
  double centre = from;
  std::pair<double, double> best{1e300, 0.0};
  const auto search = [&](double low, double high, double step) {
    for (double c = low; c <= high; c += step)
      if (const auto here = bestAt(within, c); here.first < best.first) {
        best = here;
        centre = c;
      }
  };
  search(from, to, kCoarse_cents);
  if (best.second == 0.0) return std::nullopt;
  search(std::max(from, centre - kCoarse_cents), std::min(to, centre + kCoarse_cents), kFine_cents);
  if (centre < from + kFine_cents || centre > to - kFine_cents) return std::nullopt;
  const auto fit = within.resonance(centre, best.second);
  const double free = within.independent(fit.left) - static_cast<double>(passes.size() - 1) - 4.0;
  if (free < 3.0) return std::nullopt;
  const double f = (within.slope().rest - fit.rest) / 2.0 / (fit.rest / free);
  const double farther = std::max(centre - lowest.cents, highest.cents - centre) / best.second;
  const double height = fit.height * std::log10(1.0 + farther * farther);
  if (f < kStandsOut || height < kLeastHeight_db) return std::nullopt;
  // Where the rest grows by as much as one independent value is worth.
  const auto reach = [&](double way) {
    double c = centre;
    while (c > from && c < to && bestAt(within, c).first < fit.rest * (1.0 + 1.0 / free)) c += way;
    return std::abs(c - centre);
  };
  const double spread = 0.5 * (reach(1.0) + reach(-1.0));
  if (spread > kMostSpread_cents) return std::nullopt;
  return Ring{centre, spread, height};
}

/// Of the points that `keep` takes, the median of something.
template <class Keep, class Get>
std::optional<double> medianWhere(std::span<const BendPoint> points, Keep keep, Get get) {
  std::vector<double> values;
  for (const BendPoint& p : points)
    if (keep(p)) values.push_back(get(p));
  return medianOf(std::move(values));
}

}  // namespace

std::optional<Bend> describeBend(const Tracks& tracks, double from_s, double to_s) {
  const auto first = static_cast<std::size_t>(std::max(0.0, std::ceil((from_s + kEdge_s) / kHop_s)));
  const double end_s = std::min(to_s - kEdge_s, kHop_s * (static_cast<double>(tracks.frames.size()) - 1.0));
  if (end_s <= static_cast<double>(first) * kHop_s) return std::nullopt;
  const auto last = static_cast<std::size_t>(end_s / kHop_s);
  const auto core = coreOf(tracks, first, last);
  std::vector<double> cents;
  std::vector<std::size_t> frames;
  for (std::size_t i = first; i <= last; ++i) {
    if (tracks.frames[i].f0_hz <= 0.0f) continue;
    cents.push_back(centsBetween(440.0, tracks.frames[i].f0_hz));
    frames.push_back(i);
  }
  if (cents.size() < kFewest) return std::nullopt;
  const double start = medianAt(cents, 0, kEnd);
  Bend bend{0.0, medianAt(cents, cents.size() - kEnd, kEnd) - start, {}, {}, {}, {}, {}};
  for (std::size_t i = 0; i + kMedian <= cents.size(); ++i)
    if (const double here = medianAt(cents, i, kMedian) - start; std::abs(here) > std::abs(bend.depth_cents))
      bend.depth_cents = here;
  for (std::size_t i = 0; i < cents.size(); ++i)
    if (const auto& hnr = core[frames[i] - first])
      bend.points.push_back({static_cast<double>(frames[i]) * kHop_s, cents[i] - start,
                             tracks.frames[frames[i]].level_dbfs, *hnr});
  if (bend.points.size() < kFewest) return bend;
  bend.passes = passesOf(bend.points);
  if (std::abs(bend.depth_cents) < kLeastDepth_cents) return bend;
  const std::span<const BendPoint> before(bend.points.data(), bend.passes[1]);
  const auto atStart = [](const BendPoint& p) { return std::abs(p.cents) < kNearStart_cents; };
  const auto level = medianWhere(before, atStart, [](const BendPoint& p) { return p.level_db; });
  const auto noise = medianWhere(before, atStart, [](const BendPoint& p) { return p.core_db; });
  if (!level || !noise) return bend;
  for (BendPoint& p : bend.points) {
    p.level_db -= *level;
    p.core_db -= *noise;
  }
  bend.ring = ringOf(bend.points, bend.passes);
  const auto atEnd = [&](const BendPoint& p) { return p.cents / bend.depth_cents > 1.0 - kFarShare; };
  std::vector<double> levels, cores;
  for (std::size_t pass = 0; pass + 1 < bend.passes.size(); ++pass) {
    const std::span<const BendPoint> own(&bend.points[bend.passes[pass]],
                                         bend.passes[pass + 1] - bend.passes[pass]);
    if (const auto l = medianWhere(own, atEnd, [](const BendPoint& p) { return p.level_db; }))
      levels.push_back(*l);
    if (const auto c = medianWhere(own, atEnd, [](const BendPoint& p) { return p.core_db; }))
      cores.push_back(*c);
  }
  bend.level_db = medianOf(levels);
  bend.core_db = medianOf(cores);
  return bend;
}

}  // namespace calando
