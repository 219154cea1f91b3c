#include "app/session/session.h"

#include <QTimer>

#include "app/log/log.h"
#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_training.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/lesson/safety.h"
#include "app/session/playback.h"
#include "app/session/students/retention.h"
#include "app/session/students/student_book.h"
#include "app/session/students/summary_queue.h"
#include "app/session/students/take_list.h"
#include "app/session/studio_files.h"
#include "app/session/take/keeping.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_intake.h"
#include "app/session/take/take_run.h"
#include "app/sound/input.h"
#include "app/sound/listener.h"
#include "app/sound/sound_setup.h"
#include "app/sound/speaker.h"
#include "app/words/words.h"
#include "core/accompany/held_sound.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/discipline.h"
#include "records/packs/pack.h"
#include "records/studio.h"

namespace calando {

namespace {

constexpr double kSoftest_db = -24.0, kLoudest_db = 6.0;

/// Why a delay was not measured.
QString whyUnmeasured(TakeRun::NoDelay why) {
  switch (why) {
    case TakeRun::NoDelay::givenUp:
      return Session::tr("The delay was not measured.");
    case TakeRun::NoDelay::noOutput:
      return Session::tr("There is no sound output to click on. Plug in headphones or loudspeakers.");
    case TakeRun::NoDelay::stumbled:
      return Session::tr(
          "The sound was late or missing on its way each time. Close what keeps the computer busy and "
          "measure again; until then timing is judged against your own pulse.");
    case TakeRun::NoDelay::unclear:
      return Session::tr(
          "The clicks were not heard clearly. Turn the loudspeaker up or move the microphone closer, and "
          "measure again; until then timing is judged against your own pulse.");
  }
  return {};
}

}  // namespace

Session::Session(const Parts& parts) : parts_(parts) {
  parts_.request.editOptions([&](TakeOptions& o) {
    o.place = std::max(1, static_cast<int>(parts_.studio.settings.get(settings::place)));
  });
  connect(&parts_.book, &StudentBook::leaving, &parts_.shown, &ShownTake::clear);
  connect(&parts_.book, &StudentBook::studentChanged, this, &Session::studentChanged);
  connect(&parts_.book, &StudentBook::erasing, this, [this] {
    parts_.speaker.stop();
    parts_.shown.clear();
  });
  connect(&parts_.lesson, &Lesson::stepChosen, this, [this] {
    parts_.speaker.stop();
    parts_.shown.clear();
  });
  connect(&parts_.keeping, &Keeping::delayWanted, this, &Session::calibrate);
  connect(&parts_.setup, &SoundSetup::outputChanged, this, [this] {
    parts_.speaker.setOutput(parts_.setup.output());
    parts_.run.setLevel(parts_.setup.output_db());
  });
  connect(&parts_.request, &RequestEditor::optionsChanged, this, &Session::holdEarlier);
  connect(&parts_.setup, &SoundSetup::inputChosen, this, &Session::hearTwo);
  connect(&parts_.lesson, &Lesson::stepChanged, this, &Session::hearTwo);
  // Told by the list of devices, or by the sound that ends: the same thing, once.
  const auto gone = [this] {
    parts_.notices.sayLoss(
        tr("No more sound comes from the microphone. What was played until then is kept; plug it in again or "
           "choose another source."));
  };
  connect(&parts_.setup, &SoundSetup::inputGone, this, gone);
  connect(&parts_.run, &TakeRun::inputLost, this, gone);
  connectShown();
  connectRun();
}

Session::~Session() = default;

/// The take on show.
void Session::connectShown() {
  const ShownTake& shown = parts_.shown;
  connect(&shown, &ShownTake::changed, this, [&shown, this] {
    if (shown.take()) lately_ = Lately{shown.snapshot(), shown.samples(), shown.rate_hz()};
    parts_.guessing.shown(shown.id());
  });
  connect(&parts_.keeping, &Keeping::playedKept, this, [&shown, this] {
    if (shown.take()) parts_.guessing.ask(*shown.take(), shown.snapshot()->analysis);
  });
}

/// Of who was here nothing is left on show, in hand or in the ear.
void Session::studentChanged() {
  parts_.speaker.stop();
  parts_.notices.clear();
  stopSaid_ = false;
  lately_.reset();
  if (earlier_)
    parts_.request.editOptions([&](TakeOptions& o) { o.accompaniment = parts_.request.supports().front(); });
  parts_.playback.stop();
  parts_.shown.clear();
  parts_.shown.openNewest();
}

void Session::connectRun() {
  connect(&parts_.run, &TakeRun::phaseChanged, this,
          [this] { parts_.summaries.setQuiet(parts_.run.phase() == TakeRun::Phase::ready); });
  connect(&parts_.run, &TakeRun::recordingFailed, this, [this](const QString& why) {
    parts_.notices.sayLoss(
        tr("Recording to disk has stopped: %1. What was recorded so far is safe, the rest of this take is "
           "in memory. Stop the take when it is done: then it can be saved elsewhere.")
            .arg(why));
  });
  connect(&parts_.run, &TakeRun::countUnheard, this, [this] {
    parts_.notices.say(tr("There is no sound output for the count: it flashes on the screen."));
  });
  connect(&parts_.run, &TakeRun::delayTriedAgain, this, [this] {
    parts_.notices.say(tr("The sound stumbled: the computer was busy. Once more, eight clicks."));
  });
  connect(&parts_.run, &TakeRun::delayMeasured, this, [this](const Latency& delay) {
    if (!parts_.notices.worked(parts_.setup.keepDelay(delay.seconds))) return;
    parts_.notices.say(tr("The delay is measured: timing is judged against the click from now on, to ±%1 ms.")
                           .arg(words::number(kRunToRun_ms + 500.0 * delay.spread_s, 0, false)));
  });
  connect(&parts_.run, &TakeRun::delayUnmeasured, this,
          [this](TakeRun::NoDelay why) { parts_.notices.say(whyUnmeasured(why)); });
}

void Session::begin() {
  parts_.speaker.setOutput(parts_.setup.output());
  parts_.run.listen();
  parts_.book.load();
  qCInfo(logStudio) << "open with" << parts_.book.students().size() << "students"
                    << (parts_.readOnly ? "only to look at" : "");
  if (parts_.readOnly)
    parts_.notices.say(
        tr("Another Calando window has this studio open. Here it can be looked at, but nothing is changed or "
           "recorded."));
  else
    QTimer::singleShot(0, &parts_.keeping, &Keeping::offerStrays);
  for (const Problem& remark : parts_.studio.remarks()) parts_.notices.failed(remark);
  if (!parts_.readOnly && parts_.files.owesBackup())
    parts_.notices.say(tr("No backup for a month: Settings (Ctrl+,) makes one."));
  parts_.retention.begin();
  if (parts_.readOnly) return;
  if (const std::string folder = parts_.studio.settings.get(settings::writingTo); !folder.empty()) {
    tidyUnfinished(folder);
    parts_.notices.worked(parts_.studio.settings.keep(settings::writingTo, std::string()));
  }
  parts_.intake.resume();
}

bool Session::idle() const {
  return parts_.work.idle() && parts_.summaries.settled() && parts_.run.phase() == TakeRun::Phase::ready;
}

void Session::toggle() {
  stopSaid_ = false;
  if (parts_.run.phase() == TakeRun::Phase::ready) return startTake();
  if (parts_.run.keyStep() != TakeRun::KeyStep::none) return parts_.run.pressKey();
  parts_.run.stop();
}

/// While a take sounds it ends at once, whatever it is; why is asked for afterwards. When nothing sounds any
/// more there is time to ask whether that was meant.
void Session::stopHere() {
  const bool taking = parts_.run.taking();
  if (parts_.run.phase() != TakeRun::Phase::ready) {
    parts_.run.stop(taking);
    if (!taking) return;  // a measuring that was given up says so itself
  }
  if (parts_.readOnly || !parts_.book.chosen() || parts_.safety.closed()) return;
  if (!taking) {
    if (!makesDizzy(*parts_.lesson.current())) return;
    if (!std::exchange(stopSaid_, true)) return parts_.notices.say(tr("Not well? Esc once more."));
  }
  stopSaid_ = false;
  parts_.safety.stop(taking);
  const auto because = [this](StopReason reason) {
    return [this, reason] {
      parts_.safety.because(reason);
      if (const auto closed = parts_.safety.closed()) return sayClosed(*closed);
      if (reason == StopReason::tired)
        parts_.notices.say(
            tr("Tired: rest at least as long as you played; then something easy, or enough for today."));
    };
  };
  parts_.notices.ask(parts_.safety.closed()
                         ? tr("Stopped: no more breathing today until you say why. What was it?")
                         : tr("Stopped. What was it?"),
                     {{tr("Dizzy"), because(StopReason::dizzy)},
                      {tr("Pain"), because(StopReason::pain)},
                      {tr("Tired"), because(StopReason::tired)},
                      {tr("Enough"), because(StopReason::enough)},
                      {tr("Nothing: it counts"), because(StopReason::none)}});
}

/// What stands before a take is said; true: nothing does.
bool Session::mayStart() {
  switch (parts_.safety.before()) {
    case Safety::Before::nothing:
      return true;
    case Safety::Before::readCaution:
      if (parts_.safety.showsCaution()) {
        parts_.safety.cautionRead();
        return true;
      }
      parts_.shown.clear();
      parts_.notices.clear();
      parts_.safety.showCaution();
      return false;
    case Safety::Before::rest:
      parts_.notices.say(tr("Breathe normally first, for another %1 s.").arg(parts_.rest.left_s()),
                         tr("Start all the same"), [this] {
                           parts_.rest.forgive();
                           startTake();
                         });
      return false;
    case Safety::Before::doseDone:
      parts_.notices.say(enoughText(*parts_.safety.enough(), *parts_.lesson.current()), tr("One more"),
                         [this] {
                           parts_.safety.allowOneMore();
                           startTake();
                         });
      return false;
    case Safety::Before::over:
      sayClosed(*parts_.safety.closed());
      return false;
  }
  return false;
}

/// For whom something rests, until when, and what to do.
void Session::sayClosed(const Stop& stop) {
  const QString at = parts_.safety.timeOf(stop).toString(tr("HH:mm", "a time of day"));
  parts_.notices.say(stop.reason == StopReason::pain ? tr("Pain: this kind of playing rests until it is "
                                                          "opened again. If it comes back, have it looked at "
                                                          "before you play on.")
                                                     : tr("Dizzy, at %1: no more breathing today, and no "
                                                          "long tones. Sit down and breathe normally; if it "
                                                          "does not pass, get help.")
                                                           .arg(at),
                     tr("Open it again"), [this] { parts_.safety.openAgain(); });
}

void Session::moveMicrophone() {
  const int place = parts_.request.options().place + 1;
  if (!parts_.notices.worked(parts_.studio.settings.keep(settings::place, static_cast<double>(place))))
    return;
  parts_.request.editOptions([&](TakeOptions& o) { o.place = place; });
  parts_.notices.say(tr("From now on loudness is compared with what comes, not with what was before."));
}

/// The take that was on show last sounds again as the partner, until something else is wished.
void Session::holdEarlier() {
  if (parts_.request.options().accompaniment != AccompanimentKind::earlier) return earlier_.reset();
  if (earlier_) return;
  if (const Tone* tone = lately_ ? lately_->snapshot->analysis.mainTone() : nullptr)
    earlier_ = heldFrom(*lately_->samples, lately_->rate_hz, lately_->snapshot->tracks, *tone);
  if (earlier_)
    return parts_.notices.say(tr(
        "The tone of the take shown last is the partner now. Use headphones, so that only you are heard."));
  parts_.notices.say(
      tr("Open a take with a tone that is held for two seconds first: that becomes the partner."));
  parts_.request.editOptions([&](TakeOptions& o) { o.accompaniment = parts_.request.supports().front(); });
}

/// Of two who play no partner is made.
void Session::hearTwo() {
  const auto support = parts_.request.options().accompaniment;
  const bool made = support == AccompanimentKind::partner || support == AccompanimentKind::earlier;
  if (made && parts_.setup.chosen().players() != Input::Players::one)
    parts_.request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::flash; });
}

