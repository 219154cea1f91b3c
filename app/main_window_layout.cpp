#include <nlohmann/json.hpp>

#include "app/cue_table.h"
#include "app/figures_view.h"
#include "app/help.h"
#include "app/lesson_view.h"
#include "app/main_window.h"
#include "app/main_window_parts.h"
#include "app/note_map.h"
#include "app/note_names.h"
#include "app/ribbon_painter.h"
#include "app/ribbon_view.h"
#include "app/staff_view.h"
#include "core/exercise/judging.h"
#include "core/standin/player.h"

namespace calando {

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
  tempo_ = new QDoubleSpinBox;
  tempo_->setObjectName("tempo");
  tempo_->setRange(20, 240);
  tempo_->setDecimals(0);
  tempo_->setSuffix(tr(" /min"));
  tempo_->setToolTip(tr("Beats a minute of the count."));
  support_ = new QComboBox;
  support_->setObjectName("support");
  support_->addItem(tr("flash only"), "flash");
  support_->addItem(tr("click"), "click");
  support_->addItem(tr("fork, then click"), "fork");
  support_->addItem(tr("drone on home"), "drone");
  support_->setToolTip(
      tr("What is heard while the exercise runs. What sounds from loudspeakers is heard by the microphone "
         "too: use headphones."));
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
  for (int pc = 0; pc < 12; ++pc) temperament_->addItem(QString(), pc);
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

  connect(staff_, &StaffView::notePicked, this, [this] {
    nameNotes();
    askedChanged();
  });
  connect(note_, &QLineEdit::editingFinished, this, [this] {
    const QString text = note_->text().trimmed();
    const auto note = typedNote(text);
    if (!text.isEmpty() && !note) {
      say(tr("“%1” is no note. Write it like %2 or %3, or leave it empty for any note.")
              .arg(text, shownNote(70, Spelling::flats), shownNote(54, Spelling::sharps)));
      return;
    }
    if (note == staff_->note()) return;
    staff_->setNote(note);
    askedChanged();
  });
  connect(seconds_, &QDoubleSpinBox::valueChanged, this, &MainWindow::askedChanged);
  connect(tempo_, &QDoubleSpinBox::valueChanged, this, [this] {
    if (!loading_ && !(shown_ && shown_->take.asked.start_s)) askedChanged();
  });
  connect(level_, &QComboBox::currentIndexChanged, this, &MainWindow::askedChanged);
  connect(a4_, &QDoubleSpinBox::valueChanged, this, &MainWindow::askedChanged);
  connect(temperament_, &QComboBox::currentIndexChanged, this, &MainWindow::askedChanged);
  connect(record_, &QPushButton::clicked, this, &MainWindow::toggleTake);
  connect(earsFirst_, &QToolButton::toggled, this, &MainWindow::setEarsFirst);

  auto* fields = new QGridLayout;
  fields->setHorizontalSpacing(8);
  fields->setVerticalSpacing(4);
  holdBox_ = captioned(tr("Hold"), seconds_);
  tempoBox_ = captioned(tr("Tempo"), tempo_);
  fields->addWidget(captioned(tr("Written note"), note_), 0, 0);
  fields->addWidget(holdBox_, 0, 1);
  fields->addWidget(tempoBox_, 0, 1);
  fields->addWidget(captioned(tr("Targets"), level_), 0, 2);
  fields->addWidget(captioned(tr("A4"), a4_), 0, 3);
  cardTuning_ = new QLabel;
  auto* tuning = captioned(tr("Temperament"), temperament_);
  tuning->layout()->addWidget(cardTuning_);
  fields->addWidget(tuning, 0, 4);
  auto* switches = new QHBoxLayout;
  switches->setSpacing(6);
  switches->addWidget(autoStop_);
  switches->addWidget(earsFirst_);
  support_->setAccessibleName(tr("Count"));
  connect(support_, &QComboBox::currentIndexChanged, this, &MainWindow::updateTiming);
  switches->addWidget(support_);
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
  record_->setMinimumSize(140, 56);
  rest_ = new QLabel;
  rest_->setObjectName("rest");
  rest_->setAlignment(Qt::AlignCenter);
  rest_->hide();
  auto* go = new QVBoxLayout;
  go->addStretch();
  go->addWidget(record_);
  go->addWidget(rest_);
  go->addStretch();
  row->addLayout(go);
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
  editStudent_->setObjectName("editStudent");
  eraseStudent_ = new QPushButton(tr("Erase"));
  editStudent_->setToolTip(tr("Change the student’s name, instrument or range"));
  eraseStudent_->setToolTip(tr("Erase the student with all takes"));
  connect(add, &QPushButton::clicked, this, [this] { editStudent(true); });
  connect(editStudent_, &QPushButton::clicked, this, [this] { editStudent(false); });
  connect(eraseStudent_, &QPushButton::clicked, this, &MainWindow::eraseStudent);
  auto* buttons = new QHBoxLayout;
  buttons->setSpacing(4);
  for (QPushButton* b : {add, editStudent_, eraseStudent_}) {
    b->setMinimumWidth(0);
    b->setProperty("narrow", true);
    buttons->addWidget(b);
  }

