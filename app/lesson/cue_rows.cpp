#include "app/lesson/cue_rows.h"

#include "app/parts/tight.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/library/cards.h"

namespace calando {

namespace {
enum Column { kKind, kLength, kUnit, kNote, kPulses, kModel, kWho, kColumns };
constexpr int kWidths[kColumns] = {92, 66, 92, 110, 60, 60, 100};
constexpr int kCueRow = 34;
}  // namespace

CueRows::CueRows() : table_(new QTableWidget(0, kColumns)) {
  table_->setObjectName("cardCues");
  table_->setAccessibleName(tr("Cues"));
  table_->setHorizontalHeaderLabels(
      {tr("Cue"), tr("Length"), tr("in"), tr("Note"), tr("Pulses"), tr("Model"), tr("Who")});
  table_->verticalHeader()->setDefaultSectionSize(kCueRow);
  table_->setSelectionBehavior(QAbstractItemView::SelectRows);
  table_->setShowGrid(false);
  auto* header = table_->horizontalHeader();
  for (int c = 0; c < kColumns; ++c)
    header->resizeSection(c, std::max(kWidths[c], header->sectionSizeHint(c)));
  header->setSectionResizeMode(kNote, QHeaderView::Stretch);
  auto* add = new QPushButton(tr("Add a cue"));
  add->setObjectName("addCue");
  add->setAutoDefault(false);
  auto* remove = new QPushButton(tr("Remove it"));
  remove->setObjectName("removeCue");
  remove->setAutoDefault(false);
  connect(add, &QPushButton::clicked, this, [this] {
    Cue cue;
    if (counted_) cue.length = {CueLength::Unit::beats, 4};
    cue.note = {CueNote::Kind::interval, 0};
    addRow(cue);
    emit changed();
  });
  connect(remove, &QPushButton::clicked, this, [this] {
    if (cues_.empty()) return;
    const int row = table_->currentRow() < 0 ? table_->rowCount() - 1 : table_->currentRow();
    cues_.erase(cues_.begin() + row);
    table_->removeRow(row);
    emit changed();
  });
  auto* row = new QHBoxLayout;
  row->setSpacing(2 * style::kStep);
  row->addWidget(add);
  row->addWidget(remove);
  row->addStretch();
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addWidget(table_, 1);
  layout->addLayout(row);
}

QWidget* CueRows::cell(int row, int column) const { return table_->cellWidget(row, column); }

void CueRows::setCues(const std::vector<Cue>& cues) {
  table_->setRowCount(0);
  cues_.clear();
  for (const Cue& cue : cues) addRow(cue);
}

/// A choice of values by their names, what is said of a cue chosen.
template <class T>
QComboBox* CueRows::choice(std::initializer_list<std::pair<QString, T>> values, T chosen) {
  auto* box = new QComboBox;
  for (const auto& [text, value] : values) box->addItem(text, static_cast<int>(value));
  box->setCurrentIndex(box->findData(static_cast<int>(chosen)));
  connect(box, &QComboBox::currentIndexChanged, this, &CueRows::changed);
  return box;
}

QComboBox* CueRows::noteField(const CueNote& note) {
  auto* field = new QComboBox;
  field->setEditable(true);
  field->addItems({"any", "home", "each", "degree 5", "interval 1", "partial 3"});
  field->setEditText(note.kind == CueNote::Kind::written ? shownNote(note.value, Spelling::flats)
                                                         : words::plain(nameOf(note)));
  field->setToolTip(
      tr("any, home, each (the repeated note), a written note such as %1, degree 3 of the scale, "
         "interval -1 in half steps, partial 3")
          .arg(shownNote(70, Spelling::flats)));
  connect(field, &QComboBox::editTextChanged, this, &CueRows::changed);
  return field;
}

void CueRows::addRow(const Cue& cue) {
  const int row = table_->rowCount();
  table_->insertRow(row);
  cues_.push_back(cue);
  auto* kind = new QComboBox;
  for (const CueKindRow& k : cueKinds()) kind->addItem(words::said(k.name), words::plain(k.name));
  kind->setCurrentIndex(static_cast<int>(cue.kind));
  auto* length = new QDoubleSpinBox;
  length->setRange(0, 600);
  length->setDecimals(2);
  length->setButtonSymbols(QAbstractSpinBox::NoButtons);
  length->setValue(cue.length.value);
  auto* unit = choice<CueLength::Unit>({{tr("beats"), CueLength::Unit::beats},
                                        {tr("seconds"), CueLength::Unit::seconds},
                                        {tr("open"), CueLength::Unit::open}},
                                       cue.length.unit);
  auto* pulses = new QSpinBox;
  pulses->setRange(0, 64);
  pulses->setButtonSymbols(QAbstractSpinBox::NoButtons);
  pulses->setValue(cue.pulses);
  auto* model = new QCheckBox;
  model->setChecked(cue.model);
  model->setToolTip(tr("The others are compared with this note in colour"));
  auto* who = choice<Who>({{tr("both"), Who::both},
                           {tr("partner"), Who::partner},
                           {tr("player"), Who::player},
                           {tr("own voice"), Who::voice}},
                          cue.who);
  // Words of another language may want more.
  auto* header = table_->horizontalHeader();
  for (const auto& [column, field] : {std::pair{int{kKind}, kind}, {int{kUnit}, unit}, {int{kWho}, who}})
    header->resizeSection(column, std::max(header->sectionSize(column), field->sizeHint().width()));
  const std::pair<QWidget*, QString> cells[kColumns] = {{kind, tr("Cue")},
                                                        {length, tr("Length")},
                                                        {unit, tr("Unit of length")},
                                                        {noteField(cue.note), tr("Note")},
                                                        {pulses, tr("Pulses")},
                                                        {model, tr("Model note")},
                                                        {who, tr("Who sounds")}};
  for (int c = 0; c < kColumns; ++c) {
    cells[c].first->setAccessibleName(tr("%1 of cue %2").arg(cells[c].second, QString::number(row + 1)));
    table_->setCellWidget(row, c, cells[c].first);
  }
  const auto allow = [length, unit] {
    length->setEnabled(unit->currentData().toInt() != static_cast<int>(CueLength::Unit::open));
  };
  allow();
  connect(unit, &QComboBox::currentIndexChanged, this, allow);
  connect(kind, &QComboBox::currentIndexChanged, this, &CueRows::changed);
  connect(length, &QDoubleSpinBox::valueChanged, this, &CueRows::changed);
  connect(pulses, &QSpinBox::valueChanged, this, &CueRows::changed);
  connect(model, &QCheckBox::toggled, this, &CueRows::changed);
}

void CueRows::setForTwo(bool two) { table_->setColumnHidden(kWho, !two); }

void CueRows::setShape(std::size_t cue, SheetPreview::Drawn what, const Shape& shape) {
  (what == SheetPreview::Drawn::loudness ? cues_[cue].loudness : cues_[cue].pitch) = shape;
  emit changed();
}

tl::expected<std::vector<Cue>, Problem> CueRows::read() const {
  std::vector<Cue> cues = cues_;
  for (int row = 0; row < table_->rowCount(); ++row) {
    Cue& cue = cues[static_cast<std::size_t>(row)];
    cue.kind = static_cast<CueKind>(static_cast<QComboBox*>(cell(row, kKind))->currentIndex());
    cue.length = {
        static_cast<CueLength::Unit>(static_cast<QComboBox*>(cell(row, kUnit))->currentData().toInt()),
        static_cast<QDoubleSpinBox*>(cell(row, kLength))->value()};
    const QString text = static_cast<QComboBox*>(cell(row, kNote))->currentText().trimmed();
    if (const auto written = typedNote(text)) {
      cue.note = {CueNote::Kind::written, *written};
    } else if (const auto note = parseCueNote(text.toStdString())) {
      cue.note = *note;
    } else {
      return tl::unexpected(Problem(Fault::atCue, row + 1, note.error()));
    }
    cue.pulses = static_cast<QSpinBox*>(cell(row, kPulses))->value();
    cue.model = static_cast<QCheckBox*>(cell(row, kModel))->isChecked();
    cue.who = table_->isColumnHidden(kWho)
                  ? Who::both
                  : static_cast<Who>(static_cast<QComboBox*>(cell(row, kWho))->currentData().toInt());
  }
  return cues;
}

}  // namespace calando
