#include "app/print/sheet_print.h"

#include <QCoreApplication>
#include <QPageSize>
#include <QPdfWriter>
#include <QSaveFile>
#include <QTextDocument>

#include "app/style/style.h"
#include "app/words/card_words.h"
#include "app/words/days.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "core/figures/figure.h"
#include "exchange/calendar.h"

namespace calando {

namespace {

/// The texts of what is written out, for translators.
struct SheetWords {
  Q_DECLARE_TR_FUNCTIONS(Print)
};

QString dayText(const DaySheet& day, const Instrument* instrument) {
  if (day.holiday) return SheetWords::tr("A holiday.");
  QStringList lines;
  for (const SheetItem& item : day.items) lines << words::line(item, instrument);
  lines << SheetWords::tr("In all %1.").arg(words::duration(day.total_s()));
  return lines.join('\n');
}

/// What is said with each card, each once.
QStringList cautionsOf(const WeekSheet& sheet) {
  QStringList cautions;
  for (const DaySheet& day : sheet.days)
    for (const SheetItem& item : day.items)
      for (const QString& caution : words::cautions(*item.card, sheet.instrument))
        if (!cautions.contains(caution)) cautions << caution;
  return cautions;
}

QString titleOf(const WeekSheet& sheet) {
  return sheet.days.empty() ? SheetWords::tr("Practice: %1").arg(sheet.student)
                            : SheetWords::tr("Practice: %1, %2 to %3")
                                  .arg(sheet.student, words::day(sheet.days.front().day),
                                       words::dayAndYear(sheet.days.back().day));
}

}  // namespace

QString sheetText(const WeekSheet& sheet) {
  QStringList parts{titleOf(sheet)};
  for (const DaySheet& day : sheet.days) parts << words::day(day.day) + '\n' + dayText(day, sheet.instrument);
  const QStringList cautions = cautionsOf(sheet);
  if (!cautions.isEmpty()) parts << cautions.join('\n');
  return parts.join(QStringLiteral("\n\n")) + '\n';
}

QString calendarText(const WeekSheet& sheet, const std::string& about, std::int64_t now_unix_s) {
  std::vector<CalendarDay> days;
  for (const DaySheet& day : sheet.days)
    if (!day.holiday && !day.items.empty())
      days.push_back({day.day,
                      SheetWords::tr("Practice, %1").arg(words::duration(day.total_s())).toStdString(),
                      dayText(day, sheet.instrument).toStdString()});
  return QString::fromStdString(calendarOf(days, about, now_unix_s));
}

namespace {

QString cell(const QString& text, const QString& align = QStringLiteral("left"), int percent = 0) {
  return QStringLiteral("<td align='%1'%3 style='padding:4px 6px'>%2</td>")
      .arg(align, text, percent > 0 ? QStringLiteral(" width='%1%'").arg(percent) : QString());
}

QString tableOf(const WeekSheet& sheet) {
  // One row for each thing that any day has, in the lesson's order.
  std::vector<const SheetItem*> rows;
  for (const DaySheet& day : sheet.days)
    for (const SheetItem& item : day.items)
      if (std::ranges::none_of(rows, [&](const SheetItem* row) { return row->card->id == item.card->id; }))
        rows.push_back(&item);
  QString head = cell(QString(), QStringLiteral("left"), 32) + cell(SheetWords::tr("each time"));
  for (const DaySheet& day : sheet.days)
    head +=
        cell(QStringLiteral("<b>%1</b>")
                 .arg(QLocale().toString(dateOf(day.day), SheetWords::tr("ddd d", "a day")).toHtmlEscaped()),
             QStringLiteral("center"));
  QString html = QStringLiteral("<tr>%1</tr>").arg(head);
  for (const SheetItem* row : rows) {
    const QString asked = words::asked(*row);
    SheetItem once = *row;
    once.sets = 1;
    QString line = cell(QStringLiteral("<b>%1</b>%2")
                            .arg(words::playedOn(*row, sheet.instrument).toHtmlEscaped(),
                                 asked.isEmpty() ? QString() : "<br>" + asked.toHtmlEscaped())) +
                   cell(words::howOften(once).toHtmlEscaped());
    for (const DaySheet& day : sheet.days) {
      const auto found =
          std::ranges::find(day.items, row->card->id, [](const SheetItem& i) { return i.card->id; });
      line += cell(found == day.items.end() ? QString() : QString("☐ ").repeated(found->sets).trimmed(),
                   QStringLiteral("center"));
    }
    html += QStringLiteral("<tr>%1</tr>").arg(line);
  }
  QString foot = cell(SheetWords::tr("in all")) + cell(QString());
  for (const DaySheet& day : sheet.days)
    foot += cell(day.holiday ? SheetWords::tr("holiday") : words::duration(day.total_s()),
                 QStringLiteral("center"));
  return QStringLiteral(
             "<table border='1' style='border-collapse:collapse' width='100%'>%1<tr>%2</tr></table>")
      .arg(html, foot);
}

}  // namespace

namespace {

QString unwritten(const QString& file, const QString& why) {
  return SheetWords::tr("%1 cannot be written: %2").arg(file, why);
}

/// Pages of the usual size here, whole or not at all.
QString writePages(QTextDocument& pages, const QString& title, const QString& file) {
  QSaveFile out(file);
  if (!out.open(QIODevice::WriteOnly)) return unwritten(file, out.errorString());
  QPdfWriter pdf(&out);
  const bool imperial = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
  pdf.setPageSize(QPageSize(imperial ? QPageSize::Letter : QPageSize::A4));
  pdf.setTitle(title);
  pdf.setCreator(QStringLiteral("Calando"));
  pages.setDefaultFont(style::work(style::kType));
  pages.print(&pdf);
  return out.commit() ? QString() : unwritten(file, out.errorString());
}

}  // namespace

QString writeSheetPdf(const WeekSheet& sheet, const QString& file) {
  QTextDocument page;
  page.setHtml(
      QStringLiteral("<h2>%1</h2>%2<p style='font-size:9pt'>%3</p>")
          .arg(titleOf(sheet).toHtmlEscaped(), tableOf(sheet), cautionsOf(sheet).join(' ').toHtmlEscaped()));
  return writePages(page, titleOf(sheet), file);
}

QString writeTextPdf(const QString& text, const QString& file) {
  QTextDocument pages;
  pages.setPlainText(text);
  return writePages(pages, text.section('\n', 0, 0), file);
}

QString writeText(const QString& text, const QString& file) {
  QSaveFile out(file);
  const bool written = out.open(QIODevice::WriteOnly) && out.write(text.toUtf8()) >= 0 && out.commit();
  return written ? QString() : unwritten(file, out.errorString());
}

}  // namespace calando
