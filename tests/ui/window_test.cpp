#include "app/charts/reach_chart.h"
#include "app/charts/weeks_chart.h"
#include "app/desk/found_dialog.h"
#include "app/desk/rail.h"
#include "app/head/head_strip.h"
#include "app/head/staff_view.h"
#include "app/lesson/sheet_preview.h"
#include "app/mirror/mirror.h"
#include "app/people/student_chooser.h"
#include "app/readout/cue_table.h"
#include "app/readout/fingering_table.h"
#include "app/readout/readout.h"
#include "app/reckoner/reckoner_page.h"
#include "app/review/compare_view.h"
#include "app/review/take_export.h"
#include "app/ribbon/ribbon_scale.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/take_options.h"
#include "app/session/session.h"
#include "app/session/students/take_list.h"
#include "app/session/take/shown_take.h"
#include "app/sound/input.h"
#include "app/sound/player.h"
#include "app/sound/sound_setup.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "core/library/cards.h"
#include "core/standin/player.h"
#include "records/studio.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

TEST_F(WindowTest, FromTheFirstStartToAJudgedTakeThatIsStillThereTomorrow) {
  openWindow();
  // At first there is one thing to do, and something to look at; nothing is grey beside it.
  EXPECT_TRUE(find<QPushButton>("emptyAction")->isVisible());
  EXPECT_EQ(find<QPushButton>("otherAction")->text(), "Look at the made-up class");
  for (const char* part : {"record", "howWasIt"}) EXPECT_FALSE(find<QAbstractButton>(part)->isVisible());
  EXPECT_FALSE(find<QListWidget>("lesson")->isVisible());
  addStudent("Ada", "trumpet-bb");
  EXPECT_TRUE(find<QPushButton>("record")->isVisible());
  EXPECT_FALSE(find<QPushButton>("otherAction")->isVisible());
  ASSERT_EQ(find<QListWidget>("students")->count(), 1);
  type("note", "G4");
  EXPECT_EQ(find<StaffView>("staff")->note(), parseNote("G4"));
  find<QDoubleSpinBox>("seconds")->setValue(5);
  playTake("flat-steady");
  ASSERT_NE(window_->shownSnapshot(), nullptr);
  EXPECT_NEAR(figure("held_s"), 5.4, 0.25);         // players hold 8 % longer than asked
  EXPECT_NEAR(figure("offset_cents"), -24.0, 2.0);  // what the player's card says
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("flat"));
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
  QCoreApplication::processEvents();
  const auto* meter = window_->findChild<QProgressBar*>("meter");
  EXPECT_EQ(meter->value(), meter->minimum());  // nothing plays any more

  openWindow();
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
  EXPECT_NEAR(figure("offset_cents"), -24.0, 2.0);
  EXPECT_EQ(find<QLineEdit>("note")->text(), "G4");
}

TEST_F(WindowTest, AnotherReferenceJudgesTheOpenTakeAtOnce) {
  openWindow();
  addStudent("Ada", "clarinet-bb");
  find<QDoubleSpinBox>("seconds")->setValue(3);
  playTake("steady");
  const double before = figure("offset_cents");
  find<QDoubleSpinBox>("a4")->setValue(442.0);
  ASSERT_TRUE(settle());
  EXPECT_NEAR(figure("offset_cents"), before - sounds::cents(440, 442), 0.01);
  EXPECT_LT(figure("held_s"), 4.0);
  const auto verdictOfHeld = [&] { return find<FiguresView>("figures")->readings().front().verdict; };
  EXPECT_EQ(verdictOfHeld(), Verdict::inside);
  find<QDoubleSpinBox>("seconds")->setValue(12);
  ASSERT_TRUE(settle());
  EXPECT_EQ(verdictOfHeld(), Verdict::outside);
}

TEST_F(WindowTest, APartnerIsJoinedAndTheTakeSaysHowSoon) {
  openWindow();
  addStudent("Ada", "flute");
  const Parts& session = window_->parts();
  session.setup.standIns().front()->setPlayer(*findPlayer("finds-it"));
  chooseStep("unison");
  EXPECT_EQ(session.request.options().accompaniment, AccompanimentKind::partner);
  session.session.toggle();
  settle();
  const auto snapshot = session.shown.snapshot();
  ASSERT_TRUE(snapshot && snapshot->analysis.pair);
  EXPECT_TRUE(snapshot->analysis.pair->lock_s);
  EXPECT_EQ(snapshot->analysis.pair->moved, Moved::second);
  // What sounded stays with the take, whatever is wished for afterwards.
  const auto partner = session.takes.all().front().asked.accompaniment.partner;
  ASSERT_TRUE(partner);
  session.request.edit([](TakeRequest& wish) { wish.a4_hz = 445.0; });
  settle();
  EXPECT_EQ(session.takes.all().front().asked.accompaniment.partner, partner);
  EXPECT_NEAR(*session.shown.snapshot()->analysis.pair->first_hz, partner->hz, 1e-6);
  // Without one, two are listened for, and the stand-in is alone.
  session.request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::flash; });
  session.session.toggle();
  settle();
  EXPECT_FALSE(session.takes.all().front().asked.accompaniment.partner);
  EXPECT_FALSE(session.shown.snapshot()->analysis.pair);
  // A card for one has no partner to offer.
  chooseStep("steady-tone");
  EXPECT_EQ(session.request.options().accompaniment, AccompanimentKind::flash);
}

