#include <gtest/gtest.h>

#include <map>

#include "core/theory/instrument.h"
#include "core/theory/pitch.h"
#include "core/theory/tube.h"

namespace calando {
namespace {

TEST(NoteNames, SurviveTheRoundTripInBothSpellings) {
  for (int semitone = 12; semitone < 120; ++semitone)
    for (const Spelling spelling : {Spelling::flats, Spelling::sharps})
      EXPECT_EQ(parseNote(noteName(semitone, spelling)), semitone);
}

TEST(NoteNames, ReadWhatPeopleWrite) {
  EXPECT_EQ(parseNote("A4"), 69);
  EXPECT_EQ(parseNote("Bb3"), 58);
  EXPECT_EQ(parseNote("B♭3"), 58);
  EXPECT_EQ(parseNote("f#3"), 54);
  EXPECT_EQ(parseNote("Cb4"), 59);  // below C4, though it has its octave number
  EXPECT_EQ(parseNote("B#3"), 60);
  for (const char* wrong : {"", "H4", "A", "4", "Bb", "A4x", "A44", "♭4", "A-7"})
    EXPECT_FALSE(parseNote(wrong)) << wrong;
}

TEST(NoteNames, FollowTheLanguage) {
  for (const NoteLanguage language : {NoteLanguage::english, NoteLanguage::german, NoteLanguage::fixedDo})
    for (const Spelling spelling : {Spelling::flats, Spelling::sharps})
      for (int semitone = 12; semitone < 120; ++semitone) {
        const std::string name = displayName(semitone, spelling, language);
        EXPECT_EQ(parseNote(name, language), semitone) << name;
      }
  for (const auto& [name, semitone] : {std::pair{"b3", 58},
                                       {"Bb3", 58},
                                       {"h3", 59},
                                       {"Es4", 63},
                                       {"Eb4", 63},
                                       {"as4", 68},
                                       {"Ces4", 59},
                                       {"Gis4", 68},
                                       {"F#4", 66}})
    EXPECT_EQ(parseNote(name, NoteLanguage::german), semitone) << name;
  for (const char* wrong : {"Cs4", "Fiss4", "Sol4", "Bes4x", "is4", "H"})
    EXPECT_FALSE(parseNote(wrong, NoteLanguage::german)) << wrong;
  for (const auto& [name, semitone] : {std::pair{"re4", 62}, {"RÉ4", 62}, {"Solb4", 66}, {"si3", 59}})
    EXPECT_EQ(parseNote(name, NoteLanguage::fixedDo), semitone) << name;
  EXPECT_FALSE(parseNote("C4", NoteLanguage::fixedDo));
  EXPECT_EQ(displayName(58, Spelling::sharps, NoteLanguage::german), "Ais3");
  EXPECT_EQ(displayName(63, Spelling::flats, NoteLanguage::german), "Es4");
  EXPECT_EQ(displayName(58, Spelling::flats, NoteLanguage::german), "B3");
  EXPECT_EQ(displayName(59, Spelling::flats, NoteLanguage::german), "H3");
  EXPECT_EQ(displayName(58, Spelling::flats, NoteLanguage::fixedDo), "Si♭3");
  EXPECT_EQ(displayName(66, Spelling::sharps), "F♯4");
}

TEST(Temperament, EqualDoublesEveryTwelveSteps) {
  EXPECT_NEAR(frequencyOf(58, {}), 233.0819, 1e-4);  // published table of A440 equal temperament
  EXPECT_DOUBLE_EQ(frequencyOf(81, {442.0, false, 0}), 884.0);
}

TEST(Temperament, JustFifthAndThirdStandOnTheEqualTonic) {
  const Reference just{440.0, true, 10};  // B flat
  const double tonic = frequencyOf(58, {});
  EXPECT_NEAR(frequencyOf(58, just), tonic, 1e-9);
  EXPECT_NEAR(frequencyOf(65, just), tonic * 3.0 / 2.0, 1e-9);
  EXPECT_NEAR(frequencyOf(62, just), tonic * 5.0 / 4.0, 1e-9);
  EXPECT_NEAR(frequencyOf(57, just), tonic / 2.0 * 15.0 / 8.0,
              1e-9);  // below the tonic: of the octave beneath
  for (int s = 30; s < 100; ++s) EXPECT_EQ(nearestSemitone(frequencyOf(s, just), just), s);
}

TEST(Instruments, CatalogueHoldsEveryIdOfTheContract) {
  for (const char* id : {"flute",         "piccolo",          "alto-flute",
                         "oboe",          "english-horn",     "clarinet-bb",
                         "clarinet-a",    "clarinet-eb",      "bass-clarinet",
                         "bassoon",       "soprano-sax",      "alto-sax",
                         "tenor-sax",     "baritone-sax",     "trumpet-bb",
                         "trumpet-c",     "cornet",           "flugelhorn",
                         "horn-f",        "tenor-horn-eb",    "trombone",
                         "bass-trombone", "euphonium",        "euphonium-treble",
                         "tuba-bb",       "tuba-c",           "tuba-eb",
                         "tuba-f",        "recorder-soprano", "recorder-alto"}) {
    const Instrument* instrument = findInstrument(id);
    ASSERT_NE(instrument, nullptr) << id;
    EXPECT_GT(frequencyOf(instrument->lowest, {}), 26.0) << id;
    EXPECT_LT(frequencyOf(instrument->highest, {}), 4300.0) << id;
  }
  EXPECT_EQ(findInstrument("trumpet-bb")->transposition, -2);
  EXPECT_EQ(findInstrument("horn-f")->transposition, -7);
  EXPECT_EQ(findInstrument("alto-sax")->transposition, -9);
}

TEST(Instruments, ABadCatalogueIsRefusedByEntry) {
  const auto parsed = parseInstruments(R"([{"id":"kazoo","name":"Kazoo","family":"membrane"}])");
  ASSERT_FALSE(parsed);
  EXPECT_NE(english(parsed.error()).find("kazoo"), std::string::npos);
  EXPECT_NE(english(parsed.error()).find("membrane"), std::string::npos);
}

TEST(NaturalSeries, LiesWhereThePartialsLie) {
  const Instrument* trumpet = findInstrument("trumpet-bb");
  const auto series = naturalSeries(*settingNamed("0", trumpet), trumpet, 440.0);
  // Cents of the partials against equal temperament: 1200·log2(n) less the nearest semitone.
  const double expected[] = {0, 0, 1.955, 0, -13.686, 1.955, -31.174, 0, 3.910, -13.686, -48.682};
  for (std::size_t n = 0; n < std::size(expected); ++n) {
    EXPECT_NEAR(series[n].cents, expected[n], 0.001) << n + 1;
    EXPECT_NEAR(series[n].natural_cents, expected[n], 0.001) << n + 1;
  }
  EXPECT_EQ(noteName(series[3].written, Spelling::flats), "C5");
  EXPECT_EQ(noteName(series[3].sounding, Spelling::flats), "Bb4");
  // A stopped cylinder has the odd ones: the clarinet's low E sounds B, then G sharp, low by nature.
  const Instrument* clarinet = findInstrument("clarinet-bb");
  const auto odd = naturalSeries(*settingNamed("E3", clarinet), clarinet, 440.0, 7);
  ASSERT_EQ(odd.size(), 4u);
  EXPECT_EQ(odd[1].partial, 3);
  EXPECT_EQ(noteName(odd[1].written, Spelling::flats), "B4");
  EXPECT_EQ(noteName(odd[2].written, Spelling::sharps), "G#5");
  EXPECT_NEAR(odd[2].cents, -13.686, 0.001);
}

struct Setting {
  const char* instrument;
  const char* name;
  const char* written;
  double cents;  // by hand: 1200·log2 of the sum of the lengths
};
class Settings : public testing::TestWithParam<Setting> {};

TEST_P(Settings, LieWhereTheirTubeLengthsAddUp) {
  const Setting& s = GetParam();
  const Instrument* instrument = findInstrument(s.instrument);
  const auto setting = settingNamed(s.name, instrument);
  ASSERT_TRUE(setting) << english(setting.error());
  EXPECT_EQ(setting->written, *parseNote(s.written));
  EXPECT_NEAR(setting->cents, s.cents, 0.05);
  const double tempered = frequencyOf(instrument->soundingOf(setting->written), {442.0, false, 0});
  EXPECT_NEAR(centsBetween(tempered, setting->hz(instrument, 442.0)), s.cents, 0.05);
}

INSTANTIATE_TEST_SUITE_P(
    Fingerings, Settings,
    testing::Values(Setting{"trumpet-bb", "0", "C3", 0.0}, Setting{"trumpet-bb", "2", "B2", 0.0},
                    Setting{"cornet", "1", "Bb2", 0.0}, Setting{"trumpet-c", "3", "A2", 0.0},
                    Setting{"flugelhorn", "12", "A2", 10.63}, Setting{"trumpet-bb", "23", "Ab2", 15.53},
                    Setting{"trumpet-bb", "13", "G2", 30.32}, Setting{"trumpet-bb", "123", "F#2", 53.56},
                    Setting{"trumpet-bb", "123+", "F#2", 0.0}, Setting{"horn-f", "12", "A1", 10.63},
                    Setting{"horn-f", "T0", "F2", 0.0}, Setting{"horn-f", "T13", "C2", 30.32},
                    Setting{"tuba-bb", "4", "F0", 0.0}, Setting{"euphonium", "24", "E1", 24.55},
                    Setting{"euphonium", "1234", "C#1", -24.71}, Setting{"trombone", "slide1", "Bb1", 0.0},
                    Setting{"trombone", "slide7", "E1", 0.0}, Setting{"trombone", "Tslide1", "F1", 0.0},
                    Setting{"bass-trombone", "Tslide2", "E1", 24.55},
                    Setting{"alto-sax", "Bb3", "Bb3", 0.0}));

TEST(Fingerings, ThatAreNoneAreRefused) {
  for (const auto& [instrument, names] : std::map<std::string, std::vector<std::string>>{
           {"trumpet-bb", {"5", "4", "11", "01", "21", "T0", "0+", "slide3", ""}},
           {"trombone", {"slide0", "slide8", "12", "slide", "T"}},
           {"flute", {"12", "slide1"}}})
    for (const std::string& name : names)
      EXPECT_FALSE(settingNamed(name, findInstrument(instrument))) << name;
}

TEST(Fingerings, AllOfAnInstrumentGoDownwardsAndNameTheirPartials) {
  for (const Instrument& instrument : instruments()) {
    const auto settings = settingsOf(instrument);
    ASSERT_EQ(settings.empty(), instrument.family == Family::recorder) << instrument.id;
    double before = 1e9;
    for (const TubeSetting& setting : settings) {
      EXPECT_EQ(settingNamed(setting.name, &instrument)->written, setting.written) << setting.name;
      const double hz = setting.hz(&instrument, 440.0);
      EXPECT_LE(hz, before + 1e-9) << instrument.id << " " << setting.name;
      before = hz;
      for (int partial = 1; partial <= 12; partial += setting.step)
        for (const double off : {-45.0, 0.0, 45.0})
          EXPECT_EQ(placeOn(shiftedBy(partial * hz, off), setting, &instrument, 440.0)->partial, partial);
    }
    EXPECT_EQ(openSetting(instrument).step, instrument.oddSeries ? 2 : 1);
  }
  const Instrument* trumpet = findInstrument("trumpet-bb");
  EXPECT_FALSE(placeOn(frequencyOf(60, {}), openSetting(*trumpet), trumpet, 440.0));  // between 2 and 3
}

TEST(Fingerings, LowerOnesAreThoseThatPlayersTake) {
  const auto downFrom = [](const char* id, const char* name) {
    const Instrument* instrument = findInstrument(id);
    std::string all;
    for (int half = 0; half < 8; ++half)
      if (const auto lower = loweredBy(*settingNamed(name, instrument), half, instrument))
        all += lower->name + " ";
    return all;
  };
  EXPECT_EQ(downFrom("trumpet-bb", "0"), "0 2 1 12 23 13 123 ");
  EXPECT_EQ(downFrom("horn-f", "T0"), "T0 T2 T1 T12 T23 T13 T123 ");
  EXPECT_EQ(downFrom("euphonium", "0"), "0 2 1 12 23 4 24 124 ");
  EXPECT_EQ(downFrom("trombone", "slide2"), "slide2 slide3 slide4 slide5 slide6 slide7 ");
  EXPECT_EQ(downFrom("alto-sax", "C#4"), "C#4 C4 B3 Bb3 ");
}

TEST(Beats, ComeFromTheDifference) {
  // product: 10 cents at B flat 3 are 1.3 beats a second, at B flat 4 2.7.
  EXPECT_NEAR(beatsPerSecond(233.08, 10), 1.35, 0.01);
  EXPECT_NEAR(beatsPerSecond(466.16, 10), 2.70, 0.01);
}

}  // namespace
}  // namespace calando
