#pragma once

#include <QWidget>

#include "app/lesson/level_curve.h"
#include "app/picture/ribbon_scale.h"
#include "core/snapshot.h"

namespace calando {

/// The cues of a card on the count, as a take would show them while it sounds, and their loudness. Where it
/// may be drawn on, a click or a drag puts a point, a right click takes one away; points keep to the beats
/// unless Shift is held.
class SheetPreview : public QWidget {
  Q_OBJECT

 public:
  explicit SheetPreview(bool drawnOn = false);
  void setSheet(const CueSheet& sheet, const Context& context);
  const CueSheet& sheet() const { return picture_.sheet; }

 signals:
  /// The loudness of a cue of the sheet was drawn.
  void drawn(std::size_t cue, const calando::LevelCurve& curve);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

 private:
  RibbonScale scale() const;
  QRectF shapes() const;
  double levelAt(double y) const;
  double yOf(double level_db) const;
  void paintShapes(QPainter& painter, const RibbonScale& scale);
  void drawAt(QPointF place, Qt::KeyboardModifiers modifiers, bool remove);

  Snapshot picture_;
  bool drawnOn_;
  std::optional<std::size_t> held_;  // the cue whose loudness is being drawn
};

}  // namespace calando
