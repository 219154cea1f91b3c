#include "app/readout/reflection_bar.h"

#include "app/parts/commands.h"
#include "app/parts/flow_layout.h"
#include "app/parts/tight.h"
#include "app/session/lesson/lesson.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/shown_history.h"
#include "app/session/take/shown_take.h"
#include "app/session/take/take_remarks.h"
#include "app/session/take/take_run.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/care/ticks.h"
#include "core/judging/discipline.h"

namespace calando {

namespace {

/// As wide as the widest of what stands before the rows, in this language.
int captionWidth() {
  const QFontMetrics metrics(style::work(style::kSmallType));
  int widest = 0;
  for (const QString& text : {ReflectionBar::tr("Teacher"), ReflectionBar::tr("Attention"),
                              ReflectionBar::tr("Felt"), ReflectionBar::tr("Watched")})
    widest = std::max(widest, metrics.horizontalAdvance(text));
  return widest + style::kStep;
}

}  // namespace

ReflectionBar::ReflectionBar(const Parts& parts)
    : parts_(parts),
      head_(new QToolButton),
      rows_(new QWidget),
      attentionRow_(new QWidget),
      tickRow_(new QWidget),
      tried_(toggle(tr("tried it"), {})),
      model_(toggle(tr("model"), tipOf("model"))),
      remark_(new QLineEdit) {
  head_->setObjectName("howWasIt");
  head_->setCheckable(true);
  head_->setProperty("fold", true);
  head_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
  head_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  head_->setToolTip(
      tr("What the teacher says, attention, how it felt, what was watched; their keys open it."));
  connect(head_, &QToolButton::clicked, this, [this](bool open) {
    stays_ = open;
    setOpen(open);
  });
  auto* layout = tight(new QVBoxLayout(rows_), style::kStep);
  auto* all = tight(new QVBoxLayout(this), style::kStep);
  all->addWidget(head_);
  all->addWidget(rows_);
  layout->addLayout(row(tr("Teacher"), words_,
                        {{tr("counts"), "accept"},
                         {tr("does not count"), "invalid"},
                         {tr("not yet"), "not-yet"},
                         {tr("wrong way"), "veto"}}));
  attentionRow_->setLayout(row(tr("Attention"), attention_,
                               {{tr("sound"), "on-sound"},
                                {tr("count"), "on-count"},
                                {tr("lips"), "on-lips"},
                                {tr("elsewhere"), "elsewhere"}}));
  attentionRow_->layout()->setContentsMargins(0, 0, 0, 0);
  layout->addWidget(attentionRow_);
  auto* felt =
      row(tr("Felt"), comfort_, {{tr("easy"), "easy"}, {tr("fair"), "fair"}, {tr("tight"), "tight"}});
  felt->itemAt(1)->layout()->addWidget(tried_);
  layout->addLayout(felt);
  layout->addWidget(tickRow_);
  auto* seen = tight(new QHBoxLayout(tickRow_), 2);
  auto* caption = new QLabel(tr("Watched"));
  caption->setObjectName("caption");
  caption->setFixedWidth(captionWidth());
  seen->addWidget(caption);
  auto* cells = new FlowLayout(2);
  tickCells_ = cells;
  seen->addLayout(cells, 1);
  auto* last = new QHBoxLayout;
  last->setSpacing(style::kStep);
  last->addWidget(remark_, 1);
  last->addWidget(model_);
  all->addLayout(last);
  tried_->setObjectName("tried");
  model_->setObjectName("model");
  remark_->setObjectName("remark");
  remark_->setPlaceholderText(tr("A note on this take"));
  remark_->setAccessibleName(tr("A note on this take"));
  remark_->setProperty(kFreeText, true);
  ShownTake& open = parts_.shown;
  TakeRemarks& remarks = parts_.remarks;
  connect(words_, &QButtonGroup::idClicked, this,
          [&remarks](int i) { remarks.setWord(static_cast<TeachersWord>(i)); });
  connect(attention_, &QButtonGroup::idClicked, this,
          [&remarks](int i) { remarks.setAttention(static_cast<Attention>(i)); });
  connect(comfort_, &QButtonGroup::idClicked, this,
          [&remarks](int i) { remarks.setComfort(static_cast<Comfort>(i)); });
  connect(tried_, &QToolButton::clicked, this, [&remarks] { remarks.toggleTried(); });
  connect(model_, &QToolButton::clicked, this, [&remarks] { remarks.toggleModel(); });
  connect(remark_, &QLineEdit::editingFinished, this, &ReflectionBar::keepRemark);
  connect(&open, &ShownTake::leaving, this, &ReflectionBar::keepRemark);
  connect(&open, &ShownTake::changed, this, [this] {
    setOpen(stays_);
    const Take* take = parts_.shown.take();
    remark_->setText(take ? words::plain(take->remark) : QString());
    refresh();
  });
  connect(&open, &ShownTake::said, this, [this] {
    const QString before = head_->text();
    refresh();
    if (head_->text() != before) setOpen(true);
  });
  connect(&parts_.lesson, &Lesson::stepChanged, this, &ReflectionBar::fillTicks);
  connect(&parts_.book, &StudentBook::studentChanged, this, &ReflectionBar::fillTicks);
  connect(&parts_.lesson, &Lesson::stepChanged, this, &ReflectionBar::refresh);
  connect(&parts_.run, &TakeRun::phaseChanged, this, &ReflectionBar::refresh);
  setOpen(false);
  fillTicks();
  refresh();
}

void ReflectionBar::setOpen(bool open) {
  head_->setChecked(open);
  head_->setArrowType(open ? Qt::DownArrow : Qt::RightArrow);
  rows_->setVisible(open);
}

/// What was said of it, in its buttons' words.
QString ReflectionBar::saidText() const {
  QStringList said;
  for (const QButtonGroup* group : {words_, attention_, comfort_})
    for (const QAbstractButton* button : group->buttons())
      if (button->isChecked()) said << button->text();
  for (const auto& [id, button] : ticks_)
    if (button->isChecked()) said << button->text();
  return said.join(QStringLiteral(" · "));
}

/// What this card wants to be looked at.
void ReflectionBar::fillTicks() {
  const ExercisePtr card = parts_.lesson.current();
  const auto wanted = ticksOf(*card, parts_.book.instrument());
  // Beside a breath nobody asks where the mind was.
  attentionRow_->setVisible(!disciplineOf(*card).ofAir || wanted.empty());
  tickRow_->setVisible(!wanted.empty());
  const auto ids = [](const auto& tick) { return std::string_view(tick.first); };
  if (std::ranges::equal(wanted, ticks_, {}, &Tick::id, ids)) return;
  for (const auto& [id, button] : ticks_) delete button;
  ticks_.clear();
  for (const Tick* tick : wanted) {
    const std::string id(tick->id);
    auto* button = toggle(words::said(tick->label), tipOf("tick-" + id));
    button->setObjectName("tick-" + words::plain(id));
    connect(button, &QToolButton::clicked, &parts_.shown, [this, id] { parts_.remarks.toggleTick(id); });
    tickCells_->addWidget(button);
    ticks_.emplace_back(id, button);
  }
}

QToolButton* ReflectionBar::toggle(const QString& text, const QString& tip) {
  auto* button = new QToolButton;
  button->setText(text);
  button->setToolTip(tip);
  button->setCheckable(true);
  button->setProperty("quiet", true);
  button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  return button;
}

QHBoxLayout* ReflectionBar::row(const QString& caption, QButtonGroup*& group,
                                const std::vector<Choice>& choices) {
  auto* label = new QLabel(caption);
  label->setObjectName("caption");
  label->setWordWrap(true);
  label->setFixedWidth(captionWidth());
  auto* cells = new FlowLayout(2);
  group = new QButtonGroup(this);
  group->setExclusive(false);
  for (const Choice& choice : choices) {
    auto* button = toggle(choice.text, tipOf(choice.command));
    group->addButton(button, static_cast<int>(group->buttons().size()) + 1);
    cells->addWidget(button);
  }
  auto* line = new QHBoxLayout;
  line->setSpacing(2);
  line->addWidget(label);
  line->addLayout(cells, 1);
  return line;
}

void ReflectionBar::refresh() {
  const ShownTake& open = parts_.shown;
  const Take* take = open.take();
  const bool may = parts_.session.allowed().say;
  const auto show = [&](QButtonGroup* group, int chosen) {
    for (QAbstractButton* button : group->buttons()) {
      button->setChecked(take && group->id(button) == chosen);
      button->setEnabled(may);
    }
  };
  show(words_, take ? static_cast<int>(take->word) : 0);
  show(attention_, take ? static_cast<int>(take->attention) : 0);
  show(comfort_, take ? static_cast<int>(take->comfort) : 0);
  for (const auto& [id, button] : ticks_) {
    button->setChecked(take && std::ranges::find(take->ticks, id) != take->ticks.end());
    button->setEnabled(may);
  }
  const QString before = words::said(parts_.history.adviceBefore());
  const QString said = take ? words::said(take->tried) : QString();
  tried_->setEnabled(may && (!before.isEmpty() || !said.isEmpty()));
  tried_->setChecked(!said.isEmpty());
  tried_->setToolTip(!said.isEmpty()     ? tr("This was tried (Y): %1").arg(said)
                     : !before.isEmpty() ? tr("Was this tried? (Y) %1").arg(before)
                                         : tr("There was nothing to try before this take."));
  model_->setVisible(parts_.lesson.current()->against == Against::teacher);
  model_->setEnabled(may);
  model_->setChecked(parts_.remarks.isModel());
  const QString all = saidText();
  head_->setText(all.isEmpty() ? tr("How was it?") : tr("How was it? %1").arg(all));
  remark_->setEnabled(may);
}

/// A remark that was typed is kept with the take that it was typed for.
void ReflectionBar::keepRemark() {
  if (parts_.shown.take()) parts_.remarks.setRemark(remark_->text().toStdString());
}

}  // namespace calando
