#include "app/session/common/today.h"
#include "app/session/ears/ear_training.h"
#include "core/ears/change.h"
#include "core/ears/made_sound.h"
#include "core/ears/making.h"
#include "session/doubles.h"
#include "support/dice.h"

namespace calando {
namespace {

class HearingTest : public SessionTest {
 protected:
  EarTraining& hearing() { return session_->ears; }
  FigureGuessing& guessing() { return session_->guessing; }
  /// A tone of three seconds on the disk before anything starts.
  void fillLong() {
    auto studio = Studio::open(folder_.path().toStdString());
    Take take;
    take.student = studio->students.add("Ada", "trumpet-bb")->id;
    take.asked.instrument = "trumpet-bb";
    take.made_unix_s = 1'790'000'000;
    ASSERT_TRUE(studio->takes.add(take, tone(349.2, 3.0), 48000));
  }
  bool asked() {
    return until(
        [this] { return hearing().phase() == EarTraining::Phase::sounding || !hearing().running(); });
  }
};

TEST_F(HearingTest, FromOneSeedTheSameIsAsked) {
  fillLong();
  std::optional<EarQuestion> first;
  for (int run = 0; run < 2; ++run) {
    start();  // with the same seeds
    hearing().start(Way::which);
    ASSERT_TRUE(asked() && hearing().question());
    const EarQuestion question = *hearing().question();
    if (first) {
      EXPECT_EQ(question.changed.change, first->changed.change);
      EXPECT_EQ(question.changed.amount, first->changed.amount);
      EXPECT_EQ(question.changed.seed, first->changed.seed);
      EXPECT_EQ(question.right, first->right);
      EXPECT_EQ(question.sounds[0]->samples, first->sounds[0]->samples);
    }
    first = question;
    hearing().stop();
  }
}

TEST_F(HearingTest, AListenersSmallestDifferenceIsFoundKeptAndComesBack) {
  fillLong();
  start();
  for (const Change other : std::vector(session_->knowledge.asked()))
    if (other != Change::offset) session_->knowledge.setAsked(other, false);
  hearing().start(Way::reference);
  sounds::Dice dice(4);
  constexpr double truth = 8.0;
  int right = 0;
  int questions = 0;
  // Of forty sittings of such a listener the shortest had 43 questions, the longest 124.
  constexpr int kMany = 250;
  for (; questions < kMany; ++questions) {
    ASSERT_TRUE(asked());
    if (!hearing().running()) break;
    const EarQuestion* question = hearing().question();
    ASSERT_NE(question, nullptr);
    EXPECT_EQ(question->sounds.size(), 2u);
    EXPECT_GE(speaker_->played.back().size(), 2 * question->sounds[0]->samples.size());
    const double size = std::abs(question->changed.amount);
    // Of all answers up to now and of no others: a sound that was made for another question comes too late.
    const Threshold known =
        thresholdOf(lately(session_->knowledge.answers(), Change::offset), Change::offset);
    EXPECT_GE(size, 0.999 * known.next(0.5, 0.0)) << questions;
    EXPECT_LE(size, 1.001 * known.next(0.5, 1.0)) << questions;
    const double hears = 1.0 - std::exp(-std::pow(size / truth, 3.5));
    const bool knows = dice.chance(0.5 + 0.5 * hears);
    right += knows;
    hearing().answer(knows ? question->right : 1 - question->right);
    EXPECT_EQ(hearing().phase(), EarTraining::Phase::told);
    hearing().answer(0);  // said twice: once is enough
    hearing().next();
  }
  EXPECT_TRUE(said().contains("well known now")) << "it ends by itself";
  EXPECT_GT(questions, 15);
  EXPECT_LT(questions, kMany);
  EXPECT_TRUE(hearing().material().startsWith("From the take of"));
  EXPECT_NEAR(hearing().pitch_hz(), 349.2, 0.5);
  EXPECT_EQ(hearing().right(), right);
  const auto now = thresholdOf(session_->knowledge.answers(), Change::offset).heard();
  EXPECT_EQ(now.answers, questions);
  EXPECT_NEAR(now.amount, truth, 0.4 * truth);
  EXPECT_FALSE(hearing().running());
  start();
  EXPECT_EQ(session_->knowledge.answers().size(), static_cast<std::size_t>(questions));
  EXPECT_EQ(session_->knowledge.asked(), std::vector{Change::offset});
  EXPECT_NEAR(thresholdOf(session_->knowledge.answers(), Change::offset).heard().amount, now.amount, 1e-9);
  add("Ben");
  EXPECT_TRUE(session_->knowledge.answers().empty()) << "of somebody else";
  session_->book.erase(session_->book.students().front().id);
  EXPECT_TRUE(session_->studio.ears.answers(session_->book.students().front().id)->empty());
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
    session_->ears.again();
    EXPECT_EQ(speaker_->played.size() % 2, 0u);
    hearing().stop();
  }
  speaker_->mute = true;
  hearing().start();
  ASSERT_TRUE(until([this] { return !hearing().running(); })) << "nothing can be heard: it says so and ends";
  EXPECT_NE(session_->notices.current(), nullptr);
}

TEST_F(HearingTest, AFigureIsGuessedBeforeItIsSeenAndTheErrorIsKept) {
  start();
  add("Ada");
  guessing().setFirst(true);
  session_->session.toggle();
  input_->push(tone(349.2, 3.0));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  ASSERT_TRUE(guessing().wanted());
  EXPECT_EQ(guessing().wanted()->take, session_->shown.id());
  const double was = guessing().wanted()->value;
  const std::string figure(guessing().wanted()->figure->id);
  guessing().guess(was + 2.0);
  EXPECT_FALSE(guessing().wanted());
  EXPECT_NEAR(*guessError(guessing().guesses(), figure, 5), 2.0, 1e-9);
  start();
  ASSERT_EQ(guessing().guesses().size(), 1u);
  EXPECT_EQ(guessing().guesses()[0].figure, figure);
  EXPECT_NEAR(guessing().guesses()[0].was, was, 1e-9);
  EXPECT_TRUE(guessing().first());
  EXPECT_FALSE(guessing().wanted()) << "an older take is no guess any more";
}

TEST_F(HearingTest, ATakeIsHeardAndOneOfItsFiguresGuessedNeverTheSameTwiceRunning) {
  fill({"Ada"}, 4);
  start();
  BlindListening& byEar = session_->blind;
  std::set<std::int64_t> takes;
  std::int64_t last = 0;
  for (int n = 0; n < 12; ++n) {
    n == 0 ? byEar.start() : byEar.next();
    EXPECT_FALSE(byEar.wanted()) << "not before it is heard";
    ASSERT_TRUE(until([&] { return byEar.phase() == BlindListening::Phase::asked; }));
    ASSERT_TRUE(byEar.wanted());
    EXPECT_NE(byEar.wanted()->take, last);
    takes.insert(last = byEar.wanted()->take);
    // As loud as whatever else is heard there.
    double power = 0.0;
    std::size_t count = 0;
    for (const float x : speaker_->played.back())
      if (std::abs(x) > 1e-4F) power += x * x, ++count;
    EXPECT_NEAR(std::sqrt(power / static_cast<double>(count)), kMade_rms, 0.1 * kMade_rms);
    byEar.guess(byEar.wanted()->value + 1.0);
    EXPECT_EQ(byEar.phase(), BlindListening::Phase::told);
    EXPECT_NE(byEar.snapshot(), nullptr);
    byEar.guess(0.0);  // said twice: once is enough
  }
  EXPECT_EQ(takes.size(), 4u);
  ASSERT_EQ(guessing().guesses().size(), 12u);
  for (const EarGuess& guess : guessing().guesses()) EXPECT_NEAR(guess.guessed - guess.was, 1.0, 1e-9);
  byEar.stop();
  EXPECT_FALSE(byEar.running());
  add("Ben");
  byEar.start();
  EXPECT_FALSE(byEar.running()) << "nothing was played";
  EXPECT_TRUE(said().contains("play something first")) << said().toStdString();
}

TEST_F(HearingTest, TwoTakesOfOneExerciseAreDrawnOfDifferentDays) {
  std::map<std::int64_t, std::pair<std::string, Day>> of;
  {
    auto studio = Studio::open(folder_.path().toStdString());
    const std::int64_t ada = studio->students.add("Ada", "oboe")->id;
    for (const auto& [exercise, days] : {std::pair{"steady-tone", 3}, {"home-two", 2}, {"crescendo", 1}})
      for (int i = 0; i < 2 * days; ++i) {
        if (std::string(exercise) == "crescendo" && i > 0) continue;  // one alone
        Take take;
        take.student = ada;
        take.asked.exercise = exercise;
        take.made_unix_s = 1'790'000'000 + 86400 * (i / 2) + 600 * (i % 2);
        const auto kept = studio->takes.add(take, tone(440.0), 48000);
        ASSERT_TRUE(kept);
        of[kept->id] = {exercise, dayOf(take.made_unix_s)};
      }
  }
  start();
  std::map<std::int64_t, int> drawn;
  for (int n = 0; n < 600; ++n) {
    const auto two = session_->blind.twoOfOne();
    ASSERT_EQ(two.size(), 2u);
    EXPECT_EQ(of.at(two[0]).first, of.at(two[1]).first);
    EXPECT_NE(of.at(two[0]).second, of.at(two[1]).second);
    ++drawn[two[0]];
    ++drawn[two[1]];
  }
  EXPECT_EQ(drawn.size(), 10u) << "each of them but the one that is alone";
  for (const auto& [take, count] : drawn) EXPECT_GT(count, 60) << take;
  std::size_t compared = 0;
  QObject::connect(&session_->playback, &Playback::compared,
                   [&](const std::vector<AnalysisQueue::Answer>& takes, bool blind) {
                     EXPECT_TRUE(blind);
                     compared = takes.size();
                   });
  session_->playback.compareTwo();
  ASSERT_TRUE(until([&] { return compared > 0; }));
  EXPECT_EQ(compared, 2u);
  add("Ben");
  session_->playback.compareTwo();
  EXPECT_TRUE(said().contains("no two takes"));
}

}  // namespace
}  // namespace calando
