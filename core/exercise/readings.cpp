#include "core/exercise/readings.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/measure/notes.h"
#include "core/measure/statistics.h"

namespace calando {

namespace {

constexpr double kShortestTry_s = 0.06;
constexpr double kSpeaks = 0.5;  // of the longest

/// What the readings are taken from: the rows that were played, and their sounds, each once.
struct Heard {
  const Analysis& analysis;
  std::vector<const CueResult*> asked;  // rows that ask for something to be heard
  std::vector<const CueResult*> played;
  std::vector<const Tone*> tones;
  std::vector<const Note*> notes;
  std::optional<Rival> against;
};

Heard heardIn(const Analysis& analysis, const std::optional<Rival>& against) {
  Heard heard{analysis, {}, {}, {}, {}, against};
  for (const CueResult& cue : analysis.cues) {
    if (!cue.asksForSound) continue;
    heard.asked.push_back(&cue);
    if (!cue.matched) continue;
    heard.played.push_back(&cue);
    const CueSound sound = soundOf(cue, analysis);
    if (sound.tone && std::ranges::find(heard.tones, sound.tone) == heard.tones.end())
      heard.tones.push_back(sound.tone);
    if (sound.note) heard.notes.push_back(sound.note);
  }
  return heard;
}

template <class List, class Get>
std::vector<double> valuesOf(const List& list, Get get) {
  std::vector<double> values;
  for (const auto* item : list)
    if (const std::optional<double> v = get(*item)) values.push_back(*v);
  return values;
}

template <auto Member>
std::optional<double> ofNote(const Heard& heard) {
  return medianOf(valuesOf(heard.notes, [](const Note& n) -> std::optional<double> { return n.*Member; }));
}
template <auto Part, auto Member>
std::optional<double> ofWave(const Heard& heard) {
  return medianOf(valuesOf(heard.notes, [](const Note& n) {
    return n.*Part ? std::optional((*(n.*Part)).*Member) : std::nullopt;
  }));
}
template <auto Part, auto Member>
std::optional<double> ofTone(const Heard& heard) {
  return medianOf(valuesOf(heard.tones, [](const Tone& t) { return t.*Part.*Member; }));
}
template <auto Member>
std::optional<double> ofCue(const Heard& heard) {
  return medianOf(valuesOf(heard.played, [](const CueResult& c) { return c.*Member; }));
}
std::ptrdiff_t slipsIn(const Tone& tone) { return std::ssize(tone.slips); }
std::ptrdiff_t breaksIn(const Tone& tone) {
  return std::ranges::count_if(tone.dropouts, [&](const Dropout& d) { return !isBetweenNotes(d, tone); });
}
template <auto CountIn>
std::optional<double> count(const Heard& heard) {
  if (heard.tones.empty()) return std::nullopt;
  std::ptrdiff_t sum = 0;
  for (const Tone* tone : heard.tones) sum += CountIn(*tone);
  return static_cast<double>(sum);
}
template <auto Member>
std::optional<double> spread(const Heard& heard) {
  const auto values = valuesOf(heard.notes, [](const Note& n) -> std::optional<double> { return n.*Member; });
  if (values.size() < 2) return std::nullopt;
  return standardDeviation(values);
}

/// Longer and steadier than the take it is held against.
std::optional<double> heldMore(const Heard& heard) {
  const auto held = heard.tones.empty() ? std::nullopt : std::optional(heard.tones.front()->held_s);
  if (!heard.against || !held) return std::nullopt;
  return *held - heard.against->held_s;
}
std::optional<double> steadierBy(const Heard& heard) {
  const auto wander = ofNote<&Note::wander_cents>(heard);
  if (!heard.against || !heard.against->wander_cents || !wander) return std::nullopt;
  return *heard.against->wander_cents - *wander;
}

/// Tries: sounds of at least 60 ms with a pitch.
bool isTry(const Tone& tone) { return tone.end_s - tone.start_s >= kShortestTry_s; }
std::optional<double> attempts(const Heard& heard) {
  return static_cast<double>(std::ranges::count_if(heard.analysis.tones, isTry));
}
/// The first that is no mere try: at least half as long as the longest.
std::optional<double> spokeAt(const Heard& heard) {
  const Tone* longest = heard.analysis.mainTone();
  if (!longest) return std::nullopt;
  int tries = 0;
  for (const Tone& tone : heard.analysis.tones) {
    tries += isTry(tone);
    if (tone.held_s >= kSpeaks * longest->held_s) return tries;
  }
  return std::nullopt;
}

std::optional<double> missing(const Heard& heard) {
  return static_cast<double>(heard.asked.size() - heard.played.size());
}

/// How far from the count, early or late.
std::optional<double> place(const Heard& heard) {
  return medianOf(valuesOf(heard.played, [](const CueResult& c) -> std::optional<double> {
    if (!c.place_ms) return std::nullopt;
    return std::abs(*c.place_ms);
  }));
}

/// The largest departure of a return of the first note from that first one.
std::optional<double> homeReturn(const Heard& heard) {
  std::optional<double> largest;
  const CueResult* home = nullptr;
  for (const CueResult* cue : heard.played) {
    if (!cue->offset_cents) continue;
    if (!home) {
      home = cue;
      continue;
    }
    if (cue->asked != home->asked) continue;
    const double off = *cue->offset_cents - *home->offset_cents;
    if (!largest || std::abs(off) > std::abs(*largest)) largest = off;
  }
  return largest;
}

/// Of the tones played: how long their room rings on.
std::optional<double> ringsOn(const Heard& heard) {
  return medianOf(valuesOf(heard.tones, [](const Tone& t) { return std::optional(t.release.rings_on_s); }));
}

struct ReadingKind {
  std::string_view id;
  std::string_view label;
  std::string_view unit;
  Area area;
  std::string_view meaning;
  std::optional<double> (*value)(const Heard&);
  std::optional<double> CueResult::*ofRow = nullptr;  // the same figure of one cue
  bool aside = false;                                 // for the words of an advice on any card
};

constexpr std::array kReadings{
    ReadingKind{
        "held_s", "Held", "s", Area::startsAndLasts,
        "How long the tone sounds, breaks taken off, from where it reaches half of its steady level to where "
        "it falls below that.",
        [](const Heard& h) {
          return medianOf(valuesOf(h.tones, [](const Tone& t) { return std::optional(t.held_s); }));
        }},
    ReadingKind{"missing", "Missing", "", Area::startsAndLasts,
                "How many of the notes asked for did not come.", missing},
    ReadingKind{"dropouts", "Breaks", "", Area::startsAndLasts,
                "How often the sound stops for up to 150 ms within a note and comes back.", count<breaksIn>},
    ReadingKind{"slips", "Slips", "", Area::startsAndLasts,
                "How often the note jumps to another partial, by 150 cents or more, and back.",
                count<slipsIn>},
    ReadingKind{"attempts", "Tries", "", Area::startsAndLasts,
                "How many sounds of at least 60 ms with a pitch there are, the long one among them.",
                attempts},
    ReadingKind{"spoke_at", "Spoke at try", "", Area::startsAndLasts,
                "At which try a tone came that is at least half as long as the longest.", spokeAt},
    ReadingKind{"rings_on_s",
                "Rings on",
                "s",
                Area::startsAndLasts,
                "How long the room is heard after the end of the tone; it is not counted as held.",
                ringsOn,
                {},
                true},
    ReadingKind{"air_before_ms", "Air before", "ms", Area::startsAndLasts,
                "How long air is heard, without a break, before the tone speaks.",
                ofTone<&Tone::onset, &Onset::air_before_ms>},
    ReadingKind{"place_ms", "Off the count", "ms", Area::startsAndLasts,
                "How far from their place in the count the notes begin, early or late.", place,
                &CueResult::place_ms},
    ReadingKind{"length_error_beats", "Length off", "beats", Area::startsAndLasts,
                "How much longer than asked for the notes are; shorter is negative.",
                ofCue<&CueResult::length_error_beats>, &CueResult::length_error_beats},
    ReadingKind{"held_more_s", "Held longer by", "s", Area::startsAndLasts,
                "How much longer the tone sounds than that of the take it is held against; shorter is "
                "negative.",
                heldMore},
    ReadingKind{"fade_db", "Fade", "dB", Area::startsAndLasts,
                "Level of the last half second less the level before it.",
                ofTone<&Tone::release, &Release::fade_db>},
    ReadingKind{
        "scoop_cents", "Scoop", "cents", Area::steady,
        "The largest departure of the first 200 ms from the line that the tone then takes; below it is "
        "negative.",
        ofTone<&Tone::onset, &Onset::scoop_cents>},
    ReadingKind{"sag_cents", "Sag", "cents", Area::steady,
                "Pitch of the last half second less the pitch before it.",
                ofTone<&Tone::release, &Release::sag_cents>},
    ReadingKind{"wander_cents", "Wander", "cents", Area::steady,
                "How far the pitch strays slowly, slower than three times a second, with drift and vibrato "
                "taken out.",
                ofNote<&Note::wander_cents>, &CueResult::wander_cents},
    ReadingKind{
        "shake_cents", "Shake", "cents", Area::steady,
        "How much the pitch trembles, three to twelve times a second, with drift and vibrato taken out.",
        ofNote<&Note::shake_cents>},
    ReadingKind{"drift_cents_per_s", "Drift", "cents/s", Area::steady,
                "The slope of the pitch over the whole tone; rising is positive.",
                ofNote<&Note::drift_cents_per_s>},
    ReadingKind{"vibrato_cents",
                "Swing",
                "cents",
                Area::steady,
                "Half of the way from top to bottom of a regular wave of the pitch.",
                ofWave<&Note::vibrato, &Vibrato::extent_cents>,
                {},
                true},
    ReadingKind{"vibrato_hz",
                "Swing, rate",
                "Hz",
                Area::steady,
                "How often a second the pitch swings.",
                ofWave<&Note::vibrato, &Vibrato::rate_hz>,
                {},
                true},
    ReadingKind{"level_wave_db",
                "Pulses by",
                "dB",
                Area::steady,
                "The way from top to bottom of a regular wave of the level.",
                ofWave<&Note::level_wave, &LevelWave::depth_db>,
                {},
                true},
    ReadingKind{"level_wave_hz",
                "Pulses, rate",
                "Hz",
                Area::steady,
                "How often a second the level pulses.",
                ofWave<&Note::level_wave, &LevelWave::rate_hz>,
                {},
                true},
    ReadingKind{"steadier_cents", "Steadier by", "cents", Area::steady,
                "How much less the pitch wanders than in the take it is held against; more is negative.",
                steadierBy},
    ReadingKind{"level_sd_db", "Level spread", "dB", Area::steady,
                "How much the level varies over the tone, as a standard deviation.",
                ofNote<&Note::level_sd_db>},
    ReadingKind{"shape_error_db", "Off the shape", "dB", Area::steady,
                "How far the level strays from the shape asked for, whatever its height.",
                ofCue<&CueResult::shape_error_db>, &CueResult::shape_error_db},
    ReadingKind{"peak_error_beats", "Peak off", "beats", Area::steady,
                "Where the swell turns, less where it should; late is positive.",
                ofCue<&CueResult::peak_error_beats>, &CueResult::peak_error_beats},
    ReadingKind{"pulse_depth_db", "Pulse depth", "dB", Area::steady,
                "How much the level falls between the pulses of air.", ofCue<&CueResult::pulse_depth_db>,
                &CueResult::pulse_depth_db},
    ReadingKind{"pulse_spread_db", "Pulses uneven", "dB", Area::steady,
                "How unlike in level the pulses are, as a standard deviation.",
                ofCue<&CueResult::pulse_spread_db>, &CueResult::pulse_spread_db},
    ReadingKind{"level_step_db", "Levels apart", "dB", Area::steady,
                "How unlike in level the notes are, as a standard deviation over them.",
                spread<&Note::level_dbfs>},
    ReadingKind{"offset_cents", "Offset", "cents", Area::inTune,
                "The middle of the pitch less the note it is held against; sharp is positive.",
                ofNote<&Note::offset_cents>, &CueResult::offset_cents},
    ReadingKind{"note_spread_cents", "Notes apart", "cents", Area::inTune,
                "How unlike the notes are in their offset, as a standard deviation over them.",
                spread<&Note::offset_cents>},
    ReadingKind{"home_return_cents", "Home returns", "cents", Area::inTune,
                "The largest departure of a return to the first note from that note as it was first played.",
                homeReturn},
    ReadingKind{"cents_per_db", "Pitch by level", "cents/dB", Area::inTune,
                "How many cents the pitch rises for each decibel louder.", ofCue<&CueResult::cents_per_db>,
                &CueResult::cents_per_db},
    ReadingKind{"bend_cents", "Bent by", "cents", Area::inTune,
                "The farthest that the pitch goes from where the bend begins; down is negative.",
                ofCue<&CueResult::bend_cents>, &CueResult::bend_cents},
    ReadingKind{"bend_return_cents", "Comes back to", "cents", Area::inTune,
                "The pitch at the end of a bend less that at its start.",
                ofCue<&CueResult::bend_return_cents>, &CueResult::bend_return_cents},
    ReadingKind{"glide_error_cents", "Arrives off", "cents", Area::inTune,
                "How far a slide goes beyond the note it should reach; falling short of a note above is "
                "negative.",
                ofCue<&CueResult::glide_error_cents>, &CueResult::glide_error_cents},
    ReadingKind{"glide_uneven_cents", "Slide uneven", "cents", Area::steady,
                "How far a slide strays from a straight line.", ofCue<&CueResult::glide_uneven_cents>,
                &CueResult::glide_uneven_cents},
    ReadingKind{"hnr_db", "Core over noise", "dB", Area::full,
                "Power of the harmonics over the power of everything else, 60 Hz to 10 kHz "
                "(harmonic-to-noise ratio).",
                ofNote<&Note::hnr_db>, &CueResult::hnr_db},
    ReadingKind{"tilt_db_per_octave", "Tilt", "dB/octave", Area::full,
                "How fast the harmonics get weaker upwards; close to zero is bright and dense.",
                ofNote<&Note::tilt_db_per_octave>},
    ReadingKind{"core_gain_db", "Opens by", "dB", Area::full,
                "How much further the tone stands over its noise in its last third than in its first.",
                ofCue<&CueResult::core_gain_db>, &CueResult::core_gain_db},
    ReadingKind{"partials_per_db", "Colour by level", "/dB", Area::full,
                "How much brighter, in partial numbers, the tone gets for each decibel louder.",
                ofCue<&CueResult::partials_per_db>, &CueResult::partials_per_db},
    ReadingKind{"colour_distance_db", "Colour apart", "dB", Area::full,
                "How unlike the model note the notes are in their harmonics, their levels made equal.",
                ofCue<&CueResult::colour_distance_db>, &CueResult::colour_distance_db},
    ReadingKind{"subharmonic_db", "Crackle", "dB", Area::full,
                "The strongest line halfway or a third of the way between two harmonics, against the "
                "harmonics beside "
                "it.",
                ofNote<&Note::subharmonic_db>},
};

const ReadingKind* findReading(std::string_view id) {
  const auto* found = std::ranges::find(kReadings, id, &ReadingKind::id);
  return found == kReadings.end() ? nullptr : found;
}

std::string textOf(std::string_view id, std::string_view ReadingKind::*member) {
  const auto* kind = findReading(id);
  return kind ? std::string(kind->*member) : "";
}

}  // namespace

std::vector<std::string> readingIds() {
  std::vector<std::string> ids;
  for (const ReadingKind& kind : kReadings) ids.emplace_back(kind.id);
  return ids;
}
bool isKnownAside(std::string_view id) { return findReading(id)->aside; }
bool isReading(std::string_view id) { return findReading(id) != nullptr; }
std::string readingLabel(std::string_view id) { return textOf(id, &ReadingKind::label); }
std::string readingUnit(std::string_view id) { return textOf(id, &ReadingKind::unit); }
std::string readingMeaning(std::string_view id) { return textOf(id, &ReadingKind::meaning); }
Area readingArea(std::string_view id) { return findReading(id)->area; }

std::optional<double> readingValue(std::string_view id, const Analysis& analysis,
                                   const std::optional<Rival>& against) {
  const Heard heard = heardIn(analysis, against);
  if (heard.played.empty()) return std::nullopt;
  return findReading(id)->value(heard);
}

std::optional<double> cueValue(std::string_view id, const CueResult& cue) {
  const auto member = findReading(id)->ofRow;
  return member ? cue.*member : std::nullopt;
}

}  // namespace calando
