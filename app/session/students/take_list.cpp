#include "app/session/students/take_list.h"

#include "app/session/common/notices.h"
#include "app/session/common/past.h"
#include "app/session/common/undo.h"
#include "app/session/students/sound_tag_writer.h"
#include "app/session/students/student_book.h"
#include "records/studio.h"
#include "records/tables/recordings.h"

namespace calando {

namespace {
constexpr int kTags_ms = 1500;

auto rank(const Take& t) { return std::pair(-t.made_unix_s, -t.id); }
}  // namespace

TakeList::TakeList(Studio& studio, StudentBook& book, SoundTagWriter& tags, Notices& notices, Undo& undo)
    : studio_(studio), book_(book), tags_(tags), notices_(notices), undo_(undo) {
  connect(&book_, &StudentBook::studentChanged, this, &TakeList::load);
}

const Take* TakeList::find(std::int64_t id) const {
  const auto found = std::ranges::find(takes_, id, &Take::id);
  return found == takes_.end() ? nullptr : &*found;
}

const std::string* TakeList::ribbon(std::int64_t take) const {
  const auto found = summaries_.find(take);
  return found == summaries_.end() ? nullptr : &found->second.ribbon;
}

std::optional<double> TakeList::cutShort_s(std::int64_t take) const {
  const auto found = cutShort_s_.find(take);
  return found == cutShort_s_.end() ? std::nullopt : std::optional(found->second);
}

void TakeList::setCutShort(std::int64_t take, double seconds) {
  cutShort_s_[take] = seconds;
  emit takeChanged(take);
}

PastTake TakeList::pastOf(const Take& take) const {
  const auto summary = summaries_.find(take.id);
  return calando::pastOf(take, summary == summaries_.end() ? nullptr : &summary->second);
}

void TakeList::refreshPast(std::int64_t take) {
  const auto row = std::ranges::find(takes_, take, &Take::id) - takes_.begin();
  if (row < std::ssize(takes_))
    past_[static_cast<std::size_t>(row)] = pastOf(takes_[static_cast<std::size_t>(row)]);
}

void TakeList::load() {
  takes_.clear();
  past_.clear();
  summaries_.clear();
  cutShort_s_.clear();
  if (const auto student = book_.chosenId()) {
    auto list = studio_.takes.of(*student);
    auto measured = studio_.summaries.of(*student);
    if (notices_.worked(list) && notices_.worked(measured)) {
      takes_ = std::move(*list);
      summaries_ = std::move(*measured);
    }
  }
  for (const Take& take : takes_) past_.push_back(pastOf(take));
  emit takesChanged();
}

bool TakeList::enter(const Take& take, const StoredSummary& summary) {
  if (!notices_.worked(studio_.takes.enter(take, summary))) return false;
  entered(take, summary);
  return true;
}

void TakeList::entered(const Take& take, const StoredSummary& summary) {
  const auto student = book_.chosenId();
  if (!student || !take.isOf(*student)) return;
  Take entered = take;
  entered.held_s = summary.held_s;
  const auto place = std::ranges::lower_bound(takes_, rank(entered), {}, rank);
  const auto row = place - takes_.begin();
  takes_.insert(place, entered);
  summaries_[take.id] = summary;
  past_.insert(past_.begin() + row, pastOf(entered));
  emit takeAdded(static_cast<int>(row));
}

bool TakeList::takeIn(const Stray& stray, const Student& student) {
  if (!notices_.worked(studio_.recordings.takeIn(stray, student))) return false;
  tags_.schedule();
  if (student.id == book_.chosenId()) load();
  return true;
}

bool TakeList::change(const Take& changed) {
  if (studio_.readOnly()) return false;
  const bool kept = notices_.worked(studio_.takes.change(changed));
  const auto mine = std::ranges::find(takes_, changed.id, &Take::id);
  if (mine != takes_.end()) {
    const auto held_s = mine->held_s;
    *mine = changed;
    mine->held_s = held_s;
    refreshPast(changed.id);
  }
  tags_.schedule();
  emit takeChanged(changed.id);
  return kept;
}

void TakeList::keepSummary(std::int64_t take, const StoredSummary& summary) {
  if (take == 0 || studio_.readOnly() || !notices_.worked(studio_.summaries.keep(take, summary))) return;
  const auto mine = std::ranges::find(takes_, take, &Take::id);
  if (mine == takes_.end()) return;
  mine->held_s = summary.held_s;
  summaries_[take] = summary;
  refreshPast(take);
  emit takeChanged(take);
}

bool TakeList::remove(std::int64_t take) {
  if (studio_.readOnly() || !notices_.worked(studio_.takes.remove(take))) return false;
  const Take* gone = find(take);
  undo_.push({.student = gone ? gone->student : 0, .take = take}, before::Deleted{});
  load();
  return true;
}

bool TakeList::restore(const UndoSubject& subject) {
  const bool back = notices_.worked(studio_.takes.restore(subject.take));
  if (subject.student == book_.chosenId()) load();
  return back;
}

void TakeList::finish() {
  tags_.finish(kTags_ms);
  if (!studio_.readOnly()) (void)studio_.takes.removeDeleted();
}

}  // namespace calando
