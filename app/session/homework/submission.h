#pragma once

#include "app/session/homework/marked_ptr.h"
#include "app/work/pending.h"
#include "records/values/homework.h"

namespace calando {

/// What a student sent for a list, and what was made of it.
struct Submission {
  SentHomework kept;
  Pending marking = {};   ///< it is under way
  MarkedPtr marked = {};  ///< nullptr: not yet
  std::size_t said = 0;   ///< how many of the pieces are in it
  bool anew = false;      ///< they are to be said again, all of them
};

}  // namespace calando
