#include "app/charts/reach_chart.h"
#include "app/charts/weeks_chart.h"
#include "app/desk/found_dialog.h"
#include "app/head/head_strip.h"
#include "app/head/staff_view.h"
#include "app/lesson/sheet_preview.h"
#include "app/people/student_chooser.h"
#include "app/readout/cue_table.h"
#include "app/readout/fingering_table.h"
#include "app/readout/readout.h"
#include "app/review/compare_view.h"
#include "app/review/take_export.h"
#include "app/ribbon/ribbon_scale.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/lesson/lesson.h"
#include "app/words/note_names.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

// A first lesson on the small part, by keyboard: what is observed, whether it was so, what was tried, what it
// did, and which try comes next.
TEST_F(WindowTest, AnObservationIsConfirmedAndWhatWasTriedForItIsRemembered) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  chooseStep("buzz-level");
  find<QDoubleSpinBox>("seconds")->setValue(4);
  auto* ribbon = find<TakeView>("ribbon");
  auto* seen = find<QToolButton>("seen");
  EXPECT_FALSE(seen->isVisible());
  playTake("buzz-lips-part");
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("while the air goes on (3). Firmer corners"))
      << find<QLabel>("advice")->text().toStdString();
  ASSERT_TRUE(seen->isVisible());
  QTest::keyClick(ribbon, Qt::Key_V);
  EXPECT_EQ(find<QLabel>("often")->text(), "right in 1 of 1");
  playTake("buzz-lips-part");  // the same again: another thing to try
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("Lips a little nearer together"));
  QTest::keyClick(ribbon, Qt::Key_Y);
  QTest::keyClick(ribbon, Qt::Key_V);
  QTest::keyClick(ribbon, Qt::Key_V);  // it was not so
  EXPECT_EQ(find<QLabel>("often")->text(), "right in 1 of 2");
  EXPECT_TRUE(find<QLabel>("ledger")->text().contains("Firmer corners · Breaks, air on 3 → 3"))
      << find<QLabel>("ledger")->text().toStdString();
  playTake("buzz-lips-part");  // neither helped, and none is said twice running
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("The same in half the time"));
  QTest::keyClick(ribbon, Qt::Key_Y);  // what was asked for before this take
  openWindow();
  ASSERT_TRUE(settle());
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("The same in half the time"));
  EXPECT_EQ(find<QLabel>("often")->text(), "right in 1 of 2");
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_T);
  EXPECT_TRUE(find<WeeksChart>("weeks")->isVisible());
}

TEST_F(WindowTest, TheTeachersModelIsMarkedAndTheNextTakeIsHeldAgainstIt) {
  openWindow();
  addStudent("Ada", "oboe");
  chooseStep("against-teacher");
  EXPECT_TRUE(find<QToolButton>("model")->isVisible());
  find<QDoubleSpinBox>("seconds")->setValue(3);
  playTake("steady");
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("(M)"));
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_M);
  EXPECT_TRUE(find<QToolButton>("model")->isChecked());
  const double model = figure("held_s");
  playTake("short-of-air");
  EXPECT_FALSE(find<QToolButton>("model")->isChecked());
  EXPECT_NEAR(figure("held_more_s"), figure("held_s") - model, 1e-6);
  EXPECT_LT(figure("held_more_s"), 0.0);
}

TEST_F(WindowTest, TheOutputAndTheLoudnessOfTheCountAreKept) {
  openWindow();
  EXPECT_EQ(find<QComboBox>("outputDevice")->currentIndex(), 0);
  find<QSpinBox>("outputLevel")->setValue(-9);
  auto studio = Studio::open(folder_.path().toStdString());
  EXPECT_EQ(studio->settings.get(settings::output_db), -9.0);
}

TEST_F(WindowTest, WithGuessFirstNothingOfATakeIsSeenBeforeTheGuess) {
  openWindow();
  addStudent("Ada", "oboe");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  FigureGuessing& guessing = window_->parts().guessing;
  guessing.setFirst(true);
  playTake("steady");
  ASSERT_TRUE(guessing.wanted());
  auto* box = window_->findChild<Readout*>()->findChild<QWidget*>("guess");
  const int veiled = ink();
  EXPECT_TRUE(box->isVisible());
  EXPECT_FALSE(find<QWidget>("figures")->isVisible());
  QTest::keyClicks(box, "2");
  QTest::keyClick(box, Qt::Key_Return);
  EXPECT_FALSE(box->isVisible());
  EXPECT_TRUE(find<QWidget>("figures")->isVisible());
  EXPECT_GT(ink(), veiled) << "the pitch is drawn";
  ASSERT_EQ(guessing.guesses().size(), 1u);
  EXPECT_EQ(guessing.guesses()[0].guessed, 2.0);
}

