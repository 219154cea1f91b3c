#include "app/main_window.h"

#include <QAudioDevice>
#include <QMediaDevices>
#include <nlohmann/json.hpp>

#include "app/figures_view.h"
#include "app/help.h"
#include "app/ribbon_painter.h"
#include "app/ribbon_view.h"
#include "app/staff_view.h"
#include "app/style.h"
#include "app/take_export.h"
#include "core/exercise/judging.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"

namespace calando {

namespace {

constexpr QSize kThumbnail(168, 56);
constexpr int kTakeId = Qt::UserRole;
const QString kStandIn = QStringLiteral("stand-in");

QString q(const std::string& text) { return QString::fromStdString(text); }

QByteArray pngOf(const QImage& image) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return bytes;
}

/// Asks for a student's name and instrument. Nullopt when cancelled.
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
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
  form->addRow(buttons);
  QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
  QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
  const auto allow = [=] {
    buttons->button(QDialogButtonBox::Ok)->setEnabled(!name->text().trimmed().isEmpty());
  };
  QObject::connect(name, &QLineEdit::textChanged, &dialog, allow);
  allow();
  if (dialog.exec() != QDialog::Accepted) return std::nullopt;
  return Student{start.id, name->text().trimmed().toStdString(),
                 instrument->currentData().toString().toStdString()};
}

}  // namespace

MainWindow::MainWindow(Studio studio, QWidget* parent) : QMainWindow(parent), studio_(std::move(studio)) {
  setWindowTitle(tr("Calando"));
  setAcceptDrops(true);
  resize(1280, 800);
  setMinimumSize(1000, 660);
  devices_ = new QMediaDevices(this);

  ribbon_ = new RibbonView;
  ribbon_->setObjectName("ribbon");
  message_ = new QLabel;
  message_->setObjectName("message");
  message_->setWordWrap(true);
  messageButton_ = new QPushButton;
  messageButton_->setObjectName("messageButton");
  auto* messageRow = new QHBoxLayout;
  messageRow->addWidget(message_, 1);
  messageRow->addWidget(messageButton_);
  message_->hide();
  messageButton_->hide();

  auto* middle = new QVBoxLayout;
  middle->addLayout(messageRow);
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
    if (!live_.running()) return;
    ribbon_->setPicture(picture);
    ribbon_->setHeld(held);
  });
  connect(&live_, &LiveTake::autoStop, this, [this] {
    if (live_.running()) stopTake();
  });
  connect(&live_, &LiveTake::recordingFailed, this, [this] {
    say(
        tr("The disk is full or gone: what was recorded so far is safe, the rest of this take is only in "
           "memory. Stop the take and make room."));
  });
  connect(&player_, &SoundPlayer::moved, this, [this](double t) { ribbon_->setCursor(t); });
  connect(&player_, &SoundPlayer::stopped, this, [this] { play_->setText(tr("Play")); });
  connect(ribbon_, &RibbonView::placeChosen, this, [this](double t) { ribbon_->setCursor(t); });
  connect(devices_, &QMediaDevices::audioInputsChanged, this, &MainWindow::fillSources);

  fillSources();
  loadStudents();
  studentList_->setFocus();
  if (studio_.readOnly())
    say(
        tr("Another Calando window has this studio open. Here it can be looked at, but nothing is changed or "
           "recorded."));
  else
    QTimer::singleShot(0, this, &MainWindow::offerLeftovers);
  qApp->installEventFilter(this);
}

MainWindow::~MainWindow() {
  qApp->removeEventFilter(this);
  QThreadPool::globalInstance()->waitForDone();
}

bool MainWindow::idle() const { return jobs_ == 0 && unsummarised_.empty() && !live_.running(); }

QWidget* MainWindow::captioned(const QString& caption, QWidget* field) {
  auto* box = new QWidget;
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(2);
  auto* label = new QLabel(caption);
  label->setObjectName("caption");
  label->setBuddy(field);
  field->setAccessibleName(caption);
  layout->addWidget(label);
  layout->addWidget(field);
  return box;
}

