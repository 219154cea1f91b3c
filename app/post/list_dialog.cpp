#include "app/post/list_dialog.h"

#include "app/parts/plain_dialog.h"
#include "app/parts/search_field.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/session/common/today.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/students/student_book.h"
#include "app/style/style.h"
#include "app/words/card_words.h"
#include "app/words/days.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/exercise/fit.h"
#include "core/library/cards.h"

namespace calando {

namespace {
enum Column { cardColumn, homeColumn, highestColumn, tempoColumn };
constexpr int kNarrow = 84, kWeek_days = 7;

QString noteText(const std::optional<int>& note) {
  return note ? shownNote(*note, Spelling::flats) : QString();
}
}  // namespace

ListDialog::ListDialog(const Parts& parts, HomeworkList list, std::optional<Day> due, QWidget* parent)
    : QDialog(parent),
      parts_(parts),
      title_(new QLineEdit(words::plain(list.title))),
      search_(new SearchField(tr("Search the exercises; Return adds"))),
      due_(new QDateEdit(due ? dateOf(*due) : dateOf(parts.clock).addDays(kWeek_days))),
      cards_(new QListWidget),
      items_(new QTableWidget(0, 4)) {
  setWindowTitle(tr("What is to be sent"));
  fitToScreen(*this, 960, 620);
  title_->setObjectName("listTitle");
  title_->setMaxLength(120);
  title_->setPlaceholderText(tr("A title, such as the class and the week"));
  due_->setCalendarPopup(true);
  auto* top = tight(new QHBoxLayout, 2 * style::kStep);
  top->addWidget(new QLabel(tr("Title")));
  top->addWidget(title_, 1);
  top->addWidget(new QLabel(tr("due")));
  top->addWidget(due_);
  auto* body = new QHBoxLayout;
  body->setSpacing(4 * style::kStep);
  body->addWidget(buildCards(), 2);
  body->addWidget(buildItems(), 3);
  auto* buttons = plainButtons();
  keep_ = buttons->button(QDialogButtonBox::Ok);
  if (due) {
    auto* erase = buttons->addButton(tr("Erase the list"), QDialogButtonBox::DestructiveRole);
    connect(erase, &QPushButton::clicked, this, [this] {
      erased_ = true;
      reject();
    });
  }
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  auto* layout = new QVBoxLayout(this);
  layout->setSpacing(3 * style::kStep);
  layout->addLayout(top);
  layout->addLayout(body, 1);
  layout->addWidget(buttons);
  for (const HomeworkItem& item : list.items) addRow(item);
  check();
}

QWidget* ListDialog::buildCards() {
  auto* box = new QWidget;
  search_->setObjectName("listSearch");
  cards_->setObjectName("listCards");
  cards_->setAccessibleName(tr("Exercises"));
  const auto add = [this](const Exercise& card) {
    auto* item = new QListWidgetItem(words::said(card.title));
    item->setData(Qt::UserRole, words::plain(card.id));
    item->setToolTip(words::said(card.purpose));
    if (const auto why = misfitOf(card, parts_.book.instrument())) {
      item->setText(
          tr("%1 – %2", "an exercise, why it is not to be had").arg(item->text(), words::misfit(*why)));
      item->setForeground(style::quietInk);
    }
    item->setSizeHint({0, style::kFinger});
    cards_->addItem(item);
  };
  for (const ExercisePtr& card : parts_.deck.own()) add(*card);
  for (const Exercise& card : exercises())
    if (card.asksForSound()) add(card);
  cards_->setCurrentRow(0);
  auto* put = new QPushButton(tr("Add to the list"));
  put->setObjectName("listAdd");
  const auto addCurrent = [this] {
    if (const QListWidgetItem* item = cards_->currentItem(); item && !item->isHidden())
      addCard(parts_.deck.find(item->data(Qt::UserRole).toString().toStdString()));
  };
  connect(put, &QPushButton::clicked, this, addCurrent);
  connect(cards_, &QListWidget::itemDoubleClicked, this, addCurrent);
  connect(search_, &QLineEdit::textChanged, this, &ListDialog::filter);
  connect(search_, &QLineEdit::returnPressed, this, addCurrent);
  put->setAutoDefault(false);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(search_);
  layout->addWidget(cards_, 1);
  layout->addWidget(put);
  return box;
}

QWidget* ListDialog::buildItems() {
  auto* box = new QWidget;
  items_->setObjectName("listItems");
  items_->setAccessibleName(tr("The list"));
  items_->setHorizontalHeaderLabels({tr("To be sent"), tr("from note"), tr("up to"), tr("tempo")});
  items_->setSelectionBehavior(QAbstractItemView::SelectRows);
  items_->verticalHeader()->setDefaultSectionSize(style::kFinger);
  items_->horizontalHeader()->setSectionResizeMode(cardColumn, QHeaderView::Stretch);
  for (const int column : {homeColumn, highestColumn, tempoColumn}) items_->setColumnWidth(column, kNarrow);
  auto* up = new QPushButton(tr("Up"));
  auto* down = new QPushButton(tr("Down"));
  auto* out = new QPushButton(tr("Remove"));
  for (QPushButton* button : {up, down, out}) button->setAutoDefault(false);
  connect(up, &QPushButton::clicked, this, [this] { move(-1); });
  connect(down, &QPushButton::clicked, this, [this] { move(1); });
  connect(out, &QPushButton::clicked, this, [this] {
    const int row = items_->currentRow();
    if (row < 0) return;
    items_->removeRow(row);
    rows_.erase(rows_.begin() + row);
    check();
  });
  connect(items_, &QTableWidget::cellChanged, this, &ListDialog::check);
  QLabel* hint = caption(tr("Notes as written, such as Bb4; empty: any. Up to: a row goes as far as there."));
  auto* keys = tight(new QHBoxLayout, 2 * style::kStep);
  for (QPushButton* button : {up, down, out}) keys->addWidget(button);
  keys->addStretch(1);
  auto* layout = tight(new QVBoxLayout(box), 2 * style::kStep);
  layout->addWidget(items_, 1);
  layout->addWidget(hint);
  layout->addLayout(keys);
  return box;
}

void ListDialog::filter(const QString& text) {
  QListWidgetItem* first = nullptr;
  for (int row = 0; row < cards_->count(); ++row) {
    QListWidgetItem* item = cards_->item(row);
    const bool fits = words::isFoundBy(item->text(), text);
    item->setHidden(!fits);
    if (fits && !first) first = item;
  }
  cards_->setCurrentItem(first);
}

void ListDialog::addCard(const ExercisePtr& card) {
  if (card) addRow({card});
  check();
}

void ListDialog::addRow(const HomeworkItem& item) {
  const QSignalBlocker quiet(items_);
  const int row = items_->rowCount();
  items_->insertRow(row);
  rows_.push_back(item.exercise);
  auto* title = new QTableWidgetItem(words::said(item.exercise->title));
  title->setFlags(title->flags() & ~Qt::ItemIsEditable);
  items_->setItem(row, cardColumn, title);
  items_->setItem(row, homeColumn, new QTableWidgetItem(noteText(item.home)));
  items_->setItem(row, highestColumn, new QTableWidgetItem(noteText(item.highest)));
  items_->setItem(row, tempoColumn,
                  new QTableWidgetItem(item.tempo_bpm ? QString::number(*item.tempo_bpm) : QString()));
}

void ListDialog::move(int by) {
  const int row = items_->currentRow(), to = row + by;
  if (row < 0 || to < 0 || to >= items_->rowCount()) return;
  const QSignalBlocker quiet(items_);
  for (int column = 0; column < items_->columnCount(); ++column) {
    QTableWidgetItem* here = items_->takeItem(row, column);
    items_->setItem(row, column, items_->takeItem(to, column));
    items_->setItem(to, column, here);
  }
  std::swap(rows_[static_cast<std::size_t>(row)], rows_[static_cast<std::size_t>(to)]);
  items_->setCurrentCell(to, 0);
}

/// What cannot be read is marked, and the list cannot be kept with it.
void ListDialog::check() {
  const QSignalBlocker quiet(items_);
  bool fine = items_->rowCount() > 0;
  for (int row = 0; row < items_->rowCount(); ++row)
    for (const int column : {homeColumn, highestColumn, tempoColumn}) {
      QTableWidgetItem* item = items_->item(row, column);
      const QString text = item->text().trimmed();
      bool reads = true;
      if (column == tempoColumn) {
        const double tempo = text.toDouble(&reads);
        reads = reads && tempo >= 20.0 && tempo <= 400.0;
      } else {
        reads = typedNote(text).has_value();
      }
      const bool good = text.isEmpty() || reads;
      item->setForeground(good ? style::ink : style::attention);
      item->setToolTip(good                    ? QString()
                       : column == tempoColumn ? tr("A tempo from 20 to 400")
                                               : tr("No note: write it as Bb4 or F#3"));
      fine = fine && good;
    }
  if (keep_) keep_->setEnabled(fine);
}

HomeworkList ListDialog::list() const {
  HomeworkList list{title_->text().trimmed().toStdString(), {}};
  for (int row = 0; row < items_->rowCount(); ++row) {
    const auto text = [&](int column) { return items_->item(row, column)->text().trimmed(); };
    HomeworkItem item{rows_[static_cast<std::size_t>(row)]};
    item.home = typedNote(text(homeColumn));
    item.highest = typedNote(text(highestColumn));
    if (!text(tempoColumn).isEmpty()) item.tempo_bpm = text(tempoColumn).toDouble();
    list.items.push_back(item);
  }
  return list;
}

Day ListDialog::due() const { return dayOf(due_->date()); }

}  // namespace calando
