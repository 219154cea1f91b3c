#pragma once

#include "app/session/common/undo_subject.h"
#include "app/session/homework/homework_queue.h"
#include "app/session/homework/submission.h"
#include "app/session/homework/watched_folder.h"
#include "app/work/work_queue.h"
#include "core/homework/list.h"

namespace calando {

class HomeworkLists;
class Notices;
class StudentBook;
class Studio;
class TakeIntake;
struct Intake;

/// What came in for the list of homework that is looked at, of every student.
class HomeworkInbox : public QObject {
  Q_OBJECT

 public:
  HomeworkInbox(Studio& studio, WorkQueue& work, StudentBook& book, HomeworkLists& lists, TakeIntake& intake,
                Notices& notices, Undo& undo);

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
  bool putBack(const UndoSubject& subject, const before::Submission& was);
  bool putBack(const UndoSubject& subject, const before::Said& was);

 signals:
  void sentChanged(qint64 student);                               ///< 0: all
  void moved();                                                   ///< how far marking is
  void nobodys(const std::vector<std::filesystem::path>& files);  ///< came into the watched folder

 private:
  std::int64_t listId() const;  // 0: none is looked at
  void watchAsKept();
  void listChosen();
  void leave();
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
  HomeworkLists& lists_;
  TakeIntake& intake_;
  Notices& notices_;
  Undo& undo_;
  HomeworkQueue marker_;
  WatchedFolder watched_;
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
