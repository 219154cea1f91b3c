#pragma once

#include <QObject>
#include <QTime>
#include <optional>
#include <vector>

#include "core/care/cautions.h"
#include "core/care/stop.h"
#include "core/growth/fatigue.h"
#include "records/values/take.h"

namespace calando {

class CardDeck;
class Lesson;
class Notices;
class RestClock;
class StudentBook;
class Studio;
class TakeList;

/// What is done with care: what stands before a take, and that playing can be stopped and rests then.
class Safety : public QObject {
  Q_OBJECT

 public:
  Safety(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, Lesson& lesson, RestClock& rest,
         Notices& notices);

  /// What is to be done before the present step can be started.
  enum class Before {
    nothing,
    readCaution,  ///< the first set of breath of a student's day
    rest,         ///< normal breathing is owed
    doseDone,     ///< there was enough of it today: one more is asked for
    over          ///< it was stopped
  };
  Before before() const;

  /// The caution before breath is to be seen; what starts a take dismisses it.
  bool showsCaution() const { return showsCaution_; }
  void showCaution();
  void cautionRead();
  /// What is to be minded with the present card and was not seen today, what matters most first; few.
  std::vector<Caution> unread() const;

  /// Somebody stops. `inTake`: in a take that says so itself; else it is noted with today's newest, and
  /// openAgain() takes that back too. Why is said afterwards; until then breath rests, and nothing else.
  void stop(bool inTake);
  /// Of the last stop of the student who is here; none: it was a mistake, the take counts.
  void because(StopReason reason);
  /// What the present card rests for can be played again.
  void openAgain();
  /// Why the present card rests; nullopt: it does not.
  std::optional<Stop> closed() const;
  QTime timeOf(const Stop& stop) const;

  /// Of the present card, where there was enough of it today.
  struct Enough {
    int takes = 0;  ///< of the card; 0: it is what is dosed over cards
    Dosed of = Dosed::nothing;
    double sounded_s = 0.0;  ///< of that
  };
  std::optional<Enough> enough() const;
  /// What falls together today, where that was not said yet today.
  std::optional<Fatigue> newlyTired();
  /// It may be started once more all the same.
  void allowOneMore() { oneMore_ = true; }
  /// A take has begun.
  void begun() { oneMore_ = false; }

 signals:
  void changed();

 private:
  struct OnesDay {
    std::int64_t student;
    QDate date;
    bool operator==(const OnesDay&) const = default;
  };
  std::optional<OnesDay> day() const;
  double soundedIn(const Take& take, const Exercise& card) const;
  ExercisePtr cardOf(const Take& take) const;
  std::vector<const Take*> takesOfToday() const;
  const Take* newestBreath() const;
  void load();
  bool keep(const Stop& stop);
  void noteReason();

  Studio& studio_;
  StudentBook& book_;
  TakeList& takes_;
  CardDeck& deck_;
  Lesson& lesson_;
  RestClock& rest_;
  Notices& notices_;
  bool showsCaution_ = false;
  bool oneMore_ = false;
  std::optional<OnesDay> cautioned_, saidTired_;
  std::vector<Stop> stops_;            // of the student who is here
  std::optional<std::int64_t> noted_;  // the take that says of the last stop that it was
};

}  // namespace calando
