// Walks the real window through its main views with the demo studio and writes their pictures:
// scripts/screenshots.
#include <QApplication>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <QTextBrowser>
#include <QTimer>
#include <QToolButton>
#include <cstdio>

#include "app/desk/main_window.h"
#include "app/desk/stylesheet.h"
#include "app/desk/take_view.h"
#include "app/ears/ears_page.h"
#include "app/help/help.h"
#include "app/lesson/card_editor.h"
#include "app/lesson/order_dialog.h"
#include "app/people/student_dialog.h"
#include "app/print/report_dialog.h"
#include "app/review/compare_view.h"
#include "app/session/common/notices.h"
#include "app/session/demo.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_training.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/running_order.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/session/take/take_run.h"
#include "app/sound/input.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/language.h"
#include "app/words/note_names.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/library/cards.h"
#include "core/library/lesson.h"
#include "core/standin/player.h"
#include "records/studio.h"
#include "records/values/take.h"
#include "sound_server.h"

using calando::MainWindow;
using calando::Studio;

namespace {

QString folder;

void take(QWidget& widget, const char* name) {
  QTest::qWait(120);
  if (!widget.grab().save(folder + "/" + name + ".png"))
    std::fprintf(stderr, "tour: %s could not be written\n", name);
}

bool settle(const MainWindow& window) {
  return QTest::qWaitFor([&] { return window.idle(); }, 60000);
}

void chooseStudent(MainWindow& window, int row) {
  auto& book = window.parts().book;
  book.choose(book.students()[static_cast<std::size_t>(row)].id);
  settle(window);
}

/// A dialog that opens later, its picture taken and closed.
void whenOpen(const char* name) {
  QTimer::singleShot(500, [name] {
    if (QWidget* dialog = QApplication::activeModalWidget()) {
      take(*dialog, name);
      dialog->close();
    }
  });
}

std::vector<std::string> breathOrder() {
  const auto& orders = calando::lessonTemplates();
  return std::ranges::find(orders, "breath", &calando::LessonTemplate::id)->exercises;
}

/// Where the newest take of a way of playing stands on the shelf.
int rowOf(MainWindow& window, const char* player) {
  const auto& takes = window.parts().takes.all();
  return static_cast<int>(
      std::ranges::find_if(takes, [&](const calando::Take& t) { return t.source.ends_with(player); }) -
      takes.begin());
}

void show(MainWindow& window, int takeRow, const char* name) {
  window.findChild<QListWidget*>("shelf")->setCurrentRow(takeRow);
  settle(window);
  take(window, name);
}

/// The newest take of a card.
void showTakeOf(MainWindow& window, const std::string& exercise, const char* name) {
  const auto& takes = window.parts().takes.all();
  const auto of = std::ranges::find(takes, exercise, [](const calando::Take& t) { return t.asked.exercise; });
  if (of == takes.end()) return;
  window.parts().session.choose(of->id);
  settle(window);
  take(window, name);
}

void readTakes(MainWindow& window) {
  auto* shelf = window.findChild<QListWidget*>("shelf");
  auto* ribbon = window.findChild<calando::TakeView*>("ribbon");
  chooseStudent(window, 0);
  show(window, rowOf(window, "Sagging"), "sagging-take");
  window.findChild<QToolButton*>("howWasIt")->click();
  take(window, "how-was-it");
  window.findChild<QToolButton*>("howWasIt")->click();
  shelf->setCurrentRow(1);
  settle(window);
  for (const char* page : {"notes", "range"}) {
    QTest::keyClick(ribbon, Qt::Key_T);
    take(window, page);
  }
  QTest::keyClick(ribbon, Qt::Key_T);
  for (const int row : {rowOf(window, "Sagging"), rowOf(window, "Breaking")})
    shelf->item(row)->setSelected(true);
  shelf->item(0)->setSelected(true);
  for (const auto& [with, name] : {std::pair{Qt::NoModifier, "compared"}, {Qt::ShiftModifier, "unseen"}}) {
    QTest::keyClick(ribbon, Qt::Key_C, with);
    settle(window);
    auto* compared = window.findChild<calando::CompareView*>();
    if (!compared) continue;
    compared->resize(1240, 740);
    take(*compared, name);
    delete compared;
  }
  chooseStudent(window, 4);
}

/// The other page of figures, and back.
void takeWeeks(MainWindow& window, const char* name) {
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_T);
  take(window, name);
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_T);
}

