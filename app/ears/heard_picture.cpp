#include "app/ears/heard_picture.h"

#include <QPainter>

#include "app/picture/gallery.h"
#include "app/ribbon/picture.h"
#include "app/style/style.h"
#include "core/engine/comparison.h"

namespace calando {

namespace {
constexpr int kHighest = 260;
}

HeardPicture::HeardPicture() {
  setObjectName("heardPicture");
  setAccessibleName(tr("Picture of the take"));
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setMaximumHeight(kHighest);
  hide();
}

void HeardPicture::setSnapshot(SnapshotPtr snapshot) {
  snapshot_ = std::move(snapshot);
  setVisible(snapshot_ != nullptr);
  update();
}

void HeardPicture::paintEvent(QPaintEvent*) {
  if (!snapshot_) return;
  QPainter painter(this);
  pictureFor(*snapshot_)
      .paintRow(painter, *snapshot_, QRectF(rect()).marginsRemoved(kRowCaptions),
                alignedStretches(std::span(&snapshot_, 1), false)[0]);
}

}  // namespace calando
