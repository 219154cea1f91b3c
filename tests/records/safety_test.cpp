#include <SQLiteCpp/SQLiteCpp.h>
#include <signal.h>
#include <sys/stat.h>
#include <sys/wait.h>

#include <algorithm>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/judging/take_summary.h"
#include "core/library/cards.h"
#include "records/studio_fixture.h"
#include "support/small_disk.h"

// Nothing lost, nothing under another's name: what docs/reliability.md promises of the studio's folder.
namespace calando {
namespace {

TEST(Ids, GrowAndAreExactInADouble) {
  std::int64_t last = 0;
  for (int i = 0; i < 5000; ++i) {
    const std::int64_t id = newId(1'800'000'000'000 + i / 50);
    ASSERT_GT(id, last);
    ASSERT_LE(id, kMostId);
    last = id;
  }
}

TEST(Ids, OfAClockThatCannotBeRightAreOfChanceAlone) {
  for (const std::int64_t now_ms :
       {std::int64_t{0}, std::int64_t{-5}, std::int64_t{1'500'000'000'000}, INT64_MAX}) {
    std::set<std::int64_t> all, eleven;
    for (int i = 0; i < 2000; ++i) {
      const std::int64_t id = newId(now_ms);
      ASSERT_GT(id, 0);
      ASSERT_LE(id, kMostId);
      all.insert(id);
      eleven.insert(id >> 20);  // of two programs that begin anew each time, too
    }
    EXPECT_EQ(all.size(), 2000u);
    EXPECT_GT(eleven.size(), 1950u) << now_ms;
  }
}

TEST_F(StudioTest, AnOlderListThatIsPutBackCostsNoSoundAndMixesNobodyUp) {
  fs::path bensFile;
  std::int64_t bensTake = 0, ben = 0;
  {
    Studio studio = open();
    const Student ada = *studio.students.add("Ada", "oboe");
    ASSERT_TRUE(studio.takes.add(takeOf(ada.id), kSound, 48000));
  }
  const std::string older = bytesOf(folder_ / "studio.db");
  {
    Studio studio = open();
    ben = studio.students.add("Ben", "flute")->id;
    const Take take = *studio.takes.add(takeOf(ben), kSound, 48000);
    bensTake = take.id;
    bensFile = studio.takes.file(take);
  }
  const std::string bens = bytesOf(bensFile);
  write(folder_ / "studio.db", older);
  Studio studio = open();
  ASSERT_EQ(studio.students.all()->size(), 1u);
  const Student cora = *studio.students.add("Cora", "horn-f");
  const Take coras = *studio.takes.add(takeOf(cora.id), sounds::noise(0.4, 0.2), 48000);
  EXPECT_NE(cora.id, ben);
  EXPECT_NE(coras.id, bensTake);
  EXPECT_EQ(bytesOf(bensFile), bens);
  // Ben's is found and whose it was is known, but nobody's of this studio until the teacher says so.
  const auto strays = *studio.recordings.strays();
  ASSERT_EQ(strays.size(), 1u);
  EXPECT_EQ(strays[0].file, bensFile);
  EXPECT_EQ(strays[0].note.student.name, "Ben");
  EXPECT_FALSE(strays[0].known);
  EXPECT_FALSE(strays[0].recording);
  EXPECT_NEAR(strays[0].seconds.value_or(0.0), 0.2, 1e-3);
  const Take in = *studio.recordings.takeIn(strays[0], cora);
  EXPECT_EQ(in.asked.note, 67);
  EXPECT_EQ(studio.takes.of(cora.id)->size(), 2u);
  EXPECT_TRUE(studio.recordings.strays()->empty());
  EXPECT_EQ(bytesOf(bensFile), bens);
}

enum class Loss { missing, empty, overwritten, cutShort, negativeVersion };
class LostList : public StudioTest, public testing::WithParamInterface<Loss> {};

TEST_P(LostList, IsSaidAndMadeAnewFromTheSoundFilesAlone) {
  std::int64_t ada = 0, ben = 0;
  Take judged;
  {
    Studio studio = open();
    ada = studio.students.add("Ada ♭", "oboe", {60, 79})->id;
    ben = studio.students.add("Ben", "flute")->id;
    for (int i = 0; i < 20; ++i) {
      Take take = takeOf(i % 2 ? ada : ben);
      take.made_unix_s += i;
      take.asked.tempo_bpm = 72.0;
      judged = *studio.takes.add(take, kSound, 48000);
    }
    judged.word = TeachersWord::veto;
    judged.remark = "pouting “lips” <b>";
    judged.attention = Attention::count;
    judged.comfort = Comfort::tight;
    judged.tried = "a fuller breath";
    ASSERT_TRUE(studio.takes.change(judged));
    writeNotes(studio);
    ASSERT_TRUE(studio.sounds.unnoted(100)->empty());
    leaveRecording(studio, {ben, "Ben", "flute", {}});
  }
  const fs::path db = folder_ / "studio.db";
  switch (GetParam()) {
    case Loss::missing:
      fs::remove(db);
      break;
    case Loss::empty:
      write(db, "");
      break;
    case Loss::overwritten:
      write(db, "this was a database once, long ago");
      break;
    case Loss::cutShort:
      fs::resize_file(db, fs::file_size(db) / 2);
      break;
    case Loss::negativeVersion:
      SQLite::Database(db.string(), SQLite::OPEN_READWRITE).exec("PRAGMA user_version=-5");
      break;
  }
  const std::string before = fs::exists(db) ? bytesOf(db) : "";
  const auto refused = Studio::open(folder_);
  ASSERT_FALSE(refused);
  EXPECT_TRUE(refused.error().canBeRebuilt()) << english(refused.error().what);
  EXPECT_EQ(fs::exists(db) ? bytesOf(db) : "", before);
  auto rebuilt = Studio::rebuild(folder_);
  ASSERT_TRUE(rebuilt) << english(rebuilt.error().what);
  const auto students = *rebuilt->students.all();
  ASSERT_EQ(students.size(), 2u);
  EXPECT_EQ(students[0].id, ada);
  EXPECT_EQ(students[0].name, "Ada ♭");
  EXPECT_EQ(students[0].instrument, "oboe");
  EXPECT_EQ(students[0].range.lowest, 60);
  EXPECT_EQ(students[0].range.highest, 79);
  const auto takes = *rebuilt->takes.of(ada);
  EXPECT_EQ(takes.size(), 10u);
  EXPECT_EQ(rebuilt->takes.of(ben)->size(), 10u);
  const Take& back = takes.front();  // the newest
  EXPECT_EQ(back.id, judged.id);
  EXPECT_EQ(back.made_unix_s, judged.made_unix_s);
  EXPECT_EQ(back.word, TeachersWord::veto);
  EXPECT_EQ(back.remark, judged.remark);
  EXPECT_EQ(back.attention, Attention::count);
  EXPECT_EQ(back.comfort, Comfort::tight);
  EXPECT_EQ(back.tried, judged.tried);
  EXPECT_EQ(back.asked.tempo_bpm, 72.0);
  EXPECT_TRUE(rebuilt->takes.sound(back.id));
  const auto strays = *rebuilt->recordings.strays();
  ASSERT_EQ(strays.size(), 1u);  // the recording
  EXPECT_TRUE(strays[0].known && strays[0].recording);
}
INSTANTIATE_TEST_SUITE_P(Losses, LostList,
                         testing::Values(Loss::missing, Loss::empty, Loss::overwritten, Loss::cutShort,
                                         Loss::negativeVersion));

TEST_F(StudioTest, EveryRecordingIsListedWhateverItsNoteIs) {
  std::string sound;
  Student ada;
  {
    Studio studio = open();
    ada = *studio.students.add("Ada", "oboe");
    sound = bytesOf(leaveRecording(studio, ada));
  }
  const std::string deep(100000, '[');
  const std::pair<const char*, std::string> notes[] = {
      {"1-empty", ""},
      {"2-cut", R"({"calando":1,"student":{"id":12)"},
      {"3-no-object", "[1, 2]"},
      {"4-wrong-types", R"({"calando":"one","student":["x"],"asked":7,"word":{},"made":"noon"})"},
      {"5-out-of-range",
       R"({"calando":1,"student":{"id":-4},"asked":{"note":2000000000,"seconds":1e300,"tonic":77}})"},
      {"6-deep", deep},
      {"7-nobody", R"({"calando":1,"student":{"id":999,"name":"Zoe"},"asked":{"instrument":"flute"}})"},
      {"8-earlier", "{\"student\":" + std::to_string(ada.id) + ",\"asked\":{\"note\":67}}"}};
  for (const auto& [name, note] : notes) {
    write(folder_ / "recording" / (std::string(name) + ".wav"), sound);
    write(folder_ / "recording" / (std::string(name) + ".json"), note);
  }
  write(folder_ / "recording/9-none.wav", sound);
  write(folder_ / "recording/10-torn.wav", std::string(5000, 'x'));
  fs::create_symlink("loop.wav", folder_ / "recording/loop.wav");
  ASSERT_EQ(mkfifo((folder_ / "recording/pipe.wav").c_str(), 0600), 0);
  Studio studio = open();
  EXPECT_TRUE(studio.remarks().empty());
  const auto strays = *studio.recordings.strays();
  EXPECT_EQ(strays.size(), std::size(notes) + 5);  // and the whole one
  int readable = 0, known = 0;
  for (const Stray& stray : strays) {
    readable += stray.seconds.has_value();
    known += stray.known;
    EXPECT_TRUE(stray.recording);
    EXPECT_LT(stray.note.take.asked.note.value_or(0), 200);
    (void)contextFor(stray.note.take.asked);
  }
  EXPECT_EQ(readable, static_cast<int>(std::size(notes)) + 2);
  EXPECT_EQ(known, 2);  // the whole one, and the one of an earlier version
  const auto zoe = std::ranges::find(strays, folder_ / "recording/7-nobody.wav", &Stray::file);
  ASSERT_NE(zoe, strays.end());
  EXPECT_EQ(zoe->note.student.name, "Zoe");
  EXPECT_FALSE(zoe->known);
  ASSERT_TRUE(studio.recordings.throwAway(*zoe));
  EXPECT_EQ(studio.recordings.strays()->size(), strays.size() - 1);
}

TEST_F(StudioTest, ATakeThatWasBeingKeptIsOfferedOnceOrNotAtAll) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  const fs::path recording = leaveRecording(studio, ada);
  Take take = takeOf(ada.id);
  take.recording = recording.filename();
  studio.takes.name(take);
  const Take written = *TakeTable::write(folder_, ada, take, kSound, 48000);
  studio = Studio(std::move(studio));
  {
    Studio looking = open();  // ended before it was on the list
    const auto strays = *looking.recordings.strays();
    ASSERT_EQ(strays.size(), 1u);
    EXPECT_FALSE(strays[0].recording);
  }
  const std::string sound = bytesOf(recording);
  const std::string note = bytesOf(fs::path(recording).replace_extension(".json"));
  ASSERT_TRUE(studio.takes.enter(written));
  EXPECT_FALSE(fs::exists(recording));
  // Ended before the recording was removed: the next start does that.
  write(recording, sound);
  write(fs::path(recording).replace_extension(".json"), note);
  write(folder_ / "takes/.calando-x.part", "half of a copy");
  { Studio gone = std::move(studio); }
  Studio again = open();
  EXPECT_TRUE(again.recordings.strays()->empty());
  EXPECT_FALSE(fs::exists(recording));
  EXPECT_FALSE(fs::exists(folder_ / "takes/.calando-x.part"));
  EXPECT_EQ(again.takes.of(ada.id)->size(), 1u);
}

TEST_F(StudioTest, WhatAskedForASummaryOrACardCannotBeIsSetAsideAndTheRestOpens) {
  std::int64_t ada = 0;
  {
    Studio studio = open();
    ada = studio.students.add("Ada", "oboe")->id;
    for (int i = 0; i < 6; ++i) ASSERT_TRUE(studio.takes.add(takeOf(ada), kSound, 48000));
    ASSERT_TRUE(studio.cards.keep(*findExercise("swell")));
  }
  {
    SQLite::Database db((folder_ / "studio.db").string(), SQLite::OPEN_READWRITE);
    const char* broken[] = {"[]", "{\"instrument\":5,\"note\":2000000000}", "",
                            "{\"against\":{\"held_s\":\"x\"}}",
                            "{\"level\":\"none\",\"exercise\":\"gone\",\"card\":\"{}\"}"};
    SQLite::Statement ids(db, "SELECT id FROM take ORDER BY id");
    for (const char* text : broken) {
      ASSERT_TRUE(ids.executeStep());
      SQLite::Statement update(db, "UPDATE take SET asked = ?, word = 77, attention = -3 WHERE id = ?");
      update.bind(1, text);
      update.bind(2, ids.getColumn(0).getInt64());
      update.exec();
    }
    db.exec("INSERT INTO card VALUES('bad', '{\"title\": 1}')");
    db.exec("UPDATE student SET lowest = 2000000000");
  }
  Studio studio = open();
  ASSERT_EQ(studio.remarks().size(), 1u);
  EXPECT_EQ(english(studio.remarks()[0]), english(Problem(StudioFault::cardsSetAside, 1)));
  EXPECT_EQ(studio.cards.all()->size(), 1u);
  EXPECT_LE(studio.students.all()->front().range.lowest, 140);
  const auto takes = *studio.takes.of(ada);
  ASSERT_EQ(takes.size(), 6u);
  EXPECT_EQ(std::ranges::count(takes, false, &Take::askedSound), 3);  // what is only unknown can be read
  for (const Take& take : takes) {
    const Context context = contextFor(take.asked);
    ASSERT_TRUE(context.exercise && context.level);
    (void)analyse(kSound, 48000, context);
  }
}

}  // namespace
}  // namespace calando
