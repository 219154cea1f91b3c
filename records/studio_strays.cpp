#include <sys/stat.h>

#include <algorithm>

#include "core/base/bounded_json.h"
#include "records/studio_data.h"

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

fs::path noteFileOf(const fs::path& recording) { return fs::path(recording).replace_extension(".json"); }

std::optional<SoundNote> noteOf(const fs::path& sound) {
  if (sound.extension() != ".wav") return soundNoteFrom(soundComment(sound.string()));
  const auto text = readSmall(noteFileOf(sound), kLargestJson);
  return text ? soundNoteFrom(*text) : std::nullopt;
}

Studio::Result<fs::path> Studio::newRecording(const Student& student, const TakeSpec& asked,
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

void Studio::discardRecording(const fs::path& file) {
  std::error_code ignored;
  fs::remove(file, ignored);
  fs::remove(noteFileOf(file), ignored);
  data_->running.erase(file);
}

/// Removes notes of recordings in which nothing was ever heard, and recordings that became takes.
void Studio::tidyRecordings() {
  std::error_code error;
  for (const fs::path& file : filesIn(data_->recordings())) {
    if (file.extension() == ".json" && !fs::exists(fs::path(file).replace_extension(".wav"), error))
      fs::remove(file, error);
    if (file.extension() != ".wav") continue;
    const auto kept = data_->attempt([&] {
      SQLite::Statement query(*data_->db, "SELECT file FROM take WHERE recording = ?");
      query.bind(1, file.filename().string());
      std::error_code ignored;
      return query.executeStep() && fs::exists(data_->take(query.getColumn(0).getString()), ignored);
    });
    if (!hasSound(file) || (kept && *kept)) discardRecording(file);
  }
}

Studio::Result<std::vector<Stray>> Studio::strays() const {
  const auto students = this->students();
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
    while (query.executeStep()) onList.insert(query.getColumn(0).getString());
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

Studio::Result<void> Studio::throwAway(const Stray& stray) {
  return data_->change([&] {
    std::error_code ignored;
    fs::remove(stray.file, ignored);
    if (stray.recording) fs::remove(noteFileOf(stray.file), ignored);
  });
}

}  // namespace calando
