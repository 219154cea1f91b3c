#include "app/post/post_page.h"

#include "app/parts/commands.h"
#include "app/parts/menu_field.h"
#include "app/parts/switch.h"
#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/post/list_dialog.h"
#include "app/post/sent_card.h"
#include "app/post/sent_strip.h"
#include "app/session/common/undo.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/homework/marked.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/playback.h"
#include "app/session/students/student_book.h"
#include "app/sound/speaker.h"
#include "app/style/style.h"
#include "app/words/days.h"
#include "app/words/plan_words.h"
#include "app/words/post_words.h"
#include "app/words/words.h"
#include "core/exercise/exercise.h"
#include "core/homework/listening.h"
#include "core/judging/judging.h"
#include "records/tables/homework_table.h"

namespace calando {

namespace {

constexpr int kCard = 420, kStrip = 210, kRow = 34, kItem = 150, kLeastItem = 56, kListen = 150;
constexpr std::size_t kFirst = 3;

}  // namespace

PostPage::PostPage(const Parts& parts)
    : parts_(parts),
      lists_(new QComboBox),
      came_(new QLabel),
      due_(new QLabel),
      progress_(new QProgressBar),
      cancel_(new QPushButton(tr("Cancel"))),
      edit_(new QAction(tr("Change it…"), this)),
      give_(new QAction(tr("Give it out…"), this)),
      table_(new QTableWidget),
      card_(new SentCard(parts)),
      strip_(new SentStrip) {
  table_->setObjectName("postTable");
  table_->setSelectionBehavior(QAbstractItemView::SelectRows);
  table_->setSelectionMode(QAbstractItemView::SingleSelection);
  table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table_->setShowGrid(false);
  table_->setWordWrap(false);
  table_->verticalHeader()->hide();
  table_->verticalHeader()->setDefaultSectionSize(kRow);
  table_->horizontalHeader()->setHighlightSections(false);
  table_->setAccessibleName(tr("Students and what they sent"));
  strip_->setMaximumHeight(kStrip);
  QLabel* hint =
      caption(tr("Drag an end, or a title to another item · a number says which item it is, 0 that it is "
                 "none · arrows go from try to "
                 "try · P listens"));
  auto* body = new QHBoxLayout;
  body->setSpacing(5 * style::kStep);
  body->addWidget(table_, 1);
  card_->setFixedWidth(kCard);
  body->addWidget(card_);
  auto* all = new QVBoxLayout(this);
  all->setContentsMargins(4 * style::kStep, 3 * style::kStep, 4 * style::kStep, 3 * style::kStep);
  all->setSpacing(2 * style::kStep);
  all->addWidget(buildHead());
  all->addLayout(body, 2);
  all->addWidget(strip_, 1);
  all->addWidget(hint);
  connect(card_, &SentCard::nextWanted, this, &PostPage::next);
  connect(card_, &SentCard::writeWanted, this, [this] { writeOut(false); });
  HomeworkInbox& post = parts_.inbox;
  connect(table_, &QTableWidget::currentCellChanged, this, [this](int row, int, int before, int) {
    if (filling_ || row == before || row < 0) return;
    student_ = studentIn(row);
    showStudent();
  });
  connect(&parts_.lists, &HomeworkLists::listsChanged, this, &PostPage::refreshLists);
  connect(&post, &HomeworkInbox::sentChanged, this, [this](qint64 student) {
    if (student == 0) return refreshTable();
    // Who is to be listened to first may be others now.
    refreshRows();
    if (student_ == student) showStudent();
  });
  connect(&post, &HomeworkInbox::moved, this, &PostPage::refreshProgress);
  connect(&post, &HomeworkInbox::nobodys, this, &PostPage::askWhose);
  connect(&parts_.book, &StudentBook::studentsChanged, this, [this] {
    if (loaded_) refreshTable();
  });
  connect(strip_, &SentStrip::corrected, this, [this](const Correction& piece) {
    if (student_) parts_.inbox.correct(*student_, piece);
  });
  connect(strip_, &SentStrip::playWanted, this, &PostPage::playOrStop);
}

QWidget* PostPage::buildHead() {
  auto* head = new QWidget;
  lists_->setObjectName("postLists");
  lists_->setAccessibleName(tr("Lists of homework"));
  lists_->setMinimumContentsLength(22);
  came_->setFont(style::serif(style::kTitleType));
  due_->setObjectName("caption");
  due_->setWordWrap(true);
  progress_->setTextVisible(false);
  progress_->setFixedSize(160, 3 * style::kStep);
  progress_->setAccessibleName(tr("How far marking is"));
  auto* list = new MenuField(tr("List"));
  list->say(tr("List"));
  QAction* fresh = list->menu()->addAction(tr("New list…"));
  fresh->setObjectName("postNew");
  list->menu()->addActions({edit_, give_});
  auto* recordings = new MenuField(tr("Recordings"));
  recordings->say(tr("Recordings"));
  QAction* open = recordings->menu()->addAction(tr("Open recordings…"));
  QAction* folder = recordings->menu()->addAction(tr("Open a folder…"));
  watch_ = new Switch(tr("Watch a folder"));
  watch_->setObjectName("postWatch");
  connect(watch_, &QToolButton::clicked, this, &PostPage::chooseWatched);
  auto* write = new QPushButton(tr("Write all answers…"));
  write->setObjectName("postWriteAll");
  connect(fresh, &QAction::triggered, this, [this] { editList(true); });
  connect(edit_, &QAction::triggered, this, [this] { editList(false); });
  connect(give_, &QAction::triggered, this, &PostPage::giveOut);
  connect(open, &QAction::triggered, this, [this] { askForFiles(false); });
  connect(folder, &QAction::triggered, this, [this] { askForFiles(true); });
  connect(write, &QPushButton::clicked, this, [this] { writeOut(true); });
  connect(cancel_, &QPushButton::clicked, &parts_.inbox, &HomeworkInbox::cancel);
  connect(lists_, &QComboBox::activated, this,
          [this](int index) { parts_.lists.choose(lists_->itemData(index).toLongLong()); });
  for (MenuField* field : {list, recordings})
    field->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
  auto* first = tight(new QHBoxLayout, 2 * style::kStep);
  for (QWidget* widget : std::initializer_list<QWidget*>{lists_, list, recordings, write})
    first->addWidget(widget);
  first->addStretch(1);
  auto* second = tight(new QHBoxLayout, 3 * style::kStep);
  second->addWidget(came_);
  second->addWidget(due_, 1);
  second->addWidget(progress_);
  second->addWidget(cancel_);
  second->addWidget(watch_);
  auto* layout = tight(new QVBoxLayout(head), style::kStep);
  layout->addLayout(first);
  layout->addLayout(second);
  return head;
}

void PostPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  // The one who is here, where they sent something.
  if (const Student* here = parts_.book.chosen(); here && parts_.inbox.sentOf(here->id))
    chooseStudent(here->id);
  if (loaded_) return;
  loaded_ = true;
  if (const Student* here = parts_.book.chosen()) student_ = here->id;
  parts_.lists.load();
  refreshLists();
  refreshTable();
}

