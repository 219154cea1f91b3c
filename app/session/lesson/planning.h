#pragma once

#include <QObject>
#include <functional>
#include <optional>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "core/growth/growth.h"
#include "core/plan/sheet.h"
#include "records/values/practice.h"
#include "records/values/take.h"

namespace calando {

class CardDeck;
class Lesson;
class Notices;
class RunningOrder;
class StudentBook;
class Studio;
class TakeList;

/// The plan of the student who is here: what is proposed, what of it is taken, and what a day at home is.
/// Every change can be taken back.
class Planning : public QObject {
  Q_OBJECT

 public:
  Planning(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, RunningOrder& order,
           Lesson& lesson, Notices& notices, Undo& undo);

  const Plan& plan() const { return plan_; }
  /// Today's, what weighs most first; made anew when anything that they are made of changed.
  const std::vector<Proposal>& proposals() const;
  /// `to`: another value than the proposed one.
  void take(const Proposal& proposal, std::optional<double> to = {});
  /// Not yet: it is not proposed again for a week.
  void refuse(const Proposal& proposal);
  /// The teacher's own changes: gate, time, days, what rests.
  void edit(const std::function<void(Plan&)>& change);

  /// What a step of the plan asks; nullopt where the plan says nothing.
  std::optional<double> asked(const std::string& exercise) const;
  std::vector<DaySheet> sheets(Day from, int days) const;

  const std::vector<Practice>& practices() const { return practices_; }
  bool keepPractice(Practice practice);
  bool erasePractice(std::int64_t practice);
  /// As it was, for whoever it is of.
  bool putBack(std::int64_t student, const before::Planning& was);
  bool putBack(const before::Entry& was);

  /// Minutes by week, of takes and of what was written by hand, oldest first.
  std::vector<WeekLoad> loads(std::size_t weeks) const;

  /// The state that proposals are made of.
  PlanState state() const;

 signals:
  void changed();
  void practicesChanged();

 private:
  void load();
  void keep(const Planned& planned, const std::optional<Student>& was = {});
  bool put(std::int64_t student, const Planned& planned);
  bool keepEntry(Practice practice);

  Studio& studio_;
  StudentBook& book_;
  TakeList& takes_;
  CardDeck& deck_;
  RunningOrder& order_;
  Lesson& lesson_;
  Notices& notices_;
  Undo& undo_;
  Plan plan_;
  std::vector<Practice> practices_;
  mutable std::optional<std::vector<Proposal>> proposals_;
};

}  // namespace calando
