#include "records/tables/take_table.h"

#include <sqlite3.h>

#include <algorithm>

#include "core/base/bounded_json.h"
#include "core/base/plain_text.h"
#include "core/engine/analysis.h"
#include "records/files/incoming.h"
#include "records/folder/rows.h"
#include "records/folder/studio_folder.h"
#include "records/tables/recordings.h"
#include "records/tables/student_table.h"
#include "records/values/take_fields.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

void markDeleted(SQLite::Database& db, std::int64_t take, bool deleted) {
  SQLite::Statement update(db, "UPDATE take SET deleted = :deleted WHERE id = :id");
  update.bind(":deleted", deleted ? 1 : 0);
  update.bind(":id", take);
  update.exec();
}

}  // namespace

StudioResult<std::vector<Take>> TakeTable::of(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Take> list;
    SQLite::Statement query(
        *data_->db,
        takeQuery("LEFT JOIN summary ON summary.take = take.id WHERE "
                  ":student IN (student, other) AND deleted = 0 ORDER BY made DESC, take.id DESC"));
    query.bind(":student", student);
    while (query.executeStep()) list.push_back(takeFrom(query));
    return list;
  });
}

tl::expected<Take, WriteError> TakeTable::write(const fs::path& folder, const Student& student, Take take,
                                                std::span<const float> samples, double rate_hz,
                                                std::span<const float> first) {
  take.student = student.id;
  take.seconds = static_cast<double>(samples.size()) / rate_hz;
  const fs::path file = folder / "takes" / take.file;
  if (const auto there = noteOf(file); there && there->take.id == take.id) return take;
  const auto written = writeSound(file.string(), samples, rate_hz, SoundFormat::flac24,
                                  {Access::owner, Replace::never, toText(SoundNote{student, take}), first});
  if (!written) return tl::unexpected(written.error());
  return take;
}

void TakeTable::name(Take& take) const {
  if (take.id == 0) take.id = data_->newId();
  if (take.file.empty()) take.file = newFileStem(take.made_unix_s) + ".flac";
}

StudioResult<void> TakeTable::enter(const Take& take) {
  return enter(take, static_cast<const StoredSummary*>(nullptr));
}
StudioResult<void> TakeTable::enter(const Take& take, const StoredSummary& summary) {
  return enter(take, &summary);
}

StudioResult<void> TakeTable::enter(const Take& take, const StoredSummary* summary) {
  auto entered = data_->change([&]() -> bool {
    if (data_->isErasing(take.student) || data_->isErasing(take.other) ||
        !isOnList(*data_->db, "student", take.student))
      return false;
    Whole whole(*data_->db);
    insertTake(*data_->db, take, true);
    if (summary) insertSummary(*data_->db, take.id, *summary);
    whole.commit();
    return true;
  });
  if (!entered) return tl::unexpected(entered.error());
  if (!*entered) {
    std::error_code ignored;
    fs::remove(file(take), ignored);
    return tl::unexpected(Problem(StudioFault::studentErased));
  }
  if (!take.recording.empty()) Recordings(*data_).discard(data_->recording(take.recording));
  return {};
}

StudioResult<Take> TakeTable::add(const Take& take, std::span<const float> samples, double rate_hz,
                                  std::span<const float> first) {
  if (data_->readOnly) return data_->change([&] { return take; });
  const auto list = StudentTable(*data_).all();
  if (!list) return tl::unexpected(list.error());
  const auto student = std::ranges::find(*list, take.student, &Student::id);
  if (student == list->end()) return tl::unexpected(Problem(StudioFault::noSuchStudent));
  Take named = take;
  name(named);
  auto written = write(data_->folder, *student, named, samples, rate_hz, first);
  if (!written) return tl::unexpected(Problem(StudioFault::notKept, written.error().why));
  if (const auto entered = enter(*written); !entered) return tl::unexpected(entered.error());
  return std::move(*written);
}

fs::path TakeTable::file(const Take& take) const { return data_->take(take.file); }