void PostPage::refreshLists() {
  lists_->clear();
  const HomeworkLists& lists = parts_.lists;
  for (const Homework& homework : lists.all()) {
    const auto list =
        parseHomework(homework.list, [this](const std::string& id) { return parts_.deck.find(id); });
    const QString title = list && !list->title.empty() ? words::plain(list->title) : tr("A list");
    lists_->addItem(tr("%1, due %2", "title, day").arg(title, words::day(homework.due)),
                    QVariant::fromValue(qlonglong(homework.id)));
  }
  if (lists.all().empty()) lists_->addItem(tr("No list yet"));
  lists_->setEnabled(!lists.all().empty());
  if (const Homework* chosen = lists.chosen())
    lists_->setCurrentIndex(lists_->findData(QVariant::fromValue(qlonglong(chosen->id))));
  const QString watched = words::plain(parts_.inbox.watched().string());
  watch_->setChecked(!watched.isEmpty());
  watch_->setToolTip(watched.isEmpty() ? tr("What comes into a folder is opened by itself") : watched);
  edit_->setEnabled(lists.chosen());
  give_->setEnabled(lists.chosen());
  refreshProgress();
}

void PostPage::refreshProgress() {
  const HomeworkInbox& post = parts_.inbox;
  const auto all = static_cast<int>(post.sent().size());
  const int done = post.done();
  progress_->setVisible(post.running());
  cancel_->setVisible(post.running());
  progress_->setRange(0, all);
  progress_->setValue(done);
  if (!parts_.lists.chosen()) {
    came_->setText(tr("Make a list first: what students are to send."));
    due_->clear();
    return;
  }
  std::size_t files = 0;
  for (const auto& [student, sent] : post.sent()) files += sent.kept.files.size();
  came_->setText(files == 0 ? tr("Nothing came in yet")
                            : tr("Recordings that came in: %n", nullptr, static_cast<int>(files)));
  const auto first = this->first();
  due_->setText(files == 0       ? tr("Drop recordings or a folder here. Names in them, or a table (file; "
                                            "student), say whose they are.")
                : post.running() ? tr("%1 of %n students marked", nullptr, all).arg(done)
                : first.empty()  ? tr("nobody has to be listened to first")
                                 : tr("%n to listen to first", nullptr, static_cast<int>(first.size())));
}

