#include "core/measure/edges/segmentation.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/measure/edges/envelope.h"

namespace calando {

namespace {

constexpr double kDigitalSilence_dbfs = -110.0;
constexpr double kLeastTone_dbfs = -75.0;
constexpr double kToneAboveRoom_db = 1.0;  // noise and tone add up: 1 dB is a tone 6 dB below the room
constexpr double kAirAboveRoom_db = 6.0;
constexpr double kLongestBridge_s = 0.33;
constexpr double kShortestSpan_s = 0.05;
constexpr std::size_t kFewestQuietFrames = 5;
constexpr double kRises = 1.3;               // of the power, from one window to the next
constexpr double kUnderThePlayer_db = 10.0;  // a drone that leaks
constexpr double kAlone_s = 0.6;
constexpr double kDroneReach_cents = 30.0;
constexpr double kDroneVaries_db = 6.0;
constexpr std::size_t kFewestDroneFrames = 20;
constexpr double kLoudestHum_dbfs = -34.0, kMainsReach_cents = 10.0, kHumVaries_db = 5.0;
constexpr std::array kMains_hz{50.0, 60.0};
constexpr double kMainsMultiples = 6.0;
constexpr int kHumWindow = 30;  // frames
constexpr double kHumShare = 0.8;

double frameTime(std::size_t i) { return static_cast<double>(i) * kHop_s; }

/// A drone: the quietest part of the take has one pitch that is there at both of its ends, and something
/// louder lies between; or the whole take is nothing but a weak, motionless pitch on a mains frequency.
std::optional<double> findDrone(const Tracks& tracks, double quiet_dbfs) {
  const auto n = tracks.frames.size();
  std::vector<double> pitches;
  for (const TrackFrame& f : tracks.frames)
    if (f.f0_hz > 0.0f && f.level_dbfs <= quiet_dbfs + 3.0) pitches.push_back(f.f0_hz);
  if (pitches.size() < 20) return std::nullopt;
  const double pitch = median(pitches);
  const auto holds = [&](std::size_t i) {
    const TrackFrame& f = tracks.frames[i];
    return f.f0_hz > 0.0f && std::abs(centsBetween(pitch, f.f0_hz)) < 30.0 &&
           f.level_dbfs <= quiet_dbfs + 4.0;
  };
  const auto share = [&](std::size_t first, std::size_t last) {
    std::size_t count = 0;
    for (std::size_t i = first; i < last; ++i) count += holds(i) ? 1 : 0;
    return static_cast<double>(count) / static_cast<double>(last - first);
  };
  const std::size_t edge = std::min<std::size_t>(30, n / 4);
  if (edge < 8) return std::nullopt;
  double loudest = EnergyTrack::kSilence_db;
  for (const TrackFrame& f : tracks.frames) loudest = std::max<double>(loudest, f.level_dbfs);
  const bool bothEnds = share(3, edge) > 0.8 && share(n - edge, n - 3) > 0.8;
  if (bothEnds && loudest > quiet_dbfs + 8.0) return pitch;
  if (share(3, n - 3) > 0.95 && quiet_dbfs < -40.0) {
    for (const double mains : kMains_hz) {
      const double multiple = std::round(pitch / mains);
      if (multiple >= 1.0 && multiple <= 4.0 && std::abs(centsBetween(multiple * mains, pitch)) < 5.0)
        return pitch;
    }
  }
  return std::nullopt;
}

/// At a pitch before anybody plays.
bool soundsFromTheStart(const Tracks& tracks, double hz) {
  const auto end = std::min(tracks.frames.size(), static_cast<std::size_t>(kAlone_s / kHop_s));
  const auto at = std::count_if(
      tracks.frames.begin(), tracks.frames.begin() + static_cast<long>(end), [&](const TrackFrame& f) {
        return f.f0_hz > 0.0f && std::abs(centsBetween(hz, f.f0_hz)) < kDroneReach_cents;
      });
  return 2 * static_cast<std::size_t>(at) > end;
}

/// On one of the first multiples of a mains frequency.
bool isOnMains(double hz, double mains_hz) {
  const double multiple = std::round(hz / mains_hz);
  return multiple >= 1.0 && multiple <= kMainsMultiples &&
         std::abs(centsBetween(multiple * mains_hz, hz)) < kMainsReach_cents;
}
}  // namespace

std::optional<Hum> humThatStarts(const Tracks& tracks) {
  const auto n = tracks.frames.size();
  if (n < 2 * kHumWindow) return std::nullopt;
  for (const double mains_hz : kMains_hz) {
    const auto isOf = [&](const TrackFrame& f) {
      return f.f0_hz > 0.0f && f.level_dbfs < kLoudestHum_dbfs && isOnMains(f.f0_hz, mains_hz);
    };
    const auto share = [&](std::size_t first) {
      const auto from = tracks.frames.begin() + static_cast<long>(first);
      return static_cast<double>(std::count_if(from, from + kHumWindow, isOf)) / kHumWindow;
    };
    if (share(n - kHumWindow) < kHumShare || share(0) >= kHumShare) continue;
    std::size_t first = 0;
    while (share(first) < kHumShare) ++first;
    std::vector<double> levels;
    for (std::size_t i = first; i < n; ++i)
      if (isOf(tracks.frames[i])) levels.push_back(tracks.frames[i].level_dbfs);
    if (quantile(levels, 0.75) - quantile(levels, 0.1) > kHumVaries_db) continue;
    return Hum{frameTime(first), mains_hz, median(levels)};
  }
  return std::nullopt;
}

bool Room::isDrone(const TrackFrame& frame) const {
  if (hum && frame.f0_hz > 0.0f && isOnMains(frame.f0_hz, hum->mains_hz) &&
      frame.level_dbfs < hum->dbfs + kUnderThePlayer_db)
    return true;
  return drone_hz && drone_dbfs && frame.f0_hz > 0.0f &&
         std::abs(centsBetween(*drone_hz, frame.f0_hz)) < kDroneReach_cents &&
         frame.level_dbfs < *drone_dbfs + kDroneVaries_db;
}

Room measureRoom(const Tracks& tracks, std::optional<double> known_hz) {
  Room room;
  std::vector<double> all, unvoiced;
  for (const TrackFrame& f : tracks.frames) {
    if (f.level_dbfs <= kDigitalSilence_dbfs) continue;
    all.push_back(f.level_dbfs);
    if (f.f0_hz <= 0.0f) unvoiced.push_back(f.level_dbfs);
  }
  if (all.empty()) return room;
  room.drone_hz = known_hz ? known_hz : findDrone(tracks, quantile(all, 0.1));
  if (!room.drone_hz) room.hum = humThatStarts(tracks);
  if (room.drone_hz) {
    std::vector<double> levels;
    for (const TrackFrame& f : tracks.frames)
      if (f.f0_hz > 0.0f && std::abs(centsBetween(*room.drone_hz, f.f0_hz)) < kDroneReach_cents)
        levels.push_back(f.level_dbfs);
    // Between the tones it is heard alone: its level is that of the softer of such frames.
    if (levels.size() >= kFewestDroneFrames) room.drone_dbfs = quantile(levels, 0.2);
    // In headphones it is not heard at all, and what is at its pitch is the player.
    if (room.drone_dbfs && *room.drone_dbfs > quantile(levels, 0.95) - kUnderThePlayer_db &&
        !soundsFromTheStart(tracks, *room.drone_hz))
      room.drone_hz = room.drone_dbfs = std::nullopt;
  }
  if (room.drone_dbfs)
    room.floor_dbfs = std::max(quantile(all, 0.1), *room.drone_dbfs);
  else if (unvoiced.size() >= kFewestQuietFrames)
    room.floor_dbfs = quantile(unvoiced, 0.1);
  return room;
}

bool isMains(const VoicedSpan& span, const Tracks& tracks, const Room& room) {
  const double level_dbfs = tracks.energy.level_dbfs(span.start_s, span.end_s);
  return level_dbfs < kLoudestHum_dbfs &&
         level_dbfs < room.floor_dbfs.value_or(-200.0) + kUnderThePlayer_db &&
         std::ranges::any_of(kMains_hz, [&](double mains_hz) { return isOnMains(span.f0_hz, mains_hz); });
}

std::vector<VoicedSpan> voicedSpans(const Tracks& tracks, const Room& room) {
  const double least = std::max(kLeastTone_dbfs, room.floor_dbfs.value_or(-1000.0) + kToneAboveRoom_db);
  std::vector<VoicedSpan> spans;
  for (std::size_t i = 0; i < tracks.frames.size(); ++i) {
    const TrackFrame& f = tracks.frames[i];
    if (f.f0_hz <= 0.0f || f.level_dbfs < least || room.isDrone(f)) continue;
    const double t = frameTime(i);
    if (!spans.empty() && t - spans.back().end_s <= kLongestBridge_s)
      spans.back().end_s = t + kHop_s / 2.0;
    else
      spans.push_back({t - kHop_s / 2.0, t + kHop_s / 2.0, 0.0});
  }
  std::erase_if(spans, [](const VoicedSpan& s) { return s.end_s - s.start_s < kShortestSpan_s; });
  for (VoicedSpan& span : spans) {
    std::vector<double> pitches;
    for (auto i = static_cast<std::size_t>(std::max(0.0, std::ceil(span.start_s / kHop_s)));
         frameTime(i) < span.end_s && i < tracks.frames.size(); ++i)
      if (tracks.frames[i].f0_hz > 0.0f) pitches.push_back(tracks.frames[i].f0_hz);
    span.f0_hz = median(pitches);
  }
  return spans;
}

std::optional<double> airBefore(const Tracks& tracks, const Room& room, double onset_s, double earliest_s) {
  if (!room.floor_dbfs) return std::nullopt;
  constexpr double step = 0.005;
  constexpr double window = 0.02;
  constexpr double bridge_s = 0.03;
  // The tone speaks where its own rise begins: walk out of that first.
  const double inside = tracks.energy.meanSquare(onset_s + 0.02, onset_s + 0.12);
  double speaks = onset_s;
  while (speaks > earliest_s && speaks > onset_s - 0.5) {
    const auto frame = static_cast<std::size_t>(std::max(0.0, speaks / kHop_s));
    const bool voiced = frame < tracks.frames.size() && tracks.frames[frame].f0_hz > 0.0f;
    const double power = tracks.energy.meanSquare(speaks - step, speaks);
    // A soft start has no pitch yet, but it is still on its way up; air that is there has a level.
    const bool rises = tracks.energy.meanSquare(speaks - window, speaks) >
                       kRises * tracks.energy.meanSquare(speaks - 2.0 * window, speaks - window);
    if (!voiced && !rises) break;
    if (voiced && !rises && power < 0.05 * inside &&
        power < tracks.energy.meanSquare(speaks - 2.0 * step, speaks - step) * 1.05)
      break;
    if (power < 0.01 * inside && !rises) break;
    speaks -= step;
  }
  double start = speaks;
  for (double t = speaks - window / 2.0; t > earliest_s; t -= step) {
    const bool air =
        tracks.energy.level_dbfs(t - window / 2.0, t + window / 2.0) >= *room.floor_dbfs + kAirAboveRoom_db;
    if (air)
      start = t;
    else if (start - t > bridge_s)
      break;
  }
  const double length = speaks - start;
  return length < 0.025 ? 0.0 : 1000.0 * length;
}

std::vector<Segment> layOutSegments(double duration_s, const std::vector<Tone>& tones,
                                    const std::vector<Air>& airs) {
  std::vector<Segment> sounding;
  for (const Tone& tone : tones) sounding.push_back({SegmentKind::tone, tone.start_s, tone.end_s});
  for (const Air& air : airs) sounding.push_back({SegmentKind::air, air.start_s, air.end_s});
  std::ranges::sort(sounding, {}, &Segment::start_s);
  std::vector<Segment> segments;
  double reached = 0.0;
  for (Segment s : sounding) {
    s.start_s = std::max(s.start_s, reached);
    if (s.end_s <= s.start_s) continue;
    if (s.start_s > reached) segments.push_back({SegmentKind::silence, reached, s.start_s});
    segments.push_back(s);
    reached = s.end_s;
  }
  if (reached < duration_s) segments.push_back({SegmentKind::silence, reached, duration_s});
  return segments;
}

}  // namespace calando
