#include "core/measure/pair.h"

#include <algorithm>
#include <cmath>
#include <span>

#include "core/measure/segmentation.h"
#include "core/measure/statistics.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr double kLock_hz = 1.0;
constexpr double kLockLasts_s = 1.0;
constexpr double kLeft_cents = 8.0;  // having been one, they are not any more
constexpr double kWrongWay_cents = 3.0;
constexpr double kMoved_cents = 3.0;
constexpr double kAlsoMoved = 0.3;  // of what the other did
constexpr double kEnd_s = 0.5;      // of either end of the stretch
constexpr double kPause_s = 0.3;    // in one of them, and they go on
constexpr double kShortest_s = 0.3;
constexpr double kStandsOut_db = 26.0;  // under its loudest a track is silent
constexpr double kLeak_db = 12.0, kLeak_cents = 4.0;
constexpr std::size_t kLeakLasts = 15;  // frames
constexpr double kAround_s = 0.125;     // of each beat's rate
constexpr std::size_t kKnownBy = 10;    // frames of both, to know the first again
constexpr long kLookAhead = 6;          // frames
constexpr long kSeenOften = 4;          // of them
constexpr double kOf90 = 1.645;         // standard deviations
constexpr double kAlone_s = 0.15;       // the first alone, to know it by
constexpr double kSameAsAlone_cents = 8.0;
constexpr double kApart_cents = 4.0;     // two that near may have changed places unseen
constexpr double kCloseBy_cents = 12.0;  // from there they may meet unseen
constexpr long kLongestUnseen = 8;       // frames
constexpr double kSameTuning_cents = 0.5;
constexpr double kOnTheNote_cents = 80.0;
constexpr double kLouder_db = 3.0;  // then they are known by their levels

using Line = std::vector<Pair::Moment>;

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

/// How loud a first one is that comes and goes, where it is heard alone for some time.
class Leak {
 public:
  void add(bool heard, double level_dbfs) {
    if (heard) {
      run_.push_back(level_dbfs);
      return;
    }
    if (run_.size() >= kLeakLasts) all_.insert(all_.end(), run_.begin(), run_.end());
    run_.clear();
  }
  std::optional<double> level_dbfs() {
    add(false, 0.0);
    return medianOf(all_);
  }

 private:
  std::vector<double> run_, all_;
};

/// The first is known by itself: moment by moment, where both sound.
Line lineOf(const Tracks& second, const PairAsked& asked, std::optional<double>& leak_dbfs) {
  Line line;
  Leak leak;
  const Ratio ratio = beatingRatio(asked.semitones);
  const double floor = loudest_dbfs(second) - kStandsOut_db;
  // A partner that leaks into the microphone is not the player.
  const double known_hz = asked.partnerAt ? asked.partnerAt(0.0) : asked.partner_hz.value_or(0.0);
  const Room room = known_hz > 0.0 ? measureRoom(second, known_hz) : Room{};
  const double partnerFloor = asked.partner ? loudest_dbfs(*asked.partner) - kStandsOut_db : 0.0;
  const std::size_t frames =
      asked.partner ? std::min(second.frames.size(), asked.partner->frames.size()) : second.frames.size();
  for (std::size_t i = 0; i < frames; ++i) {
    const TrackFrame& b = second.frames[i];
    if (b.f0_hz <= 0.0f || b.level_dbfs < floor || room.isDrone(b)) continue;
    double first_hz =
        asked.partnerAt ? asked.partnerAt(static_cast<double>(i) * kHop_s) : asked.partner_hz.value_or(0.0);
    if (!asked.partner && first_hz <= 0.0) continue;
    // One that comes and goes is told by being where it is known to be, and soft.
    const bool leaks = asked.partnerAt && b.level_dbfs < floor + kStandsOut_db - kLeak_db &&
                       std::abs(centsBetween(first_hz, b.f0_hz)) < kLeak_cents;
    leak.add(leaks, b.level_dbfs);
    if (leaks) continue;
    if (asked.partner) {
      const TrackFrame& a = asked.partner->frames[i];
      if (a.f0_hz <= 0.0f || a.level_dbfs < partnerFloor) continue;
      first_hz = a.f0_hz;
    }
    line.push_back({static_cast<double>(i) * kHop_s, first_hz, b.f0_hz,
                    centsBetween(first_hz, b.f0_hz) - asked.cents(), beatOf(first_hz, b.f0_hz, ratio)});
  }
  leak_dbfs = leak.level_dbfs();
  return line;
}

