#pragma once

#include <QObject>
#include <list>
#include <variant>

#include "app/session/students/analysis_queue.h"
#include "app/session/take/take_progress.h"
#include "app/session/take/take_run.h"
#include "records/values/homework.h"

namespace calando {

class Notices;
class StudentBook;
class Studio;
class TakeList;

/// The one way in which a sound becomes a take: measured and written away from the interface's thread, then
/// put on the list, for whom it was made, whatever is chosen meanwhile. All of it is waited for when the
/// program is to end. Where a take of homework is cut off it is done at the next start.
class TakeIntake : public QObject {
  Q_OBJECT

 public:
  TakeIntake(Studio& studio, AnalysisQueue& analyses, StudentBook& book, TakeList& takes, Notices& notices);

  // Where a sound comes from, and what has to be known of it once it is a take.
  struct Played {
    TakeRun::Count count = TakeRun::Count::asHeard;
    std::filesystem::path recording;  ///< goes once the take is on the list
  };
  struct Opened {};  ///< a file; several at once
  struct Found {};   ///< what was left behind
  using From = std::variant<Played, Opened, Found, Intake>;

  /// What became of one. `entered`: it is on the list.
  struct Taken {
    From from;
    const AnalysisQueue::Answer& answer;
    bool entered;
  };
  using Then = std::function<void(const Taken&)>;

  /// `then` comes once it is on the list, or cannot be. It is called on nobody's behalf but the caller's, who
  /// lives as long as this.
  void takeIn(AnalysisQueue::Request request, const Student& student, From from, Then then);
  /// Files that were opened, two at a time; what can be said of them comes with finished().
  void open(const std::vector<std::pair<std::filesystem::path, Take>>& files, const Student& student,
            Then then);
  /// Best tries of homework. They are written down before anything is done.
  bool begin(const std::vector<Intake>& intakes);
  /// What an earlier run began and did not finish.
  void resume();

  /// Gives up what was opened and has not been taken in yet: all of it, or of one student.
  void cancelOpened(std::optional<std::int64_t> student = {});

  /// Gives up all but what was played or found: files can be opened again, homework goes on at the next
  /// start.
  void giveUp();

  bool running() const { return !pending_.empty(); }
  /// Something of a list of homework of a student's is on its way.
  bool running(std::int64_t homework, std::int64_t student) const;
  /// Takes that were played or found are on their way: these are waited for unasked.
  bool keepsPlayed() const;
  /// Of what was opened or sent, since there was nothing: how many there were, how many are through.
  TakeProgress progress() const;

 signals:
  void moved();
  /// One of homework is on the list, or cannot be.
  void attemptTaken(const calando::Intake& intake, bool entered);
  /// What was opened or sent is through; what could not be taken in, a line each.
  void finished(const QStringList& refused);
  /// Nothing is on its way any more.
  void through();

 private:
  struct Entry {
    std::int64_t student;
    From from;
    Pending pending;
  };
  void start(const Intake& intake);
  void answered(std::list<Entry>::iterator entry, const AnalysisQueue::Answer& answer, const Then& then);
  bool enter(const Entry& entry, const AnalysisQueue::Answer& answer);
  void refuse(const Entry& entry, const AnalysisQueue::Answer& answer);
  void step();

  Studio& studio_;
  AnalysisQueue& analyses_;
  StudentBook& book_;
  TakeList& takes_;
  Notices& notices_;
  std::list<Entry> pending_;
  QStringList refused_;
  int begun_ = 0;  // of what was opened or sent, since there was nothing
};

}  // namespace calando
