#pragma once

#include "app/ribbon/ribbon_picture.h"

namespace calando {

/// A take of partials: rungs where the tube in use has them, inked by how long and how cleanly they were
/// held, and the ribbon climbing them.
class LadderPicture : public RibbonPicture {
 public:
  void paint(QPainter& painter, const Snapshot& take, const Frame& frame) const override;
  void paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const override;
  void paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const override;

 protected:
  PictureLayout layoutOf(const Snapshot& take) const override;
};

}  // namespace calando
