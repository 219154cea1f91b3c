#include "core/figures/matching.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr double kMissing = 2.0;
constexpr double kTooMany = 1.5;  // for a sound of a second and more
constexpr double kMostPitch = 3.0;
constexpr double kMostTime = 3.0;
constexpr double kLeastBeat_s = 0.25;
constexpr std::size_t kAnchors = 6;
constexpr double kAlike_semitones = 0.5;
constexpr double kLeastStretch = 0.25;

/// Cues that are to be heard, and their places in the sheet.
std::vector<std::size_t> audible(const CueSheet& sheet) {
  std::vector<std::size_t> list;
  for (std::size_t i = 0; i < sheet.cues.size(); ++i)
    if (isAudible(sheet.cues[i].kind)) list.push_back(i);
  return list;
}

struct Alignment {
  double cost = std::numeric_limits<double>::max();
  SheetMatch match;
};

/// `beat_s` 0: nobody counts, and only the order tells.
double pairCost(const SheetCue& cue, const DetectedSound& sound, const SheetMatch& clock, double beat_s) {
  if (isAir(cue.kind) != !sound.semitone) return 1e6;
  double cost = 0.0;
  if (cue.note && sound.semitone) cost += std::min(kMostPitch, std::abs(*sound.semitone - *cue.note));
  if (beat_s <= 0.0) return cost;
  const double late = sound.start_s - clock.timeOf(cue.start_s);
  return cost + std::min(kMostTime, std::abs(late) / (0.5 * beat_s));
}

/// Order-preserving assignment at a given clock.
Alignment align(const CueSheet& sheet, const std::vector<std::size_t>& cues,
                const std::vector<DetectedSound>& sounds, const SheetMatch& clock) {
  const double beat = sheet.counted() ? std::max(kLeastBeat_s, sheet.beat_s * clock.stretch) : 0.0;
  const std::size_t rows = cues.size() + 1;
  const std::size_t columns = sounds.size() + 1;
  std::vector<double> cost(rows * columns, 0.0);
  std::vector<char> step(rows * columns, 0);  // p: pair, c: cue missing, s: sound too many
  const auto at = [columns](std::size_t c, std::size_t s) { return c * columns + s; };
  const auto extra = [&](std::size_t s) {
    return sounds[s].semitone ? kTooMany * std::min(1.0, 0.2 + sounds[s].end_s - sounds[s].start_s) : 0.0;
  };
  for (std::size_t c = 0; c < rows; ++c)
    for (std::size_t s = 0; s < columns; ++s) {
      if (c == 0 && s == 0) continue;
      double best = std::numeric_limits<double>::max();
      const auto consider = [&](double candidate, char how) {
        if (candidate >= best) return;
        best = candidate;
        step[at(c, s)] = how;
      };
      if (c > 0 && s > 0)
        consider(cost[at(c - 1, s - 1)] + pairCost(sheet.cues[cues[c - 1]], sounds[s - 1], clock, beat), 'p');
      if (c > 0) consider(cost[at(c - 1, s)] + kMissing, 'c');
      if (s > 0) consider(cost[at(c, s - 1)] + extra(s - 1), 's');
      cost[at(c, s)] = best;
    }
  Alignment result{cost.back(), clock};
  result.match.sounds.assign(sheet.cues.size(), std::nullopt);
  for (std::size_t c = cues.size(), s = sounds.size(); c > 0 || s > 0;) {
    const char how = step[at(c, s)];
    if (how == 'p') result.match.sounds[cues[c - 1]] = s - 1;
    if (how != 's') --c;
    if (how != 'c') --s;
  }
  return result;
}

bool plausible(double stretch) { return stretch > kLeastStretch && stretch < 1.0 / kLeastStretch; }

/// The clock on which most of the matched onsets lie.
SheetMatch refinedClock(const CueSheet& sheet, const std::vector<DetectedSound>& sounds, SheetMatch match) {
  std::vector<OnsetPair> onsets;
  for (std::size_t i = 0; i < sheet.cues.size(); ++i)
    if (match.sounds[i]) onsets.push_back({sheet.cues[i].start_s, sounds[*match.sounds[i]].start_s});
  if (const auto stretch = stretchThrough(onsets); stretch && plausible(*stretch)) match.stretch = *stretch;
  match.start_s = startThrough(onsets, match.stretch).value_or(match.start_s);
  return match;
}

std::optional<double> medianSpacing(const std::vector<double>& starts) {
  std::vector<double> spacing;
  for (std::size_t i = 1; i < starts.size(); ++i) spacing.push_back(starts[i] - starts[i - 1]);
  return medianOf(spacing);
}

