#include "core/accompany/heard_count.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/accompany/click_shape.h"
#include "core/live/latency.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr std::size_t kFewest = 3;
constexpr std::size_t kLast = 12;   // clicks before the recording's end, over some of which somebody may play
constexpr double kAround_s = 0.05;  // a click is looked for so far from its place, or a quarter of a beat
constexpr double kEven_s = 0.005;
constexpr double kDrift = 2e-4;

struct Beside {
  double at_s;   // nominal
  double lag_s;  // of where it is heard
};

/// A recording without the hum of the room, piece by piece: of a long one little is asked.
class AboveHum {
 public:
  AboveHum(std::span<const float> recording, double rate_hz)
      : recording_(recording), taps_(aboveHumTaps(rate_hz)) {}
  std::vector<float> piece(long from, long length) const {
    const auto half = static_cast<long>(taps_.size()) / 2;
    std::vector<float> whole(static_cast<std::size_t>(length + 2 * half), 0.0f);
    const long first = std::max(0L, from - half);
    const long last = std::min(static_cast<long>(recording_.size()), from + length + half);
    if (first < last)
      std::copy(recording_.begin() + first, recording_.begin() + last, whole.begin() + first - (from - half));
    return filtered(taps_, whole);
  }

 private:
  std::span<const float> recording_;
  std::vector<float> taps_;
};

}  // namespace

std::optional<double> startByClicks(std::span<const float> recording, const CueSheet& sheet, double rate_hz) {
  std::vector<Click> clicks = clicksOf(sheet);
  const double length_s = static_cast<double>(recording.size()) / rate_hz;
  std::erase_if(clicks,
                [&](const Click& c) { return c.at_s > length_s - kLongestLatency_s - 2 * kAround_s; });
  const auto countIn = static_cast<std::size_t>(
      std::ranges::count_if(clicks, [&](const Click& c) { return c.at_s < sheet.countIn_s() - 1e-6; }));
  if (countIn < kFewest || clicks.size() < countIn + kFewest) return std::nullopt;

  const AboveHum heard(recording, rate_hz);
  const long lag = lagOf(heard.piece(0, std::lround((sheet.countIn_s() + kLongestLatency_s) * rate_hz)),
                         std::span(clicks).first(countIn), rate_hz);
  const long lead = std::lround(kClickLead_s * rate_hz);
  const long compared = std::lround(kClickCompared_s * rate_hz);
  const long around = std::lround(std::min(kAround_s, sheet.beat_s / 4.0) * rate_hz);
  const auto from = [&](std::size_t k) { return std::lround(clicks[k].at_s * rate_hz) + lag - lead; };
  const std::vector<float> one = heard.piece(from(1), compared);
  const auto heardAmong = [&](std::size_t first, std::size_t end) {
    std::vector<Beside> clear;
    for (std::size_t k = first; k < end; ++k) {
      const long begins = from(k) - around;
      const ClickFit fit = bestFit(heard.piece(begins, compared + 2 * around), one);
      const double place_s = (static_cast<double>(begins + lead) + fit.at) / rate_hz;
      if (!clicks[k].high && fit.correlation >= kClearClick)
        clear.push_back({clicks[k].at_s, place_s - clicks[k].at_s});
    }
    return clear;
  };
  std::vector<Beside> clear = heardAmong(1, countIn);
  const std::size_t counted = clear.size();
  std::ranges::copy(
      heardAmong(std::max(countIn, clicks.size() - std::min(kLast, clicks.size())), clicks.size()),
      std::back_inserter(clear));
  if (counted + 1 < kFewest || clear.size() - counted < kFewest) return std::nullopt;
  const auto [least, most] = std::ranges::minmax(clear, {}, &Beside::lag_s);
  if (most.lag_s - least.lag_s > kEven_s + kDrift * clear.back().at_s) return std::nullopt;
  std::vector<double> lags;
  for (std::size_t k = 0; k < counted; ++k) lags.push_back(clear[k].lag_s);
  return sheet.countIn_s() + median(lags);
}

}  // namespace calando
