#include "app/ribbon/cue_strip.h"

#include <QCoreApplication>

#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/engine/span.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/discipline.h"

namespace calando {

namespace {

struct Strip {
  Q_DECLARE_TR_FUNCTIONS(Strip)
};

struct StripCue {
  double from_s, to_s;
  QString name;
  bool rest;
  Verdict verdict;
};

std::vector<StripCue> stripCues(const Snapshot& snapshot) {
  std::vector<StripCue> cues;
  for (std::size_t i = 0; i < snapshot.sheet.cues.size(); ++i) {
    const Span place = snapshot.placeOf(i);
    cues.push_back({place.start_s, place.end_s, cueName(snapshot, i), isRest(snapshot.sheet.cues[i].kind),
                    snapshot.live ? Verdict::unmeasured : snapshot.analysis.cues[i].verdict});
  }
  return cues;
}

}  // namespace

QString cueName(const Snapshot& snapshot, std::size_t cue) {
  const SheetCue& planned = snapshot.sheet.cues[cue];
  if (planned.note) return shownNote(*planned.note, spellingFor(snapshot.context));
  return words::said(rowOf(planned.kind).saysWhat && !planned.says.empty() ? planned.says
                                                                           : nameOf(planned.kind));
}

QString cueDetail(const Snapshot& snapshot, std::size_t i) {
  const SheetCue& cue = snapshot.sheet.cues[i];
  if (!cue.partial) return {};
  const Context& context = snapshot.context;
  const QString sounds = shownNote(context.soundingOf(*cue.note), spellingFor(context));
  if (!disciplineOf(context).changesTubes || !context.instrument)
    return Strip::tr("partial %1, sounds %2").arg(*cue.partial).arg(sounds);
  return Strip::tr("partial %1 on %2, sounds %3", "on valves, a position or a low note")
      .arg(*cue.partial)
      .arg(words::setting(*cue.tube, *context.instrument), sounds);
}

void paintCueStrip(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale, const QRectF& area,
                   std::optional<std::size_t> chosen) {
  painter.save();
  painter.setClipRect(area.adjusted(-1, -1, 1, 1));
  painter.fillRect(area, style::paper);
  const auto cues = stripCues(snapshot);
  // The beats, as long as they can be told apart.
  const double beat =
      snapshot.sheet.beat_s * (cues.empty() || snapshot.sheet.length_s() <= 0.0
                                   ? 1.0
                                   : (cues.back().to_s - cues.front().from_s) / snapshot.sheet.length_s());
  if (!cues.empty() && beat > 0.0 && scale.x(beat) - scale.x(0.0) > 5.0) {
    painter.setPen(QPen(style::rule, 1));
    const double first = cues.front().from_s - snapshot.sheet.countIn * beat;
    for (double t = first; t <= cues.back().to_s + 0.01; t += beat)
      painter.drawLine(QPointF(scale.x(t), area.bottom() - 5), QPointF(scale.x(t), area.bottom()));
  }
  for (std::size_t i = 0; i < cues.size(); ++i) {
    const StripCue& cue = cues[i];
    QRectF box(QPointF(scale.x(cue.from_s), area.top() + 1), QPointF(scale.x(cue.to_s), area.bottom() - 6));
    if (cue.rest) {
      painter.setPen(QPen(style::rule, 2));
      painter.drawLine(QPointF(box.left() + 4, box.center().y()), QPointF(box.right() - 4, box.center().y()));
      continue;
    }
    box.adjust(0.5, 0, -0.5, 0);
    painter.fillRect(box, i == chosen ? style::band : style::sheet);
    painter.setPen(QPen(i == chosen ? style::pitch : style::rule, i == chosen ? 2 : 1));
    painter.drawRect(box);
    painter.setPen(style::ink);
    const bool judged = !snapshot.live && box.width() > 11;
    // A narrow cue has its name smaller, at last a little over its edges, and none where it is a sliver.
    constexpr std::pair<double, double> sizes[] = {{12.0, -2.0}, {10.5, -2.0}, {style::kSmallType, 4.0}};
    for (const auto& [size, over] : sizes) {
      painter.setFont(style::serif(size));
      if (painter.fontMetrics().horizontalAdvance(cue.name) >= box.width() + over) continue;
      painter.drawText(box.adjusted(0, 0, 0, judged ? -13 : 0), Qt::AlignCenter | Qt::TextDontClip, cue.name);
      break;
    }
    if (judged)
      style::paintVerdict(painter, QRectF(box.center().x() - 5.5, box.bottom() - 13, 11, 11), cue.verdict);
  }
  painter.restore();
}

}  // namespace calando
