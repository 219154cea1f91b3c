#include <regex>

#include "cli/contract_fixture.h"

namespace {

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

TEST_F(Contract, EveryOptionHasItsHelp) {
  int options = 0;
  for (const std::string of :
       {"analyse", "reckon", "stand-in", "mark", "series", "exercises", "instruments", "players"}) {
    const Ran r = run(of + " --help");
    EXPECT_EQ(r.status, 0) << of;
    std::istringstream lines(r.out);
    for (std::string line, before; std::getline(lines, line); before = line) {
      if (!line.starts_with("  -") && !line.starts_with("  file") && !line.starts_with("  line")) continue;
      ++options;
      // What it is for stands behind it, or, where it is long, below.
      static const std::regex about(
          R"(^  \S+( [A-Z:.]+| REQUIRED| \.\.\.| Needs: \S+| Excludes: \S+|,\S+)*\s+[A-Z][a-z ].*)");
      std::string next;
      const auto here = lines.tellg();
      std::getline(lines, next);
      lines.seekg(here);
      EXPECT_TRUE(std::regex_match(line, about) || next.find_first_not_of(' ') >= 20) << of << ": " << line;
    }
  }
  EXPECT_GT(options, 50);
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

}  // namespace
