#pragma once

#include <QAbstractScrollArea>

#include "app/session/parts.h"
#include "core/base/day.h"

namespace calando {

/// How far off each note was, week by week: a row a note, a column a week.
class NoteWeeks : public QAbstractScrollArea {
  Q_OBJECT

 public:
  explicit NoteWeeks(const Parts& parts);
  void refresh();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  const Parts& parts_;
  std::vector<std::pair<int, std::map<Day, double>>> notes_;  ///< highest first
  std::vector<Day> weeks_;
};

}  // namespace calando
