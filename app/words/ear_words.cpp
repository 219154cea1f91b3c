#include "app/words/ear_words.h"

#include <QCoreApplication>

#include "app/words/words.h"
#include "core/figures/figure.h"

namespace calando::words {

namespace {

struct EarWords {
  Q_DECLARE_TR_FUNCTIONS(EarWords)
};

}  // namespace

QString question(const EarQuestion& q) {
  const bool beats = q.changed.change == Change::beatRate;
  switch (q.way) {
    case Way::which:
      return said(rowOf(q.changed.change).which);
    case Way::odd:
      return EarWords::tr("Which one is unlike the others?");
    case Way::same:
      return EarWords::tr("Are they alike?");
    case Way::reference:
      return beats ? EarWords::tr("Do the second two beat slower or faster?")
                   : EarWords::tr("Is the second one lower or higher?");
    case Way::named:
      return EarWords::tr("What was wrong with it?");
  }
  return {};
}

QStringList choices(const EarQuestion& q, const std::map<Change, std::string>& own) {
  switch (q.way) {
    case Way::same:
      return {EarWords::tr("alike"), EarWords::tr("not alike")};
    case Way::reference:
      return q.changed.change == Change::beatRate
                 ? QStringList{EarWords::tr("slower"), EarWords::tr("faster")}
                 : QStringList{EarWords::tr("lower"), EarWords::tr("higher")};
    case Way::named: {
      QStringList list;
      for (const Change change : q.named) {
        const auto words = own.find(change);
        list << (words == own.end() ? said(rowOf(change).fault) : plain(words->second));
      }
      return list;
    }
    case Way::which:
    case Way::odd: {
      QStringList list;
      for (std::size_t i = 0; i < q.choices; ++i) list << QString::number(i + 1);
      return list;
    }
  }
  return {};
}

QString way(Way way) {
  switch (way) {
    case Way::which:
      return EarWords::tr("which of two");
    case Way::odd:
      return EarWords::tr("the odd one of three");
    case Way::same:
      return EarWords::tr("alike or not");
    case Way::reference:
      return EarWords::tr("lower or higher");
    case Way::named:
      return EarWords::tr("what was wrong");
  }
  return {};
}

QString name(Change change) { return said(rowOf(change).name); }

QString amount(Change change, double amount) {
  const ChangeRow& row = rowOf(change);
  const double shown = change == Change::crackle ? kNoCrackle_db + amount : amount;
  return EarWords::tr("%1 %2", "a number and its unit")
      .arg(number(shown, row.decimals, goesEitherWay(change)), said(row.unit));
}

QString told(const EarQuestion& q) {
  if (q.changed.amount == 0.0) return EarWords::tr("They were alike.");
  QStringList which;
  for (std::size_t i = 0; i < q.has.size(); ++i)
    if (q.has[i]) which << QString::number(i + 1);
  const QString what = EarWords::tr("%1 %2", "what and how much")
                           .arg(name(q.changed.change), amount(q.changed.change, q.changed.amount));
  return q.sounds.size() < 2 ? what
                             : EarWords::tr("%1: %2", "which of the sounds, and what it had")
                                   .arg(which.join(EarWords::tr(" and ", "between two numbers")), what);
}

QString heard(Change change, const HeardDifference& heard) {
  if (!heard.isKnown()) return {};
  const ChangeRow& row = rowOf(change);
  const auto shown = [&](double value) {
    return number(change == Change::crackle ? kNoCrackle_db + value : value, row.decimals, false);
  };
  return EarWords::tr("%1 %2 (%3 to %4)", "smallest difference heard, unit, from, to")
      .arg(shown(heard.amount), said(row.unit), shown(heard.low), shown(heard.high));
}

QString guessed(const Figure& figure, double guessed, double was) {
  return EarWords::tr("%1: guessed %2, it was %3.", "a figure")
      .arg(label(figure), inUnit(number(guessed, figure.print), figure),
           inUnit(number(was, figure.print), figure));
}

QString fromTake(std::int64_t made_unix_s) {
  return EarWords::tr("From the take of %1").arg(moment(QDateTime::fromSecsSinceEpoch(made_unix_s)));
}

}  // namespace calando::words
