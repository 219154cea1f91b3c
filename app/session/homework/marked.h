#pragma once

#include <memory>
#include <vector>

#include "core/base/problem.h"
#include "core/homework/marking.h"

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

}  // namespace calando
