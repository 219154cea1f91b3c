#pragma once

#include <QWidget>
#include <map>
#include <string>
#include <vector>

#include "core/analysis.h"
#include "core/exercise/exercise.h"

class QComboBox;
class QListWidget;

namespace calando {

/// How an exercise stands with a student.
struct StepResult {
  Verdict last = Verdict::unmeasured;  ///< of the newest take that counts
  int good = 0;                        ///< of the latest `of` of the card
  int tries = 0;
};

/// The lesson's running order: its steps with their last result. Measures and keeps nothing.
class LessonView : public QWidget {
  Q_OBJECT

 public:
  explicit LessonView(QWidget* parent = nullptr);

  void setOrder(std::vector<std::string> exercises);
  const std::vector<std::string>& order() const { return order_; }
  void setResults(std::map<std::string, StepResult> results);
  /// Never nullptr.
  const Exercise* current() const;
  /// Chooses a step; one that is not in the order is put at its end. Emits nothing.
  void show(const std::string& exercise);
  void next();

 signals:
  void chosen();
  void orderChanged();

 private:
  void fill();
  void edit();

  std::vector<std::string> order_;
  std::map<std::string, StepResult> results_;
  QComboBox* templates_;
  QListWidget* list_;
};

}  // namespace calando
