#pragma once

#include <optional>
#include <span>

/// Pitch that settles while an instrument warms.
namespace calando {

/// The middle of a note.
struct PitchThen {
  double at_s;
  double cents;         ///< over anything that stays the same
  double unsure_cents;  ///< how far it strays itself
};

/// A pitch that approaches its end as exp(-t / tau), fitted by weighted least squares: the ends for every
/// tau of a grid, and over the grid by likelihood (linear least squares is exact for a given tau).
struct Settling {
  double rise_cents;    ///< from the first note to the last; a fall is negative
  double unsure_cents;  ///< one standard deviation of the rise
  double left_cents;    ///< still to come after the last
  double tau_s;
};
/// Nullopt for fewer than three notes, or where they are all within five seconds.
std::optional<Settling> settlingOf(std::span<const PitchThen> notes);

/// How far warmer air in a tube raises its pitch, cents: 1200·log2 of the root of the ratio of the absolute
/// temperatures, since the speed of sound goes with the root. About 3 cents for a degree.
double centsOfWarming(double from_c, double to_c);

/// Breath as it comes out of the mouth, °C: no tube gets warmer by it (Höppe 1981, exhaled air in mild
/// rooms).
inline constexpr double kBreath_c = 34.0;

}  // namespace calando
