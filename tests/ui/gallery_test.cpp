// Every picture of the gallery, of takes that are tone, count, air and silence, while they sound and after.
#include "app/picture/gallery.h"

#include <gtest/gtest.h>

#include <set>

#include "app/parts/commands.h"
#include "app/ribbon/picture.h"
#include "app/style/style.h"
#include "core/engine/snapshot.h"
#include "core/exercise/context.h"
#include "core/exercise/exercise.h"
#include "core/exercise/pair_card.h"
#include "core/library/cards.h"
#include "core/library/take_spec.h"
#include "core/signal/tracker.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "records/tables/ear_table.h"

namespace calando {
namespace {

struct Played {
  const char* name;
  const char* player;  // nullptr: silence
  const char* exercise;
};
void PrintTo(const Played& played, std::ostream* out) { *out << played.name; }

SnapshotPtr takeOf(const Played& played, bool live) {
  const Instrument* clarinet = findInstrument("clarinet-bb");
  TakeSpec asked;
  asked.instrument = clarinet->id;
  asked.note = 67;
  if (played.exercise) asked.exercise = played.exercise;
  const Context context = contextFor(asked);
  if (context.exercise->pair) {
    asked.accompaniment.partner = partnerFor(unroll(context), context);
    asked.start_s = 4.0;
  }
  std::vector<float> samples(3 * 48000, 0.0f);
  const bool oneTone = !context.exercise->pair && context.exercise->cues.size() < 3 &&
                       context.exercise->cues.front().kind != CueKind::bend;
  if (played.player && isSounding(context.exercise->cues.front().kind) && oneTone)
    samples = perform(*findPlayer(played.player), {clarinet, 65, 5.0, {}}, 4, 48000.0).samples;
  else if (played.player)
    samples = perform(*findPlayer(played.player), unroll(context), context, 4).samples;
  auto take = snapshotOf(trackAll(samples, 48000.0), asked);
  if (live) {
    take->analysis = {};
    take->live = true;
    take->analysis.pair = livePair(*take);
  }
  return take;
}

QImage blank(const QSize& size) {
  QImage image(size, QImage::Format_ARGB32_Premultiplied);
  image.fill(style::sheet);
  return image;
}
std::size_t inked(const QImage& image) {
  const QRgb paper = QColor(style::sheet).rgb();
  std::size_t count = 0;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) count += image.pixelColor(x, y).rgb() != paper;
  return count;
}

class Gallery : public testing::TestWithParam<Played> {};

TEST_P(Gallery, PaintsEveryTakeWholeLiveAndSmall) {
  const Played& played = GetParam();
  const Picture& picture = pictureFor(*takeOf(played, false));
  constexpr QSize size(800, 500);
  for (const bool live : {false, true}) {
    const SnapshotPtr take = takeOf(played, live);
    const auto [from, to] = picture.wholeOf(*take);
    ASSERT_LT(from, to);
    const QRectF area(40, 20, 700, 440);
    const QRectF inTime = picture.timeArea(*take, area);
    EXPECT_TRUE(area.contains(inTime) && inTime.width() > 0.5 * area.width());
    const QRectF cues = picture.cueArea(*take, area);
    EXPECT_EQ(cues.isEmpty(), !take->hasCues());
    const auto paint = [&](Frame frame) {
      QImage image = blank(size);
      QPainter painter(&image);
      picture.paint(painter, *take, frame);
      return image;
    };
    const QImage whole = paint({area, from, to});
    EXPECT_GT(inked(whole), played.player ? 2000u : 0u);
    EXPECT_EQ(paint({area, from, to}), whole);  // nothing is remembered
    if (played.player) {
      EXPECT_NE(paint({area, from, (from + to) / 2.0}), whole);
    }
    // What is far from the sound is blank, whatever the view.
    paint({area, to + 100.0, to + 101.0});
    paint({area, from + 1.0, from + 1.001});
    const auto row = [&](std::vector<Span> stretches) {
      QImage image = blank(size);
      QPainter painter(&image);
      picture.paintRow(painter, *take, area, stretches);
      return image;
    };
    QImage asked = blank(QSize(300, 60));
    QPainter before(&asked);
    picture.paintAsked(before, *take, {QRectF(0, 5, 300, 50), 0.0, 30.0});
    before.end();
    EXPECT_GT(inked(asked), 100u);
    const double middle = (from + to) / 2.0;
    EXPECT_EQ(row({{from, to}}).copy(QRect(QPoint(0, 0), QSize(5, 5))), blank(QSize(5, 5)));
    if (played.player) {
      EXPECT_NE(row({{from, middle}, {middle, to}}), row({{middle, to}, {from, middle}}));
    }
    QImage small = blank(kThumbnail);
    QPainter painter(&small);
    picture.paintSmall(painter, *take, QRectF(QPointF(0, 0), QSizeF(kThumbnail)));
    painter.end();
    if (played.player && !live) {  // the shelf has none that sounds
      EXPECT_GT(inked(small), 100u);
    }
    EXPECT_NO_THROW(picture.under(*take, {area, from, to}, from - 1.0));
    EXPECT_NO_THROW(picture.under(*take, {area, from, to}, to + 1.0));
    if (!live && !take->analysis.tones.empty() && !take->analysis.tones[0].notes.empty()) {
      const Note& note = take->analysis.tones[0].notes[0];
      const QString says = picture.under(*take, {area, from, to}, (note.start_s + note.end_s) / 2.0);
      EXPECT_TRUE(says.contains("cents")) << says.toStdString();
    }
  }
}
INSTANTIATE_TEST_SUITE_P(
    Of, Gallery,
    testing::Values(
        Played{"steady", "steady", nullptr}, Played{"trembling", "trembling", nullptr},
        Played{"breaking", "breaking", nullptr}, Played{"counted", "vibrato", "scale-4-4"},
        Played{"silence", nullptr, nullptr}, Played{"breaths", "full-early", "in-4-out-4"},
        Played{"a_hiss", "tight-breath", "long-hiss"}, Played{"a_climb", "hurried-breath", "climb"},
        Played{"no_breath", nullptr, "in-2-out-4"}, Played{"a_bend", "bends-above", "bend-through"},
        Played{"no_bend", nullptr, "bend-return"}, Played{"overtones", "overtone-under", "overtones"},
        Played{"no_overtone", nullptr, "overtone-set"}, Played{"steps", "slurs-uneven", "widening"},
        Played{"twins", "steady", "model-note"}, Played{"no_twins", nullptr, "open-tight"},
        Played{"pair", "finds-it", "unison"}, Played{"no_pair", nullptr, "unison"}),
    [](const auto& info) { return std::string(info.param.name); });

/// What the player follows, at a moment after the first cue's start.
QImage guideOf(const char* card, double t, const QSize& size) {
  TakeSpec asked;
  asked.instrument = "clarinet-bb";
  asked.exercise = card;
  Snapshot live;
  live.context = contextFor(asked);
  live.sheet = unroll(live.context);
  live.sheetStart_s = 4.0;
  live.live = true;
  live.tracks.duration_s = 4.0 + t;
  QImage image = blank(size);
  QPainter painter(&image);
  EXPECT_EQ(pictureFor(live).paintGuide(painter, live, QRectF(QPointF(0, 0), QSizeF(size))),
            std::string_view(card) != "scale-4-4");
  return image;
}
int inkOf(const QImage& image, const QColor& colour) {
  int count = 0;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) count += image.pixelColor(x, y) == colour;
  return count;
}

