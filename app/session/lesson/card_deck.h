#pragma once

#include <QObject>
#include <optional>
#include <string>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "core/exercise/exercise_ptr.h"

namespace calando {

class Notices;
class Studio;

/// The cards that there are: those that ship, the studio's own, and those of old takes whose card has gone.
class CardDeck : public QObject {
  Q_OBJECT

 public:
  CardDeck(Studio& studio, Notices& notices, Undo& undo);

  const std::vector<ExercisePtr>& own() const { return own_; }
  bool isOwn(const std::string& exercise) const;
  /// Own cards and those that ship, and what was lent; nullptr for none.
  ExercisePtr find(const std::string& exercise) const;
  /// What is in the studio was changed by somebody else.
  void reload();
  /// A card that has been erased, for a take that was played for it.
  void lend(const Exercise& card);
  /// Keeps a card as an own one, under an id of its own where it has another's; the id it has then.
  std::optional<std::string> keep(Exercise card);
  bool erase(const std::string& id);
  bool putBack(const before::Card& was);
  /// In whose words cards speak where schools differ; empty: in those of all.
  std::string school() const;
  void setSchool(const std::string& school);

 signals:
  void kept(const std::string& id);
  void reloaded();  ///< any of them may have come or gone
  void worded();    ///< they speak in another school's words

 private:
  void load();

  Studio& studio_;
  Notices& notices_;
  Undo& undo_;
  std::vector<ExercisePtr> own_;
  std::vector<ExercisePtr> lent_;
};

}  // namespace calando
