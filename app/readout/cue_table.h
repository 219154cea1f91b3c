#pragma once

#include <QTableWidget>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// One row for every cue that was to be heard, with its own figures. Choosing a row is told by its number
/// among all cues of the analysis.
class CueTable : public QTableWidget {
  Q_OBJECT

 public:
  explicit CueTable(QWidget* parent = nullptr);
  void setSnapshot(SnapshotPtr snapshot);
  void chooseCue(std::size_t cue);

 signals:
  void cueChosen(std::size_t cue);

 private:
  std::vector<std::size_t> cues_;  // of each row
};

}  // namespace calando
