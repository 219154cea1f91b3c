#include "app/lesson/sheet_preview.h"

#include "app/picture/gallery.h"
#include "app/ribbon/cue_strip.h"
#include "app/ribbon/picture.h"
#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr int kStrip = 42;
constexpr int kSmallShapes = 40, kShapes = 72;
constexpr int kFoot = 48, kFootLine = 20;
constexpr double kReach_px = 9.0;
constexpr int kPerBeat = 2;  // where points snap to
}  // namespace

SheetPreview::SheetPreview(bool drawnOn) : drawnOn_(drawnOn) {
  setFixedHeight(kStrip + (drawnOn ? kShapes + kFoot : kSmallShapes + kFoot - kFootLine));
  setAccessibleName(drawnOn ? tr("The cues on the count; their loudness and pitch are drawn here")
                            : tr("Preview of the cues on the count"));
  if (drawnOn)
    setToolTip(tr(
        "A click or a drag puts a point on the beats, with Shift anywhere; a right click takes one away."));
}

void SheetPreview::setDrawn(Drawn what) {
  what_ = what;
  update();
}

void SheetPreview::setSheet(const CueSheet& sheet, const Context& context) {
  snapshot_.sheet = sheet;
  snapshot_.context = context;
  snapshot_.sheetStart_s = sheet.countIn_s();
  snapshot_.live = true;
  update();
}

RibbonScale SheetPreview::scale() const {
  RibbonScale scale;
  scale.area = QRectF(4, 2, width() - 8, kStrip);
  scale.to_s = std::max(0.1, snapshot_.sheet.countIn_s() + snapshot_.sheet.length_s());
  return scale;
}

QRectF SheetPreview::shapes() const {
  return {4, kStrip + 6.0, width() - 8.0, static_cast<double>(drawnOn_ ? kShapes : kSmallShapes)};
}

DrawnRange SheetPreview::range() const {
  if (what_ == Drawn::loudness) return kDrawnLoudness;
  DrawnRange range = kDrawnPitch;
  for (const SheetCue& cue : snapshot_.sheet.cues)
    for (const ShapePoint& p : cue.pitch) range.high = std::max(range.high, std::abs(p.value));
  range.low = -range.high;
  return range;
}

const Shape& SheetPreview::shapeOf(const SheetCue& cue) const {
  return what_ == Drawn::loudness ? cue.loudness : cue.pitch;
}

double SheetPreview::yOf(double value) const {
  const QRectF area = shapes();
  const DrawnRange within = range();
  return area.top() +
         std::clamp((within.high - value) / (within.high - within.low), 0.0, 1.0) * area.height();
}
double SheetPreview::valueAt(double y) const {
  const QRectF area = shapes();
  const DrawnRange within = range();
  return within.high - std::clamp((y - area.top()) / area.height(), 0.0, 1.0) * (within.high - within.low);
}

void SheetPreview::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), style::paper);
  const CueSheet& sheet = snapshot_.sheet;
  if (sheet.cues.empty()) return;
  const RibbonScale here = scale();
  paintCueStrip(painter, snapshot_, here, here.area, {});
  if (drawnOn_ && snapshot_.context.exercise->asksForTones())
    paintShapes(painter, here);
  else
    pictureFor(snapshot_).paintAsked(painter, snapshot_, {shapes(), here.from_s, here.to_s});
  paintFoot(painter, here);
}

