#pragma once

#include <algorithm>
#include <initializer_list>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/bounded_json.h"
#include "core/base/fault.h"
#include "core/base/names.h"

/// Reading the catalogues of data/*.json.
namespace calando {

/// What the JSON library finds wrong.
Problem problemOf(const nlohmann::json::exception& e);

/// Refused: no object, or one with other keys.
void refuseUnknown(const nlohmann::json& object, std::initializer_list<std::string_view> known);
/// Refused: no number, or none of those.
double within(const nlohmann::json& value, const char* what, double low, double high);
int whole(const nlohmann::json& value, const char* what, int low, int high);

/// What may be written, for an error.
template <class Rows, class Name>
std::string listOf(const Rows& rows, Name name) {
  std::string list;
  for (const auto& row : rows) list += (list.empty() ? "" : ", ") + std::string(row.*name);
  return list;
}

/// The value that a text names; Refused, with the names there are, where it names none.
template <class T, std::size_t N>
T valueNamed(const nlohmann::json& text, std::string_view key, const Named<T> (&names)[N]) {
  std::string known;
  for (const auto& [name, value] : names) {
    if (text == name) return value;
    known += (known.empty() ? "" : ", ") + std::string(name);
  }
  refuse(Fault::unknownValue, key, shortened(text), known);
}

/// The same of each text of a list that an entry may have.
template <class T, std::size_t N>
std::vector<T> listNamed(const nlohmann::json& entry, const char* key, const Named<T> (&names)[N]) {
  std::vector<T> list;
  if (entry.contains(key))
    for (const nlohmann::json& text : entry.at(key)) list.push_back(valueNamed(text, key, names));
  return list;
}

/// Makes one T of every entry of a JSON array with `from`, which may throw Refused and what the JSON library
/// throws. The problem names the catalogue, the entry and what is wrong with it.
template <class T, class From>
tl::expected<std::vector<T>, Problem> parseEntries(const std::string& catalogue, std::string_view text,
                                                   From from) {
  std::vector<T> list;
  std::string id;
  const auto wrong = [&](const Problem& what) {
    const std::size_t entry = list.size() + 1;
    return tl::unexpected(id.empty() ? Problem(Fault::inEntry, catalogue, entry, what)
                                     : Problem(Fault::inNamedEntry, catalogue, entry, id, what));
  };
  try {
    for (const nlohmann::json& entry : nlohmann::json::parse(text)) {
      id = entry.is_object() ? entry.value("id", "") : "";
      list.push_back(from(entry));
    }
  } catch (const Refused& e) {
    return wrong(e.problem);
  } catch (const nlohmann::json::exception& e) {
    return wrong(problemOf(e));
  }
  return list;
}

/// Says on the error output what is wrong with a catalogue that ships, and ends the program.
[[noreturn]] void isBroken(const Problem& what);

/// A catalogue that ships with the program: the tests have parsed it.
template <class T>
std::vector<T> shipped(tl::expected<std::vector<T>, Problem> parsed) {
  if (!parsed) isBroken(parsed.error());
  return std::move(*parsed);
}

/// Nullptr when no entry has that id.
template <class T>
const T* findById(const std::vector<T>& list, std::string_view id) {
  const auto found = std::ranges::find(list, id, &T::id);
  return found == list.end() ? nullptr : &*found;
}

}  // namespace calando
