#include "app/settings/source_box.h"

#include "app/parts/captioned.h"
#include "app/parts/commands.h"
#include "app/parts/menu_field.h"
#include "app/parts/tight.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"
#include "app/settings/heard_dialog.h"
#include "app/settings/input_words.h"
#include "app/sound/input.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/live/input_meter.h"
#include "core/standin/player.h"

namespace calando {

SourceBox::SourceBox(const Parts& parts, QAction* mirror)
    : parts_(parts),
      plays_(new MenuField(tr("Source of sound"))),
      source_(plays_->group("source")),
      player_(plays_->group("player")),
      other_(plays_->group("other")),
      players_(new QMenu(tr("Way of playing"), plays_)),
      others_(new QMenu(tr("Plays together"), plays_)),
      calibrate_(new QAction(tr("Measure delay"), this)),
      open_(new QAction(tr("Open a recording…"), this)),
      heard_(new QAction(tr("Is everything heard?"), this)),
      mirror_(mirror),
      meter_(new QProgressBar),
      remark_(new QLabel) {
  plays_->setObjectName("plays");
  players_->setToolTipsVisible(true);
  for (const Player& p : players())
    plays_->offer(player_, words::said(p.name), words::plain(p.id), players_)
        ->setToolTip(words::said(p.text));
  player_.actions().front()->setChecked(true);
  others_->menuAction()->setToolTip(
      tr("Another student who plays too: the take is kept with both. Of two with a microphone "
         "each, theirs is the left channel."));
  calibrate_->setObjectName("calibrate");
  calibrate_->setToolTip(
      tr("Plays eight clicks and hears how late they come back: from then on timing is judged against the "
         "click itself. Let the microphone hear the loudspeaker."));
  open_->setToolTip(tipOf("open"));
  meter_->setRange(-60, 0);
  meter_->setObjectName("meter");
  meter_->setTextVisible(false);
  meter_->setFixedHeight(2 * style::kStep);
  meter_->setAccessibleName(tr("Input level"));
  remark_->setObjectName("caption");
  remark_->setWordWrap(true);
  remark_->setAlignment(Qt::AlignTop);
  remark_->setMinimumHeight(7 * style::kStep);
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addWidget(besideCaption(tr("Plays"), plays_));
  layout->addWidget(meter_);
  layout->addWidget(remark_);
  connect(plays_, &MenuField::chosen, this, &SourceBox::choose);
  connect(&parts_.lesson, &Lesson::stepChanged, this, &SourceBox::fill);
  connect(&parts_.request, &RequestEditor::optionsChanged, this, &SourceBox::fill);
  connect(&parts_.book, &StudentBook::studentChanged, this, &SourceBox::fill);
  connect(&parts_.book, &StudentBook::studentsChanged, this, &SourceBox::fill);
  connect(calibrate_, &QAction::triggered, &parts_.session, &Session::calibrate);
  connect(open_, &QAction::triggered, this, &SourceBox::filesWanted);
  connect(heard_, &QAction::triggered, this, &SourceBox::askWhetherHeard);
  SoundSetup& setup = parts_.setup;
  connect(&setup, &SoundSetup::inputsChanged, this, &SourceBox::fill);
  connect(&setup, &SoundSetup::inputChosen, this, &SourceBox::refresh);
  TakeRun& run = parts_.run;
  connect(&run, &TakeRun::inputQuiet, this, &SourceBox::showQuiet);
  connect(&run, &TakeRun::inputChanged, this, &SourceBox::showInput);
  connect(&run, &TakeRun::phaseChanged, this, &SourceBox::refresh);
  fill();
}

void SourceBox::askWhetherHeard() { (new HeardDialog(parts_, window()))->open(); }

void SourceBox::choose(const QString& kind, const QVariant& data) {
  if (kind == source_.objectName()) parts_.setup.choose(data.toString().toStdString());
  if (kind == player_.objectName())
    for (const auto& standIn : parts_.setup.standIns())
      standIn->setPlayer(*findPlayer(data.toString().toStdString()));
  if (kind == other_.objectName())
    parts_.request.editOptions([&](TakeOptions& o) { o.other = data.toLongLong(); });
  refresh();
}

/// Everybody but the one who is here.
void SourceBox::fillOthers() {
  qDeleteAll(other_.actions());
  others_->clear();
  const Student* here = parts_.book.chosen();
  plays_->offer(other_, tr("with nobody else"), qlonglong{0}, others_);
  for (const Student& student : parts_.book.students())
    if (!here || student.id != here->id)
      plays_->offer(other_, tr("with %1").arg(words::plain(student.name)), static_cast<qlonglong>(student.id),
                    others_);
  QAction* chosen = choiceOf(other_, static_cast<qlonglong>(parts_.request.options().other));
  (chosen ? chosen : other_.actions().front())->setChecked(true);
  others_->menuAction()->setVisible(parts_.lesson.current()->pair.has_value() && other_.actions().size() > 1);
}

void SourceBox::fill() {
  qDeleteAll(source_.actions());
  QMenu* menu = plays_->menu();
  menu->clear();
  for (const auto& input : parts_.setup.inputs())
    plays_->offer(source_, input->name(), words::plain(input->id()));
  menu->addSeparator();
  menu->addMenu(players_);
  menu->addMenu(others_);
  menu->addSeparator();
  for (QAction* seldom : {open_, heard_, calibrate_, mirror_}) menu->addAction(seldom);
  fillOthers();
  refresh();
}

/// Who plays, as it stands on the field.
QString SourceBox::whoPlays() const {
  const Input& chosen = parts_.setup.chosen();
  QString who = chosen.playsForATake() && player_.checkedAction()
                    ? tr("Stand-in · %1").arg(player_.checkedAction()->text())
                    : chosen.name();
  if (others_->menuAction()->isVisible() && other_.checkedAction()->data().toLongLong() != 0)
    who += QStringLiteral(" · ") + other_.checkedAction()->text();
  return who;
}

void SourceBox::refresh() {
  const Input& chosen = parts_.setup.chosen();
  if (QAction* source = choiceOf(source_, words::plain(chosen.id()))) source->setChecked(true);
  players_->menuAction()->setVisible(chosen.playsForATake());
  calibrate_->setVisible(!chosen.playsForATake() && !parts_.readOnly);
  plays_->say(whoPlays());
  plays_->setEnabled(parts_.session.allowed().choose);
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
  const QString remark = plays ? QString() : words::remarkOn(state);
  remark_->setText(!remark.isEmpty() || plays ? remark : timing());
}

}  // namespace calando
