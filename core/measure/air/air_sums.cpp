#include "core/measure/air/air_sums.h"

#include <algorithm>
#include <numeric>

namespace calando {

namespace {
constexpr double kDigitalSilence = 1e-11;  // power: -110 dBFS
constexpr std::size_t kQuietest = 30;      // frames: the room is never less than that alone
constexpr std::size_t kQuietStep = 10;
constexpr double kRoomVaries = 2.5;  // of its least power
constexpr double kHumRises_s = 0.3;
}  // namespace

AirSums::AirSums(const std::vector<AirFrame>& frames) : sums_(frames.size() + 1, Row{}) {
  for (std::size_t i = 0; i < frames.size(); ++i) {
    Row& next = sums_[i + 1];
    for (std::size_t b = 0; b < kAirBands; ++b) next[b] = sums_[i][b] + frames[i].power[b];
    next[kMoment] = sums_[i][kMoment] + frames[i].all() * frames[i].centroid_hz;
    next[kWind] = sums_[i][kWind] + frames[i].wind;
  }
}

AirSums::Row AirSums::mean(std::size_t first, std::size_t last) const {
  last = std::clamp<std::size_t>(last, 1, size());
  first = std::min(first, last - 1);
  Row row;
  for (std::size_t c = 0; c < kColumns; ++c)
    row[c] = (sums_[last][c] - sums_[first][c]) / static_cast<double>(last - first);
  return row;
}

std::size_t AirSums::frameAt(double t) const {
  return std::min(static_cast<std::size_t>(std::lround(std::max(0.0, t) / kHop_s)), size() - 1);
}

double allOf(const AirSums::Row& row) { return std::accumulate(row.begin(), row.begin() + kAirBands, 0.0); }

namespace {

struct QuietRoom {
  AirSums::Row row{};
  std::size_t last = 0;  ///< the frame behind the last one that is of it
};

/// Of the frames [from, to).
std::optional<QuietRoom> rowOf(const AirSums& sums, const Tracks& tracks, std::size_t from, std::size_t to) {
  const auto quiet = [&](std::size_t first, std::size_t count, bool voicedToo) -> std::optional<double> {
    for (std::size_t i = first; i < first + count && !voicedToo; ++i)
      if (tracks.frames[i].f0_hz > 0.0f) return std::nullopt;
    const double power = allOf(sums.mean(first, first + count));
    return power > kDigitalSilence ? std::optional(power) : std::nullopt;
  };
  const auto leastOf = [&](bool voicedToo) {
    std::optional<double> least;
    for (std::size_t i = from; i + kQuietest <= to; i += kQuietStep)
      if (const auto power = quiet(i, kQuietest, voicedToo); power && (!least || *power < *least))
        least = power;
    return least;
  };
  // What sings while nobody plays is a room that hums: nothing without a pitch is nearly as quiet.
  const auto unvoiced = leastOf(false), all = leastOf(true);
  const bool hums = all && (!unvoiced || *unvoiced > kRoomVaries * *all);
  const auto& least = hums ? all : unvoiced;
  if (!least) return std::nullopt;
  QuietRoom room;
  double windows = 0.0;
  for (std::size_t i = from; i + kQuietStep <= to; i += kQuietStep) {
    const auto power = quiet(i, kQuietStep, hums);
    if (!power || *power > kRoomVaries * *least) continue;
    const AirSums::Row row = sums.mean(i, i + kQuietStep);
    for (std::size_t c = 0; c < row.size(); ++c) room.row[c] += row[c];
    room.last = i + kQuietStep;
    ++windows;
  }
  if (windows == 0.0) return std::nullopt;
  for (double& power : room.row) power = std::max(power / windows, 1e-14);
  return room;
}

}  // namespace

std::optional<AirRoom> roomOf(const AirSums& sums, const Tracks& tracks, std::optional<double> hum_s) {
  if (!hum_s) {
    const auto row = rowOf(sums, tracks, 0, sums.size());
    return row ? std::optional(AirRoom{row->row}) : std::nullopt;
  }
  const auto before = rowOf(sums, tracks, 0, sums.frameAt(*hum_s - kHumRises_s));
  const auto behind = rowOf(sums, tracks, sums.frameAt(*hum_s + kHumRises_s), sums.size());
  if (!before || !behind) return roomOf(sums, tracks);
  return AirRoom{before->row, behind->row, *hum_s, static_cast<double>(before->last) * kHop_s};
}

}  // namespace calando
