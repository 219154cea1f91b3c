#include "app/lesson/lesson_view.h"

#include "app/parts/flow_layout.h"
#include "app/parts/tight.h"
#include "app/session/lesson/card_deck.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/running_order.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/exercise/exercise.h"
#include "core/library/lesson.h"
#include "records/tables/order_table.h"

namespace calando {

namespace {

constexpr int kTwoLines = 44;
constexpr double kLine = 17.0;
constexpr double kLeftGap = 24.0, kRightGap = 6.0;
constexpr int kRow = 28, kGroupRow = 22;
enum Role { step = Qt::UserRole, isGroup, verdictRole, asks, ajar, orderRole };

/// A group's name, or a step: shape of its last result, title, what it asks for or when it opens.
class StepDelegate : public QStyledItemDelegate {
 public:
  using QStyledItemDelegate::QStyledItemDelegate;

  QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
    if (index.data(isGroup).toBool()) return {0, kGroupRow};
    const double width = static_cast<const QListView*>(option.widget)->viewport()->width();
    return {0, layOut(index, width).lines.size() > 1 ? kTwoLines : kRow};
  }

  void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF row(option.rect);
    if (index.data(isGroup).toBool()) {
      painter->setFont(style::work(style::kSmallType));
      painter->setPen(style::quietInk);
      painter->drawText(row.adjusted(2, 4, 0, 0), Qt::AlignVCenter, index.data().toString());
      painter->restore();
      return;
    }
    const bool chosen = option.state.testFlag(QStyle::State_Selected);
    if (chosen) {
      painter->setPen(QPen(style::pitch, 1.2));
      painter->setBrush(style::band);
      painter->drawRoundedRect(row.adjusted(0.6, 1, -0.6, -1), 4, 4);
    }
    const bool closed = index.data(ajar).toBool();
    if (const QVariant verdict = index.data(verdictRole); verdict.isValid())
      style::paintVerdict(*painter, QRectF(row.left() + 6, row.center().y() - 5.5, 11, 11),
                          static_cast<Verdict>(verdict.toInt()));
    const Layout words = layOut(index, row.width());
    QRectF line = row.adjusted(kLeftGap, 0, -kRightGap, 0);
    line.setHeight(kLine);
    line.moveTop(row.center().y() - kLine * static_cast<double>(words.lines.size()) / 2.0);
    painter->setFont(style::work(style::kType, chosen));
    painter->setPen(closed ? style::quietInk : style::ink);
    for (const QString& text : words.lines) {
      painter->drawText(line, Qt::AlignVCenter, text);
      line.translate(0, kLine);
    }
    painter->setFont(style::work(style::kSmallType));
    painter->setPen(style::quietInk);
    painter->drawText(line.translated(0, -kLine), Qt::AlignVCenter | Qt::AlignRight, words.right);
    painter->restore();
  }

 private:
  struct Layout {
    QStringList lines;
    QString right;  // beside the last line
  };
  /// What a step asks for gives way to its name; when it opens does not. A name that is too long for a line
  /// has two, and is cut only in the second. As wide as if the step were the chosen one, so that rows stay.
  static Layout layOut(const QModelIndex& index, double width) {
    const QFontMetricsF bold(style::work(style::kType, true));
    const QString right = index.data(asks).toString();
    const double beside =
        right.isEmpty() ? 0.0
                        : QFontMetricsF(style::work(style::kSmallType)).horizontalAdvance(right) + kRightGap;
    const double room = width - kLeftGap - kRightGap;
    QString first = index.data().toString();
    if (bold.horizontalAdvance(first) + beside <= room) return {{first}, right};
    const bool closed = index.data(ajar).toBool();
    if (!closed && bold.horizontalAdvance(first) <= room) return {{first}, {}};
    QStringList rest;
    for (qsizetype space; bold.horizontalAdvance(first) > room && (space = first.lastIndexOf(' ')) > 0;) {
      rest.prepend(first.mid(space + 1));
      first.truncate(space);
    }
    // Where all of it fits but what stands beside it does not, the last word goes down to it.
    if (rest.isEmpty()) {
      const qsizetype space = first.lastIndexOf(' ');
      if (space < 0) return {{bold.elidedText(first, Qt::ElideRight, room - beside)}, right};
      rest << first.mid(space + 1);
      first.truncate(space);
    }
    return {{first, bold.elidedText(rest.join(' '), Qt::ElideRight, room - (closed ? beside : 0.0))},
            closed ? right : QString()};
  }
};

QString askedOf(const Exercise& card) {
  if (card.counted()) return LessonView::tr("%1 /min").arg(words::number(card.tempo_bpm, 0, false));
  for (const Cue& cue : card.cues)
    if (cue.length.unit == CueLength::Unit::seconds)
      return LessonView::tr("%1 s").arg(words::number(cue.length.value, 0, false));
  return {};
}

}  // namespace

