#include "core/measure/pitch/quality.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {

/// A border, and how far one sound is from the next of its kind.
struct Border {
  double at;
  double repeats;
  /// How far over it a value is, in what repeats.
  double over(double value) const { return (value - at) / repeats; }
};

constexpr Border kLevel_dbfs{-33.0, 2.0}, kHnr_db{8.5, 1.0}, kLine_db{-17.0, 1.5}, kJitter_percent{5.0, 0.5};
constexpr double kPeriodsTold_db = 5.0;  // harmonics over noise; under it noise makes the jitter
constexpr double kLowRepeats = 0.06;     // a semitone
constexpr double kUntold = 0.5;
constexpr double kFar = 9.0;  // where there is nothing of it

/// How far into crackling.
double crackling(const Note& heard, bool soft) {
  double most = -kFar;
  if (heard.subharmonic_db) most = std::max(most, kLine_db.over(*heard.subharmonic_db));
  const bool told = !soft || *heard.hnr_db > kPeriodsTold_db;
  if (heard.jitter_percent && told) most = std::max(most, kJitter_percent.over(*heard.jitter_percent));
  return most;
}

struct Quality {
  BuzzQuality is;
  double margin;
};

/// The first that it is; the nearest of the borders that it lies between.
Quality qualityOf(const Note& heard, Pitch pitch, PartPlayed part) {
  const double low_hz = rowOf(part).low_hz;
  const double soft = -kLevel_dbfs.over(*heard.level_dbfs), noisy = -kHnr_db.over(*heard.hnr_db),
               crackles = std::min(crackling(heard, soft > -1.0), pitch == Pitch::held ? kFar : kUntold),
               low = -Border{low_hz, kLowRepeats * low_hz}.over(heard.f0_hz);
  const auto nearest = [](std::initializer_list<double> distances) {
    return std::abs(std::ranges::min(distances, {}, [](double d) { return std::abs(d); }));
  };
  if (crackles > 0.0)
    return {soft > 0.0 ? BuzzQuality::weakCrackling : BuzzQuality::crackling, nearest({crackles, soft})};
  if (noisy < 0.0) return {BuzzQuality::clean, nearest({crackles, noisy})};
  if (soft > 0.0) return {BuzzQuality::weak, nearest({crackles, noisy, soft})};
  return {low > 0.0 ? BuzzQuality::spread : BuzzQuality::unsure, nearest({crackles, noisy, soft, low})};
}

}  // namespace

void describeQuality(Tone& tone, const Note& heard, Pitch pitch, PartPlayed part) {
  // The borders are those of lips and of a reed on its mouthpiece. A reed alone strays from period to period
  // as it should, and a head joint is air as much as tone: of them nothing is low, spread or crackling.
  if (rowOf(part).low_hz <= 0.0) return;
  tone.quality = BuzzQuality::unsure;
  if (!heard.level_dbfs || !heard.hnr_db) return;
  const auto [is, margin] = qualityOf(heard, pitch, part);
  tone.quality_margin = margin;
  if (margin >= 1.0) tone.quality = is;
}

}  // namespace calando
