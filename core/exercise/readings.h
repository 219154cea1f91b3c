#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/exercise/cue_figures.h"

/// The figures that a take can be judged by. Of several sounds a figure is the median over them, counts are
/// added up.
namespace calando {

/// Of all of them.
std::vector<std::string> readingIds();
/// Known for the words of an advice, whether the card shows it or not.
bool isKnownAside(std::string_view id);
bool isReading(std::string_view id);
/// Name for people, and unit, of a reading; empty for an unknown one.
std::string readingLabel(std::string_view id);
std::string readingUnit(std::string_view id);
/// One sentence for F1.
std::string readingMeaning(std::string_view id);

/// In the order in which a teacher mends things.
enum class Area { startsAndLasts, steady, inTune, full };
/// The id must be a reading's.
Area readingArea(std::string_view id);
/// Over the cues of an analysis that were played; empty where none was, or where the figure was not measured.
/// `against`: the take that some are held against.
std::optional<double> readingValue(std::string_view id, const Analysis& analysis,
                                   const std::optional<Rival>& against = {});

/// The reading that a figure of a cue's own row is judged by, with its value there; empty for a reading that
/// is of the whole take.
std::optional<double> cueValue(std::string_view id, const CueResult& cue);

}  // namespace calando
