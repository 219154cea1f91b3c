#include "app/ribbon/subject.h"

#include "app/ribbon/break_marks.h"
#include "app/ribbon/lane.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/ribbon/ribbon_texts.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/asked_level.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/measure/edges/sounds.h"

namespace calando {

namespace {

constexpr double kDeep_db = -33.0, kOver_db = 4.0;  // of the lane, about the loudest moment
constexpr double kNarrowest_db = 1.0;               // of the room about what is asked for
constexpr double kLine = 2.6;
constexpr double kLeast_ms = 40.0, kMost_ms = 400.0, kBeyond = 1.25;  // of early and late

LaneRow loudnessRow() {
  return {kDeep_db, kOver_db, {0, -6, -12, -18, -24, -30}, style::loudness, Ribbon::tr("loudness")};
}

/// What the target of a figure leaves to either side; 0: it has none.
double roomOf(const Snapshot& take, const char* figure) {
  const Reading* reading = readingOf(take, figure);
  return reading ? reading->high.value_or(0.0) : 0.0;
}

/// The levels that the cues ask for, as a band with the target's room to either side.
void paintAskedLevels(QPainter& painter, const Snapshot& take, const RibbonScale& scale, const LaneRow& row,
                      double loudest_dbfs) {
  const double room = std::max(roomOf(take, "shape_error_db"), kNarrowest_db);
  painter.setPen(Qt::NoPen);
  painter.setBrush(style::band);
  for (std::size_t i = 0; i < take.sheet.cues.size(); ++i) {
    const SheetCue& cue = take.sheet.cues[i];
    if (cue.loudness.empty()) continue;
    const Span asked = take.placeOf(i);
    const double over = (take.live ? 0.0 : overAsked_dbfs(take, i).value_or(loudest_dbfs) - loudest_dbfs);
    QPolygonF upper, lower;
    for (const ShapePoint& p : cue.loudness) {
      const double x = scale.x(asked.start_s + p.share * (asked.end_s - asked.start_s));
      upper << QPointF(x, row.y(scale.area, over + p.value + room));
      lower.prepend(QPointF(x, row.y(scale.area, over + p.value - room)));
    }
    painter.drawPolygon(upper + lower);
  }
}

void paintLevelLine(QPainter& painter, const Snapshot& take, const RibbonScale& scale, const LaneRow& row,
                    double loudest_dbfs) {
  painter.setPen(linePen(row.ink, kLine));
  QPolygonF line;
  const auto& frames = take.tracks.frames;
  const std::size_t stride = strideFor(scale);
  for (auto i = static_cast<std::size_t>(std::max(0.0, scale.from_s / kHop_s)); i < frames.size();
       i += stride) {
    const double t = static_cast<double>(i) * kHop_s;
    if (t > scale.to_s) break;
    line << QPointF(scale.x(t), row.y(scale.area, frames[i].level_dbfs - loudest_dbfs));
  }
  drawLong(painter, line);
}

/// Where a swell turned, when that is not where it should.
void nameTurns(QPainter& painter, Labels& labels, const Snapshot& take, const RibbonScale& scale) {
  for (std::size_t i = 0; i < take.analysis.cues.size() && i < take.sheet.cues.size(); ++i) {
    const auto beats = take.analysis.cues[i].dynamics.peak_error_beats;
    const SheetCue& cue = take.sheet.cues[i];
    if (!beats || cue.loudness.empty()) continue;
    const auto top = std::ranges::max_element(cue.loudness, {}, &ShapePoint::value);
    const Span asked = take.placeOf(i);
    const double t = asked.start_s + top->share * (asked.end_s - asked.start_s) + *beats * take.sheet.beat_s;
    const QString turns = words::number(std::abs(*beats), 1, false);
    if (turns == words::number(0.0, 1, false)) continue;
    painter.setPen(QPen(style::attention, 1.2, Qt::DashLine));
    painter.drawLine(QPointF(scale.x(t), scale.area.top() + 4), QPointF(scale.x(t), scale.area.bottom()));
    labels.put(
        {scale.x(t), scale.area.top() + 16},
        (*beats < 0.0 ? Ribbon::tr("turns %1 beats early") : Ribbon::tr("turns %1 beats late")).arg(turns),
        style::attention);
  }
}

}  // namespace

void paintLoudness(QPainter& painter, const Snapshot& take, const RibbonScale& scale) {
  const LaneRow row = loudnessRow();
  painter.save();
  paintLaneGround(painter, scale.area, row);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setClipRect(scale.area);
  const double loudest = std::max(scale.loudest_dbfs, kLeastPeak_dbfs);
  paintAskedLevels(painter, take, scale, row, loudest);
  paintLevelLine(painter, take, scale, row, loudest);
  if (!take.live) {
    Labels labels(painter, scale.area);
    nameTurns(painter, labels, take, scale);
    nameBreaks(painter, labels, take, scale);
  }
  painter.setClipping(false);
  paintLaneUnit(painter, scale.area, Ribbon::tr("dB under the loudest"));
  paintLaneName(painter, scale.area, row);
  painter.restore();
}

void paintEvenness(QPainter& painter, const Snapshot& take, const RibbonScale& scale) {
  constexpr double half = 5.0;
  const double room = std::max(roomOf(take, "place_ms"), roomOf(take, "step_spread_ms"));
  double most_ms = std::max(kLeast_ms, kBeyond * room);
  for (const CueResult& cue : take.analysis.cues)
    if (const auto came = cameAt(cue, take.analysis))
      most_ms = std::clamp(kBeyond * 1000.0 * std::abs(*came - cue.start_s), most_ms, kMost_ms);
  const double step = axisStep(2.0 * most_ms, 6);
  LaneRow row{-most_ms, most_ms, {}, style::pitch, Ribbon::tr("early and late, ms")};
  for (double mark = -std::floor(most_ms / step) * step; mark <= most_ms; mark += step)
    row.marks.push_back(mark);
  const QRectF& area = scale.area;
  painter.save();
  paintLaneGround(painter, area, row);
  painter.setClipRect(area);
  painter.fillRect(
      QRectF(area.left(), row.y(area, room), area.width(), row.y(area, -room) - row.y(area, room)),
      style::band);
  painter.setPen(Qt::NoPen);
  for (const CueResult& cue : take.analysis.cues) {
    const auto came = cameAt(cue, take.analysis);
    if (!came) continue;
    const double ms = 1000.0 * (*came - cue.start_s), x = scale.x(cue.start_s);
    const double from = row.y(area, 0.0), to = row.y(area, ms);
    painter.fillRect(
        QRectF(QPointF(x - half, std::min(from, to) - 1), QPointF(x + half, std::max(from, to) + 1)),
        cue.verdict == Verdict::outside ? style::attention : style::pitch);
  }
  paintLaneName(painter, area, row);
  painter.restore();
}

}  // namespace calando
