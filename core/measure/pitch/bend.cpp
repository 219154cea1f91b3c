#include "core/measure/pitch/bend.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/maths/statistics.h"
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
constexpr double kLeastWay_cents = 40.0, kWayEdge = 0.1;
constexpr std::size_t kFewestOfWay = 10;  // points
constexpr double kLeastDrop_cents = 8.0;
constexpr std::size_t kDropSide = 30, kDropClear = 6;  // frames

constexpr double kWidths_cents[] = {10, 13, 17, 22, 28, 36, 46, 60, 78, 100};
constexpr double kCoarse_cents = 4.0, kFine_cents = 0.5;
constexpr double kBeyond_cents = 8.0;  // on either side of a top
constexpr double kLeastHeight_db = 2.0;
constexpr double kStandsOut = 12.0;  // F of the resonance's three values
constexpr double kMostSpread_cents = 15.0;

/// The pitched frames between two times: cents over 440 Hz, dBFS, and harmonics over noise, straight between
/// the moments where those are known.
struct Course {
  std::vector<BendPoint> points;
  bool coreKnown = false;
};
Course courseOf(const Tracks& tracks, double from_s, double to_s) {
  Course course;
  std::size_t known = 0;  // points up to the last moment at which the core is known
  double core = 0.0;
  for (auto i = static_cast<std::size_t>(std::max(0.0, std::ceil((from_s + kEdge_s) / kHop_s)));
       i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to_s - kEdge_s; ++i) {
    const TrackFrame& frame = tracks.frames[i];
    if (frame.f0_hz <= 0.0f) continue;
    course.points.push_back(
        {static_cast<double>(i) * kHop_s, centsBetween(440.0, frame.f0_hz), frame.level_dbfs, core});
    if (frame.colour < 0) continue;
    const double here = tracks.colours[static_cast<std::size_t>(frame.colour)].hnr_db;
    const std::size_t count = course.points.size();
    for (std::size_t p = known; p < count; ++p) {
      const double share = static_cast<double>(p + 1 - known) / static_cast<double>(count - known);
      course.points[p].core_db = course.coreKnown ? core + share * (here - core) : here;
    }
    course.coreKnown = true;
    known = count;
    core = here;
  }
  return course;
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

constexpr auto kEverywhere = [](const BendPoint&) { return true; };
constexpr auto kCents = [](const BendPoint& p) { return p.cents; };
constexpr auto kLevel = [](const BendPoint& p) { return p.level_db; };
constexpr auto kCore = [](const BendPoint& p) { return p.core_db; };

/// How fast and how evenly the ways down and up go.
void describeWays(Bend& bend) {
  std::vector<double> speeds, uneven;
  for (std::size_t pass = 0; pass + 1 < bend.passes.size(); ++pass) {
    const auto own =
        std::span(bend.points).subspan(bend.passes[pass], bend.passes[pass + 1] - bend.passes[pass]);
    const double from = own.front().cents, way = own.back().cents - from;
    if (std::abs(way) < kLeastWay_cents) continue;
    // From where it is first there to where it is last: what waves meanwhile is part of the way.
    const auto share = [&](const BendPoint& p) { return (p.cents - from) / way; };
    const auto begin = std::ranges::find_if(own, [&](const BendPoint& p) { return share(p) >= kWayEdge; });
    auto end = own.end();
    while (end != begin && share(*std::prev(end)) > 1.0 - kWayEdge) --end;
    std::vector<double> time, cents;
    for (auto p = begin; p != end; ++p) {
      time.push_back(p->time_s);
      cents.push_back(p->cents);
    }
    if (time.size() < kFewestOfWay) continue;
    const double slope = leastSquaresSlope(time, cents), middle_s = mean(time), middle = mean(cents);
    double squares = 0.0;
    for (std::size_t i = 0; i < time.size(); ++i)
      squares += std::pow(cents[i] - middle - slope * (time[i] - middle_s), 2.0);
    speeds.push_back(std::abs(slope));
    uneven.push_back(std::sqrt(squares / static_cast<double>(time.size())));
  }
  bend.speed_cents_per_s = medianOf(std::move(speeds));
  bend.uneven_cents = medianOf(std::move(uneven));
}

}  // namespace

std::optional<Drop> describeDrop(const Tracks& tracks, double from_s, double to_s) {
  Course course = courseOf(tracks, from_s, to_s);
  const std::span<const BendPoint> all(course.points);
  constexpr std::size_t side = kDropClear + kDropSide;
  std::optional<Drop> most;
  for (std::size_t i = side; i + side < all.size(); ++i) {
    const auto before = all.subspan(i - side, kDropSide), after = all.subspan(i + kDropClear, kDropSide);
    const auto step = [&](auto get) {
      return *medianWhere(after, kEverywhere, get) - *medianWhere(before, kEverywhere, get);
    };
    const double cents = step(kCents);
    if (std::abs(cents) <= std::max(kLeastDrop_cents, most ? std::abs(most->cents) : 0.0)) continue;
    most = Drop{all[i].time_s, cents, step(kLevel), {}};
    if (course.coreKnown) most->core_db = step(kCore);
  }
  return most;
}

std::optional<Bend> describeBend(const Tracks& tracks, double from_s, double to_s) {
  Course course = courseOf(tracks, from_s, to_s);
  Bend bend;
  bend.points = std::move(course.points);
  const std::size_t count = bend.points.size();
  if (count < kFewest) return std::nullopt;
  const std::span<BendPoint> all(bend.points);
  const double start = *medianWhere(all.first(kEnd), kEverywhere, kCents);
  for (BendPoint& p : all) p.cents -= start;
  bend.return_cents = *medianWhere(all.last(kEnd), kEverywhere, kCents);
  for (std::size_t i = 0; i + kMedian <= count; ++i)
    if (const double here = *medianWhere(all.subspan(i, kMedian), kEverywhere, kCents);
        std::abs(here) > std::abs(bend.depth_cents))
      bend.depth_cents = here;
  bend.passes = passesOf(bend.points);
  if (std::abs(bend.depth_cents) < kLeastDepth_cents) return bend;
  const auto before = all.first(bend.passes[1]);
  const auto atStart = [](const BendPoint& p) { return std::abs(p.cents) < kNearStart_cents; };
  const auto level = medianWhere(before, atStart, kLevel), core = medianWhere(before, atStart, kCore);
  if (!level || !core) return bend;
  for (BendPoint& p : all) {
    p.level_db -= *level;
    p.core_db -= *core;
  }
  bend.ring = ringOf(bend.points, bend.passes);
  describeWays(bend);
  const auto farEnd = [&](auto get) {
    std::vector<double> values;
    for (std::size_t pass = 0; pass + 1 < bend.passes.size(); ++pass)
      if (const auto value = medianWhere(
              all.subspan(bend.passes[pass], bend.passes[pass + 1] - bend.passes[pass]),
              [&](const BendPoint& p) { return p.cents / bend.depth_cents > 1.0 - kFarShare; }, get))
        values.push_back(*value);
    return medianOf(std::move(values));
  };
  bend.level_db = farEnd(kLevel);
  if (course.coreKnown) bend.core_db = farEnd(kCore);
  return bend;
}

}  // namespace calando
