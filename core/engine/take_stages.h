#pragma once

#include <memory>
#include <span>

namespace calando {

struct Context;
struct Tracks;

/// What the samples of a take go through before they are measured, block by block, while it sounds or after:
/// the count's clicks taken out where the context has them, tracked, looked for two tones. Memory: that of a
/// Tracker, and of a take that is over the count-in until its clicks are learnt.
class TakeStages {
 public:
  /// A take that sounds is to be seen soon: it is tracked with less delay, and its clicks are learnt as they
  /// come.
  enum class While { over, sounding };
  TakeStages(double rate_hz, const Context& context, While when = While::over);
  ~TakeStages();
  void push(std::span<const float> block);
  /// All of it so far, with first guesses at what sounds right now.
  Tracks soFar();
  /// No more will come.
  Tracks finish();

 private:
  struct Parts;
  std::unique_ptr<Parts> parts_;
};
/// All of it at once.
Tracks trackTake(std::span<const float> samples, double rate_hz, const Context& context);

}  // namespace calando
