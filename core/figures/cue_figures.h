#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/theory/pitch.h"

namespace calando {

struct Analysis;
struct Context;
struct CueResult;
struct CueSheet;
struct Note;
struct Tracks;

/// Matches the sheet with what was heard and gives every cue its row. `context` is the one that the analysis
/// was made with. A card with a single sounding cue is for the tone held longest.
std::vector<CueResult> describeCues(const Analysis& analysis, const Tracks& tracks, const CueSheet& sheet,
                                    const Context& context);

/// What a note was asked to be, its target, its offset and its partial, from the cue that it was played for:
/// one truth for both.
void nameByCues(Analysis& analysis, const CueSheet& sheet, const Context& context);

/// What the others' colour is held against: the first note that was played for a model cue; nullptr for none.
const Note* modelNote(std::span<const CueResult> rows, const CueSheet& sheet, const Analysis& analysis);

/// When a row's note came: the middle of the way to it, or its onset.
std::optional<double> cameAt(const CueResult& row, const Analysis& analysis);

/// The context's reference with its A4 moved so that the first home note among the analysis' cues is in tune;
/// nullopt when none came.
std::optional<Reference> tunedToHome(const Analysis& analysis, const CueSheet& sheet, const Context& context);

}  // namespace calando
