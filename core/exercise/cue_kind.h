#pragma once

#include <optional>
#include <span>
#include <string_view>

namespace calando {

/// What a cue of an exercise is. Everything that differs by kind is a row of cueKinds() or a measure of its
/// own.
enum class CueKind {
  inhale,
  hold,
  exhale,
  air,
  tone,
  rest,
  glide,
  bend,
  partial,
  swell,
  pulse,
  free,
  move,
  drop
};

/// What is to be heard for a cue.
enum class AsksFor { nothing, air, tone };

/// How the pitch of a cue moves by its kind; a drawn path moves any.
enum class Moves { none, bend, glide, drop };

/// What is done with the breath that does not sound.
enum class Breathes { none, in, out, held, through };  ///< through: out, through the instrument

struct CueKindRow {
  CueKind kind;
  std::string_view name;  ///< in cards and JSON
  AsksFor asksFor;
  Moves moves = Moves::none;
  Breathes breathes = Breathes::none;
  bool needsLength = false;  ///< may not be left open
  bool pulses = false;       ///< in a number that the cue says
  bool saysWhat = false;     ///< it is called by what the cue says is to be done
  bool rests = false;        ///< nothing is done
};
/// Every kind once, in the order of the enumeration.
std::span<const CueKindRow> cueKinds();
const CueKindRow& rowOf(CueKind kind);
std::optional<CueKind> cueKindNamed(std::string_view name);

inline std::string_view nameOf(CueKind kind) { return rowOf(kind).name; }
inline AsksFor asksFor(CueKind kind) { return rowOf(kind).asksFor; }
/// A pitched sound is expected.
inline bool isSounding(CueKind kind) { return asksFor(kind) == AsksFor::tone; }
/// Air is expected that does not sound.
inline bool isAir(CueKind kind) { return asksFor(kind) == AsksFor::air; }
inline Moves movesOf(CueKind kind) { return rowOf(kind).moves; }
inline Breathes breathesOf(CueKind kind) { return rowOf(kind).breathes; }
inline bool isRest(CueKind kind) { return rowOf(kind).rests; }
/// Something is to be heard.
inline bool isAudible(CueKind kind) { return asksFor(kind) != AsksFor::nothing; }

}  // namespace calando
