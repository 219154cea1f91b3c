#pragma once

#include <memory>
#include <span>
#include <string>

#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/signal/tracks.h"

/// The front door: what a take was asked to be goes in with its samples, what it was comes out.
namespace calando {

/// Pure. `samples` mono at `rate_hz` (8 000 to 384 000), full scale ±1.
Analysis analyse(std::span<const float> samples, double rate_hz, const Context& context);
/// The same from tracks, which may still be growing.
Analysis analyse(const Tracks& tracks, const Context& context);
/// What the analysis of samples goes through first, block by block: the count's clicks taken out where the
/// context has them, and tracked. Memory: that of a Tracker, and the count-in until its clicks are learnt.
class TakeTracker {
 public:
  TakeTracker(double rate_hz, const Context& context);
  ~TakeTracker();
  void push(std::span<const float> block);
  /// No more will come.
  Tracks finish();

 private:
  struct Stages;
  std::unique_ptr<Stages> stages_;
};
/// All of it at once.
Tracks trackTake(std::span<const float> samples, double rate_hz, const Context& context);

/// The engine's version: analyses kept from another one are made anew.
std::string engineVersion();

}  // namespace calando
