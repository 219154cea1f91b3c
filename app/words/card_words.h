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

}  // namespace calando::words
