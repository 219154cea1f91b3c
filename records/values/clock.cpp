#include "records/values/clock.h"

#include <chrono>

namespace calando {

namespace {

class SystemClock : public Clock {
 public:
  std::int64_t now_ms() const override {
    using namespace std::chrono;
    return duration_cast<milliseconds>(system_clock::now().time_since_epoch()).count();
  }
};

class ClockFrom : public Clock {
 public:
  explicit ClockFrom(std::int64_t unix_s) : began_(std::chrono::steady_clock::now()), unix_s_(unix_s) {}
  std::int64_t now_ms() const override {
    using namespace std::chrono;
    return 1000 * unix_s_ + duration_cast<milliseconds>(steady_clock::now() - began_).count();
  }

 private:
  std::chrono::steady_clock::time_point began_;
  std::int64_t unix_s_;
};

}  // namespace

std::shared_ptr<const Clock> Clock::from(std::int64_t unix_s) {
  return std::make_shared<const ClockFrom>(unix_s);
}

std::shared_ptr<const Clock> Clock::system() {
  static const auto clock = std::make_shared<const SystemClock>();
  return clock;
}

}  // namespace calando
