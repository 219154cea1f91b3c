#include "core/accompany/held_sound.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/statistics.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {

constexpr double kLevel_rms = 0.054;  // that of the made voice
constexpr double kLongest_s = 4.0;
constexpr double kShortest_s = 1.0;
constexpr double kLaidOver_s = 0.08;
constexpr double kFromEnds_s = 0.1;
constexpr double kEven_s = 0.25;   // slower than this its level is made even
constexpr double kSearched = 2.0;  // periods

/// How alike two stretches of a length are, 1 at most.
double likeness(const float* a, const float* b, std::size_t length) {
  double ab = 0.0, aa = 1e-20, bb = 1e-20;
  for (std::size_t n = 0; n < length; ++n) {
    ab += static_cast<double>(a[n]) * b[n];
    aa += static_cast<double>(a[n]) * a[n];
    bb += static_cast<double>(b[n]) * b[n];
  }
  return ab / std::sqrt(aa * bb);
}

/// The same at one level throughout.
std::vector<float> evened(std::span<const float> sound, double rate) {
  const auto reach = static_cast<std::size_t>(0.5 * kEven_s * rate);
  std::vector<double> energy(sound.size() + 1, 0.0);
  for (std::size_t n = 0; n < sound.size(); ++n)
    energy[n + 1] = energy[n] + static_cast<double>(sound[n]) * sound[n];
  std::vector<float> even(sound.size());
  for (std::size_t n = 0; n < sound.size(); ++n) {
    const std::size_t from = n - std::min(n, reach), to = std::min(sound.size(), n + reach);
    const double rms = std::sqrt((energy[to] - energy[from]) / static_cast<double>(to - from) + 1e-20);
    even[n] = static_cast<float>(kLevel_rms / rms * sound[n]);
  }
  return even;
}

/// Where its pitch goes in a round that began at a time of the take.
void readCourse(HeldSound& held, const Tracks& tracks, double from_s) {
  const double round_s = static_cast<double>(held.samples.size()) / held.rate_hz;
  const auto pitch = [&](double begin_s, double end_s) {
    std::vector<double> list;
    for (auto i = static_cast<std::size_t>(std::max(0.0, begin_s) / kHop_s);
         i < tracks.frames.size() && static_cast<double>(i) * kHop_s < end_s; ++i)
      if (tracks.frames[i].f0_hz > 0.0f) list.push_back(tracks.frames[i].f0_hz);
    return medianOf(std::move(list));
  };
  held.hz = pitch(from_s, from_s + round_s).value_or(held.hz);
  for (double t = from_s; t < from_s + round_s; t += kCourse_s) {
    const auto here = pitch(t - 0.5 * kCourse_s, t + 0.5 * kCourse_s);
    held.course_cents.push_back(here ? centsBetween(held.hz, *here) : 0.0);
  }
}

}  // namespace

std::shared_ptr<const HeldSound> heldFrom(std::span<const float> samples, double rate_hz,
                                          const Tracks& tracks, const Tone& tone) {
  const Note* note = tone.mainNote();
  if (!note) return nullptr;
  const double from_s = note->coreStart_s + kFromEnds_s;
  const double to_s = std::min(note->coreEnd_s - kFromEnds_s, from_s + kLongest_s);
  const auto laid = static_cast<std::size_t>(kLaidOver_s * rate_hz);
  const auto searched = static_cast<std::size_t>(kSearched * rate_hz / note->f0_hz);
  const auto first = static_cast<std::size_t>(std::max(0.0, from_s) * rate_hz);
  const auto last = std::min(samples.size(), static_cast<std::size_t>(std::max(0.0, to_s) * rate_hz));
  if (last < first + static_cast<std::size_t>(kShortest_s * rate_hz) + laid + searched) return nullptr;
  const std::vector<float> even = evened(samples.subspan(first, last - first), rate_hz);
  std::size_t end = even.size();
  double best = -2.0;
  for (std::size_t back = 0; back < searched; ++back) {
    const double like = likeness(even.data(), even.data() + even.size() - back - laid, laid);
    if (like > best) best = like, end = even.size() - back;
  }
  auto held = std::make_shared<HeldSound>(HeldSound{{}, rate_hz, note->f0_hz, {}});
  held->samples.assign(even.begin() + static_cast<long>(laid), even.begin() + static_cast<long>(end));
  for (std::size_t n = 0; n < laid; ++n) {
    const auto over = static_cast<float>(static_cast<double>(n) / static_cast<double>(laid));
    float& x = held->samples[held->samples.size() - laid + n];
    x = std::lerp(x, even[n], over);
  }
  readCourse(*held, tracks, static_cast<double>(first + laid) / rate_hz);
  return held;
}

}  // namespace calando
