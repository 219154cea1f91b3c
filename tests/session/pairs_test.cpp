#include <cmath>

#include "app/sound/input.h"
#include "app/sound/tape.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"
#include "doubles.h"

namespace calando {
namespace {

constexpr double kRate_hz = 48000.0;

class PairsOfTwo : public SessionTest {
 protected:
  /// Ada is here, and the stand-ins play quickly.
  void begin(const char* card, const char* input) {
    start();
    ben_ = add("Ben").id;
    ada_ = add("Ada").id;
    for (const auto& standIn : session_->setup.standIns()) {
      standIn->setSpeed(8.0);
      standIn->setPlayer(*findPlayer("finds-it"));
    }
    ASSERT_TRUE(session_->setup.choose(input));
    session_->lesson.choose(card);
    session_->request.editOptions([&](TakeOptions& o) { o.other = ben_; });
  }
  const Pair* shown() const {
    const auto snapshot = session_->shown.snapshot();
    return snapshot && snapshot->analysis.pair ? &*snapshot->analysis.pair : nullptr;
  }
  std::int64_t ada_ = 0, ben_ = 0;
};

TEST_F(PairsOfTwo, HaveAChannelEachAndTheTakeIsKeptWithBoth) {
  begin("fifth-over", "stand-in apart");
  bool livePair = false;
  QObject::connect(&session_->run, &TakeRun::grew,
                   [&](const SnapshotPtr& snapshot) { livePair = livePair || snapshot->analysis.pair; });
  session_->session.toggle();
  ASSERT_TRUE(settle());
  ASSERT_TRUE(shown());
  EXPECT_TRUE(livePair);
  EXPECT_TRUE(shown()->sign_known);
  EXPECT_NEAR(sounds::cents(*shown()->first_hz, *shown()->second_hz), 702.0, 12.0);
  const double residual = shown()->residual_cents.value_or(-1.0);
  EXPECT_GE(residual, 0.0);
  const Take take = session_->takes.all().front();
  EXPECT_EQ(take.student, ada_);
  EXPECT_EQ(take.other, ben_);
  EXPECT_FALSE(take.asked.accompaniment.partner);
  // From the file, in the other one's book.
  session_->book.choose(ben_);
  ASSERT_TRUE(settle());
  ASSERT_EQ(session_->takes.all().size(), 1u);
  ASSERT_TRUE(shown());
  EXPECT_NEAR(*shown()->residual_cents, residual, 0.05);
  // What is to be heard are both.
  Tracker tracker(kRate_hz);
  tracker.push(*session_->shown.samples());
  tracker.finish();
  EXPECT_NEAR(static_cast<double>(session_->shown.samples()->size()) / kRate_hz, take.seconds, 0.001);
  const auto recordings = QDir(folder_.filePath("recording"));
  EXPECT_TRUE(recordings.isEmpty());
}

TEST_F(PairsOfTwo, AreHeardOnOneMicrophoneWhileTheyPlayToo) {
  begin("unison", "stand-in two");
  for (const auto& standIn : session_->setup.standIns()) standIn->setPlayer(*findPlayer("stays-off"));
  std::vector<double> rates;
  QObject::connect(&session_->run, &TakeRun::grew, [&](const SnapshotPtr& snapshot) {
    if (snapshot->analysis.pair) rates.push_back(snapshot->analysis.pair->line.back().rate_hz);
  });
  session_->session.toggle();
  ASSERT_TRUE(settle());
  ASSERT_TRUE(shown());
  EXPECT_NEAR(std::abs(*shown()->cents_at_end), 9.0, 2.0);
  EXPECT_FALSE(shown()->lock_s);
  ASSERT_GT(rates.size(), 5u);
  std::ranges::sort(rates);
  const double hz = *shown()->first_hz;
  EXPECT_NEAR(rates[rates.size() / 2], hz * (std::exp2(9.0 / 1200.0) - 1.0), 0.6);
}

TEST_F(PairsOfTwo, APartnerWhoListensComesHalfWayAndTheTakeRemembersIt) {
  begin("both-at-once", "fake");
  session_->request.edit([](TakeRequest& w) { w.note = 67; });
  session_->session.toggle();
  ASSERT_TRUE(until([&] { return static_cast<bool>(speaker_->making); }));
  const double count_s = 4.0, partner_hz = 440.0 * std::exp2(-4.0 / 12.0);
  const auto player =
      sounds::tone({.f0_hz = partner_hz * std::exp2(20.0 / 1200.0), .seconds = 8.0, .before_s = count_s});
  std::vector<float> heard, block(4800);
  for (std::size_t at = 0; at + block.size() <= player.size(); at += block.size()) {
    input_->push(
        {player.begin() + static_cast<long>(at), player.begin() + static_cast<long>(at + block.size())});
    ASSERT_TRUE(this->heard());
    QTest::qWait(30);  // for the picture that tells it what is heard
    const std::size_t given = speaker_->making(block);
    heard.insert(heard.end(), block.begin(), block.begin() + static_cast<long>(given));
  }
  session_->session.louder(-6.0);
  EXPECT_NEAR(speaker_->gain, std::pow(10.0, -6.0 / 20.0), 0.001);
  session_->session.toggle();
  ASSERT_TRUE(settle());
  const auto partner = session_->takes.all().front().asked.accompaniment.partner;
  ASSERT_TRUE(partner);
  ASSERT_GT(partner->course_cents.size(), 100u);
  EXPECT_NEAR(partner->course_cents.back(), 10.0, 0.5);
  EXPECT_NEAR(partner->course_cents.front(), 0.0, 1.5);
  Tracker tracker(kRate_hz);
  tracker.push(heard);
  tracker.finish();
  const auto& frames = tracker.tracks().frames;
  EXPECT_NEAR(sounds::cents(partner_hz, frames[frames.size() - 60].f0_hz), 10.0, 0.5);
}

TEST_F(PairsOfTwo, ATakeOnShowSoundsAgainAsThePartner) {
  begin("unison", "fake");
  session_->request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::earlier; });
  EXPECT_TRUE(said().contains("Open a take"));
  EXPECT_EQ(session_->request.options().accompaniment, AccompanimentKind::partner);
  session_->lesson.choose("steady-tone");
  session_->session.toggle();
  input_->push(tone(452.0, 4.0));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  session_->lesson.choose("unison");
  session_->request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::earlier; });
  EXPECT_TRUE(said().contains("is the partner now")) << said().toStdString();
  session_->session.toggle();
  ASSERT_TRUE(until([&] { return !speaker_->played.empty(); }));
  Tracker tracker(kRate_hz);
  tracker.push(speaker_->played.back());
  tracker.finish();
  EXPECT_NEAR(sounds::cents(452.0, tracker.tracks().frames[600].f0_hz), 0.0, 0.5);
  // The player finds it from nine cents below.
  sounds::ToneSpec finds;
  finds.f0_hz = 452.0;
  finds.seconds = 9.0;
  finds.before_s = 4.5;
  finds.cents = [](double t) { return t < 2.0 ? -9.0 : 0.0; };
  input_->push(sounds::tone(finds));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  ASSERT_TRUE(shown() && shown()->lock_s);
  EXPECT_NEAR(*shown()->lock_s, 2.0, 0.1);
  EXPECT_NEAR(*shown()->residual_cents, 0.0, 0.5);
}

