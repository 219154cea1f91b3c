#include "core/library/cards.h"
#include "core/library/lesson.h"
#include "records/packs/pack.h"
#include "session/doubles.h"

// Running orders: a student's own have names, and what is looked at overwrites none of them.

namespace calando {
namespace {

using Order = std::vector<std::string>;

class OrdersTest : public SessionTest {
 protected:
  void SetUp() override {
    start();
    add("Ada");
  }
  std::map<std::string, Order> own() {
    std::map<std::string, Order> orders;
    for (const OwnOrder& one : session_->order.own()) orders[one.name] = one.exercises;
    return orders;
  }
  Order shipped(std::size_t i) const { return lessonsFor(session_->book.instrument())[i].exercises; }
};

TEST_F(OrdersTest, OnesOwnIsThereAgainHoweverManyOthersAreLookedAt) {
  const Order mine{"swell", "steady-tone", "scale-4-4"};
  session_->order.change(mine);
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Own order", mine}}));
  session_->order.set(shipped(1));
  session_->order.set(shipped(2));
  EXPECT_EQ(own().at("Own order"), mine);
  session_->order.set(mine);
  ASSERT_TRUE(session_->order.presentOwn());
  EXPECT_EQ(session_->order.presentOwn()->name, "Own order");
  // Changed it stays the one that it is; from one that ships another is made.
  const Order longer{"swell", "steady-tone", "scale-4-4", "tone-5"};
  session_->order.change(longer);
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Own order", longer}}));
  session_->order.set(shipped(3));
  Order other = shipped(3);
  other.pop_back();
  session_->order.change(other, "Mondays");
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Mondays", other}, {"Own order", longer}}));
  session_->order.change(other, "Tuesdays");
  EXPECT_EQ(own().size(), 2u) << "renamed";
  EXPECT_TRUE(own().contains("Tuesdays"));
  start();
  EXPECT_EQ(session_->order.steps(), other);
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Own order", longer}, {"Tuesdays", other}}));
}

// On another instrument what does not fit is left out of what is seen, and out of nothing that is kept.
TEST_F(OrdersTest, OnesOwnIsThatOnEveryInstrumentAndWholeAgainOnItsOwn) {
  const Order mine{"swell", "buzz-level", "steady-tone"};
  session_->order.change(mine, "Mornings");
  Student ada = *session_->book.chosen();
  const std::string before = ada.instrument;
  ada.instrument = "flute";
  ASSERT_TRUE(session_->book.change(ada));
  EXPECT_EQ(session_->order.steps(), (Order{"swell", "steady-tone"}));
  ASSERT_TRUE(session_->order.presentOwn());
  EXPECT_EQ(session_->order.presentOwn()->name, "Mornings");
  session_->order.set(shipped(2));
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Mornings", mine}})) << "nothing was made of it";
  session_->order.set(mine);
  ada.instrument = before;
  ASSERT_TRUE(session_->book.change(ada));
  session_->order.set(mine);
  EXPECT_EQ(session_->order.presentOwn()->exercises, mine);
}

TEST_F(OrdersTest, EveryChangeIsTakenBackAsItWas) {
  const Order first{"swell"}, second{"swell", "tone-5"};
  session_->order.change(first);
  session_->order.change(second, "Short");
  session_->order.set(shipped(2));
  session_->session.undo();
  EXPECT_EQ(session_->order.steps(), second);
  session_->session.undo();
  EXPECT_EQ(session_->order.steps(), first);
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Own order", first}}));
  session_->session.undo();
  EXPECT_EQ(session_->order.steps(), shipped(0));
  EXPECT_TRUE(own().empty());
  EXPECT_TRUE(session_->studio.orders.own(session_->book.chosen()->id)->empty());
}

TEST_F(OrdersTest, AnOrderFromBeforeTheyHadNamesIsNotLost) {
  const Order old{"swell", "tone-5"};
  const auto ada = session_->book.chosen()->id;
  ASSERT_TRUE(session_->studio.orders.keep(ada, old));
  start();
  EXPECT_EQ(session_->order.steps(), old);
  session_->order.set(shipped(1));
  EXPECT_EQ(own(), (std::map<std::string, Order>{{"Own order", old}}));
  add("Ben");
  EXPECT_TRUE(own().empty()) << "nobody else’s";
}

TEST_F(OrdersTest, APackFromElsewhereAsksBeforeItReplacesAndOneFromHomeDoesNot) {
  const Student ada = *session_->book.chosen();
  QTemporaryDir elsewhere;
  const auto packFrom = [&](const char* studio, const Order& order, int minutes) {
    auto other = Studio::open(elsewhere.filePath(studio).toStdString());
    EXPECT_TRUE(other->students.adopt(ada));
    EXPECT_TRUE(other->orders.keep(ada.id, order));
    Plan plan;
    plan.minutes = minutes;
    EXPECT_TRUE(other->plans.keep(ada.id, plan));
    const std::filesystem::path file = elsewhere.filePath("pack.zip").toStdString();
    EXPECT_TRUE(writePack(*planPack(*other, ada.id, PackKind::home), file));
    return file;
  };
  std::vector<PackReplaces> asked;
  std::optional<UnpackedPack> pack;
  QObject::connect(&session_->files, &StudioFiles::replacingAsked,
                   [&](const UnpackedPack& came, const PackReplaces& what) {
                     asked.push_back(what);
                     pack = came;
                   });
  session_->files.takePackIn(packFrom("teacher", {"swell"}, 10));
  ASSERT_TRUE(settle());
  EXPECT_TRUE(asked.empty()) << "there was nothing yet";
  EXPECT_EQ(session_->order.steps(), Order{"swell"});
  session_->files.takePackIn(packFrom("teacher", {"tone-5"}, 15));
  ASSERT_TRUE(settle());
  EXPECT_TRUE(asked.empty()) << "the same teacher, a week later";
  EXPECT_EQ(session_->planning.plan().minutes, 15);
  session_->files.takePackIn(packFrom("stranger", {"scale-4-4"}, 90));
  ASSERT_TRUE(settle());
  ASSERT_EQ(asked.size(), 1u);
  EXPECT_EQ(asked[0].orderHere, Order{"tone-5"});
  EXPECT_EQ(asked[0].orderThere, Order{"scale-4-4"});
  EXPECT_EQ(asked[0].planThere.minutes, 90);
  EXPECT_EQ(session_->order.steps(), Order{"tone-5"}) << "nothing is done before the answer";
  session_->files.takePackIn(*pack, Replacing::keepHere);
  EXPECT_EQ(session_->order.steps(), Order{"tone-5"});
  EXPECT_EQ(session_->planning.plan().minutes, 15);
  session_->files.takePackIn(*pack, Replacing::takeThere);
  EXPECT_EQ(session_->order.steps(), Order{"scale-4-4"});
  EXPECT_EQ(session_->planning.plan().minutes, 90);
}

TEST_F(OrdersTest, WhatIsQuickIsBegunSlowerByABeginner) {
  start();
  for (const auto& [experience, tempo] : {std::pair{Experience::beginner, std::optional(48.0)},
                                          {Experience::advanced, std::optional<double>()}}) {
    session_->book.add({0, "Ada", "trumpet-bb", {}, experience});
    session_->lesson.choose("swing-neighbours");
    EXPECT_EQ(session_->request.wish().tempo_bpm, tempo);
    session_->lesson.choose("scale-4-4");
    EXPECT_FALSE(session_->request.wish().tempo_bpm) << "slower is no easier there";
  }
}

}  // namespace
}  // namespace calando
