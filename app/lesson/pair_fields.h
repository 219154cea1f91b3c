#pragma once

#include <QWidget>

#include "core/exercise/exercise.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;

namespace calando {

/// Whether a card is for two, what the second is to be to the first, and what a made first one does.
class PairFields : public QWidget {
  Q_OBJECT

 public:
  PairFields();
  void setCard(const Exercise& card);
  bool forTwo() const;
  void readInto(Exercise& card) const;

 signals:
  void changed();

 private:
  void allow();

  QComboBox* with_;  // alone, for two, over a drone
  QDoubleSpinBox *semitones_, *off_, *drift_;
  QComboBox* manner_;
  QCheckBox *fades_, *surprises_;
};

}  // namespace calando
