#pragma once

#include <QTableWidget>
#include <tl/expected.hpp>

#include "core/exercise/exercise.h"

namespace calando {

/// What a card asks of its figures at a level, as rows that are changed by hand.
class TargetRows : public QTableWidget {
  Q_OBJECT

 public:
  TargetRows();
  /// `instrument`: whose targets; nullptr: of everybody.
  void setCard(const Exercise& card, const Level* level, const Instrument* instrument);
  /// Writes what was changed into the card; the error names the figure.
  tl::expected<void, QString> readInto(Exercise& card) const;

 signals:
  void changed();

 private:
  Exercise card_;
  const Level* level_ = nullptr;
  const Instrument* instrument_ = nullptr;
};

}  // namespace calando