QWidget* MainWindow::buildHead() {
  title_ = new QLabel;
  title_->setObjectName("title");
  instrument_ = new QLabel;
  instrument_->setObjectName("caption");
  auto* names = new QVBoxLayout;
  names->addStretch();
  names->addWidget(title_);
  names->addWidget(instrument_);
  names->addStretch();
  auto* who = new QWidget;
  who->setLayout(names);
  who->setFixedWidth(196);

  staff_ = new StaffView;
  staff_->setObjectName("staff");
  note_ = new QLineEdit;
  note_->setObjectName("note");
  note_->setPlaceholderText(tr("free"));
  note_->setFixedWidth(72);
  note_->setToolTip(tr("The written note asked for, such as Bb4 or F#3; empty for any note."));
  seconds_ = new QDoubleSpinBox;
  seconds_->setObjectName("seconds");
  seconds_->setRange(1, 60);
  seconds_->setDecimals(0);
  seconds_->setSuffix(tr(" s"));
  seconds_->setToolTip(tr("How long the tone should last."));
  level_ = new QComboBox;
  level_->setObjectName("level");
  for (const Level& l : levels()) level_->addItem(q(l.label), q(l.id));
  level_->setToolTip(tr("How narrow the targets are."));
  a4_ = new QDoubleSpinBox;
  a4_->setObjectName("a4");
  a4_->setRange(415, 466);
  a4_->setDecimals(1);
  a4_->setSuffix(tr(" Hz"));
  temperament_ = new QComboBox;
  temperament_->setObjectName("temperament");
  temperament_->addItem(tr("equal"), -1);
  for (int pc = 0; pc < 12; ++pc) {
    std::string name = displayName(60 + pc, Spelling::flats);
    name.pop_back();
    temperament_->addItem(tr("just on %1").arg(q(name)), pc);
  }
  record_ = new QPushButton(tr("Start  ·  Space"));
  record_->setObjectName("record");
  record_->setCheckable(true);
  record_->setFocusPolicy(Qt::NoFocus);
  record_->setAccessibleName(tr("Start or stop a take"));
  autoStop_ = new QToolButton;
  autoStop_->setText(tr("Stop after the tone"));
  autoStop_->setToolTip(tr("End the take by itself one second after the tone has ended."));
  autoStop_->setObjectName("autoStop");
  autoStop_->setCheckable(true);
  autoStop_->setChecked(true);
  earsFirst_ = new QToolButton;
  earsFirst_->setText(tr("Ears first"));
  earsFirst_->setToolTip(tr("Hide the trace while playing; E shows and hides it."));
  earsFirst_->setObjectName("earsFirst");
  earsFirst_->setCheckable(true);

  connect(staff_, &StaffView::notePicked, this, [this](std::optional<int> note) {
    const Instrument* instrument = student() ? findInstrument(student()->instrument) : nullptr;
    note_->setText(note ? q(noteName(*note, instrument ? instrument->spelling : Spelling::flats))
                        : QString());
    askedChanged();
  });
  connect(note_, &QLineEdit::editingFinished, this, [this] {
    const QString text = note_->text().trimmed();
    const auto note = parseNote(text.toStdString());
    if (!text.isEmpty() && !note) {
      say(tr("“%1” is no note. Write it like Bb4 or F#3, or leave it empty for any note.").arg(text));
      return;
    }
    if (note == staff_->note()) return;
    staff_->setNote(note);
    askedChanged();
  });
  connect(seconds_, &QDoubleSpinBox::valueChanged, this, &MainWindow::askedChanged);
  connect(level_, &QComboBox::currentIndexChanged, this, &MainWindow::askedChanged);
  connect(a4_, &QDoubleSpinBox::valueChanged, this, &MainWindow::askedChanged);
  connect(temperament_, &QComboBox::currentIndexChanged, this, &MainWindow::askedChanged);
  connect(record_, &QPushButton::clicked, this, &MainWindow::toggleTake);
  connect(earsFirst_, &QToolButton::toggled, this, &MainWindow::setEarsFirst);

  auto* fields = new QGridLayout;
  fields->setHorizontalSpacing(8);
  fields->setVerticalSpacing(4);
  fields->addWidget(captioned(tr("Written note"), note_), 0, 0);
  fields->addWidget(captioned(tr("Hold"), seconds_), 0, 1);
  fields->addWidget(captioned(tr("Targets"), level_), 0, 2);
  fields->addWidget(captioned(tr("A4"), a4_), 0, 3);
  fields->addWidget(captioned(tr("Temperament"), temperament_), 0, 4);
  auto* switches = new QHBoxLayout;
  switches->addWidget(autoStop_);
  switches->addWidget(earsFirst_);
  switches->addStretch();
  fields->addLayout(switches, 1, 0, 1, 5);

  auto* head = new QWidget;
  auto* row = new QHBoxLayout(head);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(12);
  row->addWidget(who);
  row->addWidget(staff_);
  row->addLayout(fields);
  row->addStretch(1);
  record_->setMinimumSize(170, 56);
  row->addWidget(record_);
  return head;
}

