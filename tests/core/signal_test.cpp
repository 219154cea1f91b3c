#include <gtest/gtest.h>

#include <cmath>
#include <numbers>
#include <random>

#include "core/live/input_meter.h"
#include "core/maths/filters.h"
#include "core/maths/interpolate.h"
#include "core/maths/statistics.h"
#include "core/pitch/coarse_pitch.h"
#include "core/pitch/period_chain.h"
#include "core/pitch/pitch_path.h"
#include "core/pitch/quick_pitch.h"
#include "core/pitch/refine_pitch.h"
#include "core/signal/energy_track.h"
#include "core/signal/pitch_curve.h"
#include "core/signal/tone_colour.h"
#include "core/signal/tracker.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

constexpr double kTau = 2.0 * std::numbers::pi;

std::vector<float> sine(double hz, double seconds, double rate, double amplitude = 0.5) {
  std::vector<float> x(static_cast<std::size_t>(seconds * rate));
  for (std::size_t n = 0; n < x.size(); ++n)
    x[n] = static_cast<float>(amplitude * std::sin(kTau * hz * static_cast<double>(n) / rate));
  return x;
}

SlidingSignal signalOf(const std::vector<float>& samples, double rate) {
  SlidingSignal s(rate);
  for (const float x : samples) s.push(x);
  return s;
}

double rmsOf(const SlidingSignal& s, long from, long to) {
  double sum = 0.0;
  for (long n = from; n < to; ++n) sum += static_cast<double>(s.at(n)) * s.at(n);
  return std::sqrt(sum / static_cast<double>(to - from));
}

TEST(SlidingSignal, IsSilentOutsideAndKeepsItsNumbering) {
  SlidingSignal s = signalOf(std::vector<float>(1000, 1.0f), 1000);
  s.forgetBefore(900);
  EXPECT_EQ(s.at(-1), 0.0f);
  EXPECT_EQ(s.at(950), 1.0f);
  EXPECT_EQ(s.at(1000), 0.0f);
  EXPECT_EQ(s.end(), 1000);
  EXPECT_FALSE(s.holds(800, 950));
  EXPECT_TRUE(s.holds(900, 1000));
}

struct RateCase {
  double rate, decimated;
};
class Decimation : public testing::TestWithParam<RateCase> {};

TEST_P(Decimation, KeepsWhatLiesBelowTenKilohertzInPlaceAndTakesOutWhatWouldFoldOntoIt) {
  const auto [rate, wanted] = GetParam();
  for (const double hz : {100.0, 1000.0, 7000.0, 9500.0}) {
    FirStage stage = decimationFor(rate);
    ASSERT_NEAR(stage.outputRate(), wanted, 1e-9);
    if (hz > 0.45 * rate) continue;
    SlidingSignal out(stage.outputRate());
    const auto x = sine(hz, 0.5, rate);
    stage.push(std::span(x).first(x.size() / 3), out);  // in pieces
    stage.push(std::span(x).subspan(x.size() / 3), out);
    stage.finish(out);
    for (long n = 1000; n < 3000; n += 7)
      ASSERT_NEAR(out.at(n), 0.5 * std::sin(kTau * hz * static_cast<double>(n) / wanted), 3e-4) << hz;
  }
  if (rate < 44000.0) return;
  FirStage stage = decimationFor(rate);
  SlidingSignal out(stage.outputRate());
  stage.push(sine(wanted - 5000.0, 0.5, rate), out);  // would come out at 5 kHz
  stage.finish(out);
  EXPECT_LT(rmsOf(out, 1000, 3000), 0.5 / std::sqrt(2.0) * 1e-4);  // 80 dB
}
INSTANTIATE_TEST_SUITE_P(AllRates, Decimation,
                         testing::Values(RateCase{8000, 8000}, RateCase{22050, 22050}, RateCase{32000, 32000},
                                         RateCase{44100, 22050}, RateCase{48000, 24000},
                                         RateCase{96000, 24000}, RateCase{192000, 24000}));

