#pragma once

#include <array>
#include <cstddef>

/// What the signal stages say of one moment of a sound.
namespace calando {

inline constexpr double kAirBottom_hz = 150.0;  ///< what the figures of air are of
inline constexpr double kAirTop_hz = 8000.0;
inline constexpr std::size_t kAirBands = 12;  ///< of half an octave nearly, even in log frequency

/// The lower edge of a band; of kAirBands the upper edge of the last.
double airBandEdge(std::size_t band);

/// A moment of noise: mean square by bands, and of what lies below them, where air that is blown at the
/// microphone rumbles.
struct AirFrame {
  std::array<float, kAirBands> power{};
  float wind = 0.0f;         ///< 40 to 120 Hz
  float centroid_hz = 0.0f;  ///< power-weighted mean frequency of the bands; 0 where there is nothing

  double all() const;
};

inline constexpr int kMostPartials = 20;

/// Tone colour of one moment of a tone.
struct ColourFrame {
  double hnr_db;          ///< harmonics over the rest, up to 10 kHz; at most 90
  double noise_dbfs;      ///< the rest
  double brightness;      ///< power-weighted centroid of the harmonics, in partial numbers
  double subharmonic_db;  ///< see contract.md; kNoSubharmonic: not looked for, or nothing to compare with;
                          ///< kDrowned
  std::array<float, kMostPartials> power;  ///< mean square of partials 1 … 20, noise taken off, >= 0
  std::array<float, kMostPartials> noise;  ///< what the noise adds to such a partial
  int partials;                            ///< how many lie below 10 kHz
  static constexpr double kNoSubharmonic = -200.0;
  static constexpr double kDrowned = -300.0;  ///< of the subharmonics: the noise would hide them
};

/// The strongest line under a note, at one moment.
struct UnderTone {
  float time_s;
  float hz;        ///< 0: none stands out
  float under_db;  ///< to the note's strongest harmonic
};

}  // namespace calando
