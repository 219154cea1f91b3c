#include "app/session/students/student_book.h"

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/students/sound_tag_writer.h"
#include "records/studio.h"

namespace calando {

StudentBook::StudentBook(Studio& studio, SoundTagWriter& tags, Notices& notices, Undo& undo)
    : studio_(studio), tags_(tags), notices_(notices), undo_(undo) {}

const Student* StudentBook::find(std::int64_t student) const {
  const auto found = std::ranges::find(students_, student, &Student::id);
  return found == students_.end() ? nullptr : &*found;
}

const Student* StudentBook::chosen() const { return chosen_ ? find(*chosen_) : nullptr; }

std::optional<std::int64_t> StudentBook::chosenId() const { return chosen() ? chosen_ : std::nullopt; }

const Instrument* StudentBook::instrument() const {
  const Student* student = chosen();
  return student ? findInstrument(student->instrument) : nullptr;
}

void StudentBook::load() {
  auto list = studio_.students.all();
  if (!notices_.worked(list)) return;
  students_ = std::move(*list);
  if (!chosen()) chosen_ = students_.empty() ? std::nullopt : std::optional(students_.front().id);
  emit studentsChanged();
  emit studentChanged();
}

void StudentBook::choose(std::int64_t student) {
  if (chosen_ == student || !find(student)) return;
  emit leaving();
  chosen_ = student;
  emit studentChanged();
}

bool StudentBook::add(const Student& student) {
  const auto added =
      studio_.students.add(student.name, student.instrument, student.range, student.experience);
  if (!notices_.worked(added)) return false;
  emit leaving();
  chosen_ = added->id;
  load();
  return true;
}

bool StudentBook::change(const Student& student) {
  if (!notices_.worked(studio_.students.change(student))) return false;
  tags_.schedule();
  load();
  return true;
}

bool StudentBook::erase(std::int64_t student) {
  emit erasing(student);
  tags_.hold();  // or a file that is gone comes back with a new note
  const bool gone = notices_.worked(studio_.students.erase(student));
  tags_.schedule();
  if (chosen_ == student) chosen_.reset();
  undo_.forget(student);
  load();
  return gone;
}

}  // namespace calando
