#pragma once

#include <QString>

namespace calando {
struct Figure;
}

/// Figures for who knows nothing of music.
namespace calando::words {

/// "Holds a tone for 8.1 seconds."; empty for a figure that is nothing to them.
QString forParents(const Figure& figure, double value);
/// "8.1 seconds", "3 hundredths of a half step too low".
QString forParents(double value, const Figure& figure);

}  // namespace calando::words
