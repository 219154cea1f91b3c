#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/measure/edges/sounds.h"

/// The breaths that a teacher called open, as text.
namespace calando {

inline constexpr std::size_t kMostOpenMarks = 12;  ///< the newest are kept

std::string toText(const std::vector<OpenMark>& marks);
/// What cannot be read is left out.
std::vector<OpenMark> openMarksFrom(std::string_view text);

}  // namespace calando
