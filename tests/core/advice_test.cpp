// What is advised, one thing at a time: never the same sentence twice running, what helped first, in whose
// words.
#include "core/judging/advice.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/figures/figure.h"
#include "core/figures/reading.h"
#include "core/judging/ledger.h"
#include "core/library/cards.h"
#include "core/ten_instruments.h"
#include "core/theory/instrument.h"

namespace calando {
namespace {

const AdviceCard& cardNamed(const std::string& id) {
  return *std::ranges::find(adviceCards(), id, &AdviceCard::id);
}

/// A fault is told and mended by it; all else says that all is well.
bool isOfAFault(const AdviceCard& card) {
  return card.observes() || !card.reading.empty() || card.from == AdviceCard::From::outside;
}

bool isFor(const AdviceCard::Try& one, const Instrument& instrument, const std::string& school) {
  return one.whom.holds(instrument) && (school.empty() || one.school.empty() || one.school == school);
}

/// A take in which `card` was said, with its try; `tried`: what was asked for in the one before was done.
PastTake takeOf(const AdviceCard& card, std::size_t next, std::int64_t id, double value = 1.0,
                bool tried = false) {
  PastTake past{id, id, "steady-tone", TeachersWord::none, TakeSummary{Verdict::outside, {}, {}}};
  past.kept->observation = card.id;
  if (!card.figure.empty()) past.kept->values[card.figure] = value;
  past.nextTry = next;
  past.tried = tried ? "it was" : "";
  return past;
}

std::size_t nextOf(const std::vector<PastTake>& takes, const AdviceCard& card, const Instrument& instrument,
                   const std::string& school) {
  const auto all = nextTries(takes, &instrument, school);
  const auto found = all.find(card.id);
  return found == all.end() ? 0 : found->second;
}

TEST(Advice, HasThreeThingsToTryForEveryFaultForEveryoneItIsFor) {
  int faults = 0;
  for (const AdviceCard& card : adviceCards()) {
    if (!isOfAFault(card)) continue;
    ++faults;
    for (const std::string& id : kTenInstruments)
      for (const std::string school : {"", "air", "voicing"}) {
        const Instrument& instrument = *findInstrument(id);
        if (!card.whom.holds(instrument)) continue;
        std::set<std::string> says;
        for (const AdviceCard::Try& one : card.tries)
          if (isFor(one, instrument, school)) says.insert(one.says);
        EXPECT_GE(says.size(), 3u) << card.id << " for " << id << " in the words of “" << school << "”";
      }
  }
  EXPECT_GE(faults, 120);
}

TEST(Advice, NeverSaysTheSameTwiceRunningAndAsksForAllBeforeOneAgain) {
  for (const AdviceCard& card : adviceCards()) {
    if (!isOfAFault(card)) continue;
    for (const std::string& id : kTenInstruments)
      for (const std::string school : {"", "air"}) {
        const Instrument& instrument = *findInstrument(id);
        if (!card.whom.holds(instrument)) continue;
        const auto theirs = static_cast<std::size_t>(std::ranges::count_if(
            card.tries, [&](const AdviceCard::Try& one) { return isFor(one, instrument, school); }));
        std::vector<PastTake> takes;
        std::vector<std::size_t> asked;
        for (std::int64_t take = 1; take <= 9; ++take) {
          asked.push_back(nextOf(takes, card, instrument, school));
          ASSERT_TRUE(isFor(card.tries.at(asked.back()), instrument, school)) << card.id << " for " << id;
          takes.insert(takes.begin(), takeOf(card, asked.back(), take));
        }
        for (std::size_t i = 1; i < asked.size(); ++i)
          ASSERT_NE(asked[i], asked[i - 1]) << card.id << " for " << id;
        const std::set<std::size_t> first(
            asked.begin(), asked.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(theirs, 9)));
        EXPECT_EQ(first.size(), std::min<std::size_t>(theirs, 9)) << card.id << " for " << id;
      }
  }
}

TEST(Advice, AsksForWhatHelpedThisStudentFirst) {
  const Instrument& trumpet = *findInstrument("trumpet-bb");
  // Below, above, and to either side of what is asked for: what gets nearer helped.
  for (const auto& [id, worse, better] : {std::tuple{"sags", -20.0, -4.0}, std::tuple{"wanders", 20.0, 6.0},
                                          std::tuple{"home-moves", -30.0, 5.0}}) {
    const AdviceCard& card = cardNamed(id);
    // Newest first: the second try was done and helped, the first was not done, then something else was
    // heard.
    std::vector<PastTake> takes{takeOf(cardNamed("breaks"), 0, 4), takeOf(card, 2, 3, better, true),
                                takeOf(card, 1, 2, worse), takeOf(card, 0, 1, worse)};
    EXPECT_EQ(nextOf(takes, card, trumpet, {}), 1u) << id;
    // Done, and worse for it: something else.
    takes[1] = takeOf(card, 2, 3, 2.0 * worse, true);
    EXPECT_NE(nextOf(takes, card, trumpet, {}), 1u) << id;
    // It helped, and is what was said just now.
    takes = {takeOf(card, 1, 3, better, true), takeOf(card, 1, 2, worse), takeOf(card, 0, 1, worse)};
    EXPECT_NE(nextOf(takes, card, trumpet, {}), 1u) << id;
    EXPECT_TRUE(ledgerOf(takes).at(0).helped) << id;
  }
}

TEST(Advice, TellsWhoeverMakesNoSoundWhatToLookAtInTheMirror) {
  int silences = 0;
  for (const AdviceCard& card : adviceCards()) {
    if (card.from != AdviceCard::From::silence) continue;
    ++silences;
    EXPECT_TRUE(std::ranges::any_of(card.tries, [](const AdviceCard::Try& one) {
      return one.says.starts_with("In the mirror: ");
    })) << card.id;
  }
  EXPECT_GE(silences, 12);
}

TEST(Advice, SpeaksInTheWordsOfTheSchool) {
  const AdviceCard& thin = cardNamed("thin");
  const Instrument& horn = *findInstrument("horn-f");
  EXPECT_EQ(thin.tries[nextOf({}, thin, horn, "air")].school, "air");
  EXPECT_EQ(thin.tries[nextOf({}, thin, horn, "voicing")].school, "voicing");
  // More air always says of what: of flow, speed, length.
  for (const AdviceCard& card : adviceCards())
    for (const AdviceCard::Try& one : card.tries) {
      const std::string& says = one.says;
      EXPECT_FALSE(says.starts_with("More air") || says.find(" more air.") != std::string::npos)
          << card.id << ": " << says;
    }
}

TEST(Advice, MarksImagesAndNothingElseAsImages) {
  int images = 0;
  for (const AdviceCard& card : adviceCards())
    for (const AdviceCard::Try& one : card.tries) {
      const auto has = [&](std::string_view words) { return one.says.find(words) != std::string::npos; };
      const bool like = has("As if") || has("as if ") || has("As when") || has("As before") ||
                        has("like a ") || has("Think of a") || has("as for a yawn") ||
                        has("at one point on the wall") || has("as on a window");
      EXPECT_EQ(one.image, like) << card.id << ": " << one.says;
      images += one.image;
    }
  EXPECT_GE(images, 8);
}

TEST(Advice, SaysNoDecibelsAndCountsWithoutOneTimes) {
  for (const AdviceCard& card : adviceCards()) {
    std::string all = card.says + " " + card.why;
    for (const AdviceCard::Try& one : card.tries) all += " " + one.says;
    for (const char* word : {" dB", "1 times", "} times", "dBFS", "standard deviation", "held against",
                             "your card", "this card", "a step is"})
      EXPECT_EQ(all.find(word), std::string::npos) << card.id << ": " << all;
  }
}

Reading outside(const char* figure, double value, std::optional<double> low, std::optional<double> high) {
  Reading r;
  r.figure = findFigure(figure);
  r.value = value;
  r.low = low;
  r.high = high;
  r.hasTarget = true;
  r.verdict = Verdict::outside;
  r.excess = 2.0;
  return r;
}

TEST(Advice, TellsEarlyFromLate) {
  Reading place = outside("place_ms", 80.0, {}, 40.0);
  place.leaning = 70.0;
  EXPECT_EQ(chooseAdvice({place}, {}, nullptr, nullptr)->id, "late");
  place.leaning = -70.0;
  EXPECT_EQ(chooseAdvice({place}, {}, nullptr, nullptr)->id, "early");
  place.leaning.reset();
  EXPECT_EQ(chooseAdvice({place}, {}, nullptr, nullptr)->id, "off-the-beat");
  EXPECT_EQ(chooseAdvice({place}, {}, nullptr, nullptr)->text.find('{'), std::string::npos);
}

TEST(Advice, ObservesOfTheSmallPartWhatItsOwnTargetCallsOutside) {
  const Instrument* trumpet = findInstrument("trumpet-bb");
  Observed observed;
  const auto heard = [&](double wander, std::optional<double> asked) {
    Reading pitch = outside("wander_cents", wander, {}, asked);
    if (asked && wander <= *asked) pitch.excess = 0.0, pitch.verdict = Verdict::inside;
    Reading loudness = outside("level_sd_db", 0.1, {}, {});
    loudness.excess = 0.0;
    loudness.verdict = Verdict::inside;
    const auto advice = chooseAdvice({pitch, loudness}, {}, trumpet, &observed);
    return advice ? advice->id : std::string();
  };
  EXPECT_EQ(heard(30.0, 40.0).find("waves"), std::string::npos) << "inside what is asked of a beginner";
  EXPECT_EQ(heard(45.0, 40.0), "waves");
  EXPECT_EQ(heard(15.0, 10.0), "waves") << "more is asked of who is fluent";
  EXPECT_EQ(heard(21.0, {}), "waves");
}

}  // namespace
}  // namespace calando
