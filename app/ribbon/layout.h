#pragma once

#include <QRectF>

#include "app/ribbon/ribbon_painter.h"

namespace calando {

/// Where the parts of a picture lie: what it is about, the cues on their count under that, and lanes at the
/// foot.
struct PictureLayout {
  int lanes;
  double share = 1.0;  ///< of what is left beside lanes, cues and seconds; what remains has rest()

  QRectF main(const QRectF& area, bool hasCues) const {
    const double foot = lanes * kLane + (lanes - 1) * kLaneGap + kGap + kSeconds + strip(hasCues);
    QRectF all = area.adjusted(kAxisWidth, kTop, -kRight, -foot);
    all.setHeight(share * all.height());
    return all;
  }
  /// Empty without cues.
  QRectF cues(const QRectF& area, bool hasCues) const {
    if (!hasCues) return {};
    const QRectF above = main(area, hasCues);
    return {above.left(), above.bottom() + kGap, above.width(), kStrip};
  }
  QRectF lane(int i, const QRectF& area, bool hasCues) const {
    const QRectF above = main(area, hasCues);
    return {above.left(), seconds(area, hasCues) + i * (kLane + kLaneGap), above.width(), kLane};
  }
  /// Under the cues: where lanes begin, or the seconds where there are none.
  double seconds(const QRectF& area, bool hasCues) const {
    return main(area, hasCues).bottom() + kGap + strip(hasCues);
  }
  /// What is left for something else, under the seconds; of a picture without lanes.
  QRectF rest(const QRectF& area, bool hasCues) const {
    const QRectF above = main(area, hasCues);
    const double top = seconds(area, hasCues) + kSeconds + kTop;
    return {above.left(), top, above.width(), area.bottom() - top};
  }

 private:
  static constexpr double kLane = 74.0, kLaneGap = 4.0, kStrip = 42.0, kGap = 6.0;
  static constexpr double kTop = 22.0, kRight = 30.0, kSeconds = 24.0;
  static double strip(bool hasCues) { return hasCues ? kStrip + kGap : 0.0; }
};

}  // namespace calando
