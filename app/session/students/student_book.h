#pragma once

#include <QObject>
#include <deque>
#include <map>
#include <optional>
#include <set>

#include "app/session/common/notices.h"
#include "app/session/common/undo_subject.h"
#include "app/session/students/analysis_queue.h"
#include "app/session/students/sound_tag_writer.h"
#include "core/judging/history.h"

namespace calando {

struct Stray;
class Studio;

/// The students, the one who is here, and their takes with what is kept of them: the only copy that the
/// program has in memory. Writes what is changed.
class StudentBook : public QObject {
  Q_OBJECT

 public:
  StudentBook(Studio& studio, WorkQueue& work, AnalysisQueue& analyses, Notices& notices, Undo& undo);

  // Students
  const std::vector<Student>& students() const { return students_; }
  /// nullptr: there is none.
  const Student* chosen() const;
  std::optional<std::int64_t> chosenId() const;
  const Student* find(std::int64_t student) const;
  void load();
  void choose(std::int64_t student);
  bool add(const Student& student);
  bool change(const Student& student);
  /// For good, with all takes.
  bool erase(std::int64_t student);
  /// As they were, whoever is here.
  bool putBack(const Student& student) { return find(student.id) && change(student); }

  /// The chosen one's breaths that were called open, oldest first.
  const std::vector<OpenMark>& openBreaths() const { return openBreaths_; }
  bool keepOpenBreaths(std::int64_t student, std::vector<OpenMark> marks);

  // The chosen one's takes, newest first
  const std::vector<Take>& takes() const { return takes_; }
  const Take* take(std::int64_t id) const;
  /// Of measured takes: the small picture, opaque here; nullptr for none.
  const std::string* ribbon(std::int64_t take) const;
  /// Seconds that are left of a take whose sound is cut short.
  std::optional<double> cutShort_s(std::int64_t take) const;
  void setCutShort(std::int64_t take, double seconds);
  /// All takes as their history, newest first.
  const std::vector<PastTake>& past() const { return past_; }

  /// Puts a take on the list whose sound is written. Of another student's only the list is told.
  bool enter(const Take& take, const StoredSummary& summary);
  /// It has been put there.
  void entered(const Take& take, const StoredSummary& summary);
  /// The same for a take that was off the list.
  bool takeIn(const Stray& stray, const Student& student);
  /// What was said of a take, or asked.
  bool changeTake(const Take& take);
  void keepSummary(std::int64_t take, const StoredSummary& summary);
  bool deleteTake(std::int64_t take);
  bool restoreTake(const UndoSubject& subject);

  /// Nothing is being measured in the background.
  bool settled() const { return unsummarised_.empty(); }
  /// Nobody plays: then takes without figures are measured.
  void setQuiet(bool quiet);
  /// Before the program ends.
  void finish();

 signals:
  void studentsChanged();
  /// Another one will be here in a moment: what is being typed or shown is still of the one who is.
  void leaving();
  /// Another one is chosen, or the chosen one was changed; the takes are theirs.
  void studentChanged();
  void takesChanged();                ///< all of them
  void takeAdded(int row);            ///< one more
  void takeChanged(std::int64_t id);  ///< its word, figures or picture
  /// Before the files of a student go.
  void erasing(std::int64_t student);

 private:
  void loadTakes();
  void summariseNext();
  PastTake pastOf(const Take& take) const;
  void refreshPast(std::int64_t take);

  Studio& studio_;
  AnalysisQueue& analyses_;
  Notices& notices_;
  Undo& undo_;
  SoundTagWriter noteWriter_;
  std::vector<Student> students_;
  std::optional<std::int64_t> chosen_;
  std::vector<OpenMark> openBreaths_;
  std::vector<Take> takes_;
  std::vector<PastTake> past_;
  std::map<std::int64_t, StoredSummary> summaries_;
  std::map<std::int64_t, double> cutShort_s_;
  std::deque<std::int64_t> unsummarised_;
  std::set<std::int64_t> unmeasurable_;  // not tried again
  Pending summarising_;
  bool quiet_ = true;
};

}  // namespace calando
