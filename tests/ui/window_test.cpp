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
#include "app/words/note_names.h"
#include "core/library/cards.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

TEST_F(WindowTest, FromTheFirstStartToAJudgedTakeThatIsStillThereTomorrow) {
  openWindow();
  EXPECT_FALSE(find<QPushButton>("record")->isChecked());
  addStudent("Ada", "trumpet-bb");
  ASSERT_EQ(find<QListWidget>("students")->count(), 1);
  type("note", "G4");
  EXPECT_EQ(find<StaffView>("staff")->note(), parseNote("G4"));
  find<QDoubleSpinBox>("seconds")->setValue(5);
  playTake("flat-steady");
  ASSERT_NE(window_->shownPicture(), nullptr);
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
  EXPECT_EQ(session.request.support(), RequestEditor::AccompanimentKind::partner);
  session.session.toggle();
  settle();
  const auto picture = session.shown.picture();
  ASSERT_TRUE(picture && picture->analysis.pair);
  EXPECT_TRUE(picture->analysis.pair->lock_s);
  EXPECT_EQ(picture->analysis.pair->moved, Moved::second);
  // What sounded stays with the take, whatever is wished for afterwards.
  const auto partner = session.book.takes().front().asked.accompaniment.partner;
  ASSERT_TRUE(partner);
  session.request.edit([](TakeRequest& wish) { wish.a4_hz = 445.0; });
  settle();
  EXPECT_EQ(session.book.takes().front().asked.accompaniment.partner, partner);
  EXPECT_NEAR(*session.shown.picture()->analysis.pair->first_hz, partner->hz, 1e-6);
  // Without one, two are listened for, and the stand-in is alone.
  session.request.setSupport(RequestEditor::AccompanimentKind::flash);
  session.session.toggle();
  settle();
  EXPECT_FALSE(session.book.takes().front().asked.accompaniment.partner);
  EXPECT_FALSE(session.shown.picture()->analysis.pair);
  // A card for one has no partner to offer.
  chooseStep("steady-tone");
  EXPECT_EQ(session.request.support(), RequestEditor::AccompanimentKind::flash);
}

TEST_F(WindowTest, TheReckonerReckonsBothWaysAndTakesItsNoteIntoTheLesson) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  QTest::keyClick(window_.get(), Qt::Key_5, Qt::AltModifier);
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
  // What cannot be is said, and nothing else changes.
  type(counts, "x");
  EXPECT_EQ(seconds->text(), "4.00");
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
  EXPECT_TRUE(find<QListWidget>("shelf")->item(0)->text().contains("veto"));
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
  auto* order = find<QPushButton>("editOrder");
  QTimer::singleShot(0, [] {
    QWidget* dialog = QApplication::activeModalWidget();
    ASSERT_NE(dialog, nullptr);
    auto* cards = dialog->findChild<QListWidget*>("orderCards");
    for (int i = 0; i < cards->count(); ++i)
      cards->item(i)->setCheckState(cards->item(i)->text().startsWith("5 seconds") ? Qt::Checked
                                                                                   : Qt::Unchecked);
    QTest::mouseClick(dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
  });
  QTest::mouseClick(order, Qt::LeftButton);
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
    EXPECT_EQ(exportTake(file, *window_->shownPicture(), samples, 48000), QString()) << ending;
    EXPECT_GT(QFileInfo(file).size(), 500) << ending;
  }
  EXPECT_FALSE(exportTake(folder_.filePath("take.doc"), *window_->shownPicture(), samples, 48000).isEmpty());
  EXPECT_FALSE(exportTake("/no/such/place/take.png", *window_->shownPicture(), samples, 48000).isEmpty());
}

