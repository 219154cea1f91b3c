#pragma once

#include <cstdint>

namespace calando {

class Undo;

/// Whose something is that can be taken back.
struct UndoSubject {
  std::int64_t student = 0;  ///< 0: nobody in particular
  std::int64_t list = 0;     ///< of homework: then it is there whoever is here
  std::int64_t take = 0;
};

/// What stood before, of each kind that can be put back; common/undo.h says what is in them.
namespace before {
struct Breaths;
struct Card;
struct Entry;
struct List;
struct Order;
struct Planning;
struct Said;
struct Submission;
struct Word;
}  // namespace before

}  // namespace calando
