#include "app/lesson/card_editor.h"

#include <nlohmann/json.hpp>

#include "app/lesson/cue_rows.h"
#include "app/lesson/growth_fields.h"
#include "app/lesson/pair_fields.h"
#include "app/lesson/sheet_preview.h"
#include "app/lesson/target_rows.h"
#include "app/parts/plain_dialog.h"
#include "app/parts/tight.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "audio/whole_file.h"
#include "core/base/bounded_json.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"

namespace calando {

CardEditor::CardEditor(const Exercise& card, bool own, Context context,
                       const std::vector<ExercisePtr>& others, QWidget* parent)
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
      cues_(new CueRows),
      targets_(new TargetRows),
      growth_(new GrowthFields(others)),
      pair_(new PairFields),
      preview_(new SheetPreview(true)),
      error_(new QLabel) {
  setWindowTitle(own ? tr("Own exercise") : tr("Exercise: what is changed becomes an own one"));
  fitToScreen(*this, 1040, 640);
  error_->setObjectName("cardError");
  error_->setWordWrap(true);
  auto* top = new QHBoxLayout;
  top->setSpacing(16);
  top->addWidget(buildTexts(), 3);
  top->addWidget(buildCount(), 2);
  auto* middle = new QHBoxLayout;
  middle->setSpacing(16);
  middle->addWidget(cues_, 2);
  middle->addWidget(buildMore(), 1);
  auto* layout = new QVBoxLayout(this);
  layout->addLayout(top);
  layout->addLayout(middle, 1);
  layout->addSpacing(style::kStep);
  layout->addLayout(buildDrawing());
  layout->addWidget(error_);
  layout->addLayout(buildFoot());
  connect(cues_, &CueRows::changed, this, &CardEditor::changed);
  connect(targets_, &TargetRows::changed, this, &CardEditor::changed);
  connect(growth_, &GrowthFields::changed, this, &CardEditor::changed);
  connect(pair_, &PairFields::changed, this, &CardEditor::changed);
  connect(preview_, &SheetPreview::shapeDrawn, this, [this](std::size_t cue, const Shape& shape) {
    // A generator repeats the cues for each of its notes.
    if (cues_->size() > 0) cues_->setShape(cue % cues_->size(), preview_->drawn(), shape);
  });
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
                                   {tr("outward from home"), Generator::Kind::outward},
                                   {tr("a beat more each time"), Generator::Kind::climb}})
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

QLayout* CardEditor::buildFoot() {
  auto* files = new QHBoxLayout;
  for (const auto& [text, act] : {std::pair{tr("Import…"), &CardEditor::importCard},
                                  std::pair{tr("Export…"), &CardEditor::exportCard}}) {
    auto* button = new QPushButton(text);
    connect(button, &QPushButton::clicked, this, act);
    files->addWidget(button);
  }
  if (own_) {
    auto* erase = new QPushButton(tr("Erase the exercise"));
    erase->setObjectName("eraseCard");
    connect(erase, &QPushButton::clicked, this, [this] {
      erased_ = true;
      accept();
    });
    files->addWidget(erase);
  }
  files->addStretch();
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
  save_ = buttons->addButton(own_ ? tr("Save") : tr("Save as own exercise"), QDialogButtonBox::AcceptRole);
  save_->setObjectName("saveCard");
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  files->addWidget(buttons);
  return files;
}

QLayout* CardEditor::buildDrawing() {
  auto* choice = tight(new QVBoxLayout, style::kStep);
  for (const auto& [text, name, what] :
       {std::tuple{tr("Loudness"), "drawLoudness", SheetPreview::Drawn::loudness},
        std::tuple{tr("Pitch"), "drawPitch", SheetPreview::Drawn::pitch}}) {
    auto* one = new QPushButton(text);
    one->setObjectName(name);
    one->setCheckable(true);
    one->setAutoExclusive(true);
    one->setChecked(what == preview_->drawn());
    connect(one, &QPushButton::toggled, this, [this, what](bool on) {
      if (on) preview_->setDrawn(what);
    });
    choice->addWidget(one);
  }
  choice->addStretch();
  auto* drawing = tight(new QHBoxLayout, 4 * style::kStep);
  drawing->addLayout(choice);
  drawing->addWidget(preview_, 1);
  return drawing;
}