/// The tempo at which pairs of sounds lie that have the pitches of pairs of cues, the median over all of
/// them: notes that did not come do not stretch it as they stretch the spacing.
std::optional<double> stretchByPitch(const CueSheet& sheet, const std::vector<std::size_t>& cues,
                                     const std::vector<DetectedSound>& sounds) {
  std::vector<OnsetPair> alike;
  for (const std::size_t c : cues)
    for (const DetectedSound& sound : sounds)
      if (sheet.cues[c].note && sound.semitone &&
          std::abs(*sound.semitone - *sheet.cues[c].note) < kAlike_semitones)
        alike.push_back({sheet.cues[c].start_s, sound.start_s});
  std::vector<double> slopes;
  for (const OnsetPair& a : alike)
    for (const OnsetPair& b : alike)
      if (b.planned_s > a.planned_s && b.heard_s > a.heard_s)
        slopes.push_back((b.heard_s - a.heard_s) / (b.planned_s - a.planned_s));
  return medianOf(std::move(slopes));
}

}  // namespace

std::vector<DetectedSound> heardSounds(const Analysis& analysis, const Context& context) {
  std::vector<DetectedSound> sounds;
  const double transposition = context.instrument ? context.instrument->transposition : 0;
  const auto writtenOf = [&](double hz) {
    return 69.0 + centsBetween(context.reference.a4_hz, hz) / 100.0 - transposition;
  };
  for (std::size_t t = 0; t < analysis.tones.size(); ++t) {
    const Tone& tone = analysis.tones[t];
    for (std::size_t n = 0; n < tone.notes.size(); ++n)
      sounds.push_back({tone.notes[n].start_s, tone.notes[n].end_s, writtenOf(tone.notes[n].f0_hz), t, n});
    if (tone.notes.empty() && !tone.glides.empty())
      sounds.push_back({tone.start_s, tone.end_s, writtenOf(tone.glides.front().from_hz), t, std::nullopt});
  }
  for (std::size_t a = 0; a < analysis.airs.size(); ++a)
    sounds.push_back({analysis.airs[a].start_s, analysis.airs[a].end_s, std::nullopt, a, std::nullopt});
  std::ranges::sort(sounds, {}, &DetectedSound::start_s);
  return sounds;
}

std::optional<double> stretchThrough(const std::vector<OnsetPair>& onsets) {
  std::vector<double> slopes;
  for (std::size_t i = 0; i < onsets.size(); ++i)
    for (std::size_t j = i + 1; j < onsets.size(); ++j)
      if (const double planned_s = onsets[j].planned_s - onsets[i].planned_s; planned_s != 0.0)
        slopes.push_back((onsets[j].heard_s - onsets[i].heard_s) / planned_s);
  return medianOf(std::move(slopes));
}

std::optional<double> startThrough(const std::vector<OnsetPair>& onsets, double stretch) {
  std::vector<double> starts;
  for (const OnsetPair& onset : onsets) starts.push_back(onset.heard_s - stretch * onset.planned_s);
  return medianOf(std::move(starts));
}

SheetMatch matchSheet(const CueSheet& sheet, const std::vector<DetectedSound>& sounds,
                      std::optional<double> start_s) {
  const std::vector<std::size_t> cues = audible(sheet);
  if (start_s) return align(sheet, cues, sounds, {*start_s, 1.0, {}}).match;
  std::vector<double> planned, heard;
  for (const std::size_t c : cues)
    if (isSounding(sheet.cues[c].kind)) planned.push_back(sheet.cues[c].start_s);
  for (const DetectedSound& s : sounds)
    if (s.semitone) heard.push_back(s.start_s);
  std::vector<double> stretches = {1.0};
  const auto asked = medianSpacing(planned);
  const auto got = medianSpacing(heard);
  if (asked && got && *asked > 0.0 && plausible(*got / *asked)) stretches.push_back(*got / *asked);
  if (const auto byPitch = stretchByPitch(sheet, cues, sounds); byPitch && plausible(*byPitch))
    stretches.push_back(*byPitch);
  Alignment best = align(sheet, cues, sounds, {});
  for (std::size_t c = 0; c < std::min(kAnchors, cues.size()); ++c)
    for (std::size_t s = 0; s < std::min(2 * kAnchors, sounds.size()); ++s)
      for (const double stretch : stretches) {
        const SheetMatch clock{sounds[s].start_s - stretch * sheet.cues[cues[c]].start_s, stretch, {}};
        Alignment tried = align(sheet, cues, sounds, clock);
        if (tried.cost < best.cost) best = std::move(tried);
      }
  for (int round = 0; round < 3; ++round) {
    Alignment refined = align(sheet, cues, sounds, refinedClock(sheet, sounds, best.match));
    if (refined.cost > best.cost) break;
    best = std::move(refined);
  }
  return best.match;
}

}  // namespace calando
