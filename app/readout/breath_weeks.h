#pragma once

#include <QWidget>

#include "core/judging/history.h"

namespace calando {

/// A player's weeks of breathing: longest breath, the most counts that were even, and how even, one row a
/// week.
class BreathWeeks : public QWidget {
  Q_OBJECT

 public:
  explicit BreathWeeks(QWidget* parent = nullptr);
  void setWeeks(std::vector<BreathWeek> weeks);
  QSize sizeHint() const override { return {320, 190}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::vector<BreathWeek> weeks_;
};

}  // namespace calando
