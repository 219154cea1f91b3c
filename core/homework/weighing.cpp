#include "core/homework/weighing.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/figures/matching.h"

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
constexpr std::size_t kAnchors = 3, kNextCues = 2, kNextSounds = 4;
constexpr double kLeastStretch = 0.6, kMostStretch = 1.6;  // half the length is another exercise
constexpr double kLongestPause_s = 12.0;                   // of what nobody counts
constexpr std::size_t kSoundsOfACue = 6;
constexpr double kSlack_s = 1.0;
constexpr double kWorthLeast = -1.0;   // a sound that fits worse is another's
constexpr std::size_t kMostGap = 2;    // cues in a row that may be missing
constexpr std::size_t kTellClock = 3;  // onsets

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
  for (const SheetCue& cue : from.sheet.cues) {
    if (from.breaths ? !isAudible(cue.kind) : !isSounding(cue.kind)) continue;
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

/// One item in one recording.
struct Ground {
  Item item;
  std::span<const SentSound> sounds;

  bool counted() const { return item.beat_s > 0.0; }
};

/// The clocks on which a sound may be a cue: at the asked-for tempo, and at those that the next sounds tell.
std::vector<Clock> clocksFor(const Ground& on, std::size_t s, std::size_t c) {
  const Asked& cue = on.item.asked[c];
  const SentSound& sound = on.sounds[s];
  std::vector<double> stretches = {1.0};
  const auto add = [&](double stretch) {
    if (stretch > kLeastStretch && stretch < kMostStretch) stretches.push_back(stretch);
  };
  const std::size_t to = on.counted() ? std::min(on.item.asked.size(), c + 1 + kNextCues) : 0;
  for (std::size_t next = c + 1; next < to; ++next) {
    std::size_t seen = 0;
    for (std::size_t k = s + 1; k < on.sounds.size() && seen < kNextSounds; ++k) {
      if (!mayBe(on.item.asked[next], on.sounds[k])) continue;
      ++seen;
      add((on.sounds[k].start_s - sound.start_s) / (on.item.asked[next].start_s - cue.start_s));
    }
  }
  if (on.counted() && on.item.asked.size() == 1)
    stretches.push_back(
        std::clamp((sound.end_s - sound.start_s) / cue.length_s, kLeastStretch, kMostStretch));
  const bool moves = on.item.anyHome && cue.concert && sound.concert;
  const int moved = moves ? static_cast<int>(std::lround(*sound.concert - *cue.concert)) : 0;
  std::vector<Clock> clocks;
  for (const double stretch : stretches)
    clocks.push_back({sound.start_s - stretch * cue.start_s, stretch, moved});
  return clocks;
}

/// The sound after the last one that a try may have which begins with sound `s`.
std::size_t endOf(const Ground& on, std::size_t s, std::size_t cues, const Clock& clock) {
  std::size_t to = s + 1;
  const double over_s = clock.start_s + clock.stretch * on.item.length_s + kSlack_s;
  const auto goesOn = [&] {
    return on.counted() ? on.sounds[to].start_s < over_s
                        : to < s + kSoundsOfACue * cues &&
                              on.sounds[to].start_s - on.sounds[to - 1].end_s < kLongestPause_s;
  };
  while (to < on.sounds.size() && goesOn()) ++to;
  return to;
}

struct Fit {
  double worth;
  std::size_t last;
};
/// Of a cue with sound `s`, or with all of its tone that lies before `to`.
Fit fit(const Ground& on, const Asked& cue, std::size_t s, std::size_t to, const Clock& clock) {
  std::size_t last = s;
  if (cue.wholeTone)
    for (std::size_t next = s + 1;
         next < to && (on.sounds[next].goesOn || on.sounds[next].kind == SentKind::air); ++next)
      if (on.sounds[next].goesOn) last = next;
  return {worth(cue, on.sounds[s], on.sounds[last].end_s, clock, on.item.beat_s), last};
}

/// The best way to a cue that has a certain sound.
struct Way {
  std::size_t sound;
  std::size_t last;  ///< of its tone, where the cue asks for all of that
  std::size_t cue;
  double worth;
  std::size_t played;
  const Way* from;
};
/// By cue, from the first one that has a sound on. The ways point to one another: it is not copied.
struct Table {
  std::vector<std::vector<Way>> reached;
  Table() = default;
  Table(Table&&) = default;
  Table(const Table&) = delete;
};

/// From sound `s`, which is cue `c`, on.
Table tableFrom(const Ground& on, std::size_t s, std::size_t c, const Clock& clock) {
  const std::size_t cues = on.item.asked.size() - c, to = endOf(on, s, cues, clock);
  std::vector<double> extra(to - s + 1, 0.0);  // up to there
  for (std::size_t j = s; j < to; ++j) extra[j - s + 1] = extra[j - s] + extraCost(on.sounds[j]);
  Table table;
  table.reached.resize(cues);
  const Fit first = fit(on, on.item.asked[c], s, to, clock);
  const double unsure = on.item.anyHome && on.item.asked[c].concert ? kAnyPitch : 0.0;
  table.reached[0] = {
      {s, first.last, c, first.worth - unsure - kMissingBefore * static_cast<double>(c), 1, nullptr}};
  for (std::size_t k = 1; k < cues; ++k) {
    const Asked& cue = on.item.asked[c + k];
    table.reached[k].reserve(to - s);
    for (std::size_t j = s + 1; j < to; ++j) {
      if (!mayBe(cue, on.sounds[j])) continue;
      const Fit own = fit(on, cue, j, to, clock);
      if (own.worth < kWorthLeast) continue;
      std::optional<Way> here;
      for (std::size_t gap = 0; gap <= std::min(k - 1, kMostGap); ++gap)
        for (const Way& from : table.reached[k - 1 - gap]) {
          if (from.last >= j) continue;
          const double all = from.worth + own.worth - kMissingWithin * static_cast<double>(gap) -
                             (extra[j - s] - extra[from.last - s + 1]);
          if (!here || all > here->worth) here = Way{j, own.last, c + k, all, from.played + 1, &from};
        }
      if (here) table.reached[k].push_back(*here);
    }
  }
  return table;
}

/// The clock on which most of the sounds of the best way lie; nullopt where they do not tell.
std::optional<Clock> refined(const Ground& on, const Table& table, const Clock& clock) {
  const Way* best = &table.reached[0][0];
  for (const auto& cue : table.reached)
    for (const Way& reached : cue)
      if (reached.worth > best->worth) best = &reached;
  if (best->played < kTellClock || !on.counted()) return std::nullopt;
  std::vector<OnsetPair> onsets;
  for (const Way* r = best; r; r = r->from)
    onsets.push_back({on.item.asked[r->cue].start_s, on.sounds[r->sound].start_s});
  const double stretch = *stretchThrough(onsets);
  if (stretch < kLeastStretch || stretch > kMostStretch) return std::nullopt;
  return Clock{*startThrough(onsets, stretch), stretch, clock.moved};
}

/// What a try is worth that ends there.
double worthOf(const Way& end, std::size_t cues, const Clock& clock) {
  const double slower = std::log(clock.stretch) / kTempo;
  return end.worth - kTry - std::min(kMostTempo, 0.5 * slower * slower) -
         std::min(kMostMissing, kMissingAfter * static_cast<double>(cues - 1 - end.cue));
}

}  // namespace

