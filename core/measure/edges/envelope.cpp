#include "core/measure/edges/envelope.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <span>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr double kStep_s = 0.0005;
constexpr double kShortestWindow_s = 0.008;
constexpr double kShortestBreak_s = 0.018;
constexpr double kDipDepth = 0.5;     // power left in a dip, of the power around it
constexpr double kBreakDepth = 0.15;  // in one that is too short to tell what is left
constexpr double kToldWindows = 2.0, kMiddle = 0.25;
constexpr double kRecovered = 0.9;
constexpr double kBottom_s = 0.06, kOverBottom = 1.5;
constexpr double kLongestSearch_s = 0.45;

constexpr double kFallStep_s = 0.01;
constexpr std::size_t kBeforeSteps = 15;
constexpr std::size_t kFallSteps = 20;
constexpr std::size_t kTailSteps = 10;  // fewer tell nothing
constexpr std::size_t kGoneSteps = 50;
constexpr double kFall_db = 10.0;
constexpr double kLeaves_db = 3.0;
constexpr double kDeep_db = 20.0;
constexpr double kFallenBack_db = 8.0;
constexpr double kComesBack_db = 8.0;  // over the lowest
constexpr double kPulseBack = 0.35;    // of the steady power
constexpr std::size_t kFewestPulses = 2;
constexpr double kPulseRegular = 0.3;
constexpr double kSilent = 0.01;  // of the power: 20 dB
constexpr double kRings_db_per_s = 20.0;

constexpr double kRiseWindow = 0.15;  // of a rise

/// Power of a linear ramp of length R (amplitude 0 to 1 from time 0) averaged over a window T, at time t.
double rampPower(double t, double ramp, double window) {
  const auto cumulated = [ramp](double u) {
    if (u <= 0.0) return 0.0;
    if (u >= ramp) return ramp / 3.0 + (u - ramp);
    return u * u * u / (3.0 * ramp * ramp);
  };
  return (cumulated(t + window / 2.0) - cumulated(t - window / 2.0)) / window;
}

double rampCrossing(double level, double ramp, double window) {
  double low = -window;
  double high = ramp + window;
  for (int i = 0; i < 50; ++i) {
    const double t = (low + high) / 2.0;
    (rampPower(t, ramp, window) < level ? low : high) = t;
  }
  return low;
}

/// How far a share of a ramp's amplitude lies behind the place where its windowed power crosses a quarter,
/// for a ramp whose windowed power takes `rise` from a quarter to three quarters.
double amplitudeDelay(double share, double rise, double window) {
  double low = 1e-6;
  double high = 10.0 * rise + window;
  for (int i = 0; i < 40; ++i) {
    const double ramp = (low + high) / 2.0;
    const double spread = rampCrossing(0.75, ramp, window) - rampCrossing(0.25, ramp, window);
    (spread < rise ? low : high) = ramp;
  }
  return share * low - rampCrossing(0.25, low, window);
}

/// First time, walking from `from` towards `limit`, that the power is below `level`; interpolated.
std::optional<double> walkBelow(const Envelope& envelope, double from, double limit, double level) {
  const double step = limit < from ? -kStep_s : kStep_s;
  double before = envelope.power(from);
  for (double t = from + step; (limit - t) * step >= 0.0; t += step) {
    const double here = envelope.power(t);
    if (here < level) {
      const double share = before > here ? std::clamp((before - level) / (before - here), 0.0, 1.0) : 1.0;
      return t - step + share * step;
    }
    before = here;
  }
  return std::nullopt;
}

}  // namespace

Envelope Envelope::forPitch(const EnergyTrack& energy, double f0_hz, std::optional<double> floor_dbfs) {
  const double period = 1.0 / f0_hz;
  const double window = std::ceil(kShortestWindow_s / period - 1e-9) * period;
  return {&energy, std::max(window, period), floor_dbfs ? std::pow(10.0, *floor_dbfs / 10.0) : 0.0};
}

double Envelope::power(double t) const {
  return std::max(0.0, energy->meanSquare(t - window_s / 2.0, t + window_s / 2.0) - noisePower);
}

double Envelope::medianPower(double from_s, double to_s) const {
  std::vector<double> values;
  for (double t = from_s; t <= to_s; t += 0.005) values.push_back(power(t));
  return values.empty() ? power(from_s) : median(std::move(values));
}

std::optional<double> amplitudeCrossing(double share, const Envelope& envelope, double inside_s,
                                        double limit_s, double steadyPower) {
  const auto quarter = walkBelow(envelope, inside_s, limit_s, 0.25 * steadyPower);
  if (!quarter) return std::nullopt;
  // Back inwards to the last place below three quarters before the crossing.
  const double inwards = inside_s < *quarter ? -kStep_s : kStep_s;
  double t = *quarter;
  while ((inside_s - t) * inwards > 0.0 && envelope.power(t) < 0.75 * steadyPower) t += inwards;
  const double rise = std::abs(t - *quarter);
  const double delay = amplitudeDelay(share, std::max(rise, 0.5 * envelope.window_s), envelope.window_s);
  return *quarter + (inwards > 0.0 ? delay : -delay);
}

