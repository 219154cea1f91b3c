#include "app/cue_table.h"
#include "app/figures_view.h"
#include "app/found_dialog.h"
#include "app/lesson_view.h"
#include "app/main_window.h"
#include "app/main_window_parts.h"
#include "app/note_map.h"
#include "app/note_names.h"
#include "app/ribbon_painter.h"
#include "app/ribbon_view.h"
#include "app/staff_view.h"
#include "app/take_export.h"
#include "core/measure/latency.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"

namespace calando {

namespace {

constexpr double kClicksTooLoud_dbfs = -36.0;  // RMS of 10 ms: headphones are recommended from there on

}  // namespace

AskedFor MainWindow::asked() const {
  AskedFor a;
  a.instrument = student() ? student()->instrument : "";
  a.exercise = card()->id;
  if (lesson_->isOwn(a.exercise)) a.card = toText(*card());
  if (card()->counted() && tempo_->value() != card()->tempo_bpm) a.tempo_bpm = tempo_->value();
  a.level = level_->currentData().toString().toStdString();
  a.note = staff_->note();
  if (student()) a.range = student()->range;
  a.seconds = seconds_->value();
  a.a4_hz = a4_->value();
  a.just = temperament_->currentData().toInt() >= 0;
  a.tonic = std::max(0, temperament_->currentData().toInt());
  return a;
}

void MainWindow::showAsked(const AskedFor& a) {
  loading_ = true;
  staff_->setNote(a.note);
  nameNotes();
  if (!a.card.empty() && !lesson_->find(a.exercise))
    if (const auto gone = parseExercise(a.card)) lesson_->lend(*gone);
  lesson_->show(a.exercise);
  showExerciseFields();
  tempo_->setValue(a.tempo_bpm.value_or(std::max(20.0, card()->tempo_bpm)));
  seconds_->setValue(a.seconds);
  level_->setCurrentIndex(std::max(0, level_->findData(q(a.level))));
  a4_->setValue(a.a4_hz);
  temperament_->setCurrentIndex(temperament_->findData(a.just ? a.tonic : -1));
  loading_ = false;
}

/// The take on show is judged anew against what is asked for now.
void MainWindow::askedChanged() {
  if (loading_ || !shown_ || live_.running()) return;
  AskedFor wanted = asked();
  wanted.start_s = shown_->take.asked.start_s;
  wanted.against = shown_->take.asked.against;
  wanted.drone_hz = shown_->take.asked.drone_hz;
  wanted.click = shown_->take.asked.click;
  wanted.fork_hz = shown_->take.asked.fork_hz;
  wanted.range = shown_->take.asked.range;
  shown_->take.asked = wanted;
  const auto picture = pictureOf(shown_->picture->tracks, wanted);
  shown_->picture = picture;
  picture_ = picture;
  ribbon_->setPicture(picture_);
  if (!studio_.readOnly()) keepSummary(shown_->take.id, summaryOf(*picture));
  keepShown();
  showFigures();
}

/// What was said of the take on show goes to the list, and to what is in memory of it.
void MainWindow::keepShown() {
  if (studio_.readOnly()) return;
  shown_->take.remark = remark_->text().toStdString();
  worked(studio_.changeTake(shown_->take));
  for (Take& t : takes_)
    if (t.id == shown_->take.id) t = shown_->take;
  noteWriter_.schedule();
}

/// Nothing is on show and nothing awaited; a remark that was being typed belongs to what was.
void MainWindow::clearShown() {
  keepRemark();
  if (awaited_ && awaited_->take) analyst_.forget(awaited_->ticket);
  awaited_.reset();
  shown_.reset();
  picture_.reset();
  remark_->clear();
  ribbon_->setPicture(nullptr);
  ribbon_->setWaiting(false);
}

void MainWindow::toggleTake() {
  if (endCalibration()) return say(tr("The delay was not measured."));
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
  AskedFor wanted = asked();
  wanted.against = rival();
  Context context = contextFor(wanted);
  const CueSheet sheet = unroll(context);
  if (sheet.cues.empty())
    return say(tr("None of this exercise’s notes are in the student’s range. Ask for another home note."));
  const auto file = studio_.newRecording(*student(), wanted, elsewhere_);
  if (!file)
    return sayLoss(q(file.error()), tr("Record elsewhere…"), [this] {
      const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder for recordings"));
      if (!folder.isEmpty()) elsewhere_ = QFile::encodeName(folder).toStdString();
    });
  player_.stop();
  clearShown();
  messages_->clear();
  const bool standIn = source_->currentData().toString() == kStandIn;
  if (standIn) {
    const Player* profile = findPlayer(playerProfile_->currentData().toString().toStdString());
    Performance performance = perform(*profile, sheet, context, ++standInSeed_);
    if (sheet.counted()) wanted.start_s = performance.truth.cues.front().start_s;
    if (standInSpeed_ == 1.0) player_.play(performance.samples, performance.rate_hz, 0.0, 1e9, false);
    live_.listen(playedSource(std::move(performance.samples), performance.rate_hz, standInSpeed_));
  } else if (!live_.listening()) {
    studio_.discardRecording(*file);
    return say(tr("No sound comes from this source. Choose another one, or plug the microphone in again."));
  }
  ribbon_->setCursor({});
  ribbon_->setHidden(earsFirst_->isChecked());
  showFigures();
  const Accompaniment heard = accompaniment(sheet, context);
  countIn_s_.reset();
  if (!standIn && sheet.counted() && accompany(heard, sheet)) {
    wanted.drone_hz = heard.drone_hz;
    wanted.click = context.click = heard.click;
    wanted.fork_hz = context.fork_hz = heard.fork_hz;
    countIn_s_ = sheet.countIn_s();
  }
  recording_ = *file;
  sounding_.asked = wanted;
  sounding_.student = student()->id;
  sounding_.source = source_->currentText().toStdString();
  if (standIn) sounding_.source = "stand-in: " + playerProfile_->currentText().toStdString();
  live_.begin({*file, context, sheet, wanted.start_s.value_or(sheet.countIn_s()), wanted.seconds,
               autoStop_->isChecked()});
  record_->setChecked(true);
  record_->setText(tr("Stop  ·  Space"));
  updateActions();
}

void MainWindow::stopTake() {
  Analyst::Request request;
  request.rate_hz = live_.rate();
  LiveTake::Heard heard = live_.end();
  request.samples = std::make_shared<std::vector<float>>(std::move(heard.samples));
  request.take = sounding_;
  request.take.made_unix_s = QDateTime::currentSecsSinceEpoch();
  request.take.recording = recording_->filename().string();
  const auto owner = std::ranges::find(students_, sounding_.student, &Student::id);
  record_->setChecked(false);
  record_->setText(tr("Start  ·  Space"));
  Count count = Count::asHeard;
  if (countIn_s_) {
    if (const auto way_s = latency()) request.take.asked.start_s = countStart(heard.clock, *way_s);
    count = request.take.asked.start_s ? Count::asHeard
            : latency()                ? Count::ownStumbled
                                       : Count::ownUnmeasured;
  }
  if (source_->currentData().toString() == kStandIn) {
    live_.quiet();
    showNoInput();
  }
  player_.stop();
  if (request.samples->empty()) {
    studio_.discardRecording(*std::exchange(recording_, {}));
    updateActions();
    return say(tr("Nothing was recorded: the take was stopped before any sound came."));
  }
  keepWhenMeasured(std::move(request), *owner, count, std::exchange(recording_, {}));
  updateActions();
}

void MainWindow::keepWhenMeasured(Analyst::Request request, const Student& student, Count count,
                                  const std::optional<std::filesystem::path>& played) {
  request.keeping = Analyst::Request::Keeping{studio_.folder(), student};
  ++keeping_;
  const auto ticket = analyst_.ask(std::move(request), Analyst::Urgency::now,
                                   [=, this](Analyst::Ticket t, const Analyst::Answer& answer) {
                                     --keeping_;
                                     const bool wanted = awaited_ && awaited_->ticket == t;
                                     if (wanted) awaited_.reset();
                                     const bool kept = keep(answer, count, played.has_value(), wanted);
                                     if (kept && played) studio_.discardRecording(*played);
                                     if (closing_) close();
                                   });
  awaited_ = Awaited{ticket, {}};
  ribbon_->setWaiting(true);
}

/// Whether it is on the list.
bool MainWindow::keep(const Analyst::Answer& answer, Count count, bool played, bool wanted) {
  if (!answer.error.isEmpty()) {
    ribbon_->setWaiting(false);
    sayLoss(answer.error);
    return false;
  }
  const bool kept = !answer.unkept && worked(studio_.enterTake(answer.take, answer.summary));
  if (answer.unkept)
    sayLoss(
        tr("The take of %1 could not be kept: %2. It is in memory until it is saved elsewhere or Calando is "
           "closed; what was recorded of it is offered at the next start.")
            .arg(QDateTime::fromSecsSinceEpoch(answer.take.made_unix_s).toString("HH:mm"),
                 q(answer.unkept->why)),
        tr("Save elsewhere…"), [this, answer] { saveElsewhere(answer); });
  if (wanted) showTake({answer.take, answer.samples, answer.rate_hz, answer.picture});
  const bool here = student() && student()->id == answer.take.student;
  if (kept && here) loadShelf(chosenTake());
  if (!wanted) return kept;
  QStringList notes;
  if (kept && played) {
    ribbon_->setHidden(card()->display == Display::hidden && earsFirst_->isChecked());
    oweRest();
    notes << doseDone();
  }
  notes << remarksOn(answer, count);
  notes.removeAll(QString());
  if (count == Count::ownUnmeasured && !answer.picture->analysis.tones.empty())
    say(notes.join(' '), tr("Measure delay"), [this] { calibrate(); });
  else if (!notes.isEmpty())
    say(notes.join(' '));
  return kept;
}

/// What there is to say of a take that was just measured.
QStringList MainWindow::remarksOn(const Analyst::Answer& answer, Count count) const {
  const Analysis& analysis = answer.picture->analysis;
  QStringList notes;
  if (const auto drone = analysis.drone_dbfs)
    notes << tr("The microphone hears the drone (%1 dBFS). Pitch and length are measured all the same; for "
                "the core over noise use headphones.")
                 .arg(signedFigure(*drone));
  if (const auto loud = analysis.clicks_dbfs; loud && *loud > kClicksTooLoud_dbfs)
    notes << tr("The microphone hears the clicks (%1 dBFS). They are taken out of the figures as far as they "
                "are alike; headphones are surer.")
                 .arg(signedFigure(*loud));
  if (analysis.tones.empty())
    notes << tr("No tone was found in this take. It is kept; delete it, or mark it as not yet.");
  else if (count == Count::ownStumbled)
    notes << tr(
        "The sound stumbled in this take: the computer was busy. The notes are held against their own count, "
        "not against the one that was heard.");
  else if (count == Count::ownUnmeasured)
    notes << tr("The delay of this set-up is not measured: the notes are held against their own count. Where "
                "they lie against the one that was heard is uncertain by up to %1 ms.")
                 .arg(1000.0 * kLongestLatency_s, 0, 'f', 0);
  return notes;
}

/// A take that the studio has no room for, with its note: opened again, it is what it was.
void MainWindow::saveElsewhere(const Analyst::Answer& answer) {
  const QString file = QFileDialog::getSaveFileName(this, tr("Save the take elsewhere"), tr("take.flac"),
                                                    tr("Sound (*.flac)"));
  const auto owner = std::ranges::find(students_, answer.take.student, &Student::id);
  const Student student = owner == students_.end() ? Student{answer.take.student, {}, {}, {}} : *owner;
  const auto saved =
      file.isEmpty() ? tl::unexpected(WriteError{false, tr("no place was chosen").toStdString()})
                     : writeSound(QFile::encodeName(file).toStdString(), *answer.samples, answer.rate_hz,
                                  SoundFormat::flac24, {.comment = toText(SoundNote{student, answer.take})});
  if (saved) return say(tr("Written: %1. Open it with Ctrl+O once there is room.").arg(file));
  sayLoss(tr("The take is not saved yet: %1.").arg(q(saved.error().why)), tr("Save elsewhere…"),
          [this, answer] { saveElsewhere(answer); });
}

void MainWindow::showTake(const Opened& opened) {
  clearShown();
  shown_ = opened;
  remark_->setText(q(opened.take.remark));
  picture_ = opened.picture;
  showAsked(opened.take.asked);
  ribbon_->setHidden(false);
  ribbon_->setCursor({});
  ribbon_->setPicture(picture_);
  showFigures();
}

void MainWindow::showFigures() {
  figures_->setReadings(picture_ ? picture_->analysis.readings : std::vector<Reading>(), earlierValues());
  const bool cues = picture_ && picture_->sheet.cues.size() > 1;
  readoutRow_->setVisible(cues);
  cueTable_->setPicture(cues ? picture_ : nullptr);
  noteMap_->setPicture(cues ? picture_ : nullptr);
  readouts_->setCurrentIndex(cues ? readoutChoice_->checkedId() : 0);
  const bool advised = picture_ && !picture_->analysis.advice.empty();
  const bool modelless = shown_ && card()->against == Against::teacher && !shown_->take.asked.against;
  advice_->setText(advised     ? q(picture_->analysis.advice.front().text)
                   : modelless ? tr("The teacher’s tone? Model (M) holds the next takes against it.")
                   : shown_    ? tr("Nothing to judge in this take.")
                               : tr("One thing to try appears here after the take."));
  why_->setText(advised ? q(picture_->analysis.advice.front().why) : QString());
  for (QAbstractButton* b : words_->buttons())
    b->setChecked(shown_ && static_cast<int>(shown_->take.word) == words_->id(b));
  for (QAbstractButton* b : attention_->buttons())
    b->setChecked(shown_ && static_cast<int>(shown_->take.attention) == attention_->id(b));
  for (QAbstractButton* b : comfort_->buttons())
    b->setChecked(shown_ && static_cast<int>(shown_->take.comfort) == comfort_->id(b));
  const QString before = adviceBefore();
  const QString said = shown_ ? q(shown_->take.tried) : QString();
  tried_->setEnabled(!studio_.readOnly() && (!before.isEmpty() || !said.isEmpty()));
  tried_->setChecked(!said.isEmpty());
  tried_->setToolTip(said.isEmpty() ? before.isEmpty() ? tr("There was nothing to try before this take.")
                                                       : tr("Was this tried? (Y) %1").arg(before)
                                    : tr("This was tried (Y): %1").arg(said));
  model_->setVisible(card()->against == Against::teacher);
  model_->setChecked(isModel());
  updateActions();
}

void MainWindow::updateActions() {
  const bool writes = !studio_.readOnly();
  // A take belongs to whom and what it was started with.
  const bool still = !live_.running();
  for (QWidget* w :
       std::initializer_list<QWidget*>{studentList_, lesson_, source_, output_, playerProfile_, support_,
                                       tempo_, staff_, note_, seconds_, level_, a4_, temperament_})
    w->setEnabled(still);
  editStudent_->setEnabled(writes && still && student());
  eraseStudent_->setEnabled(writes && still && student());
  record_->setEnabled(writes);
  model_->setEnabled(writes && shown_.has_value());
  for (const QButtonGroup* group : {words_, attention_, comfort_})
    for (QAbstractButton* b : group->buttons()) b->setEnabled(writes && shown_.has_value());
  remark_->setEnabled(writes && shown_.has_value());
  play_->setEnabled(shown_.has_value());
  export_->setEnabled(shown_.has_value());
  compare_->setEnabled(still && takes_.size() > 1);
  delete_->setEnabled(writes && shown_.has_value() && shown_->take.id != 0);
}

void MainWindow::setWord(int word) {
  if (!shown_ || studio_.readOnly()) return;
  const auto wanted = static_cast<TeachersWord>(word);
  shown_->take.word = shown_->take.word == wanted ? TeachersWord::none : wanted;
  keepShown();
  showWords();
}

void MainWindow::setAttention(int attention) {
  if (!shown_ || studio_.readOnly()) return;
  const auto wanted = static_cast<Attention>(attention);
  shown_->take.attention = shown_->take.attention == wanted ? Attention::unsaid : wanted;
  keepShown();
  showFigures();
}

void MainWindow::setComfort(int comfort) {
  if (!shown_ || studio_.readOnly()) return;
  const auto wanted = static_cast<Comfort>(comfort);
  shown_->take.comfort = shown_->take.comfort == wanted ? Comfort::unsaid : wanted;
  keepShown();
  showFigures();
}

void MainWindow::setTried() {
  if (!shown_ || studio_.readOnly()) return;
  shown_->take.tried = shown_->take.tried.empty() ? adviceBefore().toStdString() : std::string();
  keepShown();
  showFigures();
}

/// A remark that was typed is kept with the take that it was typed for.
void MainWindow::keepRemark() {
  if (!shown_ || studio_.readOnly() || shown_->take.remark == remark_->text().toStdString()) return;
  keepShown();
  showWords();
}

/// The word and the remark in the shelf, the figures and the steps.
void MainWindow::showWords() {
  const auto row = std::ranges::find(takes_, shown_->take.id, &Take::id) - takes_.begin();
  if (row < static_cast<long>(takes_.size())) labelShelf(static_cast<int>(row));
  updateResults();
  showFigures();
}

void MainWindow::exportShown() {
  if (!shown_) return;
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Export the take"), tr("take.png"),
      tr("Picture (*.png *.svg);;Sound (*.wav *.flac);;Figures (*.json);;Tracks (*.csv)"));
  if (file.isEmpty()) return;
  if (const QString error = exportTake(file, *shown_->picture, *shown_->samples, shown_->rate_hz);
      !error.isEmpty())
    return sayLoss(error);
  say(tr("Written: %1").arg(file));
}

