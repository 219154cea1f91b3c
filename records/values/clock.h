#pragma once

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
  /// Stands there now, and goes on from there.
  static std::shared_ptr<const Clock> from(std::int64_t unix_s);
};

}  // namespace calando
