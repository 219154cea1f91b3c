#include "core/live/input_meter.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>
#include <span>

#include "support/signals.h"

namespace calando {
namespace {

TEST(InputMeter, ReadsLevelAndPeakInDecibelsOfFullScale) {
  InputMeter meter(48000);
  std::vector<float> sine(4800);
  for (std::size_t n = 0; n < sine.size(); ++n)
    sine[n] = static_cast<float>(
        0.5 * std::sin(2.0 * std::numbers::pi * 1000.0 * static_cast<double>(n) / 48000.0));
  meter.push(sine);
  const InputState s = meter.state(0);
  EXPECT_NEAR(s.level_dbfs, 20.0 * std::log10(0.5 / std::sqrt(2.0)), 0.01);
  EXPECT_NEAR(s.peak_dbfs, 20.0 * std::log10(0.5), 0.1);
  EXPECT_EQ(s.remark, InputState::Remark::none);
  EXPECT_EQ(meter.state(3).remark, InputState::Remark::lost);
}

TEST(InputMeter, HearsWhichToneGoesOnAndNoneInNoiseOrOnTheWay) {
  for (const double f0_hz : {41.2, 82.4, 233.1, 587.3, 1760.0}) {
    InputMeter meter(48000);
    const auto hear = [&](const std::vector<float>& samples) {
      double sounds_hz = 0.0;
      for (std::size_t from = 0; from < samples.size(); from += 2400) {
        meter.push(std::span(samples).subspan(from, std::min<std::size_t>(2400, samples.size() - from)));
        sounds_hz = meter.state(0).sounds_hz;
      }
      return sounds_hz;
    };
    EXPECT_EQ(hear(sounds::noise(0.5, 0.01)), 0.0) << f0_hz;
    EXPECT_NEAR(sounds::cents(f0_hz, hear(sounds::tone({.f0_hz = f0_hz, .seconds = 0.6}))), 0.0, 15.0);
    EXPECT_EQ(hear(sounds::noise(0.5, 1e-4)), 0.0) << f0_hz;
  }
}

TEST(InputMeter, DoesNotTakeAPlayersPausesForAnAutomaticGain) {
  InputMeter meter(48000);
  for (int i = 0; i < 5; ++i) {
    meter.push(sounds::tone({.seconds = 1.5, .floor_rms = 2e-4}));
    meter.push(sounds::noise(2.0, 2e-4));
    meter.push(sounds::noise(0.6, 4e-3));  // breathes in
  }
  EXPECT_EQ(meter.state(0).remark, InputState::Remark::none);
}

}  // namespace
}  // namespace calando
