#pragma once

#include <array>
#include <cstddef>

namespace calando {

/// Each row of a table stands at its code's place, so that a code is an index into it.
template <class Row, class Code, std::size_t N>
consteval bool inOrder(const std::array<Row, N>& rows, Code Row::*code) {
  for (std::size_t i = 0; i < N; ++i)
    if (static_cast<std::size_t>(rows[i].*code) != i) return false;
  return true;
}

}  // namespace calando
