#include "app/words/language.h"

#include <QCoreApplication>
#include <QDir>
#include <QLocale>
#include <QTranslator>

namespace calando {

namespace {

const QString kFolder = QStringLiteral(":/translations");
constexpr const char* kSource = "en";  // what all texts are written in

/// Marks whatever passes through it.
class PseudoTranslator : public QTranslator {
 public:
  using QTranslator::QTranslator;
  bool isEmpty() const override { return false; }
  QString translate(const char*, const char* source, const char*, int) const override {
    return pseudo(QString::fromUtf8(source));
  }
};

}  // namespace

QString pseudo(const QString& text) {
  static const QString kVowels = QStringLiteral("aeiouAEIOU");
  QString longer;
  bool inName = false;  // {id} is filled later
  for (qsizetype i = 0; i < text.size(); ++i) {
    const QChar c = text[i];
    inName = (inName && c != '}') || c == '{';
    longer += c;
    const bool place = i > 0 && text[i - 1] == '%';
    if (!inName && !place && kVowels.contains(c)) longer += c;
  }
  while (2 * longer.size() < 3 * text.size()) longer += QChar('~');
  return QStringLiteral("[") + longer + QStringLiteral("]");
}

QStringList languages() {
  QStringList codes{QString(kSource)};
  for (const QString& file : QDir(kFolder).entryList({"calando_*.qm"})) codes << file.mid(8).chopped(3);
  codes.removeDuplicates();
  return codes;
}

void useLanguage(const QString& code) {
  // Numbers and days are written as the language writes them.
  if (code != QLatin1String(kPseudo)) QLocale::setDefault(code.isEmpty() ? QLocale::system() : QLocale(code));
  static QTranslator* installed = nullptr;
  if (installed) QCoreApplication::removeTranslator(installed);
  delete std::exchange(installed, nullptr);
  if (code == QLatin1String(kPseudo)) {
    installed = new PseudoTranslator;
  } else {
    auto* translator = new QTranslator;
    const QLocale locale = code.isEmpty() ? QLocale::system() : QLocale(code);
    // English has forms of its own for what is counted; in no other language is it better than nothing.
    if (translator->load(locale, "calando", "_", kFolder) ||
        translator->load(QStringLiteral("calando_") + kSource, kFolder))
      installed = translator;
    else
      delete translator;
  }
  if (installed) QCoreApplication::installTranslator(installed);
}

}  // namespace calando
