#include "app/ears/heard_picture.h"

#include <QPainter>

#include "app/picture/gallery.h"
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

void HeardPicture::setPicture(SnapshotPtr picture) {
  picture_ = std::move(picture);
  setVisible(picture_ != nullptr);
  update();
}

void HeardPicture::paintEvent(QPaintEvent*) {
  if (!picture_) return;
  QPainter painter(this);
  pictureFor(*picture_).paintRow(painter, *picture_, QRectF(rect()).marginsRemoved(kRowCaptions),
                                 alignedStretches(std::span(&picture_, 1), false)[0]);
}

}  // namespace calando
