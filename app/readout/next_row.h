#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QLabel;
class QPushButton;

namespace calando {

/// What the lesson goes on with after the take on show, with the key that takes it.
class NextRow : public QWidget {
  Q_OBJECT

 public:
  explicit NextRow(const Parts& parts);

 private:
  void refresh();

  const Parts& parts_;
  QLabel* what_;
  QPushButton* take_;
  QPushButton* refuse_;
};

}  // namespace calando
