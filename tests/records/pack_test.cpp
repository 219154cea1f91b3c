#include "records/packs/pack.h"

#include <gtest/gtest.h>
#include <unistd.h>

#include <fstream>

#include "core/homework/list.h"
#include "core/library/cards.h"
#include "exchange/archive.h"
#include "records/packs/backup.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

namespace fs = std::filesystem;

std::string bytesOf(const fs::path& file) {
  std::ifstream in(file, std::ios::binary);
  return {std::istreambuf_iterator<char>(in), {}};
}

/// A teacher's studio with two students, and a student's own, still empty.
class Packs : public testing::Test {
 protected:
  Packs() : folder_(fs::temp_directory_path() / ("calando-packs-" + std::to_string(getpid()))) {
    fs::remove_all(folder_);
    fs::create_directories(folder_);
    teacher_ = std::make_unique<Studio>(std::move(*Studio::open(folder_ / "teacher")));
    home_ = std::make_unique<Studio>(std::move(*Studio::open(folder_ / "home")));
    ada_ = *teacher_->students.add("Ada Moor", "trumpet-bb", {52, 74});
    ben_ = *teacher_->students.add("Ben Falk", "flute");
  }
  ~Packs() override { fs::remove_all(folder_); }

  Take played(Studio& studio, const Student& student, std::int64_t made,
              const char* exercise = "steady-tone") {
    Take take;
    take.student = student.id;
    take.asked.instrument = student.instrument;
    take.asked.exercise = exercise;
    take.made_unix_s = made;
    take.remark = "as it was";
    const double hz = 300.0 + static_cast<double>(made % 97);
    return *studio.takes.add(
        take, sounds::tone({.f0_hz = hz, .seconds = 0.2, .before_s = 0.0, .after_s = 0.0}), 48000);
  }
  fs::path pack(Studio& studio, PackKind kind, const Student& student,
                std::optional<std::int64_t> list = {}) {
    const fs::path file = folder_ / ("pack-" + std::to_string(++packs_) + ".zip");
    const auto planned = planPack(studio, student.id, kind, list);
    EXPECT_TRUE(planned && writePack(*planned, file));
    return file;
  }
  static Studio::Result<PackTaken> takePackIn(Studio& studio, const fs::path& file) {
    const auto unpacked = unpackPack(file, studio.folder());
    if (!unpacked) return tl::unexpected(unpacked.error());
    return calando::takePackIn(studio, *unpacked);
  }
  std::string refusal(Studio& studio, const fs::path& file) {
    const auto taken = takePackIn(studio, file);
    return taken ? "" : english(taken.error());
  }

  fs::path folder_;
  std::unique_ptr<Studio> teacher_, home_;
  Student ada_, ben_;
  int packs_ = 0;
};

