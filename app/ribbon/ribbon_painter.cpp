#include "app/ribbon/ribbon_painter.h"

#include "app/ribbon/lane.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_texts.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/engine/span.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/reading.h"
#include "core/judging/discipline.h"
#include "core/judging/judging.h"
#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr int kInks = 6;          // shades of the ribbon's ink
constexpr double kAcross = 2.0;   // pixels
constexpr double kRough = 0.62;   // of the thickness, every second frame of a crackle
constexpr double kSmall = 100.0;  // a thumbnail has no room for the middle line

/// Harmonics over noise, dB: what is as good as air, and what is as dense as that part gets. No small part is
/// as clean as a whole instrument.
struct InkScale {
  double air_db, dense_db;
};
InkScale inkScaleOf(PartPlayed part) {
  switch (part) {
    case PartPlayed::whole:
      break;
    case PartPlayed::mouthpiece:
    case PartPlayed::lips:
      return {0.0, 16.0};
    case PartPlayed::mouthpieceNeck:
      return {2.0, 22.0};
    case PartPlayed::reed:
      return {-3.0, 14.0};
    case PartPlayed::headJoint:
      return {-1.0, 16.0};
  }
  return {4.0, 26.0};
}

/// 0 (air) to kInks - 1 (a dense core) for a harmonic-to-noise ratio.
int inkOf(double hnr_db, const InkScale& scale) {
  const double share = (hnr_db - scale.air_db) / (scale.dense_db - scale.air_db);
  return std::clamp(static_cast<int>(share * kInks), 0, kInks - 1);
}

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
Part partAt(const Snapshot& snapshot, double t) {
  if (snapshot.live) return Part::tone;
  for (const Tone& tone : snapshot.analysis.tones) {
    if (t < tone.start_s || t > tone.end_s + tone.release.rings_on_s) continue;
    if (t > tone.end_s) return Part::ring;
    const bool broken = std::ranges::any_of(
        tone.dropouts, [t](const Dropout& d) { return t > d.at_s && t < d.at_s + d.length_s; });
    return broken ? Part::none : Part::tone;
  }
  return Part::none;
}

/// In a crackle the ribbon's edge is rough.
bool isRough(const Snapshot& snapshot, double t) {
  return std::ranges::any_of(snapshot.analysis.tones, [t](const Tone& tone) {
    const bool crackles =
        tone.quality == BuzzQuality::crackling || tone.quality == BuzzQuality::weakCrackling;
    return crackles && t >= tone.start_s && t <= tone.end_s;
  });
}

struct FrameRange {
  std::size_t first, last, stride;
};

/// The middle line: the pitch itself.
void paintMiddle(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale,
                 const FrameRange& range) {
  const RibbonScale::Target* before = nullptr;
  painter.setPen(linePen(style::sheet, 1.4));
  QPolygonF line;
  double before_hz = 0.0;
  for (std::size_t i = range.first; i < range.last; i += range.stride) {
    const double t = static_cast<double>(i) * kHop_s;
    const double hz = partAt(snapshot, t) == Part::tone ? snapshot.drawn_hz(i) : 0.0;
    const RibbonScale::Target& target = scale.targetAt(t);
    const bool joins = hz > 0.0 && before_hz > 0.0 && &target == before &&
                       std::abs(centsBetween(before_hz, hz)) < 80.0 * static_cast<double>(range.stride);
    if (!joins) {
      drawLong(painter, line);
      line.clear();
    }
    if (hz > 0.0) line << QPointF(scale.x(t), scale.y(centsBetween(target.hz, hz)));
    before = &target;
    before_hz = hz;
  }
  drawLong(painter, line);
}

/// The band, as thick as the sound is loud, darker the purer.
void paintBand(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale,
               const FrameRange& range) {
  const auto& frames = snapshot.tracks.frames;
  QPolygonF upper, lower;
  int shade = -1;
  Part partBefore = Part::none;
  double before_hz = 0.0;
  const RibbonScale::Target* before = nullptr;
  double lastY = 0.0;
  int current = kInks - 1;
  const InkScale inks = inkScaleOf(snapshot.context.partPlayed());
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
  for (std::size_t i = range.first; i < range.last; i += range.stride) {
    const TrackFrame& f = frames[i];
    const double t = static_cast<double>(i) * kHop_s;
    if (f.colour >= 0)
      current = inkOf(snapshot.tracks.colours[static_cast<std::size_t>(f.colour)].hnr_db, inks);
    const Part part = partAt(snapshot, t);
    const RibbonScale::Target& target = scale.targetAt(t);
    const double hz = snapshot.drawn_hz(i);
    const bool joins = hz > 0.0 && part == partBefore && before_hz > 0.0 && &target == before &&
                       std::abs(centsBetween(before_hz, hz)) < 80.0 * static_cast<double>(range.stride);
    if (!joins) {
      finish();
      shade = current;
    }
    partBefore = part;
    before = &target;
    before_hz = part == Part::none ? 0.0 : hz;
    if (before_hz <= 0.0) continue;
    const bool pieceEnds = current != shade || upper.size() >= kPiece;
    // Pieces meet between two pixels, so that no seam shows.
    const double x = pieceEnds ? std::round(scale.x(t)) : scale.x(t);
    const double y = scale.y(centsBetween(target.hz, hz));
    // Where the line is steep, a thickness measured upright would leave a hair: keep some of it across.
    const double steep = upper.isEmpty() ? 0.0 : (y - lastY) / std::max(0.2, x - upper.back().x());
    const double level = scale.halfThickness(f.level_dbfs);
    double half = std::clamp(kAcross * std::sqrt(1.0 + steep * steep), level, 3.0 * level);
    if (isRough(snapshot, t) && i / range.stride % 2 == 1) half *= kRough;
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
}

}  // namespace

