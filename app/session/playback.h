#pragma once

#include <QObject>
#include <filesystem>
#include <optional>
#include <vector>

#include "app/session/parts.h"
#include "app/session/students/analysis_queue.h"
#include "core/engine/span.h"

namespace calando {

/// Takes and files that are heard, and takes that are held beside one another.
class Playback : public QObject {
  Q_OBJECT

 public:
  explicit Playback(const Parts& parts);

  /// Two to six takes to be held beside one another: those marked, else the one on show and the one before.
  /// Blind: what is what is not to be seen yet.
  void compare(const std::vector<std::int64_t>& marked, bool blind);
  /// Two takes of one exercise, drawn, blind.
  void compareTwo();
  /// Plays the take on show, or stops what plays.
  void playOrStop(double from_s, double to_s, bool loop);
  /// Plays a stretch of a sound file.
  void playPart(const std::filesystem::path& file, Span part);
  /// Somebody else is here: nothing sounds, nothing is waited for.
  void stop();

 signals:
  /// How far the take on show has been heard; nullopt: it is not heard any more.
  void openHeard(std::optional<double> seconds);
  /// Blind ones come in an order that nobody knows.
  void compared(const std::vector<calando::AnalysisQueue::Answer>& takes, bool blind);

 private:
  bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s, bool loop);

  const Parts& parts_;
  std::vector<Pending> comparing_;
  Pending part_;
  bool hearsOpen_ = false;
};

}  // namespace calando
