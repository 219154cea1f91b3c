#include <sqlite3.h>

#include <algorithm>

#include "core/base/bounded_json.h"
#include "core/base/plain_text.h"
#include "core/engine/analysis.h"
#include "records/files/incoming.h"
#include "records/studio_data.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

std::string askedText(const TakeSpec& asked) {
  return toJson(asked).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

constexpr std::int64_t kYear2150_s = 5680281600;

}  // namespace

bool isOnList(SQLite::Database& db, const char* table, std::int64_t id) {
  SQLite::Statement query(db, std::string("SELECT 1 FROM ") + table + " WHERE id = ?");
  query.bind(1, id);
  return query.executeStep();
}

void insertTake(SQLite::Database& db, const Take& take, bool noted) {
  SQLite::Statement insert(db,
                           "INSERT INTO take(id, student, made, seconds, source, asked, word, remark, "
                           "attention, comfort, tried, file, recording, noted, ticks, stopped, seen, other, "
                           "origin) VALUES(?, ?, ?, ?, ?, ?, ?, "
                           "?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
  insert.bind(1, take.id);
  insert.bind(2, take.student);
  insert.bind(3, take.made_unix_s);
  insert.bind(4, take.seconds);
  insert.bind(5, take.source);
  insert.bind(6, askedText(take.asked));
  insert.bind(7, static_cast<int>(take.word));
  insert.bind(8, take.remark);
  insert.bind(9, static_cast<int>(take.attention));
  insert.bind(10, static_cast<int>(take.comfort));
  insert.bind(11, take.tried);
  insert.bind(12, take.file);
  insert.bind(13, take.recording);
  insert.bind(14, noted ? 1 : 0);
  insert.bind(15, textOfTicks(take.ticks));
  insert.bind(16, take.stopped ? 1 : 0);
  insert.bind(17, static_cast<int>(take.seen));
  // One who is no longer here is nobody.
  if (take.other != 0 && isOnList(db, "student", take.other)) insert.bind(18, take.other);
  insert.bind(19, take.origin ? toText(*take.origin) : std::string());
  insert.exec();
}

namespace {

void markDeleted(SQLite::Database& db, std::int64_t take, bool deleted) {
  SQLite::Statement update(db, "UPDATE take SET deleted = ? WHERE id = ?");
  update.bind(1, deleted ? 1 : 0);
  update.bind(2, take);
  update.exec();
}

}  // namespace

Take takeFrom(SQLite::Statement& row) {
  Take t;
  t.id = row.getColumn(0).getInt64();
  t.student = row.getColumn(1).getInt64();
  const std::int64_t made = row.getColumn(2).getInt64();
  t.made_unix_s = made >= 0 && made < kYear2150_s ? made : 0;  // a moment that cannot be is none
  t.seconds = row.getColumn(3).getDouble();
  t.source = row.getColumn(4).getString();
  const auto asked = parseBounded(row.getColumn(5).getString());
  t.askedSound = asked.has_value();
  if (asked) t.asked = askedFrom(*asked, &t.askedSound);
  t.word = static_cast<TeachersWord>(std::clamp(row.getColumn(6).getInt(), 0, 4));
  t.remark = row.getColumn(7).getString();
  if (!row.getColumn(8).isNull()) t.held_s = row.getColumn(8).getDouble();
  t.attention = static_cast<Attention>(std::clamp(row.getColumn(9).getInt(), 0, 4));
  t.comfort = static_cast<Comfort>(std::clamp(row.getColumn(10).getInt(), 0, 3));
  t.tried = row.getColumn(11).getString();
  t.file = row.getColumn(12).getString();
  t.recording = row.getColumn(13).getString();
  t.ticks = ticksFrom(row.getColumn(14).getString());
  t.stopped = row.getColumn(15).getInt() != 0;
  t.seen = static_cast<Seen>(std::clamp(row.getColumn(16).getInt(), 0, 2));
  t.other = row.getColumn(17).getInt64();
  t.letGo_unix_s = row.getColumn(18).getInt64();
  t.origin = originFrom(row.getColumn(19).getString());
  return t;
}

Studio::Result<std::vector<Take>> Studio::takes(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Take> list;
    SQLite::Statement query(*data_->db,
                            std::string("SELECT ") + kTakeColumns +
                                " FROM take LEFT JOIN summary ON summary.take = take.id WHERE "
                                "? IN (student, other) AND deleted = 0 ORDER BY made DESC, take.id DESC");
    query.bind(1, student);
    while (query.executeStep()) list.push_back(takeFrom(query));
    return list;
  });
}

