#pragma once

#include <algorithm>
#include <optional>
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

/// The value of a name; nullopt where it is none.
template <class T, std::size_t N>
constexpr std::optional<T> valueIn(const Named<T> (&names)[N], std::string_view name) {
  const auto* found = std::ranges::find(names, name, &Named<T>::first);
  return found == std::end(names) ? std::nullopt : std::optional(found->second);
}

}  // namespace calando
