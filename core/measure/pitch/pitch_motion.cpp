#include "core/measure/pitch/pitch_motion.h"

#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {
constexpr double kEdge_s = 0.05;  // attack and release are not meant
constexpr std::size_t kEnd = 12;  // frames
constexpr std::size_t kFewest = 50;

double medianFrom(const std::vector<double>& values, std::size_t first, std::size_t count) {
  return median({values.begin() + static_cast<std::ptrdiff_t>(first),
                 values.begin() + static_cast<std::ptrdiff_t>(first + count)});
}
struct Line {
  std::vector<double> cents, time;
};
/// Cents above `base_hz`.
Line pitchBetween(const Tracks& tracks, double from_s, double to_s, double base_hz) {
  Line line;
  const auto first = static_cast<std::size_t>(std::max(0.0, std::ceil((from_s + kEdge_s) / kHop_s)));
  for (std::size_t i = first; i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to_s - kEdge_s;
       ++i) {
    if (tracks.frames[i].f0_hz <= 0.0f) continue;
    line.cents.push_back(centsBetween(base_hz, tracks.frames[i].f0_hz));
    line.time.push_back(static_cast<double>(i) * kHop_s);
  }
  return line;
}
}  // namespace

std::optional<PitchMotion> pitchMotion(const Tracks& tracks, double from_s, double to_s) {
  const auto [cents, time] = pitchBetween(tracks, from_s, to_s, 440.0);
  if (cents.size() < kFewest) return std::nullopt;
  const double start = medianFrom(cents, 0, kEnd);
  const double end = medianFrom(cents, cents.size() - kEnd, kEnd);
  // The two medians stand for the middles of their stretches.
  const double startTime = medianFrom(time, 0, kEnd);
  const double slope = (end - start) / (medianFrom(time, time.size() - kEnd, kEnd) - startTime);
  double squares = 0.0;
  for (std::size_t i = 0; i < cents.size(); ++i) {
    const double off = cents[i] - start - slope * (time[i] - startTime);
    squares += off * off;
  }
  return PitchMotion{end - start, std::sqrt(squares / static_cast<double>(cents.size()))};
}

std::optional<PathFollowed> pathFollowed(const Tracks& tracks, double from_s, double to_s, double base_hz,
                                         const std::function<double(double)>& asked_cents) {
  auto [off, time] = pitchBetween(tracks, from_s, to_s, base_hz);
  if (off.size() < kFewest) return std::nullopt;
  for (std::size_t i = 0; i < off.size(); ++i) off[i] -= asked_cents(time[i]);
  return PathFollowed{mean(off), standardDeviation(off)};
}

}  // namespace calando
