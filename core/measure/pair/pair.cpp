#include "core/measure/pair/pair.h"

#include <algorithm>
#include <cmath>
#include <span>

#include "core/maths/statistics.h"
#include "core/measure/pair/pair_line.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr double kLockLasts_s = 1.0;
constexpr double kLeft_cents = 8.0;  // having been one, they are not any more
constexpr double kWrongWay_cents = 3.0;
constexpr double kMoved_cents = 3.0;
constexpr double kAlsoMoved = 0.3;  // of what the other did
constexpr double kEnd_s = 0.5;      // of either end of the stretch
constexpr double kPause_s = 0.3;    // in one of them, and they go on
constexpr double kShortest_s = 0.3;
constexpr double kSameTuning_cents = 0.5;
constexpr double kOnTheNote_cents = 80.0;

using Line = PairLine;

/// Values of the line in a stretch.
template <class Value>
std::vector<double> within(const Line& line, double from_s, double to_s, Value value) {
  std::vector<double> found;
  for (auto m = std::ranges::lower_bound(line, from_s, {}, &Pair::Moment::at_s);
       m != line.end() && m->at_s <= to_s; ++m)
    if (const std::optional<double> v = value(*m)) found.push_back(*v);
  return found;
}
std::optional<double> centsOf(const Pair::Moment& m) { return m.cents; }
std::optional<double> sizeOf(const Pair::Moment& m) { return std::abs(m.cents); }
std::optional<double> rateOf(const Pair::Moment& m) { return m.rate_hz; }
std::optional<double> firstOf(const Pair::Moment& m) { return m.first_hz; }
std::optional<double> secondOf(const Pair::Moment& m) { return m.second_hz; }

/// The longest stretch of it without a pause.
Line longestOf(const Line& line) {
  std::size_t best = 0, bestEnd = 0;
  for (std::size_t from = 0, to = 0; from < line.size(); from = to) {
    for (to = from + 1; to < line.size() && line[to].at_s - line[to - 1].at_s <= kPause_s; ++to) {
    }
    if (line[to - 1].at_s - line[from].at_s >
        (bestEnd > best ? line[bestEnd - 1].at_s - line[best].at_s : 0.0))
      best = from, bestEnd = to;
  }
  return {line.begin() + static_cast<long>(best), line.begin() + static_cast<long>(bestEnd)};
}

std::vector<Pair::Beat> beatsOf(const Line& line) {
  std::vector<Pair::Beat> beats;
  for (double t = line.front().at_s + kAround_s; t <= line.back().at_s; t += kBeatHop_s) {
    const std::vector<double> rates = within(line, t - kAround_s, t + kAround_s, rateOf);
    if (rates.size() > 2) beats.push_back({t, median(rates), kOf90 * standardDeviation(rates)});
  }
  return beats;
}
std::vector<Pair::Beat> beatsOf(const PairTrack& track, const Line& line) {
  std::vector<Pair::Beat> beats;
  for (const BeatFrame& b : track.beats)
    if (b.at_s >= line.front().at_s && b.at_s <= line.back().at_s)
      beats.push_back({b.at_s, b.rate_hz, kOf90 * b.spread_hz});
  return beats;
}

/// Where the first second begins in which they stay one: medians over a quarter of a second, since a tone
/// that trembles by a cent does not beat. Between two moments where the straight line between them crosses.
std::optional<double> lockedAt(const Line& line) {
  struct Off {
    double cents, rate_hz;
    bool one() const { return cents <= kOne_cents && rate_hz < kLock_hz; }
  };
  std::vector<Off> off;
  for (const Pair::Moment& m : line)
    off.push_back({median(within(line, m.at_s - kAround_s, m.at_s + kAround_s, sizeOf)),
                   median(within(line, m.at_s - kAround_s, m.at_s + kAround_s, rateOf))});
  const auto crossed = [](double before, double after, double limit) {
    return before > limit ? (before - limit) / (before - after) : 0.0;
  };
  for (std::size_t from = 0, to = 0; from < line.size(); from = to + 1) {
    for (to = from; to < line.size() && off[to].one(); ++to) {
    }
    if (to == from || line[to - 1].at_s - line[from].at_s < kLockLasts_s - kHop_s) continue;
    if (from == 0) return line[from].at_s;
    const double share = std::max(crossed(off[from - 1].cents, off[from].cents, kOne_cents),
                                  crossed(off[from - 1].rate_hz, off[from].rate_hz, kLock_hz));
    return std::lerp(line[from - 1].at_s, line[from].at_s, share);
  }
  return std::nullopt;
}