void readPairs(MainWindow& window) {
  chooseStudent(window, 4);
  showTakeOf(window, "unison", "braid");
  takeWeeks(window, "pair-weeks");
  showTakeOf(window, "scale-together", "scale-together");
  showTakeOf(window, "take-turns", "turns");
}

void readBuzzes(MainWindow& window) {
  chooseStudent(window, 0);
  showTakeOf(window, "buzz-level", "buzz");
  takeWeeks(window, "buzz-weeks");
}

void readFlexibility(MainWindow& window) {
  chooseStudent(window, 0);
  showTakeOf(window, "bend-through", "bend");
  chooseStudent(window, 6);
  showTakeOf(window, "stairs-5", "ladder");
  showTakeOf(window, "model-note", "twins");
  chooseStudent(window, 2);
  showTakeOf(window, "swell", "swell");
  showTakeOf(window, "widening", "steps");
}

/// The other places, as they stand.
void readBooks(MainWindow& window) {
  chooseStudent(window, 0);
  {
    calando::ReportDialog report(window.parts(), &window);
    auto* kind = report.findChild<QComboBox*>("reportKind");
    kind->setCurrentIndex(1);
    emit kind->activated(1);
    report.show();
    (void)QTest::qWaitFor([&] { return report.report() != nullptr; }, 10000);
    take(report, "report-parents");
  }
  for (const auto& [key, name] : {std::pair{Qt::Key_2, "weeks"}, {Qt::Key_3, "post"}}) {
    QTest::keyClick(&window, key, Qt::AltModifier);
    QTest::qWait(100);
    (void)QTest::qWaitFor([&] { return window.idle(); }, 300000);
    take(window, name);
  }
  QTest::keyClick(&window, Qt::Key_1, Qt::AltModifier);
}

/// A question that was answered, and a figure that was guessed.
void listen(MainWindow& window) {
  chooseStudent(window, 0);
  QTest::keyClick(&window, Qt::Key_4, Qt::AltModifier);
  auto* page = window.findChild<calando::EarsPage*>();
  auto* way = page->findChild<QComboBox*>("earWay");
  const calando::Parts& session = window.parts();
  way->setCurrentIndex(way->findText("which of two"));
  QTest::keyClick(page, Qt::Key_Space);
  (void)QTest::qWaitFor([&] { return session.ears.phase() == calando::EarTraining::Phase::asked; }, 20000);
  session.ears.answer(session.ears.question() ? session.ears.question()->right : 0);
  take(window, "ears");
  QTest::keyClick(page, Qt::Key_Escape);
  way->setCurrentIndex(way->findText("guess a take’s figure"));
  QTest::keyClick(page, Qt::Key_Space);
  (void)QTest::qWaitFor([&] { return session.blind.phase() == calando::BlindListening::Phase::asked; },
                        20000);
  take(window, "ears-guess");
  session.blind.guess(5.0);
  take(window, "ears-guessed");
  QTest::keyClick(page, Qt::Key_Escape);
  QTest::keyClick(&window, Qt::Key_1, Qt::AltModifier);
}

void playTakes(MainWindow& window) {
  auto* ribbon = window.findChild<calando::TakeView*>("ribbon");
  const calando::Parts& session = window.parts();
  chooseStudent(window, 2);
  session.setup.choose(calando::StandIn::kId);
  session.setup.standIns().front()->setPlayer(*calando::findPlayer("scooping"));
  session.lesson.choose("scale-4-4");
  QTest::keyClick(ribbon, Qt::Key_Space);
  QTest::qWait(14500);
  take(window, "counted-live");
  QTest::keyClick(ribbon, Qt::Key_Space);
  settle(window);
  session.setup.standIns().front()->setPlayer(*calando::findPlayer("full-early"));
  session.order.set(breathOrder());
  session.lesson.choose("in-4-out-4");
  QTest::keyClick(ribbon, Qt::Key_Space);  // the caution
  QTest::keyClick(ribbon, Qt::Key_Space);
  QTest::qWait(7600);
  take(window, "breath-live");
  settle(window);  // it ends by itself
  session.notices.drop();
  take(window, "breath");
}

