#include "app/picture/gallery.h"

#include <QBuffer>
#include <QPixmapCache>
#include <array>

#include "app/picture/arch_picture.h"
#include "app/picture/braid_picture.h"
#include "app/picture/ladder_picture.h"
#include "app/picture/tide_picture.h"
#include "app/ribbon/ribbon_picture.h"
#include "app/style/style.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_kind.h"
#include "core/exercise/exercise.h"
#include "core/judging/discipline.h"
#include "core/measure/edges/sounds.h"

namespace calando {

namespace {
constexpr double kSharp = 2.0;  // for screens of twice the density

bool isOneBend(const Exercise& card) {
  const auto sounds = [](const Cue& cue) { return isSounding(cue.kind); };
  return std::ranges::count_if(card.cues, sounds) == 1 && card.generator.kind == Generator::Kind::none &&
         movesOf(std::ranges::find_if(card.cues, sounds)->kind) == Moves::bend;
}

/// Swells, shapes and pulses.
bool isOfLoudness(const Exercise& card) {
  return std::ranges::any_of(card.readings, [](const std::string& figure) {
    return figure == "shape_error_db" || figure == "pulse_depth_db";
  });
}

/// Steps in time, on the count.
bool isOfSteps(const Exercise& card) {
  return card.counted() && std::ranges::find(card.readings, "step_spread_ms") != card.readings.end();
}

/// One note is the model of the others' colour.
bool isOfTwins(const Exercise& card) { return std::ranges::any_of(card.cues, &Cue::model); }
}  // namespace

std::pair<double, double> Picture::wholeOf(const Snapshot& take) const {
  const double duration = take.tracks.duration_s;
  if (take.live) {
    const double planned =
        take.hasCues() ? take.sheetStart_s + take.sheet.length_s() + 1.0 : take.asked_s * 1.25 + 1.0;
    return {0.0, std::max(planned, duration * 1.1)};
  }
  // What is far from any sound is cut off the first view; panning shows it.
  double first = duration, last = 0.0;
  for (const Tone& tone : take.analysis.tones) {
    first = std::min(first, tone.start_s);
    last = std::max(last, tone.end_s);
  }
  if (last <= first) return {0.0, std::max(0.5, duration)};
  return {std::max(0.0, first - 1.2), std::min(std::max(0.5, duration), last + 0.6)};
}

std::span<const GalleryRow> gallery() {
  static const RibbonPicture ribbon;
  static const RibbonPicture loudness(RibbonPicture::Subject::loudness), steps(RibbonPicture::Subject::time),
      timbre(RibbonPicture::Subject::timbre);
  static const TidePicture tide;
  static const ArchPicture arch;
  static const LadderPicture ladder;
  static const BraidPicture braid;
  static const std::array rows{GalleryRow{"tide", tide},
                               GalleryRow{"braid", braid},
                               GalleryRow{"arch", arch, isOneBend},
                               GalleryRow{"ladder", ladder},
                               GalleryRow{"loudness", loudness, isOfLoudness},
                               GalleryRow{"steps", steps, isOfSteps},
                               GalleryRow{"timbre", timbre, isOfTwins},
                               GalleryRow{"ribbon", ribbon, [](const Exercise&) { return true; }}};
  return rows;
}

const Picture& pictureFor(const Exercise& card) {
  const std::string_view own = disciplineOf(card).picture;
  const auto isFor = [&](const GalleryRow& row) { return row.isFor ? row.isFor(card) : row.id == own; };
  return std::ranges::find_if(gallery(), isFor)->picture;
}

const Picture& pictureFor(const Snapshot& take) {
  static const Exercise none;
  return pictureFor(take.context.exercise ? *take.context.exercise : none);
}

QImage thumbnail(const Snapshot& take, const QSize& size, double ratio) {
  QImage image(size * ratio, QImage::Format_ARGB32_Premultiplied);
  image.setDevicePixelRatio(ratio);
  image.fill(style::sheet);
  QPainter painter(&image);
  pictureFor(take).paintSmall(painter, take, QRectF(QPointF(0, 0), QSizeF(size)));
  return image;
}

std::string smallPicture(const Snapshot& take) {
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  thumbnail(take, kThumbnail, kSharp).save(&buffer, "PNG");
  return png.toStdString();
}

namespace {
QString keyOf(std::int64_t take) { return QStringLiteral("take-%1").arg(take); }
}  // namespace

QPixmap keptPicture(std::int64_t take, const std::string* png) {
  QPixmap small;
  const QString key = keyOf(take);
  if (png && !QPixmapCache::find(key, &small) && small.loadFromData(QByteArray::fromStdString(*png), "PNG"))
    QPixmapCache::insert(key, small);
  return small;
}

void forgetPicture(std::int64_t take) { QPixmapCache::remove(keyOf(take)); }

}  // namespace calando
