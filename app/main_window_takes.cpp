#include "app/cue_table.h"
#include "app/figures_view.h"
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
  if (!studio_.readOnly()) {
    if (const auto kept = studio_.changeTake(shown_->take); !kept) say(q(kept.error()));
    keepSummary(*shown_);
  }
  for (Take& t : takes_)
    if (t.id == shown_->take.id) t = shown_->take;
  showFigures();
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
  const auto file = studio_.newRecording(student()->id, wanted);
  if (!file) return say(q(file.error()));
  player_.stop();
  say({});
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
  shown_.reset();
  picture_.reset();
  ribbon_->setPicture(nullptr);
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
  Opened opened;
  opened.rate_hz = live_.rate();
  LiveTake::Heard heard = live_.end();
  opened.samples = std::make_shared<std::vector<float>>(std::move(heard.samples));
  opened.recording = recording_;
  recording_.reset();
  record_->setChecked(false);
  record_->setText(tr("Start  ·  Space"));
  opened.take = sounding_;
  if (countIn_s_) {
    if (const auto way_s = latency()) opened.take.asked.start_s = countStart(heard.clock, *way_s);
    opened.count = opened.take.asked.start_s ? Count::asHeard
                   : latency()               ? Count::ownStumbled
                                             : Count::ownUnmeasured;
  }
  opened.take.made_unix_s = QDateTime::currentSecsSinceEpoch();
  if (source_->currentData().toString() == kStandIn) {
    live_.quiet();
    showNoInput();
  }
  player_.stop();
  updateActions();
  measure(std::move(opened));
}

/// Analyses off the interface's thread; keep() or show() follow on it.
void MainWindow::measure(Opened opened) {
  ++jobs_;
  QThreadPool::globalInstance()->start([this, opened = std::move(opened)]() mutable {
    if (opened.samples && opened.error.isEmpty())
      opened.picture = pictureOf(trackTake(*opened.samples, opened.rate_hz, contextFor(opened.take.asked)),
                                 opened.take.asked);
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
  QStringList notes;
  if (kept) {
    whole.take = *kept;
    if (opened.recording) studio_.discardRecording(*opened.recording);
    keepSummary(whole);
    if (student() && student()->id == whole.take.student) {
      showTake(whole);
      loadShelf(whole.take.id);
      if (opened.recording) {
        ribbon_->setHidden(card()->display == Display::hidden && earsFirst_->isChecked());
        oweRest();
        notes << doseDone();
      }
    }
  } else {
    showTake(whole);
    notes << q(kept.error());
  }
  if (const auto drone = opened.picture->analysis.drone_dbfs)
    notes << tr("The microphone hears the drone (%1 dBFS). Pitch and length are measured all the same; for "
                "the core over noise use headphones.")
                 .arg(signedFigure(*drone));
  if (const auto loud = opened.picture->analysis.clicks_dbfs; loud && *loud > kClicksTooLoud_dbfs)
    notes << tr("The microphone hears the clicks (%1 dBFS). They are taken out of the figures as far as they "
                "are alike; "
                "headphones are surer.")
                 .arg(signedFigure(*loud));
  const bool heard = !opened.picture->analysis.tones.empty();
  if (!heard) notes << tr("No tone was found in this take. It is kept; delete it, or mark it as not yet.");
  if (heard && opened.count == Count::ownStumbled)
    notes << tr(
        "The sound stumbled in this take: the computer was busy. The notes are held against their own count, "
        "not against the one that was heard.");
  const bool unmeasured = heard && opened.count == Count::ownUnmeasured;
  if (unmeasured)
    notes << tr("The delay of this set-up is not measured: the notes are held against their own count. Where "
                "they lie against the one that was heard is uncertain by up to %1 ms.")
                 .arg(1000.0 * kLongestLatency_s, 0, 'f', 0);
  notes.removeAll(QString());
  if (unmeasured)
    say(notes.join(' '), tr("Measure delay"), [this] { calibrate(); });
  else if (!notes.isEmpty())
    say(notes.join(' '));
}

void MainWindow::showTake(const Opened& opened) {
  shown_ = opened;
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
  remark_->setText(shown_ ? q(shown_->take.remark) : QString());
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
  if (const auto kept = studio_.changeTake(shown_->take); !kept) say(q(kept.error()));
  loadShelf(shown_->take.id);
}

void MainWindow::setAttention(int attention) {
  if (!shown_ || studio_.readOnly()) return;
  const auto wanted = static_cast<Attention>(attention);
  shown_->take.attention = shown_->take.attention == wanted ? Attention::unsaid : wanted;
  keepReflection();
}

void MainWindow::setComfort(int comfort) {
  if (!shown_ || studio_.readOnly()) return;
  const auto wanted = static_cast<Comfort>(comfort);
  shown_->take.comfort = shown_->take.comfort == wanted ? Comfort::unsaid : wanted;
  keepReflection();
}

void MainWindow::setTried() {
  if (!shown_ || studio_.readOnly()) return;
  shown_->take.tried = shown_->take.tried.empty() ? adviceBefore().toStdString() : std::string();
  keepReflection();
}

void MainWindow::keepReflection() {
  if (const auto kept = studio_.changeTake(shown_->take); !kept) say(q(kept.error()));
  for (Take& t : takes_)
    if (t.id == shown_->take.id) t = shown_->take;
  showFigures();
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
  for (const QString& file : files) {
    Opened opened;
    opened.take.asked = asked();
    opened.take.asked.against = rival();
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
  if (!sound)
    return say(tr("A recording was left behind that cannot be read: %1 It stays where it is.")
                   .arg(q(sound.error().what)));
  if (sound->samples.empty()) {
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

}  // namespace calando
