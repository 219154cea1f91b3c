#include "core/ears/material.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/dot.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr double kPeriods = 4.0;  // of the window
constexpr int kPasses = 3;
constexpr double kStep_s = 0.005;  // between amplitudes
constexpr double kHighest_hz = 12000.0, kOfNyquist = 0.45;
constexpr std::size_t kPartials = 170;
constexpr double kLead_s = 0.07;    // a pitch that is 60 cents off reads so far ahead or behind
constexpr double kSlide_s = 0.05;   // between stretches that are looked at
constexpr double kCentsADb = 10.0;  // of spread: as unsteady
constexpr double kTau = 2.0 * std::numbers::pi;

/// Pitch and level of the frames of a stretch; nothing where one has no pitch.
struct Spread {
  double cents = 0.0, db = 0.0;
};
std::optional<Spread> spreadOf(const Tracks& tracks, std::size_t first, std::size_t last) {
  double n = 0.0, c = 0.0, cc = 0.0, l = 0.0, ll = 0.0;
  for (std::size_t i = first; i <= last; ++i) {
    const TrackFrame& frame = tracks.frames[i];
    if (frame.f0_hz <= 0.0f) return std::nullopt;
    const double cents = centsBetween(440.0, frame.f0_hz), level = frame.level_dbfs;
    n += 1.0, c += cents, cc += cents * cents, l += level, ll += level * level;
  }
  return Spread{std::sqrt(std::max(0.0, cc / n - c * c / n / n)),
                std::sqrt(std::max(0.0, ll / n - l * l / n / n))};
}

/// The first frame of the steadiest stretch.
std::optional<std::size_t> steadiest(const Tracks& tracks, const Tone& tone, const Note& note) {
  const auto frames = static_cast<std::size_t>(std::lround(kSteady_s / kHop_s));
  std::optional<std::size_t> best;
  double least = 0.0;
  for (double from_s = note.coreStart_s; from_s + kSteady_s <= note.coreEnd_s; from_s += kSlide_s) {
    const auto first = static_cast<std::size_t>(std::ceil(from_s / kHop_s));
    if (first + frames >= tracks.frames.size()) break;
    const bool breaks = std::ranges::any_of(
        tone.dropouts, [&](const Dropout& d) { return d.end_s() > from_s && d.at_s < from_s + kSteady_s; });
    const auto spread = breaks ? std::nullopt : spreadOf(tracks, first, first + frames);
    if (!spread) continue;
    const double unsteady = spread->cents + kCentsADb * spread->db;
    if (best && unsteady >= least) continue;
    best = first;
    least = unsteady;
  }
  return best;
}

/// The turns of the fundamental from a time of the take on, by sample: the pitch between two frames goes
/// evenly.
std::vector<double> turnsFrom(const Tracks& tracks, double from_s, std::size_t samples, double rate) {
  std::vector<double> turns(samples);
  double turn = 0.0;
  for (std::size_t n = 0; n < samples; ++n) {
    turns[n] = turn;
    const double at = (from_s + static_cast<double>(n) / rate) / kHop_s;
    const auto i = std::min(static_cast<std::size_t>(at), tracks.frames.size() - 2);
    const double over = at - static_cast<double>(i);
    turn += std::lerp(tracks.frames[i].f0_hz, tracks.frames[i + 1].f0_hz, over) / rate;
  }
  return turns;
}

/// The amplitudes of all partials around one place, by rotation from partial to partial.
CALANDO_DISPATCHED void demodulate(std::span<const float> samples, std::span<const double> turns,
                                   std::span<const double> window, std::size_t from,
                                   std::span<std::complex<double>> sums) {
  std::vector<double> lanes(8 * sums.size());  // of each partial four real parts and four imaginary ones
  WideLanes sumRe, sumIm;
  for (std::size_t n = 0; n < window.size(); n += 4) {  // four samples side by side
    WideLanes re = {}, im = {}, oneRe = {}, oneIm = {};
    for (std::size_t lane = 0; lane < std::min<std::size_t>(4, window.size() - n); ++lane) {
      const double angle = -kTau * turns[from + n + lane];
      oneRe[lane] = std::cos(angle);
      oneIm[lane] = std::sin(angle);
      const double weighted = window[n + lane] * static_cast<double>(samples[from + n + lane]);
      re[lane] = weighted * oneRe[lane];
      im[lane] = weighted * oneIm[lane];
    }
    for (double* sum = lanes.data(); sum < lanes.data() + lanes.size(); sum += 8) {
      loadLanes(sumRe, sum);
      loadLanes(sumIm, sum + 4);
      storeLanes(sum, sumRe + re);
      storeLanes(sum + 4, sumIm + im);
      const WideLanes before = re;
      re = before * oneRe - im * oneIm;
      im = before * oneIm + im * oneRe;
    }
  }
  for (std::size_t k = 0; k < sums.size(); ++k) {
    loadLanes(sumRe, &lanes[8 * k]);
    loadLanes(sumIm, &lanes[8 * k + 4]);
    sums[k] = {sumOf(sumRe), sumOf(sumIm)};
  }
}

}  // namespace

