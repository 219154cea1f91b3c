#include "core/engine/analysis.h"
#include "records/studio.h"
#include "records/tables/take_table.h"
#include "ui/safety_fixture.h"

namespace calando {
namespace {

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
    const QString error = exportTake(file, *window_->shownSnapshot(), samples, 48000);
    EXPECT_TRUE(error.contains("disk is full") && error.contains(file)) << ending << error.toStdString();
    disk.freeRoom();
    ASSERT_TRUE(old.open(QIODevice::ReadOnly));
    EXPECT_EQ(old.readAll(), "a good old file") << ending;
    const mode_t before = umask(027);
    EXPECT_EQ(exportTake(file, *window_->shownSnapshot(), sounds::noise(0.1, 0.1), 48000), QString())
        << ending;
    umask(before);
    EXPECT_EQ(std::filesystem::status(file.toStdString()).permissions(), std::filesystem::perms(0640))
        << ending;
    std::filesystem::remove(file.toStdString());
  }
}

}  // namespace
}  // namespace calando
