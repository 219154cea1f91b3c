#include "app/ribbon/ribbon_picture.h"

#include "app/ribbon/cue_strip.h"
#include "app/ribbon/lane.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/ribbon/ribbon_texts.h"
#include "app/ribbon/subject.h"
#include "app/ribbon/timbre.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/judging/judging.h"
#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr double kLeastPath_cents = 300.0;  // above and below, where a path is asked for
constexpr double kSoftest_db = -24.0;       // at the bottom of an asked-for loudness
constexpr double kLastFrames = 10;          // back from a moment, for its colour

/// The ribbon in a small lane: the pitch, where something else is the matter.
void paintSmallRibbon(QPainter& painter, const Snapshot& take, RibbonScale scale, const QRectF& lane) {
  scale.area = lane;
  paintRibbonGround(painter, take, scale);
  paintRibbon(painter, take, scale);
  paintLaneName(painter, lane, {0.0, 1.0, {}, style::pitch, Ribbon::tr("pitch, cents")});
}

}  // namespace

QRectF RibbonPicture::timeArea(const Snapshot& take, const QRectF& area) const {
  return layoutOf(take).main(area, take.hasCues());
}

QRectF RibbonPicture::cueArea(const Snapshot& take, const QRectF& area) const {
  return layoutOf(take).cues(area, take.hasCues());
}

void RibbonPicture::paint(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  const RibbonScale scale = paintMain(painter, take, frame);
  const PictureLayout layout = layoutOf(take);
  const QRectF first = layout.lane(0, frame.area, take.hasCues()),
               last = layout.lane(1, frame.area, take.hasCues());
  if (subjectOf(take) == Subject::pitch) {
    paintLane(painter, take, scale, first, Lane::level);
  } else {
    paintSmallRibbon(painter, take, scale, first);
  }
  paintLane(painter, take, scale, last,
            subject_ == Subject::time || subject_ == Subject::timbre ? Lane::level : Lane::colour);
  paintSeconds(painter, scale, last.bottom() + 3, frame.area.right());
}

RibbonPicture::Subject RibbonPicture::subjectOf(const Snapshot& take) const {
  return take.live && subject_ == Subject::timbre ? Subject::pitch : subject_;
}

RibbonScale RibbonPicture::paintMain(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  painter.fillRect(frame.area, style::paper);
  const RibbonScale scale = fitScale(take, timeArea(take, frame.area), frame.from_s, frame.to_s);
  switch (subjectOf(take)) {
    case Subject::pitch:
      paintRibbonGround(painter, take, scale);
      paintRibbon(painter, take, scale);
      paintTargetLimits(painter, take, scale);
      if (!take.live) paintRibbonEvents(painter, take, scale);
      break;
    case Subject::loudness:
      paintLoudness(painter, take, scale);
      break;
    case Subject::time:
      paintEvenness(painter, take, scale);
      break;
    case Subject::timbre:
      paintTimbre(painter, take, scale);
      break;
  }
  if (take.hasCues()) paintCueStrip(painter, take, scale, cueArea(take, frame.area), frame.chosenCue);
  return scale;
}

RibbonScale RibbonPicture::paintAbove(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  const RibbonScale scale = paintMain(painter, take, frame);
  paintSeconds(painter, scale, layoutOf(take).seconds(frame.area, take.hasCues()), frame.area.right());
  return scale;
}

void RibbonPicture::paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const {
  const Tone* tone = take.analysis.mainTone();
  if (!tone) return;
  const Tone& first = take.hasCues() ? take.analysis.tones.front() : *tone;
  const Tone& last = take.hasCues() ? take.analysis.tones.back() : *tone;
  const RibbonScale scale =
      fitScale(take, area.adjusted(2, 2, -2, -2), first.start_s - 0.15, last.end_s + 0.15);
  painter.fillRect(QRectF(area.left(), scale.y(12), area.width(), scale.y(-12) - scale.y(12)), style::band);
  paintRibbon(painter, take, scale);
}

