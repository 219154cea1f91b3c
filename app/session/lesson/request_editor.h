#pragma once

#include <QObject>

#include "app/session/lesson/planning.h"
#include "core/library/take_spec.h"

namespace calando {

class Clock;

/// What is wished for next, and how a take is played: what the head strip says. Fields edit it, takes show
/// theirs in it; only an edit says that something was wished otherwise.
class RequestEditor : public QObject {
  Q_OBJECT

 public:
  RequestEditor(const Clock& clock, StudentBook& book, Lesson& lesson, Planning& planning);

  /// For the student who is here and the present step.
  TakeRequest wish() const;
  TakeSpec asked() const;
  /// Changes the wish as a field says.
  void edit(const std::function<void(TakeRequest&)>& change);
  /// The next take goes faster; what is on show stays as it is.
  void hurry(double more_bpm);
  /// The wish that a take was played for: its step, too.
  void show(const TakeRequest& wish);

  /// What is heard with a counted take.
  enum class AccompanimentKind { flash, click, fork, drone, swell, partner, earlier };
  /// Those that the present card may have.
  std::vector<AccompanimentKind> supports() const;
  AccompanimentKind support() const { return support_; }
  void setSupport(AccompanimentKind support);
  /// Who plays with the student on a card for two; 0: nobody of the studio.
  std::int64_t other() const { return other_; }
  void setOther(std::int64_t student);
  /// The take ends by itself.
  bool stopsByItself() const { return stopsByItself_; }
  void setStopsByItself(bool on);
  /// The trace is hidden while the take sounds.
  bool earsFirst() const { return earsFirst_; }
  void setEarsFirst(bool on);
  /// Of the room, °C; kept with each take.
  std::optional<double> room_c() const { return room_c_; }
  void setRoom(std::optional<double> celsius);
  /// Where the microphone stands, by number; kept with each take.
  int place() const { return place_; }
  void setPlace(int place);

 signals:
  void shown();    ///< fields have to say what the wish is now
  void changed();  ///< somebody wishes something else
  void waysChanged();

 private:
  void stepChosen();
  void planChanged();
  void stepChanged();

  const Clock& clock_;
  StudentBook& book_;
  Lesson& lesson_;
  Planning& planning_;
  TakeRequest wish_;
  std::optional<double> planned_;  // what the plan asked of the step when it was last looked at
  std::string step_;               // that the ways were set for
  AccompanimentKind support_ = AccompanimentKind::flash;
  bool stopsByItself_ = true;
  bool earsFirst_ = false;
  std::optional<double> room_c_;
  int place_ = 1;
  std::int64_t other_ = 0;
};

/// What sounds with a take that is supported so. `earlierTake`: the tone of a take that is to sound again.
/// `seed`: of what a partner plays that nobody is to know.
Accompaniment accompanimentFor(RequestEditor::AccompanimentKind support, const CueSheet& sheet,
                               const Context& context, const std::shared_ptr<const HeldSound>& earlierTake,
                               std::uint32_t seed);

}  // namespace calando
