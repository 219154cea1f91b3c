#pragma once

#include <algorithm>
#include <string_view>
#include <utility>

namespace calando {

/// A value and what it is called in cards, catalogues and JSON; a table of them names an enumeration.
template <class T>
using Named = std::pair<std::string_view, T>;

template <class T, std::size_t N>
constexpr std::string_view nameIn(const Named<T> (&names)[N], T value) {
  return std::ranges::find(names, value, &Named<T>::second)->first;
}

}  // namespace calando
