#include <SQLiteCpp/SQLiteCpp.h>
#include <sys/stat.h>

#include <QDir>
#include <QFileDialog>
#include <QHelpEvent>
#include <QTextDocument>
#include <QToolTip>
#include <set>

#include "app/desk/found_dialog.h"
#include "app/desk/open_studio.h"
#include "app/lesson/lesson_view.h"
#include "app/review/compare_view.h"
#include "app/review/take_export.h"
#include "app/words/words.h"
#include "core/library/cards.h"
#include "support/small_disk.h"
#include "ui/window_fixture.h"

// Nothing lost, nothing under another's name: what the window does while something else goes on.
namespace calando {
namespace {

class SafetyTest : public WindowTest {
 protected:
  /// A studio of students with takes of 2 s, each take at its own pitch.
  void fill(std::initializer_list<const char*> names, int takes) {
    auto studio = Studio::open(folder_.path().toStdString());
    ASSERT_TRUE(studio) << english(studio.error().what);
    double hz = 430.0;
    for (const char* name : names) {
      const Student s = *studio->students.add(name, "oboe");
      Take take;
      take.student = s.id;
      take.asked.instrument = "oboe";
      for (int i = 0; i < takes; ++i, hz += 2.0) {
        take.made_unix_s = 1'700'000'000 + i;
        ASSERT_TRUE(studio->takes.add(take, sound(hz), 48000));
      }
    }
  }
  static std::vector<float> sound(double hz, double seconds = 2.0) {
    return sounds::tone({.f0_hz = hz, .seconds = seconds, .before_s = 0.2, .after_s = 0.2});
  }
  /// What is on the disk by now.
  std::vector<Take> takesOf(const char* name) {
    auto studio = Studio::open(folder_.path().toStdString());
    const auto students = *studio->students.all();
    const auto s = std::ranges::find(students, name, &Student::name);
    return s == students.end() ? std::vector<Take>() : *studio->takes.of(s->id);
  }
  double shownHz() {
    const auto picture = window_->shownPicture();
    return picture && picture->analysis.mainTone() ? picture->analysis.mainTone()->notes.front().f0_hz : 0.0;
  }
  void press(Qt::Key key) { QTest::keyClick(find<TakeView>("ribbon"), key); }
  QString message() { return find<QLabel>("message")->text(); }
  /// Clicks a button of the next message box; it may have a name or be a standard one.
  void answerBox(const char* button, QString* said = nullptr) {
    whenOpen<QMessageBox>([=](QMessageBox& box) {
      if (said) *said = box.text();
      auto* wanted = box.findChild<QPushButton*>(button);
      ASSERT_NE(wanted, nullptr) << button;
      QTest::mouseClick(wanted, Qt::LeftButton);
    });
  }
  QStringList soundFiles(int count, double seconds = 1.0) {
    QStringList files;
    for (int i = 0; i < count; ++i) {
      files << QDir(outside_.path()).filePath(QString("take %1.wav").arg(i, 3, 10, QChar('0')));
      EXPECT_TRUE(
          writeSound(files.back().toStdString(), sound(440.0 + i, seconds), 48000, SoundFormat::wav24));
    }
    return files;
  }
  QTemporaryDir outside_;
};

TEST_F(SafetyTest, AStudentChangedWhileATakeIsMeasuredKeepsTheirOwn) {
  fill({"Ada", "Ben"}, 2);
  openWindow();
  auto* shelf = find<QListWidget>("shelf");
  shelf->setCurrentRow(1);  // Ada's older take is asked for …
  chooseStudent(1);         // … and Ben is chosen
  press(Qt::Key_4);         // nothing is on show: vetoes nothing
  EXPECT_EQ(window_->shownPicture(), nullptr);
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
  EXPECT_EQ(window_->shownPicture()->context.exercise->id, "swell");
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

TEST_F(SafetyTest, FoundRecordingsAreGivenExportedAndThrownAwayByTheTeacherAlone) {
  fill({"Ada", "Ben"}, 1);
  {
    auto studio = Studio::open(folder_.path().toStdString());
    const Student gone{77, "Somebody Else", "flute", {}};
    for (double hz : {300.0, 310.0, 320.0})
      TakeRecorder(*studio->recordings.begin(gone, {}), 48000).write(sound(hz));
    Take take;
    take.made_unix_s = 1'900'000'000;
    take.remark = "from another list";
    studio->takes.name(take);
    ASSERT_TRUE(TakeTable::write(studio->folder(), gone, take, sound(330.0), 48000));
  }
  openWindow();
  QTest::qWait(30);
  EXPECT_TRUE(message().contains("4 recordings") && message().contains("4 belong to nobody here"))
      << message().toStdString();
  const QString exported = QDir(outside_.path()).filePath("copy.wav");
  whenOpen<FoundDialog>([&](FoundDialog& found) {
    auto* list = found.findChild<QListWidget*>("found");
    ASSERT_EQ(list->count(), 4);
    EXPECT_TRUE(list->item(0)->text().contains("Somebody Else"));
    auto* student = found.findChild<QComboBox*>("foundStudent");
    list->setCurrentRow(0);                  // the file of a take
    EXPECT_EQ(student->currentIndex(), -1);  // of nobody here: nobody is proposed
    EXPECT_FALSE(found.findChild<QPushButton*>("foundGive")->isEnabled());
    student->setCurrentIndex(1);
    QTest::mouseClick(found.findChild<QPushButton*>("foundGive"), Qt::LeftButton);
    ASSERT_EQ(list->count(), 3);
    list->setCurrentRow(0);
    student->setCurrentIndex(1);
    QTest::mouseClick(found.findChild<QPushButton*>("foundGive"), Qt::LeftButton);
    ASSERT_EQ(list->count(), 2);
    answerBox("throwAway");
    QTest::mouseClick(found.findChild<QPushButton*>("foundThrow"), Qt::LeftButton);
    EXPECT_EQ(list->count(), 1);
    found.accept();
  });
  QTest::mouseClick(find<QPushButton>("messageButton"), Qt::LeftButton);
  chooseStudent(1);
  ASSERT_TRUE(settle());
  const auto bens = takesOf("Ben");
  ASSERT_EQ(bens.size(), 3u);
  EXPECT_EQ(bens[0].remark, "from another list");
  EXPECT_EQ(takesOf("Ada").size(), 1u);
  EXPECT_EQ(QDir(folder_.filePath("recording")).entryList({"*.wav"}).size(), 1);
}

TEST_F(SafetyTest, AMissingListIsSaidAtTheStartAndMadeAnewWhenAskedFor) {
  fill({"Ada", "Ben"}, 2);
  QFile::remove(folder_.filePath("studio.db"));
  QString said;
  answerBox("rebuild", &said);
  auto studio = openStudio(folder_.path());
  ASSERT_TRUE(studio);
  EXPECT_TRUE(said.contains("no list of them"));
  EXPECT_EQ(studio->students.all()->size(), 2u);
  EXPECT_EQ(studio->takes.of(studio->students.all()->front().id)->size(), 2u);
}

TEST_F(SafetyTest, AFolderThatIsNoStudioIsRefusedAndAnotherOneCanBeChosen) {
  fill({"Ada"}, 1);
  QFile letter(QDir(outside_.path()).filePath("letter.txt"));
  ASSERT_TRUE(letter.open(QIODevice::WriteOnly));
  QString said;
  answerBox("otherFolder", &said);
  whenOpen<QFileDialog>([&](QFileDialog& dialog) {
    dialog.findChild<QLineEdit*>("fileNameEdit")->setText(folder_.path());
    QMetaObject::invokeMethod(&dialog, "accept");
  });
  QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
  const auto studio = openStudio(outside_.path());
  ASSERT_TRUE(studio);
  EXPECT_TRUE(said.contains("no studio and not empty"));
  EXPECT_EQ(studio->students.all()->size(), 1u);
  EXPECT_EQ(QDir(outside_.path()).entryList(QDir::AllEntries | QDir::NoDotAndDotDot).size(), 1);
}

TEST_F(SafetyTest, ATakeThatFindsNoRoomCanBeSavedElsewhereAndComesBackAsItWas) {
  const SmallDisk disk(3 << 20);
  if (!disk.there()) GTEST_SKIP() << "needs the right to mount";
  const auto place = disk.folder() / "studio";
  {
    auto studio = Studio::open(place);
    ASSERT_TRUE(studio->students.add("Ada", "oboe"));
  }
  auto studio = Studio::open(place);
  window_ = std::make_unique<MainWindow>(std::move(*studio));
  standInSpeed(8.0);
  window_->show();
  choose("source", "stand-in");
  choose("player", "flat-steady");
  find<QDoubleSpinBox>("seconds")->setValue(4);
  disk.fill(300000);  // some of the recording fits
  press(Qt::Key_Space);
  ASSERT_TRUE(QTest::qWaitFor([&] { return message().contains("disk is full"); }, 10000));
  ASSERT_TRUE(settle());
  EXPECT_TRUE(message().contains("could not be kept")) << message().toStdString();
  EXPECT_NEAR(figure("held_s"), 4.3, 0.3);  // all of it is there to be seen
  const QString saved = QDir(outside_.path()).filePath("elsewhere.flac");
  whenOpen<QFileDialog>([&](QFileDialog& dialog) {
    dialog.findChild<QLineEdit*>("fileNameEdit")->setText(saved);
    QMetaObject::invokeMethod(&dialog, "accept");
  });
  QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
  QTest::mouseClick(find<QPushButton>("messageButton"), Qt::LeftButton);
  ASSERT_TRUE(QFile::exists(saved));
  while (find<QLabel>("message")->isVisible())
    QTest::mouseClick(find<QPushButton>("messageSeen"), Qt::LeftButton);
  // Not even a note of a recording fits: then nothing is started, and it is said what to do.
  disk.fill(0);
  press(Qt::Key_Space);
  EXPECT_FALSE(find<QPushButton>("record")->isChecked());
  EXPECT_TRUE(message().contains("disk is full")) << message().toStdString();
  EXPECT_EQ(find<QPushButton>("messageButton")->text(), "Record elsewhere…");
  disk.freeRoom();
  find<QDoubleSpinBox>("seconds")->setValue(9);
  window_->openFiles({saved});
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<QDoubleSpinBox>("seconds")->value(), 4.0);  // what was asked for came with it
  EXPECT_NEAR(figure("held_s"), 4.3, 0.3);
  window_.reset();
}

TEST_F(SafetyTest, WhatTheStudioHoldsOfAWrongKindDoesNotEndTheProgram) {
  fill({"Ada"}, 4);
  const auto takes = takesOf("Ada");
  openWindow();  // measures them
  window_.reset();
  {
    SQLite::Database db(folder_.filePath("studio.db").toStdString(), SQLite::OPEN_READWRITE);
    const auto set = [&](int i, const char* column, const std::string& text) {
      SQLite::Statement update(db, std::string("UPDATE summary SET ") + column + " = ? WHERE take = ?");
      update.bind(1, text);
      update.bind(2, takes[static_cast<std::size_t>(i)].id);
      update.exec();
    };
    set(0, "verdict", "99");
    set(1, "held", "long");
    db.exec("UPDATE figure SET value = 'long' WHERE id = 'held_s'");
    set(3, "ribbon", "no picture");
    db.exec("UPDATE take SET asked = '{\"note\": 2000000000, \"seconds\": \"x\", \"card\": 5}'");
    const std::string id = std::to_string(takes[0].student);
    db.exec("INSERT INTO step VALUES(" + id + ", 0, 1), (" + id + ", 1, '{\"x\": 2}'), (" + id +
            ", 2, 'swell')");
    db.exec(
        "INSERT OR REPLACE INTO setting VALUES('note_names', 'many'), ('output_db', '1e999'), ('school', "
        "'<b>')");
  }
  openWindow();
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 4);
  EXPECT_TRUE(steps().at(0)->text().startsWith("Swell"));
  EXPECT_TRUE(find<QListWidget>("shelf")->item(0)->toolTip().contains("set aside"));
  for (int row = 0; row < 4; ++row) {
    find<QListWidget>("shelf")->setCurrentRow(row);
    ASSERT_TRUE(settle());
    EXPECT_GT(shownHz(), 400.0);
  }
}

/// Everything that can be read in a window and its tooltips: no name may have become markup.
void expectPlain(QWidget& window, const QString& name) {
  for (QLabel* label : window.findChildren<QLabel*>())
    EXPECT_EQ(label->textFormat(), Qt::PlainText) << label->text().toStdString();
  for (QWidget* widget : window.findChildren<QWidget*>()) {
    if (!widget->isVisible()) continue;
    QHelpEvent help(QEvent::ToolTip, QPoint(8, 8), widget->mapToGlobal(QPoint(8, 8)));
    QToolTip::hideText();
    QCoreApplication::sendEvent(widget, &help);
    const QString tip = QToolTip::text();
    if (!tip.contains("img")) continue;
    QTextDocument shown;
    Qt::mightBeRichText(tip) ? shown.setHtml(tip) : shown.setPlainText(tip);
    EXPECT_TRUE(shown.toPlainText().contains(name)) << tip.toStdString();
  }
}

TEST_F(SafetyTest, NamesFromOutsideArePlainTextEverywhere) {
  const QString name = "<img src=file:///etc/hostname> %1 %2 & <b>Ada";
  {
    auto studio = Studio::open(folder_.path().toStdString());
    const Student s = *studio->students.add(name.toStdString(), "oboe");
    Exercise card = *findExercise("steady-tone");
    card.id = "own-1";
    card.title = card.purpose = name.toStdString();
    ASSERT_TRUE(studio->cards.keep(card));
    ASSERT_TRUE(studio->orders.keep(s.id, {"own-1"}));
    Take take;
    take.student = s.id;
    take.source = take.remark = take.tried = name.toStdString();
    take.asked.exercise = "own-1";
    for (int i = 0; i < 2; ++i) ASSERT_TRUE(studio->takes.add(take, sound(440), 48000));
    TakeRecorder(*studio->recordings.begin(s, {}), 48000).write(sound(300));
  }
  openWindow();
  QTest::qWait(30);
  EXPECT_TRUE(message().contains(name)) << message().toStdString();
  expectPlain(*window_, name);
  // A tooltip of a list's entry.
  auto* shelf = find<QListWidget>("shelf");
  const QPoint middle = shelf->visualItemRect(shelf->item(0)).center();
  QHelpEvent help(QEvent::ToolTip, middle, shelf->viewport()->mapToGlobal(middle));
  QCoreApplication::sendEvent(shelf->viewport(), &help);
  EXPECT_TRUE(QToolTip::text().contains("&lt;img")) << QToolTip::text().toStdString();
  whenOpen<QMessageBox>([&](QMessageBox& box) {
    EXPECT_TRUE(box.text().contains("Erase " + name + "? Takes: 2."));
    expectPlain(box, name);
    box.reject();
  });
  QTest::mouseClick(find<QPushButton>("eraseStudent"), Qt::LeftButton);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_C);
  ASSERT_TRUE(settle());
  expectPlain(*window_->findChild<CompareView*>(), name);
  const QString bad = QDir(outside_.path()).filePath("<img src=x> %1 %2.wav");
  QFile(bad).open(QIODevice::WriteOnly);
  window_->openFiles({bad});
  ASSERT_TRUE(settle());
  EXPECT_TRUE(message().contains("<img src=x> %1 %2.wav"));
  expectPlain(*window_, name);
}

