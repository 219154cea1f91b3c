#include "app/post/sent_card.h"

#include "app/parts/captioned.h"
#include "app/parts/commands.h"
#include "app/parts/flow_layout.h"
#include "app/parts/tight.h"
#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/homework/marked.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_intake.h"
#include "app/style/style.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "records/tables/setting_table.h"
#include "records/values/settings.h"

namespace calando {

SentCard::SentCard(const Parts& parts)
    : parts_(parts),
      name_(new QLabel),
      about_(new QLabel),
      items_(new QLabel),
      reader_(new QComboBox),
      answer_(new QPlainTextEdit),
      keepBest_(new QPushButton(tr("Into the weeks"))),
      remove_(new QPushButton(tr("Remove from the list"))) {
  name_->setFont(style::serif(style::kTitleType));
  about_->setObjectName("caption");
  about_->setWordWrap(true);
  items_->setWordWrap(true);
  items_->setObjectName("sentItems");
  answer_->setObjectName("answer");
  answer_->setProperty(kFreeText, true);
  answer_->setAccessibleName(tr("Answer to the student"));
  reader_->setObjectName("reader");
  reader_->addItems({tr("for a child"), tr("for an adult"), tr("for the parents")});
  reader_->setAccessibleName(tr("Who reads the answer"));
  auto* write = new QPushButton(tr("Write it out…"));
  write->setObjectName("postWrite");
  auto* again = new QPushButton(tr("As it was made"));
  auto* next = new QPushButton(tr("Next student"));
  next->setObjectName("postNext");
  keepBest_->setObjectName("postKeep");
  keepBest_->setToolTip(
      tr("The best tries become takes of this student: in the shelf, in the weeks, for the plan"));
  connect(write, &QPushButton::clicked, this, &SentCard::writeWanted);
  connect(next, &QPushButton::clicked, this, &SentCard::nextWanted);
  connect(again, &QPushButton::clicked, this, [this] {
    if (!student_) return;
    parts_.inbox.setAnswer(*student_, std::nullopt);
    refresh();
  });
  connectOwn();
  auto* keys = new QWidget;
  auto* flow = new FlowLayout(2 * style::kStep, keys);
  for (QPushButton* button : {write, again, next, keepBest_, remove_}) flow->addWidget(button);
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addWidget(name_);
  layout->addWidget(about_);
  layout->addWidget(items_);
  layout->addWidget(captioned(tr("Answer"), reader_));
  layout->addWidget(answer_, 1);
  layout->addWidget(keys);
}

/// What changes the answer, or the list.
void SentCard::connectOwn() {
  connect(reader_, &QComboBox::activated, this, [this](int reader) {
    if (!student_) return;
    parts_.notices.worked(parts_.settings.keep(settings::readerOf(*student_), double(reader)));
    refresh();
  });
  connect(keepBest_, &QPushButton::clicked, this, [this] {
    if (student_) parts_.inbox.keepBest(*student_);
  });
  connect(remove_, &QPushButton::clicked, this, [this] {
    if (!student_) return;
    parts_.inbox.remove(*student_);
    parts_.session.sayUndoable(tr("It was taken out of the list; the files stay where they are."));
  });
  connect(answer_, &QPlainTextEdit::textChanged, this, [this] {
    if (!filling_ && student_) parts_.inbox.setAnswer(*student_, answer_->toPlainText().toStdString());
  });
}

void SentCard::setStudent(std::optional<std::int64_t> student) {
  student_ = student;
  refresh();
}

QString SentCard::answerOf(std::int64_t student) const {
  const Submission* sent = parts_.inbox.sentOf(student);
  const Student* who = parts_.book.find(student);
  if (!sent || !who) return {};
  if (sent->kept.answer) return words::plain(*sent->kept.answer);
  return sent->marked ? words::answer(readerOf(student), words::plain(who->name), sent->marked->heard->list,
                                      sent->marked->marking, findInstrument(who->instrument), next())
                      : QString();
}

words::Reader SentCard::readerOf(std::int64_t student) const {
  return static_cast<words::Reader>(
      std::clamp(static_cast<int>(parts_.settings.get(settings::readerOf(student))), 0, 2));
}

/// Until when the list can still be sent.
QString SentCard::next() const {
  const Homework* list = parts_.lists.chosen();
  if (!list || list->due <= today(parts_.clock)) return {};
  return tr("until %1", "a day").arg(words::day(list->due));
}

void SentCard::refresh() {
  filling_ = true;
  const Submission* sent = (student_ ? parts_.inbox.sentOf(*student_) : nullptr);
  const Student* who = student_ ? parts_.book.find(*student_) : nullptr;
  name_->setText(who ? words::plain(who->name) : QString());
  const Instrument* instrument = who ? findInstrument(who->instrument) : nullptr;
  const bool marked = sent && sent->marked;
  const bool kept = student_ && parts_.inbox.isKept(*student_);
  const Homework* list = parts_.lists.chosen();
  const bool onTheWay = student_ && list && parts_.intake.running(list->id, *student_);
  keepBest_->setEnabled(marked && !kept && !onTheWay && !parts_.readOnly);
  keepBest_->setText(onTheWay ? tr("On its way…") : kept ? tr("Is in the weeks") : tr("Into the weeks"));
  remove_->setEnabled(sent);
  answer_->setEnabled(marked);
  reader_->setEnabled(marked && !parts_.readOnly);
  if (student_) reader_->setCurrentIndex(static_cast<int>(readerOf(*student_)));
  QStringList items;
  if (!sent) {
    about_->setText(who ? tr("Nothing came in.") : tr("Add students in the lesson."));
  } else if (!marked) {
    about_->setText(sent->marking ? tr("Is being marked…")
                                  : tr("Not marked: choose the list again to mark it."));
  } else {
    double seconds = 0.0;
    for (const SentRecording& recording : sent->marked->heard->recordings)
      seconds += recording.tracks.duration_s;
    QStringList about{tr("recordings: %n, in all %1", nullptr, static_cast<int>(sent->kept.files.size()))
                          .arg(words::clock(seconds))};
    for (const Problem& problem : sent->marked->heard->unread) about << words::said(problem);
    about_->setText(about.join(QStringLiteral(" · ")));
    const Marking& marking = sent->marked->marking;
    for (std::size_t i = 0; i < marking.items.size(); ++i)
      items << QStringLiteral("%1. %2: %3")
                   .arg(QString::number(i + 1), words::item(sent->marked->heard->list.items[i], instrument),
                        words::found(marking.items[i], instrument));
  }
  items_->setText(items.join('\n'));
  items_->setVisible(!items.isEmpty());
  const QString answer = student_ ? answerOf(*student_) : QString();
  if (answer_->toPlainText() != answer) answer_->setPlainText(answer);
  filling_ = false;
}

}  // namespace calando
