#pragma once

#include <QDialog>

#include "core/exercise/context.h"
#include "core/library/cards.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLayout;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;

namespace calando {

class CueRows;
class GrowthFields;
class PairFields;
class SheetPreview;
class TargetRows;

/// The common things of an exercise card, changed by hand, with its cues on the count as they will be played.
/// What it does not show (schools, targets of other levels) it keeps. A card that ships is never changed:
/// what becomes of it is an own card with a name of its own.
class CardEditor : public QDialog {
  Q_OBJECT

 public:
  /// `context`: instrument, asked note, level and reference that the preview is for.
  /// `own`: the card may be replaced and erased.
  /// `others`: own cards that may come after it.
  CardEditor(const Exercise& card, bool own, Context context, const std::vector<ExercisePtr>& others = {},
             QWidget* parent = nullptr);

  /// The card as it was left; valid when the dialog was accepted.
  const Exercise& card() const { return card_; }
  bool erased() const { return erased_; }
  void accept() override;

 private:
  QWidget* buildTexts();
  QWidget* buildCount();
  QWidget* buildTargets();
  QWidget* buildMore();
  QLayout* buildDrawing();
  QLayout* buildFoot();
  void fill(const Exercise& card);
  /// What the fields say now.
  tl::expected<Exercise, QString> read() const;
  void changed();
  void importCard();
  void exportCard();

  Exercise card_;
  std::string original_;  // id of the card that was opened
  bool own_;
  bool erased_ = false;
  bool filling_ = false;
  Context context_;
  QLineEdit* title_;
  QLineEdit* family_;
  QPlainTextEdit* purpose_;
  QCheckBox* counted_;
  QDoubleSpinBox* tempo_;
  QSpinBox* countIn_;
  QComboBox* display_;
  QComboBox* reference_;
  QComboBox* generator_;
  QSpinBox* generated_;
  CueRows* cues_;
  TargetRows* targets_;
  GrowthFields* growth_;
  PairFields* pair_;
  SheetPreview* preview_;
  QLabel* error_;
  QPushButton* save_;
};

}  // namespace calando