TEST_F(SafetyTest, AnExportThatFindsNoRoomLeavesTheOldFile) {
  const SmallDisk disk(1 << 20);
  if (!disk.there()) GTEST_SKIP() << "needs the right to mount";
  fill({"Ada"}, 1);
  openWindow();
  const auto samples = sounds::noise(3.0, 0.3);
  for (const char* ending : {"wav", "flac", "json", "csv", "png", "svg"}) {
    const QString file = QString::fromStdString((disk.folder() / "take.").string()) + ending;
    QFile old(file);
    ASSERT_TRUE(old.open(QIODevice::WriteOnly));
    old.write("a good old file");
    old.close();
    disk.fill(0);
    const QString error = exportTake(file, *window_->shownPicture(), samples, 48000);
    EXPECT_TRUE(error.contains("disk is full") && error.contains(file)) << ending << error.toStdString();
    disk.freeRoom();
    ASSERT_TRUE(old.open(QIODevice::ReadOnly));
    EXPECT_EQ(old.readAll(), "a good old file") << ending;
    const mode_t before = umask(027);
    EXPECT_EQ(exportTake(file, *window_->shownPicture(), sounds::noise(0.1, 0.1), 48000), QString())
        << ending;
    umask(before);
    EXPECT_EQ(std::filesystem::status(file.toStdString()).permissions(), std::filesystem::perms(0640))
        << ending;
    std::filesystem::remove(file.toStdString());
  }
}

}  // namespace
}  // namespace calando
