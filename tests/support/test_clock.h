#pragma once

#include <QDateTime>
#include <atomic>
#include <chrono>

#include "records/values/clock.h"

namespace calando {

/// A clock that stands where a test puts it and goes on from there: a Wednesday evening, whatever day it is.
class TestClock : public Clock {
 public:
  explicit TestClock(const QDateTime& at = QDateTime(QDate(2026, 11, 25), QTime(18, 0))) { set(at); }
  void set(const QDateTime& at) { ahead_ms_ = at.toMSecsSinceEpoch() - steady_ms(); }
  void pass(std::chrono::seconds time) { ahead_ms_ += 1000 * time.count(); }
  std::int64_t now_ms() const override { return steady_ms() + ahead_ms_; }

 private:
  static std::int64_t steady_ms() {
    using namespace std::chrono;
    return duration_cast<milliseconds>(steady_clock::now().time_since_epoch()).count();
  }
  std::atomic<std::int64_t> ahead_ms_;
};

}  // namespace calando