TEST(BandLimit, EndsAtTenKilohertz) {
  const auto gain = [](double hz) {
    FirStage stage = bandLimitFor(24000);
    SlidingSignal out(24000);
    stage.push(sine(hz, 0.5, 24000), out);
    stage.finish(out);
    return 20.0 * std::log10(rmsOf(out, 2000, 10000) / (0.5 / std::sqrt(2.0)));
  };
  EXPECT_NEAR(gain(1000), 0.0, 0.01);
  EXPECT_NEAR(gain(9300), 0.0, 0.05);
  EXPECT_NEAR(gain(10000), -6.0, 0.3);  // half way down the slope, in amplitude
  EXPECT_LT(gain(10800), -60.0);
}

TEST(RumbleFilter, DoesWhatItSaysOfItself) {
  for (const double hz : {30.0, 60.0, 120.0, 1000.0}) {
    Butterworth filter = rumbleFilter(24000);
    SlidingSignal out(24000);
    for (const float x : sine(hz, 1.0, 24000)) out.push(filter(x));
    const double power = std::pow(rmsOf(out, 12000, 24000) / (0.5 / std::sqrt(2.0)), 2);
    EXPECT_NEAR(power, rumbleFilter(24000).gainAt(hz), 0.01 * power) << hz;
    // Butterworth of the fourth order: 1 / (1 + (60/f)^8), but for the bilinear warp.
    EXPECT_NEAR(power, 1.0 / (1.0 + std::pow(60.0 / hz, 8)), 0.01 * power + 1e-9) << hz;
  }
}

TEST(Interpolation, ReadsBetweenTheSamples) {
  for (const double hz : {100.0, 2000.0, 6000.0, 9500.0}) {
    const SlidingSignal s = signalOf(sine(hz, 0.2, 24000), 24000);
    double worst = 0.0;
    for (double place = 500.0; place < 4000.0; place += 3.37)
      worst = std::max(worst, std::abs(readAt(s, place) - 0.5 * std::sin(kTau * hz * place / 24000.0)));
    EXPECT_LT(worst, hz < 7000.0 ? 1e-3 : 2e-3) << hz;
  }
}

TEST(EnergyTrack, AgreesWithTheSamplesItSaw) {
  const auto x = sounds::noise(1.0, 0.1);
  EnergyTrack track(48000);
  track.push(std::span(x).first(777));
  track.push(std::span(x).subspan(777));
  for (const auto& [from, to] : {std::pair{0.1, 0.15}, std::pair{0.2003, 0.9017}}) {
    double sum = 0.0;
    for (auto n = static_cast<std::size_t>(from * 48000); n < static_cast<std::size_t>(to * 48000); ++n)
      sum += static_cast<double>(x[n]) * x[n];
    EXPECT_NEAR(track.meanSquare(from, to), sum / ((to - from) * 48000), 0.03 * 0.01);
  }
  EXPECT_NEAR(track.meanSquare(0.9, 1.1), 0.01 / 2.0, 0.0005);  // half of it is after the end: silence
  EXPECT_EQ(track.level_dbfs(3.0, 4.0), EnergyTrack::kSilence_db);
}

class AutocorrelationOf : public testing::TestWithParam<std::pair<std::size_t, std::size_t>> {};

TEST_P(AutocorrelationOf, IsTheSumOfProductsAtEveryLagAndRunAfterRun) {
  const auto [samples, lags] = GetParam();
  Autocorrelation autocorrelation(samples, lags);
  std::mt19937 random(7);
  std::normal_distribution<float> noise(0.1f, 1.0f);
  for (int run = 0; run < 2; ++run) {
    std::vector<float> x(samples);
    for (float& v : x) v = noise(random);
    std::ranges::copy(x, autocorrelation.samples().begin());
    const auto result = autocorrelation.run();
    ASSERT_EQ(result.size(), lags);
    for (std::size_t lag = 0; lag < lags; ++lag) {
      double sum = 0.0;
      for (std::size_t j = 0; j + lag < samples; ++j) sum += static_cast<double>(x[j]) * x[j + lag];
      ASSERT_NEAR(result[lag], sum, 2e-6 * static_cast<double>(samples)) << "lag " << lag;
    }
  }
}

