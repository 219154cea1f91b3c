#pragma once

#include <deque>
#include <memory>
#include <variant>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "core/exercise/exercise_ptr.h"
#include "core/library/open_marks.h"
#include "core/plan/proposals.h"
#include "records/values/homework.h"
#include "records/values/own_order.h"
#include "records/values/practice.h"

namespace calando {

/// What stood before something was changed. Values, each put back by who owns the like.
namespace before {
struct Word {
  TeachersWord word;
};
struct Deleted {};  ///< a take that was there
struct Breaths {
  std::vector<OpenMark> open;
};
struct Planning {
  Planned planned;
  std::optional<Student> student;  ///< where the range was changed with it
};
struct Entry {
  Practice practice;
};
struct Order {
  std::vector<std::string> present;
  std::vector<OwnOrder> own;
};
struct Card {
  std::string id;
  ExercisePtr card;  ///< nullptr: there was none of that id
};
struct List {
  Homework homework;
  std::vector<SentHomework> sent;
};
struct Submission {
  SentHomework sent;
};
struct Said {
  std::size_t place;  ///< among what was said of what a student sent
  Correction piece;
};
struct Sounds {
  std::vector<std::int64_t> takes;  ///< whose sound was kept
};
}  // namespace before

/// What can be taken back, the last thing first. An entry says what it takes back and whose it is; it is
/// applied to that and to nothing else.
class Undo {
 public:
  using Before = std::variant<before::Word, before::Deleted, before::Breaths, before::Planning, before::Entry,
                              before::Order, before::Card, before::List, before::Submission, before::Said,
                              before::Sounds>;
  using Id = std::uint64_t;
  struct Entry {
    Id id = 0;
    UndoSubject subject;
    std::shared_ptr<const Before> before;
  };

  void push(const UndoSubject& subject, const Before& before);
  /// The newest; 0: there is none.
  Id last() const { return entries_.empty() ? 0 : entries_.back().id; }
  /// The newest that is of this student or of nobody in particular, and no more to be taken back.
  std::optional<Entry> pop(std::optional<std::int64_t> student);
  /// That one, if it has not been taken back.
  std::optional<Entry> pop(Id id);
  /// Of somebody who is no more here.
  void forget(std::int64_t student);

 private:
  static constexpr std::size_t kMost = 100;
  std::deque<Entry> entries_;
  Id last_ = 0;
};

}  // namespace calando
