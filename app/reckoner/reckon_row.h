#pragma once

#include <QLabel>
#include <QLineEdit>

#include "core/reckoning/reckoning.h"

class QGridLayout;

namespace calando {

/// One line of arithmetic: two fields, each of which gives the other.
class ReckonRow : public QObject {
  Q_OBJECT

 public:
  /// Puts itself into a row of the grid: its name and the two fields, from a column on.
  ReckonRow(const Reckoning& line, QGridLayout& grid, int row, int column);
  const Reckoning& line() const { return line_; }
  void setVisible(bool visible);

  /// What the lines share is now that: the side typed last gives the other anew.
  void setGivens(const Givens& givens);
  /// From outside, as if typed on the left.
  void setLeft(double value);

 private:
  QLineEdit* fieldFor(const Quantity& quantity, bool right);
  void typed(bool right);
  void reckon();
  void say(const QString& what, bool wrong);

  const Reckoning& line_;
  Givens givens_;
  QLineEdit *left_, *right_;
  QLabel* formula_;
  std::vector<QWidget*> cells_;
  bool fromRight_ = false;
  double value_;  // of the side typed last
};

/// A quantity as people write it here, without its unit.
QString shownQuantity(const Quantity& quantity, double value, Spelling spelling);

}  // namespace calando
