#pragma once

#include <QObject>
#include <string>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "records/values/own_order.h"

namespace calando {

class CardDeck;
class Notices;
class StudentBook;
class Studio;

/// In which order the student who is here takes the cards: one that ships or one of their own. Every change
/// can be taken back.
class RunningOrder : public QObject {
  Q_OBJECT

 public:
  RunningOrder(Studio& studio, StudentBook& book, CardDeck& deck, Notices& notices, Undo& undo);

  /// The present one; never empty.
  const std::vector<std::string>& steps() const { return steps_; }
  bool has(const std::string& exercise) const;
  /// A step opens when the one before it is reliable.
  bool gated() const;
  /// As the student who is here plays one: without what there is no more, or is not for the instrument; if
  /// that is all, one to start from.
  std::vector<std::string> playable(std::vector<std::string> exercises) const;
  /// The student's own as they are kept, by name. What is looked at overwrites none of them.
  const std::vector<OwnOrder>& own() const { return own_; }
  /// The own one that is present; nullptr: it is one that ships, or none that has a name.
  const OwnOrder* presentOwn() const;
  /// A name that no own order has.
  std::string freeName() const;
  /// Another one is present from now on. One that had no name is kept among the own ones.
  void set(std::vector<std::string> exercises);
  /// The present one is changed: an own one stays that, of one that ships an own one is made. `name`: what it
  /// is called from now on.
  void change(std::vector<std::string> exercises, const std::string& name = {});
  /// As it was, for whoever it is of.
  bool putBack(std::int64_t student, const before::Order& was);
  /// The present order of a student as something else says it, such as a plan.
  bool put(std::int64_t student, const std::vector<std::string>& exercises);

 signals:
  void loaded();   ///< it is another student's, or was changed elsewhere
  void changed();  ///< by somebody

 private:
  void load();
  bool isShipped(const std::vector<std::string>& exercises) const;
  void canUndo();
  void nameWhatHasNone();
  bool keepOwn(std::int64_t student, const OwnOrder& order);

  Studio& studio_;
  StudentBook& book_;
  CardDeck& deck_;
  Notices& notices_;
  Undo& undo_;
  std::vector<std::string> steps_;
  std::vector<OwnOrder> own_;
};

}  // namespace calando
