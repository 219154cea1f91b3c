#pragma once

#include <QDateTime>
#include <QString>
#include <optional>
#include <string_view>

#include "core/base/problem.h"

namespace calando {
struct Advice;
enum class AirSound;
struct Figure;
struct Instrument;
struct Print;
struct Reading;
struct TubeSetting;
}  // namespace calando

/// What core and its data say, as people see it here: translated, numbers by locale.
namespace calando::words {

/// A text as it is: a name, a path, what somebody typed.
QString plain(std::string_view text);
/// Of a name one that any folder takes.
QString fileName(const QString& name);
/// A text of core or of data/*.json, in the language of the window.
QString said(std::string_view english);
/// What is wrong, with its values.
QString said(const Problem& problem);

QString label(const Figure& figure);
QString unit(const Figure& figure);  ///< empty for a count
QString help(const Figure& figure);
/// Nothing can be heard, and what to do.
QString noOutput();
/// Day and minute, as the language writes them: "24 Nov 2026 19:00".
QString moment(const QDateTime& when);
/// "Fade, dB".
QString titled(const Figure& figure);

/// "−3.2", "+4": a true minus sign, no plus for nothing.
QString number(double value, int decimals = 0, bool plus = true);
QString number(double value, const Print& print);
/// The same without a sign; and with one, for how much more or less it is.
QString size(double value, const Print& print);
QString change(double value, const Print& print);
/// "4.0 s"; a count has none.
QString inUnit(const QString& number, const Figure& figure);
/// "−3 ± 1 cents": how much more or less, and how far that may be off.
QString change(double value, double unsure, const Figure& figure);
/// "4.0 s", "3.2 cents flat".
QString value(double value, const Figure& figure);
/// "3.2 ± 0.4 cents flat"; a dash where nothing was measured.
QString value(const Reading& reading);
/// Its two parts: "3.2", or the dash; and "± 0.4 cents flat".
QString bare(const Reading& reading);
QString behind(const Reading& reading);
/// What it is to a teacher, "airy", "nearly clear", where its number says that to nobody; else empty.
QString inWords(const Reading& reading);

/// A tube in use: "open", "1 2", "1 3, drawn", "thumb 1", "position 3", or the note of a reed.
QString setting(const TubeSetting& setting, const Instrument& instrument);

/// How air sounds; empty where that is not told.
QString sound(AirSound sound);

/// The observation with its figures and one thing to try; and why.
QString advice(const Advice& advice);
QString adviceWhy(const Advice& advice);

}  // namespace calando::words
