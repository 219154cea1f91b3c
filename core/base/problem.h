#pragma once

#include <array>
#include <cstddef>
#include <exception>
#include <string>
#include <string_view>
#include <type_traits>
#include <utility>
#include <variant>
#include <vector>

namespace calando {

/// How a code is said, in English, with places {1}, {2}, … for values. A floor's codes and their wordings are
/// one table in the order of the codes: Fault of core, FileFault of audio, StudioFault of records.
template <class Code>
struct Wording {
  Code code;
  std::string_view english;
};

/// What is wrong: a code with its values. It is worded where it is shown: english() on a terminal,
/// words::said() in the window's language.
struct Problem {
  using Value = std::variant<double, std::string, Problem>;

  std::string_view wording;  ///< stands for the code
  std::vector<Value> values;

  template <class Code, class... Values>
  requires std::is_enum_v<Code>
  explicit Problem(Code code, Values&&... of) : wording(wordingOf(code)) {
    (values.push_back(valueOf(std::forward<Values>(of))), ...);
  }

  template <class Code>
  bool is(Code code) const {
    return wording == wordingOf(code);
  }

 private:
  template <class T>
  static Value valueOf(T&& value) {
    if constexpr (std::is_arithmetic_v<std::decay_t<T>>)
      return static_cast<double>(value);
    else if constexpr (std::is_same_v<std::decay_t<T>, Problem>)
      return std::forward<T>(value);
    else
      return std::string(std::forward<T>(value));
  }
};

/// One line without a full stop of its own.
std::string english(const Problem& problem);

/// Words, or a value between them.
using WordingPart = std::variant<std::string_view, const Problem::Value*>;
/// What a wording of the problem, in any language, is made of, in order. Lives as long as both.
std::vector<WordingPart> partsOf(std::string_view wording, const Problem& problem);

/// A problem on its way up, out of what reads a text.
struct Refused : std::exception {
  explicit Refused(Problem what) : problem(std::move(what)) {}
  const char* what() const noexcept override { return problem.wording.data(); }
  Problem problem;
};
template <class Code, class... Values>
requires std::is_enum_v<Code>
[[noreturn]] void refuse(Code code, Values&&... values) {
  throw Refused(Problem(code, std::forward<Values>(values)...));
}

}  // namespace calando
