#include "records/folder/studio_folder.h"

// The tables of studio.db, as they have grown.

namespace calando {

namespace {

/// One step from each version of the schema to the next, the first makes the tables.
constexpr const char* kMigrations[] = {
    R"(
CREATE TABLE student(id INTEGER PRIMARY KEY, name TEXT NOT NULL, instrument TEXT NOT NULL);
CREATE TABLE take(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL,
  seconds REAL NOT NULL,
  source TEXT NOT NULL,
  asked TEXT NOT NULL,
  word INTEGER NOT NULL DEFAULT 0,
  remark TEXT NOT NULL DEFAULT '',
  deleted INTEGER NOT NULL DEFAULT 0);
CREATE INDEX take_of_student ON take(student, made);
CREATE TABLE summary(
  take INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE,
  engine TEXT NOT NULL, held REAL, ribbon BLOB NOT NULL, readings TEXT NOT NULL);
CREATE TABLE setting(key TEXT PRIMARY KEY, value TEXT NOT NULL);
)",
    "ALTER TABLE take ADD COLUMN attention INTEGER NOT NULL DEFAULT 0;",
    R"(
ALTER TABLE take ADD COLUMN comfort INTEGER NOT NULL DEFAULT 0;
ALTER TABLE take ADD COLUMN tried TEXT NOT NULL DEFAULT '';
CREATE TABLE card(id TEXT PRIMARY KEY, text TEXT NOT NULL);
)",
    R"(
ALTER TABLE student ADD COLUMN lowest INTEGER;
ALTER TABLE student ADD COLUMN highest INTEGER;
)",
    // The sound's own file name; which change of the take its file has the note of; what is kept of students
    // that are no more.
    R"(
ALTER TABLE take ADD COLUMN file TEXT NOT NULL DEFAULT '';
UPDATE take SET file = id || '.flac';
CREATE UNIQUE INDEX take_file ON take(file);
ALTER TABLE take ADD COLUMN recording TEXT NOT NULL DEFAULT '';
ALTER TABLE take ADD COLUMN changed INTEGER NOT NULL DEFAULT 1;
ALTER TABLE take ADD COLUMN noted INTEGER NOT NULL DEFAULT 0;
DELETE FROM setting WHERE (key GLOB 'order:*' AND CAST(substr(key, 7) AS INTEGER) NOT IN (SELECT id FROM student))
  OR (key GLOB 'model:*' AND CAST(substr(key, 7) AS INTEGER) NOT IN (SELECT id FROM student));
)",
    // Figures, running orders and models as rows of their own; they were texts in JSON and in settings.
    R"(
CREATE TABLE figure(
  take INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
  id TEXT NOT NULL, value REAL NOT NULL, PRIMARY KEY(take, id)) WITHOUT ROWID;
CREATE TABLE step(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  place INTEGER NOT NULL, exercise TEXT NOT NULL, PRIMARY KEY(student, place)) WITHOUT ROWID;
CREATE TABLE model(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  exercise TEXT NOT NULL,
  take INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE, PRIMARY KEY(student, exercise)) WITHOUT ROWID;
UPDATE summary SET readings = '{}' WHERE NOT json_valid(readings);
ALTER TABLE summary ADD COLUMN verdict INTEGER NOT NULL DEFAULT 4;
ALTER TABLE summary ADD COLUMN advice TEXT NOT NULL DEFAULT '';
UPDATE summary SET verdict = ifnull(json_extract(readings, '$.verdict'), 4),
                   advice = ifnull(json_extract(readings, '$.advice'), '');
INSERT OR IGNORE INTO figure SELECT summary.take, f.key, f.value FROM summary, json_each(readings, '$.values') AS f
  WHERE f.type IN ('integer', 'real') AND f.key IS NOT NULL;
ALTER TABLE summary DROP COLUMN readings;
INSERT OR IGNORE INTO step SELECT CAST(substr(s.key, 7) AS INTEGER), o.key, o.value
  FROM (SELECT * FROM setting WHERE key GLOB 'order:*' AND json_valid(value)) AS s, json_each(s.value) AS o
  WHERE o.type = 'text' AND CAST(substr(s.key, 7) AS INTEGER) IN (SELECT id FROM student);
INSERT OR IGNORE INTO model
  SELECT CAST(substr(key, 7) AS INTEGER), substr(key, 7 + instr(substr(key, 7), ':')), CAST(value AS INTEGER)
  FROM setting WHERE key GLOB 'model:*:*' AND CAST(substr(key, 7) AS INTEGER) IN (SELECT id FROM student)
  AND CAST(value AS INTEGER) IN (SELECT id FROM take);
DELETE FROM setting WHERE key GLOB 'order:*' OR key GLOB 'model:*';
)",
    // What was seen beside a take; that its player felt light-headed; which breaths of a student are open.
    R"(
