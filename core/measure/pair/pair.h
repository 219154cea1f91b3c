#pragma once

#include <functional>
#include <memory>
#include <optional>
#include <vector>

#include "core/base/names.h"
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
  std::function<double(double)> partnerAt = {};  ///< the first is that at a time of the take, Hz; 0: silent
  std::shared_ptr<const Tracks> partner = {};    ///< the first as it was recorded, on the same clock
  std::optional<double> partner_from_s = {};     ///< where in the take a made one begins

  bool inOneSignal() const { return !partner_hz && !partnerAt && !partner; }
  double cents() const { return just ? justRatio(semitones).cents() : 100.0 * semitones; }
};

enum class Moved { first, second, both, none, unknown };
inline constexpr Named<Moved> kMoved[] = {{"first", Moved::first},
                                          {"second", Moved::second},
                                          {"both", Moved::both},
                                          {"none", Moved::none},
                                          {"unknown", Moved::unknown}};

inline constexpr double kOf90 = 1.645;  ///< standard deviations within which nine of ten lie
/// Two are one within that, with beats under one a second, for a second.
inline constexpr double kOne_cents = 5.0;
/// Who is one sooner did not mend anything by ear.
inline constexpr double kAtOnce_s = 0.3;

/// A stretch in which both sound.
struct Together {
  double from_s = 0.0;
  double to_s = 0.0;
  std::optional<double> cents_at_start;  ///< median of the first half second
  std::optional<double> cents_at_end;    ///< of the last
  std::optional<double> lock_s;
  std::optional<bool> wrong_way_first;
  int left_again = 0;                    ///< times that it left the lock and came back, or did not
  std::optional<double> residual_cents;  ///< median distance from the lock on
  std::optional<double> beat_left_hz;    ///< median of the last second
};

/// What the second is against the two ways of tuning an interval.
struct Tunings {
  double from_pure_cents;
  double from_equal_cents;
  double equal_beats_hz;  ///< what the equal one beats at this pitch
  bool nearerPure() const { return std::abs(from_pure_cents) < std::abs(from_equal_cents); }
};

/// Of two that are so many cents apart; nullopt where both ways are the same.
std::optional<Tunings> tuningsOf(double first_hz, double semitones, double cents);

struct Pair : Together {
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
  bool sign_known = false;
  std::vector<Beat> beats;  ///< every quarter of a second
  Moved moved = Moved::unknown;
  std::optional<double> first_hz;  ///< median; in a unison whose players are not told apart the lower one's
  std::optional<double> second_hz;
  std::optional<Tunings> tunings;   ///< empty where the two are the same
  std::optional<double> leak_dbfs;  ///< of a made first one that comes and goes, where it is in the recording
  std::optional<double> found_s;    ///< from where a made first one begins to the lock
  std::vector<Moment> line;         ///< all of them; what is above is of the longest stretch without a pause
};

/// `tracks`: of the second, or of both. Nullopt when they never sound together.
std::optional<Pair> describePair(const Tracks& tracks, const PairAsked& asked);

/// Of one note of several: from where the second has come within a half step of it. Nullopt: it did not.
std::optional<Together> togetherWithin(const Pair& pair, double from_s, double to_s);

}  // namespace calando
