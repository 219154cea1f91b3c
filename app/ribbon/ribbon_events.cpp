
#include "app/ribbon/break_marks.h"
#include "app/ribbon/cue_strip.h"
#include "app/ribbon/labels.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/ribbon/ribbon_texts.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/discipline.h"
#include "core/judging/judging.h"
#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr double kWideSwing_cents = 40.0;  // more is named as a swing, whoever meant it
constexpr double kMereTry_s = 0.5;
constexpr double kBeside = 56.0;  // points
constexpr double kLongRing_s = 0.15;
constexpr double kBracketAway = 14.0, kBracketFoot = 6.0;  // points
constexpr double kStroke = 6.0, kWash = 40.0;
constexpr float kWashed = 0.35f;
constexpr double kEndsLower_semitones = 0.3;

struct Most {
  const Tone* tone = nullptr;
  double value = 0.0;
};
/// The tone that is asked for with the largest of a figure, whatever its sign.
template <class Figure>
Most mostOf(const Snapshot& snapshot, Figure figure) {
  Most most;
  for (const CueResult& cue : snapshot.analysis.cues) {
    const Tone* tone = soundOf(cue, snapshot.analysis).tone;
    const auto value = tone ? figure(*tone) : std::nullopt;
    if (value && (!most.tone || std::abs(*value) > std::abs(most.value))) most = {tone, *value};
  }
  return most;
}

/// What swings and pulses, under the notes.
void nameWaves(QPainter& painter, Labels& labels, const Tone& tone, const RibbonScale& scale) {
  const QRectF& area = scale.area;
  double y = area.bottom() - 34;
  const auto along = [&](const Note& n, const QString& text) {
    painter.setPen(QPen(style::quietInk, 1.2));
    painter.drawLine(QPointF(scale.x(n.coreStart_s), y), QPointF(scale.x(n.coreEnd_s), y));
    labels.put({scale.x((n.coreStart_s + n.coreEnd_s) / 2.0), y}, text, style::quietInk);
  };
  for (const Note& n : tone.notes) {
    y = area.bottom() - 34;
    if (n.vibrato)
      along(n,
            (n.vibrato->extent_cents > kWideSwing_cents ? Ribbon::tr("wide vibrato, %1 a second, ±%2 cents")
                                                        : Ribbon::tr("vibrato %1 a second, ±%2 cents"))
                .arg(words::number(n.vibrato->rate_hz, 1, false))
                .arg(words::number(n.vibrato->extent_cents, 0, false)));
    y -= n.vibrato ? 22 : 0;
    if (n.level_wave)
      along(n, Ribbon::tr("loudness pulses, %1 a second")
                   .arg(words::number(n.level_wave->rate_hz, 1, false))
                   .arg(words::number(n.level_wave->depth_db, 0, false)));
  }
}

/// How far a tone goes, as a bracket beside it.
void nameSpan(QPainter& painter, Labels& labels, const Tone& tone, const RibbonScale& scale,
              const std::optional<double>& before) {
  if (!tone.range || tone.glides.empty()) return;
  const double x = std::min(scale.x(tone.end_s) + kBracketAway, scale.area.right() - kBracketAway);
  const double hz = scale.targetAt(tone.end_s).hz;
  const double top = scale.y(centsBetween(hz, tone.range->highest_hz)),
               bottom = scale.y(centsBetween(hz, tone.range->lowest_hz));
  painter.setPen(QPen(style::ink, 1.4));
  painter.drawLine(QPointF(x, top), QPointF(x, bottom));
  for (const double y : {top, bottom}) painter.drawLine(QPointF(x - kBracketFoot, y), QPointF(x, y));
  const QString span = words::number(tone.range->semitones(), 1, false);
  labels.put({x, (top + bottom) / 2.0},
             before ? Ribbon::tr("%1 half steps, before %2").arg(span, words::number(*before, 1, false))
                    : Ribbon::tr("%1 half steps").arg(span),
             style::ink);
  if (const auto back = tone.wayBack_semitones(); back < -kEndsLower_semitones)
    labels.put({scale.x(tone.end_s), bottom},
               Ribbon::tr("ends %1 lower, as expected").arg(words::number(-*back, 1, false)),
               style::quietInk);
}

