#include "core/homework/splitting.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "core/measure/statistics.h"

namespace calando {

namespace {

constexpr double kCue = 2.0;
constexpr double kAnyPitch = 0.5;  // less, where no pitch speaks for it
constexpr double kTry = 1.0;
constexpr double kMissingBefore = 1.0, kMissingWithin = 0.8, kMissingAfter = 0.15;
constexpr double kMostMissing = 0.7;  // of those after the last one
constexpr double kExtra = 1.2;        // for a sound of a second
constexpr double kTalk = 1.5;         // in the middle
constexpr double kPitchFree = 0.35, kBySemitone = 1.5, kMostPitch = 3.0;
constexpr double kByTolerance = 1.0, kMostTime = 3.0;
constexpr double kTolerance_s = 0.3, kToleranceBeats = 0.5;
constexpr double kShort = 1.3, kLong = 1.0, kMostLength = 2.0;  // for an octave of length
constexpr double kTempo = 0.13;  // of the tempo, its logarithm, a standard deviation
constexpr double kMostTempo = 4.0;
constexpr double kInOrder = 0.3, kAgain = 0.2;
constexpr std::size_t kAnchors = 3, kNextSounds = 4;
constexpr double kLeastStretch = 0.6, kMostStretch = 1.6;  // half the length is another exercise
constexpr double kLongestPause_s = 12.0;                   // of what nobody counts
constexpr double kSlack_s = 1.0;
constexpr double kWorthLeast = -1.0;  // a sound that fits worse is another's
constexpr std::size_t kMostGap = 2;   // cues in a row that may be missing

/// A cue that is to be heard.
struct Asked {
  double start_s;
  double length_s;
  std::optional<double> concert;
  bool air;
  bool open;
  bool moves;
  bool wholeTone;  ///< however many notes that is
};

struct Item {
  std::vector<Asked> asked;
  double beat_s;
  double length_s;
  bool anyHome;
};

Item itemOf(const AskedItem& from) {
  Item item{{}, from.sheet.beat_s, from.sheet.length_s(), from.anyHome};
  const bool tones =
      std::ranges::any_of(from.sheet.cues, [](const SheetCue& c) { return isSounding(c.kind); });
  for (const SheetCue& cue : from.sheet.cues) {
    if (!isAudible(cue.kind) || (tones && !isSounding(cue.kind))) continue;
    std::optional<double> concert;
    if (cue.note) concert = *cue.note + from.soundingLess;
    item.asked.push_back(
        {cue.start_s, cue.length_s, concert, isAir(cue.kind), cue.open, cue.moves(), cue.moves()});
    if (cue.slurred() && item.asked.size() > 1) item.asked[item.asked.size() - 2].wholeTone = false;
  }
  return item;
}

struct Clock {
  double start_s;
  double stretch;
  int moved;
};

bool mayBe(const Asked& cue, const SentSound& sound) {
  return sound.kind == (cue.air ? SentKind::air : SentKind::tone);
}

/// What a cue with that sound is worth, which lasts to `end_s`.
double worth(const Asked& cue, const SentSound& sound, double end_s, const Clock& clock, double beat_s) {
  double cost = cue.air || cue.concert ? 0.0 : kAnyPitch;
  if (cue.concert && sound.concert && !cue.moves)
    cost += std::min(
        kMostPitch,
        kBySemitone * std::max(0.0, std::abs(*sound.concert - *cue.concert - clock.moved) - kPitchFree));
  if (beat_s > 0.0) {
    const double late = std::abs(sound.start_s - clock.start_s - clock.stretch * cue.start_s);
    cost += std::min(kMostTime,
                     kByTolerance * late / std::max(kTolerance_s, kToleranceBeats * beat_s * clock.stretch));
  }
  const double octaves = std::log2(std::max(0.02, end_s - sound.start_s) / (clock.stretch * cue.length_s));
  const double open = cue.open ? 0.5 : 1.0;
  cost += open * std::min(kMostLength, octaves < 0.0 ? -kShort * octaves : kLong * octaves);
  return kCue - cost;
}

double extraCost(const SentSound& sound) {
  switch (sound.kind) {
    case SentKind::tone:
      return kExtra * std::min(1.0, 0.2 + sound.end_s - sound.start_s);
    case SentKind::speech:
      return kTalk * std::min(1.0, 0.2 + sound.end_s - sound.start_s);
    case SentKind::air:
    case SentKind::noise:
      return 0.0;
  }
  return 0.0;
}

struct Candidate {
  Try what;
  double gain;
};

/// All tries at items that begin in one file, the best of each item, beginning and end.
class Candidates {
 public:
  Candidates(std::span<const Item> items, const std::vector<SentSound>& sounds, std::size_t file)
      : items_(items), sounds_(sounds), file_(file) {}

  std::vector<Candidate> all() {
    for (std::size_t i = 0; i < items_.size(); ++i)
      for (std::size_t s = 0; s < sounds_.size(); ++s)
        for (std::size_t c = 0; c < std::min(kAnchors, items_[i].asked.size()); ++c)
          if (mayBe(items_[i].asked[c], sounds_[s])) anchor(i, s, c);
    std::vector<Candidate> list;
    for (const auto& [key, candidate] : best_) list.push_back(candidate);
    return list;
  }

