#include <QPainter>
#include <QPainterPath>
#include <QTimer>
#include <cmath>
#include <numbers>

#include "app/mirror/face_source.h"
#include "app/style/style.h"

namespace calando {

namespace {

constexpr QSize kSize(320, 240);
constexpr int kEvery_ms = 80;
constexpr double kBreath_s = 6.0;  // in, and played out

class PaintedFace : public FaceSource {
 public:
  PaintedFace() {
    timer_.setInterval(kEvery_ms);
    connect(&timer_, &QTimer::timeout, this, [this] {
      at_s_ += kEvery_ms / 1000.0;
      emit pictured(painted());
    });
  }
  void start() override {
    timer_.start();
    emit pictured(painted());
  }
  void stop() override { timer_.stop(); }

 private:
  QImage painted() const {
    const double turn = std::fmod(at_s_, kBreath_s) / kBreath_s;
    const bool in = turn < 0.2;
    const double lift = in ? std::sin(std::numbers::pi * turn / 0.2) : 0.0;
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(style::band);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(style::ink, 3));
    painter.setBrush(style::paper);
    painter.drawRoundedRect(QRectF(70, 196 - 6 * lift, 180, 80), 40, 40);  // shoulders
    painter.drawEllipse(QPointF(160, 112 - 2 * lift), 62, 78);
    painter.setBrush(style::ink);
    for (const double x : {136.0, 184.0}) painter.drawEllipse(QPointF(x, 92 - 2 * lift), 4, 5);
    painter.setBrush(Qt::NoBrush);
    QPainterPath nose(QPointF(160, 98 - 2 * lift));
    nose.quadTo(152, 122, 164, 124);
    painter.drawPath(nose);
    painter.setPen(QPen(style::pitch, 4, Qt::SolidLine, Qt::RoundCap));
    const double open = in ? 7.0 : 1.5;
    painter.drawEllipse(QPointF(160, 150), in ? 9.0 : 15.0, open);  // mouth: round, or its corners out
    painter.setPen(QPen(style::ink, 2));
    painter.drawArc(QRectF(142, 168, 36, 14), 200 * 16, 140 * 16);  // chin
    return image;
  }

  QTimer timer_;
  double at_s_ = 0.0;
};

}  // namespace

std::unique_ptr<FaceSource> paintedFace() { return std::make_unique<PaintedFace>(); }

}  // namespace calando
