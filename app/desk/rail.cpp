#include "app/desk/rail.h"

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/style/style.h"

namespace calando {

namespace {

constexpr int kWidth = 76, kHeight = 48;

/// A word; the chosen one lies on the paper, with a stroke before it.
class PlaceButton : public QAbstractButton {
 public:
  explicit PlaceButton(const QString& name) {
    setText(name);
    setCheckable(true);
    const int words = QFontMetrics(style::work(style::kType, true)).horizontalAdvance(name);
    setMinimumWidth(std::max(kWidth, words + 4 * style::kStep));
    setFixedHeight(kHeight);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    if (isChecked()) {
      painter.fillRect(rect(), style::paper);
      painter.fillRect(QRect(0, 0, 3, height()), style::attention);
    }
    painter.setFont(style::work(style::kType, isChecked()));
    painter.setPen(isChecked() ? style::ink : style::quietInk);
    painter.drawText(rect(), Qt::AlignCenter, text());
    if (!hasFocus()) return;
    painter.setPen(QPen(style::pitch, 1.4));
    painter.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
  }
};

}  // namespace

Rail::Rail(const std::vector<Place>& places) : group_(new QButtonGroup(this)) {
  setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Expanding);
  auto* layout = tight(new QVBoxLayout(this), 0);
  bool foot = false;
  for (const Place& place : places) {
    if (place.atFoot && !foot) layout->addStretch();
    foot = foot || place.atFoot;
    auto* button = new PlaceButton(place.name);
    button->setToolTip(tipOf(place.command));
    group_->addButton(button, static_cast<int>(group_->buttons().size()));
    layout->addWidget(button);
  }
  if (!foot) layout->addStretch();
  group_->button(0)->setChecked(true);
  connect(group_, &QButtonGroup::idClicked, this, &Rail::chosen);
}

void Rail::choose(int place) {
  group_->button(place)->setChecked(true);
  emit chosen(place);
}

void Rail::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), style::band);
}

}  // namespace calando