void RibbonPicture::paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  const auto has = [&](Shape SheetCue::*shape) {
    return std::ranges::any_of(take.sheet.cues, [=](const SheetCue& cue) { return !(cue.*shape).empty(); });
  };
  const bool path = has(&SheetCue::pitch) && !has(&SheetCue::loudness);
  double high = path ? kLeastPath_cents : 0.0;
  for (const SheetCue& cue : take.sheet.cues)
    for (const ShapePoint& p : cue.pitch) high = path ? std::max(high, std::abs(p.value)) : high;
  const double low = path ? -high : kSoftest_db;
  RibbonScale scale;
  scale.area = frame.area;
  scale.from_s = frame.from_s;
  scale.to_s = frame.to_s;
  const auto place = [&](const Span& span, double share, double value) {
    const double depth = std::clamp((high - value) / (high - low), 0.0, 1.0);
    return QPointF(scale.x(span.start_s + share * (span.end_s - span.start_s)),
                   frame.area.top() + depth * frame.area.height());
  };
  painter.setPen(QPen(path ? style::ink : style::loudness, 2));
  for (std::size_t i = 0; i < take.sheet.cues.size(); ++i) {
    const SheetCue& cue = take.sheet.cues[i];
    if (!isSounding(cue.kind)) continue;
    const Span span = take.placeOf(i);
    QPolygonF line;
    for (const ShapePoint& p : path ? cue.pitch : cue.loudness) line << place(span, p.share, p.value);
    if (line.isEmpty()) line << place(span, 0, 0) << place(span, 1, 0);
    painter.drawPolyline(line);
  }
}

void RibbonPicture::paintRow(QPainter& painter, const Snapshot& take, const QRectF& area,
                             std::span<const Span> stretches) const {
  double all = 0.0;
  for (const Span& stretch : stretches) all += stretch.end_s - stretch.start_s;
  const RibbonScale whole = fitScale(take, area, stretches.front().start_s, stretches.front().start_s + all);
  paintRibbonGround(painter, take, whole);
  RibbonScale scale = whole;
  double left = area.left();
  for (const Span& stretch : stretches) {
    scale.from_s = stretch.start_s;
    scale.to_s = stretch.end_s;
    scale.area =
        QRectF(left, area.top(), area.width() * (stretch.end_s - stretch.start_s) / all, area.height());
    left = scale.area.right();
    paintRibbon(painter, take, scale);
  }
  paintTargetLimits(painter, take, whole);
}

QString RibbonPicture::under(const Snapshot& take, const Frame& frame, double t) const {
  const auto i = static_cast<std::size_t>(std::max(0.0, std::round(t / kHop_s)));
  if (i >= take.tracks.frames.size()) return {};
  const RibbonScale scale = fitScale(take, timeArea(take, frame.area), frame.from_s, frame.to_s);
  const TrackFrame& f = take.tracks.frames[i];
  QStringList parts{Ribbon::tr("%1 s").arg(words::number(t, 2, false))};
  if (f.f0_hz > 0.0f) {
    const int written = take.context.writtenOf(nearestSemitone(f.f0_hz, take.context.reference));
    parts << shownNote(written, spellingFor(take.context))
          << Ribbon::tr("%1 cents").arg(words::number(centsBetween(scale.targetAt(t).hz, f.f0_hz), 1));
  }
  parts << Ribbon::tr("%1 dB").arg(words::number(f.level_dbfs, 1));
  for (std::size_t k = i + 1; k-- > 0 && i - k < kLastFrames;)
    if (const auto colour = take.tracks.frames[k].colour; colour >= 0) {
      if (f.f0_hz > 0.0f)
        parts << Ribbon::tr("tone %1 dB over air noise")
                     .arg(words::number(take.tracks.colours[static_cast<std::size_t>(colour)].hnr_db, 1,
                                        false));
      break;
    }
  return parts.join("   ");
}

}  // namespace calando
