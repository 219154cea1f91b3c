#include "app/main_window.h"

#include <QAudioDevice>
#include <QMediaDevices>

#include "app/figures_view.h"
#include "app/lesson_view.h"
#include "app/main_window_parts.h"
#include "app/note_names.h"
#include "app/ribbon_painter.h"
#include "app/ribbon_view.h"
#include "app/staff_view.h"

namespace calando {

namespace {

/// Asks for a student's name, instrument and range. Nullopt when cancelled.
std::optional<Student> askForStudent(QWidget* parent, const Student& start, const QString& title) {
  QDialog dialog(parent);
  dialog.setWindowTitle(title);
  auto* form = new QFormLayout(&dialog);
  auto* name = new QLineEdit(q(start.name));
  name->setObjectName("studentName");
  name->setPlaceholderText(MainWindow::tr("Name"));
  auto* instrument = new QComboBox;
  instrument->setObjectName("studentInstrument");
  for (const Instrument& i : instruments()) instrument->addItem(q(i.name), q(i.id));
  instrument->setCurrentIndex(std::max(0, instrument->findData(q(start.instrument))));
  form->addRow(MainWindow::tr("Name"), name);
  form->addRow(MainWindow::tr("Instrument"), instrument);
  const auto chosen = [=] { return findInstrument(instrument->currentData().toString().toStdString()); };
  const auto noteField = [&](const char* objectName, const std::optional<int>& note, const QString& tip) {
    auto* field = new QLineEdit(note ? shownNote(*note, chosen()->spelling) : QString());
    field->setObjectName(objectName);
    field->setToolTip(tip);
    return field;
  };
  auto* lowest = noteField("studentLowest", start.range.lowest,
                           MainWindow::tr("Written. Exercises leave out what is lower."));
  auto* highest = noteField("studentHighest", start.range.highest,
                            MainWindow::tr("Written. Exercises leave out what is higher."));
  form->addRow(MainWindow::tr("Lowest note"), lowest);
  form->addRow(MainWindow::tr("Highest note"), highest);
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
  form->addRow(buttons);
  QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
  QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
  const auto range = [=] { return NoteRange{typedNote(lowest->text()), typedNote(highest->text())}; };
  const auto allow = [=] {
    const NoteRange r = range();
    const bool read = lowest->text().trimmed().isEmpty() != r.lowest.has_value() &&
                      highest->text().trimmed().isEmpty() != r.highest.has_value();
    const bool inOrder = !r.lowest || !r.highest || *r.lowest <= *r.highest;
    buttons->button(QDialogButtonBox::Ok)->setEnabled(!name->text().trimmed().isEmpty() && read && inOrder);
    // An end that is left empty is the instrument's own.
    const Instrument& i = *chosen();
    lowest->setPlaceholderText(shownNote(i.writtenOf(i.lowest), i.spelling));
    highest->setPlaceholderText(shownNote(i.writtenOf(i.highest), i.spelling));
  };
  for (const QLineEdit* field : {name, lowest, highest})
    QObject::connect(field, &QLineEdit::textChanged, &dialog, allow);
  QObject::connect(instrument, &QComboBox::currentIndexChanged, &dialog, allow);
  allow();
  if (dialog.exec() != QDialog::Accepted) return std::nullopt;
  return Student{start.id, name->text().trimmed().toStdString(),
                 instrument->currentData().toString().toStdString(), range()};
}

}  // namespace

MainWindow::MainWindow(Studio studio, QWidget* parent) : QMainWindow(parent), studio_(std::move(studio)) {
  setWindowTitle(tr("Calando"));
  setAcceptDrops(true);
  resize(1280, 800);
  setMinimumSize(1000, 660);
  devices_ = new QMediaDevices(this);
  const int names = static_cast<int>(numberSetting("note_names").value_or(0.0));
  setNoteLanguage(static_cast<NoteLanguage>(std::clamp(names, 0, 2)));

  ribbon_ = new RibbonView;
  ribbon_->setObjectName("ribbon");
  messages_ = new MessageBar;

  auto* middle = new QVBoxLayout;
  middle->addWidget(messages_);
  middle->addWidget(ribbon_, 1);
  auto* body = new QHBoxLayout;
  body->setSpacing(10);
  body->addWidget(buildLeft());
  body->addLayout(middle, 1);
  body->addWidget(buildRight());
  auto* all = new QVBoxLayout;
  all->setContentsMargins(10, 8, 10, 8);
  all->setSpacing(8);
  all->addWidget(buildHead());
  all->addLayout(body, 1);
  all->addWidget(buildShelf());
  auto* central = new QWidget;
  central->setLayout(all);
  setCentralWidget(central);
  buildKeys();

  connect(&live_, &LiveTake::inputChanged, this, &MainWindow::showInput);
  connect(&live_, &LiveTake::grew, this, [this](const TakePicturePtr& picture, double held) {
    if (!taking()) return;
    ribbon_->setPicture(picture);
    ribbon_->setHeld(held);
  });
  connect(&live_, &LiveTake::autoStop, this, [this] {
    if (taking()) stopTake();
  });
  connect(&live_, &LiveTake::recordingFailed, this, [this](const QString& why) {
    sayLoss(
        tr("Recording to disk has stopped: %1. What was recorded so far is safe, the rest of this take is "
           "in memory. Stop the take when it is done: then it can be saved elsewhere.")
            .arg(why));
  });
  connect(&live_, &LiveTake::sourceEnded, this, [this] {
    endCalibration();
    if (taking()) stopTake();
    live_.quiet();
    sayLoss(
        tr("No more sound comes from the microphone. What was played until then is kept; plug it in again or "
           "choose "
           "another source."));
  });
  connect(&player_, &SoundPlayer::moved, this, [this](double t) {
    if (!calibration_) ribbon_->setCursor(t);
  });
  connect(&player_, &SoundPlayer::moved, this, &MainWindow::placeCount);
  calibrationEnd_.setSingleShot(true);
  calibrationEnd_.setTimerType(Qt::PreciseTimer);
  connect(&calibrationEnd_, &QTimer::timeout, this, &MainWindow::finishCalibration);
  connect(&player_, &SoundPlayer::stopped, this, [this] { play_->setText(tr("Play")); });
  connect(ribbon_, &RibbonView::placeChosen, this, [this](double t) { ribbon_->setCursor(t); });
  connect(devices_, &QMediaDevices::audioInputsChanged, this, &MainWindow::fillSources);
  connect(&importing_, &Importing::takenIn, this, &MainWindow::takenIn);
  connect(&importing_, &Importing::moved, this, &MainWindow::showImporting);
  connect(&importing_, &Importing::finished, this, &MainWindow::importingFinished);

  fillSources();
  applyOutput();
  loadOwnCards();
  loadStudents();
  studentList_->setFocus();
  if (studio_.readOnly())
    say(
        tr("Another Calando window has this studio open. Here it can be looked at, but nothing is changed or "
           "recorded."));
  else
    QTimer::singleShot(0, this, &MainWindow::offerStrays);
  for (const std::string& remark : studio_.remarks()) sayLoss(q(remark));
  noteWriter_.schedule();
  qApp->installEventFilter(this);
}

MainWindow::~MainWindow() { qApp->removeEventFilter(this); }

bool MainWindow::idle() const {
  return analyst_.idle() && !importing_.running() && unsummarised_.empty() && !live_.running();
}

/// Single keys work wherever the focus is, but for fields in which they are text.
bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::KeyPress || QApplication::activeModalWidget() ||
      QApplication::activePopupWidget())
    return QMainWindow::eventFilter(watched, event);
  auto* widget = qobject_cast<QWidget*>(watched);
  if (!widget || widget->window() != this) return QMainWindow::eventFilter(watched, event);
  auto* keyEvent = static_cast<QKeyEvent*>(event);
  if (keyEvent->key() == Qt::Key_C && keyEvent->modifiers() == Qt::ShiftModifier &&
      !qobject_cast<QLineEdit*>(widget) && !live_.running()) {
    compare(true);
    return true;
  }
  if (keyEvent->isAutoRepeat() || keyEvent->modifiers() != Qt::NoModifier)
    return QMainWindow::eventFilter(watched, event);
  const bool typing = qobject_cast<QLineEdit*>(widget) || qobject_cast<QAbstractSpinBox*>(widget);
  if (keyEvent->key() == Qt::Key_Space && widget != remark_ && !qobject_cast<QToolButton*>(widget)) {
    toggleTake();
    return true;
  }
  if (typing) return QMainWindow::eventFilter(watched, event);
  switch (keyEvent->key()) {
    case Qt::Key_P:
      playOrStop();
      return true;
    case Qt::Key_E:
      earsFirst_->toggle();
      return true;
    case Qt::Key_N:
      if (!live_.running()) lesson_->next();
      return true;
    case Qt::Key_C:
      if (!live_.running()) compare(false);
      return true;
    case Qt::Key_T:
      if (readoutRow_->isVisible())
        readoutChoice_->button((readouts_->currentIndex() + 1) % readouts_->count())->click();
      return true;
    case Qt::Key_1:
    case Qt::Key_2:
    case Qt::Key_3:
    case Qt::Key_4:
      setWord(keyEvent->key() - Qt::Key_0);
      return true;
    case Qt::Key_5:
    case Qt::Key_6:
    case Qt::Key_7:
    case Qt::Key_8:
      setAttention(keyEvent->key() - Qt::Key_4);
      return true;
    case Qt::Key_J:
    case Qt::Key_K:
    case Qt::Key_L:
      setComfort(keyEvent->key() - Qt::Key_J + 1);
      return true;
    case Qt::Key_Y:
      if (tried_->isEnabled()) setTried();
      return true;
    case Qt::Key_M:
      setModel();
      return true;
    case Qt::Key_Delete:
      if (watched == shelf_) {
        deleteTake();
        return true;
      }
      break;
    default:
      break;
  }
  return QMainWindow::eventFilter(watched, event);
}

