#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/engine/snapshot_ptr.h"

class QButtonGroup;
class QFrame;
class QLabel;
class QStackedWidget;

namespace calando {

struct Discipline;
class CuePage;
class FigureGroups;
class FiguresView;
class FingeringTable;
class GuessBox;
class NoteMap;
class ReachChart;
class ReflectionBar;
class WeeksChart;
class TakeView;

/// What a take is in figures: those that the card asks for, the one thing to try, all others, and what was
/// said of it.
class Readout : public QWidget {
  Q_OBJECT

 public:
  explicit Readout(const Parts& parts);

  /// The next of figures, note by note, along the range; where there are cues.
  void nextPage();
  /// Nothing of the take is to be seen yet.
  void setVeiled(bool veiled);
  void chooseCue(std::size_t cue);
  ReflectionBar& reflection() { return *reflection_; }

 signals:
  void cueChosen(std::size_t cue);

 private:
  QWidget* buildPages();
  QWidget* buildFigures();
  void refresh();
  void showPages(const SnapshotPtr& snapshot);
  void showWeeks(const Discipline& of);
  void showReach();
  void veil();
  QString attentionText() const;
  QString tuningText() const;

  const Parts& parts_;
  FiguresView* figures_;
  FigureGroups* groups_;
  QLabel* advice_;
  QLabel* why_;
  QLabel* attended_;
  QLabel* tuning_;  // what could be done to the tube
  QFrame* card_ = nullptr;
  CuePage* cues_;
  NoteMap* range_;
  WeeksChart* weeks_;
  ReachChart* reach_;
  FingeringTable* fingerings_;
  QStackedWidget* pages_;
  QButtonGroup* choice_;
  QWidget* choiceRow_;
  ReflectionBar* reflection_;
  GuessBox* guess_;
  bool veiled_ = false;
};

}  // namespace calando