 private:
  void anchor(std::size_t i, std::size_t s, std::size_t c) {
    const Item& item = items_[i];
    const Asked& cue = item.asked[c];
    const SentSound& sound = sounds_[s];
    int moved = 0;
    if (item.anyHome && cue.concert && sound.concert)
      moved = static_cast<int>(std::lround(*sound.concert - *cue.concert));
    std::vector<double> stretches = {1.0};
    if (item.beat_s > 0.0)
      for (std::size_t next = c + 1; next < std::min(item.asked.size(), c + 3); ++next) {
        const double planned = item.asked[next].start_s - cue.start_s;
        std::size_t seen = 0;
        for (std::size_t k = s + 1; k < sounds_.size() && seen < kNextSounds; ++k) {
          if (!mayBe(item.asked[next], sounds_[k])) continue;
          ++seen;
          const double stretch = (sounds_[k].start_s - sound.start_s) / planned;
          if (stretch > kLeastStretch && stretch < kMostStretch) stretches.push_back(stretch);
        }
      }
    if (item.beat_s > 0.0 && item.asked.size() == 1)
      stretches.push_back(
          std::clamp((sound.end_s - sound.start_s) / cue.length_s, kLeastStretch, kMostStretch));
    for (const double stretch : stretches)
      if (const auto better = weigh(i, s, c, {sound.start_s - stretch * cue.start_s, stretch, moved}))
        weigh(i, s, c, *better);
  }

  /// The best way to a cue that has a certain sound.
  struct Reached {
    std::size_t sound;  ///< from the first one on
    std::size_t last;   ///< of its tone, where the cue asks for all of that
    std::size_t cue;
    double value;
    std::size_t played;
    const Reached* from;
  };

  struct Fit {
    double worth;
    std::size_t last;
  };
  /// Of a cue with sound `s`, or with all of its tone that lies before `to`.
  Fit fit(const Asked& cue, std::size_t s, std::size_t to, const Clock& clock, double beat_s) const {
    std::size_t last = s;
    if (cue.wholeTone)
      for (std::size_t next = s + 1;
           next < to && (sounds_[next].goesOn || sounds_[next].kind == SentKind::air); ++next)
        if (sounds_[next].goesOn) last = next;
    return {worth(cue, sounds_[s], sounds_[last].end_s, clock, beat_s), last};
  }

  /// From sound `s`, which is cue `c`, on: the best of all ends. The clock as the best of them tells it.
  std::optional<Clock> weigh(std::size_t i, std::size_t s, std::size_t c, const Clock& clock) {
    const Item& item = items_[i];
    const std::size_t cues = item.asked.size() - c;
    std::size_t to = s + 1;
    if (item.beat_s > 0.0) {
      const double over = clock.start_s + clock.stretch * item.length_s + kSlack_s;
      while (to < sounds_.size() && sounds_[to].start_s < over) ++to;
    } else {
      while (to < sounds_.size() && to < s + 6 * cues &&
             sounds_[to].start_s - sounds_[to - 1].end_s < kLongestPause_s)
        ++to;
    }
    const std::size_t width = to - s;
    std::vector<double> extra(width + 1, 0.0);
    for (std::size_t j = 0; j < width; ++j) extra[j + 1] = extra[j] + extraCost(sounds_[s + j]);
    // Of each cue the sounds that it may have, each with the best way there.
    std::vector<std::vector<Reached>> reached(cues);
    Fit first = fit(item.asked[c], s, to, clock, item.beat_s);
    if (item.anyHome && item.asked[c].concert) first.worth -= kAnyPitch;
    reached[0] = {{0, first.last - s, c, first.worth - kMissingBefore * static_cast<double>(c), 1, nullptr}};
    const Reached* best = &reached[0][0];
    keep(i, s, clock, *best, cues - 1);
    for (std::size_t k = 1; k < cues; ++k) {
      const Asked& cue = item.asked[c + k];
      reached[k].reserve(width);
      for (std::size_t j = 1; j < width; ++j) {
        if (!mayBe(cue, sounds_[s + j])) continue;
        const Fit own = fit(cue, s + j, to, clock, item.beat_s);
        if (own.worth < kWorthLeast) continue;
        std::optional<Reached> here;
        for (std::size_t gap = 0; gap <= std::min(k - 1, kMostGap); ++gap)
          for (const Reached& from : reached[k - 1 - gap]) {
            if (from.last >= j) continue;
            const double value = from.value + own.worth - kMissingWithin * static_cast<double>(gap) -
                                 (extra[j] - extra[from.last + 1]);
            if (!here || value > here->value)
              here = Reached{j, own.last - s, c + k, value, from.played + 1, &from};
          }
        if (!here) continue;
        keep(i, s, clock, *here, cues - 1 - k);
        const Reached& kept = reached[k].emplace_back(*here);
        if (kept.value > best->value) best = &kept;
      }
    }
    return refined(item, s, *best, clock);
  }

