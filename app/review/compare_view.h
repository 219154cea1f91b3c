#pragma once

#include <QDialog>
#include <memory>
#include <vector>

#include "app/sound/player.h"
#include "core/snapshot.h"

class QLabel;
class QTableWidget;

namespace calando {

/// A take to be held beside others.
struct ComparedTake {
  QString name;
  SnapshotPtr picture;
  std::shared_ptr<const std::vector<float>> samples;
  double rate_hz = 48000.0;
};

/// Two to six takes under one another on one axis, their first tones begun together, or each cue with the
/// same cue of the others; figures with their differences; the harmonics laid over one another. Listening is
/// at equal levels, and blind if wanted: then names, order and pictures stay hidden until one is chosen.
class CompareView : public QDialog {
  Q_OBJECT

 public:
  CompareView(std::vector<ComparedTake> takes, bool blind, QWidget* parent = nullptr);

  bool hidden() const { return hidden_; }

 signals:
  /// Blind: the take that was chosen as the better one, by its place in the list given.
  void preferred(std::size_t take);

 private:
  class Canvas;
  void play(std::size_t place);
  void choose(std::size_t place);
  void reveal();
  void fillTable();
  std::vector<SnapshotPtr> pictures() const;

  std::vector<ComparedTake> takes_;
  std::vector<std::size_t> order_;  // of the buttons; shuffled when blind
  bool hidden_;
  bool byCue_ = false;
  SoundPlayer player_;
  Canvas* canvas_;
  QTableWidget* table_;
  QLabel* verdict_;
};

}  // namespace calando
