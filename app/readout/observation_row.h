#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QLabel;
class QToolButton;

namespace calando {

/// Of an observation: whether it was there, and how often that was right with this student; of any advice
/// what was tried for it before, and what that did.
class ObservationRow : public QWidget {
  Q_OBJECT

 public:
  explicit ObservationRow(const Parts& parts);

 private:
  void refresh();

  const Parts& parts_;
  QToolButton* seen_;
  QLabel* often_;
  QLabel* tried_;
};

}  // namespace calando
