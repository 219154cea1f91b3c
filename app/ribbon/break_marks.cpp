#include "app/ribbon/break_marks.h"

#include "app/ribbon/ribbon_texts.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/discipline.h"
#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr std::size_t kNamedOneByOne = 4;
constexpr double kTick = 10.0, kFoot = 14.0;  // points

QString shortest(double seconds) { return words::number(1000.0 * seconds, 0, false); }

QString breakText(const Dropout& d, bool small) {
  const QString ms = shortest(d.length_s);
  if (!small || !d.air_went_on) return Ribbon::tr("break %1 ms").arg(ms);
  return *d.air_went_on ? Ribbon::tr("%1 ms, air on", "a break").arg(ms)
                        : Ribbon::tr("%1 ms, all stopped", "a break").arg(ms);
}

/// "22 breaks, 41–97 ms, air on", the last where it is true of all.
QString breaksText(const std::vector<Dropout>& breaks, bool small) {
  const auto [least, most] = std::ranges::minmax(breaks, {}, &Dropout::length_s);
  QString text = Ribbon::tr("%n breaks, %1–%2 ms", nullptr, static_cast<int>(breaks.size()))
                     .arg(shortest(least.length_s), shortest(most.length_s));
  const auto wentOn = [&](bool on) {
    return small && std::ranges::all_of(breaks, [on](const Dropout& d) { return d.air_went_on == on; });
  };
  if (wentOn(true)) text += Ribbon::tr(", air on", "of all breaks");
  if (wentOn(false)) text += Ribbon::tr(", all stopped", "of all breaks");
  return text;
}

void tick(QPainter& painter, double x, double top, double bottom, Qt::PenStyle style) {
  painter.setPen(QPen(style::attention, 1.2, style));
  painter.drawLine(QPointF(x, top), QPointF(x, bottom));
}

}  // namespace

void nameBreaks(QPainter& painter, Labels& labels, const Snapshot& take, const RibbonScale& scale) {
  const QRectF& area = scale.area;
  std::vector<Dropout> breaks;
  for (const Tone& tone : take.analysis.tones)
    for (const Dropout& d : tone.dropouts)
      if (!isBetweenNotes(d, tone)) breaks.push_back(d);
  if (breaks.empty()) return;
  const bool small = disciplineOf(take.context).roams, few = breaks.size() <= kNamedOneByOne;
  const auto middle = [](const Dropout& d) { return d.at_s + d.length_s / 2.0; };
  for (const Dropout& d : breaks) {
    const double x = scale.x(middle(d));
    if (few) {
      tick(painter, x, area.top() + 26, area.bottom() - 26, Qt::DashLine);
      labels.put({x, area.bottom() - kFoot}, breakText(d, small), style::attention);
    } else {
      tick(painter, x, area.bottom() - kTick, area.bottom(), Qt::SolidLine);
    }
  }
  if (!few)
    labels.put(
        {scale.x((middle(breaks.front()) + middle(breaks.back())) / 2.0), area.bottom() - kTick - kFoot},
        breaksText(breaks, small), style::attention);
}

void nameFlips(QPainter& painter, Labels& labels, const Snapshot& take, const RibbonScale& scale) {
  const QRectF& area = scale.area;
  std::vector<Slip> flips;
  for (const Tone& tone : take.analysis.tones)
    flips.insert(flips.end(), tone.slips.begin(), tone.slips.end());
  if (flips.empty()) return;
  const auto middle = [](const Slip& s) { return s.at_s + s.length_s / 2.0; };
  if (flips.size() <= kNamedOneByOne) {
    for (const Slip& s : flips)
      labels.put({scale.x(middle(s)), s.to > s.from ? area.top() + kFoot : area.bottom() - kFoot},
                 Ribbon::tr("flips to %1").arg(shownNote(s.to, spellingFor(take.context))), style::attention);
    return;
  }
  for (const Slip& s : flips)
    tick(painter, scale.x(middle(s)), area.top(), area.top() + kTick, Qt::SolidLine);
  labels.put({scale.x((middle(flips.front()) + middle(flips.back())) / 2.0), area.top() + kTick + kFoot},
             Ribbon::tr("%n flips", nullptr, static_cast<int>(flips.size())), style::attention);
}

}  // namespace calando
