#pragma once

#include <cmath>
#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "core/exercise/target.h"
#include "core/figures/ink.h"

/// The figures that a take can be judged by: one row each, of which everything else is made (JSON, tables,
/// charts, advice, cards, help). CONTRIBUTING.md says how to add one.
namespace calando {

struct Analysis;
struct Context;
struct CueResult;
struct FigureInput;
struct Reading;

/// In the order in which a teacher mends things.
enum class Area { startsAndLasts, steady, inTune, full };

/// How a figure is written, wherever it is.
struct Print {
  int decimals = 1;
  bool sign = false;   ///< a plus is written too: the figure goes either way
  double times = 1.0;  ///< what it is multiplied with: shares are written as so many of a hundred
  /// The smallest difference that is seen.
  double step() const { return std::pow(10.0, -decimals) / times; }
  /// As it is written: what is judged is what is seen.
  double rounded(double value) const {
    const double scale = std::pow(10.0, decimals) * times;
    return std::round(value * scale) / scale;
  }
};

/// What a figure below and one above 0 are, for people in English: "flat" and "sharp"; written behind its
/// size instead of a sign.
struct Sides {
  std::string_view below, above;
  bool none() const { return below.empty(); }
};
/// What a figure is to a teacher that is measured in what only engineers speak of: under its target, inside
/// it, over it.
struct InWords {
  std::string_view under, inside, over;
};

/// Its chart along the range.
struct Chart {
  Ink ink = Ink::pitch;
  double leastSpan = 0.0;  ///< smaller differences are not blown up; 0: it has no chart
};

/// What a take asks of a figure by itself, whatever its card and level say; empty: no target at all.
struct OwnTarget {
  std::optional<Target> target;
};

/// A figure of one cue of an analysis; nullopt where it was not measured.
using CueFigure = std::optional<double>(const CueResult&, const Analysis&);

struct Figure {
  std::string_view id;
  std::string_view label;  ///< for people, in English; so are unit, help and column
  std::string_view unit;   ///< empty: a count
  std::string_view spoken =
      {};  ///< the unit that people read, of what Print::times makes of it; empty: the same
  Print print;
  Sides sides = {};
  InWords words = {};
  Area area;
  std::string_view help;  ///< one sentence for F1
  /// Of several sounds the median over them, counts are added up. nullptr: a figure of single cues alone.
  std::optional<double> (*ofTake)(const FigureInput&);
  /// One standard deviation of that, by how it strays within the take; nullptr: it is not known.
  std::optional<double> (*unsure)(const FigureInput&) = nullptr;
  /// Of a figure that is a size: to which side most of it went, below or above 0; nullopt: to neither.
  std::optional<double> (*leaning)(const FigureInput&) = nullptr;
  CueFigure* unsureOfCue = nullptr;  ///< the same of one cue
  CueFigure* ofCue = nullptr;        ///< the same of one cue; its key in the JSON is the id
  /// Of a figure that is a count: how many of them lie within a cue's sound.
  std::ptrdiff_t (*within)(const CueResult&, const Analysis&) = nullptr;
  std::string_view column = {};  ///< its title in the table of cues; empty: it has none
  Chart chart = {};
  bool aside = false;      ///< known for the words of an advice, whether the card shows it or not
  bool forFiles = false;   ///< in the files alone: it says how sure another one is, beside which it stands
  bool ordinary1 = false;  ///< 1 is no news and need not be shown
  bool byKey = false;      ///< no microphone is needed for it
  bool ofTheNoteAsked = false;  ///< where another note came, it did not come yet
  std::optional<OwnTarget> (*ownTarget)(const Context&) = nullptr;  ///< nullopt: nothing of its own
  /// How far under the player's own accepted takes of the note it may lie, whatever is asked of everybody; 0:
  /// it is not held against them.
  double belowOwn = 0.0;
  /// How much wider its target is where this was played than where it is written for; nullopt: as written.
  std::optional<double> (*widening)(const Analysis&) = nullptr;
};

/// All of them; the order of those of cues is the contract's.
std::span<const Figure> figures();
/// nullptr for none.
const Figure* findFigure(std::string_view id);
/// That a card can name: one of whole takes.
bool isReading(std::string_view id);

/// "−3.2", "+14": with the decimals of its figure, without its unit.
std::string printed(double value, const Print& print);

/// Over the cues of an analysis that were played; empty where none was, unless it is by key, or where the
/// figure was not measured.
std::optional<double> valueOf(const Figure& figure, const FigureInput& heard);

/// There is nothing to see in it: every tone has one try.
bool saysNothing(const Reading& reading);

}  // namespace calando
