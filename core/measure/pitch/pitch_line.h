#pragma once

#include <cmath>
#include <optional>
#include <span>
#include <vector>

#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

/// The pitch of a tone over time, its waves and its steps.
namespace calando {

/// No pitch is believed this near to a break.
inline constexpr double kClearOfBreak_s = 0.025;

/// The pitch of a tone, gaps and breaks left out.
struct PitchLine {
  std::vector<double> time_s;
  std::vector<double> cents;  ///< over 440 Hz
};
/// Voiced frames within [from_s, to_s] that are at least 25 ms clear of the dropouts.
PitchLine pitchLine(const Tracks& tracks, double from_s, double to_s, const std::vector<Dropout>& dropouts);

/// What of it lies within [from_s, to_s].
PitchLine within(const PitchLine& line, double from_s, double to_s);

/// Medians over five frames, each in its middle; shorter at the ends.
std::vector<double> mediansOf(std::span<const double> cents);
/// Standard deviation of such medians by jitter: of each about the straight line between two others that
/// share nothing with it.
double jitterOf(const std::vector<double>& medians);

/// A track every kHop_s from the first to the last time, gaps filled in straight.
std::vector<double> gapless(std::span<const double> time_s, std::span<const double> values);
/// The line without its regular waves of 0.5 to 9 Hz and at least 25 cents: those belong to the note about
/// whose centre they go. Fitted in windows of at least two cycles (slow ones one and a quarter), each of
/// which one sine must explain to nine tenths; a step between two notes is no sine.
PitchLine withoutWaves(const PitchLine& line);

/// Some frames on one side of a step.
struct Side {
  double cents;  ///< median
  double moves;  ///< median of the last third less that of the first
  double range;
};
/// The pitch before and after a frame, some frames clear of it; a pause between them is left out.
struct StepAt {
  Side before, after;
  double size() const { return std::abs(after.cents - before.cents); }
};
/// How far from the frame the sides begin, and how long each is, frames.
inline constexpr long kStepGap = 3;
inline constexpr long kSideFrames = 10;
/// At frame i of the line; nullopt where a side is not there or lies apart.
std::optional<StepAt> stepAt(const PitchLine& line, std::size_t i);
/// Between two notes, at least.
inline constexpr double kStep_cents = 80.0;

}  // namespace calando
