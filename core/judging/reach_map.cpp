#include "core/judging/reach_map.h"

#include <algorithm>
#include <vector>

#include "core/maths/statistics.h"

namespace calando {

namespace {
constexpr std::size_t kFewestNotes = 6;
constexpr int kHole_db = 9;
constexpr std::int64_t kMonth_s = 28 * 86400;
}  // namespace

void ReachMap::add(const PastTake& take) {
  if (!counts(take)) return;
  for (const Reached& reached : take.kept->reach) {
    Cell& cell = cells_[{reached.semitone, reached.level_db}];
    cell.seconds += reached.seconds;
    if (reached.seconds <= cell.longest_s) continue;
    cell.longest_s = reached.seconds;
    cell.take = take.id;
  }
}

std::optional<int> ReachMap::softest(int semitone) const {
  const auto cell = cells_.lower_bound({semitone, std::numeric_limits<int>::min()});
  return cell != cells_.end() && cell->first.first == semitone ? std::optional(cell->first.second)
                                                               : std::nullopt;
}

std::optional<int> ReachMap::loudest(int semitone) const {
  auto cell = cells_.lower_bound({semitone + 1, std::numeric_limits<int>::min()});
  if (cell == cells_.begin() || (--cell)->first.first != semitone) return std::nullopt;
  return cell->first.second;
}

std::optional<int> ReachMap::span_db(int semitone) const {
  const auto soft = softest(semitone), loud = loudest(semitone);
  return soft && loud ? std::optional(*loud - *soft + kReachStep_db) : std::nullopt;
}

ReachCourse reachCourse(std::span<const PastTake> takes) {
  ReachCourse course;
  const auto said = std::ranges::find_if(takes, [](const PastTake& t) { return t.place.has_value(); });
  for (const PastTake& take : takes) {
    if (said == takes.end() || take.place != said->place) {
      course.elsewhere += counts(take) && !take.kept->reach.empty();
      continue;
    }
    course.now.add(take);
    if (take.made_unix_s < takes.front().made_unix_s - kMonth_s) course.then.add(take);
  }
  return course;
}

std::optional<ReachHole> holeOf(const ReachMap& map) {
  std::vector<std::pair<int, int>> softest;  // note, level
  for (const auto& [place, cell] : map.cells())
    if (softest.empty() || softest.back().first != place.first) softest.push_back(place);
  if (softest.size() < kFewestNotes) return std::nullopt;
  const std::size_t third = softest.size() / 3;
  std::vector<double> middle;
  for (std::size_t i = third; i < softest.size() - third; ++i) middle.push_back(softest[i].second);
  const int usual = static_cast<int>(median(middle));
  // From an end inwards as long as nothing is soft.
  const auto holeFrom = [&](bool high) -> std::optional<ReachHole> {
    std::optional<ReachHole> hole;
    int least = std::numeric_limits<int>::max();
    for (std::size_t i = 0; i < third + 1; ++i) {
      const auto& [note, level] = high ? softest[softest.size() - 1 - i] : softest[i];
      if (level - usual < kHole_db) break;
      least = std::min(least, level - usual);
      hole = {high, note, least};
    }
    return hole;
  };
  const auto high = holeFrom(true), low = holeFrom(false);
  if (!high || (low && low->louder_db > high->louder_db)) return low;
  return high;
}

}  // namespace calando
