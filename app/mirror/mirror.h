#pragma once

#include <QImage>
#include <QWidget>
#include <functional>
#include <memory>

#include "app/mirror/face_source.h"

class QAction;
class QLabel;

namespace calando {

/// A mirror beside the picture, while somebody wants it: what the camera sees, left and right as in a mirror.
/// Nothing of it is kept, not for the next picture; a light says that it is on.
class Mirror : public QWidget {
  Q_OBJECT

 public:
  using Open = std::function<std::unique_ptr<FaceSource>()>;
  /// `open` gives what to see from, nullptr where there is nothing.
  explicit Mirror(Open open);
  ~Mirror() override;

  bool isOn() const { return source_ != nullptr; }
  void turn(bool on);
  /// Turns it, for a menu.
  QAction* action() const { return switch_; }
  /// Of what is to be seen now; null where it is off.
  const QImage& seen() const { return seen_; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void hideEvent(QHideEvent* event) override;

 private:
  void say(const QString& why);

  Open open_;
  std::unique_ptr<FaceSource> source_;
  QImage seen_;
  QAction* switch_;
  QWidget* glass_;
  QLabel* light_;
};

}  // namespace calando
