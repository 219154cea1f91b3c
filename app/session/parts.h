#pragma once

#include "app/session/common/chance.h"

namespace calando {

class AnalysisQueue;
class BlindListening;
class Breathing;
class Clock;
class EarTraining;
class FigureGuessing;
class HomeworkInbox;
class Keeping;
class Lesson;
class Listener;
class Notices;
class Planning;
class Playback;
class RequestEditor;
class Retention;
class Session;
class ShownTake;
class SoundSetup;
class Speaker;
class StudentBook;
class Studio;
class StudioFiles;
class TakeIntake;
class TakeRun;
class Undo;
class WorkQueue;

/// What the state of the lesson is made of, without a widget. Who shows something takes of it what they need,
/// and includes the headers of that alone. The parts live in an Assembly.
struct Parts {
  const Clock& clock;
  const bool readOnly;  ///< another window has the studio
  Studio& studio;
  const Seeds& seeds;
  WorkQueue& work;
  Notices& notices;
  Undo& undo;
  AnalysisQueue& analyses;

  StudentBook& book;
  Lesson& lesson;
  Planning& planning;
  RequestEditor& request;
  Breathing& breathing;
  Retention& retention;

  TakeIntake& intake;
  ShownTake& shown;
  SoundSetup& setup;
  Speaker& speaker;
  Listener& listener;
  TakeRun& run;
  Keeping& keeping;

  HomeworkInbox& inbox;
  EarTraining& ears;
  FigureGuessing& guessing;
  BlindListening& blind;

  Session& session;    ///< what is done with more than one of them
  Playback& playback;  ///< takes that are heard, and held beside one another
  StudioFiles& files;  ///< packs and backups
};

}  // namespace calando
