#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/ears/change.h"

class QLabel;

namespace calando {

class EarChart;
class Switch;

/// What is known of an ear: the smallest difference heard of one change, lately, by octave and by week, what
/// is played beside it, and how far off guesses are.
class EarCourse : public QWidget {
  Q_OBJECT

 public:
  explicit EarCourse(const Parts& parts);
  void setChange(Change change);
  void refresh();

 private:
  QString heardText() const;
  QString guessesText() const;

  const Parts& parts_;
  Change change_ = Change::offset;
  QLabel *heard_, *guesses_;
  EarChart* chart_;
  Switch* guessFirst_;
};

}  // namespace calando
