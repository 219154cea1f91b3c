#pragma once

#include <atomic>
#include <chrono>
#include <cstdint>
#include <memory>

namespace calando {

/// What time it is. Everybody who wants to know asks the clock that they were given; only the system's own
/// asks the system. Threads: any.
class Clock {
 public:
  virtual ~Clock() = default;
  virtual std::int64_t now_ms() const = 0;  ///< of Unix time
  std::int64_t now_unix_s() const { return now_ms() / 1000; }

  /// The system's.
  static std::shared_ptr<const Clock> system();
};

/// Stands where it is set and goes on from there, whatever time it is.
class SetClock : public Clock {
 public:
  explicit SetClock(std::int64_t unix_ms) { set(unix_ms); }
  void set(std::int64_t unix_ms) { ahead_ms_ = unix_ms - steady_ms(); }
  void pass(std::chrono::seconds time) { ahead_ms_ += 1000 * time.count(); }
  std::int64_t now_ms() const override { return steady_ms() + ahead_ms_; }

 private:
  static std::int64_t steady_ms();
  std::atomic<std::int64_t> ahead_ms_;
};

}  // namespace calando
