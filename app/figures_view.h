#pragma once

#include <QWidget>
#include <map>
#include <vector>

#include "core/analysis.h"

namespace calando {

/// The figures of a take, one row each: verdict shape, name, value, target band with the last five takes as
/// dots.
class FiguresView : public QWidget {
  Q_OBJECT

 public:
  explicit FiguresView(QWidget* parent = nullptr);

  /// `earlier`: values of the takes before, oldest first, by reading id.
  void setReadings(std::vector<Reading> readings, std::map<std::string, std::vector<double>> earlier);
  const std::vector<Reading>& readings() const { return readings_; }
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {280, 200}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  bool event(QEvent* event) override;

 private:
  /// What there is room for: all rows, or first those that are not inside.
  std::vector<const Reading*> rows() const;
  double rowHeight() const;
  void paintRow(QPainter& painter, const QRectF& row, const Reading& reading);
  void paintBand(QPainter& painter, const QRectF& area, const Reading& reading);

  std::vector<Reading> readings_;
  std::map<std::string, std::vector<double>> earlier_;
};

/// "+3.2 cents" with the decimals that the unit deserves.
QString figureText(const Reading& reading, bool withUnit = true);

}  // namespace calando
