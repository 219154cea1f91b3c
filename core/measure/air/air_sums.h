#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <vector>

#include "core/signal/tracks.h"

namespace calando {

/// The air of a take as sums over its frames, so that means over any stretch are read off.
class AirSums {
 public:
  static constexpr std::size_t kMoment = kAirBands, kWind = kAirBands + 1, kColumns = kAirBands + 2;
  /// Mean square by bands; power times centroid; wind.
  using Row = std::array<double, kColumns>;

  explicit AirSums(const std::vector<AirFrame>& frames);
  std::size_t size() const { return sums_.size() - 1; }
  /// Of the frames [first, last), at least one; there must be some.
  Row mean(std::size_t first, std::size_t last) const;
  Row meanOf(double from_s, double to_s) const { return mean(frameAt(from_s), frameAt(to_s) + 1); }
  std::size_t frameAt(double t) const;

 private:
  std::vector<Row> sums_;
};

/// Of all bands.
double allOf(const AirSums::Row& row);
/// Not below -140 dB.
inline double decibels(double power) { return 10.0 * std::log10(std::max(power, 1e-14)); }

/// The room by bands. Where something begins to hum in it, as it is from then on as well.
struct AirRoom {
  AirSums::Row before;
  std::optional<AirSums::Row> behind = {};
  double from_s = 0.0;   ///< behind
  double until_s = 0.0;  ///< before; in between nobody knows

  const AirSums::Row& at(double t) const { return behind && t >= from_s ? *behind : before; }
};
/// The quietest 0.3 s, and all that is about as quiet. Nullopt where all is digital silence or too short.
/// `hum_s`: from when on something hums.
std::optional<AirRoom> roomOf(const AirSums& sums, const Tracks& tracks, std::optional<double> hum_s = {});

}  // namespace calando
