#pragma once

#include <QScrollArea>

namespace calando {

/// Its content has all of it, and how high that would like to be for its width is its own affair.
class Whole : public QWidget {
 public:
  Whole(QWidget* content, const QSize& least) : content_(content) {
    content_->setParent(this);
    setMinimumSize(least);
  }

 protected:
  void resizeEvent(QResizeEvent*) override { content_->setGeometry(rect()); }

 private:
  QWidget* content_;
};

/// Scrolls where there is less room than `least`: nothing is out of reach.
inline QScrollArea* scrolledBelow(const QSize& least, QWidget* content) {
  auto* area = new QScrollArea;
  area->setObjectName("folded");
  area->setWidget(new Whole(content, least));
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setFocusPolicy(Qt::NoFocus);
  return area;
}

}  // namespace calando
