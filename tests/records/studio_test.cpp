#include "records/studio.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <fcntl.h>
#include <signal.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cmath>
#include <thread>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/library/cards.h"
#include "records/studio_fixture.h"

namespace calando {
namespace {

/// How the tables were, version by version.
constexpr const char* kOldTables[] = {
    R"(
CREATE TABLE student(id INTEGER PRIMARY KEY, name TEXT NOT NULL, instrument TEXT NOT NULL);
CREATE TABLE take(id INTEGER PRIMARY KEY, student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL, seconds REAL NOT NULL, source TEXT NOT NULL, asked TEXT NOT NULL,
  word INTEGER NOT NULL DEFAULT 0, remark TEXT NOT NULL DEFAULT '', deleted INTEGER NOT NULL DEFAULT 0);
CREATE TABLE summary(take INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE, engine TEXT NOT NULL, held REAL,
  ribbon BLOB NOT NULL, readings TEXT NOT NULL);
CREATE TABLE setting(key TEXT PRIMARY KEY, value TEXT NOT NULL);)",
    "ALTER TABLE take ADD COLUMN attention INTEGER NOT NULL DEFAULT 0;",
    R"(ALTER TABLE take ADD COLUMN comfort INTEGER NOT NULL DEFAULT 0;
ALTER TABLE take ADD COLUMN tried TEXT NOT NULL DEFAULT '';
CREATE TABLE card(id TEXT PRIMARY KEY, text TEXT NOT NULL);)",
    "ALTER TABLE student ADD COLUMN lowest INTEGER; ALTER TABLE student ADD COLUMN highest INTEGER;",
    R"(ALTER TABLE take ADD COLUMN file TEXT NOT NULL DEFAULT '';
UPDATE take SET file = id || '.flac';
CREATE UNIQUE INDEX take_file ON take(file);
ALTER TABLE take ADD COLUMN recording TEXT NOT NULL DEFAULT '';
ALTER TABLE take ADD COLUMN changed INTEGER NOT NULL DEFAULT 1;
ALTER TABLE take ADD COLUMN noted INTEGER NOT NULL DEFAULT 0;)"};

class OldStudio : public StudioTest, public testing::WithParamInterface<int> {};
INSTANTIATE_TEST_SUITE_P(OfVersion, OldStudio, testing::Range(1, 6));

