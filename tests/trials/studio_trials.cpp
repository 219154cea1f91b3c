#include <SQLiteCpp/SQLiteCpp.h>
#include <signal.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <fstream>

#include "records/files/take_recorder.h"
#include "records/studio.h"
#include "support/signals.h"
#include "support/small_disk.h"
#include "trials/killed.h"
#include "trials/trials.h"

namespace calando::trials {

namespace fs = std::filesystem;

namespace {

constexpr const char* kName = "Vanishing Name";

bool anywhere(const fs::path& folder, const std::string& text) {
  for (const auto& entry : fs::recursive_directory_iterator(folder))
    if (entry.path().string().find(text) != std::string::npos ||
        (entry.is_regular_file() && bytesOf(entry.path()).find(text) != std::string::npos))
      return true;
  return false;
}

Take takeOf(const Student& student) {
  Take take;
  take.student = student.id;
  take.made_unix_s = 1'700'000'000;
  take.asked.instrument = student.instrument;
  return take;
}

void fill(const fs::path& folder, int takes) {
  auto studio = Studio::open(folder);
  const auto sound = sounds::noise(0.5, 0.1);
  for (const char* name : {"Ada", kName, "Cora"}) {
    const Student s = *studio->students.add(name, "oboe");
    for (int i = 0; i < takes; ++i) (void)studio->takes.add(takeOf(s), sound, 48000);
    TakeRecorder(*studio->recordings.begin(s, {}), 48000).write(sound);
  }
}

std::size_t takesIn(const Studio& studio) {
  std::size_t count = 0;
  const auto students = *studio.students.all();
  for (const Student& s : students) count += studio.takes.of(s.id)->size();
  return count;
}

Result killedWhileRecording(Luck& luck, const fs::path& folder) {
  Result result;
  const auto sound = sounds::tone({.seconds = 8.0});
  constexpr std::size_t kBlock = 960;
  double worst_s = 0.0;
  for (int round = 0; round < luck.rounds; ++round) {
    fs::remove_all(folder);
    int pipes[2];
    if (pipe(pipes) != 0) return {false, round, "no pipe"};
    killedAfter(luck.upTo(900'000), [&] {
      auto studio = Studio::open(folder);
      TakeRecorder recorder(*studio->recordings.begin(*studio->students.add("Ada", "oboe"), {}), 48000);
      for (std::size_t i = 0; i + kBlock <= sound.size(); i += kBlock) {
        recorder.write(std::span(sound).subspan(i, kBlock));
        const double written = static_cast<double>(i + kBlock) / 48000;
        if (write(pipes[1], &written, sizeof written) < 0) _exit(1);
        usleep(2000);  // ten times as fast as it is played
      }
    });
    close(pipes[1]);
    double written = 0.0;
    while (read(pipes[0], &written, sizeof written) == static_cast<ssize_t>(sizeof written)) {
    }
    close(pipes[0]);
    auto studio = Studio::open(folder);
    if (!studio) {
      result.fail(english(studio.error().what));
      continue;
    }
    const auto strays = *studio->recordings.strays();
    const double found = strays.empty() ? 0.0 : strays[0].seconds.value_or(0.0);
    worst_s = std::max(worst_s, written - found);
    if (written - found > 1.0) result.fail("lost " + std::to_string(written - found) + " s");
    ++result.rounds;
  }
  if (result.held) result.note = "at most " + std::to_string(worst_s).substr(0, 4) + " s of a take lost";
  return result;
}

Result killedWhileKeeping(Luck& luck, const fs::path& folder) {
  Result result;
  const auto sound = sounds::noise(1.0, 0.1);
  int strays = 0;
  for (int round = 0; round < luck.rounds; ++round) {
    fs::remove_all(folder);
    std::size_t before = 0;
    {
      auto studio = Studio::open(folder);
      const Student ada = *studio->students.add("Ada", "oboe");
      for (int i = 0; i < 12; ++i, ++before)
        TakeRecorder(*studio->recordings.begin(ada, {}), 48000).write(sound);
    }
    killedAfter(luck.upTo(400'000), [&] {
      auto studio = Studio::open(folder);
      const Student ada = studio->students.all()->front();
      const auto left = *studio->recordings.strays();
      for (const Stray& stray : left) {
        Take take = takeOf(ada);
        take.recording = stray.file.filename();
        auto kept = studio->takes.add(take, sound, 48000);
        kept->word = TeachersWord::accept;
        (void)studio->takes.change(*kept);
        const auto unnoted = *studio->sounds.unnoted(1);
        if (!unnoted.empty() && SoundTable::writeNote(unnoted[0])) (void)studio->sounds.noted(unnoted[0]);
      }
    });
    auto studio = Studio::open(folder);
    if (!studio) {
      result.fail(english(studio.error().what));
      continue;
    }
    const auto left = *studio->recordings.strays();
    strays += static_cast<int>(std::ranges::count(left, false, &Stray::recording));
    if (takesIn(*studio) + left.size() != before)
      result.fail(std::to_string(takesIn(*studio)) + " takes and " + std::to_string(left.size()) +
                  " strays of " + std::to_string(before));
    const auto takes = *studio->takes.of(studio->students.all()->front().id);
    for (const Take& take : takes)
      if (const auto heard = studio->takes.sound(take.id); !heard || heard->samples.size() != sound.size())
        result.fail("a take on the list without all of its sound");
    ++result.rounds;
  }
  if (result.held)
    result.note = "every sound once: as a take or offered; " + std::to_string(strays) + " cut between";
  return result;
}

Result killedWhileErasing(Luck& luck, const fs::path& folder) {
  Result result;
  int before = 0;
  for (int round = 0; round < luck.rounds; ++round) {
    fs::remove_all(folder);
    fill(folder, 8);
    const bool done = killedAfter(luck.upTo(60'000), [&] {
      auto studio = Studio::open(folder);
      const auto students = *studio->students.all();
      (void)studio->students.erase(std::ranges::find(students, kName, &Student::name)->id);
    });
    auto studio = Studio::open(folder);
    if (!studio) {
      result.fail(english(studio.error().what));
      continue;
    }
    const std::size_t left = studio->students.all()->size();
    before += left == 3;
    if (left == 2 && anywhere(folder, kName)) result.fail("the name is still there");
    if (left == 3 && takesIn(*studio) != 24) result.fail("takes are gone without an erasing");
    if (takesIn(*studio) - (left == 3 ? 8u : 0u) != 16) result.fail("takes of others are gone");
    if (done && left == 3) result.fail("not erased");
    ++result.rounds;
  }
  if (result.held)
    result.note =
        "finished at the next start, " + std::to_string(before) + " times not yet begun; nothing of others";
  return result;
}

Result fullDisk(Luck& luck, const fs::path&) {
  Result result;
  const SmallDisk disk(6 << 20);
  if (!disk.there()) return {true, 0, "not tried: needs the right to mount"};
  const fs::path folder = disk.folder() / "studio";
  fill(folder, 3);
  auto studio = Studio::open(folder);
  const auto students = *studio->students.all();
  std::size_t takes = takesIn(*studio);
  int refused = 0;
  const auto saysSo = [&](const std::string& error) {
    ++refused;
    if (error.find("disk is full") == std::string::npos) result.fail("said: " + error);
  };
  for (int round = 0; round < luck.rounds; ++round) {
    disk.fill(static_cast<std::size_t>(luck.upTo(300'000)));
    const Student& s = students[static_cast<std::size_t>(luck.upTo(2))];
    const auto recording = studio->recordings.begin(s, {});
    if (recording) {
      TakeRecorder recorder(*recording, 48000);
      const auto sound = sounds::noise(0.1, 0.1);
      for (int i = 0; i < 8; ++i)
        if (!recorder.write(sound)) {
          saysSo(english(recorder.failure()->why));
          break;
        }
    } else {
      saysSo(english(recording.error()));
    }
    const auto kept = studio->takes.add(takeOf(s), sounds::noise(0.8, 0.1), 48000);
    if (!kept) saysSo(english(kept.error()));
    takes += kept.has_value();
    if (const auto set = studio->settings.keep(Setting<std::string>{"x", ""}, std::string(60'000, 'x')); !set)
      saysSo(english(set.error()));
    const fs::path text = disk.folder() / "text";
    const std::string old = bytesOf(text);
    if (const auto written =
            writeWhole(text, Access::umask, std::string(90'000, static_cast<char>('a' + round % 26)));
        !written) {
      saysSo(english(written.error().why));
      if (bytesOf(text) != old) result.fail("an older file is torn");
    }
    disk.freeRoom();
    if (recording) studio->recordings.discard(*recording);
    if (takesIn(*studio) != takes) result.fail("takes on the list: " + std::to_string(takesIn(*studio)));
    if (round % 5 == 4) {  // room again
      const auto all = *studio->takes.of(s.id);
      for (const Take& take : all) (void)studio->takes.remove(take.id);
      (void)studio->takes.removeDeleted();
      takes = takesIn(*studio);
      (void)studio->settings.keep(Setting<std::string>{"x", ""}, std::string());
      fs::remove(text);
    }
    ++result.rounds;
  }
  for (const Student& s : students) {
    const auto all = *studio->takes.of(s.id);
    for (const Take& take : all)
      if (!studio->takes.sound(take.id)) result.fail("a take without its sound");
  }
  if (result.held) result.note = "refused " + std::to_string(refused) + " times, each said why; nothing torn";
  return result;
}

Result damagedList(Luck& luck, const fs::path& folder) {
  Result result;
  int refused = 0;
  fs::remove_all(folder);
  fill(folder, 10);
  { (void)Studio::open(folder); }
  const std::string whole = bytesOf(folder / "studio.db");
  for (int round = 0; round < luck.rounds; ++round) {
    std::string bytes = whole;
    switch (luck.upTo(3)) {
      case 0:
        bytes.resize(static_cast<std::size_t>(luck.upTo(static_cast<int>(bytes.size()) - 1)));
        break;
      case 1:
        for (int i = 0; i < 40; ++i)
          bytes[static_cast<std::size_t>(luck.upTo(static_cast<int>(bytes.size()) - 1))] =
              static_cast<char>(luck.upTo(255));
        break;
      case 2:
        std::fill_n(bytes.begin() + luck.upTo(static_cast<int>(bytes.size()) - 4096), 4096, '\0');
        break;
      default:
        std::ranges::shuffle(bytes, luck.random);
    }
    for (const char* ending : {"", "-wal", "-shm"}) fs::remove(folder / (std::string("studio.db") + ending));
    std::ofstream(folder / "studio.db", std::ios::binary) << bytes;
    std::size_t found = 0;
    if (auto studio = Studio::open(folder)) {
      // What can still be read is; what cannot is said, and never a crash.
      const auto students = studio->students.all();
      for (const Student& s : students.value_or(std::vector<Student>()))
        found += studio->takes.of(s.id).value_or(std::vector<Take>()).size();
      if (const auto strays = studio->recordings.strays()) found += strays->size();
    } else {
      ++refused;
      if (!studio.error().canBeRebuilt()) result.fail("refused: " + english(studio.error().what));
    }
    auto rebuilt = Studio::rebuild(folder);
    if (!rebuilt)
      result.fail(english(rebuilt.error().what));
    else if (takesIn(*rebuilt) != 30 || rebuilt->students.all()->size() != 3 ||
             rebuilt->recordings.strays()->size() != 3)
      result.fail("made anew with " + std::to_string(takesIn(*rebuilt)) + " of 30 takes");
    ++result.rounds;
  }
  if (result.held)
    result.note =
        std::to_string(refused) + " refused; made anew each time with every student, take and recording";
  return result;
}

Result olderList(Luck& luck, const fs::path& folder) {
  Result result;
  for (int round = 0; round < luck.rounds; ++round) {
    fs::remove_all(folder);
    fill(folder, luck.upTo(3));
    const std::string older = bytesOf(folder / "studio.db");
    const auto more = sounds::noise(0.3, 0.2);
    const int added = 1 + luck.upTo(5);
    {
      auto studio = Studio::open(folder);
      const Student dora = *studio->students.add("Dora", "flute");
      for (int i = 0; i < added; ++i) (void)studio->takes.add(takeOf(dora), more, 48000);
    }
    std::vector<std::pair<fs::path, std::string>> before;
    for (const auto& entry : fs::directory_iterator(folder / "takes"))
      before.emplace_back(entry.path(), bytesOf(entry.path()));
    for (const char* ending : {"-wal", "-shm"}) fs::remove(folder / (std::string("studio.db") + ending));
    std::ofstream(folder / "studio.db", std::ios::binary) << older;
    auto studio = Studio::open(folder);
    const Student emil = *studio->students.add("Emil", "tuba-bb");
    for (int i = 0; i < 8; ++i) (void)studio->takes.add(takeOf(emil), more, 48000);
    for (const auto& [file, bytes] : before)
      if (bytesOf(file) != bytes) result.fail(file.string() + " was changed");
    int doras = 0;
    const auto strays = *studio->recordings.strays();
    for (const Stray& stray : strays) doras += stray.note.student.name == "Dora" && !stray.known;
    if (doras != added) result.fail("offered: " + std::to_string(doras) + " of " + std::to_string(added));
    ++result.rounds;
  }
  if (result.held) result.note = "no file changed, every newer take offered, under its own name";
  return result;
}

Result foreignFolders(Luck& luck, const fs::path& folder) {
  Result result;
  for (int round = 0; round < luck.rounds; ++round) {
    fs::remove_all(folder);
    fs::create_directories(folder);
    const mode_t mode = luck.upTo(1) ? 0755 : 0750;
    for (int i = 0, n = 1 + luck.upTo(4); i < n; ++i) {
      const fs::path entry = folder / ("entry" + std::to_string(i));
      switch (luck.upTo(4)) {
        case 0:
          fs::create_directories(entry / "x");
          break;
        case 1:
          fs::create_symlink(entry.filename(), entry);
          break;
        case 2:
          (void)mkfifo(entry.c_str(), 0644);
          break;
        default:
          std::ofstream(entry) << "text";
      }
    }
    chmod(folder.c_str(), mode);
    const auto entries = std::distance(fs::directory_iterator(folder), {});
    const auto opened = Studio::open(folder);
    if (opened || opened.error().kind != OpenError::Kind::notAStudio) result.fail("was opened");
    struct stat status {};
    if (stat(folder.c_str(), &status) != 0 || (status.st_mode & 0777) != mode)
      result.fail("its mode was changed");
    if (std::distance(fs::directory_iterator(folder), {}) != entries) result.fail("something was made in it");
    // In the place of the studio's own files.
    const char* own[] = {"studio.db", "lock", "takes", "recording", "erasing"};
    fs::remove_all(folder);
    fs::create_directories(folder);
    const fs::path odd = folder / own[luck.upTo(4)];
    switch (luck.upTo(3)) {
      case 0:
        (void)mkfifo(odd.c_str(), 0600);
        break;
      case 1:
        fs::create_symlink(odd.filename(), odd);
        break;
      case 2:
        fs::create_directories(odd / "x");
        break;
      default:
        std::ofstream(odd) << "text";
    }
    (void)Studio::open(folder);  // whatever it says: it says it
    ++result.rounds;
  }
  if (result.held) result.note = "refused and left as they were";
  return result;
}

}  // namespace

std::vector<Trial> studioTrials() {
  return {{"kill-take", "kill −9 while a take is recorded", 40, 3, killedWhileRecording},
          {"kill-keep", "kill −9 while takes are kept and noted", 60, 4, killedWhileKeeping},
          {"kill-erase", "kill −9 while a student is erased", 120, 8, killedWhileErasing},
          {"full-disk", "a full disk while recording, keeping, exporting", 200, 20, fullDisk},
          {"damaged-list", "studio.db cut short, overwritten, zeroed", 200, 12, damagedList},
          {"older-list", "an older studio.db put back", 60, 4, olderList},
          {"foreign", "folders that are no studio, odd files in one", 300, 30, foreignFolders}};
}

}  // namespace calando::trials