ALTER TABLE take ADD COLUMN ticks TEXT NOT NULL DEFAULT '';
ALTER TABLE take ADD COLUMN stopped INTEGER NOT NULL DEFAULT 0;
ALTER TABLE student ADD COLUMN open_breaths TEXT NOT NULL DEFAULT '';
)",
    // Whether what was observed was there; which observation it was.
    R"(
ALTER TABLE take ADD COLUMN seen INTEGER NOT NULL DEFAULT 0;
ALTER TABLE summary ADD COLUMN observation TEXT NOT NULL DEFAULT '';
)",
    // Where steady tones were held, by pitch and level.
    R"(
CREATE TABLE reach(
  take INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
  semitone INTEGER NOT NULL, level INTEGER NOT NULL, seconds REAL NOT NULL,
  PRIMARY KEY(take, semitone, level)) WITHOUT ROWID;
)",
    // Who else played in it.
    R"(
ALTER TABLE take ADD COLUMN other INTEGER REFERENCES student(id) ON DELETE CASCADE;
CREATE INDEX take_of_other ON take(other, made);
)",
    // What is practised at home, and what was practised without the program.
    R"(
ALTER TABLE student ADD COLUMN plan TEXT NOT NULL DEFAULT '';
CREATE TABLE practice(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  day TEXT NOT NULL, minutes INTEGER NOT NULL, what TEXT NOT NULL);
CREATE INDEX practice_of_student ON practice(student, day);
CREATE TABLE homework(id INTEGER PRIMARY KEY, due TEXT NOT NULL, list TEXT NOT NULL);
CREATE TABLE sent(
  homework INTEGER NOT NULL REFERENCES homework(id) ON DELETE CASCADE,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  note TEXT NOT NULL, PRIMARY KEY(homework, student)) WITHOUT ROWID;
)",
    // Since when a take's sound is given up.
    "ALTER TABLE take ADD COLUMN let_go INTEGER NOT NULL DEFAULT 0;",
    // What was answered and guessed by ear, and what is asked about.
    R"(
CREATE TABLE ear_answer(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL, way TEXT NOT NULL, change TEXT NOT NULL, concert INTEGER NOT NULL, amount REAL NOT NULL,
  choices INTEGER NOT NULL, is_right INTEGER NOT NULL);
CREATE INDEX ear_answer_of_student ON ear_answer(student, made);
CREATE TABLE ear_guess(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL, figure TEXT NOT NULL, guessed REAL NOT NULL, was REAL NOT NULL);
CREATE TABLE ear_asked(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  place INTEGER NOT NULL, change TEXT NOT NULL, PRIMARY KEY(student, place)) WITHOUT ROWID;
)",
    // A student's own words for what can be wrong.
    R"(
CREATE TABLE ear_word(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  change TEXT NOT NULL, said TEXT NOT NULL, PRIMARY KEY(student, change)) WITHOUT ROWID;
)",
    // Of which sound a take was cut; own running orders by name; what was begun and is to be finished; what
    // came into the watched folder; from which studio packs for home come.
    R"(
ALTER TABLE take ADD COLUMN origin TEXT NOT NULL DEFAULT '';
ALTER TABLE student ADD COLUMN home TEXT NOT NULL DEFAULT '';
CREATE TABLE own_step(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  name TEXT NOT NULL, place INTEGER NOT NULL, exercise TEXT NOT NULL,
  PRIMARY KEY(student, name, place)) WITHOUT ROWID;
CREATE TABLE intake(
  homework INTEGER NOT NULL REFERENCES homework(id) ON DELETE CASCADE,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  item INTEGER NOT NULL, sound TEXT NOT NULL, note TEXT NOT NULL,
  PRIMARY KEY(homework, student, item)) WITHOUT ROWID;
CREATE TABLE incoming(file TEXT PRIMARY KEY, place TEXT NOT NULL) WITHOUT ROWID;
CREATE TABLE watched(file TEXT PRIMARY KEY, size INTEGER NOT NULL, changed INTEGER NOT NULL) WITHOUT ROWID;
)",
    // How far a student is; what was stopped, why, and when it was opened again.
    R"(
ALTER TABLE take ADD COLUMN stop_reason INTEGER NOT NULL DEFAULT 0;
ALTER TABLE student ADD COLUMN experience INTEGER NOT NULL DEFAULT 0;
CREATE TABLE stop(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  at INTEGER NOT NULL, reason INTEGER NOT NULL, work INTEGER NOT NULL, opened INTEGER NOT NULL DEFAULT 0,
  PRIMARY KEY(student, at)) WITHOUT ROWID;
INSERT INTO stop(student, at, reason, work)
  SELECT student, max(made), 1, 0 FROM take WHERE stopped != 0 AND deleted = 0 GROUP BY student;
)"};

}  // namespace

const int kSchemaVersion = static_cast<int>(std::size(kMigrations));

void migrate(SQLite::Database& db, int version) {
  Whole whole(db);
  for (int step = version; step < kSchemaVersion; ++step) db.exec(kMigrations[step]);
  db.exec("PRAGMA user_version=" + std::to_string(kSchemaVersion));
  whole.commit();
}

}  // namespace calando
