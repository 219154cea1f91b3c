#pragma once

#include <QAbstractButton>

#include "core/ears/sound_maker.h"

namespace calando {

/// One of the sounds of a question: its number, whether it is heard now, and once that is told what was
/// measured of it, drawn as a ribbon is: height is pitch, thickness loudness.
class SoundCard : public QAbstractButton {
  Q_OBJECT

 public:
  SoundCard();
  void setHeard(bool now);
  /// The choice that was made, and the right one.
  void setMarks(bool chosen, bool right);
  /// Of two tones at once no pitch is drawn.
  void tell(Change asked, HeardCourse course);
  void forget();  ///< what was told
  QSize sizeHint() const override { return {220, 220}; }
  QSize minimumSizeHint() const override { return {120, 140}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  void paintRibbon(QPainter& painter, const QRectF& area) const;

  bool heard_ = false, chosen_ = false, right_ = false;
  Change asked_ = Change::offset;
  HeardCourse course_;  ///< empty: not told yet
};

}  // namespace calando
