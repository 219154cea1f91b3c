#include "app/desk/live_words.h"

#include "app/ribbon/cue_strip.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"

namespace calando {

namespace {

constexpr double kFlash_s = 0.12;
constexpr double kCountIn = 100.0;  // points

struct LiveTexts {
  Q_DECLARE_TR_FUNCTIONS(LiveWords)
};

/// As large as fits over the ribbon, points.
double largeText(const QRectF& area) { return std::clamp(area.height() / 7.0, 30.0, 54.0); }

SheetMoment momentIn(const Snapshot& take) {
  return momentOf(take.sheet, take.tracks.duration_s - take.sheetStart_s);
}

void paintFlash(QPainter& painter, const Snapshot& take, const QRectF& area) {
  const SheetMoment moment = momentIn(take);
  if (!take.sheet.counted() || moment.over || moment.sinceBeat_s >= kFlash_s) return;
  painter.setPen(QPen(style::loudness, 10));
  painter.drawRect(area.adjusted(5, 5, -5, -5));
}

/// Draws one line at the right of `corner` and moves it down by it.
void sayLine(QPainter& painter, QRectF& corner, const QFont& font, const QColor& ink, const QString& text) {
  if (text.isEmpty()) return;
  painter.setFont(font);
  painter.setPen(ink);
  painter.drawText(corner, Qt::AlignTop | Qt::AlignRight, text);
  corner.setTop(corner.top() + QFontMetricsF(font).height());
}

QString whenNext(const SheetMoment& moment) {
  const int beats = static_cast<int>(std::ceil(moment.toNext_beats - 1e-9));
  return beats > 1    ? LiveTexts::tr("in %1 beats").arg(beats)
         : beats == 1 ? LiveTexts::tr("on the next beat")
                      : QString();
}

/// The note that sounds by its written name, large, and what it sounds; what comes next under it, small.
void paintNotes(QPainter& painter, const Snapshot& take, QRectF corner, bool hidden) {
  const Context& context = take.context;
  const auto sounding = hidden ? std::nullopt : take.soundsNow();
  if (sounding) {
    const int written = context.writtenOf(*sounding);
    sayLine(painter, corner, style::serif(largeText(corner)), style::ink,
            shownNote(written, spellingFor(context)));
    if (written != *sounding)
      sayLine(painter, corner, style::work(style::kTitleType), style::quietInk,
              LiveTexts::tr("sounds %1").arg(shownNote(*sounding, spellingFor(context))));
  }
  const SheetMoment moment = momentIn(take);
  if (!take.hasCues() || !moment.next) return;
  const QString name = cueName(take, *moment.next), when = whenNext(moment);
  sayLine(painter, corner, style::work(style::kTitleType), style::quietInk,
          when.isEmpty() ? LiveTexts::tr("next %1").arg(name) : LiveTexts::tr("next %1, %2").arg(name, when));
  sayLine(painter, corner, style::work(style::kStrongType), style::quietInk, cueDetail(take, *moment.next));
}

void paintSeconds(QPainter& painter, const QRectF& place, Qt::Alignment side, double points, double seconds) {
  painter.setFont(style::work(points, true));
  painter.drawText(place.adjusted(18, 6, -18, 0), Qt::AlignTop | side,
                   LiveTexts::tr("%1 s").arg(words::number(seconds, 1, false)));
}

}  // namespace

void paintLive(QPainter& painter, const Snapshot& take, const LiveWords& words, const QRectF& area,
               const QRectF& whole) {
  const double large = largeText(area);
  // Of a breath out the place under the water is free.
  const QRectF place = take.sheet.oneBreath() ? area.adjusted(0, area.height() / 2.0, 0, 0) : area;
  if (take.live) {
    if (take.hasCues()) paintFlash(painter, take, words.guided ? whole : area);
    if (!words.guided) paintNotes(painter, take, area.adjusted(0, 12, -18, 0), words.hidden);
    if (const int left = momentIn(take).countInLeft; !words.guided && take.hasCues() && left > 0) {
      painter.setPen(style::ink);
      painter.setFont(style::work(kCountIn, true));  // its 1 is no I
      painter.drawText(area, Qt::AlignCenter, QString::number(left));
    }
    painter.setPen(style::pitch);
    if (words.keyed_s) paintSeconds(painter, place, Qt::AlignRight, large, *words.keyed_s);
    painter.setPen(style::pitch);
    painter.setFont(style::serif(style::kFigureType));
    painter.drawText(place.adjusted(18, 0, -18, -12), Qt::AlignBottom | Qt::AlignHCenter | Qt::TextWordWrap,
                     words.prompt);
  }
  painter.setPen(style::ink);
  if (!words.guided && (words.held_s > 0.0 || (words.held_s == 0.0 && !take.hasCues())))
    paintSeconds(painter, place, Qt::AlignLeft, large, words.held_s);
}

}  // namespace calando
