#pragma once

#include <QWidget>

#include "app/reckoner/reckon_row.h"
#include "app/session/parts.h"

class QButtonGroup;
class QComboBox;
class QDoubleSpinBox;
class QTableWidget;

namespace calando {

class OffsetsPicture;

/// The arithmetic of the trade on one page: what all lines share at the top, as the lesson has it; a line for
/// each two quantities, those of one topic together; the degrees of a scale and the partials of a tube beside
/// them, to be heard. Where there is little room, one topic at a time.
class ReckonerPage : public QWidget {
  Q_OBJECT

 public:
  explicit ReckonerPage(const Parts& parts);
  /// The note, the tempo and the tuning that stand here become the lesson's.
  void takeIntoLesson();

 signals:
  void taken();

 protected:
  void showEvent(QShowEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  QWidget* buildGivens();
  QWidget* buildLines();
  QWidget* buildTables();
  QWidget* buildTopics();
  void arrange();
  void readLesson();
  void instrumentChosen();
  void changed();
  void fillDegrees();
  void fillPartials();
  void hear(double hz);
  Spelling spelling() const;

  const Parts& parts_;
  Givens givens_;
  QComboBox *instrument_ = nullptr, *tube_ = nullptr;
  QLineEdit* note_ = nullptr;
  QDoubleSpinBox *tempo_ = nullptr, *bar_ = nullptr, *a4_ = nullptr, *air_ = nullptr;
  std::vector<ReckonRow*> rows_;
  std::vector<QWidget*> wholeOnly_;  ///< names of topics, and the rules between them
  QButtonGroup* topics_ = nullptr;   ///< by number of kTopics
  QWidget* chooser_ = nullptr;
  QTableWidget *degrees_ = nullptr, *partials_ = nullptr;
  OffsetsPicture *degreesPicture_ = nullptr, *partialsPicture_ = nullptr;
  QWidget* legend_ = nullptr;
  QLabel *degreesTitle_ = nullptr, *partialsTitle_ = nullptr;
  bool filling_ = false;
};

}  // namespace calando
