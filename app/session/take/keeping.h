#pragma once

#include <QObject>

#include "app/session/lesson/safety.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_intake.h"

namespace calando {

class Lesson;
class RestClock;
class Studio;
struct Stray;

/// What was played, opened or found goes to the intake; of what became of it is said what there is to say,
/// and it is shown where it is still wanted and its student is here.
class Keeping : public QObject {
  Q_OBJECT

 public:
  Keeping(Studio& studio, TakeIntake& intake, StudentBook& book, TakeList& takes, Lesson& lesson,
          RestClock& rest, Safety& safety, RequestEditor& asking, ShownTake& open, TakeRun& run,
          Notices& notices);

  void openFiles(const std::vector<std::filesystem::path>& files, const Student& student);
  /// A recording, or a take's file, that was found, as a take of a student.
  void takeStrayIn(const Stray& stray, const Student& student);
  /// What was left behind: one that can be kept at once is offered, of all others it is said that they are
  /// there.
  void offerStrays();
  void saveElsewhere(const AnalysisQueue::Answer& answer, const std::filesystem::path& file);
 signals:
  void saveWanted(const calando::AnalysisQueue::Answer& answer);
  void straysWanted();  ///< what was found should be looked at
  void delayWanted();   ///< the delay should be measured
  void playedKept();    ///< one that was played is on show

 private:
  void keepPlayed(const TakeRun::RawTake& raw);
  void kept(const TakeIntake::Taken& taken, ShownTake::Place place);
  void sayKeptForAnother(const TakeIntake::Taken& taken);
  void markTooEarly(const AnalysisQueue::Answer& answer);
  void sayUnkept(const AnalysisQueue::Answer& answer);
  QStringList whatNext(const AnalysisQueue::Answer& answer);
  void say(const AnalysisQueue::Answer& answer, TakeRun::Count count, QStringList notes);
  void openedTaken(const TakeIntake::Taken& taken);
  void intakeMoved();
  void intakeFinished(const QStringList& refused);

  Studio& studio_;
  TakeIntake& intake_;
  StudentBook& book_;
  TakeList& takes_;
  Lesson& lesson_;
  RestClock& rest_;
  Safety& safety_;
  RequestEditor& asking_;
  ShownTake& open_;
  TakeRun& run_;
  Notices& notices_;
  QString processingSaid_;  // of which source, and what
};

/// What there is to say where a step has had its dose of the day.
QString enoughText(const Safety::Enough& enough, const Exercise& card);

/// What there is to say of recordings that were found, in one line.
QString foundText(const std::vector<Stray>& strays);

}  // namespace calando
