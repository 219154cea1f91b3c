#include "core/measure/pair/beat_rates.h"

#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/pair/pair_line.h"

namespace calando {

namespace {

constexpr double kFaster = 3.0;   // than a window could not have missed
constexpr double kGoing_s = 0.2;  // by what was seen for so long they go on unseen
constexpr std::size_t kFewestGoing = 3;
constexpr double kSameTime_s = 1e-6;

}  // namespace

BeatRates::BeatRates(double both_s, const PairTrack& pair, const Ratio& ratio) {
  for (const PairFrame& frame : pair.frames)
    if (frame.two && frame.at_s >= both_s)
      told_.push_back({frame.at_s, beatOf(frame.fit.hz[0], frame.fit.hz[1], ratio)});
  const auto isSlow = [&](const BeatFrame& beat) {
    return beat.spread_hz < kLock_hz && std::ranges::none_of(told_, [&](const Rate& rate) {
             return std::abs(rate.at_s - beat.at_s) < 0.5 * beat.window_s &&
                    rate.hz > kFaster * beat.spread_hz;
           });
  };
  for (const BeatFrame& beat : pair.beats)
    if (beat.at_s >= both_s && (beat.resolved || isSlow(beat))) all_.push_back({beat.at_s, beat.rate_hz});
  all_.insert(all_.end(), told_.begin(), told_.end());
  std::ranges::sort(all_, {}, &Rate::at_s);
}

std::optional<double> BeatRates::at(double at_s) const {
  if (all_.empty()) return std::nullopt;
  const auto after = std::ranges::lower_bound(all_, at_s, {}, &Rate::at_s);
  if (after == all_.begin()) return after->hz;
  if (after == all_.end()) return all_.back().hz;
  const auto before = std::prev(after);
  const double straight =
      std::lerp(before->hz, after->hz, (at_s - before->at_s) / (after->at_s - before->at_s));
  const bool nears = before->hz > after->hz;
  const Rate &far = nears ? *before : *after, &near = nears ? *after : *before;
  const double from_s = nears ? far.at_s - kGoing_s : far.at_s;
  const auto going = goingBy(from_s, from_s + kGoing_s);
  if (!going) return straight;
  return std::min(straight, std::max(near.hz, far.hz + *going * (at_s - far.at_s)));
}

std::optional<double> BeatRates::goingBy(double from_s, double to_s) const {
  std::vector<double> times, rates;
  for (auto rate = std::ranges::lower_bound(told_, from_s - kSameTime_s, {}, &Rate::at_s);
       rate != told_.end() && rate->at_s <= to_s + kSameTime_s; ++rate) {
    times.push_back(rate->at_s);
    rates.push_back(rate->hz);
  }
  if (times.size() < kFewestGoing) return std::nullopt;
  return leastSquaresSlope(times, rates);
}

}  // namespace calando
