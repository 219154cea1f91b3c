#include "app/cue_table.h"

#include "app/cue_strip.h"
#include "app/ribbon_painter.h"
#include "app/style.h"
#include "core/exercise/cue_figures.h"

namespace calando {

namespace {

struct Column {
  const char* title;
  const char* help;
  int decimals;
  bool plus;
  std::optional<double> CueResult::*value;
};
constexpr Column kColumns[] = {
    {QT_TRANSLATE_NOOP("CueTable", "ms"),
     QT_TRANSLATE_NOOP("CueTable", "Off the count, milliseconds; late is +"), 0, true, &CueResult::place_ms},
    {QT_TRANSLATE_NOOP("CueTable", "beats"), QT_TRANSLATE_NOOP("CueTable", "Length in beats"), 1, false,
     &CueResult::length_beats},
    {QT_TRANSLATE_NOOP("CueTable", "cents"), QT_TRANSLATE_NOOP("CueTable", "Offset in cents; sharp is +"), 1,
     true, &CueResult::offset_cents},
    {QT_TRANSLATE_NOOP("CueTable", "wander"), QT_TRANSLATE_NOOP("CueTable", "Wander in cents"), 1, false,
     &CueResult::wander_cents},
    {QT_TRANSLATE_NOOP("CueTable", "dBFS"), QT_TRANSLATE_NOOP("CueTable", "Level in dBFS"), 0, false,
     &CueResult::level_dbfs},
    {QT_TRANSLATE_NOOP("CueTable", "colour"),
     QT_TRANSLATE_NOOP("CueTable", "Distance from the model note in colour, dB"), 1, false,
     &CueResult::colour_distance_db},
};

}  // namespace

CueTable::CueTable(QWidget* parent) : QTableWidget(parent) {
  setAccessibleName(tr("Figures of every cue"));
  setEditTriggers(NoEditTriggers);
  setSelectionBehavior(SelectRows);
  setSelectionMode(SingleSelection);
  setShowGrid(false);
  setFont(style::work(9));
  verticalHeader()->hide();
  verticalHeader()->setDefaultSectionSize(24);
  horizontalHeader()->setHighlightSections(false);
  connect(this, &QTableWidget::currentCellChanged, this, [this](int row) {
    if (row >= 0 && row < static_cast<int>(cues_.size()))
      emit cueChosen(cues_[static_cast<std::size_t>(row)]);
  });
}

void CueTable::setPicture(TakePicturePtr picture) {
  const QSignalBlocker quiet(this);
  cues_.clear();
  clear();
  setRowCount(0);
  if (!picture) return;
  const auto& all = picture->analysis.cues;
  for (std::size_t i = 0; i < all.size(); ++i)
    if (all[i].asksForSound) cues_.push_back(i);
  // Columns in which nothing was measured are left out.
  std::vector<const Column*> shown;
  for (const Column& column : kColumns)
    if (std::ranges::any_of(cues_, [&](std::size_t i) { return (all[i].*column.value).has_value(); }))
      shown.push_back(&column);
  setColumnCount(static_cast<int>(shown.size()) + 1);
  setHorizontalHeaderItem(0, new QTableWidgetItem(tr("note")));
  for (std::size_t c = 0; c < shown.size(); ++c) {
    auto* head = new QTableWidgetItem(tr(shown[c]->title));
    head->setToolTip(tr(shown[c]->help));
    setHorizontalHeaderItem(static_cast<int>(c) + 1, head);
  }
  setRowCount(static_cast<int>(cues_.size()));
  for (std::size_t r = 0; r < cues_.size(); ++r) {
    const CueResult& cue = all[cues_[r]];
    auto* name = new QTableWidgetItem(style::verdictIcon(cue.verdict), cueName(*picture, cue));
    name->setToolTip(style::verdictWord(cue.verdict));
    setItem(static_cast<int>(r), 0, name);
    for (std::size_t c = 0; c < shown.size(); ++c) {
      const auto& value = cue.*shown[c]->value;
      auto* cell = new QTableWidgetItem(value ? signedFigure(*value, shown[c]->decimals, shown[c]->plus)
                                              : QStringLiteral("–"));
      // The model note is not apart from itself; how far it strays is what the others' distance is to be seen
      // against.
      const bool model = cues_[r] < picture->sheet.cues.size() && picture->sheet.cues[cues_[r]].model;
      const Note* note = soundOf(cue, picture->analysis).note;
      if (!value && model && note && note->colour_repeat_db &&
          shown[c]->value == &CueResult::colour_distance_db) {
        cell->setText(QStringLiteral("±") + signedFigure(*note->colour_repeat_db, 1, false));
        cell->setToolTip(tr("How far the model note strays from itself"));
      }
      cell->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
      setItem(static_cast<int>(r), static_cast<int>(c) + 1, cell);
    }
  }
  horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
  horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
}

void CueTable::chooseCue(std::size_t cue) {
  const auto row = std::ranges::find(cues_, cue);
  if (row == cues_.end()) return;
  const QSignalBlocker quiet(this);
  selectRow(static_cast<int>(row - cues_.begin()));
}

}  // namespace calando
