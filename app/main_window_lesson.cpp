#include <QMediaDevices>

#include "app/card_editor.h"
#include "app/lesson_view.h"
#include "app/main_window.h"
#include "app/main_window_parts.h"
#include "app/ribbon_view.h"
#include "core/bounded_json.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/judging.h"
#include "core/exercise/lesson.h"
#include "core/measure/latency.h"

namespace calando {

namespace {

/// What the sound system says of the start of a stream is that unsure: two standard deviations of a measuring
/// and a take after it, over thirty starts.
constexpr double kRunToRun_ms = 11.0;

/// The teacher's word goes before the figures.
Verdict verdictOfTake(TeachersWord word, const Kept& kept) {
  if (word == TeachersWord::accept) return Verdict::inside;
  if (word == TeachersWord::notYet) return Verdict::notYet;
  if (word == TeachersWord::veto) return Verdict::outside;
  return kept.verdict;
}

}  // namespace

ExercisePtr MainWindow::card() const { return lesson_->current(); }

/// Another step of the lesson: its card is shown, and the takes that there are of it.
void MainWindow::exerciseChosen() {
  if (loading_ || live_.running()) return;
  AskedFor wanted = asked();
  wanted.exercise = card()->id;
  wanted.tempo_bpm.reset();
  // As it was asked for last time.
  const auto last = std::ranges::find(takes_, card()->id, [](const Take& t) { return t.asked.exercise; });
  if (last != takes_.end()) wanted = last->asked;
  player_.stop();
  clearShown();
  loading_ = true;
  shelf_->setCurrentRow(-1);  // none is shown, and each can be chosen
  loading_ = false;
  showAsked(wanted);
  updateInstrument();
  showFigures();
}

/// What the exercise asks of the head strip.
void MainWindow::showExerciseFields() {
  tempoBox_->setVisible(card()->counted());
  holdBox_->setVisible(!card()->counted());
  support_->setVisible(card()->counted());
  autoStop_->setText(card()->counted() ? tr("Stop at the end") : tr("Stop after the tone"));
  // Once for each step: what the teacher chooses then stays until the next.
  if (headStripOf_ != card()->id) earsFirst_->setChecked(card()->display != Display::shown);
  headStripOf_ = card()->id;
  const PitchReference reference = card()->reference;
  const bool ownTuning = reference == PitchReference::equal || reference == PitchReference::just;
  temperament_->setVisible(!ownTuning);
  cardTuning_->setVisible(ownTuning);
  cardTuning_->setText(reference == PitchReference::just ? tr("pure over home") : tr("equal, by the card"));
  temperament_->setToolTip(
      reference == PitchReference::home
          ? tr("This card is held against the player’s own home note, as it first comes.")
          : QString());
  updateTiming();
}

/// How sure it is where the notes of a counted exercise lie against its count: said with the level.
void MainWindow::updateTiming() {
  const bool heard = support_->currentData().toString() != "flash";
  const double unsure_ms = heard && latency() ? kRunToRun_ms : 1000.0 * kLongestLatency_s;
  timing_ = card()->counted() ? tr(" · timing ±%1 ms").arg(unsure_ms, 0, 'f', 0) : QString();
}

/// The student's own running order.
void MainWindow::loadLesson() {
  if (!student()) return;
  const auto kept = studio_.setting(Studio::settingOf("order", student()->id));
  const auto order = parseBounded(kept && *kept ? **kept : "");
  std::vector<std::string> steps;
  if (order && order->is_array())
    for (const auto& step : *order)
      if (step.is_string()) steps.push_back(step.get<std::string>());
  loading_ = true;
  lesson_->setOrder(steps.empty() ? lessonTemplates().front().exercises : steps);
  loading_ = false;
}

void MainWindow::loadOwnCards() {
  auto cards = studio_.cards();
  if (!cards) return sayLoss(q(cards.error()));
  loading_ = true;
  lesson_->setOwnCards(std::move(*cards));
  loading_ = false;
}

/// Looks at a card; what is changed becomes an own one, and an own one is replaced or erased.
void MainWindow::editCard(const std::string& exercise) {
  const ExercisePtr opened = lesson_->find(exercise);
  if (!opened || live_.running()) return;
  const bool own = lesson_->isOwn(exercise);
  CardEditor editor(*opened, own, contextFor(asked()), this);
  if (editor.exec() != QDialog::Accepted) return;
  Exercise card = editor.card();
  if (!own) {
    // An id of its own, whatever the title.
    const std::string stem = "own-" + std::to_string(QDateTime::currentSecsSinceEpoch());
    card.id = stem;
    for (int i = 2; lesson_->find(card.id); ++i) card.id = stem + "-" + std::to_string(i);
  }
  if (!worked(editor.erased() ? studio_.eraseCard(exercise) : studio_.keepCard(card))) return;
  loadOwnCards();
  if (!editor.erased()) lesson_->choose(card.id);
  exerciseChosen();
}

/// The take that the step's takes are held against: the teacher's model, or the student's best.
std::optional<Rival> MainWindow::rival() const {
  const auto of = [this](std::int64_t take) {
    const Kept* kept = keptOf(take);
    return kept ? rivalOf(*kept) : std::nullopt;
  };
  if (card()->against == Against::teacher) {
    const auto model = numberSetting(modelSetting());
    return model ? of(static_cast<std::int64_t>(*model)) : std::nullopt;
  }
  if (card()->against == Against::nobody) return std::nullopt;
  std::vector<Rival> earlier;
  for (const Take& take : takes_)
    if (take.asked.exercise == card()->id && take.word != TeachersWord::invalidTry &&
        take.word != TeachersWord::veto)
      if (const auto one = of(take.id)) earlier.push_back(*one);
  return bestOf(earlier);
}

std::string MainWindow::modelSetting() const {
  return Studio::settingOf("model", student() ? student()->id : 0) + ":" + card()->id;
}

bool MainWindow::isModel() const {
  return shown_ && numberSetting(modelSetting()) == static_cast<double>(shown_->take.id);
}

void MainWindow::setModel() {
  if (!shown_ || studio_.readOnly() || card()->against != Against::teacher) return;
  const std::string value = isModel() ? std::string() : std::to_string(shown_->take.id);
  worked(studio_.keepSetting(modelSetting(), value));
  showFigures();
}

/// How each step stands, from the takes that count, newest first.
void MainWindow::updateResults() {
  std::map<std::string, std::vector<Verdict>> verdicts;
  for (const Take& take : takes_) {
    if (take.word == TeachersWord::invalidTry) continue;
    if (const Kept* kept = keptOf(take.id))
      verdicts[take.asked.exercise].push_back(verdictOfTake(take.word, *kept));
  }
  std::map<std::string, Standing> results;
  for (const auto& [id, list] : verdicts)
    if (const auto step = lesson_->find(id)) results[id] = standingOf(list, *step);
  lesson_->setResults(std::move(results));
}

/// What is to be said when the card's dose for the day is done; else empty.
QString MainWindow::doseDone() const {
  const QDate today = QDate::currentDate();
  const auto done = std::ranges::count_if(takes_, [&](const Take& t) {
    return t.asked.exercise == card()->id && QDateTime::fromSecsSinceEpoch(t.made_unix_s).date() == today;
  });
  if (card()->mostPerDay == 0 || done < card()->mostPerDay) return {};
  return tr("Takes of this one today: %1. That is enough of it; go on with the next step (N), or tomorrow.")
      .arg(done);
}

/// Rest that the card owes after a set is counted down; a new take may start all the same.
void MainWindow::oweRest() {
  restLeft_s_ = static_cast<int>(card()->rest_s);
  rest_->setVisible(restLeft_s_ > 0);
  const auto show = [this] { rest_->setText(tr("rest %1 s").arg(restLeft_s_)); };
  show();
  if (!restTimer_) {
    restTimer_ = new QTimer(this);
    restTimer_->setInterval(1000);
    connect(restTimer_, &QTimer::timeout, this, [this, show] {
      --restLeft_s_;
      show();
      if (restLeft_s_ > 0) return;
      restTimer_->stop();
      rest_->hide();
    });
  }
  if (restLeft_s_ > 0) restTimer_->start();
}

/// What is to be heard with the exercise, as chosen in the head strip.
Accompaniment MainWindow::accompaniment(const CueSheet& sheet, const Context& context) const {
  const QString support = support_->currentData().toString();
  Accompaniment heard;
  heard.level_db = numberSetting("output_db").value_or(0.0);
  heard.click = support == "click" || support == "fork";
  const auto note = notesOf(sheet);
  if (note.empty()) return heard;
  const int sounding = context.instrument ? context.instrument->soundingOf(note.front()) : note.front();
  const double hz = frequencyOf(sounding, context.reference);
  if (support == "fork") heard.fork_hz = hz;
  if (support == "drone") heard.drone_hz = hz;
  return heard;
}

/// Plays it from the same moment as the recording. False when only the screen flashes.
bool MainWindow::accompany(const Accompaniment& heard, const CueSheet& sheet) {
  if (!heard.click && !heard.drone_hz) return false;
  constexpr double rate = 48000.0;
  const bool plays = player_.play(calando::render(heard, sheet, rate), rate, 0.0, 1e9, false);
  if (!plays) say(tr("There is no sound output for the count: it flashes on the screen."));
  return plays;
}

std::optional<double> MainWindow::numberSetting(const std::string& name) const {
  const auto kept = studio_.setting(name);
  if (!kept || !*kept) return std::nullopt;
  bool good = false;
  const double number = q(**kept).toDouble(&good);
  return good ? std::optional(number) : std::nullopt;
}

std::string MainWindow::latencySetting() const {
  const auto output = studio_.setting("output");
  return "way:" + source_->currentData().toString().toStdString() + "|" +
         (output && *output ? **output : std::string());
}

std::optional<double> MainWindow::latency() const { return numberSetting(latencySetting()); }

/// Where in the recording the first cue lies of a count that is heard: who plays to it plays late by the way
/// there and back. nullopt where the sound has stumbled.
std::optional<double> MainWindow::countStart(const StreamClock& recording, double way_s) const {
  const auto head_s = headStart_s(player_.clock(), recording);
  return head_s && countIn_s_ ? std::optional(*countIn_s_ + way_s - *head_s) : std::nullopt;
}

/// For the eye, while it is counted in; how it lay is settled by the whole take.
void MainWindow::placeCount(double played_s) {
  if (!taking() || !countIn_s_ || played_s > *countIn_s_) return;
  if (const auto start_s = countStart(live_.clock(), latency().value_or(0.0))) live_.placeSheet(*start_s);
}

/// The output that was chosen, or the system's default where that is not there.
void MainWindow::applyOutput() {
  const auto kept = studio_.setting("output");
  QAudioDevice chosen;
  if (kept && *kept)
    for (const QAudioDevice& device : QMediaDevices::audioOutputs())
      if (device.id().toStdString() == **kept) chosen = device;
  player_.setOutput(chosen);
}

/// Where the program is heard, and how loud the count.
void MainWindow::chooseOutput() {
  QDialog dialog(this);
  dialog.setWindowTitle(tr("Sound output"));
  auto* device = new QComboBox;
  device->setObjectName("outputDevice");
  device->addItem(tr("The system’s default"), QString());
  for (const QAudioDevice& d : QMediaDevices::audioOutputs())
    device->addItem(d.description(), QString::fromUtf8(d.id()));
  const auto kept = studio_.setting("output");
  device->setCurrentIndex(std::max(0, device->findData(kept && *kept ? q(**kept) : QString())));
  auto* level = new QSpinBox;
  level->setObjectName("outputLevel");
  level->setRange(-24, 6);
  level->setSuffix(tr(" dB"));
  level->setValue(static_cast<int>(std::lround(numberSetting("output_db").value_or(0.0))));
  auto* form = new QFormLayout;
  form->addRow(tr("Play on"), device);
  form->addRow(tr("Click, fork and drone"), level);
  auto* hint =
      new QLabel(tr("Softer is better where a microphone hears the loudspeaker; best are headphones."));
  hint->setWordWrap(true);
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
  connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
  auto* layout = new QVBoxLayout(&dialog);
  layout->addLayout(form);
  layout->addWidget(hint);
  layout->addWidget(buttons);
  if (dialog.exec() != QDialog::Accepted || studio_.readOnly()) return;
  for (const auto& [name, value] : {std::pair{"output", device->currentData().toString().toStdString()},
                                    std::pair{"output_db", std::to_string(level->value())}})
    if (!worked(studio_.keepSetting(name, value))) return;
  applyOutput();
}

/// Clicks out, microphone in.
void MainWindow::calibrate() {
  if (live_.running()) return;
  if (!live_.listening()) return say(tr("No sound comes from this source. Choose another one first."));
  calibration_.emplace().setting = latencySetting();
  record_->setChecked(true);
  record_->setText(tr("Stop  ·  Space"));
  say(tr("Eight clicks: let the microphone hear them, and be quiet for five seconds."));
  playCalibration();
}

void MainWindow::playCalibration() {
  constexpr double rate = 48000.0;
  const std::vector<float> clicks = calibrationSound(rate);
  if (!player_.play(clicks, rate, 0.0, 1e9, false)) {
    endCalibration();
    return say(tr("There is no sound output to click on. Plug in headphones or loudspeakers."));
  }
  --calibration_->left;
  const QString file = QString("clicks-%1.wav").arg(calibration_->left);
  live_.begin({.recording = calibration_->folder.filePath(file).toStdString(),
               .context = {},
               .sheet = {},
               .stopsByItself = false});
  calibrationEnd_.start(static_cast<int>(1000.0 * static_cast<double>(clicks.size()) / rate) + 600);
  updateActions();
}

void MainWindow::finishCalibration() {
  const double rate = live_.rate();
  const LiveTake::Heard heard = live_.end();
  const auto head_s = headStart_s(player_.clock(), heard.clock);
  player_.stop();
  const Calibration found = calibrationOf(heard.samples, rate, head_s.value_or(0.0));
  const bool measured = head_s && found.latency;
  const bool stumbled = !head_s || found.heard >= kLeastClicks;
  if (!measured && stumbled && calibration_->left > 0) {
    say(tr("The sound stumbled: the computer was busy. Once more, eight clicks."));
    return playCalibration();
  }
  const std::string setting = calibration_->setting;
  endCalibration();
  if (!measured)
    return say(
        stumbled
            ? tr("The sound was late or missing on its way each time. Close what keeps the computer busy and "
                 "measure again; until then timing is held against the notes' own count.")
            : tr("The clicks were not heard clearly. Turn the loudspeaker up or move the microphone closer, "
                 "and "
                 "measure again; until then timing is held against the notes' own count."));
  if (!worked(studio_.keepSetting(setting, std::to_string(found.latency->seconds)))) return;
  updateTiming();
  say(tr("The delay is measured: clicked exercises are held against the count from now on, to ±%1 ms.")
          .arg(kRunToRun_ms + 500.0 * found.latency->spread_s, 0, 'f', 0));
}

/// Whether one was going on.
bool MainWindow::endCalibration() {
  if (!calibration_) return false;
  calibrationEnd_.stop();
  live_.end();
  player_.stop();
  calibration_.reset();
  record_->setChecked(false);
  record_->setText(tr("Start  ·  Space"));
  updateActions();
  return true;
}

}  // namespace calando
