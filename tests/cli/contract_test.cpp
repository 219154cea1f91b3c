#include <gtest/gtest.h>
#include <sys/stat.h>
#include <sys/wait.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>

#include "audio/sound_file.h"
#include "support/signals.h"

// The program itself, from outside: what docs/cli.md promises, key by key.
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

struct Ran {
  int status;
  std::string out, err;
};

class Contract : public testing::Test {
 protected:
  void SetUp() override {
    folder_ = fs::temp_directory_path() / ("calando-cli-" + std::to_string(getpid()));
    fs::create_directories(folder_);
  }
  void TearDown() override { fs::remove_all(folder_); }

  std::string path(const std::string& name) const { return (folder_ / name).string(); }
  std::string read(const std::string& name) const {
    std::ifstream in(path(name), std::ios::binary);
    std::stringstream text;
    text << in.rdbuf();
    return text.str();
  }
  Ran run(const std::string& arguments) const {
    const std::string command =
        std::string(CALANDO_CLI) + " " + arguments + " >" + path("out") + " 2>" + path("err");
    const int status = std::system(command.c_str());
    return {WEXITSTATUS(status), read("out"), read("err")};
  }
  std::string tone(const std::string& name, const sounds::ToneSpec& spec) const {
    EXPECT_TRUE(
        calando::writeSound(path(name), sounds::tone(spec), spec.rate_hz, calando::SoundFormat::wav24));
    return path(name);
  }
  void expectRefused(const std::string& arguments, int status, const std::string& about) const {
    const Ran r = run(arguments);
    EXPECT_EQ(r.status, status) << arguments;
    EXPECT_TRUE(r.out.empty()) << arguments;
    EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
    EXPECT_NE(r.err.find(about), std::string::npos) << r.err;
  }
  fs::path folder_;
};

void expectKeys(const json& object, std::initializer_list<const char*> keys) {
  for (const char* key : keys) EXPECT_TRUE(object.contains(key)) << key;
}

/// Two channels as a 32-bit float WAV by hand.
void writeStereo(const std::string& path, const std::vector<float>& left, const std::vector<float>& right) {
  std::ofstream out(path, std::ios::binary);
  const auto u32 = [&](std::uint32_t v) { out.write(reinterpret_cast<const char*>(&v), 4); };
  const auto u16 = [&](std::uint16_t v) { out.write(reinterpret_cast<const char*>(&v), 2); };
  const auto dataBytes = static_cast<std::uint32_t>(std::min(left.size(), right.size()) * 8);
  out << "RIFF";
  u32(36 + dataBytes);
  out << "WAVEfmt ";
  u32(16), u16(3), u16(2), u32(48000), u32(48000 * 8), u16(8), u16(32);
  out << "data";
  u32(dataBytes);
  for (std::size_t n = 0; n < std::min(left.size(), right.size()); ++n)
    for (const float x : {left[n], right[n]}) out.write(reinterpret_cast<const char*>(&x), 4);
}

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
  const json pitch = json::parse(run("reckon pitch 450 --back --json").out);
  EXPECT_EQ(pitch["schema"], "calando.reckoning/1");
  EXPECT_EQ(pitch["left"]["text"], "A4 +38.9");
  EXPECT_NEAR(pitch["left"]["value"].get<double>(), 69.389, 0.001);
  std::istringstream lines(run("reckon").out);
  int count = 0;
  for (std::string line; std::getline(lines, line);) ++count;
  EXPECT_EQ(count, 11);
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

TEST_F(Contract, HomeworkIsCutAndMarkedAndWhatCannotBeReadIsNamed) {
  ASSERT_EQ(run("stand-in --exercise tone-5 --player steady --note C5 --out " + path("one.wav")).status, 0);
  ASSERT_EQ(
      run("stand-in --exercise home-three --player steady --note Bb4 --tempo 90 --out " + path("two.wav"))
          .status,
      0);
  std::ofstream(path("list.json"))
      << R"({"title": "Week", "items": [{"exercise": "home-three", "home": "Bb4"},
      {"exercise": "scale-4-4"}, {"exercise": "tone-5"}]})";
  const Ran r = run("mark " + path("one.wav") + " " + path("none.wav") + " " + path("two.wav") + " --list " +
                    path("list.json") + " --instrument trumpet-bb");
  EXPECT_EQ(r.status, 3);
  EXPECT_NE(r.err.find("none.wav"), std::string::npos);
  const json marking = json::parse(r.out);
  EXPECT_EQ(marking["schema"], "calando.marking/1");
  ASSERT_EQ(marking["files"].size(), 3u);
  EXPECT_TRUE(marking["files"][1]["duration_s"].is_null());
  const json &row = marking["items"][0], &missing = marking["items"][1], &tone = marking["items"][2];
  EXPECT_EQ(row["state"], "complete");
  EXPECT_EQ(row["file"], 2);
  EXPECT_EQ(row["cues_asked"], 5);
  EXPECT_EQ(row["cues_found"], 5);
  EXPECT_NEAR(row["tempo_bpm"].get<double>(), 90.0, 1.5);
  EXPECT_EQ(row["tries"], 1);
  EXPECT_FALSE(row["readings"].empty());
  EXPECT_EQ(missing["state"], "missing");
  for (const char* key : {"file", "start_s", "end_s", "tempo_bpm", "home", "highest_reached"})
    EXPECT_TRUE(missing.at(key).is_null()) << key;
  EXPECT_EQ(tone["state"], "complete");
  EXPECT_EQ(tone["home"], "C5");
  EXPECT_EQ(tone["highest_reached"], "C5");
  EXPECT_TRUE(tone["tempo_bpm"].is_null());
  EXPECT_NEAR(tone["end_s"].get<double>() - tone["start_s"].get<double>(), 5.0, 0.8);
  for (const json& stretch : marking["other"]) EXPECT_LT(stretch["start_s"], stretch["end_s"]);
  expectRefused("mark " + path("one.wav") + " --list " + path("one.wav"), 2, "one.wav");
  expectRefused("mark " + path("one.wav") + " --list " + path("none.json"), 2, "none.json");
}

