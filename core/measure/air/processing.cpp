#include "core/measure/air/processing.h"

#include <algorithm>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/air/air_sums.h"

namespace calando {

namespace {

constexpr double kSilence_db = -120.0;  // digital
constexpr std::size_t kFewest = 2;      // sounds that have to end alike

constexpr double kHalfWindow = 2.5;  // frames; less and a level strays by chance

// Frames of kHop_s.
constexpr std::size_t kFall = 16, kFlat = 6, kSettled = 24, kSteep = 25, kBefore = 60, kSwell = 40,
                      kLongestSwell = 150;
constexpr std::size_t kAfterFall = 15, kLowestWithin = 40, kShortestHold = 8, kLongestHold = 70, kJump = 4;

constexpr std::size_t kEdge = 3, kThird = 3;  // of a floor

constexpr double kFall_db = 8.0;  // of a floor that breaks off
constexpr double kFlat_db = 2.0;  // standard deviation of a floor
constexpr double kLowestShare = 0.05;
constexpr double kFloor_db = 3.0;  // over which it is none any more
constexpr double kSinks_db = 1.7;
constexpr double kUnder_db = 8.0;  // that it lies under the sound shortly before it
constexpr double kAlike_db = 4.0, kAlikeHold_s = 0.08;
// Of a sound that is there at once.
constexpr double kFine_s = 0.003, kWide_s = 0.05, kGrown_s = 0.15;
constexpr double kBegins_db = 10.0, kLeast_db = 6.0;
constexpr double kLanded_db = 5.5;
constexpr double kJumpsIn_db = 20.0, kGrows_db = 4.0, kMostGrows_db = 24.0;

constexpr double kEnd_db = 8.0;                      // of a sound that ends
constexpr double kJump_db = 5.0;                     // of one that begins
constexpr double kSwells_db = 3.0, kSteadily = 0.9;  // correlation of level with time

constexpr std::size_t kFirstBand = 5;  // from 0.8 kHz: enough bandwidth for a frame to tell its level
constexpr double kQuietShare = 0.35;   // of the frames
constexpr std::size_t kAround = 10;    // frames that a band is held against
constexpr double kSpread_db = 1.6;     // noise alone has 1.0 to 1.3
constexpr double kCoarse_db = -95.0;   // what 16 bits leave strays by itself
constexpr std::size_t kRings = 40, kBeforeTone = 10;  // frames about a pitch that are none of the room's
constexpr double kNoEvent_db = 10.0;                  // of the level about a frame
constexpr std::size_t kFewestFrames = 60;

/// Finds the traces in one take.
class Traces {
 public:
  explicit Traces(const Tracks& tracks) : tracks_(tracks) {
    const std::size_t frames = std::min(
        tracks.air.size(), static_cast<std::size_t>(std::max(0.0, tracks.airEnergy.seconds() / kHop_s)));
    for (std::size_t i = 0; i < frames; ++i)
      levels_.push_back(tracks.airEnergy.level_dbfs((static_cast<double>(i) - kHalfWindow) * kHop_s,
                                                    (static_cast<double>(i) + kHalfWindow) * kHop_s));
  }

  /// Sounds end on a floor and the floor breaks off, of one room and after one time; or they are there at
  /// once from far below, at one level from which they go on to grow.
  std::optional<bool> gate() const {
    const auto closes = floorsBreakOff(), opens = soundsJumpIn();
    if (closes.value_or(false) || opens.value_or(false)) return true;
    return closes ? closes : opens;
  }

  /// After a sound has ended the room gets louder, steadily and by itself.
  std::optional<bool> automaticGain() const {
    std::size_t looked = 0, swelling = 0;
    for (std::size_t i = kBefore; i + kAfterFall + kLowestWithin + kSwell < levels_.size(); ++i) {
      if (mean(part(i - kFlat, kFlat)) - mean(part(i + kAfterFall, kFlat)) < kEnd_db) continue;
      const auto lowest = std::ranges::min_element(part(i + kAfterFall, kLowestWithin));
      const auto from =
          static_cast<std::size_t>(lowest - part(i + kAfterFall, kLowestWithin).begin()) + i + kAfterFall;
      const std::size_t to = nextBeginning(from);
      i = std::max(i + kAfterFall, to);
      if (to - from < kSwell) continue;
      ++looked;
      swelling += swells(part(from, to - from)) ? 1 : 0;
    }
    if (looked < kFewest) return std::nullopt;
    return swelling >= kFewest && 2 * swelling > looked;
  }