tl::expected<Take, WriteError> Studio::writeTake(const fs::path& folder, const Student& student, Take take,
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

void Studio::name(Take& take) const {
  if (take.id == 0) take.id = data_->newId();
  if (take.file.empty()) take.file = newFileStem(take.made_unix_s) + ".flac";
}

Studio::Result<void> Studio::enterTake(const Take& take) { return enter(take, nullptr); }
Studio::Result<void> Studio::enterTake(const Take& take, const Summary& summary) {
  return enter(take, &summary);
}

Studio::Result<void> Studio::enter(const Take& take, const Summary* summary) {
  auto entered = data_->change([&]() -> bool {
    if (data_->isErasing(take.student) || data_->isErasing(take.other) ||
        !isOnList(*data_->db, "student", take.student))
      return false;
    Whole whole(*data_->db);
    insertTake(*data_->db, take, true);
    if (summary) insertSummary(take.id, *summary);
    whole.commit();
    return true;
  });
  if (!entered) return tl::unexpected(entered.error());
  if (!*entered) {
    std::error_code ignored;
    fs::remove(takeFile(take), ignored);
    return tl::unexpected(Problem(StudioFault::studentErased));
  }
  if (!take.recording.empty()) discardRecording(data_->recording(take.recording));
  return {};
}

Studio::Result<Take> Studio::addTake(const Take& take, std::span<const float> samples, double rate_hz,
                                     std::span<const float> first) {
  if (data_->readOnly) return data_->change([&] { return take; });
  const auto list = students();
  if (!list) return tl::unexpected(list.error());
  const auto student = std::ranges::find(*list, take.student, &Student::id);
  if (student == list->end()) return tl::unexpected(Problem(StudioFault::noSuchStudent));
  Take named = take;
  name(named);
  auto written = writeTake(data_->folder, *student, named, samples, rate_hz, first);
  if (!written) return tl::unexpected(Problem(StudioFault::notKept, written.error().why));
  if (const auto entered = enterTake(*written); !entered) return tl::unexpected(entered.error());
  return std::move(*written);
}

fs::path Studio::takeFile(const Take& take) const { return data_->take(take.file); }

fs::path Studio::takeFile(std::int64_t take) const {
  const auto file = data_->attempt([&]() -> fs::path {
    SQLite::Statement query(*data_->db, "SELECT file FROM take WHERE id = ?");
    query.bind(1, take);
    return query.executeStep() ? data_->take(query.getColumn(0).getString()) : fs::path();
  });
  return file.value_or(fs::path());
}

Studio::Result<Sound> Studio::takeSound(std::int64_t take) const {
  const auto letGo = data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT 1 FROM take WHERE id = ? AND let_go > 0");
    query.bind(1, take);
    return query.executeStep();
  });
  if (letGo && *letGo) return tl::unexpected(Problem(StudioFault::soundLetGo));
  const fs::path file = takeFile(take);
  std::error_code error;
  if (!fs::exists(fs::symlink_status(file, error)))
    return tl::unexpected(Problem(StudioFault::soundMissing, printable(file.string())));
  auto sound = readWholeSound(file.string());
  if (!sound) return tl::unexpected(Problem(StudioFault::soundUnreadable, sound.error().what));
  if (sound->samples.empty())
    return tl::unexpected(Problem(StudioFault::soundEmpty, printable(file.string())));
  return std::move(*sound);
}

Studio::Result<void> Studio::changeTake(const Take& take) {
  return data_->change([&] {
    SQLite::Statement update(
        *data_->db,
        "UPDATE take SET word = ?, remark = ?, asked = ?, attention = ?, comfort = ?, "
        "tried = ?, ticks = ?, stopped = ?, seen = ?, changed = changed + 1 WHERE id = ?");
    update.bind(1, static_cast<int>(take.word));
    update.bind(2, take.remark);
    update.bind(3, askedText(take.asked));
    update.bind(4, static_cast<int>(take.attention));
    update.bind(5, static_cast<int>(take.comfort));
    update.bind(6, take.tried);
    update.bind(7, textOfTicks(take.ticks));
    update.bind(8, take.stopped ? 1 : 0);
    update.bind(9, static_cast<int>(take.seen));
    update.bind(10, take.id);
    update.exec();
  });
}

Studio::Result<void> Studio::deleteTake(std::int64_t take) {
  return data_->change([&] { markDeleted(*data_->db, take, true); });
}
Studio::Result<void> Studio::restoreTake(std::int64_t take) {
  return data_->change([&] { markDeleted(*data_->db, take, false); });
}

Studio::Result<void> Studio::removeDeleted() {
  return data_->change([&] {
    // The sound first: a row without sound is removed again, a sound without a row would come back as a
    // stray.
    std::error_code error;
    std::vector<std::int64_t> gone;
    SQLite::Statement query(*data_->db, "SELECT id, file FROM take WHERE deleted = 1");
    while (query.executeStep()) {
      fs::remove(data_->take(query.getColumn(1).getString()), error);
      if (!error) gone.push_back(query.getColumn(0).getInt64());
    }
    Whole whole(*data_->db);
    for (const std::int64_t id : gone) {
      SQLite::Statement remove(*data_->db, "DELETE FROM take WHERE id = ?");
      remove.bind(1, id);
      remove.exec();
    }
    whole.commit();
  });
}

