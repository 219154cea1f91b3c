#pragma once

#include <list>

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/ears/blind_listening.h"
#include "app/session/ears/ear_knowledge.h"
#include "app/session/ears/ear_training.h"
#include "app/session/ears/figure_guessing.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/onward.h"
#include "app/session/lesson/planning.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/lesson/running_order.h"
#include "app/session/lesson/safety.h"
#include "app/session/playback.h"
#include "app/session/session.h"
#include "app/session/students/analysis_queue.h"
#include "app/session/students/open_breaths.h"
#include "app/session/students/retention.h"
#include "app/session/students/sound_tag_writer.h"
#include "app/session/students/student_book.h"
#include "app/session/students/summary_queue.h"
#include "app/session/students/take_list.h"
#include "app/session/studio_files.h"
#include "app/session/take/keeping.h"
#include "app/session/take/shown_history.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_intake.h"
#include "app/session/take/take_remarks.h"
#include "app/session/take/take_run.h"
#include "app/sound/listener.h"
#include "app/sound/sound_setup.h"
#include "app/sound/speaker.h"
#include "records/packs/pack.h"
#include "records/studio.h"

namespace calando {

/// Builds the parts of the lesson's state and has them: the one place that knows all of them, and in which
/// order they live.
class Assembly : public Parts {
 public:
  /// What comes from outside; a test brings its own.
  struct Ears {
    std::vector<std::shared_ptr<Input>> inputs;
    std::unique_ptr<Speaker> speaker;
    std::function<std::string(const Snapshot&)> smallPicture;
    Seeds seeds = systemSeeds();
  };
  Assembly(Studio studio, Ears ears);

 private:
  // Whoever wants something worked out goes before the queue, who plays before the loudspeaker, and who
  // listens before what there is to listen to.
  Studio studio_;
  Seeds seeds_;
  WorkQueue work_;
  Notices notices_;
  Undo undo_;
  std::unique_ptr<Speaker> speaker_;
  AnalysisQueue analyses_;
  SoundTagWriter tags_;
  StudentBook book_;
  OpenBreaths breaths_;
  TakeList takes_;
  SummaryQueue summaries_;
  CardDeck deck_;
  RunningOrder order_;
  Lesson lesson_;
  RestClock rest_;
  Planning planning_;
  TakeIntake intake_;
  HomeworkLists lists_;
  HomeworkInbox inbox_;
  Retention retention_;
  EarKnowledge knowledge_;
  EarTraining ears_;
  FigureGuessing guessing_;
  BlindListening blind_;
  Safety safety_;
  RequestEditor request_;
  Onward onward_;
  ShownTake shown_;
  ShownHistory history_;
  TakeRemarks remarks_;
  SoundSetup setup_;
  Listener listener_;
  TakeRun run_;
  Keeping keeping_;
  Playback playback_;
  StudioFiles files_;
  Session session_;
};

}  // namespace calando
