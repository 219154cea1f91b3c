#include "app/words/post_words.h"

#include <QCoreApplication>
#include <QStringList>
#include <algorithm>
#include <cmath>

#include "app/words/card_words.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/figures/figure.h"
#include "core/figures/reading.h"
#include "core/homework/list.h"
#include "core/homework/listening.h"
#include "core/homework/marking.h"

namespace calando::words {

namespace {

/// The texts of homework, for translators.
struct PostWords {
  Q_DECLARE_TR_FUNCTIONS(Post)
};

QString note(int written, const Instrument* instrument) {
  return shownNote(written, instrument ? instrument->spelling : Spelling::flats);
}

/// Outside first, as they are looked at.
std::vector<const Reading*> byExcess(const MarkedAttempt& best) {
  std::vector<const Reading*> list;
  for (const Reading& reading : best.analysis.readings)
    if (reading.value && !saysNothing(reading)) list.push_back(&reading);
  std::ranges::stable_sort(list, std::greater(), &Reading::excess);
  return list;
}

}  // namespace

QString item(const HomeworkItem& item, const Instrument* instrument) {
  QStringList parts{said(item.exercise->title)};
  if (item.home) parts << PostWords::tr("from %1").arg(note(*item.home, instrument));
  if (item.highest) parts << PostWords::tr("up to %1").arg(note(*item.highest, instrument));
  if (item.tempo_bpm) parts << PostWords::tr("at %1 beats a minute").arg(number(*item.tempo_bpm, 0, false));
  return parts.join(QStringLiteral(", "));
}

QString found(const MarkedItem& item, const Instrument* instrument) {
  const MarkedAttempt* best = item.bestTry();
  if (!best) return PostWords::tr("not in the recording");
  QStringList parts{PostWords::tr("%1 of %2", "so many of so many cues")
                        .arg(QString::number(best->cuesFound), QString::number(item.cuesAsked))};
  if (item.tries.size() > 1)
    parts << PostWords::tr("%n tries, number %1 counts", nullptr, static_cast<int>(item.tries.size()))
                 .arg(*item.best + 1);
  if (item.highest) parts << PostWords::tr("up to %1").arg(note(*item.highest, instrument));
  if (best->tempo_bpm) parts << PostWords::tr("at %1 beats a minute").arg(number(*best->tempo_bpm, 0, false));
  return parts.join(QStringLiteral(" · "));
}

QString figures(const MarkedItem& item, std::size_t most) {
  const MarkedAttempt* best = item.bestTry();
  if (!best) return {};
  QStringList parts;
  for (const Reading* reading : byExcess(*best))
    if (parts.size() < static_cast<qsizetype>(most))
      parts << QStringLiteral("%1 %2").arg(label(*reading->figure), value(*reading));
  return parts.join(QStringLiteral(" · "));
}

QString wantsEar(const WantsEar& reason, const HomeworkList& list) {
  using Why = WantsEar::Why;
  const QString title =
      reason.item < list.items.size() ? said(list.items[reason.item].exercise->title) : QString();
  switch (reason.why) {
    case Why::nothingFound:
      return PostWords::tr("nothing of the list was found");
    case Why::missing:
      return PostWords::tr("%n missing", nullptr, reason.count);
    case Why::breaks:
      return PostWords::tr("breaks: %n in “%1”", nullptr, reason.count).arg(title);
    case Why::incomplete:
      return PostWords::tr("%n wanting in “%1”", nullptr, reason.count).arg(title);
    case Why::outside:
      return PostWords::tr("far outside: %n in “%1”", nullptr, reason.count).arg(title);
  }
  return {};
}

QString answer(const QString& student, const HomeworkList& list, const Marking& marking,
               const Instrument* instrument) {
  QStringList lines{PostWords::tr("%1: what you sent", "a student’s name").arg(student), QString()};
  for (std::size_t i = 0; i < marking.items.size(); ++i) {
    const MarkedItem& marked = marking.items[i];
    lines << QStringLiteral("%1. %2").arg(QString::number(i + 1), item(list.items[i], instrument));
    lines << QStringLiteral("   ") + found(marked, instrument);
    if (const QString values = figures(marked, 3); !values.isEmpty()) lines << QStringLiteral("   ") + values;
    const MarkedAttempt* best = marked.bestTry();
    if (best && !best->analysis.advice.empty())
      lines << QStringLiteral("   ") + advice(best->analysis.advice.front());
    lines << QString();
  }
  return lines.join('\n').trimmed() + '\n';
}

QString listText(const HomeworkList& list, const QString& due, const Instrument* instrument) {
  QStringList lines;
  if (!list.title.empty()) lines << plain(list.title);
  lines << PostWords::tr(
               "To be sent until %1. One long recording, or several: in any order, with talk in between.")
               .arg(due)
        << QString();
  for (std::size_t i = 0; i < list.items.size(); ++i) {
    lines << QStringLiteral("%1. %2").arg(QString::number(i + 1), item(list.items[i], instrument));
    lines << QStringLiteral("   ") + said(list.items[i].exercise->purpose);
  }
  QStringList cautions;
  for (const HomeworkItem& one : list.items)
    for (const QString& caution : words::cautions(*one.exercise, instrument))
      if (!cautions.contains(caution)) cautions << caution;
  if (!cautions.isEmpty()) lines << QString() << cautions;
  return lines.join('\n') + '\n';
}

QString clock(double seconds) {
  const int whole = static_cast<int>(std::lround(seconds));
  return QStringLiteral("%1:%2").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

}  // namespace calando::words
