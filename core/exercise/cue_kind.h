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

struct CueKindRow {
  CueKind kind;
  std::string_view name;  ///< in cards and JSON
  AsksFor asksFor;
  bool needsLength = false;  ///< may not be left open
  bool needsPulses = false;
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
/// Something is to be heard.
inline bool isAudible(CueKind kind) { return asksFor(kind) != AsksFor::nothing; }

}  // namespace calando
