#pragma once

#include <cstddef>
#include <optional>

namespace calando {

struct Snapshot;

/// How far the level of what was played for a cue lies over the loudness that the cue asks for, dBFS, on the
/// mean of its sound: the shape is what counts, not how loud all of it is. nullopt: nothing was played for
/// it.
std::optional<double> overAsked_dbfs(const Snapshot& take, std::size_t cue);

}  // namespace calando
