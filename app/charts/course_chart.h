#pragma once

#include <QWidget>
#include <optional>
#include <set>
#include <vector>

#include "core/growth/growth.h"

namespace calando {

/// A figure by week: the median as a line, how far takes of one day lie apart as its band, what was asked for
/// then as a step, lessons and days with a remark on the axis.
class CourseChart : public QWidget {
  Q_OBJECT

 public:
  /// What was asked of the figure in a week.
  struct Asked {
    Day monday;
    std::optional<double> low, high;
  };
  struct Remark {
    Day day;
    QString text;
  };
  CourseChart();
  /// `lessons`: days on which was played here, not at home.
  void setCourse(const Figure& figure, Course course, std::vector<Asked> asked, std::vector<Remark> remarks,
                 std::set<Day> lessons);
  QSize sizeHint() const override { return {360, 300}; }
  QSize minimumSizeHint() const override { return {260, 160}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  bool event(QEvent* event) override;

 private:
  QRectF plot() const;
  double x(Day day) const;
  double y(double value) const;
  std::pair<double, double> range() const;
  void paintAxes(QPainter& painter) const;
  void paintAsked(QPainter& painter) const;
  void paintLine(QPainter& painter) const;
  void paintDays(QPainter& painter) const;
  std::optional<double> middleOf(Day day) const;

  const Figure* figure_ = nullptr;
  Course course_;
  std::vector<Asked> asked_;
  std::vector<Remark> remarks_;
  std::set<Day> lessons_;
  double low_ = 0.0, high_ = 1.0, step_ = 1.0;
};

}  // namespace calando
