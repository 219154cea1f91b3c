#pragma once

#include "app/session/common/undo_subject.h"
#include "app/session/homework/homework_queue.h"
#include "app/session/homework/watched_folder.h"
#include "app/session/lesson/lesson.h"
#include "app/session/take/take_intake.h"
#include "core/homework/list.h"

namespace calando {

class Studio;

/// Homework: the lists, and what came in for the one that is looked at, of every student.
class HomeworkInbox : public QObject {
  Q_OBJECT

 public:
  HomeworkInbox(Studio& studio, WorkQueue& work, StudentBook& book, Lesson& lesson, TakeIntake& intake,
                Notices& notices, Undo& undo);

  // Lists
  const std::vector<Homework>& lists() const { return lists_; }
  const Homework* chosen() const;
  /// Of the chosen one; without items where it cannot be read any more.
  const HomeworkList& list() const { return list_; }
  /// `wanted`: the list to be looked at; nullopt: the one that is, or the newest.
  void load(std::optional<std::int64_t> wanted = {});
  void choose(std::int64_t homework);
  /// Keeps a list, and chooses it.
  bool keep(const HomeworkList& list, Day due, std::int64_t id = 0);
  bool erase(std::int64_t homework);

  // What came in
  struct Submission {
    SentHomework kept;
    Pending marking = {};   ///< it is under way
    MarkedPtr marked = {};  ///< nullptr: not yet
    std::size_t said = 0;   ///< how many of the pieces are in it
    bool anew = false;      ///< they are to be said again, all of them
  };
  const std::map<std::int64_t, Submission>& sent() const { return sent_; }  ///< by student
  const Submission* sentOf(std::int64_t student) const;
  /// Sound files and folders of them. Whose one is, its path says, or a table beside it (see docs); those of
  /// which nothing says so are for `fallback`, or come back.
  std::vector<std::filesystem::path> add(const std::vector<std::filesystem::path>& paths,
                                         std::optional<std::int64_t> fallback = {});
  void remove(std::int64_t student);
  /// What comes into this folder is added by itself; empty: none is watched.
  void watch(const std::filesystem::path& folder);
  const std::filesystem::path& watched() const { return watched_.folder(); }
  void cancel();
  int done() const;
  bool running() const;

  // What the teacher says of it
  void correct(std::int64_t student, const Correction& piece);
  /// nullopt: as it is made again.
  void setAnswer(std::int64_t student, std::optional<std::string> answer);
  /// The best tries that are not in the student's weeks yet become takes of theirs.
  void keepBest(std::int64_t student);
  /// All of them are.
  bool isKept(std::int64_t student) const;

  // As it was, in its own list, whichever is looked at
  bool putBack(const before::List& was);
  bool putBack(const UndoSubject& subject, const before::Submission& was);
  bool putBack(const UndoSubject& subject, const before::Said& was);

 signals:
  void listsChanged();
  void sentChanged(qint64 student);                               ///< 0: all
  void moved();                                                   ///< how far marking is
  void nobodys(const std::vector<std::filesystem::path>& files);  ///< came into the watched folder

 private:
  void remember();
  void recall(Submission& sent) const;
  void bringUpToDate(std::int64_t student);
  void markAnew(Submission& sent);
  void attemptTaken(const Intake& intake);
  void cameIn(const std::vector<std::filesystem::path>& files);
  void setAside(Submission& sent, const std::filesystem::path& file);
  void keepSent(const Submission& sent);
  bool keepElsewhere(std::int64_t list, const SentHomework& sent);
  Context playerOf(const Student& student) const;

  Studio& studio_;
  StudentBook& book_;
  Lesson& lesson_;
  TakeIntake& intake_;
  Notices& notices_;
  Undo& undo_;
  HomeworkQueue marker_;
  WatchedFolder watched_;
  std::vector<Homework> lists_;
  std::optional<std::int64_t> chosen_;
  HomeworkList list_;
  std::map<std::int64_t, Submission> sent_;
  /// What was marked of a list that was looked at before.
  struct Known {
    struct One {
      SentHomework kept;
      MarkedPtr marked;
      std::size_t said;
    };
    std::int64_t homework;
    std::map<std::int64_t, One> sent;
  };
  std::vector<Known> known_;  // the last one first
};

}  // namespace calando
