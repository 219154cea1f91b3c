#include "app/card_editor.h"

#include <nlohmann/json.hpp>

#include "app/cue_strip.h"
#include "app/note_names.h"
#include "app/style.h"
#include "audio/whole_file.h"
#include "core/bounded_json.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/judging.h"

namespace calando {

namespace {

enum CueColumn { kKind, kLength, kUnit, kNote, kShape, kPulses, kModel, kCueColumns };
enum TargetColumn { kReading, kFrom, kTo, kTargetColumns };

constexpr CueKind kEveryKind[] = {CueKind::tone,  CueKind::swell,  CueKind::pulse, CueKind::rest,
                                  CueKind::glide, CueKind::bend,   CueKind::free,  CueKind::inhale,
                                  CueKind::hold,  CueKind::exhale, CueKind::air,   CueKind::partial};

QString q(const std::string& text) { return QString::fromStdString(text); }

/// With a true minus sign.
QString shownNumber(double number) { return QString::number(number, 'g', 6).replace('-', QChar(0x2212)); }
/// Either minus sign, decimal point or comma; nullopt when it is no number.
std::optional<double> typedNumber(QString text) {
  bool good = false;
  const double number = text.trimmed().replace(',', '.').replace(QChar(0x2212), '-').toDouble(&good);
  return good ? std::optional(number) : std::nullopt;
}

/// "0:−12 50:0 100:−12": per cent of the cue and decibels.
QString textOf(const std::vector<LevelPoint>& loudness) {
  QStringList points;
  for (const LevelPoint& p : loudness) points << shownNumber(100.0 * p.share) + ':' + shownNumber(p.level_db);
  return points.join(' ');
}

std::optional<std::vector<LevelPoint>> loudnessFrom(const QString& text) {
  std::vector<LevelPoint> points;
  for (const QString& point : text.split(' ', Qt::SkipEmptyParts)) {
    const QStringList parts = point.split(':');
    if (parts.size() != 2) return std::nullopt;
    const auto share = typedNumber(parts[0]);
    const auto level = typedNumber(parts[1]);
    if (!share || !level) return std::nullopt;
    points.push_back({*share / 100.0, *level});
  }
  return points;
}

QTableWidgetItem* fixed(const QString& text) {
  auto* item = new QTableWidgetItem(text);
  item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
  return item;
}

QString boundText(const std::optional<double>& bound) { return bound ? shownNumber(*bound) : QString(); }

}  // namespace

/// The cues on the count, as a take would show them while it sounds.
class SheetPreview : public QWidget {
 public:
  SheetPreview() {
    setFixedHeight(kStrip + kShapes + 34);
    setAccessibleName(CardEditor::tr("Preview of the cues on the count"));
  }
  void setSheet(const CueSheet& sheet, const Context& context) {
    picture_.sheet = sheet;
    picture_.context = context;
    picture_.sheetStart_s = sheet.countIn_s();
    picture_.live = true;
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), style::paper);
    const CueSheet& sheet = picture_.sheet;
    if (sheet.cues.empty()) return;
    RibbonScale scale;
    scale.area = QRectF(4, 2, width() - 8, kStrip);
    scale.to_s = sheet.countIn_s() + sheet.length_s();
    paintCueStrip(painter, picture_, scale, scale.area, {});
    painter.setPen(QPen(style::loudness, 2));
    for (const SheetCue& cue : sheet.cues) {
      if (!isSounding(cue.kind)) continue;
      const double from = sheet.countIn_s() + cue.start_s;
      const auto place = [&](double share, double level_db) {
        return QPointF(scale.x(from + share * cue.length_s),
                       kStrip + 6 + std::clamp(-level_db / kDeepest_db, 0.0, 1.0) * kShapes);
      };
      QPolygonF line;
      for (const LevelPoint& p : cue.loudness) line << place(p.share, p.level_db);
      if (line.isEmpty()) line << place(0, 0) << place(1, 0);
      painter.drawPolyline(line);
    }
    painter.setFont(style::work(9));
    painter.setPen(style::quietInk);
    const QString count = sheet.counted() ? CardEditor::tr("Beats of the count: %1 before, %2 in all; %3 s")
                                                .arg(sheet.countIn)
                                                .arg(std::lround(scale.to_s / sheet.beat_s))
                                                .arg(scale.to_s, 0, 'f', 0)
                                          : CardEditor::tr("Not counted; %1 s").arg(scale.to_s, 0, 'f', 0);
    painter.drawText(QRectF(4, kStrip + kShapes + 10, width() - 8, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     count);
  }

