#pragma once

namespace calando {

/// Of a figure against what was asked for, or of several the worst.
enum class Verdict { inside, near, outside, notYet, unmeasured };

}  // namespace calando
