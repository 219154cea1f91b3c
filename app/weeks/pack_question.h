#pragma once

#include <optional>

#include "app/session/lesson/lesson.h"
#include "records/packs/pack.h"

class QWidget;

namespace calando {

/// Shows side by side what stands here and what a pack brings, and asks which of them is to be. nullopt:
/// nothing of the pack is to come in.
std::optional<Replacing> askWhatReplaces(const UnpackedPack& pack, const PackReplaces& what,
                                         const Lesson& lesson, QWidget* over);

}  // namespace calando
