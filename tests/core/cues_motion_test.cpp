#include "core/cues_fixture.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"

namespace calando {
namespace {

struct MovingPitch {
  const char* name;
  const char* exercise;
  std::function<double(double)> cents;  // over the share of the tone
  double bend, back, error, uneven;     // NAN: not of this kind
};
void PrintTo(const MovingPitch& m, std::ostream* out) { *out << m.name; }

class Motions : public testing::TestWithParam<MovingPitch> {};

TEST_P(Motions, AreMeasuredAsTheyWerePlayed) {
  const MovingPitch& played = GetParam();
  Context context;
  context.exercise = findExercise(played.exercise);
  context.level = findLevel("growing");
  context.asked = {60};
  constexpr double seconds = 7.5;
  const double home = 440.0 * std::exp2((60 - 69) / 12.0);
  std::vector<float> samples = sounds::tone({.f0_hz = home,
                                             .seconds = seconds,
                                             .snr_db = 50,
                                             .before_s = 0.5,
                                             .after_s = 0.5,
                                             .cents = [&](double t) { return played.cents(t / seconds); }});
  const Analysis analysis = analyse(samples, 48000.0, context);
  ASSERT_EQ(analysis.cues.size(), 1u);
  const CueResult& cue = analysis.cues[0];
  ASSERT_TRUE(cue.matched);
  const auto agrees = [](const std::optional<double>& measured, double truth, double within) {
    if (std::isnan(truth))
      EXPECT_FALSE(measured);
    else
      EXPECT_NEAR(measured.value_or(1e9), truth, within);
  };
  EXPECT_EQ(cue.bend == nullptr, std::isnan(played.bend));
  if (cue.bend) {
    agrees(cue.bend->depth_cents, played.bend, 2.0);
    agrees(cue.bend->return_cents, played.back, 1.0);
  }
  agrees(cue.pitch.glide_error_cents, played.error, 2.0);
  agrees(cue.pitch.glide_uneven_cents, played.uneven, 1.5);
}

double bentBy(double deepest, double end, double share) {  // there over the first half, back over the second
  const double way = 0.5 - 0.5 * std::cos(2.0 * M_PI * std::clamp((share - 0.1) / 0.8, 0.0, 1.0));
  return deepest * way + (share > 0.5 ? end * std::clamp((share - 0.5) / 0.4, 0.0, 1.0) : 0.0);
}
double slidTo(double end, double share) { return end * std::clamp((share - 0.04) / 0.92, 0.0, 1.0); }

/// A slide that rests 0.3 s on either note, held against the line between the middles of its first and last
/// 120 ms (which begin 50 ms inside): a triangle's RMS on either side of the middle.
double restingSlide(double way) { return way * (0.3 - 0.11) / (7.5 - 0.22) / std::sqrt(3.0); }

INSTANTIATE_TEST_SUITE_P(
    Of, Motions,
    testing::Values(MovingPitch{"half_a_step_and_back", "bend-return",
                                [](double s) { return bentBy(-50, 0, s); }, -50, 0, NAN, NAN},
                    MovingPitch{"a_step_and_not_quite_back", "bend-return",
                                [](double s) { return bentBy(-100, -14, s); }, -101.5, -14, NAN, NAN},
                    MovingPitch{"upwards", "bend-return", [](double s) { return bentBy(60, 0, s); }, 60, 0,
                                NAN, NAN},
                    MovingPitch{"an_even_slide", "slide-fourth", [](double s) { return slidTo(500, s); }, NAN,
                                NAN, 0, restingSlide(500)},
                    MovingPitch{"a_slide_too_short", "slide-fourth", [](double s) { return slidTo(440, s); },
                                NAN, NAN, -60, restingSlide(440)},
                    // Half of the way in the first quarter, the rest over the other three: its RMS about the
                    // straight line is 500 / 4 / sqrt 3.
                    MovingPitch{"a_slide_that_hurries", "slide-fourth",
                                [](double s) {
                                  return s < 0.25 ? slidTo(1000, s) - slidTo(1000, 0.0) * s
                                                  : 250.0 + 250.0 * std::clamp((s - 0.25) / 0.71, 0.0, 1.0);
                                },
                                NAN, NAN, 0, 72.2}),
    [](const auto& info) { return std::string(info.param.name); });

class Paths : public testing::TestWithParam<int> {};

TEST_P(Paths, AreHeldAgainstThePitchMomentByMoment) {
  std::mt19937 random(static_cast<unsigned>(GetParam()));
  const auto between = [&](double low, double high) {
    return std::uniform_real_distribution(low, high)(random);
  };
  constexpr double seconds = 8.0;
  const int corners = 3 + GetParam() % 4;
  std::vector<double> way;
  std::string json;
  for (int i = 0; i <= corners; ++i) {
    way.push_back(std::round(between(-250.0, 250.0)));
    json += (i ? ", [" : "[") + std::to_string(static_cast<double>(i) / corners) + ", " +
            std::to_string(way.back()) + "]";
  }
  const double sharp = between(-25.0, 25.0), astray = between(0.0, 40.0), rate_hz = between(0.3, 1.2);
  const auto card = parseExercise(R"({"id": "x", "title": "X", "family": "f", "purpose": "p", "tempo": 60,
    "cues": [{"kind": "bend", "beats": 8, "note": "home", "pitch": [)" +
                                  json + R"(]}], "readings": ["path_error_cents"]})");
  ASSERT_TRUE(card) << english(card.error());
  Context context;
  context.exercise = std::make_shared<Exercise>(*card);
  context.level = findLevel("growing");
  context.asked = {60};
  context.start_s = 0.5;
  const auto samples = sounds::tone({.f0_hz = 440.0 * std::exp2((60 - 69) / 12.0),
                                     .seconds = seconds,
                                     .snr_db = 50,
                                     .before_s = 0.5,
                                     .after_s = 0.5,
                                     .cents = [&](double t) {
                                       const double at = std::clamp(t / seconds, 0.0, 0.9999) * corners;
                                       const auto leg = static_cast<std::size_t>(at);
                                       return sharp + way[leg] +
                                              (at - std::floor(at)) * (way[leg + 1] - way[leg]) +
                                              astray * std::sin(2.0 * M_PI * rate_hz * t);
                                     }});
  const Analysis analysis = analyse(samples, 48000.0, context);
  ASSERT_EQ(analysis.cues.size(), 1u);
  // The mean of a wave that does not close is taken off as the distance is.
  double sum = 0.0, squares = 0.0;
  for (int i = 0; i < 790; ++i) {
    const double off = astray * std::sin(2.0 * M_PI * rate_hz * (0.05 + 0.01 * i));
    sum += off;
    squares += off * off;
  }
  const double truth = std::sqrt(squares / 790 - std::pow(sum / 790, 2.0));
  const CueResult& cue = analysis.cues[0];
  EXPECT_NEAR(cue.pitch.path_error_cents.value_or(1e9), truth, 0.5 + 0.02 * truth);
  EXPECT_NEAR(cue.pitch.offset_cents.value_or(1e9), sharp + sum / 790, 1.0);
  // One sound, however many notes its pitch goes through.
  EXPECT_NEAR(cue.count.place_ms.value_or(1e9), 0.0, 20.0);
  EXPECT_NEAR(cue.count.length_error_beats.value_or(1e9), 0.0, 0.03);
  EXPECT_EQ(analysis.readings[0].value, analysis.cues[0].pitch.path_error_cents);
  EXPECT_EQ(analysis.advice.at(0).id == "off-the-path", truth > 20.0);
}
INSTANTIATE_TEST_SUITE_P(Drawn, Paths, testing::Range(1, 9));

TEST(Paths, ArePlayedByTheStandIn) {
  const auto card = parseExercise(R"({"id": "x", "title": "X", "family": "f", "purpose": "p", "tempo": 60,
    "count_in": 2, "cues": [{"kind": "bend", "beats": 6, "note": "home",
    "pitch": [[0, 0], [0.3, -120], [0.6, 60], [1, 0]]}], "readings": ["path_error_cents"]})");
  Context context;
  context.exercise = std::make_shared<Exercise>(*card);
  context.level = findLevel("growing");
  context.asked = {60};
  const Performance played = perform(*findPlayer("steady"), unroll(context), context, 3);
  context.start_s = played.truth.cues.front().start_s;
  const Analysis heard = analyse(played.samples, played.rate_hz, context);
  EXPECT_LT(heard.cues[0].pitch.path_error_cents.value_or(1e9), 8.0);
  context.exercise = findExercise("bend-return");
  EXPECT_FALSE(analyse(played.samples, played.rate_hz, context).cues[0].pitch.path_error_cents);
}

}  // namespace
}  // namespace calando
