#include "core/base/day.h"

#include <charconv>
#include <cstdio>

namespace calando {

std::string isoOf(Day day) {
  const std::chrono::year_month_day date(day);
  char text[32];
  std::snprintf(text, sizeof text, "%04d-%02u-%02u", static_cast<int>(date.year()),
                static_cast<unsigned>(date.month()), static_cast<unsigned>(date.day()));
  return text;
}

std::optional<Day> dayFrom(std::string_view iso) {
  if (iso.size() != 10 || iso[4] != '-' || iso[7] != '-') return std::nullopt;
  const auto number = [&](std::size_t at, std::size_t digits) -> std::optional<unsigned> {
    unsigned value = 0;
    const char* end = iso.data() + at + digits;
    const auto read = std::from_chars(iso.data() + at, end, value);
    return read.ec == std::errc() && read.ptr == end ? std::optional(value) : std::nullopt;
  };
  const auto year = number(0, 4), month = number(5, 2), day = number(8, 2);
  if (!year || !month || !day) return std::nullopt;
  const std::chrono::year_month_day date{std::chrono::year(static_cast<int>(*year)),
                                         std::chrono::month(*month), std::chrono::day(*day)};
  return date.ok() ? std::optional(Day(date)) : std::nullopt;
}

}  // namespace calando
