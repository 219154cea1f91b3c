#pragma once

#include <QObject>
#include <QTimer>
#include <map>

namespace calando {

class Clock;
class StudentBook;

/// The rest that a student owes after a set is counted down, whoever is here meanwhile.
class RestClock : public QObject {
  Q_OBJECT

 public:
  RestClock(const Clock& clock, StudentBook& book);

  void owe(std::int64_t student, double seconds);
  /// Of the student who is here.
  int left_s() const;
  void forgive();

 signals:
  void moved(int left_s);

 private:
  const Clock& clock_;
  StudentBook& book_;
  std::map<std::int64_t, std::int64_t> until_ms_;  // by student
  QTimer seconds_;
};

}  // namespace calando
