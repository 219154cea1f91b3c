#include "app/picture/tide_picture.h"

#include <QPainterPath>

#include "app/picture/tide_pace.h"
#include "app/ribbon/cue_strip.h"
#include "app/ribbon/lane.h"
#include "app/ribbon/layout.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_kind.h"
#include "core/exercise/key_times.h"
#include "core/figures/figure.h"
#include "core/figures/reading.h"
#include "core/measure/air/air_sums.h"
#include "core/measure/air/breaths.h"
#include "core/measure/edges/sounds.h"

namespace calando {

namespace {

constexpr PictureLayout kLayout{2};
constexpr double kRange_db = 36.0;    // from the loudest down to nothing
constexpr double kAsked = 0.62;       // of the height there is: how high what is asked for stands
constexpr double kTellsFull = 0.82;   // a breath that is nearly full earlier has it marked
constexpr double kTellsHurry = 0.31;  // share of the air in the last quarter, where nobody asks for less
constexpr double kGuide = 0.36, kWidestGuide = 300.0, kGuideGap = 14.0;  // of the width, while it sounds
constexpr double kCentroidTop_hz = 4000.0, kMarginTop_db = 45.0;
constexpr double kHatch = 8.0, kHatchedWash = 0.15;
constexpr std::size_t kSmooth = 3;  // frames to either side

RibbonScale scaleOf(const QRectF& area, double from_s, double to_s) {
  RibbonScale scale;
  scale.area = area;
  scale.from_s = from_s;
  scale.to_s = std::max(to_s, from_s + 0.05);
  return scale;
}

/// Level of the air over its loudest less kRange_db; 0 and less is nothing.
class AirLevels {
 public:
  explicit AirLevels(const AirSums& sums) : sums_(sums) {
    for (std::size_t i = 0; i < sums_.size(); ++i) loudest_ = std::max(loudest_, level(i));
  }
  /// 0 to 1.
  double at(double t) const {
    if (sums_.size() == 0 || t >= static_cast<double>(sums_.size()) * kHop_s) return 0.0;
    return std::clamp((level(sums_.frameAt(t)) - loudest_) / kRange_db + 1.0, 0.0, 1.0);
  }

