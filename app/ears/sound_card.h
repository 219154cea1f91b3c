#pragma once

#include <QAbstractButton>

#include "core/ears/change.h"
#include "core/ears/made_sound.h"

namespace calando {

/// One of the choices of a question: a row of a list with its number and words, or a sound: its number,
/// whether it is heard now, and once that is told what was measured of it, drawn as a ribbon is: height is
/// pitch, thickness loudness.
class SoundCard : public QAbstractButton {
  Q_OBJECT

 public:
  SoundCard();
  /// Above 0: a row of a list, that many from its top.
  void setRow(int number);
  void setHeard(bool now);
  /// The choice that was made, and the right one.
  void setMarks(bool chosen, bool right);
  /// Of two tones at once no pitch is drawn.
  void tell(Change asked, HeardCourse course);
  void forget();  ///< what was told
  QSize sizeHint() const override { return row_ > 0 ? QSize(220, 52) : QSize(220, 220); }
  QSize minimumSizeHint() const override { return row_ > 0 ? QSize(120, 40) : QSize(120, 140); }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  void paintRow(QPainter& painter, const QRectF& box) const;
  void paintSound(QPainter& painter, const QRectF& box) const;
  void paintRibbon(QPainter& painter, const QRectF& area) const;

  int row_ = 0;
  bool heard_ = false, chosen_ = false, right_ = false;
  Change asked_ = Change::offset;
  HeardCourse course_;  ///< empty: not told yet
};

}  // namespace calando
