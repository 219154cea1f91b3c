#pragma once

#include <QListWidget>

#include "app/session/parts.h"

namespace calando {

/// The takes of the student who is here, newest first, each with its small picture.
class ShelfView : public QListWidget {
  Q_OBJECT

 public:
  explicit ShelfView(const Parts& parts);

  /// Those that are marked for a comparison.
  std::vector<std::int64_t> marked() const;
  /// One to the left or the right.
  void step(int by);

 private:
  void fill();
  void insertRow(int row);
  void refreshRow(int row);
  void refreshTake(std::int64_t take);
  void showChosen();

  const Parts& parts_;
};

}  // namespace calando
