#include "core/engine/analysis.h"

#include <algorithm>
#include <cmath>

#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/exercise/pace.h"
#include "core/exercise/pair_card.h"
#include "core/figures/cue_figures.h"
#include "core/figures/findings.h"
#include "core/judging/judging.h"
#include "core/maths/statistics.h"
#include "core/measure/air/air_sums.h"
#include "core/measure/air/breaths.h"
#include "core/measure/air/played_noise.h"
#include "core/measure/edges/envelope.h"
#include "core/measure/edges/segmentation.h"
#include "core/measure/edges/tone_spans.h"
#include "core/measure/edges/transitions.h"
#include "core/measure/pitch/note_figures.h"
#include "core/measure/pitch/notes.h"
#include "core/measure/pitch/pitch_range.h"
#include "core/measure/pitch/quality.h"
#include "core/measure/pitch/reach.h"
#include "core/signal/pair_track.h"

namespace calando {

namespace {

constexpr double kLeastRest_s = 0.04, kOfRest = 0.6;  // of one between two cues
constexpr double kAsShortAsASlip_s = 0.6;
constexpr double kDroneInNoise_db = 6.0;  // noise under this much over the drone is a quarter and more of its
constexpr double kEdge_s = 0.03;
constexpr double kLongestPause_s = 0.15;  // between two notes of a slur
constexpr double kShortestGlide_ms = 100.0;
constexpr double kJump_s = 0.15;
constexpr double kWrongNote_cents = 150.0;
constexpr double kShortNoteless_s = 0.2;
constexpr double kShortestNoteless_s = 0.055;  // a try, as exact as its ends are
constexpr double kShortestOverRoom_s = 0.5, kOverRoom_db = 4.0;
constexpr double kStandsOut_db = 10.0;
constexpr double kShortestQuality_s = 0.4;  // of the note that it is told from
constexpr double kSings = 0.9;              // confidence
constexpr double kPeriodic = 0.6;           // confidence
constexpr double kShortTry_s = 0.08, kTryReach_cents = 80.0, kTryWithin = 0.8;
constexpr double kHissFrom_hz = 500.0;
constexpr double kHiss_db = -9.0;          // harmonics over noise
constexpr double kAToneInBreath_db = 0.0;  // the same
constexpr std::size_t kFewestPitches = 10;

Slip slipOf(const NoteLayout::Jump& jump, const Context& context) {
  const auto written = [&](double cents) {
    return context.writtenOf(nearestSemitone(shiftedBy(440.0, cents), context.reference));
  };
  const auto partial = [&](double cents) -> std::optional<int> {
    if (!context.fingering) return std::nullopt;
    const auto place =
        placeOn(shiftedBy(440.0, cents), *context.fingering, context.instrument, context.reference.a4_hz);
    return place ? std::optional(place->partial) : std::nullopt;
  };
  return {jump.at_s,     written(jump.from_cents), written(jump.to_cents),
          jump.length_s, partial(jump.from_cents), partial(jump.to_cents)};
}

bool wasAsked(const Note& note, const Context& context) {
  return std::ranges::any_of(context.asked, [&](int asked) {
    const int sounding = context.instrument ? context.instrument->soundingOf(asked) : asked;
    return std::abs(centsBetween(frequencyOf(sounding, context.reference), note.f0_hz)) < kWrongNote_cents;
  });
}

/// Jumps to a note that was not asked for, however long they last.
void addUnaskedJumps(Tone& tone, const Context& context) {
  if (context.asked.empty()) return;
  for (std::size_t i = 1; i < tone.notes.size(); ++i) {
    const Note& before = tone.notes[i - 1];
    const Note& here = tone.notes[i];
    const bool jumped = here.start_s - before.end_s < kJump_s &&
                        std::abs(centsBetween(before.f0_hz, here.f0_hz)) >= kWrongNote_cents;
    if (jumped && wasAsked(before, context) && !wasAsked(here, context))
      tone.slips.push_back({here.start_s, before.written, here.written, here.end_s - here.start_s,
                            before.partial, here.partial});
  }
  std::ranges::sort(tone.slips, {}, &Slip::at_s);
}

/// All of a short sound has one pitch: noise has another from moment to moment.
bool keepsToItsPitch(const Tone& tone, const PitchLine& line) {
  if (tone.held_s < kShortTry_s || line.cents.empty()) return false;
  const double middle = median(line.cents);
  const auto near =
      std::ranges::count_if(line.cents, [=](double c) { return std::abs(c - middle) < kTryReach_cents; });
  return static_cast<double>(near) >= kTryWithin * tone.held_s / kHop_s;
}

/// Most of it has one pitch or another: a sound that is periodic is a tone, also one without a note. A short
/// one may be chance, and has to be clearer, or to keep to its pitch.
bool isPeriodic(const Tone& tone, const Tracks& tracks, const PitchLine& line, const Room& room) {
  if (tone.held_s >= kShortNoteless_s) return isSure(tracks, tone.start_s, tone.end_s, kPeriodic);
  const double least = keepsToItsPitch(tone, line) ? kPeriodic : kSings;
  return tone.held_s >= kShortestNoteless_s && isSure(tracks, tone.start_s, tone.end_s, least) &&
         tracks.energy.level_dbfs(tone.start_s, tone.end_s) >
             room.floor_dbfs.value_or(-200.0) + kStandsOut_db;
}

/// A narrow hiss has a pitch of a kind from moment to moment, and nothing of a harmonic in it; or none that
/// lasts for as long as it takes to look for harmonics.
bool isHiss(const Tone& tone, const Tracks& tracks) {
  std::vector<double> pitches, hnrs;
  const auto first = static_cast<std::size_t>(std::ceil(tone.start_s / kHop_s));
  for (std::size_t i = first; i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= tone.end_s;
       ++i) {
    const TrackFrame& f = tracks.frames[i];
    if (f.f0_hz <= 0.0f) continue;
    pitches.push_back(f.f0_hz);
    if (f.colour >= 0) hnrs.push_back(tracks.colours[static_cast<std::size_t>(f.colour)].hnr_db);
  }
  if (pitches.size() < kFewestPitches || median(pitches) < kHissFrom_hz) return false;
  return hnrs.empty() || median(hnrs) < kHiss_db;
}

/// A card of one tone, whatever its name, that goes nowhere.
bool asksForOneTone(const CueSheet& sheet) {
  const SheetCue* only = nullptr;
  for (const SheetCue& cue : sheet.cues) {
    if (!isSounding(cue.kind)) continue;
    if (only) return false;
    only = &cue;
  }
  return only && only->kind == CueKind::tone && !only->moves();
}

/// A moment of one of the room's own lines: as short as that, and no louder than the room.
bool isRoomAlone(const Tone& tone, const Tracks& tracks, const Room& room) {
  return tone.held_s < kShortestOverRoom_s && room.floor_dbfs &&
         tracks.energy.level_dbfs(tone.start_s, tone.end_s) < *room.floor_dbfs + kOverRoom_db;
}

Expected expectedOf(const CueSheet& sheet, const Context& context) {
  const Exercise* card = context.exercise.get();
  const bool small = context.partPlayed() != PartPlayed::whole, level = card && card->keepsLevel();
  const bool travelWanted = small && card && card->part != PartPlayed::whole && !level;
  const bool oneNote = context.asked.size() == 1 || context.target_hz || asksForOneTone(sheet);
  if (oneNote && !travelWanted) return Expected::oneNote;
  return small && !level && (travelWanted || context.asked.empty()) ? Expected::travels : Expected::anything;
}

/// Notes as short as a slip may be meant: where nothing is asked for, or a card has some.
bool mayComeInTurn(const CueSheet& sheet, const Context& context) {
  if (!context.exercise) return context.asked.size() != 1 && !context.target_hz;
  return std::ranges::any_of(sheet.cues, [](const SheetCue& cue) {
    return isSounding(cue.kind) && cue.length_s < kAsShortAsASlip_s;
  });
}

/// A rest between two cues of one note is no break of it, however short it is at the card's tempo.
double longestBreak_s(const CueSheet& sheet) {
  double longest_s = kLongestDropout_s;
  const SheetCue* before = nullptr;
  for (const SheetCue& cue : sheet.cues) {
    if (!isSounding(cue.kind)) continue;
    const double rest_s = before ? cue.start_s - before->end_s() : 0.0;
    if (rest_s > kLeastRest_s && before->note == cue.note) longest_s = std::min(longest_s, kOfRest * rest_s);
    before = &cue;
  }
  return longest_s;
}

/// Level and noise of all of it; on the small part what it is like.
void describeWhole(Tone& tone, const Tracks& tracks, const PitchLine& line, PartPlayed part) {
  if (line.cents.empty()) return;
  const Note all = describeSounding(tracks, tone, shiftedBy(440.0, median(line.cents)));
  tone.level_dbfs = all.level_dbfs;
  tone.hnr_db = all.hnr_db;
  if (part == PartPlayed::whole) return;
  const Note* note = tone.mainNote();
  const bool held = note && note->end_s - note->start_s >= kShortestQuality_s;
  describeQuality(tone, held ? *note : all, held ? Pitch::held : Pitch::moves, part);
}

/// How far the level strays within a note, a crescendo taken off; nullopt: too short to tell.
std::optional<double> levelStrays_db(const Note& note) {
  if (!note.level_sd_db) return std::nullopt;
  const double grows_db = note.level_slope_db_per_s.value_or(0.0) * (note.coreEnd_s - note.coreStart_s);
  return std::sqrt(std::max(0.0, *note.level_sd_db * *note.level_sd_db - grows_db * grows_db / 12.0));
}

/// How the first of its notes begins and the last one ends.
void describeEnds(Tone& tone, const Tracks& tracks, const Room& room, const PitchLine& centre) {
  const Note& first = tone.notes.front();
  const Envelope envelope = Envelope::forPitch(tracks.energy, first.f0_hz, room.floor_dbfs);
  // Air that is already there when the tone begins is not part of its rise.
  double before = envelope.noisePower;
  if (const double air_s = tone.onset.air_before_ms.value_or(0.0) / 1000.0; air_s > kEdge_s)
    before =
        std::max(before, tracks.energy.meanSquare(tone.start_s - 0.75 * air_s, tone.start_s - 0.25 * air_s));
  tone.onset.rise_ms =
      riseTime(tracks.energy, tone.start_s, envelope.medianPower(first.coreStart_s, first.coreEnd_s),
               first.f0_hz, before);
  const double rings_on_s = tone.release.rings_on_s;
  tone.release = describeRelease(tracks, centre, tone.notes.back());
  tone.release.rings_on_s = rings_on_s;
  const auto strays = levelStrays_db(first), straysLast = levelStrays_db(tone.notes.back());
  if (!strays || !straysLast) return;
  const auto start_s = crossingUnsure_s(envelope, tone.start_s, *strays);
  const auto end_s = crossingUnsure_s(envelope, tone.end_s, *straysLast);
  if (start_s && end_s) tone.held_unsure_s = std::hypot(*start_s, *end_s);
}

/// In a drill of breath that lasts, some tenth of a second of noise has a pitch by chance, and would part one
/// breath into two: what sounds there has to be a tone and nothing less.
bool isChanceInBreath(const Tone& tone, const Context& context) {
  return context.exercise && context.exercise->drillsBreath() &&
         tone.hnr_db.value_or(-200.0) < kAToneInBreath_db;
}

/// Fills in what is inside a tone. False when there is neither a note nor a glide and hardly a pitch: then it
/// was no tone.
bool describeTone(Tone& tone, const Tracks& tracks, const Room& room, double earliest_s,
                  const Context& context, Expected expected, bool inTurn) {
  if (isHiss(tone, tracks) || isRoomAlone(tone, tracks, room)) return false;
  tone.onset.air_before_ms = airBefore(tracks, room, tone.start_s, earliest_s);
  const PitchLine everything = pitchLine(tracks, tone.start_s, tone.end_s, tone.dropouts);
  const PitchLine still = withoutWaves(everything);
  NoteLayout layout = layOutNotes(still, tone.start_s, tone.end_s, expected, inTurn);
  const PitchLine line = withoutJumps(everything, layout.jumps);
  const PitchLine centre = withoutJumps(still, layout.jumps);
  if (layout.plateaus.empty() && layout.glides.empty()) {
    describeWhole(tone, tracks, everything, context.partPlayed());
    return isPeriodic(tone, tracks, everything, room) && !isChanceInBreath(tone, context);
  }
  tone.glides = std::move(layout.glides);
  tone.range = pitchRange(everything);
  for (Glide& glide : tone.glides) {
    glide.uneven_cents = unevennessOf(everything, glide);
    glide.breaks = static_cast<int>(std::ranges::count_if(
        tone.dropouts, [&](const Dropout& d) { return d.at_s >= glide.start_s && d.at_s < glide.end_s; }));
  }
  for (const auto& jump : layout.jumps) tone.slips.push_back(slipOf(jump, context));
  for (const Plateau& plateau : layout.plateaus) {
    const CoreLine core = coreLine(centre, plateau);
    const auto settle = settleTime(centre, plateau, core);
    if (tone.notes.empty()) {
      tone.onset.settle_ms = settle;
      tone.onset.scoop_cents = scoop(centre, plateau, core);
    }
    tone.notes.push_back(describeNote(tracks, line, centre, plateau, settle, tone.dropouts, context));
  }
  addUnaskedJumps(tone, context);
  describeWhole(tone, tracks, everything, context.partPlayed());
  if (isChanceInBreath(tone, context)) return false;
  if (!tone.notes.empty()) describeEnds(tone, tracks, room, centre);
  return true;
}

/// A way that the refined pitch shows longer than it was is no glide: the notes meet in its middle.
void meetIn(const Transition& transition, Note& before, Note& after, std::vector<Glide>& glides) {
  if (transition.gap_ms > 0.0 || transition.length_ms > kShortestGlide_ms || after.start_s <= before.end_s)
    return;
  std::erase_if(glides, [&](const Glide& glide) {
    return glide.start_s >= before.end_s - kEdge_s && glide.end_s <= after.start_s + kEdge_s;
  });
  before.end_s = after.start_s = transition.at_s;
}

/// Whether two written notes lie in different registers; nullopt where an instrument has none.
std::optional<bool> overBreak(int from, int to, const Instrument* instrument) {
  if (!instrument || instrument->registers.empty()) return std::nullopt;
  return std::ranges::any_of(instrument->registers,
                             [=](int first) { return (from < first) != (to < first); });
}

/// How each of its notes is reached from the one before, which may be that of the tone before.
void describeTransitions(Tone& tone, const Tone* previous, const Tracks& tracks, const Room& room,
                         const Context& context) {
  const auto add = [&](const Note& before, std::size_t n) -> const Transition* {
    auto transition = transitionBetween(before, tone.notes[n], tracks, room.floor_dbfs);
    if (!transition) return nullptr;
    transition->note = n;
    transition->over_break = overBreak(transition->from, transition->to, context.instrument);
    return &tone.transitions.emplace_back(*transition);
  };
  if (tone.notes.empty()) return;
  if (previous && !previous->notes.empty() && tone.start_s - previous->end_s < kLongestPause_s)
    add(previous->notes.back(), 0);
  for (std::size_t n = 1; n < tone.notes.size(); ++n)
    if (const Transition* transition = add(tone.notes[n - 1], n))
      meetIn(*transition, tone.notes[n - 1], tone.notes[n], tone.glides);
}

/// Noise that is mostly the drone's tells nothing of the tone.
void withoutNoiseOf(double drone_dbfs, Note& note) {
  if (note.level_dbfs && note.hnr_db && *note.level_dbfs - *note.hnr_db < drone_dbfs + kDroneInNoise_db)
    note.hnr_db.reset();
}

/// All of it, against one reference.
Analysis measured(const Tracks& tracks, const CueSheet& sheet, const Context& context) {
  Analysis result;
  result.reference = context.reference;
  result.part = context.partPlayed();
  result.duration_s = tracks.duration_s;
  result.clippedSamples = tracks.clippedSamples;
  result.badSamples = tracks.badSamples;
  const Room room = measureRoom(tracks, context.accompaniment.tonic_hz());
  result.noiseFloor_dbfs = room.floor_dbfs;
  if (context.accompaniment.tonic_hz()) result.drone_dbfs = room.drone_dbfs;
  result.clicks_dbfs = tracks.clicks_dbfs;
  result.swell_dbfs = tracks.swell_dbfs;
  const AirSums sums(tracks.air);
  const auto airRoom = tracks.air.empty()
                           ? std::nullopt
                           : roomOf(sums, tracks, room.hum ? std::optional(room.hum->from_s) : std::nullopt);
  if (airRoom) result.airFloor_dbfs = decibels(allOf(airRoom->before));
  const Expected expected = expectedOf(sheet, context);
  const bool inTurn = mayComeInTurn(sheet, context);
  const double breaks_s = longestBreak_s(sheet);
  double earliest = 0.0;
  for (const VoicedSpan& span : voicedSpans(tracks, room)) {
    if (room.drone_hz && std::abs(centsBetween(*room.drone_hz, span.f0_hz)) < 30.0) {
      const double level = tracks.energy.level_dbfs(span.start_s, span.end_s);
      if (level < room.floor_dbfs.value_or(-200.0) + 6.0) continue;
    }
    if (isMains(span, tracks, room)) continue;
    for (Tone& tone : tonesIn(span, tracks, room, earliest, breaks_s)) {
      if (!describeTone(tone, tracks, room, earliest, context, expected, inTurn)) continue;
      earliest = tone.end_s;
      describeTransitions(tone, result.tones.empty() ? nullptr : &result.tones.back(), tracks, room, context);
      for (Dropout& dropout : tone.dropouts)
        dropout.air_went_on = airWentOn(dropout, tracks.airEnergy, result.airFloor_dbfs);
      if (result.drone_dbfs)
        for (Note& note : tone.notes) withoutNoiseOf(*result.drone_dbfs, note);
      result.tones.push_back(std::move(tone));
    }
  }
  if (airRoom && room.floor_dbfs) result.airs = findAirs(tracks, sums, *airRoom, result.tones, context.open);
  if (result.part == PartPlayed::whole) result.reach = reachedIn(tracks, result.tones, context.reference);
  if (const auto pair = pairFor(sheet, context, &tracks)) result.pair = describePair(tracks, *pair);
  if (!result.drone_dbfs && result.pair) result.drone_dbfs = result.pair->leak_dbfs;
  result.processing = processingOf(tracks);
  if (result.airSpoilt())
    for (Air& air : result.airs) air = Air{air.start_s, air.end_s, air.phase};
  result.key = context.key;
  result.room_c = context.room_c;
  result.segments = layOutSegments(result.duration_s, result.tones, result.airs);
  if (context.exercise && context.level)
    judge(result, tracks, sheet, context);
  else
    nameThin(result.airs, context.open);
  return result;
}

}  // namespace

Analysis analyse(const Tracks& tracks, const Context& given) {
  Context context = given;
  CueSheet sheet;
  if (!context.exercise) return measured(tracks, sheet, context);
  sheet = unroll(given);
  context.reference = referenceFor(given);
  context.fingering = fingeringFor(given);
  context.asked = notesOf(sheet);
  if (sheet.cues.size() == 1 && !sheet.cues.front().open) context.askedSeconds = sheet.length_s();
  Analysis result = measured(tracks, sheet, context);
  if (context.exercise->reference != PitchReference::home) return result;
  const auto own = tunedToHome(result, sheet, context);
  if (!own) return result;
  context.reference = *own;
  return measured(tracks, sheet, context);
}

Analysis analyse(std::span<const float> samples, double rate_hz, const Context& context) {
  return analyse(trackTake(samples, rate_hz, context), context);
}

std::string engineVersion() { return CALANDO_VERSION; }

}  // namespace calando
