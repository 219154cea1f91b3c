#pragma once

#include <QDialog>

#include "app/session/students/retention.h"
#include "records/tables/take_table.h"

class QLabel;
class QPushButton;
class QTreeWidget;

namespace calando {

/// The takes whose sound is older than it is to be kept: which of them shall go.
class SoundsDialog : public QDialog {
  Q_OBJECT

 public:
  SoundsDialog(const Retention& retention, const TakeTable& takes, const StudentBook& book,
               QWidget* parent = nullptr);
  /// Those that are marked.
  std::vector<std::int64_t> marked() const;

 private:
  bool isMarked(std::size_t row) const;
  void count();

  QTreeWidget* list_;
  QLabel* all_;
  QPushButton* go_;
  std::vector<Take> takes_;
  std::vector<std::uintmax_t> bytes_;
};

/// Asks which of them shall go, and lets them.
void askForSounds(Retention& retention, const TakeTable& takes, const StudentBook& book, QWidget* parent);

}  // namespace calando
