#pragma once

#include <QWidget>
#include <tl/expected.hpp>

#include "core/exercise/exercise.h"

class QComboBox;
class QLineEdit;

namespace calando {

/// What a card asks more of once it is reliable, and which card comes after it.
class GrowthFields : public QWidget {
  Q_OBJECT

 public:
  /// `own`: cards that may come after, beside those that ship.
  explicit GrowthFields(const std::vector<ExercisePtr>& own);
  void setCard(const Exercise& card);
  /// The error says what is wrong with the steps.
  tl::expected<void, QString> readInto(Exercise& card) const;

 signals:
  void changed();

 private:
  QComboBox* what_;
  QLineEdit* steps_;
  QComboBox* then_;
};

}  // namespace calando
