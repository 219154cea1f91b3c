#pragma once

namespace calando {

/// What a figure's line or column is drawn in.
enum class Ink { pitch, loudness, colour, air };

}  // namespace calando
