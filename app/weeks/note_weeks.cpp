#include "app/weeks/note_weeks.h"

#include <QPainter>
#include <QScrollBar>
#include <set>

#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/days.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/growth/growth.h"

namespace calando {

namespace {
constexpr int kName = 64, kNoteRow = 34, kWeekRow = 34, kLeastColumn = 52, kFoot = 40;
constexpr double kFull_cents = 30.0;
}  // namespace

NoteWeeks::NoteWeeks(const Parts& parts) : parts_(parts) {
  setObjectName("noteWeeks");
  setAccessibleName(tr("Tuning of notes by week, cents"));
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  viewport()->setBackgroundRole(QPalette::Window);
}

void NoteWeeks::refresh() {
  notes_.clear();
  std::set<Day> weeks;
  for (auto& [note, values] : byNoteAndWeek(parts_.takes.past(), "offset_cents")) {
    for (const auto& [monday, value] : values) weeks.insert(monday);
    notes_.insert(notes_.begin(), {note, values});
  }
  weeks_.assign(weeks.begin(), weeks.end());
  resizeEvent(nullptr);
  viewport()->update();
}

void NoteWeeks::resizeEvent(QResizeEvent*) {
  verticalScrollBar()->setPageStep(viewport()->height());
  const int all = kWeekRow + kFoot + kNoteRow * static_cast<int>(notes_.size());
  verticalScrollBar()->setRange(0, std::max(0, all - viewport()->height()));
}

void NoteWeeks::paintEvent(QPaintEvent*) {
  QPainter painter(viewport());
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setFont(style::work(style::kType));
  painter.setPen(style::quietInk);
  if (notes_.empty()) {
    painter.drawText(viewport()->rect().adjusted(0, 20, 0, 0),
                     Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     tr("No note was asked for yet. Type one into the note’s field of the lesson."));
    return;
  }
  // The newest weeks, as many as have room.
  const auto room = static_cast<std::size_t>(std::max(1, (viewport()->width() - kName) / kLeastColumn));
  const std::size_t first = weeks_.size() - std::min(room, weeks_.size());
  const int column =
      std::min(2 * kLeastColumn, (viewport()->width() - kName) / static_cast<int>(weeks_.size() - first));
  const Student* student = parts_.book.chosen();
  const Instrument* instrument = student ? findInstrument(student->instrument) : nullptr;
  const int top = -verticalScrollBar()->value();
  for (std::size_t w = first; w < weeks_.size(); ++w)
    painter.drawText(QRect(kName + column * static_cast<int>(w - first), top, column, kWeekRow),
                     Qt::AlignCenter,
                     QLocale().toString(dateOf(weeks_[w]), tr("d MMM", "the first day of a week")));
  for (std::size_t n = 0; n < notes_.size(); ++n) {
    const int y = top + kWeekRow + kNoteRow * static_cast<int>(n);
    painter.setFont(style::serif(style::kTitleType - 2));
    painter.setPen(style::ink);
    painter.drawText(QRect(0, y, kName, kNoteRow), Qt::AlignLeft | Qt::AlignVCenter,
                     shownNote(notes_[n].first, instrument ? instrument->spelling : Spelling::flats));
    painter.setFont(style::work(style::kType));
    painter.setPen(QPen(style::rule, 1.0));
    painter.drawLine(0, y + kNoteRow, viewport()->width(), y + kNoteRow);
    for (std::size_t w = first; w < weeks_.size(); ++w) {
      const auto value = notes_[n].second.find(weeks_[w]);
      if (value == notes_[n].second.end()) continue;
      // The bar goes from the middle up or down, as the note lay.
      const QRectF cell(kName + column * static_cast<int>(w - first), y, column, kNoteRow);
      const double height = 0.5 * (kNoteRow - 8) * std::clamp(value->second / kFull_cents, -1.0, 1.0);
      const QPointF middle(cell.left() + 10, cell.center().y());
      painter.fillRect(QRectF(middle.x() - 3, middle.y() - std::max(height, 0.0), 6, std::abs(height))
                           .adjusted(0, -0.5, 0, 0.5),
                       style::pitch);
      painter.setPen(style::ink);
      painter.drawText(cell.adjusted(20, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter,
                       words::number(value->second, 0));
    }
  }
  painter.setPen(style::quietInk);
  painter.drawText(
      QRect(0, top + kWeekRow + kNoteRow * static_cast<int>(notes_.size()), viewport()->width(), kFoot),
      Qt::AlignLeft | Qt::AlignVCenter, tr("cents off, the median of a week’s takes"));
}

}  // namespace calando
