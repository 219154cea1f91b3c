#pragma once

#include <QPainter>
#include <QString>
#include <optional>
#include <span>
#include <utility>

#include "core/engine/snapshot_ptr.h"
#include "core/engine/span.h"

namespace calando {

/// What of a take is drawn, and where.
struct Frame {
  QRectF area;
  double from_s = 0.0;
  double to_s = 1.0;
  std::optional<std::size_t> chosenCue = {};
};

/// The room that a row's captions need around it (Picture::paintRow).
inline constexpr QMarginsF kRowCaptions(46.0, 18.0, 30.0, 4.0);

/// A way of drawing takes: an immutable snapshot in, ink out. The same for the window, the shelf, files and
/// print. Stateless; for any thread.
class Picture {
 public:
  virtual ~Picture() = default;

  virtual void paint(QPainter& painter, const Snapshot& take, const Frame& frame) const = 0;
  /// Of the whole take, small, for the shelf.
  virtual void paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const = 0;
  /// What a card asks for on the count, before anything is played: of the time of `frame`, low and wide.
  virtual void paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const = 0;
  /// Stretches of the take beside one another in one row, on one height: for takes under one another. Each is
  /// as wide as its share of them all; captions stand above `area` and on both sides of it.
  virtual void paintRow(QPainter& painter, const Snapshot& take, const QRectF& area,
                        std::span<const Span> stretches) const = 0;
  /// Where in `area` the first of its lanes lies: left and right are from_s and to_s.
  virtual QRectF timeArea(const Snapshot& take, const QRectF& area) const = 0;
  /// Where its cues stand on the count; empty for none.
  virtual QRectF cueArea(const Snapshot& take, const QRectF& area) const = 0;
  /// What is to be said of a moment under the mouse.
  virtual QString under(const Snapshot& take, const Frame& frame, double t) const = 0;
  /// What the player follows while the take sounds, readable from across the room, also where the picture
  /// itself is hidden. False: there is nothing of the kind, and the count alone is shown.
  virtual bool paintGuide(QPainter&, const Snapshot&, const QRectF&) const { return false; }
  /// The first view: from when to when.
  virtual std::pair<double, double> wholeOf(const Snapshot& take) const;
};

}  // namespace calando
