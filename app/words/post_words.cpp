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
#include "core/judging/advice.h"
#include "core/judging/judging.h"

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
  QStringList parts{best->cuesFound >= item.cuesAsked
                        ? PostWords::tr("complete")
                        : PostWords::tr("%1 of %2", "so many of so many cues")
                              .arg(QString::number(best->cuesFound), QString::number(item.cuesAsked))};
  if (item.tries.size() > 1)
    parts << PostWords::tr("played %n times, number %1 counts", nullptr, static_cast<int>(item.tries.size()))
                 .arg(*item.best + 1);
  if (item.highest && item.cuesAsked > 1)
    parts << PostWords::tr("up to %1").arg(note(*item.highest, instrument));
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
      return PostWords::tr("%n notes missing in “%1”", nullptr, reason.count).arg(title);
    case Why::outside:
      return PostWords::tr("far outside: %n in “%1”", nullptr, reason.count).arg(title);
  }
  return {};
}

namespace {

/// What came as it was asked for, what did not come, and of the rest what is furthest outside.
struct Heard {
  QStringList went, missing;
  const Advice* first = nullptr;  ///< the one thing
  QString of;                     ///< the exercise that it is of
};

Heard heardIn(const HomeworkList& list, const Marking& marking) {
  Heard heard;
  double furthest = -1.0;
  for (std::size_t i = 0; i < marking.items.size(); ++i) {
    const QString title = said(list.items[i].exercise->title);
    const MarkedAttempt* best = marking.items[i].bestTry();
    if (!best) {
      heard.missing << title;
      continue;
    }
    const Verdict verdict = overallVerdict(best->analysis.readings);
    if (verdict == Verdict::inside || verdict == Verdict::near || !list.items[i].exercise->scored)
      heard.went << title;
    double excess = 0.0;
    for (const Reading& r : best->analysis.readings) excess = std::max(excess, r.excess);
    const auto& advice = best->analysis.advice;
    if (excess <= furthest || advice.empty() || !advice.front().card || advice.front().card->tries.empty())
      continue;
    furthest = excess;
    heard.first = &advice.front();
    heard.of = title;
  }
  return heard;
}

/// For who wants them: what of each item was found, with its figures.
QStringList itemised(const HomeworkList& list, const Marking& marking, const Instrument* instrument) {
  QStringList lines;
  for (std::size_t i = 0; i < marking.items.size(); ++i) {
    const MarkedItem& marked = marking.items[i];
    lines << QStringLiteral("%1. %2").arg(QString::number(i + 1), item(list.items[i], instrument))
          << QStringLiteral("   ") + found(marked, instrument);
    if (const QString values = figures(marked, 3); !values.isEmpty()) lines << QStringLiteral("   ") + values;
  }
  return lines;
}

QString together(const QStringList& titles) { return titles.join(QStringLiteral("; ")); }

}  // namespace

QString answer(Reader reader, const QString& student, const HomeworkList& list, const Marking& marking,
               const Instrument* instrument, const QString& next) {
  const Heard heard = heardIn(list, marking);
  const bool parent = reader == Reader::parent;
  QStringList lines;
  const auto say = [&](const QString& line) { lines << line << QString(); };
  const bool child = reader == Reader::child;
  say(parent  ? PostWords::tr("What %1 sent", "a student’s name").arg(student)
      : child ? PostWords::tr("%1, thank you for your recording.", "to a child, by name").arg(student)
              : PostWords::tr("%1, thank you for your recording.", "to an adult, by name").arg(student));
  if (!heard.went.isEmpty()) say(PostWords::tr("This went well: %1.").arg(together(heard.went)));
  if (!heard.missing.isEmpty())
    say(PostWords::tr("This was not in the recording: %1.").arg(together(heard.missing)));
  if (heard.first)
    say((parent ? PostWords::tr("One thing to try, in “%1”: %2") : PostWords::tr("One thing, in “%1”: %2"))
            .arg(heard.of, advice(*heard.first)));
  else if (heard.missing.isEmpty())
    say(PostWords::tr("The same once more, as it is."));
  if (parent)
    say(PostWords::tr(
        "To help: listen to it once, at the same time of day, and say what you heard. A few minutes "
        "are enough; stop when it gets tiring."));
  say(next.isEmpty() ? PostWords::tr("We hear it again in the next lesson.")
      : child        ? PostWords::tr("Send it once more %1.", "to a child").arg(next)
                     : PostWords::tr("Send it once more %1.", "to an adult").arg(next));
  if (reader == Reader::adult) lines << itemised(list, marking, instrument);
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