QWidget* MainWindow::buildLeft() {
  studentList_ = new QListWidget;
  studentList_->setObjectName("students");
  studentList_->setAccessibleName(tr("Students"));
  connect(studentList_, &QListWidget::currentRowChanged, this, &MainWindow::studentChosen);
  auto* add = new QPushButton(tr("Add"));
  add->setObjectName("addStudent");
  add->setToolTip(tr("Add a student (Ctrl+N)"));
  editStudent_ = new QPushButton(tr("Edit"));
  eraseStudent_ = new QPushButton(tr("Erase"));
  editStudent_->setToolTip(tr("Change the student’s name or instrument"));
  eraseStudent_->setToolTip(tr("Erase the student with all takes"));
  connect(add, &QPushButton::clicked, this, [this] { editStudent(true); });
  connect(editStudent_, &QPushButton::clicked, this, [this] { editStudent(false); });
  connect(eraseStudent_, &QPushButton::clicked, this, &MainWindow::eraseStudent);
  auto* buttons = new QHBoxLayout;
  buttons->setSpacing(4);
  for (QPushButton* b : {add, editStudent_, eraseStudent_}) {
    b->setMinimumWidth(0);
    b->setStyleSheet("padding: 4px 6px;");
    buttons->addWidget(b);
  }

  source_ = new QComboBox;
  source_->setObjectName("source");
  source_->setMinimumWidth(0);
  source_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
  playerProfile_ = new QComboBox;
  playerProfile_->setObjectName("player");
  playerProfile_->setAccessibleName(tr("Way of playing of the stand-in"));
  for (const Player& p : players()) {
    playerProfile_->addItem(q(p.name), q(p.id));
    playerProfile_->setItemData(playerProfile_->count() - 1, q(p.text), Qt::ToolTipRole);
  }
  meter_ = new QProgressBar;
  meter_->setRange(-60, 0);
  meter_->setValue(-60);
  meter_->setTextVisible(false);
  meter_->setFixedHeight(12);
  meter_->setAccessibleName(tr("Input level"));
  inputRemark_ = new QLabel;
  inputRemark_->setObjectName("caption");
  inputRemark_->setWordWrap(true);
  inputRemark_->setMinimumHeight(44);
  inputRemark_->setAlignment(Qt::AlignTop);
  connect(source_, &QComboBox::currentIndexChanged, this, &MainWindow::sourceChosen);

  auto* open = new QPushButton(tr("Open recordings…"));
  open->setToolTip(tr("Open sound files as takes (Ctrl+O); they can also be dropped on the window."));
  connect(open, &QPushButton::clicked, this, [this] {
    openFiles(QFileDialog::getOpenFileNames(
        this, tr("Open recordings"), {},
        tr("Sound files (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;All files (*)")));
  });

  auto* left = new QWidget;
  left->setFixedWidth(196);
  auto* layout = new QVBoxLayout(left);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(studentList_, 1);
  layout->addLayout(buttons);
  layout->addSpacing(6);
  layout->addWidget(captioned(tr("Source of sound"), source_));
  layout->addWidget(playerProfile_);
  layout->addWidget(meter_);
  layout->addWidget(inputRemark_);
  layout->addWidget(open);
  return left;
}

QWidget* MainWindow::buildRight() {
  figures_ = new FiguresView;
  figures_->setObjectName("figures");
  advice_ = new QLabel;
  advice_->setObjectName("advice");
  advice_->setWordWrap(true);
  advice_->setAccessibleName(tr("One thing to try"));
  why_ = new QLabel;
  why_->setObjectName("why");
  why_->setWordWrap(true);
  auto* card = new QFrame;
  card->setStyleSheet(
      "QFrame#card { background: #FCFAF5; border: 1px solid #D8D2C4; border-left: 4px solid #84305F; "
      "border-radius: 4px; }");
  card->setObjectName("card");
  auto* cardLayout = new QVBoxLayout(card);
  cardLayout->setContentsMargins(12, 8, 10, 8);
  cardLayout->addWidget(advice_);
  cardLayout->addWidget(why_);

  words_ = new QButtonGroup(this);
  words_->setExclusive(false);
  auto* wordRow = new QHBoxLayout;
  wordRow->setSpacing(4);
  const std::pair<QString, QString> words[] = {
      {tr("Accept"), tr("Good as it is, whatever the figures say (1)")},
      {tr("Invalid"), tr("An invalid try: let go too early, wrong fingering, noise. It does not count (2)")},
      {tr("Not yet"), tr("The sound did not come yet: normal, no blame (3)")},
      {tr("Veto"), tr("Good figures got by bad means (4)")}};
  for (int i = 0; i < 4; ++i) {
    auto* b = new QToolButton;
    b->setText(words[i].first);
    b->setToolTip(words[i].second);
    b->setCheckable(true);
    b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    words_->addButton(b, i + 1);
    wordRow->addWidget(b);
  }
  connect(words_, &QButtonGroup::idClicked, this, &MainWindow::setWord);
  remark_ = new QLineEdit;
  remark_->setObjectName("remark");
  remark_->setPlaceholderText(tr("A note on this take"));
  remark_->setAccessibleName(tr("A note on this take"));
  connect(remark_, &QLineEdit::editingFinished, this, &MainWindow::keepRemark);
  play_ = new QPushButton(tr("Play"));
  play_->setToolTip(tr("Play from the cursor, or the marked part as a loop (P)"));
  export_ = new QPushButton(tr("Export…"));
  export_->setToolTip(tr("As WAV, FLAC, JSON, CSV, PNG or SVG (Ctrl+E)"));
  connect(play_, &QPushButton::clicked, this, &MainWindow::playOrStop);
  connect(export_, &QPushButton::clicked, this, &MainWindow::exportShown);
  auto* actions = new QHBoxLayout;
  actions->addWidget(play_);
  actions->addWidget(export_);

  auto* right = new QWidget;
  right->setFixedWidth(330);
  auto* layout = new QVBoxLayout(right);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(6);
  layout->addWidget(figures_, 1);
  layout->addWidget(card);
  layout->addLayout(wordRow);
  layout->addWidget(remark_);
  layout->addLayout(actions);
  return right;
}

