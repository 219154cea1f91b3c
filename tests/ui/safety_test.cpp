#include "app/session/lesson/lesson.h"
#include "core/engine/snapshot.h"
#include "records/studio.h"
#include "ui/safety_fixture.h"

// Nothing lost, nothing under another's name: what the window does while something else goes on.
namespace calando {
namespace {

TEST_F(SafetyTest, AStudentChangedWhileATakeIsMeasuredKeepsTheirOwn) {
  fill({"Ada", "Ben"}, 2);
  openWindow();
  auto* shelf = find<QListWidget>("shelf");
  shelf->setCurrentRow(1);  // Ada's older take is asked for …
  chooseStudent(1);         // … and Ben is chosen
  press(Qt::Key_4);         // nothing is on show: vetoes nothing
  EXPECT_EQ(window_->shownSnapshot(), nullptr);
  ASSERT_TRUE(settle());
  EXPECT_NEAR(shownHz(), 436.0, 0.5);  // Ben's newest
  press(Qt::Key_4);
  for (const Take& take : takesOf("Ada")) EXPECT_EQ(take.word, TeachersWord::none);
  EXPECT_EQ(takesOf("Ben").front().word, TeachersWord::veto);
}

TEST_F(SafetyTest, OfTwoTakesChosenQuicklyTheLastOneIsOnShow) {
  fill({"Ada"}, 1);
  {
    auto studio = Studio::open(folder_.path().toStdString());
    Take take;
    take.student = studio->students.all()->front().id;
    take.asked.instrument = "oboe";
    take.made_unix_s = 1'900'000'000;  // newest, and long to measure
    ASSERT_TRUE(studio->takes.add(take, sound(500.0, 40.0), 48000));
  }
  openWindow();
  auto* shelf = find<QListWidget>("shelf");
  for (int i = 0; i < 3; ++i) {
    shelf->setCurrentRow(0);
    QTest::qWait(15 * i);
    shelf->setCurrentRow(1);
    press(Qt::Key_4);  // belongs to nothing yet
    ASSERT_TRUE(settle());
    EXPECT_NEAR(shownHz(), 430.0, 0.5);
  }
  EXPECT_EQ(takesOf("Ada")[0].word, TeachersWord::none);
  EXPECT_EQ(takesOf("Ada")[1].word, TeachersWord::none);
  // Delete belongs to what is chosen, on show or not yet.
  shelf->setCurrentRow(0);
  QTest::keyClick(shelf, Qt::Key_Delete);
  ASSERT_TRUE(settle());
  EXPECT_NEAR(shownHz(), 430.0, 0.5);
  ASSERT_EQ(takesOf("Ada").size(), 1u);
  EXPECT_LT(takesOf("Ada")[0].made_unix_s, 1'900'000'000);
}

TEST_F(SafetyTest, SpaceWhileAnOldTakeIsMeasuredLeavesItsStepAndFiguresOut) {
  fill({"Ada"}, 1);
  openWindow();
  chooseStep("swell");
  find<QDoubleSpinBox>("tempo")->setValue(160);
  choose("source", "stand-in");
  find<QListWidget>("shelf")->setCurrentRow(0);  // a steady tone
  press(Qt::Key_Space);
  QTest::qWait(300);
  EXPECT_TRUE(find<QPushButton>("record")->isChecked());
  EXPECT_EQ(window_->parts().lesson.current()->id, "swell");
  ASSERT_TRUE(settle());
  EXPECT_EQ(window_->shownSnapshot()->context.exercise->id, "swell");
  EXPECT_EQ(find<QListWidget>("shelf")->currentRow(), 0);
  const auto takes = takesOf("Ada");
  ASSERT_EQ(takes.size(), 2u);
  EXPECT_EQ(takes[0].asked.exercise, "swell");
}

TEST_F(SafetyTest, ATakeIsKeptForWhoPlayedItWhoeverIsChosenMeanwhile) {
  fill({"Ada", "Ben"}, 1);
  openWindow();
  choose("source", "stand-in");
  choose("player", "steady");
  press(Qt::Key_Space);
  QTest::qWait(400);
  press(Qt::Key_Space);  // being measured …
  chooseStudent(1);      // … for Ada
  ASSERT_TRUE(settle());
  EXPECT_NEAR(shownHz(), 432.0, 0.5);  // Ben's
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
  EXPECT_EQ(takesOf("Ada").size(), 2u);
  EXPECT_EQ(takesOf("Ben").size(), 1u);
  EXPECT_TRUE(QDir(folder_.filePath("recording")).isEmpty());
}

TEST_F(SafetyTest, ARemarkThatIsBeingTypedStaysWithItsTake) {
  fill({"Ada", "Ben"}, 2);
  openWindow();
  auto* shelf = find<QListWidget>("shelf");
  auto* remark = find<QLineEdit>("remark");
  QTest::keyClicks(remark, "thin at the end");
  shelf->setCurrentRow(1);  // by PgDown, with the cursor still in the field
  ASSERT_TRUE(settle());
  EXPECT_EQ(remark->text(), "");
  QTest::keyClicks(remark, "fuller");
  chooseStudent(1);
  ASSERT_TRUE(settle());
  EXPECT_EQ(remark->text(), "");
  QTest::keyClicks(remark, "Ben s");
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_4);  // a word between: nothing typed is lost
  EXPECT_EQ(remark->text(), "Ben s");
  window_->close();
  const auto ada = takesOf("Ada");
  EXPECT_EQ(ada[0].remark, "thin at the end");
  EXPECT_EQ(ada[1].remark, "fuller");
  EXPECT_EQ(takesOf("Ben")[0].remark, "Ben s");
  EXPECT_EQ(takesOf("Ben")[1].remark, "");
}

TEST_F(SafetyTest, ComparedTakesAreOfTheStudentWhoIsChosen) {
  fill({"Ada", "Ben"}, 2);
  openWindow();
  press(Qt::Key_C);
  chooseStudent(1);
  ASSERT_TRUE(settle());
  EXPECT_EQ(window_->findChild<CompareView*>(), nullptr);
  press(Qt::Key_C);
  ASSERT_TRUE(settle());
  ASSERT_NE(window_->findChild<CompareView*>(), nullptr);
  EXPECT_TRUE(window_->findChild<CompareView*>()->windowTitle().contains("Ben"));
}

TEST_F(SafetyTest, ALossStaysUntilItIsAnswered) {
  fill({"Ada"}, 1);
  openWindow();
  const QString bad = QDir(outside_.path()).filePath("bad.wav");
  QFile(bad).open(QIODevice::WriteOnly);
  const QString pipe = QDir(outside_.path()).filePath("pipe.wav");
  ASSERT_EQ(mkfifo(pipe.toLocal8Bit(), 0600), 0);
  window_->openFiles({bad});
  ASSERT_TRUE(settle());
  window_->openFiles({pipe});
  ASSERT_TRUE(settle());
  EXPECT_TRUE(message().contains("1 of 2") && message().contains("pipe.wav"));
  const QString silent = QDir(outside_.path()).filePath("silent.wav");
  ASSERT_TRUE(writeSound(silent.toStdString(), std::vector<float>(48000, 0.0f), 48000, SoundFormat::wav24));
  window_->openFiles({silent});
  ASSERT_TRUE(settle());
  EXPECT_TRUE(message().contains("pipe.wav"));
  QTest::mouseClick(find<QPushButton>("messageSeen"), Qt::LeftButton);
  EXPECT_TRUE(message().contains("bad.wav") && !message().contains("1 of"));
  QTest::mouseClick(find<QPushButton>("messageSeen"), Qt::LeftButton);
  EXPECT_TRUE(message().contains("No tone was found"));
  QTest::mouseClick(find<QPushButton>("messageSeen"), Qt::LeftButton);
  EXPECT_FALSE(find<QLabel>("message")->isVisible());
  window_->parts().lesson.choose("long-hiss");
  window_->openFiles({silent});
  ASSERT_TRUE(settle());
  EXPECT_TRUE(message().contains("No breath was found"));
}

TEST_F(SafetyTest, ATakeThatCannotBeMeasuredIsNotTriedForEver) {
  fill({"Ada"}, 3);
  const auto takes = takesOf("Ada");
  QFile::remove(folder_.filePath("takes/" + QString::fromStdString(takes[1].file)));
  openWindow();
  QElapsedTimer clock;
  clock.start();
  int rebuilt = 0;
  QObject::connect(find<QListWidget>("shelf")->model(), &QAbstractItemModel::rowsInserted,
                   [&] { ++rebuilt; });
  while (clock.elapsed() < 700) QTest::qWait(20);
  EXPECT_EQ(rebuilt, 0);
  EXPECT_TRUE(window_->idle());
}

TEST_F(SafetyTest, ADamagedSoundIsSaidAndNeverWaitedFor) {
  fill({"Ada"}, 4);
  const auto takes = takesOf("Ada");
  const auto file = [&](int i) {
    return folder_.filePath("takes/" + QString::fromStdString(takes[static_cast<std::size_t>(i)].file));
  };
  QFile cut(file(1));
  ASSERT_TRUE(cut.resize(cut.size() / 2));
  QFile::remove(file(2));
  ASSERT_EQ(mkfifo(file(2).toLocal8Bit(), 0600), 0);
  QFile::remove(file(3));
  ASSERT_TRUE(writeSound(file(3).toStdString(), sound(440), 48000, SoundFormat::wav24));
  QFile empty(file(3));
  ASSERT_TRUE(empty.resize(44));  // the header of a WAV file, and nothing behind it
  openWindow();
  auto* shelf = find<QListWidget>("shelf");
  const std::pair<int, const char*> expected[] = {
      {1, "cut short"}, {2, "no ordinary file"}, {3, "no sound in it"}};
  for (const auto& [row, said] : expected) {
    shelf->setCurrentRow(row);
    ASSERT_TRUE(settle());
    EXPECT_TRUE(message().contains(said)) << row << " " << message().toStdString();
    QTest::mouseClick(find<QPushButton>("messageSeen"), Qt::LeftButton);
  }
  EXPECT_TRUE(shelf->item(1)->text().contains("of 2.4 s")) << shelf->item(1)->text().toStdString();
}

TEST_F(SafetyTest, ManyFilesAreTakenInWithProgressAndTheRestCanBeLeftOut) {
  fill({"Ada"}, 0);
  openWindow();
  const QStringList files = soundFiles(40);
  window_->openFiles(files);
  EXPECT_TRUE(find<QLabel>("progress")->text().contains("of 40"));
  ASSERT_TRUE(QTest::qWaitFor([&] { return find<QListWidget>("shelf")->count() >= 3; }, 20000));
  QTest::mouseClick(find<QPushButton>("progressCancel"), Qt::LeftButton);
  EXPECT_FALSE(find<QLabel>("progress")->isVisible());
  ASSERT_TRUE(settle());
  const int kept = find<QListWidget>("shelf")->count();
  EXPECT_LT(kept, 10);
  EXPECT_EQ(takesOf("Ada").size(), static_cast<std::size_t>(kept));
  // One that was being written when it was left out goes as soon as it is.
  EXPECT_TRUE(QTest::qWaitFor(
      [&] { return QDir(folder_.filePath("takes")).entryList(QDir::Files).size() == kept; }, 10000));
}

TEST_F(SafetyTest, ClosingAsksWhatIsToBecomeOfFilesThatAreBeingTakenIn) {
  fill({"Ada"}, 0);
  openWindow();
  const QStringList files = soundFiles(12);
  window_->openFiles(files);
  answerBox("closeWait");
  window_->close();
  EXPECT_TRUE(window_->isVisible());
  ASSERT_TRUE(QTest::qWaitFor([&] { return !window_->isVisible(); }, 30000));
  EXPECT_EQ(takesOf("Ada").size(), 12u);
  openWindow();
  window_->openFiles(files);
  answerBox("closeLeave");
  window_->close();
  EXPECT_FALSE(window_->isVisible());
  window_.reset();
  EXPECT_LT(takesOf("Ada").size(), 24u);
}

}  // namespace
}  // namespace calando
