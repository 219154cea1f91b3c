#include "core/homework/marking.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/judging/heard.h"
#include "core/judging/judging.h"

namespace calando {

namespace {

constexpr double kBefore_s = 1.5, kAfter_s = 1.0;  // of a try, for the room around it
constexpr double kHalf = 0.5;
constexpr double kJoin_s = 1.2;  // stretches of one kind that near are one

AskedItem askedOf(const HomeworkItem& item, const Context& context) {
  AskedItem asked{unroll(context), static_cast<double>(context.soundingOf(0)), !item.home};
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

bool counts(const CueResult& row, bool tones) { return tones ? row.asksForSound() : row.isAudible(); }

/// Where its first and its last sound lie.
std::optional<Span> endsOf(const Analysis& analysis, bool tones) {
  std::optional<Span> ends;
  for (std::size_t r = 0; r < analysis.cues.size(); ++r) {
    if (!counts(analysis.cues[r], tones) || !analysis.cues[r].matched) continue;
    const Span span = spanOf(analysis, r);
    if (!ends) ends = span;
    ends = {std::min(ends->start_s, span.start_s), std::max(ends->end_s, span.end_s)};
  }
  return ends;
}

/// Of the tries at one item: complete before incomplete, then more of it, then the fewest figures outside.
bool better(const MarkedTry& a, const MarkedTry& b) {
  const auto rank = [](const MarkedTry& t) {
    double outside = 0.0;
    for (const Reading& reading : t.analysis.readings) outside += std::min(3.0, reading.excess);
    return std::tuple(t.complete ? 0 : 1, -static_cast<double>(t.cuesFound), outside);
  };
  return rank(a) < rank(b);
}

/// As much around a try as there is up to the next tone or word: what is heard there is the room.
std::pair<double, double> roomAround(const Try& found, std::span<const SentSound> sounds, double duration_s) {
  const double start_s = sounds[found.first].start_s, end_s = sounds[found.last].end_s;
  double from = std::max(0.0, start_s - kBefore_s), to = std::min(duration_s, end_s + kAfter_s);
  for (std::size_t s = 0; s < sounds.size(); ++s) {
    if (sounds[s].kind != SentKind::tone && sounds[s].kind != SentKind::speech) continue;
    if (s < found.first) from = std::max(from, std::midpoint(std::min(sounds[s].end_s, start_s), start_s));
    if (s > found.last) to = std::min(to, std::midpoint(end_s, std::max(end_s, sounds[s].start_s)));
  }
  return {from, to};
}

std::optional<MarkedTry> measured(const Try& found, const HomeworkItem& item, const AskedItem& asked,
                                  const SentRecording& recording, std::span<const SentSound> sounds,
                                  const Context& player) {
  MarkedTry result;
  result.file = found.file;
  result.context = contextOf(item, player);
  Context& context = result.context;
  if (asked.anyHome && !context.exercise->surprises()) context.asked = {asked.sheet.home + found.moved};
  const bool tones = context.exercise->asksForTones();
  const auto [from, to] = roomAround(found, sounds, recording.duration_s);
  result.from_s = from;
  if (context.exercise->counted()) {
    const double asked_bpm = context.tempo_bpm.value_or(context.exercise->tempo_bpm);
    context.tempo_bpm = asked_bpm / found.stretch;
    if (found.hasTempo) result.tempo_bpm = context.tempo_bpm;
    context.start_s = found.clock_s - from;
  }
  const auto samples = recording.read(from, to);
  result.analysis = analyse(samples, recording.rate_hz, context);
  const CueSheet sheet = unroll(context);
  result.cuesAsked = result.cuesFound = 0;
  bool longEnough = true;
  for (std::size_t c = 0; c < result.analysis.cues.size(); ++c) {
    const CueResult& row = result.analysis.cues[c];
    if (!counts(row, tones)) continue;
    ++result.cuesAsked;
    if (!row.matched) continue;
    ++result.cuesFound;
    const Span span = spanOf(result.analysis, c);
    if (span.end_s - span.start_s < kHalf * sheet.cues[c].length_s) longEnough = false;
  }
  result.complete = result.cuesFound == result.cuesAsked && longEnough;
  const auto ends = endsOf(result.analysis, tones);
  if (!ends) return std::nullopt;
  result.start_s = from + ends->start_s;
  result.end_s = from + ends->end_s;
  return result;
}

/// The highest written note that stays.
std::optional<int> highestOf(const MarkedTry& best) {
  std::optional<int> highest;
  for (const Note* note : heardIn(best.analysis).notes)
    if (!highest || note->written > *highest) highest = note->written;
  return highest;
}

void addOther(std::vector<OtherStretch>& other, std::size_t file, std::span<const SentSound> sounds,
              std::span<const Try> tries) {
  std::vector<bool> used(sounds.size(), false);
  for (const Try& t : tries)
    if (t.file == file)
      std::fill(used.begin() + static_cast<long>(t.first), used.begin() + static_cast<long>(t.last) + 1,
                true);
  for (std::size_t s = 0; s < sounds.size(); ++s) {
    if (used[s]) continue;
    const SentSound& sound = sounds[s];
    const bool goesOn = !other.empty() && other.back().file == file && other.back().kind == sound.kind &&
                        sound.start_s - other.back().end_s < kJoin_s && s > 0 && !used[s - 1];
    if (goesOn)
      other.back().end_s = std::max(other.back().end_s, sound.end_s);
    else
      other.push_back({file, sound.start_s, sound.end_s, sound.kind});
  }
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
  std::vector<std::vector<SentSound>> sounds;
  for (const SentRecording& recording : recordings) sounds.push_back(soundsOf(recording.tracks, player));
  const std::vector<Try> tries = findTries(asked, sounds);
  Marking marking;
  marking.items.resize(list.items.size());
  for (std::size_t i = 0; i < list.items.size(); ++i) {
    MarkedItem& item = marking.items[i];
    for (const SheetCue& cue : asked[i].sheet.cues)
      item.cuesAsked += list.items[i].exercise->asksForTones() ? isSounding(cue.kind) : isAudible(cue.kind);
    for (const Try& found : tries)
      if (found.item == i)
        if (auto one =
                measured(found, list.items[i], asked[i], recordings[found.file], sounds[found.file], player))
          item.tries.push_back(std::move(*one));
    const auto best = std::ranges::min_element(item.tries, better);
    if (best == item.tries.end()) continue;
    item.best = static_cast<std::size_t>(best - item.tries.begin());
    item.state = best->complete ? ItemState::complete : ItemState::incomplete;
    item.highest = highestOf(*best);
  }
  for (std::size_t f = 0; f < sounds.size(); ++f) addOther(marking.other, f, sounds[f], tries);
  return marking;
}

}  // namespace calando
