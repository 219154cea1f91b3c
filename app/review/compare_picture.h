#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// Takes under one another on one axis, their first tones begun together, or each cue with the same cue of
/// the others; their harmonics laid over one another.
class ComparePicture : public QWidget {
  Q_OBJECT

 public:
  struct Row {
    QString letter, name;
    SnapshotPtr snapshot;
  };
  enum class Shown {
    nothing,   ///< but the letter of the one that is heard
    pictures,  ///< and letters
    named
  };
  ComparePicture(std::vector<Row> rows, Shown shown);

  Shown shown() const { return shown_; }
  void setShown(Shown shown);
  /// Each note of the exercise begins with the same of the others.
  void setByCue(bool on);
  void setHeard(std::optional<std::size_t> row);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  void paintVeiled(QPainter& painter) const;
  void paintColours(QPainter& painter, const QRectF& area) const;
  void paintKey(QPainter& painter, const QRectF& area, std::size_t row) const;

  std::vector<Row> rows_;
  Shown shown_;
  bool byCue_ = false;
  std::optional<std::size_t> heard_;
};

}  // namespace calando
