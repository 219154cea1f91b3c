#include <algorithm>
#include <array>
#include <cmath>

#include "core/figures/cue_figures.h"
#include "core/figures/figure_input.h"
#include "core/figures/figures.h"
#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr double kShortestTry_s = 0.06;
constexpr double kSpeaks = 0.5;  // of the longest

/// How many of a list of moments lie within what was played for a cue.
template <auto Listed>
std::ptrdiff_t within(const CueResult& cue, const Analysis& analysis) {
  const CueSound sound = soundOf(cue, analysis);
  if (!sound.tone) return 0;
  const double from_s = sound.note ? sound.note->start_s : sound.tone->start_s;
  const double to_s = sound.note ? sound.note->end_s : sound.tone->end_s;
  return std::ranges::count_if(sound.tone->*Listed, [&](const auto& moment) {
    const double middle_s = moment.at_s + moment.length_s / 2.0;
    return middle_s >= from_s && middle_s < to_s;
  });
}
std::ptrdiff_t slipsIn(const Tone& tone) { return std::ssize(tone.slips); }
std::ptrdiff_t breaksIn(const Tone& tone) {
  return std::ranges::count_if(tone.dropouts, [&](const Dropout& d) { return !isBetweenNotes(d, tone); });
}
template <auto CountIn>
std::optional<double> count(const FigureInput& heard) {
  if (heard.tones.empty()) return std::nullopt;
  std::ptrdiff_t sum = 0;
  for (const Tone* tone : heard.tones) sum += CountIn(*tone);
  return static_cast<double>(sum);
}
/// Longer and steadier than the take it is held against.
std::optional<double> heldMore(const FigureInput& heard) {
  const auto held = heard.tones.empty() ? std::nullopt : std::optional(heard.tones.front()->held_s);
  if (!heard.against || !held) return std::nullopt;
  return *held - heard.against->held_s;
}
std::optional<double> steadierBy(const FigureInput& heard) {
  const auto wander = of::note<&Note::wander_cents>(heard);
  if (!heard.against || !heard.against->wander_cents || !wander) return std::nullopt;
  return *heard.against->wander_cents - *wander;
}

/// Tries: sounds of at least 60 ms with a pitch.
bool isTry(const Tone& tone) { return tone.end_s - tone.start_s >= kShortestTry_s; }
std::optional<double> attempts(const FigureInput& heard) {
  return static_cast<double>(std::ranges::count_if(heard.analysis.tones, isTry));
}
/// The first that is no mere try: at least half as long as the longest.
std::optional<double> spokeAt(const FigureInput& heard) {
  const Tone* longest = heard.analysis.mainTone();
  if (!longest) return std::nullopt;
  int tries = 0;
  for (const Tone& tone : heard.analysis.tones) {
    tries += isTry(tone);
    if (tone.held_s >= kSpeaks * longest->held_s) return tries;
  }
  return std::nullopt;
}

std::optional<double> missing(const FigureInput& heard) {
  return static_cast<double>(heard.asked.size() - heard.played.size());
}

/// The largest departure of a return of the first note from that first one.
std::optional<double> homeReturn(const FigureInput& heard) {
  std::optional<double> largest;
  const CueResult* home = nullptr;
  for (const CueResult* cue : heard.played) {
    if (!cue->pitch.offset_cents) continue;
    if (!home) {
      home = cue;
      continue;
    }
    if (cue->asked != home->asked) continue;
    const double off = *cue->pitch.offset_cents - *home->pitch.offset_cents;
    if (!largest || std::abs(off) > std::abs(*largest)) largest = off;
  }
  return largest;
}