LessonView::LessonView(const Parts& parts)
    : parts_(parts),
      list_(new QListWidget),
      templates_(new QComboBox),
      edit_(new QPushButton(tr("Exercises…"))) {
  list_->setObjectName("lesson");
  list_->setAccessibleName(tr("Running order of the lesson"));
  list_->setItemDelegate(new StepDelegate(list_));
  list_->setFrameShape(QFrame::NoFrame);
  list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  list_->setResizeMode(QListView::Adjust);  // a narrower row may need two lines
  templates_->setObjectName("lessonTemplate");
  templates_->setAccessibleName(tr("Running order to start from"));
  templates_->setToolTip(tr("A running order to start from; Exercises… changes it one by one."));
  edit_->setObjectName("editOrder");
  edit_->setProperty("narrow", true);
  edit_->setToolTip(tr("All exercises: choose the lesson’s and their order, and make own ones"));
  auto* foot = new FlowLayout(style::kStep);
  foot->addWidget(templates_);
  foot->addWidget(edit_);
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addWidget(list_, 1);
  layout->addLayout(foot);
  Lesson& lesson = parts_.lesson;
  connect(list_, &QListWidget::currentRowChanged, this, &LessonView::choose);
  connect(edit_, &QPushButton::clicked, this, &LessonView::orderWanted);
  connect(templates_, &QComboBox::activated, this, [this](int index) {
    const QVariant chosen = templates_->itemData(index, orderRole);
    if (chosen.isValid()) parts_.order.set(chosen.value<std::vector<std::string>>());
  });
  for (const auto signal :
       {&Lesson::orderChanged, &Lesson::standingsChanged, &Lesson::stepChanged, &Lesson::cardsChanged})
    connect(&lesson, signal, this, &LessonView::fill);
  connect(&parts_.run, &TakeRun::phaseChanged, this, [this] {
    for (QWidget* field : std::initializer_list<QWidget*>{list_, templates_, edit_})
      field->setEnabled(parts_.session.allowed().choose);
  });
  fill();
}

void LessonView::fill() {
  const QSignalBlocker quiet(list_);
  const Lesson& lesson = parts_.lesson;
  list_->clear();
  QString group;
  const auto& steps = parts_.order.steps();
  for (std::size_t row = 0; row < steps.size(); ++row) {
    const ExercisePtr card = parts_.deck.find(steps[row]);
    if (!card) continue;
    const QString family = words::said(card->family);
    if (family != group) {
      auto* head = new QListWidgetItem(family);
      head->setData(isGroup, true);
      head->setFlags(Qt::NoItemFlags);
      list_->addItem(head);
      group = family;
    }
    const Standing standing = lesson.standing(card->id);
    const int after = lesson.opensAfter(row);
    auto* item = new QListWidgetItem(words::said(card->title));
    item->setData(step, words::plain(card->id));
    if (standing.tries > 0) item->setData(verdictRole, static_cast<int>(standing.last));
    item->setData(asks, after > 0 ? tr("%n more good takes", nullptr, after) : askedOf(*card));
    item->setData(ajar, after > 0);
    QStringList tip{words::said(card->title), words::said(card->purpose)};
    tip << (standing.tries > 0 ? tr("Last take: %1. %2 of %3 were good; %4 of %5 open the next one.")
                                     .arg(style::verdictWord(standing.last))
                                     .arg(standing.good)
                                     .arg(standing.tries)
                                     .arg(card->good)
                                     .arg(card->of)
                               : tr("Not tried yet."));
    item->setToolTip(tip.join('\n'));
    list_->addItem(item);
    if (card->id == lesson.current()->id) list_->setCurrentItem(item);
  }
  fillOrders();
}

/// Those that ship, then the student's own by name; the present one is chosen.
void LessonView::fillOrders() {
  const RunningOrder& order = parts_.order;
  templates_->clear();
  const auto add = [&](const QString& name, const QString& id, const std::vector<std::string>& exercises) {
    templates_->addItem(name, id);
    templates_->setItemData(templates_->count() - 1, QVariant::fromValue(exercises), orderRole);
  };
  for (const LessonTemplate& one : lessonsFor(parts_.book.instrument()))
    add(words::said(one.label), words::plain(one.id), one.exercises);
  if (!order.own().empty()) templates_->insertSeparator(templates_->count());
  for (const OwnOrder& own : order.own()) add(words::plain(own.name), {}, order.playable(own.exercises));
  bool shown = false;
  for (int i = 0; i < templates_->count(); ++i) {
    const QVariant one = templates_->itemData(i, orderRole);
    if (shown || !one.isValid() || one.value<std::vector<std::string>>() != order.steps()) continue;
    templates_->setCurrentIndex(i);
    shown = true;
  }
  if (!shown) {
    add(words::plain(order.freeName()), {}, order.steps());
    templates_->setCurrentIndex(templates_->count() - 1);
  }
}

void LessonView::choose() {
  const QListWidgetItem* item = list_->currentItem();
  if (item && !item->data(isGroup).toBool()) parts_.lesson.choose(item->data(step).toString().toStdString());
}

}  // namespace calando