void MainWindow::say(const QString& text, const QString& action, std::function<void()> act) {
  messages_->say(text, MessageBar::Weight::light, action, std::move(act));
}

void MainWindow::sayLoss(const QString& text, const QString& action, std::function<void()> act) {
  messages_->say(text, MessageBar::Weight::loss, action, std::move(act));
}

bool MainWindow::worked(const Studio::Result<void>& result) {
  if (!result) sayLoss(q(result.error()));
  return result.has_value();
}

void MainWindow::fillSources() {
  const QString chosen = source_->currentData().toString();
  loading_ = true;
  source_->clear();
  source_->addItem(tr("Stand-in player"), kStandIn);
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    source_->addItem(device.description(), QString::fromUtf8(device.id()));
  const auto kept = studio_.setting("source");
  const QString wanted = !chosen.isEmpty()      ? chosen
                         : kept && *kept        ? q(**kept)
                         : source_->count() > 1 ? source_->itemData(1).toString()
                                                : kStandIn;
  source_->setCurrentIndex(std::max(0, source_->findData(wanted)));
  loading_ = false;
  if (!chosen.isEmpty() && source_->currentData().toString() != chosen) {
    endCalibration();
    if (taking()) stopTake();
    sayLoss(tr("The microphone was unplugged. What was played until then is kept."));
  }
  sourceChosen();
}