TEST_F(WindowTest, TakesAreComparedAndBlindOnesStayHiddenUntilOneIsChosen) {
  openWindow();
  addStudent("Ada", "oboe");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  playTake("flat-steady");
  const auto compared = [this](Qt::KeyboardModifiers modifiers) {
    QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_C, modifiers);
    EXPECT_TRUE(settle());
    return window_->findChild<CompareView*>();
  };
  CompareView* open = compared(Qt::NoModifier);
  ASSERT_NE(open, nullptr);
  auto* table = open->findChild<QTableWidget*>();
  ASSERT_EQ(table->columnCount(), 2);
  EXPECT_EQ(table->verticalHeaderItem(1)->text(), "Tuning, cents");
  const QString second = table->item(1, 1)->text();  // 25 cents below the first
  EXPECT_TRUE(second.contains(QStringLiteral("(−25")) || second.contains(QStringLiteral("(−24")))
      << second.toStdString();
  EXPECT_EQ(open->findChild<QToolButton*>("byCue"), nullptr);  // one note: nothing to lay under one another
  const QList<QAction*> ways = find<QPushButton>("compare")->menu()->actions();
  ASSERT_EQ(ways.size(), 2);
  EXPECT_TRUE(ways[0]->text().startsWith("Listen first")) << ways[0]->text().toStdString();
  open->close();
  delete open;

  CompareView* blind = compared(Qt::ShiftModifier);
  ASSERT_NE(blind, nullptr);
  EXPECT_TRUE(blind->hidden());
  EXPECT_FALSE(blind->findChild<QTableWidget*>()->isVisible());
  auto* verdict = blind->findChild<QLabel*>("why");
  auto* when = blind->findChild<QPushButton*>("whenWere");
  auto* keys = blind->findChild<QLabel*>("keys");
  EXPECT_EQ(keys->text(),
            "1 and 2 keep one   ·   R plays them again   ·   Space shows them without a choice");
  QTest::keyClick(blind, Qt::Key_PageDown);
  EXPECT_FALSE(blind->hidden());
  EXPECT_TRUE(blind->findChild<QTableWidget*>()->isVisible()) << "the figures first";
  EXPECT_EQ(verdict->text(), "You would keep 2.");
  EXPECT_EQ(keys->text(), "R plays them again   ·   Space says when they were");
  EXPECT_TRUE(when->isVisible());
  QTest::keyClick(blind, Qt::Key_1);  // chosen once
  QTest::keyClick(blind, Qt::Key_Space);
  EXPECT_FALSE(when->isVisible());
  EXPECT_TRUE(verdict->text().startsWith("You would keep 2.   1 was ")) << verdict->text().toStdString();
  EXPECT_EQ(keys->text(), "R plays them again");
}

TEST_F(WindowTest, BlindTakesAreShownWithoutAChoiceToo) {
  openWindow();
  addStudent("Ada", "oboe");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  playTake("flat-steady");
  find<QPushButton>("compare")->menu()->actions()[0]->trigger();
  ASSERT_TRUE(settle());
  auto* blind = window_->findChild<CompareView*>();
  ASSERT_NE(blind, nullptr);
  ASSERT_TRUE(blind->hidden());
  // Whoever clicks to listen has the keys all the same.
  QTest::mouseClick(blind->findChild<QPushButton*>("listen0"), Qt::LeftButton);
  QTest::keyClick(blind->focusWidget(), Qt::Key_Space);
  EXPECT_FALSE(blind->hidden());
  EXPECT_TRUE(blind->findChild<QTableWidget*>()->isVisible());
  EXPECT_EQ(blind->findChild<QLabel*>("why")->text(), "None was chosen.");
  QTest::keyClick(blind, Qt::Key_Space);
  EXPECT_TRUE(blind->findChild<QLabel*>("why")->text().startsWith("None was chosen.   1 was "));
}

