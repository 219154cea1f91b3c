#include "app/picture/ladder_picture.h"

#include <QCoreApplication>

#include "app/ribbon/cue_strip.h"
#include "app/ribbon/labels.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/ribbon/ribbon_scale.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/tube.h"

namespace calando {

namespace {

constexpr double kAboveAndBelow_cents = 130.0;
constexpr double kThinnest = 1.2, kThickest = 7.0;  // a rung not held, and one held as long as was asked
constexpr double kAiry_db = 6.0, kClean_db = 26.0;
constexpr float kFaintest = 0.3f, kDarkest = 0.55f;
constexpr double kLowByNature_cents = -10.0;
constexpr double kTick = 9.0, kRibbon = 13.0;
constexpr double kToldDip_db = -4.0, kToldGap_ms = 10.0, kToldGap_cents = 0.5;
constexpr double kBeside = 20.0;

struct Ladder {
  Q_DECLARE_TR_FUNCTIONS(Ladder)
};

/// What the rungs are counted from, and which of them are in the picture.
struct Rungs {
  std::vector<SeriesRung> series;
  double lowest_hz;  // of partial 1
  int first = 0, last = 0;

  explicit Rungs(const Snapshot& take) {
    const auto fingering = fingeringFor(take.context);
    const double a4_hz = take.context.reference.a4_hz;
    lowest_hz = fingering->hz(take.context.instrument, a4_hz);
    for (const SheetCue& cue : take.sheet.cues) {
      if (!cue.partial) continue;
      first = first == 0 ? *cue.partial : std::min(first, *cue.partial);
      last = std::max(last, *cue.partial);
    }
    // Of a card whose partials the instrument does not have there is still a tube.
    first = std::max(1, first);
    last = std::max(first, last);
    series = naturalSeries(*fingering, take.context.instrument, a4_hz, last + fingering->step);
  }
  static double cents(int partial) { return 1200.0 * std::log2(partial); }
};

RibbonScale scaleOf(const Snapshot& take, const Rungs& rungs, const QRectF& area, double from_s,
                    double to_s) {
  RibbonScale scale = fitScale(take, area, from_s, to_s);
  scale.targets = {{0.0, rungs.lowest_hz}};
  scale.thickest = kRibbon;
  scale.lowCents = Rungs::cents(rungs.first) - kAboveAndBelow_cents;
  scale.highCents = Rungs::cents(rungs.last) + kAboveAndBelow_cents;
  return scale;
}

/// How much of what was asked of a rung was held, and how clean.
struct Held {
  double share = 0.0;
  double clean = 0.0;
};
Held heldOn(const Snapshot& take, int partial) {
  double asked = 0.0, held = 0.0;
  std::vector<double> core;
  for (std::size_t c = 0; c < take.analysis.cues.size() && c < take.sheet.cues.size(); ++c) {
    if (take.sheet.cues[c].partial != partial) continue;
    asked += take.analysis.cues[c].end_s - take.analysis.cues[c].start_s;
    const Note* note = soundOf(take.analysis.cues[c], take.analysis).note;
    if (!note || note->partial != partial) continue;
    held += note->end_s - note->start_s;
    if (note->hnr_db) core.push_back(*note->hnr_db);
  }
  if (asked <= 0.0) return {};
  return {std::min(1.0, held / asked),
          std::clamp((medianOf(core).value_or(kAiry_db) - kAiry_db) / (kClean_db - kAiry_db), 0.0, 1.0)};
}

void paintRung(QPainter& painter, const Snapshot& take, const SeriesRung& rung, bool asked,
               const RibbonScale& scale) {
  const QRectF& area = scale.area;
  const double y = scale.y(Rungs::cents(rung.partial));
  if (y < area.top() || y > area.bottom()) return;
  const Held held = heldOn(take, rung.partial);
  QColor ink = style::pitch;
  ink.setAlphaF(kFaintest + (kDarkest - kFaintest) * static_cast<float>(held.clean));
  QPen pen(held.share > 0.0 ? ink : style::rule, kThinnest + (kThickest - kThinnest) * held.share);
  pen.setCapStyle(Qt::FlatCap);
  if (!asked) pen.setStyle(Qt::DashLine);
  painter.setPen(pen);
  painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
  const Spelling spelling = spellingFor(take.context);
  painter.setPen(asked ? style::ink : style::quietInk);
  painter.setFont(style::work(style::kSmallType, asked));
  painter.drawText(
      QRectF(area.left() - kAxisWidth, y - 8, kAxisWidth - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
      Ladder::tr("%1 · %2", "partial, note").arg(rung.partial).arg(shownNote(rung.written, spelling)));
  // The tempered place, and how far the rung is from it.
  const double tempered = scale.y(Rungs::cents(rung.partial) - rung.cents);
  painter.setPen(QPen(style::ink, 1.6));
  painter.drawLine(QPointF(area.right() - kTick, tempered), QPointF(area.right(), tempered));
  if (std::abs(rung.cents) < kToldGap_cents) return;
  painter.setPen(style::quietInk);
  painter.setFont(style::work(style::kSmallType));
  painter.drawText(QRectF(area.right() + 3, y - 8, 30, 16), Qt::AlignLeft | Qt::AlignVCenter,
                   words::number(rung.cents));
  if (asked && rung.natural_cents < kLowByNature_cents)
    painter.drawText(QRectF(area.right() - 130, y - 22, 130 - kTick, 16), Qt::AlignRight | Qt::AlignVCenter,
                     Ladder::tr("low by nature"));
}

void paintRungs(QPainter& painter, const Snapshot& take, const Rungs& rungs, const RibbonScale& scale) {
  painter.fillRect(scale.area, style::sheet);
  painter.setRenderHint(QPainter::Antialiasing);
  for (const SeriesRung& rung : rungs.series) {
    const bool asked = std::ranges::any_of(take.sheet.cues,
                                           [&](const SheetCue& cue) { return cue.partial == rung.partial; });
    paintRung(painter, take, rung, asked, scale);
  }
}

/// Missteps with the rung they went to, and dips and gaps in the ways between.
void nameMissteps(QPainter& painter, const Snapshot& take, const Rungs& rungs, const RibbonScale& scale) {
  Labels labels(painter, scale.area);
  const auto y = [&](double hz) { return scale.y(centsBetween(rungs.lowest_hz, hz)); };
  for (const Tone& tone : take.analysis.tones) {
    for (const Slip& slip : tone.slips) {
      const double hz = slip.to_partial ? *slip.to_partial * rungs.lowest_hz : take.context.hzOf(slip.to);
      const QString to = slip.to_partial
                             ? Ladder::tr("flips to %1").arg(*slip.to_partial)
                             : Ladder::tr("flips to %1").arg(shownNote(slip.to, spellingFor(take.context)));
      labels.put({scale.x(slip.at_s + slip.length_s / 2.0), y(hz) - kBeside}, to, style::attention);
    }
    for (const Transition& way : tone.transitions) {
      const double lower = std::min(take.context.hzOf(way.from), take.context.hzOf(way.to));
      const QPointF place(scale.x(way.at_s), y(lower) + kBeside);
      if (way.gap_ms > kToldGap_ms)
        labels.put(place, Ladder::tr("gap %1 ms").arg(words::number(way.gap_ms, 0, false)), style::attention);
      else if (way.dip_db < kToldDip_db)
        labels.put(place, Ladder::tr("%1 dB").arg(words::number(way.dip_db)), style::quietInk);
    }
  }
}

}  // namespace

PictureLayout LadderPicture::layoutOf(const Snapshot&) const { return {1}; }

void LadderPicture::paint(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  painter.fillRect(frame.area, style::paper);
  const Rungs rungs(take);
  const RibbonScale scale = scaleOf(take, rungs, timeArea(take, frame.area), frame.from_s, frame.to_s);
  paintRungs(painter, take, rungs, scale);
  paintRibbon(painter, take, scale);
  if (!take.live) {
    painter.save();
    painter.setClipRect(scale.area);
    nameMissteps(painter, take, rungs, scale);
    painter.restore();
  }
  if (take.hasCues()) paintCueStrip(painter, take, scale, cueArea(take, frame.area), frame.chosenCue);
  const QRectF lane = layoutOf(take).lane(0, frame.area, take.hasCues());
  paintLane(painter, take, scale, lane, Lane::level);
  paintSeconds(painter, scale, lane.bottom() + 3, frame.area.right());
}

void LadderPicture::paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const {
  if (take.analysis.tones.empty()) return;
  const Rungs rungs(take);
  const RibbonScale scale =
      scaleOf(take, rungs, area.adjusted(2, 2, -2, -2), take.analysis.tones.front().start_s - 0.15,
              take.analysis.tones.back().end_s + 0.15);
  painter.setPen(QPen(style::rule, 1));
  for (const SeriesRung& rung : rungs.series)
    if (const double y = scale.y(Rungs::cents(rung.partial));
        scale.area.top() <= y && y <= scale.area.bottom())
      painter.drawLine(QPointF(scale.area.left(), y), QPointF(scale.area.right(), y));
  paintRibbon(painter, take, scale);
}

void LadderPicture::paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  const Rungs rungs(take);
  const double low = Rungs::cents(rungs.first), high = std::max(low + 1.0, Rungs::cents(rungs.last));
  const double span = frame.to_s - frame.from_s;
  const auto yOf = [&](int partial) {
    return frame.area.bottom() - (Rungs::cents(partial) - low) / (high - low) * frame.area.height();
  };
  painter.setPen(QPen(style::rule, 1));
  for (const SeriesRung& rung : rungs.series)
    if (rung.partial >= rungs.first && rung.partial <= rungs.last)
      painter.drawLine(QPointF(frame.area.left(), yOf(rung.partial)),
                       QPointF(frame.area.right(), yOf(rung.partial)));
  painter.setPen(QPen(style::ink, 2));
  for (std::size_t i = 0; i < take.sheet.cues.size(); ++i) {
    const SheetCue& cue = take.sheet.cues[i];
    if (!cue.partial) continue;
    const Span place = take.placeOf(i);
    const auto x = [&](double t) {
      return frame.area.left() + (t - frame.from_s) / span * frame.area.width();
    };
    const double y = yOf(*cue.partial);
    painter.drawLine(QPointF(x(place.start_s) + 1, y), QPointF(x(place.end_s) - 1, y));
  }
}

}  // namespace calando