TEST_F(WindowTest, ACountedExerciseIsJudgedNoteByNote) {
  openWindow();
  addStudent("Ada", "clarinet-bb");
  auto* lesson = find<QListWidget>("lesson");
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_N);
  ASSERT_EQ(lesson->currentItem()->text(), "Scale tones, 4 on, 4 off");
  type("note", "C5");
  find<QDoubleSpinBox>("tempo")->setValue(120);
  playTake("flat-steady");
  const auto picture = window_->shownPicture();
  ASSERT_NE(picture, nullptr);
  EXPECT_EQ(figure("missing"), 0.0);
  EXPECT_NEAR(figure("offset_cents"), -24.0, 2.0);
  auto* table = find<CueTable>("cues");
  ASSERT_EQ(table->rowCount(), 8);
  EXPECT_EQ(table->item(0, 0)->text(), "C5");
  EXPECT_EQ(table->item(7, 0)->text(), "C6");
  // Counted in: 120 beats a minute, eight beats from note to note.
  EXPECT_NEAR(picture->analysis.cues[2].start_s - picture->analysis.cues[0].start_s, 4.0, 1e-9);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_T);
  table->setCurrentCell(3, 0);
  const auto [from, to] = find<TakeView>("ribbon")->selection();
  EXPECT_NEAR(from, picture->analysis.cues[6].start_s, 1e-9);
  EXPECT_NEAR(to, picture->analysis.cues[6].end_s, 1e-9);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_6);

  // No other key of the window takes the ribbon's own.
  const auto span = [&] {
    const auto [start, end] = find<TakeView>("ribbon")->window();
    return end - start;
  };
  const double whole = span();
  for (const Qt::Key key : {Qt::Key_Plus, Qt::Key_Plus, Qt::Key_Minus})
    QTest::keyClick(find<TakeView>("ribbon"), key);
  EXPECT_NEAR(span(), 0.7 * whole, 0.05 * whole);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_0);
  EXPECT_NEAR(span(), whole, 1e-9);

  openWindow();
  ASSERT_EQ(find<CueTable>("cues")->rowCount(), 8);
  EXPECT_NEAR(find<QDoubleSpinBox>("tempo")->value(), 120.0, 1e-9);
  auto studio = Studio::open(folder_.path().toStdString());
  EXPECT_EQ(studio->takes.of(studio->students.all()->front().id)->front().attention, Attention::count);
}

TEST_F(WindowTest, TheRunningOrderIsTheStudentsOwnAndStepsShowTheirLastResult) {
  openWindow();
  addStudent("Ada", "flute");
  addStudent("Ben", "oboe");
  auto* templates = find<QComboBox>("lessonTemplate");
  templates->setCurrentIndex(templates->findText("First lesson"));
  emit templates->activated(templates->currentIndex());
  EXPECT_EQ(steps().at(0)->text(), "Loosening");
  chooseStudent(0);
  EXPECT_EQ(steps().at(0)->text(), "One steady tone");
  find<QDoubleSpinBox>("seconds")->setValue(3);
  playTake("steady");
  EXPECT_TRUE(steps().at(0)->toolTip().contains("1 good of the last 1"));
  chooseStudent(1);
  EXPECT_EQ(steps().at(0)->text(), "Loosening");
}

