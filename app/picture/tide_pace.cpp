#include "app/picture/tide_pace.h"

#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/pace.h"
#include "core/figures/verdict.h"

namespace calando {

namespace {

constexpr double kMark = 10.0;        // length of a count's mark
constexpr double kWordShare = 0.115;  // of the height
constexpr double kCountShare = 0.34;

/// The largest type, in pixels, up to `most`, in which a text fits a box.
QFont fitting(QFont font, const QString& text, const QRectF& box, double most) {
  for (double pixels = most; pixels > 12.0; pixels *= 0.92) {
    font.setPixelSize(static_cast<int>(pixels));
    const QRectF needed = QFontMetricsF(font).boundingRect(box, Qt::AlignCenter | Qt::TextWordWrap, text);
    if (needed.width() <= box.width() && needed.height() <= box.height()) break;
  }
  return font;
}

QString wordOf(const SheetCue& cue) {
  if (!cue.says.empty()) return words::said(cue.says);
  switch (breathesOf(cue.kind)) {
    case Breathes::in:
      return Tide::tr("in");
    case Breathes::out:
    case Breathes::through:
      return Tide::tr("out");
    case Breathes::held:
      return Tide::tr("keep");
    case Breathes::none:
      break;
  }
  return Tide::tr("wait");
}

void paintBasin(QPainter& painter, const Snapshot& take, const QRectF& basin, double t) {
  painter.fillRect(basin, style::sheet);
  QRectF water = basin;
  water.setTop(basin.bottom() - waterAt(take.sheet, t) * basin.height());
  painter.fillRect(water, style::air);
  painter.setPen(QPen(style::ink, 2.5));
  painter.drawLine(water.topLeft(), water.topRight());
  painter.setPen(QPen(style::rule, 1));
  painter.drawRect(basin);
  // Where the water stands after each count.
  const CountWithin count = countWithin(take.sheet, t);
  painter.setPen(QPen(style::quietInk, 1.6));
  for (int beat = 1; beat < count.of; ++beat) {
    const double y = basin.bottom() - basin.height() * beat / count.of;
    painter.drawLine(QPointF(basin.left(), y), QPointF(basin.left() + kMark, y));
    painter.drawLine(QPointF(basin.right() - kMark, y), QPointF(basin.right(), y));
  }
}

/// What to do and the count, on a ground of their own where water stands behind them.
void paintWords(QPainter& painter, const QRectF& place, const QString& count, const QString& word) {
  const QRectF upper(place.left(), place.top() + 0.2 * place.height(), place.width(),
                     kCountShare * place.height());
  const QRectF lower(place.left() + 6, upper.bottom(), place.width() - 12, 2.2 * kWordShare * place.height());
  painter.setPen(style::ink);
  painter.setFont(fitting(style::work(style::kFigureType, true), count, upper, upper.height()));
  painter.drawText(upper, Qt::AlignCenter, count);
  painter.setFont(fitting(style::work(style::kFigureType, true), word, lower, kWordShare * place.height()));
  painter.drawText(lower, Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, word);
}

/// A movement fills all there is.
void paintMove(QPainter& painter, const Snapshot& take, std::size_t cue, double t, const QRectF& place) {
  const SheetCue& move = take.sheet.cues[cue];
  painter.fillRect(place, style::sheet);
  const double share = std::clamp((t - move.start_s) / move.length_s, 0.0, 1.0);
  painter.fillRect(QRectF(place.left(), place.bottom() - 8, share * place.width(), 8), style::air);
  const QRectF what(place.left() + 30, place.top() + 0.12 * place.height(), place.width() - 60,
                    0.42 * place.height());
  const QString word = wordOf(move);
  painter.setPen(style::ink);
  painter.setFont(fitting(style::serif(style::kFigureType), word, what, 0.2 * place.height()));
  painter.drawText(what, Qt::AlignCenter | Qt::TextWordWrap, word);
  const QString left = Tide::tr("%1 s").arg(static_cast<int>(std::ceil(move.end_s() - t)));
  const QRectF under(place.left(), what.bottom() + 8, place.width(), 0.2 * place.height());
  painter.setFont(fitting(style::work(style::kFigureType, true), left, under, under.height()));
  painter.drawText(under, Qt::AlignCenter, left);
  painter.setPen(style::quietInk);
  painter.setFont(style::work(style::kTitleType));
  const QString next = cue + 1 < take.sheet.cues.size()
                           ? Tide::tr("%1 of %2, then: %3")
                                 .arg(QString::number(cue + 1), QString::number(take.sheet.cues.size()),
                                      wordOf(take.sheet.cues[cue + 1]))
                           : Tide::tr("the last one");
  painter.drawText(QRectF(place.left() + 30, place.bottom() - 60, place.width() - 60, 40),
                   Qt::AlignCenter | Qt::TextWordWrap, next);
}

}  // namespace

void paintMoves(QPainter& painter, const Snapshot& take, const QRectF& area, bool small) {
  painter.fillRect(area, style::sheet);
  const auto& moves = take.sheet.cues;
  const double row = area.height() / static_cast<double>(moves.size() + 1);
  for (std::size_t i = 0; i < moves.size(); ++i) {
    const bool done = take.tracks.duration_s > moves[i].start_s + 0.5 * moves[i].length_s;
    const QRectF line(area.left(), area.top() + row * (static_cast<double>(i) + 0.5), area.width(), row);
    if (small) {
      painter.fillRect(QRectF(line.left() + 8, line.center().y() - 1, 0.7 * line.width(), 2),
                       done ? style::air : style::rule);
      continue;
    }
    style::paintVerdict(painter, QRectF(line.left() + 24, line.center().y() - 7, 14, 14),
                        done ? Verdict::inside : Verdict::notYet);
    painter.setFont(style::work(style::kStrongType, done));
    painter.setPen(done ? style::ink : style::quietInk);
    painter.drawText(line.adjusted(52, 0, -10, 0), Qt::AlignVCenter | Qt::AlignLeft, wordOf(moves[i]));
  }
}

void paintPace(QPainter& painter, const Snapshot& take, const QRectF& place) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  const double t = take.tracks.duration_s - take.sheetStart_s;
  const SheetMoment moment = momentOf(take.sheet, t);
  if (moment.current && rowOf(take.sheet.cues[*moment.current].kind).saysWhat) {
    paintMove(painter, take, *moment.current, t, place);
    painter.restore();
    return;
  }
  paintBasin(painter, take, place, t);
  if (moment.countInLeft > 0)
    paintWords(painter, place, QString::number(moment.countInLeft), Tide::tr("ready"));
  else if (moment.current)
    paintWords(painter, place, QString::number(countWithin(take.sheet, t).beat),
               wordOf(take.sheet.cues[*moment.current]));
  painter.restore();
}

}  // namespace calando