  /// In the quiet, bands stray from what all of them do together far more than noise does by chance.
  std::optional<bool> noiseSuppression() const {
    const std::vector<std::size_t> quiet = roomAlone();
    if (quiet.size() < kFewestFrames) return std::nullopt;
    std::vector<double> spreads;
    for (std::size_t band = kFirstBand; band < kAirBands; ++band) {
      std::vector<double> strays;
      for (const std::size_t frame : quiet) {
        double usual = 0.0;
        for (std::size_t k = frame - kAround; k <= frame + kAround; ++k)
          usual += decibels(tracks_.air[k].power[band]) / (2.0 * kAround + 1.0);
        strays.push_back(std::abs(decibels(tracks_.air[frame].power[band]) - usual));
      }
      spreads.push_back(1.5 * median(strays));
    }
    return median(spreads) > kSpread_db;
  }

 private:
  std::optional<bool> floorsBreakOff() const {
    std::vector<double> floors, holds;
    std::size_t ends = 0;  // on the lowest floor there is
    if (levels_.size() < kBefore + kSettled) return std::nullopt;
    const double lowest = quantile(levels_, kLowestShare) + kAlike_db;
    for (std::size_t i = kBefore; i + kSettled < levels_.size(); ++i) {
      if (!breaksOff(i) || mean(part(i + kFall, kSettled - kFall)) > lowest) continue;
      ++ends;
      if (const auto hold = holdBefore(i)) {
        floors.push_back(mean(part(i - kFlat, kFlat)));
        holds.push_back(static_cast<double>(*hold) * kHop_s);
      }
      i += kSettled;
    }
    if (ends < kFewest) return std::nullopt;
    if (floors.size() < kFewest) return false;
    const double floor = median(floors), hold = median(holds);
    std::size_t alike = 0;
    for (std::size_t i = 0; i < floors.size(); ++i)
      alike += std::abs(floors[i] - floor) < kAlike_db && std::abs(holds[i] - hold) < kAlikeHold_s ? 1 : 0;
    return alike >= kFewest && 2 * alike > ends;
  }

  std::optional<bool> soundsJumpIn() const {
    std::vector<double> landings;
    std::size_t beginnings = 0;
    const double last = tracks_.airEnergy.seconds() - kGrown_s - kWide_s;
    for (double t = kWide_s; t < last; t += kFine_s) {
      const double below = fine(t - 2.0 * kFine_s),
                   grown = tracks_.airEnergy.level_dbfs(t + kGrown_s, t + kGrown_s + kWide_s);
      if (grown < kCoarse_db || grown - tracks_.airEnergy.level_dbfs(t - kWide_s, t) < kBegins_db) continue;
      if (fine(t) - below < kLeast_db) continue;
      ++beginnings;
      const double landing = tracks_.airEnergy.level_dbfs(t + kFine_s, t + 5.0 * kFine_s);
      const bool jumps = landing - below > kJumpsIn_db && grown - landing > kGrows_db &&
                         grown - landing < kMostGrows_db && hasLanded(t) && !soundsNear(frameOf(t));
      if (jumps) landings.push_back(landing);
      t += kGrown_s;
    }
    if (beginnings < kFewest) return std::nullopt;
    if (landings.size() < kFewest) return false;
    const double usual = median(landings);
    const auto alike = static_cast<std::size_t>(
        std::ranges::count_if(landings, [&](double l) { return std::abs(l - usual) < kAlike_db; }));
    return alike >= kFewest && 2 * alike > beginnings;
  }

  /// What begins with an even rise, however short, goes on rising: in the mean of 9 ms by 8.5 dB in 15 ms.
  bool hasLanded(double t) const {
    return tracks_.airEnergy.level_dbfs(t + 6.0 * kFine_s, t + 10.0 * kFine_s) -
               tracks_.airEnergy.level_dbfs(t + 2.0 * kFine_s, t + 4.0 * kFine_s) <
           kLanded_db;
  }

