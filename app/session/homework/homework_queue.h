#pragma once

#include <functional>
#include <memory>

#include "app/work/work_queue.h"
#include "core/base/problem.h"
#include "core/homework/marking.h"
#include "records/values/homework.h"

namespace calando {

/// What one student sent, as it was heard: that is much, and shared by whatever is said of it.
struct HeardHomework {
  HomeworkList list;
  Context player;
  std::vector<SentRecording> recordings;
  Marking marking;              ///< as it was made, before anything was said of it
  std::vector<Problem> unread;  ///< files that could not be heard
};

/// The same, marked with what was said of it.
struct Marked {
  std::shared_ptr<const HeardHomework> heard;
  Marking marking;
};
using MarkedPtr = std::shared_ptr<const Marked>;

/// Marks homework away from the interface's thread.
class HomeworkQueue {
 public:
  struct Request {
    HomeworkList list;
    Context player;
    std::vector<std::filesystem::path> files;
    MarkedPtr before;                ///< what was heard already is not heard again
    std::vector<Correction> pieces;  ///< to be said of it; of `before` those that are new
  };
  using Done = std::function<void(const MarkedPtr&)>;

  explicit HomeworkQueue(WorkQueue& work) : work_(work) {}
  Pending ask(Request request, Done done);

 private:
  WorkQueue& work_;
};

}  // namespace calando
