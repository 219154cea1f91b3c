#include "support/homework.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>

#include "core/contract/marking_json.h"
#include "core/engine/analysis.h"
#include "core/homework/listening.h"
#include "core/homework/marking.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "support/dice.h"
#include "support/marked.h"
#include "support/signals.h"

namespace calando {
namespace {

using sounds::Dice;
using sounds::SentPiece;

Context trumpeter() {
  Context player;
  player.instrument = findInstrument("trumpet-bb");
  player.level = findLevel("growing");
  return player;
}

std::vector<sounds::Sent> soundsOf(const HomeworkItem& item) {
  const Context context = contextOf(item, trumpeter());
  std::vector<sounds::Sent> sent;
  for (const SheetCue& cue : unroll(context).cues)
    if (isSounding(cue.kind))
      sent.push_back({cue.start_s, cue.length_s, cue.note ? context.hzOf(*cue.note) : 220.0,
                      cue.slurred() && !sent.empty()});
  return sent;
}

// ---- whole recordings

/// Three to six items of a list, played with talk, retries and gaps, over a phone.
struct Recording {
  HomeworkList list;
  std::vector<sounds::Wanted> truth;
  std::vector<SentPiece> pieces;
  std::vector<float> samples;
};

constexpr const char* kCards[] = {"tone-5",         "tone-10",          "scale-4-4",      "scale-8-8",
                                  "chromatic-down", "home-three",       "home-scale",     "stairs-4",
                                  "swell",          "swing-neighbours", "pairs-in-scale", "slur-three",
                                  "buzz-4-4",       "buzz-scale",       "buzz-level"};

void play(Dice& dice, sounds::Homework& sent, Recording& r, int item, double drift, double skill) {
  HomeworkItem played = r.list.items[static_cast<std::size_t>(item)];
  const bool buzz = played.exercise->part != PartPlayed::whole;
  if (!played.home) played.home = buzz ? dice.whole(58, 66) : dice.whole(60, 70);
  const auto all = soundsOf(played);
  sounds::Wanted& truth = r.truth[static_cast<std::size_t>(item)];
  const int tries = dice.chance(0.25) ? 2 : 1;
  for (int t = 0; t < tries; ++t) {
    const bool breaksOff = all.size() > 2 && (t + 1 < tries || dice.chance(0.12));
    const std::size_t count =
        breaksOff ? static_cast<std::size_t>(dice.whole(1, static_cast<int>(all.size()) - 1)) : all.size();
    const double stretch =
        std::clamp(all.size() == 1 ? dice(0.9, 1.1) : drift * dice(0.97, 1.03), 0.86, 1.15);
    sent.play(item, all, count, stretch, skill, buzz);
    truth.add(sent.pieces().back(), breaksOff);
    sent.pause(dice(1.2, 4.0));
    if (dice.chance(0.2)) {
      sent.speak(dice(0.8, 3.0));
      sent.pause(dice(0.7, 1.5));
    }
  }
}

Recording recorded(unsigned seed) {
  Dice dice(seed);
  Recording r;
  const int count = dice.whole(3, 6);
  std::vector<int> cards;
  while (static_cast<int>(cards.size()) < count) {
    const int card = dice.whole(0, static_cast<int>(std::size(kCards)) - 1);
    if (std::ranges::find(cards, card) == cards.end()) cards.push_back(card);
  }
  for (const int card : cards) {
    HomeworkItem item{findExercise(kCards[card])};
    const bool buzz = item.exercise->part != PartPlayed::whole;
    if (dice.chance(buzz ? 0.5 : 0.8)) item.home = buzz ? dice.whole(58, 66) : dice.whole(60, 70);
    r.list.items.push_back(std::move(item));
  }
  r.truth.resize(r.list.items.size());
  sounds::Homework sent(seed * 7 + 1);
  sent.pause(dice(0.8, 2.0));
  std::vector<int> order(static_cast<std::size_t>(count));
  for (int i = 0; i < count; ++i) order[static_cast<std::size_t>(i)] = i;
  if (dice.chance(0.15)) std::swap(order.front(), order.back());
  const double skill = dice(0.0, 1.0), drift = dice(0.88, 1.13);
  for (const int item : order) {
    if (dice.chance(0.15)) continue;
    if (dice.chance(0.5)) {
      sent.speak(dice(1.5, 6.0));
      sent.pause(dice(0.7, 2.0));
    }
    if (dice.chance(0.1)) {
      sent.knock();
      sent.pause(dice(0.5, 1.0));
    }
    play(dice, sent, r, item, drift, skill);
  }
  sent.pause(1.0);
  r.pieces = sent.pieces();
  r.samples = sent.heardBy(
      {dice(0.2, 0.9), dice(-26.0, -14.0), dice.chance(0.7), dice.chance(0.6), dice(-70.0, -56.0)});
  return r;
}

TEST(Homework, IsCutIntoWhatWasAskedForAndMarked) {
  const unsigned recordings = sounds::howMany(2);
  sounds::Score score;
  for (const unsigned seed : sounds::seeds(recordings, 900)) {
    const Recording r = recorded(seed);
    score.add(mark(r.list, sounds::asSent(r.samples), trumpeter()), r.list, r.truth, r.pieces, seed);
  }
  score.expect(0.97);
}

// ---- what is heard, without a sound

/// What would be heard of an item, played from a time on.
std::vector<SentSound> heardOf(Dice& dice, const HomeworkItem& item, double from_s, double stretch,
                               std::size_t count) {
  std::vector<SentSound> heard;
  for (const sounds::Sent& s : soundsOf(item)) {
    if (heard.size() == count) break;
    const double at = from_s + stretch * s.from_s + dice(-0.06, 0.06);
    heard.push_back({SentKind::tone, at, at + stretch * s.length_s * dice(0.85, 0.98),
                     69.0 + centsBetween(440.0, s.hz) / 100.0 + dice(-0.3, 0.3), s.slurred});
  }
  return heard;
}
AskedItem unrolled(const HomeworkItem& item) {
  const Context context = contextOf(item, trumpeter());
  return {unroll(context), static_cast<double>(context.soundingOf(0)), !item.home};
}
HomeworkItem itemOf(const char* card, std::optional<int> home = {}) { return {findExercise(card), home}; }

struct Played {
  std::size_t item;
  double stretch = 1.0;
  std::size_t count = 1000;
};
/// Which items the tries are found to be, and that they begin where they were put.
std::vector<std::size_t> found(const std::vector<HomeworkItem>& list, const std::vector<Played>& played) {
  Dice dice(77);
  std::vector<AskedItem> items;
  for (const HomeworkItem& item : list) items.push_back(unrolled(item));
  std::vector<SentSound> heard;
  std::vector<double> starts;
  double at = 1.0;
  for (const Played& p : played) {
    for (int k = 0; k < 3; ++k, at += 0.4) heard.push_back({SentKind::speech, at, at + 0.25, {}});
    at += 1.0;
    const auto tones = heardOf(dice, list[p.item], at, p.stretch, p.count);
    starts.push_back(tones.front().start_s);
    heard.insert(heard.end(), tones.begin(), tones.end());
    at = heard.back().end_s + 2.5;
  }
  const std::vector<std::vector<SentSound>> files = {heard};
  std::vector<std::size_t> order;
  const auto tries = findTries(items, files);
  for (std::size_t t = 0; t < tries.size(); ++t) {
    order.push_back(tries[t].item);
    if (t < starts.size()) {
      EXPECT_NEAR(heard[tries[t].first].start_s, starts[t], 0.01);
    }
  }
  return order;
}
using Order = std::vector<std::size_t>;

TEST(Tries, AreFoundInAnyOrderAtOtherTemposAndBrokenOff) {
  const std::vector<HomeworkItem> list = {itemOf("scale-4-4", 62), itemOf("scale-8-8", 62),
                                          itemOf("home-three", 67), itemOf("stairs-4", 60)};
  EXPECT_EQ(found(list, {{0}, {1}, {2}, {3}}), (Order{0, 1, 2, 3}));
  EXPECT_EQ(found(list, {{3, 0.87}, {0, 1.14}, {2, 0.9}}), (Order{3, 0, 2}));
  EXPECT_EQ(found(list, {{0, 1.1, 3}, {0, 1.1}, {3}}), (Order{0, 0, 3}));
}

TEST(Tries, OnNoSaidNoteAreMovedAsAWhole) {
  const std::vector<HomeworkItem> wished = {itemOf("home-scale")};
  const HomeworkItem played = itemOf("home-scale", 65);
  Dice dice(5);
  const auto heard = heardOf(dice, played, 2.0, 1.0, 100);
  const AskedItem item = unrolled(wished.front());
  const std::vector<std::vector<SentSound>> files = {heard};
  const auto tries = findTries(std::span(&item, 1), files);
  ASSERT_EQ(tries.size(), 1u);
  EXPECT_EQ(item.sheet.home + tries[0].moved, 65);
  EXPECT_EQ(tries[0].first, 0u);
  EXPECT_EQ(tries[0].last, heard.size() - 1);
  // Where the note is said, another one's row is none of it.
  const AskedItem other = unrolled(itemOf("home-scale", 59));
  EXPECT_TRUE(findTries(std::span(&other, 1), files).empty());
}

TEST(Tries, OfEqualsGoByTheList) {
  const std::vector<HomeworkItem> list = {itemOf("tone-5", 62), itemOf("tone-5", 62), itemOf("tone-5")};
  EXPECT_EQ(found(list, {{0}, {1}, {2}}), (Order{0, 1, 2}));
}

TEST(Tries, AreNeverTalkAlone) {
  const AskedItem item = unrolled(itemOf("scale-4-4"));
  std::vector<SentSound> talk;
  for (double t = 0.0; t < 60.0; t += 0.5) talk.push_back({SentKind::speech, t, t + 0.3, {}});
  const std::vector<std::vector<SentSound>> files = {talk, {}};
  EXPECT_TRUE(findTries(std::span(&item, 1), files).empty());
}

// ---- the list

ExercisePtr shippedCard(const std::string& id) { return findExercise(id); }

TEST(HomeworkList, IsReadAndWritten) {
  const auto list = parseHomework(
      R"({"title": "Week 3", "items": [{"exercise": "scale-4-4", "home": "Bb3", "tempo": 72, "highest": "F5"},
          {"exercise": "buzz-scale", "part": "lips"}]})",
      shippedCard);
  ASSERT_TRUE(list);
  EXPECT_EQ(list->items[0].home, parseNote("Bb3"));
  EXPECT_EQ(list->items[1].part, PartPlayed::lips);
  const auto again = parseHomework(toText(*list), shippedCard);
  ASSERT_TRUE(again);
  EXPECT_EQ(toText(*again), toText(*list));
  // A row that makes its notes goes up to the highest, and no further.
  const auto notes = notesOf(unroll(contextOf(list->items[0], trumpeter())));
  EXPECT_EQ(*std::ranges::max_element(notes), *parseNote("F5"));
  EXPECT_EQ(notes.size(), 12u);
}