TEST_F(Contract, AnErrorIsOneShortLineWhateverComesIn) {
  const auto file = tone("a.wav", {.seconds = 0.5});
  const auto card = [&](const std::string& name, const std::string& text) {
    std::ofstream(path(name), std::ios::binary) << text;
    return "analyse " + file + " --exercise " + path(name);
  };
  const auto cardOf = [](const std::string& cues) {
    return R"({"id":"x","title":"X","family":"f","purpose":"p","tempo":20,"readings":["held_s"],"cues":[)" +
           cues + "]}";
  };
  const auto repeated = [](const std::string& what, int times) {
    std::string text;
    for (int i = 0; i < times; ++i) text += (i > 0 ? "," : "") + what;
    return text;
  };
  const std::string tone = R"({"kind":"tone","seconds":1})";
  fs::create_directories(path("folder.json"));
  ASSERT_EQ(mkfifo(path("pipe.json").c_str(), 0600), 0);
  fs::create_symlink("/dev/zero", path("zero.json"));
  const std::pair<std::string, const char*> refused[] = {
      {card("deep.json", std::string(100000, '[') + std::string(100000, ']')), "deeper than 32"},
      {card("large.json", std::string(2'000'000, ' ')), "larger than 1 MB"},
      {card("many.json", cardOf(repeated(tone, 2001))), "more than 2000"},
      {card("long.json", cardOf(repeated(R"({"kind":"tone","beats":256})", 29))), "longer than 6 hours"},
      {card("type.json", R"({"id":5})"), "of another kind"},
      {card("missing.json", R"({"id":"x"})"), "\"title\" is missing"},
      {card("kind.json", cardOf("{}")), "cue 1: \"kind\" is missing"},
      {card("wide.json", cardOf("{\"kind\":\"" + std::string(5000, 'k') + "\"}")), "is unknown"},
      {card("key.json", cardOf("{\"kind\":\"tone\",\"" + std::string(5000, 'k') + "\":1}")), "is no key"},
      {card("family.json",
            R"({"id":"x","title":"X","family":"f","purpose":"p","readings":["held_s"],"cues":[)" + tone +
                R"(],"targets":{"growing":{"held_s":{"low":1,"families":["kazoo"]}}}})"),
       "kazoo"},
      {card("no.json", "\xff\xfe{"), "is no JSON"},
      {"analyse " + file + " --exercise " + path("folder.json"), "is a folder"},
      {"analyse " + file + " --exercise " + path("pipe.json"), "no ordinary file"},
      {"analyse " + file + " --exercise " + path("zero.json"), "no ordinary file"},
      {"analyse " + file + " --instrument " + std::string(5000, 'i'), "is unknown"},
      {"analyse " + file + " --note " + std::string(5000, 'n'), "is none"},
      {"analyse " + file + " --" + std::string(5000, 'o'), "--help"}};
  for (const auto& [arguments, about] : refused) {
    expectRefused(arguments, 2, about);
    const std::string said = read("err");
    EXPECT_LE(said.size(), 300u) << said;
    for (const char* foreign : {"json.exception", "basic_string", "map::at", "std::"})
      EXPECT_EQ(said.find(foreign), std::string::npos) << said;
  }
  const std::string longName = std::string(200, 'n') + ".wav";
  expectRefused("analyse " + path(longName), 3, "there is no such file");
  EXPECT_LE(read("err").size(), 300u);
  ASSERT_EQ(mkfifo(path("pipe.wav").c_str(), 0600), 0);
  expectRefused("analyse " + path("pipe.wav"), 3, "no ordinary file");
}