const Reading* readingOf(const Snapshot& snapshot, const char* id) {
  const auto found = std::ranges::find(snapshot.analysis.readings, id, &Reading::id);
  return found == snapshot.analysis.readings.end() ? nullptr : &*found;
}

void paintRibbon(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale) {
  painter.save();
  painter.setClipRect(scale.area.adjusted(0, 0, 1, 0));
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(Qt::NoPen);
  const FrameRange range{static_cast<std::size_t>(std::max(0.0, scale.from_s / kHop_s - 1)),
                         std::min(snapshot.tracks.frames.size(),
                                  static_cast<std::size_t>(std::max(0.0, scale.to_s / kHop_s + 2))),
                         strideFor(scale)};
  paintBand(painter, snapshot, scale, range);
  if (scale.area.height() >= kSmall) paintMiddle(painter, snapshot, scale, range);
  painter.restore();
}

namespace {
constexpr double kNamed_cents = 500.0;    // notes go before cents from there on
constexpr double kNarrowest_cents = 5.0;  // of a path, where nothing is asked

/// Cents to either side that the target allows; 0 where there is none.
double targetReach(const Snapshot& snapshot) {
  if (snapshot.isFree()) return 0.0;
  const Reading* offset = readingOf(snapshot, "offset_cents");
  if (offset && offset->high) return *offset->high;
  const Context& context = snapshot.context;
  if (const Target* target =
          context.level ? targetIn(context.level->targets, "offset_cents", context.instrument) : nullptr)
    return target->high.value_or(0.0);
  return 0.0;
}

/// Where the pitch is asked for, with what the target allows: along the note asked for, and the path of a cue
/// that has one.
void paintAsked(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale, double reach) {
  QPolygonF upper, lower;
  const auto add = [&](double x, double cents) {
    upper << QPointF(x, scale.y(cents + reach));
    lower.prepend(QPointF(x, scale.y(cents - reach)));
  };
  add(scale.area.left(), 0.0);
  for (std::size_t i = 0; i < snapshot.sheet.cues.size(); ++i) {
    const Shape& path = snapshot.sheet.cues[i].pathAsked();
    if (path.empty()) continue;
    const Span span = snapshot.placeOf(i);
    add(scale.x(span.start_s), 0.0);
    for (const ShapePoint& p : path)
      add(scale.x(span.start_s + p.share * (span.end_s - span.start_s)), p.value);
    add(scale.x(span.end_s), 0.0);
  }
  add(scale.area.right(), 0.0);
  painter.save();
  painter.setClipRect(scale.area);
  painter.setPen(Qt::NoPen);
  painter.setBrush(style::band);
  painter.drawPolygon(upper + lower);
  painter.restore();
}

/// Semitones from one line to the next, about eight lines.
double semitoneStep(double semitones) {
  for (const double step : {1.0, 2.0, 3.0, 4.0, 6.0})
    if (8.0 * step >= semitones) return step;
  return 12.0;
}

/// A buzz on its way is told in semitones.
bool goesFar(const Snapshot& snapshot) {
  const auto goes = [](const Tone& tone) { return !tone.glides.empty(); };
  return disciplineOf(snapshot.context).roams && std::ranges::any_of(snapshot.analysis.tones, goes);
}
}  // namespace

void paintRibbonGround(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale) {
  painter.fillRect(scale.area, style::sheet);
  const double reach = targetReach(snapshot);
  painter.setFont(style::work(style::kSmallType));
  const bool drawn =
      std::ranges::any_of(snapshot.sheet.cues, [](const SheetCue& cue) { return !cue.pathAsked().empty(); });
  if (reach > 0.0 || drawn) paintAsked(painter, snapshot, scale, std::max(reach, kNarrowest_cents));
  const double span = scale.highCents - scale.lowCents;
  const bool travels = (span > kNamed_cents || goesFar(snapshot)) && scale.targets.size() == 1;
  const bool small = scale.area.height() < kSmall;
  const double step = travels ? 100.0 * semitoneStep(span / 100.0) : axisStep(span, small ? 2 : 6);
  const Spelling spelling = spellingFor(snapshot.context);
  for (double c = std::ceil(scale.lowCents / step) * step; c <= scale.highCents; c += step) {
    const double y = scale.y(c);
    painter.setPen(QPen(style::rule, std::abs(c) < 1e-6 ? 1.6 : 0.8));
    painter.drawLine(QPointF(scale.area.left(), y), QPointF(scale.area.right(), y));
    painter.setPen(style::quietInk);
    QString text = words::number(c);
    if (travels) {
      const int sounding =
          nearestSemitone(shiftedBy(scale.targets.front().hz, c), snapshot.context.reference);
      text =
          shownNote(snapshot.context.instrument ? snapshot.context.instrument->writtenOf(sounding) : sounding,
                    spelling);
    }
    painter.drawText(QRectF(scale.area.left() - kAxisWidth, y - 8, kAxisWidth - 6, 16),
                     Qt::AlignRight | Qt::AlignVCenter, text);
  }
  if (!travels && !small) paintLaneUnit(painter, scale.area, Ribbon::tr("cents"));
}

void paintTargetLimits(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale) {
  const double reach = targetReach(snapshot);
  if (reach <= 0.0) return;
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  for (const double limit : {reach, -reach}) {
    const QRectF box(scale.area.right() + 4, scale.y(limit) - 7, 30, 14);  // beside the curve, not on it
    if (scale.area.top() <= box.center().y() && box.center().y() <= scale.area.bottom())
      painter.drawText(box, Qt::AlignVCenter | Qt::AlignLeft, words::number(limit));
  }
}

}  // namespace calando
