#include "app/session/lesson/planning.h"

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/running_order.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "core/exercise/fit.h"
#include "records/studio.h"

namespace calando {

Planning::Planning(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, RunningOrder& order,
                   Lesson& lesson, Notices& notices, Undo& undo)
    : studio_(studio),
      book_(book),
      takes_(takes),
      deck_(deck),
      order_(order),
      lesson_(lesson),
      notices_(notices),
      undo_(undo) {
  connect(&book_, &StudentBook::studentChanged, this, &Planning::load);
  const auto stale = [this] {
    proposals_.reset();
    emit changed();
  };
  connect(&takes_, &TakeList::takesChanged, this, stale);
  connect(&takes_, &TakeList::takeAdded, this, stale);
  connect(&takes_, &TakeList::takeChanged, this, stale);
  connect(&lesson_, &Lesson::orderChanged, this, stale);
  connect(&lesson_, &Lesson::cardsChanged, this, stale);
}

void Planning::load() {
  plan_ = {};
  practices_.clear();
  proposals_.reset();
  if (const Student* student = book_.chosen()) {
    plan_ = studio_.plans.of(student->id).value_or(plan_);
    practices_ = studio_.plans.practices(student->id).value_or(practices_);
  }
  lesson_.setGate(plan_.gate);
  emit changed();
  emit practicesChanged();
}

PlanState Planning::state() const {
  const Student* student = book_.chosen();
  PlanState state{plan_,
                  {},
                  takes_.past(),
                  student ? student->range : NoteRange(),
                  today(studio_.clock()),
                  [this, instrument = book_.instrument()](const std::string& exercise) {
                    const ExercisePtr card = deck_.find(exercise);
                    return card && misfitOf(*card, instrument) ? nullptr : card;
                  }};
  for (const std::string& exercise : order_.steps())
    if (const ExercisePtr card = deck_.find(exercise)) state.order.push_back(card);
  return state;
}

const std::vector<Proposal>& Planning::proposals() const {
  if (!proposals_) proposals_ = book_.chosen() ? proposalsFor(state()) : std::vector<Proposal>();
  return *proposals_;
}

void Planning::take(const Proposal& proposal, std::optional<double> to) {
  const Student* student = book_.chosen();
  if (!student || studio_.readOnly()) return;
  const Planned now{plan_, order_.steps()};
  const Day day = today(studio_.clock());
  if (proposal.kind == Proposal::Kind::range) {
    Student changed = *student;
    auto& edge = proposal.from == student->range.highest ? changed.range.highest : changed.range.lowest;
    edge = static_cast<int>(to.value_or(*proposal.to));
    const Student was = *student;
    if (book_.change(changed)) keep(taken(now, proposal, day), was);
    return;
  }
  keep(to ? taken(now, proposal, *to, day) : taken(now, proposal, day));
}

void Planning::refuse(const Proposal& proposal) {
  keep({refused(plan_, proposal, today(studio_.clock())), order_.steps()});
}

void Planning::edit(const std::function<void(Plan&)>& change) {
  Planned planned{plan_, order_.steps()};
  change(planned.plan);
  if (planned.plan != plan_) keep(planned);
}

/// `was`: the student, where that was changed with it.
void Planning::keep(const Planned& planned, const std::optional<Student>& was) {
  const auto student = book_.chosenId();
  if (!student || studio_.readOnly()) return;
  before::Planning before{{plan_, order_.steps()}, was};
  if (put(*student, planned)) undo_.push({.student = *student}, std::move(before));
}

bool Planning::put(std::int64_t student, const Planned& planned) {
  if (!notices_.worked(studio_.plans.keep(student, planned.plan))) return false;
  if (student == book_.chosenId()) {
    plan_ = planned.plan;
    proposals_.reset();
    lesson_.setGate(plan_.gate);
  }
  const bool put = order_.put(student, planned.order);
  emit changed();
  return put;
}

bool Planning::putBack(std::int64_t student, const before::Planning& was) {
  if (!book_.find(student)) return false;
  if (was.student && !book_.putBack(*was.student)) return false;
  return put(student, was.planned);
}

std::optional<double> Planning::asked(const std::string& exercise) const {
  const PlanStep* step = plan_.find(exercise);
  return step ? step->asked : std::nullopt;
}

std::vector<DaySheet> Planning::sheets(Day from, int days) const {
  const Student* student = book_.chosen();
  return student ? sheetsFor(state(), student->instrument, from, days) : std::vector<DaySheet>();
}

std::vector<WeekLoad> Planning::loads(std::size_t weeks) const {
  std::vector<Worked> work;
  for (const Take& take : takes_.all()) work.push_back({dayOf(take.made_unix_s), take.seconds / 60.0});
  for (const Practice& practice : practices_)
    work.push_back({practice.day, static_cast<double>(practice.minutes)});
  return loadOf(work, today(studio_.clock()), weeks);
}

bool Planning::keepPractice(Practice practice) {
  if (!book_.chosen()) return false;
  practice.student = book_.chosen()->id;
  return keepEntry(std::move(practice));
}

bool Planning::keepEntry(Practice practice) {
  const auto kept = studio_.plans.keepPractice(std::move(practice));
  if (!notices_.worked(kept)) return false;
  if (kept->student != book_.chosenId()) return true;
  practices_ = studio_.plans.practices(kept->student).value_or(practices_);
  emit practicesChanged();
  return true;
}

bool Planning::erasePractice(std::int64_t practice) {
  const auto gone = std::ranges::find(practices_, practice, &Practice::id);
  if (gone == practices_.end() || !notices_.worked(studio_.plans.erasePractice(practice))) return false;
  undo_.push({.student = gone->student}, before::Entry{*gone});
  practices_.erase(gone);
  emit practicesChanged();
  return true;
}

bool Planning::putBack(const before::Entry& was) {
  return book_.find(was.practice.student) && keepEntry(was.practice);
}

}  // namespace calando
