#include "cli/contract_fixture.h"

namespace {

TEST_F(Contract, JustIntonationMovesTheTarget) {
  const auto file = tone("a.wav", {.f0_hz = 233.08 * 5 / 4, .seconds = 1.5, .before_s = 0.3, .after_s = 0.3});
  const auto offset = [&](const std::string& options) {
    return json::parse(run("analyse " + file + options).out)["tones"][0]["notes"][0]["offset_cents"]
        .get<double>();
  };
  EXPECT_NEAR(offset(""), -13.69, 0.1);
  EXPECT_NEAR(offset(" --temperament just --tonic Bb"), 0.0, 0.1);
  EXPECT_NEAR(offset(" --target-hz 290"), sounds::cents(290, 233.08 * 5 / 4), 0.1);
}

TEST_F(Contract, ACardOfOnesOwnSaysWhatThePitchIsHeldAgainst) {
  // G4 and the third over it, all 20 cents low; the third as wide as a keyboard has it.
  std::vector<float> samples;
  for (const double hz : {391.995, 493.883}) {
    const auto note = sounds::tone(
        {.f0_hz = hz * std::exp2(-20.0 / 1200.0), .seconds = 2.0, .before_s = 0.4, .after_s = 0.4});
    samples.insert(samples.end(), note.begin(), note.end());
  }
  ASSERT_TRUE(calando::writeSound(path("third.wav"), samples, 48000, calando::SoundFormat::wav24));
  struct Expected {
    const char* reference;
    double home_cents, third_cents, a4_hz;
    const char* temperament;
  };
  for (const Expected& e : {Expected{"", -20.0, -20.0, 440.0, "equal"},
                            {R"("reference": "equal", )", -20.0, -20.0, 440.0, "equal"},
                            {R"("reference": "just", )", -20.0, -6.31, 440.0, "just"},
                            {R"("reference": "home", )", 0.0, 0.0, 434.95, "equal"}}) {
    std::ofstream(path("third.json"))
        << R"({"id": "third", "title": "A third", "family": "intonation", "purpose": "p", )" << e.reference
        << R"("cues": [{"kind": "tone", "seconds": 2, "note": "home"},
        {"kind": "tone", "seconds": 2, "note": {"interval": 4}}], "readings": ["offset_cents"]})";
    const Ran r = run("analyse " + path("third.wav") + " --exercise " + path("third.json") + " --note G4");
    ASSERT_EQ(r.status, 0) << r.err;
    const json j = json::parse(r.out);
    ASSERT_EQ(j["cues"].size(), 2u);
    EXPECT_NEAR(j["cues"][0]["offset_cents"].get<double>(), e.home_cents, 0.1) << e.reference;
    EXPECT_NEAR(j["cues"][1]["offset_cents"].get<double>(), e.third_cents, 0.1) << e.reference;
    EXPECT_NEAR(j["reference"]["a4_hz"].get<double>(), e.a4_hz, 0.05) << e.reference;
    EXPECT_EQ(j["reference"]["temperament"], e.temperament);
    EXPECT_EQ(j["reference"]["tonic"], std::string(e.temperament) == "just" ? json("G") : json(nullptr));
  }
  std::ofstream(path("third.json"))
      << R"({"id": "t", "title": "T", "family": "f", "purpose": "p", "reference": "piano",
      "cues": [{"kind": "tone"}], "readings": ["held_s"]})";
  expectRefused("analyse " + path("third.wav") + " --exercise " + path("third.json"), 2,
                "one of equal, just, home");
}

TEST_F(Contract, AnExerciseKeepsToThePlayersRange) {
  const auto file = tone("c.wav", {.f0_hz = 261.63, .seconds = 1.5, .before_s = 0.3, .after_s = 0.3});
  const auto asked = [&](const std::string& options) {
    std::string notes;
    const json j = json::parse(run("analyse " + file + " --exercise scale-8-8 --note C4" + options).out);
    for (const json& cue : j["cues"])
      if (cue["asked"].is_string()) notes += cue["asked"].get<std::string>() + " ";
    return notes;
  };
  EXPECT_EQ(asked(""), "C4 D4 E4 F4 G4 A4 B4 C5 ");
  EXPECT_EQ(asked(" --highest F4"), "C4 D4 E4 F4 ");
  EXPECT_EQ(asked(" --lowest E4 --highest A4"), "C4 E4 F4 G4 A4 ");  // what is named is asked for
  expectRefused("analyse " + file + " --lowest G4 --highest C4", 2, "exchange");
  expectRefused("analyse " + file + " --lowest H4", 2, "H4");
}

