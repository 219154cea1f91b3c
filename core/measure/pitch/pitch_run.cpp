#include "core/measure/pitch/pitch_run.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr double kTurn_cents = 40.0, kTurnJitter = 5.0;
constexpr double kLeast_cents = 100.0;
constexpr std::size_t kShortestLeg = 4;
constexpr double kShortest_s = 0.3, kShortestFar_s = 0.12, kFar_cents = 300.0;
constexpr double kEnd_cents = 150.0, kEnd = 0.3;  // as far a rest at an end is looked for
constexpr std::size_t kLeastWay = 6, kMostPlaces = 300;
constexpr double kClearly = 0.9;  // of many corners one fits by chance
constexpr double kRest_s = 0.06;  // less is a rounded end
constexpr double kStay_s = 0.3, kStayBesideFast_s = 0.12, kFast_cents_per_s = 600.0;
constexpr double kLeastStay_s = 0.11;      // of one that is trimmed
constexpr double kStayShows_cents = 50.0;  // that the leg goes in the time of a stay
constexpr double kStays = 0.25;            // of its speed
constexpr double kStayReach_cents = 30.0, kStayJitter = 3.0, kSideJitter = 3.0;

using Medians = std::span<const double>;

/// Where the medians turn, the ends among them.
std::vector<std::size_t> turnsOf(Medians m, double least) {
  std::vector<std::size_t> turns{0};
  std::size_t low = 0, high = 0;
  int way = 0;  // 1 up, -1 down
  for (std::size_t i = 1; i < m.size(); ++i) {
    if (m[i] > m[high]) high = i;
    if (m[i] < m[low]) low = i;
    if (way <= 0 && m[i] - m[low] > least) {
      if (way < 0 || low > 0) turns.push_back(low);
      way = 1;
      high = i;
    } else if (way >= 0 && m[high] - m[i] > least) {
      if (way > 0 || high > 0) turns.push_back(high);
      way = -1;
      low = i;
    }
    if (way > 0 && high == i) low = i;
    if (way < 0 && low == i) high = i;
  }
  turns.push_back(way >= 0 ? std::max(high, turns.back()) : std::max(low, turns.back()));
  if (turns.back() + 1 < m.size()) turns.push_back(m.size() - 1);
  return turns;
}

/// The squares that least squares leave.
template <std::size_t N, class Basis>
double squaresLeft(Medians m, Basis basis) {
  std::array<std::array<double, N + 1>, N> normal{};
  double squares = 0.0;
  for (std::size_t i = 0; i < m.size(); ++i) {
    const std::array<double, N> at = basis(static_cast<double>(i));
    const double y = m[i] - m[0];
    for (std::size_t r = 0; r < N; ++r) {
      for (std::size_t c = 0; c < N; ++c) normal[r][c] += at[r] * at[c];
      normal[r][N] += at[r] * y;
    }
    squares += y * y;
  }
  const auto weights = solved<N>(normal);
  for (std::size_t r = 0; r < N; ++r) squares -= weights[r] * normal[r][N];
  return squares;
}

/// How many frames the pitch rests before it goes its way, which may bend; 0 where a polynomial of the third
/// degree, which has as many numbers, explains it better.
std::size_t restOf(Medians every) {
  const std::size_t apart = 1 + every.size() / kMostPlaces;  // a long slow way is looked at more coarsely
  std::vector<double> m;
  for (std::size_t i = 0; i < every.size(); i += apart) m.push_back(every[i]);
  const double last = static_cast<double>(m.size() - 1);
  double least = kClearly * squaresLeft<4>(m, [=](double i) {
                   const double x = 2.0 * i / last - 1.0;
                   return std::array{1.0, x, 1.5 * x * x - 0.5, 2.5 * x * x * x - 1.5 * x};
                 });
  std::size_t rest = 0;
  for (std::size_t corner = 1; corner + kLeastWay < m.size(); ++corner) {
    const double at = static_cast<double>(corner);
    const double squares = squaresLeft<3>(m, [=](double i) {
      const double way = std::max(0.0, (i - at) / (last - at));
      return std::array{1.0, way, way * way};
    });
    if (squares >= least) continue;
    least = squares;
    rest = apart * corner;
  }
  return rest;
}

/// The part of a leg that begins it.
Medians beginningOf(Medians leg) {
  const double reach = std::max(kEnd_cents, kEnd * std::abs(leg.back() - leg.front()));
  const auto beyond =
      std::ranges::find_if(leg, [&](double c) { return std::abs(c - leg.front()) > reach; }) - leg.begin();
  return leg.first(std::min(leg.size(), static_cast<std::size_t>(beyond) + 1));
}

std::size_t framesOf(double seconds) { return static_cast<std::size_t>(std::lround(seconds / kHop_s)); }

/// By how much a stretch goes up or down, whatever its jitter.
double goesOver(Medians stretch) {
  const std::size_t third = std::max<std::size_t>(1, stretch.size() / 3);
  const auto part = [&](std::size_t at) {
    return median({stretch.begin() + static_cast<long>(at), stretch.begin() + static_cast<long>(at + third)});
  };
  return 1.5 * std::abs(part(stretch.size() - third) - part(0));
}