Studio::Result<std::vector<Studio::Unnoted>> Studio::unnoted(std::size_t most, std::int64_t after) const {
  return data_->attempt([&] {
    std::vector<Unnoted> list;
    SQLite::Statement query(
        *data_->db, std::string("SELECT ") + kTakeColumns +
                        ", changed, student.name, instrument, lowest, highest FROM take JOIN student ON "
                        "student.id = take.student LEFT JOIN summary ON summary.take = take.id WHERE noted < "
                        "changed AND deleted = 0 AND let_go = 0 AND take.id > ? ORDER BY take.id LIMIT ?");
    query.bind(1, after);
    query.bind(2, static_cast<std::int64_t>(most));
    while (query.executeStep()) {
      const Take take = takeFrom(query);
      if (data_->isErasing(take.student) || data_->isErasing(take.other)) continue;
      Student student{
          take.student, query.getColumn(kAdded + 1).getString(), query.getColumn(kAdded + 2).getString(), {}};
      if (!query.getColumn(kAdded + 3).isNull()) student.range.lowest = query.getColumn(kAdded + 3).getInt();
      if (!query.getColumn(kAdded + 4).isNull()) student.range.highest = query.getColumn(kAdded + 4).getInt();
      list.push_back(
          {take.id, query.getColumn(kAdded).getInt64(), takeFile(take), toText(SoundNote{student, take})});
    }
    return list;
  });
}

bool Studio::writeNote(const Unnoted& unnoted) {
  return changeComment(unnoted.file.string(), unnoted.note).has_value();
}

Studio::Result<void> Studio::noted(const Unnoted& unnoted) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE take SET noted = ? WHERE id = ?");
    update.bind(1, unnoted.change);
    update.bind(2, unnoted.take);
    update.exec();
  });
}

Studio::Result<Take> Studio::takeIn(const Stray& stray, const Student& student) {
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

Studio::Result<void> Studio::takeInAll() {
  const auto found = strays();
  if (!found) return tl::unexpected(found.error());
  // Whose they are comes first: a take may be of two.
  const auto wanted = [this](const Student& student) {
    return student.id != 0 && !data_->isErasing(student.id);  // else a stray, or on its way out
  };
  for (const Stray& stray : *found) {
    const Student& student = stray.note.student;
    if (!wanted(student)) continue;
    const auto there = adoptStudent(student);
    if (!there) return there;
  }
  for (const Stray& stray : *found) {
    if (!wanted(stray.note.student) || stray.recording || !stray.seconds) continue;
    if (const auto in = takeIn(stray, stray.note.student); !in) return tl::unexpected(in.error());
  }
  return {};
}

Studio::Result<void> Studio::adoptStudent(const Student& student) {
  return data_->change([&] {
    if (isOnList(*data_->db, "student", student.id)) return;
    SQLite::Statement insert(
        *data_->db, "INSERT INTO student(id, name, instrument, lowest, highest) VALUES(?, ?, ?, ?, ?)");
    insert.bind(1, student.id);
    const std::string name = visibleLine(student.name);
    insert.bind(2, name.empty() ? "?" : name);
    insert.bind(3, student.instrument);
    if (student.range.lowest) insert.bind(4, *student.range.lowest);
    if (student.range.highest) insert.bind(5, *student.range.highest);
    insert.exec();
  });
}

Studio::Result<int> Studio::adoptTakes(const Student& student, const std::vector<fs::path>& files) {
  return data_->change([&] {
    Whole whole(*data_->db);
    int adopted = 0;
    SQLite::Statement coming(*data_->db, "INSERT INTO incoming(file, place) VALUES(?, ?)");
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
      coming.bind(1, take.file);
      coming.bind(2, fs::relative(file, Incoming::placeIn(data_->folder)).string());
      coming.exec();
      ++adopted;
    }
    whole.commit();
    return adopted;
  });
}

/// First the file, then the word that it is to come: what is cut off in between is looked at again.
void Studio::moveAdopted() {
  (void)data_->change([&] {
    std::vector<std::pair<std::string, fs::path>> coming;
    SQLite::Statement query(*data_->db, "SELECT file, place FROM incoming");
    while (query.executeStep())
      coming.emplace_back(query.getColumn(0).getString(), query.getColumn(1).getString());
    SQLite::Statement there(*data_->db, "DELETE FROM incoming WHERE file = ?");
    for (const auto& [file, place] : coming) {
      std::error_code error;
      if (Incoming::isPlace(place))
        fs::rename(Incoming::placeIn(data_->folder) / place, data_->take(file), error);
      if (error && error != std::errc::no_such_file_or_directory) continue;  // at the next start
      there.reset();
      there.bind(1, file);
      there.exec();
    }
  });
}

}  // namespace calando
