#pragma once

#include <QWidget>
#include <map>
#include <string>
#include <vector>

#include "core/analysis.h"
#include "core/exercise/progression.h"
#include "core/theory/pitch.h"

class QComboBox;
class QListWidget;

namespace calando {

/// The lesson's running order: its steps with their last result. Measures and keeps nothing.
class LessonView : public QWidget {
  Q_OBJECT

 public:
  explicit LessonView(QWidget* parent = nullptr);

  /// The teacher's own cards; the order keeps those of its steps that there still are.
  void setOwnCards(std::vector<Exercise> cards);
  const std::vector<Exercise>& ownCards() const { return own_; }
  bool isOwn(const std::string& exercise) const;
  /// A card that has been erased, for a take that was played for it; until the own cards are set again.
  void lend(const Exercise& card) { own_.push_back(card); }
  void setOrder(std::vector<std::string> exercises);
  const std::vector<std::string>& order() const { return order_; }
  void setResults(std::map<std::string, Standing> results);
  /// Never nullptr.
  ExercisePtr current() const;
  /// Own cards and those that ship; nullptr for none.
  ExercisePtr find(const std::string& exercise) const;
  /// Chooses a step; one that is not in the order is put at its end. Emits nothing.
  void show(const std::string& exercise);
  /// Chooses a step, puts it at the end of the order where it is none yet, and tells both.
  void choose(const std::string& exercise);
  void next();
  /// In whose words cards speak where schools differ; empty: in those of all.
  void setSchool(const QString& school) { school_ = school; }

 signals:
  void chosen();
  void orderChanged();
  void schoolChosen(const QString& school);
  void noteLanguageChosen(NoteLanguage language);
  void cardWanted(const QString& exercise);  ///< to be looked at and copied or changed

 private:
  void fill();
  void edit();

  std::vector<std::string> order_;
  std::vector<Exercise> own_;
  QString school_;
  std::map<std::string, Standing> results_;
  QComboBox* templates_;
  QListWidget* list_;
};

}  // namespace calando