TEST_F(WindowTest, TheReckonerReckonsBothWaysAndTakesItsNoteIntoTheLesson) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  QTest::keyClick(window_.get(), Qt::Key_5, Qt::AltModifier);
  window_->resize(1280, 800);
  auto *counts = find<QLineEdit>("counts-left"), *seconds = find<QLineEdit>("counts-right");
  ASSERT_TRUE(counts->isVisible());
  const auto type = [](QLineEdit* field, const char* text) {
    field->selectAll();
    QTest::keyClicks(field, text);
  };
  find<QDoubleSpinBox>("reckonTempo")->setValue(90.0);
  type(counts, "12");
  EXPECT_EQ(seconds->text(), "8.00");
  type(seconds, "4");
  EXPECT_EQ(counts->text(), "6.00");
  // What is shared gives the other side of what was typed last.
  find<QDoubleSpinBox>("reckonTempo")->setValue(60.0);
  EXPECT_EQ(counts->text(), "4.00");
  EXPECT_EQ(seconds->text(), "4.00");
  // A phrase in any metre; an octave up the same cents beat twice as fast.
  type(find<QLineEdit>("phrase-left"), "12");
  find<QDoubleSpinBox>("reckonBar")->setValue(3.0);
  EXPECT_EQ(find<QLineEdit>("phrase-right")->text(), "4.00");
  type(find<QLineEdit>("octave-right"), find<QLineEdit>("beats-right")->text().toUtf8());
  EXPECT_EQ(find<QLineEdit>("octave-left")->text(), "5.0");
  // What cannot be is said, and nothing else changes.
  type(counts, "x");
  EXPECT_EQ(seconds->text(), "4.00");
  // On a small screen one topic at a time.
  auto* beats = find<QLineEdit>("beats-left");
  EXPECT_TRUE(beats->isVisible());
  window_->resize(860, 540);
  EXPECT_TRUE(QTest::qWaitFor([&] { return !beats->isVisible(); }, 3000));
  EXPECT_TRUE(counts->isVisible());
  window_->resize(1280, 800);
  EXPECT_TRUE(QTest::qWaitFor([&] { return beats->isVisible(); }, 3000));
  EXPECT_TRUE(QTest::qWaitFor(
      [&] {
        const auto top = [&](const char* field) {
          return find<QWidget>(field)->mapTo(window_.get(), QPoint()).y();
        };
        return top("reckonInstrument") == top("reckonAir");
      },
      3000))
      << "what is given is one line where there is room";
  window_->resize(860, 540);
  EXPECT_TRUE(QTest::qWaitFor([&] { return !beats->isVisible(); }, 3000));
  auto* topics = window_->findChild<ReckonerPage*>()->findChild<QButtonGroup*>();
  for (const int topic : {2, 3, 0}) {
    QTest::mouseClick(topics->button(topic), Qt::LeftButton);
    EXPECT_EQ(beats->isVisible(), topic == 2) << topic;
    EXPECT_EQ(counts->isVisible(), topic == 0) << topic;
  }
  type(find<QLineEdit>("reckonNote"), "D5");
  find<QDoubleSpinBox>("reckonA4")->setValue(442.0);
  QTest::keyClick(counts, Qt::Key_Return, Qt::ControlModifier);
  EXPECT_FALSE(counts->isVisible());
  const TakeSpec asked = window_->parts().request.asked();
  EXPECT_EQ(asked.note, 74);
  EXPECT_EQ(asked.a4_hz, 442.0);
}

TEST_F(WindowTest, TheTeachersWordAndNoteAreKeptAndDeletingCanBeUndone) {
  openWindow();
  addStudent("Ada", "flute");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_4);
  type("remark", "loud only");
  openWindow();
  EXPECT_TRUE(find<QListWidget>("shelf")->item(0)->text().contains("right figure, wrong way"));
  EXPECT_EQ(find<QLineEdit>("remark")->text(), "loud only");
  find<QListWidget>("shelf")->setFocus();
  QTest::keyClick(find<QListWidget>("shelf"), Qt::Key_Delete);
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 0);
  QTest::mouseClick(find<QPushButton>("messageButton"), Qt::LeftButton);
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
}

