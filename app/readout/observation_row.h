#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QLabel;
class QToolButton;

namespace calando {

/// Of what was observed on the small part: whether it was there, how often that was right with this student,
/// and what was tried for it before.
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
