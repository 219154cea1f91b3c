#include "app/ribbon_painter.h"

#include <QCoreApplication>

#include "app/cue_strip.h"
#include "app/note_names.h"
#include "app/style.h"
#include "core/exercise/cue_figures.h"
#include "core/exercise/judging.h"
#include "core/measure/notes.h"

namespace calando {

namespace {

constexpr int kInks = 6;  // shades of the ribbon's ink
constexpr double kLaneHeight = 74.0;
constexpr double kLeastPeak_dbfs = -25.0;  // before anything has sounded
constexpr double kStripHeight = 42.0;
constexpr double kAxisWidth = 46.0;
constexpr double kAcross = 2.0;            // pixels
constexpr double kWideSwing_cents = 40.0;  // more is named as a swing, whoever meant it
constexpr double kMereTry_s = 0.5;
constexpr double kLongRing_s = 0.15;
constexpr double kSmall = 100.0;  // a thumbnail has no room for the middle line

QString say(const char* text) { return QCoreApplication::translate("Ribbon", text); }

/// 0 (air) to kInks - 1 (a dense core) for a harmonic-to-noise ratio.
int inkOf(double hnr_db) { return std::clamp(static_cast<int>((hnr_db - 4.0) / 22.0 * kInks), 0, kInks - 1); }

QBrush inkBrush(int shade) {
  const double dense = 0.35 + 0.65 * shade / (kInks - 1.0);
  QColor colour = style::pitch;
  colour.setAlphaF(static_cast<float>(dense));
  if (shade > 1) return colour;
  return QBrush(style::pitch, shade == 0 ? Qt::Dense5Pattern : Qt::Dense4Pattern);  // grain
}

/// The room after a tone: washed.
QBrush ringBrush() {
  QColor washed = style::pitch;
  washed.setAlphaF(0.13f);
  return washed;
}

/// What a moment of the picture is part of.
enum class Part { none, tone, ring };
Part partAt(const TakePicture& picture, double t) {
  if (picture.live) return Part::tone;
  for (const Tone& tone : picture.analysis.tones) {
    if (t < tone.start_s || t > tone.end_s + tone.release.rings_on_s) continue;
    if (t > tone.end_s) return Part::ring;
    const bool broken = std::ranges::any_of(
        tone.dropouts, [t](const Dropout& d) { return t > d.at_s && t < d.at_s + d.length_s; });
    return broken ? Part::none : Part::tone;
  }
  return Part::none;
}

/// Behind words that stand over the ribbon.
QColor clearedSheet() {
  QColor ground = style::sheet;
  ground.setAlpha(225);
  return ground;
}

/// Words over the ribbon. One that would cover another moves a line up or down; where there is no room it is
/// left out: what it names is drawn all the same.
class Labels {
 public:
  Labels(QPainter& painter, const QRectF& area) : painter_(painter), area_(area) {}

  void put(QPointF at, const QString& text, const QColor& colour) {
    if (at.x() < area_.left() || at.x() > area_.right()) return;  // what it names is not in view
    painter_.setFont(style::work(9, true));
    QRectF box = painter_.fontMetrics().boundingRect(text);
    box.setSize(QSizeF(painter_.fontMetrics().horizontalAdvance(text) + 8, box.height() + 2));
    box.moveCenter(at);
    box.moveLeft(std::clamp(box.left(), area_.left() + 2,
                            std::max(area_.left() + 2, area_.right() - box.width() - 2)));
    box.moveTop(std::clamp(box.top(), area_.top() + 2, area_.bottom() - box.height() - 2));
    const double away = at.y() < area_.center().y() ? box.height() + 1 : -box.height() - 1;
    for (int line = 0; line < kLines; ++line, box.translate(0, away)) {
      if (std::ranges::any_of(taken_, [&](const QRectF& other) { return other.intersects(box); })) continue;
      taken_.push_back(box);
      painter_.fillRect(box, clearedSheet());
      painter_.setPen(colour);
      painter_.drawText(box, Qt::AlignCenter, text);
      return;
    }
  }

