#include "core/theory/interval.h"

#include <array>
#include <numeric>

namespace calando {

namespace {
constexpr int kOctave = 12;
constexpr std::array<Ratio, kOctave> kSimple{
    {{1, 1}, {16, 15}, {9, 8}, {6, 5}, {5, 4}, {4, 3}, {7, 5}, {3, 2}, {8, 5}, {5, 3}, {9, 5}, {15, 8}}};
}  // namespace

Ratio simpleRatio(double semitones) {
  const auto size = static_cast<int>(std::lround(std::abs(semitones)));
  Ratio ratio = kSimple[static_cast<std::size_t>(size % kOctave)];
  for (int octave = 0; octave < size / kOctave; ++octave) ratio.over *= 2;
  const int common = std::gcd(ratio.over, ratio.under);
  ratio = {ratio.over / common, ratio.under / common};
  return semitones < 0.0 ? Ratio{ratio.under, ratio.over} : ratio;
}

}  // namespace calando
