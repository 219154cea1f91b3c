#include "core/engine/analysis.h"
#include "records/packs/pack.h"
#include "records/studio_fixture.h"

// How long the sound of a take is kept.
namespace calando {
namespace {

class KeptSounds : public StudioTest {
 protected:
  /// A take of each day from the first on, measured by an engine.
  Take measured(Studio& studio, std::int64_t student, int day, const std::string& engine = engineVersion()) {
    Take take = takeOf(student);
    take.made_unix_s += day * std::int64_t{86400};
    take = *studio.takes.add(take, sounds::noise(0.1, 0.1), 48000);
    EXPECT_TRUE(
        studio.summaries.keep(take.id, {engine, 0.1, "png", {Verdict::inside, {{"held_s", 1.0 + day}}, {}}}));
    return take;
  }
  static constexpr std::int64_t kNow = 1'900'000'000;
};

TEST_F(KeptSounds, MayGoWhenTheyAreOldMeasuredAndNobodysModel) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe"), ben = *studio.students.add("Ben", "oboe");
  const Take old = measured(studio, ada.id, 0), model = measured(studio, ben.id, 1),
             other = measured(studio, ben.id, 2), young = measured(studio, ada.id, 9);
  measured(studio, ada.id, 3, "an engine of another day");
  ASSERT_TRUE(studio.takes.remove(measured(studio, ada.id, 4).id));
  ASSERT_TRUE(studio.takes.add(takeOf(ada.id), sounds::noise(0.1, 0.1), 48000));  // not measured at all
  ASSERT_TRUE(studio.orders.keepModel(ben.id, "steady-tone", model.id));
  std::vector<std::int64_t> due;
  const auto list = *studio.sounds.before(young.made_unix_s);
  for (const Take& take : list) due.push_back(take.id);
  EXPECT_EQ(due, (std::vector{old.id, other.id}));
}

TEST_F(KeptSounds, GoForGoodAfterADayAndTheFiguresStayWhateverEngineMeasuresThen) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  const Take back = measured(studio, ada.id, 0), gone = measured(studio, ada.id, 1);
  ASSERT_TRUE(studio.sounds.letGo({back.id, gone.id}, kNow));
  EXPECT_TRUE(studio.sounds.before(kNow)->empty());
  EXPECT_TRUE(studio.takes.sound(gone.id).error().is(StudioFault::soundLetGo));
  const std::int64_t within = kNow + SoundTable::kLetGo_s - 1, after = kNow + SoundTable::kLetGo_s;
  ASSERT_TRUE(studio.sounds.tidy(within));
  EXPECT_EQ(*studio.sounds.thatWereLetGo(within), (std::vector{back.id, gone.id}));
  ASSERT_TRUE(studio.sounds.bringBack({back.id}));
  ASSERT_TRUE(studio.sounds.tidy(after));
  EXPECT_TRUE(studio.takes.sound(back.id));
  EXPECT_FALSE(fs::exists(studio.takes.file(gone)));
  EXPECT_TRUE(studio.sounds.thatWereLetGo(after)->empty());
  ASSERT_TRUE(studio.sounds.bringBack({gone.id})) << "too late: it is left as it is";
  EXPECT_TRUE(studio.takes.sound(gone.id).error().is(StudioFault::soundLetGo));
  // Measured by an engine that is no more: who has a sound is measured again, who has none keeps what there
  // is.
  for (const Take& take : {back, gone})
    ASSERT_TRUE(
        studio.summaries.keep(take.id, {"older", 0.1, "png", {Verdict::near, {{"held_s", 4.0}}, {}}}));
  const auto summaries = *studio.summaries.of(ada.id);
  EXPECT_FALSE(summaries.contains(back.id));
  ASSERT_TRUE(summaries.contains(gone.id));
  EXPECT_EQ(summaries.at(gone.id).kept.values.at("held_s"), 4.0);
  // Nothing of it is written, packed or found any more.
  Take said = gone;
  said.remark = "good";
  ASSERT_TRUE(studio.takes.change(said));
  const auto unnoted = *studio.sounds.unnoted(10);
  for (const auto& one : unnoted) EXPECT_NE(one.take, gone.id);
  const auto pack = planPack(studio, ada.id, PackKind::teacher, {});
  ASSERT_TRUE(pack);
  EXPECT_EQ(std::ranges::count_if(*pack, [](const auto& e) { return e.name.ends_with(".flac"); }), 1);
  EXPECT_TRUE(studio.recordings.strays()->empty());
  ASSERT_TRUE(studio.students.erase(ada.id));
  EXPECT_EQ(everything().find("Ada"), std::string::npos);
}

}  // namespace
}  // namespace calando
