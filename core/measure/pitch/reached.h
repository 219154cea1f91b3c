#pragma once

namespace calando {

/// Height of a cell of the map of pitch and level.
inline constexpr int kReachStep_db = 3;

/// What was held in one cell: a semitone, and kReachStep_db of level.
struct Reached {
  int semitone;  ///< concert
  int level_db;  ///< its lower edge, dBFS, a multiple of kReachStep_db
  double seconds;
  bool operator==(const Reached&) const = default;
};

}  // namespace calando
