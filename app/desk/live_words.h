#pragma once

#include <QString>
#include <optional>

class QPainter;
class QRectF;

namespace calando {

struct Snapshot;

/// What is to be said over the picture of a take that sounds.
struct LiveWords {
  double held_s;                  ///< of the tone so far; below 0: nothing is held
  std::optional<double> keyed_s;  ///< of the player's key
  QString prompt;                 ///< what the key is for
  bool guided;                    ///< the picture says itself what is to be done
  bool hidden;                    ///< nothing may be seen of what sounds
};

/// Over `area`, the ribbon's, or `whole` of the picture: the count-in, the note that sounds, large, what
/// comes next, small, a flash on each beat, the seconds held. Readable from two metres.
void paintLive(QPainter& painter, const Snapshot& take, const LiveWords& words, const QRectF& area,
               const QRectF& whole);

}  // namespace calando