void SheetPreview::paintFoot(QPainter& painter, const RibbonScale& here) {
  const CueSheet& sheet = snapshot_.sheet;
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  const QString count = sheet.counted() ? tr("Beats of the count: %1 before, %2 in all; %3 s")
                                              .arg(sheet.countIn)
                                              .arg(std::lround(here.to_s / sheet.beat_s))
                                              .arg(words::number(here.to_s, 0, false))
                        : sheet.oneBreath() ? tr("Not counted: as long as it lasts")
                                            : tr("Not counted; %1 s").arg(words::number(here.to_s, 0, false));
  const QRectF first(4, shapes().bottom() + 4, width() - 8, kFootLine);
  painter.drawText(first, Qt::AlignLeft | Qt::AlignVCenter, count);
  if (!drawnOn_ || !snapshot_.context.exercise->asksForTones()) return;
  const DrawnRange within = range();
  const QString drawn = what_ == Drawn::loudness
                            ? tr("loudness: 0 above, %1 dB below").arg(words::number(within.low))
                            : tr("pitch about the cue’s note: %1 cents above, %2 below")
                                  .arg(words::number(within.high), words::number(within.low));
  const auto lengthOf = [&](const QString& text) { return painter.fontMetrics().horizontalAdvance(text); };
  const bool fits = lengthOf(count) + lengthOf(drawn) + kFootLine < first.width();
  painter.drawText(fits ? first : first.translated(0, kFootLine), Qt::AlignRight | Qt::AlignVCenter, drawn);
}

void SheetPreview::paintShapes(QPainter& painter, const RibbonScale& here) {
  const CueSheet& sheet = snapshot_.sheet;
  for (std::size_t i = 0; i < sheet.cues.size(); ++i) {
    const SheetCue& cue = sheet.cues[i];
    if (!isSounding(cue.kind)) continue;
    const double from = here.x(snapshot_.placeOf(i).start_s), to = here.x(snapshot_.placeOf(i).end_s);
    painter.fillRect(QRectF(from, shapes().top(), to - from, shapes().height()), style::sheet);
    QPolygonF line;
    for (const ShapePoint& p : shapeOf(cue)) line << QPointF(from + p.share * (to - from), yOf(p.value));
    if (what_ == Drawn::pitch) {
      painter.setPen(QPen(style::rule, 1));
      painter.drawLine(QPointF(from, yOf(0)), QPointF(to, yOf(0)));
    }
    if (line.isEmpty()) line << QPointF(from, yOf(0)) << QPointF(to, yOf(0));
    const QColor ink = what_ == Drawn::loudness ? style::loudness : style::ink;
    painter.setPen(QPen(ink, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(line);
    painter.setBrush(ink);
    for (const QPointF& p : line) painter.drawEllipse(p, 3.5, 3.5);
  }
}

void SheetPreview::drawAt(QPointF place, Qt::KeyboardModifiers modifiers, bool remove) {
  if (!held_) return;
  const RibbonScale here = scale();
  const SheetCue& cue = snapshot_.sheet.cues[*held_];
  const Span span = snapshot_.placeOf(*held_);
  const double width = here.x(span.end_s) - here.x(span.start_s);
  const double share = std::clamp((place.x() - here.x(span.start_s)) / width, 0.0, 1.0);
  const double reach = kReach_px / width;
  if (remove) {
    emit shapeDrawn(*held_, withoutPoint(shapeOf(cue), share, reach));
    return;
  }
  const bool counted = snapshot_.sheet.counted() && !modifiers.testFlag(Qt::ShiftModifier);
  const int steps =
      counted ? static_cast<int>(std::lround(kPerBeat * cue.length_s / snapshot_.sheet.beat_s)) : 0;
  emit shapeDrawn(*held_, withPoint(shapeOf(cue), snapped(share, steps), valueAt(place.y()),
                                    std::max(reach, steps > 0 ? 0.49 / steps : 0.0), range()));
}

void SheetPreview::mousePressEvent(QMouseEvent* event) {
  held_.reset();
  if (!drawnOn_ || !shapes().adjusted(0, -6, 0, 6).contains(event->position())) return;
  const auto cue = snapshot_.cueAt(scale().time(event->position().x()));
  if (!cue || !isSounding(snapshot_.sheet.cues[*cue].kind)) return;
  held_ = cue;
  drawAt(event->position(), event->modifiers(), event->button() == Qt::RightButton);
}

void SheetPreview::mouseMoveEvent(QMouseEvent* event) {
  if (event->buttons().testFlag(Qt::LeftButton)) drawAt(event->position(), event->modifiers(), false);
}

void SheetPreview::mouseReleaseEvent(QMouseEvent*) { held_.reset(); }

}  // namespace calando
