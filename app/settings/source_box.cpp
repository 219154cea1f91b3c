#include "app/settings/source_box.h"

#include "app/parts/commands.h"
#include "app/parts/flow_layout.h"
#include "app/parts/tight.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"
#include "app/sound/input.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/live/input_meter.h"
#include "core/standin/player.h"

namespace calando {

namespace {

QString remarkOn(const InputState& state) {
  switch (state.remark) {
    case InputState::Remark::none:
      return {};
    case InputState::Remark::silent:
      return SourceBox::tr("Silent: is the microphone switched on?");
    case InputState::Remark::soft:
      return SourceBox::tr("Very soft: move the microphone closer or raise its gain.");
    case InputState::Remark::clipping:
      return SourceBox::tr("Too loud, it clips: lower the gain or move away.");
    case InputState::Remark::gated:
      return SourceBox::tr(
          "Something switches quiet sound off. Turn the desktop’s noise suppression off, or breath and "
          "endings are lost.");
    case InputState::Remark::levelled:
      return SourceBox::tr(
          "Something raises the level by itself after each tone. Turn automatic gain off: loudness cannot be "
          "trusted.");
    case InputState::Remark::lost:
      return SourceBox::tr("%1 blocks of sound were lost: the computer is too busy.")
          .arg(state.droppedBlocks);
  }
  return {};
}

}  // namespace

SourceBox::SourceBox(const Parts& parts)
    : parts_(parts),
      source_(new QComboBox),
      player_(new QComboBox),
      other_(new QComboBox),
      calibrate_(new QPushButton(tr("Measure delay"))),
      open_(new QPushButton(tr("Open…"))),
      meter_(new QProgressBar),
      remark_(new QLabel) {
  source_->setObjectName("source");
  source_->setAccessibleName(tr("Source of sound"));
  source_->setToolTip(tr("Where the sound comes from: a microphone, or the stand-in player"));
  player_->setObjectName("player");
  player_->setAccessibleName(tr("Way of playing of the stand-in"));
  other_->setObjectName("other");
  other_->setAccessibleName(tr("Who plays with the student"));
  other_->setToolTip(
      tr("Another student who plays too: the take is kept with both. Of two with a microphone "
         "each, theirs is the left channel."));
  // A device may be called anything; its whole name is in the list.
  source_->setMinimumContentsLength(9);
  source_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  for (const Player& p : players()) {
    player_->addItem(words::said(p.name), words::plain(p.id));
    player_->setItemData(player_->count() - 1, words::said(p.text), Qt::ToolTipRole);
  }
  calibrate_->setObjectName("calibrate");
  calibrate_->setToolTip(
      tr("Plays eight clicks and hears how late they come back: from then on timing is judged against the "
         "click itself. Let the microphone hear the loudspeaker."));
  open_->setToolTip(tipOf("open"));
  open_->setProperty("narrow", true);
  meter_->setRange(-60, 0);
  meter_->setObjectName("meter");
  meter_->setTextVisible(false);
  meter_->setFixedHeight(2 * style::kStep);
  meter_->setAccessibleName(tr("Input level"));
  remark_->setObjectName("caption");
  remark_->setWordWrap(true);
  remark_->setAlignment(Qt::AlignTop);
  remark_->setMinimumHeight(7 * style::kStep);
  auto* first = new FlowLayout(style::kStep);
  first->addWidget(source_);
  first->addWidget(open_);
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addLayout(first);
  layout->addWidget(player_);
  layout->addWidget(other_);
  layout->addWidget(calibrate_);
  layout->addWidget(meter_);
  layout->addWidget(remark_);
  connect(source_, &QComboBox::currentIndexChanged, this,
          [this] { parts_.setup.choose(source_->currentData().toString().toStdString()); });
  connect(player_, &QComboBox::currentIndexChanged, this, [this](int index) {
    for (const auto& standIn : parts_.setup.standIns())
      standIn->setPlayer(players()[static_cast<std::size_t>(index)]);
  });
  connect(other_, &QComboBox::currentIndexChanged, this, [this] {
    parts_.request.editOptions([&](TakeOptions& o) { o.other = other_->currentData().toLongLong(); });
  });
  connect(&parts_.lesson, &Lesson::stepChanged, this, &SourceBox::fillOthers);
  connect(&parts_.request, &RequestEditor::optionsChanged, this, &SourceBox::fillOthers);
  connect(&parts_.book, &StudentBook::studentChanged, this, &SourceBox::fillOthers);
  connect(&parts_.book, &StudentBook::studentsChanged, this, &SourceBox::fillOthers);
  connect(calibrate_, &QPushButton::clicked, &parts_.session, &Session::calibrate);
  connect(open_, &QPushButton::clicked, this, &SourceBox::filesWanted);
  SoundSetup& setup = parts_.setup;
  connect(&setup, &SoundSetup::inputsChanged, this, &SourceBox::fill);
  connect(&setup, &SoundSetup::inputChosen, this, &SourceBox::refresh);
  TakeRun& run = parts_.run;
  connect(&run, &TakeRun::inputQuiet, this, &SourceBox::showQuiet);
  connect(&run, &TakeRun::inputChanged, this, &SourceBox::showInput);
  connect(&run, &TakeRun::phaseChanged, this, &SourceBox::refresh);
  fill();
  fillOthers();
}

/// Everybody but the one who is here.
void SourceBox::fillOthers() {
  const QSignalBlocker quiet(other_);
  const Student* here = parts_.book.chosen();
  other_->clear();
  other_->addItem(tr("with nobody else"), qlonglong{0});
  for (const Student& student : parts_.book.students())
    if (!here || student.id != here->id)
      other_->addItem(tr("with %1").arg(words::plain(student.name)), static_cast<qlonglong>(student.id));
  other_->setCurrentIndex(
      std::max(0, other_->findData(static_cast<qlonglong>(parts_.request.options().other))));
  other_->setVisible(parts_.lesson.current()->pair.has_value() && other_->count() > 1);
}

void SourceBox::fill() {
  const QSignalBlocker quiet(source_);
  source_->clear();
  for (const auto& input : parts_.setup.inputs()) source_->addItem(input->name(), words::plain(input->id()));
  refresh();
}

void SourceBox::refresh() {
  const QSignalBlocker quiet(source_);
  const Input& chosen = parts_.setup.chosen();
  source_->setCurrentIndex(source_->findData(words::plain(chosen.id())));
  player_->setVisible(chosen.playsForATake());
  calibrate_->setVisible(!chosen.playsForATake() && !parts_.readOnly);
  const bool still = parts_.session.allowed().choose;
  for (QWidget* field : std::initializer_list<QWidget*>{source_, player_, other_, calibrate_})
    field->setEnabled(still);
  if (parts_.run.phase() == TakeRun::Phase::ready && chosen.playsForATake()) showQuiet();
}

void SourceBox::showQuiet() {
  meter_->setValue(meter_->minimum());
  remark_->setText(parts_.setup.chosen().playsForATake() ? tr("Plays by itself when the take starts.")
                                                         : QString());
}

/// How sure it is where the notes of a counted exercise lie against its count.
QString SourceBox::timing() const {
  if (!parts_.lesson.current()->counted()) return {};
  const bool heard = parts_.request.options().accompaniment != AccompanimentKind::flash;
  return tr("timing ± %1 ms").arg(words::number(timingUnsure_ms(heard, parts_.setup.delay_s()), 0, false));
}

void SourceBox::showInput(const InputState& state) {
  meter_->setValue(static_cast<int>(std::clamp(state.level_dbfs, -60.0, 0.0)));
  // What is said of a microphone is not true of somebody who only plays for a take.
  const bool plays = parts_.setup.chosen().playsForATake();
  const QString remark = plays ? QString() : remarkOn(state);
  remark_->setText(!remark.isEmpty() || plays ? remark : timing());
}

}  // namespace calando
