#pragma once

#include <QString>
#include <vector>

#include "core/plan/sheet.h"

namespace calando {

/// What one student does in a week.
struct WeekSheet {
  QString student;
  std::vector<DaySheet> days;
  const Instrument* instrument = nullptr;  ///< of the student; nullptr: nobody has said which
};

/// Plain text, a paragraph a day.
QString sheetText(const WeekSheet& sheet);
/// An iCalendar file with a day's work as a whole day; `about` names the student in it without saying who.
QString calendarText(const WeekSheet& sheet, const std::string& about, std::int64_t now_unix_s);
/// One page: a row for each thing, a box to tick for each day. What went wrong, or empty.
QString writeSheetPdf(const WeekSheet& sheet, const QString& file);

/// A text as it stands on pages. What went wrong, or empty.
QString writeTextPdf(const QString& text, const QString& file);
/// UTF-8, whole or not at all. What went wrong, or empty.
QString writeText(const QString& text, const QString& file);

}  // namespace calando
