#include "app/picture/arch_picture.h"

#include <QCoreApplication>

#include "app/ribbon/cue_strip.h"
#include "app/ribbon/labels.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/maths/statistics.h"
#include "core/measure/pitch/bend.h"

namespace calando {

namespace {

constexpr double kAboveArch = 0.42;  // of what the ribbon and the arch have together
constexpr double kFoot = 36.0;       // under the arch: its cents and what they are
constexpr double kBin_cents = 4.0;
constexpr std::size_t kFewestInBin = 2;
constexpr double kBeyond_cents = 12.0, kBeyond_db = 2.0, kLeast_db = 8.0;
constexpr float kFirstPass = 0.35f;

struct Arch {
  Q_DECLARE_TR_FUNCTIONS(Arch)
};

/// The bend that there is to see.
const Bend* bendOf(const Snapshot& take) {
  for (const CueResult& row : take.analysis.cues)
    if (row.bend && !row.bend->points.empty()) return row.bend.get();
  return nullptr;
}

/// A way down or up as a line: medians over a few cents.
std::vector<QPointF> lineOf(std::span<const BendPoint> pass) {
  std::map<long, std::vector<double>> bins;
  for (const BendPoint& p : pass) bins[std::lround(p.cents / kBin_cents)].push_back(p.ring_db());
  std::vector<QPointF> line;
  for (const auto& [bin, values] : bins)
    if (values.size() >= kFewestInBin)
      line.emplace_back(static_cast<double>(bin) * kBin_cents, median(values));
  return line;
}

struct ArchScale {
  QRectF area;
  double left_cents, right_cents, bottom_db, top_db;

  double x(double cents) const {
    return area.left() + (cents - left_cents) / (right_cents - left_cents) * area.width();
  }
  double y(double db) const {
    return area.bottom() - (db - bottom_db) / (top_db - bottom_db) * area.height();
  }
};

void paintAxes(QPainter& painter, const ArchScale& scale) {
  painter.fillRect(scale.area, style::sheet);
  painter.setFont(style::work(style::kSmallType));
  const double cents = axisStep(scale.right_cents - scale.left_cents, 8);
  for (double c = std::ceil(scale.left_cents / cents) * cents; c <= scale.right_cents; c += cents) {
    painter.setPen(QPen(style::rule, 0.8));
    painter.drawLine(QPointF(scale.x(c), scale.area.top()), QPointF(scale.x(c), scale.area.bottom()));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(scale.x(c) - 30, scale.area.bottom() + 2, 60, 15), Qt::AlignCenter,
                     words::number(c));
  }
  const double db = axisStep(scale.top_db - scale.bottom_db, 5);
  for (double d = std::ceil(scale.bottom_db / db) * db; d <= scale.top_db; d += db) {
    painter.setPen(QPen(style::rule, 0.8));
    painter.drawLine(QPointF(scale.area.left(), scale.y(d)), QPointF(scale.area.right(), scale.y(d)));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(scale.area.left() - kAxisWidth, scale.y(d) - 8, kAxisWidth - 6, 16),
                     Qt::AlignRight | Qt::AlignVCenter, words::number(d));
  }
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(scale.area.left() - kAxisWidth, scale.area.top() - 19, scale.area.width(), 16),
                   Qt::AlignLeft, Arch::tr("how it rings, compared with where it began"));
  painter.drawText(QRectF(scale.area.left(), scale.area.bottom() + 17, scale.area.width(), 16),
                   Qt::AlignCenter, Arch::tr("cents off the note as it was played"));
}

void paintTop(QPainter& painter, const Ring& ring, const ArchScale& scale) {
  const QRectF band(QPointF(scale.x(ring.cents - ring.spread), scale.area.top()),
                    QPointF(scale.x(ring.cents + ring.spread), scale.area.bottom()));
  painter.fillRect(band, style::band);
  painter.setPen(QPen(style::colour, 2.0));
  painter.drawLine(QPointF(scale.x(ring.cents), scale.area.top()),
                   QPointF(scale.x(ring.cents), scale.area.bottom()));
}

void paintArch(QPainter& painter, const Bend& bend, const QRectF& area) {
  ArchScale scale{area, 0.0, 0.0, -kLeast_db, kBeyond_db};
  std::vector<std::vector<QPointF>> lines;
  for (std::size_t pass = 0; pass + 1 < bend.passes.size(); ++pass)
    lines.push_back(
        lineOf(std::span(bend.points).subspan(bend.passes[pass], bend.passes[pass + 1] - bend.passes[pass])));
  for (const auto& line : lines)
    for (const QPointF& p : line) {
      scale.left_cents = std::min(scale.left_cents, p.x() - kBeyond_cents);
      scale.right_cents = std::max(scale.right_cents, p.x() + kBeyond_cents);
      scale.bottom_db = std::min(scale.bottom_db, p.y() - kBeyond_db);
      scale.top_db = std::max(scale.top_db, p.y() + kBeyond_db);
    }
  painter.setRenderHint(QPainter::Antialiasing);
  paintAxes(painter, scale);
  if (bend.ring) paintTop(painter, *bend.ring, scale);
  for (std::size_t i = 0; i < lines.size(); ++i) {
    QColor ink = style::pitch;  // the later, the darker
    const float age = lines.size() > 1 ? static_cast<float>(i) / static_cast<float>(lines.size() - 1) : 1.0f;
    ink.setAlphaF(kFirstPass + (1.0f - kFirstPass) * age);
    painter.setPen(linePen(ink, 2.0));
    QPolygonF line;
    for (const QPointF& p : lines[i]) line << QPointF(scale.x(p.x()), scale.y(p.y()));
    painter.drawPolyline(line);
  }
  painter.setPen(QPen(style::ink, 2.4));
  painter.drawLine(QPointF(scale.x(0.0), area.bottom() - 14), QPointF(scale.x(0.0), area.bottom()));
  Labels labels(painter, area);
  if (bend.ring)
    labels.put({scale.x(bend.ring->cents), area.top() + 12},
               Arch::tr("rings most at %1 ± %2 cents")
                   .arg(words::number(bend.ring->cents), words::number(bend.ring->spread, 0, false)),
               style::colour);
  else
    labels.put({area.center().x(), area.top() + 12}, Arch::tr("no place stands out"), style::quietInk);
  labels.put({scale.x(0.0), area.bottom() - 24}, Arch::tr("played here"), style::ink);
}

}  // namespace

/// While it sounds there is no arch yet, and the ribbon has all the place.
PictureLayout ArchPicture::layoutOf(const Snapshot& take) const { return {0, take.live ? 1.0 : kAboveArch}; }

void ArchPicture::paint(QPainter& painter, const Snapshot& take, const Frame& frame) const {
  paintAbove(painter, take, frame);
  if (take.live) return;
  const QRectF arch = layoutOf(take).rest(frame.area, take.hasCues()).adjusted(0, 0, 0, -kFoot);
  painter.save();
  if (const Bend* bend = bendOf(take)) {
    paintArch(painter, *bend, arch);
  } else {
    painter.fillRect(arch, style::sheet);
    painter.setPen(style::quietInk);
    painter.setFont(style::work(style::kType));
    painter.drawText(arch, Qt::AlignCenter, Arch::tr("No bend was heard."));
  }
  painter.restore();
}

}  // namespace calando
