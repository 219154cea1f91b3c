#include "records/tables/recordings.h"

#include <sys/stat.h>

#include <algorithm>

#include "audio/sound_file.h"
#include "audio/whole_file.h"
#include "core/base/bounded_json.h"
#include "core/signal/two_tones.h"
#include "records/folder/rows.h"
#include "records/folder/studio_folder.h"
#include "records/tables/student_table.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr std::uintmax_t kHeader = 100;  // bytes: a recording that is no longer has no sound in it

bool hasSound(const fs::path& recording) {
  std::error_code error;
  const auto size = fs::file_size(recording, error);
  return error || size > kHeader;  // what cannot be looked at may have some
}

}  // namespace

StudioResult<fs::path> Recordings::begin(const Student& student, const TakeSpec& asked,
                                         const std::optional<fs::path>& elsewhere) {
  if (data_->readOnly) return data_->change([] { return fs::path(); });
  SoundNote note{student, {}};
  note.take.asked = asked;
  note.take.made_unix_s = data_->clock->now_unix_s();
  const fs::path folder = elsewhere.value_or(data_->recordings());
  const fs::path file = folder / (newFileStem(note.take.made_unix_s) + ".wav");
  if (const auto written = writeWhole(noteFileOf(file), Access::owner, toText(note)); !written)
    return tl::unexpected(
        Problem(StudioFault::recordingCannotStart, printable(folder.string()), written.error().why));
  data_->running.insert(file);
  return file;
}

void Recordings::discard(const fs::path& file) {
  std::error_code ignored;
  fs::remove(file, ignored);
  fs::remove(noteFileOf(file), ignored);
  data_->running.erase(file);
}

/// Removes notes of recordings in which nothing was ever heard, and recordings that became takes.
void Recordings::tidy() {
  std::error_code error;
  for (const fs::path& file : filesIn(data_->recordings())) {
    if (file.extension() == ".json" && !fs::exists(fs::path(file).replace_extension(".wav"), error))
      fs::remove(file, error);
    if (file.extension() != ".wav") continue;
    const auto kept = data_->attempt([&] {
      SQLite::Statement query(*data_->db, "SELECT file FROM take WHERE recording = :recording");
      query.bind(":recording", file.filename().string());
      std::error_code ignored;
      return query.executeStep() && fs::exists(data_->take(query.getColumn("file").getString()), ignored);
    });
    if (!hasSound(file) || (kept && *kept)) discard(file);
  }
}

StudioResult<std::vector<Stray>> Recordings::strays() const {
  const auto students = StudentTable(*data_).all();
  if (!students) return tl::unexpected(students.error());
  return data_->attempt([&] {
    std::vector<Stray> list;
    const auto add = [&](const fs::path& file, bool recording) {
      const auto note = noteOf(file);
      Stray stray{
          file, recording, note.has_value(), note.value_or(SoundNote{}), false, soundLength_s(file.string())};
      if (stray.seconds && *stray.seconds <= 0.0) stray.seconds.reset();
      stray.known = std::ranges::find(*students, stray.note.student.id, &Student::id) != students->end();
      list.push_back(std::move(stray));
    };
    std::set<std::string> onList;  // or on its way there
    SQLite::Statement query(
        *data_->db, "SELECT file FROM take UNION SELECT sound FROM intake UNION SELECT file FROM incoming");
    while (query.executeStep()) onList.insert(query.getColumn("file").getString());
    for (const fs::path& file : filesIn(data_->takes()))
      if (!onList.contains(file.filename().string())) add(file, false);
    // A take that was written and not yet on the list has its recording still beside it: once is enough.
    std::set<std::string> twice;
    for (const Stray& stray : list) twice.insert(stray.note.take.recording);
    for (const fs::path& file : filesIn(data_->recordings()))
      if (file.extension() == ".wav" && hasSound(file) && !data_->running.contains(file) &&
          !twice.contains(file.filename().string()))
        add(file, true);
    return list;
  });
}

StudioResult<void> Recordings::throwAway(const Stray& stray) {
  return data_->change([&] {
    std::error_code ignored;
    fs::remove(stray.file, ignored);
    if (stray.recording) fs::remove(noteFileOf(stray.file), ignored);
  });
}

StudioResult<Take> Recordings::takeIn(const Stray& stray, const Student& student) {
  if (!stray.seconds)
    return tl::unexpected(Problem(StudioFault::notSound, printable(stray.file.filename().string())));
  Take take = stray.note.take;
  take.student = student.id;
  take.file = stray.file.filename().string();
  take.seconds = *stray.seconds;
  if (take.source.empty()) take.source = "found in the studio’s folder";
  auto entered = data_->change([&] {
    if (take.id == 0 || isOnList(*data_->db, "take", take.id)) take.id = data_->newId();
    insertTake(*data_->db, take, false);
  });
  if (!entered) return tl::unexpected(entered.error());
  return take;
}

StudioResult<void> Recordings::takeInAll() {
  const auto found = strays();
  if (!found) return tl::unexpected(found.error());
  // Whose they are comes first: a take may be of two.
  const auto wanted = [this](const Student& student) {
    return student.id != 0 && !data_->isErasing(student.id);  // else a stray, or on its way out
  };
  for (const Stray& stray : *found) {
    const Student& student = stray.note.student;
    if (!wanted(student)) continue;
    const auto there = StudentTable(*data_).adopt(student);
    if (!there) return there;
  }
  for (const Stray& stray : *found) {
    if (!wanted(stray.note.student) || stray.recording || !stray.seconds) continue;
    if (const auto in = takeIn(stray, stray.note.student); !in) return tl::unexpected(in.error());
  }
  return {};
}

}  // namespace calando
