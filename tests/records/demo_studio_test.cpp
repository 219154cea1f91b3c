#include "records/demo_studio.h"

#include <gtest/gtest.h>
#include <unistd.h>

#include <algorithm>
#include <filesystem>
#include <map>

#include "core/analysis.h"

namespace calando {
namespace {

namespace fs = std::filesystem;

class DemoStudio : public testing::Test {
 protected:
  static void TearDownTestSuite() { fs::remove_all(folder("").parent_path()); }
  static fs::path folder(const std::string& name) {
    return fs::temp_directory_path() / ("calando-demo-" + std::to_string(getpid())) / name;
  }
  static Studio filled(const char* name) {
    Studio studio = std::move(*Studio::open(folder(name)));
    std::vector<double> shares;
    EXPECT_TRUE(fillDemoStudio(studio, [&](double share) { shares.push_back(share); }));
    EXPECT_TRUE(std::ranges::is_sorted(shares));
    EXPECT_EQ(shares.back(), 1.0);
    return studio;
  }
};

TEST_F(DemoStudio, IsTheSameAtEveryRun) {
  const Studio one = filled("one");
  const Studio two = filled("two");
  const auto students = *one.students();
  const auto others = *two.students();
  ASSERT_EQ(students.size(), 8u);
  ASSERT_EQ(students.size(), others.size());
  for (std::size_t s = 0; s < students.size(); ++s) {
    EXPECT_EQ(students[s].name, others[s].name);
    const auto a = *one.takes(students[s].id);
    const auto b = *two.takes(others[s].id);
    ASSERT_EQ(a.size(), b.size());
    ASSERT_GE(a.size(), 4u);
    for (std::size_t i = 0; i < a.size(); ++i) {
      EXPECT_EQ(a[i].made_unix_s, b[i].made_unix_s);
      EXPECT_EQ(one.takeSound(a[i].id)->samples, two.takeSound(b[i].id)->samples);
    }
  }
}

TEST_F(DemoStudio, ShowsTheFaultsThatItsPlayersHave) {
  // What a teacher should read of each way of playing, over all instruments of the class.
  const std::map<std::string, std::vector<std::string>> expected = {
      {"Breaking", {"breaks"}},
      {"Running short of air", {"too-short-fading", "too-short", "fades", "runs-out", "uneven-fading"}},
      {"Sagging", {"runs-out", "fades", "sags"}},
      {"Breathy", {"late-with-air", "noisy"}},
      {"Flat but steady", {"flat-steady"}},
      {"Scooping", {"scoops-in"}},
      {"Trembling", {"trembles", "wanders"}},
      {"Vibrato", {"raise"}},
      {"Slipping", {"flips"}},
      {"Steady", {"raise"}},
  };
  const Studio studio = filled("one");
  const auto students = studio.students();
  for (const Student& s : *students) {
    const auto takes = studio.takes(s.id);
    for (const Take& take : *takes) {
      if (take.asked.exercise != "steady-tone") continue;
      const Sound sound = *studio.takeSound(take.id);
      const Analysis analysis = analyse(sound.samples, sound.info.rate_hz, contextFor(take.asked));
      ASSERT_EQ(analysis.advice.size(), 1u) << take.source;
      const auto& possible = expected.at(take.source.substr(std::string("stand-in: ").size()));
      EXPECT_NE(std::ranges::find(possible, analysis.advice[0].id), possible.end())
          << s.instrument << ", " << take.source << ": " << analysis.advice[0].id << ": "
          << analysis.advice[0].text;
    }
  }
}

}  // namespace
}  // namespace calando
