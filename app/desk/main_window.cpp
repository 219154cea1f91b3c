#include "app/desk/main_window.h"

#include "app/desk/closing.h"
#include "app/desk/found_dialog.h"
#include "app/desk/message_bar.h"
#include "app/desk/rail.h"
#include "app/desk/shelf_view.h"
#include "app/desk/take_view.h"
#include "app/head/head_strip.h"
#include "app/lesson/lesson_view.h"
#include "app/mirror/mirror.h"
#include "app/parts/flow_layout.h"
#include "app/parts/quieten.h"
#include "app/parts/scrolled.h"
#include "app/parts/tight.h"
#include "app/people/student_chooser.h"
#include "app/picture/gallery.h"
#include "app/post/post_page.h"
#include "app/readout/readout.h"
#include "app/session/assembly.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/running_order.h"
#include "app/session/lesson/safety.h"
#include "app/session/playback.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/studio_files.h"
#include "app/session/take/keeping.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_intake.h"
#include "app/session/take/take_remarks.h"
#include "app/session/take/take_run.h"
#include "app/settings/settings_page.h"
#include "app/settings/source_box.h"
#include "app/sound/input.h"
#include "app/sound/player.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/card_words.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/care/ticks.h"
#include "records/studio.h"

namespace calando {

namespace {
constexpr int kLeft = 196, kRight = 320;
constexpr QSize kWanted(1280, 800), kLeast(1000, 660), kSmallest(640, 420);
constexpr QSize kFrame(4, 40);  // of a window
}  // namespace

MainWindow::MainWindow(Studio studio, std::vector<std::shared_ptr<Input>> inputs)
    : assembly_(std::make_unique<Assembly>(
          std::move(studio),
          Assembly::Ears{std::move(inputs), std::make_unique<SoundPlayer>(), &smallPicture})),
      parts_(*assembly_),
      rail_(new Rail({{tr("Lesson"), "lesson"},
                      {tr("Weeks"), "weeks"},
                      {tr("Post"), "post"},
                      {tr("Ears"), "listening"},
                      {tr("Reckoner"), "reckoner"},
                      {tr("Settings"), "settings", true}})),
      places_(new QStackedWidget) {
  setWindowTitle(tr("Calando"));
  setAcceptDrops(true);
  const int names = static_cast<int>(parts_.settings.get(settings::noteNames));
  setNoteLanguage(static_cast<NoteLanguage>(std::clamp(names, 0, 2)));
  setNoteSpelling(static_cast<int>(parts_.settings.get(settings::accidentals)));
  settings_ = new SettingsPage(parts_);
  buildPlaces();
  auto* central = new QWidget;
  auto* layout = tight(new QHBoxLayout(central), 0);
  layout->addWidget(rail_);
  overPlaces_ = tight(new QVBoxLayout, 0);
  overPlaces_->addWidget(places_, 1);
  layout->addLayout(overPlaces_, 1);
  setCentralWidget(scrolledBelow(kLeast, central));
  connect(rail_, &Rail::chosen, places_, &QStackedWidget::setCurrentIndex);
  bindKeys();
  bindSession();
  fitToScreen();
  parts_.session.begin();
  take_->setFocus();
}

/// As wanted, but with its frame never larger than the screen.
void MainWindow::fitToScreen() {
  const QSize room = screen()->availableSize() - kFrame;
  setMinimumSize(kSmallest.boundedTo(room));
  resize(kWanted.boundedTo(room));
}

QWidget* MainWindow::buildLesson() {
  head_ = new HeadStrip(parts_);
  lesson_ = new LessonView(parts_);
  take_ = new TakeView;
  take_->setObjectName("ribbon");
  shelf_ = new ShelfView(parts_);
  mirror_ = new Mirror(
      [this] { return parts_.setup.chosen().playsForATake() ? paintedFace() : cameraOfTheComputer(); });
  source_ = new SourceBox(parts_, mirror_->action());
  connect(source_, &SourceBox::filesWanted, this, &MainWindow::chooseFiles);
  left_ = new QWidget;
  left_->setFixedWidth(kLeft);
  auto* leftLayout = tight(new QVBoxLayout(left_), 3 * style::kStep);
  leftLayout->addWidget(lesson_, 1);
  leftLayout->addWidget(source_);
  leftLayout->addWidget(mirror_);
  message_ = new MessageBar(parts_.notices);
  overTake_ = new QVBoxLayout;
  overTake_->setSpacing(2 * style::kStep);
  overTake_->addWidget(message_);
  overTake_->addWidget(take_, 1);
  auto* body = new QHBoxLayout;
  body->setSpacing(4 * style::kStep);
  body->addWidget(left_);
  body->addLayout(overTake_, 1);
  body->addWidget(buildRight());
  auto* page = new QWidget;
  auto* all = new QVBoxLayout(page);
  all->setContentsMargins(4 * style::kStep, 3 * style::kStep, 4 * style::kStep, 2 * style::kStep);
  all->setSpacing(2 * style::kStep);
  all->addWidget(head_);
  all->addLayout(body, 1);
  all->addWidget(shelf_);
  return page;
}

QWidget* MainWindow::buildRight() {
  readout_ = new Readout(parts_);
  right_ = new QWidget;
  right_->setFixedWidth(kRight);
  auto* layout = tight(new QVBoxLayout(right_), style::kStep);
  layout->addWidget(readout_, 1);
  layout->addWidget(buildActions());
  connect(readout_, &Readout::cueChosen, this, [this](std::size_t cue) { take_->chooseCue(cue); });
  connect(take_, &TakeView::cueChosen, readout_, &Readout::chooseCue);
  return right_;
}

QWidget* MainWindow::buildActions() {
  auto* row = new QWidget;
  auto* layout = new FlowLayout(style::kStep, row);
  struct Action {
    QString text;
    const char* name;
    const char* command;  ///< nullptr: a choice of two
  };
  for (const Action& action :
       {Action{tr("Play"), "play", "play"}, Action{tr("Compare…"), "compare", nullptr},
        Action{tr("Export…"), "export", "export"}, Action{tr("Delete"), "delete", "delete"}}) {
    auto* button = new QPushButton(action.text);
    button->setObjectName(action.name);
    button->setProperty("narrow", true);
    if (action.command) {
      button->setToolTip(tipOf(action.command));
      connect(button, &QPushButton::clicked, this, [this, id = action.command] { keys_.run(id); });
    } else {
      offerComparing(*button);
    }
    layout->addWidget(button);
    actions_.push_back(button);
  }
  play_ = actions_.front();
  return row;
}

void MainWindow::bindKeys() {
  const Parts& s = parts_;
  keys_.setShelf(shelf_);
  keys_.on("take", [&s] { s.session.toggle(); });
  keys_.on("stop", [&s] { s.session.stopHere(); });
  keys_.on("play", [this, &s] {
    const auto [from, to] = take_->selection();
    s.playback.playOrStop(from, to, take_->hasSelection());
  });
  keys_.on("louder", [&s] { s.session.louder(3.0); });
  keys_.on("softer", [&s] { s.session.louder(-3.0); });
  keys_.on("ears", [&s] {
    s.request.editOptions([&](TakeOptions& o) { o.earsFirst = !s.request.options().earsFirst; });
  });
  keys_.on("next", [&s] {
    if (s.session.allowed().choose) s.lesson.next();
  });
  keys_.on("newer", [this] { shelf_->step(-1); });
  keys_.on("older", [this] { shelf_->step(1); });
  const std::pair<const char*, TeachersWord> words[] = {{"accept", TeachersWord::accept},
                                                        {"invalid", TeachersWord::invalidTry},
                                                        {"not-yet", TeachersWord::notYet},
                                                        {"veto", TeachersWord::veto}};
  for (const auto& [id, word] : words) keys_.on(id, [&s, word = word] { s.remarks.setWord(word); });
  const std::pair<const char*, Attention> minds[] = {{"on-sound", Attention::sound},
                                                     {"on-count", Attention::count},
                                                     {"on-lips", Attention::lips},
                                                     {"elsewhere", Attention::elsewhere}};
  for (const auto& [id, mind] : minds) keys_.on(id, [&s, mind = mind] { s.remarks.setAttention(mind); });
  const std::pair<const char*, Comfort> felt[] = {
      {"easy", Comfort::easy}, {"fair", Comfort::fair}, {"tight", Comfort::tight}};
  for (const auto& [id, comfort] : felt)
    keys_.on(id, [&s, comfort = comfort] { s.remarks.setComfort(comfort); });
  for (const Tick& tick : ticks())
    keys_.on("tick-" + std::string(tick.id), [&s, id = std::string(tick.id)] {
      const auto looked = ticksOf(*s.lesson.current(), s.book.instrument());
      if (std::ranges::find(looked, id, &Tick::id) != looked.end()) s.remarks.toggleTick(id);
    });
  keys_.on("mirror", [this] { mirror_->turn(!mirror_->isOn()); });
  keys_.on("tried", [&s] { s.remarks.toggleTried(); });
  keys_.on("seen", [&s] { s.remarks.nextSeen(); });
  keys_.on("model", [&s] { s.remarks.toggleModel(); });
  keys_.on("readout", [this] { readout_->nextPage(); });
  for (const auto& [id, blind] : {std::pair{"compare", false}, {"compare-blind", true}})
    keys_.on(id, [this, &s, blind = blind] {
      if (s.session.allowed().choose) s.playback.compare(shelf_->marked(), blind);
    });
  keys_.on("open", [this] { chooseFiles(); });
  keys_.on("export", [this] { exportShown(); });
  keys_.on("add", [this, &s] {
    if (s.session.allowed().choose) head_->chooser().edit(true);
  });
  keys_.on("delete", [&s] { s.session.deleteTake(); });
  keys_.on("undo", [&s] { s.session.undo(); });
  keys_.on("help", [this] { helpHere(); });
}

void MainWindow::bindSession() {
  const Parts& s = parts_;
  connect(lesson_, &LessonView::orderWanted, this, &MainWindow::editOrder);
  connect(settings_, &SettingsPage::noteNamesChanged, this, [this] {
    head_->renameNotes();
    refreshPicture();
  });
  bindPicture();
  connect(&s.session, &Session::studentWanted, this, [this] { head_->chooser().edit(true); });
  connect(&s.session, &Session::elsewhereWanted, this, [this, &s] {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder for recordings"));
    if (!folder.isEmpty()) s.session.recordElsewhere(QFile::encodeName(folder).toStdString());
  });
  connect(&s.keeping, &Keeping::saveWanted, this, [this, &s](const AnalysisQueue::Answer& answer) {
    const QString file = QFileDialog::getSaveFileName(this, tr("Save the take elsewhere"), tr("take.flac"),
                                                      tr("Sound (*.flac)"));
    s.keeping.saveElsewhere(answer, QFile::encodeName(file).toStdString());
  });
  connect(&s.keeping, &Keeping::straysWanted, this, [this, &s] {
    FoundDialog dialog(s.studio.students, s.studio.recordings, s.readOnly, this);
    connect(&dialog, &FoundDialog::given, &s.keeping, &Keeping::takeStrayIn);
    dialog.exec();
  });
  bindComparing();
  connect(&s.intake, &TakeIntake::through, this, &MainWindow::closeNow);
  connect(&s.files, &StudioFiles::filesThrough, this, &MainWindow::closeNow);
}

/// What is drawn follows what sounds, what is on show and what plays.
void MainWindow::bindPicture() {
  const Parts& s = parts_;
  connect(&s.shown, &ShownTake::changed, this, &MainWindow::refreshPicture);
  connect(&s.lesson, &Lesson::stepChanged, this, &MainWindow::refreshEmptyText);
  connect(&s.lesson, &Lesson::cardsChanged, this, &MainWindow::refreshEmptyText);
  connect(&s.book, &StudentBook::studentChanged, this, &MainWindow::refreshEmptyText);
  connect(&s.safety, &Safety::changed, this, &MainWindow::refreshEmptyText);
  connect(&s.request, &RequestEditor::optionsChanged, this,
          [this, &s] { setUnseen(s.request.options().earsFirst && (s.run.taking() || s.shown.take())); });
  connect(&s.run, &TakeRun::grew, this, [this, &s](const SnapshotPtr& snapshot, double held_s) {
    take_->setSnapshot(snapshot);
    take_->setHeld(held_s);
    take_->setKeyed(s.run.keyed_s());
  });
  connect(&s.run, &TakeRun::phaseChanged, this, [this, &s] {
    if (s.run.taking()) {
      take_->setFocus();  // what a take greys passes the focus on to nothing else
      take_->setCursor({});
      setUnseen(s.request.options().earsFirst);
    }
    for (QWidget* other : std::initializer_list<QWidget*>{lesson_, readout_, shelf_})
      quieten(*other, s.run.taking());
    const TakeRun::KeyStep step = s.run.keyStep();
    take_->setPrompt(step == TakeRun::KeyStep::begins ? tr("Space when the hand lets go")
                     : step == TakeRun::KeyStep::ends ? tr("Space when the sheet slides")
                                                      : QString());
    refreshPicture();
  });
  connect(&s.keeping, &Keeping::playedKept, this, [this, &s] {
    setUnseen(s.guessing.wanted() ||
              (s.lesson.current()->display == Display::hidden && s.request.options().earsFirst));
  });
  connect(&s.guessing, &FigureGuessing::changed, this,
          [this, &s] { setUnseen(s.guessing.wanted() != nullptr); });
  connect(&s.playback, &Playback::openHeard, this, [this](std::optional<double> seconds) {
    if (seconds) take_->setCursor(*seconds);
    play_->setText(seconds ? tr("Stop") : tr("Play"));
  });
  connect(take_, &TakeView::emptyActed, this, [this, &s] {
    head_->chooser().edit(true);
    // A stand-in plays only for a take.
    if (s.book.chosen() && !s.setup.chosen().playsForATake()) source_->askWhetherHeard();
  });
  connect(take_, &TakeView::otherActed,
          [] { QProcess::startDetached(QCoreApplication::applicationFilePath(), {"--demo"}); });
  connect(take_, &TakeView::placeChosen, this, [this](double t) { take_->setCursor(t); });
}

/// Neither the trace nor a figure, before the ear has answered.
void MainWindow::setUnseen(bool hidden) {
  take_->setHidden(hidden);
  readout_->setVeiled(hidden);
}

/// The take on show, or the one that sounds; else what an empty place says.
void MainWindow::refreshPicture() {
  const ShownTake& open = parts_.shown;
  if (!parts_.run.taking()) {
    if (take_->snapshot() != open.snapshot()) {
      take_->setSnapshot(open.snapshot());
      take_->setCursor({});
      setUnseen(false);
    }
    take_->setWaiting(open.isAwaited());
  }
  const Allowed allowed = parts_.session.allowed();
  for (QPushButton* action : actions_) action->setEnabled(allowed.hear);
  actions_.back()->setEnabled(allowed.hear && allowed.say);
  take_->update();
}

void MainWindow::refreshEmptyText() {
  const ExercisePtr card = parts_.lesson.current();
  // At the very first start there is one thing to do, and nothing beside it.
  const bool somebody = parts_.book.chosen();
  for (QWidget* part : std::initializer_list<QWidget*>{left_, right_, shelf_}) part->setVisible(somebody);
  head_->setEmpty(!somebody);
  if (!somebody)
    return take_->setEmptyText(tr("Add the first student"),
                               tr("Every take belongs to a student; everything stays on this computer."),
                               tr("Add a student"), tr("Look at the made-up class"));
  if (parts_.safety.showsCaution())
    return take_->setEmptyText(
        tr("Before breathing"),
        tr("Stop at once when you feel light-headed, dizzy, tingling or in pain: Esc.\nSit down the first "
           "times. Short sets, and normal breaths between them.\nNot after an illness, with trouble of "
           "heart, "
           "lungs or blood pressure, or in pregnancy, without a doctor’s word.\nCalando is no medical "
           "device.\n\nSpace begins."));
  QStringList text{words::said(card->purpose)};
  const std::string school = parts_.deck.school();
  for (const auto& [name, what] : card->schools)
    if (school.empty() || school == name) text << words::said(what);
  text << QString() << tr("Press Space to start. Or open a recording with Ctrl+O, or drop files here.");
  // First, and once a day each.
  QStringList minded;
  for (const Caution& caution : parts_.safety.unread()) minded << words::said(caution.says);
  if (!minded.isEmpty()) text = minded << QString() << text;
  take_->setEmptyText(words::said(card->title), text.join('\n'));
}

/// Asks what is to become of what is under way; takes that were played are waited for unasked.
bool MainWindow::mayClose() {
  if (parts_.files.mayEnd()) return true;
  if (!closing_ && parts_.files.promises().asks) {
    switch (askHowToClose(parts_.files.promises(), this)) {
      case Closing::wait:
        break;
      case Closing::leave:
        parts_.files.giveUp();
        break;
      case Closing::notNow:
        return false;
    }
  }
  closing_ = !parts_.files.mayEnd();
  return !closing_;
}

/// What was waited for is through.
void MainWindow::closeNow() {
  if (closing_ && parts_.files.mayEnd()) close();
}

void MainWindow::closeEvent(QCloseEvent* event) {
  if (!mayClose()) return event->ignore();
  parts_.session.finish();
  event->accept();
}

const Parts& MainWindow::parts() const { return parts_; }

bool MainWindow::idle() const { return parts_.session.idle(); }

SnapshotPtr MainWindow::shownSnapshot() const { return parts_.shown.snapshot(); }

MainWindow::~MainWindow() = default;

}  // namespace calando
