#include "app/weeks/year_ring.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QToolTip>
#include <map>

#include "app/picture/gallery.h"
#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "core/growth/growth.h"

namespace calando {

namespace {

constexpr std::chrono::days kMost{20 * 365};
constexpr int kDay = 74, kRow = 58, kShape = 12, kGap = 8;
constexpr int kCell = 132, kLeastCell = 66;  // wide, with its shape; of a full week they are smaller
constexpr int kAround = 6;

/// Of a take's small picture in a cell of a width.
QSize pictureOf(int cell) {
  const int width = cell - kShape - kGap;
  return {width, width * kThumbnail.height() / kThumbnail.width()};
}

}  // namespace

YearRing::YearRing(const Parts& parts) : parts_(parts) {
  setObjectName("yearRing");
  setAccessibleName(tr("Weeks as rows of small pictures"));
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::StrongFocus);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  viewport()->setBackgroundRole(QPalette::Window);
  verticalScrollBar()->setSingleStep(kRow / 2);
}

void YearRing::setExercise(const std::string& exercise) {
  exercise_ = exercise;
  refresh();
}

void YearRing::refresh() {
  const bool atFoot = rows_.empty() || verticalScrollBar()->value() == verticalScrollBar()->maximum();
  rows_.clear();
  std::map<Day, std::vector<const PastTake*>> weeks;  // newest first
  for (const PastTake& take : parts_.takes.past())
    if (counts(take) && (exercise_.empty() || take.exercise == exercise_))
      weeks[mondayOf(take.day)].push_back(&take);
  if (!weeks.empty())
    // Of a moment that nobody believes there is no row for every week since.
    for (Day monday = std::max(weeks.begin()->first, mondayOf(today(parts_.clock) - kMost));
         monday <= mondayOf(today(parts_.clock)); monday += std::chrono::days(7)) {
      const auto& all = weeks[monday];
      Row row{monday, {}, 0, kRow, 1, kCell};
      auto shown = all;
      std::ranges::sort(shown, {},
                        [](const PastTake* take) { return std::pair(take->made_unix_s, take->id); });
      for (const PastTake* take : shown) row.cells.push_back({take->id, verdictOf(take->word, *take->kept)});
      rows_.push_back(std::move(row));
    }
  row_ = std::min(row_, rows_.empty() ? 0 : rows_.size() - 1);
  if (atFoot) {
    row_ = rows_.empty() ? 0 : rows_.size() - 1;
    column_ = 0;
  }
  layOut();
  if (atFoot) verticalScrollBar()->setValue(verticalScrollBar()->maximum());
  viewport()->update();
}

/// All takes of a week: on one line as long as they are large enough there, else on several.
void YearRing::layOut() {
  const int room = std::max(kCell, viewport()->width() - kDay);
  int all = 0;
  for (Row& row : rows_) {
    const int count = std::max(1, static_cast<int>(row.cells.size()));
    row.width = std::clamp(room / count, kLeastCell, kCell);
    row.perLine = std::max(1, room / row.width);
    const int lines = (count + row.perLine - 1) / row.perLine;
    row.top = all;
    row.height = std::max(kRow, lines * (pictureOf(row.width).height() + kAround) + 2 * kAround);
    all += row.height;
  }
  verticalScrollBar()->setPageStep(viewport()->height());
  verticalScrollBar()->setRange(0, std::max(0, all - viewport()->height()));
}

void YearRing::resizeEvent(QResizeEvent*) { refresh(); }

QRect YearRing::cellOf(std::size_t row, std::size_t column) const {
  const Row& of = rows_[row];
  const int lines = (std::max(1, static_cast<int>(of.cells.size())) + of.perLine - 1) / of.perLine;
  const int height = pictureOf(of.width).height() + kAround;
  const int line = static_cast<int>(column) / of.perLine, place = static_cast<int>(column) % of.perLine;
  return {kDay + place * of.width,
          of.top - verticalScrollBar()->value() + (of.height - lines * height) / 2 + line * height, of.width,
          height};
}

QRect YearRing::rowOf(std::size_t row) const {
  return {0, rows_[row].top - verticalScrollBar()->value(), viewport()->width(), rows_[row].height};
}

void YearRing::paintEvent(QPaintEvent*) {
  QPainter painter(viewport());
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  if (rows_.empty()) {
    painter.setPen(style::quietInk);
    painter.setFont(style::work(style::kType));
    painter.drawText(viewport()->rect().adjusted(0, 20, 0, 0),
                     Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     tr("No takes yet. Record one in the lesson (Alt+1): every week becomes a row here."));
    return;
  }
  for (std::size_t row = 0; row < rows_.size(); ++row) {
    const QRect line = rowOf(row);
    if (line.bottom() >= 0 && line.top() <= viewport()->height()) paintRow(painter, row);
  }
}

