#pragma once

#include <cstdint>
#include <span>
#include <string_view>
#include <vector>

#include "core/ears/material.h"

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

/// The material made again, with that changed and nothing else: mono at its rate, kMade_s long, as loud as
/// any other (RMS kMade_rms over the tone, whatever its length; a fade by its first half), without a click at
/// its ends.
std::vector<float> made(const Material& material, const Changed& changed);
/// The same without it: what a changed one is held against.
inline Changed without(Change change) { return {change, 0.0, 1}; }
/// A second tone sounds with it.
inline bool isOfTwo(Change change) { return change >= Change::beat; }
/// It goes either way.
inline bool goesEitherWay(Change change) { return change == Change::offset || change == Change::beatRate; }
/// How far the second tone is over the material, cents.
double secondOver(const Changed& changed, double hz);
inline constexpr double kMade_rms = 0.054;

/// What a change asks of the pitch, cents, and of the level, dB, at a time since the start.
double centsOf(const Changed& changed, double t_s);
double decibelsOf(const Changed& changed, double t_s);

}  // namespace calando
