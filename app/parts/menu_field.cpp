#include "app/parts/menu_field.h"

#include "app/style/style.h"

namespace calando {

namespace {
constexpr int kBeside = 38;  // blanks, padding and arrow
constexpr int kLeast = 60;
}  // namespace

MenuField::MenuField(const QString& name) {
  setMenu(new QMenu(this));
  menu()->setToolTipsVisible(true);
  setAccessibleName(name);
  setProperty("chooses", true);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QActionGroup& MenuField::group(const char* kind) {
  auto* group = new QActionGroup(this);
  group->setObjectName(kind);
  connect(group, &QActionGroup::triggered, this,
          [this, group](QAction* action) { emit chosen(group->objectName(), action->data()); });
  return *group;
}

QAction* MenuField::offer(QActionGroup& group, const QString& text, const QVariant& data, QMenu* into) {
  // A name may be anything; an & in it is no key.
  auto* action = new QAction(QString(text).replace('&', "&&"), &group);
  action->setData(data);
  action->setCheckable(true);
  group.addAction(action);
  (into ? into : menu())->addAction(action);
  return action;
}

void MenuField::say(const QString& text) {
  said_ = text;
  setAccessibleDescription(text);
  elide();
}

QSize MenuField::sizeHint() const {
  return {std::max(kLeast, fontMetrics().horizontalAdvance(said_) + kBeside), style::kFinger};
}

QSize MenuField::minimumSizeHint() const { return {kLeast, style::kFinger}; }

void MenuField::resizeEvent(QResizeEvent* event) {
  QPushButton::resizeEvent(event);
  elide();
}

void MenuField::elide() {
  const QString shown = fontMetrics().elidedText(said_, Qt::ElideRight, width() - kBeside);
  setText(QStringLiteral("  ") + QString(shown).replace('&', "&&"));
  setToolTip(shown == said_ ? QString() : said_);
}

QAction* choiceOf(const QActionGroup& group, const QVariant& data) {
  for (QAction* action : group.actions())
    if (action->data() == data) return action;
  return nullptr;
}

}  // namespace calando
