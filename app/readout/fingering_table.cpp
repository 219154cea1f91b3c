#include "app/readout/fingering_table.h"

#include <QHeaderView>
#include <QPainter>
#include <QStyledItemDelegate>

#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/exercise/cue_sheet.h"

namespace calando {

namespace {

enum Column { kFingering, kSpoke, kAfter, kOff, kWander, kUnder, kColumns };
constexpr int kShare = Qt::UserRole;
constexpr int kBar = 3;

/// A bar under the words, as long as the share of the tries that spoke.
class SpokeDelegate : public QStyledItemDelegate {
 public:
  using QStyledItemDelegate::QStyledItemDelegate;
  void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
    QStyledItemDelegate::paint(painter, option, index);
    QRectF bar(option.rect.adjusted(2, option.rect.height() - kBar - 2, -2, -2));
    painter->fillRect(bar, style::rule);
    bar.setWidth(bar.width() * index.data(kShare).toDouble());
    painter->fillRect(bar, style::pitch);
  }
};

}  // namespace

FingeringTable::FingeringTable(QWidget* parent) : QTableWidget(parent) {
  setColumnCount(kColumns);
  setHorizontalHeaderLabels({tr("fingering"), tr("spoke"), tr("ms"), tr("cents"), tr("wander"), tr("under")});
  const QString meant[] = {tr("What was tried"),           tr("How often the note came, and no other"),
                           tr("Air before the sound"),     tr("Off the note"),
                           tr("How far the pitch strays"), tr("What sounds on underneath")};
  for (int column = 0; column < kColumns; ++column) horizontalHeaderItem(column)->setToolTip(meant[column]);
  setFont(style::work(style::kSmallType));
  setAccessibleName(tr("Fingerings tried for this note, the best first"));
  verticalHeader()->hide();
  horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  horizontalHeader()->setSectionResizeMode(kFingering, QHeaderView::Stretch);
  horizontalHeader()->setMinimumSectionSize(24);
  setItemDelegateForColumn(kSpoke, new SpokeDelegate(this));
  setEditTriggers(NoEditTriggers);
  setSelectionMode(NoSelection);
  setShowGrid(false);
}

void FingeringTable::setTried(const std::vector<FingeringTried>& tried, const Context& context) {
  setRowCount(static_cast<int>(tried.size()));
  const QString none = QStringLiteral("–");
  const auto number = [&](const std::optional<double>& value, bool plus) {
    return value ? words::number(*value, 0, plus) : none;
  };
  const auto note = [&](const std::optional<double>& hz) {
    return hz ? shownNote(context.writtenOf(nearestSemitone(*hz, context.reference)), spellingFor(context))
              : none;
  };
  for (int row = 0; row < rowCount(); ++row) {
    const FingeringTried& f = tried[static_cast<std::size_t>(row)];
    const QString cells[kColumns] = {words::plain(f.fingering),     tr("%1 of %2").arg(f.spoke).arg(f.tries),
                                     number(f.speaks_ms, false),    number(f.offset_cents, true),
                                     number(f.wander_cents, false), note(f.under_hz)};
    for (int column = 0; column < kColumns; ++column) {
      auto* item = new QTableWidgetItem(cells[column]);
      if (column == kFingering) item->setToolTip(cells[column]);
      if (column == kSpoke) item->setData(kShare, static_cast<double>(f.spoke) / f.tries);
      if (column != kFingering) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
      setItem(row, column, item);
    }
  }
  resizeRowsToContents();
}

}  // namespace calando
