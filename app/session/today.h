#pragma once

#include <QDateTime>

#include "app/words/days.h"

namespace calando {

/// From midnight to midnight, seconds of Unix time: [from, to).
struct Today {
  std::int64_t from_unix_s = QDate::currentDate().startOfDay().toSecsSinceEpoch();
  std::int64_t to_unix_s = QDate::currentDate().addDays(1).startOfDay().toSecsSinceEpoch();
  bool holds(std::int64_t unix_s) const { return unix_s >= from_unix_s && unix_s < to_unix_s; }
};

/// On which day of the calendar here a moment falls.
inline Day dayOf(std::int64_t unix_s) { return dayOf(QDateTime::fromSecsSinceEpoch(unix_s).date()); }
inline Day today() { return dayOf(QDate::currentDate()); }

}  // namespace calando
