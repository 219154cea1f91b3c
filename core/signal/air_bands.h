#pragma once

#include <cstddef>

namespace calando {

inline constexpr double kAirBottom_hz = 150.0;  ///< what the figures of air are of
inline constexpr double kAirTop_hz = 8000.0;
inline constexpr std::size_t kAirBands = 12;  ///< of half an octave nearly, even in log frequency

/// The lower edge of a band; of kAirBands the upper edge of the last.
double airBandEdge(std::size_t band);

}  // namespace calando
