#include "app/session/session.h"

// What is taken back, by who owns the like.

namespace calando {

void Session::sayUndoable(const QString& text) {
  notices_.say(text, tr("Undo  ·  Ctrl+Z"), [this, what = undo_.last()] { undo(what); });
}

void Session::undo() { takeBack(undo_.pop(book_.chosenId())); }
void Session::undo(Undo::Id what) { takeBack(undo_.pop(what)); }

namespace {

template <class... Each>
struct Overloaded : Each... {
  using Each::operator()...;
};
template <class... Each>
Overloaded(Each...) -> Overloaded<Each...>;  // which clang cannot do without

}  // namespace

/// Each by who owns the like; where what it is of is no more there, nothing is changed.
void Session::takeBack(const std::optional<Undo::Entry>& entry) {
  if (!entry || readOnly()) return;
  notices_.clear();
  const Undo::Subject& of = entry->subject;
  std::visit(Overloaded{[&](const before::Word& was) { open_.putBack(of, was); },
                        [&](const before::Deleted&) { book_.restoreTake(of); },
                        [&](const before::Breaths& was) { open_.putBack(of, was); },
                        [&](const before::Planning& was) { planning_.putBack(of.student, was); },
                        [&](const before::Entry& was) { planning_.putBack(was); },
                        [&](const before::Order& was) { lesson_.putBack(of.student, was); },
                        [&](const before::Card& was) { lesson_.putBack(was); },
                        [&](const before::List& was) { post_.putBack(was); },
                        [&](const before::Submission& was) { post_.putBack(of, was); },
                        [&](const before::Said& was) { post_.putBack(of, was); },
                        [&](const before::Sounds& was) { retention_.bringBack(was.takes); }},
             *entry->before);
  const bool still = run_.phase() == TakeRun::Phase::ready;
  if (still && of.student == book_.chosenId() && of.take != 0 && !open_.take() && !open_.isAwaited())
    open_.open(of.take);
}

}  // namespace calando
