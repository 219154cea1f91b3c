#pragma once

#include <memory>

namespace calando {

struct Marked;
using MarkedPtr = std::shared_ptr<const Marked>;

}  // namespace calando