 private:
  static constexpr int kStrip = 42;
  static constexpr int kShapes = 26;
  static constexpr double kDeepest_db = 24.0;
  TakePicture picture_;
};

CardEditor::CardEditor(const Exercise& card, bool own, Context context, QWidget* parent)
    : QDialog(parent),
      card_(card),
      original_(card.id),
      own_(own),
      context_(std::move(context)),
      title_(new QLineEdit),
      family_(new QLineEdit),
      purpose_(new QPlainTextEdit),
      counted_(new QCheckBox(tr("counted"))),
      tempo_(new QDoubleSpinBox),
      countIn_(new QSpinBox),
      display_(new QComboBox),
      reference_(new QComboBox),
      generator_(new QComboBox),
      generated_(new QSpinBox),
      cues_(new QTableWidget(0, kCueColumns)),
      targets_(new QTableWidget(0, kTargetColumns)),
      preview_(new SheetPreview),
      error_(new QLabel) {
  setWindowTitle(own ? tr("Own exercise card") : tr("Exercise card: what is changed becomes an own card"));
  resize(1040, 640);
  error_->setObjectName("cardError");
  error_->setWordWrap(true);
  auto* files = new QHBoxLayout;
  for (const auto& [text, act] : {std::pair{tr("Import…"), &CardEditor::importCard},
                                  std::pair{tr("Export…"), &CardEditor::exportCard}}) {
    auto* button = new QPushButton(text);
    connect(button, &QPushButton::clicked, this, act);
    files->addWidget(button);
  }
  if (own_) {
    auto* erase = new QPushButton(tr("Erase the card"));
    erase->setObjectName("eraseCard");
    connect(erase, &QPushButton::clicked, this, [this] {
      erased_ = true;
      accept();
    });
    files->addWidget(erase);
  }
  files->addStretch();
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
  save_ = buttons->addButton(own_ ? tr("Save") : tr("Save as own card"), QDialogButtonBox::AcceptRole);
  save_->setObjectName("saveCard");
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  files->addWidget(buttons);

  auto* top = new QHBoxLayout;
  top->setSpacing(16);
  top->addWidget(buildTexts(), 3);
  top->addWidget(buildCount(), 2);
  auto* middle = new QHBoxLayout;
  middle->setSpacing(16);
  middle->addWidget(buildCues(), 2);
  middle->addWidget(buildTargets(), 1);
  auto* layout = new QVBoxLayout(this);
  layout->addLayout(top);
  layout->addLayout(middle, 1);
  layout->addWidget(preview_);
  layout->addWidget(error_);
  layout->addLayout(files);
  fill(card);
}

QWidget* CardEditor::buildTexts() {
  auto* box = new QWidget;
  auto* form = new QFormLayout(box);
  form->setContentsMargins(0, 0, 0, 0);
  title_->setObjectName("cardTitle");
  purpose_->setObjectName("cardPurpose");
  purpose_->setTabChangesFocus(true);
  purpose_->setMaximumHeight(64);
  form->addRow(tr("Title"), title_);
  form->addRow(tr("Family"), family_);
  form->addRow(tr("What for"), purpose_);
  connect(title_, &QLineEdit::textChanged, this, &CardEditor::changed);
  connect(family_, &QLineEdit::textChanged, this, &CardEditor::changed);
  connect(purpose_, &QPlainTextEdit::textChanged, this, &CardEditor::changed);
  return box;
}