/// A leg of at least a semitone, less the rests at its ends that are long enough to show in its jitter.
std::optional<Travel> withoutRests(Medians m, Travel leg, double jitter) {
  if (leg.last < leg.first + kShortestLeg || std::abs(m[leg.last] - m[leg.first]) < kLeast_cents)
    return std::nullopt;
  const Medians part = m.subspan(leg.first, leg.last - leg.first + 1);
  const std::vector<double> reversed(part.rbegin(), part.rend());
  const std::size_t before = restOf(beginningOf(part)), after = restOf(beginningOf(reversed));
  const std::size_t rests = before + after, length = leg.last - leg.first;
  if (rests >= length) return std::nullopt;
  const double way = std::abs(part.back() - part.front());
  const auto shows = [&](std::size_t rest) {
    const double wouldGo = way * static_cast<double>(rest) / static_cast<double>(length - rests);
    return rest >= framesOf(kRest_s) && wouldGo >= kShowsJitter * jitter;
  };
  if (shows(before)) leg.first += before;
  if (shows(after)) leg.last -= after;
  return leg;
}

/// Whether a leg stays where it is for some frames.
class Stays {
 public:
  Stays(Medians m, Travel leg, double jitter) : m_(m), leg_(leg), jitter_(jitter) {
    speed_ = std::abs(m[leg.last] - m[leg.first]) / (static_cast<double>(leg.last - leg.first) * kHop_s);
    reach_ = std::max(kStayReach_cents, kStayJitter * jitter);
    shows_ = std::max(kStayShows_cents, kShowsJitter * jitter);
    length_ = framesOf(std::max(kStay_s, shows_ / speed_));
  }
  /// For how many frames from that one on it is sure to; 0: it does not.
  std::size_t at(std::size_t i) const {
    if (i + length_ <= leg_.last && goesOver(m_.subspan(i, length_)) <= kStays * speed_ * secondsOf(length_))
      return length_;
    constexpr std::size_t side = 13;  // frames in which it goes a step at least
    const std::size_t brief = framesOf(kStayBesideFast_s);
    if (i < side || i + brief > leg_.last) return 0;
    const double here =
        median({m_.begin() + static_cast<long>(i), m_.begin() + static_cast<long>(i + brief)});
    std::size_t end = i + brief;
    while (end <= leg_.last && std::abs(m_[end] - here) < reach_) ++end;
    if (end + side > m_.size()) return 0;
    const double way = std::min(std::abs(m_[i] - m_[i - side]), std::abs(m_[end + side - 1] - m_[end - 1]));
    if (way < kFast_cents_per_s * secondsOf(side) + kSideJitter * jitter_) return 0;
    const double wouldGo = way / static_cast<double>(side) * static_cast<double>(end - i);
    return wouldGo >= shows_ && goesOver(m_.subspan(i, end - i)) <= kStays * wouldGo ? end - i : 0;
  }

  /// Takes the ways in and out off.
  void trim(Travel& stay) const {
    const double here =
        median({m_.begin() + static_cast<long>(stay.first), m_.begin() + static_cast<long>(stay.last) + 1});
    while (stay.first < stay.last && std::abs(m_[stay.first] - here) > reach_) ++stay.first;
    while (stay.last > stay.first && std::abs(m_[stay.last] - here) > reach_) --stay.last;
  }

 private:
  static double secondsOf(std::size_t frames) { return static_cast<double>(frames) * kHop_s; }

  Medians m_;
  Travel leg_;
  double jitter_, speed_, reach_, shows_;
  std::size_t length_;
};

/// Cuts stays out of a leg and adds what is left of it.
void addWithoutStays(Medians m, Travel leg, double jitter, std::vector<Travel>& out) {
  const Stays stays(m, leg, jitter);
  const auto add = [&](std::size_t from, std::size_t to) {
    if (to <= from) return;
    const double way = std::abs(m[to] - m[from]), length_s = static_cast<double>(to - from) * kHop_s;
    if (way >= kLeast_cents && length_s >= (way >= kFar_cents ? kShortestFar_s : kShortest_s))
      out.push_back({from, to, false});
  };
  std::size_t from = leg.first;
  for (std::size_t i = leg.first; i <= leg.last; ++i) {
    if (stays.at(i) == 0) continue;
    Travel stay{i, i, true};
    for (; const std::size_t length = stays.at(i); ++i) stay.last = std::max(stay.last, i + length - 1);
    i = stay.last;
    stays.trim(stay);
    if (stay.last - stay.first + 1 < framesOf(kLeastStay_s))
      continue;  // chance has held it back for a moment
    add(from, stay.first);
    out.push_back(stay);
    from = stay.last;
  }
  add(from, leg.last);
}

}  // namespace

TravelLine::TravelLine(const PitchLine& line) : medians(mediansOf(line.cents)), jitter(jitterOf(medians)) {}

std::vector<Travel> findTravels(const TravelLine& line, std::size_t first, std::size_t last) {
  const Medians m(line.medians);
  const double jitter = line.jitter;
  std::vector<std::size_t> turns =
      turnsOf(m.subspan(first, last - first + 1), std::max(kTurn_cents, kTurnJitter * jitter));
  for (std::size_t& turn : turns) turn += first;
  std::vector<Travel> legs;
  for (std::size_t t = 1; t < turns.size(); ++t)
    if (const auto leg = withoutRests(m, {turns[t - 1], turns[t], false}, jitter)) legs.push_back(*leg);
  for (std::size_t i = 1; i < legs.size(); ++i) {
    if (legs[i].first - legs[i - 1].last >= framesOf(kTurnRest_s)) continue;
    const std::span<const double> between = m.subspan(legs[i - 1].last, legs[i].first - legs[i - 1].last + 1);
    const bool up = m[legs[i - 1].last] > m[legs[i - 1].first];
    const auto turn = up ? std::ranges::max_element(between) : std::ranges::min_element(between);
    legs[i - 1].last = legs[i].first = legs[i - 1].last + static_cast<std::size_t>(turn - between.begin());
  }
  std::vector<Travel> travels;
  for (const Travel& leg : legs) addWithoutStays(m, leg, jitter, travels);
  return travels;
}

}  // namespace calando