TEST(Homework, ThatIsToGoUpToANoteIsWholeWhenItGotThere) {
  for (const auto& [highest, state] :
       {std::pair{"D5", ItemState::complete}, {"A4", ItemState::complete}, {"F5", ItemState::incomplete}}) {
    HomeworkList list{"", {{shippedCard("tone-5")}}};
    list.items[0].highest = parseNote(highest);
    const double d5_hz = 440.0 * std::exp2((*parseNote("D5") - 2 - 69) / 12.0);  // on a trumpet
    const auto sent = sounds::tone({.f0_hz = d5_hz, .seconds = 5.2, .before_s = 0.5, .after_s = 1.0});
    const Marking marking = mark(list, sounds::asSent(sent), trumpeter());
    EXPECT_EQ(marking.items[0].state, state) << highest;
  }
}

TEST(HomeworkList, ThatCannotBeSaysWhatAndWhere) {
  for (const auto& [text, says] :
       {std::pair{R"([])", "object"},
        {R"({"items": []})", "items"},
        {R"({"items": [{}]})", "exercise"},
        {R"({"items": [{"exercise": "no-such"}]})", "no-such"},
        {R"({"items": [{"exercise": "tone-5"}, {"exercise": "tone-5", "home": "H"}]})", "2"},
        {R"({"items": [{"exercise": "tone-5", "tempo": 5}]})", "tempo"},
        {R"({"items": [{"exercise": "tone-5", "part": "knee"}]})", "knee"},
        {R"({"items": [{"exercise": "tone-5", "speed": 5}]})", "speed"}}) {
    const auto list = parseHomework(text, shippedCard);
    ASSERT_FALSE(list) << text;
    EXPECT_NE(english(list.error()).find(says), std::string::npos) << english(list.error());
  }
}

