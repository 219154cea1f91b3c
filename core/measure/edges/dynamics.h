#pragma once

#include <functional>
#include <optional>
#include <span>

#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

/// How the level goes over a sound, held against a shape, and what pitch and colour do with it.
namespace calando {

struct DynamicFigures {
  std::optional<double> shape_error_db;   ///< RMS of level less shape, the mean difference taken off
  std::optional<double> peak_share;       ///< 0 to 1: where a straight rise and a straight fall meet best
  std::optional<double> cents_per_db;     ///< Theil-Sen over the frames; needs 6 dB of movement
  std::optional<double> partials_per_db;  ///< the same of the brightness
  std::optional<double>
      core_gain_db;  ///< harmonic-to-noise ratio of the last third less that of the first, medians
};

/// `shape_db(share)`: the level asked for at a share of the sound, dB up to a constant. Levels are RMS over
/// 50 ms every 10 ms, inside by 25 ms. Everything empty under 0.3 s.
DynamicFigures dynamicFigures(const Tracks& tracks, double from_s, double to_s,
                              const std::function<double(double)>& shape_db);

struct PulseFigures {
  double depth_db;   ///< mean of crest less the mean of the troughs beside it
  double spread_db;  ///< standard deviation of the crests
};
/// A sound in `count` equal pulses. Nullopt for fewer than two, or under 0.15 s each.
std::optional<PulseFigures> pulseFigures(const Tracks& tracks, double from_s, double to_s, int count);

/// Partials further under the strongest than this are not compared.
inline constexpr double kFaintestPartial_db = -40.0;
/// How the colours of two notes differ, over the partials that both show clear of the noise.
struct ColourDifference {
  double mean_db;      ///< how much stronger those of the first are: that is how their levels were taken
  double distance_db;  ///< RMS of what differs beside that
};
/// Nullopt with fewer than three such partials.
std::optional<ColourDifference> colourDifference(std::span<const std::optional<double>> a,
                                                 std::span<const std::optional<double>> b);
/// Its distance alone.
std::optional<double> colourDistance(const Note& a, const Note& b);

/// The samples of a take made as loud as another: from the level of its note to the one wanted, or as they
/// are where that was not measured; in either case so soft that no peak is more than kPeakOver_db over the
/// wanted level. A soft take has louder things in it, a knock or a swell, and somebody wears headphones.
inline constexpr double kPeakOver_db = 18.0;
std::vector<float> levelled(std::span<const float> samples, const std::optional<double>& level_dbfs,
                            double wanted_dbfs);

}  // namespace calando
