#include "core/base/plain_text.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <cstdint>
#include <span>

namespace calando {

namespace {

/// What is seen of no line, as UTF-8: line and paragraph separators, C1 controls' next-line, are spaces.
constexpr std::string_view kSpaces[] = {"\n", "\r",       "\t",           "\v",
                                        "\f", "\xC2\x85", "\xE2\x80\xA8", "\xE2\x80\xA9"};
/// Zero width space, marks and turns of direction, isolates, the byte order mark.
constexpr std::string_view kHidden[] = {"\xE2\x80\x8B", "\xE2\x80\x8E", "\xE2\x80\x8F", "\xE2\x80\xAA",
                                        "\xE2\x80\xAB", "\xE2\x80\xAC", "\xE2\x80\xAD", "\xE2\x80\xAE",
                                        "\xE2\x81\xA6", "\xE2\x81\xA7", "\xE2\x81\xA8", "\xE2\x81\xA9",
                                        "\xD8\x9C",     "\xEF\xBB\xBF"};

std::size_t lengthOf(std::string_view text, std::span<const std::string_view> wanted) {
  const auto found = std::ranges::find_if(wanted, [&](std::string_view w) { return text.starts_with(w); });
  return found == wanted.end() ? 0 : found->size();
}

/// How many bytes of a control character begin here; 0: none.
std::size_t controlAt(std::string_view text) {
  const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
  if (byte(0) < 0x20 || byte(0) == 0x7F) return 1;
  return text.size() > 1 && byte(0) == 0xC2 && byte(1) >= 0x80 && byte(1) < 0xA0 ? 2 : 0;
}

}  // namespace

std::string fixed(double value, int decimals, bool plus) {
  std::array<char, 400> text;  // the largest double has 309 digits
  const auto [end, error] =
      std::to_chars(text.data(), text.data() + text.size(), value, std::chars_format::fixed, decimals);
  std::string number(text.data(), end);
  return plus && !std::signbit(value) ? '+' + number : number;
}

std::string shortest(double value, int digits) {
  std::array<char, 64> text;
  const auto [end, error] =
      std::to_chars(text.data(), text.data() + text.size(), value, std::chars_format::general, digits);
  return {text.data(), end};
}

std::string visibleLine(std::string_view text) {
  std::string line;
  const auto space = [&] {
    if (!line.empty() && line.back() != ' ') line += ' ';
  };
  while (!text.empty()) {
    std::size_t length = 1;
    if (const std::size_t blank = text[0] == ' ' ? 1 : lengthOf(text, kSpaces); blank > 0) {
      length = blank;
      space();
    } else if (const std::size_t hidden = std::max(lengthOf(text, kHidden), controlAt(text)); hidden > 0) {
      length = hidden;
    } else {
      line += text[0];
    }
    text.remove_prefix(length);
  }
  while (line.ends_with(' ')) line.pop_back();
  return line;
}

std::string tableCell(std::string_view text) {
  std::string cell(text);
  if (!cell.empty() && std::string_view("=+-@\t\r").find(cell.front()) != std::string_view::npos)
    cell.insert(cell.begin(), '\'');
  if (cell.find_first_of("\",\n\r") == std::string::npos) return cell;
  std::string quoted = "\"";
  for (const char c : cell) quoted += c == '"' ? std::string("\"\"") : std::string(1, c);
  return quoted + '"';
}

}  // namespace calando
