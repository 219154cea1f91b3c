#pragma once

#include <vector>

/// What the rows of a card for two say of its single notes.
namespace calando {

struct Analysis;
struct Context;
struct CueResult;
struct CueSheet;

/// How soon they were one, note by note.
void describeTogether(std::vector<CueResult>& rows, const CueSheet& sheet, const Analysis& analysis);

/// Where the notes lie over the one that sounds with them, drone or partner, in either way of tuning.
void describeTunings(std::vector<CueResult>& rows, const Analysis& analysis, const Context& context);

/// One after the other: how far a tone is from the one that was heard before it, a made partner's, another
/// player's or one's own voice.
void describeTurns(std::vector<CueResult>& rows, const CueSheet& sheet, const Analysis& analysis,
                   const Context& context);

}  // namespace calando