TEST(Gallery, TheModelsPartialsStandOverTheNotesHeldAgainstIt) {
  const SnapshotPtr take = takeOf({"twins", "steady", "model-note"}, false);
  const auto& cues = take->analysis.cues;
  ASSERT_GE(cues.size(), 3u);
  const QRectF area(60, 20, 1100, 500);
  QImage image = blank({1200, 560});
  QPainter painter(&image);
  const Picture& picture = pictureFor(*take);
  const auto [from, to] = picture.wholeOf(*take);
  picture.paint(painter, *take, {area, from, to});
  painter.end();
  const QRectF lane = picture.timeArea(*take, area);
  const auto inkIn = [&, from = from, to = to](const CueResult& cue, const QColor& colour) {
    const auto x = [&](double t) {
      return static_cast<int>(lane.left() + (t - from) / (to - from) * lane.width());
    };
    const int top = static_cast<int>(lane.top()) + 40;  // under what is said
    return inkOf(
        image.copy(x(cue.start_s), top, x(cue.end_s) - x(cue.start_s), static_cast<int>(lane.bottom()) - top),
        colour);
  };
  int notes = 0;
  for (const CueResult& cue : cues) {
    if (!cue.asksForSound()) continue;
    EXPECT_GT(inkIn(cue, style::colour), 500) << notes;
    EXPECT_EQ(inkIn(cue, style::ink) > 20, notes > 0) << notes;
    ++notes;
  }
  EXPECT_GT(notes, 2);
}

