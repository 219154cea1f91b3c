#pragma once

#include <cstdint>
#include <span>
#include <string_view>
#include <vector>

namespace calando {

/// What can be changed in a tone.
enum class Change {
  offset,     ///< cents sharp; below 0 flat
  wave,       ///< a wave of the pitch, ± cents at kWave_hz
  wander,     ///< a slow wander, cents RMS
  sag,        ///< falls by cents over its last third
  scoop,      ///< begins cents under its note and rises
  gap,        ///< a break, ms
  fade,       ///< gets softer by dB over its second half
  levelWave,  ///< a wave of the level, dB from top to bottom at kLevelWave_hz
  fuzz,       ///< less harmonics over noise, dB
  crackle,    ///< every other period weaker, dB over kNoCrackle_db
  dull,       ///< falls by so many dB an octave more
  late,       ///< speaks so many ms late, after air
  shorter,    ///< by so many hundredths
  beat,       ///< a second tone with it, beats a second
  beatRate,   ///< a second tone with it that beats kBeat_hz fast, hundredths faster; below 0 slower
  third       ///< a major third with it, cents off the pure one
};
/// How long a tone is that is made.
inline constexpr double kMade_s = 1.6;
inline constexpr double kWave_hz = 5.5, kLevelWave_hz = 4.0, kNoCrackle_db = -50.0, kBeat_hz = 3.0;

struct ChangeRow {
  Change change;
  std::string_view id;
  std::string_view name;  ///< for people, in English; so are the others
  std::string_view unit;
  std::string_view which;    ///< the question for the one that has it less
  std::string_view fault;    ///< what was wrong
  std::string_view reading;  ///< id of the figure that it belongs to; empty: none
  double least, most;        ///< amounts that are asked about
  int decimals;
};
/// In the order of their enumerators.
std::span<const ChangeRow> changes();
const ChangeRow& rowOf(Change change);
/// nullptr for none.
const ChangeRow* findChange(std::string_view id);

/// One thing that is changed, by how much, in the row's unit; the seed is for what wanders.
struct Changed {
  Change change;
  double amount;
  std::uint32_t seed = 1;
};

/// The same without it: what a changed one is held against.
inline Changed without(Change change) { return {change, 0.0, 1}; }
/// A second tone sounds with it.
inline bool isOfTwo(Change change) { return change >= Change::beat; }
/// It goes either way.
inline bool goesEitherWay(Change change) { return change == Change::offset || change == Change::beatRate; }
/// How far the second tone is over the material, cents.
double secondOver(const Changed& changed, double hz);
/// What a change asks of a tone over its time.
class ChangeCourse {
 public:
  explicit ChangeCourse(const Changed& changed);

  /// Of the pitch, at a time since the start.
  double cents(double t_s) const;
  /// Of the level.
  double decibels(double t_s) const;
  /// How much of the tone is there, 0 to 1: it breaks, speaks late, ends too soon.
  double there(double t_s) const;
  /// It asks something of the pitch.
  bool moves() const { return changed_.change <= Change::scoop; }

 private:
  double share(double from_s, double t_s) const;

  Changed changed_;
  std::vector<double> wander_;  ///< cents, in equal steps
};

}  // namespace calando
