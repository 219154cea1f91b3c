#include "core/measure/edges/transitions.h"

#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/edges/envelope.h"

namespace calando {

namespace {

constexpr double kOwn_cents = 30.0;  // about a note's own pitch
constexpr double kLongestWay_s = 0.6;
constexpr double kReach_s = 0.15;  // into the notes
constexpr double kAround_s = 0.3;  // what of the notes is looked at
constexpr double kClear_s = 0.05;  // of the transition
constexpr double kGone = 0.01;     // of the power: 20 dB
constexpr double kGoneAmplitude = 0.1;
constexpr double kBeside_s = 0.1;
constexpr double kStep_s = 0.0005;
constexpr double kLevelWindow_s = 0.05;

/// Pitch at one end of a note, as far as it is clear of what lies between.
double centsNear(const Note& note, bool atEnd, const Tracks& tracks) {
  const double from = atEnd ? std::max(note.start_s, note.end_s - kAround_s) : note.start_s + kClear_s;
  const double to = atEnd ? note.end_s - kClear_s : std::min(note.end_s, note.start_s + kAround_s);
  const double own = centsBetween(440.0, note.f0_hz);
  std::vector<double> cents;
  for (auto i = static_cast<std::size_t>(std::max(0.0, std::ceil(from / kHop_s)));
       i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to; ++i)
    if (tracks.frames[i].f0_hz > 0.0f) {
      const double here = centsBetween(440.0, tracks.frames[i].f0_hz);
      if (std::abs(here - own) < 2.0 * kOwn_cents) cents.push_back(here);
    }
  return cents.empty() ? own : median(cents);
}

struct Between {
  double from_s;
  double to_s;
};

/// From leaving the one pitch to coming to the other, as the quick pitch goes.
std::optional<Between> wayBetween(double from_cents, double to_cents, Between within, const Tracks& tracks) {
  const auto& quick = tracks.quick;
  // 0 at the one note, 1 at the other.
  const auto share = [&](const QuickPitch& q) {
    return (centsBetween(440.0, q.f0_hz) - from_cents) / (to_cents - from_cents);
  };
  const double near = kOwn_cents / std::abs(to_cents - from_cents);
  const auto first =
      std::ranges::lower_bound(quick, static_cast<float>(within.from_s), {}, &QuickPitch::time_s);
  const auto last = std::ranges::upper_bound(quick, static_cast<float>(within.to_s), {}, &QuickPitch::time_s);
  if (last - first < 3) return std::nullopt;
  // The place with most of the one before it and most of the other behind it.
  auto best = first;
  long score = 0, most = -1;
  for (auto q = first; q != last; ++q) {
    score += share(*q) < 0.5 ? 1 : -1;
    if (score > most) {
      most = score;
      best = q;
    }
  }
  if (best == first || std::next(best) == last) return std::nullopt;
  const auto crossing = [&](auto outer, auto inner, double level) {
    const double a = share(*outer), b = share(*inner);
    const double way = a == b ? 0.5 : std::clamp((level - a) / (b - a), 0.0, 1.0);
    return outer->time_s + way * (inner->time_s - outer->time_s);
  };
  auto left = best;
  while (left != first && std::abs(share(*left)) > near) --left;
  auto right = std::next(best);
  while (std::next(right) != last && std::abs(1.0 - share(*right)) > near) ++right;
  if (std::abs(share(*left)) > near || std::abs(1.0 - share(*right)) > near) return std::nullopt;
  const double from = crossing(left, std::next(left), near);
  const double to = crossing(right, std::prev(right), 1.0 - near);
  return Between{std::min(from, to), std::max(from, to)};
}

/// Where nothing is heard between two moments of sound.
std::optional<Between> silenceBetween(Between within, const Envelope& envelope) {
  const double before = envelope.medianPower(within.from_s - kBeside_s, within.from_s);
  const double after = envelope.medianPower(within.to_s, within.to_s + kBeside_s);
  double lowest_s = within.from_s, lowest = before;
  for (double t = within.from_s; t <= within.to_s; t += kStep_s)
    if (const double power = envelope.power(t); power < lowest) {
      lowest = power;
      lowest_s = t;
    }
  if (lowest > kGone * std::min(before, after)) return std::nullopt;
  const auto from = amplitudeCrossing(kGoneAmplitude, envelope, within.from_s, lowest_s + kStep_s, before);
  const auto to = amplitudeCrossing(kGoneAmplitude, envelope, within.to_s, lowest_s - kStep_s, after);
  if (!from || !to || *to <= *from) return std::nullopt;
  return Between{*from, *to};
}

}  // namespace

std::optional<Transition> transitionBetween(const Note& before, const Note& after, const Tracks& tracks,
                                            std::optional<double> floor_dbfs) {
  if (after.start_s - before.end_s > kLongestWay_s) return std::nullopt;
  const double from_cents = centsNear(before, true, tracks), to_cents = centsNear(after, false, tracks);
  if (std::abs(to_cents - from_cents) < 2.0 * kOwn_cents) return std::nullopt;
  const Between within{std::max(before.start_s + kClear_s, before.end_s - kReach_s),
                       std::min(after.end_s - kClear_s, after.start_s + kReach_s)};
  const Envelope envelope =
      Envelope::forPitch(tracks.energy, std::min(before.f0_hz, after.f0_hz), floor_dbfs);
  const auto silence = silenceBetween(within, envelope);
  const auto way = silence ? silence : wayBetween(from_cents, to_cents, within, tracks);
  if (!way) return std::nullopt;
  Transition transition{before.written, after.written, 0, (way->from_s + way->to_s) / 2.0,
                        1000.0 * (way->to_s - way->from_s)};
  if (silence) transition.gap_ms = transition.length_ms;
  const auto level = [&](double t) {
    return tracks.energy.level_dbfs(t - kLevelWindow_s / 2.0, t + kLevelWindow_s / 2.0);
  };
  const auto side = [&](double from, double to) {
    std::vector<double> levels;
    for (double t = from; t <= to; t += kHop_s / 2.0) levels.push_back(level(t));
    return levels.empty() ? level((from + to) / 2.0) : median(levels);
  };
  const double beside =
      0.5 * (side(std::max(before.start_s + kClear_s, way->from_s - 0.2), way->from_s - kClear_s) +
             side(way->to_s + kClear_s, std::min(after.end_s - kClear_s, way->to_s + 0.2)));
  double lowest = level(transition.at_s), highest = lowest;
  for (double t = way->from_s; t <= way->to_s; t += kStep_s) {
    lowest = std::min(lowest, level(t));
    highest = std::max(highest, level(t));
  }
  transition.dip_db = std::min(0.0, lowest - beside);
  transition.bump_db = std::max(0.0, highest - beside);
  return transition;
}

}  // namespace calando