INSTANTIATE_TEST_SUITE_P(Lengths, AutocorrelationOf,
                         testing::Values(std::pair{2044, 922}, std::pair{1022, 478}, std::pair{511, 256},
                                         std::pair{7, 3}, std::pair{1, 1}, std::pair{16, 16}));

TEST(CoarsePitch, HeightsTellTheSignalToNoiseRatio) {
  for (const double snr : {30.0, 10.0, 3.0}) {
    const auto x = sounds::tone({.f0_hz = 220.0, .seconds = 0.5, .rate_hz = 24000, .snr_db = snr});
    CoarsePitch coarse(24000, 0.085, kLowestPitch_hz);
    const auto candidates = coarse.candidates(signalOf(x, 24000), 0.25);
    ASSERT_FALSE(candidates.empty());
    const auto right = std::ranges::find_if(
        candidates, [](const PitchCandidate& c) { return std::abs(sounds::cents(220.0, c.f0_hz)) < 15.0; });
    ASSERT_NE(right, candidates.end());
    const double ratio = std::pow(10.0, snr / 10.0);
    EXPECT_NEAR(right->height, ratio / (1.0 + ratio), 0.06) << snr;
  }
}

TEST(CoarsePitch, HasNothingToSayOfSilence) {
  CoarsePitch coarse(24000, 0.085, kLowestPitch_hz);
  EXPECT_TRUE(coarse.candidates(signalOf(std::vector<float>(24000, 0.0f), 24000), 0.5).empty());
}

using Frames = std::vector<std::vector<PitchCandidate>>;

std::vector<double> decided(const Frames& frames, std::size_t lag) {
  PitchPath path(lag);
  std::vector<double> out;
  const auto add = [&out](const PitchPath::Decision& d) { out.push_back(d ? d->f0_hz : 0.0); };
  for (const auto& frame : frames)
    if (const auto decision = path.push(frame)) add(*decision);
  for (const auto& decision : path.finish()) add(decision);
  return out;
}

TEST(PitchPath, DoesNotFollowASingleFrameAway) {
  Frames frames(20, {{200.0, 0.95}, {100.0, 0.94}});
  frames[10] = {{200.0, 0.80}, {100.0, 0.94}};
  for (const double f : decided(frames, 100)) EXPECT_EQ(f, 200.0);
}

TEST(PitchPath, FollowsARealLeapAndFallsSilent) {
  Frames frames(10, {{200.0, 0.95}});
  for (int i = 0; i < 10; ++i) frames.push_back({{300.0, 0.95}});
  for (int i = 0; i < 10; ++i) frames.push_back({{300.0, 0.35}});
  const auto f = decided(frames, 100);
  EXPECT_EQ(f[9], 200.0);
  EXPECT_EQ(f[10], 300.0);
  EXPECT_EQ(f[25], 0.0);
}

TEST(PitchPath, GivesEachFrameOnceForAnyLag) {
  std::mt19937 random(5);
  std::uniform_real_distribution<double> height(0.3, 1.0);
  Frames frames(300);
  for (auto& frame : frames)
    frame = {{200.0, height(random)}, {400.0, height(random)}, {133.0, height(random)}};
  const auto whole = decided(frames, 1000);
  ASSERT_EQ(whole.size(), frames.size());
  EXPECT_EQ(decided(frames, 100), whole);  // the paths have merged long before
  EXPECT_EQ(decided(frames, 7).size(), frames.size());
}

/// Whoever walks along a tone by its periods may step beside it, and must get on.
TEST(PitchCurve, BesideAToneIsWhatItBeginsAndEndsWith) {
  PitchCurve curve;
  for (int i = 0; i < 40; ++i) curve.push(i < 10 || i >= 30 ? 0.0 : 64.0 + i, 0.0);
  for (const int frame : {0, 5, 8, 9}) EXPECT_EQ(curve.at(frame * kHop_s + 0.004), 74.0) << frame;
  for (const int frame : {30, 31, 39}) EXPECT_EQ(curve.at(frame * kHop_s + 0.004), 93.0) << frame;
  EXPECT_EQ(curve.at(9.0), 93.0);
}

