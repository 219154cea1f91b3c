#pragma once

#include <QDate>

#include "core/base/day.h"

/// Days of the calendar, as Qt and as core have them.
namespace calando {

inline const QDate kFirstDay(1970, 1, 1);

inline QDate dateOf(Day day) { return kFirstDay.addDays(day.time_since_epoch().count()); }
inline Day dayOf(QDate date) { return Day(std::chrono::days(kFirstDay.daysTo(date))); }

}  // namespace calando