TEST_F(WindowTest, ACardIsChangedIntoAnOwnOneAndTheOneThatShipsStays) {
  openWindow();
  addStudent("Ada", "oboe");
  editCard("Scale tones, 4 on", [](CardEditor& editor) {
    auto* title = editor.findChild<QLineEdit*>("cardTitle");
    title->setText("Two notes, long");
    editor.findChild<QDoubleSpinBox*>("cardTempo")->setValue(120);
    editor.findChild<QComboBox*>("cardGenerator")->setCurrentIndex(0);
    auto* save = editor.findChild<QPushButton*>("saveCard");
    // What cannot be is said, and cannot be kept: "each" without anything that repeats it.
    EXPECT_FALSE(save->isEnabled());
    EXPECT_TRUE(editor.findChild<QLabel*>("cardError")->text().contains("each"));
    auto* cues = editor.findChild<QTableWidget*>("cardCues");
    static_cast<QComboBox*>(cues->cellWidget(0, 3))->setEditText("home");
    EXPECT_TRUE(save->isEnabled());
    QTest::mouseClick(editor.findChild<QPushButton*>("addCue"), Qt::LeftButton);
    static_cast<QComboBox*>(cues->cellWidget(2, 3))->setEditText("interval 2");
    // The loudness of the third cue is drawn: softer at its start.
    auto* preview = editor.findChild<SheetPreview*>();
    const CueSheet& sheet = preview->sheet();
    const double all_s = sheet.countIn_s() + sheet.length_s();
    const double third = 4 + (sheet.countIn_s() + sheet.cues[2].start_s) / all_s * (preview->width() - 8);
    QTest::mouseClick(preview, Qt::LeftButton, {}, QPoint(static_cast<int>(third) + 2, 48 + 18));
    EXPECT_NEAR(sheet.cues[2].loudness.at(0).value, -6.0, 1.0);
    EXPECT_TRUE(sheet.cues[0].loudness.empty());
    // Its pitch begins a quarter of the way down from the top.
    QTest::mouseClick(editor.findChild<QPushButton*>("drawPitch"), Qt::LeftButton);
    QTest::mouseClick(preview, Qt::LeftButton, {}, QPoint(static_cast<int>(third) + 2, 48 + 18));
    EXPECT_NEAR(sheet.cues[2].pitch.at(0).value, 150.0, 10.0);
    EXPECT_EQ(sheet.cues[2].loudness.size(), 2u);
    auto* targets = editor.findChild<QTableWidget*>("cardTargets");
    EXPECT_EQ(targets->item(1, 0)->text(), "Length off, beats");
    targets->item(1, 1)->setText("-0.25");
    targets->item(1, 2)->setText("0.25");
    ASSERT_TRUE(save->isEnabled()) << editor.findChild<QLabel*>("cardError")->text().toStdString();
    QTest::mouseClick(save, Qt::LeftButton);
  });
  EXPECT_EQ(find<QListWidget>("lesson")->currentItem()->text(), "Two notes, long");
  playTake("steady");
  const Snapshot& take = *window_->shownPicture();
  ASSERT_EQ(take.sheet.cues.size(), 3u);
  EXPECT_DOUBLE_EQ(take.sheet.beat_s, 0.5);
  EXPECT_EQ(*take.sheet.cues[2].note - *take.sheet.cues[0].note, 2);
  EXPECT_EQ(take.sheet.cues[2].loudness.size(), 2u);
  EXPECT_EQ(take.sheet.cues[2].pitch.size(), 2u);
  EXPECT_TRUE(take.analysis.cues[2].pitch.path_error_cents);
  const auto reading = std::ranges::find(take.analysis.readings, "length_error_beats", &Reading::id);
  EXPECT_EQ(reading->high, 0.25);
  EXPECT_EQ(findExercise("scale-4-4")->tempo_bpm, 60.0);

  openWindow();
  EXPECT_EQ(find<QListWidget>("lesson")->currentItem()->text(), "Two notes, long");
  EXPECT_EQ(window_->shownPicture()->sheet.cues.size(), 3u);
  editCard("Two notes, long", [](CardEditor& editor) {
    QTest::mouseClick(editor.findChild<QPushButton*>("eraseCard"), Qt::LeftButton);
  });
  EXPECT_TRUE(find<QListWidget>("lesson")->findItems("Two notes, long", Qt::MatchExactly).empty());
  // The take is still what it was.
  find<QListWidget>("shelf")->setCurrentRow(-1);
  find<QListWidget>("shelf")->setCurrentRow(0);
  ASSERT_TRUE(settle());
  EXPECT_EQ(window_->shownPicture()->context.exercise->title, "Two notes, long");
}

