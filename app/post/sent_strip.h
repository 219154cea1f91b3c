#pragma once

#include <QWidget>

#include "app/session/homework/homework_queue.h"

namespace calando {

/// What a student sent, from left to right, one recording after the other: thickness is loudness, height the
/// pitch about each sound's own middle; tries with their ends, talk and noise as such. An end is dragged; a
/// try is carried by its title to another item; a drag elsewhere marks a stretch.
class SentStrip : public QWidget {
  Q_OBJECT

 public:
  SentStrip();
  void setMarked(MarkedPtr marked);
  /// What is chosen or marked: nullopt for nothing.
  std::optional<Correction> chosen() const { return chosen_; }
  QSize sizeHint() const override { return {900, 190}; }
  QSize minimumSizeHint() const override { return {400, 150}; }

 signals:
  void corrected(const calando::Correction& piece);
  void chosenChanged();
  void playWanted();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

 private:
  struct Place {
    std::size_t file;
    double at_s;
  };
  struct Column {
    float level_dbfs = -200.0f;
    float cents = 0.0f;
    bool pitched = false;
  };
  struct End {
    Correction piece;  ///< the try that it is an end of
    bool last;
  };
  double length_s() const;
  double x(std::size_t file, double at_s) const;
  Place placeAt(double x) const;
  void makeColumns();
  void assign(std::optional<std::size_t> item);
  std::vector<Correction> tries() const;
  std::optional<End> endAt(double x) const;
  void paintSounds(QPainter& painter) const;
  void paintTries(QPainter& painter) const;
  void paintCells(QPainter& painter) const;
  /// Where a try that is carried is let go, item by item; the last is for none.
  std::vector<QRectF> cells() const;
  std::optional<std::size_t> cellAt(QPointF at) const;
  QString titleOf(std::size_t item) const;

  MarkedPtr marked_;
  std::vector<Column> columns_;
  std::optional<Correction> chosen_;
  std::optional<End> dragged_;
  std::optional<Place> pressed_;
  bool lifted_ = false;  ///< the chosen one, by its title
  std::optional<QPointF> carried_;
};

}  // namespace calando
