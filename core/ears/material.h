#pragma once

#include <complex>
#include <optional>
#include <span>
#include <vector>

#include "core/ears/change.h"
#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

namespace calando {

/// A steady stretch of a tone, taken apart into its partials and what is left of it, so that it can be made
/// again with one thing changed: x(t) = Σ Re(a_k(t) exp(i k φ(t))) + rest(t), φ the integral of the pitch.
/// The partials are demodulated over four periods, a Hann window whose zeros lie on the other partials. What
/// is made again begins `lead` samples into it.
struct Material {
  double rate_hz = 48000.0;
  double hz = 0.0;                                        ///< mean of its pitch
  std::size_t lead = 0;                                   ///< samples before what is made again, and after
  std::vector<double> turns;                              ///< φ / 2π, by sample
  std::size_t step = 1;                                   ///< samples between two moments
  std::vector<std::vector<std::complex<float>>> moments;  ///< a_k at each of them, the fundamental first
  std::vector<float> rest;
  double tones_rms = 0.0;  ///< of the partials together

  /// The partials together at a sample of the stretch, at a phase of the fundamental; each as strong as it
  /// was, or times `strengths`.
  float partialsAt(std::size_t n, double turn, std::span<const float> strengths = {}) const;
  /// Calmer, where it moves more than a steady tone does: its own movements of pitch (about the mean of its
  /// logarithm) and level are drawn in to kCalm_cents and kCalm_db, each in its own shape; colour and what is
  /// left go along with the phase.
  void calm();
  std::size_t partials() const { return moments.front().size(); }
  /// How many samples are made again.
  std::size_t size() const { return rest.size() - 2 * lead; }
};

/// RMS of what a material moves by at most: under what is heard.
inline constexpr double kCalm_cents = 2.0, kCalm_db = 0.5;
/// How long a stretch must be steady to be a material; kMade_s of it is made again.
inline constexpr double kSteady_s = 2.0;

/// The steadiest stretch of a tone's longest note, calm; nullopt: it holds none for kSteady_s, or breaks in
/// it. `samples` mono, those that `tracks` are of and `tone` was found in. Pure; some tenths of a second for
/// a low note.
std::optional<Material> materialFrom(std::span<const float> samples, double rate_hz, const Tracks& tracks,
                                     const Tone& tone);

}  // namespace calando