  auto* left = new QWidget;
  left->setFixedWidth(196);
  auto* layout = new QVBoxLayout(left);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(studentList_, 5);
  layout->addLayout(buttons);
  layout->addSpacing(6);
  lesson_ = new LessonView;
  connect(lesson_, &LessonView::chosen, this, &MainWindow::exerciseChosen);
  if (const auto school = studio_.setting("school"); school && *school) lesson_->setSchool(q(**school));
  connect(lesson_, &LessonView::schoolChosen, this, [this](const QString& school) {
    worked(studio_.keepSetting("school", school.toStdString()));
    updateInstrument();
  });
  connect(lesson_, &LessonView::noteLanguageChosen, this, &MainWindow::chooseNoteLanguage);
  connect(lesson_, &LessonView::cardWanted, this, [this](const QString& id) { editCard(id.toStdString()); });
  connect(lesson_, &LessonView::orderChanged, this, [this] {
    if (!student() || studio_.readOnly()) return;
    const nlohmann::json order = lesson_->order();
    worked(studio_.keepSetting(Studio::settingOf("order", student()->id), order.dump()));
  });
  layout->addWidget(lesson_, 4);
  layout->addWidget(buildSource());
  return left;
}

QWidget* MainWindow::buildSource() {
  source_ = new QComboBox;
  source_->setObjectName("source");
  source_->setMinimumWidth(0);
  source_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
  playerProfile_ = new QComboBox;
  playerProfile_->setObjectName("player");
  playerProfile_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
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
  inputRemark_->setMinimumHeight(30);
  inputRemark_->setAlignment(Qt::AlignTop);
  connect(source_, &QComboBox::currentIndexChanged, this, &MainWindow::sourceChosen);

  auto* open = new QPushButton(tr("Open…"));
  open->setToolTip(tr("Open sound files as takes (Ctrl+O); they can also be dropped on the window."));
  connect(open, &QPushButton::clicked, this, [this] { chooseFiles(); });

  auto* box = new QWidget;
  auto* layout = new QVBoxLayout(box);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(4);
  auto* caption = new QLabel(tr("Source of sound"));
  caption->setObjectName("caption");
  caption->setBuddy(source_);
  source_->setAccessibleName(tr("Source of sound"));
  source_->setToolTip(tr("Where the sound comes from: a microphone, or the stand-in player"));
  auto* choice = new QHBoxLayout;
  choice->setSpacing(4);
  choice->addWidget(source_, 1);
  choice->addWidget(open);
  layout->addWidget(caption);
  layout->addLayout(choice);
  calibrate_ = new QPushButton(tr("Measure delay"));
  calibrate_->setObjectName("calibrate");
  calibrate_->setToolTip(
      tr("Plays eight clicks and hears how late they come back: from then on notes are held against the "
         "count itself. Let the microphone hear the loudspeaker."));
  connect(calibrate_, &QPushButton::clicked, this, &MainWindow::calibrate);
  output_ = new QPushButton(tr("Output…"));
  output_->setObjectName("output");
  output_->setToolTip(tr("Where click, fork, drone and takes are played, and how loud the count is"));
  connect(output_, &QPushButton::clicked, this, &MainWindow::chooseOutput);
  auto* way = new QHBoxLayout;
  way->setSpacing(4);
  way->addWidget(playerProfile_, 1);
  way->addWidget(calibrate_, 1);
  way->addWidget(output_);
  layout->addLayout(way);
  layout->addWidget(meter_);
  layout->addWidget(inputRemark_);
  return box;
}