 private:
  double level(std::size_t i) const {
    return decibels(allOf(sums_.mean(i - std::min(i, kSmooth), i + kSmooth + 1)));
  }
  const AirSums& sums_;
  double loudest_ = -60.0;
};

/// Which way a breath is drawn: -1 below the line for air in, 1 above it for air out, 0 both for unknown.
int sideOf(AirPhase phase) { return phase == AirPhase::inhale ? -1 : phase == AirPhase::exhale ? 1 : 0; }
int sideOf(CueKind kind) {
  return breathesOf(kind) == Breathes::in ? -1 : breathesOf(kind) == Breathes::out ? 1 : 0;
}

/// What a breath is drawn in.
struct Ink {
  QColor colour;
  bool hatched = false;
};

void hatch(QPainter& painter, const QPolygonF& part, const QColor& colour) {
  painter.save();
  QPainterPath inside;
  inside.addPolygon(part);
  painter.setClipPath(inside, Qt::IntersectClip);
  painter.setPen(QPen(colour, 1.2));
  const QRectF box = part.boundingRect();
  for (double x = std::floor(box.left() / kHatch) * kHatch - box.height(); x < box.right(); x += kHatch)
    painter.drawLine(QPointF(x, box.bottom()), QPointF(x + box.height(), box.top()));
  painter.restore();
}

void paintBreath(QPainter& painter, const AirLevels& levels, const RibbonScale& scale, const Span& span,
                 int side, const Ink& ink) {
  const double line = scale.area.center().y(), half = 0.46 * scale.area.height();
  const double from = std::max(span.start_s, scale.from_s), to = std::min(span.end_s, scale.to_s);
  const double step = std::max(kHop_s, (scale.to_s - scale.from_s) / std::max(1.0, scale.area.width()));
  QPolygonF upper{QPointF(scale.x(from), line)}, lower{QPointF(scale.x(from), line)};
  for (double t = from; t <= to; t += step) {
    const double height = half * levels.at(t);
    upper << QPointF(scale.x(t), line - (side >= 0 ? height : 0.0));
    lower << QPointF(scale.x(t), line + (side <= 0 ? height : 0.0));
  }
  upper << QPointF(scale.x(to), line);
  lower << QPointF(scale.x(to), line);
  painter.setPen(Qt::NoPen);
  QColor wash = ink.colour;
  if (ink.hatched) wash.setAlphaF(kHatchedWash);
  painter.setBrush(wash);
  for (const QPolygonF& part : {upper, lower}) {
    painter.drawPolygon(part);
    if (ink.hatched) hatch(painter, part, ink.colour);
  }
}

/// Soft for open air, hatched for a hiss, pale for what is too soft to tell.
Ink inkOf(const Air& air) {
  if (air.sound == AirSound::tight) return {style::attention, true};
  QColor ink = style::air;
  if (air.sound == AirSound::faint || air.sound == AirSound::thin) ink.setAlphaF(0.55);
  return {ink};
}

void paintBreaths(QPainter& painter, const Snapshot& take, const AirSums& sums, const RibbonScale& scale) {
  painter.save();
  painter.setClipRect(scale.area);
  painter.setRenderHint(QPainter::Antialiasing);
  const AirLevels levels(sums);
  if (take.live) {
    // While it sounds the count says which way it goes.
    for (std::size_t i = 0; i < take.sheet.cues.size(); ++i)
      if (isAir(take.sheet.cues[i].kind)) {
        Span span = take.placeOf(i);
        if (!take.hasCues()) span = {0.0, take.tracks.duration_s};
        paintBreath(painter, levels, scale, {span.start_s, std::min(span.end_s, take.tracks.duration_s)},
                    sideOf(take.sheet.cues[i].kind), {style::air});
      }
  } else {
    for (const Air& air : take.analysis.airs)
      if (isBreath(air))
        paintBreath(painter, levels, scale, {air.start_s, air.end_s}, sideOf(air.phase), inkOf(air));
  }
  painter.restore();
}

bool hearsSomething(const Snapshot& take) {
  return !take.context.exercise || take.context.exercise->asksForSound();
}

/// The water's line, and where air was asked for: on its count, else only in what is `asked` before a take.
void paintGround(QPainter& painter, const Snapshot& take, const RibbonScale& scale, bool asked = false) {
  painter.fillRect(scale.area, style::sheet);
  painter.save();
  painter.setClipRect(scale.area);
  const double line = scale.area.center().y(), height = kAsked * 0.46 * scale.area.height();
  for (std::size_t i = 0; (asked || take.hasCues()) && i < take.sheet.cues.size(); ++i) {
    const int side = sideOf(take.sheet.cues[i].kind);
    if (side == 0) continue;
    const Span span = take.placeOf(i);
    painter.fillRect(QRectF(QPointF(scale.x(span.start_s) + 1, side > 0 ? line - height : line),
                            QPointF(scale.x(span.end_s) - 1, side > 0 ? line : line + height)),
                     style::band);
  }
  painter.setPen(QPen(style::ink, 1.2));
  painter.drawLine(QPointF(scale.area.left(), line), QPointF(scale.area.right(), line));
  painter.restore();
}

void paintSides(QPainter& painter, const RibbonScale& scale) {
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  const QRectF margin(scale.area.left() - kAxisWidth, scale.area.top(), kAxisWidth - 6, scale.area.height());
  painter.drawText(margin.adjusted(0, 8, 0, 0), Qt::AlignRight | Qt::AlignTop, Tide::tr("out"));
  painter.drawText(margin.adjusted(0, 0, 0, -8), Qt::AlignRight | Qt::AlignBottom, Tide::tr("in"));
}

/// While a count runs the right of the picture is what the player breathes with.
double guideWidth(const Snapshot& take, const QRectF& area) {
  if (!take.live || !take.sheet.counted()) return 0.0;
  return std::min(kGuide * area.width(), kWidestGuide);
}

/// Of the room; while the take sounds as far as it is known by then.
std::optional<double> airFloor_dbfs(const Snapshot& take, const AirSums& sums) {
  if (!take.live) return take.analysis.airFloor_dbfs;
  const auto room = take.tracks.air.empty() ? std::nullopt : roomOf(sums, take.tracks);
  return room ? std::optional(decibels(allOf(room->before))) : std::nullopt;
}

/// Lanes of what is heard frame by frame: how far the air stands over the room, and where its middle lies.
void paintAirLanes(QPainter& painter, const Snapshot& take, const AirSums& sums, const RibbonScale& scale,
                   const QRectF& upper, const QRectF& lower) {
  const LaneRow over{0.0, kMarginTop_db, {15, 30}, style::loudness, Tide::tr("over the room, dB")};
  const LaneRow middle{
      0.0, kCentroidTop_hz, {1000, 3000}, style::colour, Tide::tr("middle of the sound, Hz")};
  paintLaneGround(painter, upper, over);
  paintLaneGround(painter, lower, middle);
  const auto room_dbfs = airFloor_dbfs(take, sums);
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  if (room_dbfs) {
    const std::size_t stride = strideFor(scale);
    QPolygonF margins, middles;
    const auto draw = [&](QPolygonF& line, const QRectF& area, const QColor& ink) {
      painter.setClipRect(area);
      painter.setPen(linePen(ink, 2.0));
      drawLong(painter, line);
      line.clear();
    };
    const auto first = static_cast<std::size_t>(std::max(0.0, scale.from_s / kHop_s));
    for (std::size_t i = first; i < sums.size() && static_cast<double>(i) * kHop_s <= scale.to_s;
         i += stride) {
      const AirSums::Row row = sums.mean(i - std::min(i, kSmooth), i + kSmooth + 1);
      const double x = scale.x(static_cast<double>(i) * kHop_s), over_db = decibels(allOf(row)) - *room_dbfs;
      margins << QPointF(x, over.y(upper, over_db));
      if (over_db > 6.0)
        middles << QPointF(x, middle.y(lower, row[AirSums::kMoment] / allOf(row)));
      else
        draw(middles, lower, middle.ink);
    }
    draw(middles, lower, middle.ink);
    draw(margins, upper, over.ink);
  }
  painter.restore();
  paintLaneName(painter, upper, over);
  paintLaneName(painter, lower, middle);
}

/// How many counts a breath was asked for; 0 where it was not counted.
int countsOf(const Snapshot& take, std::size_t air) {
  for (std::size_t c = 0; c < take.analysis.cues.size() && c < take.sheet.cues.size(); ++c)
    if (isAir(take.analysis.cues[c].kind) && take.analysis.cues[c].matched == air)
      return take.sheet.countsOf(take.sheet.cues[c]);
  return 0;
}

/// What is asked of a figure at the most.
std::optional<double> mostOf(std::string_view figure, const Snapshot& take) {
  const auto reading = std::ranges::find(take.analysis.readings, figure, &Reading::id);
  return reading == take.analysis.readings.end() ? std::nullopt : reading->high;
}

/// A moment of a breath, marked on its side of the water.
void markMoment(QPainter& painter, const RibbonScale& scale, double t, int side, const QString& text) {
  const double x = scale.x(t), line = scale.area.center().y();
  const double end = side < 0 ? scale.area.bottom() - 40 : scale.area.top() + 24;
  painter.setPen(QPen(style::attention, 1.2, Qt::DashLine));
  painter.drawLine(QPointF(x, line), QPointF(x, end));
  painter.setPen(style::attention);
  painter.drawText(QRectF(x - 90, side < 0 ? end + 2 : end - 18, 180, 16), Qt::AlignCenter, text);
}

/// How each breath in sounds, where one was nearly full before its time, and where one hurried.
void nameBreaths(QPainter& painter, const Snapshot& take, const RibbonScale& scale) {
  painter.setFont(style::work(style::kSmallType, true));
  for (std::size_t i = 0; i < take.analysis.airs.size(); ++i) {
    const Air& air = take.analysis.airs[i];
    const int side = sideOf(air.phase);
    const double middle = scale.x((air.start_s + air.end_s) / 2.0), length_s = air.end_s - air.start_s;
    if (!isBreath(air) || side == 0 || middle < scale.area.left() || middle > scale.area.right()) continue;
    if (side < 0) {
      painter.setPen(air.sound == AirSound::tight ? style::attention : style::quietInk);
      painter.drawText(QRectF(middle - 60, scale.area.bottom() - 22, 120, 16), Qt::AlignCenter,
                       words::sound(air.sound));
    }
    if (side < 0 && air.full_at && *air.full_at < kTellsFull) {
      const int counts = countsOf(take, i);
      const int beat = std::max(1, static_cast<int>(std::lround(*air.full_at * counts)));
      markMoment(painter, scale, air.start_s + *air.full_at * length_s, side,
                 counts > 1 && beat < counts ? Tide::tr("full after %1 of %2").arg(beat).arg(counts)
                                             : Tide::tr("nearly full"));
    } else if (air.end_load && *air.end_load > mostOf("end_load", take).value_or(kTellsHurry)) {
      markMoment(painter, scale, air.start_s + 0.75 * length_s, side, Tide::tr("hurried"));
    }
  }
}

/// When the player's key was pressed.
void markKey(QPainter& painter, const KeyTimes& key, const RibbonScale& scale) {
  painter.setFont(style::work(style::kSmallType, true));
  for (const auto& [t, text] : {std::pair{key.from_s, Tide::tr("let go")}, {key.to_s, Tide::tr("slid")}}) {
    const double x = scale.x(t);
    if (x < scale.area.left() || x > scale.area.right()) continue;
    painter.setPen(QPen(style::pitch, 1.6, Qt::DashLine));
    painter.drawLine(QPointF(x, scale.area.top() + 20), QPointF(x, scale.area.bottom() - 20));
    painter.setPen(style::pitch);
    painter.drawText(QRectF(x - 60, scale.area.bottom() - 18, 120, 16), Qt::AlignCenter, text);
  }
}

}  // namespace

QRectF TidePicture::timeArea(const Snapshot& take, const QRectF& area) const {
  if (!hearsSomething(take)) return area.adjusted(1, 1, -1, -1);
  return kLayout.main(area, take.hasCues()).adjusted(0, 0, -guideWidth(take, area), 0);
}

QRectF TidePicture::cueArea(const Snapshot& take, const QRectF& area) const {
  QRectF cues = kLayout.cues(area, take.hasCues());
  if (!cues.isEmpty()) cues.setRight(timeArea(take, area).right());
  return cues;
}

bool TidePicture::paintGuide(QPainter& painter, const Snapshot& take, const QRectF& area) const {
  if (!take.hasCues()) return false;
  // Movements have the place to themselves.
  if (!hearsSomething(take)) {
    paintPace(painter, take, area);
    return true;
  }
  QRectF place = kLayout.main(area, true);
  place.setLeft(timeArea(take, area).right() + kGuideGap);
  place.setBottom(area.bottom() - kGuideGap);
  place.setRight(area.right() - kGuideGap);
  paintPace(painter, take, place);
  return true;
}

void TidePicture::paint(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  painter.fillRect(frame.area, style::paper);
  if (!hearsSomething(take)) return paintMoves(painter, take, frame.area, false);
  const RibbonScale scale = scaleOf(timeArea(take, frame.area), frame.from_s, frame.to_s);
  const AirSums sums(take.tracks.air);
  paintGround(painter, take, scale);
  paintBreaths(painter, take, sums, scale);
  paintSides(painter, scale);
  if (!take.live) nameBreaths(painter, take, scale);
  if (take.analysis.key) markKey(painter, *take.analysis.key, scale);
  if (take.hasCues()) paintCueStrip(painter, take, scale, cueArea(take, frame.area), frame.chosenCue);
  QRectF upper = kLayout.lane(0, frame.area, take.hasCues()),
         lower = kLayout.lane(1, frame.area, take.hasCues());
  upper.setRight(scale.area.right());
  lower.setRight(scale.area.right());
  paintAirLanes(painter, take, sums, scale, upper, lower);
  paintSeconds(painter, scale, lower.bottom() + 3, frame.area.right());
}

void TidePicture::paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const {
  if (!hearsSomething(take)) return paintMoves(painter, take, area, true);
  const auto [from, to] = wholeOf(take);
  const RibbonScale scale = scaleOf(area.adjusted(2, 2, -2, -2), from, to);
  const AirSums sums(take.tracks.air);
  paintGround(painter, take, scale);
  paintBreaths(painter, take, sums, scale);
}

void TidePicture::paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  if (!hearsSomething(take)) return paintMoves(painter, take, frame.area, true);
  paintGround(painter, take, scaleOf(frame.area, frame.from_s, frame.to_s), true);
}

