#pragma once

#include <QDialog>
#include <memory>
#include <optional>
#include <vector>

#include "app/review/compare_picture.h"
#include "app/sound/player.h"
#include "core/engine/snapshot_ptr.h"

class QLabel;
class QPushButton;
class QTableWidget;

namespace calando {

/// A take to be held beside others.
struct ComparedTake {
  QString name;
  SnapshotPtr snapshot;
  std::shared_ptr<const std::vector<float>> samples;
  double rate_hz = 48000.0;
};

/// Two to six takes under one another on one axis, their first tones begun together, or each cue with the
/// same cue of the others; figures with their differences; the harmonics laid over one another. Listening is
/// at equal levels, and blind if wanted: then they are numbers in an order that was drawn, play one after the
/// other, and once one is chosen, or none is wanted, pictures and figures come, their names only when they
/// are asked for. By keys too, which stand below: 1 to 6 choose, R plays again, Space goes on; a pedal's two
/// keys are the first and the second.
class CompareView : public QDialog {
  Q_OBJECT

 public:
  /// `output`: where it is heard, as a speaker names it.
  CompareView(std::vector<ComparedTake> takes, bool blind, const std::string& output,
              QWidget* parent = nullptr);

  bool hidden() const { return picture_->shown() == ComparePicture::Shown::nothing; }

 protected:
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QLayout* buildListening();
  QLayout* buildVerdict();
  QString letter(std::size_t take) const;
  void playAll();
  void playNext();
  void play(std::size_t take);
  void sound(std::size_t take);
  void uncover(std::optional<std::size_t> kept);
  void name();
  void sayKeys();
  QString differs() const;
  void reveal();
  void fillTable();
  std::vector<SnapshotPtr> pictures() const;

  std::vector<ComparedTake> takes_;
  const bool blind_;
  std::vector<std::size_t> waiting_;  // that are heard after the one that is
  SoundPlayer player_;
  ComparePicture* picture_ = nullptr;
  QTableWidget* table_;
  QWidget* choice_;
  QLabel *verdict_, *differs_, *keys_;
  QPushButton* name_;
};

}  // namespace calando
