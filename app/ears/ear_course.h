#pragma once

#include <QWidget>

#include "app/session/session.h"

class QLabel;

namespace calando {

class EarChart;
class Switch;

/// What is known of an ear: the smallest difference heard of one change, lately, by octave and by week, what
/// is played beside it, and how far off guesses are.
class EarCourse : public QWidget {
  Q_OBJECT

 public:
  explicit EarCourse(Session& session);
  void setChange(Change change);
  void refresh();

 private:
  QString heardText() const;
  QString guessesText() const;

  Session& session_;
  Change change_ = Change::offset;
  QLabel *heard_, *guesses_;
  EarChart* chart_;
  Switch* guessFirst_;
};

}  // namespace calando