QWidget* CardEditor::buildTargets() {
  auto* caption =
      new QLabel(context_.level ? tr("Targets at the level “%1”").arg(words::said(context_.level->label))
                                : tr("Targets"));
  caption->setObjectName("caption");
  auto* box = new QWidget;
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(targets_, 1);
  layout->addWidget(caption);
  return box;
}

/// What is not its cues: targets, what it grows to, for how many it is; one at a time.
QWidget* CardEditor::buildMore() {
  auto* stack = new QStackedWidget;
  auto* group = new QButtonGroup(stack);
  auto* row = tight(new QHBoxLayout, style::kStep);
  for (const auto& [text, page] : {std::pair<QString, QWidget*>{tr("Targets"), buildTargets()},
                                   {tr("Growth"), growth_},
                                   {tr("Two"), pair_}}) {
    auto* button = new QToolButton;
    button->setText(text);
    button->setObjectName("cardMore");
    button->setCheckable(true);
    button->setChecked(stack->count() == 0);
    group->addButton(button, stack->addWidget(page));
    row->addWidget(button);
  }
  row->addStretch(1);
  connect(group, &QButtonGroup::idClicked, stack, &QStackedWidget::setCurrentIndex);
  auto* box = new QWidget;
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addLayout(row);
  layout->addWidget(stack, 1);
  return box;
}

void CardEditor::fill(const Exercise& card) {
  filling_ = true;
  card_ = card;
  title_->setText(own_ ? words::plain(card.title) : tr("%1, own").arg(words::plain(card.title)));
  family_->setText(words::plain(card.family));
  purpose_->setPlainText(words::plain(card.purpose));
  counted_->setChecked(card.counted());
  tempo_->setValue(card.counted() ? card.tempo_bpm : 60.0);
  countIn_->setValue(card.countIn);
  display_->setCurrentIndex(display_->findData(static_cast<int>(card.display)));
  reference_->setCurrentIndex(reference_->findData(static_cast<int>(card.reference)));
  generator_->setCurrentIndex(generator_->findData(static_cast<int>(card.generator.kind)));
  generated_->setValue(card.generator.count);
  cues_->setCounted(card.counted());
  cues_->setCues(card.cues);
  targets_->setCard(card, context_.level, context_.instrument);
  growth_->setCard(card);
  pair_->setCard(card);
  cues_->setForTwo(card.pair.has_value());
  filling_ = false;
  changed();
}

tl::expected<Exercise, QString> CardEditor::read() const {
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
  pair_->readInto(e);
  if (auto growth = growth_->readInto(e); !growth) return tl::unexpected(growth.error());
  auto cues = cues_->read();
  if (!cues) return tl::unexpected(words::said(cues.error()));
  e.cues = std::move(*cues);
  if (auto targets = targets_->readInto(e); !targets) return tl::unexpected(targets.error());
  return parseExercise(toText(e)).map_error([](const Problem& what) { return words::said(what); });
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
  cues_->setCounted(counted_->isChecked());
  cues_->setForTwo(pair_->forTwo());
  const auto read = this->read();
  save_->setEnabled(read.has_value());
  error_->setText(read ? QString() : read.error());
  if (!read) return;
  Context context = context_;
  context.exercise = std::make_shared<Exercise>(*read);
  context.tempo_bpm.reset();
  preview_->setSheet(unroll(context), context);
}

void CardEditor::importCard() {
  const QString file =
      QFileDialog::getOpenFileName(this, tr("Import an exercise"), {}, tr("Exercises (*.json)"));
  if (file.isEmpty()) return;
  const auto text = readSmall(QFile::encodeName(file).toStdString(), kLargestJson);
  if (!text) return error_->setText(tr("%1: %2").arg(QFileInfo(file).fileName(), words::said(text.error())));
  const auto card = parseExercise(*text);
  if (!card) return error_->setText(tr("%1: %2").arg(QFileInfo(file).fileName(), words::said(card.error())));
  fill(*card);
  title_->setText(words::plain(card->title));
}

void CardEditor::exportCard() {
  const auto card = read();
  if (!card) return;
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Export the exercise"), words::plain(card->id) + ".json", tr("Exercises (*.json)"));
  if (file.isEmpty()) return;
  if (const auto written = writeWhole(QFile::encodeName(file).toStdString(), Access::umask, toText(*card));
      !written)
    error_->setText(tr("%1 could not be written: %2.").arg(file, words::said(written.error().why)));
}

}  // namespace calando
