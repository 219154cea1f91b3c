#include "core/exercise/cue_sheet.h"

#include <algorithm>
#include <cmath>

#include "core/exercise/context.h"
#include "core/exercise/fit.h"

namespace calando {

namespace {

constexpr double kOpen_s = 8.0;  // when nobody says how long
constexpr int kSomeNote = 67;    // where there is no instrument
constexpr int kFifth = 7;
constexpr std::size_t kTimesToARest = 2;
constexpr int kSomeFundamental = 46;  // B flat 2, where there is neither an instrument nor a note

/// Semitones of a step of the major scale; 0 is home, -1 the step below.
int majorScale(int step) {
  static constexpr int semitones[] = {0, 2, 4, 5, 7, 9, 11};
  const int within = ((step % 7) + 7) % 7;
  return 12 * (step - within) / 7 + semitones[within];
}

/// Distances from the home note, semitones.
std::vector<int> generated(const Generator& g) {
  std::vector<int> steps;
  const int count = std::abs(g.count);
  for (int i = 0; i < count; ++i) {
    switch (g.kind) {
      case Generator::Kind::none:
      case Generator::Kind::climb:
        break;
      case Generator::Kind::scale:
        steps.push_back(majorScale(g.count > 0 ? i : -i));
        break;
      case Generator::Kind::chromatic:
        steps.push_back(g.count > 0 ? i : -i);
        break;
      case Generator::Kind::series:
        steps.push_back(TubeSetting::interval(i + 1));
        break;
      case Generator::Kind::outward:  // a half step up, a half step down, two up …
        steps.push_back(i % 2 == 0 ? i / 2 + 1 : -(i / 2 + 1));
        break;
    }
  }
  return steps;
}

/// The note asked for, by octaves to where the small part has it; of none a comfortable one.
int inRangeOf(const PartRow& part, const Context& context) {
  if (context.asked.empty()) return context.writtenOf(comfortableOn(part.part, context.instrument));
  int written = context.asked.front();
  while (context.hzOf(written) < part.lowest_hz) written += 12;
  while (context.hzOf(written) > part.highest_hz) written -= 12;
  return written;
}

/// Of the player, written: as somebody said, else as is comfortable.
int lowestOf(const Context& context) {
  return context.range.lowest.value_or(context.instrument ? context.instrument->comfortableLowest
                                                          : kSomeNote - 12);
}

/// Written.
int homeNote(const Context& context) {
  if (const auto fingering = fingeringFor(context); fingering && context.exercise->asksForPartials())
    return fingering->written;
  // What is a player's range on the instrument is none on its small part.
  if (const PartPlayed part = context.partPlayed(); part != PartPlayed::whole)
    return inRangeOf(rowOf(part), context);
  if (!context.asked.empty()) return context.asked.front();
  if (context.exercise->startsLow) return lowestOf(context) + kFifth;
  const int first = context.instrument ? context.instrument->firstNote : kSomeNote;
  const int atMost = std::min(first, context.range.highest.value_or(first));
  return std::max(atMost, context.range.lowest.value_or(atMost));
}

std::optional<int> noteOf(const CueNote& note, int home, int each) {
  switch (note.kind) {
    case CueNote::Kind::any:
      return std::nullopt;
    case CueNote::Kind::written:
      return note.value;
    case CueNote::Kind::degree:
      return home + majorScale(note.value - 1);
    case CueNote::Kind::interval:
      return home + note.value;
    case CueNote::Kind::partial:  // of its own tube
      return std::nullopt;
    case CueNote::Kind::each:
      return each;
  }
  return std::nullopt;
}

}  // namespace

Spelling spellingFor(const Context& context) {
  const Spelling preferred = context.instrument ? context.instrument->spelling : Spelling::flats;
  if (!context.exercise) return preferred;
  const bool inScale = context.exercise->generator.kind == Generator::Kind::scale ||
                       std::ranges::any_of(context.exercise->cues,
                                           [](const Cue& c) { return c.note.kind == CueNote::Kind::degree; });
  const bool inSeries = context.exercise->asksForPartials() && context.fingering;
  if (!inScale && !inSeries) return preferred;
  // Partials are those of their tube's root: with 1 and 2 the fifth of A is C♯.
  const int root = inSeries ? context.fingering->written : homeNote(context);
  // Fifths upwards from C, up to five of them, have sharps; downwards flats.
  switch (((root % 12 + 12) % 12 * 7) % 12) {
    case 0:
      return preferred;
    case 1:
    case 2:
    case 3:
    case 4:
    case 5:
      return Spelling::sharps;
    default:
      return Spelling::flats;
  }
}

namespace {
/// One thing is to be heard, and it is of that kind.
bool isOne(const CueSheet& sheet, bool (*ofThatKind)(CueKind)) {
  return std::ranges::count_if(sheet.cues, [](const SheetCue& c) { return isAudible(c.kind); }) == 1 &&
         std::ranges::any_of(sheet.cues, [=](const SheetCue& c) { return ofThatKind(c.kind); });
}
}  // namespace

bool CueSheet::oneSound() const { return isOne(*this, isSounding); }
bool CueSheet::oneBreath() const { return isOne(*this, isAir); }

namespace {

/// Once through a card's cues: for a note, or with more beats for each cue that is counted in beats.
struct Round {
  int note;
  int moreBeats = 0;
};

/// What is asked for by name is asked for, also beyond the player's range and the catalogue's.
bool isPlayable(int written, int home, const Context& context) {
  if (written == home) return true;
  if (const PartPlayed part = context.partPlayed(); part != PartPlayed::whole)
    return rowOf(part).holds(context.hzOf(written));
  if (!context.range.holds(written)) return false;
  if (!context.instrument) return true;
  const int sounding = context.instrument->soundingOf(written);
  return sounding >= context.instrument->lowest && sounding <= context.instrument->highest;
}

/// As far as the card goes, and no cue over the player's own most.
std::vector<Round> climbOf(const Context& context, int home) {
  const Exercise& exercise = *context.exercise;
  const int most = context.mostCounts.value_or(kUsualMostCounts);
  const auto fits = [&](int more) {
    return std::ranges::all_of(exercise.cues, [=](const Cue& cue) {
      return cue.length.unit != CueLength::Unit::beats || cue.length.value + more <= most;
    });
  };
  std::vector<Round> rounds;
  for (int more = 0; more < exercise.generator.count && (more == 0 || fits(more)); ++more)
    rounds.push_back({home, more});
  return rounds;
}

std::vector<Round> roundsOf(const Context& context, int home) {
  const Exercise& exercise = *context.exercise;
  if (exercise.climbs()) return climbOf(context, home);
  std::vector<Round> rounds;
  if (exercise.generator.kind != Generator::Kind::none) {
    for (const int step : generated(exercise.generator))
      if (isPlayable(home + step, home, context)) rounds.push_back({home + step});
    return rounds;
  }
  // Several notes asked for make one cue of each where the card has a single sounding one.
  const bool single =
      std::ranges::count_if(exercise.cues, [](const Cue& c) { return isSounding(c.kind); }) == 1;
  if (!single || context.asked.size() < 2) return {{home}};
  for (const int note : context.asked) rounds.push_back({note});
  return rounds;
}

double lengthOf(const Cue& cue, int moreBeats, double beat_s, const Context& context) {
  switch (cue.length.unit) {
    case CueLength::Unit::beats:
      return (cue.length.value + moreBeats) * beat_s;
    case CueLength::Unit::seconds:
      return cue.length.value;
    case CueLength::Unit::open:
      return context.askedSeconds.value_or(kOpen_s);
  }
  return kOpen_s;
}

}  // namespace

std::size_t firstCueOf(const Exercise& climbing, std::size_t round) {
  const std::size_t rests = climbing.generator.rest_beats > 0.0 ? round / kTimesToARest : 0;
  return round * climbing.cues.size() + rests;
}

CueSheet unroll(const Context& context) {
  const Exercise& exercise = *context.exercise;
  CueSheet sheet;
  sheet.home = homeNote(context);
  if (exercise.counted()) {
    sheet.beat_s = 60.0 / context.tempo_bpm.value_or(exercise.tempo_bpm);
    sheet.countIn = exercise.countIn;
  }
  const auto fingering = fingeringFor(context);
  double at = 0.0;
  std::size_t times = 0;
  for (const Round& round : roundsOf(context, sheet.home)) {
    if (exercise.generator.rest_beats > 0.0 && times > 0 && times % kTimesToARest == 0) {
      const double length = exercise.generator.rest_beats * sheet.beat_s;
      sheet.cues.push_back({CueKind::rest,
                            at,
                            length,
                            false,
                            {},
                            {},
                            {},
                            OnsetWanted::any,
                            0,
                            false,
                            exercise.generator.says});
      at += length;
    }
    ++times;
    for (const Cue& cue : exercise.cues) {
      const bool partial = cue.note.kind == CueNote::Kind::partial;
      const auto tube = partial ? loweredBy(*fingering, cue.note.down, context.instrument) : std::nullopt;
      const auto rung = tube ? partialOn(exercise, cue.note.value, tube->step) : std::nullopt;
      if (partial && !rung) continue;
      std::optional<int> note = rung ? std::optional(tube->written + TubeSetting::interval(*rung))
                                     : noteOf(cue.note, sheet.home, round.note);
      // A card for any note is for the note asked for, if one is.
      if (!note && isSounding(cue.kind) && !context.asked.empty() && !exercise.surprises()) note = round.note;
      const bool made =
          partial || cue.note.kind == CueNote::Kind::degree || cue.note.kind == CueNote::Kind::interval;
      if (made && !isPlayable(*note, sheet.home, context)) continue;
      const double length = lengthOf(cue, round.moreBeats, sheet.beat_s, context);
      const bool open = cue.length.unit == CueLength::Unit::open;
      const bool freeWay = open && exercise.part != PartPlayed::whole;
      const bool listens = cue.who == Who::partner && context.accompaniment.partner;
      sheet.cues.push_back({listens ? CueKind::rest : cue.kind, at, length, open, note, cue.loudness,
                            cue.pitch, cue.onset, cue.pulses, cue.model, cue.says, rung, tube, cue.who,
                            freeWay});
      at += length;
    }
  }
  while (!sheet.cues.empty() && isRest(sheet.cues.back().kind)) sheet.cues.pop_back();
  return sheet;
}

int CueSheet::countsOf(const SheetCue& cue) const {
  return counted() ? static_cast<int>(std::lround(cue.length_s / beat_s)) : 0;
}

Reference referenceFor(const Context& context) {
  Reference reference = context.reference;
  if (!context.exercise) return reference;
  if (context.exercise->reference == PitchReference::equal) reference.just = false;
  if (context.exercise->reference == PitchReference::just) {
    const int home = homeNote(context);
    const int sounding = context.instrument ? context.instrument->soundingOf(home) : home;
    reference.just = true;
    // Of two, the first is the tonic.
    const int tonic = context.exercise->pair
                          ? sounding - static_cast<int>(std::lround(context.exercise->pair->semitones))
                          : sounding;
    reference.tonic = (tonic % 12 + 12) % 12;
  }
  return reference;
}

std::optional<TubeSetting> fingeringFor(const Context& context) {
  if (context.fingering || !context.exercise || !context.exercise->asksForPartials())
    return context.fingering;
  if (context.instrument) {
    // A reed has longer tubes than that of its lowest note only from a higher one.
    const bool fromAbove = context.exercise->changesTubes() && !context.instrument->bellNotes.empty();
    return fromAbove ? settingsOf(*context.instrument).front() : openSetting(*context.instrument);
  }
  return TubeSetting{"", context.asked.empty() ? kSomeFundamental : context.asked.front()};
}

int glideOrigin(const CueSheet& sheet, std::size_t cue) {
  while (cue-- > 0)
    if (sheet.cues[cue].note) return *sheet.cues[cue].note;
  return sheet.home;
}

SheetMoment momentOf(const CueSheet& sheet, double t) {
  SheetMoment moment;
  if (sheet.counted()) {
    const double beats = t / sheet.beat_s;
    moment.sinceBeat_s = (beats - std::floor(beats)) * sheet.beat_s;
    if (t < 0.0) moment.countInLeft = static_cast<int>(std::ceil(-beats - 1e-9));
  }
  for (std::size_t i = 0; i < sheet.cues.size(); ++i) {
    const SheetCue& cue = sheet.cues[i];
    if (t >= cue.start_s && t < cue.end_s()) moment.current = i;
    if (!moment.next && cue.start_s > t && isAudible(cue.kind)) moment.next = i;
  }
  if (moment.next) {
    moment.toNext_s = sheet.cues[*moment.next].start_s - t;
    if (sheet.counted()) moment.toNext_beats = moment.toNext_s / sheet.beat_s;
  }
  moment.over = t >= sheet.length_s();
  return moment;
}

std::vector<int> notesOf(const CueSheet& sheet) {
  std::vector<int> notes;
  for (const SheetCue& cue : sheet.cues)
    if (cue.note && std::ranges::find(notes, *cue.note) == notes.end()) notes.push_back(*cue.note);
  return notes;
}

double valueAt(const Shape& shape, double share) {
  if (shape.empty()) return 0.0;
  if (share <= shape.front().share) return shape.front().value;
  for (std::size_t i = 1; i < shape.size(); ++i) {
    if (share > shape[i].share) continue;
    const ShapePoint& a = shape[i - 1];
    const ShapePoint& b = shape[i];
    return a.value + (b.value - a.value) * (share - a.share) / (b.share - a.share);
  }
  return shape.back().value;
}

}  // namespace calando
