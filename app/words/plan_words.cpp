#include "app/words/plan_words.h"

#include <QCoreApplication>
#include <QLocale>
#include <cmath>

#include "app/words/days.h"
#include "app/words/note_names.h"
#include "app/words/words.h"

namespace calando::words {

namespace {

/// The texts of the plan, for translators.
struct PlanWords {
  Q_DECLARE_TR_FUNCTIONS(Plan)
};

QString titleOf(const std::string& exercise, const PlanState& state) {
  const ExercisePtr card = state.find(exercise);
  return card ? said(card->title) : plain(exercise);
}

/// The unit of what a card grows by, behind its number.
QString unitOf(Grows::What what) {
  switch (what) {
    case Grows::What::nothing:
      return QStringLiteral("%1");
    case Grows::What::seconds:
      return PlanWords::tr("%1 s");
    case Grows::What::tempo:
      return PlanWords::tr("%1 beats a minute");
    case Grows::What::counts:
      return PlanWords::tr("%1 counts");
  }
  return {};
}

}  // namespace

QString asking(const Grows& grows, double asked) { return unitOf(grows.what).arg(number(asked, 0, false)); }

QString day(Day day) { return QLocale().toString(dateOf(day), PlanWords::tr("ddd d MMM", "a day")); }
QString dayAndYear(Day day) {
  return QLocale().toString(dateOf(day), PlanWords::tr("ddd d MMM yyyy", "a day"));
}

QString proposal(const Proposal& p, const PlanState& state, const Instrument* instrument) {
  using Kind = Proposal::Kind;
  const ExercisePtr card = state.find(p.exercise);
  const auto note = [&](double written) {
    return shownNote(static_cast<int>(std::lround(written)),
                     instrument ? instrument->spelling : Spelling::flats);
  };
  switch (p.kind) {
    case Kind::stepUp:
    case Kind::stepBack:
      return PlanWords::tr("%1 → %2", "from what to what")
          .arg(number(*p.from, 0, false), card ? asking(card->grows, *p.to) : number(*p.to, 0, false));
    case Kind::goOn:
      return PlanWords::tr("on to “%1”").arg(titleOf(p.card, state));
    case Kind::goBack:
      return PlanWords::tr("back to “%1”").arg(titleOf(p.card, state));
    case Kind::open:
      return PlanWords::tr("begin with it");
    case Kind::rest:
      return PlanWords::tr("let it rest until %1").arg(day(*p.notBefore));
    case Kind::leave:
      return PlanWords::tr("leave it for now");
    case Kind::range:
      return PlanWords::tr("%1 → %2", "from what to what").arg(note(*p.from), note(*p.to));
  }
  return {};
}

QString reason(const Proposal& p) {
  using Why = Proposal::Why;
  switch (p.why) {
    case Why::gate: {
      const QString good = PlanWords::tr("%1 good of the last %2")
                               .arg(QString::number(p.standing.good), QString::number(p.standing.tries));
      const QString days = p.standing.days == 1 ? PlanWords::tr("on one day")
                                                : PlanWords::tr("on %n days", nullptr, p.standing.days);
      if (p.kind == Proposal::Kind::open)
        return PlanWords::tr("the exercise before it: %1, %2").arg(good, days);
      return QStringLiteral("%1, %2").arg(good, days);
    }
    case Why::badDays:
      return PlanWords::tr("none good on the last three days that it was tried");
    case Why::stuck:
      return PlanWords::tr("four weeks, and not yet good often enough");
    case Why::pause:
      return PlanWords::tr("after %n days without playing", nullptr, p.pause_days);
    case Why::skipped:
      return PlanWords::tr("what comes before it rests");
  }
  return {};
}

namespace {
/// "48 beats a minute instead of 60".
QString insteadOf(const NextTry& next) {
  return PlanWords::tr("%1 instead of %2", "how much, instead of how much")
      .arg(unitOf(next.what).arg(number(next.to, 0, false)), number(next.from, 0, false));
}
}  // namespace

QString nextTry(const NextTry& next, const PlanState& state, const Instrument* instrument) {
  using Kind = NextTry::Kind;
  switch (next.kind) {
    case Kind::onceMore:
      switch (next.until) {
        case NextTry::Until::reliable:
          return PlanWords::tr("Once more the same: %n more good ones and it is reliable.", nullptr,
                               next.toCome);
        case NextTry::Until::enoughToday:
          return PlanWords::tr("Once more the same: %n more good ones are enough for today.", nullptr,
                               next.toCome);
        case NextTry::Until::asBefore:
          return PlanWords::tr("Once more the same, then as before.");
      }
      return {};
    case Kind::anotherDay:
      return PlanWords::tr("Good often enough for today. It is wanted on another day too.");
    case Kind::plan:
      return PlanWords::tr("It is reliable: %1. Next: %2: %3.", "why, an exercise, what of it")
          .arg(reason(*next.proposal), titleOf(next.proposal->exercise, state),
               proposal(*next.proposal, state, instrument));
    case Kind::easier:
      return (next.what == Grows::What::tempo     ? PlanWords::tr("Twice it broke. Slower: %1.")
              : next.what == Grows::What::seconds ? PlanWords::tr("Twice it broke. Shorter: %1.")
                                                  : PlanWords::tr("Twice it broke. Fewer: %1."))
          .arg(insteadOf(next));
    case Kind::asBefore:
      return PlanWords::tr("That went well. As before: %1.").arg(insteadOf(next));
    case Kind::instead:
      return PlanWords::tr("Twice in the same way. “%1” is for just that.").arg(titleOf(next.card, state));
    case Kind::back:
      return PlanWords::tr("That went well. Back to “%1”.").arg(titleOf(next.card, state));
    case Kind::leave:
      return PlanWords::tr("Enough of it for today: think of it, and take it up again in some days.");
  }
  return {};
}

QString fallen(const Fatigue& fatigue) {
  const auto said = [](const Fallen& fallen) {
    const QString by = number(fallen.by, 0);
    switch (fallen.what) {
      case Fallen::What::pitch:
        return PlanWords::tr("pitch %1 cents").arg(by);
      case Fallen::What::level:
        return PlanWords::tr("loudness");
      case Fallen::What::core:
        return PlanWords::tr("clear tone");
      case Fallen::What::crackle:
        return PlanWords::tr("crackle");
      case Fallen::What::held:
        return PlanWords::tr("held %1 s").arg(by);
    }
    return QString();
  };
  QStringList all;
  for (const Fallen& one : fatigue.fallen) all << said(one);
  return all.join(QStringLiteral(", "));
}

QString duration(double seconds) {
  return seconds < 90.0 ? PlanWords::tr("%1 s").arg(number(std::ceil(seconds), 0, false))
                        : PlanWords::tr("%1 min").arg(number(std::round(seconds / 60.0), 0, false));
}

QString playedOn(const SheetItem& item, const Instrument* instrument) {
  const QString title = said(item.card->title);
  if (!item.note) return title;
  const QString note = shownNote(*item.note, instrument ? instrument->spelling : Spelling::flats);
  return item.card->cues.size() == 1
             ? PlanWords::tr("%1 on %2", "a card, the note it is played on").arg(title, note)
             : PlanWords::tr("%1 from %2", "a card, the note it begins on").arg(title, note);
}

QString asked(const SheetItem& item) {
  return item.asked ? asking(item.card->grows, *item.asked) : QString();
}

QString line(const SheetItem& item, const Instrument* instrument) {
  QStringList what{playedOn(item, instrument)};
  if (item.asked) what << asked(item);
  return PlanWords::tr("%1: %2", "a card and how often").arg(what.join(QStringLiteral(", ")), howOften(item));
}

QString howOften(const SheetItem& item) {
  const QString sets = item.sets == 1 ? duration(item.set_s)
                                      : PlanWords::tr("%1 × %2", "so many sets of so long")
                                            .arg(QString::number(item.sets), duration(item.set_s));
  return item.rest_s < 1.0 ? sets : PlanWords::tr("%1, rest %2").arg(sets, duration(item.rest_s));
}

}  // namespace calando::words
