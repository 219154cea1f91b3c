#pragma once

#include <optional>
#include <vector>

#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

/// Which stretches of a take are tone, which are air, and what is only the room.
namespace calando {

/// Mains that begin to hum while a take runs, such as a fridge's: a weak pitch on a multiple of 50 or 60 Hz,
/// motionless, from there to the end wherever nothing louder is heard.
struct Hum {
  double from_s;
  double mains_hz;  ///< 50 or 60
  double dbfs;
};
std::optional<Hum> humThatStarts(const Tracks& tracks);

/// Power level of the room: what is left when nobody plays. Nullopt when the take never is that quiet.
struct Room {
  std::optional<double> floor_dbfs;
  std::optional<double> drone_hz;  ///< a hum or drone that is there before and after
  std::optional<double> drone_dbfs;
  std::optional<Hum> hum;  ///< that starts in the take

  /// The frame is the drone or the hum alone: at its pitch, and no louder than it is.
  bool isDrone(const TrackFrame& frame) const;
};
/// `known_hz`: a drone that was played to the take, if it can be heard.
Room measureRoom(const Tracks& tracks, std::optional<double> known_hz = {});

/// A stretch of voiced sound above the room, its ends only as exact as the frames.
struct VoicedSpan {
  double start_s;
  double end_s;
  double f0_hz;  ///< median
};
/// A weak pitch on a multiple of 50 or 60 Hz, hardly over the room: mains that are heard now and then.
bool isMains(const VoicedSpan& span, const Tracks& tracks, const Room& room);
/// Gaps of up to a third of a second are left in for findDips() to judge.
std::vector<VoicedSpan> voicedSpans(const Tracks& tracks, const Room& room);

/// Air noise heard without a break up to the moment the tone speaks, ms.
std::optional<double> airBefore(const Tracks& tracks, const Room& room, double onset_s, double earliest_s);

/// Silence, air and tone, one after the other over the whole take.
std::vector<Segment> layOutSegments(double duration_s, const std::vector<Tone>& tones,
                                    const std::vector<Air>& airs);

}  // namespace calando
