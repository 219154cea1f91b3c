#pragma once

#include <cstddef>
#include <optional>
#include <span>
#include <vector>

#include "core/engine/snapshot_ptr.h"
#include "core/engine/span.h"

/// Takes held beside one another: which parts of them, and by how much they differ.
namespace calando {

struct Figure;

using ComparedTakes = std::span<const SnapshotPtr>;  ///< at least one, none of them null

/// All are takes of the same several notes, so that each note can begin together with the same of the others.
bool haveSameCues(ComparedTakes takes);

/// The cues of a take that ask for something to be heard, by their places on its sheet.
std::vector<std::size_t> heardCues(const Snapshot& take);

/// [take][stretch], seconds in each take: what is laid beside one another. One stretch, from a little before
/// each first tone; or, of takes that have the same cues, one for each heard cue. The same stretch is as long
/// in all takes, as long as the longest of them needs.
std::vector<std::vector<Span>> alignedStretches(ComparedTakes takes, bool byCue);

/// One figure of all takes.
struct ComparedFigure {
  struct Cell {
    std::optional<double> value;
    std::optional<double> fromFirst;  ///< the value less the first take's; nullopt in the first itself
  };
  const Figure* figure;
  std::vector<Cell> takes;
};
/// Every figure that any of the takes is read for, in the order in which they first come.
std::vector<ComparedFigure> compareFigures(ComparedTakes takes);
/// Of the first two takes what differs most, so many figures at most: by how large the difference is against
/// the room that the target leaves. What has no target, or is written the same, does not count.
std::vector<ComparedFigure> mostDifferent(ComparedTakes takes, std::size_t most);

}  // namespace calando
