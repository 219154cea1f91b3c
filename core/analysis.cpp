#include "core/analysis.h"

#include <algorithm>
#include <cmath>

#include "core/exercise/click_remover.h"
#include "core/exercise/pace.h"
#include "core/judging/cue_figures.h"
#include "core/judging/judging.h"
#include "core/measure/air_sums.h"
#include "core/measure/breaths.h"
#include "core/measure/envelope.h"
#include "core/measure/note_figures.h"
#include "core/measure/notes.h"
#include "core/measure/pitch_range.h"
#include "core/measure/played_noise.h"
#include "core/measure/segmentation.h"
#include "core/measure/statistics.h"
#include "core/signal/tracker.h"

namespace calando {

namespace {

constexpr double kDroneInNoise_db = 6.0;  // noise under this much over the drone is a quarter and more of its
constexpr double kLongestDropout_s = 0.15;
constexpr double kSteadyNear_s = 0.35;  // how far the steady level next to an end is looked for
constexpr double kEdge_s = 0.03;
constexpr double kWrongNote_cents = 150.0;
constexpr double kSilentShare = 0.01;  // of the power beside it: 20 dB down is no sound any more
constexpr double kPitchGoesOn = 0.65;  // confidence
constexpr double kShortNoteless_s = 0.2;
constexpr double kShortestNoteless_s = 0.055;  // a try, as exact as its ends are
constexpr double kStandsOut_db = 10.0;
constexpr double kPeriodic = 0.6;  // confidence
constexpr double kSings = 0.9;     // confidence
constexpr double kSureShare = 0.8;
constexpr double kHissFrom_hz = 500.0;
constexpr double kHiss_db = -9.0;  // harmonics over noise
constexpr std::size_t kFewestPitches = 10;
constexpr double kShortestTone_s = 0.04;
constexpr double kSwellLate_s = 2.0;  // after what was played is over
constexpr double kComesBack = 0.35;   // of the steady power, after a crossing of a quarter

/// A break is where the sound or its pitch stops: where the pitch simply goes on through a dip that is no
/// silence, the level dips (a standing wave, a head that turns, air that pulses). Breaks that the envelope
/// hardly sees are left as they are.
bool goesOn(const Dropout& dip, const Envelope& envelope, const Tracks& tracks) {
  if (dip.length_s < 2.0 * envelope.window_s) return false;
  const double end_s = dip.at_s + dip.length_s;
  double lowest = envelope.power(dip.at_s);
  for (double t = dip.at_s; t <= end_s; t += 0.002) lowest = std::min(lowest, envelope.power(t));
  const double around = std::min(envelope.medianPower(dip.at_s - 0.1, dip.at_s - 0.03),
                                 envelope.medianPower(end_s + 0.03, end_s + 0.1));
  if (lowest < kSilentShare * around) return false;
  for (auto i = static_cast<std::size_t>(std::max(0.0, dip.at_s / kHop_s));
       i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= end_s; ++i)
    if (tracks.frames[i].f0_hz <= 0.0f || tracks.frames[i].confidence < kPitchGoesOn) return false;
  return true;
}

/// Where the sound crosses half of its level, from an inner place outwards to a limit; a level that only dips
/// and comes back before the limit has not stopped.
std::optional<double> lastCrossing(const Envelope& envelope, double inside_s, double limit_s, double steady) {
  auto crossing = halfLevelCrossing(envelope, inside_s, limit_s, steady);
  const double step = limit_s < inside_s ? -0.005 : 0.005;
  for (double t = crossing.value_or(limit_s); (limit_s - t) * step > 0.0; t += step) {
    if (envelope.power(t) < kComesBack * steady || envelope.power(t + 3.0 * step) < kComesBack * steady)
      continue;
    const auto next = halfLevelCrossing(envelope, t, limit_s, steady);
    if (!next) return std::nullopt;
    crossing = next;
    t = step > 0.0 ? std::max(t, *next) : std::min(t, *next);  // a crossing may be told a little behind
  }
  return crossing;
}

/// Most of a stretch has a pitch of at least that confidence.
bool isSure(const Tracks& tracks, double from_s, double to_s, double confidence) {
  int all = 0, sure = 0;
  for (auto i = static_cast<std::size_t>(std::ceil(std::max(0.0, from_s) / kHop_s));
       i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to_s; ++i, ++all)
    sure += tracks.frames[i].f0_hz > 0.0f && static_cast<double>(tracks.frames[i].confidence) >= confidence;
  return sure > kSureShare * all;
}

/// The tone between two places of which the sound is gone: where it really starts and stops.
std::optional<Tone> toneBetween(double from, double to, const Envelope& envelope, double earliest_s,
                                double duration_s) {
  const double length = to - from;
  if (length < kShortestTone_s) return std::nullopt;
  const double inner = std::min(0.05, length / 4.0);
  const double reach = std::min(kSteadyNear_s, length - inner);
  // Slow rises: start to look outwards where the sound is there.
  const auto insideOf = [&](double edge, double direction, double steady) {
    const double farthest = std::min(1.0, length / 2.0);
    double in = std::min(0.12, farthest);
    while (in < farthest && envelope.power(edge + direction * in) < 0.8 * steady) in += 0.005;
    return edge + direction * in;
  };
  const double headInside = insideOf(from, 1.0, envelope.medianPower(from + inner, from + inner + reach));
  const double tailInside = insideOf(to, -1.0, envelope.medianPower(to - inner - reach, to - inner));
  const double bottom = bottomOfPulses(envelope, headInside, tailInside);
  const double head =
      std::min(bottom, envelope.medianPower(headInside, std::min(to - inner, headInside + reach)));
  const double tail =
      std::min(bottom, envelope.medianPower(std::max(from + inner, tailInside - reach), tailInside));
  Tone tone{};
  tone.start_s = std::max(0.0, lastCrossing(envelope, headInside, std::max(earliest_s, from - 0.1), head)
                                   .value_or(std::max(0.0, from)));
  tone.end_s = std::min(lastCrossing(envelope, tailInside, to + 0.1, tail).value_or(to), duration_s);
  return tone;
}

/// Cuts a voiced span where the sound stops, for long enough to be no dropout or to ring on, and finds the
/// tones' ends.
std::vector<Tone> tonesIn(const VoicedSpan& span, const Tracks& tracks, const Room& room, double earliest_s) {
  const Envelope envelope = Envelope::forPitch(tracks.energy, span.f0_hz, room.floor_dbfs);
  const std::vector<Fall> falls =
      findFalls(envelope, span.start_s, span.end_s,
                [&](double from_s, double to_s) { return isSure(tracks, from_s, to_s, kSings); });
  std::vector<Fall> cuts = falls;
  std::vector<Dropout> dropouts;
  for (const Dropout& dip : findDropouts(envelope, span.start_s, span.end_s)) {
    if (goesOn(dip, envelope, tracks)) continue;
    if (dip.length_s <= kLongestDropout_s)
      dropouts.push_back(dip);
    else
      cuts.push_back({dip.at_s, dip.at_s + dip.length_s});
  }
  std::ranges::sort(cuts, {}, &Fall::at_s);
  cuts.push_back({span.end_s, span.end_s});
  std::vector<Tone> tones;
  double from = span.start_s;
  for (const Fall& cut : cuts) {
    auto tone = toneBetween(from, cut.at_s, envelope, earliest_s, tracks.duration_s);
    from = std::max(from, cut.back_s);
    if (!tone) continue;
    tone->held_s = tone->end_s - tone->start_s;
    if (std::ranges::find(falls, cut.at_s, &Fall::at_s) != falls.end())
      tone->release.rings_on_s = std::max(0.0, cut.back_s - tone->end_s);
    for (const Dropout& d : dropouts) {
      // The rise and the end are no breaks.
      if (d.at_s < tone->start_s + kEdge_s || d.at_s + d.length_s > tone->end_s - kEdge_s) continue;
      tone->dropouts.push_back(d);
      tone->held_s -= d.length_s;
    }
    if (tone->held_s > 0.0) tones.push_back(*tone);
  }
  return tones;
}

int writtenName(double cents, const Context& context) {
  const int sounding = nearestSemitone(shiftedBy(440.0, cents), context.reference);
  return context.instrument ? context.instrument->writtenOf(sounding) : sounding;
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
    const bool jumped = std::abs(centsBetween(before.f0_hz, here.f0_hz)) >= kWrongNote_cents;
    if (jumped && wasAsked(before, context) && !wasAsked(here, context))
      tone.slips.push_back({here.start_s, before.written, here.written, here.end_s - here.start_s});
  }
  std::ranges::sort(tone.slips, {}, &Slip::at_s);
}

/// Most of it has one pitch or another: a sound that is periodic is a tone, also one without a note. A short
/// one may be chance, and has to be clearer.
bool isPeriodic(const Tone& tone, const Tracks& tracks, const Room& room) {
  if (tone.held_s >= kShortNoteless_s) return isSure(tracks, tone.start_s, tone.end_s, kPeriodic);
  return tone.held_s >= kShortestNoteless_s && isSure(tracks, tone.start_s, tone.end_s, kSings) &&
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

/// Fills in what is inside a tone. False when there is neither a note nor a glide and hardly a pitch: then it
/// was no tone.
bool describeTone(Tone& tone, const Tracks& tracks, const Room& room, double earliest_s,
                  const Context& context) {
  if (isHiss(tone, tracks)) return false;
  const PitchLine everything = pitchLine(tracks, tone.start_s, tone.end_s, tone.dropouts);
  const bool oneNote = context.asked.size() == 1 || context.target_hz;
  const PitchLine still = withoutWaves(everything);
  NoteLayout layout = layOutNotes(still, tone.start_s, tone.end_s, oneNote);
  const PitchLine line = withoutJumps(everything, layout.jumps);
  const PitchLine centre = withoutJumps(still, layout.jumps);
  if (layout.plateaus.empty() && layout.glides.empty()) return isPeriodic(tone, tracks, room);
  tone.glides = std::move(layout.glides);
  tone.range = pitchRange(everything);
  for (Glide& glide : tone.glides) {
    glide.uneven_cents = unevennessOf(everything, glide);
    glide.breaks = static_cast<int>(std::ranges::count_if(
        tone.dropouts, [&](const Dropout& d) { return d.at_s >= glide.start_s && d.at_s < glide.end_s; }));
  }
  for (const auto& jump : layout.jumps)
    tone.slips.push_back({jump.at_s, writtenName(jump.from_cents, context),
                          writtenName(jump.to_cents, context), jump.length_s});
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
  tone.onset.air_before_ms = airBefore(tracks, room, tone.start_s, earliest_s);
  if (tone.notes.empty()) return true;
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
  return true;
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
  result.duration_s = tracks.duration_s;
  result.clippedSamples = tracks.clippedSamples;
  result.badSamples = tracks.badSamples;
  const Room room = measureRoom(tracks, context.heard.drone_hz);
  result.noiseFloor_dbfs = room.floor_dbfs;
  if (context.heard.drone_hz) result.drone_dbfs = room.drone_dbfs;
  result.clicks_dbfs = tracks.clicks_dbfs;
  result.swell_dbfs = tracks.swell_dbfs;
  const AirSums sums(tracks.air);
  const auto airRoom = tracks.air.empty() ? std::nullopt : roomOf(sums, tracks);
  if (airRoom) result.airFloor_dbfs = decibels(allOf(*airRoom));
  double earliest = 0.0;
  for (const VoicedSpan& span : voicedSpans(tracks, room)) {
    if (room.drone_hz && std::abs(centsBetween(*room.drone_hz, span.f0_hz)) < 30.0) {
      const double level = tracks.energy.level_dbfs(span.start_s, span.end_s);
      if (level < room.floor_dbfs.value_or(-200.0) + 6.0) continue;
    }
    for (Tone& tone : tonesIn(span, tracks, room, earliest)) {
      if (!describeTone(tone, tracks, room, earliest, context)) continue;
      earliest = tone.end_s;
      for (Dropout& dropout : tone.dropouts)
        dropout.air_went_on = airWentOn(dropout, tracks.airEnergy, result.airFloor_dbfs);
      if (result.drone_dbfs)
        for (Note& note : tone.notes) withoutNoiseOf(*result.drone_dbfs, note);
      result.tones.push_back(std::move(tone));
    }
  }
  if (airRoom && room.floor_dbfs) result.airs = findAirs(tracks, sums, *airRoom, result.tones, context.open);
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

struct TakeTracker::Stages {
  Tracker tracker;
  std::optional<ClickRemover> remover;
  std::vector<float> countIn;    // until the clicks in it are learnt
  std::size_t learntFrom = 0;    // its length
  std::vector<float> swell;      // that was played; empty: none
  std::vector<float> recording;  // as far as it may be heard in it
  double rate_hz;

  void learn() {
    remover->learnFrom(countIn);
    tracker.push(remover->push(countIn));
    countIn = {};
    learntFrom = 0;
  }
};

TakeTracker::TakeTracker(double rate_hz, const Context& context)
    : stages_(std::make_unique<Stages>(Stages{Tracker(rate_hz), {}, {}, 0, {}, {}, rate_hz})) {
  if (context.heard.swell && context.exercise) stages_->swell = swellOf(unroll(context), rate_hz);
  if (!context.heard.click || !context.exercise) return;
  stages_->remover.emplace(unroll(context), context.heard.fork_hz, rate_hz);
  stages_->learntFrom = stages_->remover->learntFrom();
}

TakeTracker::~TakeTracker() = default;

void TakeTracker::push(std::span<const float> block) {
  Stages& s = *stages_;
  if (s.recording.size() < s.swell.size() + static_cast<std::size_t>(kSwellLate_s * s.rate_hz) &&
      !s.swell.empty())
    s.recording.insert(s.recording.end(), block.begin(), block.end());
  if (!s.remover) return s.tracker.push(block);
  if (s.learntFrom == 0) return s.tracker.push(s.remover->push(block));
  s.countIn.insert(s.countIn.end(), block.begin(), block.end());
  if (s.countIn.size() >= s.learntFrom) s.learn();
}

Tracks TakeTracker::finish() {
  Stages& s = *stages_;
  if (s.learntFrom > 0) s.learn();
  s.tracker.finish();
  Tracks tracks = s.tracker.tracks();
  if (s.remover) tracks.clicks_dbfs = s.remover->clicks_dbfs();
  if (!s.swell.empty()) tracks.swell_dbfs = heardOf(s.swell, s.recording, s.rate_hz);
  return tracks;
}

Tracks trackTake(std::span<const float> samples, double rate_hz, const Context& context) {
  TakeTracker tracker(rate_hz, context);
  tracker.push(samples);
  return tracker.finish();
}

std::string engineVersion() { return CALANDO_VERSION; }

}  // namespace calando
