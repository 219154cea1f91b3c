#include "app/words/card_words.h"

#include <QCoreApplication>

#include "app/words/words.h"
#include "core/care/cautions.h"
#include "core/exercise/fit.h"

namespace calando::words {

namespace {
struct CardWords {
  Q_DECLARE_TR_FUNCTIONS(CardWords)
};
}  // namespace

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