QWidget* CardEditor::buildCount() {
  tempo_->setObjectName("cardTempo");
  tempo_->setRange(20, 400);
  tempo_->setDecimals(0);
  tempo_->setSuffix(tr(" /min"));
  countIn_->setRange(0, 16);
  countIn_->setSuffix(tr(" beats before"));
  display_->addItem(tr("shown while it sounds"), static_cast<int>(Display::shown));
  display_->addItem(tr("shown afterwards: ears first"), static_cast<int>(Display::after));
  display_->addItem(tr("hidden until E is pressed"), static_cast<int>(Display::hidden));
  reference_->setObjectName("cardReference");
  reference_->addItem(tr("what is set for the take"), static_cast<int>(PitchReference::asked));
  reference_->addItem(tr("equal temperament"), static_cast<int>(PitchReference::equal));
  reference_->addItem(tr("pure intervals over home"), static_cast<int>(PitchReference::just));
  reference_->addItem(tr("the player’s own home note"), static_cast<int>(PitchReference::home));
  for (const auto& [text, kind] : {std::pair{tr("once, as written"), Generator::Kind::none},
                                   {tr("for each note of the scale"), Generator::Kind::scale},
                                   {tr("for each half step"), Generator::Kind::chromatic},
                                   {tr("for each partial"), Generator::Kind::series},
                                   {tr("outward from home"), Generator::Kind::outward}})
    generator_->addItem(text, static_cast<int>(kind));
  generator_->setObjectName("cardGenerator");
  generated_->setRange(-36, 36);
  generated_->setToolTip(tr("How many notes; below 0 downwards"));
  auto* count = new QHBoxLayout;
  count->addWidget(counted_);
  count->addWidget(tempo_, 1);
  count->addWidget(countIn_, 1);
  auto* repeat = new QHBoxLayout;
  repeat->addWidget(generator_, 1);
  repeat->addWidget(generated_);
  auto* box = new QWidget;
  auto* form = new QFormLayout(box);
  form->setContentsMargins(0, 0, 0, 0);
  form->addRow(tr("Count"), count);
  form->addRow(tr("Repeated"), repeat);
  form->addRow(tr("Trace"), display_);
  form->addRow(tr("In tune with"), reference_);
  connect(counted_, &QCheckBox::toggled, this, &CardEditor::changed);
  connect(tempo_, &QDoubleSpinBox::valueChanged, this, &CardEditor::changed);
  connect(countIn_, &QSpinBox::valueChanged, this, &CardEditor::changed);
  connect(display_, &QComboBox::currentIndexChanged, this, &CardEditor::changed);
  connect(reference_, &QComboBox::currentIndexChanged, this, &CardEditor::changed);
  connect(generator_, &QComboBox::currentIndexChanged, this, &CardEditor::changed);
  connect(generated_, &QSpinBox::valueChanged, this, &CardEditor::changed);
  return box;
}

QWidget* CardEditor::buildCues() {
  cues_->setObjectName("cardCues");
  cues_->setAccessibleName(tr("Cues"));
  cues_->setHorizontalHeaderLabels(
      {tr("Cue"), tr("Length"), tr("in"), tr("Note"), tr("Loudness"), tr("Pulses"), tr("Model")});
  cues_->verticalHeader()->setDefaultSectionSize(34);
  cues_->setSelectionBehavior(QAbstractItemView::SelectRows);
  auto* header = cues_->horizontalHeader();
  const int widths[kCueColumns] = {82, 64, 88, 94, 150, 52, 52};
  for (int c = 0; c < kCueColumns; ++c) header->resizeSection(c, widths[c]);
  header->setSectionResizeMode(kShape, QHeaderView::Stretch);
  auto* add = new QPushButton(tr("Add a cue"));
  add->setObjectName("addCue");
  auto* remove = new QPushButton(tr("Remove it"));
  remove->setObjectName("removeCue");
  connect(add, &QPushButton::clicked, this, [this] {
    Cue cue;
    if (counted_->isChecked()) cue.length = {CueLength::Unit::beats, 4};
    cue.note = {CueNote::Kind::interval, 0};
    addCue(cue);
    changed();
  });
  connect(remove, &QPushButton::clicked, this, [this] {
    cues_->removeRow(cues_->currentRow() < 0 ? cues_->rowCount() - 1 : cues_->currentRow());
    changed();
  });
  auto* row = new QHBoxLayout;
  row->addWidget(add);
  row->addWidget(remove);
  row->addStretch();
  auto* box = new QWidget;
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(cues_, 1);
  layout->addLayout(row);
  return box;
}

