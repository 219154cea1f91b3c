#include <QDir>

#include "app/sound/input.h"
#include "core/engine/snapshot.h"
#include "session/doubles.h"

namespace calando {
namespace {

using Refusal = TakeRun::Refusal;

/// A take that lasts; what the run needs beside it.
class TakeRunTest : public SessionTest {
 protected:
  TakeRun& run() { return session_->run; }
  TakeRun::Plan plan(const char* exercise = "steady-tone", bool stops = false) {
    const Student& student = *session_->book.chosen();
    TakeRun::Plan p;
    p.asked.instrument = student.instrument;
    p.asked.exercise = exercise;
    p.asked.note = 67;
    p.student = student.id;
    p.recording = *session_->studio.recordings.begin(student, p.asked);
    p.stopsByItself = stops;
    return p;
  }
};

TEST_F(TakeRunTest, EveryCellOfTheTableOfStatesIsAsItSays) {
  start();
  add("Ada");
  // Ready: a take can be started and the delay measured; there is nothing to stop.
  EXPECT_EQ(phase(), Phase::ready);
  EXPECT_EQ(run().stop().error(), Refusal::notRunning);
  // Sounding: all else is refused.
  ASSERT_TRUE(run().start(plan()));
  EXPECT_EQ(phase(), Phase::sounding);
  EXPECT_EQ(run().start(plan()).error(), Refusal::running);
  EXPECT_EQ(run().calibrate().error(), Refusal::running);
  ASSERT_TRUE(run().stop());
  EXPECT_EQ(phase(), Phase::ready);
  // Counting, until the first cue.
  ASSERT_TRUE(run().start(plan("scale-4-4")));
  EXPECT_EQ(phase(), Phase::counting);
  EXPECT_EQ(run().start(plan()).error(), Refusal::running);
  EXPECT_EQ(run().calibrate().error(), Refusal::running);
  input_->push(std::vector<float>(48000 * 4 + 9600, 0.0f));  // four beats at 60, and a little
  ASSERT_TRUE(heard());
  QTest::qWait(30);
  input_->push(std::vector<float>(960, 0.0f));
  EXPECT_TRUE(until([&] { return phase() == Phase::sounding; }));
  ASSERT_TRUE(run().stop());
  // Calibrating: stopping gives it up.
  ASSERT_TRUE(run().calibrate());
  EXPECT_EQ(phase(), Phase::calibrating);
  EXPECT_EQ(run().start(plan()).error(), Refusal::running);
  EXPECT_EQ(run().calibrate().error(), Refusal::running);
  ASSERT_TRUE(run().stop());
  EXPECT_EQ(phase(), Phase::ready);
  EXPECT_TRUE(said().contains("was not measured"));
  ASSERT_TRUE(settle());
}

TEST_F(TakeRunTest, EscGivesUpAMeasuringAndAsksNobodyHowTheyFeel) {
  start();
  add("Ada");
  ASSERT_TRUE(run().calibrate());
  session_->session.stopHere();
  EXPECT_EQ(phase(), Phase::ready);
  EXPECT_TRUE(said().contains("was not measured")) << said().toStdString();
  ASSERT_TRUE(settle());
  EXPECT_TRUE(session_->studio.students.stops(session_->book.chosen()->id)->empty());
}

TEST_F(TakeRunTest, WithoutAnInputNothingIsStarted) {
  start();
  add("Ada");
  input_->gone = true;
  run().listen();
  EXPECT_EQ(run().start(plan()).error(), Refusal::noSound);
  EXPECT_EQ(run().calibrate().error(), Refusal::noSound);
  EXPECT_EQ(phase(), Phase::ready);
  session_->session.toggle();
  EXPECT_TRUE(said().contains("No sound comes"));
  EXPECT_TRUE(QDir(folder_.filePath("recording")).entryList({"*.wav"}).size() <= 2);
}

TEST_F(TakeRunTest, ATakeEndsByItselfAfterItsToneAndIsWhatWasHeard) {
  start();
  add("Ada");
  std::optional<TakeRun::RawTake> raw;
  QObject::connect(&run(), &TakeRun::finished, [&](const TakeRun::RawTake& take) { raw = take; });
  ASSERT_TRUE(run().start(plan("steady-tone", true)));
  std::vector<float> sound = tone(349.2, 1.5);
  sound.resize(sound.size() + 2 * 48000, 0.0f);
  // In pieces, as time goes: whether it is over is looked at again and again.
  for (std::size_t at = 0; at < sound.size() && !raw; at += 4800) {
    input_->push({sound.begin() + static_cast<std::ptrdiff_t>(at),
                  sound.begin() + static_cast<std::ptrdiff_t>(std::min(sound.size(), at + 4800))});
    heard();
    QTest::qWait(20);
  }
  ASSERT_TRUE(until([&] { return raw.has_value(); }));
  EXPECT_EQ(phase(), Phase::ready);
  ASSERT_GT(raw->samples->size(), 48000u * 2);
  for (std::size_t i = 0; i < 48000; ++i) ASSERT_EQ((*raw->samples)[i], sound[i]) << i;
  ASSERT_TRUE(settle());
  EXPECT_NEAR(shownHz(), 349.2, 0.2);
}

TEST_F(TakeRunTest, AnInputThatGoesEndsTheTakeAndKeepsWhatWasPlayed) {
  start();
  add("Ada");
  session_->session.toggle();
  input_->push(tone(440.0, 1.2));
  ASSERT_TRUE(heard());
  input_->unplug();
  ASSERT_TRUE(until([&] { return phase() == Phase::ready; }));
  EXPECT_TRUE(said().contains("No more sound comes"));
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->takes.all().size(), 1u);
  EXPECT_NEAR(shownHz(), 440.0, 0.2);
  EXPECT_TRUE(QDir(folder_.filePath("recording")).isEmpty());
}

TEST_F(TakeRunTest, AHeardCountIsPlayedAndWithoutADelayItsNotesHaveTheirOwn) {
  start();
  add("Ada");
  session_->lesson.choose("scale-4-4");
  session_->request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::click; });
  session_->session.toggle();
  ASSERT_TRUE(until([&] { return !speaker_->played.empty(); }));
  EXPECT_GT(speaker_->played[0].size(), 48000u * 60);
  input_->push(std::vector<float>(48000, 0.0f));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  const Take& take = session_->takes.all().front();
  EXPECT_TRUE(take.asked.accompaniment.click);
  EXPECT_FALSE(take.asked.start_s);
  speaker_->mute = true;  // no output: the count is seen only, and not taken for heard
  session_->session.toggle();
  ASSERT_TRUE(until([&] { return said().contains("flashes on the screen"); }));
  input_->push(std::vector<float>(48000, 0.0f));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  EXPECT_FALSE(session_->takes.all().front().asked.accompaniment.click);
}

