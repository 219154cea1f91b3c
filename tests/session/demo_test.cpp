#include "app/session/demo.h"

#include <gtest/gtest.h>

#include <QTemporaryDir>
#include <algorithm>
#include <map>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "demo/demo_class.h"
#include "records/studio.h"

// The class that was made with the program, as it is copied when the demo is started.
namespace calando {
namespace {

class Demo : public testing::Test {
 protected:
  void SetUp() override {
    const auto error = copyDemo(CALANDO_DEMO, folder());
    ASSERT_FALSE(error) << error.message();
    auto studio = Studio::open(folder(), demoClock());
    ASSERT_TRUE(studio) << english(studio.error().what);
    studio_.emplace(std::move(*studio));
    students_ = *studio_->students.all();
  }
  std::filesystem::path folder() const { return outside_.path().toStdString(); }

  QTemporaryDir outside_;
  std::optional<Studio> studio_;
  std::vector<Student> students_;
};

TEST_F(Demo, ATakeIsTheSameAtEveryRun) {
  ASSERT_EQ(students_.size(), 8u);
  std::vector<Student> known = demoStudents();
  for (Student& s : known) s.id = std::ranges::find(students_, s.name, &Student::name)->id;
  for (const std::size_t student : {1u, 7u}) {
    auto takes = *studio_->takes.of(known[student].id);
    std::erase_if(takes, [&](const Take& take) { return take.student != known[student].id; });
    std::size_t found = 0;
    playDemoTakes(known, student, [&](const Take& take, const Performance& played) {
      const auto there = std::ranges::find(takes, take.made_unix_s, &Take::made_unix_s);
      ASSERT_NE(there, takes.end());
      ++found;
      EXPECT_EQ(there->asked.exercise, take.asked.exercise);
      const Sound sound = *studio_->takes.sound(there->id);
      ASSERT_EQ(sound.samples.size(), played.samples.size());
      float apart = 0.0f;
      for (std::size_t n = 0; n < sound.samples.size(); ++n)
        apart = std::max(apart, std::abs(sound.samples[n] - played.samples[n]));
      EXPECT_LT(apart, 1.3e-7f);  // a step of 24 bits
    });
    EXPECT_EQ(found, takes.size());
  }
}

TEST_F(Demo, EveryTakeIsMeasuredAndDrawnBeforeItIsLookedAt) {
  for (const Student& s : students_) {
    const auto takes = *studio_->takes.of(s.id);
    EXPECT_GE(takes.size(), 4u) << s.name;
    const auto summaries = *studio_->summaries.of(s.id);
    for (const Take& take : takes) {
      const auto summary = summaries.find(take.id);
      ASSERT_NE(summary, summaries.end()) << s.name << ", " << take.source;
      EXPECT_EQ(summary->second.engine, engineVersion());
      EXPECT_FALSE(summary->second.ribbon.empty());
      EXPECT_LT(take.made_unix_s, studio_->clock().now_unix_s());
    }
  }
}

TEST_F(Demo, ShowsTheFaultsThatItsPlayersHave) {
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
  for (const Student& s : students_) {
    const auto takes = *studio_->takes.of(s.id);
    for (const Take& take : takes) {
      if (take.asked.exercise != "steady-tone") continue;
      const Sound sound = *studio_->takes.sound(take.id);
      const Analysis analysis = analyse(sound.samples, sound.info.rate_hz, contextFor(take.asked));
      ASSERT_EQ(analysis.advice.size(), 1u) << take.source;
      const auto& possible = expected.at(take.source.substr(std::string("stand-in: ").size()));
      EXPECT_NE(std::ranges::find(possible, analysis.advice[0].id), possible.end())
          << s.instrument << ", " << take.source << ": " << analysis.advice[0].text;
    }
  }
}

TEST_F(Demo, TheHomeworkGoesWhereTheStudioGoes) {
  const auto lists = *studio_->homework.all();
  ASSERT_EQ(lists.size(), 1u);
  const auto sent = *studio_->homework.sent(lists.front().id);
  EXPECT_EQ(sent.size(), students_.size());
  for (const SentHomework& one : sent)
    for (const auto& file : one.files) {
      EXPECT_TRUE(studio_->holds(file)) << file;
      EXPECT_TRUE(readWholeSound(file.string())) << file;
    }
}

}  // namespace
}  // namespace calando
