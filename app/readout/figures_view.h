#pragma once

#include <QWidget>
#include <map>
#include <vector>

#include "core/figures/figure.h"
#include "core/figures/reading.h"

namespace calando {

/// A take's figures as the readouts share them.
struct ShownFigures {
  std::vector<Reading> readings;
  std::map<std::string, std::vector<double>> earlier;  ///< values of the takes before, oldest first, by id
};

/// In which order figures are looked at: outside first, then near, inside, not yet, not measured; among equal
/// ones as the card has them.
std::vector<const Reading*> byWeight(const std::vector<Reading>& readings);

/// One reading's band: its target, the takes before as dots, the value as a line.
void paintBand(QPainter& painter, const QRectF& area, const Reading& reading,
               const std::vector<double>& earlier);
/// "at most 12 cents".
QString targetText(const Reading& reading);

/// What the card asks for: the three to five figures that weigh most, large enough for a metre.
class FiguresView : public QWidget {
  Q_OBJECT

 public:
  explicit FiguresView(QWidget* parent = nullptr);

  void setReadings(std::vector<Reading> readings, std::map<std::string, std::vector<double>> earlier);
  const std::vector<Reading>& readings() const { return shown_.readings; }
  /// Those that are here large.
  std::vector<const Reading*> large() const;
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {280, 138}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  bool event(QEvent* event) override;

 private:
  double rowHeight() const;
  void paintRow(QPainter& painter, const QRectF& row, const Reading& reading);

  ShownFigures shown_;
};

}  // namespace calando
