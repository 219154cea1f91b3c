#pragma once

#include "app/ribbon/ribbon_picture.h"

namespace calando {

/// Two that are to be in tune: the player's ribbon, and under it both as two thin ribbons that wind around
/// one another as often as they beat, and lie side by side when they are one.
class BraidPicture : public RibbonPicture {
 public:
  void paint(QPainter& painter, const Snapshot& take, const Frame& frame) const override;

 protected:
  PictureLayout layoutOf(const Snapshot&) const override;
};

}  // namespace calando
