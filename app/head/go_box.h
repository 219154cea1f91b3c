#pragma once

#include <QWidget>

#include "app/session/session.h"

class QLabel;
class QPushButton;

namespace calando {

/// The one big button, and the rest that is owed under it.
class GoBox : public QWidget {
  Q_OBJECT

 public:
  explicit GoBox(Session& session);

 private:
  void allow();
  void showRest(int seconds);

  Session& session_;
  QPushButton* record_;
  QLabel* rest_;
};

}  // namespace calando
