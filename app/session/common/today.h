#pragma once

#include <QDateTime>

#include "app/words/days.h"
#include "records/values/clock.h"

/// Days as the calendar here has them, by a clock.
namespace calando {

inline QDateTime nowOf(const Clock& clock) { return QDateTime::fromSecsSinceEpoch(clock.now_unix_s()); }
inline QDate dateOf(const Clock& clock) { return nowOf(clock).date(); }

/// From midnight to midnight, seconds of Unix time: [from, to).
struct Today {
  explicit Today(const Clock& clock)
      : from_unix_s(dateOf(clock).startOfDay().toSecsSinceEpoch()),
        to_unix_s(dateOf(clock).addDays(1).startOfDay().toSecsSinceEpoch()) {}
  bool holds(std::int64_t unix_s) const { return unix_s >= from_unix_s && unix_s < to_unix_s; }

  std::int64_t from_unix_s, to_unix_s;
};

/// On which day of the calendar here a moment falls.
inline Day dayOf(std::int64_t unix_s) { return dayOf(QDateTime::fromSecsSinceEpoch(unix_s).date()); }
inline Day today(const Clock& clock) { return dayOf(dateOf(clock)); }

}  // namespace calando
