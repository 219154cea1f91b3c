#include <QCamera>
#include <QMediaCaptureSession>
#include <QMediaDevices>
#include <QVideoFrame>
#include <QVideoSink>

#include "app/mirror/face_source.h"

namespace calando {

namespace {

class Camera : public FaceSource {
 public:
  explicit Camera(const QCameraDevice& device) : camera_(device) {
    session_.setCamera(&camera_);
    session_.setVideoSink(&sink_);
    connect(&sink_, &QVideoSink::videoFrameChanged, this, [this](const QVideoFrame& frame) {
      if (camera_.isActive()) emit pictured(frame.toImage());
    });
    connect(&camera_, &QCamera::errorOccurred, this,
            [this](QCamera::Error, const QString& why) { emit failed(why); });
  }
  void start() override { camera_.start(); }
  void stop() override { camera_.stop(); }

 private:
  QCamera camera_;
  QMediaCaptureSession session_;
  QVideoSink sink_;
};

}  // namespace

std::unique_ptr<FaceSource> cameraOfTheComputer() {
  const QCameraDevice device = QMediaDevices::defaultVideoInput();
  return device.isNull() ? nullptr : std::make_unique<Camera>(device);
}

}  // namespace calando
