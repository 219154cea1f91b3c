#pragma once

#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>

#include "core/analysis.h"

namespace calando {

/// What was asked for when a take was made, as stored.
struct AskedFor {
  std::string instrument;
  std::string exercise = "steady-tone";
  std::string card;  ///< the card itself where it is none of those that ship; else empty
  std::string level = "growing";
  std::optional<int> note;  ///< written
  NoteRange range;          ///< the player's when the take was made
  double seconds = 8.0;
  std::optional<double> tempo_bpm;  ///< instead of the exercise's own
  std::optional<double> start_s;    ///< where the count stands in the take, when it was counted in
  std::optional<Rival> against;     ///< what the take is held against
  std::optional<double> drone_hz;   ///< what sounded with the take
  bool click = false;               ///< so did the count's clicks
  std::optional<double> fork_hz;    ///< and a fork before them
  double a4_hz = 440.0;
  bool just = false;
  int tonic = 0;
};

nlohmann::json toJson(const AskedFor& asked);
/// What cannot be is as if nobody had asked for it. `sound`, where given, becomes false then.
AskedFor askedFrom(const nlohmann::json& object, bool* sound = nullptr);

/// The analysis' context for it. Never without an exercise: one that there is no more is a steady tone.
Context contextFor(const AskedFor& asked);

}  // namespace calando
