#pragma once

#include <QWidget>

#include "app/reckoner/reckon_row.h"
#include "app/session/parts.h"

class QComboBox;
class QDoubleSpinBox;
class QTableWidget;

namespace calando {

class OffsetsPicture;

/// The arithmetic of the trade on one page: what all lines share at the top, as the lesson has it; a line for
/// each two quantities; the degrees of a scale and the partials of a tube beside them, to be heard.
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
  QDoubleSpinBox *tempo_ = nullptr, *a4_ = nullptr, *air_ = nullptr;
  std::vector<ReckonRow*> rows_;
  QTableWidget *degrees_ = nullptr, *partials_ = nullptr;
  OffsetsPicture *degreesPicture_ = nullptr, *partialsPicture_ = nullptr;
  QWidget* legend_ = nullptr;
  QLabel *degreesTitle_ = nullptr, *partialsTitle_ = nullptr;
  bool filling_ = false;
};

}  // namespace calando
