#include "app/mirror/mirror.h"

#include <QAction>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/style/style.h"

namespace calando {

namespace {
constexpr int kLeast = 72, kGlass = 140;  // px high
constexpr double kLight = 4.0;
}  // namespace

Mirror::Mirror(Open open)
    : open_(std::move(open)),
      switch_(new QAction(tr("Mirror"), this)),
      glass_(new QWidget),
      light_(new QLabel) {
  switch_->setObjectName("mirror");
  switch_->setCheckable(true);
  switch_->setToolTip(tipOf("mirror"));
  glass_->setMinimumHeight(kLeast);
  glass_->setMaximumHeight(kGlass);
  light_->setObjectName("caption");
  light_->setWordWrap(true);
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addWidget(glass_, 1);
  layout->addWidget(light_);
  connect(switch_, &QAction::triggered, this, &Mirror::turn);
  turn(false);
}

Mirror::~Mirror() = default;

void Mirror::turn(bool on) {
  if (source_) source_->stop();
  source_.reset();
  seen_ = {};
  if (on) source_ = open_();
  switch_->setChecked(isOn());
  glass_->setVisible(isOn());
  say(isOn() ? tr("The camera is on; nothing is kept.") : on ? tr("No camera was found.") : QString());
  if (!isOn()) return;
  connect(source_.get(), &FaceSource::pictured, this, [this](const QImage& picture) {
    seen_ = picture.mirrored(true, false);
    update();
  });
  // Not from within the source's own signal, which it would not outlive; by then there may be another.
  connect(
      source_.get(), &FaceSource::failed, this,
      [this, failed = source_.get()](const QString& why) {
        if (source_.get() != failed) return;
        turn(false);
        say(tr("The camera gives no picture: %1").arg(why));
      },
      Qt::QueuedConnection);
  source_->start();
}

void Mirror::say(const QString& why) {
  light_->setText(why);
  light_->setVisible(!why.isEmpty());
}

/// Who does not see it is not seen by it.
void Mirror::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  if (isOn()) turn(false);
}

void Mirror::paintEvent(QPaintEvent*) {
  if (!isOn()) return;
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  const QRect frame = glass_->geometry();
  painter.fillRect(frame, style::ink);
  if (!seen_.isNull()) {
    QRect part(QPoint(0, 0), frame.size().scaled(seen_.size(), Qt::KeepAspectRatio));
    part.moveCenter(seen_.rect().center());
    painter.drawImage(frame, seen_, part);
  }
  painter.setPen(QPen(style::paper, 1.5));
  painter.setBrush(style::attention);
  painter.drawEllipse(QPointF(frame.right() - 10.0, frame.top() + 10.0), kLight, kLight);
}

}  // namespace calando