TEST_F(WindowTest, SeveralFilesMakeSeveralTakesAndABadOneIsNamed) {
  openWindow();
  addStudent("Ada", "oboe");
  QStringList files;
  for (int i = 0; i < 3; ++i) {
    files << folder_.filePath(QString("take %1.wav").arg(i));
    const auto samples = sounds::tone({.f0_hz = 440.0 + i, .seconds = 1.5, .before_s = 0.3, .after_s = 0.3});
    ASSERT_TRUE(writeSound(files.back().toStdString(), samples, 48000, SoundFormat::wav24));
  }
  QFile bad(folder_.filePath("bad.wav"));
  ASSERT_TRUE(bad.open(QIODevice::WriteOnly));
  bad.write("no sound");
  bad.close();
  window_->openFiles(files + QStringList{bad.fileName()});
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 3);
  EXPECT_TRUE(find<QLabel>("message")->text().contains("bad.wav"));
}

TEST_F(WindowTest, ErasingSaysWhatGoesAndRemovesIt) {
  openWindow();
  addStudent("Ada", "flute");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  QString said;
  QTimer::singleShot(0, [&] {
    auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
    ASSERT_NE(box, nullptr);
    said = box->text();
    QTest::mouseClick(box->findChild<QPushButton*>("eraseForGood"), Qt::LeftButton);
  });
  QTest::mouseClick(find<QPushButton>("eraseStudent"), Qt::LeftButton);
  EXPECT_TRUE(said.contains("Ada"));
  EXPECT_EQ(find<QListWidget>("students")->count(), 0);
  EXPECT_TRUE(QDir(folder_.filePath("takes")).entryList(QDir::Files).isEmpty());
}

TEST_F(WindowTest, ALeftoverRecordingIsOfferedAndKept) {
  {
    auto studio = Studio::open(folder_.path().toStdString());
    const auto ada = studio->students.add("Ada", "trumpet-bb");
    TakeSpec asked;
    asked.instrument = "trumpet-bb";
    TakeRecorder recorder(*studio->recordings.begin(*ada, asked), 48000);
    recorder.write(sounds::tone({.f0_hz = 349.2, .seconds = 2.0, .before_s = 0.3, .after_s = 0.3}));
  }
  openWindow();
  QTest::qWait(50);
  EXPECT_TRUE(find<QLabel>("message")->text().contains("Ada"));
  QTest::mouseClick(find<QPushButton>("messageButton"), Qt::LeftButton);
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<QListWidget>("shelf")->count(), 1);
  EXPECT_NEAR(figure("held_s"), 2.0, 0.02);
  EXPECT_TRUE(QDir(folder_.filePath("recording")).entryList(QDir::Files).isEmpty());
}

TEST_F(WindowTest, ALeftoverThatCannotBeReadStaysWhereItIs) {
  std::filesystem::path file;
  {
    auto studio = Studio::open(folder_.path().toStdString());
    file = *studio->recordings.begin(*studio->students.add("Ada", "oboe"), {});
    std::ofstream(file) << std::string(500, 'x');
  }
  openWindow();
  QTest::qWait(50);
  EXPECT_TRUE(find<QLabel>("message")->text().contains("no take yet"));
  whenOpen<FoundDialog>([](FoundDialog& found) {
    EXPECT_TRUE(found.findChild<QListWidget*>("found")->item(0)->text().contains("cannot be read"));
    EXPECT_FALSE(found.findChild<QPushButton*>("foundGive")->isEnabled());
    found.reject();
  });
  QTest::mouseClick(find<QPushButton>("messageButton"), Qt::LeftButton);
  EXPECT_TRUE(std::filesystem::exists(file));
}

TEST_F(WindowTest, RestIsOwedAfterASetAndEnoughIsSaid) {
  openWindow();
  addStudent("Ada", "flute");
  QTimer::singleShot(0, [] {
    QWidget* dialog = QApplication::activeModalWidget();
    ASSERT_NE(dialog, nullptr);
    auto* cards = dialog->findChild<QListWidget*>("orderCards");
    for (int i = 0; i < cards->count(); ++i)
      cards->item(i)->setCheckState(cards->item(i)->text().startsWith("5 seconds") ? Qt::Checked
                                                                                   : Qt::Unchecked);
    QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
  });
  find<QAction>("editOrder")->trigger();
  ASSERT_EQ(steps().size(), 1);
  EXPECT_FALSE(find<QLabel>("rest")->isVisible());
  playTake("steady");
  EXPECT_TRUE(find<QLabel>("rest")->isVisible());
  EXPECT_TRUE(find<QLabel>("rest")->text().contains("10 s"));
  const Reading held = find<FiguresView>("figures")->readings().front();
  EXPECT_EQ(held.id(), "held_s");
  EXPECT_EQ(held.low, 5.0);  // the card's seconds, not the field's
  for (int i = 0; i < 3; ++i) playTake("steady");
  EXPECT_TRUE(find<QLabel>("message")->text().contains("enough"));
}

