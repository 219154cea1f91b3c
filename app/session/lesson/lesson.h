#pragma once

#include <QObject>
#include <QTimer>
#include <map>

#include "app/session/common/undo_subject.h"
#include "app/session/students/student_book.h"
#include "core/library/lesson.h"
#include "records/values/own_order.h"

namespace calando {

class Studio;

/// The cards that there are, the running order of the student who is here, its present step, and how the
/// steps stand.
class Lesson : public QObject {
  Q_OBJECT

 public:
  Lesson(Studio& studio, StudentBook& book, Notices& notices, Undo& undo);

  // The book of cards
  const std::vector<ExercisePtr>& ownCards() const { return own_; }
  bool isOwn(const std::string& exercise) const;
  /// Own cards and those that ship, and what was lent; nullptr for none.
  ExercisePtr find(const std::string& exercise) const;
  /// What is in the studio was changed by somebody else.
  void reload();
  /// A card that has been erased, for a take that was played for it.
  void lend(const Exercise& card);
  /// Keeps a card as an own one, under an id of its own where it has another's; the id it has then.
  std::optional<std::string> keepCard(Exercise card);
  bool eraseCard(const std::string& id);
  /// In whose words cards speak where schools differ; empty: in those of all.
  std::string school() const;
  void setSchool(const std::string& school);

  // The order
  const std::vector<std::string>& order() const { return order_; }
  /// The student's own, by name. What is looked at overwrites none of them.
  const std::vector<OwnOrder>& ownOrders() const { return ownOrders_; }
  /// The own one that is present; nullptr: it is one that ships, or none that has a name.
  const OwnOrder* presentOwn() const;
  /// A name that no own order has.
  std::string freeName() const;
  /// Another one is present from now on. One that had no name is kept among the own ones. Can be taken back.
  void setOrder(std::vector<std::string> exercises);
  /// The present one is changed: an own one stays that, of one that ships an own one is made. `name`: what it
  /// is called from now on. Can be taken back.
  void changeOrder(std::vector<std::string> exercises, const std::string& name = {});
  /// As it was, for whoever it is of.
  bool putBack(std::int64_t student, const before::Order& was);
  bool putBack(const before::Card& was);
  /// The present order of a student as something else says it, such as a plan.
  bool putOrder(std::int64_t student, const std::vector<std::string>& exercises);
  /// Never nullptr. Not always in the order: a take that is looked at has its own.
  ExercisePtr current() const { return current_; }
  /// nullopt: it is not in the order.
  std::optional<std::size_t> currentRow() const;
  /// Chooses a step as somebody wants it; one that is not in the order is put at its end.
  void choose(const std::string& exercise);
  void next();
  /// The step of a take that is shown: nobody has chosen it.
  void show(const std::string& exercise);

  // How it stands
  /// The student's own gate, or that of a card.
  Gate gate(const Exercise& card) const { return gate_.value_or(gateOf(card)); }
  void setGate(std::optional<Gate> gate);
  Standing standing(const std::string& exercise) const;
  /// How many good takes of the step before are wanting until this one opens; 0: it is open.
  int opensAfter(std::size_t row) const;
  /// Takes of the present step today, where its dose for the day is done.
  std::optional<int> doseDone() const;
  /// The take that takes of the present step are held against.
  std::optional<ComparisonTake> rival() const;
  std::optional<std::int64_t> model() const;
  bool setModel(std::optional<std::int64_t> take);

  /// A rest that a student owes after a set is counted down, whoever is here meanwhile.
  void oweRest(std::int64_t student, double seconds);
  /// Of the student who is here.
  int restLeft_s() const;
  void forgiveRest();
  /// Seconds since the student who is here came.
  int clock_s() const;

 signals:
  void stepChosen();  ///< by somebody
  void stepChanged();
  void orderChanged();
  void standingsChanged();
  void cardsChanged();
  void restLeft(int seconds);

 private:
  void loadCards();
  void loadOrder();
  bool isShipped(const std::vector<std::string>& exercises) const;
  before::Order orderNow() const;
  void canUndoOrder(before::Order was);
  void nameWhatHasNone();
  bool keepOwn(std::int64_t student, const OwnOrder& order);
  bool setCurrent(const std::string& exercise);
  Studio& studio_;
  StudentBook& book_;
  Notices& notices_;
  Undo& undo_;
  std::vector<ExercisePtr> own_;
  std::vector<ExercisePtr> lent_;
  std::vector<std::string> order_;
  std::vector<OwnOrder> ownOrders_;
  ExercisePtr current_;
  std::optional<std::int64_t> student_;
  std::optional<Gate> gate_;
  std::map<std::int64_t, std::int64_t> restsUntil_ms_;  // by student
  QTimer rest_;
  std::int64_t here_unix_s_ = 0;
};

}  // namespace calando