/// Which of two pitches in a unison is the first's, from moment to moment.
class Identity {
 public:
  enum class Whose { firstLow, firstHigh, unknown };

  /// `alone_hz`: of the first; `frames`: of both, from where the second came.
  Identity(std::optional<double> alone_hz, std::span<const PairFrame> frames) {
    std::vector<double> lows, highs;
    for (const PairFrame& frame : frames.first(std::min(frames.size(), kKnownBy))) {
      if (!frame.two) continue;
      lows.push_back(frame.fit.hz[0]);
      highs.push_back(frame.fit.hz[1]);
    }
    if (!alone_hz || lows.empty()) return;
    const double toLow = std::abs(centsBetween(*alone_hz, median(lows)));
    const double toHigh = std::abs(centsBetween(*alone_hz, median(highs)));
    const double near = std::min(toLow, toHigh), far = std::max(toLow, toHigh);
    if (near < kSameAsAlone_cents && far > 2.0 * near + 2.0)
      whose_ = toLow < toHigh ? Whose::firstLow : Whose::firstHigh;
  }

  Whose operator()(const PairFrame& frame) {
    const auto& [low, high] = frame.fit.hz;
    const double louder_db = frame.fit.level_db[0] - frame.fit.level_db[1];
    const bool apart = frame.two && centsBetween(low, high) > kApart_cents;
    if (met_ && apart) {
      const double firstLouder_db = levels_.empty() ? 0.0 : median(levels_);
      if (whose_ != Whose::unknown)
        whose_ = std::abs(firstLouder_db) < kLouder_db || std::abs(louder_db) < 0.5 * kLouder_db
                     ? Whose::unknown
                 : (firstLouder_db > 0.0) == (louder_db > 0.0) ? Whose::firstLow
                                                               : Whose::firstHigh;
    }
    if (frame.two) {
      last_cents_ = centsBetween(low, high);
      unseen_ = 0;
    } else {
      ++unseen_;
    }
    met_ = !apart && (frame.two || last_cents_ < kCloseBy_cents || unseen_ > kLongestUnseen);
    if (apart && whose_ != Whose::unknown)
      levels_.push_back(whose_ == Whose::firstLow ? louder_db : -louder_db);
    return whose_;
  }

 private:
  bool met_ = false;
  double last_cents_ = 1e9;  // between them, when they were told apart last
  long unseen_ = 0;          // frames since
  Whose whose_ = Whose::unknown;
  std::vector<double> levels_;  // of the first over the second
};

/// The pitch of the one who began, before the other came.
std::optional<double> aloneBefore(const Tracks& tracks, double both_s) {
  const double floor = loudest_dbfs(tracks) - kStandsOut_db;
  std::vector<double> pitches;
  for (std::size_t i = 0; i < tracks.frames.size() && static_cast<double>(i) * kHop_s < both_s - kAround_s;
       ++i)
    if (tracks.frames[i].f0_hz > 0.0f && tracks.frames[i].level_dbfs > floor)
      pitches.push_back(tracks.frames[i].f0_hz);
  if (static_cast<double>(pitches.size()) * kHop_s < kAlone_s) return std::nullopt;
  return median(std::move(pitches));
}

const BeatFrame* nearest(const std::vector<BeatFrame>& beats, double at_s) {
  const auto found =
      std::ranges::min_element(beats, {}, [&](const BeatFrame& b) { return std::abs(b.at_s - at_s); });
  return found == beats.end() ? nullptr : &*found;
}

/// From where both sound; without those at the end for which no window was long enough to see a slow beat.
std::span<const BeatFrame> measuredFrom(double both_s, std::span<const BeatFrame> beats) {
  const auto first = std::ranges::lower_bound(beats, both_s, {}, &BeatFrame::at_s);
  beats = beats.subspan(static_cast<std::size_t>(first - beats.begin()));
  while (!beats.empty() && !beats.back().resolved && beats.back().spread_hz >= kLock_hz)
    beats = beats.first(beats.size() - 1);
  return beats;
}

