#include "app/lesson_view.h"

#include "app/style.h"
#include "core/exercise/lesson.h"

namespace calando {

namespace {

QString titleOf(const Exercise& e) { return QString::fromStdString(e.title); }

}  // namespace

LessonView::LessonView(QWidget* parent) : QWidget(parent), templates_(new QComboBox), list_(new QListWidget) {
  templates_->setObjectName("lessonTemplate");
  templates_->setAccessibleName(tr("Running order to start from"));
  templates_->setToolTip(tr("A running order to start from; Order… changes it step by step."));
  templates_->addItem(tr("Own order"));
  for (const LessonTemplate& lesson : lessonTemplates())
    templates_->addItem(QString::fromStdString(lesson.label), QString::fromStdString(lesson.id));
  templates_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
  auto* edit = new QPushButton(tr("Order…"));
  edit->setObjectName("editOrder");
  edit->setToolTip(tr("Choose the lesson’s steps and their order"));
  list_->setObjectName("lesson");
  list_->setAccessibleName(tr("Running order of the lesson"));
  list_->setIconSize({14, 14});
  list_->setTextElideMode(Qt::ElideRight);
  list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  auto* head = new QHBoxLayout;
  head->setSpacing(4);
  head->addWidget(templates_, 1);
  head->addWidget(edit);
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(4);
  layout->addLayout(head);
  layout->addWidget(list_, 1);
  connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
    if (row >= 0) emit chosen();
  });
  connect(edit, &QPushButton::clicked, this, &LessonView::edit);
  connect(templates_, &QComboBox::activated, this, [this](int index) {
    if (index == 0) return;
    setOrder(lessonTemplates()[static_cast<std::size_t>(index - 1)].exercises);
    emit orderChanged();
    emit chosen();
  });
  setOrder(lessonTemplates().front().exercises);
}

void LessonView::setOrder(std::vector<std::string> exercises) {
  std::erase_if(exercises, [](const std::string& id) { return !findExercise(id); });
  if (exercises.empty()) exercises = {"steady-tone"};
  order_ = std::move(exercises);
  int matching = 0;
  for (std::size_t i = 0; i < lessonTemplates().size(); ++i)
    if (lessonTemplates()[i].exercises == order_) matching = static_cast<int>(i) + 1;
  templates_->setCurrentIndex(matching);
  fill();
}

void LessonView::setResults(std::map<std::string, StepResult> results) {
  results_ = std::move(results);
  fill();
}

void LessonView::fill() {
  const QSignalBlocker quiet(list_);
  const int row = std::max(0, list_->currentRow());
  list_->clear();
  for (const std::string& id : order_) {
    const Exercise& e = *findExercise(id);
    const auto found = results_.find(id);
    const StepResult result = found == results_.end() ? StepResult{} : found->second;
    auto* item =
        new QListWidgetItem(result.tries > 0 ? style::verdictIcon(result.last) : style::noIcon(), titleOf(e));
    QString standing = tr("Not tried yet.");
    if (result.tries > 0)
      standing = tr("Last: %1. %2 good of the last %3; the next step opens at %4 of %5.")
                     .arg(style::verdictWord(result.last))
                     .arg(result.good)
                     .arg(result.tries)
                     .arg(e.good)
                     .arg(e.of);
    QFont font = style::work(9.5, result.good >= e.good);
    item->setFont(font);
    item->setToolTip(titleOf(e) + "\n" + QString::fromStdString(e.purpose) + "\n" + standing);
    list_->addItem(item);
  }
  list_->setCurrentRow(std::min(row, list_->count() - 1));
}

const Exercise* LessonView::current() const {
  const auto row = static_cast<std::size_t>(std::max(0, list_->currentRow()));
  return findExercise(order_[std::min(row, order_.size() - 1)]);
}

void LessonView::show(const std::string& exercise) {
  const auto found = std::ranges::find(order_, exercise);
  const auto row = found - order_.begin();
  if (found == order_.end()) {
    if (!findExercise(exercise)) return;
    order_.push_back(exercise);
    fill();
  }
  const QSignalBlocker quiet(list_);
  list_->setCurrentRow(static_cast<int>(row));
}

void LessonView::next() { list_->setCurrentRow((list_->currentRow() + 1) % list_->count()); }

/// A list of all cards, those of the lesson first and ticked; they are dragged into order.
void LessonView::edit() {
  QDialog dialog(this);
  dialog.setWindowTitle(tr("The lesson’s steps"));
  dialog.resize(460, 560);
  auto* cards = new QListWidget;
  cards->setObjectName("orderCards");
  cards->setAccessibleName(tr("Exercises; ticked ones are in the lesson"));
  cards->setDragDropMode(QAbstractItemView::InternalMove);
  const auto add = [cards](const Exercise& e, bool in) {
    auto* item =
        new QListWidgetItem(titleOf(e) + QStringLiteral("   ·   ") + QString::fromStdString(e.family));
    item->setData(Qt::UserRole, QString::fromStdString(e.id));
    item->setCheckState(in ? Qt::Checked : Qt::Unchecked);
    item->setToolTip(QString::fromStdString(e.purpose));
    cards->addItem(item);
  };
  for (const std::string& id : order_) add(*findExercise(id), true);
  for (const Exercise& e : exercises())
    if (std::ranges::find(order_, e.id) == order_.end()) add(e, false);
  auto* move = new QHBoxLayout;
  for (const auto& [text, by] : {std::pair{tr("Up"), -1}, std::pair{tr("Down"), 1}}) {
    auto* button = new QPushButton(text);
    connect(button, &QPushButton::clicked, cards, [cards, by = by] {
      const int row = cards->currentRow();
      const int to = row + by;
      if (row < 0 || to < 0 || to >= cards->count()) return;
      cards->insertItem(to, cards->takeItem(row));
      cards->setCurrentRow(to);
    });
    move->addWidget(button);
  }
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
  connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
  auto* layout = new QVBoxLayout(&dialog);
  auto* hint = new QLabel(tr("Tick what belongs to the lesson; drag, or move with Up and Down."));
  layout->addWidget(hint);
  layout->addWidget(cards, 1);
  layout->addLayout(move);
  layout->addWidget(buttons);
  if (dialog.exec() != QDialog::Accepted) return;
  std::vector<std::string> wanted;
  for (int i = 0; i < cards->count(); ++i)
    if (cards->item(i)->checkState() == Qt::Checked)
      wanted.push_back(cards->item(i)->data(Qt::UserRole).toString().toStdString());
  setOrder(std::move(wanted));
  emit orderChanged();
  emit chosen();
}

}  // namespace calando
