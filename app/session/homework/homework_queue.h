#pragma once

#include <functional>
#include <memory>

#include "app/session/homework/marked_ptr.h"
#include "app/work/pending.h"
#include "core/exercise/context.h"
#include "core/homework/correction.h"
#include "core/homework/list.h"

namespace calando {

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
