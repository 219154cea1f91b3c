#pragma once

#include <QWidget>

#include "app/session/session.h"

class QLabel;
class QToolButton;

namespace calando {

/// Of what was observed on the small part: whether it was there, how often that was right with this student,
/// and what was tried for it before.
class ObservationRow : public QWidget {
  Q_OBJECT

 public:
  explicit ObservationRow(Session& session);

 private:
  void refresh();

  Session& session_;
  QToolButton* seen_;
  QLabel* often_;
  QLabel* tried_;
};

}  // namespace calando