void MainWindow::sourceChosen() {
  if (loading_ || live_.running()) return;
  const QString id = source_->currentData().toString();
  playerProfile_->setVisible(id == kStandIn);
  calibrate_->setVisible(id != kStandIn && !studio_.readOnly());
  if (!studio_.readOnly()) (void)studio_.keepSetting("source", id.toStdString());
  live_.quiet();
  showNoInput();
  updateTiming();
  if (id == kStandIn) return;
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    if (QString::fromUtf8(device.id()) == id) live_.listen(deviceSource(device));
}

void MainWindow::showNoInput() {
  meter_->setValue(meter_->minimum());
  inputRemark_->setText(source_->currentData().toString() == kStandIn
                            ? tr("Plays by itself when the take starts.")
                            : QString());
}

void MainWindow::showInput(const InputState& state) {
  if (!live_.listening()) return;  // on its way when the source went quiet
  meter_->setValue(static_cast<int>(std::clamp(state.level_dbfs, -60.0, 0.0)));
  // What is said of a microphone is not true of the stand-in.
  const bool standIn = source_->currentData().toString() == kStandIn;
  switch (standIn ? InputState::Remark::none : state.remark) {
    case InputState::Remark::none:
      inputRemark_->setText(tr("Level %1 dBFS").arg(signedFigure(state.level_dbfs)) +
                            (standIn ? QString() : timing_));
      break;
    case InputState::Remark::silent:
      inputRemark_->setText(tr("Silent: is the microphone switched on?"));
      break;
    case InputState::Remark::soft:
      inputRemark_->setText(tr("Very soft: move the microphone closer or raise its gain."));
      break;
    case InputState::Remark::clipping:
      inputRemark_->setText(tr("Too loud, it clips: lower the gain or move away."));
      break;
    case InputState::Remark::gated:
      inputRemark_->setText(
          tr("Something switches quiet sound off. Turn the desktop’s noise suppression off, or breath and "
             "endings are lost."));
      break;
    case InputState::Remark::levelled:
      inputRemark_->setText(tr(
          "Something raises the level by itself after each tone. Turn automatic gain off: loudness cannot be "
          "trusted."));
      break;
    case InputState::Remark::lost:
      inputRemark_->setText(
          tr("%1 blocks of sound were lost: the computer is too busy.").arg(state.droppedBlocks));
      break;
  }
}

