#pragma once

#include <QWidget>

#include "app/session/session.h"

class QDoubleSpinBox;
class QLabel;

namespace calando {

/// Before the figures of a take are seen, one of them is guessed.
class GuessBox : public QWidget {
  Q_OBJECT

 public:
  explicit GuessBox(Session& session);
  void refresh();

 private:
  Session& session_;
  QLabel* what_;
  QDoubleSpinBox* guess_;
  std::int64_t take_ = 0;
};

}  // namespace calando
