#include "app/words/card_words.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <algorithm>

#include "app/words/words.h"
#include "core/care/cautions.h"
#include "core/exercise/fit.h"

namespace calando::words {

namespace {
struct CardWords {
  Q_DECLARE_TR_FUNCTIONS(CardWords)
};

/// The words of a text, small, numbers up to twelve by their names.
QStringList wordsOf(const QString& text) {
  const QStringList numbers =
      CardWords::tr("zero one two three four five six seven eight nine ten eleven twelve",
                    "numbers by their names, in order, a blank between two")
          .toLower()
          .split(' ');
  static const QRegularExpression between(QStringLiteral("[^\\p{L}\\p{N}]+"));
  QStringList list = text.toLower().split(between, Qt::SkipEmptyParts);
  for (QString& word : list) {
    bool isNumber = false;
    const int number = word.toInt(&isNumber);
    if (isNumber && number < numbers.size()) word = numbers[number];
  }
  return list;
}

}  // namespace

bool isFoundBy(const QString& text, const QString& wanted) {
  const QStringList has = wordsOf(text);
  return std::ranges::all_of(wordsOf(wanted), [&](const QString& word) {
    return std::ranges::any_of(has, [&](const QString& one) { return one.startsWith(word); });
  });
}

QStringList cautions(const Exercise& card, const Instrument* instrument) {
  QStringList said;
  for (const Caution& caution : cautionsOf(card, instrument)) said << words::said(caution.says);
  return said;
}

QString misfit(Misfit why) {
  switch (why) {
    case Misfit::anotherInstrument:
      return CardWords::tr("for other instruments");
    case Misfit::noOvertones:
      return CardWords::tr("this instrument has no such overtones");
    case Misfit::noTubes:
      return CardWords::tr("this instrument’s tube has one length");
    case Misfit::outOfReach:
      return CardWords::tr("beyond this instrument’s range");
  }
  return {};
}

}  // namespace calando::words