fs::path TakeTable::file(std::int64_t take) const {
  const auto file = data_->attempt([&]() -> fs::path {
    SQLite::Statement query(*data_->db, "SELECT file FROM take WHERE id = :id");
    query.bind(":id", take);
    return query.executeStep() ? data_->take(query.getColumn("file").getString()) : fs::path();
  });
  return file.value_or(fs::path());
}

StudioResult<Sound> TakeTable::sound(std::int64_t take) const {
  const auto letGo = data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT 1 FROM take WHERE id = :id AND let_go > 0");
    query.bind(":id", take);
    return query.executeStep();
  });
  if (letGo && *letGo) return tl::unexpected(Problem(StudioFault::soundLetGo));
  const fs::path file = this->file(take);
  std::error_code error;
  if (!fs::exists(fs::symlink_status(file, error)))
    return tl::unexpected(Problem(StudioFault::soundMissing, printable(file.string())));
  auto sound = readWholeSound(file.string());
  if (!sound) return tl::unexpected(Problem(StudioFault::soundUnreadable, sound.error().what));
  if (sound->samples.empty())
    return tl::unexpected(Problem(StudioFault::soundEmpty, printable(file.string())));
  return std::move(*sound);
}

StudioResult<void> TakeTable::change(const Take& take) {
  return data_->change([&] { updateTake(*data_->db, take); });
}

StudioResult<void> TakeTable::remove(std::int64_t take) {
  return data_->change([&] { markDeleted(*data_->db, take, true); });
}
StudioResult<void> TakeTable::restore(std::int64_t take) {
  return data_->change([&] { markDeleted(*data_->db, take, false); });
}

StudioResult<void> TakeTable::removeDeleted() {
  return data_->change([&] {
    // The sound first: a row without sound is removed again, a sound without a row would come back as a
    // stray.
    std::error_code error;
    std::vector<std::int64_t> gone;
    SQLite::Statement query(*data_->db, "SELECT id, file FROM take WHERE deleted = 1");
    while (query.executeStep()) {
      fs::remove(data_->take(query.getColumn("file").getString()), error);
      if (!error) gone.push_back(query.getColumn("id").getInt64());
    }
    Whole whole(*data_->db);
    for (const std::int64_t id : gone) {
      SQLite::Statement remove(*data_->db, "DELETE FROM take WHERE id = :id");
      remove.bind(":id", id);
      remove.exec();
    }
    whole.commit();
  });
}

StudioResult<int> TakeTable::adopt(const Student& student, const std::vector<fs::path>& files) {
  return data_->change([&] {
    Whole whole(*data_->db);
    int adopted = 0;
    SQLite::Statement coming(*data_->db, "INSERT INTO incoming(file, place) VALUES(:file, :place)");
    for (const fs::path& file : files) {
      Take take = noteOf(file).value_or(SoundNote{}).take;
      if (take.id == 0 || isOnList(*data_->db, "take", take.id)) continue;
      take.student = student.id;
      take.other = 0;
      take.recording.clear();
      take.seconds = soundLength_s(file.string()).value_or(take.seconds);
      take.file = newFileStem(take.made_unix_s) + ".flac";
      insertTake(*data_->db, take, true);
      coming.reset();
      coming.bind(":file", take.file);
      coming.bind(":place", fs::relative(file, Incoming::placeIn(data_->folder)).string());
      coming.exec();
      ++adopted;
    }
    whole.commit();
    return adopted;
  });
}

/// First the file, then the word that it is to come: what is cut off in between is looked at again.
void TakeTable::moveAdopted() {
  (void)data_->change([&] {
    std::vector<std::pair<std::string, fs::path>> coming;
    SQLite::Statement query(*data_->db, "SELECT file, place FROM incoming");
    while (query.executeStep())
      coming.emplace_back(query.getColumn("file").getString(), query.getColumn("place").getString());
    SQLite::Statement there(*data_->db, "DELETE FROM incoming WHERE file = :file");
    for (const auto& [file, place] : coming) {
      std::error_code error;
      if (Incoming::isPlace(place))
        fs::rename(Incoming::placeIn(data_->folder) / place, data_->take(file), error);
      if (error && error != std::errc::no_such_file_or_directory) continue;  // at the next start
      there.reset();
      there.bind(":file", file);
      there.exec();
    }
  });
}

}  // namespace calando