QWidget* MainWindow::buildShelf() {
  shelf_ = new QListWidget;
  shelf_->setObjectName("shelf");
  shelf_->setAccessibleName(tr("Takes, newest first"));
  shelf_->setViewMode(QListView::IconMode);
  shelf_->setFlow(QListView::LeftToRight);
  shelf_->setWrapping(false);
  shelf_->setMovement(QListView::Static);
  shelf_->setIconSize(kThumbnail);
  shelf_->setSpacing(3);
  shelf_->setFixedHeight(108);
  shelf_->setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
  shelf_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  connect(shelf_, &QListWidget::currentRowChanged, this, &MainWindow::shelfChosen);
  return shelf_;
}

void MainWindow::buildKeys() {
  const auto key = [this](const QKeySequence& keys, auto act) {
    auto* shortcut = new QShortcut(keys, this);
    connect(shortcut, &QShortcut::activated, this, act);
  };
  key(Qt::Key_F1, [this] { showHelp(this); });
  key(QKeySequence::Open, [this] {
    openFiles(QFileDialog::getOpenFileNames(
        this, tr("Open recordings"), {},
        tr("Sound files (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;All files (*)")));
  });
  key(QKeySequence(Qt::CTRL | Qt::Key_N), [this] { editStudent(true); });
  key(QKeySequence(Qt::CTRL | Qt::Key_E), [this] { exportShown(); });
  key(QKeySequence::Undo, [this] { undoDelete(); });
  key(Qt::Key_PageUp, [this] { shelf_->setCurrentRow(std::max(0, shelf_->currentRow() - 1)); });
  key(Qt::Key_PageDown,
      [this] { shelf_->setCurrentRow(std::min(shelf_->count() - 1, shelf_->currentRow() + 1)); });
}

/// Single keys work wherever the focus is, but for fields in which they are text.
bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::KeyPress || QApplication::activeModalWidget() ||
      QApplication::activePopupWidget())
    return QMainWindow::eventFilter(watched, event);
  auto* widget = qobject_cast<QWidget*>(watched);
  if (!widget || widget->window() != this) return QMainWindow::eventFilter(watched, event);
  auto* keyEvent = static_cast<QKeyEvent*>(event);
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
    case Qt::Key_1:
    case Qt::Key_2:
    case Qt::Key_3:
    case Qt::Key_4:
      setWord(keyEvent->key() - Qt::Key_0);
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
  message_->setText(text);
  message_->setVisible(!text.isEmpty());
  messageButton_->setText(action);
  messageButton_->setVisible(!action.isEmpty());
  messageAction_ = std::move(act);
  messageButton_->disconnect();
  connect(messageButton_, &QPushButton::clicked, this, [this] {
    const auto wanted = messageAction_;
    say({});
    if (wanted) wanted();
  });
}

// --- Sources
// ------------------------------------------------------------------------------------------------------

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
    if (live_.running()) stopTake();
    say(tr("The microphone was unplugged. What was played until then is kept."));
  }
  sourceChosen();
}

void MainWindow::sourceChosen() {
  if (loading_ || live_.running()) return;
  const QString id = source_->currentData().toString();
  playerProfile_->setVisible(id == kStandIn);
  if (!studio_.readOnly()) (void)studio_.keepSetting("source", id.toStdString());
  live_.quiet();
  meter_->setValue(meter_->minimum());
  if (id == kStandIn) {
    inputRemark_->setText(tr("Plays by itself when the take starts."));
    return;
  }
  inputRemark_->clear();
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    if (QString::fromUtf8(device.id()) == id) live_.listen(deviceSource(device));
}

void MainWindow::showInput(const InputState& state) {
  meter_->setValue(static_cast<int>(std::clamp(state.level_dbfs, -60.0, 0.0)));
  switch (state.remark) {
    case InputState::Remark::none:
      inputRemark_->setText(tr("Level %1 dBFS").arg(signedFigure(state.level_dbfs)));
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
    case InputState::Remark::lost:
      inputRemark_->setText(
          tr("%1 blocks of sound were lost: the computer is too busy.").arg(state.droppedBlocks));
      break;
  }
}

// --- Students
// -----------------------------------------------------------------------------------------------------

const Student* MainWindow::student() const {
  const int row = studentList_->currentRow();
  return row < 0 || row >= static_cast<int>(students_.size()) ? nullptr
                                                              : &students_[static_cast<std::size_t>(row)];
}

void MainWindow::loadStudents(std::optional<std::int64_t> select) {
  auto list = studio_.students();
  if (!list) {
    say(q(list.error()));
    return;
  }
  loading_ = true;
  students_ = std::move(*list);
  studentList_->clear();
  int row = students_.empty() ? -1 : 0;
  for (std::size_t i = 0; i < students_.size(); ++i) {
    const Instrument* instrument = findInstrument(students_[i].instrument);
    studentList_->addItem(q(students_[i].name) + "\n" + (instrument ? q(instrument->name) : QString()));
    if (select == students_[i].id) row = static_cast<int>(i);
  }
  loading_ = false;
  studentList_->setCurrentRow(row);
  studentChosen();
}