void MainWindow::playOrStop() {
  if (endCalibration()) return say(tr("The delay was not measured."));
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
  std::vector<Importing::Wanted> wanted;
  for (const QString& file : files) {
    Take take;
    take.asked = asked();
    take.asked.against = rival();
    take.student = student()->id;
    take.made_unix_s = QDateTime::currentSecsSinceEpoch();
    take.source = QFileInfo(file).fileName().toStdString();
    wanted.push_back({QFile::encodeName(file).toStdString(), take, *student()});
  }
  importing_.open(wanted, studio_.folder());
}

void MainWindow::takenIn(const Analyst::Answer& answer, bool alone) {
  if (!worked(studio_.enterTake(answer.take, answer.summary))) return;
  if (!student() || student()->id != answer.take.student) return;
  if (!alone || live_.running()) return growShelf(answer);
  showTake({answer.take, answer.samples, answer.rate_hz, answer.picture});
  loadShelf(chosenTake());
  if (answer.picture->analysis.tones.empty())
    say(tr("No tone was found in this take. It is kept; delete it, or mark it as not yet."));
}

void MainWindow::showImporting() {
  if (!importing_.running() || importing_.total() < 2) return messages_->endProgress();
  messages_->progress(tr("Taking recordings in: %1 of %2").arg(importing_.done()).arg(importing_.total()),
                      importing_.done(), importing_.total(), [this] { importing_.cancel(); });
}