void Session::louder(double db) {
  const double level_db = std::clamp(parts_.setup.output_db() + db, kSoftest_db, kLoudest_db);
  if (parts_.notices.worked(parts_.setup.setOutput(parts_.setup.output(), level_db)))
    parts_.notices.say(tr("What sounds with a take: %1 dB.").arg(words::number(level_db, 0, true)));
}

void Session::startTake() {
  if (parts_.readOnly) return;
  const Student* student = parts_.book.chosen();
  if (!student)
    return parts_.notices.say(tr("Add a student first: then a take has somebody to belong to."),
                              tr("Add a student"), [this] { emit studentWanted(); });
  if (!mayStart()) return;
  TakeRun::Plan plan;
  plan.asked = parts_.request.asked();
  plan.asked.against = parts_.lesson.rival();
  plan.student = student->id;
  const ExercisePtr card = parts_.lesson.current();
  const bool two = parts_.setup.chosen().players() != Input::Players::one;
  plan.asked.apart = card->pair && parts_.setup.chosen().players() == Input::Players::apart;
  plan.stopsByItself = parts_.request.options().stopsByItself;
  plan.timedByKey = card->timedByKey;
  const Context context = contextFor(plan.asked);
  const CueSheet sheet = unroll(context);
  if (sheet.cues.empty())
    return parts_.notices.say(
        tr("None of this exercise’s notes are in the student’s range. Ask for another home note."));
  const auto file = parts_.studio.recordings.begin(*student, plan.asked, elsewhere_);
  if (!file)
    return parts_.notices.sayLoss(words::said(file.error()), tr("Record elsewhere…"),
                                  [this] { emit elsewhereWanted(); });
  plan.recording = *file;
  plan.accompaniment =
      accompanimentFor(parts_.request.options().accompaniment, sheet, context, earlier_, parts_.seeds());
  if (two) plan.accompaniment.partner.reset();
  if (card->pair && !plan.accompaniment.partner && parts_.request.options().other != student->id)
    plan.other = parts_.request.options().other;
  const std::string voice = parts_.studio.settings.get(settings::partner);
  plan.partnersInstrument = voice == settings::kOwnInstrument ? context.instrument : findInstrument(voice);
  plan.accompaniment_db = parts_.setup.output_db();
  parts_.shown.clear();
  parts_.notices.clear();
  if (parts_.run.start(std::move(plan))) {
    parts_.safety.begun();
    return parts_.rest.forgive();
  }
  parts_.studio.recordings.discard(*file);
  parts_.notices.say(
      tr("No sound comes from this source. Choose another one, or plug the microphone in again."));
}

