#pragma once

#include <functional>
#include <memory>
#include <optional>
#include <vector>

#include "core/names.h"
#include "core/theory/interval.h"

/// Two that sound together: how far apart, how fast they beat, when they are one, who moved.
namespace calando {

struct Tracks;  // core/signal/tracks.h

/// What two tones are to be to one another, and how the first is known. Neither a frequency nor tracks: both
/// are in the one signal.
struct PairAsked {
  double semitones = 0.0;                        ///< second over first
  bool just = false;                             ///< in just ratio instead of equal temperament
  std::optional<double> partner_hz = {};         ///< the first is that, and steady
  std::function<double(double)> partnerAt = {};  ///< the first is that at a time of the take, Hz
  std::shared_ptr<const Tracks> partner = {};    ///< the first as it was recorded, on the same clock

  bool inOneSignal() const { return !partner_hz && !partnerAt && !partner; }
  double cents() const { return just ? justRatio(semitones).cents() : 100.0 * semitones; }
};

enum class Moved { first, second, both, none, unknown };
inline constexpr Named<Moved> kMoved[] = {{"first", Moved::first},
                                          {"second", Moved::second},
                                          {"both", Moved::both},
                                          {"none", Moved::none},
                                          {"unknown", Moved::unknown}};

struct Pair {
  /// One moment at which both sound.
  struct Moment {
    double at_s;
    std::optional<double> first_hz;  ///< empty: not told apart there
    std::optional<double> second_hz;
    double cents;  ///< second less (first + interval); where the sign is not known the distance
    double rate_hz;
  };
  struct Beat {
    double at_s;
    double rate_hz;
    double spread_hz;  ///< nine of ten such rates are off by less
  };

  double interval_semitones = 0.0;
  double from_s = 0.0;  ///< both sound from here
  double to_s = 0.0;
  bool sign_known = false;
  std::optional<double> cents_at_start;  ///< median of the first half second
  std::optional<double> cents_at_end;    ///< of the last
  std::vector<Beat> beats;               ///< every quarter of a second
  std::optional<double> lock_s;
  std::optional<bool> wrong_way_first;
  Moved moved = Moved::unknown;
  std::optional<double> first_hz;  ///< median; in a unison whose players are not told apart the lower one's
  std::optional<double> second_hz;
  int left_again = 0;                    ///< times that it left the lock and came back, or did not
  std::optional<double> residual_cents;  ///< median distance from the lock on
  std::optional<double> beat_left_hz;    ///< median of the last second
  std::vector<Moment> line;
};

/// `tracks`: of the second, or of both. Nullopt when they never sound together.
std::optional<Pair> describePair(const Tracks& tracks, const PairAsked& asked);

}  // namespace calando
