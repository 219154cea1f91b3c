#include "exchange/calendar.h"

#include <libical/ical.h>

#include <memory>

namespace calando {

namespace {

struct Free {
  void operator()(icalcomponent* component) const { icalcomponent_free(component); }
};

icaltimetype timeOf(Day day) {
  const std::chrono::year_month_day date(day);
  icaltimetype time = icaltime_null_date();
  time.year = static_cast<int>(date.year());
  time.month = static_cast<int>(static_cast<unsigned>(date.month()));
  time.day = static_cast<int>(static_cast<unsigned>(date.day()));
  return time;
}

}  // namespace

std::string calendarOf(std::span<const CalendarDay> days, const std::string& about, std::int64_t now_unix_s) {
  const std::unique_ptr<icalcomponent, Free> calendar(icalcomponent_new(ICAL_VCALENDAR_COMPONENT));
  icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
  icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Calando//practice//EN"));
  const icaltimetype now = icaltime_from_timet_with_zone(now_unix_s, 0, icaltimezone_get_utc_timezone());
  for (const CalendarDay& day : days) {
    icalcomponent* event = icalcomponent_new(ICAL_VEVENT_COMPONENT);
    icalcomponent_set_uid(event, (isoOf(day.day) + "-" + about + "@calando").c_str());
    icalcomponent_set_dtstamp(event, now);
    icalcomponent_set_dtstart(event, timeOf(day.day));
    icalcomponent_set_dtend(event, timeOf(day.day + std::chrono::days(1)));
    icalcomponent_set_summary(event, day.summary.c_str());
    icalcomponent_set_description(event, day.description.c_str());
    icalcomponent_add_component(calendar.get(), event);
  }
  const std::unique_ptr<char, decltype(&std::free)> text(icalcomponent_as_ical_string_r(calendar.get()),
                                                         &std::free);
  return text.get();
}

}  // namespace calando
