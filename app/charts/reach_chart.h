#pragma once

#include <QWidget>
#include <functional>

#include "core/judging/reach_map.h"
#include "core/theory/instrument.h"

namespace calando {

/// Pitch from left to right, level upwards: inked where a steady tone was held, the longer the darker, so
/// that the holes show; the softest and loudest of each note now, and a month ago.
class ReachChart : public QWidget {
  Q_OBJECT

 public:
  explicit ReachChart(QWidget* parent = nullptr);
  /// `dateOf`: what a tip says of a take.
  void setReach(ReachCourse reach, const Instrument* instrument, std::function<QString(std::int64_t)> dateOf);
  QSize sizeHint() const override { return {320, 260}; }

 signals:
  void takeChosen(std::int64_t take);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  bool event(QEvent* event) override;

 private:
  QRectF plot() const;
  QRectF box(const ReachMap::Place& place) const;
  const ReachMap::Cell* cellAt(const QPointF& at, ReachMap::Place* place) const;
  void paintLine(QPainter& painter, const ReachMap& map, bool softest, Qt::PenStyle pen) const;
  QString noteOf(int sounding) const;
  QString holeText() const;
  QString footText() const;

  ReachCourse reach_;
  const Instrument* instrument_ = nullptr;
  std::function<QString(std::int64_t)> dateOf_;
  int lowest_db_ = -60, highest_db_ = 0;
};

}  // namespace calando
