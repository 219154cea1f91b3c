#include "app/session/lesson/running_order.h"

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/students/student_book.h"
#include "core/exercise/fit.h"
#include "core/library/experience.h"
#include "core/library/lesson.h"
#include "records/studio.h"

namespace calando {

RunningOrder::RunningOrder(Studio& studio, StudentBook& book, CardDeck& deck, Notices& notices, Undo& undo)
    : studio_(studio), book_(book), deck_(deck), notices_(notices), undo_(undo) {
  steps_ = lessonTemplates().front().exercises;
  connect(&book_, &StudentBook::studentChanged, this, &RunningOrder::load);
  // What is no more there is in no order; brought back, it is again.
  connect(&deck_, &CardDeck::reloaded, this, &RunningOrder::load);
}

/// The student's own running order, or one to start from.
void RunningOrder::load() {
  const Student* student = book_.chosen();
  std::vector<std::string> order;
  if (student) order = studio_.orders.of(student->id).value_or(order);
  own_.clear();
  if (student) own_ = studio_.orders.own(student->id).value_or(own_);
  steps_ = playable(std::move(order));
  emit loaded();
}

bool RunningOrder::has(const std::string& exercise) const {
  return std::ranges::find(steps_, exercise) != steps_.end();
}

bool RunningOrder::isShipped(const std::vector<std::string>& exercises) const {
  return std::ranges::any_of(lessonsFor(book_.instrument()),
                             [&](const auto& one) { return one.exercises == exercises; });
}

std::vector<std::string> RunningOrder::playable(std::vector<std::string> exercises) const {
  const Instrument* instrument = book_.instrument();
  std::erase_if(exercises, [&](const std::string& id) {
    const ExercisePtr card = deck_.find(id);
    return !card || misfitOf(*card, instrument);
  });
  if (!exercises.empty()) return exercises;
  const Student* student = book_.chosen();
  const auto lessons = lessonsFor(instrument);
  const auto first = std::ranges::find(
      lessons, beginningOf(student ? student->experience : Experience::unsaid).order, &LessonTemplate::id);
  return (first == lessons.end() ? lessons.front() : *first).exercises;
}

bool RunningOrder::gated() const {
  const auto lessons = lessonsFor(book_.instrument());
  const auto present = std::ranges::find(lessons, steps_, &LessonTemplate::exercises);
  return present == lessons.end() || present->gated;
}

const OwnOrder* RunningOrder::presentOwn() const {
  const auto own =
      std::ranges::find_if(own_, [this](const OwnOrder& one) { return playable(one.exercises) == steps_; });
  return own == own_.end() ? nullptr : &*own;
}

std::string RunningOrder::freeName() const {
  const QString stem = tr("Own order");
  for (int i = 1;; ++i) {
    const std::string name = (i == 1 ? stem : tr("%1 %2", "a name, a number").arg(stem).arg(i)).toStdString();
    if (std::ranges::find(own_, name, &OwnOrder::name) == own_.end()) return name;
  }
}

bool RunningOrder::keepOwn(std::int64_t student, const OwnOrder& order) {
  if (!notices_.worked(studio_.orders.keepOwn(student, order))) return false;
  std::erase_if(own_, [&](const OwnOrder& own) { return own.name == order.name; });
  if (!order.exercises.empty()) own_.push_back(order);
  std::ranges::sort(own_, {}, &OwnOrder::name);
  return true;
}

void RunningOrder::nameWhatHasNone() {
  if (const auto student = book_.chosenId(); student && !isShipped(steps_) && !presentOwn())
    keepOwn(*student, {freeName(), steps_});
}

void RunningOrder::canUndo() {
  if (const auto student = book_.chosenId()) undo_.push({.student = *student}, before::Order{steps_, own_});
}

void RunningOrder::set(std::vector<std::string> exercises) {
  exercises = playable(std::move(exercises));
  if (exercises == steps_) return;
  if (!studio_.readOnly()) {
    canUndo();
    nameWhatHasNone();
  }
  steps_ = std::move(exercises);
  if (book_.chosen() && !studio_.readOnly()) notices_.worked(studio_.orders.keep(book_.chosen()->id, steps_));
  emit changed();
}

void RunningOrder::change(std::vector<std::string> exercises, const std::string& name) {
  const auto student = book_.chosenId();
  if (!exercises.empty()) exercises = playable(std::move(exercises));
  if (!student || studio_.readOnly() || exercises.empty()) return set(std::move(exercises));
  const OwnOrder* own = presentOwn();
  const std::string before = own ? own->name : std::string();
  const std::string wanted = !name.empty() ? name : own ? own->name : freeName();
  if (exercises == steps_ && (name.empty() || wanted == before)) return;
  canUndo();
  if (own && wanted != before) keepOwn(*student, {before, {}});
  if (!isShipped(exercises) || !before.empty() || !name.empty()) keepOwn(*student, {wanted, exercises});
  steps_ = std::move(exercises);
  notices_.worked(studio_.orders.keep(*student, steps_));
  emit changed();
}

bool RunningOrder::putBack(std::int64_t student, const before::Order& was) {
  const auto own = studio_.orders.own(student);
  if (!book_.find(student) || !notices_.worked(own)) return false;
  const bool back = notices_.worked(studio_.atOnce([&]() -> Studio::Result<void> {
    for (const OwnOrder& one : *own)
      if (const auto gone = studio_.orders.keepOwn(student, {one.name, {}}); !gone) return gone;
    for (const OwnOrder& one : was.own)
      if (const auto kept = studio_.orders.keepOwn(student, one); !kept) return kept;
    return studio_.orders.keep(student, was.present);
  }));
  if (student == book_.chosenId()) load();
  return back;
}

bool RunningOrder::put(std::int64_t student, const std::vector<std::string>& exercises) {
  if (student != book_.chosenId()) return notices_.worked(studio_.orders.keep(student, exercises));
  if (exercises == steps_) return true;
  // An own one goes along with what becomes of it.
  if (const OwnOrder* own = presentOwn()) keepOwn(student, {own->name, exercises});
  steps_ = exercises;
  const bool kept = notices_.worked(studio_.orders.keep(student, steps_));
  emit changed();
  return kept;
}

}  // namespace calando