void MainWindow::studentChosen() {
  if (loading_) return;
  player_.stop();
  shown_.reset();
  picture_.reset();
  ribbon_->setPicture(nullptr);
  updateInstrument();
  AskedFor wanted;
  if (student()) wanted.instrument = student()->instrument;
  loadShelf();
  if (!takes_.empty()) wanted = takes_.front().asked;
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
      text += tr("\nwritten C sounds %1").arg([&] {
        std::string name = displayName(60 + instrument->transposition, instrument->spelling);
        name.pop_back();
        return q(name);
      }());
  }
  instrument_->setText(text);
  ribbon_->setEmptyText(
      student() ? tr("No take yet") : tr("Add the first student"),
      student()
          ? tr("Press Space and play one long tone.\nOr open a recording with Ctrl+O, or drop files here.")
          : tr("Ctrl+N, or Add on the left. Every take belongs to a student;\neverything stays on this "
               "computer."));
  staff_->setInstrument(instrument);
  updateActions();
}

void MainWindow::editStudent(bool fresh) {
  if (studio_.readOnly() || (!fresh && !student())) return;
  const auto edited = askForStudent(this, fresh ? Student{} : *student(),
                                    fresh ? tr("Add a student") : tr("Edit the student"));
  if (!edited) return;
  std::int64_t id = edited->id;
  if (fresh) {
    const auto added = studio_.addStudent(edited->name, edited->instrument);
    if (!added) return say(q(added.error()));
    id = added->id;
  } else if (const auto changed = studio_.changeStudent(*edited); !changed) {
    return say(q(changed.error()));
  }
  loadStudents(id);
}

void MainWindow::eraseStudent() {
  if (!student() || studio_.readOnly()) return;
  const auto answer = QMessageBox::question(this, tr("Erase the student"),
                                            tr("Erase %1 with %n take(s)? The recordings, figures and notes "
                                               "are removed from this computer and cannot be brought back.",
                                               nullptr, static_cast<int>(takes_.size()))
                                                .arg(q(student()->name)),
                                            QMessageBox::Yes | QMessageBox::Cancel, QMessageBox::Cancel);
  if (answer != QMessageBox::Yes) return;
  player_.stop();
  unsummarised_.clear();
  if (const auto erased = studio_.eraseStudent(student()->id); !erased) return say(q(erased.error()));
  loadStudents();
}

// --- What is asked for
// --------------------------------------------------------------------------------------------

AskedFor MainWindow::asked() const {
  AskedFor a;
  a.instrument = student() ? student()->instrument : "";
  a.level = level_->currentData().toString().toStdString();
  a.note = staff_->note();
  a.seconds = seconds_->value();
  a.a4_hz = a4_->value();
  a.just = temperament_->currentData().toInt() >= 0;
  a.tonic = std::max(0, temperament_->currentData().toInt());
  return a;
}

void MainWindow::showAsked(const AskedFor& a) {
  loading_ = true;
  const Instrument* instrument = findInstrument(a.instrument);
  staff_->setNote(a.note);
  note_->setText(a.note ? q(noteName(*a.note, instrument ? instrument->spelling : Spelling::flats))
                        : QString());
  seconds_->setValue(a.seconds);
  level_->setCurrentIndex(std::max(0, level_->findData(q(a.level))));
  a4_->setValue(a.a4_hz);
  temperament_->setCurrentIndex(temperament_->findData(a.just ? a.tonic : -1));
  loading_ = false;
}

/// The take on show is judged anew against what is asked for now.
void MainWindow::askedChanged() {
  if (loading_ || !shown_ || live_.running()) return;
  shown_->take.asked = asked();
  auto picture = std::make_shared<TakePicture>(*shown_->picture);
  picture->context = contextFor(shown_->take.asked);
  picture->asked_s = shown_->take.asked.seconds;
  picture->analysis = analyse(picture->tracks, picture->context);
  shown_->picture = picture;
  picture_ = picture;
  ribbon_->setPicture(picture_);
  if (!studio_.readOnly()) {
    if (const auto kept = studio_.changeTake(shown_->take); !kept) say(q(kept.error()));
    keepSummary(*shown_);
  }
  for (Take& t : takes_)
    if (t.id == shown_->take.id) t = shown_->take;
  showFigures();
}

// --- Takes
// --------------------------------------------------------------------------------------------------------

void MainWindow::toggleTake() {
  if (live_.running())
    stopTake();
  else
    startTake();
}

void MainWindow::startTake() {
  record_->setChecked(false);
  if (!student())
    return say(tr("Add a student first: then a take has somebody to belong to."), tr("Add a student"),
               [this] { editStudent(true); });
  const AskedFor wanted = asked();
  const auto file = studio_.newRecording(student()->id, wanted);
  if (!file) return say(q(file.error()));
  player_.stop();
  say({});
  const bool standIn = source_->currentData().toString() == kStandIn;
  if (standIn) {
    const Instrument& instrument = *findInstrument(wanted.instrument);
    const Part part{&instrument,
                    wanted.note ? instrument.soundingOf(*wanted.note) : comfortableNote(instrument),
                    wanted.seconds,
                    {wanted.a4_hz, wanted.just, wanted.tonic}};
    const Player* profile = findPlayer(playerProfile_->currentData().toString().toStdString());
    Performance performance = perform(*profile, part, ++standInSeed_);
    if (standInSpeed_ == 1.0) player_.play(performance.samples, performance.rate_hz, 0.0, 1e9, false);
    live_.listen(playedSource(std::move(performance.samples), performance.rate_hz, standInSpeed_));
  } else if (!live_.listening()) {
    studio_.discardRecording(*file);
    return say(tr("No sound comes from this source. Choose another one, or plug the microphone in again."));
  }
  recording_ = *file;
  shown_.reset();
  picture_.reset();
  ribbon_->setPicture(nullptr);
  ribbon_->setCursor({});
  ribbon_->setHidden(earsFirst_->isChecked());
  showFigures();
  live_.begin(*file, contextFor(wanted), wanted.seconds, autoStop_->isChecked());
  record_->setChecked(true);
  record_->setText(tr("Stop  ·  Space"));
}