TEST(Tracker, GetsOnWithPitchesThatLeapAndSlide) {
  sounds::Dice dice(8080);
  std::vector<float> sound;
  while (sound.size() < 40 * 48000) {
    const double hz = std::exp(dice(std::log(40.0), std::log(900.0))), octaves = dice(-1.5, 1.5);
    const double seconds = dice(0.05, 0.5), slide_s = dice(0.03, 0.4);
    sounds::ToneSpec spec{
        .f0_hz = hz, .seconds = seconds, .snr_db = dice(3.0, 40.0), .after_s = dice(0.0, 0.15)};
    spec.cents = [=](double t) { return 1200.0 * octaves * std::min(1.0, t / slide_s); };
    spec.seed = static_cast<unsigned>(dice.whole(1, 1 << 20));
    const auto next = sounds::tone(spec);
    sound.insert(sound.end(), next.begin(), next.end());
  }
  for (const ColourFrame& colour : trackAll(sound, 48000.0).colours)
    ASSERT_TRUE(std::isfinite(colour.hnr_db));
}

// Sound that is cut, as where it stumbles, between any two frequencies: never outside of them by more than
// half a sample of lag, and never a frequency that cannot be.
TEST(QuickPitch, StaysWhereItIsLookedFor) {
  sounds::Dice dice(520);
  int found = 0;
  for (int i = 0; i < 4000; ++i) {
    SlidingSignal signal(12000);
    const double hz = dice(80, 980), low = dice(60, 760), high = low * dice(1.05, 2.05);
    const int cut = dice.whole(0, 1999), until = cut + dice.whole(0, 200);
    for (int n = 0; n < 2000; ++n)
      signal.push(n > cut && n < until
                      ? 0.0f
                      : static_cast<float>(0.1 * std::sin(6.2832 * hz * n / 12000) + dice(-0.005, 0.005)));
    const auto quick = quickPitch(signal, dice(0.02, 0.15), low, high);
    if (!quick) continue;
    ++found;
    EXPECT_GE(quick->f0_hz, 12000.0 / (std::ceil(12000.0 / low) + 0.5) - 1e-3);
    EXPECT_LE(quick->f0_hz, 12000.0 / (std::floor(12000.0 / high) - 0.5) + 1e-3);
  }
  EXPECT_GT(found, 3000);
}

TEST(PitchRefiner, RefusesNoise) {
  const SlidingSignal s = signalOf(sounds::noise(1.0, 0.1, 24000), 24000);
  PitchRefiner refiner;
  int agreed = 0;
  for (double t = 0.2; t < 0.8; t += 0.01) agreed += refiner.refine(s, t, 220.0, 220.0).has_value();
  EXPECT_LT(agreed, 45);  // partials of noise agree by chance now and then
}

TEST(ToneColour, TakesALinearSwellForNoNoise) {
  for (const double slope : {0.0, 3.0, -3.0}) {  // of the amplitude, a second
    auto x = sounds::tone({.f0_hz = 220.0, .seconds = 0.6, .rate_hz = 24000, .snr_db = 90});
    for (std::size_t n = 0; n < x.size(); ++n)
      x[n] *= static_cast<float>(1.0 + slope * (static_cast<double>(n) / 24000.0 - 0.3));
    ToneColour colour(24000);
    const auto frame = colour.measure(
        signalOf(x, 24000), 0.3, 0.0, 0.6, [](double) { return 220.0; }, false);
    ASSERT_TRUE(frame);
    EXPECT_GT(frame->hnr_db, 45.0) << slope;
  }
}

TEST(ToneColour, NeedsSixPeriods) {
  const SlidingSignal s = signalOf(sine(100.0, 0.5, 24000), 24000);
  ToneColour colour(24000);
  const auto flat = [](double) { return 100.0; };
  EXPECT_FALSE(colour.measure(s, 0.25, 0.23, 0.27, flat, true));
  EXPECT_TRUE(colour.measure(s, 0.25, 0.20, 0.30, flat, true));
}

