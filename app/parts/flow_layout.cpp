#include "app/parts/flow_layout.h"

namespace calando {

FlowLayout::FlowLayout(int gap, QWidget* parent) : QLayout(parent), gap_(gap) {
  setContentsMargins(0, 0, 0, 0);
}

FlowLayout::~FlowLayout() { qDeleteAll(items_); }

QLayoutItem* FlowLayout::itemAt(int index) const {
  return index >= 0 && index < count() ? items_[static_cast<std::size_t>(index)] : nullptr;
}

QLayoutItem* FlowLayout::takeAt(int index) {
  QLayoutItem* item = itemAt(index);
  if (item) items_.erase(items_.begin() + index);
  return item;
}

QSize FlowLayout::minimumSize() const {
  QSize size;
  for (const QLayoutItem* item : items_) size = size.expandedTo(item->minimumSize());
  return size;
}

void FlowLayout::setGeometry(const QRect& area) {
  QLayout::setGeometry(area);
  arrange(area, true);
}

namespace {
bool mayGrow(const QLayoutItem& item) { return item.maximumSize().width() > item.sizeHint().width(); }
}  // namespace

/// The height that it takes.
int FlowLayout::arrange(const QRect& area, bool place) const {
  int widest = 0, tallest = 0, together = -gap_, growing = 0;
  std::vector<QLayoutItem*> shown;
  std::ranges::copy_if(items_, std::back_inserter(shown), [](QLayoutItem* item) { return !item->isEmpty(); });
  for (const QLayoutItem* item : shown) {
    const QSize wanted = item->sizeHint();
    widest = std::max(widest, wanted.width());
    tallest = std::max(tallest, wanted.height());
    together += wanted.width() + gap_;
    growing += mayGrow(*item);
  }
  if (shown.empty()) return 0;
  const int all = static_cast<int>(shown.size());
  if (together <= area.width()) {
    const int more = growing > 0 ? (area.width() - together) / growing : 0;
    int x = area.left();
    for (QLayoutItem* item : shown) {
      const int width = item->sizeHint().width() + (mayGrow(*item) ? more : 0);
      if (place) item->setGeometry(QRect(x, area.top(), width, tallest));
      x += width + gap_;
    }
    return tallest;
  }
  const int fit = std::clamp((area.width() + gap_) / std::max(1, widest + gap_), 1, all);
  // As even as can be: four that do not fit stand two and two.
  const int lines = (all + fit - 1) / fit;
  const int each = (all + lines - 1) / lines;
  const int cell = (area.width() - (each - 1) * gap_) / each;
  for (int i = 0; place && i < all; ++i) {
    QLayoutItem& item = *shown[static_cast<std::size_t>(i)];
    item.setGeometry(QRect(area.left() + i % each * (cell + gap_), area.top() + i / each * (tallest + gap_),
                           std::min(cell, item.maximumSize().width()), tallest));
  }
  return lines * tallest + (lines - 1) * gap_;
}

}  // namespace calando
