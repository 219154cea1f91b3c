#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/planning.h"
#include "app/session/lesson/running_order.h"
#include "app/session/session.h"
#include "app/session/students/open_breaths.h"
#include "app/session/students/retention.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/keeping.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_remarks.h"
#include "app/session/take/take_run.h"
#include "records/studio.h"

// What is taken back, by who owns the like.

namespace calando {

namespace {

template <class... Each>
struct Overloaded : Each... {
  using Each::operator()...;
};
template <class... Each>
Overloaded(Each...) -> Overloaded<Each...>;  // which clang cannot do without

/// Each by who owns the like; where what it is of is no more there, nothing is changed.
void takeBack(const Parts& parts, const std::optional<Undo::Entry>& entry) {
  if (!entry || parts.readOnly) return;
  parts.notices.clear();
  const UndoSubject& of = entry->subject;
  std::visit(Overloaded{[&](const before::Word& was) { parts.remarks.putBack(of, was); },
                        [&](const before::Deleted&) { parts.takes.restore(of); },
                        [&](const before::Breaths& was) { parts.breaths.putBack(of, was); },
                        [&](const before::Planning& was) { parts.planning.putBack(of.student, was); },
                        [&](const before::Entry& was) { parts.planning.putBack(was); },
                        [&](const before::Order& was) { parts.order.putBack(of.student, was); },
                        [&](const before::Card& was) { parts.deck.putBack(was); },
                        [&](const before::List& was) { parts.lists.putBack(was); },
                        [&](const before::Submission& was) { parts.inbox.putBack(of, was); },
                        [&](const before::Said& was) { parts.inbox.putBack(of, was); },
                        [&](const before::Sounds& was) { parts.retention.bringBack(was.takes); }},
             *entry->before);
  const bool still = parts.run.phase() == TakeRun::Phase::ready;
  if (still && of.student == parts.book.chosenId() && of.take != 0 && !parts.shown.take() &&
      !parts.shown.isAwaited())
    parts.shown.open(of.take);
}

}  // namespace

void Session::sayUndoable(const QString& text) {
  parts_.notices.say(text, tr("Undo  ·  Ctrl+Z"),
                     [&parts = parts_, what = parts_.undo.last()] { takeBack(parts, parts.undo.pop(what)); });
}

void Session::undo() { takeBack(parts_, parts_.undo.pop(parts_.book.chosenId())); }

}  // namespace calando