/// The seconds asked for go before a level's.
std::optional<OwnTarget> secondsAsked(const Context& context) {
  if (!context.askedSeconds) return std::nullopt;
  return OwnTarget{Target{context.askedSeconds, {}, *context.askedSeconds, {}}};
}
/// A card that asks for tones that begin with the breath alone, and says nothing else of the air before them,
/// has no target for it.
std::optional<OwnTarget> noneOfBreath(const Context& context) {
  const Exercise& card = *context.exercise;
  const bool breath =
      std::ranges::any_of(card.cues, [](const Cue& c) { return c.onset == OnsetWanted::breath; });
  const auto says = [](const auto& level) { return level.second.contains("air_before_ms"); };
  return breath && std::ranges::none_of(card.targets, says) ? std::optional(OwnTarget{}) : std::nullopt;
}

constexpr std::array kFigures{
    Figure{.id = "held_s",
           .label = "Held",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the tone sounds, breaks taken off, from where it reaches half of its steady "
                   "level to where it falls below that.",
           .ofTake = of::tone<&Tone::held_s>,
           .unsure = of::unsureTone<&Tone::held_unsure_s>,
           .ownTarget = secondsAsked},
    Figure{.id = "missing",
           .label = "Missing",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How many of the notes or breaths asked for did not come.",
           .ofTake = missing},
    Figure{.id = "dropouts",
           .label = "Breaks",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How often the sound stops for up to 150 ms within a note and comes back.",
           .ofTake = count<breaksIn>,
           .within = within<&Tone::dropouts>},
    Figure{.id = "slips",
           .label = "Flips",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How often the note jumps to another partial, by 150 cents or more, and back.",
           .ofTake = count<slipsIn>,
           .within = within<&Tone::slips>},
    Figure{.id = "attempts",
           .label = "Tries",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How many sounds of at least 60 ms with a pitch there are, the long one among them.",
           .ofTake = attempts,
           .ordinary1 = true},
    Figure{.id = "spoke_at",
           .label = "Spoke at try",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "At which try a tone came that is at least half as long as the longest.",
           .ofTake = spokeAt,
           .ordinary1 = true},
    Figure{.id = "rings_on_s",
           .label = "Rings on",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the room is heard after the end of the tone; it is not counted as held.",
           .ofTake = of::end<&Tone::release, &Release::rings_on_s>,
           .aside = true},
    Figure{.id = "air_before_ms",
           .label = "Air before",
           .unit = "ms",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How long air is heard, without a break, before the tone speaks.",
           .ofTake = of::end<&Tone::onset, &Onset::air_before_ms>,
           .ownTarget = noneOfBreath},
    Figure{.id = "held_more_s",
           .label = "Length against the other",
           .unit = "s",
           .print = {1, true},
           .sides = {"shorter", "longer"},
           .area = Area::startsAndLasts,
           .help = "How much longer the tone sounds than that of the take it is compared with.",
           .ofTake = heldMore},
    Figure{.id = "fade_db",
           .label = "Loudness at the end",
           .unit = "dB",
           .print = {1, true},
           .words = {"fades", "held", "swells"},
           .area = Area::startsAndLasts,
           .help = "Loudness of the last half second against the loudness before it.",
           .ofTake = of::end<&Tone::release, &Release::fade_db>},
    Figure{.id = "scoop_cents",
           .label = "Start of the tone",
           .unit = "cents",
           .print = {1, true},
           .sides = {"below", "above"},
           .area = Area::steady,
           .help = "The largest departure of the first 200 ms from the line that the tone then takes.",
           .ofTake = of::end<&Tone::onset, &Onset::scoop_cents>},
    Figure{.id = "sag_cents",
           .label = "End of the tone",
           .unit = "cents",
           .print = {1, true},
           .sides = {"lower", "higher"},
           .area = Area::steady,
           .help = "Pitch of the last half second against the pitch before it.",
           .ofTake = of::end<&Tone::release, &Release::sag_cents>},
    Figure{
        .id = "shake_cents",
        .label = "Shake",
        .unit = "cents",
        .print = {1},
        .area = Area::steady,
        .help =
            "How much the pitch trembles, three to twelve times a second, with drift and vibrato taken out.",
        .ofTake = of::note<&Note::shake_cents>},
    Figure{.id = "drift_cents_per_s",
           .label = "Drift",
           .unit = "cents/s",
           .print = {1, true},
           .sides = {"down", "up"},
           .area = Area::steady,
           .help = "How fast the pitch climbs or sinks over the whole tone.",
           .ofTake = of::note<&Note::drift_cents_per_s>},
    Figure{.id = "vibrato_cents",
           .label = "Vibrato width",
           .unit = "cents",
           .print = {1},
           .area = Area::steady,
           .help = "Half of the way from top to bottom of a regular wave of the pitch.",
           .ofTake = of::wave<&Note::vibrato, &Vibrato::extent_cents>,
           .aside = true},
    Figure{.id = "vibrato_hz",
           .label = "Vibrato rate",
           .unit = "Hz",
           .spoken = "a second",
           .print = {1},
           .area = Area::steady,
           .help = "How many waves of vibrato there are a second.",
           .ofTake = of::wave<&Note::vibrato, &Vibrato::rate_hz>,
           .aside = true},
    Figure{.id = "level_wave_db",
           .label = "Pulses by",
           .unit = "dB",
           .print = {1},
           .area = Area::steady,
           .help = "The way from top to bottom of a regular wave of the level.",
           .ofTake = of::wave<&Note::level_wave, &LevelWave::depth_db>,
           .aside = true},
    Figure{.id = "level_wave_hz",
           .label = "Pulses, rate",
           .unit = "Hz",
           .spoken = "a second",
           .print = {1},
           .area = Area::steady,
           .help = "How often a second the level pulses.",
           .ofTake = of::wave<&Note::level_wave, &LevelWave::rate_hz>,
           .aside = true},
    Figure{.id = "steadier_cents",
           .label = "Steadiness against the other",
           .unit = "cents",
           .print = {1, true},
           .sides = {"less steady", "steadier"},
           .area = Area::steady,
           .help = "How much less the pitch wanders than in the take it is compared with.",
           .ofTake = steadierBy},
    Figure{.id = "level_sd_db",
           .label = "Loudness varies by",
           .unit = "dB",
           .print = {1},
           .words = {"even", "even", "uneven"},
           .area = Area::steady,
           .help = "How much the loudness varies over the tone (standard deviation).",
           .ofTake = of::note<&Note::level_sd_db>},
    Figure{.id = "level_step_db",
           .label = "Unequal in loudness",
           .unit = "dB",
           .print = {1},
           .words = {"equal", "equal", "unequal"},
           .area = Area::steady,
           .help = "How unlike in loudness the notes are (standard deviation over them).",
           .ofTake = of::spread<&Note::level_dbfs>},
    Figure{.id = "note_spread_cents",
           .label = "Unequal in tuning",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help = "How unlike the notes are in their tuning (standard deviation over them).",
           .ofTake = of::spread<&Note::offset_cents>},
    Figure{
        .id = "home_return_cents",
        .label = "Home note, coming back",
        .unit = "cents",
        .print = {1, true},
        .sides = {"flat", "sharp"},
        .area = Area::inTune,
        .help = "The largest departure of a return to the first note from that note as it was first played.",
        .ofTake = homeReturn},
    Figure{.id = "tilt_db_per_octave",
           .label = "Richness",
           .unit = "dB/octave",
           .print = {1},
           .words = {"plain", "rich", "rich"},
           .area = Area::full,
           .help = "How strong the upper overtones are: by how much they get weaker with each octave "
                   "upwards. Closer to zero is richer.",
           .ofTake = of::note<&Note::tilt_db_per_octave>,
           .belowOwn = 3.0},
    Figure{.id = "subharmonic_db",
           .label = "Crackle",
           .unit = "dB",
           .print = {1},
           .words = {"clean", "clean", "crackles"},
           .area = Area::full,
           .help = "The strongest line halfway or a third of the way between two harmonics, against the "
                   "harmonics beside it.",
           .ofTake = of::note<&Note::subharmonic_db>},
};

}  // namespace

std::span<const Figure> toneFigures() { return kFigures; }

}  // namespace calando
