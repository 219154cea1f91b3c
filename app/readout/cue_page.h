#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/engine/snapshot_ptr.h"

class QLabel;
class QPushButton;

namespace calando {

class CueTable;

/// Cue by cue; of breaths, one can be called open, and what was learnt so is forgotten here.
class CuePage : public QWidget {
  Q_OBJECT

 public:
  explicit CuePage(const Parts& parts);
  void setSnapshot(SnapshotPtr snapshot);
  void chooseCue(std::size_t cue);

 signals:
  void cueChosen(std::size_t cue);

 private:
  std::optional<std::size_t> chosenInhale() const;
  void refresh();

  const Parts& parts_;
  SnapshotPtr snapshot_;
  std::optional<std::size_t> cue_;
  CueTable* table_;
  QWidget* foot_;
  QLabel* learnt_;
  QPushButton* open_;
  QPushButton* forget_;
};

}  // namespace calando
