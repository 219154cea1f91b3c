#pragma once

#include "app/session/common/chance.h"

namespace calando {

class AnalysisQueue;
class BlindListening;
class CardDeck;
class Clock;
class EarKnowledge;
class EarTraining;
class FigureGuessing;
class HomeworkInbox;
class HomeworkLists;
class Keeping;
class Lesson;
class Listener;
class Notices;
class Onward;
class OpenBreaths;
class OrderTable;
class Planning;
class Playback;
class RequestEditor;
class RestClock;
class Retention;
class RunningOrder;
class Safety;
class Session;
class SettingTable;
class ShownHistory;
class ShownTake;
class SoundSetup;
class Speaker;
class StudentBook;
class Studio;
class StudioFiles;
class SummaryQueue;
class SummaryTable;
class TakeIntake;
class TakeList;
class TakeRemarks;
class TakeRun;
class TakeTable;
class Undo;
class WorkQueue;

/// What the state of the lesson is made of, without a widget. Who shows something takes of it what they need,
/// and includes the headers of that alone. The parts live in an Assembly.
struct Parts {
  const Clock& clock;
  const bool readOnly;  ///< another window has the studio
  Studio& studio;
  // of the studio, for who shows what is kept in one
  SettingTable& settings;
  TakeTable& takeTable;
  SummaryTable& summaryTable;
  OrderTable& orderTable;
  const Seeds& seeds;
  WorkQueue& work;
  Notices& notices;
  Undo& undo;
  AnalysisQueue& analyses;

  StudentBook& book;
  OpenBreaths& breaths;
  TakeList& takes;
  SummaryQueue& summaries;

  CardDeck& deck;
  RunningOrder& order;
  Lesson& lesson;
  RestClock& rest;
  Planning& planning;
  RequestEditor& request;
  Safety& safety;
  Onward& onward;
  Retention& retention;

  TakeIntake& intake;
  ShownTake& shown;
  ShownHistory& history;
  TakeRemarks& remarks;
  SoundSetup& setup;
  Speaker& speaker;
  Listener& listener;
  TakeRun& run;
  Keeping& keeping;

  HomeworkLists& lists;
  HomeworkInbox& inbox;
  EarKnowledge& knowledge;
  EarTraining& ears;
  FigureGuessing& guessing;
  BlindListening& blind;

  Session& session;    ///< what is done with more than one of them
  Playback& playback;  ///< takes that are heard, and held beside one another
  StudioFiles& files;  ///< packs and backups
};

}  // namespace calando