TEST_F(WindowTest, CountedTakesAreComparedNoteUnderNote) {
  openWindow();
  addStudent("Ada", "oboe");
  chooseStep("home-two");
  for (const double tempo : {120.0, 60.0}) {
    find<QDoubleSpinBox>("tempo")->setValue(tempo);
    playTake("steady");
  }
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_C);
  ASSERT_TRUE(settle());
  auto* view = window_->findChild<CompareView*>();
  ASSERT_NE(view, nullptr);
  // At half the tempo the third note lies where the sixth second is; note under note it begins with the
  // other.
  const auto inkAbove = [&](double share) {
    const QImage image = view->grab().toImage();
    const int x = static_cast<int>(share * image.width());
    int dark = 0;
    for (int y = image.height() / 8; y < image.height() * 7 / 16; ++y)
      dark += QColor(image.pixel(x, y)).lightness() < 110;
    return dark;
  };
  const int apart = inkAbove(0.45);
  auto* byCue = view->findChild<QToolButton*>("byCue");
  ASSERT_NE(byCue, nullptr);
  byCue->click();
  EXPECT_EQ(apart, 0);  // the quick take has long ended
  EXPECT_GT(inkAbove(0.45), 3);
}

TEST_F(WindowTest, WithoutAStudentATakeIsNotStartedButTheWayIsShown) {
  openWindow();
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
  EXPECT_FALSE(find<QPushButton>("record")->isChecked());
  EXPECT_TRUE(find<QLabel>("message")->text().contains("student"));
  EXPECT_EQ(find<QPushButton>("messageButton")->text(), "Add a student");
}

TEST_F(WindowTest, ANoteThatIsNoneIsSaidAndTheOldOneStays) {
  openWindow();
  addStudent("Ada", "oboe");
  type("note", "D5");
  find<QLineEdit>("note")->selectAll();
  type("note", "H9");
  EXPECT_TRUE(find<QLabel>("message")->text().contains("H9"));
  EXPECT_EQ(find<StaffView>("staff")->note(), parseNote("D5"));
}

TEST_F(WindowTest, SpaceStopsATakeByHandAndASoundlessOneIsKept) {
  openWindow();
  addStudent("Ada", "oboe");
  choose("source", "stand-in");
  standInSpeed(1.01);  // near real time: its first second is the breath
  find<QToolButton>("autoStop")->setChecked(false);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
  EXPECT_TRUE(find<QPushButton>("record")->isChecked());
  QTest::qWait(300);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
  EXPECT_FALSE(find<QPushButton>("record")->isChecked());
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
  EXPECT_TRUE(find<QLabel>("message")->text().contains("No tone"));
  for (const Reading& r : find<FiguresView>("figures")->readings())
    EXPECT_EQ(r.verdict, Verdict::notYet) << r.id();
}

TEST_F(WindowTest, ACardSaysWhenItsTraceIsSeenAndWhatItIsInTuneWith) {
  openWindow();
  addStudent("Ada", "oboe");
  Exercise card = *findExercise("pure-chord");
  card.id = "own-1";
  card.title = "Pure, by ear";
  card.display = Display::hidden;
  window_.reset();
  ASSERT_TRUE(Studio::open(folder_.path().toStdString())->cards.keep(card));
  openWindow();
  auto* ribbon = find<TakeView>("ribbon");
  const auto play = [&](const char* step) {
    chooseStep(step);
    find<QDoubleSpinBox>("tempo")->setValue(300);
    EXPECT_EQ(find<QToolButton>("earsFirst")->isChecked(),
              window_->parts().lesson.current()->display != Display::shown);
    playTake("steady");
  };
  play("own-1");
  EXPECT_FALSE(find<QComboBox>("temperament")->isEnabled());  // it is the card that says
  EXPECT_EQ(find<QToolButton>("tuning")->text(), QStringLiteral("440 · pure over home"));
  EXPECT_TRUE(window_->shownSnapshot()->context.reference.just);
  EXPECT_LT(ink(), 30);
  EXPECT_FALSE(find<FiguresView>("figures")->isVisible()) << "figures would tell what the ear is asked";
  QTest::keyClick(ribbon, Qt::Key_E);
  EXPECT_GT(ink(), 300);
  EXPECT_TRUE(find<FiguresView>("figures")->isVisible());
  playTake("steady");  // what was chosen by key stays for this step
  EXPECT_GT(ink(), 300);
  play("repair");  // shown afterwards
  EXPECT_GT(ink(), 300);
  EXPECT_TRUE(find<QComboBox>("temperament")->isEnabled());
  EXPECT_TRUE(find<QToolButton>("earsFirst")->isChecked());
}

