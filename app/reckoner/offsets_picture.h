#pragma once

#include <QTableWidget>
#include <optional>
#include <vector>

namespace calando {

/// Beside a table, row by row: how far off equal temperament its notes lie, the just ones as squares, those
/// of the natural series as rings.
class OffsetsPicture : public QWidget {
  Q_OBJECT

 public:
  struct Marks {
    std::optional<double> just_cents;
    std::optional<double> natural_cents;
  };

  explicit OffsetsPicture(const QTableWidget& table);
  /// One for each of the table's rows.
  void setMarks(std::vector<Marks> marks);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  const QTableWidget& table_;
  std::vector<Marks> marks_;
};

}  // namespace calando
