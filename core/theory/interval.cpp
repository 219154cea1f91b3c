#include "core/theory/interval.h"

#include <numeric>

namespace calando {

namespace {

constexpr int kOctave = 12, kTritone = 6;

Ratio ratioOf(double semitones, Ratio tritone) {
  const auto size = static_cast<int>(std::lround(std::abs(semitones)));
  const int step = size % kOctave;
  Ratio ratio = step == kTritone ? tritone : kJust[static_cast<std::size_t>(step)];
  for (int octave = 0; octave < size / kOctave; ++octave) ratio.over *= 2;
  const int common = std::gcd(ratio.over, ratio.under);
  ratio = {ratio.over / common, ratio.under / common};
  return semitones < 0.0 ? Ratio{ratio.under, ratio.over} : ratio;
}

}  // namespace

Ratio justRatio(double semitones) { return ratioOf(semitones, kJust[kTritone]); }
Ratio beatingRatio(double semitones) { return ratioOf(semitones, {7, 5}); }

}  // namespace calando
