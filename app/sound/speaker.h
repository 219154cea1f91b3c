#pragma once

#include <QObject>
#include <string>
#include <vector>

#include "core/measure/stream_clock.h"

namespace calando {

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
  virtual void stop() = 0;
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