QWidget* CardEditor::buildTargets() {
  targets_->setObjectName("cardTargets");
  targets_->setAccessibleName(tr("Targets at this level"));
  targets_->setHorizontalHeaderLabels({tr("Figure"), tr("from"), tr("to")});
  targets_->verticalHeader()->hide();
  targets_->horizontalHeader()->setSectionResizeMode(kReading, QHeaderView::Stretch);
  targets_->horizontalHeader()->resizeSection(kFrom, 58);
  targets_->horizontalHeader()->resizeSection(kTo, 58);
  connect(targets_, &QTableWidget::itemChanged, this, &CardEditor::changed);
  auto* caption = new QLabel(context_.level ? tr("Targets at the level “%1”").arg(q(context_.level->label))
                                            : tr("Targets"));
  caption->setObjectName("caption");
  auto* box = new QWidget;
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(targets_, 1);
  layout->addWidget(caption);
  return box;
}

void CardEditor::addCue(const Cue& cue) {
  const int row = cues_->rowCount();
  cues_->insertRow(row);
  auto* kind = new QComboBox;
  for (const CueKind k : kEveryKind) {
    const std::string name(nameOf(k));
    kind->addItem(QCoreApplication::translate("Cue", name.c_str()), q(name));
  }
  kind->setCurrentIndex(kind->findData(q(std::string(nameOf(cue.kind)))));
  auto* length = new QDoubleSpinBox;
  length->setRange(0, 600);
  length->setDecimals(2);
  length->setSingleStep(1);
  length->setButtonSymbols(QAbstractSpinBox::NoButtons);
  length->setValue(cue.length.value);
  auto* unit = new QComboBox;
  for (const auto& [text, u] : {std::pair{tr("beats"), CueLength::Unit::beats},
                                {tr("seconds"), CueLength::Unit::seconds},
                                {tr("open"), CueLength::Unit::open}})
    unit->addItem(text, static_cast<int>(u));
  unit->setCurrentIndex(unit->findData(static_cast<int>(cue.length.unit)));
  auto* note = new QComboBox;
  note->setEditable(true);
  note->addItems({"any", "home", "each", "degree 5", "interval 1", "partial 3"});
  note->setEditText(cue.note.kind == CueNote::Kind::written ? shownNote(cue.note.value, Spelling::flats)
                                                            : q(nameOf(cue.note)));
  note->setToolTip(
      tr("any, home, each (the repeated note), a written note such as %1, degree 3 of the scale, "
         "interval -1 in half steps, partial 3")
          .arg(shownNote(70, Spelling::flats)));
  auto* shape = new QComboBox;
  shape->setEditable(true);
  shape->addItems({"", "0:−12 50:0 100:−12", "0:−12 100:0", "0:0 100:−12"});
  shape->setEditText(textOf(cue.loudness));
  shape->lineEdit()->setCursorPosition(0);
  shape->setToolTip(tr("Empty: level. Else per cent of the cue and decibels, such as 0:−12 50:0 100:−12"));
  auto* pulses = new QSpinBox;
  pulses->setRange(0, 64);
  pulses->setButtonSymbols(QAbstractSpinBox::NoButtons);
  pulses->setValue(cue.pulses);
  auto* model = new QCheckBox;
  model->setChecked(cue.model);
  model->setToolTip(tr("The others are held against this note in colour"));
  const std::pair<QWidget*, QString> cells[kCueColumns] = {
      {kind, tr("Cue")},       {length, tr("Length")}, {unit, tr("Unit of length")}, {note, tr("Note")},
      {shape, tr("Loudness")}, {pulses, tr("Pulses")}, {model, tr("Model note")}};
  for (int c = 0; c < kCueColumns; ++c) {
    cells[c].first->setAccessibleName(tr("%1 of cue %2").arg(cells[c].second, QString::number(row + 1)));
    cues_->setCellWidget(row, c, cells[c].first);
  }
  connect(kind, &QComboBox::currentIndexChanged, this, &CardEditor::changed);
  connect(length, &QDoubleSpinBox::valueChanged, this, &CardEditor::changed);
  connect(unit, &QComboBox::currentIndexChanged, this, &CardEditor::changed);
  connect(note, &QComboBox::editTextChanged, this, &CardEditor::changed);
  connect(shape, &QComboBox::editTextChanged, this, &CardEditor::changed);
  connect(pulses, &QSpinBox::valueChanged, this, &CardEditor::changed);
  connect(model, &QCheckBox::toggled, this, &CardEditor::changed);
}

