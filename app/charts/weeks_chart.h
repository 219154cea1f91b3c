#pragma once

#include <QWidget>

#include "core/judging/history.h"

namespace calando {

/// What a week's figure is drawn as.
struct WeekColumn {
  QString title;
  int decimals;
  QColor ink;
};

/// A player's weeks: a few figures as bars in one scale each, one row a week.
class WeeksChart : public QWidget {
  Q_OBJECT

 public:
  explicit WeeksChart(QWidget* parent = nullptr);
  /// One column for each of the weeks' values.
  void setWeeks(std::vector<Week> weeks, std::vector<WeekColumn> columns, const QString& none);
  QSize sizeHint() const override { return {320, 190}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::vector<Week> weeks_;
  std::vector<WeekColumn> columns_;
  QString none_;
};

}  // namespace calando
