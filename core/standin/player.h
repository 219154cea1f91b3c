#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"

/// The simulated player: stands in for a student with an instrument wherever nobody can play.
namespace calando {

/// A way of playing (data/players.json). Faults of 0 are absent; what is small is there in everybody.
struct Player {
  std::string id;
  std::string name;
  std::string text;
  double offset_cents = 1.0;
  double scoop_cents = 0.0;
  double scoop_s = 0.12;
  double sag_cents = 0.0;  ///< over the last 0.7 s
  double fade_db = 0.0;    ///< over the last 0.7 s
  double drift_cents_per_s = 0.0;
  double wander_cents = 1.2;
  double shake_cents = 0.8;
  double vibrato_hz = 0.0;
  double vibrato_cents = 0.0;
  double hnr_db = 28.0;
  double air_before_s = 0.0;
  double rise_s = 0.05;
  double length = 1.08;  ///< of the seconds asked for
  double level_dbfs = -20.0;
  double breath_lean = 0.0;      ///< of the air's amplitude: 0.5 is full too early, -0.5 hurries at the end
  double breath_tight = 0.0;     ///< share of a hiss in breaths in
  double breath_in_db = 0.0;     ///< of breaths in, over the usual
  double hold_leak_db = -200.0;  ///< of what escapes while the breath is kept, over a breath out
  // Bends, slurs, partials
  double ring_cents = 0.0;            ///< where a tone rings most, off where it is played
  double ring_width_cents = 0.0;      ///< half its width; 0: it rings everywhere alike
  double bend_loose_db = 0.0;         ///< level at the far end of a bend
  double drop_cents = 25.0;           ///< above its centre a note is held that is then let go
  double slur_s = 0.06;               ///< from note to note
  double slur_dip_db = 0.0;           ///< in between
  double step_uneven_s = 0.0;         ///< how far off the count a slurred note may be
  double louder_db_per_octave = 0.0;  ///< over a comfortable note
  double under_db = -200.0;           ///< of the fundamental under an overtone, to the overtone
  // On the small part
  double buzz_jitter_percent = 1.2;
  double buzz_crackle = 0.0;    ///< of the amplitude, off every second period
  double buzz_semitones = 0.0;  ///< lower or higher than is comfortable
  double span_semitones = 9.0;  ///< how far a siren or a fall goes
  int breaks = 0;
  int breaks_air = 0;  ///< 1: the air goes on in them
  int slips = 0;
  int speaks = 1;  ///< 0: air that never turns into a buzz; -1: not even that
};

tl::expected<std::vector<Player>, Problem> parsePlayers(std::string_view json);
const std::vector<Player>& players();
/// Nullptr when there is none of that id.
const Player* findPlayer(std::string_view id);

}  // namespace calando
