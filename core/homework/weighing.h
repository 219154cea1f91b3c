#pragma once

#include "core/homework/splitting.h"

namespace calando {

/// A try, and what it is worth over its sounds' being nothing.
struct Weighed {
  Attempt what;
  double worth;
};

/// All tries at an item that begin in one recording and are worth anything, the best for each first and last
/// sound. `index`, `file`: what the item and the recording are called in them.
std::vector<Weighed> weighTries(const AskedItem& item, std::size_t index, std::span<const SentSound> sounds,
                                std::size_t file);

}  // namespace calando
