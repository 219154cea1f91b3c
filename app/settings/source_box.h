#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;

namespace calando {

struct InputState;
/// Where the sound comes from, in two lines with its level.
class SourceBox : public QWidget {
  Q_OBJECT

 public:
  explicit SourceBox(const Parts& parts);

 signals:
  void filesWanted();

 private:
  void fill();
  void refresh();
  void fillOthers();
  void showQuiet();
  void showInput(const InputState& state);
  QString timing() const;

  const Parts& parts_;
  QComboBox* source_;
  QComboBox* player_;
  QComboBox* other_;  // who plays with the student, on a card for two
  QPushButton* calibrate_;
  QPushButton* open_;
  QProgressBar* meter_;
  QLabel* remark_;
};

}  // namespace calando