/// What a beginner of each family meets first, and the stop of a long tone.
void beginFirstLessons(MainWindow& window) {
  const calando::Parts& session = window.parts();
  session.setup.choose(calando::StandIn::kId);
  for (const auto& [id, name, card] : {std::tuple{"flute", "Ylva Moran", "head-soft-start"},
                                       {"clarinet-bb", "Tamo Heller", "neck-air-first"},
                                       {"oboe", "Ivo Sandell", "reed-soft-start"},
                                       {"trombone-straight", "Runa Falk", "tone-5"}}) {
    session.book.add({0, name, id, {}, calando::Experience::beginner});
    session.lesson.choose(card);
    settle(window);
    take(window, ("first-lesson-" + std::string(id)).c_str());
  }
  whenOpen("student");
  (void)calando::askForStudent(&window, {}, QStringLiteral("Add a student"));
  calando::OrderDialog cards(session, &window);
  cards.show();
  cards.findChild<QLineEdit*>("cardSearch")->setText("slide");
  take(cards, "cards-misfits");
  session.setup.standIns().front()->setPlayer(*calando::findPlayer("steady"));
  session.lesson.choose("steady-tone");
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_Space);
  QTest::qWait(2500);
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_Escape);
  settle(window);
  take(window, "stopped");
  session.notices.act(4);  // a mistake
  session.setup.standIns().front()->setPlayer(*calando::findPlayer("breaking"));
  for (int i = 0; i < 2; ++i) {
    QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_Space);
    (void)QTest::qWaitFor([&] { return !session.run.taking(); }, 30000);
    settle(window);
  }
  take(window, "broken-twice");
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_X);
  session.setup.standIns().front()->setPlayer(*calando::findPlayer("buzz-lips-part"));
  for (const auto& [id, card] : {std::pair{"flute", "head-level"}, {"oboe", "reed-crow"}}) {
    session.book.add({0, std::string("Nika Lund, ") + id, id, {}, calando::Experience::beginner});
    session.lesson.choose(card);
    QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_Space);
    (void)QTest::qWaitFor([&] { return !session.run.taking(); }, 30000);
    settle(window);
    take(window, card);
  }
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_X);
}

void openDialogs(MainWindow& window) {
  {
    calando::OrderDialog cards(window.parts(), &window);
    cards.show();
    take(cards, "cards");
  }
  {
    const auto card = calando::findExercise("swell");
    calando::CardEditor editor(*card, false, window.shownSnapshot()->context, {}, &window);
    editor.resize(1040, 640);
    editor.show();
    take(editor, "card-editor");
  }
  whenOpen("help");
  calando::showHelp(&window);
  QTest::keyClick(window.findChild<calando::TakeView*>("ribbon"), Qt::Key_Comma, Qt::ControlModifier);
  take(window, "settings");
  QTest::keyClick(&window, Qt::Key_5, Qt::AltModifier);
  take(window, "reckoner");
}

}  // namespace

int main(int argc, char** argv) {
  const calando::SoundServer server;  // where the ear is asked something is heard
  QApplication application(argc, argv);
  if (argc < 2) {
    std::fprintf(stderr, "tour: name a folder for the pictures\n");
    return 2;
  }
  folder = QString::fromLocal8Bit(argv[1]);
  const QSize size = argc > 2 && QString(argv[2]) == "small" ? QSize(1024, 700) : QSize(1280, 800);
  const std::string language = argc > 3 ? argv[3] : "en";
  calando::style::apply(application);
  calando::useLanguage(QString::fromStdString(language));
  const auto speaks = [&](Studio& studio) {
    const auto names = language == "de"   ? calando::NoteLanguage::german
                       : language == "fr" ? calando::NoteLanguage::fixedDo
                                          : calando::NoteLanguage::english;
    (void)studio.settings.keep(calando::settings::noteNames, static_cast<double>(names));
  };
  QTemporaryDir empty, demo;
  {
    auto studio = Studio::open(empty.path().toStdString());
    speaks(*studio);
    MainWindow window(std::move(*studio));
    window.resize(size);
    window.show();
    take(window, "first-start");
    beginFirstLessons(window);
  }
  if (calando::copyDemo(CALANDO_DEMO, demo.path().toStdString())) return 1;
  auto studio = Studio::open(demo.path().toStdString(), calando::demoClock());
  speaks(*studio);
  MainWindow window(std::move(*studio));
  window.resize(size);
  window.show();
  settle(window);
  readTakes(window);
  readBuzzes(window);
  readPairs(window);
  readFlexibility(window);
  readBooks(window);
  listen(window);
  playTakes(window);
  openDialogs(window);
  return 0;
}
