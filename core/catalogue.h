#pragma once

#include <algorithm>
#include <cassert>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

/// Reading the catalogues of data/*.json.
namespace calando {

/// Makes one T of every entry of a JSON array with `from`, which may throw. The error is one line that names
/// the catalogue, the entry and what is wrong with it.
template <class T, class From>
tl::expected<std::vector<T>, std::string> parseEntries(const std::string& catalogue, std::string_view text,
                                                       From from) {
  std::vector<T> list;
  std::string id;
  try {
    for (const nlohmann::json& entry : nlohmann::json::parse(text)) {
      id = entry.is_object() ? entry.value("id", "") : "";
      list.push_back(from(entry));
    }
  } catch (const std::exception& e) {
    return tl::unexpected(catalogue + ": entry " + std::to_string(list.size() + 1) +
                          (id.empty() ? "" : " (" + id + ")") + ": " + e.what() + "; correct that entry");
  }
  return list;
}

/// A catalogue that ships with the program: the tests have parsed it.
template <class T>
std::vector<T> shipped(tl::expected<std::vector<T>, std::string> parsed) {
  assert(parsed && "the shipped catalogues are checked by the tests");
  return std::move(*parsed);
}

/// Nullptr when no entry has that id.
template <class T>
const T* findById(const std::vector<T>& list, std::string_view id) {
  const auto found = std::ranges::find(list, id, &T::id);
  return found == list.end() ? nullptr : &*found;
}

}  // namespace calando