std::int64_t PostPage::studentIn(int row) const {
  const auto& students = parts_.book.students();
  return row >= 0 && row < std::ssize(students) ? students[static_cast<std::size_t>(row)].id : 0;
}

const Submission* PostPage::shown() const { return student_ ? parts_.inbox.sentOf(*student_) : nullptr; }

const Instrument* PostPage::instrumentOf(std::int64_t student) const {
  const Student* who = parts_.book.find(student);
  return who ? findInstrument(who->instrument) : nullptr;
}

/// By student, why they are to be listened to first.
std::map<std::int64_t, QString> PostPage::first() const {
  std::vector<const Marking*> markings;
  std::vector<std::int64_t> ids;
  for (const auto& [student, sent] : parts_.inbox.sent()) {
    ids.push_back(student);
    markings.push_back(sent.marked ? &sent.marked->marking : nullptr);
  }
  std::map<std::int64_t, QString> first;
  for (const std::size_t i : listenFirst(markings, kFirst))
    first[ids[i]] = words::wantsEar(*reasonToListen(*markings[i]), parts_.lists.list());
  return first;
}

void PostPage::refreshTable() {
  filling_ = true;
  const HomeworkList& list = parts_.lists.list();
  const auto items = static_cast<int>(list.items.size());
  table_->clear();
  table_->setColumnCount(items + 2);
  table_->setRowCount(static_cast<int>(parts_.book.students().size()));
  QStringList heads{tr("Student")};
  for (int i = 0; i < items; ++i) heads << QString::number(i + 1);
  heads << tr("Listen");
  table_->setHorizontalHeaderLabels(heads);
  for (int i = 0; i < items; ++i)
    table_->horizontalHeaderItem(i + 1)->setToolTip(
        words::item(list.items[static_cast<std::size_t>(i)], nullptr));
  table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Interactive);
  table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
  fitColumns();
  table_->horizontalHeader()->setSectionResizeMode(items + 1, QHeaderView::Stretch);
  table_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  refreshRows();
  int chosen = -1;
  for (int row = 0; row < table_->rowCount(); ++row)
    if (studentIn(row) == student_ && shown()) chosen = row;
  for (int row = 0; chosen < 0 && row < table_->rowCount(); ++row)
    if (parts_.inbox.sentOf(studentIn(row))) chosen = row;
  if (chosen < 0 && table_->rowCount() > 0) chosen = 0;
  student_ = chosen >= 0 ? std::optional(studentIn(chosen)) : std::nullopt;
  table_->setCurrentCell(chosen, 0);
  filling_ = false;
  showStudent();
  refreshProgress();
}

