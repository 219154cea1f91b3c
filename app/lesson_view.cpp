#include "app/lesson_view.h"

#include <set>

#include "app/note_names.h"
#include "app/style.h"
#include "core/exercise/lesson.h"

namespace calando {

namespace {

constexpr int kRowHeight = 30;  // of the list of cards

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

ExercisePtr LessonView::find(const std::string& exercise) const {
  const auto own = std::ranges::find(own_, exercise, &Exercise::id);
  return own == own_.end() ? findExercise(exercise) : std::make_shared<Exercise>(*own);
}

bool LessonView::isOwn(const std::string& exercise) const {
  return std::ranges::find(own_, exercise, &Exercise::id) != own_.end();
}

void LessonView::setOwnCards(std::vector<Exercise> cards) {
  own_ = std::move(cards);
  const int row = list_->currentRow();
  setOrder(order_);
  list_->setCurrentRow(std::clamp(row, 0, list_->count() - 1));
}

void LessonView::setOrder(std::vector<std::string> exercises) {
  std::erase_if(exercises, [this](const std::string& id) { return !find(id); });
  if (exercises.empty()) exercises = {"steady-tone"};
  order_ = std::move(exercises);
  int matching = 0;
  for (std::size_t i = 0; i < lessonTemplates().size(); ++i)
    if (lessonTemplates()[i].exercises == order_) matching = static_cast<int>(i) + 1;
  templates_->setCurrentIndex(matching);
  fill();
}

void LessonView::setResults(std::map<std::string, Standing> results) {
  results_ = std::move(results);
  fill();
}

void LessonView::fill() {
  const QSignalBlocker quiet(list_);
  const int row = std::max(0, list_->currentRow());
  list_->clear();
  for (const std::string& id : order_) {
    const auto card = find(id);
    const Exercise& e = *card;
    const auto found = results_.find(id);
    const Standing result = found == results_.end() ? Standing{} : found->second;
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

ExercisePtr LessonView::current() const {
  const auto row = static_cast<std::size_t>(std::max(0, list_->currentRow()));
  return find(order_[std::min(row, order_.size() - 1)]);
}

void LessonView::show(const std::string& exercise) {
  const auto found = std::ranges::find(order_, exercise);
  const auto row = found - order_.begin();
  if (found == order_.end()) {
    if (!find(exercise)) return;
    order_.push_back(exercise);
    fill();
  }
  const QSignalBlocker quiet(list_);
  list_->setCurrentRow(static_cast<int>(row));
}

void LessonView::choose(const std::string& exercise) {
  const std::size_t before = order_.size();
  show(exercise);
  if (order_.size() != before) emit orderChanged();
  emit chosen();
}

void LessonView::next() { list_->setCurrentRow((list_->currentRow() + 1) % list_->count()); }

/// A list of all cards, those of the lesson first and ticked; they are dragged into order.
void LessonView::edit() {
  QDialog dialog(this);
  dialog.setWindowTitle(tr("The lesson’s steps"));
  dialog.resize(520, 600);
  auto* cards = new QListWidget;
  cards->setObjectName("orderCards");
  cards->setAccessibleName(tr("Exercises; ticked ones are in the lesson"));
  cards->setDragDropMode(QAbstractItemView::InternalMove);
  const auto add = [this, cards](const Exercise& e, bool in) {
    const QString kind = isOwn(e.id) ? tr("own card") : QString::fromStdString(e.family);
    auto* item = new QListWidgetItem(titleOf(e) + QStringLiteral("   ·   ") + kind);
    item->setData(Qt::UserRole, QString::fromStdString(e.id));
    item->setCheckState(in ? Qt::Checked : Qt::Unchecked);
    item->setToolTip(QString::fromStdString(e.purpose));
    item->setSizeHint({0, kRowHeight});
    cards->addItem(item);
  };
  for (const std::string& id : order_) add(*find(id), true);
  for (const std::vector<Exercise>* list : {&std::as_const(own_), &exercises()})
    for (const Exercise& e : *list)
      if (std::ranges::find(order_, e.id) == order_.end()) add(e, false);
  cards->setCurrentRow(std::max(0, list_->currentRow()));
  auto* row = new QHBoxLayout;
  for (const auto& [text, by] : {std::pair{tr("Up"), -1}, std::pair{tr("Down"), 1}}) {
    auto* button = new QPushButton(text);
    connect(button, &QPushButton::clicked, cards, [cards, by = by] {
      const int from = cards->currentRow();
      const int to = from + by;
      if (from < 0 || to < 0 || to >= cards->count()) return;
      cards->insertItem(to, cards->takeItem(from));
      cards->setCurrentRow(to);
    });
    row->addWidget(button);
  }
  auto* card = new QPushButton(tr("Card…"));
  card->setObjectName("editCard");
  card->setToolTip(tr("Look at the chosen card, change an own one, or make an own one of it"));
  row->addStretch();
  row->addWidget(card);
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
  connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
  QString wantedCard;
  connect(card, &QPushButton::clicked, &dialog, [&] {
    if (cards->currentItem()) wantedCard = cards->currentItem()->data(Qt::UserRole).toString();
    dialog.accept();
  });
  auto* layout = new QVBoxLayout(&dialog);
  layout->addWidget(new QLabel(tr("Tick what belongs to the lesson; drag, or move with Up and Down.")));
  layout->addWidget(cards, 1);
  layout->addLayout(row);
  auto* school = new QComboBox;
  school->setObjectName("school");
  school->addItem(tr("both, where they differ"), QString());
  std::set<std::string> schools;
  for (const Exercise& e : exercises())
    for (const auto& [name, text] : e.schools) schools.insert(name);
  for (const std::string& name : schools)
    school->addItem(tr("“%1”").arg(QString::fromStdString(name)), QString::fromStdString(name));
  school->setCurrentIndex(std::max(0, school->findData(school_)));
  auto* words = new QFormLayout;
  words->addRow(tr("In the words of the school"), school);
  auto* names = new QComboBox;
  names->setObjectName("noteNames");
  for (const auto& [text, language] : {std::pair{tr("C D E F G A B♭ B"), NoteLanguage::english},
                                       {tr("C D E F G A B H"), NoteLanguage::german},
                                       {tr("Do Ré Mi Fa Sol La Si♭ Si"), NoteLanguage::fixedDo}})
    names->addItem(text, static_cast<int>(language));
  names->setCurrentIndex(names->findData(static_cast<int>(noteLanguage())));
  words->addRow(tr("Names of the notes"), names);
  layout->addLayout(words);
  layout->addWidget(buttons);
  if (dialog.exec() != QDialog::Accepted) return;
  if (school->currentData().toString() != school_) {
    school_ = school->currentData().toString();
    emit schoolChosen(school_);
  }
  if (const auto language = static_cast<NoteLanguage>(names->currentData().toInt());
      language != noteLanguage())
    emit noteLanguageChosen(language);
  std::vector<std::string> wanted;
  for (int i = 0; i < cards->count(); ++i)
    if (cards->item(i)->checkState() == Qt::Checked)
      wanted.push_back(cards->item(i)->data(Qt::UserRole).toString().toStdString());
  if (wanted != order_) {
    setOrder(std::move(wanted));
    emit orderChanged();
    emit chosen();
  }
  if (!wantedCard.isEmpty()) emit cardWanted(wantedCard);
}

}  // namespace calando