void Session::calibrate() {
  if (parts_.run.phase() != TakeRun::Phase::ready) return;
  if (!parts_.run.calibrate())
    return parts_.notices.say(tr("No sound comes from this source. Choose another one first."));
  if (parts_.run.phase() == TakeRun::Phase::calibrating)
    parts_.notices.say(tr("Eight clicks: let the microphone hear them, and be quiet for five seconds."));
}

void Session::openFiles(const std::vector<std::filesystem::path>& files) {
  if (files.empty() || parts_.readOnly) return;
  const Student* student = parts_.book.chosen();
  if (!student)
    return parts_.notices.say(tr("Add a student first: then the recordings have somebody to belong to."),
                              tr("Add a student"), [this] { emit studentWanted(); });
  parts_.keeping.openFiles(files, *student);
}

void Session::choose(std::int64_t take) {
  if (parts_.run.taking() || (parts_.shown.id() == take)) return;
  parts_.speaker.stop();
  parts_.shown.open(take);
}

void Session::deleteTake() {
  const auto id = parts_.shown.id();
  if (!id || *id <= 0 || parts_.readOnly || parts_.run.taking()) return;
  parts_.shown.clear();
  if (!parts_.takes.remove(*id)) return;
  parts_.shown.openNewest();
  sayUndoable(tr("The take was deleted."));
}

void Session::finish() {
  parts_.ears.stop();
  parts_.blind.stop();
  parts_.shown.clear();
  // A take that is sounding stays in recording/ and is offered at the next start.
  parts_.listener.quiet();
  parts_.speaker.stop();
  parts_.takes.finish();
}

Allowed Session::allowed() const {
  return calando::allowed(parts_.run.phase(), parts_.shown.take() != nullptr, parts_.readOnly);
}

double timingUnsure_ms(bool heard, const std::optional<double>& delay_s) {
  return heard && delay_s ? kRunToRun_ms : 1000.0 * kLongestLatency_s;
}

}  // namespace calando