void MainWindow::stopTake() {
  Opened opened;
  opened.rate_hz = live_.rate();
  opened.samples = std::make_shared<std::vector<float>>(live_.end());
  opened.recording = recording_;
  recording_.reset();
  record_->setChecked(false);
  record_->setText(tr("Start  ·  Space"));
  opened.take.asked = asked();
  opened.take.student = student() ? student()->id : 0;
  opened.take.made_unix_s = QDateTime::currentSecsSinceEpoch();
  opened.take.source = source_->currentText().toStdString();
  if (source_->currentData().toString() == kStandIn) {
    opened.take.source = "stand-in: " + playerProfile_->currentText().toStdString();
    live_.quiet();
    player_.stop();
  }
  measure(std::move(opened));
}

/// Analyses off the interface's thread; keep() or show() follow on it.
void MainWindow::measure(Opened opened) {
  ++jobs_;
  QThreadPool::globalInstance()->start([this, opened = std::move(opened)]() mutable {
    if (opened.samples && opened.error.isEmpty()) {
      auto picture = std::make_shared<TakePicture>();
      picture->tracks = trackAll(*opened.samples, opened.rate_hz);
      picture->context = contextFor(opened.take.asked);
      picture->asked_s = opened.take.asked.seconds;
      picture->analysis = analyse(picture->tracks, picture->context);
      opened.picture = std::move(picture);
    }
    QMetaObject::invokeMethod(
        this,
        [this, opened = std::move(opened)] {
          --jobs_;
          if (!opened.error.isEmpty())
            say(opened.error);
          else if (opened.take.id == 0)
            keep(opened);
          else
            showTake(opened);
        },
        Qt::QueuedConnection);
  });
}

void MainWindow::keep(const Opened& opened) {
  const auto kept = studio_.addTake(opened.take, *opened.samples, opened.rate_hz);
  Opened whole = opened;
  if (kept) {
    whole.take = *kept;
    if (opened.recording) studio_.discardRecording(*opened.recording);
    keepSummary(whole);
    if (student() && student()->id == whole.take.student) {
      showTake(whole);
      loadShelf(whole.take.id);
    }
  } else {
    showTake(whole);
    say(q(kept.error()));
  }
  if (opened.picture->analysis.tones.empty())
    say(tr("No tone was found in this take. It is kept; delete it, or mark it as not yet."));
}

void MainWindow::showTake(const Opened& opened) {
  shown_ = opened;
  picture_ = opened.picture;
  ribbon_->setHidden(false);
  ribbon_->setCursor({});
  ribbon_->setPicture(picture_);
  showAsked(opened.take.asked);
  showFigures();
}

void MainWindow::showFigures() {
  figures_->setReadings(picture_ ? picture_->analysis.readings : std::vector<Reading>(), earlierValues());
  const bool advised = picture_ && !picture_->analysis.advice.empty();
  advice_->setText(advised  ? q(picture_->analysis.advice.front().text)
                   : shown_ ? tr("Nothing to judge in this take.")
                            : tr("One thing to try appears here after the take."));
  why_->setText(advised ? q(picture_->analysis.advice.front().why) : QString());
  for (QAbstractButton* b : words_->buttons())
    b->setChecked(shown_ && static_cast<int>(shown_->take.word) == words_->id(b));
  remark_->setText(shown_ ? q(shown_->take.remark) : QString());
  updateActions();
}

void MainWindow::updateActions() {
  const bool writes = !studio_.readOnly();
  editStudent_->setEnabled(writes && student());
  eraseStudent_->setEnabled(writes && student());
  record_->setEnabled(writes);
  for (QAbstractButton* b : words_->buttons()) b->setEnabled(writes && shown_.has_value());
  remark_->setEnabled(writes && shown_.has_value());
  play_->setEnabled(shown_.has_value());
  export_->setEnabled(shown_.has_value());
}

std::map<std::string, std::vector<double>> MainWindow::earlierValues() const {
  std::map<std::string, std::vector<double>> values;
  if (!shown_) return values;
  int used = 0;
  for (const Take& take : takes_) {  // newest first
    const bool earlier = take.made_unix_s < shown_->take.made_unix_s ||
                         (take.made_unix_s == shown_->take.made_unix_s && take.id < shown_->take.id);
    if (!earlier || take.word == TeachersWord::invalidTry || used == 5) continue;
    const auto summary = studio_.summary(take.id);
    if (!summary || !*summary) continue;
    ++used;
    const auto readings = nlohmann::json::parse((*summary)->readings, nullptr, false);
    if (!readings.is_object()) continue;
    for (const auto& [id, value] : readings.items())
      if (value.is_number()) values[id].insert(values[id].begin(), value.get<double>());
  }
  return values;
}

