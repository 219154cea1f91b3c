#pragma once

#include <QObject>

#include "app/session/importing.h"
#include "app/session/open_take.h"
#include "app/session/take_run.h"

namespace calando {

/// From a sound to a take on the list: what was played, opened or found is measured and kept, for whom it was
/// made, whatever is chosen meanwhile; and it is said what there is to say of it.
class Keeping : public QObject {
  Q_OBJECT

 public:
  Keeping(Studio& studio, Analyst& analyst, Roster& roster, Lesson& lesson, Asking& asking, OpenTake& open,
          TakeRun& run, Notices& notices);

  void openFiles(const std::vector<std::filesystem::path>& files, const Student& student);
  /// A recording, or a take's file, that was found, as a take of a student.
  void takeStrayIn(const Stray& stray, const Student& student);
  /// What was left behind: one that can be kept at once is offered, of all others it is said that they are
  /// there.
  void offerStrays();
  void saveElsewhere(const Analyst::Answer& answer, const std::filesystem::path& file);
  /// Gives up what is being taken in of a student who goes.
  void forget(std::int64_t student) { importing_.cancel(student); }

  Importing& importing() { return importing_; }
  const Importing& importing() const { return importing_; }
  /// Takes that were played are being measured.
  bool busy() const { return keeping_ > 0; }

 signals:
  void saveWanted(const calando::Analyst::Answer& answer);
  void straysWanted();  ///< what was found should be looked at
  void delayWanted();   ///< the delay should be measured
  void playedKept();    ///< one that was played is on show
  void through();       ///< what was being kept

 private:
  void keepPlayed(const TakeRun::RawTake& raw);
  void keepWhenMeasured(Analyst::Request request, const Student& student, TakeRun::Count count,
                        const std::optional<std::filesystem::path>& played);
  bool keepAnswer(const Analyst::Answer& answer, TakeRun::Count count, bool played, bool wanted);
  QStringList whatNext(const Analyst::Answer& answer);
  void say(const Analyst::Answer& answer, TakeRun::Count count, QStringList notes);
  void takenIn(const Analyst::Answer& answer, bool alone);
  void importingMoved();
  void importingFinished(const QStringList& refused);

  Studio& studio_;
  Analyst& analyst_;
  Roster& roster_;
  Lesson& lesson_;
  Asking& asking_;
  OpenTake& open_;
  TakeRun& run_;
  Notices& notices_;
  Importing importing_{analyst_};
  int keeping_ = 0;
  QString processingSaid_;  // of which source, and what
};

/// What there is to say where a step has had its dose of the day.
QString enoughText(int takes);

/// What there is to say of recordings that were found, in one line.
QString foundText(const std::vector<Stray>& strays);

}  // namespace calando
