#include "app/readout/cue_table.h"

#include "app/ribbon/cue_strip.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_kind.h"
#include "core/figures/cue_figures.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/judging/discipline.h"
#include "core/measure/edges/sounds.h"

namespace calando {

CueTable::CueTable(QWidget* parent) : QTableWidget(parent) {
  setAccessibleName(tr("Figures of every cue"));
  setEditTriggers(NoEditTriggers);
  setSelectionBehavior(SelectRows);
  setSelectionMode(SingleSelection);
  setShowGrid(false);
  setFont(style::work(style::kSmallType));
  verticalHeader()->hide();
  verticalHeader()->setDefaultSectionSize(24);
  horizontalHeader()->setHighlightSections(false);
  connect(this, &QTableWidget::currentCellChanged, this, [this](int row) {
    if (row >= 0 && row < static_cast<int>(cues_.size()))
      emit cueChosen(cues_[static_cast<std::size_t>(row)]);
  });
}

void CueTable::setSnapshot(SnapshotPtr snapshot) {
  const QSignalBlocker quiet(this);
  cues_.clear();
  clear();
  setRowCount(0);
  if (!snapshot) return;
  const auto& all = snapshot->analysis.cues;
  for (std::size_t i = 0; i < all.size(); ++i)
    if (all[i].isAudible() || all[i].leak_s) cues_.push_back(i);
  // Columns in which nothing was measured are left out; breaths have how they sound instead of a level.
  const Discipline& of = disciplineOf(snapshot->context);
  const bool breaths = of.ofAir;
  std::vector<const Figure*> shown;
  for (const Figure& figure : figures())
    if (!figure.column.empty() && !(breaths && figure.id == "level_dbfs") &&
        std::ranges::any_of(
            cues_, [&](std::size_t i) { return figure.ofCue(all[i], snapshot->analysis).has_value(); }))
      shown.push_back(&figure);
  const int columns = static_cast<int>(shown.size()) + 1;
  setColumnCount(columns + (breaths ? 1 : 0));
  setHorizontalHeaderItem(0, new QTableWidgetItem(words::said(of.cue)));
  if (breaths) setHorizontalHeaderItem(columns, new QTableWidgetItem(tr("sound")));
  for (std::size_t c = 0; c < shown.size(); ++c) {
    auto* head = new QTableWidgetItem(words::said(shown[c]->column));
    head->setToolTip(words::label(*shown[c]) + ". " + words::help(*shown[c]));
    setHorizontalHeaderItem(static_cast<int>(c) + 1, head);
  }
  setRowCount(static_cast<int>(cues_.size()));
  for (std::size_t r = 0; r < cues_.size(); ++r) {
    const CueResult& cue = all[cues_[r]];
    auto* name = new QTableWidgetItem(style::verdictIcon(cue.verdict), cueName(*snapshot, cues_[r]));
    name->setToolTip(style::verdictWord(cue.verdict));
    setItem(static_cast<int>(r), 0, name);
    for (std::size_t c = 0; c < shown.size(); ++c) {
      const auto value = shown[c]->ofCue(cue, snapshot->analysis);
      auto* cell = new QTableWidgetItem(value ? words::number(*value, shown[c]->print) : QStringLiteral("–"));
      // The model note is not apart from itself; how far it strays is what the others' distance is to be seen
      // against.
      const bool model = cues_[r] < snapshot->sheet.cues.size() && snapshot->sheet.cues[cues_[r]].model;
      const Note* note = soundOf(cue, snapshot->analysis).note;
      if (!value && model && note && note->colour_repeat_db && shown[c]->id == "colour_distance_db") {
        cell->setText(QStringLiteral("±") + words::number(*note->colour_repeat_db, 1, false));
        cell->setToolTip(tr("How far the model note strays from itself"));
      }
      cell->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
      setItem(static_cast<int>(r), static_cast<int>(c) + 1, cell);
    }
    if (const Air* air = soundOf(cue, snapshot->analysis).air;
        air && breaths && breathesOf(cue.kind) == Breathes::in) {
      auto* cell = new QTableWidgetItem(words::sound(air->sound));
      cell->setToolTip(cell->text());
      setItem(static_cast<int>(r), columns, cell);
    }
  }
  horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
  if (breaths) horizontalHeader()->setSectionResizeMode(columns, QHeaderView::ResizeToContents);
}

void CueTable::chooseCue(std::size_t cue) {
  const auto row = std::ranges::find(cues_, cue);
  if (row == cues_.end()) return;
  const QSignalBlocker quiet(this);
  selectRow(static_cast<int>(row - cues_.begin()));
}

}  // namespace calando
