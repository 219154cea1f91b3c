#pragma once

#include <QAbstractButton>
#include <optional>

#include "core/ears/change.h"

namespace calando {

/// One of the sounds of a question: its number, whether it is heard now, and once that is told what it had,
/// drawn as a ribbon is: height is pitch, thickness loudness.
class SoundCard : public QAbstractButton {
  Q_OBJECT

 public:
  SoundCard();
  void setHeard(bool now);
  /// The choice that was made, and the right one.
  void setMarks(bool chosen, bool right);
  /// `what` nullopt: nothing of it; without a call it is not told.
  void tell(const std::optional<Changed>& what);
  void forget();  ///< what was told
  QSize sizeHint() const override { return {220, 220}; }
  QSize minimumSizeHint() const override { return {120, 140}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  void paintRibbon(QPainter& painter, const QRectF& area) const;

  bool heard_ = false, chosen_ = false, right_ = false, told_ = false;
  std::optional<Changed> what_;
};

}  // namespace calando