  /// The clock on which most of the sounds lie, by medians; nullopt where two sounds do not tell.
  std::optional<Clock> refined(const Item& item, std::size_t s, const Reached& end,
                               const Clock& clock) const {
    std::vector<std::pair<double, double>> pairs;  // planned, heard
    for (const Reached* r = &end; r; r = r->from)
      pairs.emplace_back(item.asked[r->cue].start_s, sounds_[s + r->sound].start_s);
    if (pairs.size() < 3 || item.beat_s <= 0.0) return std::nullopt;
    std::vector<double> slopes, starts;
    for (std::size_t a = 0; a < pairs.size(); ++a)
      for (std::size_t b = a + 1; b < pairs.size(); ++b)
        slopes.push_back((pairs[a].second - pairs[b].second) / (pairs[a].first - pairs[b].first));
    const double stretch = median(std::move(slopes));
    if (stretch < kLeastStretch || stretch > kMostStretch) return std::nullopt;
    for (const auto& [planned, heard] : pairs) starts.push_back(heard - stretch * planned);
    return Clock{median(std::move(starts)), stretch, clock.moved};
  }

  void keep(std::size_t i, std::size_t first, const Clock& clock, const Reached& end,
            std::size_t missingAfter) {
    const double slower = std::log(clock.stretch) / kTempo;
    const double gain = end.value - kTry - std::min(kMostTempo, 0.5 * slower * slower) -
                        std::min(kMostMissing, kMissingAfter * static_cast<double>(missingAfter));
    if (gain <= 0.0) return;
    const std::size_t last = first + end.last;
    const auto key = std::tuple(i, first, last);
    const auto found = best_.find(key);
    if (found != best_.end() && found->second.gain >= gain) return;
    best_[key] = {{i, file_, first, last, clock.start_s, clock.stretch,
                   end.played > 1 && items_[i].beat_s > 0.0, clock.moved, end.played},
                  gain};
  }

  std::span<const Item> items_;
  const std::vector<SentSound>& sounds_;
  std::size_t file_;
  std::map<std::tuple<std::size_t, std::size_t, std::size_t>, Candidate> best_;
};

/// The best chain of tries that do not overlap.
class Chain {
 public:
  Chain(std::span<const Item> items, std::span<const std::vector<SentSound>> files) : items_(items) {
    for (const auto& sounds : files) {
      firstOf_.push_back(count_);
      count_ += sounds.size();
    }
  }

  std::vector<Try> best(const std::vector<Candidate>& candidates) {
    std::vector<std::vector<const Candidate*>> ending(count_ + 1);
    for (const Candidate& c : candidates) ending[firstOf_[c.what.file] + c.what.last + 1].push_back(&c);
    // value[p][last]: the sounds before p have been dealt with; the last try was at item `last`, 0: none yet.
    const std::size_t lasts = items_.size() + 1;
    struct State {
      double value = -1e9;
      const Candidate* by = nullptr;
      std::size_t before = 0;  // place, where by is set
      std::size_t last = 0;
    };
    std::vector<std::vector<State>> states(count_ + 1, std::vector<State>(lasts));
    states[0][0].value = 0.0;
    for (std::size_t p = 1; p <= count_; ++p) {
      for (std::size_t l = 0; l < lasts; ++l) states[p][l] = {states[p - 1][l].value, nullptr, p - 1, l};
      for (const Candidate* c : ending[p]) {
        const std::size_t from = firstOf_[c->what.file] + c->what.first;
        for (std::size_t l = 0; l < lasts; ++l) {
          const double value = states[from][l].value + c->gain + orderBonus(l, c->what.item);
          State& state = states[p][c->what.item + 1];
          if (value > state.value) state = {value, c, from, l};
        }
      }
    }
    std::vector<Try> tries;
    std::size_t p = count_;
    std::size_t l =
        static_cast<std::size_t>(std::ranges::max_element(states[p], {}, &State::value) - states[p].begin());
    while (p > 0) {
      const State& state = states[p][l];
      if (state.by) tries.push_back(state.by->what);
      p = state.before;
      l = state.last;
    }
    std::ranges::reverse(tries);
    return tries;
  }

 private:
  static double orderBonus(std::size_t last, std::size_t item) {
    if (item == last) return kInOrder;  // the next of the list; `last` counts from 1
    return item + 1 == last ? kAgain : 0.0;
  }

  std::span<const Item> items_;
  std::vector<std::size_t> firstOf_;
  std::size_t count_ = 0;
};

}  // namespace

std::vector<Try> findTries(std::span<const AskedItem> asked, std::span<const std::vector<SentSound>> files) {
  std::vector<Item> items;
  for (const AskedItem& item : asked) items.push_back(itemOf(item));
  std::vector<Candidate> candidates;
  for (std::size_t f = 0; f < files.size(); ++f) {
    auto found = Candidates(items, files[f], f).all();
    candidates.insert(candidates.end(), found.begin(), found.end());
  }
  return Chain(items, files).best(candidates);
}

}  // namespace calando
