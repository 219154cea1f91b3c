#include "app/session/students/open_breaths.h"

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/students/student_book.h"
#include "core/measure/edges/sounds.h"
#include "records/studio.h"

namespace calando {

OpenBreaths::OpenBreaths(Studio& studio, StudentBook& book, Notices& notices, Undo& undo)
    : studio_(studio), book_(book), notices_(notices), undo_(undo) {
  connect(&book_, &StudentBook::studentChanged, this, &OpenBreaths::load);
}

void OpenBreaths::load() {
  marks_.clear();
  if (const auto student = book_.chosenId()) marks_ = studio_.plans.openBreaths(*student).value_or(marks_);
}

void OpenBreaths::call(const Air& breath) {
  if (!breath.profile || !breath.level_dbfs) return;
  auto marks = marks_;
  marks.push_back({*breath.profile, *breath.level_dbfs});
  learn(std::move(marks));
}

void OpenBreaths::forget() { learn({}); }

void OpenBreaths::learn(std::vector<OpenMark> marks) {
  const auto student = book_.chosenId();
  before::Breaths was{marks_};
  if (!student || !keep(*student, std::move(marks))) return;
  undo_.push({.student = *student}, std::move(was));
  emit changed();
}

bool OpenBreaths::putBack(const UndoSubject& subject, const before::Breaths& was) {
  if (!keep(subject.student, was.open)) return false;
  if (subject.student == book_.chosenId()) emit changed();
  return true;
}

bool OpenBreaths::keep(std::int64_t student, std::vector<OpenMark> marks) {
  if (!book_.find(student) || studio_.readOnly()) return false;
  if (marks.size() > kMostOpenMarks) marks.erase(marks.begin(), marks.end() - kMostOpenMarks);
  if (!notices_.worked(studio_.plans.keepOpenBreaths(student, marks))) return false;
  if (student == book_.chosenId()) marks_ = std::move(marks);
  return true;
}

}  // namespace calando
