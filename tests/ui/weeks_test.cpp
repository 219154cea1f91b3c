#include <QDir>
#include <QFile>
#include <QPlainTextEdit>
#include <QTableWidget>
#include <QTreeWidget>
#include <set>

#include "app/post/post_page.h"
#include "app/post/sent_strip.h"
#include "app/print/report_dialog.h"
#include "app/print/sheet_print.h"
#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/homework/marked.h"
#include "app/session/lesson/planning.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/shown_take.h"
#include "app/weeks/figure_panel.h"
#include "app/weeks/plan_dialog.h"
#include "app/weeks/weeks_page.h"
#include "app/weeks/year_ring.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "core/engine/analysis.h"
#include "core/homework/list.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

/// What a program prints; fails the test where it does not end well. By popen(): the sanitizer of threads
/// does not survive how QProcess starts one.
QByteArray printedBy(const QString& program, const QStringList& arguments) {
  QString command = program;
  for (const QString& argument : arguments) command += " '" + argument + "'";
  std::FILE* pipe = popen(command.toStdString().c_str(), "r");
  QFile file;
  QByteArray printed;
  if (pipe && file.open(pipe, QIODevice::ReadOnly)) printed = file.readAll();
  EXPECT_TRUE(pipe && pclose(pipe) == 0) << command.toStdString();
  return printed;
}

/// A PDF file as another program sees it: its words, and its pages, none of them empty, with nothing at their
/// edges.
QString pdfText(const QString& file, int pages) {
  EXPECT_TRUE(printedBy("pdfinfo", {file}).contains(("Pages:           " + QByteArray::number(pages))))
      << file.toStdString();
  const QString stem = file + "-page";
  printedBy("pdftoppm", {"-r", "50", "-png", file, stem});
  const QFileInfo info(file);
  const QStringList images = info.dir().entryList({info.fileName() + "-page*.png"});
  EXPECT_EQ(images.size(), pages);
  for (const QString& image : images) {
    const QImage page = QImage(info.dir().filePath(image)).convertToFormat(QImage::Format_Grayscale8);
    int dark = 0;
    for (int y = 0; y < page.height(); ++y)
      for (int x = 0; x < page.width(); ++x) {
        if (qGray(page.pixel(x, y)) > 200) continue;
        ++dark;
        EXPECT_TRUE(x > 3 && y > 3 && x < page.width() - 4 && y < page.height() - 4)
            << "at the edge of the paper";
      }
    EXPECT_GT(dark, 100) << "an empty page";
  }
  return QString::fromUtf8(printedBy("pdftotext", {"-layout", file, "-"}));
}

class WeeksTest : public WindowTest {
 protected:
  /// A student who held one steady tone on days before today, longer from week to week.
  void practised(int weeks) {
    auto studio = Studio::open(folder_.path().toStdString());
    const Student ada = *studio->students.add("Ada Moor", "trumpet-bb");
    const std::int64_t now = clock_->now_unix_s();
    for (int week = weeks - 1; week >= 0; --week)
      for (const int days : {1, 3, 3}) {
        Take take;
        take.student = ada.id;
        take.asked.instrument = "trumpet-bb";
        take.asked.seconds = 10.0;
        take.asked.note = 67;
        take.made_unix_s = now - (7 * week + days) * 86400 - static_cast<int>(made_++);
        if (week == 1) take.remark = "after the holidays";
        const auto kept = studio->takes.add(take, sounds::tone({.seconds = 0.3}), 48000);
        ASSERT_TRUE(kept);
        ASSERT_TRUE(studio->summaries.keep(
            kept->id, {engineVersion(),
                       10.0,
                       "",
                       {Verdict::inside,
                        {{"held_s", 14.0 - week + 0.2 * (days == 1)}, {"offset_cents", 3.0 * week}},
                        {}}}));
      }
  }
  void go(int place) {
    QTest::keyClick(window_.get(), static_cast<Qt::Key>(Qt::Key_0 + place), Qt::AltModifier);
    QTest::qWait(30);
  }
  QString label(const char* name) { return find<QLabel>(name)->text(); }
  std::size_t made_ = 0;
};

