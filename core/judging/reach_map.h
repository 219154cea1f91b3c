#pragma once

#include <map>
#include <optional>
#include <span>

#include "core/judging/history.h"

namespace calando {

/// What a student can do, soft and loud, low and high: the steady stretches of all takes.
class ReachMap {
 public:
  /// Of a cell: how long in all, and the take that held it longest.
  struct Cell {
    double seconds = 0.0;
    double longest_s = 0.0;
    std::int64_t take = 0;
  };
  /// Concert semitone, level.
  using Place = std::pair<int, int>;

  /// One more take, if it counts: nothing is looked at again.
  void add(const PastTake& take);

  const std::map<Place, Cell>& cells() const { return cells_; }
  bool empty() const { return cells_.empty(); }
  int lowest() const { return cells_.begin()->first.first; }
  int highest() const { return cells_.rbegin()->first.first; }
  /// Of a note, dBFS: lower edges of cells; nullopt where it was not held.
  std::optional<int> softest(int semitone) const;
  std::optional<int> loudest(int semitone) const;
  /// From the one to the other, the cells' own height with it, dB.
  std::optional<int> span_db(int semitone) const;

 private:
  std::map<Place, Cell> cells_;
};

/// The map of today and that of a month ago. Levels can be compared only where the microphone stood in one
/// place: that of the newest take that says where it stood.
struct ReachCourse {
  ReachMap now, then;
  int elsewhere = 0;  ///< takes that are in neither: the microphone stood elsewhere, or nobody knows where
};
/// `takes`: newest first.
ReachCourse reachCourse(std::span<const PastTake> takes);

/// A hole: from a note upwards, or downwards, nothing is held as soft as notes in the middle are.
struct ReachHole {
  bool high;      ///< else low
  int from;       ///< concert semitone
  int louder_db;  ///< by how much its softest is louder than the softest in the middle
};
/// The larger of both; nullopt where soft goes as far as loud, or under six notes.
std::optional<ReachHole> holeOf(const ReachMap& map);

}  // namespace calando