QWidget* MainWindow::buildRight() {
  figures_ = new FiguresView;
  figures_->setObjectName("figures");
  cueTable_ = new CueTable;
  cueTable_->setObjectName("cues");
  readouts_ = new QStackedWidget;
  readouts_->addWidget(figures_);
  noteMap_ = new NoteMap;
  readouts_->addWidget(cueTable_);
  readouts_->addWidget(noteMap_);
  readoutChoice_ = new QButtonGroup(this);
  auto* readoutRow = new QHBoxLayout;
  readoutRow->setContentsMargins(0, 0, 0, 0);
  readoutRow->setSpacing(4);
  const QString pages[] = {tr("Figures"), tr("Note by note"), tr("Along the range")};
  for (int page = 0; page < 3; ++page) {
    auto* b = new QToolButton;
    b->setText(pages[page]);
    b->setToolTip(tr("T goes from one to the next"));
    b->setCheckable(true);
    b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    readoutChoice_->addButton(b, page);
    readoutRow->addWidget(b);
  }
  readoutChoice_->button(0)->setChecked(true);
  connect(readoutChoice_, &QButtonGroup::idClicked, readouts_, &QStackedWidget::setCurrentIndex);
  readoutRow_ = new QWidget;
  readoutRow_->setLayout(readoutRow);
  connect(cueTable_, &CueTable::cueChosen, this, [this](std::size_t cue) { ribbon_->chooseCue(cue); });
  connect(ribbon_, &RibbonView::cueChosen, cueTable_, &CueTable::chooseCue);
  advice_ = new QLabel;
  advice_->setObjectName("advice");
  advice_->setWordWrap(true);
  advice_->setAccessibleName(tr("One thing to try"));
  why_ = new QLabel;
  why_->setObjectName("why");
  why_->setWordWrap(true);
  auto* card = new QFrame;
  card->setObjectName("card");
  auto* cardLayout = new QVBoxLayout(card);
  cardLayout->setContentsMargins(12, 8, 10, 8);
  cardLayout->addWidget(advice_);
  cardLayout->addWidget(why_);

  const auto toggle = [](const QString& text, const QString& tip) {
    auto* b = new QToolButton;
    b->setText(text);
    b->setToolTip(tip);
    b->setCheckable(true);
    b->setProperty("narrow", true);
    b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    return b;
  };
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
    auto* b = toggle(words[i].first, words[i].second);
    words_->addButton(b, i + 1);
    wordRow->addWidget(b);
  }
  connect(words_, &QButtonGroup::idClicked, this, &MainWindow::setWord);
  const auto choice = [&](const QString& caption, const QStringList& texts, const QString& tip,
                          const QStringList& keys) {
    auto* group = new QButtonGroup(this);
    group->setExclusive(false);
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    auto* label = new QLabel(caption);
    label->setObjectName("caption");
    label->setMinimumWidth(66);
    row->addWidget(label);
    for (int i = 0; i < texts.size(); ++i) {
      auto* b = toggle(texts[i], tip.arg(texts[i], keys[i]));
      group->addButton(b, i + 1);
      row->addWidget(b);
    }
    return std::pair(group, row);
  };
  const auto [attention, attentionRow] =
      choice(tr("Attention on"), {tr("sound"), tr("count"), tr("lips"), tr("else")},
             tr("Where the player’s attention was: %1 (%2)"), {"5", "6", "7", "8"});
  const auto [comfort, comfortRow] = choice(tr("It felt"), {tr("easy"), tr("fair"), tr("tight")},
                                            tr("How it felt to the player: %1 (%2)"), {"J", "K", "L"});
  attention_ = attention;
  comfort_ = comfort;
  tried_ = toggle(tr("tried it"), {});
  comfortRow->addWidget(tried_);
  model_ = toggle(tr("Model"), tr("Hold the next takes of this step against this one (M)"));
  model_->setObjectName("model");
  model_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
  tried_->setObjectName("tried");
  connect(attention_, &QButtonGroup::idClicked, this, &MainWindow::setAttention);
  connect(comfort_, &QButtonGroup::idClicked, this, &MainWindow::setComfort);
  connect(tried_, &QToolButton::clicked, this, &MainWindow::setTried);
  connect(model_, &QToolButton::clicked, this, &MainWindow::setModel);
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
  delete_ = new QPushButton(tr("Delete"));
  delete_->setToolTip(tr("Delete the take; Ctrl+Z brings it back (Del in the shelf)"));
  connect(delete_, &QPushButton::clicked, this, &MainWindow::deleteTake);
  auto* actions = new QHBoxLayout;
  actions->addWidget(play_);
  actions->addWidget(export_);
  actions->addWidget(delete_);
  compare_ = new QPushButton(tr("Compare"));
  compare_->setObjectName("compare");
  compare_->setToolTip(
      tr("The takes marked in the shelf under one another; with none marked, this one and the one before "
         "of the same exercise (C, blind with Shift+C)"));
  connect(compare_, &QPushButton::clicked, this, [this] { compare(false); });
  actions->addWidget(compare_);
  for (QPushButton* b : {play_, export_, delete_, compare_}) b->setMinimumWidth(0);

  auto* right = new QWidget;
  right->setFixedWidth(330);
  auto* layout = new QVBoxLayout(right);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(5);
  layout->addWidget(readoutRow_);
  layout->addWidget(readouts_, 1);
  layout->addWidget(card);
  layout->addLayout(wordRow);
  layout->addLayout(attentionRow);
  layout->addLayout(comfortRow);
  auto* remarkRow = new QHBoxLayout;
  remarkRow->setSpacing(4);
  remarkRow->addWidget(remark_, 1);
  remarkRow->addWidget(model_);
  layout->addLayout(remarkRow);
  layout->addLayout(actions);
  return right;
}

