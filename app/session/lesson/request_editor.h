#pragma once

#include <QObject>
#include <functional>
#include <memory>
#include <optional>

#include "app/session/lesson/take_options.h"
#include "core/exercise/accompaniment.h"
#include "core/library/take_spec.h"

namespace calando {

class CardDeck;
class Clock;
class Lesson;
class OpenBreaths;
class Planning;
class StudentBook;
class TakeList;
struct Context;
struct CueSheet;
struct HeldSound;

/// What is wished for next, and how a take is played: what the head strip says. Fields edit it, takes show
/// theirs in it; only an edit says that something was wished otherwise.
class RequestEditor : public QObject {
  Q_OBJECT

 public:
  RequestEditor(const Clock& clock, StudentBook& book, TakeList& takes, OpenBreaths& breaths, CardDeck& deck,
                Lesson& lesson, Planning& planning);

  /// For the student who is here and the present step.
  TakeRequest wish() const;
  TakeSpec asked() const;
  /// Changes the wish as a field says.
  void edit(const std::function<void(TakeRequest&)>& change);
  /// The next take goes faster, or asks so much: what is on show is judged as it was asked for.
  void hurry(double more_bpm);
  void askNext(Grows::What what, double value);
  /// The wish that a take was played for: its step, too.
  void show(const TakeRequest& wish);

  const TakeOptions& options() const { return options_; }
  void editOptions(const std::function<void(TakeOptions&)>& change);
  /// What may be heard with the present card.
  std::span<const AccompanimentKind> supports() const;

 signals:
  void shown();    ///< fields have to say what the wish is now
  void changed();  ///< somebody wishes something else
  void optionsChanged();

 private:
  std::optional<double> firstTempo() const;
  void stepChosen();
  void planChanged();
  void stepChanged();

  const Clock& clock_;
  StudentBook& book_;
  TakeList& takes_;
  OpenBreaths& breaths_;
  CardDeck& deck_;
  Lesson& lesson_;
  Planning& planning_;
  TakeRequest wish_;
  std::optional<std::int64_t> begun_;  // of whom there was nothing yet
  std::optional<double> planned_;      // what the plan asked of the step when it was last looked at
  std::string step_;                   // that the options were set for
  TakeOptions options_;
};

/// What sounds with a take that is supported so. `earlierTake`: the tone of a take that is to sound again.
/// `seed`: of what a partner plays that nobody is to know.
Accompaniment accompanimentFor(AccompanimentKind support, const CueSheet& sheet, const Context& context,
                               const std::shared_ptr<const HeldSound>& earlierTake, std::uint32_t seed);

}  // namespace calando
