#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/ears/question.h"

class QLabel;
class QPushButton;

namespace calando {

class GuessBox;
class HeardPicture;
class SoundCard;

/// Where an ear is asked: what is asked, what can be answered, and what was right once that is told.
class EarDesk : public QWidget {
  Q_OBJECT

 public:
  explicit EarDesk(const Parts& parts);

  /// What begins: questions, one way of asking or whichever suits; a guess; two takes, blind.
  struct Sitting {
    enum class Kind { questions, guess, twoTakes };
    Kind kind = Kind::questions;
    std::optional<Way> way;
  };
  void setSitting(Sitting sitting);
  /// A key that is one of its own.
  bool press(int key);
  /// Something is asked, or was just told.
  bool running() const;
  void refresh();

 signals:
  /// It began, went on or ended.
  void moved();

 protected:
  /// Keys of a number are the guess's, the others go on, play again or stop as everywhere here.
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  QLayout* buildKeys();
  void makeCards(int count);
  void refreshGo();
  void refreshIdle();
  void refreshQuestion();
  void refreshGuess();
  void showHeard();
  void go();
  void again();
  void stop();

  const Parts& parts_;
  Sitting sitting_;
  QLabel *question_, *told_, *about_;
  QWidget* cards_;
  std::vector<SoundCard*> cardList_;
  GuessBox* guess_;
  HeardPicture* picture_;
  QPushButton *go_, *again_, *stop_;
};

}  // namespace calando
