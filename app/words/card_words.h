#pragma once

#include <QStringList>

namespace calando {
struct Exercise;
struct Instrument;
enum class Misfit;
}  // namespace calando

/// What is said of a card.
namespace calando::words {

/// What is to be minded with it, on an instrument; nullptr: nobody has said which.
QStringList cautions(const Exercise& card, const Instrument* instrument);
/// Why it is not for an instrument: "not for this instrument".
QString misfit(Misfit why);
/// Whether a text is what somebody looks for: it has every word that was typed, or a word that begins so, in
/// any order; signs between words do not count, and a number is found by its digits and by its name.
bool isFoundBy(const QString& text, const QString& wanted);

}  // namespace calando::words