TEST_F(Contract, WhatLibrariesSayOfADamagedFileStaysOutOfOurOutput) {
  // MP3 frames of noise between good headers, and a SDS dump with a broken checksum: their readers talk.
  std::string mp3;
  for (int frame = 0; frame < 40; ++frame) {
    mp3 += "\xFF\xFB\x90\x64";
    for (int i = 0; i < 413; ++i) mp3 += static_cast<char>((frame * 131 + i * 37 + (i * i) % 251) & 0xFF);
  }
  std::ofstream(path("bad.mp3"), std::ios::binary) << mp3;
  std::string sds("\xF0\x7E\x00\x01\x00\x00\x10\x20\x51\x01\x10\x00\x00\x00\x00\x00\x00\x00\x00\x00\xF7", 21);
  for (int block = 0; block < 4; ++block) {
    std::string packet("\xF0\x7E\x00\x02", 4);
    packet += static_cast<char>(block);
    for (int i = 0; i < 120; ++i) packet += static_cast<char>((i * 7 + block) & 0x7F);
    packet += '\x55';  // whatever the sum should be
    packet += '\xF7';
    sds += packet;
  }
  std::ofstream(path("bad.sds"), std::ios::binary) << sds;
  for (const char* name : {"bad.mp3", "bad.sds"}) {
    const Ran r = run("analyse " + path(name));
    if (r.status == 0) {
      EXPECT_TRUE(json::accept(r.out)) << name << r.out.substr(0, 200);
      EXPECT_TRUE(r.err.empty()) << name << r.err;
    } else {
      EXPECT_EQ(r.status, 3) << name;
      EXPECT_TRUE(r.out.empty()) << name;
      EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << name << r.err;
    }
  }
}

TEST_F(Contract, OutputThatCannotBeWrittenIsAnError) {
  const auto file = tone("a.wav", {.seconds = 0.5});
  const auto status = [&](const std::string& arguments, const std::string& redirected) {
    const std::string command =
        std::string(CALANDO_CLI) + " " + arguments + " " + redirected + " 2>" + path("err");
    const int code = WEXITSTATUS(std::system(command.c_str()));
    EXPECT_EQ(std::ranges::count(read("err"), '\n'), 1) << arguments << redirected;
    return code;
  };
  for (const std::string& arguments :
       {"analyse " + file, std::string("instruments"), std::string("players --json"), std::string("--help"),
        std::string("series --fingering Bb3")}) {
    EXPECT_EQ(status(arguments, ">/dev/full"), 4) << arguments;
    EXPECT_EQ(status(arguments, ">&-"), 4) << arguments;
  }
  // With standard output closed, no file that is written becomes it.
  EXPECT_EQ(status("analyse " + file + " --tracks " + path("t.csv"), ">&-"), 4);
  EXPECT_EQ(read("t.csv").find('{'), std::string::npos);
  EXPECT_EQ(read("t.csv").rfind("time_s", 0), 0u);
}

TEST_F(Contract, NothingIsWrittenOverWhatIsRead) {
  const auto file = tone("a.wav", {.seconds = 0.5});
  const std::string bytes = read("a.wav");
  fs::create_symlink("a.wav", path("link.wav"));
  fs::create_hard_link(file, path("second.wav"));
  for (const std::string& tracks : {file, path("link.wav"), path("second.wav"), path("./a.wav")})
    expectRefused("analyse " + file + " --tracks " + tracks, 2, "--tracks");
  expectRefused("analyse " + file + " --exercise against-teacher --against " +
                    tone("b.wav", {.seconds = 0.4}) + " --tracks " + path("b.wav"),
                2, "--tracks");
  EXPECT_EQ(read("a.wav"), bytes);
  std::ofstream(path("old.csv")) << "old";
  fs::create_symlink("old.csv", path("link.csv"));
  expectRefused("analyse " + file + " --tracks " + path("link.csv"), 4, "link");
  EXPECT_EQ(read("old.csv"), "old");
  expectRefused(
      "stand-in --exercise steady-tone --player steady --out " + path("x") + " --truth " + path("./x"), 2,
      "--truth");
  // Neither is there yet, and nothing is written of either.
  expectRefused("stand-in --exercise steady-tone --player steady --out neither.wav --truth ./neither.wav", 2,
                "--truth");
  EXPECT_FALSE(fs::exists("neither.wav"));
  EXPECT_FALSE(fs::exists(path("x")));
}

TEST_F(Contract, ListsAreJsonWhenAsked) {
  EXPECT_EQ(json::parse(run("instruments --json").out).size(), 30u);
  EXPECT_EQ(json::parse(run("exercises --json").out)[0]["id"], "steady-tone");
  EXPECT_GE(json::parse(run("players --json").out).size(), 9u);
  const json series = json::parse(run("series --instrument trumpet-bb --fingering 12 --json").out);
  EXPECT_EQ(series[1]["written"], "A3");
  EXPECT_EQ(series[1]["concert"], "G3");
  EXPECT_EQ(run("--version").status, 0);
}

}  // namespace