/// The beat's rate between those that were measured.
std::optional<double> slowRateAt(std::span<const BeatFrame> measured, double at_s) {
  if (measured.empty()) return std::nullopt;
  const auto after = std::ranges::lower_bound(measured, at_s, {}, &BeatFrame::at_s);
  if (after == measured.begin()) return after->rate_hz;
  if (after == measured.end()) return measured.back().rate_hz;
  const auto before = std::prev(after);
  return std::lerp(before->rate_hz, after->rate_hz, (at_s - before->at_s) / (after->at_s - before->at_s));
}

/// Where two begin to be told apart, and not by chance.
std::vector<PairFrame>::const_iterator firstOfTwo(const PairTrack& pair) {
  const auto seen = [&](const PairFrame& frame) {
    const BeatFrame* slow = nearest(pair.beats, frame.at_s);
    return frame.two || (slow && slow->resolved && std::abs(slow->at_s - frame.at_s) < kBeatHop_s);
  };
  for (auto frame = pair.frames.begin(); frame != pair.frames.end(); ++frame) {
    const auto next = frame + std::min<long>(kLookAhead, pair.frames.end() - frame);
    if (seen(*frame) && std::count_if(frame, next, seen) >= kSeenOften) return frame;
  }
  return pair.frames.end();
}

/// Both are in one signal. From the first moment at which they are told apart on they both sound, also while
/// they beat too slowly to be seen.
Line lineOf(const Tracks& tracks, const PairAsked& asked, bool& signKnown) {
  Line line;
  const PairTrack& pair = tracks.pair;
  const Ratio ratio = beatingRatio(asked.semitones);
  const auto begins = firstOfTwo(pair);
  if (begins == pair.frames.end()) return line;
  const bool unison = ratio.over == ratio.under;
  Identity identity(unison ? aloneBefore(tracks, begins->at_s) : std::nullopt, {begins, pair.frames.end()});
  const std::span<const BeatFrame> measured = measuredFrom(begins->at_s, pair.beats);
  signKnown = true;
  for (auto frame = begins; frame != pair.frames.end(); ++frame) {
    double low = frame->fit.hz[0], high = frame->fit.hz[1];
    double rate = beatOf(low, high, ratio);
    double off = centsBetween(low, high) - asked.cents();
    const auto slow = slowRateAt(measured, frame->at_s);
    const double loud_hz = frame->fit.level_db[0] >= frame->fit.level_db[1] ? low : high / ratio.value();
    if (!frame->two && slow) {
      // Slower than a short window can see: the long ones say how fast.
      rate = *slow;
      off = ratio.cents() - asked.cents() + centsBetween(loud_hz, loud_hz + rate / ratio.over);
    }
    Pair::Moment m{frame->at_s, low, high, off, rate};
    if (!frame->two) m.second_hz = shiftedBy(*m.first_hz = loud_hz, asked.cents() + off);
    if (unison) {
      const Identity::Whose whose = identity(*frame);
      if (whose == Identity::Whose::unknown) signKnown = false;
      if (whose == Identity::Whose::firstHigh) {
        std::swap(m.first_hz, m.second_hz);
        m.cents = -off - 2.0 * asked.cents();
      }
    }
    line.push_back(m);
  }
  if (!signKnown)
    for (Pair::Moment& m : line) m.cents = std::abs(m.cents);
  return line;
}

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
/// that trembles by a cent does not beat.
std::optional<double> lockedAt(const Line& line) {
  std::vector<bool> one;
  for (const Pair::Moment& m : line)
    one.push_back(median(within(line, m.at_s - kAround_s, m.at_s + kAround_s, sizeOf)) <= kOne_cents &&
                  median(within(line, m.at_s - kAround_s, m.at_s + kAround_s, rateOf)) < kLock_hz);
  for (std::size_t from = 0, to = 0; from < line.size(); from = to + 1) {
    for (to = from; to < line.size() && one[to]; ++to) {
    }
    if (to > from && line[to - 1].at_s - line[from].at_s >= kLockLasts_s - kHop_s) return line[from].at_s;
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
  pair.line =
      asked.inOneSignal() ? lineOf(tracks, asked, pair.sign_known) : lineOf(tracks, asked, pair.leak_dbfs);
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
