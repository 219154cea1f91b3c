#pragma once

#include <span>

#include "core/figures/figure.h"

/// The tables that figures() is made of, for core/judging/figure.cpp: each family of figures has its own.
namespace calando {

/// Of tones and their notes.
std::span<const Figure> toneFigures();
/// Of travels, breaks and the small part.
std::span<const Figure> buzzFigures();
/// Of ways between notes, steps and partials.
std::span<const Figure> stepFigures();
/// Of two that sound together.
std::span<const Figure> pairFigures();
/// Of breaths.
std::span<const Figure> airFigures();
/// Those that every cue has too, in the contract's order.
std::span<const Figure> cueFigures();

}  // namespace calando