namespace {

/// Where the power has come back to what it is further out, from a dip's bottom to one side.
double edgeOfDip(const Envelope& envelope, double bottom_s, int direction, double from_s, double to_s,
                 double back) {
  double u = bottom_s;
  while (std::abs(u - bottom_s) < kLongestSearch_s && u > from_s && u < to_s) {
    const double beyond =
        direction > 0 ? envelope.medianPower(u + 0.01, u + 0.08) : envelope.medianPower(u - 0.08, u - 0.01);
    if (envelope.power(u) >= kRecovered * beyond && envelope.power(u) > back) break;
    u += direction * 2.0 * kStep_s;
  }
  return u;
}

struct Bottom {
  double at_s, power;
};
Bottom bottomFrom(const Envelope& envelope, double t, double power, double to_s) {
  Bottom bottom{t, power};
  for (double u = t; u < std::min(to_s, t + kBottom_s); u += 2.0 * kStep_s)
    if (const double here = envelope.power(u); here < bottom.power) bottom = {u, here};
  return bottom;
}

/// What is missing of the power between two edges, in seconds of all of it, and about when.
struct Missing {
  double area_s, centre_s;
};
Missing missingBetween(const Envelope& envelope, double left, double right, double leftPower,
                       double rightPower) {
  double area = 0.0;
  double moment = 0.0;
  const double reach = envelope.window_s / 2.0;
  for (double u = left - reach; u <= right + reach; u += kStep_s) {
    const double share = std::clamp((u - left) / (right - left), 0.0, 1.0);
    const double expected = leftPower + share * (rightPower - leftPower);
    const double deficit = 1.0 - envelope.power(u) / expected;
    area += deficit * kStep_s;
    moment += deficit * u * kStep_s;
  }
  return {area, moment / area};
}

}  // namespace

std::vector<Dip> findDips(const Envelope& envelope, double from_s, double to_s) {
  std::vector<Dip> found;
  // A window longer than the break never sees it whole: be content with less depth then.
  const double shortDepth = 1.1 - kShortestBreak_s / envelope.window_s;
  const double depth = std::max(kDipDepth, shortDepth);
  const double margin = envelope.window_s / 2.0 + 0.005;
  double recent = envelope.power(from_s + margin);  // running mean: a cheap first look
  for (double t = from_s + margin; t < to_s - margin; t += 2.0 * kStep_s) {
    const double glance = envelope.power(t);
    if (glance >= 0.7 * recent) {
      recent += 0.02 * (glance - recent);
      continue;
    }
    const double around = envelope.medianPower(std::max(from_s, t - 0.2), std::min(to_s, t + 0.2));
    const double before = envelope.medianPower(std::max(from_s + margin, t - 0.25), t);
    if (glance >= depth * before || glance >= depth * std::max(around, 1e-14)) {
      recent += 0.02 * (glance - recent);
      continue;
    }
    const Bottom bottom = bottomFrom(envelope, t, glance, to_s);
    const double back = std::max(0.3 * before, kOverBottom * bottom.power);
    const double left = edgeOfDip(envelope, bottom.at_s, -1, from_s, to_s, back);
    const double right = edgeOfDip(envelope, bottom.at_s, +1, from_s, to_s, back);
    t = right;
    if (right >= to_s - kStep_s || right - left > kLongestSearch_s) continue;
    const double leftPower = envelope.medianPower(left - 0.06, left);
    const double rightPower = envelope.medianPower(right, right + 0.06);
    if (std::min(leftPower, rightPower) <= 0.0) continue;  // nothing sounds beside it
    const Missing missing = missingBetween(envelope, left, right, leftPower, rightPower);
    if (missing.area_s < kShortestBreak_s / 2.0) continue;
    double length_s = missing.area_s, leftOver = 0.0;
    if (length_s > kToldWindows * envelope.window_s) {
      leftOver =
          envelope.medianPower(missing.centre_s - kMiddle * length_s, missing.centre_s + kMiddle * length_s) /
          (0.5 * (leftPower + rightPower));
      if (leftOver < kDipDepth) length_s /= 1.0 - std::max(0.0, leftOver);
    } else if (bottom.power >= std::max(kBreakDepth, shortDepth) * before) {
      continue;
    }
    found.push_back({{missing.centre_s - length_s / 2.0, length_s}, leftOver});
  }
  return found;
}