TEST_P(OldStudio, IsBroughtUpToDateWithAllThatIsInIt) {
  fs::create_directories(folder_);
  {
    SQLite::Database db((folder_ / "studio.db").string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    db.exec(kOldTables[0]);
    db.exec(R"(
INSERT INTO student VALUES(7, 'Ada', 'oboe');
INSERT INTO take VALUES(3, 7, 1800000000, 2.0, 'test', '{"instrument":"oboe","note":67,"seconds":9.0}', 4, 'pouting', 0),
  (4, 7, 1800000100, 2.0, 'test', '{}', 0, '', 0), (5, 7, 1800000200, 2.0, 'test', '{}', 0, '', 0);
INSERT INTO setting VALUES('order:7', '["swell","steady-tone"]'), ('order:5', '["swell"]'), ('source', 'mic'),
  ('model:7:steady-tone', '3'), ('model:7:swell', '99'), ('model:71:steady-tone', '9'), ('output_db', '-9');)");
    SQLite::Statement summary(db, "INSERT INTO summary VALUES(?, ?, 1.5, 'png', ?)");
    const std::pair<int, const char*> readings[] = {
        {3, R"({"values":{"held_s":1.5,"sag_cents":-12,"odd":"text"},"verdict":1,"advice":"Breathe."})"},
        {4, "{not json"},
        {5, R"([1, 2])"}};
    for (const auto& [take, text] : readings) {
      summary.reset();
      summary.bind(1, take);
      summary.bind(2, engineVersion());
      summary.bind(3, text);
      summary.exec();
    }
    for (int step = 1; step < GetParam(); ++step) db.exec(kOldTables[step]);
    db.exec("PRAGMA user_version = " + std::to_string(GetParam()));
  }
  Studio studio = open();
  const auto takes = *studio.takes.of(7);
  ASSERT_EQ(takes.size(), 3u);
  const Take& take = takes.back();
  EXPECT_EQ(take.word, TeachersWord::veto);
  EXPECT_EQ(take.remark, "pouting");
  EXPECT_EQ(take.asked.note, 67);
  EXPECT_EQ(take.asked.exercise, "steady-tone");
  EXPECT_FALSE(take.asked.start_s);
  EXPECT_EQ(take.attention, Attention::unsaid);
  EXPECT_EQ(take.comfort, Comfort::unsaid);
  EXPECT_TRUE(take.ticks.empty());
  EXPECT_FALSE(take.stopped);
  EXPECT_EQ(take.seen, Seen::unsaid);
  EXPECT_TRUE(studio.plans.openBreaths(7)->empty());
  EXPECT_TRUE(studio.cards.all()->empty());
  EXPECT_EQ(studio.takes.file(3).filename(), "3.flac");
  EXPECT_EQ(studio.sounds.unnoted(10)->size(), 3u);
  EXPECT_EQ(*studio.orders.of(7), (std::vector<std::string>{"swell", "steady-tone"}));
  EXPECT_TRUE(studio.orders.of(5)->empty());
  EXPECT_EQ(*studio.orders.model(7, "steady-tone"), 3);
  EXPECT_FALSE(*studio.orders.model(7, "swell")) << "its take is gone";
  EXPECT_EQ(studio.settings.get(settings::source), "mic");
  EXPECT_EQ(studio.settings.get(settings::output_db), -9.0);
  const auto measured = *studio.summaries.of(7);
  ASSERT_EQ(measured.size(), 3u);
  EXPECT_EQ(measured.at(3).kept.verdict, Verdict::near);
  EXPECT_EQ(measured.at(3).kept.advice, "Breathe.");
  EXPECT_EQ(measured.at(3).kept.values,
            (std::map<std::string, double>{{"held_s", 1.5}, {"sag_cents", -12.0}}));
  EXPECT_EQ(measured.at(4).kept.verdict, Verdict::unmeasured);
  EXPECT_TRUE(measured.at(5).kept.values.empty());
  const Student ada = studio.students.all()->front();
  EXPECT_FALSE(ada.range.lowest || ada.range.highest);
}

TEST_F(StudioTest, WhatIsChangedOfAStudentAndATakeStays) {
  Studio studio = open();
  Student ada = *studio.students.add("Ada", "oboe");
  ada.range = {{}, 79};
  ASSERT_TRUE(studio.students.change(ada));
  EXPECT_FALSE(studio.students.all()->front().range.lowest);
  EXPECT_EQ(studio.students.all()->front().range.highest, 79);
  Take take = *studio.takes.add(takeOf(ada.id), sounds::tone({.seconds = 0.5}), 48000);
  take.asked.range = ada.range;
  take.attention = Attention::lips;
  take.comfort = Comfort::tight;
  take.tried = "a fuller breath";
  take.asked.against = ComparisonTake{9.5, {}};
  take.asked.exercise = "swell";
  take.asked.tempo_bpm = 72.0;
  take.asked.start_s = 4.25;
  take.asked.key = KeyTimes{1.5, 9.25};
  take.asked.mostCounts = 12;
  OpenMark mark{{}, -41.5};
  for (std::size_t band = 0; band < kAirBands; ++band) mark.profile[band] = -1.5 * static_cast<double>(band);
  take.asked.open = OpenBreath{mark.profile, mark.level_dbfs, 1.75};
  take.ticks = {"ribs", "posture"};
  take.stopped = true;
  take.seen = Seen::wrong;
  take.asked.nextTries = {{"comes-and-goes", 2}};
  take.asked.spanBefore = 7.5;
  take.asked.own = {{"tilt_db_per_octave", -17.5}};
  take.asked.school = "air";
  ASSERT_TRUE(studio.plans.keepOpenBreaths(ada.id, {mark, mark}));
  ASSERT_TRUE(studio.takes.change(take));
  const Take again = studio.takes.of(ada.id)->front();
  EXPECT_EQ(again.attention, Attention::lips);
  EXPECT_EQ(again.comfort, Comfort::tight);
  EXPECT_EQ(again.tried, "a fuller breath");
  EXPECT_EQ(again.seen, Seen::wrong);
  EXPECT_EQ(again.asked.nextTries, take.asked.nextTries);
  EXPECT_EQ(contextFor(again.asked).spanBefore, 7.5);
  EXPECT_EQ(contextFor(again.asked).own, take.asked.own);
  EXPECT_EQ(again.asked.school, "air");
  EXPECT_EQ(contextFor(again.asked).range.highest, 79);
  ASSERT_TRUE(again.asked.against);
  EXPECT_EQ(again.asked.against->held_s, 9.5);
  EXPECT_FALSE(again.asked.against->wander_cents);
  EXPECT_EQ(again.asked.tempo_bpm, 72.0);
  EXPECT_EQ(again.asked.start_s, 4.25);
  EXPECT_EQ(again.asked.key->to_s, 9.25);
  EXPECT_EQ(again.asked.mostCounts, 12);
  EXPECT_EQ(again.asked.open->profile, mark.profile);
  EXPECT_EQ(again.asked.open->repeat_db, 1.75);
  EXPECT_EQ(again.ticks, take.ticks);
  EXPECT_TRUE(again.stopped);
  EXPECT_EQ(studio.plans.openBreaths(ada.id)->at(1).profile, mark.profile);
  // The same beside the sound.
  const auto noted = soundNoteFrom(toText(SoundNote{ada, again}));
  ASSERT_TRUE(noted);
  EXPECT_EQ(noted->take.ticks, take.ticks);
  EXPECT_TRUE(noted->take.stopped);
  EXPECT_EQ(noted->take.asked.key->from_s, 1.5);
}

TEST_F(StudioTest, GrowthIsAQueryAndAnOrderAndAModelGoWithTheirStudentAndTake) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  const auto sound = sounds::tone({.seconds = 0.2});
  std::vector<Take> takes;
  for (int i = 0; i < 3; ++i) {
    Take take = takeOf(ada.id);
    take.made_unix_s = 1'800'000'000 + 1000 * (2 - i);
    takes.push_back(*studio.takes.add(take, sound, 48000));
    ASSERT_TRUE(studio.summaries.keep(
        takes.back().id, {engineVersion(), {}, "", {Verdict::inside, {{"held_s", i + 1.0}}, ""}}));
  }
  ASSERT_TRUE(studio.takes.remove(takes[1].id));
  const auto held = *studio.summaries.figureOverTime(ada.id, "held_s");
  ASSERT_EQ(held.size(), 2u);
  EXPECT_EQ(held[0].value, 3.0);
  EXPECT_EQ(held[1].take, takes[0].id);
  EXPECT_TRUE(studio.summaries.figureOverTime(ada.id, "sag_cents")->empty());
  ASSERT_TRUE(studio.orders.keep(ada.id, {"swell", "swell", "steady-tone"}));
  ASSERT_TRUE(studio.orders.keep(ada.id, {"steady-tone", "swell"}));
  EXPECT_EQ(*studio.orders.of(ada.id), (std::vector<std::string>{"steady-tone", "swell"}));
  ASSERT_TRUE(studio.orders.keepModel(ada.id, "swell", takes[0].id));
  ASSERT_TRUE(studio.orders.keepModel(ada.id, "swell", takes[1].id));
  EXPECT_EQ(*studio.orders.model(ada.id, "swell"), takes[1].id);
  ASSERT_TRUE(studio.takes.removeDeleted());
  EXPECT_FALSE(*studio.orders.model(ada.id, "swell"));
  ASSERT_TRUE(studio.students.erase(ada.id));
  EXPECT_TRUE(studio.orders.of(ada.id)->empty());
}