CALANDO_DISPATCHED float Material::partialsAt(std::size_t n, double turn,
                                              std::span<const float> strengths) const {
  const float over = static_cast<float>(n % step) / static_cast<float>(step);
  // Real and imaginary parts in turn.
  const auto* here = reinterpret_cast<const float*>(moments[n / step].data());
  const auto* next = reinterpret_cast<const float*>(moments[n / step + 1].data());
  const double angle = kTau * turn;
  const std::complex<double> one(std::cos(angle), std::sin(angle));
  Lanes turnedRe, turnedIm;  // of eight partials
  std::complex<double> power = one;
  for (int lane = 0; lane < 8; ++lane) {
    if (lane > 0)
      power = {power.real() * one.real() - power.imag() * one.imag(),
               power.real() * one.imag() + power.imag() * one.real()};
    turnedRe[lane] = static_cast<float>(power.real());
    turnedIm[lane] = static_cast<float>(power.imag());
  }
  const auto turnRe = static_cast<float>(power.real()), turnIm = static_cast<float>(power.imag());
  Lanes sum = {};
  const auto add = [&](const float* from, const float* to, const float* strong) {
    Lanes first, second, firstNext, secondNext, strength;
    loadLanes(first, from);
    loadLanes(second, from + 8);
    loadLanes(firstNext, to);
    loadLanes(secondNext, to + 8);
    first += over * (firstNext - first);
    second += over * (secondNext - second);
    const Lanes re = __builtin_shufflevector(first, second, 0, 2, 4, 6, 8, 10, 12, 14);
    const Lanes im = __builtin_shufflevector(first, second, 1, 3, 5, 7, 9, 11, 13, 15);
    Lanes part = re * turnedRe - im * turnedIm;
    if (strong) {
      loadLanes(strength, strong);
      part *= strength;
    }
    sum += part;
    const Lanes before = turnedRe;
    turnedRe = before * turnRe - turnedIm * turnIm;
    turnedIm = before * turnIm + turnedIm * turnRe;
  };
  const std::size_t count = partials();
  const float* strong = strengths.empty() ? nullptr : strengths.data();
  std::size_t k = 0;
  for (; k + 8 <= count; k += 8) add(here + 2 * k, next + 2 * k, strong ? strong + k : nullptr);
  if (k < count) {  // the last few, with nothing behind them
    float from[16] = {}, to[16] = {}, times[8] = {};
    std::copy_n(here + 2 * k, 2 * (count - k), from);
    std::copy_n(next + 2 * k, 2 * (count - k), to);
    if (strong) std::copy_n(strong + k, count - k, times);
    add(from, to, strong ? times : nullptr);
  }
  return sumOf(sum);
}

namespace {

/// Hann over so many periods, its sum 2.
std::vector<double> windowFor(double hz, double rate) {
  std::vector<double> window(static_cast<std::size_t>(kPeriods * rate / hz));
  double sum = 0.0;
  for (std::size_t n = 0; n < window.size(); ++n)
    sum += window[n] =
        1.0 - std::cos(kTau * (static_cast<double>(n) + 0.5) / static_cast<double>(window.size()));
  for (double& w : window) w *= 2.0 / sum;
  return window;
}

/// Takes the partials of `sound` apart, which reaches half a window over both ends of the material's stretch.
/// What the window smooths away of a partial is in what is left: that is taken apart again.
void takeApart(Material& material, std::span<const float> sound, std::span<const double> turns,
               std::span<const double> window) {
  const std::size_t half = window.size() / 2, size = material.turns.size();
  std::vector<float> left(sound.begin(), sound.end());
  std::vector<std::complex<double>> sums(material.partials());
  for (int pass = 0; pass < kPasses; ++pass) {
    for (std::size_t p = 0; p < material.moments.size(); ++p) {
      demodulate(left, turns, window, std::min(p * material.step, left.size() - window.size()), sums);
      for (std::size_t k = 0; k < sums.size(); ++k) material.moments[p][k] += std::complex<float>(sums[k]);
    }
    for (std::size_t n = 0; n < size; ++n)
      left[half + n] = sound[half + n] - material.partialsAt(n, material.turns[n]);
  }
  material.rest.assign(left.begin() + static_cast<long>(half), left.begin() + static_cast<long>(half + size));
}

}  // namespace

std::optional<Material> materialFrom(std::span<const float> samples, double rate_hz, const Tracks& tracks,
                                     const Tone& tone) {
  const Note* note = tone.mainNote();
  const auto first = note ? steadiest(tracks, tone, *note) : std::nullopt;
  if (!first) return std::nullopt;
  const double from_s = static_cast<double>(*first) * kHop_s;
  const auto start = static_cast<std::size_t>(std::lround(from_s * rate_hz));
  const auto whole = static_cast<std::size_t>(kSteady_s * rate_hz),
             made = static_cast<std::size_t>(kMade_s * rate_hz);
  if (start + whole > samples.size()) return std::nullopt;
  const std::vector<double> turns = turnsFrom(tracks, from_s, whole, rate_hz);
  Material material;
  material.rate_hz = rate_hz;
  material.hz = turns.back() / (static_cast<double>(whole - 1) / rate_hz);
  const std::vector<double> window = windowFor(material.hz, rate_hz);
  const std::size_t half = window.size() / 2, margin = (whole - made) / 2;
  if (half + static_cast<std::size_t>(kLead_s * rate_hz) > margin) return std::nullopt;
  material.lead = margin - half;
  material.step = static_cast<std::size_t>(kStep_s * rate_hz);
  material.turns.assign(turns.begin() + static_cast<long>(half), turns.end() - static_cast<long>(half));
  const auto count = std::min(
      kPartials, static_cast<std::size_t>(std::min(kHighest_hz, kOfNyquist * rate_hz) / material.hz));
  material.moments.assign(material.turns.size() / material.step + 2, std::vector<std::complex<float>>(count));
  const std::span<const float> sound = samples.subspan(start, whole);
  takeApart(material, sound, turns, window);
  material.calm();
  double power = 0.0;
  for (std::size_t n = material.lead; n < material.lead + material.size(); ++n) {
    const double tones = material.partialsAt(n, material.turns[n]);
    power += tones * tones;
  }
  material.tones_rms = std::sqrt(power / static_cast<double>(material.size()));
  return material;
}

}  // namespace calando
