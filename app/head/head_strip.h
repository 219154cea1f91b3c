#pragma once

#include <QWidget>

#include "app/session/parts.h"
#include "core/theory/pitch.h"

class QComboBox;
class QDoubleSpinBox;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QSpinBox;
class QToolButton;

namespace calando {

struct Instrument;
class GoBox;
class StaffView;
class StudentChooser;
class Switch;
class TubeField;

/// Who plays and what is asked for: only the fields that the present card has, and the one big button.
class HeadStrip : public QWidget {
  Q_OBJECT

 public:
  explicit HeadStrip(const Parts& parts);
  StudentChooser& chooser() { return *chooser_; }
  /// Names of notes are written otherwise now.
  void renameNotes();

  /// Nobody is here: there is nothing to ask for.
  void setEmpty(bool empty);

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  QWidget* buildFields();
  QWidget* buildTuning();
  QWidget* buildRoom();
  QWidget* buildWays();
  QWidget* captioned(const QString& caption, QWidget* field);
  void connectFields();
  void typedNote();
  void makeRoom();
  void setRows(int rows);
  void refresh();
  void showWays();
  void fillSupports();
  void allow();
  QString tuningText() const;
  const Instrument* instrument() const;

  const Parts& parts_;
  StudentChooser* chooser_;
  StaffView* staff_;
  QLabel* title_;
  QWidget* fields_ = nullptr;
  bool empty_ = false;
  QHBoxLayout* firstRow_ = nullptr;
  QHBoxLayout* secondRow_ = nullptr;  // of the fields, where a language needs it
  QWidget* ways_ = nullptr;
  QLineEdit* note_;
  std::optional<int> typedNote_;
  std::optional<Spelling> typed_;
  TubeField* fingering_;
  QDoubleSpinBox* seconds_;
  QDoubleSpinBox* tempo_;
  QSpinBox* most_;
  QComboBox* support_;
  QComboBox* level_;
  QDoubleSpinBox* a4_ = nullptr;
  QComboBox* temperament_ = nullptr;
  QLabel* cardTuning_ = nullptr;
  QToolButton* tuning_ = nullptr;
  Switch* autoStop_;
  Switch* earsFirst_;
  QToolButton* room_ = nullptr;
  QDoubleSpinBox* roomTemperature_ = nullptr;
  GoBox* go_;
};

}  // namespace calando
