#pragma once

#include <QObject>
#include <optional>
#include <string>

#include "core/exercise/comparison_take.h"
#include "core/exercise/exercise_ptr.h"
#include "core/judging/history.h"

namespace calando {

class CardDeck;
class Notices;
class RunningOrder;
class StudentBook;
class Studio;
class TakeList;

/// The present step of the running order, and how the steps stand with the student who is here.
class Lesson : public QObject {
  Q_OBJECT

 public:
  Lesson(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, RunningOrder& order,
         Notices& notices);

  /// Never nullptr. Not always in the order: a take that is looked at has its own.
  ExercisePtr current() const { return current_; }
  /// nullopt: it is not in the order.
  std::optional<std::size_t> currentRow() const;
  /// Chooses a step as somebody wants it; one that is not in the order is put at its end.
  void choose(const std::string& exercise);
  /// Another running order, from its first step on.
  void begin(std::vector<std::string> order);
  void next();
  /// Takes another exercise up in the present one's place, without it being put into the order.
  void standIn(const std::string& exercise);
  /// What the present step stands in for; empty: it is itself.
  std::string standsFor() const;
  /// The step of a take that is shown: nobody has chosen it.
  void show(const std::string& exercise);

  // How it stands
  /// The student's own gate, or that of a card.
  Gate gate(const Exercise& card) const;
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

  /// Seconds since the student who is here came.
  int clock_s() const;

 signals:
  void stepChosen();  ///< by somebody
  void stepChanged();
  void orderChanged();
  void standingsChanged();
  void cardsChanged();

 private:
  void orderLoaded();
  bool setCurrent(const std::string& exercise);

  Studio& studio_;
  StudentBook& book_;
  TakeList& takes_;
  CardDeck& deck_;
  RunningOrder& order_;
  Notices& notices_;
  ExercisePtr current_;
  std::string standsIn_, standsFor_;  // one exercise for another
  std::optional<std::int64_t> student_;
  std::optional<Gate> gate_;
  std::int64_t here_unix_s_ = 0;
};

}  // namespace calando
