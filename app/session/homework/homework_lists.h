#pragma once

#include <QObject>
#include <optional>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "core/homework/list.h"
#include "records/values/homework.h"

namespace calando {

class CardDeck;
class Notices;
class StudentBook;
class Studio;

/// The lists of homework, newest first, and the one that is looked at.
class HomeworkLists : public QObject {
  Q_OBJECT

 public:
  HomeworkLists(Studio& studio, StudentBook& book, CardDeck& deck, Notices& notices, Undo& undo);

  const std::vector<Homework>& all() const { return lists_; }
  const Homework* find(std::int64_t homework) const;
  /// nullptr: there is none.
  const Homework* chosen() const;
  /// Of the chosen one; without items where it cannot be read any more.
  const HomeworkList& list() const { return list_; }
  /// `wanted`: the list to be looked at; nullopt: the one that is, or the newest.
  void load(std::optional<std::int64_t> wanted = {});
  void choose(std::int64_t homework);
  /// Keeps a list, and chooses it.
  bool keep(const HomeworkList& list, Day due, std::int64_t id = 0);
  bool erase(std::int64_t homework);
  bool putBack(const before::List& was);

 signals:
  void listsChanged();
  void leaving();        ///< the chosen one will be another in a moment, or go
  void choiceChanged();  ///< another one is chosen, or none

 private:
  Studio& studio_;
  StudentBook& book_;
  CardDeck& deck_;
  Notices& notices_;
  Undo& undo_;
  std::vector<Homework> lists_;
  std::optional<std::int64_t> chosen_;
  HomeworkList list_;
};

}  // namespace calando