TEST_F(WindowTest, EveryControlHasANameAndNothingIsWiderThanTheSmallWindow) {
  openWindow();
  addStudent("Ada", "euphonium-treble");
  window_->resize(1024, 700);
  QTest::qWait(50);
  EXPECT_LE(window_->width(), 1024);
  EXPECT_LE(window_->height(), 700);
  for (QWidget* widget : window_->findChildren<QWidget*>()) {
    if (!widget->isVisible() || widget->focusPolicy() == Qt::NoFocus ||
        widget->objectName().startsWith("qt_"))
      continue;
    QString name = widget->accessibleName();
    if (auto* button = qobject_cast<QAbstractButton*>(widget)) name += button->text();
    EXPECT_FALSE(name.isEmpty()) << widget->metaObject()->className() << " "
                                 << widget->objectName().toStdString();
  }
}

TEST_F(WindowTest, EveryExportIsWritten) {
  openWindow();
  addStudent("Ada", "flute");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  const auto samples = sounds::noise(0.1, 0.1);
  for (const char* ending : {"wav", "flac", "json", "csv", "png", "svg"}) {
    const QString file = folder_.filePath(QString("take.") + ending);
    EXPECT_EQ(exportTake(file, *window_->shownSnapshot(), samples, 48000), QString()) << ending;
    EXPECT_GT(QFileInfo(file).size(), 500) << ending;
  }
  EXPECT_FALSE(exportTake(folder_.filePath("take.doc"), *window_->shownSnapshot(), samples, 48000).isEmpty());
  EXPECT_FALSE(exportTake("/no/such/place/take.png", *window_->shownSnapshot(), samples, 48000).isEmpty());
}

TEST(RibbonScale, MapsTimesAndCentsThereAndBack) {
  RibbonScale scale;
  scale.area = QRectF(50, 20, 600, 300);
  scale.from_s = 1.0;
  scale.to_s = 7.0;
  EXPECT_DOUBLE_EQ(scale.x(1.0), 50.0);
  EXPECT_DOUBLE_EQ(scale.x(7.0), 650.0);
  EXPECT_DOUBLE_EQ(scale.time(scale.x(3.3)), 3.3);
  EXPECT_DOUBLE_EQ(scale.y(scale.lowCents), 320.0);
  EXPECT_DOUBLE_EQ(scale.cents(scale.y(-17.0)), -17.0);
  EXPECT_GT(scale.halfThickness(-20), scale.halfThickness(-40));
  EXPECT_GT(scale.halfThickness(-90), 0.0);
}

TEST(RibbonScale, AxisStepsAreRoundAndAboutAsManyAsWanted) {
  EXPECT_DOUBLE_EQ(axisStep(100, 6), 20.0);
  EXPECT_DOUBLE_EQ(axisStep(10, 10), 1.0);
  EXPECT_DOUBLE_EQ(axisStep(0.7, 10), 0.1);
}

TEST_F(WindowTest, TheMirrorIsThereWhileItIsWantedAndKeepsNothing) {
  openWindow();
  addStudent("Ada", "oboe");
  const auto files = [this] {
    return std::distance(std::filesystem::recursive_directory_iterator(folder_.path().toStdString()), {});
  };
  const auto before = files();
  auto* mirror = window_->findChild<Mirror*>();
  EXPECT_FALSE(mirror->isOn());
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_X);
  ASSERT_TRUE(mirror->isOn());
  EXPECT_TRUE(find<QAction>("mirror")->isChecked());
  const QImage first = mirror->seen();
  ASSERT_FALSE(first.isNull());
  EXPECT_TRUE(QTest::qWaitFor([&] { return mirror->seen() != first; })) << "it moves";
  EXPECT_EQ(first.pixelColor(first.width() / 2, 5), first.pixelColor(5, 5)) << "nothing over the head";
  const QImage shown = mirror->grab().toImage();
  int light = 0;
  for (int y = 0; y < shown.height() / 4; ++y)
    for (int x = shown.width() * 3 / 4; x < shown.width(); ++x)
      light += shown.pixelColor(x, y) == style::attention;
  EXPECT_GT(light, 10) << "a light says that it is on";
  EXPECT_EQ(files(), before);
  window_->findChild<Rail*>()->choose(1);
  EXPECT_FALSE(mirror->isOn()) << "who does not see it is not seen";
  EXPECT_TRUE(mirror->seen().isNull());
  window_->findChild<Rail*>()->choose(0);
  EXPECT_FALSE(mirror->isOn()) << "it does not come on by itself";
}

}  // namespace
}  // namespace calando