void MainWindow::keepSummary(const Opened& opened) {
  if (studio_.readOnly()) return;
  nlohmann::json readings = nlohmann::json::object();
  for (const Reading& r : opened.picture->analysis.readings)
    if (r.value) readings[r.id] = *r.value;
  const Tone* tone = opened.picture->analysis.mainTone();
  const QByteArray png = pngOf(thumbnail(*opened.picture, kThumbnail, 2.0));
  const auto kept =
      studio_.keepSummary(opened.take.id, {engineVersion(), tone ? std::optional(tone->held_s) : std::nullopt,
                                           png.toStdString(), readings.dump()});
  if (!kept) say(q(kept.error()));
}

void MainWindow::loadShelf(std::optional<std::int64_t> select) {
  loading_ = true;
  shelf_->clear();
  takes_.clear();
  unsummarised_.clear();
  if (student()) {
    auto list = studio_.takes(student()->id);
    if (list)
      takes_ = std::move(*list);
    else
      say(q(list.error()));
  }
  int row = takes_.empty() ? -1 : 0;
  static const QString marks[] = {"", QStringLiteral("  ✓"), QStringLiteral("  ⌀"), QStringLiteral("  …"),
                                  QStringLiteral("  ✕")};
  for (std::size_t i = 0; i < takes_.size(); ++i) {
    const Take& take = takes_[i];
    QPixmap picture(kThumbnail);
    picture.fill(style::sheet);
    const auto summary = studio_.summary(take.id);
    if (summary && *summary)
      picture.loadFromData(QByteArray::fromStdString((*summary)->ribbon), "PNG");
    else
      unsummarised_.push_back(take.id);
    picture.setDevicePixelRatio(picture.width() / static_cast<double>(kThumbnail.width()));
    const QString when = QDateTime::fromSecsSinceEpoch(take.made_unix_s).toString("d MMM, HH:mm");
    const QString held = take.held_s ? tr("%1 s").arg(*take.held_s, 0, 'f', 1) : tr("–");
    QIcon icon(picture);
    icon.addPixmap(picture, QIcon::Selected);  // not tinted when chosen
    auto* item = new QListWidgetItem(icon, when + "   " + held + marks[static_cast<int>(take.word)]);
    item->setData(kTakeId, static_cast<qlonglong>(take.id));
    item->setToolTip(q(take.source) + (take.remark.empty() ? QString() : "\n" + q(take.remark)));
    shelf_->addItem(item);
    if (select == take.id) row = static_cast<int>(i);
  }
  loading_ = false;
  const bool already = select && shown_ && shown_->take.id == *select;
  if (already) {
    loading_ = true;
    shelf_->setCurrentRow(row);
    loading_ = false;
    showFigures();
  } else {
    shelf_->setCurrentRow(row);
  }
  if (!unsummarised_.empty()) QTimer::singleShot(0, this, &MainWindow::summariseNext);
}

/// Takes that this engine has not measured yet, one after the other, while nobody waits.
void MainWindow::summariseNext() {
  if (unsummarised_.empty()) return;
  if (jobs_ > 0 || live_.running()) {
    QTimer::singleShot(60, this, &MainWindow::summariseNext);
    return;
  }
  const std::int64_t id = unsummarised_.front();
  unsummarised_.pop_front();
  const auto take = std::ranges::find(takes_, id, &Take::id);
  if (take == takes_.end()) return summariseNext();
  ++jobs_;
  QThreadPool::globalInstance()->start([this, take = *take, file = studio_.takeFile(id).string()] {
    Opened opened;
    opened.take = take;
    if (auto sound = readWholeSound(file)) {
      opened.picture = std::make_shared<TakePicture>();
      opened.picture->tracks = trackAll(sound->samples, sound->info.rate_hz);
      opened.picture->context = contextFor(take.asked);
      opened.picture->analysis = analyse(opened.picture->tracks, opened.picture->context);
    }
    QMetaObject::invokeMethod(
        this,
        [this, opened] {
          --jobs_;
          if (opened.picture) keepSummary(opened);
          if (unsummarised_.empty() && student() && !live_.running())
            loadShelf(shown_ ? std::optional(shown_->take.id) : std::nullopt);
          else
            summariseNext();
        },
        Qt::QueuedConnection);
  });
}

void MainWindow::shelfChosen() {
  if (loading_ || live_.running()) return;
  player_.stop();
  const int row = shelf_->currentRow();
  if (row < 0 || row >= static_cast<int>(takes_.size())) return;
  Opened opened;
  opened.take = takes_[static_cast<std::size_t>(row)];
  auto sound = studio_.takeSound(opened.take.id);
  if (!sound) {
    shown_.reset();
    picture_.reset();
    ribbon_->setPicture(nullptr);
    showFigures();
    return say(q(sound.error()));
  }
  opened.rate_hz = sound->info.rate_hz;
  opened.samples = std::make_shared<std::vector<float>>(std::move(sound->samples));
  measure(std::move(opened));
}

