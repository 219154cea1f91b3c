#pragma once

#include <QWidget>
#include <vector>

#include "app/session/common/notices.h"

class QLabel;
class QProgressBar;
class QPushButton;

namespace calando {

/// What there is to say: one line above the picture, and a second one while something takes long.
class MessageBar : public QWidget {
  Q_OBJECT

 public:
  explicit MessageBar(Notices& notices);

 private:
  void refresh();

  Notices& notices_;
  QLabel* text_;
  QPushButton* action_;
  QWidget* question_;  // several answers have a line of their own, and more where it is narrow
  std::vector<QPushButton*> answers_;
  QPushButton* seen_;
  QWidget* progressRow_;
  QLabel* progressText_;
  QProgressBar* progressBar_;
};

}  // namespace calando
