#pragma once

#include "app/ribbon/layout.h"
#include "app/ribbon/picture.h"

namespace calando {

/// A take as a ribbon from left to right: height is pitch, thickness loudness, ink tone colour; under it
/// lanes for level and core, and the cues on their count.
class RibbonPicture : public Picture {
 public:
  /// What its second lane is of.
  enum class Second { colour, evenness };
  explicit RibbonPicture(Second second = Second::colour) : second_(second) {}

  void paint(QPainter& painter, const Snapshot& take, const Frame& frame) const override;
  void paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const override;
  void paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const override;
  void paintRow(QPainter& painter, const Snapshot& take, const QRectF& area,
                std::span<const Span> stretches) const override;
  QRectF timeArea(const Snapshot& take, const QRectF& area) const override;
  QRectF cueArea(const Snapshot& take, const QRectF& area) const override;
  QString under(const Snapshot& take, const Frame& frame, double t) const override;

 protected:
  virtual PictureLayout layoutOf(const Snapshot&) const { return {2}; }
  /// Of a picture that has something of its own in rest(): the ribbon, its cues and the seconds.
  RibbonScale paintAbove(QPainter& painter, const Snapshot& take, const Frame& frame) const;

 private:
  RibbonScale paintMain(QPainter& painter, const Snapshot& take, const Frame& frame) const;

  Second second_;
};

}  // namespace calando
