#pragma once

#include <cstdint>
#include <span>
#include <string>

#include "core/base/day.h"

namespace calando {

/// A whole day in somebody's calendar.
struct CalendarDay {
  Day day;
  std::string summary;
  std::string description;  ///< lines
};

/// An iCalendar file (RFC 5545) with an event for each of the days. `about` and a day's date make its UID:
/// the same day read in again replaces itself. UTF-8.
std::string calendarOf(std::span<const CalendarDay> days, const std::string& about, std::int64_t now_unix_s);

}  // namespace calando
