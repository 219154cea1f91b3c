#pragma once

#include <QWidget>

#include "core/ears/answers.h"

namespace calando {

/// The smallest difference heard, by week, with how sure that is; in equal ratios, the finest at the foot.
class EarChart : public QWidget {
  Q_OBJECT

 public:
  EarChart();
  void setCourse(Change change, std::vector<EarWeek> weeks);
  QSize sizeHint() const override { return {300, 240}; }
  QSize minimumSizeHint() const override { return {200, 150}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  Change change_ = Change::offset;
  std::vector<EarWeek> weeks_;
};

}  // namespace calando
