#include "core/figures/cue_figures.h"

#include <algorithm>
#include <cmath>

#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/figures/matching.h"
#include "core/figures/pair_rows.h"
#include "core/figures/start.h"
#include "core/measure/air/breaths.h"
#include "core/measure/edges/dynamics.h"
#include "core/measure/pitch/bend.h"
#include "core/measure/pitch/note_figures.h"
#include "core/measure/pitch/pitch_motion.h"

namespace calando {

namespace {

constexpr double kAnotherNote_semitones = 1.5;
constexpr double kInstant_ms = 60.0;    // of air before the sound
constexpr double kHoldMargin = 0.4;     // of its length
constexpr double kAfterBreath_s = 0.1;  // what a breath still has after half of its level
constexpr std::size_t kFewestForAClock =
    3;  // matched cues from which on an aligned take has a count of its own

/// The match of a card for one tone: the one held longest, wherever it is.
SheetMatch matchOfLongest(const CueSheet& sheet, const Analysis& analysis,
                          const std::vector<DetectedSound>& sounds, const Context& context) {
  SheetMatch match{context.start_s.value_or(0.0), 1.0,
                   std::vector<std::optional<std::size_t>>(sheet.cues.size())};
  const Tone* tone = analysis.mainTone();
  if (!tone) return match;
  const auto index = static_cast<std::size_t>(tone - analysis.tones.data());
  const auto isMain = [&](const DetectedSound& sound) {
    if (!sound.semitone || sound.index != index) return false;
    return sound.note ? &tone->notes[*sound.note] == tone->mainNote() : tone->notes.empty();
  };
  for (std::size_t c = 0; c < sheet.cues.size(); ++c) {
    if (!isSounding(sheet.cues[c].kind)) continue;
    const auto sound = std::ranges::find_if(sounds, isMain);
    if (sound != sounds.end()) match.sounds[c] = static_cast<std::size_t>(sound - sounds.begin());
    if (!context.start_s) match.start_s = tone->start_s - sheet.cues[c].start_s;
  }
  return match;
}

/// The match of a card for one breath: the longest there is.
SheetMatch matchOfLongestBreath(const CueSheet& sheet, const std::vector<DetectedSound>& sounds,
                                const Context& context) {
  SheetMatch match{context.start_s.value_or(0.0), 1.0,
                   std::vector<std::optional<std::size_t>>(sheet.cues.size())};
  std::optional<std::size_t> longest;
  const auto length = [&](std::size_t s) { return sounds[s].end_s - sounds[s].start_s; };
  for (std::size_t s = 0; s < sounds.size(); ++s)
    if (!sounds[s].semitone && (!longest || length(s) > length(*longest))) longest = s;
  if (!longest) return match;
  for (std::size_t c = 0; c < sheet.cues.size(); ++c) {
    if (!isAir(sheet.cues[c].kind)) continue;
    match.sounds[c] = longest;
    if (!context.start_s) match.start_s = sounds[*longest].start_s - sheet.cues[c].start_s;
  }
  return match;
}

void describeDynamics(CueResult& row, const SheetCue& cue, const Note& note, const Tracks& tracks,
                      const SheetMatch& match, double beat_s) {
  // Attack and release are no part of the shape.
  const double from = note.start_s + 0.05;
  const double to = note.end_s - 0.05;
  const double planned_s = cue.length_s * match.stretch;
  const double shapeFrom = cue.open ? note.start_s : match.timeOf(cue.start_s);
  const double length = cue.open ? note.end_s - note.start_s : planned_s;
  const DynamicFigures figures = dynamicFigures(tracks, from, to, [&](double share) {
    return valueAt(cue.loudness, (from + share * (to - from) - shapeFrom) / length);
  });
  row.dynamics.cents_per_db = figures.cents_per_db;
  row.dynamics.partials_per_db = figures.partials_per_db;
  row.dynamics.core_gain_db = figures.core_gain_db;
  if (!cue.loudness.empty()) row.dynamics.shape_error_db = figures.shape_error_db;
  const auto peak = std::ranges::max_element(cue.loudness, {}, &ShapePoint::value);
  const bool hasPeak = peak != cue.loudness.end() && peak->share > 0.0 && peak->share < 1.0 &&
                       std::ranges::count(cue.loudness, peak->value, &ShapePoint::value) == 1;
  if (hasPeak && figures.peak_share && beat_s > 0.0)
    row.dynamics.peak_error_beats =
        (from + *figures.peak_share * (to - from) - shapeFrom - peak->share * length) / beat_s;
  if (rowOf(cue.kind).pulses)
    if (const auto pulses = pulseFigures(tracks, note.start_s, note.end_s, cue.pulses)) {
      row.dynamics.pulse_depth_db = pulses->depth_db;
      row.dynamics.pulse_spread_db = pulses->spread_db;
    }
}

/// What is heard for a cue, as one sound: all of a tone whose pitch is meant to move.
DetectedSound wholeOf(DetectedSound sound, const CueSheet& sheet, const SheetCue& cue,
                      const Analysis& analysis) {
  if (!cue.moves() || !sheet.oneSound()) return sound;
  const Tone& tone = analysis.tones[sound.index];
  sound.start_s = tone.start_s;
  sound.end_s = tone.end_s;
  return sound;
}

void describeSound(CueResult& row, const SheetCue& cue, const DetectedSound& sound, const Analysis& analysis,
                   const Tracks& tracks, const SheetMatch& match, double beat_s, const Context& context) {
  row.matched = sound.index;
  row.note = sound.note;
  const double length_s = sound.end_s - sound.start_s;
  if (beat_s > 0.0) {
    row.count.length_beats = length_s / beat_s;
    if (!cue.open) row.count.length_error_beats = (length_s - cue.length_s * match.stretch) / beat_s;
  }
  const CueSound heard = soundOf(row, analysis);
  if (!heard.note) return;
  const Note& note = *heard.note;
  const bool another =
      cue.note && sound.semitone && std::abs(*sound.semitone - *cue.note) > kAnotherNote_semitones;
  // Against the cue's own note, also where another cue's would be nearer.
  if (!another)
    row.pitch.offset_cents = cue.note ? centsBetween(context.hzOf(*cue.note), note.f0_hz) : note.offset_cents;
  Note onTube = note;  // of the cue's own tube, which need not be the take's
  if (cue.tube) nameOnTube(onTube, *cue.tube, context);
  row.pitch.series_cents = onTube.series_cents;
  describeDynamics(row, cue, note, tracks, match, beat_s);
}

/// Bends, glides and drawn paths: of the whole tone as far as it lies in the cue's time, since a moving pitch
/// is several notes.
void describeMotion(CueResult& row, const CueSheet& sheet, std::size_t c, const Tone& tone,
                    const Tracks& tracks, const Context& context) {
  const SheetCue& cue = sheet.cues[c];
  const bool whole = sheet.oneSound();
  const double from = whole ? tone.start_s : std::max(tone.start_s, row.start_s);
  const double to = whole ? tone.end_s : std::min(tone.end_s, row.end_s);
  if (!cue.pathAsked().empty()) {
    // On the count where there is one; an open cue is as long as it was played.
    const double start = cue.open ? tone.start_s : row.start_s;
    const double end = cue.open ? tone.end_s : row.end_s;
    const auto followed =
        pathFollowed(tracks, from, to, cue.note ? context.hzOf(*cue.note) : context.reference.a4_hz,
                     [&](double t) { return valueAt(cue.pitch, (t - start) / (end - start)); });
    row.pitch.offset_cents.reset();
    if (followed) row.pitch.path_error_cents = followed->error_cents;
    if (followed && cue.note) row.pitch.offset_cents = followed->offset_cents;
  }
  const Moves moves = movesOf(cue.kind);
  if (moves == Moves::bend)
    if (auto bend = describeBend(tracks, from, to)) row.bend = std::make_shared<const Bend>(std::move(*bend));
  if (moves == Moves::drop) row.drop = describeDrop(tracks, from, to);
  const auto motion = moves == Moves::glide ? pitchMotion(tracks, from, to) : std::nullopt;
  if (!motion) return;
  row.pitch.glide_uneven_cents = motion->uneven_cents;
  if (cue.note) row.pitch.glide_error_cents = motion->end_cents - 100.0 * (*cue.note - glideOrigin(sheet, c));
}

/// What is heard between the breath before a hold and the one after it; up to a share of the hold either may
/// still reach into it, which is their length and no leak.
void describeHold(std::vector<CueResult>& rows, std::size_t c, const Analysis& analysis,
                  const Tracks& tracks) {
  CueResult& hold = rows[c];
  const double margin = kHoldMargin * (hold.end_s - hold.start_s);
  double from = hold.start_s, to = hold.end_s;
  if (c > 0)
    if (const Air* before = soundOf(rows[c - 1], analysis).air)
      from = std::clamp(before->end_s + kAfterBreath_s, from, from + margin);
  if (c + 1 < rows.size())
    if (const Air* after = soundOf(rows[c + 1], analysis).air)
      to = std::clamp(after->start_s - kAfterBreath_s, to - margin, to);
  if (analysis.airFloor_dbfs) hold.leak_s = soundWithin(tracks, *analysis.airFloor_dbfs, from, to);
}

/// How the sound of a cue began; of a note that another one was slurred into there is nothing to say.
std::optional<Start> startOf(const CueResult& row, const Analysis& analysis, bool anywhere) {
  if (const Tone* tone = soundOf(row, analysis).tone) {
    if (row.note.value_or(0) > 0 || !tone->onset.air_before_ms) return std::nullopt;
    return *tone->onset.air_before_ms <= kInstant_ms ? Start::instant : Start::afterAir;
  }
  const bool air = std::ranges::any_of(analysis.airs, [&](const Air& a) {
    const bool here = anywhere || (a.end_s > row.start_s && a.start_s < row.end_s);
    return here && a.phase != AirPhase::inhale;
  });
  return air ? Start::airOnly : Start::nothing;
}

void compareColours(std::vector<CueResult>& rows, const CueSheet& sheet, const Analysis& analysis) {
  const Note* model = modelNote(rows, sheet, analysis);
  if (!model) return;
  for (CueResult& row : rows) {
    const Note* note = soundOf(row, analysis).note;
    if (note && note != model) row.colour_distance_db = colourDistance(*model, *note);
  }
}

}  // namespace

CueSound soundOf(const CueResult& cue, const Analysis& analysis) {
  if (!cue.matched) return {};
  const std::size_t index = *cue.matched;
  if (isAir(cue.kind) && index < analysis.airs.size()) return {nullptr, nullptr, &analysis.airs[index]};
  if (!cue.asksForSound() || index >= analysis.tones.size()) return {};
  const Tone& tone = analysis.tones[index];
  return {&tone, cue.note ? &tone.notes[*cue.note] : nullptr};
}

const Note* modelNote(std::span<const CueResult> rows, const CueSheet& sheet, const Analysis& analysis) {
  for (std::size_t c = 0; c < std::min(rows.size(), sheet.cues.size()); ++c)
    if (sheet.cues[c].model)
      if (const Note* note = soundOf(rows[c], analysis).note) return note;
  return nullptr;
}

std::optional<double> cameAt(const CueResult& row, const Analysis& analysis) {
  const CueSound sound = soundOf(row, analysis);
  if (!sound.note) return std::nullopt;
  for (const Transition& transition : sound.tone->transitions)
    if (transition.note == row.note) return transition.at_s;
  return row.note == 0 ? sound.tone->start_s : sound.note->start_s;
}

std::optional<Reference> tunedToHome(const Analysis& analysis, const CueSheet& sheet,
                                     const Context& context) {
  for (const CueResult& cue : analysis.cues) {
    const Note* note = cue.asked == sheet.home ? soundOf(cue, analysis).note : nullptr;
    if (!note) continue;
    Reference own = context.reference;
    own.a4_hz *= note->f0_hz / context.hzOf(sheet.home);
    return own;
  }
  return std::nullopt;
}

std::vector<CueResult> describeCues(const Analysis& analysis, const Tracks& tracks, const CueSheet& sheet,
                                    const Context& context) {
  const std::vector<DetectedSound> sounds = heardSounds(analysis, context);
  const SheetMatch match = sheet.oneSound()    ? matchOfLongest(sheet, analysis, sounds, context)
                           : sheet.oneBreath() ? matchOfLongestBreath(sheet, sounds, context)
                                               : matchSheet(sheet, sounds, context.start_s);
  const auto matched = static_cast<std::size_t>(
      std::ranges::count_if(match.sounds, [](const auto& s) { return s.has_value(); }));
  const bool onACount = context.start_s || matched >= kFewestForAClock;
  const double beat_s = sheet.beat_s * match.stretch;
  std::vector<CueResult> rows;
  for (std::size_t c = 0; c < sheet.cues.size(); ++c) {
    const SheetCue& cue = sheet.cues[c];
    CueResult row;
    row.kind = cue.kind;
    row.start_s = match.timeOf(cue.start_s);
    row.end_s = match.timeOf(cue.end_s());
    row.asked = cue.note;
    if (match.sounds[c]) {
      const DetectedSound sound = wholeOf(sounds[*match.sounds[c]], sheet, cue, analysis);
      if (onACount) row.count.place_ms = 1000.0 * (sound.start_s - row.start_s);
      describeSound(row, cue, sound, analysis, tracks, match, beat_s, context);
      if (const Tone* tone = soundOf(row, analysis).tone)
        describeMotion(row, sheet, c, *tone, tracks, context);
    }
    if (row.asksForSound()) row.start = startOf(row, analysis, sheet.oneSound());
    rows.push_back(std::move(row));
  }
  for (std::size_t c = 0; c < rows.size(); ++c)
    if (breathesOf(rows[c].kind) == Breathes::held) describeHold(rows, c, analysis, tracks);
  compareColours(rows, sheet, analysis);
  describeTogether(rows, sheet, analysis);
  describeTunings(rows, analysis, context);
  describeTurns(rows, sheet, analysis, context);
  return rows;
}

void nameByCues(Analysis& analysis, const CueSheet& sheet, const Context& context) {
  for (std::size_t c = 0; c < analysis.cues.size(); ++c) {
    const CueResult& cue = analysis.cues[c];
    const Breathes breathes = breathesOf(cue.kind);
    if (cue.matched && (breathes == Breathes::in || breathes == Breathes::out))
      analysis.airs[*cue.matched].phase = breathes == Breathes::in ? AirPhase::inhale : AirPhase::exhale;
    if (!cue.asked || !cue.matched || !cue.note) continue;
    Note& note = analysis.tones[*cue.matched].notes[*cue.note];
    note.asked = cue.asked;
    note.offset_cents = cue.pitch.offset_cents;
    note.target_hz =
        cue.pitch.offset_cents ? context.hzOf(*cue.asked) : frequencyOf(note.concert, context.reference);
    if (sheet.cues[c].tube) nameOnTube(note, *sheet.cues[c].tube, context);
  }
}

}  // namespace calando
