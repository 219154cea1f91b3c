#include "app/readout/fingering_table.h"

#include <QHeaderView>

#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

FingeringTable::FingeringTable(QWidget* parent) : QTableWidget(parent) {
  setColumnCount(5);
  setHorizontalHeaderLabels({tr("fingering"), tr("spoke"), tr("ms"), tr("cents"), tr("wander")});
  const QString meant[] = {tr("What was tried"), tr("How often the note came, and no other"),
                           tr("Air before the sound"), tr("Off the note"), tr("How far the pitch strays")};
  for (int column = 0; column < columnCount(); ++column)
    horizontalHeaderItem(column)->setToolTip(meant[column]);
  setFont(style::work(style::kSmallType));
  setWordWrap(true);
  setAccessibleName(tr("Fingerings tried for this note, the best first"));
  verticalHeader()->hide();
  horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  setEditTriggers(NoEditTriggers);
  setSelectionMode(NoSelection);
  setShowGrid(false);
}

void FingeringTable::setTried(const std::vector<FingeringTried>& tried) {
  setRowCount(static_cast<int>(tried.size()));
  const auto number = [](const std::optional<double>& value, bool plus) {
    return value ? words::number(*value, 0, plus) : QStringLiteral("–");
  };
  for (int row = 0; row < rowCount(); ++row) {
    const FingeringTried& f = tried[static_cast<std::size_t>(row)];
    const QString cells[] = {words::plain(f.fingering), tr("%1 of %2").arg(f.spoke).arg(f.tries),
                             number(f.speaks_ms, false), number(f.offset_cents, true),
                             number(f.wander_cents, false)};
    for (int column = 0; column < columnCount(); ++column) {
      auto* item = new QTableWidgetItem(cells[column]);
      if (column == 0) item->setToolTip(cells[column]);
      if (column > 0) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
      setItem(row, column, item);
    }
  }
  resizeRowsToContents();
}

}  // namespace calando
