#include "core/measure/quality.h"

#include <algorithm>
#include <array>

namespace calando {

namespace {

enum class Is { no, unsure, yes };

/// A border, and how far one sound is from the next of its kind.
struct Border {
  double at;
  double repeats;
  Is under(double value) const {
    return value < at - repeats ? Is::yes : value > at + repeats ? Is::no : Is::unsure;
  }
  Is over(double value) const { return under(2.0 * at - value); }
};

constexpr Border kLevel_dbfs{-33.0, 2.0}, kHnr_db{8.5, 1.0}, kLine_db{-17.0, 1.5}, kJitter_percent{5.0, 0.5};
constexpr double kPeriodsTold_db = 5.0;  // harmonics over noise; under it noise makes the jitter
constexpr double kLowRepeats = 0.06;     // a semitone

Is crackles(const Note& note, Is soft) {
  const Is lines = note.subharmonic_db ? kLine_db.over(*note.subharmonic_db) : Is::no;
  const bool told = soft == Is::no || note.hnr_db.value_or(0.0) > kPeriodsTold_db;
  const Is periods = note.jitter_percent && told ? kJitter_percent.over(*note.jitter_percent) : Is::no;
  if (lines == Is::yes || periods == Is::yes) return Is::yes;
  return lines == Is::no && periods == Is::no ? Is::no : Is::unsure;
}

constexpr std::array<std::string_view, 6> kNames{"clean",     "weak",           "spread",
                                                 "crackling", "weak-crackling", "unsure"};

}  // namespace

std::string_view nameOf(BuzzQuality quality) { return kNames[static_cast<std::size_t>(quality)]; }

std::optional<BuzzQuality> qualityNamed(std::string_view name) {
  const auto found = std::ranges::find(kNames, name);
  if (found == kNames.end()) return std::nullopt;
  return static_cast<BuzzQuality>(found - kNames.begin());
}

BuzzQuality qualityOf(const Note& note, PartPlayed part) {
  if (!note.level_dbfs || !note.hnr_db) return BuzzQuality::unsure;
  const Is soft = kLevel_dbfs.under(*note.level_dbfs), noisy = kHnr_db.under(*note.hnr_db),
           crackling = crackles(note, soft);
  if (crackling == Is::unsure) return BuzzQuality::unsure;
  if (crackling == Is::yes) {
    if (soft == Is::unsure) return BuzzQuality::unsure;
    return soft == Is::yes ? BuzzQuality::weakCrackling : BuzzQuality::crackling;
  }
  if (noisy == Is::no) return BuzzQuality::clean;
  if (noisy == Is::unsure || soft == Is::unsure) return BuzzQuality::unsure;
  if (soft == Is::yes) return BuzzQuality::weak;
  const double low_hz = rowOf(part).low_hz;
  const Is low = Border{low_hz, kLowRepeats * low_hz}.under(note.f0_hz);
  return low == Is::yes ? BuzzQuality::spread : BuzzQuality::unsure;
}

}  // namespace calando
