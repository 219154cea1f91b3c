// Walks the real window through its main views with the demo studio and writes their pictures:
// scripts/screenshots.
#include <QApplication>
#include <QComboBox>
#include <QFile>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <QTextBrowser>
#include <QTimer>
#include <QToolButton>
#include <cstdio>

#include "app/card_editor.h"
#include "app/compare_view.h"
#include "app/help.h"
#include "app/main_window.h"
#include "app/ribbon_view.h"
#include "app/style.h"
#include "core/standin/player.h"
#include "records/demo_studio.h"
#include "records/take_recorder.h"

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
  window.findChild<QListWidget*>("students")->setCurrentRow(row);
  settle(window);
}

/// What a crash and another list of takes left behind.
void found() {
  QTemporaryDir place;
  {
    auto studio = Studio::open(place.path().toStdString());
    const auto alva = *studio->addStudent("Alva Brekke", "trumpet-bb");
    (void)studio->addStudent("Edda Lunde", "oboe");
    const calando::Player& player = *calando::findPlayer("sagging");
    calando::AskedFor asked;
    asked.instrument = "trumpet-bb";
    const calando::Context context = contextFor(asked);
    const auto sound = perform(player, unroll(context), context, 7).samples;
    const calando::Student runa{7, "Runa Holt", "horn-f", {}};
    calando::TakeRecorder(*studio->newRecording(alva, asked), 48000).write(sound);
    calando::TakeRecorder(*studio->newRecording(runa, asked), 48000).write(std::span(sound).first(200000));
    calando::Take take;
    take.made_unix_s = 1795546800;
    (void)Studio::writeTake(place.path().toStdString(), runa, take, sound, 48000);
    QFile torn(place.filePath("recording/20261124-190312-5b1c09aa7e24.wav"));
    (void)torn.open(QIODevice::WriteOnly);
    torn.write(QByteArray(9000, 'x'));
  }
  auto studio = Studio::open(place.path().toStdString());
  MainWindow window(std::move(*studio));
  window.resize(1280, 800);
  window.show();
  settle(window);
  QTest::qWait(100);
  if (qEnvironmentVariableIsSet("CALANDO_TOUR_ALL")) take(window, "message");
  QTimer::singleShot(500, [] {
    if (QWidget* dialog = QApplication::activeModalWidget()) {
      take(*dialog, "found");
      dialog->close();
    }
  });
  QTest::mouseClick(window.findChild<QPushButton*>("messageButton"), Qt::LeftButton);
}

}  // namespace

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  if (argc < 2) {
    std::fprintf(stderr, "tour: name a folder for the pictures\n");
    return 2;
  }
  folder = QString::fromLocal8Bit(argv[1]);
  const QSize size = argc > 2 && QString(argv[2]) == "small" ? QSize(1024, 700) : QSize(1280, 800);
  calando::style::apply(application);
  QTemporaryDir empty, demo;
  {
    auto studio = Studio::open(empty.path().toStdString());
    MainWindow window(std::move(*studio));
    window.resize(size);
    window.show();
    take(window, "first-start");
  }
  {
    auto studio = Studio::open(demo.path().toStdString());
    if (!studio || !calando::fillDemoStudio(*studio, [](double) {})) return 1;
  }
  auto studio = Studio::open(demo.path().toStdString());
  MainWindow window(std::move(*studio));
  window.resize(size);
  window.show();
  auto* shelf = window.findChild<QListWidget*>("shelf");
  settle(window);
  chooseStudent(window, 0);
  take(window, "steady-take");
  shelf->setCurrentRow(2);
  settle(window);
  take(window, "sagging-take");
  shelf->setCurrentRow(1);
  settle(window);
  take(window, "scale");
  QTest::keyClick(&window, Qt::Key_T);
  take(window, "note-by-note");
  QTest::keyClick(&window, Qt::Key_T);
  take(window, "along-the-range");
  QTest::keyClick(&window, Qt::Key_T);
  shelf->setCurrentRow(6);
  settle(window);
  take(window, "breaks");
  for (const int row : {2, 6}) shelf->item(row)->setSelected(true);
  shelf->item(0)->setSelected(true);
  QTest::keyClick(&window, Qt::Key_C);
  settle(window);
  if (auto* compared = window.findChild<calando::CompareView*>()) {
    take(*compared, "compared");
    compared->close();
  }
  shelf->clearSelection();
  shelf->setCurrentRow(1);
  settle(window);
  for (const int row : {1, 4}) shelf->item(row)->setSelected(true);
  QTest::keyClick(&window, Qt::Key_C);
  settle(window);
  for (auto* compared : window.findChildren<calando::CompareView*>())
    if (auto* byCue = compared->findChild<QToolButton*>("byCue"); byCue && compared->isVisible()) {
      byCue->click();
      take(*compared, "note-under-note");
      compared->close();
    }
  chooseStudent(window, 4);
  take(window, "vibrato");
  auto* ribbon = window.findChild<calando::RibbonView*>("ribbon");
  ribbon->zoom(0.25, 4.0);
  take(window, "zoomed");
  shelf->setCurrentRow(1);
  settle(window);
  take(window, "swell");
  chooseStudent(window, 2);
  auto* source = window.findChild<QComboBox*>("source");
  source->setCurrentIndex(source->findData("stand-in"));
  auto* player = window.findChild<QComboBox*>("player");
  player->setCurrentIndex(player->findData("scooping"));
  QTest::keyClick(ribbon, Qt::Key_Space);
  QTest::qWait(6500);
  take(window, "live");
  QTest::keyClick(ribbon, Qt::Key_Space);
  settle(window);
  QTest::keyClick(ribbon, Qt::Key_N);
  take(window, "card");
  QTest::keyClick(ribbon, Qt::Key_Space);
  QTest::qWait(2450);
  take(window, "count-in");
  QTest::qWait(11000);
  take(window, "counted-live");
  QTest::keyClick(ribbon, Qt::Key_Space);
  settle(window);
  {
    const auto card = calando::findExercise("swell");
    calando::CardEditor editor(*card, false, window.shownPicture()->context, &window);
    editor.show();
    take(editor, "card-editor");
  }
  QTimer::singleShot(400, [] {
    if (QWidget* dialog = QApplication::activeModalWidget()) {
      take(*dialog, "help");
      dialog->close();
    }
  });
  calando::showHelp(&window);
  found();
  return 0;
}
