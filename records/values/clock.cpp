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

}  // namespace

std::int64_t SetClock::steady_ms() {
  using namespace std::chrono;
  return duration_cast<milliseconds>(steady_clock::now().time_since_epoch()).count();
}

std::shared_ptr<const Clock> Clock::system() {
  static const auto clock = std::make_shared<const SystemClock>();
  return clock;
}

}  // namespace calando
