#include "app/session/students/student_book.h"

#include <QTimer>

#include "app/session/common/past.h"
#include "app/session/common/undo.h"
#include "records/studio.h"
#include "records/tables/recordings.h"

namespace calando {

namespace {
constexpr int kLater_ms = 60;
constexpr int kNotes_ms = 1500;

auto rank(const Take& t) { return std::pair(-t.made_unix_s, -t.id); }
}  // namespace

StudentBook::StudentBook(Studio& studio, WorkQueue& work, AnalysisQueue& analyses, Notices& notices,
                         Undo& undo)
    : studio_(studio), analyses_(analyses), notices_(notices), undo_(undo), noteWriter_(studio, work) {
  noteWriter_.schedule();
}

const Student* StudentBook::find(std::int64_t student) const {
  const auto found = std::ranges::find(students_, student, &Student::id);
  return found == students_.end() ? nullptr : &*found;
}

const Student* StudentBook::chosen() const { return chosen_ ? find(*chosen_) : nullptr; }

std::optional<std::int64_t> StudentBook::chosenId() const { return chosen() ? chosen_ : std::nullopt; }

void StudentBook::load() {
  auto list = studio_.students.all();
  if (!notices_.worked(list)) return;
  students_ = std::move(*list);
  if (!chosen()) chosen_ = students_.empty() ? std::nullopt : std::optional(students_.front().id);
  emit studentsChanged();
  loadTakes();
  emit studentChanged();
}

void StudentBook::choose(std::int64_t student) {
  if (chosen_ == student || !find(student)) return;
  emit leaving();
  chosen_ = student;
  loadTakes();
  emit studentChanged();
}

bool StudentBook::add(const Student& student) {
  const auto added = studio_.students.add(student.name, student.instrument, student.range);
  if (!notices_.worked(added)) return false;
  emit leaving();
  chosen_ = added->id;
  load();
  return true;
}

bool StudentBook::change(const Student& student) {
  if (!notices_.worked(studio_.students.change(student))) return false;
  noteWriter_.schedule();
  load();
  return true;
}

bool StudentBook::erase(std::int64_t student) {
  emit erasing(student);
  unsummarised_.clear();
  noteWriter_.hold();  // or a file that is gone comes back with a new note
  const bool gone = notices_.worked(studio_.students.erase(student));
  noteWriter_.schedule();
  if (chosen_ == student) chosen_.reset();
  undo_.forget(student);
  load();
  return gone;
}

const Take* StudentBook::take(std::int64_t id) const {
  const auto found = std::ranges::find(takes_, id, &Take::id);
  return found == takes_.end() ? nullptr : &*found;
}

const std::string* StudentBook::ribbon(std::int64_t take) const {
  const auto found = summaries_.find(take);
  return found == summaries_.end() ? nullptr : &found->second.ribbon;
}

std::optional<double> StudentBook::cutShort_s(std::int64_t take) const {
  const auto found = cutShort_s_.find(take);
  return found == cutShort_s_.end() ? std::nullopt : std::optional(found->second);
}

void StudentBook::setCutShort(std::int64_t take, double seconds) {
  cutShort_s_[take] = seconds;
  emit takeChanged(take);
}

PastTake StudentBook::pastOf(const Take& take) const {
  const auto summary = summaries_.find(take.id);
  return calando::pastOf(take, summary == summaries_.end() ? nullptr : &summary->second);
}

void StudentBook::refreshPast(std::int64_t take) {
  const auto row = std::ranges::find(takes_, take, &Take::id) - takes_.begin();
  if (row < std::ssize(takes_))
    past_[static_cast<std::size_t>(row)] = pastOf(takes_[static_cast<std::size_t>(row)]);
}

void StudentBook::loadTakes() {
  takes_.clear();
  past_.clear();
  summaries_.clear();
  cutShort_s_.clear();
  unsummarised_.clear();
  summarising_.cancel();
  openBreaths_.clear();
  if (chosen_) {
    openBreaths_ = studio_.plans.openBreaths(*chosen_).value_or(openBreaths_);
    auto list = studio_.takes.of(*chosen_);
    auto measured = studio_.summaries.of(*chosen_);
    if (notices_.worked(list) && notices_.worked(measured)) {
      takes_ = std::move(*list);
      summaries_ = std::move(*measured);
    }
  }
  for (const Take& take : takes_) {
    past_.push_back(pastOf(take));
    if (!summaries_.contains(take.id) && !unmeasurable_.contains(take.id)) unsummarised_.push_back(take.id);
  }
  emit takesChanged();
  if (!unsummarised_.empty()) QTimer::singleShot(0, this, &StudentBook::summariseNext);
}

bool StudentBook::keepOpenBreaths(std::int64_t student, std::vector<OpenMark> marks) {
  if (!find(student) || studio_.readOnly()) return false;
  if (marks.size() > kMostOpenMarks) marks.erase(marks.begin(), marks.end() - kMostOpenMarks);
  if (!notices_.worked(studio_.plans.keepOpenBreaths(student, marks))) return false;
  if (student == chosen_) openBreaths_ = std::move(marks);
  return true;
}

bool StudentBook::enter(const Take& take, const StoredSummary& summary) {
  if (!notices_.worked(studio_.takes.enter(take, summary))) return false;
  entered(take, summary);
  return true;
}

void StudentBook::entered(const Take& take, const StoredSummary& summary) {
  if (!chosen_ || !take.isOf(*chosen_)) return;
  Take entered = take;
  entered.held_s = summary.held_s;
  const auto place = std::ranges::lower_bound(takes_, rank(entered), {}, rank);
  const auto row = place - takes_.begin();
  takes_.insert(place, entered);
  summaries_[take.id] = summary;
  past_.insert(past_.begin() + row, pastOf(entered));
  emit takeAdded(static_cast<int>(row));
}

bool StudentBook::takeIn(const Stray& stray, const Student& student) {
  if (!notices_.worked(studio_.recordings.takeIn(stray, student))) return false;
  noteWriter_.schedule();
  if (student.id == chosen_) loadTakes();
  return true;
}

bool StudentBook::changeTake(const Take& changed) {
  if (studio_.readOnly()) return false;
  const bool kept = notices_.worked(studio_.takes.change(changed));
  const auto mine = std::ranges::find(takes_, changed.id, &Take::id);
  if (mine != takes_.end()) {
    const auto held_s = mine->held_s;
    *mine = changed;
    mine->held_s = held_s;
    refreshPast(changed.id);
  }
  noteWriter_.schedule();
  emit takeChanged(changed.id);
  return kept;
}

void StudentBook::keepSummary(std::int64_t take, const StoredSummary& summary) {
  if (take == 0 || studio_.readOnly() || !notices_.worked(studio_.summaries.keep(take, summary))) return;
  const auto mine = std::ranges::find(takes_, take, &Take::id);
  if (mine == takes_.end()) return;
  mine->held_s = summary.held_s;
  summaries_[take] = summary;
  refreshPast(take);
  emit takeChanged(take);
}

bool StudentBook::deleteTake(std::int64_t take) {
  if (studio_.readOnly() || !notices_.worked(studio_.takes.remove(take))) return false;
  const Take* gone = this->take(take);
  undo_.push({.student = gone ? gone->student : 0, .take = take}, before::Deleted{});
  loadTakes();
  return true;
}

bool StudentBook::restoreTake(const UndoSubject& subject) {
  const bool back = notices_.worked(studio_.takes.restore(subject.take));
  if (subject.student == chosen_) loadTakes();
  return back;
}

void StudentBook::setQuiet(bool quiet) {
  quiet_ = quiet;
  if (quiet) summariseNext();
}

/// Takes that this engine has not measured yet, one after the other, while nobody waits.
void StudentBook::summariseNext() {
  if (unsummarised_.empty() || summarising_ || !quiet_) return;
  if (!analyses_.idle()) {
    QTimer::singleShot(kLater_ms, this, &StudentBook::summariseNext);
    return;
  }
  const std::int64_t id = unsummarised_.front();
  unsummarised_.pop_front();
  const Take* wanted = take(id);
  if (!wanted) return summariseNext();
  AnalysisQueue::Request request;
  request.take = *wanted;
  request.file = studio_.takes.file(*wanted);
  request.samplesWanted = false;
  summarising_ = analyses_.ask(std::move(request), AnalysisQueue::Urgency::later,
                               [this, id](const AnalysisQueue::Answer& answer) {
                                 if (answer.picture)
                                   keepSummary(id, answer.summary);
                                 else
                                   unmeasurable_.insert(id);
                                 summariseNext();
                               });
}

void StudentBook::finish() {
  noteWriter_.finish(kNotes_ms);
  if (!studio_.readOnly()) (void)studio_.takes.removeDeleted();
}

}  // namespace calando
