#include "core/measure/air/air_figures.h"

#include <algorithm>

#include "core/maths/statistics.h"
#include "core/measure/air/open_breath.h"
#include "core/measure/edges/envelope.h"

namespace calando {

namespace {

constexpr double kLevelWindow_s = 0.05;
constexpr std::size_t kLowBands = 6;                   // up to 1.1 kHz
constexpr std::size_t kHighBands = 8;                  // from 2.1 kHz
constexpr std::size_t kLostBands = 3, kKeptBands = 5;  // up to 400 Hz; up to 790 Hz
constexpr double kOpen_db = -1.0, kTight_db = -8.0;    // low bands over high ones
constexpr double kLeastOfProfile_db = -30.0;
constexpr double kAsOpen = 2.0;      // times how the open breath repeats
constexpr double kTighter_db = 6.0;  // that the highs stand over the lows more than in the open breath

/// How far the level of noise of this spectrum strays by chance from window to window (standard deviation
/// of a mean square: one over the root of bandwidth times window).
double chance_db(const AirSums::Row& row, const AirSums::Row& room, double window_s) {
  double all = 0.0, squares_per_hz = 0.0;
  for (std::size_t b = 0; b < kAirBands; ++b) {
    const double power = std::max(0.0, row[b] - room[b]);
    all += power;
    squares_per_hz += power * power / (airBandEdge(b + 1) - airBandEdge(b));
  }
  return all > 0.0 ? kNeper_db / std::sqrt(all * all / squares_per_hz * window_s) : 0.0;
}

void describeFilling(Air& air, const EnergyTrack& energy, double noisePower) {
  const double length = air.end_s - air.start_s;
  std::vector<double> filled;
  double sum = 0.0;
  for (double t = air.start_s + kHop_s / 2.0; t < air.end_s; t += kHop_s) {
    sum += std::sqrt(std::max(0.0, energy.meanSquare(t - kHop_s / 2.0, t + kHop_s / 2.0) - noisePower));
    filled.push_back(sum);
  }
  if (sum <= 0.0) return;
  const auto upTo = [&](double share) {
    const double place = share * length / kHop_s;  // steps
    const auto whole = static_cast<std::size_t>(place);
    const double before = whole == 0 ? 0.0 : filled[std::min(whole, filled.size()) - 1];
    const double after = filled[std::min(whole, filled.size() - 1)];
    return (before + (place - std::floor(place)) * (after - before)) / sum;
  };
  air.front_load = upTo(0.25);
  air.end_load = 1.0 - upTo(0.75);
  const auto full = std::ranges::find_if(filled, [&](double f) { return f >= 0.9 * sum; });
  const auto step = static_cast<double>(full - filled.begin());
  const double before = full == filled.begin() ? 0.0 : *(full - 1);
  air.full_at = (step + (0.9 * sum - before) / (*full - before)) * kHop_s / length;
}

/// How long the level of half a second stays within 4 dB of what it is in the middle of the first half:
/// before the last of the air is squeezed out, or it runs dry. All of it where only its end is off.
void describeEase(Air& air, const EnergyTrack& energy, double noisePower) {
  constexpr double fewest_s = 3.0, around_s = 0.25, within_db = 4.0, begins_s = 0.4, ends_s = 0.4;
  const double length = air.end_s - air.start_s;
  if (length < fewest_s) return;
  const auto level = [&](double t) {
    return decibels(std::max(0.0, energy.meanSquare(t - around_s, t + around_s) - noisePower));
  };
  std::vector<double> first;
  for (double t = air.start_s + begins_s; t < air.start_s + length / 2.0; t += kHop_s)
    first.push_back(level(t));
  const double usual = median(first);
  double before = 0.0;
  for (double t = air.start_s + begins_s; t < air.end_s - ends_s; t += kHop_s) {
    const double off = std::abs(level(t) - usual);
    if (off > within_db && t > air.start_s + length / 4.0) {
      air.easy_s = t - air.start_s - kHop_s * (off - within_db) / std::max(off - before, 1e-9);
      return;
    }
    before = off;
  }
  air.easy_s = length;
}

/// The low bands over the high ones, dB. Of what a telephone's microphone has lost at the bottom as much is
/// put back as an even spectrum would have there.
double leanOf(const AirProfile& profile) {
  const auto powerOf = [&](std::size_t from, std::size_t to) {
    double power = 0.0;
    for (std::size_t b = from; b < to; ++b) power += std::pow(10.0, profile[b] / 10.0);
    return power;
  };
  const double even = powerOf(kLostBands, kKeptBands) * (airBandEdge(kLostBands) - airBandEdge(0)) /
                      (airBandEdge(kKeptBands) - airBandEdge(kLostBands));
  const double low = std::max(even, powerOf(0, kLostBands)) + powerOf(kLostBands, kLowBands);
  return decibels(low) - decibels(powerOf(kHighBands, kAirBands));
}

/// By the borders that hold for everybody; where the player's own open breath is known, by that: what is as
/// near to it as it is to itself is open, what leans to the highs beside it is tight.
AirSound classOf(const Air& air, const std::optional<OpenBreath>& open) {
  const double lean = leanOf(*air.profile);
  if (!open) return lean > kOpen_db ? AirSound::open : lean < kTight_db ? AirSound::tight : AirSound::unclear;
  if (*air.open_distance_db <= kAsOpen * open->repeat_db) return AirSound::open;
  const double own = leanOf(open->profile);
  if (lean < own - kTighter_db) return AirSound::tight;
  return lean > own ? AirSound::open : AirSound::unclear;
}

void describeSpectrum(Air& air, const AirSums::Row& row, const AirSums::Row& room,
                      const std::optional<OpenBreath>& open) {
  std::array<double, kAirBands> power;
  double all = 0.0;
  for (std::size_t b = 0; b < kAirBands; ++b) {
    power[b] = std::max(0.0, row[b] - room[b]);
    all += power[b];
  }
  if (all <= 0.0) return;
  air.profile.emplace();
  for (std::size_t b = 0; b < kAirBands; ++b)
    (*air.profile)[b] = std::max(kLeastOfProfile_db, decibels(power[b]) - decibels(all));
  if (open) air.open_distance_db = distanceOf(*air.profile, open->profile);
  air.centroid_hz =
      std::clamp((row[AirSums::kMoment] - room[AirSums::kMoment]) / all, kAirBottom_hz, kAirTop_hz);
  const auto below = [&](double share) {
    double sum = 0.0;
    for (std::size_t b = 0; b < kAirBands; ++b) {
      if (sum + power[b] >= share * all)
        return airBandEdge(b) * std::pow(airBandEdge(b + 1) / airBandEdge(b), (share * all - sum) / power[b]);
      sum += power[b];
    }
    return kAirTop_hz;
  };
  air.bandwidth_hz = below(0.85) - below(0.15);
  if (*air.sound_margin_db < kClassMargin_db) {
    air.sound = AirSound::faint;
    return;
  }
  air.sound = classOf(air, open);
}

}  // namespace

Air describeAir(const Tracks& tracks, const AirSums& sums, const AirSums::Row& room, double from_s,
                double to_s, const std::optional<OpenBreath>& open) {
  Air air{from_s, to_s};
  const double length = to_s - from_s;
  const AirSums::Row row = sums.meanOf(from_s, to_s);
  air.sound_margin_db = decibels(allOf(row)) - decibels(allOf(room));
  const Envelope envelope{&tracks.airEnergy, kLevelWindow_s, allOf(room)};
  std::vector<double> levels;
  for (double t = from_s + 0.1 * length; t <= to_s - 0.1 * length; t += kHop_s)
    levels.push_back(decibels(envelope.power(t)));
  air.level_dbfs = medianOf(levels);
  const double spread = standardDeviation(levels), chance = chance_db(row, room, kLevelWindow_s);
  air.evenness_db = std::sqrt(std::max(0.0, spread * spread - chance * chance));
  describeFilling(air, tracks.airEnergy, envelope.noisePower);
  describeEase(air, tracks.airEnergy, envelope.noisePower);
  describeSpectrum(air, row, room, open);
  return air;
}

}  // namespace calando