std::vector<Weighed> weighTries(const AskedItem& asked, std::size_t index, std::span<const SentSound> sounds,
                                std::size_t file) {
  const Ground on{itemOf(asked), sounds};
  const std::size_t cues = on.item.asked.size();
  std::map<std::pair<std::size_t, std::size_t>, Weighed> best;  // by first and last sound
  const auto weigh = [&](std::size_t s, std::size_t c, const Clock& clock) {
    const Table table = tableFrom(on, s, c, clock);
    for (const auto& cue : table.reached)
      for (const Way& end : cue) {
        const double worth = worthOf(end, cues, clock);
        if (worth <= 0.0) continue;
        const auto [known, isNew] = best.try_emplace({s, end.last}, Weighed{{}, 0.0});
        if (!isNew && known->second.worth >= worth) continue;
        known->second = {{index, file, s, end.last, clock.start_s, clock.stretch,
                          end.played > 1 && on.counted(), clock.moved},
                         worth};
      }
    return refined(on, table, clock);
  };
  for (std::size_t s = 0; s < sounds.size(); ++s)
    for (std::size_t c = 0; c < std::min(kAnchors, cues); ++c) {
      if (!mayBe(on.item.asked[c], sounds[s])) continue;
      for (const Clock& clock : clocksFor(on, s, c))
        if (const auto better = weigh(s, c, clock)) weigh(s, c, *better);
    }
  std::vector<Weighed> list;
  for (const auto& [ends, weighed] : best) list.push_back(weighed);
  return list;
}

}  // namespace calando
