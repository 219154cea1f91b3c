#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QApplication>
#include <algorithm>
#include <fstream>

#include "core/engine/snapshot.h"
#include "core/homework/list.h"
#include "core/library/cards.h"
#include "records/packs/backup.h"
#include "records/packs/pack.h"
#include "session/doubles.h"
#include "trials/acts.h"
#include "trials/killed.h"
#include "trials/trials.h"

// What is done in one act is finished or undone at the next start, wherever it is cut off.

namespace calando::trials {

namespace fs = std::filesystem;

std::unique_ptr<Assembly> sessionOf(const fs::path& folder, std::shared_ptr<FakeInput> input) {
  static int argc = 1;
  static char name[] = "calando-trials";
  static char* argv[] = {name, nullptr};
  qputenv("QT_QPA_PLATFORM", "offscreen");
  if (!qApp) new QApplication(argc, argv);
  auto studio = Studio::open(folder);
  if (!studio) return nullptr;
  auto session =
      std::make_unique<Assembly>(std::move(*studio), Assembly::Ears{{std::move(input)},
                                                                    std::make_unique<FakeSpeaker>(),
                                                                    [](const Snapshot&) { return "png"; }});
  session->setup.choose("fake");
  session->session.begin();
  return session;
}

bool settle(Assembly& session, int most_ms) {
  return QTest::qWaitFor([&] { return session.session.idle(); }, most_ms);
}

namespace {

/// Does it in a process of its own, to its end.
template <class Act>
bool doneIn(Act act) {
  const pid_t child = fork();
  if (child == 0) _exit(act() ? 0 : 1);
  int status = 0;
  waitpid(child, &status, 0);
  return WIFEXITED(status) && WEXITSTATUS(status) == 0;
}

Take takeOf(const Student& student, std::int64_t made) {
  Take take;
  take.student = student.id;
  take.made_unix_s = made;
  take.asked.instrument = student.instrument;
  return take;
}

/// A studio in whose list of homework so many tries are on their way into the weeks.
std::int64_t beginIntakes(const fs::path& folder, const fs::path& sound, int items) {
  auto studio = Studio::open(folder);
  const Student ada = *studio->students.add("Ada", "oboe");
  HomeworkList list{"Week", {}};
  for (int i = 0; i < items; ++i) list.items.push_back({findExercise("tone-5"), 67});
  const Homework homework = *studio->homework.keep({0, dayFrom("2026-12-01").value(), toText(list)});
  SentHomework sent;
  sent.student = ada.id;
  sent.files = {sound};
  (void)studio->homework.keepSent(homework.id, sent);
  std::vector<Intake> intakes;
  for (int i = 0; i < items; ++i) {
    Intake intake{homework.id,   static_cast<std::size_t>(i),          sound, 1.0 * i,
                  1.0 * i + 0.9, {ada, takeOf(ada, 1'700'000'000 + i)}};
    studio->takes.name(intake.note.take);
    intakes.push_back(std::move(intake));
  }
  (void)studio->intakes.begin(intakes);
  return homework.id;
}

Result killedOnTheWayIntoTheWeeks(Luck& luck, const fs::path& folder) {
  Result result;
  constexpr int kItems = 8;
  fs::create_directories(folder);
  const fs::path sound = folder / "ada.flac";
  (void)writeSound(sound.string(), sounds::noise(kItems + 1.0, 0.1), 48000, SoundFormat::flac24);
  int kills = 0;
  for (int round = 0; round < luck.rounds; ++round) {
    const fs::path studio = folder / "studio";
    fs::remove_all(studio);
    const std::int64_t list = beginIntakes(studio, sound, kItems);
    for (int again = luck.upTo(2); again >= 0; --again)
      kills += !killedAfter(luck.upTo(500'000), [&] {
        if (auto session = sessionOf(studio, std::make_shared<FakeInput>())) settle(*session, 20000);
      });
    if (!doneIn([&] {
          auto session = sessionOf(studio, std::make_shared<FakeInput>());
          return session && settle(*session, 30000);
        }))
      result.fail("the next start does not finish it");
    auto opened = Studio::open(studio);
    const auto takes = *opened->takes.of(opened->students.all()->front().id);
    const auto sent = *opened->homework.sent(list);
    if (takes.size() != kItems)
      result.fail(std::to_string(takes.size()) + " takes of " + std::to_string(kItems));
    if (sent.front().takes.size() != kItems) result.fail("its list does not know of them");
    if (!opened->recordings.strays()->empty()) result.fail("something is left over");
    if (!opened->intakes.all()->empty()) result.fail("something is still on its way");
    for (const Take& take : takes)
      if (!opened->takes.sound(take.id)) result.fail("a take without its sound");
    ++result.rounds;
  }
  if (result.held) result.note = std::to_string(kills) + " kills; every try once, its list knows of it";
  return result;
}

Result killedWhileAPackComesIn(Luck& luck, const fs::path& folder) {
  Result result;
  constexpr std::size_t kTakes = 60;
  fs::create_directories(folder);
  const fs::path file = folder / "pack.zip";
  {
    auto teacher = Studio::open(folder / "teacher");
    const Student ada = *teacher->students.add("Ada", "oboe");
    const auto sound = sounds::noise(0.1, 0.1);
    for (std::size_t i = 0; i < kTakes; ++i)
      (void)teacher->takes.add(takeOf(ada, 1'700'000'000 + static_cast<std::int64_t>(i)), sound, 48000);
    (void)teacher->orders.keep(ada.id, {"swell"});
    (void)writePack(*planPack(*teacher, ada.id, PackKind::teacher), file);
  }
  int none = 0;
  const auto takeIn = [&](const fs::path& studio) {
    auto opened = Studio::open(studio);
    const auto pack = unpackPack(file, studio);
    return pack && takePackIn(*opened, *pack);
  };
  for (int round = 0; round < luck.rounds; ++round) {
    const fs::path studio = folder / "studio";
    fs::remove_all(studio);
    killedAfter(luck.upTo(250'000), [&] { (void)takeIn(studio); });
    {
      auto opened = Studio::open(studio);
      if (!opened) {
        result.fail(english(opened.error().what));
        continue;
      }
      const auto students = *opened->students.all();
      const std::size_t takes = students.empty() ? 0 : opened->takes.of(students[0].id)->size();
      none += students.empty();
      if (!students.empty() && takes != kTakes)
        result.fail(std::to_string(takes) + " takes of " + std::to_string(kTakes));
      if (!opened->recordings.strays()->empty())
        result.fail(std::to_string(opened->recordings.strays()->size()) + " left over");
      if (fs::exists(studio / "incoming")) result.fail("what was unpacked is still there");
    }
    if (!takeIn(studio)) result.fail("cannot be taken in again");
    auto opened = Studio::open(studio);
    const auto takes = *opened->takes.of(opened->students.all()->front().id);
    if (takes.size() != kTakes) result.fail("taken in again it doubles");
    for (const Take& take : takes)
      if (!fs::exists(opened->takes.file(take))) result.fail("a take without its sound");
    ++result.rounds;
  }
  if (result.held)
    result.note = "all of it or nothing (" + std::to_string(none) + " times), and whole when taken in again";
  return result;
}

/// A studio with some takes, and a backup of it.
fs::path backedUp(const fs::path& folder, std::size_t takes) {
  auto studio = Studio::open(folder / "studio");
  const Student ada = *studio->students.add("Ada", "oboe");
  const auto sound = sounds::noise(0.5, 0.1);
  for (std::size_t i = 0; i < takes; ++i)
    (void)studio->takes.add(takeOf(ada, 1'700'000'000 + static_cast<std::int64_t>(i)), sound, 48000);
  (void)writeBackup(*planBackup(*studio), folder / "all.zip");
  return folder / "all.zip";
}

Result killedWhileRestoring(Luck& luck, const fs::path& folder) {
  Result result;
  constexpr std::size_t kTakes = 40;
  const fs::path file = backedUp(folder, kTakes), back = folder / "back";
  int half = 0;
  for (int round = 0; round < luck.rounds; ++round) {
    fs::remove_all(back);
    if (luck.upTo(1)) fs::create_directories(back);
    killedAfter(luck.upTo(60'000), [&] { (void)restoreBackup(file, back); });
    bool whole = false;
    if (const auto opened = Studio::open(back)) {
      const auto students = *opened->students.all();
      whole = !students.empty() && opened->takes.of(students[0].id)->size() == kTakes;
      // A folder in which nothing was done yet is a new studio.
      if (!whole && (!students.empty() || !fs::is_empty(back / "takes")))
        result.fail("half of it opened as a studio");
    } else if (opened.error().what.is(StudioFault::halfRestored)) {
      ++half;
      if (fs::exists(back) && !fs::is_empty(back)) result.fail("what there was of it is still there");
    } else {
      result.fail(english(opened.error().what));
    }
    if (!whole) {
      if (Studio::open(back)) fs::remove_all(back);
      if (!restoreBackup(file, back)) result.fail("cannot be unpacked again");
    }
    const auto opened = Studio::open(back);
    if (!opened || opened->takes.of(opened->students.all()->front().id)->size() != kTakes)
      result.fail("not whole in the end");
    ++result.rounds;
  }
  if (result.held)
    result.note = "a whole studio or none; half of one was cleared away " + std::to_string(half) + " times";
  return result;
}

Result killedWhileBackingUp(Luck& luck, const fs::path& folder) {
  Result result;
  const fs::path file = backedUp(folder, 30);
  const std::string older = bytesOf(file);
  int left = 0;
  for (int round = 0; round < luck.rounds; ++round) {
    killedAfter(luck.upTo(60'000), [&] {
      if (auto session = sessionOf(folder / "studio", std::make_shared<FakeInput>())) {
        session->files.backUp(file);
        settle(*session, 20000);
      }
    });
    const auto hidden = [&] {
      return std::count_if(fs::directory_iterator(folder), {}, [](const fs::directory_entry& entry) {
        return entry.path().filename().string().starts_with('.');
      });
    };
    left += hidden() > 0;
    if (!readThroughZip(file)) result.fail("the backup that was there is damaged");
    if (!doneIn([&] {
          auto session = sessionOf(folder / "studio", std::make_shared<FakeInput>());
          return session && settle(*session, 20000);
        }))
      result.fail("does not start any more");
    if (hidden() > 0) result.fail("something hidden is left");
    ++result.rounds;
  }
  if (result.held)
    result.note = "an older backup or the new one, whole; " + std::to_string(left) +
                  " times something to clear away, cleared at the next start";
  return result;
}

}  // namespace

std::vector<Trial> actTrials() {
  return {{"kill-intake", "kill −9 on the way into the weeks", 30, 3, killedOnTheWayIntoTheWeeks},
          {"kill-pack", "kill −9 while a pack comes in", 60, 4, killedWhileAPackComesIn},
          {"kill-restore", "kill −9 while a backup is restored", 60, 4, killedWhileRestoring},
          {"kill-backup", "kill −9 while a backup is written", 30, 3, killedWhileBackingUp}};
}

}  // namespace calando::trials
