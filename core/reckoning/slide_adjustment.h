#pragma once

#include <optional>

namespace calando {

struct Analysis;
struct Context;

/// How much further a slide or joint would have to be drawn for an offset to go.
struct SlideAdjustment {
  double cents;  ///< the offset; sharp is positive
  double mm;     ///< out is positive; by the line of the reckoner, good to a tenth and more of itself
};

/// Of a take of the whole instrument that is off its notes by more than 8 and less than 50 cents, by as much
/// all the way: no note wanders by more than 6 cents, none is further than 6 from the middle of all. Nullopt
/// for another, for a card that moves the pitch or is for two, and without an instrument.
std::optional<SlideAdjustment> drawingFor(const Analysis& analysis, const Context& context);

}  // namespace calando
