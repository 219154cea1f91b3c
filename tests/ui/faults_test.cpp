#include <QScrollArea>
#include <clocale>
#include <nlohmann/json.hpp>

#include "app/post/post_page.h"
#include "app/print/report.h"
#include "app/print/report_dialog.h"
#include "app/review/compare_view.h"
#include "app/review/take_export.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/lesson/running_order.h"
#include "app/session/playback.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/studio_files.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_run.h"
#include "app/words/words.h"
#include "core/library/cards.h"
#include "records/packs/pack.h"
#include "ui/window_fixture.h"

// What a window makes possible and none may make wrong: under another's name, lost, or the end of the
// program.

namespace calando {
namespace {

class FaultsTest : public WindowTest {
 protected:
  /// Students with a take each.
  void fill(std::initializer_list<const char*> names, double seconds = 0.4) {
    auto studio = Studio::open(folder_.path().toStdString());
    for (const char* name : names) {
      const Student student = *studio->students.add(name, "trumpet-bb");
      Take take;
      take.student = student.id;
      take.asked.instrument = "trumpet-bb";
      take.asked.exercise = "steady-tone";
      take.made_unix_s = 1'700'000'000;
      ASSERT_TRUE(studio->takes.add(take, sounds::tone({.seconds = seconds}), 48000));
    }
  }
  void go(int place) {
    QTest::keyClick(window_.get(), static_cast<Qt::Key>(Qt::Key_0 + place), Qt::AltModifier);
    QTest::qWait(30);
  }
  static QString textOf(const QString& file) {
    QFile in(file);
    EXPECT_TRUE(in.open(QIODevice::ReadOnly)) << file.toStdString();
    return QString::fromUtf8(in.readAll());
  }
  QTemporaryDir out_;
};

TEST_F(FaultsTest, AReportThatIsClosedWhileItsPicturesAreDrawnIsGone) {
  fill({"Ada Moor", "Ben Falk"}, 3.0);
  openWindow();
  for (int round = 0; round < 5; ++round) {
    auto dialog = std::make_unique<ReportDialog>(window_->parts(), nullptr);
    dialog->show();
    auto* kind = dialog->findChild<QComboBox*>("reportKind");
    kind->setCurrentIndex(2);
    emit kind->activated(2);
    if (round > 0) QTest::qWait(round);
    dialog.reset();
    // Other work lands where it was.
    std::vector<std::unique_ptr<ReportMaker>> others;
    for (int i = 0; i < 50; ++i) others.push_back(std::make_unique<ReportMaker>(window_->parts()));
    ASSERT_TRUE(settle());
    for (const auto& other : others) EXPECT_FALSE(other->busy());
  }
}

TEST_F(FaultsTest, AnswersOfTwoOfOneNameAreTwoFiles) {
  fill({"Ada Moor", "Ada Moor", "ada moor"});
  openWindow();
  HomeworkInbox& post = window_->parts().inbox;
  go(3);
  ASSERT_TRUE(
      window_->parts().lists.keep({"Week", {{findExercise("tone-5"), 67}}}, dayFrom("2026-12-01").value()));
  ASSERT_TRUE(writeSound(out_.filePath("x.flac").toStdString(), sounds::tone({.seconds = 1.0}), 48000.0,
                         SoundFormat::flac24));
  const auto students = window_->parts().book.students();
  for (const Student& student : students) post.add({out_.filePath("x.flac").toStdString()}, student.id);
  ASSERT_TRUE(settle());
  for (std::size_t i = 0; i < students.size(); ++i)
    post.setAnswer(students[i].id, "Words for number " + std::to_string(i));
  const QDir answers(out_.filePath("answers"));
  QDir().mkpath(answers.path());
  auto* page = window_->findChild<PostPage*>();
  for (int twice = 0; twice < 2; ++twice) EXPECT_EQ(page->writeAnswers(answers.path(), true), QString());
  QStringList all;
  for (const QString& file : answers.entryList(QDir::Files)) all << textOf(answers.filePath(file)).trimmed();
  all.sort();
  EXPECT_EQ(all, (QStringList{"Words for number 0", "Words for number 1", "Words for number 2"}));
}

TEST_F(FaultsTest, EraseAsksAboutWhoIsHighlighted) {
  fill({"Ada Moor", "Ben Falk", "Cleo Wind"});
  openWindow();
  chooseStudent(0);
  QTest::keyClick(window_.get(), Qt::Key_S);
  QTest::keyClicks(find<QLineEdit>("studentSearch"), "Cleo");
  QString asked;
  whenOpen<QMessageBox>([&](QMessageBox& box) {
    asked = box.text();
    box.reject();
  });
  QTest::mouseClick(find<QPushButton>("eraseStudent"), Qt::LeftButton);
  EXPECT_TRUE(asked.contains("Cleo Wind")) << asked.toStdString();
  EXPECT_FALSE(asked.contains("Ada Moor"));
}

TEST_F(FaultsTest, SpaceStartsAndStopsWhereverNoTextIsTyped) {
  fill({"Ada Moor"});
  openWindow();
  choose("source", "stand-in");
  int pressed = 0;
  for (QAbstractButton* button : window_->findChildren<QAbstractButton*>()) {
    if (!button->isVisible() || !button->isEnabled() || button->focusPolicy() == Qt::NoFocus) continue;
    SCOPED_TRACE(button->text().toStdString() + button->objectName().toStdString());
    const bool checked = button->isChecked();
    button->setFocus();
    QTest::keyClick(button, Qt::Key_Space);
    EXPECT_TRUE(window_->parts().run.taking());
    EXPECT_EQ(button->isChecked(), checked);
    QTest::keyClick(window_->focusWidget(), Qt::Key_Space);
    EXPECT_FALSE(window_->parts().run.taking());
    ASSERT_TRUE(settle());
    ++pressed;
  }
  EXPECT_GT(pressed, 5);
}

TEST_F(FaultsTest, WhatGoesOutReadsTheSameInALocaleWithDecimalCommas) {
  fill({"Ada Moor"}, 1.0);
  openWindow();
  const QString plain = out_.filePath("plain.csv"), comma = out_.filePath("comma.csv");
  const ShownTake& open = window_->parts().shown;
  ASSERT_TRUE(open.take());
  EXPECT_EQ(exportTake(plain, *open.snapshot(), *open.samples(), open.rate_hz()), QString());
  setenv("LOCPATH", CALANDO_LOCALES, 1);
  ASSERT_TRUE(std::setlocale(LC_ALL, "de_DE.UTF-8"));
  char number[16];
  std::snprintf(number, sizeof number, "%.1f", 0.5);
  EXPECT_STREQ(number, "0,5") << "what this is about";
  EXPECT_EQ(exportTake(comma, *open.snapshot(), *open.samples(), open.rate_hz()), QString());
  const QString json = out_.filePath("take.json"), svg = out_.filePath("take.svg");
  EXPECT_EQ(exportTake(json, *open.snapshot(), *open.samples(), open.rate_hz()), QString());
  EXPECT_EQ(exportTake(svg, *open.snapshot(), *open.samples(), open.rate_hz()), QString());
  const QString figures = figuresAsCsv(window_->parts().takes.all(), window_->parts().takes.past(), nullptr);
  std::setlocale(LC_ALL, "C.UTF-8");
  EXPECT_EQ(textOf(comma), textOf(plain));
  EXPECT_TRUE(nlohmann::json::accept(textOf(json).toStdString()));
  EXPECT_FALSE(textOf(svg).contains("d=\"M0,5,"));
  const QStringList lines = figures.split('\n', Qt::SkipEmptyParts);
  ASSERT_EQ(lines.size(), 2);
  EXPECT_EQ(lines[0].count(','), lines[1].count(',')) << lines[1].toStdString();
}

TEST_F(FaultsTest, NoCellOfATableIsAFormula) {
  std::vector<Take> takes(1);
  for (const char* evil : {"=HYPERLINK(\"http://x\")", "+1", "-2+3", "@SUM(A1)", "\t=1", "\r=1"}) {
    takes[0].asked.exercise = evil;
    const QString row = figuresAsCsv(takes, {}, nullptr).split('\n')[1];
    const QString cell = row.section(',', 1, 1);
    EXPECT_TRUE(cell.startsWith('\'') || cell.startsWith("\"'")) << row.toStdString();
  }
}

TEST_F(FaultsTest, WhatIsComparedGoesWithWhoIsErased) {
  fill({"Ada Moor", "Ben Falk"});
  openWindow();
  chooseStudent(0);
  ASSERT_TRUE(settle());
  const Parts& session = window_->parts();
  const auto erased = session.book.chosen()->id;
  playTake("steady");
  session.playback.compare({}, false);
  ASSERT_TRUE(QTest::qWaitFor([&] { return !window_->findChildren<CompareView*>().isEmpty(); }, 10000));
  session.book.erase(erased);
  EXPECT_TRUE(QTest::qWaitFor([&] { return window_->findChildren<CompareView*>().isEmpty(); }, 1000));
}

TEST_F(FaultsTest, WhatAPackWouldReplaceIsShownSideBySideAndAskedFor) {
  fill({"Ada Moor"});
  openWindow();
  go(2);
  const Parts& session = window_->parts();
  session.order.change({"swell", "steady-tone"});
  const Student ada = *session.book.chosen();
  const std::filesystem::path file = out_.filePath("pack.zip").toStdString();
  {
    auto other = Studio::open(out_.filePath("other").toStdString());
    ASSERT_TRUE(other->students.adopt(ada));
    ASSERT_TRUE(other->orders.keep(ada.id, {"tone-5", "scale-4-4"}));
    ASSERT_TRUE(writePack(*planPack(*other, ada.id, PackKind::home), file));
  }
  for (const char* answer : {"packNothing", "packKeep", "packTake"}) {
    whenOpen<QDialog>([&](QDialog& dialog) {
      QStringList words;
      for (const QLabel* label : dialog.findChildren<QLabel*>()) words << label->text();
      EXPECT_TRUE(words.join('|').contains("Swell")) << words.join('|').toStdString();
      EXPECT_TRUE(words.join('|').contains("Five seconds") || words.join('|').contains("Scale tones"));
      QTest::mouseClick(dialog.findChild<QPushButton*>(answer), Qt::LeftButton);
    });
    session.files.takePackIn(file);
    ASSERT_TRUE(settle());
    EXPECT_EQ(session.order.steps().front(), std::string(answer) == "packTake" ? "tone-5" : "swell")
        << answer;
  }
}

TEST_F(FaultsTest, AnOrderOfOnesOwnIsThereToBeChosenAgain) {
  fill({"Ada Moor"});
  openWindow();
  whenOpen<QDialog>([&](QDialog& dialog) {
    auto* cards = dialog.findChild<QListWidget*>("orderCards");
    for (int row = 0, ticked = 0; row < cards->count() && ticked < 19; ++row)
      if (cards->item(row)->checkState() == Qt::Unchecked && cards->item(row)->data(Qt::UserRole).isValid()) {
        cards->item(row)->setCheckState(Qt::Checked);
        ++ticked;
      }
    dialog.findChild<QLineEdit*>("orderName")->setText("Mondays");
    dialog.accept();
  });
  find<QAction>("editOrder")->trigger();
  const auto mine = window_->parts().order.steps();
  ASSERT_GT(mine.size(), 19u);
  EXPECT_EQ(chosenOrder(), "Mondays");
  chooseOrder("First lesson");
  EXPECT_NE(window_->parts().order.steps(), mine);
  chooseOrder("Mondays");
  EXPECT_EQ(window_->parts().order.steps(), mine);
  EXPECT_EQ(chosenOrder(), "Mondays");
}

TEST_F(FaultsTest, ABackupIsAskedAboutBeforeTheWindowCloses) {
  fill({"Ada Moor", "Ben Falk"}, 20.0);
  openWindow();
  window_->parts().files.backUp(out_.filePath("all.zip").toStdString());
  ASSERT_FALSE(window_->parts().files.mayEnd());
  QString asked;
  whenOpen<QMessageBox>([&](QMessageBox& box) {
    asked = box.text();
    QTest::mouseClick(box.findChild<QPushButton*>("closeWait"), Qt::LeftButton);
  });
  window_->close();
  EXPECT_TRUE(asked.contains("backup")) << asked.toStdString();
  ASSERT_TRUE(QTest::qWaitFor([&] { return !window_->isVisible(); }, 20000));
  EXPECT_TRUE(QFile::exists(out_.filePath("all.zip")));
}

TEST_F(FaultsTest, NobodyIsAddedWhileATakeRuns) {
  fill({"Ada Moor"});
  openWindow();
  choose("source", "stand-in");
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
  ASSERT_TRUE(window_->parts().run.taking());
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_N, Qt::ControlModifier);
  EXPECT_EQ(QApplication::activeModalWidget(), nullptr);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Space);
  ASSERT_TRUE(settle());
}

}  // namespace
}  // namespace calando