TEST_F(WindowTest, EveryCardLeavesTheEditorAsItCameAndGrowthAndPartnerAreSet) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  for (const Exercise& card : exercises()) {
    CardEditor editor(card, true, contextFor(window_->parts().request.asked()));
    editor.accept();
    EXPECT_EQ(toText(editor.card()), toText(card));
  }
  CardEditor editor(*findExercise("steady-tone"), false, contextFor(window_->parts().request.asked()));
  const auto choose = [&](const char* name, const char* text) {
    auto* box = editor.findChild<QComboBox*>(name);
    ASSERT_GE(box->findText(text), 0) << text;
    box->setCurrentIndex(box->findText(text));
  };
  auto* save = editor.findChild<QPushButton*>("saveCard");
  auto* steps = editor.findChild<QLineEdit*>("growsSteps");
  choose("growsWhat", "seconds of a tone");
  for (const char* wrong : {"", "4 3", "4 five", "0 4"}) {
    steps->setText(wrong);
    EXPECT_FALSE(save->isEnabled()) << wrong;
    EXPECT_FALSE(editor.findChild<QLabel*>("cardError")->text().isEmpty()) << wrong;
  }
  steps->setText("4  7.5 12");
  choose("cardThen", "One level line");
  auto* cues = editor.findChild<QTableWidget*>("cardCues");
  EXPECT_TRUE(cues->isColumnHidden(6));
  choose("cardWith", "with a partner");
  EXPECT_FALSE(cues->isColumnHidden(6));
  editor.findChild<QDoubleSpinBox*>("pairSemitones")->setValue(7);
  editor.findChild<QDoubleSpinBox*>("pairOff")->setValue(-5);
  static_cast<QComboBox*>(cues->cellWidget(0, 6))->setCurrentIndex(2);
  ASSERT_TRUE(save->isEnabled()) << editor.findChild<QLabel*>("cardError")->text().toStdString();
  editor.accept();
  EXPECT_EQ(editor.card().grows.steps, (std::vector{4.0, 7.5, 12.0}));
  EXPECT_EQ(findExercise(editor.card().then)->title, "One level line");
  ASSERT_TRUE(editor.card().pair);
  EXPECT_EQ(editor.card().pair->semitones, 7.0);
  EXPECT_EQ(editor.card().pair->off_cents, -5.0);
  EXPECT_EQ(editor.card().cues[0].who, Who::player);
}

TEST_F(WindowTest, OnASmallScreenTheFieldsStandInOneRow) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  chooseStep("home-two");
  const auto heightOf = [&](QWidget* field) { return field->mapTo(window_.get(), QPoint()).y(); };
  for (const QSize size : {QSize(1024, 700), QSize(1280, 800)}) {
    window_->resize(size);
    QTest::qWait(30);
    EXPECT_EQ(heightOf(find<QComboBox>("level")), heightOf(find<QLineEdit>("note"))) << size.width();
    EXPECT_GE(find<QDoubleSpinBox>("tempo")->width(),
              find<QDoubleSpinBox>("tempo")->minimumSizeHint().width());
  }
}

TEST_F(WindowTest, NotesHaveTheNamesThatTheTeacherChoseAndAreReadInThem) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  type("note", "Bb4");
  auto* names = find<QComboBox>("noteNames");
  names->setCurrentIndex(names->findText("H", Qt::MatchEndsWith));
  emit names->activated(names->currentIndex());
  EXPECT_EQ(find<QLineEdit>("note")->text(), "B4");
  EXPECT_GE(find<QComboBox>("temperament")->findText("just on H"), 0);
  EXPECT_TRUE(
      window_->findChild<HeadStrip*>()->chooser().accessibleDescription().endsWith("written C sounds B"));
  chooseStep("home-two");
  find<QLineEdit>("note")->selectAll();
  type("note", "H4");
  find<QDoubleSpinBox>("tempo")->setValue(160);
  playTake("steady");
  EXPECT_EQ(window_->shownPicture()->context.asked, std::vector<int>{71});
  EXPECT_EQ(find<CueTable>("cues")->item(0, 0)->text(), "H4");
  EXPECT_EQ(find<CueTable>("cues")->item(1, 0)->text(), "Cis5");
  editCard("Home note returning, two", [](CardEditor& editor) {
    auto* cues = editor.findChild<QTableWidget*>("cardCues");
    const auto note = [&](int row) { return static_cast<QComboBox*>(cues->cellWidget(row, 3)); };
    note(0)->setEditText("Es4");
    note(2)->setEditText("B4");
    note(4)->setEditText("interval -2");
    QTest::mouseClick(editor.findChild<QPushButton*>("saveCard"), Qt::LeftButton);
  });
  const auto own = window_->parts().lesson.current();
  EXPECT_EQ(own->cues[0].note.value, 63);
  EXPECT_EQ(own->cues[2].note.value, 70);
  EXPECT_EQ(own->cues[4].note.kind, CueNote::Kind::interval);
  EXPECT_NE(toText(*own).find("\"Bb4\""), std::string::npos);  // a card is the same in every language
  editCard("Home note returning, two notes, own", [](CardEditor& editor) {
    auto* cues = editor.findChild<QTableWidget*>("cardCues");
    EXPECT_EQ(static_cast<QComboBox*>(cues->cellWidget(0, 3))->currentText(), "Es4");
    editor.reject();
  });
  find<QListWidget>("shelf")->setCurrentRow(-1);
  find<QListWidget>("shelf")->setCurrentRow(0);
  ASSERT_TRUE(settle());
  openWindow();  // as chosen, the next time too
  EXPECT_EQ(find<QLineEdit>("note")->text(), "H4");
  setNoteLanguage(NoteLanguage::english);
}