 private:
  static constexpr int kLines = 3;
  QPainter& painter_;
  QRectF area_;
  std::vector<QRectF> taken_;
};

/// Qt's antialiasing takes a time that grows with the square of a shape's width: long lines are drawn in
/// pieces.
constexpr qsizetype kPiece = 32;  // points

void drawLong(QPainter& painter, const QPolygonF& line) {
  for (qsizetype at = 0; at + 1 < line.size(); at += kPiece)
    painter.drawPolyline(line.constData() + at, static_cast<int>(std::min(kPiece + 1, line.size() - at)));
}

QPen linePen(const QColor& colour, double width) {
  return QPen(colour, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
}

/// Frames from one point to the next, so that there is at most one a pixel.
std::size_t strideFor(const RibbonScale& scale) {
  const double frames = (scale.to_s - scale.from_s) / kHop_s;
  return std::max<std::size_t>(1, static_cast<std::size_t>(frames / std::max(1.0, scale.area.width())));
}

const Reading* readingOf(const TakePicture& picture, const char* id) {
  const auto found = std::ranges::find(picture.analysis.readings, id, &Reading::id);
  return found == picture.analysis.readings.end() ? nullptr : &*found;
}

}  // namespace

QString signedFigure(double value, int decimals, bool plus) {
  QString text = QString::number(std::abs(value), 'f', decimals);
  const bool zero = text.toDouble() == 0.0;
  if (zero) return text;
  return (value < 0 ? QStringLiteral("−") : plus ? QStringLiteral("+") : QString()) + text;
}

void paintRibbon(QPainter& painter, const TakePicture& picture, const RibbonScale& scale) {
  painter.save();
  painter.setClipRect(scale.area.adjusted(0, 0, 1, 0));
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(Qt::NoPen);
  const auto& frames = picture.tracks.frames;
  const auto first = static_cast<std::size_t>(std::max(0.0, scale.from_s / kHop_s - 1));
  const auto last = std::min(frames.size(), static_cast<std::size_t>(std::max(0.0, scale.to_s / kHop_s + 2)));
  const std::size_t stride = strideFor(scale);
  QPolygonF upper, lower;
  int shade = -1;
  Part partBefore = Part::none;
  double before_hz = 0.0;
  const RibbonScale::Target* before = nullptr;
  double lastY = 0.0;
  int current = kInks - 1;
  const auto finish = [&] {
    if (upper.size() > 1) {
      QPolygonF whole = upper;
      for (auto i = lower.size(); i-- > 0;) whole << lower[i];
      painter.setBrush(partBefore == Part::ring ? ringBrush() : inkBrush(shade));
      painter.drawPolygon(whole);
    }
    upper.clear();
    lower.clear();
  };
  for (std::size_t i = first; i < last; i += stride) {
    const TrackFrame& f = frames[i];
    const double t = static_cast<double>(i) * kHop_s;
    if (f.colour >= 0) current = inkOf(picture.tracks.colours[static_cast<std::size_t>(f.colour)].hnr_db);
    const Part part = partAt(picture, t);
    const RibbonScale::Target& target = scale.targetAt(t);
    const bool joins = f.f0_hz > 0.0f && part == partBefore && before_hz > 0.0 && &target == before &&
                       std::abs(centsBetween(before_hz, f.f0_hz)) < 80.0 * static_cast<double>(stride);
    if (!joins) {
      finish();
      shade = current;
    }
    partBefore = part;
    before = &target;
    before_hz = part == Part::none ? 0.0 : f.f0_hz;
    if (before_hz <= 0.0) continue;
    const bool pieceEnds = current != shade || upper.size() >= kPiece;
    // Pieces meet between two pixels, so that no seam shows.
    const double x = pieceEnds ? std::round(scale.x(t)) : scale.x(t);
    const double y = scale.y(centsBetween(target.hz, f.f0_hz));
    // Where the line is steep, a thickness measured upright would leave a hair: keep some of it across.
    const double steep = upper.isEmpty() ? 0.0 : (y - lastY) / std::max(0.2, x - upper.back().x());
    const double level = scale.halfThickness(f.level_dbfs);
    const double half = std::clamp(kAcross * std::sqrt(1.0 + steep * steep), level, 3.0 * level);
    lastY = y;
    upper << QPointF(x, y - half);
    lower << QPointF(x, y + half);
    if (pieceEnds) {
      finish();
      shade = current;
      upper << QPointF(x, y - half);
      lower << QPointF(x, y + half);
    }
  }
  finish();
  // The middle line: the pitch itself.
  if (scale.area.height() < kSmall) {
    painter.restore();
    return;
  }
  painter.setPen(linePen(style::sheet, 1.4));
  QPolygonF line;
  before_hz = 0.0;
  for (std::size_t i = first; i < last; i += stride) {
    const double t = static_cast<double>(i) * kHop_s;
    const double hz = partAt(picture, t) == Part::tone ? frames[i].f0_hz : 0.0;
    const RibbonScale::Target& target = scale.targetAt(t);
    const bool joins = hz > 0.0 && before_hz > 0.0 && &target == before &&
                       std::abs(centsBetween(before_hz, hz)) < 80.0 * static_cast<double>(stride);
    if (!joins) {
      drawLong(painter, line);
      line.clear();
    }
    if (hz > 0.0) line << QPointF(scale.x(t), scale.y(centsBetween(target.hz, hz)));
    before = &target;
    before_hz = hz;
  }
  drawLong(painter, line);
  painter.restore();
}

namespace {
/// Cents to either side that the target allows; 0 where there is none.
double targetReach(const TakePicture& picture) {
  const Reading* offset = readingOf(picture, "offset_cents");
  if (offset && offset->high) return *offset->high;
  if (picture.context.level)
    if (const auto target = picture.context.level->targets.find("offset_cents");
        target != picture.context.level->targets.end())
      return target->second.high.value_or(0.0);
  return 0.0;
}
}  // namespace

void paintRibbonGround(QPainter& painter, const TakePicture& picture, const RibbonScale& scale) {
  painter.fillRect(scale.area, style::sheet);
  const double reach = targetReach(picture);
  painter.setFont(style::work(8.5));
  if (reach > 0.0) {
    const QRectF band(QPointF(scale.area.left(), scale.y(reach)),
                      QPointF(scale.area.right(), scale.y(-reach)));
    painter.fillRect(band.intersected(scale.area), style::band);
  }
  const double span = scale.highCents - scale.lowCents;
  const bool travels = span > 500.0 && scale.targets.size() == 1;
  const double step = travels ? 100.0 * std::max(1.0, axisStep(span / 100.0, 8)) : axisStep(span, 6);
  const Spelling spelling = spellingFor(picture.context);
  for (double c = std::ceil(scale.lowCents / step) * step; c <= scale.highCents; c += step) {
    const double y = scale.y(c);
    painter.setPen(QPen(style::rule, std::abs(c) < 1e-6 ? 1.6 : 0.8));
    painter.drawLine(QPointF(scale.area.left(), y), QPointF(scale.area.right(), y));
    painter.setPen(style::quietInk);
    QString text = signedFigure(c);
    if (travels) {
      const int sounding = nearestSemitone(shiftedBy(scale.targets.front().hz, c), picture.context.reference);
      text = shownNote(
          picture.context.instrument ? picture.context.instrument->writtenOf(sounding) : sounding, spelling);
    }
    painter.drawText(QRectF(scale.area.left() - kAxisWidth, y - 8, kAxisWidth - 6, 16),
                     Qt::AlignRight | Qt::AlignVCenter, text);
  }
  painter.setPen(style::quietInk);
  if (!travels)
    painter.drawText(QRectF(scale.area.left() - kAxisWidth, scale.area.top() - 18, kAxisWidth + 40, 14),
                     Qt::AlignLeft, say("cents"));
}

void paintTargetLimits(QPainter& painter, const TakePicture& picture, const RibbonScale& scale) {
  const double reach = targetReach(picture);
  if (reach <= 0.0) return;
  painter.setFont(style::work(8.5));
  for (const double limit : {reach, -reach}) {
    const QString text = signedFigure(limit);
    const double width = painter.fontMetrics().horizontalAdvance(text) + 6.0;
    const QRectF box(scale.area.right() - width - 1, scale.y(limit) + (limit > 0.0 ? -15 : 1), width, 14);
    if (!scale.area.contains(box)) continue;
    painter.fillRect(box, clearedSheet());
    painter.setPen(style::quietInk);
    painter.drawText(box, Qt::AlignCenter, text);
  }
}

namespace {

struct Most {
  const Tone* tone = nullptr;
  double value = 0.0;
};
/// The tone that is asked for with the largest of a figure, whatever its sign.
template <class Figure>
Most mostOf(const TakePicture& picture, Figure figure) {
  Most most;
  for (const CueResult& cue : picture.analysis.cues) {
    const Tone* tone = cue.asksForSound && cue.matched ? soundOf(cue, picture.analysis).tone : nullptr;
    const auto value = tone ? figure(*tone) : std::nullopt;
    if (value && (!most.tone || std::abs(*value) > std::abs(most.value))) most = {tone, *value};
  }
  return most;
}

}  // namespace

void paintRibbonEvents(QPainter& painter, const TakePicture& picture, const RibbonScale& scale) {
  const QRectF& area = scale.area;
  painter.save();
  painter.setClipRect(area);
  painter.setRenderHint(QPainter::Antialiasing);
  Labels labels(painter, area);
  const auto spellingOf = [&](int written) { return shownNote(written, spellingFor(picture.context)); };
  const auto shows = [&](const char* id) {
    const Reading* r = readingOf(picture, id);
    return r && r->value && (r->verdict == Verdict::near || r->verdict == Verdict::outside);
  };
  for (const Tone& tone : picture.analysis.tones) {
    for (const Dropout& d : tone.dropouts) {
      if (isBetweenNotes(d, tone)) continue;
      const double x = scale.x(d.at_s + d.length_s / 2.0);
      painter.setPen(QPen(style::attention, 1.2, Qt::DashLine));
      painter.drawLine(QPointF(x, area.top() + 26), QPointF(x, area.bottom() - 26));
      labels.put({x, area.bottom() - 14}, say("break %1 ms").arg(1000.0 * d.length_s, 0, 'f', 0),
                 style::attention);
    }
    for (const Slip& s : tone.slips)
      labels.put({scale.x(s.at_s + s.length_s / 2.0), s.to > s.from ? area.top() + 14 : area.bottom() - 14},
                 say("slip to %1").arg(spellingOf(s.to)), style::attention);
    for (const Note& n : tone.notes) {
      const QPointF at(scale.x((n.start_s + n.end_s) / 2.0), area.top() + 14);
      if (n.asked && *n.asked != n.written)
        labels.put(at, say("%1 in place of %2").arg(spellingOf(n.written), spellingOf(*n.asked)),
                   style::attention);
      else if (tone.notes.size() > 1)
        labels.put(at, spellingOf(n.written), style::ink);
    }
    if (tone.notes.empty() && tone.glides.empty() && tone.held_s > kMereTry_s)
      labels.put({scale.x((tone.start_s + tone.end_s) / 2.0), area.top() + 14}, say("no one note"),
                 style::quietInk);
    double y = area.bottom() - 34;
    const auto along = [&](const Note& n, const QString& text) {
      painter.setPen(QPen(style::quietInk, 1.2));
      painter.drawLine(QPointF(scale.x(n.coreStart_s), y), QPointF(scale.x(n.coreEnd_s), y));
      labels.put({scale.x((n.coreStart_s + n.coreEnd_s) / 2.0), y}, text, style::quietInk);
    };
    for (const Note& n : tone.notes) {
      y = area.bottom() - 34;
      if (n.vibrato)
        along(n, (n.vibrato->extent_cents > kWideSwing_cents ? say("swings %1 times a second, ±%2 cents")
                                                             : say("vibrato %1 a second, ±%2 cents"))
                     .arg(n.vibrato->rate_hz, 0, 'f', 1)
                     .arg(n.vibrato->extent_cents, 0, 'f', 0));
      y -= n.vibrato ? 22 : 0;
      if (n.level_wave)
        along(n, say("level pulses %1 times a second, %2 dB")
                     .arg(n.level_wave->rate_hz, 0, 'f', 1)
                     .arg(n.level_wave->depth_db, 0, 'f', 0));
    }
    if (tone.release.rings_on_s > kLongRing_s)
      labels.put({scale.x(tone.end_s + tone.release.rings_on_s / 2.0), area.bottom() - 14},
                 say("the room, %1 s").arg(tone.release.rings_on_s, 0, 'f', 1), style::quietInk);
  }
  // What is said of all tones is named at the one that has the most of it.
  if (shows("scoop_cents"))
    if (const auto [tone, cents] = mostOf(picture, [](const Tone& t) { return t.onset.scoop_cents; }); tone)
      labels.put({scale.x(tone->start_s + 0.1), scale.y(cents) + (cents < 0 ? 44 : -44)},
                 say("scoop %1 cents").arg(signedFigure(cents)), style::attention);
  if (shows("air_before_ms"))
    if (const auto [tone, ms] = mostOf(picture, [](const Tone& t) { return t.onset.air_before_ms; }); tone)
      labels.put({scale.x(tone->start_s - ms / 2000.0), area.center().y()},
                 say("air %1 ms").arg(ms, 0, 'f', 0), style::attention);
  if (shows("sag_cents"))
    if (const auto [tone, cents] = mostOf(picture, [](const Tone& t) { return t.release.sag_cents; }); tone)
      labels.put({scale.x(tone->end_s - 0.35),
                  scale.y(tone->notes.back().offset_cents.value_or(0.0) + cents) + (cents < 0 ? 40 : -40)},
                 say("sag %1 cents").arg(signedFigure(cents)), style::attention);
  for (const Air& air : picture.analysis.airs) {
    const QRectF box(QPointF(scale.x(air.start_s), area.bottom() - 8),
                     QPointF(scale.x(air.end_s), area.bottom() - 2));
    painter.fillRect(box, style::air);
    if (!picture.hasCues()) labels.put({box.center().x(), box.top() - 9}, say("breath"), style::quietInk);
  }
  painter.restore();
}

namespace {

/// The level that the cues ask for, as a broad quiet line whose top lies at the loudest moment.
template <class Y>
void paintAskedLevels(QPainter& painter, const TakePicture& picture, const RibbonScale& scale,
                      const QRectF& area, Y y) {
  painter.save();
  painter.setClipRect(area);
  painter.setPen(linePen(style::band, 9));
  const double top = std::max(scale.loudest_dbfs, kLeastPeak_dbfs);
  for (std::size_t i = 0; i < picture.sheet.cues.size(); ++i) {
    const SheetCue& cue = picture.sheet.cues[i];
    if (cue.loudness.empty()) continue;
    const bool done = !picture.live && i < picture.analysis.cues.size();
    const double from = done ? picture.analysis.cues[i].start_s : picture.sheetStart_s + cue.start_s;
    const double to = done ? picture.analysis.cues[i].end_s : picture.sheetStart_s + cue.end_s();
    QPolygonF line;
    for (const LevelPoint& p : cue.loudness)
      line << QPointF(scale.x(from + p.share * (to - from)), y(top + p.level_db));
    painter.drawPolyline(line);
  }
  painter.restore();
}

}  // namespace

void paintLane(QPainter& painter, const TakePicture& picture, const RibbonScale& scale, const QRectF& area,
               Lane lane) {
  painter.save();
  painter.fillRect(area, style::sheet);
  painter.setPen(QPen(style::rule, 1));
  painter.drawLine(area.topLeft(), area.topRight());
  const bool level = lane == Lane::level;
  const double top = level ? 0.0 : 45.0;
  const double bottom = level ? -60.0 : 0.0;
  const auto y = [&](double v) {
    return area.bottom() - 3 - (std::clamp(v, bottom, top) - bottom) / (top - bottom) * (area.height() - 8);
  };
  painter.setFont(style::work(8.5));
  for (const double mark : level ? std::vector<double>{-20, -40} : std::vector<double>{15, 30}) {
    painter.setPen(QPen(style::rule, 0.8));
    painter.drawLine(QPointF(area.left(), y(mark)), QPointF(area.right(), y(mark)));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(area.left() - kAxisWidth, y(mark) - 8, kAxisWidth - 6, 16),
                     Qt::AlignRight | Qt::AlignVCenter, signedFigure(mark, 0, false));
  }
  painter.setRenderHint(QPainter::Antialiasing);
  if (level) paintAskedLevels(painter, picture, scale, area, y);
  painter.setPen(linePen(level ? style::loudness : style::colour, 2.0));
  QPolygonF line;
  const auto& frames = picture.tracks.frames;
  painter.setClipRect(area);
  const auto first = static_cast<std::size_t>(std::max(0.0, scale.from_s / kHop_s));
  const std::size_t stride = strideFor(scale);
  double lastX = 0.0;
  for (std::size_t i = first; i < frames.size(); ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    if (t > scale.to_s) break;
    const TrackFrame& f = frames[i];
    if (!level && f.colour < 0) {  // colour has frames of its own
      if (f.f0_hz > 0.0f) continue;
      drawLong(painter, line);
      line.clear();
      continue;
    }
    const double x = scale.x(t);
    if (level ? i % stride != 0 : !line.isEmpty() && x < lastX + 1.0) continue;
    lastX = x;
    line << QPointF(
        x, y(level ? f.level_dbfs : picture.tracks.colours[static_cast<std::size_t>(f.colour)].hnr_db));
  }
  drawLong(painter, line);
  const QString name = level ? say("level, dBFS") : say("core over noise, dB");
  painter.setFont(style::work(8.5, true));
  painter.setPen(level ? style::loudness : style::colour);
  const QRectF text(area.right() - 160, area.top() + 3, 154, 15);
  painter.fillRect(QRectF(text.right() - painter.fontMetrics().horizontalAdvance(name) - 4, text.top(),
                          painter.fontMetrics().horizontalAdvance(name) + 6, 15),
                   style::sheet);
  painter.drawText(text, Qt::AlignRight, name);
  painter.restore();
}

QRectF ribbonArea(const TakePicture& picture, const QRectF& area) {
  const double strip = picture.hasCues() ? kStripHeight + 6.0 : 0.0;
  return area.adjusted(kAxisWidth, 22, -8, -(2 * kLaneHeight + 34 + strip));
}

QRectF stripArea(const TakePicture& picture, const QRectF& area) {
  if (!picture.hasCues()) return {};
  const QRectF ribbon = ribbonArea(picture, area);
  return {ribbon.left(), ribbon.bottom() + 6, ribbon.width(), kStripHeight};
}

void paintTake(QPainter& painter, const TakePicture& picture, const QRectF& area, double from_s, double to_s,
               std::optional<std::size_t> chosenCue) {
  painter.fillRect(area, style::paper);
  const RibbonScale scale = fitScale(picture, ribbonArea(picture, area), from_s, to_s);
  paintRibbonGround(painter, picture, scale);
  paintRibbon(painter, picture, scale);
  paintTargetLimits(painter, picture, scale);
  if (!picture.live) paintRibbonEvents(painter, picture, scale);
  QRectF lane(scale.area.left(), scale.area.bottom() + 6, scale.area.width(), kLaneHeight);
  if (const QRectF strip = stripArea(picture, area); !strip.isEmpty()) {
    paintCueStrip(painter, picture, scale, strip, chosenCue);
    lane.translate(0, kStripHeight + 6);
  }
  paintLane(painter, picture, scale, lane, Lane::level);
  lane.translate(0, kLaneHeight + 4);
  paintLane(painter, picture, scale, lane, Lane::colour);
  painter.setFont(style::work(8.5));
  painter.setPen(style::quietInk);
  const double step = axisStep(to_s - from_s, 10);
  for (double t = std::ceil(from_s / step) * step; t <= to_s; t += step) {
    const QString text = QString::number(t, 'f', step < 1.0 ? 1 : 0) + QStringLiteral(" s");
    const double width = painter.fontMetrics().horizontalAdvance(text) + 2.0;
    const double left = std::min(scale.x(t) - width / 2.0, area.right() - width);
    painter.drawText(QRectF(left, lane.bottom() + 3, width, 16), Qt::AlignCenter, text);
  }
}

QImage thumbnail(const TakePicture& picture, const QSize& size, double ratio) {
  QImage image(size * ratio, QImage::Format_ARGB32_Premultiplied);
  image.setDevicePixelRatio(ratio);
  image.fill(style::sheet);
  QPainter painter(&image);
  const Tone* tone = picture.analysis.mainTone();
  if (!tone) return image;
  const Tone& first = picture.hasCues() ? picture.analysis.tones.front() : *tone;
  const Tone& last = picture.hasCues() ? picture.analysis.tones.back() : *tone;
  const RibbonScale scale = fitScale(picture, QRectF(2, 2, size.width() - 4, size.height() - 4),
                                     first.start_s - 0.15, last.end_s + 0.15);
  painter.fillRect(QRectF(0, scale.y(12), size.width(), scale.y(-12) - scale.y(12)), style::band);
  paintRibbon(painter, picture, scale);
  return image;
}

}  // namespace calando