const Student* MainWindow::student() const {
  const int row = studentList_->currentRow();
  return row < 0 || row >= static_cast<int>(students_.size()) ? nullptr
                                                              : &students_[static_cast<std::size_t>(row)];
}

void MainWindow::loadStudents(std::optional<std::int64_t> select) {
  auto list = studio_.students();
  if (!list) {
    sayLoss(q(list.error()));
    return;
  }
  loading_ = true;
  students_ = std::move(*list);
  studentList_->clear();
  int row = students_.empty() ? -1 : 0;
  for (std::size_t i = 0; i < students_.size(); ++i) {
    const Instrument* instrument = findInstrument(students_[i].instrument);
    auto* item = new QListWidgetItem(q(students_[i].name));
    item->setToolTip(instrument ? q(instrument->name) : QString());
    studentList_->addItem(item);
    if (select == students_[i].id) row = static_cast<int>(i);
  }
  studentList_->setCurrentRow(row);
  loading_ = false;
  studentChosen();
}

void MainWindow::studentChosen() {
  if (loading_) return;
  player_.stop();
  clearShown();
  messages_->clear();
  for (const auto ticket : std::exchange(comparing_, {})) analyst_.forget(ticket);
  ribbons_.clear();
  cutShort_s_.clear();
  loadLesson();
  updateInstrument();
  AskedFor wanted;
  if (student()) wanted.instrument = student()->instrument;
  wanted.exercise = card()->id;
  loadShelf();
  if (takes_.empty()) showAsked(wanted);
  showFigures();
}

void MainWindow::updateInstrument() {
  const Instrument* instrument = student() ? findInstrument(student()->instrument) : nullptr;
  title_->setText(student() ? q(student()->name) : tr("No student yet"));
  QString text = tr("Add one to begin: Ctrl+N");
  if (instrument) {
    text = q(instrument->name);
    if (instrument->transposition != 0)
      text += tr("\nwritten %1 sounds %2")
                  .arg(shownPitchClass(0, instrument->spelling),
                       shownPitchClass(instrument->transposition, instrument->spelling));
  }
  instrument_->setText(text);
  QString caution;
  const ExercisePtr step = card();
  QString purpose = q(step->purpose);
  const auto school = studio_.setting("school");
  for (const auto& [name, text] : step->schools)
    if (!school || !*school || (*school)->empty() || **school == name) purpose += "\n" + q(text);
  for (const std::string& text : step->cautions) caution += "\n" + q(text);
  ribbon_->setEmptyText(
      student() ? q(step->title) : tr("Add the first student"),
      student() ? purpose + "\n\n" +
                      tr("Press Space to start. Or open a recording with Ctrl+O, or drop files here.") +
                      "\n" + caution
                : tr("Ctrl+N, or Add on the left. Every take belongs to a student;\neverything stays on this "
                     "computer."));
  staff_->setInstrument(instrument);
  updateActions();
}

