#pragma once

#include <QWidget>

#include "app/session/session.h"

class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;

namespace calando {

/// Where the sound comes from, in two lines with its level.
class SourceBox : public QWidget {
  Q_OBJECT

 public:
  explicit SourceBox(Session& session);

 signals:
  void filesWanted();

 private:
  void fill();
  void refresh();
  void showQuiet();
  void showInput(const InputState& state);
  QString timing() const;

  Session& session_;
  QComboBox* source_;
  QComboBox* player_;
  QPushButton* calibrate_;
  QPushButton* open_;
  QProgressBar* meter_;
  QLabel* remark_;
};

}  // namespace calando
