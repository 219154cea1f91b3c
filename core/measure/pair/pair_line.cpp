#include "core/measure/pair/pair_line.h"

#include <algorithm>
#include <cmath>
#include <span>

#include "core/maths/statistics.h"
#include "core/measure/edges/segmentation.h"
#include "core/measure/pair/beat_rates.h"
#include "core/signal/pair_track.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr double kStandsOut_db = 26.0;  // under its loudest a track is silent
constexpr double kLeak_db = 12.0, kLeak_cents = 4.0;
constexpr double kKnown_cents = 8.0, kOfBoth_cents = 150.0, kOverLeak_db = 2.0, kAlone_db = 3.0;
constexpr std::size_t kLeakLasts = 15;  // frames
constexpr std::size_t kKnownBy = 10;    // frames of both, to know the first again
constexpr long kLookAhead = 6;          // frames
constexpr long kSeenOften = 4;          // of them
constexpr double kAlone_s = 0.15;       // the first alone, to know it by
constexpr double kSameAsAlone_cents = 8.0;
constexpr double kApart_cents = 4.0;     // two that near may have changed places unseen
constexpr double kCloseBy_cents = 12.0;  // from there they may meet unseen
constexpr long kLongestUnseen = 8;       // frames
constexpr double kJoins_s = 0.2;         // from where two are told apart at most
constexpr double kChanges = 4.0;         // times what a tone alone does
constexpr double kLeastChange = 0.02;
constexpr double kJoined = 0.2;     // of the most that it changes: a later change may be larger
constexpr double kLouder_db = 3.0;  // then they are known by their levels

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

/// When the second one joins who was alone, near to where two are told apart: the sound changes most. Nullopt
/// where it does not, or where nobody was alone.
std::optional<double> joinedAt(const PairTrack& pair, double near_s) {
  const auto at = [&](double t) {
    return static_cast<std::size_t>(
        std::clamp(t / kChangeHop_s, 0.0, static_cast<double>(pair.change.size())));
  };
  const std::span<const float> all(pair.change);
  const auto before =
      all.subspan(at(near_s - kJoins_s - kAlone_s), at(near_s - kJoins_s) - at(near_s - kJoins_s - kAlone_s));
  const std::size_t first = at(near_s - kJoins_s);
  const auto around = all.subspan(first, at(near_s + kJoins_s) - first);
  if (before.empty() || around.empty() || std::ranges::count(before, 0.0f) > 0) return std::nullopt;
  const double usual = median({before.begin(), before.end()}), most = std::ranges::max(around);
  if (most < kChanges * usual + kLeastChange) return std::nullopt;
  const auto joined =
      std::ranges::find_if(around, [&](float c) { return c > std::lerp(usual, most, kJoined); });
  return static_cast<double>(first + static_cast<std::size_t>(joined - around.begin())) * kChangeHop_s;
}

/// The line from there on; what was not seen at its beginning is as it was first seen.
void beginAt(double joined_s, PairLine& line) {
  std::erase_if(line, [=](const Pair::Moment& m) { return m.at_s < joined_s; });
  if (line.empty()) return;
  line.insert(line.begin(), line.front());
  line.front().at_s = joined_s;
}

/// What a microphone that hears a known first one as well says of the second: both are solved for in the one
/// signal (PairListener).
class LeakedInto {
 public:
  LeakedInto(const Tracks& tracks, const PairAsked& asked)
      : tracks_(tracks),
        asked_(asked),
        partnerFloor_dbfs_(asked.partner ? loudest_dbfs(*asked.partner) - kStandsOut_db : 0.0) {
    std::vector<double> levels;
    for (const PairFrame& frame : tracks.pair.frames)
      if (const auto first_hz = firstAt(frame.at_s))
        if (const auto first = firstOf(frame, *first_hz)) levels.push_back(frame.fit.level_db[*first]);
    leak_dbfs_ = medianOf(std::move(levels));
  }

