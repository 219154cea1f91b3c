#pragma once

#include <QStringList>
#include <map>
#include <string>

#include "core/ears/answers.h"
#include "core/figures/figure.h"

namespace calando::words {

/// "Which one is sharper?"
QString question(const EarQuestion& question);
/// What can be answered, in the order of the choices; of what can be wrong in somebody's own words where
/// there are some.
QStringList choices(const EarQuestion& question, const std::map<Change, std::string>& own);
/// How an ear is asked, for a list.
QString way(Way way);
/// "pitch"
QString name(Change change);
/// "12.0 cents"; of a crackle its level.
QString amount(Change change, double amount);
/// What there was to hear: "2: pitch +12.0 cents".
QString told(const EarQuestion& question);
/// "6 cents (4 to 9)"; of few answers nothing.
QString heard(Change change, const HeardDifference& heard);

/// "Held: guessed 4.0 s, it was 5.2 s."
QString guessed(const Figure& figure, double guessed, double was);

/// "From the take of 24 Nov 2026 19:00".
QString fromTake(std::int64_t made_unix_s);

}  // namespace calando::words