TEST_F(Packs, GoHomeAndComeBackWithEveryTakeOnce) {
  const Take model = played(*teacher_, ada_, 1'700'000'000, "against-teacher");
  played(*teacher_, ada_, 1'700'000'100);
  played(*teacher_, ben_, 1'700'000'200);
  ASSERT_TRUE(teacher_->orders.keepModel(ada_.id, "against-teacher", model.id));
  ASSERT_TRUE(teacher_->orders.keep(ada_.id, {"swell", "own-1"}));
  Exercise own = *findExercise("swell");
  own.id = "own-1";
  ASSERT_TRUE(teacher_->cards.keep(own));
  Plan plan;
  plan.minutes = 10;
  plan.step("swell").rests = 1;
  ASSERT_TRUE(teacher_->plans.keep(ada_.id, plan));
  const Homework list = *teacher_->homework.keep(
      {0, dayFrom("2026-12-01").value(), toText(HomeworkList{"Week", {{findExercise("tone-5")}}})});

  const fs::path out = pack(*teacher_, PackKind::home, ada_, list.id);
  EXPECT_EQ(bytesOf(out).find("Ben Falk"), std::string::npos) << "nothing of anybody else";
  auto taken = takePackIn(*home_, out);
  ASSERT_TRUE(taken) << english(taken.error());
  EXPECT_EQ(taken->student.name, "Ada Moor");
  ASSERT_EQ(home_->students.all()->size(), 1u);
  EXPECT_EQ(home_->students.all()->front().range.highest, 74);
  EXPECT_EQ(*home_->orders.of(ada_.id), (std::vector<std::string>{"swell", "own-1"}));
  EXPECT_EQ(*home_->plans.of(ada_.id), plan);
  EXPECT_EQ(home_->cards.all()->size(), 1u);
  EXPECT_EQ(home_->homework.all()->size(), 1u);
  EXPECT_EQ(*home_->orders.model(ada_.id, "against-teacher"), model.id);
  EXPECT_EQ(home_->takes.of(ada_.id)->size(), 1u) << "the model alone";
  EXPECT_TRUE(takePackIn(*home_, out)) << "the same again changes nothing";
  EXPECT_EQ(home_->homework.all()->size(), 1u);

  std::map<std::int64_t, std::string> sounds;
  for (int i = 0; i < 200; ++i) {
    const Take take = played(*home_, ada_, 1'700'100'000 + 60 * i);
    sounds[take.id] = bytesOf(home_->takes.file(take));
  }
  ASSERT_TRUE(home_->plans.keepPractice({0, ada_.id, dayFrom("2026-11-28").value(), 25, "duets"}));
  const fs::path answer = pack(*home_, PackKind::answer, ada_);
  taken = takePackIn(*teacher_, answer);
  ASSERT_TRUE(taken) << english(taken.error());
  EXPECT_EQ(taken->takes, 200);
  EXPECT_EQ(taken->practices, 1);
  const auto takes = *teacher_->takes.of(ada_.id);
  ASSERT_EQ(takes.size(), 202u);
  for (const Take& take : takes) {
    if (!sounds.contains(take.id)) continue;
    EXPECT_EQ(bytesOf(teacher_->takes.file(take)), sounds.at(take.id)) << "byte by byte";
    EXPECT_EQ(take.remark, "as it was");
    EXPECT_GE(take.made_unix_s, 1'700'100'000);
  }
  ASSERT_TRUE(teacher_->takes.remove(takes.front().id));
  taken = takePackIn(*teacher_, answer);
  ASSERT_TRUE(taken);
  EXPECT_EQ(taken->takes + taken->practices, 0) << "nothing twice, and nothing back that was deleted";
  EXPECT_EQ(teacher_->takes.of(ben_.id)->size(), 1u);
  EXPECT_FALSE(fs::exists(folder_ / "teacher" / "incoming"));
  // All of it to another teacher, and once more after two lessons.
  Studio other = std::move(*Studio::open(folder_ / "other"));
  ASSERT_TRUE(takePackIn(other, pack(*teacher_, PackKind::teacher, ada_)));
  EXPECT_EQ(other.takes.of(ada_.id)->size(), 201u);
  EXPECT_EQ(*other.plans.of(ada_.id), plan);
  EXPECT_EQ(other.plans.practices(ada_.id)->size(), 1u);
  ASSERT_TRUE(other.plans.keep(ada_.id, Plan()));
  played(*teacher_, ada_, 1'700'900'000);
  EXPECT_EQ(takePackIn(other, pack(*teacher_, PackKind::teacher, ada_))->takes, 1);
  EXPECT_EQ(*other.plans.of(ada_.id), Plan()) << "what is there stays";
}

TEST_F(Packs, OfAnotherOrANewerOneAreRefused) {
  played(*teacher_, ada_, 1'700'000'000);
  const fs::path out = pack(*teacher_, PackKind::home, ada_);
  EXPECT_NE(refusal(*teacher_, out).find("made in this studio"), std::string::npos);
  EXPECT_NE(refusal(*home_, pack(*teacher_, PackKind::answer, ada_)).find("not in this studio"),
            std::string::npos);
  const auto packed = [&](const std::vector<std::pair<std::string, std::string>>& files) {
    std::vector<ArchiveEntry> entries;
    for (const auto& [name, text] : files) entries.push_back({name, text});
    const fs::path file = folder_ / "made.zip";
    EXPECT_TRUE(writeZip(file, entries));
    return refusal(*home_, file);
  };
  EXPECT_NE(packed({{"pack.json", R"({"format": "calando.pack", "version": 2})"}}).find("newer"),
            std::string::npos);
  EXPECT_NE(packed({{"pack.json", R"({"format": "calando.pack", "version": 1})"}}).find("damaged"),
            std::string::npos);
  EXPECT_NE(packed({{"pack.json", R"({"format": "something"})"}}).find("no pack"), std::string::npos);
  EXPECT_NE(packed({{"notes.txt", "hello"}}).find("no pack"), std::string::npos);
  for (const char* name : {"../studio.db", "takes/../x.flac", "/etc/x.flac", "takes/a b.flac", "takes/x.wav"})
    EXPECT_NE(packed({{name, "hello"}}).find("no pack"), std::string::npos) << name;
  EXPECT_NE(packed({{"pack.json", "{}"}, {"pack.json", "{}"}}).find("damaged"), std::string::npos);
  std::ofstream(folder_ / "text.zip") << "no archive";
  EXPECT_NE(refusal(*home_, folder_ / "text.zip").find("no pack"), std::string::npos);
  EXPECT_NE(refusal(*home_, folder_ / "none.zip").find("cannot be read"), std::string::npos);
  EXPECT_TRUE(home_->students.all()->empty());
}

TEST_F(Packs, ThatAreDamagedAnywhereChangeNothing) {
  for (int i = 0; i < 3; ++i) played(*home_, (home_->students.adopt(ada_), ada_), 1'700'000'000 + i);
  const std::string whole = bytesOf(pack(*home_, PackKind::answer, ada_));
  const fs::path file = folder_ / "damaged.zip";
  sounds::Dice dice(21);
  int refused = 0;
  for (int round = 0; round < 1000; ++round) {
    std::string bytes = whole;
    if (dice.chance(0.3))
      bytes.resize(static_cast<std::size_t>(dice.whole(0, static_cast<int>(whole.size()) - 1)));
    for (int n = dice.whole(0, 8); n > 0 && !bytes.empty(); --n)
      bytes[static_cast<std::size_t>(dice.whole(0, static_cast<int>(bytes.size()) - 1))] =
          static_cast<char>(dice.whole(0, 255));
    std::ofstream(file, std::ios::binary) << bytes;
    const auto taken = takePackIn(*teacher_, file);
    const auto takes = teacher_->takes.of(ada_.id)->size();
    if (taken) {
      // What was hit says nothing of the sound or the list: then all of it is there.
      ASSERT_EQ(takes, 3u) << round;
      const auto list = *teacher_->takes.of(ada_.id);
      for (const Take& take : list) {
        EXPECT_TRUE(fs::exists(teacher_->takes.file(take)));
        ASSERT_TRUE(teacher_->takes.remove(take.id));
      }
      ASSERT_TRUE(teacher_->takes.removeDeleted());
    } else {
      ++refused;
      ASSERT_EQ(takes, 0u) << round << english(taken.error());
    }
    ASSERT_TRUE(teacher_->recordings.strays()->empty()) << round;
  }
  EXPECT_GT(refused, 700);
}

TEST_F(Packs, ABackupIsTheWholeStudioAndAnotherOneIsRefused) {
  for (int i = 0; i < 5; ++i) played(*teacher_, i < 3 ? ada_ : ben_, 1'700'000'000 + i);
  ASSERT_TRUE(teacher_->takes.remove(teacher_->takes.of(ben_.id)->front().id));
  Plan plan;
  plan.minutes = 33;
  ASSERT_TRUE(teacher_->plans.keep(ada_.id, plan));
  const fs::path file = folder_ / "all.zip";
  const auto files = writeBackup(*planBackup(*teacher_), file);
  ASSERT_TRUE(files) << english(files.error());
  EXPECT_EQ(*files, 6);
  played(*teacher_, ada_, 1'700'001'000);  // after it
  ASSERT_TRUE(restoreBackup(file, folder_ / "back"));
  {
    Studio back = std::move(*Studio::open(folder_ / "back"));
    ASSERT_EQ(back.students.all()->size(), 2u);
    EXPECT_EQ(back.takes.of(ada_.id)->size(), 3u);
    EXPECT_EQ(back.takes.of(ben_.id)->size(), 1u);
    EXPECT_EQ(back.plans.of(ada_.id)->minutes, 33);
    const auto takes = *back.takes.of(ada_.id);
    for (const Take& take : takes)
      EXPECT_EQ(bytesOf(back.takes.file(take)), bytesOf(teacher_->takes.file(take)));
  }
  EXPECT_NE(english(restoreBackup(file, folder_ / "back").error()).find("not empty"), std::string::npos);
  sounds::Dice dice(22);
  const std::string whole = bytesOf(file);
  const fs::path damaged = folder_ / "damaged.zip";
  for (int round = 0; round < 60; ++round) {
    std::string bytes = whole;
    if (round % 2) bytes.resize(static_cast<std::size_t>(dice.whole(0, static_cast<int>(whole.size()) - 1)));
    bytes[static_cast<std::size_t>(dice.whole(0, static_cast<int>(bytes.size() / 2)))] ^= 0x41;
    std::ofstream(damaged, std::ios::binary) << bytes;
    if (!restoreBackup(damaged, folder_ / "anew")) {
      EXPECT_FALSE(fs::exists(folder_ / "anew")) << round;
    }
    fs::remove_all(folder_ / "anew");
  }
  ASSERT_TRUE(writeZip(damaged, {{"pack.json", std::string("{}")}}));
  EXPECT_NE(english(restoreBackup(damaged, folder_ / "anew").error()).find("no backup"), std::string::npos);
}

}  // namespace
}  // namespace calando
