#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

#include "app/charts/ear_chart.h"
#include "app/ears/ears_page.h"
#include "app/ears/sound_card.h"
#include "app/weeks/heard_view.h"
#include "core/engine/analysis.h"
#include "session/doubles.h"

namespace calando {
namespace {

/// The place on its own, with a loudspeaker that nobody hears.
class EarsTest : public SessionTest {
 protected:
  void open() {
    start();
    add("Ada", "clarinet-bb");
    page_ = std::make_unique<EarsPage>(*session_);
    page_->resize(1100, 760);
    page_->show();
  }
  void TearDown() override {
    page_.reset();
    SessionTest::TearDown();
  }
  EarTraining& hearing() { return session_->ears; }
  QString text(const char* name) { return page_->findChild<QLabel*>(name)->text(); }
  void key(Qt::Key key) { QTest::keyClick(page_.get(), key); }
  bool asked() {
    return until([this] { return hearing().phase() == EarTraining::Phase::sounding; });
  }
  std::unique_ptr<EarsPage> page_;
};

TEST_F(EarsTest, ByKeysAloneOrByAPedalAndWhatWasRightIsTold) {
  open();
  key(Qt::Key_Space);
  EXPECT_TRUE(hearing().running());
  ASSERT_TRUE(asked());
  EXPECT_TRUE(text("earQuestion").endsWith('?'));
  EXPECT_TRUE(text("earTold").isEmpty()) << "not before the answer";
  const auto cards = [this] { return page_->findChildren<SoundCard*>("earChoice"); };
  EXPECT_EQ(static_cast<std::size_t>(cards().size()), hearing().question()->choices);
  const std::size_t plays = speaker_->played.size();
  key(Qt::Key_R);
  EXPECT_EQ(speaker_->played.size(), plays + 1);
  key(static_cast<Qt::Key>(Qt::Key_1 + static_cast<int>(hearing().question()->right)));
  EXPECT_EQ(hearing().phase(), EarTraining::Phase::told);
  EXPECT_TRUE(text("earTold").startsWith("Yes")) << text("earTold").toStdString();
  key(Qt::Key_PageDown);  // goes on
  ASSERT_TRUE(asked());
  const bool first = hearing().question()->right == 0;
  key(Qt::Key_PageDown);  // the second
  EXPECT_EQ(hearing().chosen(), 1u);
  EXPECT_EQ(text("earTold").startsWith("No"), hearing().question()->right != 1) << first;
  key(Qt::Key_Escape);
  EXPECT_FALSE(hearing().running());
  EXPECT_TRUE(text("earQuestion").contains("of 2 right"));
  EXPECT_EQ(session_->knowledge.answers().size(), 2u);
}

TEST_F(EarsTest, WhatIsHeardStandsByWeekAndByOctaveBesideWhatIsPlayed) {
  {
    auto studio = Studio::open(folder_.path().toStdString());
    Take take;
    take.student = studio->students.add("Ada", "clarinet-bb")->id;
    take.made_unix_s = clock_->now_unix_s() - 3600;
    const auto kept = studio->takes.add(take, tone(440.0), 48000);
    ASSERT_TRUE(kept);
    ASSERT_TRUE(studio->summaries.keep(
        kept->id, {engineVersion(), 1.0, "png", {Verdict::inside, {{"offset_cents", 3.5}}, {}}}));
    for (int n = 0; n < 60; ++n) {
      EarAnswer answer;
      answer.made_unix_s = clock_->now_unix_s() - (60 - n) * 8 - (n < 30 ? 14 * 86400 : 0);
      answer.concert = n % 2 == 0 ? 62 : 74;
      answer.amount = 2.0 + n % 20;
      answer.right = answer.amount > (n % 2 == 0 ? 12.0 : 5.0);
      ASSERT_TRUE(studio->ears.keepAnswer(take.student, answer));
    }
  }
  start();
  page_ = std::make_unique<EarsPage>(*session_);
  page_->show();
  const QString heard = text("earHeard");
  EXPECT_TRUE(heard.startsWith("pitch: ")) << heard.toStdString();
  EXPECT_TRUE(heard.contains("from C4 on")) << heard.toStdString();
  EXPECT_TRUE(heard.contains("from C5 on"));
  EXPECT_TRUE(heard.contains("+3.5"));
  HeardView weeks(*session_);
  weeks.refresh();
  const auto charts = weeks.findChildren<EarChart*>();
  ASSERT_EQ(charts.size(), 1);
  EXPECT_EQ(charts[0]->accessibleDescription().count("cents"), 2) << "two weeks of it";
  charts[0]->grab();
}

TEST_F(EarsTest, ATeacherSetsWhatIsAskedAboutAndGuessing) {
  open();
  auto* list = page_->findChild<QListWidget*>("earChanges");
  ASSERT_EQ(list->count(), static_cast<int>(changes().size()));
  for (int row = 0; row < list->count(); ++row)
    list->item(row)->setCheckState(row == static_cast<int>(Change::scoop) ? Qt::Checked : Qt::Unchecked);
  EXPECT_EQ(session_->knowledge.asked(), std::vector{Change::scoop});
  EXPECT_EQ(session_->studio.ears.asked(session_->book.chosen()->id)->size(), 1u);
  EXPECT_TRUE(page_->findChild<QPushButton*>("earGo")->isEnabled());
  // What was wrong is asked in the student's own words.
  list->setCurrentRow(static_cast<int>(Change::scoop));
  auto* own = page_->findChild<QLineEdit*>("earOwnWords");
  own->setText("slides in");
  emit own->editingFinished();
  auto* way = page_->findChild<QComboBox*>("earWay");
  way->setCurrentIndex(way->findText("what was wrong"));
  key(Qt::Key_Space);
  ASSERT_TRUE(asked());
  QStringList choices;
  for (const auto* card : page_->findChildren<SoundCard*>("earChoice")) choices << card->text();
  EXPECT_TRUE(choices.contains("slides in")) << choices.join(';').toStdString();
  key(Qt::Key_Escape);
  const std::int64_t ada = session_->book.chosen()->id;
  add("Ben");
  EXPECT_TRUE(own->text().isEmpty()) << "somebody else's words";
  session_->book.choose(ada);
  EXPECT_EQ(own->text(), "slides in");
  list->item(static_cast<int>(Change::scoop))->setCheckState(Qt::Unchecked);
  EXPECT_FALSE(page_->findChild<QPushButton*>("earGo")->isEnabled()) << "nothing to ask about";
  QTest::mouseClick(page_->findChild<QWidget*>("guessFirst"), Qt::LeftButton);
  EXPECT_TRUE(session_->guessing.first());
}

TEST_F(EarsTest, AFigureOfATakeIsGuessedByKeysAndItsPictureComesAfterIt) {
  fill({"Ada"}, 2);
  start();
  page_ = std::make_unique<EarsPage>(*session_);
  page_->show();
  auto* way = page_->findChild<QComboBox*>("earWay");
  way->setCurrentIndex(way->findText("guess a take’s figure"));
  auto* box = page_->findChild<QDoubleSpinBox*>("guess");
  auto* snapshot = page_->findChild<QWidget*>("heardPicture");
  EXPECT_FALSE(box->isVisible());
  key(Qt::Key_Space);
  ASSERT_TRUE(until([&] { return box->isVisible(); }));
  EXPECT_FALSE(snapshot->isVisible());
  EXPECT_FALSE(way->isEnabled());
  const std::size_t plays = speaker_->played.size();
  QTest::keyClick(box, Qt::Key_R);  // whoever has the keys
  EXPECT_EQ(speaker_->played.size(), plays + 1);
  const FigureGuessing::Wanted was = *session_->blind.wanted();
  QTest::keyClicks(box, "3");
  QTest::keyClick(box, Qt::Key_Return);
  EXPECT_FALSE(box->isVisible());
  EXPECT_TRUE(snapshot->isVisible());
  EXPECT_TRUE(text("earQuestion").contains("guessed")) << text("earQuestion").toStdString();
  EXPECT_TRUE(text("earTold").startsWith("Off by"));
  ASSERT_EQ(session_->guessing.guesses().size(), 1u);
  EXPECT_EQ(session_->guessing.guesses()[0].guessed, 3.0);
  EXPECT_EQ(session_->guessing.guesses()[0].figure, was.figure->id);
  EXPECT_TRUE(text("earGuesses").contains("off by")) << text("earGuesses").toStdString();
  snapshot->grab();
  key(Qt::Key_Space);
  ASSERT_TRUE(until([&] { return box->isVisible(); }));
  QTest::keyClick(box, Qt::Key_Escape);
  EXPECT_FALSE(session_->blind.running());
  EXPECT_TRUE(way->isEnabled());
}

}  // namespace
}  // namespace calando
