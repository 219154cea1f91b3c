#pragma once

#include <QWidget>

#include "app/lesson/drawn_shape.h"
#include "app/ribbon/ribbon_scale.h"
#include "core/engine/snapshot.h"

namespace calando {

/// The cues of a card on the count, as a take would show them while it sounds, with their loudness or the
/// path of their pitch. Where it may be drawn on, a click or a drag puts a point, a right click takes one
/// away; points keep to the beats unless Shift is held.
class SheetPreview : public QWidget {
  Q_OBJECT

 public:
  enum class Drawn { loudness, pitch };

  explicit SheetPreview(bool drawnOn = false);
  void setSheet(const CueSheet& sheet, const Context& context);
  const CueSheet& sheet() const { return snapshot_.sheet; }
  /// Which of the two is shown, and drawn.
  void setDrawn(Drawn what);
  Drawn drawn() const { return what_; }

 signals:
  /// A course of a cue of the sheet was drawn: of that which is shown.
  void shapeDrawn(std::size_t cue, const calando::Shape& shape);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

 private:
  RibbonScale scale() const;
  QRectF shapes() const;
  /// From top to bottom, with room for what was drawn elsewhere.
  DrawnRange range() const;
  const Shape& shapeOf(const SheetCue& cue) const;
  double valueAt(double y) const;
  double yOf(double value) const;
  void paintShapes(QPainter& painter, const RibbonScale& scale);
  void paintFoot(QPainter& painter, const RibbonScale& scale);
  void drawAt(QPointF place, Qt::KeyboardModifiers modifiers, bool remove);

  Snapshot snapshot_;
  bool drawnOn_;
  Drawn what_ = Drawn::loudness;
  std::optional<std::size_t> held_;  // the cue that is being drawn on
};

}  // namespace calando
