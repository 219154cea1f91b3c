#pragma once

#include <QObject>

#include "app/session/common/undo_subject.h"
#include "app/session/students/student_book.h"

namespace calando {

class Studio;

/// How long the sound of takes is kept, where a teacher has set that: what may go is offered, nothing goes
/// unasked, and what went can be brought back for a day. Figures, words and small pictures stay.
class Retention : public QObject {
  Q_OBJECT

 public:
  Retention(Studio& studio, StudentBook& book, Notices& notices, Undo& undo);

  /// 0: for good.
  int months() const;
  void setMonths(int months);

  /// Takes whose sound may go by now, of all students, oldest first.
  std::vector<Take> due() const;
  void letGo(const std::vector<std::int64_t>& takes);
  /// Of how many takes the sound can be brought back.
  std::size_t returnable() const;
  void bringBack();
  bool bringBack(const std::vector<std::int64_t>& takes);

  /// What there is to do when the program starts: files whose day has passed go, what may go is offered.
  void begin();

 signals:
  void changed();
  void lookWanted();  ///< what may go should be looked at

 private:
  Studio& studio_;
  StudentBook& book_;
  Notices& notices_;
  Undo& undo_;
};

}  // namespace calando