QWidget* MainWindow::buildShelf() {
  shelf_ = new QListWidget;
  shelf_->setObjectName("shelf");
  shelf_->setAccessibleName(tr("Takes, newest first"));
  shelf_->setViewMode(QListView::IconMode);
  shelf_->setSelectionMode(QAbstractItemView::ExtendedSelection);
  shelf_->setFlow(QListView::LeftToRight);
  shelf_->setWrapping(false);
  shelf_->setMovement(QListView::Static);
  shelf_->setIconSize(kThumbnail);
  shelf_->setSpacing(3);
  shelf_->setFixedHeight(100);
  shelf_->setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
  shelf_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  shelf_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);  // PgUp, PgDown and the wheel move it
  connect(shelf_, &QListWidget::currentRowChanged, this, &MainWindow::shelfChosen);
  return shelf_;
}

void MainWindow::chooseFiles() {
  openFiles(QFileDialog::getOpenFileNames(
      this, tr("Open recordings"), {},
      tr("Sound files (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;All files (*)")));
}

void MainWindow::buildKeys() {
  const auto key = [this](const QKeySequence& keys, auto act) {
    auto* shortcut = new QShortcut(keys, this);
    connect(shortcut, &QShortcut::activated, this, act);
  };
  key(Qt::Key_F1, [this] { showHelp(this); });
  key(QKeySequence::Open, [this] { chooseFiles(); });
  key(QKeySequence(Qt::CTRL | Qt::Key_N), [this] { editStudent(true); });
  key(QKeySequence(Qt::CTRL | Qt::Key_E), [this] { exportShown(); });
  key(QKeySequence::Undo, [this] { undoDelete(); });
  key(Qt::Key_PageUp, [this] { shelf_->setCurrentRow(std::max(0, shelf_->currentRow() - 1)); });
  key(Qt::Key_PageDown,
      [this] { shelf_->setCurrentRow(std::min(shelf_->count() - 1, shelf_->currentRow() + 1)); });
}

}  // namespace calando
