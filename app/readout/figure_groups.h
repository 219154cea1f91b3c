#pragma once

#include <QWidget>
#include <set>

#include "app/readout/figures_view.h"
#include "core/figures/reading.h"

namespace calando {

/// All figures small, in groups that are folded until they are asked for; a folded one says how many of it
/// are not inside.
class FigureGroups : public QWidget {
  Q_OBJECT

 public:
  explicit FigureGroups(QWidget* parent = nullptr);
  void setReadings(const std::vector<Reading>& readings);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return sizeHint(); }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

 private:
  struct Row {
    Area area;
    const Reading* reading = nullptr;  // nullptr: the group's head
  };
  std::vector<Row> rows() const;
  void toggle(Area area);
  QString standing(Area area) const;

  std::vector<Reading> readings_;
  std::set<Area> open_;
  Area current_ = Area::startsAndLasts;
};

}  // namespace calando