void CardEditor::fill(const Exercise& card) {
  filling_ = true;
  card_ = card;
  title_->setText(own_ ? q(card.title) : tr("%1, own").arg(q(card.title)));
  family_->setText(q(card.family));
  purpose_->setPlainText(q(card.purpose));
  counted_->setChecked(card.counted());
  tempo_->setValue(card.counted() ? card.tempo_bpm : 60.0);
  countIn_->setValue(card.countIn);
  display_->setCurrentIndex(display_->findData(static_cast<int>(card.display)));
  reference_->setCurrentIndex(reference_->findData(static_cast<int>(card.reference)));
  generator_->setCurrentIndex(generator_->findData(static_cast<int>(card.generator.kind)));
  generated_->setValue(card.generator.count);
  cues_->setRowCount(0);
  for (const Cue& cue : card.cues) addCue(cue);
  targets_->setRowCount(0);
  for (const std::string& id : card.readings) {
    const int row = targets_->rowCount();
    targets_->insertRow(row);
    const QString unit = q(readingUnit(id));
    auto* name = fixed(q(readingLabel(id)) + (unit.isEmpty() ? QString() : QStringLiteral(", ") + unit));
    name->setData(Qt::UserRole, q(id));
    name->setToolTip(q(readingMeaning(id)));
    targets_->setItem(row, kReading, name);
    const Target* target = context_.level ? findTarget(id, card, *context_.level) : nullptr;
    targets_->setItem(row, kFrom, new QTableWidgetItem(target ? boundText(target->low) : QString()));
    targets_->setItem(row, kTo, new QTableWidgetItem(target ? boundText(target->high) : QString()));
  }
  filling_ = false;
  changed();
}

tl::expected<Exercise, std::string> CardEditor::read() const {
  Exercise e = card_;
  e.id = own_ ? original_ : "own";  // who keeps a new one gives it its id
  e.title = title_->text().trimmed().toStdString();
  e.family = family_->text().trimmed().toStdString();
  e.purpose = purpose_->toPlainText().trimmed().toStdString();
  e.tempo_bpm = counted_->isChecked() ? tempo_->value() : 0.0;
  e.countIn = counted_->isChecked() ? countIn_->value() : 0;
  e.display = static_cast<Display>(display_->currentData().toInt());
  e.reference = static_cast<PitchReference>(reference_->currentData().toInt());
  e.generator.kind = static_cast<Generator::Kind>(generator_->currentData().toInt());
  e.generator.count = generated_->value();
  e.cues.clear();
  for (int row = 0; row < cues_->rowCount(); ++row) {
    const auto at = [&](int column) { return cues_->cellWidget(row, column); };
    const auto fail = [&](const std::string& what) {
      return tl::unexpected("cue " + std::to_string(row + 1) + ": " + what);
    };
    Cue cue = row < static_cast<int>(card_.cues.size()) ? card_.cues[static_cast<std::size_t>(row)] : Cue{};
    const QString kind = static_cast<QComboBox*>(at(kKind))->currentData().toString();
    cue.kind =
        *std::ranges::find_if(kEveryKind, [&](CueKind k) { return q(std::string(nameOf(k))) == kind; });
    cue.length = {static_cast<CueLength::Unit>(static_cast<QComboBox*>(at(kUnit))->currentData().toInt()),
                  static_cast<QDoubleSpinBox*>(at(kLength))->value()};
    const QString noteText = static_cast<QComboBox*>(at(kNote))->currentText().trimmed();
    if (const auto written = typedNote(noteText)) {
      cue.note = {CueNote::Kind::written, *written};
    } else {
      const auto note = parseCueNote(noteText.toStdString());
      if (!note) return fail(note.error());
      cue.note = *note;
    }
    const auto loudness = loudnessFrom(static_cast<QComboBox*>(at(kShape))->currentText());
    if (!loudness)
      return fail("loudness is per cent and decibels, such as 0:−12 50:0 100:−12, or empty for level");
    cue.loudness = *loudness;
    cue.pulses = static_cast<QSpinBox*>(at(kPulses))->value();
    cue.model = static_cast<QCheckBox*>(at(kModel))->isChecked();
    e.cues.push_back(cue);
  }
  for (int row = 0; row < targets_->rowCount() && context_.level; ++row) {
    const std::string id = targets_->item(row, kReading)->data(Qt::UserRole).toString().toStdString();
    Target target{};
    for (const auto& [column, bound] : {std::pair{kFrom, &target.low}, std::pair{kTo, &target.high}}) {
      const QString text = targets_->item(row, column)->text().trimmed();
      if (text.isEmpty()) continue;
      *bound = typedNumber(text);
      if (!*bound) return tl::unexpected(readingLabel(id) + ": “" + text.toStdString() + "” is no number");
    }
    const Target* before = findTarget(id, card_, *context_.level);
    if (before ? target.low == before->low && target.high == before->high : !target.low && !target.high)
      continue;
    if (target.low && target.high && *target.low > *target.high)
      return tl::unexpected(readingLabel(id) + ": its target begins above its end; exchange them");
    if (!target.low && !target.high)
      return tl::unexpected(readingLabel(id) + ": give it a bound; a card cannot take the level’s away");
    target.width = widthOf(target.low, target.high);
    if (target.width <= 0.0) target.width = before ? before->width : 1.0;
    e.targets[context_.level->id][id] = target;
  }
  return parseExercise(toText(e));
}

