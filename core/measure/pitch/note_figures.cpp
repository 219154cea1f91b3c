#include "core/measure/pitch/note_figures.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/statistics.h"
#include "core/measure/edges/dynamics.h"
#include "core/measure/pitch/sine_fit.h"
#include "core/measure/pitch/steadiness.h"

namespace calando {

namespace {

constexpr double kLatestCore_s = 0.25;
constexpr double kReleaseMargin_s = 0.1;
constexpr double kBlock_s = 0.5;  // of a core, by which its figures' uncertainty is told
constexpr double kSettled_cents = 10.0;
constexpr double kStays_s = 0.15;
constexpr double kScoopSpan_s = 0.2;
constexpr double kScoopFirst_s = 0.015;
constexpr double kFirstSound_s = 0.025;  // before, the analysis windows hold more silence than tone
constexpr double kReleaseSpan_s = 0.5;
constexpr double kAskedReach_cents = 150.0;
constexpr double kOneLine_cents = 60.0;  // what sounds underneath, from moment to moment
constexpr double kTiltReach_db = 40.0;
constexpr double kClearOfNoise = 4.0;
constexpr double kDrowned = 0.7;          // share of a figure that the noise alone would give …
constexpr double kLeastShimmer_db = 0.2;  // … unless it is that small
constexpr double kWaveWindow_s = 0.02;
constexpr double kSlowestWave_hz = 0.7;
constexpr double kFastestWave_hz = 8.0;
constexpr double kLeastWave_db = 1.5;
constexpr double kLeastWaveCycles = 4.0;
constexpr double kWaveShare = 0.5;  // of the level's variance that one line explains: then it is regular

std::size_t blocksIn(const Note& note) {
  return static_cast<std::size_t>(std::max(0.0, note.coreEnd_s - note.coreStart_s) / kBlock_s);
}

/// Of a note too short for blocks by what it wanders: what is a block apart wanders by itself.
std::optional<double> pitchUnsure_cents(const Note& note, const PitchLine& still) {
  if (const auto told = deviationOfMiddle(still.cents, blocksIn(note))) return told;
  if (!note.wander_cents) return std::nullopt;
  return *note.wander_cents / std::sqrt(std::max(1.0, (note.coreEnd_s - note.coreStart_s) / kBlock_s));
}

struct Samples {
  std::vector<double> time, value;
};

template <class Get>
std::vector<double> framesOf(const Tracks& tracks, const Note& note, Get get) {
  std::vector<double> values;
  const auto first = static_cast<std::size_t>(std::max(0.0, std::ceil(note.coreStart_s / kHop_s)));
  for (std::size_t i = first; i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= note.coreEnd_s;
       ++i)
    if (const std::optional<double> v = get(tracks.frames[i])) values.push_back(*v);
  return values;
}

void namePitch(Note& note, const PitchFrame& frame) {
  const Reference& reference = frame.reference;
  note.concert = nearestSemitone(note.f0_hz, reference);
  const auto written = [&](int sounding) {
    return frame.instrument ? frame.instrument->writtenOf(sounding) : sounding;
  };
  note.written = written(note.concert);
  note.target_hz = frequencyOf(note.concert, reference);
  if (frame.target_hz && std::abs(centsBetween(*frame.target_hz, note.f0_hz)) <= kAskedReach_cents)
    note.target_hz = *frame.target_hz;
  double nearest = kAskedReach_cents;
  for (const int asked : frame.asked) {
    const int sounding = frame.instrument ? frame.instrument->soundingOf(asked) : asked;
    const double hz = frequencyOf(sounding, reference);
    const double distance = std::abs(centsBetween(hz, note.f0_hz));
    if (distance > nearest) continue;
    nearest = distance;
    note.asked = asked;
    note.target_hz = hz;
  }
  if (!note.asked && frame.asked.size() == 1)
    note.asked = frame.asked.front();
  else
    note.offset_cents = centsBetween(note.target_hz, note.f0_hz);
}

/// A wave of the level that keeps its rate and depth over the core. Levels over 20 ms, or two periods, whose
/// smoothing is taken out; breaks are filled in straight.
std::optional<LevelWave> levelWave(const EnergyTrack& energy, const Note& note,
                                   const std::vector<Dropout>& dropouts) {
  const double window_s = std::max(kWaveWindow_s, 2.0 / note.f0_hz);
  Samples s;
  for (double t = note.coreStart_s + window_s / 2.0; t <= note.coreEnd_s - window_s / 2.0; t += kHop_s) {
    const bool broken = std::ranges::any_of(
        dropouts, [t](const Dropout& d) { return t + 0.03 > d.at_s && t - 0.03 < d.at_s + d.length_s; });
    if (broken) continue;
    s.time.push_back(t);
    s.value.push_back(energy.level_dbfs(t - window_s / 2.0, t + window_s / 2.0));
  }
  if (s.time.size() < 50) return std::nullopt;
  const std::vector<double> levels = gapless(s.time, s.value);
  const double seconds = static_cast<double>(levels.size()) * kHop_s;
  const SineFit fit =
      bestLine(levels, std::max(kSlowestWave_hz, kLeastWaveCycles / seconds), kFastestWave_hz);
  if (fit.explained < kWaveShare || fit.rate_hz * seconds < 0.99 * kLeastWaveCycles) return std::nullopt;
  const double angle = std::numbers::pi * fit.rate_hz * window_s;
  const double depth_db = 2.0 * fit.amplitude() * angle / std::sin(angle);
  if (depth_db < kLeastWave_db) return std::nullopt;
  return LevelWave{fit.rate_hz, depth_db};
}

/// Levels over 50 ms within a core. Breaks are left out.
Samples levelsOf(const Note& note, const Tracks& tracks, const std::vector<Dropout>& dropouts) {
  Samples levels;
  // Only windows that lie inside: one that reaches over the onset or into a break would hold silence.
  for (double t = note.coreStart_s + 0.025; t <= note.coreEnd_s - 0.025; t += kHop_s) {
    const bool broken = std::ranges::any_of(
        dropouts, [t](const Dropout& d) { return t + 0.03 > d.at_s && t - 0.03 < d.at_s + d.length_s; });
    if (broken) continue;
    levels.time.push_back(t);
    levels.value.push_back(tracks.energy.level_dbfs(t - 0.025, t + 0.025));
  }
  return levels;
}

void measureLevels(Note& note, const Tracks& tracks, const std::vector<Dropout>& dropouts) {
  const Samples levels = levelsOf(note, tracks, dropouts);
  note.level_dbfs = medianOf(levels.value);
  if (levels.value.size() < 10) return;
  note.level_sd_db = standardDeviation(levels.value);
  note.level_slope_db_per_s = leastSquaresSlope(levels.time, levels.value);
  note.unsure.level_dbfs = deviationOfMiddle(levels.value, blocksIn(note));
  note.level_wave = levelWave(tracks.energy, note, dropouts);
}

/// Levels of the partials in dB under the strongest, from the colour frames between two times; those that do
/// not stand out of the noise are empty.
std::vector<std::optional<double>> harmonicsBetween(const Tracks& tracks, double from_s, double to_s) {
  std::vector<const ColourFrame*> colours;
  for (auto i = static_cast<std::size_t>(std::ceil(from_s / kHop_s)); i < tracks.frames.size(); ++i) {
    if (static_cast<double>(i) * kHop_s > to_s) break;
    if (tracks.frames[i].colour >= 0)
      colours.push_back(&tracks.colours[static_cast<std::size_t>(tracks.frames[i].colour)]);
  }
  if (colours.empty()) return {};
  const int partials = (*std::ranges::min_element(colours, {}, &ColourFrame::partials))->partials;
  std::vector<double> power(static_cast<std::size_t>(partials)), noise(power.size());
  for (const ColourFrame* c : colours)
    for (std::size_t k = 0; k < power.size(); ++k) {
      power[k] += static_cast<double>(c->power[k]);
      noise[k] += static_cast<double>(c->noise[k]);
    }
  std::vector<std::optional<double>> levels;
  const double strongest = power.empty() ? 0.0 : *std::ranges::max_element(power);
  for (std::size_t k = 0; k < power.size(); ++k)
    levels.push_back(power[k] > kClearOfNoise * noise[k]
                         ? std::optional(10.0 * std::log10(power[k] / strongest))
                         : std::nullopt);
  return levels;
}

/// Of every colour frame in a core.
template <class Get>
std::vector<double> coloursOf(const Tracks& tracks, const Note& note, Get get) {
  return framesOf(tracks, note, [&](const TrackFrame& f) -> std::optional<double> {
    if (f.colour < 0) return std::nullopt;
    return get(tracks.colours[static_cast<std::size_t>(f.colour)]);
  });
}

/// What is beside the harmonics: noise, and lines between them.
void measureNoise(Note& note, const Tracks& tracks) {
  const auto hnr = coloursOf(tracks, note, [](const ColourFrame& c) { return c.hnr_db; });
  note.hnr_db = medianOf(hnr);
  note.unsure.hnr_db = deviationOfMiddle(hnr, blocksIn(note));
  std::vector<double> crackle =
      coloursOf(tracks, note, [](const ColourFrame& c) { return c.subharmonic_db; });
  std::erase(crackle, ColourFrame::kNoSubharmonic);
  const auto seen = std::ranges::count_if(crackle, [](double c) { return c > ColourFrame::kDrowned; });
  if (2 * seen > std::ssize(crackle)) {
    std::erase(crackle, ColourFrame::kDrowned);
    note.subharmonic_db = medianOf(crackle);
  }
}

void measureColour(Note& note, const Tracks& tracks) {
  const auto brightness = coloursOf(tracks, note, [](const ColourFrame& c) { return c.brightness; });
  note.brightness = medianOf(brightness);
  if (!note.brightness) return;
  note.unsure.brightness = deviationOfMiddle(brightness, blocksIn(note));
  note.harmonics_db = harmonicsBetween(tracks, note.coreStart_s, note.coreEnd_s);
  const double middle = (note.coreStart_s + note.coreEnd_s) / 2.0;
  if (const auto halves = colourDifference(harmonicsBetween(tracks, note.coreStart_s, middle),
                                           harmonicsBetween(tracks, middle, note.coreEnd_s)))
    note.colour_repeat_db = halves->distance_db;
  std::vector<double> octaves, levels;
  double odd = 0.0, even = 0.0;
  int odds = 0, evens = 0;
  for (std::size_t k = 0; k < note.harmonics_db.size(); ++k) {
    const auto& level = note.harmonics_db[k];
    if (!level || *level < -kTiltReach_db) continue;
    octaves.push_back(std::log2(static_cast<double>(k + 1)));
    levels.push_back(*level);
    if (k == 0) continue;
    (k % 2 == 0 ? odd : even) += *level;
    ++(k % 2 == 0 ? odds : evens);
  }
  if (levels.size() >= 3) note.tilt_db_per_octave = leastSquaresSlope(octaves, levels);
  if (odds > 0 && evens > 0) note.odd_even_db = odd / odds - even / evens;
}

/// What sounds on underneath, where most of the note has it in one place.
void measureUnder(Note& note, const Tracks& tracks) {
  std::vector<double> hz;
  int looked = 0;
  const auto inCore = [&](const UnderTone& under) {
    return under.time_s >= note.coreStart_s && under.time_s <= note.coreEnd_s;
  };
  for (const UnderTone& under : tracks.under) {
    if (!inCore(under)) continue;
    ++looked;
    if (under.hz > 0.0f) hz.push_back(under.hz);
  }
  if (hz.empty()) return;
  const double middle = median(hz);
  std::vector<double> levels;
  for (const UnderTone& under : tracks.under)
    if (inCore(under) && under.hz > 0.0f && std::abs(centsBetween(middle, under.hz)) < kOneLine_cents)
      levels.push_back(under.under_db);
  if (2 * std::ssize(levels) > looked) note.under = Under{middle, median(levels)};
}

void measurePeriods(Note& note, const Tracks& tracks) {
  const auto frames = framesOf(tracks, note, [](const TrackFrame& f) {
    return f.periods < 0 ? std::nullopt : std::optional<double>(f.periods);
  });
  if (frames.empty()) return;
  std::array<double, PeriodFrame::kCuts> jitter{}, jitterNoise{};
  double shimmer = 0.0, shimmerNoise = 0.0;
  const double share = 1.0 / static_cast<double>(frames.size());
  for (const double index : frames) {
    const PeriodFrame& frame = tracks.periods[static_cast<std::size_t>(index)];
    for (std::size_t cut = 0; cut < PeriodFrame::kCuts; ++cut) {
      jitter[cut] += share * static_cast<double>(frame.jitter_percent[cut]);
      jitterNoise[cut] += share * static_cast<double>(frame.noise_percent[cut]);
    }
    shimmer += share * static_cast<double>(frame.shimmer_db);
    shimmerNoise += share * static_cast<double>(frame.noise_db);
  }
  note.jitter_percent = jitterOf(jitter, jitterNoise);
  if (shimmer < kLeastShimmer_db || shimmerNoise < kDrowned * shimmer) note.shimmer_db = shimmer;
}

}  // namespace

CoreLine coreLine(const PitchLine& line, const Plateau& plateau) {
  const double length = plateau.end_s - plateau.start_s;
  const double from = plateau.start_s + std::min(kLatestCore_s, 0.3 * length);
  const double to = plateau.end_s - std::min(kReleaseMargin_s, 0.2 * length);
  const PitchLine s = within(line, from, to);
  if (s.cents.size() < 3) return {plateau.start_s, plateau.cents, 0.0};
  const double slope = s.cents.size() < 50 ? 0.0 : theilSenSlope(gapless(s.time_s, s.cents), kHop_s);
  std::vector<double> level;
  const double middle = (from + to) / 2.0;
  for (std::size_t i = 0; i < s.cents.size(); ++i)
    level.push_back(s.cents[i] - slope * (s.time_s[i] - middle));
  return {middle, median(level), slope};
}

std::optional<double> settleTime(const PitchLine& line, const Plateau& plateau, const CoreLine& core) {
  const double latest = std::min(plateau.end_s, plateau.start_s + 2.0);
  std::optional<double> since;
  for (std::size_t i = 0; i < line.time_s.size(); ++i) {
    const double t = line.time_s[i];
    if (t < plateau.start_s || t > latest) continue;
    if (std::abs(line.cents[i] - core.at(t)) > kSettled_cents)
      since.reset();
    else if (!since)
      since = t;
    if (since && t - *since >= kStays_s) break;
  }
  if (!since) return std::nullopt;
  const double settled = *since - plateau.start_s;
  return 1000.0 * (settled <= kFirstSound_s + kHop_s ? 0.0 : settled);
}

std::optional<double> scoop(const PitchLine& line, const Plateau& plateau, const CoreLine& core) {
  std::optional<double> largest;
  for (std::size_t i = 0; i < line.time_s.size(); ++i) {
    const double t = line.time_s[i];
    if (t < plateau.start_s + kScoopFirst_s || t > plateau.start_s + kScoopSpan_s) continue;
    const double departure = line.cents[i] - core.at(t);
    if (!largest || std::abs(departure) > std::abs(*largest)) largest = departure;
  }
  return largest;
}

Note describeNote(const Tracks& tracks, const PitchLine& line, const PitchLine& centre,
                  const Plateau& plateau, std::optional<double> settle_ms,
                  const std::vector<Dropout>& dropouts, const PitchFrame& frame) {
  Note note{};
  note.start_s = plateau.start_s;
  note.end_s = plateau.end_s;
  const double length = note.end_s - note.start_s;
  // A short note keeps at least the middle half.
  const double lead = std::min(settle_ms.value_or(1000.0 * kLatestCore_s) / 1000.0, kLatestCore_s);
  note.coreStart_s = note.start_s + std::min(lead, 0.25 * length);
  note.coreEnd_s = note.end_s - std::min(kReleaseMargin_s, 0.25 * length);
  PitchLine core = within(line, std::max(note.coreStart_s, note.start_s + kFirstSound_s), note.coreEnd_s);
  if (core.cents.empty()) {
    core.time_s = {note.start_s};
    core.cents = {plateau.cents};
  }
  const PitchLine still = within(centre, core.time_s.front(), core.time_s.back());
  note.f0_hz = shiftedBy(440.0, still.cents.empty() ? plateau.cents : median(still.cents));
  namePitch(note, frame);
  const PitchMovement movement = pitchMovement(gapless(core.time_s, core.cents), note.f0_hz);
  note.drift_cents_per_s = movement.drift_cents_per_s;
  note.vibrato = movement.vibrato;
  note.wander_cents = movement.wander_cents;
  note.shake_cents = movement.shake_cents;
  note.unsure.pitch_cents = pitchUnsure_cents(note, still);
  measureLevels(note, tracks, dropouts);
  measureNoise(note, tracks);
  measureColour(note, tracks);
  measurePeriods(note, tracks);
  measureUnder(note, tracks);
  if (frame.fingering) nameOnTube(note, *frame.fingering, frame);
  return note;
}

void nameOnTube(Note& note, const TubeSetting& tube, const PitchFrame& frame) {
  const auto on = [&](double hz) { return placeOn(hz, tube, frame.instrument, frame.reference.a4_hz); };
  const auto place = on(note.f0_hz);
  note.partial = place ? std::optional(place->partial) : std::nullopt;
  note.series_cents = place ? std::optional(place->cents) : std::nullopt;
  const auto under = note.under ? on(note.under->hz) : std::nullopt;
  note.under_db =
      place && under && under->partial < place->partial ? std::optional(note.under->db) : std::nullopt;
}

Note describeSounding(const Tracks& tracks, const Tone& tone, double hz) {
  Note all{};
  all.f0_hz = hz;
  const double margin = std::min(kReleaseMargin_s, 0.25 * (tone.end_s - tone.start_s));
  all.coreStart_s = tone.start_s + margin;
  all.coreEnd_s = tone.end_s - margin;
  all.level_dbfs = medianOf(levelsOf(all, tracks, tone.dropouts).value);
  measureNoise(all, tracks);
  measurePeriods(all, tracks);
  return all;
}

Release describeRelease(const Tracks& tracks, const PitchLine& line, const Note& note) {
  Release release;
  const double turn = note.coreEnd_s - kReleaseSpan_s;
  if (turn - note.coreStart_s < kReleaseSpan_s) return release;
  const PitchLine before = within(line, note.coreStart_s, turn);
  const PitchLine last = within(line, turn, note.coreEnd_s);
  if (!before.cents.empty() && !last.cents.empty())
    release.sag_cents = median(last.cents) - median(before.cents);
  std::vector<double> levelsBefore, levelsLast;
  for (double t = note.coreStart_s; t <= note.coreEnd_s; t += kHop_s)
    (t < turn ? levelsBefore : levelsLast).push_back(tracks.energy.level_dbfs(t - 0.025, t + 0.025));
  release.fade_db = median(levelsLast) - median(levelsBefore);
  return release;
}

}  // namespace calando