void TidePicture::paintRow(QPainter& painter, const Snapshot& take, const QRectF& area,
                           std::span<const Span> stretches) const {
  const AirSums sums(take.tracks.air);
  double all = 0.0;
  for (const Span& stretch : stretches) all += stretch.end_s - stretch.start_s;
  double left = area.left();
  for (const Span& stretch : stretches) {
    const double width = area.width() * (stretch.end_s - stretch.start_s) / all;
    const RibbonScale scale =
        scaleOf(QRectF(left, area.top(), width, area.height()), stretch.start_s, stretch.end_s);
    paintGround(painter, take, scale);
    paintBreaths(painter, take, sums, scale);
    left += width;
  }
}

QString TidePicture::under(const Snapshot& take, const Frame&, double t) const {
  QStringList parts{Tide::tr("%1 s").arg(words::number(t, 2, false))};
  const auto i = static_cast<std::size_t>(std::max(0.0, std::round(t / kHop_s)));
  if (i < take.tracks.frames.size())
    parts << Tide::tr("%1 dB").arg(words::number(take.tracks.frames[i].level_dbfs, 1));
  for (const Air& air : take.analysis.airs)
    if (isBreath(air) && air.start_s <= t && t <= air.end_s) {
      parts << (air.phase == AirPhase::inhale   ? Tide::tr("breath in")
                : air.phase == AirPhase::exhale ? Tide::tr("breath out")
                                                : Tide::tr("breath"));
      if (air.centroid_hz) parts << Tide::tr("around %1 Hz").arg(words::number(*air.centroid_hz, 0, false));
    }
  return parts.join("   ");
}

std::pair<double, double> TidePicture::wholeOf(const Snapshot& take) const {
  double first = take.tracks.duration_s, last = 0.0;
  for (const Air& air : take.analysis.airs) {
    first = std::min(first, air.start_s);
    last = std::max(last, air.end_s);
  }
  if (take.live || last <= first) return Picture::wholeOf(take);
  return {std::max(0.0, first - 1.2), std::min(take.tracks.duration_s, last + 0.6)};
}

}  // namespace calando
