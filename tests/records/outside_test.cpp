#include <SQLiteCpp/SQLiteCpp.h>
#include <sys/stat.h>

#include "core/library/cards.h"
#include "exchange/archive.h"
#include "records/packs/backup.h"
#include "records/packs/pack.h"
#include "records/studio_fixture.h"

// What comes from outside belongs to its student and to its folder, and to nothing else.

namespace calando {
namespace {

class OutsideTest : public StudioTest {
 protected:
  void SetUp() override {
    StudioTest::SetUp();
    fs::create_directories(folder_);
    studio_ = std::make_unique<Studio>(std::move(*Studio::open(folder_ / "here")));
    ada_ = *studio_->students.add("Ada Moor", "trumpet-bb");
    ben_ = *studio_->students.add("Ben Falk", "flute");
  }
  void TearDown() override {
    studio_.reset();
    StudioTest::TearDown();
  }
  /// A pack whose text is changed before it comes in.
  template <class Change>
  Studio::Result<PackTaken> take(PackContents contents, Change change,
                                 std::vector<ArchiveEntry> sounds = {}) {
    nlohmann::json text = nlohmann::json::parse(toText(contents));
    change(text);
    sounds.insert(sounds.begin(), {"pack.json", text.dump()});
    const fs::path file = folder_ / "pack.zip";
    EXPECT_TRUE(writeZip(file, sounds));
    const auto unpacked = unpackPack(file, studio_->folder());
    if (!unpacked) return tl::unexpected(unpacked.error());
    return takePackIn(*studio_, *unpacked);
  }
  static void nothing(nlohmann::json&) {}
  PackContents packOf(PackKind kind, const Student& student) {
    PackContents contents;
    contents.kind = kind;
    contents.from = "elsewhere";
    contents.student = student;
    return contents;
  }
  void execute(const std::string& sql) {
    studio_.reset();
    SQLite::Database((folder_ / "here" / "studio.db").string(), SQLite::OPEN_READWRITE).exec(sql);
  }

