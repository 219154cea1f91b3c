#pragma once

#include <QString>

namespace calando {
struct InputState;
}

namespace calando::words {

/// What is wrong with what comes in, and what to do; empty: nothing.
QString remarkOn(const InputState& state);

}  // namespace calando::words
