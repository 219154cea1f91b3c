#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/growth/growth.h"

class QComboBox;
class QLabel;

namespace calando {

struct Figure;
class CourseChart;

/// A figure of the table over the weeks, and two periods held beside one another.
class FigurePanel : public QWidget {
  Q_OBJECT

 public:
  explicit FigurePanel(const Parts& parts);
  void refresh();
  const std::string& exercise() const { return exercise_; }

 signals:
  void exerciseChanged();

 private:
  void fillExercises();
  void fillFigures();
  void showCourse();
  QString measuring() const;
  void showDifference();
  /// What was asked of the figure, week by week: by the newest take of each.
  void collectAsked();

  const Parts& parts_;
  QComboBox *exercises_, *figures_, *periods_;
  CourseChart* chart_;
  QLabel *difference_, *aside_;
  std::string exercise_, figure_;
};

/// "More by 3.1 ± 0.8 s: from 7.0 to 10.1 s (14 and 11 takes)."; "No difference to speak of …"; why nothing
/// can be said.
QString differenceText(const Figure& figure, const std::optional<Difference>& difference);

}  // namespace calando
