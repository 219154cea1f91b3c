#pragma once

#include <QObject>
#include <map>
#include <optional>
#include <vector>

#include "app/session/common/undo_subject.h"
#include "core/judging/history.h"
#include "records/values/stored_summary.h"
#include "records/values/take.h"

namespace calando {

class Notices;
class SoundTagWriter;
class StudentBook;
class Studio;
struct Stray;

/// The takes of the student who is here, newest first, with what is kept of them: the only copy that the
/// program has in memory. Writes what is changed.
class TakeList : public QObject {
  Q_OBJECT

 public:
  TakeList(Studio& studio, StudentBook& book, SoundTagWriter& tags, Notices& notices, Undo& undo);

  const std::vector<Take>& all() const { return takes_; }
  /// nullptr: it is not on the list.
  const Take* find(std::int64_t take) const;
  /// Of measured takes: the small picture, opaque here; nullptr for none.
  const std::string* ribbon(std::int64_t take) const;
  /// All takes as their history, newest first.
  const std::vector<PastTake>& past() const { return past_; }
  /// Seconds that are left of a take whose sound is cut short.
  std::optional<double> cutShort_s(std::int64_t take) const;
  void setCutShort(std::int64_t take, double seconds);

  /// Puts a take on the list whose sound is written. Of another student's only the studio is told.
  bool enter(const Take& take, const StoredSummary& summary);
  /// It has been put there.
  void entered(const Take& take, const StoredSummary& summary);
  /// The same for a take that was off the list.
  bool takeIn(const Stray& stray, const Student& student);
  /// What was said of a take, or asked.
  bool change(const Take& take);
  void keepSummary(std::int64_t take, const StoredSummary& summary);
  bool remove(std::int64_t take);
  bool restore(const UndoSubject& subject);
  /// Before the program ends: what was removed goes for good.
  void finish();

 signals:
  void takesChanged();                ///< all of them
  void takeAdded(int row);            ///< one more
  void takeChanged(std::int64_t id);  ///< its word, figures or picture

 private:
  void load();
  PastTake pastOf(const Take& take) const;
  void refreshPast(std::int64_t take);

  Studio& studio_;
  StudentBook& book_;
  SoundTagWriter& tags_;
  Notices& notices_;
  Undo& undo_;
  std::vector<Take> takes_;
  std::vector<PastTake> past_;
  std::map<std::int64_t, StoredSummary> summaries_;
  std::map<std::int64_t, double> cutShort_s_;
};

}  // namespace calando