TEST_F(TakeRunTest, WhereTheClocksSayThatItStumbledTheClicksDecide) {
  start();
  add("Ada");
  session_->lesson.choose("scale-4-4");
  session_->request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::click; });
  session_->request.edit([](TakeRequest& w) { w.tempo_bpm = 120; });
  ASSERT_TRUE(session_->setup.keepDelay(0.05));
  // An output that says, from its second second on, that it is 0.1 s further back than it was.
  const std::chrono::steady_clock::time_point began{};
  for (int ms = 0; ms <= 4000; ms += 20)
    speaker_->clock_.note(began + std::chrono::milliseconds(ms), 1e-3 * ms - (ms > 1500 ? 0.1 : 0.0));
  ASSERT_TRUE(speaker_->clock_.stumbled());
  struct Way {
    double heldUp_s, gain;
    bool isHeld;
  };
  for (const Way& way : {Way{0.0, 0.5, true}, Way{0.03, 0.5, false}, Way{0.0, 0.0, false}}) {
    speaker_->played.clear();
    std::optional<TakeRun::RawTake> raw;
    const auto link = QObject::connect(&run(), &TakeRun::finished, [&](const auto& take) { raw = take; });
    session_->session.toggle();
    ASSERT_TRUE(until([&] { return !speaker_->played.empty(); }));
    std::vector<float> room(12 * 48000, 0.0f);
    for (std::size_t n = 0; n < room.size(); ++n) {
      const std::size_t at = n + 3360 + (n > 5 * 48000 ? std::lround(way.heldUp_s * 48000) : 0);  // 70 ms
      if (at < room.size()) room[at] = static_cast<float>(way.gain) * speaker_->played[0][n];
    }
    input_->push(room);
    ASSERT_TRUE(heard());
    session_->session.toggle();
    ASSERT_TRUE(until([&] { return raw.has_value(); }));
    QObject::disconnect(link);
    ASSERT_TRUE(settle());
    EXPECT_EQ(raw->count, way.isHeld ? TakeRun::Count::asHeard : TakeRun::Count::stumbled) << way.heldUp_s;
    ASSERT_EQ(raw->asked.start_s.has_value(), way.isHeld);
    if (way.isHeld) {
      EXPECT_NEAR(*raw->asked.start_s, 4 * 0.5 + 0.07, 1e-4);
    }
  }
}

TEST_F(TakeRunTest, TheStandInIsRecordedAtOnceAndPlaysOnceItIsReady) {
  start();
  add("Ada");
  session_->setup.standIns().front()->setSpeed(16.0);
  session_->setup.choose(StandIn::kId);
  session_->lesson.choose("scale-4-4");
  session_->session.toggle();
  bool grew = false;
  QObject::connect(&run(), &TakeRun::grew, [&] { grew = true; });
  EXPECT_TRUE(QTest::qWaitFor([&] { return grew; }, 1000));
  session_->session.toggle();
  ASSERT_TRUE(settle());
  session_->lesson.choose("home-two");
  session_->request.edit([](TakeRequest& w) { w.tempo_bpm = 120; });
  session_->session.toggle();
  ASSERT_TRUE(settle());
  const auto snapshot = session_->shown.snapshot();
  ASSERT_TRUE(snapshot->context.start_s);
  // Where it said that it would: it is up to 20 ms off its count by itself.
  const auto& readings = snapshot->analysis.readings;
  EXPECT_LT(std::ranges::find(readings, "place_ms", &Reading::id)->value.value(), 60.0);
  EXPECT_EQ(std::ranges::find(readings, "missing", &Reading::id)->value, 0.0);
}

TEST(Allowed, IsATableOfPhasesAndTakes) {
  using Phase = TakeRun::Phase;
  for (const Phase phase : {Phase::ready, Phase::counting, Phase::sounding, Phase::calibrating})
    for (const bool taken : {false, true})
      for (const bool readOnly : {false, true}) {
        const Allowed a = allowed(phase, taken, readOnly);
        EXPECT_EQ(a.choose, phase == Phase::ready);
        EXPECT_EQ(a.say, taken && !readOnly);
        EXPECT_EQ(a.hear, taken && phase == Phase::ready);
        EXPECT_EQ(a.record, !readOnly);
      }
}

}  // namespace
}  // namespace calando
