#include "app/lesson/order_dialog.h"

#include "app/lesson/sheet_preview.h"
#include "app/parts/plain_dialog.h"
#include "app/parts/search_field.h"
#include "app/parts/tight.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/request_editor.h"
#include "app/session/lesson/running_order.h"
#include "app/session/students/student_book.h"
#include "app/style/style.h"
#include "app/words/card_words.h"
#include "app/words/words.h"
#include "core/base/plain_text.h"
#include "core/exercise/fit.h"
#include "core/library/cards.h"
#include "records/tables/order_table.h"

namespace calando {

namespace {
constexpr int kRowHeight = 30;
}

OrderDialog::OrderDialog(const Parts& parts, QWidget* parent)
    : QDialog(parent),
      parts_(parts),
      search_(new SearchField(tr("Search: a title, a part of the lesson, a word"))),
      name_(new QLineEdit),
      cards_(new QListWidget),
      title_(new QLabel),
      text_(new QLabel),
      preview_(new SheetPreview) {
  setWindowTitle(tr("All exercises, and the lesson’s"));
  fitToScreen(*this, 880, 620);
  search_->setObjectName("cardSearch");
  cards_->setObjectName("orderCards");
  cards_->setAccessibleName(tr("Exercises; ticked ones are in the lesson"));
  cards_->setDragDropMode(QAbstractItemView::InternalMove);
  const RunningOrder& present = parts_.order;
  const CardDeck& deck = parts_.deck;
  addHead(tr("in the lesson"));
  for (const std::string& id : present.steps())
    if (const ExercisePtr card = deck.find(id)) addCard(*card, true);
  const auto isStep = [&](const std::string& id) {
    return std::ranges::find(present.steps(), id) != present.steps().end();
  };
  std::map<QString, std::vector<const Exercise*>> groups;  // by part of the lesson, in the cards' order
  QStringList sorted;
  const auto sort = [&](const Exercise& card) {
    if (isStep(card.id)) return;
    const QString part = deck.isOwn(card.id) ? tr("own exercises") : words::said(card.family);
    if (!sorted.contains(part)) sorted << part;
    groups[part].push_back(&card);
  };
  for (const ExercisePtr& card : deck.own()) sort(*card);
  for (const Exercise& card : exercises()) sort(card);
  for (const QString& part : sorted) {
    addHead(part);
    for (const Exercise* card : groups[part]) addCard(*card, false);
  }
  constexpr int kLongestName = 60;
  const OwnOrder* own = present.presentOwn();
  name_->setObjectName("orderName");
  name_->setAccessibleName(tr("What this order is called"));
  name_->setMaxLength(kLongestName);
  name_->setText(own ? words::plain(own->name) : QString());
  name_->setPlaceholderText(words::plain(present.freeName()));
  auto* naming = tight(new QHBoxLayout, 2 * style::kStep);
  naming->addWidget(new QLabel(tr("Called")));
  naming->addWidget(name_, 1);
  auto* hint = new QLabel(tr("Tick what belongs to the lesson; drag, or move with Up and Down."));
  hint->setObjectName("caption");
  auto* left = new QVBoxLayout;
  left->setSpacing(2 * style::kStep);
  left->addWidget(search_);
  left->addWidget(cards_, 1);
  left->addWidget(hint);
  left->addLayout(naming);
  auto* body = new QHBoxLayout;
  body->setSpacing(4 * style::kStep);
  body->addLayout(left, 1);
  body->addWidget(buildCard(), 1);
  auto* buttons = plainButtons();
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  auto* layout = new QVBoxLayout(this);
  layout->setSpacing(3 * style::kStep);
  layout->addLayout(body, 1);
  layout->addWidget(buttons);
  connect(search_, &QLineEdit::textChanged, this, &OrderDialog::filter);
  connect(search_, &QLineEdit::returnPressed, cards_, qOverload<>(&QWidget::setFocus));
  connect(cards_, &QListWidget::currentRowChanged, this, &OrderDialog::showCard);
  cards_->setCurrentRow(static_cast<int>(parts_.lesson.currentRow().value_or(0)) + 1);
}

void OrderDialog::addHead(const QString& text) {
  auto* item = new QListWidgetItem(text);
  item->setFlags(Qt::NoItemFlags);
  item->setForeground(style::quietInk);
  item->setSizeHint({0, kRowHeight - 4});
  cards_->addItem(item);
}

void OrderDialog::addCard(const Exercise& card, bool in) {
  auto* item = new QListWidgetItem(words::said(card.title));
  item->setData(Qt::UserRole, words::plain(card.id));
  item->setToolTip(words::said(card.family) + QStringLiteral("\n") + words::said(card.purpose));
  if (const auto why = misfitOf(card, parts_.book.instrument())) {
    item->setText(
        tr("%1 – %2", "an exercise, why it is not to be had").arg(item->text(), words::misfit(*why)));
    item->setForeground(style::quietInk);
    item->setToolTip(item->toolTip() + QStringLiteral("\n") + words::misfit(*why));
  } else {
    item->setCheckState(in ? Qt::Checked : Qt::Unchecked);
  }
  item->setSizeHint({0, kRowHeight});
  cards_->addItem(item);
}

QWidget* OrderDialog::buildCard() {
  title_->setObjectName("title");
  title_->setWordWrap(true);
  text_->setWordWrap(true);
  text_->setAlignment(Qt::AlignTop);
  auto* row = new QHBoxLayout;
  row->setSpacing(2 * style::kStep);
  for (const auto& [words, by] : {std::pair{tr("Up"), -1}, std::pair{tr("Down"), 1}}) {
    auto* button = new QPushButton(words);
    button->setAutoDefault(false);
    connect(button, &QPushButton::clicked, this, [this, by = by] { move(by); });
    row->addWidget(button);
  }
  auto* change = new QPushButton(tr("Change…"));
  change->setObjectName("editCard");
  change->setAutoDefault(false);
  change->setToolTip(tr("Look at the chosen exercise, change an own one, or make an own one of it"));
  connect(change, &QPushButton::clicked, this, [this] {
    if (cards_->currentItem()) wanted_ = cards_->currentItem()->data(Qt::UserRole).toString().toStdString();
    accept();
  });
  row->addStretch();
  row->addWidget(change);
  auto* box = new QWidget;
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(title_);
  layout->addWidget(preview_);
  layout->addWidget(text_, 1);
  layout->addLayout(row);
  return box;
}

/// What fits; the first of it is shown.
void OrderDialog::filter(const QString& text) {
  int first = -1;
  for (int row = 0; row < cards_->count(); ++row) {
    const QListWidgetItem* item = cards_->item(row);
    const bool head = !item->data(Qt::UserRole).isValid();
    const bool fits = words::isFoundBy(item->text() + " " + item->toolTip(), text);
    cards_->setRowHidden(row, !text.isEmpty() && (head || !fits));
    if (fits && !head && !text.isEmpty() && first < 0) first = row;
  }
  if (first >= 0) cards_->setCurrentRow(first);
}

void OrderDialog::showCard() {
  const QListWidgetItem* item = cards_->currentItem();
  const ExercisePtr card =
      item ? parts_.deck.find(item->data(Qt::UserRole).toString().toStdString()) : nullptr;
  if (!card) return;
  title_->setText(words::said(card->title));
  QStringList text{words::said(card->purpose)};
  const Instrument* instrument = parts_.book.instrument();
  if (const auto why = misfitOf(*card, instrument)) text.prepend(words::misfit(*why));
  text << words::cautions(*card, instrument);
  text_->setText(text.join(QStringLiteral("\n\n")));
  TakeSpec asked = parts_.request.asked();
  asked.exercise = card->id;
  asked.card = parts_.deck.isOwn(card->id) ? toText(*card) : std::string();
  asked.tempo_bpm.reset();
  const Context context = contextFor(asked);
  preview_->setSheet(unroll(context), context);
}

void OrderDialog::move(int by) {
  const int from = cards_->currentRow(), to = from + by;
  if (from < 0 || to < 0 || to >= cards_->count()) return;
  cards_->insertItem(to, cards_->takeItem(from));
  cards_->setCurrentRow(to);
}

std::string OrderDialog::name() const { return visibleLine(name_->text().toStdString()); }

std::vector<std::string> OrderDialog::order() const {
  std::vector<std::string> wanted;
  for (int i = 0; i < cards_->count(); ++i)
    if (cards_->item(i)->checkState() == Qt::Checked && cards_->item(i)->data(Qt::UserRole).isValid())
      wanted.push_back(cards_->item(i)->data(Qt::UserRole).toString().toStdString());
  return wanted;
}

}  // namespace calando
