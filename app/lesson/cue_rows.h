#pragma once

#include <QWidget>
#include <tl/expected.hpp>

#include "app/lesson/sheet_preview.h"

class QComboBox;
class QTableWidget;

namespace calando {

/// The cues of a card as rows that are changed by hand. What is drawn of them is kept here and drawn
/// elsewhere.
class CueRows : public QWidget {
  Q_OBJECT

 public:
  CueRows();
  void setCues(const std::vector<Cue>& cues);
  /// What a new cue is like where the card is counted.
  void setCounted(bool counted) { counted_ = counted; }
  std::size_t size() const { return cues_.size(); }
  /// Of a card for two each cue says who sounds in it.
  void setForTwo(bool two);
  void setShape(std::size_t cue, SheetPreview::Drawn what, const Shape& shape);
  /// The error names the cue.
  tl::expected<std::vector<Cue>, Problem> read() const;

 signals:
  void changed();

 private:
  void addRow(const Cue& cue);
  template <class T>
  QComboBox* choice(std::initializer_list<std::pair<QString, T>> values, T chosen);
  QComboBox* noteField(const CueNote& note);
  QWidget* cell(int row, int column) const;

  QTableWidget* table_;
  std::vector<Cue> cues_;  // for each row, what it does not show
  bool counted_ = false;
};

}  // namespace calando
