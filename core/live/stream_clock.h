#pragma once

#include <chrono>
#include <optional>
#include <vector>

/// What the computer's clock tells about a stream of sound.
namespace calando {

/// When a stream began, and whether it has stumbled since. Each note says where the stream stood at a time;
/// the difference is its beginning, alike throughout as long as no sample is missing and no silence put in.
/// Sums up second by second, so that one late note tells nothing.
class StreamClock {
 public:
  enum class Notes {
    late,      ///< never early, as blocks that are handed over: the least late one of a second counts
    eitherWay  ///< estimates, as what an output says it has played: the middle one of a second counts
  };
  explicit StreamClock(Notes notes) : notes_(notes) {}

  /// At `now` the stream was `position_s` from its first sample. Times never fall.
  void note(std::chrono::steady_clock::time_point now, double position_s);
  /// Seconds of the steady clock, from the first five seconds of notes: later the two clocks' drift would
  /// tell.
  std::optional<double> began_s() const;
  /// Seconds that were lost on the way or held it up, in steps of 25 ms or more from one full second to the
  /// next: less is the notes' own unsteadiness, a step and its way back are none. Negative, of estimates
  /// only, where it is further than it can be.
  double slipped_s() const;
  bool stumbled() const;

 private:
  std::vector<double> seconds() const;  // the beginning by each full one, or by the first

  Notes notes_;
  double second_s_ = 0.0;         // when the present one began
  std::vector<double> present_;   // beginnings by the notes of the present second
  std::vector<double> finished_;  // the beginning by each full second before
};

/// Seconds by which the output began before the recording did. It differs from take to take with what else
/// the computer has to do; nullopt where either is not known or has stumbled.
std::optional<double> headStart_s(const StreamClock& output, const StreamClock& recording);

}  // namespace calando
