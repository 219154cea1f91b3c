#pragma once

#include <QImage>
#include <QObject>
#include <memory>
#include <vector>

namespace calando {

/// Where the mirror sees from. Gives one picture after another while it is on, and keeps none.
class FaceSource : public QObject {
  Q_OBJECT

 public:
  virtual void start() = 0;
  virtual void stop() = 0;

 signals:
  void pictured(const QImage& picture);
  void failed(const QString& why);
};

/// The computer's own camera; nullptr where there is none.
std::unique_ptr<FaceSource> cameraOfTheComputer();
/// A painted player, who breathes in and plays: for the demo, and for tests.
std::unique_ptr<FaceSource> paintedFace();

}  // namespace calando
