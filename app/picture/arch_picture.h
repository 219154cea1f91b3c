#pragma once

#include "app/ribbon/ribbon_picture.h"

namespace calando {

/// A bend: its ribbon, and under it an arch, cents from left to right and how much the tone rings upwards, a
/// line for each way down or up, its top where the note rings most.
class ArchPicture : public RibbonPicture {
 public:
  void paint(QPainter& painter, const Snapshot& take, const Frame& frame) const override;

 protected:
  PictureLayout layoutOf(const Snapshot& take) const override;
};

}  // namespace calando