/// What there is to see in a tone, at its place.
void nameIn(QPainter& painter, Labels& labels, const Snapshot& snapshot, const Tone& tone,
            const RibbonScale& scale) {
  const QRectF& area = scale.area;
  const auto spellingOf = [&](int written) { return shownNote(written, spellingFor(snapshot.context)); };
  for (const Note& n : tone.notes) {
    const QPointF at(scale.x((n.start_s + n.end_s) / 2.0), area.top() + 14);
    const auto cue = snapshot.cueAt((n.start_s + n.end_s) / 2.0);
    const bool onItsWay = cue && snapshot.sheet.cues[*cue].moves();
    if (n.asked && *n.asked != n.written && !onItsWay)
      labels.put(at, Ribbon::tr("%1 in place of %2").arg(spellingOf(n.written), spellingOf(*n.asked)),
                 style::attention);
    else if (tone.notes.size() > 1)
      labels.put(at, spellingOf(n.written), style::ink);
  }
  if (tone.notes.empty() && tone.glides.empty() && tone.held_s > kMereTry_s)
    labels.put({scale.x((tone.start_s + tone.end_s) / 2.0), area.top() + 14}, Ribbon::tr("no one note"),
               style::quietInk);
  nameWaves(painter, labels, tone, scale);
  if (disciplineOf(snapshot.context).roams)
    nameSpan(painter, labels, tone, scale, snapshot.context.spanBefore);
  if (tone.release.rings_on_s > kLongRing_s)
    labels.put({scale.x(tone.end_s + tone.release.rings_on_s / 2.0), area.bottom() - 14},
               Ribbon::tr("the room, %1 s").arg(words::number(tone.release.rings_on_s, 1, false)),
               style::quietInk);
}

/// What is said of all tones is named at the one that has the most of it.
void nameTheWorst(Labels& labels, const Snapshot& snapshot, const RibbonScale& scale) {
  const auto shows = [&](const char* id) {
    const Reading* r = readingOf(snapshot, id);
    return r && r->value && (r->verdict == Verdict::near || r->verdict == Verdict::outside);
  };
  if (shows("scoop_cents"))
    if (const auto [tone, cents] = mostOf(snapshot, [](const Tone& t) { return t.onset.scoop_cents; }); tone)
      labels.put({scale.x(tone->start_s + 0.1), scale.y(cents) + (cents < 0 ? 44 : -44)},
                 Ribbon::tr("start %1 cents").arg(words::number(cents)), style::attention);
  if (shows("air_before_ms"))
    if (const auto [tone, ms] = mostOf(snapshot, [](const Tone& t) { return t.onset.air_before_ms; }); tone)
      labels.put({scale.x(tone->start_s - ms / 2000.0), scale.area.center().y()},
                 Ribbon::tr("air %1 ms").arg(words::number(ms, 0, false)), style::attention);
  if (shows("sag_cents"))
    if (const auto [tone, cents] = mostOf(snapshot, [](const Tone& t) { return t.release.sag_cents; }); tone)
      labels.put({scale.x(tone->end_s - 0.5) - kBeside,  // left of where it falls or climbs
                  scale.y(tone->notes.back().offset_cents.value_or(0.0) + cents) + (cents < 0 ? 16 : -16)},
                 Ribbon::tr("end %1 cents").arg(words::number(cents)), style::attention);
}

/// Air that does not sound: a stroke under the ribbon. On the small part, where it is half of the matter,
/// washed ink with its length.
void nameAir(QPainter& painter, Labels& labels, const Air& air, const Snapshot& snapshot,
             const RibbonScale& scale) {
  const bool small = disciplineOf(snapshot.context).roams && air.phase != AirPhase::inhale;
  const QRectF box(QPointF(scale.x(air.start_s), scale.area.bottom() - (small ? kWash : kStroke) - 2),
                   QPointF(scale.x(air.end_s), scale.area.bottom() - 2));
  QColor ink = style::air;
  if (small) ink.setAlphaF(kWashed);
  painter.fillRect(box, ink);
  if (snapshot.hasCues()) return;
  labels.put({box.center().x(), box.top() - 9},
             small ? Ribbon::tr("air %1 s").arg(words::number(air.end_s - air.start_s, 1, false))
                   : Ribbon::tr("breath"),
             style::quietInk);
}

}  // namespace

void paintRibbonEvents(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale) {
  const QRectF& area = scale.area;
  painter.save();
  painter.setClipRect(area);
  painter.setRenderHint(QPainter::Antialiasing);
  Labels labels(painter, area);
  nameBreaks(painter, labels, snapshot, scale);
  nameFlips(painter, labels, snapshot, scale);
  for (const Tone& tone : snapshot.analysis.tones) nameIn(painter, labels, snapshot, tone, scale);
  nameTheWorst(labels, snapshot, scale);
  for (const Air& air : snapshot.analysis.airs) nameAir(painter, labels, air, snapshot, scale);
  painter.restore();
}

}  // namespace calando
