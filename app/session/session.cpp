#include "app/session/session.h"

#include <QTimer>

#include "app/log/log.h"
#include "app/session/common/today.h"
#include "app/words/words.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/held_sound.h"

namespace calando {

namespace {

constexpr std::size_t kMostCompared = 6;
constexpr double kSoftest_db = -24.0, kLoudest_db = 6.0;

}  // namespace

Session::Session(Studio studio, Ears ears)
    : studio_(std::move(studio)),
      seeds_(std::move(ears.seeds)),
      speaker_(std::move(ears.speaker)),
      analyses_(work_, std::move(ears.smallPicture)),
      book_(studio_, work_, analyses_, notices_, undo_),
      lesson_(studio_, book_, notices_, undo_),
      planning_(studio_, book_, lesson_, notices_, undo_),
      intake_(studio_, analyses_, book_, notices_),
      post_(studio_, work_, book_, lesson_, intake_, notices_, undo_),
      retention_(studio_, book_, notices_, undo_),
      hearing_(studio_, work_, book_, lesson_, notices_, *speaker_, seeds_),
      guessing_(studio_, book_, notices_),
      byEar_(guessing_, studio_, book_, analyses_, notices_, *speaker_, seeds_),
      breathing_(studio_, book_, lesson_),
      asking_(studio_.clock(), book_, lesson_, planning_),
      open_(studio_, analyses_, book_, lesson_, asking_, notices_, undo_),
      setup_(studio_, work_, std::move(ears.inputs)),
      run_(work_, listener_, *speaker_, setup_),
      keeping_(studio_, intake_, book_, lesson_, asking_, open_, run_, notices_) {
  asking_.setPlace(std::max(1, static_cast<int>(studio_.settings.get(settings::place))));
  connect(&book_, &StudentBook::leaving, &open_, &ShownTake::clear);
  connect(&book_, &StudentBook::studentChanged, this, &Session::studentChanged);
  connect(&book_, &StudentBook::erasing, this, [this] {
    speaker_->stop();
    open_.clear();
  });
  connect(&lesson_, &Lesson::stepChosen, this, [this] {
    speaker_->stop();
    open_.clear();
  });
  connect(&keeping_, &Keeping::delayWanted, this, &Session::calibrate);
  connect(&setup_, &SoundSetup::outputChanged, this, [this] {
    speaker_->setOutput(setup_.output());
    run_.setLevel(setup_.output_db());
  });
  connect(&asking_, &RequestEditor::waysChanged, this, &Session::holdEarlier);
  connect(&setup_, &SoundSetup::inputChosen, this, &Session::hearTwo);
  connect(&lesson_, &Lesson::stepChanged, this, &Session::hearTwo);
  // Told by the list of devices, or by the sound that ends: the same thing, once.
  const auto gone = [this] {
    notices_.sayLoss(
        tr("No more sound comes from the microphone. What was played until then is kept; plug it in again or "
           "choose another source."));
  };
  connect(&setup_, &SoundSetup::inputGone, this, gone);
  connect(&run_, &TakeRun::inputLost, this, gone);
  connectOpen();
  connectRun();
}

/// Of who was here nothing is left on show, in hand or in the ear.
void Session::studentChanged() {
  speaker_->stop();
  notices_.clear();
  stopSaid_ = false;
  lately_.reset();
  if (earlier_) asking_.setSupport(asking_.supports().front());
  comparing_.clear();
  open_.clear();
  open_.openNewest();
}

/// The take on show.
void Session::connectOpen() {
  connect(&open_, &ShownTake::changed, this, [this] {
    if (open_.take()) lately_ = Lately{open_.picture(), open_.samples(), open_.rate_hz()};
  });
  connect(&keeping_, &Keeping::playedKept, this, [this] {
    if (open_.take()) guessing_.ask(*open_.take(), open_.picture()->analysis);
  });
  connect(&open_, &ShownTake::changed, this, [this] { guessing_.shown(open_.id()); });
  connect(speaker_.get(), &Speaker::moved, this, [this](double seconds) {
    if (hearsOpen_) emit openHeard(seconds);
  });
  connect(speaker_.get(), &Speaker::stopped, this, [this] {
    if (std::exchange(hearsOpen_, false)) emit openHeard(std::nullopt);
  });
}

void Session::connectRun() {
  connect(&run_, &TakeRun::phaseChanged, this,
          [this] { book_.setQuiet(run_.phase() == TakeRun::Phase::ready); });
  connect(&run_, &TakeRun::recordingFailed, this, [this](const QString& why) {
    notices_.sayLoss(
        tr("Recording to disk has stopped: %1. What was recorded so far is safe, the rest of this take is "
           "in memory. Stop the take when it is done: then it can be saved elsewhere.")
            .arg(why));
  });
  connect(&run_, &TakeRun::countUnheard, this,
          [this] { notices_.say(tr("There is no sound output for the count: it flashes on the screen.")); });
  connect(&run_, &TakeRun::delayTriedAgain, this, [this] {
    notices_.say(tr("The sound stumbled: the computer was busy. Once more, eight clicks."));
  });
  connect(&run_, &TakeRun::delayMeasured, this, [this](const Latency& delay) {
    if (!notices_.worked(setup_.keepDelay(delay.seconds))) return;
    notices_.say(
        tr("The delay is measured: clicked exercises are held against the count from now on, to ±%1 ms.")
            .arg(words::number(kRunToRun_ms + 500.0 * delay.spread_s, 0, false)));
  });
  connect(&run_, &TakeRun::delayUnmeasured, this, &Session::delayUnmeasured);
}

Session::~Session() = default;

void Session::begin() {
  speaker_->setOutput(setup_.output());
  run_.listen();
  book_.load();
  qCInfo(logStudio) << "open with" << book_.students().size() << "students"
                    << (readOnly() ? "only to look at" : "");
  if (readOnly())
    notices_.say(
        tr("Another Calando window has this studio open. Here it can be looked at, but nothing is changed or "
           "recorded."));
  else
    QTimer::singleShot(0, &keeping_, &Keeping::offerStrays);
  for (const Problem& remark : studio_.remarks()) notices_.failed(remark);
  if (!readOnly() && owesBackup()) notices_.say(tr("No backup for a month: Settings (Ctrl+,) makes one."));
  retention_.begin();
  if (readOnly()) return;
  if (const std::string folder = studio_.settings.get(settings::writingTo); !folder.empty()) {
    tidyUnfinished(folder);
    notices_.worked(studio_.settings.keep(settings::writingTo, std::string()));
  }
  intake_.resume();
}

bool Session::idle() const {
  return work_.idle() && book_.settled() && run_.phase() == TakeRun::Phase::ready;
}

void Session::toggle() {
  stopSaid_ = false;
  if (run_.phase() == TakeRun::Phase::ready) return startTake();
  if (run_.keyStep() != TakeRun::KeyStep::none) return run_.pressKey();
  run_.stop();
}

/// While a take sounds it ends at once, and breathing for today with it. When nothing sounds any more there
/// is time to ask whether that was meant.
void Session::stopHere() {
  const bool breathes = lesson_.current()->drillsBreath();
  const bool taking = run_.taking();
  if (run_.phase() != TakeRun::Phase::ready) run_.stop(breathes && taking);
  if (!breathes || readOnly() || !book_.chosen() || breathing_.stoppedAt()) return;
  if (!taking && !std::exchange(stopSaid_, true))
    return notices_.say(tr("Light-headed? Esc once more: no more breathing today."));
  stopSaid_ = false;
  breathing_.stop(taking);
  notices_.say(overText(), tr("Open it again"), [this] { breathing_.openAgain(); });
}

/// What stands before a set of breathing is said; true: nothing does.
bool Session::mayBreathe() {
  switch (breathing_.before()) {
    case Breathing::Before::nothing:
      return true;
    case Breathing::Before::readCaution:
      if (breathing_.showsCaution()) {
        breathing_.cautionRead();
        return true;
      }
      open_.clear();
      notices_.clear();
      breathing_.showCaution();
      return false;
    case Breathing::Before::rest:
      notices_.say(tr("Breathe normally first, for another %1 s.").arg(lesson_.restLeft_s()),
                   tr("Start all the same"), [this] {
                     lesson_.forgiveRest();
                     startTake();
                   });
      return false;
    case Breathing::Before::doseDone:
      notices_.say(enoughText(*lesson_.doseDone()));
      return false;
    case Breathing::Before::over:
      notices_.say(overText(), tr("Open it again"), [this] { breathing_.openAgain(); });
      return false;
  }
  return false;
}

QString Session::overText() const {
  return tr("Stopped at %1: no more breathing today. Sit down and breathe normally; if it does not pass, get "
            "help.")
      .arg(breathing_.stoppedAt().value_or(nowOf(clock()).time()).toString(tr("HH:mm", "a time of day")));
}

void Session::moveMicrophone() {
  const int place = asking_.place() + 1;
  if (!notices_.worked(studio_.settings.keep(settings::place, static_cast<double>(place)))) return;
  asking_.setPlace(place);
  notices_.say(tr("From now on levels are compared with each other, not with those before."));
}

/// The take that was on show last sounds again as the partner, until something else is wished.
void Session::holdEarlier() {
  if (asking_.support() != RequestEditor::AccompanimentKind::earlier) return earlier_.reset();
  if (earlier_) return;
  if (const Tone* tone = lately_ ? lately_->picture->analysis.mainTone() : nullptr)
    earlier_ = heldFrom(*lately_->samples, lately_->rate_hz, lately_->picture->tracks, *tone);
  if (earlier_)
    return notices_.say(tr(
        "The tone of the take shown last is the partner now. Use headphones, so that only you are heard."));
  notices_.say(tr("Open a take with a tone that is held for two seconds first: that becomes the partner."));
  asking_.setSupport(asking_.supports().front());
}

/// Of two who play no partner is made.
void Session::hearTwo() {
  const auto support = asking_.support();
  const bool made = support == RequestEditor::AccompanimentKind::partner ||
                    support == RequestEditor::AccompanimentKind::earlier;
  if (made && setup_.chosen().players() != Input::Players::one)
    asking_.setSupport(RequestEditor::AccompanimentKind::flash);
}

void Session::louder(double db) {
  const double level_db = std::clamp(setup_.output_db() + db, kSoftest_db, kLoudest_db);
  if (notices_.worked(setup_.setOutput(setup_.output(), level_db)))
    notices_.say(tr("What sounds with a take: %1 dB.").arg(words::number(level_db, 0, true)));
}

void Session::startTake() {
  if (readOnly()) return;
  const Student* student = book_.chosen();
  if (!student)
    return notices_.say(tr("Add a student first: then a take has somebody to belong to."),
                        tr("Add a student"), [this] { emit studentWanted(); });
  if (!mayBreathe()) return;
  TakeRun::Plan plan;
  plan.asked = asking_.asked();
  plan.asked.against = lesson_.rival();
  plan.student = student->id;
  const ExercisePtr card = lesson_.current();
  const bool two = setup_.chosen().players() != Input::Players::one;
  plan.asked.apart = card->pair && setup_.chosen().players() == Input::Players::apart;
  plan.stopsByItself = asking_.stopsByItself();
  plan.timedByKey = card->timedByKey;
  const Context context = contextFor(plan.asked);
  const CueSheet sheet = unroll(context);
  if (sheet.cues.empty())
    return notices_.say(
        tr("None of this exercise’s notes are in the student’s range. Ask for another home note."));
  const auto file = studio_.recordings.begin(*student, plan.asked, elsewhere_);
  if (!file)
    return notices_.sayLoss(words::said(file.error()), tr("Record elsewhere…"),
                            [this] { emit elsewhereWanted(); });
  plan.recording = *file;
  plan.accompaniment = accompanimentFor(asking_.support(), sheet, context, earlier_, seeds_());
  if (two) plan.accompaniment.partner.reset();
  if (card->pair && !plan.accompaniment.partner && asking_.other() != student->id)
    plan.other = asking_.other();
  const std::string voice = studio_.settings.get(settings::partner);
  plan.partnersInstrument = voice == settings::kOwnInstrument ? context.instrument : findInstrument(voice);
  plan.accompaniment_db = setup_.output_db();
  open_.clear();
  notices_.clear();
  if (run_.start(std::move(plan))) return lesson_.forgiveRest();
  studio_.recordings.discard(*file);
  notices_.say(tr("No sound comes from this source. Choose another one, or plug the microphone in again."));
}

void Session::calibrate() {
  if (run_.phase() != TakeRun::Phase::ready) return;
  if (!run_.calibrate())
    return notices_.say(tr("No sound comes from this source. Choose another one first."));
  if (run_.phase() == TakeRun::Phase::calibrating)
    notices_.say(tr("Eight clicks: let the microphone hear them, and be quiet for five seconds."));
}

void Session::delayUnmeasured(TakeRun::NoDelay why) {
  switch (why) {
    case TakeRun::NoDelay::givenUp:
      return notices_.say(tr("The delay was not measured."));
    case TakeRun::NoDelay::noOutput:
      return notices_.say(tr("There is no sound output to click on. Plug in headphones or loudspeakers."));
    case TakeRun::NoDelay::stumbled:
      return notices_.say(
          tr("The sound was late or missing on its way each time. Close what keeps the computer busy and "
             "measure again; until then timing is held against the notes' own count."));
    case TakeRun::NoDelay::unclear:
      return notices_.say(
          tr("The clicks were not heard clearly. Turn the loudspeaker up or move the microphone closer, and "
             "measure again; until then timing is held against the notes' own count."));
  }
}

void Session::openFiles(const std::vector<std::filesystem::path>& files) {
  if (files.empty() || readOnly()) return;
  const Student* student = book_.chosen();
  if (!student)
    return notices_.say(tr("Add a student first: then the recordings have somebody to belong to."),
                        tr("Add a student"), [this] { emit studentWanted(); });
  keeping_.openFiles(files, *student);
}

void Session::choose(std::int64_t take) {
  if (run_.taking() || (open_.id() == take)) return;
  speaker_->stop();
  open_.open(take);
}

void Session::deleteTake() {
  const auto id = open_.id();
  if (!id || *id <= 0 || readOnly() || run_.taking()) return;
  open_.clear();
  if (!book_.deleteTake(*id)) return;
  open_.openNewest();
  sayUndoable(tr("The take was deleted."));
}

void Session::compare(const std::vector<std::int64_t>& marked, bool blind) {
  std::vector<Take> wanted;
  for (const std::int64_t id : marked)
    if (const Take* take = book_.take(id); take && take->soundKept() && wanted.size() < kMostCompared)
      wanted.push_back(*take);
  if (wanted.size() < 2 && open_.take()) {
    wanted = {*open_.take()};
    const auto before = takeBefore(book_.past(), open_.take()->id);
    if (const Take* take = before ? book_.take(*before) : nullptr; take && take->soundKept())
      wanted.push_back(*take);
  }
  if (wanted.size() < 2)
    return notices_.say(
        tr("Comparing needs two takes: mark them in the shelf with Ctrl and a click, or play this exercise "
           "again."));
  std::ranges::sort(wanted, {}, [](const Take& t) { return std::pair(t.made_unix_s, t.id); });
  speaker_->stop();
  comparing_.clear();
  const auto answers = std::make_shared<std::vector<std::optional<AnalysisQueue::Answer>>>(wanted.size());
  for (std::size_t i = 0; i < wanted.size(); ++i) {
    AnalysisQueue::Request request;
    request.take = wanted[i];
    request.file = studio_.takes.file(wanted[i]);
    comparing_.push_back(analyses_.ask(
        std::move(request), AnalysisQueue::Urgency::now, [=, this](const AnalysisQueue::Answer& answer) {
          if (!answer.picture) {
            comparing_.clear();
            return notices_.sayLoss(words::said(*answer.error));
          }
          (*answers)[i] = answer;
          if (std::ranges::any_of(*answers, [](const auto& one) { return !one; })) return;
          comparing_.clear();
          std::vector<AnalysisQueue::Answer> all;
          for (auto& one : *answers) all.push_back(std::move(*one));
          if (blind) std::ranges::shuffle(all, std::mt19937(seeds_()));
          emit compared(all, blind);
        }));
  }
}

void Session::compareTwo() {
  const auto two = byEar_.twoOfOne();
  if (two.empty()) return notices_.say(tr("There are no two takes of one exercise yet: play one again."));
  compare(two, true);
}

void Session::playOrStop(double from_s, double to_s, bool loop) {
  if (run_.phase() == TakeRun::Phase::calibrating) {
    run_.stop();
    return;
  }
  if (speaker_->playing()) return speaker_->stop();
  if (!open_.take() || run_.taking()) return;
  hearsOpen_ = play(*open_.samples(), open_.rate_hz(), from_s, to_s, loop);
}

bool Session::play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s, bool loop) {
  const bool plays = speaker_->play(samples, rate_hz, from_s, to_s, loop);
  if (!plays) notices_.say(words::noOutput());
  return plays;
}

void Session::finish() {
  hearing_.stop();
  byEar_.stop();
  open_.clear();
  // A take that is sounding stays in recording/ and is offered at the next start.
  listener_.quiet();
  speaker_->stop();
  book_.finish();
}

}  // namespace calando
