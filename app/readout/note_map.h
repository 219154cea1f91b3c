#pragma once

#include <QWidget>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// How the notes of a take compare along the range: one small chart each for offset, wander, level and
/// colour, with the target as a band; figures that nobody measured have no chart.
class NoteMap : public QWidget {
  Q_OBJECT

 public:
  explicit NoteMap(QWidget* parent = nullptr);
  void setSnapshot(SnapshotPtr snapshot);
  QSize sizeHint() const override { return {320, 190}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  SnapshotPtr snapshot_;
};

}  // namespace calando