void MainWindow::importingFinished(const QStringList& refused) {
  messages_->endProgress();
  constexpr int kNamed = 3;
  if (!refused.isEmpty())
    sayLoss(refused.size() <= kNamed
                ? refused.join(' ')
                : tr("%1 And others: %2.")
                      .arg(refused.mid(0, kNamed).join(' '), QString::number(refused.size() - kNamed)));
  // Several: the newest of them is shown, unless somebody looks at something else by now.
  if (!shown_ && !awaited_ && !live_.running() && !takes_.empty() && shelf_->currentRow() < 0 && !closing_)
    shelf_->setCurrentRow(0);
  if (closing_) close();
}

/// What a crash, a full disk or another list left behind: one that can be kept at once is offered, of all
/// others it is said that they are there.
void MainWindow::offerStrays() {
  const auto strays = studio_.strays();
  if (!strays) return sayLoss(q(strays.error()));
  if (strays->empty()) return;
  const Stray first = strays->front();
  const auto owner = std::ranges::find(students_, first.note.student.id, &Student::id);
  if (strays->size() > 1 || !first.recording || !first.seconds || owner == students_.end())
    return sayLoss(foundText(*strays), tr("Look at them…"), [this] { lookAtStrays(); });
  sayLoss(
      tr("A take of %1, %2 s long, was not kept last time: Calando was ended while it recorded, or there was "
         "no room. It is safe on disk.")
          .arg(q(owner->name), QString::number(*first.seconds, 'f', 1)),
      tr("Keep it as a take"), [this, first, student = *owner] { takeStrayIn(first, student); });
}

void MainWindow::lookAtStrays() {
  FoundDialog dialog(studio_, this);
  connect(&dialog, &FoundDialog::given, this, &MainWindow::takeStrayIn);
  dialog.exec();
}

void MainWindow::takeStrayIn(const Stray& stray, const Student& student) {
  if (!stray.recording) {
    const auto taken = studio_.takeIn(stray, student);
    if (!taken) return sayLoss(q(taken.error()));
    noteWriter_.schedule();
    if (this->student() && this->student()->id == student.id) loadShelf(taken->id);
    return;
  }
  Analyst::Request request;
  request.take = stray.note.take;
  request.take.student = student.id;
  request.take.recording = stray.file.filename().string();
  if (request.take.made_unix_s == 0) request.take.made_unix_s = QDateTime::currentSecsSinceEpoch();
  if (request.take.source.empty()) request.take.source = tr("found after a crash").toStdString();
  request.file = stray.file;
  keepWhenMeasured(std::move(request), student, Count::asHeard, {});
}

}  // namespace calando
