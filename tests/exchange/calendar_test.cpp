#include "exchange/calendar.h"

#include <gtest/gtest.h>

#include <map>

#include "support/dice.h"

namespace calando {
namespace {

/// Events of a calendar by RFC 5545, read without the library that wrote it.
std::vector<std::map<std::string, std::string>> eventsIn(const std::string& file) {
  std::vector<std::string> lines;
  for (std::size_t at = 0; at < file.size();) {
    const std::size_t end = file.find("\r\n", at);
    EXPECT_NE(end, std::string::npos) << "lines end with CR LF";
    if (end == std::string::npos) break;
    const std::string line = file.substr(at, end - at);
    EXPECT_LE(line.size(), 75u);
    if (line.starts_with(' '))
      lines.back() += line.substr(1);
    else
      lines.push_back(line);
    at = end + 2;
  }
  std::vector<std::map<std::string, std::string>> events;
  for (const std::string& line : lines) {
    if (line == "BEGIN:VEVENT") events.emplace_back();
    if (events.empty()) continue;
    const std::size_t colon = line.find(':');
    std::string text;
    for (std::size_t i = colon + 1; i < line.size(); ++i) {
      if (line[i] != '\\')
        text += line[i];
      else
        text += line[++i] == 'n' ? '\n' : line[i];
    }
    events.back()[line.substr(0, std::min(colon, line.find(';')))] = text;
  }
  return events;
}

TEST(Calendar, IsReadBackByAnotherReader) {
  sounds::Dice dice(5);
  const std::string pieces[] = {"Scale tones", ", ",      "; ",  "\n", "B♭4 → B4", "\\",
                                "10 s",        "“leise”", " : ", "ü",  ""};
  for (int round = 0; round < 50; ++round) {
    std::vector<CalendarDay> days;
    Day day = std::chrono::local_days(std::chrono::year(2026) / 2 / 20);
    for (int i = dice.whole(0, 30); i > 0; --i) {
      day += std::chrono::days(dice.whole(1, 3));
      CalendarDay entry{day, "Practice", {}};
      for (int p = dice.whole(1, 40); p > 0; --p) entry.description += pieces[dice.whole(0, 10)];
      entry.description += "end";
      days.push_back(entry);
    }
    const auto events = eventsIn(calendarOf(days, "about", 1'800'000'000));
    ASSERT_EQ(events.size(), days.size());
    for (std::size_t i = 0; i < days.size(); ++i) {
      const auto plain = [](Day d) {
        std::string iso = isoOf(d);
        std::erase(iso, '-');
        return iso;
      };
      EXPECT_EQ(events[i].at("DTSTART"), plain(days[i].day));
      EXPECT_EQ(events[i].at("DTEND"), plain(days[i].day + std::chrono::days(1)));
      EXPECT_EQ(events[i].at("SUMMARY"), "Practice");
      EXPECT_EQ(events[i].at("DESCRIPTION"), days[i].description);
      EXPECT_EQ(events[i].at("UID"), isoOf(days[i].day) + "-about@calando");
      EXPECT_EQ(events[i].at("DTSTAMP"), "20270115T080000Z");
    }
  }
}

TEST(Days, AreReadAsTheyAreWrittenAndNothingElse) {
  for (Day day = std::chrono::local_days(std::chrono::year(1999) / 12 / 1);
       day < std::chrono::local_days(std::chrono::year(2032) / 1 / 1); day += std::chrono::days(1)) {
    ASSERT_EQ(dayFrom(isoOf(day)), day);
    const auto since = (day - mondayOf(day)).count();
    ASSERT_TRUE(since >= 0 && since < 7);
    ASSERT_EQ(std::chrono::weekday(mondayOf(day)), std::chrono::Monday);
  }
  for (const char* text :
       {"", "2026-13-01", "2026-02-29", "2026-2-9", "2026/02/09", "20x6-02-09", "2026-02-9 "})
    EXPECT_FALSE(dayFrom(text)) << text;
}

}  // namespace
}  // namespace calando