void CardEditor::accept() {
  if (!erased_) {
    auto read = this->read();
    if (!read) return;
    card_ = std::move(*read);
  }
  QDialog::accept();
}

/// The card is read anew, shown on the count, or what is wrong with it is said.
void CardEditor::changed() {
  if (filling_) return;
  const bool repeats = generator_->currentData().toInt() != static_cast<int>(Generator::Kind::none);
  generated_->setEnabled(repeats);
  tempo_->setEnabled(counted_->isChecked());
  countIn_->setEnabled(counted_->isChecked());
  for (int row = 0; row < cues_->rowCount(); ++row)
    cues_->cellWidget(row, kLength)
        ->setEnabled(static_cast<QComboBox*>(cues_->cellWidget(row, kUnit))->currentData().toInt() !=
                     static_cast<int>(CueLength::Unit::open));
  const auto read = this->read();
  save_->setEnabled(read.has_value());
  error_->setText(read ? QString() : q(read.error()));
  if (!read) return;
  Context context = context_;
  context.exercise = std::make_shared<Exercise>(*read);
  context.tempo_bpm.reset();
  preview_->setSheet(unroll(context), context);
}

void CardEditor::importCard() {
  const QString file =
      QFileDialog::getOpenFileName(this, tr("Import an exercise card"), {}, tr("Exercise cards (*.json)"));
  if (file.isEmpty()) return;
  const auto text = readSmall(QFile::encodeName(file).toStdString(), kLargestJson);
  if (!text) return error_->setText(tr("%1: %2").arg(QFileInfo(file).fileName(), q(text.error())));
  const auto card = parseExercise(*text);
  if (!card) return error_->setText(tr("%1: %2").arg(QFileInfo(file).fileName(), q(card.error())));
  fill(*card);
  title_->setText(q(card->title));
}

void CardEditor::exportCard() {
  const auto card = read();
  if (!card) return;
  const QString file = QFileDialog::getSaveFileName(this, tr("Export the card"), q(card->id) + ".json",
                                                    tr("Exercise cards (*.json)"));
  if (file.isEmpty()) return;
  if (const auto written = writeWhole(QFile::encodeName(file).toStdString(), Access::umask, toText(*card));
      !written)
    error_->setText(tr("%1 could not be written: %2.").arg(file, q(written.error().why)));
}

}  // namespace calando
