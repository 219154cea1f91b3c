#pragma once

#include <QWidget>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// The picture of a take that was only heard so far, in one row.
class HeardPicture : public QWidget {
  Q_OBJECT

 public:
  HeardPicture();
  /// nullptr: none; then it takes no room.
  void setSnapshot(SnapshotPtr snapshot);
  QSize sizeHint() const override { return {480, 220}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  SnapshotPtr snapshot_;
};

}  // namespace calando
