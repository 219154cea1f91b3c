#include "app/picture/braid_picture.h"

#include <QCoreApplication>
#include <deque>
#include <numbers>

#include "app/picture/cue_strip.h"
#include "app/picture/labels.h"
#include "app/picture/long_line.h"
#include "app/picture/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/measure/statistics.h"

namespace calando {

namespace {

constexpr double kRibbonShare = 0.45;   // of what the ribbon and the braid have together
constexpr double kWidest_cents = 25.0;  // from there on the strands are as far apart as they get
constexpr double kStrand = 5.0, kBesides = 4.0, kMargin = 26.0;
constexpr double kFastest_hz = 8.0;  // drawn; faster windings would be a grey band
constexpr double kPause_s = 0.3;
constexpr std::size_t kSmoothed = 21;  // moments
constexpr std::size_t kSettled = 6;    // of a beginning nothing is drawn yet
constexpr double kAtOnce_s = 0.3;

struct Braid {
  Q_DECLARE_TR_FUNCTIONS(Braid)
};

struct Strands {
  std::vector<QPolygonF> first, second;
};
/// Every moment half a turn further for each beat, the strands the nearer the fewer cents are between them.
Strands strandsOf(const Pair& pair, const RibbonScale& scale, const QRectF& area) {
  Strands strands;
  const double widest = 0.5 * area.height() - kMargin, middle = area.center().y();
  double turns = 0.0, before_s = -1e9;
  std::deque<double> near;  // of the last moments, cents
  for (const Pair::Moment& m : pair.line) {
    if (m.at_s - before_s > kPause_s) {
      strands.first.emplace_back();
      strands.second.emplace_back();
      near.clear();
    } else {
      turns += 0.5 * std::min(m.rate_hz, kFastest_hz) * (m.at_s - before_s);
    }
    before_s = m.at_s;
    near.push_back(std::abs(m.cents));
    if (near.size() > kSmoothed) near.pop_front();
    if (near.size() < kSettled) continue;
    const double apart = std::min(1.0, median({near.begin(), near.end()}) / kWidest_cents);
    const double off = widest * apart * std::cos(2.0 * std::numbers::pi * turns) + kBesides * (1.0 - apart);
    strands.first.back() << QPointF(scale.x(m.at_s), middle + off);
    strands.second.back() << QPointF(scale.x(m.at_s), middle - off);
  }
  return strands;
}

void paintLock(QPainter& painter, const Pair& pair, const RibbonScale& scale, const QRectF& area,
               Labels& labels) {
  if (!pair.lock_s) return;
  const double x = scale.x(pair.from_s + *pair.lock_s);
  painter.setPen(QPen(style::ink, 1.6, Qt::DashLine));
  painter.drawLine(QPointF(x, area.top() + kMargin), QPointF(x, area.bottom() - kMargin));
  labels.put({x, area.top() + 12}, Braid::tr("one after %1 s").arg(words::number(*pair.lock_s, 1, false)),
             style::ink);
}

/// Of several notes each has its own.
void paintNotes(QPainter& painter, const Snapshot& take, const RibbonScale& scale, const QRectF& area,
                Labels& labels) {
  for (std::size_t c = 0; c < take.analysis.cues.size(); ++c) {
    const CueResult& row = take.analysis.cues[c];
    if (!row.apart_cents) continue;
    const double x = scale.x(take.spanOf(c).start_s + row.lock_s.value_or(0.0));
    const QString word = !row.lock_s ? Braid::tr("not one")
                         : *row.lock_s <= kAtOnce_s
                             ? Braid::tr("at once")
                             : Braid::tr("after %1 s").arg(words::number(*row.lock_s, 1, false));
    painter.setPen(QPen(row.lock_s ? style::ink : style::rule, 1.6, Qt::DashLine));
    painter.drawLine(QPointF(x, area.top() + kMargin), QPointF(x, area.bottom() - kMargin));
    labels.put({x, area.top() + 12}, word, style::ink);
  }
}

QString movedWord(Moved moved) {
  switch (moved) {
    case Moved::first:
      return Braid::tr("the partner moved");
    case Moved::second:
      return Braid::tr("you moved");
    case Moved::both:
      return Braid::tr("both moved");
    case Moved::none:
      return Braid::tr("nobody moved");
    case Moved::unknown:
      return {};
  }
  return {};
}

/// Large enough for who stands two metres away.
void paintBeats(QPainter& painter, double rate_hz, const QRectF& area) {
  painter.setPen(style::ink);
  painter.setFont(style::serif(2.0 * style::kFigureType));
  painter.drawText(area, Qt::AlignRight | Qt::AlignBottom, words::number(rate_hz, 1, false));
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  painter.drawText(area.adjusted(0, 0, 0, 14), Qt::AlignRight | Qt::AlignBottom, Braid::tr("beats a second"));
}

void paintBraid(QPainter& painter, const Snapshot& take, const RibbonScale& scale, const QRectF& area) {
  painter.fillRect(area, style::sheet);
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(area.left() - kAxisWidth, area.top() - 19, area.width(), 16), Qt::AlignLeft,
                   Braid::tr("both: a turn for each beat, straight when one"));
  const std::optional<Pair>& pair = take.analysis.pair;
  if (!pair || pair->line.empty()) {
    painter.setFont(style::work(style::kType));
    painter.drawText(
        area, Qt::AlignCenter,
        take.live ? Braid::tr("Two are listened for.") : Braid::tr("Two were not heard together."));
    return;
  }
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setClipRect(area);
  const Strands strands = strandsOf(*pair, scale, area);
  for (const auto& [lines, ink] : {std::pair{&strands.first, style::air}, {&strands.second, style::pitch}}) {
    painter.setPen(QPen(ink, kStrand, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    for (const QPolygonF& line : *lines) painter.drawPolyline(line);
  }
  if (take.live) return paintBeats(painter, pair->line.back().rate_hz, area.adjusted(0, 0, -12, -18));
  Labels labels(painter, area);
  if (std::ranges::count_if(take.analysis.cues,
                            [](const CueResult& c) { return c.apart_cents.has_value(); }) > 1)
    return paintNotes(painter, take, scale, area, labels);
  paintLock(painter, *pair, scale, area, labels);
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  if (const auto& tunings = pair->tunings)
    painter.drawText(
        area.adjusted(8, 0, -8, -6), Qt::AlignHCenter | Qt::AlignBottom,
        Braid::tr("from pure %1, from equal %2 cents")
            .arg(words::number(tunings->from_pure_cents, 1), words::number(tunings->from_equal_cents, 1)));
  const QString who = pair->sign_known ? movedWord(pair->moved) : Braid::tr("who is who is not known");
  painter.drawText(
      area.adjusted(8, 0, -8, -6), Qt::AlignLeft | Qt::AlignBottom,
      QStringLiteral("%1   %2").arg(
          who, pair->wrong_way_first.value_or(false) ? Braid::tr("the wrong way first") : QString()));
  painter.drawText(
      area.adjusted(8, 0, -8, -6), Qt::AlignRight | Qt::AlignBottom,
      Braid::tr("%1 beats a second left").arg(words::number(pair->beat_left_hz.value_or(0.0), 1, false)));
}

}  // namespace

PictureLayout BraidPicture::layoutOf(const Snapshot&) const { return {0, kRibbonShare}; }

void BraidPicture::paint(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  const RibbonScale scale = paintAbove(painter, take, frame);
  const QRectF braid = layoutOf(take).rest(frame.area, take.hasCues());
  painter.save();
  paintBraid(painter, take, scale, braid);
  painter.restore();
}

}  // namespace calando
