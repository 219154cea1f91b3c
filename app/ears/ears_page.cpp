#include "app/ears/ears_page.h"

#include <QComboBox>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>

#include "app/ears/ear_course.h"
#include "app/ears/ear_desk.h"
#include "app/parts/captioned.h"
#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/people/student_chooser.h"
#include "app/session/ears/ear_knowledge.h"
#include "app/session/ears/ear_training.h"
#include "app/style/style.h"
#include "app/words/ear_words.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr int kLeft = 250, kRight = 300;
constexpr int changeRole = Qt::UserRole, kLongestWords = 60;
using Kind = EarDesk::Sitting::Kind;

}  // namespace

EarsPage::EarsPage(const Parts& parts)
    : parts_(parts),
      chooser_(new StudentChooser(parts, QStringLiteral("ears-"))),
      list_(new QListWidget),
      own_(new QLineEdit),
      way_(new QComboBox),
      desk_(new EarDesk(parts)),
      course_(new EarCourse(parts)) {
  setFocusPolicy(Qt::StrongFocus);
  setProperty(kOwnKeys, true);
  course_->setFixedWidth(kRight);
  auto* all = tight(new QHBoxLayout(this), 5 * style::kStep);
  all->setContentsMargins(4 * style::kStep, 3 * style::kStep, 4 * style::kStep, 3 * style::kStep);
  all->addWidget(buildLeft());
  all->addWidget(desk_, 1);
  all->addWidget(course_);
  connect(&parts_.knowledge, &EarKnowledge::changed, this, &EarsPage::refreshKnown);
  connect(desk_, &EarDesk::moved, this, &EarsPage::refreshEnabled);
}

QWidget* EarsPage::buildLeft() {
  auto* box = new QWidget;
  box->setFixedWidth(kLeft);
  chooser_->setFixedHeight(style::kHead);
  fillList();
  fillWays();
  own_->setObjectName("earOwnWords");
  own_->setProperty(kFreeText, true);
  own_->setMaxLength(kLongestWords);
  connect(own_, &QLineEdit::editingFinished, this, &EarsPage::keepOwn);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(chooser_);
  layout->addWidget(captioned(tr("What is asked about"), list_), 1);
  layout->addWidget(captioned(tr("In own words"), own_));
  layout->addWidget(captioned(tr("How"), way_));
  layout->addWidget(caption(tr("Headphones are best, and set soft: no sound here is louder than another.")));
  return box;
}

void EarsPage::fillList() {
  list_->setObjectName("earChanges");
  list_->setAccessibleName(tr("What is asked about"));
  for (const ChangeRow& row : changes()) {
    auto* item = new QListWidgetItem(words::name(row.change), list_);
    item->setData(changeRole, static_cast<int>(row.change));
    item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
    item->setCheckState(Qt::Unchecked);
  }
  list_->setCurrentRow(0);
  connect(list_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
    if (filling_) return;
    parts_.knowledge.setAsked(static_cast<Change>(item->data(changeRole).toInt()),
                              item->checkState() == Qt::Checked);
  });
  connect(list_, &QListWidget::currentRowChanged, this, [this] {
    refreshOwn();
    course_->setChange(shown());
  });
}

void EarsPage::fillWays() {
  std::vector<EarDesk::Sitting> sittings{{Kind::questions, std::nullopt}};
  way_->setObjectName("earWay");
  way_->addItem(tr("whichever suits"));
  for (const auto& [name, way] : kWays) {
    way_->addItem(words::way(way));
    sittings.push_back({Kind::questions, way});
  }
  way_->addItem(tr("guess a take’s figure"));
  sittings.push_back({Kind::guess, std::nullopt});
  way_->addItem(tr("two takes, blind"));
  sittings.push_back({Kind::twoTakes, std::nullopt});
  connect(way_, &QComboBox::currentIndexChanged, this,
          [this, sittings](int row) { desk_->setSitting(sittings[static_cast<std::size_t>(row)]); });
}

void EarsPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  chooser_->refresh();
  refreshKnown();
  desk_->refresh();
  course_->setChange(shown());
  setFocus();
}

Change EarsPage::shown() const {
  return static_cast<Change>(list_->currentItem() ? list_->currentItem()->data(changeRole).toInt() : 0);
}

void EarsPage::refreshKnown() {
  refreshList();
  refreshOwn();
}

void EarsPage::refreshList() {
  if (!isVisible()) return;
  filling_ = true;
  const std::vector<Change>& asked = parts_.knowledge.asked();
  for (int row = 0; row < list_->count(); ++row) {
    QListWidgetItem* item = list_->item(row);
    const auto change = static_cast<Change>(item->data(changeRole).toInt());
    item->setCheckState(std::ranges::find(asked, change) != asked.end() ? Qt::Checked : Qt::Unchecked);
  }
  filling_ = false;
}

void EarsPage::refreshOwn() {
  if (!isVisible()) return;
  const auto& own = parts_.knowledge.ownWords();
  const auto said = own.find(shown());
  own_->setText(said == own.end() ? QString() : words::plain(said->second));
  own_->setPlaceholderText(words::said(rowOf(shown()).fault));
  own_->setEnabled(!parts_.readOnly && canBeAsked(Way::named, shown()));
}

void EarsPage::keepOwn() {
  const std::string said = own_->text().trimmed().toStdString();
  const auto& own = parts_.knowledge.ownWords();
  const auto before = own.find(shown());
  if (said != (before == own.end() ? std::string() : before->second))
    parts_.knowledge.setOwnWords(shown(), said);
}

/// While something is asked what is asked about stays, and the keys are the place's own.
void EarsPage::refreshEnabled() {
  const bool running = desk_->running();
  list_->setEnabled(!running && !parts_.readOnly);
  way_->setEnabled(!running);
  const QWidget* focus = focusWidget();
  if (running && focus && !focus->isVisible()) setFocus();
}

void EarsPage::keyPressEvent(QKeyEvent* event) {
  if (!desk_->press(event->key())) QWidget::keyPressEvent(event);
}

}  // namespace calando
