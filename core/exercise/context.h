#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>

#include "core/exercise/accompaniment.h"
#include "core/exercise/comparison_take.h"
#include "core/exercise/exercise.h"
#include "core/exercise/key_times.h"
#include "core/exercise/note_range.h"
#include "core/exercise/target.h"
#include "core/measure/edges/sounds.h"
#include "core/measure/pair/pair.h"
#include "core/theory/part_played.h"
#include "core/theory/pitch_frame.h"

namespace calando {

/// What was asked for, and what it is held against.
struct Context : PitchFrame {
  NoteRange range;                     ///< the player's own, within the instrument's
  ExercisePtr exercise;                ///< nullptr: not judged
  std::optional<PartPlayed> part;      ///< instead of the exercise's own
  const Level* level = nullptr;        ///< needed with an exercise
  std::optional<double> askedSeconds;  ///< held time asked for, instead of the level's
  std::optional<double> tempo_bpm;     ///< instead of the exercise's own
  std::optional<int> mostCounts;       ///< a climbing card goes no further
  std::optional<double> start_s;       ///< where the first cue begins in the take; else found by alignment
  std::optional<KeyTimes> key;         ///< of a card that is timed by key
  std::optional<double> room_c;        ///< how warm the room was, °C
  std::optional<OpenBreath> open;      ///< the player's own open breath
  Accompaniment accompaniment;         ///< what sounded with the take
  bool apart = false;                  ///< each of two players has a channel
  std::optional<PairAsked> pair;       ///< two sound together
  std::optional<double> spanBefore;    ///< semitones, the player's widest of the card on days before
  std::map<std::string, std::size_t> nextTries;  ///< which try is asked for next, by observation
  std::map<std::string, double> own;      ///< by figure: what the player's accepted takes of the note have
  std::optional<ComparisonTake> against;  ///< another take's tone that this one is held against

  PartPlayed partPlayed() const {
    return partOn(part.value_or(exercise ? exercise->part : PartPlayed::whole), instrument);
  }
};

}  // namespace calando
