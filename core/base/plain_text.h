#pragma once

#include <string>
#include <string_view>

/// Text as it goes out and comes in, the same in every locale.
namespace calando {

/// A number with so many decimals and a point, whatever the desktop's decimal sign; `plus`: with a sign where
/// it is not negative.
std::string fixed(double value, int decimals, bool plus = false);
/// Its shortest form with so many digits that count.
std::string shortest(double value, int digits);

/// A name or title as one line that is seen as it is written: line ends and tabs are spaces, several are one,
/// none are at its ends; control characters and what turns the direction of text or hides in it are left out.
/// UTF-8 in and out; bytes that are none stay.
std::string visibleLine(std::string_view text);

/// A text as a cell of a table of comma-separated values: quoted where it must be (RFC 4180), and never a
/// formula: what begins as one has an apostrophe before it.
std::string tableCell(std::string_view text);

}  // namespace calando
