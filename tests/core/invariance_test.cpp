#include <gtest/gtest.h>

#include <cmath>
#include <sstream>

#include "core/base/json_text.h"
#include "core/base/plain_text.h"
#include "core/contract/analysis_json.h"
#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/signal/tracker.h"
#include "support/signals.h"

// What must not change a figure: gain, polarity, sample rate, where in the file the tone stands, and
// transposition.
namespace calando {
namespace {

sounds::ToneSpec lively(double rate) {
  return {.f0_hz = 247.3,
          .seconds = 3.0,
          .rate_hz = rate,
          .before_s = 0.6,
          .after_s = 0.5,
          .cents =
              [](double t) {
                return 9.0 * std::sin(2 * M_PI * 0.7 * t) + 11.0 * std::sin(2 * M_PI * 5.4 * t) -
                       25.0 * std::exp(-t * 15.0);
              },
          .amplitude =
              [](double t) {
                return std::min({1.0, t / 0.05, (3.0 - t) / 0.05}) * (1.0 - 0.1 * t) *
                       (t > 1.5 && t < 1.56 ? 0.0 : 1.0);
              },
          .floor_rms = 3e-4};
}

struct Variant {
  const char* name;
  double rate;
  std::function<void(std::vector<float>&)> change;
  double shift_s = 0.0;
};
class Unchanged : public testing::TestWithParam<Variant> {};

TEST_P(Unchanged, AreTheFigures) {
  const Variant& v = GetParam();
  auto samples = sounds::tone(lively(v.rate));
  const auto plain = sounds::tone(lively(48000));
  v.change(samples);
  const Analysis a = analyse(plain, 48000, {});
  const Analysis b = analyse(samples, v.rate, {});
  ASSERT_EQ(a.tones.size(), 1u);
  ASSERT_EQ(b.tones.size(), 1u);
  const Tone& s = a.tones[0];
  const Tone& t = b.tones[0];
  EXPECT_NEAR(t.start_s - v.shift_s, s.start_s, 0.002);
  EXPECT_NEAR(t.held_s, s.held_s, 0.004);
  ASSERT_EQ(t.dropouts.size(), 1u);
  EXPECT_NEAR(t.dropouts[0].length_s, s.dropouts.at(0).length_s, 0.002);
  ASSERT_EQ(t.notes.size(), s.notes.size());
  const Note& m = s.notes[0];
  const Note& n = t.notes[0];
  EXPECT_NEAR(n.offset_cents.value(), m.offset_cents.value(), 0.3);
  EXPECT_NEAR(n.wander_cents.value(), m.wander_cents.value(), 0.3);
  EXPECT_NEAR(n.vibrato.value().rate_hz, m.vibrato.value().rate_hz, 0.03);
  EXPECT_NEAR(n.vibrato.value().extent_cents, m.vibrato.value().extent_cents, 0.3);
  EXPECT_NEAR(n.level_slope_db_per_s.value(), m.level_slope_db_per_s.value(), 0.05);
  EXPECT_NEAR(n.tilt_db_per_octave.value(), m.tilt_db_per_octave.value(), 0.2);
  EXPECT_NEAR(t.onset.scoop_cents.value(), s.onset.scoop_cents.value(), 1.5);
}

INSTANTIATE_TEST_SUITE_P(By, Unchanged,
                         testing::Values(Variant{"gain_up", 48000,
                                                 [](auto& x) {
                                                   for (float& y : x) y *= 3.0f;
                                                 }},
                                         Variant{"gain_down", 48000,
                                                 [](auto& x) {
                                                   for (float& y : x) y *= 0.02f;
                                                 }},
                                         Variant{"polarity", 48000,
                                                 [](auto& x) {
                                                   for (float& y : x) y = -y;
                                                 }},
                                         Variant{"offset", 48000,
                                                 [](auto& x) {
                                                   for (float& y : x) y += 0.1f;
                                                 }},
                                         Variant{"place", 48000,
                                                 [](auto& x) {
                                                   const auto quiet = sounds::noise(0.737, 3e-4);
                                                   x.insert(x.begin(), quiet.begin(), quiet.end());
                                                 },
                                                 0.737},
                                         Variant{"rate_44100", 44100, [](auto&) {}},
                                         Variant{"rate_96000", 96000, [](auto&) {}},
                                         Variant{"rate_32000", 32000, [](auto&) {}}),
                         [](const auto& info) { return std::string(info.param.name); });

TEST(Transposition, NamesAnotherNoteAndChangesNoFigure) {
  const auto samples = sounds::tone(lively(48000));
  for (const char* id : {"flute", "trumpet-bb", "horn-f", "alto-sax", "tuba-eb"}) {
    Context context;
    context.instrument = findInstrument(id);
    const Note n = analyse(samples, 48000, context).tones.at(0).notes.at(0);
    EXPECT_EQ(n.concert, 59);
    EXPECT_EQ(n.written, 59 - context.instrument->transposition) << id;
    EXPECT_EQ(n.offset_cents, analyse(samples, 48000, {}).tones.at(0).notes.at(0).offset_cents);
  }
}

TEST(ContractJson, HasNoNumbersThatJsonDoesNotKnow) {
  Analysis analysis;
  Tone tone{};
  Note note{};
  note.offset_cents = std::nan("");
  note.f0_hz = INFINITY;
  tone.notes = {note};
  analysis.tones = {tone};
  const auto json = toJson(analysis, {"a\xff.wav", 48000, 1, "mix"}, {});
  EXPECT_TRUE(json["tones"][0]["notes"][0]["offset_cents"].is_null());
  EXPECT_TRUE(json["tones"][0]["notes"][0]["f0_hz"].is_null());
  EXPECT_NE(jsonText(json).find("\"a\xEF\xBF\xBD.wav\""), std::string::npos);
}

TEST(JsonText, KeepsWhatIsValidAndReplacesTheRest) {
  EXPECT_EQ(validUtf8("B♭ und 𝄞"), "B♭ und 𝄞");
  EXPECT_EQ(validUtf8("\xC0\xAF x"), "\uFFFD\uFFFD x");            // overlong
  EXPECT_EQ(validUtf8("\xED\xA0\x80 x"), "\uFFFD\uFFFD\uFFFD x");  // surrogate
  EXPECT_EQ(validUtf8("x\xE2\x99"), "x\uFFFD");                    // cut short
  EXPECT_EQ(validUtf8("\xF5\x80 x"), "\uFFFD\uFFFD x");
}

TEST(TracksCsv, SaysWhatIsToneAndLeavesTheUnknownEmpty) {
  const auto samples = sounds::tone(lively(48000));
  const Tracks tracks = trackAll(samples, 48000);
  const std::string csv = tracksCsv(tracks, analyse(tracks, {}));
  std::istringstream in(csv);
  std::string line;
  std::getline(in, line);
  int tone = 0, silence = 0;
  while (std::getline(in, line)) {
    const bool isTone = line.ends_with(",tone");
    tone += isTone;
    silence += line.ends_with(",silence");
    if (!isTone) {
      EXPECT_NE(line.find(",,"), std::string::npos) << line;
    }
  }
  EXPECT_NEAR(tone, 300, 6);
  EXPECT_GT(silence, 90);
}

}  // namespace
}  // namespace calando
