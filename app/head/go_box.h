#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QLabel;
class QPushButton;

namespace calando {

/// The one big button, and the rest that is owed under it.
class GoBox : public QWidget {
  Q_OBJECT

 public:
  explicit GoBox(const Parts& parts);

 private:
  void allow();
  void showRest(int seconds);

  const Parts& parts_;
  QPushButton* record_;
  QLabel* rest_;
};

}  // namespace calando
