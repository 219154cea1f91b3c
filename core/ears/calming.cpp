#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/ears/place.h"

/// Material::calm: vibrato, a wave or a sag of the tone's own would be in every sound that is made of it, and
/// answers about waves and sags would be about those.
namespace calando {

namespace {

/// How much of a movement may stay.
double shareOf(std::span<const double> course, double most) {
  const auto count = static_cast<double>(course.size());
  const double mean = std::accumulate(course.begin(), course.end(), 0.0) / count;
  double square = 0.0;
  for (const double x : course) square += (x - mean) * (x - mean);
  const double rms = std::sqrt(square / count);
  return rms > most ? most / rms : 1.0;
}

/// Cents over its mean, every step.
std::vector<double> centsOf(const Material& m) {
  std::vector<double> cents;
  for (std::size_t n = 0; n + m.step < m.turns.size(); n += m.step)
    cents.push_back(1200.0 * std::log2((m.turns[n + m.step] - m.turns[n]) * m.rate_hz /
                                       static_cast<double>(m.step) / m.hz));
  return cents;
}

/// Level of the partials together, dB, every step.
std::vector<double> levelsOf(const Material& m) {
  std::vector<double> levels;
  for (const auto& amplitudes : m.moments) {
    double power = 1e-20;
    for (const std::complex<float> a : amplitudes) power += std::norm(a);
    levels.push_back(10.0 * std::log10(power));
  }
  return levels;
}

/// The turns of the same pitch, its movement drawn in, from the same start.
std::vector<double> drawnIn(const Material& m, double share) {
  std::vector<double> turns(m.turns.size(), m.turns.front());
  for (std::size_t n = 1; n < turns.size(); ++n) {
    const double pace = m.turns[n] - m.turns[n - 1], mean = m.hz / m.rate_hz;
    turns[n] = turns[n - 1] + mean * std::pow(pace / mean, share);
  }
  return turns;
}

}  // namespace

void Material::calm() {
  const double share = shareOf(centsOf(*this), kCalm_cents);
  if (share < 1.0) {
    const std::vector<double> calmer = drawnIn(*this, share);
    const Material before = *this;
    Place place(before);
    for (std::size_t n = 0; n < calmer.size(); ++n) {
      place.moveTo(calmer[n]);
      rest[n] = place.rest();
      if (n % step != 0) continue;
      const std::size_t at = std::min(place.nearest() / step, before.moments.size() - 1);
      moments[n / step] = before.moments[at];
    }
    turns = calmer;
  }
  const std::vector<double> levels = levelsOf(*this);
  const double louder = 1.0 - shareOf(levels, kCalm_db);
  if (louder <= 0.0) return;
  const double mean = std::accumulate(levels.begin(), levels.end(), 0.0) / static_cast<double>(levels.size());
  const auto gainAt = [&](std::size_t p) {
    return static_cast<float>(
        std::pow(10.0, (mean - levels[std::min(p, levels.size() - 1)]) * louder / 20.0));
  };
  for (std::size_t p = 0; p < levels.size(); ++p)
    for (std::complex<float>& a : moments[p]) a *= gainAt(p);
  for (std::size_t n = 0; n < rest.size(); ++n)
    rest[n] *= std::lerp(gainAt(n / step), gainAt(n / step + 1),
                         static_cast<float>(n % step) / static_cast<float>(step));
}

}  // namespace calando
