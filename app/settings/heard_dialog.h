#pragma once

#include <QDialog>

#include "app/session/parts.h"

class QComboBox;
class QLabel;
class QProgressBar;

namespace calando {

struct InputState;

/// Is everything heard? The source by its name, how loud it is as a bar, and the note that sounds, large:
/// seen before the first take, and whenever somebody wants to know.
class HeardDialog : public QDialog {
  Q_OBJECT

 public:
  explicit HeardDialog(const Parts& parts, QWidget* parent = nullptr);

 private:
  void fill();
  void show(const InputState& state);

  const Parts& parts_;
  QComboBox* source_;
  QProgressBar* level_;
  QLabel *note_, *says_;
};

}  // namespace calando
