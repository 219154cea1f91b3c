#pragma once

#include <QWidget>

#include "core/figures/figures.h"

class QDoubleSpinBox;
class QLabel;

namespace calando {

/// Before a figure is seen it is guessed.
class GuessBox : public QWidget {
  Q_OBJECT

 public:
  GuessBox();
  void ask(const Figure& figure);
  /// The keys of what is around it come to `other` first.
  void filterKeys(QObject* other);

 signals:
  void guessed(double value);

 private:
  void say();

  QLabel* what_;
  QDoubleSpinBox* guess_;
  double times_ = 1.0;  ///< what stands in it is that many times the figure
};

}  // namespace calando