double bottomOfPulses(const Envelope& envelope, double from_s, double to_s) {
  const double steady = envelope.medianPower(from_s, to_s);
  std::vector<double> times;
  const double quarter = 0.25 * steady;
  double lowest = quarter;  // of the dip that goes on
  double time = 0.0, bottom = std::numeric_limits<double>::infinity();
  for (double t = from_s; t <= to_s; t += kFallStep_s) {
    const double power = envelope.power(t);
    if (power < lowest) {
      lowest = power;
      time = t;
    } else if (lowest < quarter && power > kPulseBack * steady) {
      times.push_back(time);
      bottom = std::min(bottom, lowest);
      lowest = quarter;
    }
  }
  std::vector<double> apart;
  for (std::size_t i = 1; i < times.size(); ++i) apart.push_back(times[i] - times[i - 1]);
  const auto usual = medianOf(apart);
  const bool regular = usual && apart.size() >= kFewestPulses && std::ranges::all_of(apart, [&](double a) {
                         return std::abs(a - *usual) < kPulseRegular * *usual;
                       });
  // What is silent in between is several sounds.
  return regular && bottom > kSilent * steady ? bottom : std::numeric_limits<double>::infinity();
}

std::vector<Fall> findFalls(const Envelope& envelope, double from_s, double to_s,
                            const std::function<bool(double, double)>& sings) {
  std::vector<Fall> falls;
  const auto count = static_cast<std::size_t>(std::max(0.0, (to_s - from_s) / kFallStep_s));
  const double bottom = bottomOfPulses(envelope, from_s, to_s);
  std::vector<double> level, time;
  for (std::size_t i = 0; i < count; ++i) {
    time.push_back(from_s + static_cast<double>(i) * kFallStep_s);
    level.push_back(10.0 * std::log10(std::clamp(envelope.power(time.back()), 1e-12, bottom)));
  }
  const auto span = [&](std::size_t first, std::size_t last) {
    return std::span(level).subspan(first, std::min(last, count) - first);
  };
  for (std::size_t i = kBeforeSteps; i + kFallSteps + kTailSteps < count; ++i) {
    const auto past = span(i - kBeforeSteps, i);
    const double before = median({past.begin(), past.end()});
    if (level[i + kFallSteps] > before - kFall_db) continue;
    // What is left, until it comes back.
    std::size_t end = i + kFallSteps;
    while (end < count && level[end] < before - kFallenBack_db) ++end;
    if (end < std::min(count, i + kFallSteps + kGoneSteps)) continue;
    double lowest = level[i + kFallSteps];
    std::size_t back = i + kFallSteps;
    while (back < end && level[back] < lowest + kComesBack_db) lowest = std::min(lowest, level[back++]);
    const auto left = span(i + kFallSteps, std::min(back, i + kFallSteps + kGoneSteps));
    if (left.size() < kTailSteps) continue;
    const double slope = theilSenSlope(left, kFallStep_s);
    const double deepest = median({left.begin(), left.end()});
    const double tailEnd_s = time[i + kFallSteps] + static_cast<double>(left.size()) * kFallStep_s;
    const bool rings = slope <= -kRings_db_per_s;
    const bool deep = deepest <= before - kDeep_db && !sings(time[i + kFallSteps], tailEnd_s);
    if (!rings && !deep) continue;
    std::size_t at = i + kFallSteps;  // what dipped before and came back is still the tone
    while (at > i && level[at - 1] <= before - kLeaves_db) --at;
    falls.push_back({time[at], back < count ? time[back] : to_s});
    i = back;
  }
  return falls;
}

std::optional<double> riseTime(const EnergyTrack& energy, double onset_s, double steadyPower, double f0_hz,
                               double noisePower) {
  const auto over = [&](double window_s) -> std::optional<double> {
    const Envelope envelope{&energy, window_s, noisePower};
    const auto low = walkBelow(envelope, onset_s, onset_s - 1.0, 0.01 * steadyPower);
    if (!low) return std::nullopt;
    for (double t = onset_s - window_s; t < onset_s + 2.0; t += kStep_s)
      if (envelope.power(t) >= 0.81 * steadyPower) return std::max(0.0, t - *low);
    return std::nullopt;
  };
  const double window_s = std::max(1.0 / f0_hz, 0.005);
  auto rise = over(window_s);
  // The end of a slow rise is flat, and noise is over it early: as many periods as do not blur it.
  const double wider_s = std::floor(rise.value_or(0.0) * kRiseWindow * f0_hz) / f0_hz;
  if (wider_s > window_s) rise = over(wider_s);
  return rise ? std::optional(1000.0 * *rise) : std::nullopt;
}

std::optional<double> crossingUnsure_s(const Envelope& envelope, double at_s, double strays_db) {
  constexpr double kBeside_s = 0.01, kLeast_db_per_s = 10.0;
  const double before = envelope.power(at_s - kBeside_s), after = envelope.power(at_s + kBeside_s);
  if (before <= 0.0 || after <= 0.0) return std::nullopt;
  const double moves_db_per_s = 10.0 * std::abs(std::log10(after / before)) / (2.0 * kBeside_s);
  // What crosses strays, and the level beside it that the border is a share of.
  return moves_db_per_s < kLeast_db_per_s ? std::nullopt
                                          : std::optional(std::sqrt(2.0) * strays_db / moves_db_per_s);
}

}  // namespace calando
