#pragma once

#include <memory>
#include <utility>

/// Work away from the interface's thread, and whose it is: whoever wants it holds it.
namespace calando {

class WorkQueue;

namespace work {
struct Job;
using JobPtr = std::shared_ptr<Job>;

enum class Urgency {
  now,   ///< somebody waits for it
  later  ///< two at a time, at low priority
};
/// What becomes of it when the program is to end.
enum class AtTheEnd { givenUp, waitedFor };
}  // namespace work

/// Something that is being worked out for the holder. When it goes, the work is given up and what was to
/// follow of it never happens; as long as it is there, that happens once, on the thread that asked. So what
/// follows may use the holder, and nothing that is older than this can come under something newer.
class [[nodiscard]] Pending {
 public:
  Pending() = default;  ///< nothing
  Pending(Pending&& other) noexcept = default;
  Pending& operator=(Pending&& other) noexcept {
    if (this != &other) {
      cancel();
      job_ = std::move(other.job_);
    }
    return *this;
  }
  ~Pending() { cancel(); }

  /// Gives it up. What is under way may still run to its next look at the stop token.
  void cancel();
  /// The same, and waits where it is running, until it is not.
  void cancelAndWait();
  /// It has not been answered yet.
  bool underWay() const;
  explicit operator bool() const { return underWay(); }

 private:
  friend class WorkQueue;
  explicit Pending(work::JobPtr job) : job_(std::move(job)) {}
  work::JobPtr job_;
};

}  // namespace calando