TEST_F(Contract, AnExerciseHasARowForEveryCue) {
  ASSERT_EQ(
      run("stand-in --exercise home-three --tempo 90 --player steady --instrument horn-f --note C5 --out " +
          path("h.wav") + " --truth " + path("h.json"))
          .status,
      0);
  const json truth = json::parse(read("h.json"));
  // At its own tempo of 60 the card is aligned to what was played, two thirds as long.
  for (const char* options : {"--tempo 90", ""}) {
    const Ran r =
        run("analyse " + path("h.wav") + " --exercise home-three --instrument horn-f --note C5 " + options);
    ASSERT_EQ(r.status, 0) << r.err;
    const json j = json::parse(r.out);
    ASSERT_EQ(j["cues"].size(), 5u);
    // Within the timing of a player (20 ms either way) and the way up to half the level.
    const char* asked[] = {"C5", "D5", "E5", "D5", "C5"};
    for (std::size_t i = 0; i < 5; ++i) {
      const json& cue = j["cues"][i];
      expectKeys(cue, {"kind",
                       "start_s",
                       "end_s",
                       "asked",
                       "matched",
                       "note",
                       "place_ms",
                       "length_beats",
                       "length_error_beats",
                       "offset_cents",
                       "wander_cents",
                       "level_dbfs",
                       "level_slope_db_per_s",
                       "brightness",
                       "hnr_db",
                       "shape_error_db",
                       "peak_error_beats",
                       "cents_per_db",
                       "partials_per_db",
                       "core_gain_db",
                       "pulse_depth_db",
                       "pulse_spread_db",
                       "colour_distance_db",
                       "bend_cents",
                       "bend_return_cents",
                       "glide_error_cents",
                       "glide_uneven_cents",
                       "verdict"});
      EXPECT_EQ(cue["asked"], asked[i]);
      EXPECT_NEAR(cue["start_s"].get<double>(), truth["cues"][i]["start_s"].get<double>(), 0.1) << options;
    }
  }
  const Ran counted = run("analyse " + path("h.wav") +
                          " --exercise home-three --instrument horn-f --note C5 --tempo 90 "
                          "--start 1.0");
  const json j = json::parse(counted.out);
  EXPECT_EQ(j["cues"][0]["start_s"], 1.0);
  EXPECT_NEAR(j["cues"][0]["place_ms"].get<double>(),
              1000.0 * (truth["cues"][0]["start_s"].get<double>() - 1.0), 60.0);
}

TEST_F(Contract, ASeriesOfNotesIsOneCueEach) {
  std::vector<float> samples;
  for (const double f0 : {261.63, 329.63, 392.0})
    for (const float x : sounds::tone({.f0_hz = f0, .seconds = 1.5, .after_s = 0.5, .floor_rms = 1e-4}))
      samples.push_back(x);
  ASSERT_TRUE(calando::writeSound(path("s.wav"), samples, 48000, calando::SoundFormat::wav24));
  const json j = json::parse(run("analyse " + path("s.wav") + " --note C4,D4,E4,G4").out);
  ASSERT_EQ(j["cues"].size(), 4u);
  EXPECT_EQ(j["cues"][0]["matched"], 0);
  EXPECT_TRUE(j["cues"][1]["matched"].is_null());
  EXPECT_EQ(j["cues"][1]["verdict"], "not-yet");
  EXPECT_EQ(j["cues"][2]["matched"], 1);
  EXPECT_EQ(j["cues"][3]["matched"], 2);
}

TEST_F(Contract, ACardOfOnesOwnIsJudgedAndABadOneRefusedByName) {
  const auto file = tone("a.wav", {.f0_hz = 440.0, .seconds = 3.0, .after_s = 0.5});
  std::ofstream(path("own.json")) << R"({"id": "own", "title": "Own", "family": "f", "purpose": "p",
    "cues": [{"kind": "tone", "seconds": 2, "note": "A4"}], "readings": ["held_s", "offset_cents"]})";
  const json j = json::parse(run("analyse " + file + " --exercise " + path("own.json")).out);
  ASSERT_EQ(j["readings"].size(), 4u);
  EXPECT_EQ(j["readings"][2]["id"], "attempts");  // on every card of one tone
  EXPECT_EQ(j["readings"][0]["target"][0], 2.0);
  EXPECT_EQ(j["readings"][0]["verdict"], "inside");
  std::ofstream(path("bad.json")) << R"({"id": "own", "title": "Own", "family": "f", "purpose": "p",
    "cues": [{"kind": "tone", "beats": 2}], "readings": ["held_s"]})";
  expectRefused("analyse " + file + " --exercise " + path("bad.json"), 2,
                "bad.json: cue 1: beats need a tempo");
  expectRefused("analyse " + file + " --exercise " + path("none.json"), 2,
                "none.json: there is no such file");
}

TEST_F(Contract, TheStandInWritesWhatItPlaysAndWhatIsTrueOfIt) {
  ASSERT_EQ(run("stand-in --exercise steady-tone --player sagging --instrument horn-f --seed 4 --out " +
                path("p.wav") + " --truth " + path("p.json"))
                .status,
            0);
  const json truth = json::parse(read("p.json"));
  const json heard = json::parse(run("analyse " + path("p.wav") + " --instrument horn-f").out);
  EXPECT_EQ(truth["tones"][0]["notes"][0]["written"], heard["tones"][0]["notes"][0]["written"]);
  EXPECT_NEAR(truth["tones"][0]["held_s"].get<double>(), heard["tones"][0]["held_s"].get<double>(), 0.03);
  expectRefused("stand-in --exercise steady-tone --player nobody --out " + path("q.wav"), 2, "nobody");
  expectRefused("stand-in --exercise steady-tone --player steady --out " + path("no/q.wav"), 4, "q.wav");
}

}  // namespace
