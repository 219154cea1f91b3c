#pragma once

#include <QDateTime>

#include "records/values/clock.h"

namespace calando {

/// A Wednesday evening, whatever day it is.
class TestClock : public SetClock {
 public:
  explicit TestClock(const QDateTime& at = QDateTime(QDate(2026, 11, 25), QTime(18, 0)))
      : SetClock(at.toMSecsSinceEpoch()) {}
  void set(const QDateTime& at) { SetClock::set(at.toMSecsSinceEpoch()); }
};

}  // namespace calando