bool wentWrongWay(const Line& line) {
  const double start = median(within(line, line.front().at_s, line.front().at_s + 2.0 * kAround_s, sizeOf));
  double farthest = start;
  for (const Pair::Moment& m : line) {
    const double here = median(within(line, m.at_s - 0.5 * kAround_s, m.at_s + 0.5 * kAround_s, sizeOf));
    if (here < start - kWrongWay_cents) break;
    farthest = std::max(farthest, here);
  }
  return farthest - start >= kWrongWay_cents;
}

int timesLeft(const Line& line, double lock_s) {
  int times = 0;
  bool in = true;
  for (const Pair::Moment& m : line) {
    // The end of a tone is no leaving.
    if (m.at_s < lock_s || m.at_s > line.back().at_s - kAround_s) continue;
    const double here = median(within(line, m.at_s - kAround_s, m.at_s + kAround_s, sizeOf));
    if (in && here > kLeft_cents) ++times, in = false;
    if (here <= kOne_cents) in = true;
  }
  return times;
}

Moved whoMoved(const Line& line, bool oneSteady) {
  const double end_s = line.back().at_s, begin_s = line.front().at_s;
  const auto way = [&](auto value) -> std::optional<double> {
    const auto before = medianOf(within(line, begin_s, begin_s + kEnd_s, value));
    const auto after = medianOf(within(line, end_s - kEnd_s, end_s, value));
    if (!before || !after) return std::nullopt;
    return std::abs(centsBetween(*before, *after));
  };
  const auto first = oneSteady ? std::optional(0.0) : way(firstOf), second = way(secondOf);
  if (!first || !second) return Moved::unknown;
  const double more = std::max(*first, *second), less = std::min(*first, *second);
  if (more < kMoved_cents) return Moved::none;
  if (less >= kMoved_cents && less >= kAlsoMoved * more) return Moved::both;
  return *first > *second ? Moved::first : Moved::second;
}

void describe(Together& both, const Line& line) {
  both.from_s = line.front().at_s;
  both.to_s = line.back().at_s;
  both.cents_at_start = medianOf(within(line, both.from_s, both.from_s + kEnd_s, centsOf));
  both.cents_at_end = medianOf(within(line, both.to_s - kEnd_s, both.to_s, centsOf));
  if (const auto lock = lockedAt(line)) {
    both.lock_s = *lock - both.from_s;
    both.left_again = timesLeft(line, *lock);
    both.residual_cents = medianOf(within(line, *lock, both.to_s, sizeOf));
  }
  both.wrong_way_first = wentWrongWay(line);
  both.beat_left_hz = medianOf(within(line, both.to_s - kLockLasts_s, both.to_s, rateOf));
}

bool lastsLongEnough(const Line& line) {
  return !line.empty() && line.back().at_s - line.front().at_s >= kShortest_s;
}

}  // namespace

std::optional<Tunings> tuningsOf(double first_hz, double semitones, double cents) {
  const double pure = justRatio(semitones).cents(), equal = 100.0 * semitones;
  if (std::abs(pure - equal) < kSameTuning_cents) return std::nullopt;
  return Tunings{cents - pure, cents - equal,
                 beatOf(first_hz, shiftedBy(first_hz, equal), beatingRatio(semitones))};
}

std::optional<Pair> describePair(const Tracks& tracks, const PairAsked& asked) {
  Pair pair;
  pair.interval_semitones = asked.semitones;
  pair.sign_known = true;
  pair.line = asked.inOneSignal() ? lineTogether(tracks, asked, pair.sign_known)
                                  : lineApart(tracks, asked, pair.leak_dbfs);
  const Line line = longestOf(pair.line);
  if (!lastsLongEnough(line)) return std::nullopt;
  describe(pair, line);
  pair.beats = asked.inOneSignal() ? beatsOf(tracks.pair, line) : beatsOf(line);
  pair.first_hz = medianOf(within(line, pair.from_s, pair.to_s, firstOf));
  pair.second_hz = medianOf(within(line, pair.from_s, pair.to_s, secondOf));
  if (pair.sign_known && pair.cents_at_end && pair.first_hz)
    pair.tunings = tuningsOf(*pair.first_hz, asked.semitones, *pair.cents_at_end + asked.cents());
  if (pair.lock_s && asked.partner_from_s) pair.found_s = pair.from_s + *pair.lock_s - *asked.partner_from_s;
  if (pair.sign_known) pair.moved = whoMoved(line, asked.partner_hz.has_value());
  return pair;
}

std::optional<Together> togetherWithin(const Pair& pair, double from_s, double to_s) {
  Line line;
  for (const Pair::Moment& m : pair.line)
    if (m.at_s >= from_s && m.at_s <= to_s && (!line.empty() || std::abs(m.cents) < kOnTheNote_cents))
      line.push_back(m);
  line = longestOf(line);
  if (!lastsLongEnough(line)) return std::nullopt;
  Together both;
  describe(both, line);
  return both;
}

}  // namespace calando
