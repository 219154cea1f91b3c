#pragma once

#include <QElapsedTimer>
#include <QWidget>
#include <optional>

#include "app/ribbon/picture.h"

class QPushButton;

namespace calando {

/// The big picture of a take, whichever the gallery has for its card. While the take sounds it grows from
/// left to right; afterwards it is read, zoomed and played from. Measures nothing.
class TakeView : public QWidget {
  Q_OBJECT

 public:
  explicit TakeView(QWidget* parent = nullptr);

  void setSnapshot(SnapshotPtr snapshot);
  /// Ears first: nothing of the pitch is drawn until revealed; the held time still is.
  void setHidden(bool hidden);
  /// What an empty view says: a title and what to do.
  /// With a button where there is something to do.
  /// `action`, `other`: what can be done there, as buttons; empty: nothing.
  void setEmptyText(const QString& title, const QString& text, const QString& action = {},
                    const QString& other = {});
  /// A picture is on its way: an empty view says nothing yet, and after a while that it is being measured.
  void setWaiting(bool waiting);
  void setCursor(std::optional<double> seconds);
  /// Shown large while a take sounds.
  void setHeld(double seconds);
  /// What the player's key has timed; and what it is to be pressed for next.
  void setKeyed(std::optional<double> seconds) { keyed_s_ = seconds; }
  void setPrompt(const QString& text);
  QSize minimumSizeHint() const override { return {420, 300}; }
  SnapshotPtr snapshot() const { return snapshot_; }
  /// The marked part, or all of the take.
  std::pair<double, double> selection() const;
  bool hasSelection() const { return selectedTo_ > selectedFrom_; }
  /// Times at the left and right edge.
  std::pair<double, double> window() const { return {from_, to_}; }
  /// Marks a cue of the shown take; nothing is chosen with nullopt.
  void chooseCue(std::optional<std::size_t> cue);
  void zoom(double factor, double around_s);
  void pan(double share);

 signals:
  void emptyActed();
  void otherActed();
  void placeChosen(double seconds);
  void cueChosen(std::size_t cue);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void focusInEvent(QFocusEvent* event) override;

 private:
  void showAll();
  void placeEmptyAction();
  void paintEmpty(QPainter& painter);
  void paintHover(QPainter& painter);
  void paintMarks(QPainter& painter);
  Frame frame() const { return {QRectF(rect()), from_, to_, chosenCue_}; }
  QRectF timeArea() const;
  double xOf(double t) const;
  double timeAt(double x) const;

  SnapshotPtr snapshot_;
  QString emptyTitle_;
  QString emptyText_;
  QPushButton *emptyAction_, *otherAction_;
  bool hidden_ = false;
  bool byKeys_ = false;
  std::optional<QElapsedTimer> waiting_;
  double from_ = 0.0;
  double to_ = 10.0;
  double held_ = -1.0;
  std::optional<double> keyed_s_;
  QString prompt_;
  std::optional<double> cursor_;
  std::optional<double> hover_;
  double pressed_ = -1.0;
  std::optional<double> panned_;  // where a drag that pans was last
  double selectedFrom_ = 0.0;
  double selectedTo_ = 0.0;
  std::optional<std::size_t> chosenCue_;
};

}  // namespace calando