  /// Where the first is known to be; nullopt: it is silent.
  std::optional<double> firstAt(double at_s) const {
    if (asked_.partnerAt) {
      const double hz = asked_.partnerAt(at_s);
      return hz > 0.0 ? std::optional(hz) : std::nullopt;
    }
    if (!asked_.partner) return asked_.partner_hz;
    const auto i = static_cast<std::size_t>(std::lround(at_s / kHop_s));
    if (i >= asked_.partner->frames.size()) return std::nullopt;
    const TrackFrame& frame = asked_.partner->frames[i];
    const bool sounds = frame.f0_hz > 0.0f && frame.level_dbfs >= partnerFloor_dbfs_;
    return sounds ? std::optional<double>(frame.f0_hz) : std::nullopt;
  }
  /// The second's pitch at a time; nullopt: the two are not told apart there.
  std::optional<double> second_hz(double at_s, double first_hz) const {
    const auto& frames = tracks_.pair.frames;
    const auto after = std::ranges::lower_bound(frames, at_s, {}, &PairFrame::at_s);
    std::optional<double> before_hz, after_hz;
    if (after != frames.end() && after->at_s - at_s < kPairHop_s) after_hz = secondOf(*after, first_hz);
    if (after != frames.begin() && at_s - std::prev(after)->at_s < kPairHop_s)
      before_hz = secondOf(*std::prev(after), first_hz);
    if (!before_hz || !after_hz) return before_hz ? before_hz : after_hz;
    return std::lerp(*before_hz, *after_hz, (at_s - std::prev(after)->at_s) / kPairHop_s);
  }
  /// The first alone, or a pitch that both are multiples of: not the second's.
  bool isOfFirst(const TrackFrame& frame, double first_hz) const {
    if (leak_dbfs_ && frame.level_dbfs < *leak_dbfs_ + kAlone_db) return true;
    if (std::abs(asked_.cents()) > kOfBoth_cents &&
        std::abs(centsBetween(first_hz, frame.f0_hz)) < kKnown_cents)
      return true;
    const double second = shiftedBy(first_hz, asked_.cents()), times = std::round(second / frame.f0_hz);
    return times >= 2.0 && std::abs(centsBetween(second, times * frame.f0_hz)) < kOfBoth_cents;
  }

 private:
  /// Which of the two is the first. Of a first one alone some of its partials would be the second's.
  static std::optional<std::size_t> firstOf(const PairFrame& frame, double first_hz) {
    const auto off = [&](std::size_t which) { return std::abs(centsBetween(first_hz, frame.fit.hz[which])); };
    const std::size_t first = off(0) <= off(1) ? 0 : 1;
    const bool isThere = frame.two && off(first) <= kKnown_cents &&
                         frame.fit.level_db[1 - first] - frame.fit.level_db[first] >= kOverLeak_db;
    return isThere ? std::optional(first) : std::nullopt;
  }
  static std::optional<double> secondOf(const PairFrame& frame, double first_hz) {
    const auto first = firstOf(frame, first_hz);
    return first ? std::optional(frame.fit.hz[1 - *first]) : std::nullopt;
  }

  const Tracks& tracks_;
  const PairAsked& asked_;
  double partnerFloor_dbfs_;
  std::optional<double> leak_dbfs_;
};

}  // namespace

PairLine lineApart(const Tracks& second, const PairAsked& asked, std::optional<double>& leak_dbfs) {
  PairLine line;
  Leak leak;
  const Ratio ratio = beatingRatio(asked.semitones);
  const LeakedInto leaked(second, asked);
  const double floor = loudest_dbfs(second) - kStandsOut_db;
  // A partner that leaks into the microphone is not the player.
  const double known_hz = asked.partnerAt ? asked.partnerAt(0.0) : asked.partner_hz.value_or(0.0);
  const Room room = known_hz > 0.0 ? measureRoom(second, known_hz) : Room{};
  for (std::size_t i = 0; i < second.frames.size(); ++i) {
    const TrackFrame& b = second.frames[i];
    const double at_s = static_cast<double>(i) * kHop_s;
    const auto first_hz = leaked.firstAt(at_s);
    if (!first_hz || b.level_dbfs < floor) continue;
    const auto told_hz = leaked.second_hz(at_s, *first_hz);
    if (!told_hz && (b.f0_hz <= 0.0f || room.isDrone(b))) continue;
    // One that comes and goes is told by being where it is known to be, and soft.
    const bool leaks = asked.partnerAt && b.level_dbfs < floor + kStandsOut_db - kLeak_db &&
                       std::abs(centsBetween(*first_hz, b.f0_hz)) < kLeak_cents;
    leak.add(leaks, b.level_dbfs);
    if (leaks || (!told_hz && leaked.isOfFirst(b, *first_hz))) continue;
    const double second_hz = told_hz.value_or(b.f0_hz);
    line.push_back({at_s, first_hz, second_hz, centsBetween(*first_hz, second_hz) - asked.cents(),
                    beatOf(*first_hz, second_hz, ratio)});
  }
  leak_dbfs = leak.level_dbfs();
  return line;
}

PairLine lineTogether(const Tracks& tracks, const PairAsked& asked, bool& signKnown) {
  PairLine line;
  const PairTrack& pair = tracks.pair;
  const Ratio ratio = beatingRatio(asked.semitones);
  const auto begins = firstOfTwo(pair);
  if (begins == pair.frames.end()) return line;
  const bool unison = ratio.over == ratio.under;
  Identity identity(unison ? aloneBefore(tracks, begins->at_s) : std::nullopt, {begins, pair.frames.end()});
  const BeatRates rates(begins->at_s, pair, ratio);
  signKnown = true;
  for (auto frame = begins; frame != pair.frames.end(); ++frame) {
    double low = frame->fit.hz[0], high = frame->fit.hz[1];
    double rate = beatOf(low, high, ratio);
    double off = centsBetween(low, high) - asked.cents();
    const auto slow = rates.at(frame->at_s);
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
  if (const auto joined = joinedAt(pair, begins->at_s)) beginAt(*joined, line);
  return line;
}

}  // namespace calando
