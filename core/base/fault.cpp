#include "core/base/fault.h"

#include "core/base/in_order.h"

namespace calando {

namespace {

using enum Fault;

constexpr auto kFaults = std::to_array<Wording<Fault>>({
    {tooLarge, "is larger than 1 MB; it should be a page or two"},
    {tooDeep, "is nested deeper than {1} brackets; flatten it"},
    {noJson, "is no JSON (near byte {1})"},
    {numberTooLarge, "has a number that is too large"},
    {keyMissing, "\"{1}\" is missing"},
    {otherKind, "is of another kind than it should be: a text, a number, a list or an object in braces"},
    {notAnObject, "{1} should be an object in braces"},
    {unknownKey, "{1} is no key here; remove it or correct its spelling"},
    {unknownValue, "{1} {2} is unknown; it is one of {3}"},
    {unknownReading, "reading {1} is unknown"},
    {notANumber, "{1} must be a number from {2} to {3}, not {4}"},
    {notWhole, "{1} must be a whole number"},
    {empty, "may not be empty"},
    {inEntry, "{1}: entry {2}: {3}; correct that entry"},
    {inNamedEntry, "{1}: entry {2} ({3}): {4}; correct that entry"},
    {inCard, "{1}; correct the exercise"},
    {inCardFile, "{1}; compare it with docs/exercises.md"},
    {at, "{1}: {2}"},
    {atCue, "cue {1}: {2}"},
    {atTargets, "targets of {1}: {2}"},
    {cardsAlike, "exercises: two have the id \"{1}\"; rename one"},
    {noSuchNote, "note {1} is none; write it like \"Bb4\", or any, home, each"},
    {noNoteName, "{1} is no note name such as \"Bb3\""},
    {noteForm, "a note is a name such as \"Bb4\", any, home, each, or {\"degree\": 3}"},
    {noteWithoutNumber, "note \"{1}\" has no number; write it like degree 3"},
    {shapeForm, "{1} is a list of [share, value], such as [[0, -12], [0.5, 0], [1, -12]]"},
    {shapeOrder, "the shares of {1} must grow from point to point"},
    {shapeTooShort, "{1} needs two points or more"},
    {beatsAndSeconds, "give a cue's beats or its seconds, not both"},
    {needsLength, "a {1} needs beats or seconds"},
    {needsPulses, "a {1} cue needs its number of pulses"},
    {beatsWithoutTempo, "beats need a tempo; give the exercise one, or seconds to the cue"},
    {noCues, "an exercise needs at least one cue"},
    {tooManyCues, "there are more than {1} of them; leave some out"},
    {tooManyItems, "there are more than {1} items; make several lists of them"},
    {lastsTooLong, "they last longer than {1} hours; shorten them"},
    {countOfNothing, "a generator's count may not be 0; below 0 goes downwards"},
    {countsUpward, "a series and an outward generator count from 1 up"},
    {eachWithoutGenerator, "a generator and the note \"each\" need one another"},
    {stepsOrder, "steps must be numbers that grow"},
    {growsOtherwise, "seconds grow with an open tone, a tempo with a count, counts with a climb"},
    {noReadings, "name at least one reading"},
    {noBound, "a target needs \"low\" or \"high\""},
    {noWidth, "a bound of 0 needs a \"width\" above 0"},
    {noExercises, "a running order needs an exercise"},
    {unknownExercise, "exercise {1} is unknown"},
    {lowestAboveHighest, "\"lowest\" is not below \"highest\""},
    {unknownTube, "tube \"{1}\" is unknown; data/tubes.json lists them"},
    {fingeringNeedsInstrument,
     "fingering \"{1}\" needs a brass --instrument; or give a written fundamental such as Bb3"},
    {unknownSlide,
     "fingering \"{1}\" is unknown; a slide has positions slide1 to slide7, with a trigger Tslide1 and so "
     "on"},
    {unknownValves,
     "fingering \"{1}\" is unknown; valves are 0 (open) or a growing row of 1, 2, 3 and 4 where it is there, "
     "with + where their slides are drawn, after T on a second tube"},
    {fingeringEmpty, "the fingering is empty; write 0 for the open tube"},
});
static_assert(inOrder(kFaults, &Wording<Fault>::code));

}  // namespace

std::string_view wordingOf(Fault fault) { return kFaults[static_cast<std::size_t>(fault)].english; }
std::span<const Wording<Fault>> faults() { return kFaults; }

}  // namespace calando
