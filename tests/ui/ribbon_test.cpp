#include "ui/live_fixture.h"

namespace calando {
namespace {

std::shared_ptr<Snapshot> snapshotOf(const sounds::ToneSpec& spec) {
  auto snapshot = std::make_shared<Snapshot>();
  snapshot->tracks = trackAll(sounds::tone(spec), spec.rate_hz);
  snapshot->context = steadyTone();
  snapshot->analysis = analyse(snapshot->tracks, snapshot->context);
  return snapshot;
}

/// Pixels of a picture that are nearly of a colour.
int count(const QImage& image, const QColor& colour) {
  int n = 0;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) {
      const QColor c = image.pixelColor(x, y);
      n += std::abs(c.red() - colour.red()) + std::abs(c.green() - colour.green()) +
               std::abs(c.blue() - colour.blue()) <
           30;
    }
  return n;
}

TEST(Ribbon, IsThickerWhereItIsLouderAndTornWhereItBreaks) {
  const auto snapshot =
      snapshotOf({.f0_hz = 440, .seconds = 4.0, .before_s = 0.5, .after_s = 0.5, .amplitude = [](double t) {
                    return t < 2.0 ? 1.0 : t < 2.1 ? 0.0 : 0.1;
                  }});
  QImage image(500, 300, QImage::Format_RGB32);
  image.fill(style::sheet);
  QPainter painter(&image);
  const RibbonScale scale = fitScale(*snapshot, image.rect(), 0.0, 5.0);
  paintRibbon(painter, *snapshot, scale);
  painter.end();
  const auto thickness = [&](double t) {
    return count(image.copy(static_cast<int>(scale.x(t)), 0, 1, 300), style::pitch);
  };
  EXPECT_GT(thickness(1.5), 1.5 * thickness(3.5));
  EXPECT_GT(thickness(3.5), 2);
  EXPECT_EQ(thickness(2.55), 0);  // the break, half a second of silence before the tone
  EXPECT_EQ(thickness(0.2), 0);
}

TEST(Ribbon, NamesABreakWithinANoteButNoPauseBetweenTwoAndLetsNoWordsCoverOthers) {
  Snapshot snapshot;
  snapshot.tracks.duration_s = 6.0;
  Tone tone{};
  tone.start_s = 0.5, tone.end_s = 5.5;
  for (const auto& [from, to, written] : {std::tuple{0.5, 2.95, 67}, {3.05, 5.5, 69}}) {
    Note note{};
    note.start_s = from, note.end_s = to, note.written = written, note.target_hz = 440.0;
    tone.notes.push_back(note);
  }
  const auto ink = [&](std::vector<Dropout> breaks) {
    tone.dropouts = std::move(breaks);
    snapshot.analysis.tones = {tone};
    QImage image(600, 300, QImage::Format_RGB32);
    image.fill(style::sheet);
    QPainter painter(&image);
    paintRibbonEvents(painter, snapshot, fitScale(snapshot, image.rect(), 0.0, 6.0));
    painter.end();
    return count(image, style::attention);
  };
  const int none = ink({});
  const int one = ink({{1.5, 0.1}}) - none;
  EXPECT_EQ(ink({{2.95, 0.1}}), none);
  EXPECT_GT(one, 100);
  // Two close together: both are told, one a line higher, none of their words lost.
  EXPECT_NEAR(ink({{1.4, 0.1}, {1.6, 0.1}}) - none, 2 * one, 0.15 * one);
}

/// Twenty labels would lie over the line; of many there is a tick each, and one line of words for all.
TEST(Ribbon, ManyBreaksAreTicksAndOneLineOfWords) {
  const auto inkAt = [](int breaks, int from, int to) {
    Snapshot snapshot;
    snapshot.context = steadyTone();
    Tone tone{};
    tone.start_s = 0.5;
    tone.end_s = 9.5;
    for (int i = 0; i < breaks; ++i) {
      Dropout d{};
      d.at_s = 0.6 + 8.7 * i / breaks;
      d.length_s = 0.04 + 0.001 * i;
      tone.dropouts.push_back(d);
    }
    snapshot.analysis.tones = {tone};
    QImage image(600, 300, QImage::Format_RGB32);
    image.fill(style::sheet);
    QPainter painter(&image);
    paintRibbonEvents(painter, snapshot, fitScale(snapshot, image.rect(), 0.0, 10.0));
    painter.end();
    return count(image.copy(0, from, 600, to - from), style::attention);
  };
  for (const int many : {5, 22, 50}) {
    EXPECT_EQ(inkAt(many, 0, 250), 0) << "nothing over the line";
    EXPECT_GE(inkAt(many, 292, 300), 2 * many) << "a tick each";
    EXPECT_GT(inkAt(many, 255, 289), 100) << "the words";
  }
  EXPECT_GT(inkAt(3, 255, 300), inkAt(1, 255, 300)) << "few are named one by one";
}

TEST(Ribbon, HiddenShowsNothingOfThePitch) {
  TakeView view;
  view.resize(800, 500);
  view.setSnapshot(snapshotOf({.f0_hz = 440, .seconds = 2.0, .before_s = 0.3, .after_s = 0.3}));
  EXPECT_GT(count(view.grab().toImage(), style::pitch), 2000);
  view.setHidden(true);
  EXPECT_LT(count(view.grab().toImage(), style::pitch), 50);
}

TEST(Ribbon, ZoomAndPanStayWithinTheTake) {
  TakeView view;
  view.resize(800, 500);
  view.setSnapshot(snapshotOf({.f0_hz = 440, .seconds = 2.0, .before_s = 0.3, .after_s = 0.3}));
  view.zoom(0.25, 1.0);
  const auto [from, to] = view.window();
  EXPECT_LT(to - from, 0.7);
  EXPECT_LT(from, 1.0);
  EXPECT_GT(to, 1.0);
  for (int i = 0; i < 50; ++i) view.pan(1.0);
  EXPECT_NEAR(view.window().second, 2.6, 0.01);
  for (int i = 0; i < 50; ++i) QTest::keyClick(&view, Qt::Key_Minus);
  EXPECT_NEAR(view.window().second - view.window().first, 2.6, 0.01);
  for (int i = 0; i < 50; ++i) QTest::keyClick(&view, Qt::Key_Plus);
  EXPECT_NEAR(view.window().second - view.window().first, 0.2, 0.01);
}

TEST(Ribbon, OfCuesIsHeldAgainstEachNotesOwnMiddle) {
  // Two notes a fifth apart, the second 20 cents flat: on one axis, not on a staircase.
  Context context = steadyTone();
  context.exercise = findExercise("home-two");
  context.asked = {60};
  auto samples = sounds::tone({.f0_hz = 261.63, .seconds = 3.9, .before_s = 0.5, .after_s = 0.1});
  const auto second =
      sounds::tone({.f0_hz = 293.66 * std::exp2(-20.0 / 1200.0), .seconds = 3.9, .after_s = 0.5});
  samples.insert(samples.end(), second.begin(), second.end());
  Snapshot snapshot;
  snapshot.tracks = trackAll(samples, 48000);
  snapshot.context = context;
  snapshot.sheet = unroll(context);
  snapshot.analysis = analyse(snapshot.tracks, context);
  const RibbonScale scale = fitScale(snapshot, QRectF(0, 0, 600, 300), 0.0, 9.0);
  EXPECT_LT(scale.highCents - scale.lowCents, 150.0);
  EXPECT_NEAR(scale.targetAt(2.0).hz, 261.63, 0.01);
  EXPECT_NEAR(scale.targetAt(6.0).hz, 293.66, 0.01);
  ASSERT_TRUE(snapshot.cueAt(6.0));
  EXPECT_EQ(cueName(snapshot, *snapshot.cueAt(6.0)), "D4");
  EXPECT_FALSE(snapshot.cueAt(-5.0));
}

TEST(Ribbon, ClicksThatLeakIntoTheMicrophoneDoNotWidenItsScale) {
  Snapshot snapshot;
  snapshot.context = steadyTone();
  const double asked = ribbonTarget(snapshot);
  auto& frames = snapshot.tracks.frames;
  frames.resize(800);
  for (std::size_t i = 0; i < frames.size(); ++i)
    frames[i].f0_hz = i % 100 < 6                               ? 1900.0f
                      : i > 500 && i % 100 > 30 && i % 100 < 90 ? static_cast<float>(asked)
                                                                : 0.0f;
  snapshot.tracks.duration_s = 8.0;
  const RibbonScale scale = fitScale(snapshot, QRectF(0, 0, 600, 300), 0.0, 8.0);
  EXPECT_NEAR(scale.highCents, 50.0, 1e-6);
  EXPECT_NEAR(scale.lowCents, -50.0, 1e-6);
}

TEST(Ribbon, ADragWithCtrlTakesTheMomentUnderThePointerAlong) {
  TakeView view;
  view.resize(800, 500);
  const SnapshotPtr take = snapshotOf({.f0_hz = 330.0, .seconds = 6.0});
  view.setSnapshot(take);
  view.zoom(0.4, 3.0);
  const QRectF area = pictureFor(*take).timeArea(*take, view.rect());
  const auto momentAt = [&](int x) {
    const auto [from, to] = view.window();
    return from + (x - area.left()) / area.width() * (to - from);
  };
  const double held = momentAt(500);
  QTest::mousePress(&view, Qt::LeftButton, Qt::ControlModifier, {500, 150});
  QTest::mouseMove(&view, {400, 150});
  QTest::mouseRelease(&view, Qt::LeftButton, Qt::ControlModifier, {400, 150});
  EXPECT_NEAR(momentAt(400), held, 1e-6);
  EXPECT_FALSE(view.hasSelection());
}

TEST(Ribbon, ADragMarksAPartAndAClickAPlace) {
  TakeView view;
  view.resize(800, 500);
  view.setSnapshot(snapshotOf({.f0_hz = 440, .seconds = 2.0, .before_s = 0.3, .after_s = 0.3}));
  double chosen = -1.0;
  QObject::connect(&view, &TakeView::placeChosen, [&](double t) { chosen = t; });
  QTest::mouseClick(&view, Qt::LeftButton, {}, QPoint(400, 150));
  EXPECT_GT(chosen, 0.5);
  EXPECT_FALSE(view.hasSelection());
  QTest::mousePress(&view, Qt::LeftButton, {}, QPoint(300, 150));
  QTest::mouseMove(&view, QPoint(500, 150));
  QTest::mouseRelease(&view, Qt::LeftButton, {}, QPoint(500, 150));
  EXPECT_TRUE(view.hasSelection());
  EXPECT_LT(view.selection().first, view.selection().second);
}

TEST(DrawnShape, PointsAreDrawnMovedAndTakenAway) {
  Shape curve = withPoint({}, 0.5, -6.2, 0.05, kDrawnLoudness);
  ASSERT_EQ(curve.size(), 3u);
  EXPECT_EQ(curve[1].share, 0.5);
  EXPECT_EQ(curve[1].value, -6.0);
  curve =
      withPoint(curve, 0.02, -40.0, 0.05, kDrawnLoudness);  // the end's own, and no deeper than there is room
  EXPECT_EQ(curve.size(), 3u);
  EXPECT_EQ(curve[0].share, 0.0);
  EXPECT_EQ(curve[0].value, kDrawnLoudness.low);
  curve = withPoint(curve, 0.75, 3.0, 0.05, kDrawnLoudness);
  ASSERT_EQ(curve.size(), 4u);
  EXPECT_EQ(curve[2].value, 0.0);
  for (std::size_t i = 1; i < curve.size(); ++i) EXPECT_LT(curve[i - 1].share, curve[i].share);
  EXPECT_EQ(withoutPoint(curve, 0.3, 0.05).size(), 4u);
  curve = withoutPoint(withoutPoint(curve, 0.5, 0.05), 0.75, 0.05);
  EXPECT_EQ(curve.size(), 2u);
  EXPECT_TRUE(withoutPoint(curve, 0.0, 0.05).empty());  // level again
  EXPECT_EQ(withPoint({}, 0.4, 118.0, 0.05, kDrawnPitch)[1].value, 120.0);
  EXPECT_EQ(snapped(0.38, 4), 0.5);
  EXPECT_EQ(snapped(0.38, 0), 0.38);
}

TEST(NoteMap, ShowsDifferencesAtTheirSizeAndDoesNotBlowUpSmallOnes) {
  const auto spreadOfDots = [](double levelStep_db) {
    auto snapshot = std::make_shared<Snapshot>();
    for (int i = 0; i < 8; ++i) {
      Note note;
      note.level_dbfs = -20.0 + (i % 2 == 0 ? 0.0 : levelStep_db);
      Tone tone;
      tone.notes.push_back(note);
      snapshot->analysis.tones.push_back(tone);
      CueResult cue;
      cue.asked = 60 + i;
      cue.matched = static_cast<std::size_t>(i);
      cue.note = 0;
      snapshot->analysis.cues.push_back(cue);
    }
    NoteMap map;
    map.resize(330, 120);
    map.setSnapshot(snapshot);
    const QImage image = map.grab().toImage();
    int top = image.height(), bottom = 0;
    for (int y = 20; y < image.height(); ++y)  // below the title, which has the colour too
      for (int x = 34; x < image.width(); ++x)
        if (image.pixelColor(x, y) == style::loudness) top = std::min(top, y), bottom = std::max(bottom, y);
    return bottom - top;
  };
  EXPECT_GT(spreadOfDots(12.0), 50);  // most of the chart
  EXPECT_LT(spreadOfDots(0.3), 14);   // hardly more than a dot
  EXPECT_GT(spreadOfDots(3.0), 2 * spreadOfDots(0.3));
}

TEST(Staff, PicksByClickAndByKeyWithinTheInstrumentsRange) {
  StaffView staff;
  staff.resize(220, 92);
  const Instrument* trumpet = findInstrument("trumpet-bb");
  staff.setInstrument(trumpet);
  std::optional<int> picked;
  QObject::connect(&staff, &StaffView::notePicked, [&](std::optional<int> note) { picked = note; });
  QTest::mouseClick(&staff, Qt::LeftButton, {}, QPoint(60, 49));  // the second line of the treble staff
  EXPECT_EQ(picked, parseNote("G4"));
  QTest::keyClick(&staff, Qt::Key_Up);
  EXPECT_EQ(picked, parseNote("Ab4"));
  for (int i = 0; i < 100; ++i) QTest::keyClick(&staff, Qt::Key_Down);
  EXPECT_EQ(picked, trumpet->writtenOf(trumpet->lowest));
  QTest::keyClick(&staff, Qt::Key_Delete);
  EXPECT_FALSE(picked);
  staff.setInstrument(findInstrument("tuba-bb"));
  QTest::mouseClick(&staff, Qt::LeftButton, {}, QPoint(60, 56));  // the lowest line of the bass staff
  EXPECT_EQ(picked, parseNote("G2"));
}

TEST(Figures, AreWrittenWithTheirUnitsAndTrueMinusSigns) {
  Reading r{findFigure("bend_cents"), -14.26, {}, {}, -12.0, 12.0, true, Verdict::near, 0.1};
  EXPECT_EQ(words::value(r), QStringLiteral("−14.3 cents"));
  r.unsure = 0.04;  // surer than it is written
  EXPECT_EQ(words::value(r), QStringLiteral("−14.3 cents"));
  r.unsure = 2.0;
  EXPECT_EQ(words::value(r), QStringLiteral("−14.3 ± 2.0 cents"));
  r.unsure.reset();
  r.value = 3.0;
  EXPECT_EQ(words::value(r), "+3.0 cents");
  r.value.reset();
  EXPECT_EQ(words::value(r), QStringLiteral("–"));
  EXPECT_EQ(words::number(-0.04, 1), "0.0");  // no minus before a nought
  Reading count{findFigure("dropouts"), 2.0, {}, {}, {}, 0.0, true, Verdict::outside, 2.0};
  EXPECT_EQ(words::value(count), "2");
}

TEST(Figures, SpeakToAScreenReader) {
  FiguresView view;
  view.setReadings({{findFigure("held_s"), 8.5, 0.06, {}, 8.0, {}, true, Verdict::inside, 0.0}}, {});
  EXPECT_TRUE(view.accessibleDescription().contains(QStringLiteral("Held 8.5 ± 0.1 s, inside")));
}

}  // namespace
}  // namespace calando
