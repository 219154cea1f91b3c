#include "cli/contract_fixture.h"

// The program itself, from outside: what docs/cli.md promises, key by key.
namespace {

TEST_F(Contract, APairIsMeasuredHoweverTheFirstIsKnown) {
  // The second comes a second later, 12 cents sharp, and goes down to the first.
  const sounds::ToneSpec first{.f0_hz = 220.0, .seconds = 6.0, .before_s = 0.3, .after_s = 0.3};
  sounds::ToneSpec second = first;
  second.before_s = 1.3, second.seconds = 5.0, second.seed = 8;
  second.cents = [](double t) { return 12.0 * std::clamp((2.5 - t) / 1.0, 0.0, 1.0); };
  const auto a = sounds::tone(first), b = sounds::tone(second);
  std::vector<float> both = a;
  for (std::size_t n = 0; n < both.size(); ++n) both[n] += b[n];
  const auto file = [&](const char* name, const std::vector<float>& sound) {
    EXPECT_TRUE(calando::writeSound(path(name), sound, 48000.0, calando::SoundFormat::wav24));
    return path(name);
  };
  writeStereo(path("two.wav"), a, b);
  const std::string alone = file("b.wav", b);
  for (const std::string& how : {alone + " --partner-hz 220", alone + " --partner " + file("a.wav", a),
                                 path("two.wav") + " --pair-channels 1,2", file("one.wav", both)}) {
    const Ran r = run("analyse " + how + " --pair unison");
    ASSERT_EQ(r.status, 0) << r.err;
    const json pair = json::parse(r.out)["pair"];
    ASSERT_TRUE(pair.is_object()) << how;
    expectKeys(pair,
               {"interval_semitones", "from_s", "to_s", "left_again", "residual_cents", "beat_left_hz"});
    EXPECT_NEAR(pair["cents_at_start"].get<double>(), 12.0, 0.3) << how;
    EXPECT_NEAR(pair["cents_at_end"].get<double>(), 0.0, 0.8) << how;
    EXPECT_NEAR(pair["lock_s"].get<double>(), 2.08, 0.12) << how;
    EXPECT_EQ(pair["sign_known"], true) << how;
    EXPECT_EQ(pair["moved"], "second") << how;
    EXPECT_EQ(pair["wrong_way_first"], false) << how;
    EXPECT_NEAR(pair["first_hz"].get<double>(), 220.0, 0.05) << how;
    EXPECT_NEAR(pair["beats"][2]["rate_hz"].get<double>(), 1.53, 0.05) << how;
  }
  expectRefused("analyse " + alone + " --partner-hz 220", 2, "--pair");
  expectRefused("analyse " + alone + " --pair fifth", 2, "--pair is unison, octave");
  expectRefused("analyse " + alone + " --pair unison --pair-channels 2,2", 2, "two different channels");
  expectRefused("analyse " + alone + " --pair unison --pair-channels 1,2", 2, "channel");
  expectRefused("analyse " + alone + " --pair unison --partner " + path("none.wav"), 3, "none.wav");
}

TEST_F(Contract, TheReckonerPrintsBothWays) {
  EXPECT_EQ(run("reckon counts 8 --tempo 72").out, "8.00 counts = 6.67 s\n");
  EXPECT_EQ(run("reckon counts 6.67 --back --tempo 72").out, "6.67 s = 8.00 counts\n");
  EXPECT_EQ(run("reckon notes C5 --instrument horn-f").out, "C5 = F4\n");
  EXPECT_EQ(run("reckon phrase 12 --bar 3").out, "12.0 s = 4.00 bars\n");
  EXPECT_EQ(run("reckon octave 10 --note A4").out, "10.0 cents = 5.10 beats a second\n");
  const json pitch = json::parse(run("reckon pitch 450 --back --json").out);
  EXPECT_EQ(pitch["schema"], "calando.reckoning/1");
  EXPECT_EQ(pitch["left"]["text"], "A4 +38.9");
  EXPECT_NEAR(pitch["left"]["value"].get<double>(), 69.389, 0.001);
  std::istringstream lines(run("reckon").out);
  int count = 0;
  for (std::string line; std::getline(lines, line);) ++count;
  EXPECT_EQ(count, 12);
  expectRefused("reckon counts", 2, "needs a value");
  expectRefused("reckon nothing 3", 2, "is unknown");
  expectRefused("reckon rest 1e9", 2, "from 0 to 7200");
  expectRefused("reckon pitch H9", 2, "write it like Bb4");
  expectRefused("reckon counts 3 --tempo 0", 2, "from 20 to 400");
}

TEST_F(Contract, EveryKeyIsThere) {
  const auto file = tone("a.wav", {.f0_hz = 466.16, .seconds = 3.0, .before_s = 0.5, .after_s = 0.5});
  const Ran r =
      run("analyse " + file + " --instrument trumpet-bb --note C5 --fingering 0 --tracks " + path("t.csv"));
  ASSERT_EQ(r.status, 0) << r.err;
  const json j = json::parse(r.out);
  EXPECT_EQ(j.at("schema"), "calando.analysis/1");
  expectKeys(j, {"engine", "source", "reference", "segments", "tones", "airs", "pair", "cues", "readings",
                 "advice"});
  EXPECT_TRUE(j["pair"].is_null());
  expectKeys(j["source"], {"path", "sample_rate_hz", "channels", "duration_s", "channel", "clipped_samples",
                           "bad_samples", "noise_floor_dbfs", "drone_dbfs", "clicks_dbfs"});
  EXPECT_EQ(
      j["reference"],
      json::parse(
          R"({"part":"whole","a4_hz":440.0,"temperament":"equal","tonic":null,"instrument":"trumpet-bb","transposition_semitones":-2})"));
  ASSERT_EQ(j["tones"].size(), 1u);
  const json& t = j["tones"][0];
  expectKeys(t, {"start_s", "end_s", "held_s", "notes", "glides", "dropouts", "slips", "onset", "release"});
  expectKeys(t["onset"], {"air_before_ms", "rise_ms", "scoop_cents", "settle_ms"});
  expectKeys(t["release"], {"sag_cents", "fade_db"});
  const json& n = t["notes"][0];
  expectKeys(n, {"start_s",
                 "end_s",
                 "asked",
                 "written",
                 "concert",
                 "partial",
                 "f0_hz",
                 "target_hz",
                 "offset_cents",
                 "wander_cents",
                 "shake_cents",
                 "drift_cents_per_s",
                 "vibrato",
                 "level_dbfs",
                 "level_sd_db",
                 "level_slope_db_per_s",
                 "hnr_db",
                 "brightness",
                 "tilt_db_per_octave",
                 "odd_even_db",
                 "jitter_percent",
                 "shimmer_db",
                 "subharmonic_db",
                 "harmonics_db",
                 "colour_repeat_db"});
  EXPECT_EQ(n["asked"], "C5");
  EXPECT_EQ(n["written"], "C5");
  EXPECT_EQ(n["concert"], "Bb4");
  EXPECT_EQ(n["partial"], 4);
  EXPECT_TRUE(n["vibrato"].is_null());
  EXPECT_NEAR(n["f0_hz"].get<double>(), 466.16, 0.01);
  EXPECT_NEAR(t["held_s"].get<double>(), 3.0, 0.01);
  for (const json& reading : j["readings"])
    expectKeys(reading, {"id", "label", "value", "unit", "target", "verdict"});
  ASSERT_EQ(j["advice"].size(), 1u);
  expectKeys(j["advice"][0], {"id", "text", "because"});
  EXPECT_EQ(j["cues"][0]["matched"], 0);
  double reached = 0.0;
  for (const json& s : j["segments"]) {
    EXPECT_NEAR(s["start_s"].get<double>(), reached, 1e-9);  // without gaps, over the whole file
    reached = s["end_s"];
  }
  EXPECT_NEAR(reached, 4.0, 0.001);
  std::istringstream csv(read("t.csv"));
  std::string line;
  std::getline(csv, line);
  EXPECT_EQ(line, "time_s,f0_hz,confidence,level_dbfs,hnr_db,brightness,air_dbfs,kind");
  int rows = 0;
  while (std::getline(csv, line)) {
    EXPECT_EQ(std::count(line.begin(), line.end(), ','), 7) << line;
    ++rows;
  }
  EXPECT_NEAR(rows, 401, 1);
}

TEST_F(Contract, SilenceIsMeasuredWithEmptyLists) {
  ASSERT_TRUE(calando::writeSound(path("s.wav"), std::vector<float>(48000, 0.0f), 48000,
                                  calando::SoundFormat::wav24));
  const Ran r = run("analyse " + path("s.wav"));
  ASSERT_EQ(r.status, 0);
  const json j = json::parse(r.out);
  EXPECT_TRUE(j["tones"].empty());
  EXPECT_TRUE(j["advice"].empty());
  EXPECT_TRUE(j["source"]["noise_floor_dbfs"].is_null());
}

TEST_F(Contract, RefusesInOneLine) {
  const auto file = tone("a.wav", {.seconds = 0.5});
  expectRefused("analyse " + file + " --instrument kazoo", 2, "kazoo");
  expectRefused("analyse " + file + " --note H9", 2, "H9");
  expectRefused("analyse " + file + " --note C0 --instrument tuba-bb", 2, "C0");
  expectRefused("analyse " + file + " --a4 379", 2, "--a4");
  expectRefused("analyse " + file + " --a4 nan", 2, "--a4");
  expectRefused("analyse " + file + " --channel 2", 2, "channel 2");
  expectRefused("analyse " + file + " --channel 0", 2, "--channel");
  expectRefused("analyse " + file + " --temperament just", 2, "--tonic");
  expectRefused("analyse " + file + " --exercise nothing", 2, "nothing");
  expectRefused("analyse " + file + " --level divine", 2, "divine");
  expectRefused("analyse " + file + " --fingering 9 --instrument trumpet-bb", 2, "9");
  expectRefused("analyse " + file + " --wrong", 2, "--wrong");
  expectRefused("analyse", 2, "");
  expectRefused("analyse " + path("missing.wav"), 3, "missing.wav");
  expectRefused("analyse " + folder_.string(), 3, "folder");
  expectRefused("analyse " + file + " --tracks " + path("no/such/place.csv"), 4, "place.csv");
}

TEST_F(Contract, EveryNumberIsFiniteAndInItsRangeAndNoTextEmpty) {
  const auto file = tone("a.wav", {.seconds = 0.5});
  const std::string standIn = "stand-in --exercise steady-tone --player steady --out " + path("x.wav");
  const std::pair<std::string, std::vector<const char*>> numbers[] = {
      {"analyse " + file, {"--target-hz", "--a4", "--drone-hz", "--tempo", "--start"}},
      {"analyse " + file + " --keyed-to 3", {"--keyed-from"}},
      {"analyse " + file + " --click", {"--fork-hz"}},
      {standIn, {"--tempo", "--seconds", "--seed"}},
      {"series --fingering Bb3", {"--a4"}}};
  for (const auto& [command, options] : numbers)
    for (const std::string option : options)
      for (const char* value :
           {"nan", "-nan", "inf", "-inf", "1e999", "-1", "1e9999", "''", "x", "1e300", "4x", "0x10"}) {
        if (option == "--seed" && value == std::string("0x10")) continue;
        expectRefused(command + " " + option + (value[0] == '-' ? "=" : " ") + value, 2, option);
        EXPECT_NE(read("err").find("from "), std::string::npos) << read("err");  // its range
      }
  for (const char* option :
       {"--note", "--lowest", "--highest", "--instrument", "--fingering", "--tracks", "--against"})
    expectRefused("analyse " + file + " " + option + " ''", 2, option);
  expectRefused("analyse " + file + " --target-hz 0", 2, "--target-hz");
  expectRefused("analyse " + file + " --note ,", 2, "none");
  expectRefused("analyse ''", 2, "file");
  EXPECT_EQ(run("analyse " + file + " --tempo 20.5 --start 0 --a4 380").status, 0);
  EXPECT_FALSE(fs::exists(path("x.wav")));
}

TEST_F(Contract, BadFilesAreRefusedOrMeasuredAsFarAsTheyGo) {
  std::ofstream(path("empty.wav")).close();
  std::ofstream(path("text.wav")) << "this is no sound";
  expectRefused("analyse " + path("empty.wav"), 3, "empty.wav");
  expectRefused("analyse " + path("text.wav"), 3, "text.wav");
  expectRefused("analyse '" + path("a\nb.wav") + "'", 3, "a\\x0ab.wav");
  const auto whole = tone("whole.wav", {.seconds = 3.0, .before_s = 0.2});
  const std::string bytes = read("whole.wav");
  std::ofstream(path("cut.wav"), std::ios::binary) << bytes.substr(0, bytes.size() / 2);
  const Ran cut = run("analyse " + path("cut.wav"));
  ASSERT_EQ(cut.status, 0) << cut.err;
  EXPECT_NEAR(json::parse(cut.out)["source"]["duration_s"].get<double>(), 1.6, 0.02);
  std::string wild = bytes;
  for (const std::size_t at :
       {4u, 16u, 22u, 24u, 28u, 32u, 34u, 40u}) {  // sizes, channels, rate in the header
    std::string mutated = wild;
    for (std::size_t k = 0; k < 4; ++k) mutated[at + k] = static_cast<char>(0xFF);
    std::ofstream(path("wild.wav"), std::ios::binary) << mutated;
    const Ran r = run("analyse " + path("wild.wav"));
    EXPECT_TRUE(r.status == 0 || r.status == 3) << at << ": " << r.status << " " << r.err;
  }
}

TEST_F(Contract, ChannelsThatCancelGiveWayToTheLoudest) {
  std::vector<float> left = sounds::tone({.f0_hz = 440, .seconds = 1.0}), right = left;
  for (float& x : right) x *= -0.9f;
  left[100] = right[100] = std::nanf("");
  writeStereo(path("x.wav"), left, right);
  const json j = json::parse(run("analyse " + path("x.wav")).out);
  EXPECT_EQ(j["source"]["channel"], "1");
  EXPECT_EQ(j["source"]["bad_samples"], 1);
  EXPECT_EQ(j["tones"].size(), 1u);
  EXPECT_EQ(json::parse(run("analyse " + path("x.wav") + " --channel 2").out)["source"]["channel"], "2");
}

TEST_F(Contract, ListsAreJsonWhenAsked) {
  EXPECT_EQ(json::parse(run("instruments --json").out).size(), 45u);
  EXPECT_EQ(json::parse(run("exercises --json").out)[0]["id"], "steady-tone");
  EXPECT_GE(json::parse(run("players --json").out).size(), 9u);
  const json series = json::parse(run("series --instrument trumpet-bb --fingering 12 --json").out);
  EXPECT_EQ(series[1]["written"], "A3");
  EXPECT_EQ(series[1]["concert"], "G3");
  EXPECT_EQ(run("--version").status, 0);
}

}  // namespace
