#include "app/people/student_chooser.h"

#include "app/parts/commands.h"
#include "app/people/student_dialog.h"
#include "app/session/common/notices.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "records/tables/take_table.h"

namespace calando {

namespace {
constexpr int kListWidth = 320;
constexpr int kListHeight = 420;
constexpr int kRowHeight = 34;
}  // namespace

StudentChooser::StudentChooser(const Parts& parts, const QString& names)
    : parts_(parts), list_(new QWidget(this, Qt::Popup)) {
  setFocusPolicy(Qt::StrongFocus);
  setToolTip(tipOf("students"));
  setCursor(Qt::PointingHandCursor);
  setMinimumHeight(20 * style::kStep);
  buildList(names);
  StudentBook& book = parts_.book;
  connect(&book, &StudentBook::studentsChanged, this, &StudentChooser::fill);
  connect(&book, &StudentBook::studentChanged, this, &StudentChooser::refresh);
  fill();
  refresh();
}

void StudentChooser::buildList(const QString& names) {
  list_->setObjectName(names + "studentList");
  search_ = new QLineEdit;
  search_->setObjectName(names + "studentSearch");
  search_->setPlaceholderText(tr("Type a name"));
  search_->setAccessibleName(tr("Search the students"));
  search_->setClearButtonEnabled(false);
  search_->installEventFilter(this);
  students_ = new QListWidget;
  students_->setObjectName(names + "students");
  students_->setAccessibleName(tr("Students"));
  students_->setFocusPolicy(Qt::NoFocus);
  auto* add = new QPushButton(tr("Add"));
  add->setObjectName(names + "addStudent");
  add->setToolTip(tipOf("add"));
  edit_ = new QPushButton(tr("Edit"));
  edit_->setObjectName(names + "editStudent");
  edit_->setToolTip(tr("Change the student’s name, instrument or range"));
  erase_ = new QPushButton(tr("Erase"));
  erase_->setObjectName(names + "eraseStudent");
  erase_->setToolTip(tr("Erase the student with all takes"));
  auto* buttons = new QHBoxLayout;
  buttons->setSpacing(2 * style::kStep);
  for (QPushButton* button : {add, edit_, erase_}) buttons->addWidget(button);
  auto* layout = new QVBoxLayout(list_);
  layout->setContentsMargins(2 * style::kStep, 2 * style::kStep, 2 * style::kStep, 2 * style::kStep);
  layout->setSpacing(2 * style::kStep);
  layout->addWidget(search_);
  layout->addWidget(students_, 1);
  layout->addLayout(buttons);
  connect(search_, &QLineEdit::textChanged, this, &StudentChooser::filter);
  connect(search_, &QLineEdit::returnPressed, this, [this] { chooseRow(students_->currentRow()); });
  connect(students_, &QListWidget::itemClicked, this,
          [this](QListWidgetItem* item) { chooseRow(students_->row(item)); });
  connect(add, &QPushButton::clicked, this, [this] { edit(true); });
  connect(edit_, &QPushButton::clicked, this, [this] { edit(false); });
  connect(erase_, &QPushButton::clicked, this, &StudentChooser::erase);
}

void StudentChooser::fill() {
  const StudentBook& book = parts_.book;
  students_->clear();
  for (const Student& student : book.students()) {
    const Instrument* instrument = findInstrument(student.instrument);
    auto* item = new QListWidgetItem(words::plain(student.name));
    item->setSizeHint({0, kRowHeight});
    if (instrument) item->setToolTip(words::said(instrument->name));
    students_->addItem(item);
  }
}

void StudentChooser::refresh() {
  const StudentBook& book = parts_.book;
  const Student* student = book.chosen();
  const Instrument* instrument = student ? findInstrument(student->instrument) : nullptr;
  name_ = student ? words::plain(student->name) : tr("No student yet");
  about_ = student ? QString() : tr("Add one to begin: Ctrl+N");
  if (instrument) {
    about_ = words::said(instrument->name);
    if (instrument->transposition != 0)
      about_ += tr("\nwritten %1 sounds %2")
                    .arg(shownPitchClass(0, instrument->spelling),
                         shownPitchClass(instrument->transposition, instrument->spelling));
  }
  for (int row = 0; row < students_->count(); ++row)
    if (student && book.students()[static_cast<std::size_t>(row)].id == student->id)
      students_->setCurrentRow(row);
  edit_->setEnabled(student && !parts_.readOnly);
  erase_->setEnabled(student && !parts_.readOnly);
  setAccessibleName(tr("Student: %1").arg(name_));
  setAccessibleDescription(about_);
  update();
}

void StudentChooser::open() {
  if (!parts_.session.allowed().choose) return;
  search_->clear();
  filter({});
  refresh();
  list_->resize(kListWidth, kListHeight);
  list_->move(mapToGlobal(QPoint(0, height())));
  list_->show();
  search_->setFocus();
}

void StudentChooser::filter(const QString& text) {
  int first = -1;
  for (int row = 0; row < students_->count(); ++row) {
    const bool fits = students_->item(row)->text().contains(text, Qt::CaseInsensitive);
    students_->setRowHidden(row, !fits);
    if (fits && first < 0) first = row;
  }
  if (first >= 0 && (students_->currentRow() < 0 || students_->isRowHidden(students_->currentRow())))
    students_->setCurrentRow(first);
  const bool somebody = first >= 0 && !parts_.readOnly;
  edit_->setEnabled(somebody);
  erase_->setEnabled(somebody);
}

void StudentChooser::chooseRow(int row) {
  list_->hide();
  const auto& students = parts_.book.students();
  if (row >= 0 && row < static_cast<int>(students.size()))
    parts_.book.choose(students[static_cast<std::size_t>(row)].id);
}

const Student* StudentChooser::highlighted() const {
  const auto& students = parts_.book.students();
  const int row = students_->currentRow();
  const bool seen = row >= 0 && row < std::ssize(students) && !students_->isRowHidden(row);
  return seen ? &students[static_cast<std::size_t>(row)] : nullptr;
}

void StudentChooser::edit(bool fresh) {
  const Student* who = highlighted();
  list_->hide();
  StudentBook& book = parts_.book;
  if (parts_.readOnly || (!fresh && !who)) return;
  const auto edited = askForStudent(window(), fresh ? Student{} : Student(*who),
                                    fresh ? tr("Add a student") : tr("Edit the student"));
  if (edited) fresh ? book.add(*edited) : book.change(*edited);
}

void StudentChooser::erase() {
  const Student* who = highlighted();
  list_->hide();
  StudentBook& book = parts_.book;
  if (!who || parts_.readOnly) return;
  const Student gone = *who;
  const auto takes = parts_.takeTable.of(gone.id);
  if (!parts_.notices.worked(takes)) return;
  QString question =
      tr("Erase %1? Takes: %2. The recordings, figures and notes are removed from this computer "
         "and cannot be brought back.")
          .arg(words::plain(gone.name), QString::number(takes->size()));
  if (const auto two = std::ranges::count_if(*takes, [](const Take& t) { return t.other != 0; }))
    question += QStringLiteral(" ") +
                tr("Takes with another student among them: %1; they go from that one’s book too.").arg(two);
  QMessageBox box(QMessageBox::NoIcon, tr("Erase the student"), question, QMessageBox::NoButton, window());
  box.setTextFormat(Qt::PlainText);
  auto* erase = box.addButton(tr("Erase for good"), QMessageBox::DestructiveRole);
  erase->setObjectName("eraseForGood");
  box.setDefaultButton(box.addButton(tr("Keep %1").arg(words::plain(gone.name)), QMessageBox::RejectRole));
  box.exec();
  if (box.clickedButton() == erase) book.erase(gone.id);
}

void StudentChooser::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setFont(style::serif(style::kTitleType));
  painter.setPen(style::ink);
  const double room = width() - 22.0;
  const QString name = painter.fontMetrics().elidedText(name_, Qt::ElideRight, static_cast<int>(room));
  const double lineHeight = painter.fontMetrics().height();
  painter.drawText(QRectF(0, 0, room, lineHeight), Qt::AlignVCenter, name);
  const double x = painter.fontMetrics().horizontalAdvance(name) + 8.0;
  painter.setPen(QPen(style::quietInk, 1.6));
  painter.drawPolyline(
      QPolygonF({{x, lineHeight / 2 - 2}, {x + 5, lineHeight / 2 + 3}, {x + 10, lineHeight / 2 - 2}}));
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(0, lineHeight, width(), height() - lineHeight), Qt::AlignTop | Qt::TextWordWrap,
                   about_);
  if (!hasFocus()) return;
  painter.setPen(QPen(style::pitch, 1.4));
  painter.drawRoundedRect(QRectF(rect()).adjusted(0.7, 0.7, -0.7, -0.7), 4, 4);
}

void StudentChooser::mousePressEvent(QMouseEvent*) { open(); }

void StudentChooser::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Down)
    open();
  else
    QWidget::keyPressEvent(event);
}

/// Arrow keys move in the list while a name is typed.
bool StudentChooser::eventFilter(QObject* watched, QEvent* event) {
  if (watched == search_ && event->type() == QEvent::KeyPress) {
    const int key = static_cast<QKeyEvent*>(event)->key();
    const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
    for (int row = students_->currentRow() + by; by != 0 && row >= 0 && row < students_->count(); row += by)
      if (!students_->isRowHidden(row)) {
        students_->setCurrentRow(row);
        return true;
      }
  }
  return QWidget::eventFilter(watched, event);
}

}  // namespace calando
