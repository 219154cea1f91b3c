#pragma once

#include <QWidget>

#include "app/session/parts.h"

class QAction;
class QActionGroup;
class QLabel;
class QMenu;
class QProgressBar;

namespace calando {

struct InputState;
class MenuField;

/// Who plays, on one line with its level; what is wanted seldom is in its menu.
class SourceBox : public QWidget {
  Q_OBJECT

 public:
  SourceBox(const Parts& parts, QAction* mirror);
  /// Opens the question.
  void askWhetherHeard();

 signals:
  void filesWanted();

 private:
  void choose(const QString& kind, const QVariant& data);
  void fill();
  void refresh();
  void fillOthers();
  void showQuiet();
  void showInput(const InputState& state);
  QString whoPlays() const;
  QString timing() const;

  const Parts& parts_;
  MenuField* plays_;
  QActionGroup &source_, &player_, &other_;  // the other who plays, on a card for two
  QMenu *players_, *others_;
  QAction *calibrate_, *open_, *heard_, *mirror_;
  QProgressBar* meter_;
  QLabel* remark_;
};

}  // namespace calando