  std::unique_ptr<Studio> studio_;
  Student ada_, ben_;
};

TEST_F(OutsideTest, AnAnswerTakesOverNoEntryOfAnother) {
  const Practice bens =
      *studio_->plans.keepPractice({0, ben_.id, dayFrom("2026-11-02").value(), 30, "Ben's own"});
  PackContents answer = packOf(PackKind::answer, ada_);
  answer.practices = {{bens.id, ada_.id, dayFrom("2026-11-03").value(), 10, "Ada's"}};
  for (int twice = 0; twice < 2; ++twice) {
    ASSERT_TRUE(take(answer, nothing));
    ASSERT_EQ(studio_->plans.practices(ben_.id)->size(), 1u);
    EXPECT_EQ(studio_->plans.practices(ben_.id)->front().what, "Ben's own");
    ASSERT_EQ(studio_->plans.practices(ada_.id)->size(), 1u);
    EXPECT_EQ(studio_->plans.practices(ada_.id)->front().what, "Ada's");
  }
}

TEST_F(OutsideTest, AModelIsATakeOfItsStudent) {
  const Take bens = *studio_->takes.add(takeOf(ben_.id), sounds::noise(0.1, 0.1), 48000);
  PackContents pack = packOf(PackKind::home, ada_);
  pack.models["against-teacher"] = bens.id;
  (void)take(pack, nothing);
  EXPECT_EQ(*studio_->orders.model(ada_.id, "against-teacher"), std::nullopt);
  EXPECT_FALSE(studio_->orders.keepModel(ada_.id, "against-teacher", bens.id));
}

TEST_F(OutsideTest, IdsAndVersionsThatCannotBeAreRefused) {
  const auto refused = [&](auto change) {
    return !take(packOf(PackKind::home, {77, "Cora", "oboe", {}}), change);
  };
  EXPECT_TRUE(refused([](nlohmann::json& t) { t["version"] = -1; }));
  EXPECT_TRUE(refused([](nlohmann::json& t) { t["version"] = 0; }));
  EXPECT_TRUE(refused([](nlohmann::json& t) { t["student"]["id"] = INT64_MAX; }));
  EXPECT_TRUE(refused([](nlohmann::json& t) { t["student"]["id"] = -5; }));
  EXPECT_TRUE(refused([](nlohmann::json& t) { t["models"]["swell"] = INT64_MAX; }));
  EXPECT_TRUE(refused([](nlohmann::json& t) {
    t["practice"].push_back({{"id", INT64_MAX}, {"day", "2026-11-03"}, {"minutes", 10}, {"what", ""}});
  }));
  EXPECT_EQ(studio_->students.all()->size(), 2u);
  EXPECT_FALSE(refused([](nlohmann::json&) {}));
}

TEST_F(OutsideTest, AHomePackOfAnotherStudioReplacesNothingUnasked) {
  ASSERT_TRUE(studio_->orders.keep(ada_.id, {"swell"}));
  Plan plan;
  plan.minutes = 33;
  ASSERT_TRUE(studio_->plans.keep(ada_.id, plan));
  Exercise own = *findExercise("swell");
  own.id = "own-1";
  own.title = "Ours";
  ASSERT_TRUE(studio_->cards.keep(own));
  PackContents pack = packOf(PackKind::home, ada_);
  pack.order = {"own-1", "scale-4-4"};
  pack.plan.minutes = 5;
  pack.plan.step("own-1").rests = 2;
  own.title = "Theirs";
  pack.cards = {own};
  const auto taken = take(pack, nothing);
  EXPECT_EQ(*studio_->orders.of(ada_.id), std::vector<std::string>{"swell"});
  EXPECT_EQ(studio_->plans.of(ada_.id)->minutes, 33);
  const auto titles = [&] {
    std::set<std::string> all;
    const auto cards = studio_->cards.all();
    for (const Exercise& card : *cards) all.insert(card.title);
    return all;
  };
  EXPECT_TRUE(titles().contains("Ours")) << "the studio’s own card stays";
}

TEST_F(OutsideTest, APackThatFailsLeavesNothing) {
  PackContents pack = packOf(PackKind::home, {77, "Cora", "oboe", {}});
  pack.order = {"swell"};
  execute("CREATE TRIGGER full BEFORE INSERT ON step BEGIN SELECT RAISE(ABORT, 'no room'); END;");
  studio_ = std::make_unique<Studio>(std::move(*Studio::open(folder_ / "here")));
  EXPECT_FALSE(take(pack, nothing));
  EXPECT_EQ(studio_->students.all()->size(), 2u) << "its student is not left behind";
}

TEST_F(OutsideTest, NamesAreOneVisibleLine) {
  const std::string wild =
      "Ada\nMoor \xE2\x80\xAE"
      "reversed\xE2\x80\xA8 and\tmore\x07 \xE2\x81\xA6"
      "end ";
  const Student added = *studio_->students.add(wild, "oboe");
  const auto nameOf = [&](std::int64_t id) {
    const auto list = *studio_->students.all();
    return std::ranges::find(list, id, &Student::id)->name;
  };
  EXPECT_EQ(nameOf(added.id), "Ada Moor reversed and more end");
  ASSERT_TRUE(studio_->students.adopt({88, wild, "oboe", {}}));
  EXPECT_EQ(nameOf(88), "Ada Moor reversed and more end");
  execute("UPDATE student SET name = 'x' || char(10) || char(8238) || 'y' WHERE id = 88");
  studio_ = std::make_unique<Studio>(std::move(*Studio::open(folder_ / "here")));
  EXPECT_EQ(nameOf(88), "x y") << "whoever wrote it";
}

TEST_F(OutsideTest, ABackupThatNamesFilesElsewhereIsRefusedAndRemovesNothing) {
  const fs::path precious = folder_ / "precious.flac";
  write(precious, "not a take");
  const Take take = *studio_->takes.add(takeOf(ada_.id), sounds::noise(0.1, 0.1), 48000);
  execute("UPDATE take SET deleted = 1, file = '" + precious.string() +
          "' WHERE id = " + std::to_string(take.id));
  const fs::path file = folder_ / "hostile.zip";
  ASSERT_TRUE(writeZip(file, {{"studio.db", folder_ / "here" / "studio.db"}}));
  EXPECT_FALSE(restoreBackup(file, folder_ / "back"));
  auto opened = Studio::open(folder_ / "here");
  if (opened) {
    (void)opened->takes.removeDeleted();
    (void)opened->students.erase(ada_.id);
  }
  EXPECT_TRUE(fs::exists(precious));
}

TEST_F(OutsideTest, ABackupGoesNowhereIntoTheStudioItself) {
  const auto plan = planBackup(*studio_);
  ASSERT_TRUE(plan);
  const std::string list = bytesOf(folder_ / "here" / "studio.db");
  for (const fs::path& place : {folder_ / "here" / "studio.db", folder_ / "here" / "takes" / "all.zip",
                                folder_ / "here" / ".." / "here" / "all.zip"}) {
    EXPECT_FALSE(writeBackup(*plan, place)) << place;
    EXPECT_EQ(bytesOf(folder_ / "here" / "studio.db"), list);
  }
  EXPECT_TRUE(writeBackup(*plan, folder_ / "all.zip"));
}

TEST_F(OutsideTest, LinksInAStudioAreRefusedAndWhatTheyLeadToStays) {
  for (const char* part : {"recording", "takes", "erasing", "incoming", "studio.db"}) {
    const fs::path trap = folder_ / "trap", target = folder_ / "target";
    fs::create_directories(trap);
    fs::create_directories(target);
    write(target / "letter.json", "{}");
    write(target / "letter.part", "mine");
    fs::create_symlink(target, trap / part);
    const auto opened = Studio::open(trap);
    EXPECT_FALSE(opened) << part;
    EXPECT_TRUE(fs::exists(target / "letter.json")) << part;
    EXPECT_TRUE(fs::exists(target / "letter.part")) << part;
    fs::remove_all(trap);
    fs::remove_all(target);
  }
}

TEST_F(OutsideTest, AFolderThatOthersMayWriteIsRefused) {
  studio_.reset();
  const fs::path folder = folder_ / "here";
  fs::permissions(folder, fs::perms::all);
  write(folder / "erasing" / std::to_string(ada_.id), "");  // planted
  const auto opened = Studio::open(folder);
  EXPECT_FALSE(opened);
  fs::permissions(folder, fs::perms::owner_all);
  fs::remove(folder / "erasing" / std::to_string(ada_.id));
  ASSERT_TRUE(Studio::open(folder));
  EXPECT_EQ(Studio::open(folder)->students.all()->size(), 2u);
  if (getuid() != 0) return;
  ASSERT_EQ(chown(folder.c_str(), 65534, 65534), 0);  // somebody else’s
  EXPECT_FALSE(Studio::open(folder));
  ASSERT_EQ(chown(folder.c_str(), 0, 0), 0);
}

TEST_F(OutsideTest, AStudioThatIsOnlyLookedAtIsNotWritten) {
  const Take take = *studio_->takes.add(takeOf(ada_.id), sounds::noise(0.1, 0.1), 48000);
  Take changed = take;
  changed.remark = "newer than its file";
  ASSERT_TRUE(studio_->takes.change(changed));
  const std::string before = bytesOf(studio_->takes.file(take));
  auto second = Studio::open(folder_ / "here");
  ASSERT_TRUE(second && second->readOnly());
  (void)planPack(*second, ada_.id, PackKind::answer);
  EXPECT_EQ(bytesOf(studio_->takes.file(take)), before);
}

TEST_F(OutsideTest, ARestoreThatFailsLeavesTheFolderAsItWas) {
  const fs::path folder = folder_ / "mine";
  fs::create_directories(folder);
  fs::permissions(folder, fs::perms(0755));
  write(folder_ / "no.zip", "no archive");
  EXPECT_FALSE(restoreBackup(folder_ / "no.zip", folder));
  EXPECT_TRUE(fs::is_empty(folder));
  EXPECT_EQ(fs::status(folder).permissions(), fs::perms(0755));
}

TEST_F(OutsideTest, AMomentThatCannotBeIsNone) {
  const Take take = *studio_->takes.add(takeOf(ada_.id), sounds::noise(0.1, 0.1), 48000);
  execute("UPDATE take SET made = -9000000000000000 WHERE id = " + std::to_string(take.id));
  studio_ = std::make_unique<Studio>(std::move(*Studio::open(folder_ / "here")));
  EXPECT_GE(studio_->takes.of(ada_.id)->front().made_unix_s, 0);
}

}  // namespace
}  // namespace calando
