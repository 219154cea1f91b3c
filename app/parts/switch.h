#pragma once

#include <QToolButton>

namespace calando {

/// On or off, and looks like it: never like something that is done by a press.
class Switch : public QToolButton {
  Q_OBJECT

 public:
  explicit Switch(const QString& text);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return sizeHint(); }

 protected:
  void paintEvent(QPaintEvent* event) override;
};

}  // namespace calando
