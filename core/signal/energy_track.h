#pragma once

#include <span>
#include <vector>

namespace calando {

/// Mean square of a signal in bins of half a millisecond, so that the RMS over any stretch can be read off
/// later without keeping the audio: 8 kB a second.
class EnergyTrack {
 public:
  explicit EnergyTrack(double rate_hz);

  void push(std::span<const float> samples);
  double binSeconds() const { return binSamples_ / rate_; }
  double seconds() const { return static_cast<double>(bins_.size()) * binSeconds(); }
  /// Mean square over [from_s, to_s), interpolated between bins; what lies outside counts as silence.
  double meanSquare(double from_s, double to_s) const;
  /// 10·log10 of it, not below kSilence_db.
  double level_dbfs(double from_s, double to_s) const;

  static constexpr double kSilence_db = -140.0;

 private:
  double cumulated(double bin) const;

  double rate_;
  int binSamples_;
  std::vector<float> bins_;        // mean square of each bin
  std::vector<double> cumulated_;  // sums up to every kBlock-th bin
  double sum_ = 0.0;
  double pending_ = 0.0;
  int pendingSamples_ = 0;
};

}  // namespace calando
