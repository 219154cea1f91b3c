#pragma once

#include <QObject>
#include <QTime>
#include <optional>

#include "records/values/take.h"

namespace calando {

class CardDeck;
class Lesson;
class RestClock;
class StudentBook;
class Studio;
class TakeList;

/// Breath is asked for with care: what stands before a set of it, and that it can be over for a day.
class Breathing : public QObject {
  Q_OBJECT

 public:
  Breathing(Studio& studio, StudentBook& book, TakeList& takes, CardDeck& deck, Lesson& lesson,
            RestClock& rest);

  /// What is to be done before the present step can be started.
  enum class Before {
    nothing,
    readCaution,  ///< the first set of a student's day
    rest,         ///< normal breathing is owed
    doseDone,     ///< the card asks for no more of it today
    over          ///< somebody felt light-headed today
  };
  Before before() const;

  /// The caution is to be seen; what starts a take dismisses it.
  bool showsCaution() const { return showsCaution_; }
  void showCaution();
  void cautionRead();

  /// The player feels light-headed: no more today. `inTake`: in a take that says so itself; else it is noted
  /// with today's newest, and openAgain() takes that back too.
  void stop(bool inTake);
  void openAgain();
  /// When it was stopped today; nullopt: it was not, or has been opened again.
  std::optional<QTime> stoppedAt() const;
  /// The newest breathing take of today.
  std::optional<Take> newestOfToday() const;

 signals:
  void changed();

 private:
  struct Day {
    std::int64_t student;
    QDate date;
    bool operator==(const Day&) const = default;
  };
  std::optional<Day> day() const;
  bool isBreathTake(const Take& take) const;

  Studio& studio_;
  StudentBook& book_;
  TakeList& takes_;
  CardDeck& deck_;
  Lesson& lesson_;
  RestClock& rest_;
  bool showsCaution_ = false;
  std::optional<Day> cautioned_;
  std::optional<Day> stopped_;         // where no take says so
  std::optional<std::int64_t> noted_;  // the take that says so, of this stop
  std::int64_t stopped_unix_s_ = 0;
  std::int64_t opened_unix_s_ = 0;  // what was stopped up to then is open again
};

}  // namespace calando