TEST_F(StudioTest, ATakeOfTwoIsInBothBooksAndGoesWithEither) {
  for (const bool owner : {true, false}) {
    fs::remove_all(folder_);
    std::int64_t ada = 0, ben = 0;
    fs::path file;
    {
      Studio studio = open();
      ada = studio.students.add("Ada", "oboe")->id;
      ben = studio.students.add("Ben", "horn-f")->id;
      Take take = takeOf(ada);
      take.other = ben;
      take = *studio.takes.add(take, sounds::noise(0.2, 0.1), 48000, sounds::noise(0.2, 0.05));
      StoredSummary summary{engineVersion(), {}, "", {}};
      summary.kept.values["lock_s"] = 1.5;
      ASSERT_TRUE(studio.summaries.keep(take.id, summary));
      ASSERT_TRUE(studio.takes.add(takeOf(ada), sounds::noise(0.1, 0.1), 48000));
      ASSERT_TRUE(studio.takes.add(takeOf(ben), sounds::noise(0.1, 0.1), 48000));
      file = studio.takes.file(take);
    }
    // The list is lost: both books are made anew from the sounds.
    for (const char* name : {"studio.db", "studio.db-wal", "studio.db-shm"}) fs::remove(folder_ / name);
    auto rebuilt = Studio::rebuild(folder_);
    ASSERT_TRUE(rebuilt) << english(rebuilt.error().what);
    for (const std::int64_t whom : {ada, ben}) {
      const auto takes = *rebuilt->takes.of(whom);
      ASSERT_EQ(takes.size(), 2u);
      EXPECT_EQ(
          std::ranges::count_if(takes, [&](const Take& t) { return t.student == ada && t.other == ben; }), 1);
    }
    ASSERT_TRUE(rebuilt->students.erase(owner ? ada : ben));
    EXPECT_FALSE(fs::exists(file));
    EXPECT_EQ(rebuilt->takes.of(owner ? ben : ada)->size(), 1u);
  }
}

