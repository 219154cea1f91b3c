#pragma once

#include "core/base/names.h"

namespace calando {

/// How the sound of a cue began: with the air, after air was heard, air alone, or nothing at all.
enum class Start { instant, afterAir, airOnly, nothing };
inline constexpr Named<Start> kStarts[] = {{"instant", Start::instant},
                                           {"after-air", Start::afterAir},
                                           {"air-only", Start::airOnly},
                                           {"nothing", Start::nothing}};

}  // namespace calando
