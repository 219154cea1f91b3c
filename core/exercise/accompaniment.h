#pragma once

#include <optional>
#include <vector>

#include "core/exercise/partner.h"

/// What the player hears while an exercise runs: all of it one stretch of samples, so that nothing drifts
/// apart.
namespace calando {

struct CueSheet;  // exercise/cue_sheet.h

/// What is chosen to be heard with a counted take.
enum class AccompanimentKind { flash, click, fork, drone, swell, partner, earlier };

/// What sounds with a take, and may be heard in it. One value from the head strip to the figures.
struct Accompaniment {
  bool click = false;              ///< the count's
  std::optional<double> fork_hz;   ///< a struck fork at the start of the count-in, gone within 6 s
  std::optional<double> drone_hz;  ///< sounds from the start to the end
  bool swell = false;              ///< soft noise that rises and sinks with the breath; see swellOf()
  std::optional<PartnerVoice> partner = {};

  bool any() const { return click || fork_hz || drone_hz || swell || partner; }
  /// Of a drone, or of a partner where it begins.
  std::optional<double> tonic_hz() const { return partner ? std::optional(partner->hz) : drone_hz; }

  bool operator==(const Accompaniment&) const = default;
};

struct Click {
  double at_s;  ///< after the start of the count-in
  bool high;
};
/// On every beat; high where the count-in or a cue begins. A sheet that is not counted has none.
std::vector<Click> clicksOf(const CueSheet& sheet);
/// The wave of a click `t` seconds after its start, at its own level; full scale is ±1. Over after 48 ms.
double clickWave(bool high, double t);

/// The fork's level `t` seconds after it is struck, from 0 to 1 and down again; 0 from 6 s on.
double forkEnvelope(double t);

/// What samples are multiplied by to be so much louder, at most 6 dB.
float gainOf(double level_db);
/// Mono samples from the start of the count-in to the end of the sheet; full scale is ±1. `level_db`: all of
/// it louder or softer, up to +6.
std::vector<float> render(const Accompaniment& what, const CueSheet& sheet, double rate_hz,
                          double level_db = 0.0);

}  // namespace calando
