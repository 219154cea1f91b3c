#include "app/cue_strip.h"

#include <QCoreApplication>

#include "app/note_names.h"
#include "app/style.h"

namespace calando {

namespace {

QString nameOfCue(const TakePicture& picture, std::optional<int> note, std::string_view kind) {
  const Spelling spelling = spellingFor(picture.context);
  if (note) return shownNote(*note, spelling);
  return QCoreApplication::translate("Cue", std::string(kind).c_str());
}

struct StripCue {
  double from_s, to_s;
  QString name;
  bool rest;
  Verdict verdict;
};

std::vector<StripCue> stripCues(const TakePicture& picture) {
  std::vector<StripCue> cues;
  if (picture.live) {
    for (const SheetCue& c : picture.sheet.cues)
      cues.push_back({picture.sheetStart_s + c.start_s, picture.sheetStart_s + c.end_s(), cueName(picture, c),
                      c.kind == CueKind::rest, Verdict::unmeasured});
  } else {
    for (const CueResult& c : picture.analysis.cues)
      cues.push_back({c.start_s, c.end_s, cueName(picture, c), c.kind == nameOf(CueKind::rest), c.verdict});
  }
  return cues;
}

}  // namespace

QString cueName(const TakePicture& picture, const CueResult& cue) {
  return nameOfCue(picture, cue.asked, cue.kind);
}
QString cueName(const TakePicture& picture, const SheetCue& cue) {
  return nameOfCue(picture, cue.note, nameOf(cue.kind));
}

std::optional<std::size_t> cueAt(const TakePicture& picture, double t) {
  const auto cues = stripCues(picture);
  for (std::size_t i = 0; i < cues.size(); ++i)
    if (t >= cues[i].from_s && t < cues[i].to_s && !cues[i].rest) return i;
  return std::nullopt;
}

void paintCueStrip(QPainter& painter, const TakePicture& picture, const RibbonScale& scale,
                   const QRectF& area, std::optional<std::size_t> chosen) {
  painter.save();
  painter.setClipRect(area.adjusted(-1, -1, 1, 1));
  painter.fillRect(area, style::paper);
  const auto cues = stripCues(picture);
  // The beats, as long as they can be told apart.
  const double beat =
      picture.sheet.beat_s * (cues.empty() || picture.sheet.length_s() <= 0.0
                                  ? 1.0
                                  : (cues.back().to_s - cues.front().from_s) / picture.sheet.length_s());
  if (!cues.empty() && beat > 0.0 && scale.x(beat) - scale.x(0.0) > 5.0) {
    painter.setPen(QPen(style::rule, 1));
    const double first = cues.front().from_s - picture.sheet.countIn * beat;
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
    const bool judged = !picture.live && box.width() > 11;
    for (const double size :
         {12.0, 10.5, 9.0}) {  // a narrow cue has its name smaller, none at all where it is a sliver
      painter.setFont(style::serif(size));
      if (box.width() <= painter.fontMetrics().horizontalAdvance(cue.name) + 2) continue;
      painter.drawText(box.adjusted(0, 0, 0, judged ? -13 : 0), Qt::AlignCenter, cue.name);
      break;
    }
    if (judged)
      style::paintVerdict(painter, QRectF(box.center().x() - 5.5, box.bottom() - 13, 11, 11), cue.verdict);
  }
  painter.restore();
}

}  // namespace calando