TEST_F(WindowTest, ExercisesKeepToTheStudentsRange) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  whenOpen<QDialog>([](QDialog& dialog) {
    const auto type = [&](const char* field, const char* text) {
      auto* edit = dialog.findChild<QLineEdit*>(field);
      edit->clear();
      QTest::keyClicks(edit, text);
    };
    auto* ok = dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
    for (const auto& [low, high, good] :
         {std::tuple{"H9", "", false}, {"G4", "C4", false}, {"", "D5", true}, {"C4", "E4", true}}) {
      type("studentLowest", low);
      type("studentHighest", high);
      EXPECT_EQ(ok->isEnabled(), good) << low << " to " << high;
    }
    QTest::mouseClick(ok, Qt::LeftButton);
  });
  QTest::mouseClick(find<QPushButton>("editStudent"), Qt::LeftButton);
  chooseStep("scale-4-4");
  type("note", "C4");
  find<QDoubleSpinBox>("tempo")->setValue(160);
  playTake("steady");
  EXPECT_EQ(find<CueTable>("cues")->rowCount(), 3);
  EXPECT_EQ(figure("missing"), 0.0);
  // What was asked for stays with the take.
  openWindow();
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<CueTable>("cues")->rowCount(), 3);
}

TEST_F(WindowTest, AStepAgainstTheBestIsHeldAgainstTheLongestTakeBefore) {
  openWindow();
  addStudent("Ada", "oboe");
  chooseStep("against-best");
  find<QDoubleSpinBox>("seconds")->setValue(4);
  playTake("steady");
  EXPECT_EQ(figure("held_more_s"), -999.0);  // nothing to be held against yet
  const double first = figure("held_s");
  EXPECT_FALSE(find<QToolButton>("tried")->isChecked());
  find<QDoubleSpinBox>("seconds")->setValue(2);
  playTake("steady");
  EXPECT_NEAR(figure("held_more_s"), figure("held_s") - first, 1e-6);
  // What was to be tried after the take before was tried in this one, and it felt fair.
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Y);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_K);
  EXPECT_TRUE(find<QToolButton>("tried")->isChecked());
  playTake("steady");  // still against the first, the longest
  EXPECT_NEAR(figure("held_more_s"), figure("held_s") - first, 1e-6);
  auto studio = Studio::open(folder_.path().toStdString());
  const auto takes = *studio->takes.of(studio->students.all()->front().id);
  ASSERT_EQ(takes.size(), 3u);
  EXPECT_FALSE(takes[1].tried.empty());
  EXPECT_EQ(takes[1].comfort, Comfort::fair);
  EXPECT_TRUE(takes[0].tried.empty());
}

