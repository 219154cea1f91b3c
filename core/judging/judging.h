#pragma once

#include <vector>

#include "core/figures/verdict.h"

namespace calando {

struct Analysis;
struct Context;
struct CueSheet;
struct Reading;
struct Tracks;

/// A figure outside by no more than this many widths of its target is near.
inline constexpr double kNearWidths = 0.5;

/// Fills cues, readings and advice by the context's exercise, unrolled, and level.
void judge(Analysis& analysis, const Tracks& tracks, const CueSheet& sheet, const Context& context);

/// What is heard in it stays; what it is judged by goes: of a take that nothing may be taken from.
Analysis unjudged(Analysis analysis);

/// The worst verdict of all that was judged: inside, near or outside; not yet when nothing came; unmeasured
/// when nothing was held against a target.
Verdict overallVerdict(const std::vector<Reading>& readings);

}  // namespace calando