TEST_F(StudioTest, KeepsStudentsAndTakesOverARestart) {
  const auto samples = sounds::tone({.seconds = 0.5});
  std::int64_t id = 0;
  {
    Studio studio = open();
    const Student ada = *studio.students.add("Ada ♭", "oboe");
    Take take = *studio.takes.add(takeOf(ada.id), samples, 48000);
    take.word = TeachersWord::veto;
    take.remark = "pouting";
    ASSERT_TRUE(studio.takes.change(take));
    ASSERT_TRUE(studio.summaries.keep(take.id, {engineVersion(),
                                                0.5,
                                                std::string("\0png", 4),
                                                {Verdict::near,
                                                 {{"held_s", 0.5}, {"sag_cents", -12.5}},
                                                 "Breathe.",
                                                 "sags",
                                                 {{57, -24, 1.5}, {64, -21, 0.5}}}}));
    ASSERT_TRUE(studio.settings.keep(settings::source, std::string("mic")));
    id = take.id;
  }
  Studio studio = open();
  const auto students = *studio.students.all();
  ASSERT_EQ(students.size(), 1u);
  EXPECT_EQ(students[0].name, "Ada ♭");
  const auto takes = *studio.takes.of(students[0].id);
  ASSERT_EQ(takes.size(), 1u);
  EXPECT_EQ(takes[0].word, TeachersWord::veto);
  EXPECT_EQ(takes[0].remark, "pouting");
  EXPECT_EQ(takes[0].asked.note, 67);
  EXPECT_EQ(takes[0].asked.seconds, 9);
  EXPECT_EQ(takes[0].held_s, 0.5);
  EXPECT_EQ((*studio.summaries.ofTake(id))->ribbon, std::string("\0png", 4));
  const TakeSummary kept = studio.summaries.of(students[0].id)->at(id).kept;
  EXPECT_EQ(kept.verdict, Verdict::near);
  EXPECT_EQ(kept.advice, "Breathe.");
  EXPECT_EQ(kept.observation, "sags");
  EXPECT_EQ(kept.reach, (std::vector<Reached>{{57, -24, 1.5}, {64, -21, 0.5}}));
  EXPECT_EQ(kept.values.at("sag_cents"), -12.5);
  EXPECT_EQ(kept.values.size(), 2u);
  EXPECT_EQ(studio.settings.get(settings::source), "mic");
  const Sound sound = *studio.takes.sound(id);
  ASSERT_EQ(sound.samples.size(), samples.size());
  for (std::size_t i = 0; i < samples.size(); ++i)
    ASSERT_NEAR(sound.samples[i], samples[i], 2e-7) << i;  // 24 bits
}

TEST_F(StudioTest, OwnCardsAreKeptReplacedAndErasedAndTakesKeepTheCardTheyWerePlayedFor) {
  Exercise card = *findExercise("scale-4-4");
  card.id = "own-1";
  card.title = "Five notes";
  card.generator.count = 5;
  {
    Studio studio = open();
    ASSERT_TRUE(studio.cards.keep(card));
    card.tempo_bpm = 80.0;
    ASSERT_TRUE(studio.cards.keep(card));
  }
  Studio studio = open();
  const auto cards = *studio.cards.all();
  ASSERT_EQ(cards.size(), 1u);
  EXPECT_EQ(toText(cards[0]), toText(card));
  const Student ada = *studio.students.add("Ada", "oboe");
  Take take = takeOf(ada.id);
  take.asked.exercise = card.id;
  take.asked.card = toText(card);
  ASSERT_TRUE(studio.takes.add(take, sounds::noise(0.1, 0.1), 48000));
  ASSERT_TRUE(studio.cards.erase(card.id));
  EXPECT_TRUE(studio.cards.all()->empty());
  const Context context = contextFor(studio.takes.of(ada.id)->front().asked);
  ASSERT_TRUE(context.exercise);
  EXPECT_EQ(context.exercise->title, "Five notes");
}

}  // namespace
}  // namespace calando