// ---- what a teacher says of it

/// Three tones of five seconds on notes of their own, and talk between the second and the third.
struct Corrected : testing::Test {
  Corrected() : sent(3) {
    list.items = {{findExercise("tone-5"), 67}, {findExercise("tone-5"), 62}};
    sent.pause(1.5);
    for (const int note : {67, 62, 67}) {
      if (note == 67 && !sent.pieces().empty()) {
        sent.speak(3.0);
        sent.pause(1.0);
      }
      HomeworkItem item = list.items[0];
      item.home = note;
      sent.play(0, soundsOf(item), 1, 1.0, 0.9, false);
      sent.pause(2.5);
    }
    samples = sent.heardBy({});
    recordings = sounds::asSent(samples);
    marking = mark(list, recordings, trumpeter());
  }
  Marking after(const Correction& piece) const {
    return corrected(marking, piece, list, recordings, trumpeter());
  }

  HomeworkList list;
  sounds::Homework sent;
  std::vector<float> samples;
  std::vector<SentRecording> recordings;
  Marking marking;
};

TEST_F(Corrected, AnEndThatIsMovedAnotherItemAndNoTryAtAll) {
  ASSERT_EQ(marking.items[0].tries.size(), 2u);
  ASSERT_EQ(marking.items[1].tries.size(), 1u);
  const MarkedAttempt first = marking.items[0].tries[0];
  // Less than half of it: measured again, and too short now.
  const Marking half = after({0, first.start_s - 0.3, first.start_s + 2.0, 0});
  ASSERT_EQ(half.items[0].tries.size(), 2u) << "in the place of what it touches";
  EXPECT_NEAR(half.items[0].tries[0].end_s, first.start_s + 2.0, 0.1);
  EXPECT_FALSE(half.items[0].tries[0].complete);
  EXPECT_EQ(half.items[0].best, 1u) << "the whole one counts";
  // The last one was meant for the second item: it is on another note, and measured against that.
  const MarkedAttempt last = marking.items[0].tries[1];
  const Marking other = after({0, last.start_s - 0.5, last.end_s + 0.5, 1});
  ASSERT_EQ(other.items[0].tries.size(), 1u);
  ASSERT_EQ(other.items[1].tries.size(), 2u);
  EXPECT_EQ(other.items[1].best, 0u);
  // Nothing of it: its item is missing, and what it was is among the rest.
  const MarkedAttempt second = marking.items[1].tries[0];
  const Marking none = after({0, second.start_s - 0.2, second.end_s + 0.2, std::nullopt});
  EXPECT_EQ(none.items[1].state, ItemState::missing);
  EXPECT_EQ(none.other.size(), marking.other.size() + 1);
  EXPECT_TRUE(std::ranges::any_of(none.other, [&](const OtherStretch& o) {
    return o.kind == SentKind::tone && std::abs(o.start_s - second.start_s) < 0.1;
  }));
  // Talk that somebody calls a try has nothing of it.
  const auto talk = std::ranges::find(marking.other, SentKind::speech, &OtherStretch::kind);
  ASSERT_NE(talk, marking.other.end());
  const Marking talked = after({0, talk->start_s, talk->end_s, 1});
  ASSERT_EQ(talked.items[1].tries.size(), 2u);
  EXPECT_EQ(talked.items[1].best, 0u);
  EXPECT_FALSE(talked.items[1].tries[1].complete);
  for (const Correction& nonsense :
       {Correction{1, 0.0, 5.0, 0}, Correction{0, 0.0, 5.0, 7}, Correction{0, 5.0, 5.1, 0},
        Correction{0, -9.0, -3.0, 0}, Correction{0, 900.0, 990.0, 0}}) {
    const Marking same = after(nonsense);
    EXPECT_EQ(same.items[0].tries.size(), 2u);
    EXPECT_EQ(same.items[1].tries.size(), 1u);
  }
}

