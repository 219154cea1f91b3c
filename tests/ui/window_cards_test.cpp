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
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/words/note_names.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "ui/window_fixture.h"

namespace calando {
namespace {

TEST_F(WindowTest, ACountedExerciseIsJudgedNoteByNote) {
  openWindow();
  addStudent("Ada", "clarinet-bb");
  auto* lesson = find<QListWidget>("lesson");
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_N);
  ASSERT_EQ(lesson->currentItem()->text(), "Scale tones, 4 on, 4 off");
  type("note", "C5");
  find<QDoubleSpinBox>("tempo")->setValue(120);
  playTake("flat-steady");
  const auto snapshot = window_->shownSnapshot();
  ASSERT_NE(snapshot, nullptr);
  EXPECT_EQ(figure("missing"), 0.0);
  EXPECT_NEAR(figure("offset_cents"), -24.0, 2.0);
  auto* table = find<CueTable>("cues");
  ASSERT_EQ(table->rowCount(), 8);
  EXPECT_EQ(table->item(0, 0)->text(), "C5");
  EXPECT_EQ(table->item(7, 0)->text(), "C6");
  // Counted in: 120 beats a minute, eight beats from note to note.
  EXPECT_NEAR(snapshot->analysis.cues[2].start_s - snapshot->analysis.cues[0].start_s, 4.0, 1e-9);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_T);
  table->setCurrentCell(3, 0);
  const auto [from, to] = find<TakeView>("ribbon")->selection();
  EXPECT_NEAR(from, snapshot->analysis.cues[6].start_s, 1e-9);
  EXPECT_NEAR(to, snapshot->analysis.cues[6].end_s, 1e-9);
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
  chooseStep("in-4-out-4");  // is in the next order too, and not at its beginning
  chooseOrder("First lesson");
  EXPECT_EQ(currentStep(), steps().at(0)->text());
  EXPECT_EQ(steps().at(0)->text(), "Loosening");
  chooseStudent(0);
  EXPECT_EQ(steps().at(0)->text(), "One steady tone");
  find<QDoubleSpinBox>("seconds")->setValue(3);
  playTake("steady");
  EXPECT_TRUE(steps().at(0)->toolTip().contains("1 of 1 were good"));
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
    EXPECT_EQ(targets->item(1, 0)->text(), "Length against the count, beats");
    targets->item(1, 1)->setText("-0.25");
    targets->item(1, 2)->setText("0.25");
    ASSERT_TRUE(save->isEnabled()) << editor.findChild<QLabel*>("cardError")->text().toStdString();
    QTest::mouseClick(save, Qt::LeftButton);
  });
  EXPECT_EQ(find<QListWidget>("lesson")->currentItem()->text(), "Two notes, long");
  playTake("steady");
  const Snapshot& take = *window_->shownSnapshot();
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
  EXPECT_EQ(window_->shownSnapshot()->sheet.cues.size(), 3u);
  editCard("Two notes, long", [](CardEditor& editor) {
    QTest::mouseClick(editor.findChild<QPushButton*>("eraseCard"), Qt::LeftButton);
  });
  EXPECT_TRUE(find<QListWidget>("lesson")->findItems("Two notes, long", Qt::MatchExactly).empty());
  // The take is still what it was.
  find<QListWidget>("shelf")->setCurrentRow(-1);
  find<QListWidget>("shelf")->setCurrentRow(0);
  ASSERT_TRUE(settle());
  EXPECT_EQ(window_->shownSnapshot()->context.exercise->title, "Two notes, long");
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

TEST_F(WindowTest, ATypedNoteComesBackAsTypedAndOthersAsTheSettingSays) {
  openWindow();
  addStudent("Ada", "trumpet-bb");
  const auto typed = [&](const char* text) {
    find<QLineEdit>("note")->selectAll();
    type("note", text);
    return find<QLineEdit>("note")->text();
  };
  EXPECT_EQ(typed("F#4"), "F♯4");
  EXPECT_EQ(typed("Gb4"), "G♭4");
  EXPECT_EQ(typed("F#4"), "F♯4");
  auto* accidentals = find<QComboBox>("accidentals");
  accidentals->setCurrentIndex(1);
  emit accidentals->activated(1);
  window_->parts().request.edit([](TakeRequest& wish) { wish.note = 70; });
  EXPECT_EQ(find<QLineEdit>("note")->text(), "A♯4");
  accidentals->setCurrentIndex(0);
  emit accidentals->activated(0);
  EXPECT_EQ(find<QLineEdit>("note")->text(), "B♭4");
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
  EXPECT_EQ(window_->shownSnapshot()->context.asked, std::vector<int>{71});
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
  playTake("sagging");  // there is something to try
  EXPECT_FALSE(find<QToolButton>("howWasIt")->isChecked());
  playTake("steady");
  EXPECT_NEAR(figure("held_more_s"), figure("held_s") - first, 1e-6);
  // What was to be tried after the take before was tried in this one, and it felt fair.
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_Y);
  QTest::keyClick(find<TakeView>("ribbon"), Qt::Key_K);
  EXPECT_TRUE(find<QToolButton>("tried")->isChecked());
  EXPECT_TRUE(find<QToolButton>("howWasIt")->isChecked()) << "a key opens it";
  EXPECT_TRUE(find<QToolButton>("howWasIt")->text().contains("fair"));
  playTake("steady");  // still against the first, the longest
  EXPECT_NEAR(figure("held_more_s"), figure("held_s") - first, 1e-6);
  auto studio = Studio::open(folder_.path().toStdString());
  const auto takes = *studio->takes.of(studio->students.all()->front().id);
  ASSERT_EQ(takes.size(), 4u);
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
  EXPECT_EQ(window_->shownSnapshot()->context.fingering->name, "12");
  EXPECT_EQ(window_->shownSnapshot()->analysis.tones.front().notes.front().partial, 2);
  EXPECT_TRUE(find<QLabel>("advice")->text().contains("the tone gets softer"));
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

}  // namespace
}  // namespace calando