TEST(Gallery, WhatIsBreathedWithFillsWithTheCountAndCanBeReadFromAfar) {
  constexpr QSize size(620, 580);  // as it is in a window of 1280 by 800
  const auto water = [&](double t) { return inkOf(guideOf("in-4-out-4", t, size), style::air); };
  EXPECT_EQ(water(-2.0), 0);
  EXPECT_NEAR(water(2.0), water(6.0), 0.1 * water(2.0));
  EXPECT_GT(water(3.9), 1.6 * water(2.0));
  EXPECT_LT(water(7.9), 0.1 * water(3.9));
  EXPECT_NE(guideOf("in-4-out-4", 2.01, size), guideOf("in-4-out-4", 2.51, size))
      << "it moves between counts";
  // The count and the word are at least a twelfth of the height: three metres from a laptop.
  const QImage ready = guideOf("in-4-out-4", -1.5, size);
  int first = size.height(), last = 0;
  for (int y = 0; y < size.height(); ++y)
    for (int x = size.width() / 2 + 100; x < size.width() - 60; ++x)
      if (ready.pixelColor(x, y) == style::ink && y < 0.75 * size.height()) {
        first = std::min(first, y);
        last = std::max(last, y);
      }
  EXPECT_GT(last - first, size.height() / 6);
  EXPECT_NE(guideOf("arms-8-8", 1.5, size), guideOf("in-8-out-8", 1.5, size)) << "the arms are named";
  EXPECT_NE(guideOf("loosening", 5.0, size), guideOf("loosening", 15.0, size));
  EXPECT_EQ(inked(guideOf("scale-4-4", 1.0, size)), 0u) << "tones have the count alone";
}

TEST(Gallery, EveryCardThatShipsHasAPicture) {
  std::set<std::string_view> ids;
  for (const GalleryRow& row : gallery()) EXPECT_TRUE(ids.insert(row.id).second) << row.id;
  for (const Exercise& card : exercises()) EXPECT_NO_THROW(pictureFor(card)) << card.id;
  const auto ofCard = [](const char* id) { return &pictureFor(*findExercise(id)); };
  EXPECT_NE(ofCard("in-4-out-4"), ofCard("steady-tone"));
  EXPECT_EQ(ofCard("in-4-out-4"), ofCard("long-hiss"));
  EXPECT_EQ(ofCard("in-4-out-4"), ofCard("loosening"));
}

TEST(Commands, HaveOneKeyAndOneNameEach) {
  std::set<std::string_view> ids;
  std::map<QString, std::string_view> keys;
  for (const Command& command : commands()) {
    EXPECT_TRUE(ids.insert(command.id).second) << command.id;
    EXPECT_FALSE(helpOf(command).isEmpty()) << command.id;
    EXPECT_TRUE(tipOf(command.id).contains(keysOf(command))) << command.id;
    for (const QString& key : QString(command.keys).split(' ')) {
      EXPECT_FALSE(QKeySequence::fromString(key).isEmpty()) << command.id;
      EXPECT_TRUE(keys.emplace(key, command.id).second) << command.id << " and " << keys[key];
    }
  }
}

}  // namespace
}  // namespace calando