  double fine(double t) const { return tracks_.airEnergy.level_dbfs(t, t + kFine_s); }
  std::size_t frameOf(double t) const {
    return std::min(levels_.size() - 1, static_cast<std::size_t>(t / kHop_s));
  }
  std::span<const double> part(std::size_t first, std::size_t count) const {
    return std::span(levels_).subspan(first, count);
  }

  /// Frames of the quietest part of the take, all of them about as loud, with nothing else about them.
  std::vector<std::size_t> roomAlone() const {
    if (levels_.size() < 2 * kAround + 1) return {};
    std::vector<double> around;
    for (std::size_t i = 0; i + 2 * kAround < levels_.size(); ++i)
      around.push_back(mean(part(i, 2 * kAround + 1)));
    const double quiet = quantile(around, kQuietShare);
    std::vector<std::size_t> frames;
    std::vector<double> levels;
    for (std::size_t i = 0; i < around.size(); ++i) {
      const auto [least, most] = std::ranges::minmax(part(i, 2 * kAround + 1));
      if (around[i] > quiet || least < kCoarse_db || most - least > kNoEvent_db || soundsNear(i + kAround))
        continue;
      frames.push_back(i + kAround);
      levels.push_back(around[i]);
    }
    if (levels.empty()) return {};
    // What rings away is at no level for long.
    const double usual = median(levels);
    std::erase_if(frames, [&](std::size_t f) { return std::abs(around[f - kAround] - usual) > kAlike_db; });
    return frames;
  }

  /// There is a pitch, or there was one a moment ago: a room that rings strays band by band.
  bool soundsNear(std::size_t frame) const {
    const std::size_t last = std::min(tracks_.frames.size(), frame + kBeforeTone + 1);
    for (std::size_t i = frame - std::min(frame, kRings); i < last; ++i)
      if (tracks_.frames[i].f0_hz > 0.0f) return true;
    return false;
  }

  bool breaksOff(std::size_t i) const {
    const double before = mean(part(i - kFlat, kFlat));
    return before > kSilence_db && before - mean(part(i + kFall, kSettled - kFall)) > kFall_db &&
           before - levels_[i + 3] > kFlat_db;
  }

  /// How long it has been flat before it broke off, under a louder sound; nullopt where it has not.
  std::optional<std::size_t> holdBefore(std::size_t i) const {
    const double floor = mean(part(i - kFlat, kFlat));
    if (standardDeviation(part(i - kFlat, kFlat)) > kFlat_db) return std::nullopt;
    std::size_t hold = 0;
    while (hold <= kLongestHold && hold + kSteep + 1 < i && levels_[i - 1 - hold] < floor + kFloor_db) ++hold;
    if (hold < kShortestHold || hold > kLongestHold) return std::nullopt;
    if (levels_[i - hold - kSteep] < floor + kUnder_db) return std::nullopt;
    // What rings away is no floor.
    if (mean(part(i - hold + kEdge, kThird)) - mean(part(i - kThird, kThird)) > kSinks_db)
      return std::nullopt;
    return hold;
  }

  /// Where a sound begins after a place: a jump of the level. Not further than a swell is looked at.
  std::size_t nextBeginning(std::size_t from) const {
    std::size_t to = from + 2 * kJump;
    const std::size_t last = std::min(levels_.size() - kJump, from + kLongestSwell);
    while (to < last && levels_[to + kJump - 1] - levels_[to - kJump] < kJump_db) ++to;
    return to - kJump;
  }

  static bool swells(std::span<const double> levels) {
    std::vector<double> times, smooth;
    for (std::size_t i = 0; i + kSettled <= levels.size(); i += kFlat) {
      times.push_back(static_cast<double>(i));
      smooth.push_back(mean(levels.subspan(i, kSettled)));
    }
    if (smooth.back() - smooth.front() < kSwells_db || smooth.front() < kSilence_db) return false;
    return leastSquaresSlope(times, smooth) * standardDeviation(times) >
           kSteadily * standardDeviation(smooth);
  }

  const Tracks& tracks_;
  std::vector<double> levels_;
};

}  // namespace

Processing processingOf(const Tracks& tracks) {
  const Traces traces(tracks);
  return {traces.noiseSuppression(), traces.gate(), traces.automaticGain()};
}

}  // namespace calando