TEST(PeriodChain, FindsNothingBetweenPeriodsThatAreAlike) {
  const auto periodsOf = [](double hz, double to_s, double f0_hz) {
    PeriodChain chain;
    chain.restart(0.1);
    return chain.measure(signalOf(sine(hz, 0.3, 24000), 24000), to_s, f0_hz);
  };
  const auto frame = periodsOf(317.3, 0.2, 317.0);
  ASSERT_TRUE(frame);
  for (const float jitter : frame->jitter_percent) EXPECT_LT(jitter, 0.01f);
  EXPECT_LT(frame->shimmer_db, 0.01);
  EXPECT_FALSE(periodsOf(100.0, 0.11, 100.0));
}

TrackFrame frameOf(float f0_hz) {
  TrackFrame frame;
  frame.f0_hz = f0_hz;
  return frame;
}

TEST(LatestSound, BridgesShortGapsAndNoLongOnesAndLeavesClicksOut) {
  Tracks tracks;
  const auto add = [&](int frames, float f0) {
    tracks.frames.insert(tracks.frames.end(), static_cast<std::size_t>(frames), frameOf(f0));
  };
  EXPECT_EQ(latestSound(tracks).held_s, 0.0);
  add(50, 220.0f);
  add(30, 0.0f);
  add(100, 220.0f);
  add(10, 0.0f);
  add(100, 220.0f);
  EXPECT_NEAR(latestSound(tracks).held_s, 2.1, 1e-9);
  EXPECT_NEAR(latestSound(tracks).sinceEnd_s, 0.0, 1e-9);
  add(40, 0.0f);
  EXPECT_NEAR(latestSound(tracks).held_s, 2.1, 1e-9);
  EXPECT_NEAR(latestSound(tracks).sinceEnd_s, 0.4, 1e-9);
  add(6, 2000.0f);
  add(60, 0.0f);
  add(8, 2000.0f);
  EXPECT_NEAR(latestSound(tracks).held_s, 2.1, 1e-9);
  EXPECT_NEAR(latestSound(tracks).sinceEnd_s, 1.14, 1e-9);
}

TEST(Statistics, KnowTheirClosedForms) {
  EXPECT_EQ(median({3, 1, 2}), 2.0);
  EXPECT_EQ(median({4, 1, 2, 3}), 2.5);
  EXPECT_FALSE(medianOf({}));
  EXPECT_EQ(quantile({5, 1, 4, 2, 3}, 0.25), 2.0);
  EXPECT_NEAR(standardDeviation(std::vector<double>{1, 2, 3, 4}), std::sqrt(1.25), 1e-12);
  EXPECT_NEAR(leastSquaresSlope(std::vector<double>{0, 1, 2}, std::vector<double>{1, 3, 5}), 2.0, 1e-12);
  EXPECT_EQ(leastSquaresSlope(std::vector<double>{1, 1}, std::vector<double>{1, 3}), 0.0);
}

TEST(Statistics, TheilSenIgnoresOutliers) {
  std::vector<double> y;
  for (int i = 0; i < 1000; ++i) y.push_back(i % 10 == 0 ? 500.0 : 0.03 * i);
  EXPECT_NEAR(theilSenSlope(y, 0.01), 3.0, 0.1);
}

TEST(Statistics, LowPassKeepsSlopesAndSlowWavesAndTakesFastOnes) {
  std::vector<double> slope, slow, fast;
  for (int i = 0; i < 400; ++i) {
    slope.push_back(0.5 * i - 20.0);
    slow.push_back(std::sin(kTau * 1.0 * i * 0.01));
    fast.push_back(std::sin(kTau * 6.0 * i * 0.01));
  }
  const auto a = lowPass(slope, 0.01, 3.0), b = lowPass(slow, 0.01, 3.0), c = lowPass(fast, 0.01, 3.0);
  for (std::size_t i = 0; i < 400; ++i) {
    EXPECT_NEAR(a[i], slope[i], 1e-6);
    if (i < 60 || i > 340) continue;
    EXPECT_NEAR(b[i], slow[i], 0.03);
    EXPECT_NEAR(c[i], 0.0, 0.03);
  }
}

}  // namespace
}  // namespace calando