/// The note asked for and the tonics, in the names that are in use.
void MainWindow::nameNotes() {
  const Instrument* instrument = student() ? findInstrument(student()->instrument) : nullptr;
  const std::optional<int> note = staff_->note();
  note_->setText(note ? shownNote(*note, instrument ? instrument->spelling : Spelling::flats) : QString());
  for (int i = 0; i < temperament_->count(); ++i)
    if (const int tonic = temperament_->itemData(i).toInt(); tonic >= 0)
      temperament_->setItemText(i, tr("just on %1").arg(shownPitchClass(tonic, Spelling::flats)));
}

void MainWindow::chooseNoteLanguage(NoteLanguage language) {
  setNoteLanguage(language);
  worked(studio_.keepSetting("note_names", std::to_string(static_cast<int>(language))));
  nameNotes();
  updateInstrument();
  showFigures();
  update();
}

void MainWindow::editStudent(bool fresh) {
  if (studio_.readOnly() || (!fresh && !student())) return;
  const auto edited = askForStudent(this, fresh ? Student{} : *student(),
                                    fresh ? tr("Add a student") : tr("Edit the student"));
  if (!edited) return;
  std::int64_t id = edited->id;
  if (fresh) {
    const auto added = studio_.addStudent(edited->name, edited->instrument, edited->range);
    if (!added) return sayLoss(q(added.error()));
    id = added->id;
  } else if (!worked(studio_.changeStudent(*edited))) {
    return;
  }
  noteWriter_.schedule();
  loadStudents(id);
}

void MainWindow::eraseStudent() {
  if (!student() || studio_.readOnly()) return;
  const Student gone = *student();
  QMessageBox box(
      QMessageBox::NoIcon, tr("Erase the student"),
      tr("Erase %1? Takes: %2. The recordings, figures and notes are removed from this computer and "
         "cannot be brought back.")
          .arg(q(gone.name), QString::number(takes_.size())),
      QMessageBox::Yes | QMessageBox::Cancel, this);
  box.setTextFormat(Qt::PlainText);
  box.setDefaultButton(QMessageBox::Cancel);
  if (box.exec() != QMessageBox::Yes) return;
  player_.stop();
  clearShown();
  importing_.cancel(gone.id);
  unsummarised_.clear();
  noteWriter_.hold();  // or a file that is gone comes back with a new note
  worked(studio_.eraseStudent(gone.id));
  noteWriter_.schedule();
  loadStudents();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
  QStringList files;
  for (const QUrl& url : event->mimeData()->urls())
    if (url.isLocalFile()) files << url.toLocalFile();
  openFiles(files);
}

/// Asks what is to become of what is still being taken in; takes that were played are always waited for.
bool MainWindow::mayClose() {
  if (importing_.running() && !closing_) {
    QMessageBox box(
        QMessageBox::NoIcon, tr("Recordings are being taken in"),
        tr("Of %1 recordings %2 are taken in. The others stay where they are and can be opened again.")
            .arg(QString::number(importing_.total()), QString::number(importing_.done())),
        QMessageBox::NoButton, this);
    auto* wait = box.addButton(tr("Take them in, then close"), QMessageBox::AcceptRole);
    wait->setObjectName("closeWait");
    auto* leave = box.addButton(tr("Leave them out"), QMessageBox::DestructiveRole);
    leave->setObjectName("closeLeave");
    box.addButton(tr("Do not close"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() == leave)
      importing_.cancel();
    else if (box.clickedButton() != wait)
      return false;
  }
  closing_ = importing_.running() || keeping_ > 0;
  return !closing_;
}

void MainWindow::closeEvent(QCloseEvent* event) {
  keepRemark();
  if (!mayClose()) return event->ignore();
  // A take that is sounding stays in recording/ and is offered at the next start.
  live_.quiet();
  player_.stop();
  constexpr int kNotes_ms = 1500;
  noteWriter_.finish(kNotes_ms);
  if (!studio_.readOnly()) (void)studio_.removeDeleted();
  event->accept();
}

}  // namespace calando
