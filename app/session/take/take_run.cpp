#include "app/session/take/take_run.h"

#include "app/log/log.h"
#include "app/sound/input.h"
#include "app/sound/listener.h"
#include "app/sound/sound_setup.h"
#include "app/sound/speaker.h"
#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "core/accompany/heard_count.h"
#include "core/ears/threshold.h"
#include "core/engine/snapshot.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/pair_card.h"
#include "core/live/input_meter.h"
#include "core/live/stream_clock.h"
#include "core/plan/plan.h"
#include "core/standin/partner_voice.h"

namespace calando {

namespace {
constexpr double kRate_hz = 48000.0;
constexpr int kAfterClicks_ms = 600;
constexpr int kAfterKey_ms = 3000;  // for the air that goes on
}  // namespace

TakeRun::TakeRun(WorkQueue& work, Listener& listener, Speaker& speaker, SoundSetup& setup)
    : listener_(listener), speaker_(speaker), setup_(setup), work_(work) {
  connect(&listener_, &Listener::inputChanged, this, [this](const InputState& state) {
    if (listener_.listening()) emit inputChanged(state);  // else on its way when the source went quiet
  });
  connect(&listener_, &Listener::grew, this, &TakeRun::grown);
  connect(&listener_, &Listener::autoStop, this, [this] {
    if (taking()) finish();
  });
  connect(&listener_, &Listener::recordingFailed, this, &TakeRun::recordingFailed);
  connect(&listener_, &Listener::sourceEnded, this, &TakeRun::lost);
  connect(&speaker_, &Speaker::moved, this, &TakeRun::placeCount);
  connect(&setup_, &SoundSetup::inputChosen, this, [this] {
    if (taking()) finish();
    if (phase() == Phase::calibrating) endCalibrating(NoDelay::givenUp);
    listen();
  });
  clicksEnd_.setSingleShot(true);
  clicksEnd_.setTimerType(Qt::PreciseTimer);
  connect(&clicksEnd_, &QTimer::timeout, this, &TakeRun::clicksOver);
  // Where no air is heard nothing else would end it.
  afterKey_.setSingleShot(true);
  afterKey_.setInterval(kAfterKey_ms);
  connect(&afterKey_, &QTimer::timeout, this, [this] {
    if (taking()) finish();
  });
}

const TakeRun::Running* TakeRun::running() const {
  if (const auto* counting = std::get_if<Counting>(&state_)) return counting;
  return std::get_if<Sounding>(&state_);
}

TakeRun::Running* TakeRun::running() { return const_cast<Running*>(std::as_const(*this).running()); }

void TakeRun::enter(State state) {
  constexpr const char* kPhases[] = {"ready", "counting", "sounding", "measuring the delay"};
  state_ = std::move(state);
  qCInfo(logTake) << kPhases[state_.index()];
  emit phaseChanged();
}

void TakeRun::listen() {
  listener_.quiet();
  emit inputQuiet();
  if (setup_.chosen().playsForATake()) return;
  if (auto source = setup_.chosen().open()) listener_.listen(std::move(source));
}

TakeRun::Result TakeRun::start(Plan plan) {
  if (phase() != Phase::ready) return tl::unexpected(Refusal::running);
  Input& input = setup_.chosen();
  Running run;
  run.playsItself = input.playsForATake();
  if (!run.playsItself && !listener_.listening()) return tl::unexpected(Refusal::noSound);
  speaker_.stop();
  Context context = contextFor(plan.asked);
  // Who plays by itself hears nothing, but knows where the partner is.
  context.accompaniment.partner = plan.accompaniment.partner;
  run.sheet = unroll(context);
  run.source = input.playing().toStdString();
  run.latency_s = setup_.delay_s();
  run.began = std::chrono::steady_clock::now();
  run.plan = std::move(plan);
  const bool heard = !run.playsItself && run.sheet.counted() && run.plan.accompaniment.any();
  if (heard) context.accompaniment = run.plan.accompaniment;  // clicks are learnt from the first sample on
  if (run.playsItself) run.plan.asked.accompaniment.partner = run.plan.accompaniment.partner;
  const Listener::Plan wanted{run.plan.recording,
                              context,
                              run.sheet,
                              run.sheet.countIn_s(),
                              run.plan.asked.seconds,
                              !run.playsItself && !heard,
                              run.plan.stopsByItself};
  if (run.playsItself) {
    auto [beginning, begins] = work_.expect<Begun>([this](const Begun& what) { begun(what); });
    run.beginning = std::move(beginning);
    listener_.listen(input.openFor(run.sheet, context, std::move(begins)), &wanted);
  } else {
    listener_.begin(wanted);
  }
  qCInfo(logTake) << "begins:" << run.plan.asked.exercise.c_str() << "on" << run.plan.asked.instrument.c_str()
                  << (run.playsItself ? "by the stand-in" : "by the microphone") << run.plan.asked.seconds
                  << "s";
  const bool counts = run.sheet.counted();
  counts ? enter(Counting{std::move(run)}) : enter(Sounding{std::move(run)});
  if (heard) accompany(context);
  return {};
}

/// The stand-in plays from now on.
void TakeRun::begun(const Begun& what) {
  Running* run = running();
  if (!run) return;
  listener_.placeSheet(what.firstCue_s);
  if (run->sheet.counted()) run->plan.asked.start_s = what.firstCue_s;
  if (what.faster == 1.0) speaker_.play(*what.samples, what.rate_hz, 0.0, kToTheEnd_s, false);
}

/// Works out aside what sounds with the take, and plays it; the recording has begun.
void TakeRun::accompany(const Context& context) {
  Running& run = *running();
  const double asked = context.exercise->pair ? askedCents(context) : 0.0;
  run.accompanying = work_.ask(
      WorkQueue::Urgency::now,
      [heard = context.accompaniment, sheet = run.sheet, asked, db = run.plan.accompaniment_db,
       instrument = run.plan.partnersInstrument](std::stop_token) {
        WithTake what{heard, {}, {}};
        auto& partner = what.accompaniment.partner;
        if (partner && !partner->sound && instrument) partner->sound = voiceOf(*instrument, partner->hz);
        if (partner && partner->isOpen())
          what.partner = std::make_shared<LivePartner>(what.accompaniment, sheet, asked, kRate_hz, db);
        else
          what.all = render(what.accompaniment, sheet, kRate_hz, db);
        return what;
      },
      [this](const WithTake& what) { sound(what); });
}

void TakeRun::sound(const WithTake& what) {
  Running* run = running();
  if (!run) return;
  bool plays = false;
  if (what.partner) {
    run->partner = what.partner;
    listener_.follow(what.partner);
    plays = speaker_.playMade([partner = what.partner](std::span<float> out) { return partner->next(out); },
                              what.partner->size(), kRate_hz);
  } else {
    plays = speaker_.play(what.all, kRate_hz, 0.0, kToTheEnd_s, false);
  }
  const std::chrono::duration<double> since = std::chrono::steady_clock::now() - run->began;
  listener_.placeSheet(since.count() + run->sheet.countIn_s());
  if (!plays) return emit countUnheard();
  run->plan.asked.accompaniment = what.accompaniment;
  run->countIn_s = run->sheet.countIn_s();
}

void TakeRun::setLevel(double db) {
  if (const Running* run = running(); run && run->countIn_s)
    speaker_.setGain(gainOf(db) / gainOf(run->plan.accompaniment_db));
}

/// Where in the recording the first cue lies of a count that is heard: who plays to it plays late by the way
/// there and back. nullopt where the sound has stumbled.
std::optional<double> TakeRun::countStart(const StreamClock& recording, double latency_s) {
  const auto head_s = headStart_s(speaker_.clock(), recording);
  const Running* run = running();
  return head_s && run && run->countIn_s ? std::optional(*run->countIn_s + latency_s - *head_s)
                                         : std::nullopt;
}

/// What the clocks estimate may be wrong while the computer is busy: where the clicks are heard they say
/// themselves whether they came on time. Of more than a part of a beat they do not know.
std::optional<double> TakeRun::heardStart(const StreamClock& recording, std::span<const float> samples,
                                          double rate_hz) {
  const double output_s = speaker_.clock().slipped_s(), input_s = recording.slipped_s();
  qCWarning(logSound) << "the sound stumbled by the clocks: output" << 1000.0 * output_s << "ms, recording"
                      << 1000.0 * input_s << "ms";
  const Running* run = running();
  const double part_s = run->sheet.beat_s / 2.0;
  if (std::abs(output_s) > part_s || std::abs(input_s) > part_s) return std::nullopt;
  return startByClicks(samples, run->sheet, rate_hz);
}

/// For the eye, while it is counted in; how it lay is settled by the whole take.
void TakeRun::placeCount(double played_s) {
  const Running* run = running();
  if (!run || !run->countIn_s || played_s > *run->countIn_s) return;
  if (const auto start_s = countStart(listener_.clock(), run->latency_s.value_or(0.0)))
    listener_.placeSheet(*start_s);
}

void TakeRun::grown(const SnapshotPtr& snapshot, double held_s) {
  if (!taking()) return;
  if (auto* counting = std::get_if<Counting>(&state_);
      counting && snapshot->tracks.duration_s >= snapshot->sheetStart_s)
    enter(Sounding{std::move(*counting)});
  emit grew(snapshot, held_s);
}

TakeRun::KeyStep TakeRun::keyStep() const {
  const Running* run = running();
  if (!run || !run->plan.timedByKey || run->plan.asked.key) return KeyStep::none;
  return run->keyBegan_s ? KeyStep::ends : KeyStep::begins;
}

std::optional<double> TakeRun::keyed_s() const {
  const Running* run = running();
  if (!run || !run->keyBegan_s) return std::nullopt;
  return (run->plan.asked.key ? run->plan.asked.key->to_s : listener_.heard_s()) - *run->keyBegan_s;
}

void TakeRun::pressKey() {
  Running* run = running();
  const double now_s = listener_.heard_s();
  if (keyStep() == KeyStep::none || (run->keyBegan_s && now_s <= *run->keyBegan_s)) return;
  if (!run->keyBegan_s) {
    run->keyBegan_s = now_s;
  } else {
    run->plan.asked.key = KeyTimes{*run->keyBegan_s, now_s};
    afterKey_.start();
  }
  emit phaseChanged();
}

TakeRun::Result TakeRun::stop(bool onPurpose) {
  if (phase() == Phase::calibrating) {
    endCalibrating(NoDelay::givenUp);
    return {};
  }
  if (!taking()) return tl::unexpected(Refusal::notRunning);
  finish(onPurpose);
  return {};
}

void TakeRun::finish(bool onPurpose) {
  Running& run = *running();
  RawTake raw;
  raw.rate_hz = listener_.rate();
  Listener::Recording heard = listener_.end();
  raw.samples = std::make_shared<std::vector<float>>(std::move(heard.samples));
  raw.asked = run.plan.asked;
  afterKey_.stop();
  run.accompanying.cancel();
  run.beginning.cancel();
  if (raw.asked.apart) raw.first = std::make_shared<std::vector<float>>(std::move(heard.first));
  raw.student = run.plan.student;
  raw.other = run.plan.other;
  raw.recording = run.plan.recording;
  raw.source = run.source;
  raw.stopped = onPurpose;
  if (run.partner) raw.asked.accompaniment.partner = run.partner->voice();
  if (run.countIn_s) {
    if (run.latency_s) {
      raw.asked.start_s = countStart(heard.clock, *run.latency_s);
      if (!raw.asked.start_s) raw.asked.start_s = heardStart(heard.clock, *raw.samples, raw.rate_hz);
    }
    raw.count = raw.asked.start_s ? Count::asHeard : run.latency_s ? Count::stumbled : Count::unmeasured;
  }
  if (run.playsItself) {
    listener_.quiet();
    emit inputQuiet();
  }
  speaker_.fadeOut();
  qCInfo(logTake) << "over:" << static_cast<double>(raw.samples->size()) / raw.rate_hz << "s at"
                  << raw.rate_hz << "Hz" << (raw.count == Count::stumbled ? "the sound stumbled" : "");
  enter(Ready{});
  emit finished(raw);
}

void TakeRun::lost() {
  qCWarning(logSound) << "no more sound comes from the input";
  if (phase() == Phase::calibrating) endCalibrating(NoDelay::givenUp);
  if (taking()) finish();
  listener_.quiet();
  emit inputQuiet();
  emit inputLost();
}

TakeRun::Result TakeRun::calibrate() {
  if (phase() != Phase::ready) return tl::unexpected(Refusal::running);
  if (!listener_.listening()) return tl::unexpected(Refusal::noSound);
  enter(Calibrating{std::make_shared<QTemporaryDir>()});
  playClicks();
  return {};
}

void TakeRun::playClicks() {
  auto& calibrating = std::get<Calibrating>(state_);
  const std::vector<float> clicks = calibrationSound(kRate_hz);
  if (!speaker_.play(clicks, kRate_hz, 0.0, kToTheEnd_s, false)) return endCalibrating(NoDelay::noOutput);
  --calibrating.left;
  Listener::Plan plan;
  plan.recording = calibrating.folder->filePath(QString("clicks-%1.wav").arg(calibrating.left)).toStdString();
  plan.stopsByItself = false;
  listener_.begin(plan);
  clicksEnd_.start(static_cast<int>(1000.0 * static_cast<double>(clicks.size()) / kRate_hz) +
                   kAfterClicks_ms);
}

void TakeRun::clicksOver() {
  auto* calibrating = std::get_if<Calibrating>(&state_);
  if (!calibrating) return;
  const double rate = listener_.rate();
  const Listener::Recording heard = listener_.end();
  const auto head_s = headStart_s(speaker_.clock(), heard.clock);
  speaker_.stop();
  const Calibration found = calibrationOf(heard.samples, rate, head_s.value_or(0.0));
  const bool stumbled = !head_s || found.heard >= kLeastClicks;
  if (head_s && found.latency) {
    enter(Ready{});
    return emit delayMeasured(*found.latency);
  }
  if (stumbled && calibrating->left > 0) {
    emit delayTriedAgain();
    return playClicks();
  }
  endCalibrating(stumbled ? NoDelay::stumbled : NoDelay::unclear);
}

void TakeRun::endCalibrating(NoDelay why) {
  clicksEnd_.stop();
  listener_.end();
  speaker_.stop();
  enter(Ready{});
  emit delayUnmeasured(why);
}

Allowed allowed(TakeRun::Phase phase, bool taken, bool readOnly) {
  const bool still = phase == TakeRun::Phase::ready;
  return {.choose = still, .say = taken && !readOnly, .hear = taken && still, .record = !readOnly};
}

}  // namespace calando