TEST(Tapes, GoLouderSofterAndSilentWithoutAStep) {
  std::size_t at = 0;
  const auto sine = [&at](std::span<float> out) {
    for (float& x : out) x = 0.5f * std::sin(0.03f * static_cast<float>(at++));
    return out.size();
  };
  Tape tape(sine, 48000, kRate_hz);
  std::vector<qint16> sound;
  const auto read = [&](std::size_t samples) {
    const QByteArray bytes = tape.read(static_cast<qint64>(2 * samples));
    const auto* from = reinterpret_cast<const qint16*>(bytes.constData());
    sound.insert(sound.end(), from, from + bytes.size() / 2);
    return bytes.size() / 2;
  };
  read(10000);
  tape.setGain(0.25f);
  read(10000);
  tape.fadeOut();
  EXPECT_LT(read(10000), 0.03 * kRate_hz);
  EXPECT_EQ(read(10000), 0);
  EXPECT_TRUE(tape.atEnd());
  EXPECT_EQ(tape.length(), sound.size());
  int steepest = 0;
  for (std::size_t n = 1; n < sound.size(); ++n)
    steepest = std::max(steepest, std::abs(sound[n] - sound[n - 1]));
  EXPECT_LT(steepest, 0.5 * 32767 * 0.032);
  EXPECT_LT(std::abs(sound.back()), 40);
  EXPECT_NEAR(*std::ranges::max_element(sound.begin() + 15000, sound.begin() + 19000), 0.125 * 32767, 20);
}

}  // namespace
}  // namespace calando
