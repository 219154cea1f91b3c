#include "app/picture/braid_picture.h"

#include <QCoreApplication>
#include <deque>
#include <numbers>

#include "app/ribbon/cue_strip.h"
#include "app/ribbon/labels.h"
#include "app/ribbon/lane.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/figures/findings.h"
#include "core/maths/statistics.h"
#include "core/measure/pair/pair.h"

namespace calando {

namespace {

constexpr double kAboveBraid = 0.45;    // of what the ribbon and the braid have together
constexpr double kWidest_cents = 25.0;  // from there on the strands are as far apart as they get
constexpr double kStrand = 5.0, kBesides = 4.0, kMargin = 26.0;
constexpr double kFastest_hz = 8.0;  // drawn; faster windings would be a grey band
constexpr double kPause_s = 0.3;
constexpr std::size_t kSmoothed = 21;                      // moments
constexpr std::size_t kNear = 3;                           // on either side, of the lane
constexpr std::size_t kSettled = 6;                        // of a beginning nothing is drawn yet
constexpr double kLaneShare = 0.3;                         // of the braid's place, for how far apart they are
constexpr double kLeast_cents = 10.0, kMost_cents = 50.0;  // of that lane

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
  painter.drawLine(QPointF(x, area.top() + kMargin), QPointF(x, area.bottom()));
  labels.put({x, area.top() + 12}, Braid::tr("in tune after %1 s").arg(words::number(*pair.lock_s, 1, false)),
             style::ink);
}

bool isOfNotes(const Snapshot& take) {
  return std::ranges::count_if(take.analysis.cues, [](const CueResult& c) {
           return c.another.together && c.another.together->cents_at_end;
         }) > 1;
}

/// Of several notes each has its own.
void paintNotes(QPainter& painter, const Snapshot& take, const RibbonScale& scale, const QRectF& area,
                Labels& labels) {
  for (std::size_t c = 0; c < take.analysis.cues.size(); ++c) {
    const auto& both = take.analysis.cues[c].another.together;
    if (!both || !both->cents_at_end) continue;
    const auto& lock_s = both->lock_s;
    const double x = scale.x(take.spanOf(c).start_s + lock_s.value_or(0.0));
    const QString word = !lock_s ? Braid::tr("not in tune")
                         : *lock_s <= kAtOnce_s
                             ? Braid::tr("at once")
                             : Braid::tr("after %1 s").arg(words::number(*lock_s, 1, false));
    painter.setPen(QPen(lock_s ? style::ink : style::rule, 1.6, Qt::DashLine));
    painter.drawLine(QPointF(x, area.top() + kMargin), QPointF(x, area.bottom()));
    labels.put({x, area.top() + 12}, word, style::ink);
  }
}

/// Whose is which strand, and on it who moved, where it is about one note; from the right. Where it begins.
double paintWhose(QPainter& painter, const Snapshot& take, const QRectF& line) {
  const Pair& pair = *take.analysis.pair;
  const bool known = pair.sign_known && !take.live && !isOfNotes(take);
  const bool first = known && (pair.moved == Moved::first || pair.moved == Moved::both);
  const bool second = known && (pair.moved == Moved::second || pair.moved == Moved::both);
  const QString other = take.context.accompaniment.partner ? Braid::tr("partner") : Braid::tr("the other");
  const auto word = [](const QString& who, bool moved) {
    return moved ? Braid::tr("%1, moved").arg(who) : who;
  };
  double right = line.right();
  for (const auto& [text, moved, ink] : {std::tuple{word(Braid::tr("you"), second), second, style::pitch},
                                         {word(other, first), first, style::air}}) {
    painter.setFont(style::work(style::kSmallType, moved));
    painter.setPen(moved ? style::ink : style::quietInk);
    const double width = painter.fontMetrics().horizontalAdvance(text) + 4.0;
    painter.drawText(QRectF(right - width, line.top(), width, line.height()), Qt::AlignRight, text);
    const double y = line.center().y() + 1.0;
    painter.setPen(QPen(ink, kStrand));
    painter.drawLine(QPointF(right - width - 26.0, y), QPointF(right - width - 8.0, y));
    right -= width + 42.0;
  }
  return right;
}

/// What the braid is, as far as there is room for it.
void paintCaption(QPainter& painter, const QRectF& line, double right) {
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  for (const QString& text :
       {Braid::tr("both: a turn for each beat, straight when in tune"), Braid::tr("a turn for each beat")}) {
    if (line.left() + painter.fontMetrics().horizontalAdvance(text) > right) continue;
    painter.drawText(line, Qt::AlignLeft, text);
    return;
  }
}

/// How far from the interval they are, in cents; in the band they are one, where the beats are slow enough.
void paintDistance(QPainter& painter, const Pair& pair, const RibbonScale& scale, const QRectF& area) {
  double most = kLeast_cents;
  for (const Pair::Moment& m : pair.line) most = std::max(most, std::abs(m.cents));
  most = most > 0.5 * kMost_cents ? kMost_cents : most > kLeast_cents ? 0.5 * kMost_cents : kLeast_cents;
  const LaneRow row{
      pair.sign_known ? -most : 0.0, most,
      pair.sign_known ? std::vector{-0.8 * most, 0.0, 0.8 * most} : std::vector{0.0, 0.8 * most},
      style::pitch, Braid::tr("apart, cents")};
  paintLaneGround(painter, area, row);
  painter.save();
  painter.setClipRect(area);
  const double low = row.y(area, pair.sign_known ? -kOne_cents : 0.0), high = row.y(area, kOne_cents);
  painter.fillRect(QRectF(QPointF(area.left(), high), QPointF(area.right(), low)), style::band);
  painter.setPen(QPen(style::pitch, 2.0, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  QPolygonF line;
  for (std::size_t i = 0; i < pair.line.size(); ++i) {
    if (i > 0 && pair.line[i].at_s - pair.line[i - 1].at_s > kPause_s) {
      drawLong(painter, line);
      line.clear();
    }
    std::vector<double> near;
    for (std::size_t k = i - std::min(i, kNear); k <= std::min(i + kNear, pair.line.size() - 1); ++k)
      near.push_back(pair.line[k].cents);
    line << QPointF(scale.x(pair.line[i].at_s), row.y(area, median(std::move(near))));
  }
  drawLong(painter, line);
  paintLaneName(painter, area, row);
  painter.restore();
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
  const QRectF above(area.left() - kAxisWidth, area.top() - 19, area.width() + kAxisWidth, 16);
  const std::optional<Pair>& pair = take.analysis.pair;
  if (!pair || pair->line.empty()) {
    paintCaption(painter, above, above.right());
    painter.setFont(style::work(style::kType));
    painter.drawText(
        area, Qt::AlignCenter,
        take.live ? Braid::tr("Two are listened for.") : Braid::tr("Two were not heard together."));
    return;
  }
  painter.setRenderHint(QPainter::Antialiasing);
  paintCaption(painter, above, paintWhose(painter, take, above));
  const QRectF lane(area.left(), area.bottom() - kLaneShare * area.height(), area.width(),
                    kLaneShare * area.height());
  const QRectF braid(area.topLeft(), lane.topRight());
  paintDistance(painter, *pair, scale, lane);
  painter.setClipRect(area);
  const Strands strands = strandsOf(*pair, scale, braid);
  for (const auto& [lines, ink] : {std::pair{&strands.first, style::air}, {&strands.second, style::pitch}}) {
    painter.setPen(QPen(ink, kStrand, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    for (const QPolygonF& line : *lines) painter.drawPolyline(line);
  }
  if (take.live) return paintBeats(painter, pair->line.back().rate_hz, braid.adjusted(0, 0, -12, -18));
  Labels labels(painter, area);
  if (isOfNotes(take)) return paintNotes(painter, take, scale, area, labels);
  paintLock(painter, *pair, scale, area, labels);
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  const QRectF foot = braid.adjusted(8, 0, -8, -4);
  if (const auto& tunings = pair->tunings)
    painter.drawText(
        foot, Qt::AlignHCenter | Qt::AlignBottom,
        Braid::tr("from pure %1, from equal %2 cents")
            .arg(words::number(tunings->from_pure_cents, 1), words::number(tunings->from_equal_cents, 1)));
  painter.drawText(foot, Qt::AlignLeft | Qt::AlignBottom,
                   !pair->sign_known                       ? Braid::tr("who is who is not known")
                   : pair->wrong_way_first.value_or(false) ? Braid::tr("the wrong way first")
                   : pair->moved == Moved::none            ? Braid::tr("nobody moved")
                                                           : QString());
  painter.drawText(
      foot, Qt::AlignRight | Qt::AlignBottom,
      Braid::tr("%1 beats a second left").arg(words::number(pair->beat_left_hz.value_or(0.0), 1, false)));
}

}  // namespace

PictureLayout BraidPicture::layoutOf(const Snapshot&) const { return {0, kAboveBraid}; }

void BraidPicture::paint(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  const RibbonScale scale = paintAbove(painter, take, frame);
  const QRectF braid = layoutOf(take).rest(frame.area, take.hasCues());
  painter.save();
  paintBraid(painter, take, scale, braid);
  painter.restore();
}

}  // namespace calando
