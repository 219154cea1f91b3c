#pragma once

#include <optional>

class QWidget;

namespace calando {

class CardDeck;
struct PackReplaces;
enum class Replacing;
struct UnpackedPack;

/// Shows side by side what stands here and what a pack brings, and asks which of them is to be. nullopt:
/// nothing of the pack is to come in.
std::optional<Replacing> askWhatReplaces(const UnpackedPack& pack, const PackReplaces& what,
                                         const CardDeck& deck, QWidget* over);

}  // namespace calando