void MainWindow::deleteTake() {
  const int row = shelf_->currentRow();
  if (row < 0 || studio_.readOnly()) return;
  const std::int64_t id = takes_[static_cast<std::size_t>(row)].id;
  if (const auto gone = studio_.deleteTake(id); !gone) return say(q(gone.error()));
  deleted_ = id;
  shown_.reset();
  picture_.reset();
  ribbon_->setPicture(nullptr);
  loadShelf();
  showFigures();
  say(tr("The take was deleted."), tr("Undo  ·  Ctrl+Z"), [this] { undoDelete(); });
}

void MainWindow::undoDelete() {
  if (!deleted_) return;
  const auto back = studio_.restoreTake(*deleted_);
  say(back ? QString() : q(back.error()));
  loadShelf(deleted_);
  deleted_.reset();
}

void MainWindow::setWord(int word) {
  if (!shown_ || studio_.readOnly()) return;
  const auto wanted = static_cast<TeachersWord>(word);
  shown_->take.word = shown_->take.word == wanted ? TeachersWord::none : wanted;
  if (const auto kept = studio_.changeTake(shown_->take); !kept) say(q(kept.error()));
  loadShelf(shown_->take.id);
}

void MainWindow::keepRemark() {
  if (!shown_ || studio_.readOnly() || shown_->take.remark == remark_->text().toStdString()) return;
  shown_->take.remark = remark_->text().toStdString();
  if (const auto kept = studio_.changeTake(shown_->take); !kept) say(q(kept.error()));
  loadShelf(shown_->take.id);
}

void MainWindow::exportShown() {
  if (!shown_) return;
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Export the take"), tr("take.png"),
      tr("Picture (*.png *.svg);;Sound (*.wav *.flac);;Figures (*.json);;Tracks (*.csv)"));
  if (file.isEmpty()) return;
  const QString error = exportTake(file, *shown_->picture, *shown_->samples, shown_->rate_hz);
  say(error.isEmpty() ? tr("Written: %1").arg(file) : error);
}

void MainWindow::playOrStop() {
  if (player_.playing()) return player_.stop();
  if (!shown_ || live_.running()) return;
  const auto [from, to] = ribbon_->selection();
  if (!player_.play(*shown_->samples, shown_->rate_hz, from, to, ribbon_->hasSelection()))
    return say(tr("There is no sound output to play on. Plug in headphones or loudspeakers."));
  play_->setText(tr("Stop"));
}

void MainWindow::setEarsFirst(bool on) { ribbon_->setHidden(on && (live_.running() || picture_)); }

void MainWindow::openFiles(const QStringList& files) {
  if (files.isEmpty()) return;
  if (!student())
    return say(tr("Add a student first: then the recordings have somebody to belong to."),
               tr("Add a student"), [this] { editStudent(true); });
  if (studio_.readOnly()) return;
  for (const QString& file : files) {
    Opened opened;
    opened.take.asked = asked();
    opened.take.student = student()->id;
    opened.take.made_unix_s = QDateTime::currentSecsSinceEpoch();
    opened.take.source = QFileInfo(file).fileName().toStdString();
    ++jobs_;
    QThreadPool::globalInstance()->start(
        [this, opened, path = QFile::encodeName(file).toStdString()]() mutable {
          auto sound = readWholeSound(path);
          if (sound) {
            opened.rate_hz = sound->info.rate_hz;
            opened.samples = std::make_shared<std::vector<float>>(std::move(sound->samples));
          } else {
            opened.error = q(sound.error().what);
          }
          QMetaObject::invokeMethod(
              this,
              [this, opened = std::move(opened)] {
                --jobs_;
                measure(opened);
              },
              Qt::QueuedConnection);
        });
  }
}

void MainWindow::offerLeftovers() {
  const auto left = studio_.leftovers();
  if (left.empty()) return;
  const Leftover first = left.front();
  const auto owner = std::ranges::find(students_, first.student, &Student::id);
  if (owner == students_.end()) {
    studio_.discardRecording(first.file);
    return offerLeftovers();
  }
  auto sound = readWholeSound(first.file.string());
  if (!sound || sound->samples.empty()) {
    studio_.discardRecording(first.file);
    return offerLeftovers();
  }
  const double seconds = static_cast<double>(sound->samples.size()) / sound->info.rate_hz;
  say(tr("A take of %1, %2 s long, was not finished last time: Calando was ended while it recorded. It is "
         "safe on disk.")
          .arg(q(owner->name))
          .arg(seconds, 0, 'f', 1),
      tr("Keep it as a take"),
      [this, first, samples = std::make_shared<std::vector<float>>(std::move(sound->samples)),
       rate = sound->info.rate_hz] {
        Opened opened;
        opened.take.asked = first.asked;
        opened.take.student = first.student;
        opened.take.made_unix_s = QDateTime::currentSecsSinceEpoch();
        opened.take.source = tr("found after a crash").toStdString();
        opened.samples = samples;
        opened.rate_hz = rate;
        opened.recording = first.file;
        measure(std::move(opened));
      });
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

void MainWindow::closeEvent(QCloseEvent* event) {
  // A take that is sounding stays in recording/ and is offered at the next start.
  live_.quiet();
  player_.stop();
  if (!studio_.readOnly()) (void)studio_.removeDeleted();
  event->accept();
}

}  // namespace calando
