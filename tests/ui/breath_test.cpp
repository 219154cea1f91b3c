// The first ten minutes of a lesson, standing: breath, from the keyboard alone.
#include <QTableWidget>

#include "app/session/lesson/lesson.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/lesson/running_order.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_run.h"
#include "core/engine/snapshot.h"
#include "core/library/lesson.h"
#include "records/folder/studio_folder.h"
#include "records/values/take.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

class BreathTest : public WindowTest {
 protected:
  void press(Qt::Key key) { QTest::keyClick(find<TakeView>("ribbon"), key); }
  void begin(const char* player) {
    openWindow();
    addStudent("Ada", "clarinet-bb");
    choose("source", "stand-in");
    choose("player", player);
    const auto& templates = lessonTemplates();
    window_->parts().order.set(std::ranges::find(templates, "breath", &LessonTemplate::id)->exercises);
  }
  /// On to a step with N.
  void goTo(const char* step) {
    for (int i = 0; i < 12 && window_->parts().lesson.current()->id != step; ++i) press(Qt::Key_N);
    ASSERT_EQ(window_->parts().lesson.current()->id, step);
    window_->parts().rest.forgive();
  }
  QString message() { return find<QLabel>("message")->text(); }
  bool taking() { return window_->parts().run.taking(); }
};

TEST_F(BreathTest, IsTaughtFromTheKeyboardAloneAndItsReportIsOnTheShelf) {
  begin("full-early");
  EXPECT_EQ(window_->parts().lesson.current()->id, "loosening");
  press(Qt::Key_Space);  // no breath is drilled: no caution
  ASSERT_TRUE(taking());
  ASSERT_TRUE(settle());  // nine movements, and it ends by itself
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
  EXPECT_FALSE(window_->findChild<QToolButton*>("tick-belly")) << "of movements nothing is ticked";
}

TEST_F(BreathTest, HasItsCautionItsTicksItsBreathsAndItsWeeks) {
  begin("full-early");
  goTo("in-4-out-4");
  press(Qt::Key_Space);
  EXPECT_FALSE(taking()) << "the caution first";
  press(Qt::Key_Space);
  ASSERT_TRUE(taking());
  ASSERT_TRUE(settle());
  EXPECT_GT(figure("in_first_quarter"), 0.3);
  EXPECT_TRUE(message().contains("breathe normally")) << message().toStdString();
  press(Qt::Key_B);
  press(Qt::Key_H);
  press(Qt::Key_A);  // this card has no arms
  const Take* take = window_->parts().shown.take();
  EXPECT_EQ(take->ticks, (std::vector<std::string>{"belly", "shoulders"}));
  EXPECT_TRUE(find<QToolButton>("tick-belly")->isChecked());
  press(Qt::Key_T);
  auto* table = find<QTableWidget>("cues");
  EXPECT_TRUE(table->isVisible());
  ASSERT_EQ(table->rowCount(), 6);
  EXPECT_EQ(table->item(0, table->columnCount() - 1)->text(), "open");
  EXPECT_FALSE(find<QPushButton>("callOpen")->isEnabled()) << "none is chosen";
  table->setCurrentCell(0, 0);
  ASSERT_TRUE(find<QPushButton>("callOpen")->isEnabled());
  find<QPushButton>("callOpen")->click();
  ASSERT_TRUE(settle());
  EXPECT_TRUE(window_->shownSnapshot()->analysis.airs[2].open_distance_db);
  press(Qt::Key_T);
  EXPECT_FALSE(table->isVisible()) << "the weeks";
}

TEST_F(BreathTest, EscapeIsOneKeyAwayAllTheTime) {
  begin("steady");
  standInSpeed(1.0);
  goTo("open-inhales");
  press(Qt::Key_Space);
  press(Qt::Key_Space);
  ASSERT_TRUE(taking());
  EXPECT_TRUE(find<QLabel>("rest")->text().contains("Esc")) << "it stands where the button is";
  QTest::qWait(300);
  press(Qt::Key_Escape);
  ASSERT_TRUE(settle());
  EXPECT_TRUE(message().contains("no more breathing today")) << message().toStdString();
  ASSERT_EQ(find<QListWidget>("shelf")->count(), 1);
  EXPECT_TRUE(find<QListWidget>("shelf")->item(0)->text().contains("stopped"));
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("nothing is judged"));
  press(Qt::Key_Space);
  EXPECT_FALSE(taking());
  find<QPushButton>("messageButton")->click();  // the teacher opens it again
  window_->parts().rest.forgive();
  press(Qt::Key_Space);
  EXPECT_TRUE(taking());
  press(Qt::Key_Space);
  ASSERT_TRUE(settle());
}

TEST_F(BreathTest, AClimbStopsByItselfAtTheFirstRoundThatDoesNotHold) {
  begin("short-of-air");
  standInSpeed(1.0);  // the computer may be busy
  window_->parts().lesson.choose("climb");
  press(Qt::Key_Space);
  press(Qt::Key_Space);
  ASSERT_TRUE(taking());
  ASSERT_TRUE(settle());
  const double seconds = window_->parts().shown.take()->seconds;
  EXPECT_LT(seconds, 4.0 + 8.0 + 10.0) << "four and four, and not to the end of five and five";
  EXPECT_EQ(figure("highest_even"), 0.0);
}

}  // namespace
}  // namespace calando
