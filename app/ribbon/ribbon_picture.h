#pragma once

#include "app/ribbon/layout.h"
#include "app/ribbon/picture.h"

namespace calando {

/// A take from left to right. What it is about has the large lane, with the cues on their count below it; the
/// rest stands in two small lanes under that. Where it is about the pitch the large lane is the ribbon:
/// height is pitch, thickness loudness, ink tone colour. Timbre is drawn once a take is measured: while it
/// sounds there is the ribbon.
class RibbonPicture : public Picture {
 public:
  enum class Subject { pitch, loudness, time, timbre };
  explicit RibbonPicture(Subject subject = Subject::pitch) : subject_(subject) {}

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
  Subject subjectOf(const Snapshot& take) const;
  RibbonScale paintMain(QPainter& painter, const Snapshot& take, const Frame& frame) const;

  Subject subject_;
};

}  // namespace calando
