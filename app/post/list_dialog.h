#pragma once

#include <QDialog>

#include "app/session/parts.h"
#include "core/base/day.h"
#include "core/exercise/exercise_ptr.h"
#include "core/homework/list.h"

class QDateEdit;
class QLineEdit;
class QListWidget;
class QTableWidget;

namespace calando {

/// What students are to send: cards, each on which note and how far up, and until when.
class ListDialog : public QDialog {
  Q_OBJECT

 public:
  ListDialog(const Parts& parts, HomeworkList list, std::optional<Day> due, QWidget* parent);
  HomeworkList list() const;
  Day due() const;
  bool erased() const { return erased_; }

 private:
  QWidget* buildCards();
  QWidget* buildItems();
  void filter(const QString& text);
  void addCard(const ExercisePtr& card);
  void addRow(const HomeworkItem& item);
  void move(int by);
  void check();

  const Parts& parts_;
  HomeworkList list_;
  std::vector<ExercisePtr> rows_;
  QLineEdit *title_, *search_;
  QDateEdit* due_;
  QListWidget* cards_;
  QTableWidget* items_;
  QPushButton* keep_ = nullptr;
  bool erased_ = false;
};

}  // namespace calando
