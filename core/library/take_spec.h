#pragma once

#include <map>
#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>

#include "core/exercise/accompaniment.h"
#include "core/exercise/comparison_take.h"
#include "core/exercise/exercise.h"
#include "core/exercise/exercise_ptr.h"
#include "core/exercise/key_times.h"
#include "core/exercise/note_range.h"
#include "core/measure/edges/sounds.h"

namespace calando {

struct Context;

/// What is wished for: what the head strip says. A take can be judged by another wish.
struct TakeRequest {
  std::string instrument;
  std::string exercise = "steady-tone";
  std::string card;  ///< the card itself where it is none of those that ship; else empty
  std::string level = "growing";
  std::optional<int> note;  ///< written
  std::string fingering;    ///< the tube in use, by its name; empty: not said
  double seconds = 8.0;
  std::optional<double> tempo_bpm;  ///< instead of the exercise's own
  std::optional<int> mostCounts;    ///< a climbing card goes no further
  double a4_hz = 440.0;
  bool just = false;
  int tonic = 0;
};

/// How a take was played: that stays with it.
struct TakeConditions {
  NoteRange range;                        ///< the player's at that time
  std::optional<double> start_s;          ///< where the count stands in the take, when it was counted in
  Accompaniment accompaniment;            ///< what sounded with the take
  bool apart = false;                     ///< two played, each on a channel: the first on the first
  std::optional<ComparisonTake> against;  ///< what the take is held against
  std::optional<double> room_c;           ///< how warm the room was, °C
  std::optional<int> place;        ///< of the microphone, by number; levels of one place can be compared
  std::string school;              ///< in whose words the card spoke, where schools differ; empty: of all
  std::optional<KeyTimes> key;     ///< when the player pressed theirs, on a card that is timed by key
  std::optional<OpenBreath> open;  ///< the player's own open breath as it was known then
  std::map<std::string, std::size_t> nextTries;  ///< of observations, as they stood then
  std::map<std::string, double> own;             ///< by figure: of the player's accepted takes of the note
  std::optional<double> spanBefore;              ///< semitones, the widest of the card on days before
};

/// What was asked for when a take was made, as stored.
struct TakeSpec : TakeRequest, TakeConditions {
  const TakeRequest& wish() const { return *this; }
  TakeRequest& wish() { return *this; }
};

nlohmann::json toJson(const TakeSpec& asked);
/// What cannot be is as if nobody had asked for it. `sound`, where given, becomes false then.
TakeSpec askedFrom(const nlohmann::json& object, bool* sound = nullptr);

/// The card of a wish: its own, or one that ships; nullptr for one that there is no more.
ExercisePtr cardOf(const TakeRequest& wish);
/// The analysis' context for it. Never without an exercise: one that there is no more is a steady tone.
Context contextFor(const TakeSpec& asked);

}  // namespace calando
