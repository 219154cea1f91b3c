#pragma once

#include <QLayout>
#include <vector>

namespace calando {

/// Side by side where there is room for all, those that may grow sharing what is left; else on several lines,
/// in cells as wide as the widest.
class FlowLayout : public QLayout {
 public:
  explicit FlowLayout(int gap, QWidget* parent = nullptr);
  ~FlowLayout() override;

  void addItem(QLayoutItem* item) override { items_.push_back(item); }
  int count() const override { return static_cast<int>(items_.size()); }
  QLayoutItem* itemAt(int index) const override;
  QLayoutItem* takeAt(int index) override;
  Qt::Orientations expandingDirections() const override { return {}; }
  bool hasHeightForWidth() const override { return true; }
  int heightForWidth(int width) const override { return arrange(QRect(0, 0, width, 0), false); }
  QSize sizeHint() const override { return minimumSize(); }
  QSize minimumSize() const override;
  void setGeometry(const QRect& area) override;

 private:
  int arrange(const QRect& area, bool place) const;
  int gap_;
  std::vector<QLayoutItem*> items_;
};

}  // namespace calando
