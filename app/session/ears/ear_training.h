#pragma once

#include <QObject>
#include <QTimer>
#include <map>

#include "app/session/common/chance.h"
#include "app/work/pending.h"
#include "core/ears/answers.h"

namespace calando {

class EarKnowledge;
class Lesson;
class Notices;
class Speaker;
class StudentBook;
class Studio;
class TakeList;

/// The student's ear: sounds made from their own tone, asked about one after the other, harder after right
/// answers and easier after wrong ones. Everything is made on a thread of its own, the next question for
/// either answer before the answer comes.
class EarTraining : public QObject {
  Q_OBJECT

 public:
  EarTraining(Studio& studio, WorkQueue& work, StudentBook& book, TakeList& takes, Lesson& lesson,
              EarKnowledge& knowledge, Notices& notices, Speaker& speaker, Seeds seeds);

  enum class Phase {
    off,
    preparing,  ///< the tone is read, or a question is not ready yet
    sounding,   ///< it is heard for the first time
    asked,      ///< an answer is waited for
    told        ///< answered: what was right is to be seen
  };
  Phase phase() const { return phase_; }
  bool running() const { return phase_ != Phase::off; }
  /// nullptr: none is asked.
  const EarQuestion* question() const { return question_ ? &*question_ : nullptr; }
  /// The choice that was made; of what was told.
  std::optional<std::size_t> chosen() const { return chosen_; }
  /// Which of the sounds is heard now.
  std::optional<std::size_t> heardNow() const;
  /// What the sounds are made of, for people.
  QString material() const { return materialText_; }
  double pitch_hz() const { return pitch_hz_; }
  int secondsLeft() const { return left_s_; }
  int right() const { return right_; }
  int answered() const { return answered_; }

  /// Five minutes, until stop(), or until all that is asked about is known to a quarter. `way` nullopt:
  /// whichever suits.
  void start(std::optional<Way> way = {});
  void stop();
  void again();
  void answer(std::size_t choice);
  void next();

 signals:
  void changed();     ///< the phase, or how long is left
  void soundMoved();  ///< another of the sounds is heard

 private:
  struct Workshop;
  struct Plan {
    Way way;
    Change change;
    double amount;
    std::vector<Change> named;
    bool operator==(const Plan&) const = default;
  };
  struct Ready {
    std::optional<Plan> plan;  ///< nullopt: nothing is left to ask
    std::optional<EarQuestion> question;
  };
  bool canAsk(Change change) const;
  std::optional<Plan> planAfter(const std::vector<EarAnswer>& answers);
  Pending prepare(const Plan& plan, std::function<void(Ready)> then);
  void prepareFirst();
  void prepareAfter(bool right);
  void show(Ready ready);
  void end();
  void play();
  EarAnswer answerOf(bool right) const;
  void setPhase(Phase phase);

  Studio& studio_;
  StudentBook& book_;
  TakeList& takes_;
  Lesson& lesson_;
  EarKnowledge& knowledge_;
  Notices& notices_;
  Speaker& speaker_;
  WorkQueue& work_;
  std::shared_ptr<Workshop> workshop_;
  /// What is being made: the tone, the question that is to be asked, or what comes after the one that is.
  Pending making_;
  Phase phase_ = Phase::off;
  std::optional<Way> way_;
  std::optional<EarQuestion> question_;
  std::optional<std::size_t> chosen_;
  std::optional<Ready> afterRight_, afterWrong_;
  std::map<Change, int> missed_;  // of this material: how often one could not be made
  QString materialText_;
  double pitch_hz_ = 440.0;
  QTimer clock_;
  int left_s_ = 0, right_ = 0, answered_ = 0;
  double played_s_ = 0.0;
  Seeds seeds_;
  Chance chance_;
};

/// Between two sounds of a question.
inline constexpr double kBetween_s = 0.5;

}  // namespace calando
