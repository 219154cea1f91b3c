#include "app/session/lesson/rest_clock.h"

#include "app/session/students/student_book.h"
#include "records/values/clock.h"

namespace calando {

RestClock::RestClock(const Clock& clock, StudentBook& book) : clock_(clock), book_(book) {
  seconds_.setInterval(1000);
  connect(&seconds_, &QTimer::timeout, this, [this] {
    if (left_s() <= 0) seconds_.stop();
    emit moved(left_s());
  });
  connect(&book_, &StudentBook::studentChanged, this, [this] {
    if (left_s() > 0) seconds_.start();
    emit moved(left_s());
  });
  connect(&book_, &StudentBook::erasing, this, [this](std::int64_t student) { until_ms_.erase(student); });
}

int RestClock::left_s() const {
  const auto rest = book_.chosen() ? until_ms_.find(book_.chosen()->id) : until_ms_.end();
  if (rest == until_ms_.end()) return 0;
  return static_cast<int>(std::max<std::int64_t>(0, rest->second - clock_.now_ms() + 999) / 1000);
}

void RestClock::forgive() {
  seconds_.stop();
  if (book_.chosen()) until_ms_.erase(book_.chosen()->id);
  emit moved(0);
}

void RestClock::owe(std::int64_t student, double seconds) {
  until_ms_[student] = clock_.now_ms() + static_cast<std::int64_t>(1000.0 * seconds);
  if (left_s() > 0) seconds_.start();
  emit moved(left_s());
}

}  // namespace calando
