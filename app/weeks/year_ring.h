#pragma once

#include <QAbstractScrollArea>
#include <vector>

#include "app/session/parts.h"
#include "core/base/day.h"
#include "core/figures/verdict.h"

namespace calando {

/// One student's weeks as rows of small pictures, the newest week at the foot: growth is read as a page. A
/// click opens a take.
class YearRing : public QAbstractScrollArea {
  Q_OBJECT

 public:
  explicit YearRing(const Parts& parts);
  /// Takes of one card; empty: of all.
  void setExercise(const std::string& exercise);
  /// As the roster has them now.
  void refresh();
  QSize minimumSizeHint() const override { return {360, 160}; }

 signals:
  void chosen(qint64 take);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool viewportEvent(QEvent* event) override;

 private:
  struct Cell {
    std::int64_t take;
    Verdict verdict;
  };
  struct Row {
    Day monday;
    std::vector<Cell> cells;  ///< oldest first
    int top, height;          ///< px
    int perLine, width;       ///< cells on a line, and how wide each is
  };
  void layOut();
  QRect cellOf(std::size_t row, std::size_t column) const;
  QRect rowOf(std::size_t row) const;
  const Cell* cellAt(const QPoint& at) const;
  void paintRow(QPainter& painter, std::size_t row) const;
  void move(int rows, int columns);

  const Parts& parts_;
  std::string exercise_;
  std::vector<Row> rows_;
  std::size_t row_ = 0, column_ = 0;  ///< that the keys are at
};

}  // namespace calando