TEST_F(WindowTest, EarsFirstHidesTheTraceWhileItSoundsAndShowsItAfterwards) {
  openWindow();
  addStudent("Ada", "oboe");
  find<QDoubleSpinBox>("seconds")->setValue(3);
  find<QToolButton>("earsFirst")->setChecked(true);
  choose("source", "stand-in");
  auto* ribbon = find<TakeView>("ribbon");
  QTest::keyClick(ribbon, Qt::Key_Space);
  QTest::qWait(350);  // at eight times the speed well inside the tone
  EXPECT_LT(ink(), 30);
  ASSERT_TRUE(settle());
  EXPECT_GT(ink(), 300);
}

TEST_F(WindowTest, ASecondWindowOnTheSameStudioOnlyLooks) {
  openWindow();
  addStudent("Ada", "oboe");
  auto again = Studio::open(folder_.path().toStdString());
  ASSERT_TRUE(again);
  MainWindow second(std::move(*again));
  second.show();
  EXPECT_TRUE(second.findChild<QLabel*>("message")->text().contains("Another Calando window"));
  EXPECT_EQ(second.findChild<QListWidget*>("students")->count(), 1);
  EXPECT_FALSE(second.findChild<QPushButton*>("record")->isEnabled());
}

TEST_F(WindowTest, ATakeWhoseSoundIsMissingIsSaidAndTheOthersStillOpen) {
  openWindow();
  addStudent("Ada", "flute");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  playTake("flat-steady");
  auto* shelf = find<QListWidget>("shelf");
  ASSERT_EQ(shelf->count(), 2);
  const QDir takes(folder_.filePath("takes"));
  const QStringList files = takes.entryList(QDir::Files, QDir::Name);  // the name begins with when it was
  ASSERT_EQ(files.size(), 2);
  shelf->setCurrentRow(-1);
  auto studio = Studio::open(folder_.path().toStdString());
  const auto list = *studio->takes.of(studio->students.all()->front().id);
  ASSERT_TRUE(QFile::remove(takes.filePath(QString::fromStdString(list[1].file))));
  shelf->setCurrentRow(1);
  ASSERT_TRUE(settle());
  EXPECT_TRUE(find<QLabel>("message")->text().contains("missing"));
  EXPECT_EQ(window_->shownSnapshot(), nullptr);
  shelf->setCurrentRow(0);
  ASSERT_TRUE(settle());
  EXPECT_NEAR(figure("offset_cents"), -24.0, 2.0);
}

TEST_F(WindowTest, ATakeComesBackByAClickAfterAnotherStepWasChosen) {
  openWindow();
  addStudent("Ada", "flute");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("flat-steady");
  auto* shelf = find<QListWidget>("shelf");
  chooseStep("swell");
  EXPECT_EQ(window_->shownSnapshot(), nullptr);
  EXPECT_EQ(shelf->currentRow(), -1);
  EXPECT_TRUE(shelf->selectedItems().isEmpty());
  QTest::mouseClick(shelf->viewport(), Qt::LeftButton, Qt::NoModifier,
                    shelf->visualItemRect(shelf->item(0)).center());
  ASSERT_TRUE(settle());
  EXPECT_NEAR(figure("offset_cents"), -24.0, 2.0);
}

TEST_F(WindowTest, TheLastTakesAreThereToCompareWith) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  for (const char* player : {"steady", "flat-steady", "steady"}) playTake(player);
  // The dots are drawn from the kept summaries: the figures of both earlier takes are in the picture.
  const QImage with = find<FiguresView>("figures")->grab().toImage();
  find<QListWidget>("shelf")->setCurrentRow(2);
  ASSERT_TRUE(settle());
  find<FiguresView>("figures")->setReadings(find<FiguresView>("figures")->readings(), {});
  EXPECT_NE(with, find<FiguresView>("figures")->grab().toImage());
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 3);
}

}  // namespace
}  // namespace calando
