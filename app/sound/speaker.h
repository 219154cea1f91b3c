#pragma once

#include <QObject>
#include <functional>
#include <span>
#include <string>
#include <vector>

#include "core/live/stream_clock.h"

namespace calando {

/// Makes the next samples, fewer than asked for at the end; called on a thread of the speaker's.
using Making = std::function<std::size_t(std::span<float>)>;

/// Where the program is heard.
class Speaker : public QObject {
  Q_OBJECT

 public:
  using QObject::QObject;

  /// Empty: the system's default output.
  virtual void setOutput(const std::string& id) = 0;
  /// Plays samples from a place, once or as a loop. False when there is no output; then nothing plays.
  virtual bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s,
                    bool loop) = 0;
  /// Plays what is made while it is heard, a quarter of a second ahead: so many samples at most.
  virtual bool playMade(Making make, std::size_t samples, double rate_hz) = 0;
  /// Of what plays now, louder or softer without a step; 1: as it came.
  virtual void setGain(double gain) = 0;
  virtual void stop() = 0;
  /// Falls silent without a click, and stops once that is heard.
  virtual void fadeOut() = 0;
  virtual bool playing() const = 0;
  /// Of what was played last, by the steady clock and by what the sound system says is out.
  virtual StreamClock clock() const = 0;

 signals:
  void moved(double seconds);
  void stopped();
};

/// All of a sound, to its end.
inline constexpr double kToTheEnd_s = 1e9;

}  // namespace calando
