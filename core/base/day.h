#pragma once

#include <chrono>
#include <optional>
#include <string>
#include <string_view>

namespace calando {

/// A day of the teacher's calendar. What day a moment falls on is for whoever knows the time zone to say.
using Day = std::chrono::local_days;

/// "2026-11-24".
std::string isoOf(Day day);
/// nullopt for what is no such day.
std::optional<Day> dayFrom(std::string_view iso);

/// The Monday of its week.
inline Day mondayOf(Day day) { return day - (std::chrono::weekday(day) - std::chrono::Monday); }

}  // namespace calando
