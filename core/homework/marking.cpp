#include "core/homework/marking.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/engine/analysis.h"
#include "core/figures/figure_input.h"
#include "core/judging/judging.h"

namespace calando {

namespace {

constexpr double kBefore_s = 1.5, kAfter_s = 1.0;  // of a try, for the room around it
constexpr double kHalf = 0.5;
constexpr double kFarOff = 3.0;      // widths of a target: further is no worse
constexpr double kShortest_s = 0.2;  // of a stretch that somebody says is a try
constexpr double kJoin_s = 1.2;      // stretches of one kind that near are one

AskedItem askedOf(const HomeworkItem& item, const Context& context) {
  AskedItem asked{unroll(context), static_cast<double>(context.soundingOf(0)), !item.home,
                  !item.exercise->asksForTones()};
  for (const Cue& cue : item.exercise->cues)
    if (cue.note.kind == CueNote::Kind::written) asked.anyHome = false;
  return asked;
}

/// Where what was played for a row lies: all of its tone, but for the notes that other rows have.
struct Span {
  double start_s, end_s;
};
Span spanOf(const Analysis& analysis, std::size_t r) {
  const CueResult& row = analysis.cues[r];
  if (isAir(row.kind)) return {analysis.airs[*row.matched].start_s, analysis.airs[*row.matched].end_s};
  const Tone& tone = analysis.tones[*row.matched];
  Span span{tone.start_s, tone.end_s};
  if (!row.note) return span;
  for (const CueResult& other : analysis.cues) {
    if (!other.matched || isAir(other.kind) || *other.matched != *row.matched || !other.note) continue;
    if (*other.note < *row.note) span.start_s = tone.notes[*row.note].start_s;
    if (*other.note > *row.note) span.end_s = tone.notes[*row.note].end_s;
  }
  return span;
}

/// More than half of one lies within the other.
bool isWithin(double start_s, double end_s, double from_s, double to_s) {
  return std::min(end_s, to_s) - std::max(start_s, from_s) > 0.5 * (end_s - start_s);
}

/// Of a card of breaths breaths count.
bool counts(CueKind kind, const Exercise& card) {
  return card.asksForTones() ? isSounding(kind) : isAudible(kind);
}
std::size_t cuesOf(const CueSheet& sheet, const Exercise& card) {
  return static_cast<std::size_t>(
      std::ranges::count_if(sheet.cues, [&](const SheetCue& cue) { return counts(cue.kind, card); }));
}

/// Of the tries at one item: complete before incomplete, then more of it, then the fewest figures outside.
bool better(const MarkedAttempt& a, const MarkedAttempt& b) {
  const auto rank = [](const MarkedAttempt& t) {
    double outside = 0.0;
    for (const Reading& reading : t.analysis.readings)
      outside += reading.verdict == Verdict::notYet ? kFarOff : std::min(kFarOff, reading.excess);
    return std::tuple(t.complete ? 0 : 1, -static_cast<double>(t.cuesFound), outside);
  };
  return rank(a) < rank(b);
}

/// As much around a try as there is up to the next tone or word: what is heard there is the room.
std::pair<double, double> roomAround(const Attempt& found, std::span<const SentSound> sounds,
                                     double duration_s) {
  const double start_s = sounds[found.first].start_s, end_s = sounds[found.last].end_s;
  double from = std::max(0.0, start_s - kBefore_s), to = std::min(duration_s, end_s + kAfter_s);
  for (std::size_t s = 0; s < sounds.size(); ++s) {
    if (sounds[s].kind != SentKind::tone && sounds[s].kind != SentKind::speech) continue;
    if (s < found.first) from = std::max(from, std::midpoint(std::min(sounds[s].end_s, start_s), start_s));
    if (s > found.last) to = std::min(to, std::midpoint(end_s, std::max(end_s, sounds[s].start_s)));
  }
  return {from, to};
}

/// What is asked of a try: on the note that it is on, at its own tempo.
Context contextOf(const Attempt& found, double from_s, const HomeworkItem& item, const AskedItem& asked,
                  const Context& player) {
  Context context = contextOf(item, player);
  if (asked.anyHome && !context.exercise->surprises()) context.asked = {asked.sheet.home + found.moved};
  if (!context.exercise->counted()) return context;
  context.tempo_bpm = context.tempo_bpm.value_or(context.exercise->tempo_bpm) / found.stretch;
  context.start_s = found.clock_s - from_s;
  return context;
}

/// Which of its cues were found, and where the first and the last of them lie. False when none was.
bool countCues(MarkedAttempt& one) {
  const CueSheet sheet = unroll(one.context);
  bool longEnough = true;
  for (std::size_t c = 0; c < one.analysis.cues.size(); ++c) {
    const CueResult& row = one.analysis.cues[c];
    if (!counts(row.kind, *one.context.exercise) || !row.matched) continue;
    const Span span = spanOf(one.analysis, c);
    if (span.end_s - span.start_s < kHalf * sheet.cues[c].length_s) longEnough = false;
    const double start_s = one.from_s + span.start_s, end_s = one.from_s + span.end_s;
    one.start_s = one.cuesFound == 0 ? start_s : std::min(one.start_s, start_s);
    one.end_s = one.cuesFound == 0 ? end_s : std::max(one.end_s, end_s);
    ++one.cuesFound;
  }
  one.complete = longEnough && one.cuesFound == cuesOf(sheet, *one.context.exercise);
  return one.cuesFound > 0;
}

std::optional<MarkedAttempt> measured(const Attempt& found, const HomeworkItem& item, const AskedItem& asked,
                                      const SentRecording& recording, std::span<const SentSound> sounds,
                                      const Context& player) {
  const auto [from_s, to_s] = roomAround(found, sounds, recording.tracks.duration_s);
  MarkedAttempt one;
  one.file = found.file;
  one.from_s = from_s;
  one.to_s = to_s;
  one.claims_from_s = sounds[found.first].start_s;
  one.claims_to_s = sounds[found.last].end_s;
  one.context = contextOf(found, from_s, item, asked, player);
  if (found.hasTempo) one.tempo_bpm = one.context.tempo_bpm;
  one.analysis = analyse(recording.read(from_s, to_s), recording.tracks.rate_hz, one.context);
  if (!countCues(one)) return std::nullopt;
  return one;
}

/// The same of a stretch that somebody says is a try, whatever is found in it.
MarkedAttempt measuredIn(const Correction& piece, const HomeworkItem& item, const AskedItem& asked,
                         const SentRecording& recording, std::span<const SentSound> sounds,
                         const Context& player) {
  std::vector<SentSound> within;
  for (const SentSound& sound : sounds)
    if (isWithin(sound.start_s, sound.end_s, piece.from_s, piece.to_s)) within.push_back(sound);
  MarkedAttempt one;
  one.file = piece.file;
  one.from_s = one.start_s = one.claims_from_s = piece.from_s;
  one.to_s = one.end_s = one.claims_to_s = piece.to_s;
  one.context = contextOf(item, player);
  const auto tries = findTries(std::span(&asked, 1), std::span(&within, 1));
  const auto longest = std::ranges::max_element(tries, {}, [](const Attempt& t) { return t.last - t.first; });
  if (longest != tries.end()) {
    one.context = contextOf(*longest, piece.from_s, item, asked, player);
    if (longest->hasTempo) one.tempo_bpm = one.context.tempo_bpm;
  }
  one.analysis = analyse(recording.read(piece.from_s, piece.to_s), recording.tracks.rate_hz, one.context);
  countCues(one);
  return one;
}

/// The highest written note that stays.
std::optional<int> highestOf(const MarkedAttempt& best) {
  std::optional<int> highest;
  for (const Note* note : heardIn(best.analysis).notes)
    if (!highest || note->written > *highest) highest = note->written;
  return highest;
}

/// What no try claims.
std::vector<OtherStretch> othersIn(const Marking& marking) {
  std::vector<OtherStretch> other;
  for (std::size_t file = 0; file < marking.sounds.size(); ++file) {
    bool before = false;  // the sound before was none of a try
    for (const SentSound& sound : marking.sounds[file]) {
      const bool claimed = std::ranges::any_of(marking.items, [&](const MarkedItem& item) {
        return std::ranges::any_of(item.tries, [&](const MarkedAttempt& t) {
          return t.file == file && isWithin(sound.start_s, sound.end_s, t.claims_from_s, t.claims_to_s);
        });
      });
      const bool goesOn = before && !claimed && other.back().kind == sound.kind &&
                          sound.start_s - other.back().end_s < kJoin_s;
      if (goesOn)
        other.back().end_s = std::max(other.back().end_s, sound.end_s);
      else if (!claimed)
        other.push_back({file, sound.start_s, sound.end_s, sound.kind});
      before = !claimed;
    }
  }
  return other;
}

/// Which of its tries counts, and what that makes of it. What is to go up to a note is whole when it got
/// there.
void settle(MarkedItem& item, const HomeworkItem& wanted) {
  const auto best = std::ranges::min_element(item.tries, better);
  item.best.reset();
  item.highest.reset();
  item.state = ItemState::missing;
  if (best == item.tries.end()) return;
  item.best = static_cast<std::size_t>(best - item.tries.begin());
  item.highest = highestOf(*best);
  const bool there = !wanted.highest || !item.highest || *item.highest >= *wanted.highest;
  item.state = best->complete && there ? ItemState::complete : ItemState::incomplete;
}

}  // namespace

std::vector<SentSound> soundsOf(const Tracks& tracks, const Context& player) {
  Context context = player;
  context.exercise.reset();
  return soundsSent(analyse(tracks, context));
}

Marking mark(const HomeworkList& list, std::span<const SentRecording> recordings, const Context& player) {
  std::vector<AskedItem> asked;
  for (const HomeworkItem& item : list.items) asked.push_back(askedOf(item, contextOf(item, player)));
  Marking marking;
  for (const SentRecording& recording : recordings)
    marking.sounds.push_back(soundsOf(recording.tracks, player));
  const std::vector<Attempt> tries = findTries(asked, marking.sounds);
  marking.items.resize(list.items.size());
  for (std::size_t i = 0; i < list.items.size(); ++i) {
    MarkedItem& item = marking.items[i];
    item.cuesAsked = cuesOf(asked[i].sheet, *list.items[i].exercise);
    for (const Attempt& found : tries)
      if (found.item == i)
        if (auto one = measured(found, list.items[i], asked[i], recordings[found.file],
                                marking.sounds[found.file], player))
          item.tries.push_back(std::move(*one));
    settle(item, list.items[i]);
  }
  marking.other = othersIn(marking);
  return marking;
}

Marking corrected(Marking marking, const Correction& piece, const HomeworkList& list,
                  std::span<const SentRecording> recordings, const Context& player) {
  if (piece.file >= recordings.size() || (piece.item && *piece.item >= list.items.size())) return marking;
  const double end_s = recordings[piece.file].tracks.duration_s;
  Correction within = piece;
  within.from_s = std::clamp(piece.from_s, 0.0, end_s);
  within.to_s = std::clamp(piece.to_s, 0.0, end_s);
  if (within.to_s - within.from_s < kShortest_s) return marking;
  for (std::size_t i = 0; i < marking.items.size(); ++i)
    std::erase_if(marking.items[i].tries, [&](const MarkedAttempt& t) {
      const bool touched = t.end_s > within.from_s && t.start_s < within.to_s;
      return t.file == piece.file &&
             ((touched && piece.item == i) || isWithin(t.start_s, t.end_s, within.from_s, within.to_s));
    });
  if (piece.item) {
    const HomeworkItem& item = list.items[*piece.item];
    std::vector<MarkedAttempt>& tries = marking.items[*piece.item].tries;
    tries.push_back(measuredIn(within, item, askedOf(item, contextOf(item, player)), recordings[piece.file],
                               marking.sounds[piece.file], player));
    std::ranges::stable_sort(tries, {}, [](const MarkedAttempt& t) { return std::pair(t.file, t.start_s); });
  }
  for (std::size_t i = 0; i < marking.items.size(); ++i) settle(marking.items[i], list.items[i]);
  marking.other = othersIn(marking);
  return marking;
}

}  // namespace calando