void YearRing::paintRow(QPainter& painter, std::size_t row) const {
  const QRect line = rowOf(row);
  painter.setPen(QPen(style::rule, 1.0));
  painter.drawLine(0, line.bottom(), viewport()->width(), line.bottom());
  painter.setFont(style::work(style::kType));
  painter.setPen(rows_[row].cells.empty() ? style::quietInk : style::ink);
  const QLocale locale;
  painter.drawText(QRect(0, line.top(), kDay - 6, line.height()), Qt::AlignLeft | Qt::AlignVCenter,
                   locale.toString(dateOf(rows_[row].monday), tr("d MMM", "the first day of a week")));
  const auto& cells = rows_[row].cells;
  for (std::size_t column = 0; column < cells.size(); ++column) {
    const QRect cell = cellOf(row, column);
    const std::int64_t take = cells[column].take;
    const QPixmap small = keptPicture(take, parts_.takes.ribbon(take));
    const QSize size = pictureOf(cell.width());
    const QRectF picture(QPointF(cell.left(), cell.top() + kAround / 2), QSizeF(size));
    if (small.isNull())
      painter.fillRect(picture, style::sheet);
    else
      painter.drawPixmap(picture, small, QRectF(small.rect()));
    style::paintVerdict(painter,
                        QRectF(picture.right() + 3, cell.center().y() - 0.5 * kShape, kShape, kShape),
                        cells[column].verdict);
    if (hasFocus() && row == row_ && column == column_) {
      painter.setPen(QPen(style::pitch, 1.4));
      painter.setBrush(Qt::NoBrush);
      painter.drawRoundedRect(picture.adjusted(-2, -2, 2, 2), 3, 3);
    }
  }
}

const YearRing::Cell* YearRing::cellAt(const QPoint& at) const {
  for (std::size_t row = 0; row < rows_.size(); ++row)
    for (std::size_t column = 0; column < rows_[row].cells.size(); ++column)
      if (cellOf(row, column).contains(at)) return &rows_[row].cells[column];
  return nullptr;
}

void YearRing::mousePressEvent(QMouseEvent* event) {
  if (const Cell* cell = cellAt(event->pos())) emit chosen(cell->take);
}

void YearRing::move(int rows, int columns) {
  if (rows_.empty()) return;
  row_ = static_cast<std::size_t>(
      std::clamp(static_cast<int>(row_) + rows, 0, static_cast<int>(rows_.size()) - 1));
  const auto shown = static_cast<int>(rows_[row_].cells.size());
  column_ =
      static_cast<std::size_t>(std::clamp(static_cast<int>(column_) + columns, 0, std::max(0, shown - 1)));
  const QRect cell = cellOf(row_, column_);
  if (cell.top() < 0) verticalScrollBar()->setValue(verticalScrollBar()->value() + cell.top());
  if (cell.bottom() > viewport()->height())
    verticalScrollBar()->setValue(verticalScrollBar()->value() + cell.bottom() - viewport()->height());
  viewport()->update();
}

void YearRing::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
    case Qt::Key_Up:
      return move(-1, 0);
    case Qt::Key_Down:
      return move(1, 0);
    case Qt::Key_Left:
      return move(0, -1);
    case Qt::Key_Right:
      return move(0, 1);
    case Qt::Key_Return:
      if (!rows_.empty() && column_ < rows_[row_].cells.size()) emit chosen(rows_[row_].cells[column_].take);
      return;
    default:
      QAbstractScrollArea::keyPressEvent(event);
  }
}

bool YearRing::viewportEvent(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QAbstractScrollArea::viewportEvent(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const Cell* cell = cellAt(help->pos());
  const Take* take = cell ? parts_.takes.find(cell->take) : nullptr;
  if (!take) {
    QToolTip::hideText();
    return true;
  }
  const ExercisePtr card = parts_.deck.find(take->asked.exercise);
  QToolTip::showText(help->globalPos(),
                     tr("%1, %2: %3", "card, moment, verdict")
                         .arg(card ? words::said(card->title) : words::plain(take->asked.exercise),
                              words::moment(QDateTime::fromSecsSinceEpoch(take->made_unix_s)),
                              style::verdictWord(cell->verdict)),
                     viewport());
  return true;
}

}  // namespace calando