// Partials of a tube that is chosen, what was held in a map of reach, and fingerings that are logged.
TEST_F(WindowTest, PartialsReachAndFingeringsAreExplored) {
  openWindow();
  addStudent("Ada", "horn-f");
  auto* ribbon = find<TakeView>("ribbon");
  chooseStep("stairs-3");
  auto* fingering = find<QComboBox>("fingering");
  EXPECT_EQ(fingering->currentText(), "open");
  EXPECT_FALSE(find<QLineEdit>("note")->isVisible());
  fingering->setCurrentIndex(fingering->findText("1 2"));
  find<QDoubleSpinBox>("tempo")->setValue(120);
  playTake("slurs-dip");
  EXPECT_EQ(window_->shownPicture()->context.fingering->name, "12");
  EXPECT_EQ(window_->shownPicture()->analysis.tones.front().notes.front().partial, 2);
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("the tone sinks by"));
  openWindow();
  ASSERT_TRUE(settle());
  EXPECT_EQ(find<QComboBox>("fingering")->currentText(), "1 2");

  chooseStep("soft-reach");
  find<QDoubleSpinBox>("seconds")->setValue(3);
  playTake("steady");
  ribbon = find<TakeView>("ribbon");
  QTest::keyClick(ribbon, Qt::Key_T);
  auto* reach = find<ReachChart>("reach");
  EXPECT_TRUE(reach->isVisible());

  chooseStep("fingering-search");
  find<QDoubleSpinBox>("seconds")->setValue(2);
  fingering = find<QComboBox>("fingering");
  ASSERT_TRUE(fingering->isEditable());
  for (const char* tried : {"thumb 2", "open", "thumb 2"}) {
    fingering->lineEdit()->setFocus();
    fingering->lineEdit()->setText(tried);
    QTest::keyClick(fingering->lineEdit(), Qt::Key_Return);
    playTake("steady");
  }
  auto* table = find<FingeringTable>("fingerings");
  ASSERT_EQ(table->rowCount(), 2);
  EXPECT_EQ(table->item(0, 0)->text(), "thumb 2");
  EXPECT_EQ(table->item(0, 1)->text(), "2 of 2");
  EXPECT_EQ(fingering->count(), 2);  // those used before
}

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
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("while the air goes on. Firmer corners"));
  ASSERT_TRUE(seen->isVisible());
  QTest::keyClick(ribbon, Qt::Key_V);
  EXPECT_EQ(find<QLabel>("often")->text(), "right in 1 of 1");
  playTake("buzz-lips-part");
  QTest::keyClick(ribbon, Qt::Key_Y);
  QTest::keyClick(ribbon, Qt::Key_V);
  QTest::keyClick(ribbon, Qt::Key_V);  // it was not so
  EXPECT_EQ(find<QLabel>("often")->text(), "right in 1 of 2");
  EXPECT_TRUE(find<QLabel>("ledger")->text().contains("Firmer corners · Breaks, air on 3 → 3"))
      << find<QLabel>("ledger")->text().toStdString();
  playTake("buzz-lips-part");  // that did not help: the next one
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("Lips a little nearer together"));
  QTest::keyClick(ribbon, Qt::Key_Y);  // what was asked for before this take: still firmer corners
  openWindow();
  ASSERT_TRUE(settle());
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("Lips a little nearer together"));
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
  EXPECT_EQ(table->verticalHeaderItem(1)->text(), "Offset, cents");
  const QString second = table->item(1, 1)->text();  // 25 cents below the first
  EXPECT_TRUE(second.contains(QStringLiteral("(−25")) || second.contains(QStringLiteral("(−24")))
      << second.toStdString();
  EXPECT_EQ(open->findChild<QToolButton*>("byCue"), nullptr);  // one note: nothing to lay under one another
  open->close();
  delete open;

  CompareView* blind = compared(Qt::ShiftModifier);
  ASSERT_NE(blind, nullptr);
  EXPECT_TRUE(blind->hidden());
  EXPECT_FALSE(blind->findChild<QTableWidget*>()->isVisible());
  auto* verdict = blind->findChild<QLabel*>("why");
  auto* when = blind->findChild<QPushButton*>("whenWere");
  QTest::keyClick(blind, Qt::Key_PageDown);
  EXPECT_FALSE(blind->hidden());
  EXPECT_TRUE(blind->findChild<QTableWidget*>()->isVisible()) << "the figures first";
  EXPECT_EQ(verdict->text(), "You would keep 2.");
  EXPECT_TRUE(when->isVisible());
  QTest::keyClick(blind, Qt::Key_1);  // chosen once
  QTest::keyClick(blind, Qt::Key_Space);
  EXPECT_FALSE(when->isVisible());
  EXPECT_TRUE(verdict->text().startsWith("You would keep 2.   1 was ")) << verdict->text().toStdString();
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
  EXPECT_TRUE(window_->shownPicture()->context.reference.just);
  EXPECT_LT(ink(), 30);
  QTest::keyClick(ribbon, Qt::Key_E);
  EXPECT_GT(ink(), 300);
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
  EXPECT_EQ(window_->shownPicture(), nullptr);
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
  EXPECT_EQ(window_->shownPicture(), nullptr);
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

}  // namespace
}  // namespace calando
