#include "app/weeks/log_view.h"

#include <QKeyEvent>

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/planning.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/students/take_list.h"
#include "app/style/style.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"
#include "core/care/ticks.h"
#include "records/values/practice.h"

namespace calando {

namespace {

enum Role { dayRole = Qt::UserRole, takeRole, practiceRole };
constexpr int kOpenDays = 5;

QString comfortOf(Comfort comfort) {
  switch (comfort) {
    case Comfort::unsaid:
      return {};
    case Comfort::easy:
      return LogView::tr("felt easy");
    case Comfort::fair:
      return LogView::tr("felt fair");
    case Comfort::tight:
      return LogView::tr("felt tight");
  }
  return {};
}

QString attentionOf(Attention attention) {
  switch (attention) {
    case Attention::unsaid:
      return {};
    case Attention::sound:
      return LogView::tr("attention on the sound");
    case Attention::count:
      return LogView::tr("attention on the count");
    case Attention::lips:
      return LogView::tr("attention on the lips");
    case Attention::elsewhere:
      return LogView::tr("attention elsewhere");
  }
  return {};
}

}  // namespace

LogView::LogView(const Parts& parts) : parts_(parts), search_(new QLineEdit), days_(new QTreeWidget) {
  search_->setObjectName("logSearch");
  search_->setProperty(kFreeText, true);
  search_->setPlaceholderText(tr("Search: an exercise, a note, what was tried"));
  search_->setAccessibleName(tr("Search the logbook"));
  days_->setObjectName("log");
  days_->setAccessibleName(tr("Logbook, by day"));
  days_->setHeaderHidden(true);
  days_->setUniformRowHeights(true);
  days_->installEventFilter(this);
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addWidget(search_);
  layout->addWidget(days_, 1);
  layout->addWidget(buildEntry());
  connect(search_, &QLineEdit::textChanged, this, &LogView::fill);
  connect(days_, &QTreeWidget::itemExpanded, this, &LogView::fillDay);
  connect(days_, &QTreeWidget::itemActivated, this, [this](QTreeWidgetItem* item) {
    if (const auto take = item->data(0, takeRole); take.isValid()) emit chosen(take.toLongLong());
  });
  connect(&parts_.takes, &TakeList::takesChanged, this, [this] {
    if (isVisible()) fill();
  });
  connect(&parts_.planning, &Planning::practicesChanged, this, [this] {
    if (isVisible()) fill();
  });
}

QWidget* LogView::buildEntry() {
  auto* box = new QWidget;
  day_ = new QDateEdit(dateOf(parts_.clock));
  day_->setCalendarPopup(true);
  day_->setAccessibleName(tr("Day"));
  minutes_ = new QSpinBox;
  minutes_->setRange(1, 600);
  minutes_->setValue(20);
  minutes_->setSuffix(tr(" min"));
  minutes_->setAccessibleName(tr("Minutes"));
  what_ = new QLineEdit;
  what_->setObjectName("practiceWhat");
  what_->setProperty(kFreeText, true);
  what_->setPlaceholderText(tr("What, without the program"));
  what_->setAccessibleName(what_->placeholderText());
  what_->setMaxLength(500);
  auto* add = new QPushButton(tr("Write it down"));
  add->setObjectName("practiceAdd");
  connect(add, &QPushButton::clicked, this, &LogView::write);
  connect(what_, &QLineEdit::returnPressed, this, &LogView::write);
  auto* row = tight(new QHBoxLayout(box), 2 * style::kStep);
  row->addWidget(day_);
  row->addWidget(minutes_);
  row->addWidget(what_, 1);
  row->addWidget(add);
  return box;
}

void LogView::write() {
  const QString what = what_->text().trimmed();
  if (what.isEmpty()) return what_->setFocus();
  if (parts_.planning.keepPractice({0, 0, dayOf(day_->date()), minutes_->value(), what.toStdString()}))
    what_->clear();
}

void LogView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  fill();
}

