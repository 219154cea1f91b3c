#include "app/session/hearing.h"

#include "session/doubles.h"
#include "support/dice.h"

namespace calando {
namespace {

class HearingTest : public SessionTest {
 protected:
  Hearing& hearing() { return session_->hearing(); }
  /// A tone of three seconds on the disk before anything starts.
  void fillLong() {
    auto studio = Studio::open(folder_.path().toStdString());
    Take take;
    take.student = studio->addStudent("Ada", "trumpet-bb")->id;
    take.asked.instrument = "trumpet-bb";
    take.made_unix_s = 1'790'000'000;
    ASSERT_TRUE(studio->addTake(take, tone(349.2, 3.0), 48000));
  }
  bool asked() {
    return until([this] { return hearing().phase() == Hearing::Phase::sounding || !hearing().running(); });
  }
};

TEST_F(HearingTest, AListenersSmallestDifferenceIsFoundKeptAndComesBack) {
  fillLong();
  start();
  for (const Change other : std::vector(hearing().asked()))
    if (other != Change::offset) hearing().setAsked(other, false);
  hearing().start(Way::reference);
  sounds::Dice dice(4);
  constexpr double truth = 8.0;
  int right = 0;
  constexpr int questions = 30;
  for (int n = 0; n < questions; ++n) {
    ASSERT_TRUE(asked());
    const EarQuestion* question = hearing().question();
    ASSERT_NE(question, nullptr);
    EXPECT_EQ(question->sounds.size(), 2u);
    EXPECT_GE(speaker_->played.back().size(), 2 * question->sounds[0]->size());
    const double size = std::abs(question->changed.amount);
    const double hears = 1.0 - std::exp(-std::pow(size / truth, 3.5));
    const bool knows = dice.chance(0.5 + 0.5 * hears);
    right += knows;
    hearing().answer(knows ? question->right : 1 - question->right);
    EXPECT_EQ(hearing().phase(), Hearing::Phase::told);
    hearing().answer(0);  // said twice: once is enough
    hearing().next();
  }
  EXPECT_TRUE(hearing().material().startsWith("From the take of"));
  EXPECT_NEAR(hearing().pitch_hz(), 349.2, 0.5);
  EXPECT_EQ(hearing().right(), right);
  const auto now = thresholdOf(hearing().answers(), Change::offset).heard();
  EXPECT_EQ(now.answers, questions);
  EXPECT_NEAR(now.amount, truth, 0.4 * truth);
  hearing().stop();
  EXPECT_FALSE(hearing().running());
  start();
  EXPECT_EQ(hearing().answers().size(), static_cast<std::size_t>(questions));
  EXPECT_EQ(hearing().asked(), std::vector{Change::offset});
  EXPECT_NEAR(thresholdOf(hearing().answers(), Change::offset).heard().amount, now.amount, 1e-9);
  add("Ben");
  EXPECT_TRUE(hearing().answers().empty()) << "of somebody else";
  session_->roster().erase(session_->roster().students().front().id);
  EXPECT_TRUE(session_->studio().earAnswers(session_->roster().students().front().id)->empty());
}

TEST_F(HearingTest, AFreshStudioIsAskedWithTheStandInsTone) {
  start();
  hearing().start();
  EXPECT_FALSE(hearing().running()) << "nobody is here";
  add("Ada", "oboe");
  for (const Way way : {Way::which, Way::odd, Way::same, Way::named}) {
    hearing().start(way);
    ASSERT_TRUE(asked());
    ASSERT_TRUE(hearing().running());
    EXPECT_TRUE(hearing().material().contains("stand-in"));
    const EarQuestion* question = hearing().question();
    EXPECT_EQ(question->way, way);
    hearing().answer(question->right);
    EXPECT_EQ(hearing().right(), 1);
    EXPECT_EQ(hearing().chosen(), question->right);
    session_->hearing().again();
    EXPECT_EQ(speaker_->played.size() % 2, 0u);
    hearing().stop();
  }
  speaker_->mute = true;
  hearing().start();
  ASSERT_TRUE(until([this] { return !hearing().running(); })) << "nothing can be heard: it says so and ends";
  EXPECT_NE(session_->notices().current(), nullptr);
}

TEST_F(HearingTest, AFigureIsGuessedBeforeItIsSeenAndTheErrorIsKept) {
  start();
  add("Ada");
  hearing().setGuessFirst(true);
  session_->toggle();
  input_->push(tone(349.2, 3.0));
  ASSERT_TRUE(heard());
  session_->toggle();
  ASSERT_TRUE(settle());
  ASSERT_TRUE(hearing().guessing());
  EXPECT_EQ(hearing().guessing()->take, session_->open().id());
  const double was = hearing().guessing()->value;
  const std::string figure(hearing().guessing()->figure->id);
  hearing().guess(was + 2.0);
  EXPECT_FALSE(hearing().guessing());
  EXPECT_NEAR(*guessError(hearing().guesses(), figure, 5), 2.0, 1e-9);
  start();
  ASSERT_EQ(hearing().guesses().size(), 1u);
  EXPECT_EQ(hearing().guesses()[0].figure, figure);
  EXPECT_NEAR(hearing().guesses()[0].was, was, 1e-9);
  EXPECT_TRUE(hearing().guessFirst());
  EXPECT_FALSE(hearing().guessing()) << "an older take is no guess any more";
}

}  // namespace
}  // namespace calando