/// The items' columns are as wide as there is room, and their heads cut to that.
void PostPage::fitColumns() {
  const HomeworkList& list = parts_.lists.list();
  const int items = table_->columnCount() - 2;
  if (items <= 0 || items != std::ssize(list.items)) return;
  const int room = table_->viewport()->width() - table_->columnWidth(0) - kListen;
  const int width = std::clamp(room / items, kLeastItem, kItem);
  for (int i = 0; i < items; ++i) {
    const QString title = words::said(list.items[static_cast<std::size_t>(i)].exercise->title);
    table_->setColumnWidth(i + 1, width);
    table_->horizontalHeaderItem(i + 1)->setText(
        table_->fontMetrics().elidedText(QStringLiteral("%1  %2").arg(QString::number(i + 1), title),
                                         Qt::ElideRight, width - 4 * style::kStep));
  }
}

void PostPage::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  fitColumns();
}

void PostPage::refreshRows() {
  const auto wanted = first();
  for (int row = 0; row < table_->rowCount(); ++row) refreshRow(row, wanted);
}

void PostPage::refreshRow(int row, const std::map<std::int64_t, QString>& wanted) {
  const std::int64_t student = studentIn(row);
  const Student* who = parts_.book.find(student);
  if (!who) return;
  const Submission* sent = parts_.inbox.sentOf(student);
  const auto put = [&](int column, const QString& text, const QIcon& icon = {}) {
    auto* item = new QTableWidgetItem(icon, text);
    table_->setItem(row, column, item);
    return item;
  };
  const auto ear = wanted.find(student);
  QTableWidgetItem* name = put(0, words::plain(who->name));
  if (ear != wanted.end()) name->setFont(style::work(style::kType, true));
  const int items = table_->columnCount() - 2;
  for (int i = 0; i < items; ++i) {
    if (!sent || !sent->marked || i >= std::ssize(sent->marked->marking.items)) {
      put(i + 1, QString());
      continue;
    }
    const MarkedItem& marked = sent->marked->marking.items[static_cast<std::size_t>(i)];
    const MarkedAttempt* best = marked.bestTry();
    const Verdict verdict = best ? overallVerdict(best->analysis.readings) : Verdict::unmeasured;
    QTableWidgetItem* item =
        put(i + 1,
            marked.state == ItemState::incomplete
                ? tr("%1 of %2", "so many of so many cues").arg(best->cuesFound).arg(marked.cuesAsked)
                : QString(),
            style::verdictIcon(verdict));
    item->setToolTip(words::found(marked, instrumentOf(student)));
  }
  QTableWidgetItem* listen = put(items + 1, !sent                 ? QString()
                                            : sent->marking       ? tr("is being marked")
                                            : !sent->marked       ? tr("not marked")
                                            : ear != wanted.end() ? ear->second
                                                                  : QString());
  listen->setForeground(ear != wanted.end() ? style::attention : style::quietInk);
}

void PostPage::showStudent() {
  const Submission* sent = shown();
  strip_->setMarked(sent ? sent->marked : nullptr);
  card_->setStudent(student_);
}

void PostPage::chooseStudent(std::int64_t student) {
  for (int row = 0; row < table_->rowCount(); ++row)
    if (studentIn(row) == student) table_->setCurrentCell(row, 0);
}

/// The next one who sent something.
void PostPage::next() {
  const int rows = table_->rowCount();
  for (int step = 1; step <= rows; ++step) {
    const int row = (std::max(0, table_->currentRow()) + step) % rows;
    if (parts_.inbox.sentOf(studentIn(row))) return table_->setCurrentCell(row, 0);
  }
}

void PostPage::playOrStop() {
  const Submission* sent = shown();
  const auto piece = strip_->chosen();
  if (parts_.speaker.playing()) return parts_.speaker.stop();
  if (sent && sent->marked && piece)
    parts_.playback.playPart(sent->kept.files[piece->file], {piece->from_s, piece->to_s});
}

void PostPage::editList(bool fresh) {
  const Homework* chosen = parts_.lists.chosen();
  if (!fresh && !chosen) return;
  ListDialog dialog(parts_, fresh ? HomeworkList() : parts_.lists.list(),
                    fresh ? std::nullopt : std::optional(chosen->due), this);
  if (dialog.exec() == QDialog::Accepted)
    parts_.lists.keep(dialog.list(), dialog.due(), fresh ? 0 : chosen->id);
  if (!fresh && dialog.erased()) parts_.lists.erase(chosen->id);
}

}  // namespace calando