TEST_F(Corrected, WhoIsToBeListenedToFirstAndWhy) {
  // All there, and all good.
  for (MarkedItem& item : marking.items)
    for (MarkedAttempt& t : item.tries)
      for (Reading& reading : t.analysis.readings) reading.excess = 0.0;
  EXPECT_FALSE(reasonToListen(marking));
  const MarkedAttempt second = marking.items[1].tries[0];
  const Marking missing = after({0, second.start_s - 0.2, second.end_s + 0.2, std::nullopt});
  EXPECT_EQ(reasonToListen(missing)->why, WantsEar::Why::missing);
  EXPECT_EQ(reasonToListen(missing)->count, 1);
  Marking nothing = missing;
  nothing.items[0] = nothing.items[1];
  EXPECT_EQ(reasonToListen(nothing)->why, WantsEar::Why::nothingFound);
  Marking broken = marking;
  auto& tone = broken.items[0].tries[*broken.items[0].best].analysis.tones.front();
  tone.dropouts = {{tone.start_s + 1.0, 0.1}, {tone.start_s + 2.0, 0.1}, {tone.start_s + 3.0, 0.1}};
  std::erase_if(broken.items[0].tries[*broken.items[0].best].analysis.readings,
                [](const Reading& r) { return r.id() == "dropouts"; });
  EXPECT_EQ(reasonToListen(broken)->why, WantsEar::Why::breaks);
  EXPECT_EQ(reasonToListen(broken)->count, 3);
  const std::vector<const Marking*> all{&marking, &missing, nullptr, &nothing, &broken};
  EXPECT_EQ(listenFirst(all), (std::vector<std::size_t>{3, 4, 1}));
  EXPECT_EQ(listenFirst(all, 1).size(), 1u);
}

TEST(HomeworkLists, OfTooManyItemsSaySo) {
  std::string text = R"({"items": [)";
  for (int i = 0; i < 5000; ++i) text += std::string(i ? "," : "") + R"({"exercise": "tone-5"})";
  const auto list = parseHomework(text + "]}", [](const std::string& id) { return findExercise(id); });
  ASSERT_FALSE(list);
  EXPECT_NE(english(list.error()).find("more than 100 items"), std::string::npos) << english(list.error());
}

}  // namespace
}  // namespace calando
