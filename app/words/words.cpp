#include "app/words/words.h"

#include <QCoreApplication>
#include <QLocale>
#include <cmath>

#include "app/words/note_names.h"
#include "core/figures/figure.h"
#include "core/figures/reading.h"
#include "core/judging/advice.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/instrument.h"
#include "core/theory/tube.h"

namespace calando::words {

QString fileName(const QString& name) {
  QString plain;
  for (const QChar c : name) plain += c.isLetterOrNumber() || c == '-' || c == ' ' ? c : QChar('_');
  return plain.simplified();
}

QString plain(std::string_view text) {
  return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

QString said(std::string_view english) {
  return english.empty() ? QString() : QCoreApplication::translate("Core", std::string(english).c_str());
}

namespace {

QString saidOf(const Problem::Value& value) {
  if (const auto* text = std::get_if<std::string>(&value)) return plain(*text);
  if (const auto* inner = std::get_if<Problem>(&value)) return said(*inner);
  QLocale locale;
  locale.setNumberOptions(QLocale::OmitGroupSeparator);
  return locale.toString(std::get<double>(value), 'g', 10);
}

}  // namespace

QString said(const Problem& problem) {
  const std::string wording = said(problem.wording).toStdString();
  QString text;
  for (const WordingPart& part : partsOf(wording, problem)) {
    if (const auto* words = std::get_if<std::string_view>(&part))
      text += plain(*words);
    else
      text += saidOf(*std::get<const Problem::Value*>(part));
  }
  return text;
}

QString label(const Figure& figure) { return said(figure.label); }
QString unit(const Figure& figure) { return said(figure.spoken.empty() ? figure.unit : figure.spoken); }
QString help(const Figure& figure) { return said(figure.help); }
QString noOutput() {
  return QCoreApplication::translate(
      "Words", "There is no sound output to play on. Plug in headphones or loudspeakers.");
}
QString moment(const QDateTime& when) {
  return QLocale().toString(when, QCoreApplication::translate("Words", "d MMM yyyy HH:mm", "day and minute"));
}
QString titled(const Figure& figure) {
  return figure.unit.empty() ? label(figure) : label(figure) + QStringLiteral(", ") + unit(figure);
}

QString number(double value, int decimals, bool plus) {
  const double scale = std::pow(10.0, decimals);
  const double rounded = std::round(value * scale) / scale;
  QLocale locale;
  locale.setNumberOptions(QLocale::OmitGroupSeparator);
  const QString sign = rounded < 0.0           ? QStringLiteral("−")
                       : plus && rounded > 0.0 ? QStringLiteral("+")
                                               : QString();
  return sign + locale.toString(std::abs(rounded), 'f', decimals);
}

QString number(double value, const Print& print) {
  return number(value * print.times, print.decimals, print.sign);
}
QString size(double value, const Print& print) {
  return number(std::abs(value) * print.times, print.decimals, false);
}
QString change(double value, const Print& print) { return number(value * print.times, print.decimals, true); }

QString inUnit(const QString& number, const Figure& figure) {
  return figure.unit.empty() ? number : number + QStringLiteral(" ") + unit(figure);
}

QString change(double value, double unsure, const Figure& figure) {
  return inUnit(QStringLiteral("%1 ± %2").arg(change(value, figure.print), size(unsure, figure.print)),
                figure);
}

namespace {

/// Which side of 0 it is on, as far as it is written.
QString sideOf(const Figure& figure, std::optional<double> value, double size) {
  if (figure.sides.none() || !value || std::abs(size) < 0.5 * figure.print.step()) return {};
  return said(*value < 0.0 ? figure.sides.below : figure.sides.above);
}

QString numberOf(double value, const Figure& figure) {
  return figure.sides.none() ? number(value, figure.print) : size(value, figure.print);
}

/// Of a size the side that most of it is on.
std::optional<double> directionOf(const Reading& reading) {
  return reading.figure->leaning ? reading.leaning : reading.value;
}

}  // namespace

QString value(double value, const Figure& figure) {
  // Of a size it is not known to which side it was.
  const QString side = figure.leaning ? QString() : sideOf(figure, value, value);
  return (inUnit(numberOf(value, figure), figure) + ' ' + side).trimmed();
}

QString bare(const Reading& reading) {
  return reading.value ? numberOf(*reading.value, *reading.figure) : QStringLiteral("–");
}

QString behind(const Reading& reading) {
  if (!reading.value) return {};
  const Print& print = reading.figure->print;
  QStringList parts;
  if (reading.unsure && *reading.unsure >= 0.5 * print.step())
    parts << QStringLiteral("± ") + size(*reading.unsure, print);
  parts << unit(*reading.figure) << sideOf(*reading.figure, directionOf(reading), *reading.value);
  parts.removeAll(QString());
  return parts.join(' ');
}

QString value(const Reading& reading) { return (bare(reading) + ' ' + behind(reading)).trimmed(); }

QString inWords(const Reading& reading) {
  const InWords& words = reading.figure->words;
  if (words.inside.empty() || !reading.value || !reading.hasTarget) return {};
  switch (reading.verdict) {
    case Verdict::inside:
      return said(words.inside);
    case Verdict::near:
      return QCoreApplication::translate("Words", "nearly %1", "clear, even").arg(said(words.inside));
    case Verdict::outside:
      return said(reading.low && *reading.value < *reading.low ? words.under : words.over);
    case Verdict::notYet:
    case Verdict::unmeasured:
      break;
  }
  return {};
}

namespace {

QString filled(QString text, const Advice& advice) {
  if (!advice.because.empty())
    if (const Figure* figure = findFigure(advice.because.front()))
      text.replace(plain(kFigurePlace), label(*figure));
  if (advice.instrument) text.replace(plain(kTunerPlace), said(labelOf(advice.instrument->tuner)));
  for (const Reading& r : advice.figures)
    for (const auto& [place, value] : placesIn(r))
      text.replace(plain(place), value ? size(*value, r.figure->print) : QStringLiteral("–"));
  return text;
}

}  // namespace

QString advice(const Advice& advice) {
  if (!advice.card) return plain(advice.text);
  const QString heard = filled(said(advice.card->says), advice);
  if (advice.card->tries.empty()) return heard;
  const AdviceCard::Try& asked = advice.card->tryAt(advice.nextTry);
  const QString what = filled(said(asked.says), advice);
  return (asked.image ? QCoreApplication::translate("Advice", "%1 %2 (An image.)")
                      : QCoreApplication::translate("Advice", "%1 %2", "what is heard, then what to try"))
      .arg(heard, what);
}

QString adviceWhy(const Advice& advice) {
  return advice.card ? filled(said(advice.card->why), advice) : plain(advice.why);
}

QString setting(const TubeSetting& setting, const Instrument& instrument) {
  const auto parts = partsOf(setting.name);
  // Its low notes are called as players call them.
  if (!parts)
    return shownNote(setting.written, setting.name.find('#') != std::string::npos   ? Spelling::sharps
                                      : setting.name.find('b') != std::string::npos ? Spelling::flats
                                                                                    : instrument.spelling);

  QStringList valves;
  for (const int valve : parts->valves) valves << QString::number(valve);
  QString said = parts->position > 0
                     ? QCoreApplication::translate("Words", "position %1").arg(parts->position)
                 : valves.isEmpty() ? QCoreApplication::translate("Words", "open", "no valve is pressed")
                                    : valves.join(' ');
  if (parts->thumb)
    said = QCoreApplication::translate("Words", "thumb, %1", "the thumb's valve, and others").arg(said);
  return parts->drawn ? QCoreApplication::translate("Words", "%1, slides drawn").arg(said) : said;
}

QString sound(AirSound sound) {
  switch (sound) {
    case AirSound::open:
      return QCoreApplication::translate("Tide", "open");
    case AirSound::tight:
      return QCoreApplication::translate("Tide", "tight");
    case AirSound::thin:
      return QCoreApplication::translate("Tide", "thin");
    case AirSound::faint:
      return QCoreApplication::translate("Tide", "too soft to tell");
    case AirSound::unclear:
      return {};
  }
  return {};
}

}  // namespace calando::words