QString LogView::lineOf(const Take& take) const {
  const ExercisePtr card = parts_.deck.find(take.asked.exercise);
  QStringList parts{QLocale().toString(QDateTime::fromSecsSinceEpoch(take.made_unix_s).time(),
                                       tr("HH:mm", "a time of day")),
                    card ? words::said(card->title) : words::plain(take.asked.exercise)};
  if (take.held_s) parts << tr("%1 s held").arg(words::number(*take.held_s, 1, false));
  if (take.stopped) parts << tr("light-headed: stopped");
  if (!take.tried.empty()) parts << tr("tried: %1").arg(words::said(take.tried));
  for (const QString& said : {attentionOf(take.attention), comfortOf(take.comfort)})
    if (!said.isEmpty()) parts << said;
  for (const std::string& id : take.ticks)
    if (const Tick* tick = findTick(id)) parts << words::said(tick->label);
  if (!take.remark.empty()) parts << QStringLiteral("“%1”").arg(words::plain(take.remark));
  return parts.join(QStringLiteral(" · "));
}

/// Days with what is looked for, newest first; their takes when they are opened.
void LogView::fill() {
  days_->clear();
  const QString wanted = search_->text().trimmed();
  struct DayLine {
    int takes = 0;
    double seconds = 0.0;
    int minutes = 0;
  };
  std::map<Day, DayLine, std::greater<>> days;
  for (const Take& take : parts_.takes.all()) {
    if (!wanted.isEmpty() && !lineOf(take).contains(wanted, Qt::CaseInsensitive)) continue;
    DayLine& day = days[dayOf(take.made_unix_s)];
    ++day.takes;
    day.seconds += take.seconds;
  }
  for (const Practice& practice : parts_.planning.practices())
    if (wanted.isEmpty() || words::plain(practice.what).contains(wanted, Qt::CaseInsensitive))
      days[practice.day].minutes += practice.minutes;
  int opened = 0;
  for (const auto& [day, what] : days) {
    QStringList parts{words::dayAndYear(day)};
    if (what.takes > 0)
      parts << tr("takes: %n, sound: %1", nullptr, what.takes).arg(words::duration(what.seconds));
    if (what.minutes > 0) parts << tr("%1 min by hand").arg(what.minutes);
    auto* item = new QTreeWidgetItem(days_, {parts.join(QStringLiteral(" · "))});
    item->setData(0, dayRole, static_cast<qlonglong>(day.time_since_epoch().count()));
    item->setFont(0, style::work(style::kType, true));
    item->setChildIndicatorPolicy(QTreeWidgetItem::ShowIndicator);
    if (opened++ < kOpenDays) item->setExpanded(true);
  }
  if (days.empty())
    new QTreeWidgetItem(days_, {wanted.isEmpty() ? tr("Nothing yet. Takes come here by themselves.")
                                                 : tr("Nothing with “%1”.").arg(wanted)});
}

void LogView::fillDay(QTreeWidgetItem* item) {
  if (item->childCount() > 0) return;
  const Day day{std::chrono::days(item->data(0, dayRole).toLongLong())};
  const QString wanted = search_->text().trimmed();
  const auto isWanted = [&](const QString& text) {
    return wanted.isEmpty() || text.contains(wanted, Qt::CaseInsensitive);
  };
  for (const Practice& practice : parts_.planning.practices()) {
    const QString what = words::plain(practice.what);
    if (practice.day != day || !isWanted(what)) continue;
    auto* child = new QTreeWidgetItem(item, {tr("by hand: %1 min · %2").arg(practice.minutes).arg(what)});
    child->setData(0, practiceRole, static_cast<qlonglong>(practice.id));
    child->setIcon(0, style::noIcon());
  }
  for (const Take& take : parts_.takes.all()) {
    if (dayOf(take.made_unix_s) != day) continue;
    const QString text = lineOf(take);
    if (!isWanted(text)) continue;
    auto* child = new QTreeWidgetItem(item, {text});
    child->setData(0, takeRole, static_cast<qlonglong>(take.id));
    child->setToolTip(0, text);
    const auto past = std::ranges::find(parts_.takes.past(), take.id, &PastTake::id);
    const bool measured = past != parts_.takes.past().end() && past->kept;
    child->setIcon(0, measured ? style::verdictIcon(verdictOf(take.word, *past->kept)) : style::noIcon());
  }
}

bool LogView::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::KeyPress || static_cast<QKeyEvent*>(event)->key() != Qt::Key_Delete)
    return QWidget::eventFilter(watched, event);
  const QTreeWidgetItem* item = days_->currentItem();
  const QVariant practice = item ? item->data(0, practiceRole) : QVariant();
  if (practice.isValid() && parts_.planning.erasePractice(practice.toLongLong()))
    parts_.session.sayUndoable(tr("The entry was erased."));
  return true;
}

}  // namespace calando
