#pragma once

#include <QObject>
#include <QTimer>
#include <map>

#include "app/session/roster.h"
#include "core/library/lesson.h"

namespace calando {

/// The cards that there are, the running order of the student who is here, its present step, and how the
/// steps stand.
class Lesson : public QObject {
  Q_OBJECT

 public:
  Lesson(Studio& studio, Roster& roster, Notices& notices, Undo& undo);

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
  std::string school() const { return studio_.get(settings::school); }
  void setSchool(const std::string& school);

  // The order
  const std::vector<std::string>& order() const { return order_; }
  void setOrder(std::vector<std::string> exercises);
  /// Never nullptr.
  ExercisePtr current() const { return current_; }
  std::size_t currentRow() const;
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
  std::optional<Rival> rival() const;
  std::optional<std::int64_t> model() const;
  bool setModel(std::optional<std::int64_t> take);

  /// A rest that the card owes after a set is counted down.
  void oweRest();
  int restLeft_s() const { return restLeft_s_; }
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
  bool setCurrent(const std::string& exercise);
  /// What a card was can be taken back; nullptr: there was none of that id.
  void canUndo(const std::string& id, const ExercisePtr& was);

  Studio& studio_;
  Roster& roster_;
  Notices& notices_;
  Undo& undo_;
  std::vector<ExercisePtr> own_;
  std::vector<ExercisePtr> lent_;
  std::vector<std::string> order_;
  ExercisePtr current_;
  std::optional<std::int64_t> student_;
  std::optional<Gate> gate_;
  QTimer rest_;
  int restLeft_s_ = 0;
  std::int64_t here_unix_s_ = 0;
};

}  // namespace calando
