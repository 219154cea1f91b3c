#pragma once

#include <QString>
#include <QStringList>

namespace calando {

/// Of the texts that people see. English is what is written in the source; others are files
/// translations/calando_XX.qm in the program's resources.
QStringList languages();  ///< codes, English first

/// Every text longer by half and in brackets: what stands in none has not been translated, and what is cut
/// off will be in some language. For tests and for whoever wants to see it.
inline constexpr const char* kPseudo = "pseudo";
QString pseudo(const QString& text);

/// For the whole program, from now on; empty: the desktop's, where there is a translation of it. What is
/// shown already stays as it is.
void useLanguage(const QString& code);

}  // namespace calando
