#include "core/signal/energy_track.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {
constexpr double kBin_s = 0.0005;
constexpr std::size_t kBlock = 16;
}  // namespace

EnergyTrack::EnergyTrack(double rate_hz)
    : rate_(rate_hz), binSamples_(std::max(1, static_cast<int>(std::lround(rate_hz * kBin_s)))) {}

void EnergyTrack::push(std::span<const float> samples) {
  for (const float x : samples) {
    pending_ += static_cast<double>(x) * x;
    if (++pendingSamples_ < binSamples_) continue;
    if (bins_.size() % kBlock == 0) cumulated_.push_back(sum_);
    const double mean = pending_ / binSamples_;
    bins_.push_back(static_cast<float>(mean));
    sum_ += bins_.back();
    pending_ = 0.0;
    pendingSamples_ = 0;
  }
}

double EnergyTrack::cumulated(double bin) const {
  if (!(bin > 0.0)) return 0.0;  // what is no number, too
  if (bin >= static_cast<double>(bins_.size())) return sum_;
  const auto whole = static_cast<std::size_t>(bin);
  double total = cumulated_[whole / kBlock];
  for (std::size_t i = whole / kBlock * kBlock; i < whole; ++i) total += bins_[i];
  return total + (bin - static_cast<double>(whole)) * bins_[whole];
}

double EnergyTrack::meanSquare(double from_s, double to_s) const {
  if (to_s <= from_s) return 0.0;
  const double from = from_s / binSeconds();
  const double to = to_s / binSeconds();
  return std::max(0.0, (cumulated(to) - cumulated(from)) / (to - from));
}

double EnergyTrack::level_dbfs(double from_s, double to_s) const {
  const double power = meanSquare(from_s, to_s);
  return power <= 1e-14 ? kSilence_db : 10.0 * std::log10(power);
}

}  // namespace calando
