#include "core/measure/air/breath_ways.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr double kInhaleBefore_s = 0.5;
constexpr double kChain_s = 1.5;       // a longer pause begins another chain
constexpr double kSure = 2.5;          // log odds
constexpr std::size_t kWindBands = 3;  // up to 400 Hz
constexpr double kNoWind_db = 20.0;
constexpr double kWindTells_db = 3.0;
constexpr double kBlows_db = 3.0;
constexpr double kPauseTells_s = 0.1;
constexpr double kHigherTells_octaves = 0.15, kMostOfHeight = 2.6;
constexpr double kToneTells = 3.0, kBlowTells = 1.5, kMostOfASign = 3.0;

/// How many of the first breaths follow one another with short pauses and no tone between.
std::size_t chainLength(std::span<Air* const> breaths, const std::vector<Tone>& tones) {
  const auto sings = [&](double from_s, double to_s) {
    return std::ranges::any_of(tones,
                               [=](const Tone& tone) { return tone.start_s < to_s && tone.end_s > from_s; });
  };
  std::size_t length = 1;
  while (length < breaths.size() && breaths[length]->start_s - breaths[length - 1]->end_s < kChain_s &&
         !sings(breaths[length - 1]->end_s, breaths[length]->start_s))
    ++length;
  return length;
}

/// Rumble at the microphone, over the breath's own low bands.
double wind_db(const Air& air, const AirSums& sums, const AirRoom& rooms) {
  const AirSums::Row row = sums.meanOf(air.start_s, air.end_s);
  const AirSums::Row& room = rooms.at(air.start_s);
  double low = 0.0;
  for (std::size_t b = 0; b < kWindBands; ++b) low += std::max(0.0, row[b] - room[b]);
  const double wind = row[AirSums::kWind] - room[AirSums::kWind];
  // What the room's own rumble does by itself tells nothing.
  if (wind < room[AirSums::kWind]) return -kNoWind_db;
  return std::max(-kNoWind_db, decibels(wind) - decibels(low));
}

/// Open air sounds higher coming in than going out. Where something hisses that tells nothing: it may be a
/// tight breath in or a hiss on the way out.
double higherIsIn(std::span<Air* const> chain) {
  std::vector<double> octaves;  // from each second breath down to the one before it
  for (std::size_t i = 0; i < chain.size(); ++i) {
    if (chain[i]->sound != AirSound::open || !chain[i]->centroid_hz) return 0.0;
    if (i % 2 == 1) octaves.push_back(std::log2(*chain[i - 1]->centroid_hz / *chain[i]->centroid_hz));
  }
  if (octaves.empty()) return 0.0;
  const auto [least, most] = std::ranges::minmax(octaves);
  if (least * most < 0.0) return 0.0;
  return std::clamp(mean(octaves) / kHigherTells_octaves, -kMostOfHeight, kMostOfHeight);
}

bool toneFollows(const Air& air, const std::vector<Tone>& tones) {
  return std::ranges::any_of(tones, [&](const Tone& tone) {
    return tone.start_s >= air.end_s - 0.05 && tone.start_s - air.end_s <= kInhaleBefore_s;
  });
}

/// In and out by the signs there are: in and out alternate; only air that goes out rumbles; the turn after
/// an inhale is short and the pause after an exhale longer; a tone comes after an inhale. Without enough of
/// them nothing is said.
void tellWaysOf(std::span<Air* const> chain, const AirSums& sums, const AirRoom& room,
                const std::vector<Tone>& tones) {
  double firstIsIn =
      toneFollows(*chain.back(), tones) ? (chain.size() % 2 == 1 ? kToneTells : -kToneTells) : 0.0;
  const auto add = [&](double odds, double most) { firstIsIn += std::clamp(odds, -most, most); };
  std::array<std::vector<double>, 2> winds, pauses;
  for (std::size_t i = 0; i < chain.size(); ++i) {
    winds[i % 2].push_back(wind_db(*chain[i], sums, room));
    if (winds[i % 2].back() > kBlows_db) add(i % 2 == 0 ? -kBlowTells : kBlowTells, kBlowTells);
    if (i + 1 < chain.size()) pauses[i % 2].push_back(chain[i + 1]->start_s - chain[i]->end_s);
  }
  if (!winds[1].empty()) add((mean(winds[1]) - mean(winds[0])) / kWindTells_db, kMostOfASign);
  if (!pauses[1].empty()) add((mean(pauses[1]) - mean(pauses[0])) / kPauseTells_s, kMostOfASign);
  add(higherIsIn(chain), kMostOfASign);
  if (std::abs(firstIsIn) < kSure) return;
  for (std::size_t i = 0; i < chain.size(); ++i)
    chain[i]->phase = (i % 2 == 0) == (firstIsIn > 0.0) ? AirPhase::inhale : AirPhase::exhale;
}

}  // namespace

void tellWays(std::span<Air* const> breaths, const AirSums& sums, const AirRoom& room,
              const std::vector<Tone>& tones) {
  while (!breaths.empty()) {
    const std::size_t length = chainLength(breaths, tones);
    tellWaysOf(breaths.first(length), sums, room, tones);
    breaths = breaths.subspan(length);
  }
}

}  // namespace calando