TEST_F(WeeksTest, GrowthIsReadAndTheNextStepTakenByOneKey) {
  clock_->set(
      QDateTime(QDate(2026, 11, 28), QTime(18, 0)));  // a Saturday: this week’s takes are in this week
  practised(8);
  openWindow();
  go(2);
  EXPECT_TRUE(label("difference").contains("4.0 more, give or take")) << label("difference").toStdString();
  auto* figure = find<QComboBox>("weeksFigure");
  EXPECT_EQ(figure->currentText(), "Held, s");
  auto* periods = find<QComboBox>("weeksPeriods");
  periods->setCurrentIndex(3);
  emit periods->activated(3);
  EXPECT_TRUE(label("difference").contains("(12 and 12 takes)")) << label("difference").toStdString();
  EXPECT_EQ(label("proposal"), "One steady tone");
  EXPECT_TRUE(label("proposalWhy").contains("5 good of the last 5")) << label("proposalWhy").toStdString();
  EXPECT_TRUE(label("proposalWhy").contains("14.2")) << "the figures that led to it";
  EXPECT_FALSE(label("todaySheet").isEmpty());
  // The lesson's keys mean nothing here.
  QTest::keyClick(window_->focusWidget() ? window_->focusWidget() : window_.get(), Qt::Key_4);
  EXPECT_EQ(window_->parts().takes.all().front().word, TeachersWord::none);
  QTest::keyClick(find<QWidget>("yearRing"), Qt::Key_W);
  EXPECT_EQ(window_->parts().planning.plan().find("steady-tone")->asked, 12.0);
  EXPECT_EQ(label("proposal"), "Nothing to change today");
  QTest::keyClick(find<QWidget>("yearRing"), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(label("proposal"), "One steady tone");
  QTest::keyClick(find<QWidget>("yearRing"), Qt::Key_Q);
  EXPECT_EQ(label("proposal"), "Scale tones, 4 on, 4 off") << "the next in turn";
  // A take is opened from its week.
  auto* ring = find<YearRing>("yearRing");
  QTest::keyClick(ring, Qt::Key_Up);
  QTest::keyClick(ring, Qt::Key_Return);
  ASSERT_TRUE(settle());
  ASSERT_TRUE(window_->parts().shown.take());
  const auto age_s = clock_->now_unix_s() - window_->parts().shown.take()->made_unix_s;
  EXPECT_GT(age_s, 5 * 86400);
}

TEST_F(WeeksTest, TheLogbookIsSearchedAndWrittenByHand) {
  practised(4);
  openWindow();
  go(2);
  for (QToolButton* button : window_->findChildren<QToolButton*>())
    if (button->text() == "Logbook") button->click();
  auto* log = find<QTreeWidget>("log");
  EXPECT_EQ(log->topLevelItemCount(), 8) << "two days a week";
  QTest::keyClicks(find<QLineEdit>("logSearch"), "holidays");
  EXPECT_EQ(log->topLevelItemCount(), 2);
  find<QLineEdit>("logSearch")->clear();
  QTest::keyClicks(find<QLineEdit>("practiceWhat"), "duets");
  QTest::mouseClick(find<QPushButton>("practiceAdd"), Qt::LeftButton);
  ASSERT_EQ(log->topLevelItemCount(), 9);
  EXPECT_TRUE(log->topLevelItem(0)->child(0)->text(0).contains("duets"));
  log->setCurrentItem(log->topLevelItem(0)->child(0));
  QTest::keyClick(log, Qt::Key_Delete);
  EXPECT_EQ(log->topLevelItemCount(), 8);
}

TEST_F(WeeksTest, ThePlanIsChangedInItsDialog) {
  practised(2);
  openWindow();
  go(2);
  whenOpen<PlanDialog>([](PlanDialog& dialog) {
    dialog.findChild<QCheckBox*>("ownGate")->setChecked(true);
    dialog.findChild<QSpinBox*>("gateOf")->setValue(6);
    dialog.findChild<QSpinBox*>("gateGood")->setValue(6);
    QTest::mouseClick(dialog.findChild<QPushButton*>("addHoliday"), Qt::LeftButton);
    dialog.findChild<QTableWidget*>("planSteps")->selectRow(0);
    QTest::mouseClick(dialog.findChild<QPushButton*>("stepRests"), Qt::LeftButton);
    dialog.accept();
  });
  QTest::mouseClick(find<QPushButton>("planDialog"), Qt::LeftButton);
  const Plan& plan = window_->parts().planning.plan();
  EXPECT_EQ(plan.gate, (Gate{6, 6, 2}));
  EXPECT_TRUE(plan.isHoliday(today(*clock_)));
  EXPECT_EQ(label("todaySheet"), "A holiday.");
  ASSERT_TRUE(plan.steps.front().notBefore);
  EXPECT_EQ(std::chrono::weekday(*plan.steps.front().notBefore), std::chrono::Monday);
}

TEST_F(WeeksTest, EveryTakeOfAFullWeekIsThereToClick) {
  practised(2);
  {
    auto studio = Studio::open(folder_.path().toStdString());
    const Student ada = studio->students.all()->front();
    for (int i = 0; i < 23; ++i) {
      Take take;
      take.student = ada.id;
      take.asked.instrument = "trumpet-bb";
      take.made_unix_s = clock_->now_unix_s() - 7 * 86400 - 60 * i;
      const auto kept = studio->takes.add(take, sounds::tone({.seconds = 0.3}), 48000);
      ASSERT_TRUE(kept);
      ASSERT_TRUE(studio->summaries.keep(kept->id, {engineVersion(), 10.0, "", {Verdict::inside, {}, {}}}));
    }
  }
  openWindow();
  go(2);
  auto* ring = window_->findChild<YearRing*>();
  std::set<qint64> clicked;
  QObject::disconnect(ring, &YearRing::chosen, nullptr, nullptr);  // the lesson stays where it is
  QObject::connect(ring, &YearRing::chosen, ring, [&](qint64 take) { clicked.insert(take); });
  for (int y = 4; y < ring->viewport()->height(); y += 8)
    for (int x = 80; x < ring->viewport()->width(); x += 20)
      QTest::mouseClick(ring->viewport(), Qt::LeftButton, {}, {x, y});
  EXPECT_EQ(clicked.size(), window_->parts().takes.all().size());
}

TEST_F(WeeksTest, TheSheetOfAWeekGoesOutAsPageCalendarAndText) {
  practised(3);
  openWindow();
  go(2);
  auto* weeks = window_->findChild<WeeksPage*>();
  const QDir out(folder_.path());
  for (const char* kind : {"pdf", "ics", "txt"})
    ASSERT_EQ(weeks->writeSheet(kind, out.filePath(QString("week.") + kind)), "");
  const QString page = pdfText(out.filePath("week.pdf"), 1);
  QFile text(out.filePath("week.txt")), calendar(out.filePath("week.ics"));
  ASSERT_TRUE(text.open(QIODevice::ReadOnly) && calendar.open(QIODevice::ReadOnly));
  const QString plain = text.readAll();
  for (const QString& words : {QString("Ada Moor"), QString("One steady tone")}) {
    EXPECT_TRUE(page.contains(words)) << page.toStdString();
    EXPECT_TRUE(plain.contains(words));
  }
  EXPECT_TRUE(page.contains("One steady tone on ")) << page.toStdString();
  EXPECT_TRUE(QRegularExpression("One steady tone on [A-G][♭♯]?\\d,").match(plain).hasMatch())
      << plain.toStdString();
  EXPECT_TRUE(plain.contains("Stop when light-headed"));
  EXPECT_EQ(calendar.readAll().count("BEGIN:VEVENT"), 7);
  // The next one, too.
  ASSERT_EQ(weeks->writeSheet("txt", out.filePath("next.txt"), 1), "");
  QFile next(out.filePath("next.txt"));
  ASSERT_TRUE(next.open(QIODevice::ReadOnly));
  const QString later = next.readAll();
  EXPECT_NE(later, plain);
  EXPECT_TRUE(later.contains(words::day(mondayOf(today(*clock_)) + std::chrono::days(7))))
      << later.toStdString();
  EXPECT_FALSE(weeks->writeSheet("pdf", out.filePath("no such folder/week.pdf")).isEmpty());
}

TEST_F(WeeksTest, ReportsGoOutAsPagesTextAndFigures) {
  practised(8);
  openWindow();
  for (int row = 0; row < 2; ++row) window_->parts().book.add({0, row ? "Ben Falk" : "Cleo Ås", "flute", {}});
  chooseStudent(0);
  ASSERT_TRUE(settle());
  go(2);
  ReportDialog dialog(window_->parts(), window_.get());
  const QDir out(folder_.path());
  auto* kind = dialog.findChild<QComboBox*>("reportKind");
  const QString told[] = {"Ada Moor: this month", "What Ada Moor is working at", "The class"};
  for (int k = 0; k < 3; ++k) {
    kind->setCurrentIndex(k);
    emit kind->activated(k);
    ASSERT_TRUE(settle());
    ASSERT_TRUE(dialog.report());
    const QString pdf = out.filePath(QString("report-%1.pdf").arg(k));
    ASSERT_EQ(dialog.write("pdf", pdf), "");
    const QString text = pdfText(pdf, dialog.report()->count());
    EXPECT_TRUE(text.contains(told[k])) << text.toStdString();
    EXPECT_TRUE(text.contains("page 1 of"));
    EXPECT_TRUE(printedBy("pdffonts", {pdf}).contains("Inter")) << "fonts are in the file";
    EXPECT_TRUE(dialog.report()->text().contains(told[k]));
    if (k == 2) continue;
    EXPECT_EQ(dialog.report()->count(), 1);
    EXPECT_TRUE(text.contains("12.6 s")) << "the middle of the month" << text.toStdString();
    // What was before it, in figures for the student, in a sentence for the parents.
    EXPECT_EQ(text.contains("± "), k == 0) << text.toStdString();
    EXPECT_EQ(text.contains("Holds a tone for 12.6 seconds. Four weeks before it was 8.6 seconds."), k == 1);
    EXPECT_FALSE(k == 1 && text.contains(" dB"));
    EXPECT_TRUE(text.contains("10 → 12 s")) << text.toStdString();
  }
  EXPECT_TRUE(dialog.report()->text().contains("Ada Moor"));
  auto* names = dialog.findChild<QComboBox*>("reportNames");
  names->setCurrentIndex(2);
  emit names->activated(2);
  ASSERT_TRUE(settle());
  EXPECT_FALSE(dialog.report()->text().contains("Moor"));
  EXPECT_TRUE(dialog.report()->text().contains("A. M."));
  ASSERT_EQ(dialog.write("csv", out.filePath("figures.csv")), "");
  QFile csv(out.filePath("figures.csv"));
  ASSERT_TRUE(csv.open(QIODevice::ReadOnly));
  const QStringList lines = QString::fromUtf8(csv.readAll()).trimmed().split('\n');
  EXPECT_EQ(lines.size(), 25);
  EXPECT_TRUE(lines[0].contains("held_s (s)") && lines[0].contains("offset_cents (cents)"));
  for (const QString& line : lines) EXPECT_EQ(line.count(','), lines[0].count(','));
}

TEST(Differences, AreSaidWithHowSureTheyAre) {
  const Figure& held = *findFigure("held_s");
  EXPECT_TRUE(differenceText(held, std::nullopt).contains("two days"));
  const Difference d{{11, 4, 7.0, 0.2}, {14, 5, 10.1, 0.3}, 0.8, true};
  EXPECT_EQ(differenceText(held, d),
            QStringLiteral("7.0 → 10.1 s: 3.1 more, give or take 0.8 s (14 and 11 takes)."));
}

class PostWindowTest : public WeeksTest {};

TEST_F(PostWindowTest, AFolderIsMarkedCorrectedAndAnswered) {
  openWindow();
  for (const char* name : {"Ada Moor", "Ben Falk"}) window_->parts().book.add({0, name, "trumpet-bb", {}});
  QTemporaryDir sent;
  std::vector<float> all;
  for (const double hz : {350.0, 262.0}) {
    const auto one = sounds::tone({.f0_hz = hz, .seconds = 5.4, .before_s = 1.5, .after_s = 1.5});
    all.insert(all.end(), one.begin(), one.end());
  }
  ASSERT_TRUE(writeSound(sent.filePath("ada.wav").toStdString(), all, 48000.0, SoundFormat::wav24));
  go(3);
  HomeworkList list{"Week 1", {}};
  list.items.push_back({findExercise("tone-5"), 67});
  list.items.push_back({findExercise("tone-5"), 62});
  list.items.push_back({findExercise("scale-4-4")});
  ASSERT_TRUE(window_->parts().lists.keep(list, today(*clock_)));
  window_->openFiles({sent.path()});  // as when it is dropped
  ASSERT_TRUE(settle());
  auto* table = find<QTableWidget>("postTable");
  ASSERT_EQ(table->rowCount(), 2);
  ASSERT_EQ(table->columnCount(), 5);
  EXPECT_EQ(table->item(0, 4)->text(), "1 missing");
  EXPECT_EQ(table->item(0, 1)->icon().cacheKey() == style::noIcon().cacheKey(), false);
  auto* answer = find<QPlainTextEdit>("answer");
  EXPECT_TRUE(answer->toPlainText().contains("not in the recording")) << answer->toPlainText().toStdString();
  // By key: the second try is none; what it was is missing then.
  auto* strip = find<SentStrip>("sentStrip");
  QTest::keyClick(strip, Qt::Key_Right);
  QTest::keyClick(strip, Qt::Key_Right);
  ASSERT_TRUE(strip->chosen());
  EXPECT_EQ(strip->chosen()->item, 1u);
  QTest::keyClick(strip, Qt::Key_0);
  ASSERT_TRUE(settle());
  EXPECT_EQ(table->item(0, 4)->text(), "2 missing");
  QTest::keyClick(strip, Qt::Key_Z, Qt::ControlModifier);
  ASSERT_TRUE(settle());
  EXPECT_EQ(table->item(0, 4)->text(), "1 missing");
  // By hand: carried by its title to the first item, and back by Ctrl+Z.
  const auto drag = [&](QPointF from, QPointF to) {
    QTest::mousePress(strip, Qt::LeftButton, {}, from.toPoint());
    QMouseEvent move(QEvent::MouseMove, to, strip->mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                     Qt::NoModifier);
    QApplication::sendEvent(strip, &move);
    QTest::mouseRelease(strip, Qt::LeftButton, {}, to.toPoint());
    ASSERT_TRUE(settle());
  };
  const double scale = strip->width() / (static_cast<double>(all.size()) / 48000.0);
  const auto triesAt = [&](std::size_t item) {
    return window_->parts().inbox.sent().begin()->second.marked->marking.items[item].tries;
  };
  ASSERT_EQ(triesAt(0).size(), 1u);
  ASSERT_EQ(triesAt(1).size(), 1u);
  drag({(triesAt(1)[0].start_s + 0.5) * scale, 10.0}, {10.0, 120.0});
  EXPECT_EQ(triesAt(0).size(), 2u);
  EXPECT_EQ(triesAt(1).size(), 0u);
  QTest::keyClick(strip, Qt::Key_Z, Qt::ControlModifier);
  ASSERT_TRUE(settle());
  EXPECT_EQ(triesAt(1).size(), 1u);
  // Its end is drawn to the middle.
  const Correction first = [&] {
    QTest::keyClick(strip, Qt::Key_Left);
    QTest::keyClick(strip, Qt::Key_Left);
    return *strip->chosen();
  }();
  const auto at = [&](double t) { return QPointF(t * scale, 0.5 * strip->height()); };
  drag(at(first.to_s), at(first.to_s - 1.5));
  const auto tries = triesAt(0);
  ASSERT_EQ(tries.size(), 1u);
  EXPECT_NEAR(tries[0].end_s, first.to_s - 1.5, 0.15);
  // The answer is changed, and goes out; so does the list.
  answer->setPlainText("Well held.");
  auto* page = window_->findChild<PostPage*>();
  ASSERT_EQ(page->writeAnswers(sent.path(), true), "");
  QFile written(sent.filePath("Ada Moor.txt"));
  ASSERT_TRUE(written.open(QIODevice::ReadOnly));
  EXPECT_EQ(written.readAll(), "Well held.");
  const QString pdf = sent.filePath("list.pdf");
  ASSERT_EQ(writeTextPdf("Week 1\n\n1. A long tone\n" + QString("and more\n").repeated(90), pdf), "");
  EXPECT_TRUE(pdfText(pdf, 2).contains("A long tone"));
  // Into the weeks.
  QTest::mouseClick(find<QPushButton>("postKeep"), Qt::LeftButton);
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<QPushButton>("postKeep")->text(), "Is in the weeks");
}

}  // namespace
}  // namespace calando
