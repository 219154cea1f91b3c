#include "app/readout/next_row.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/session/lesson/onward.h"
#include "app/session/lesson/planning.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/shown_take.h"
#include "app/style/style.h"
#include "app/words/plan_words.h"

namespace calando {

NextRow::NextRow(const Parts& parts)
    : parts_(parts), what_(new QLabel), take_(new QPushButton), refuse_(new QPushButton(tr("Not now"))) {
  setObjectName("nextRow");
  what_->setObjectName("nextTry");
  what_->setWordWrap(true);
  take_->setObjectName("nextTake");
  take_->setToolTip(tipOf("proposal-take"));
  refuse_->setObjectName("nextRefuse");
  refuse_->setProperty("quiet", true);
  refuse_->setToolTip(tipOf("proposal-refuse"));
  auto* row = tight(new QHBoxLayout, 2 * style::kStep);
  row->addWidget(take_);
  row->addWidget(refuse_);
  row->addStretch(1);
  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addWidget(what_);
  layout->addLayout(row);
  connect(take_, &QPushButton::clicked, &parts_.onward, &Onward::take);
  connect(refuse_, &QPushButton::clicked, &parts_.onward, &Onward::refuse);
  connect(&parts_.onward, &Onward::changed, this, &NextRow::refresh);
  connect(&parts_.shown, &ShownTake::changed, this, &NextRow::refresh);
  refresh();
}

void NextRow::refresh() {
  const auto& next = parts_.onward.next();
  const bool after = parts_.shown.take() && parts_.shown.take()->id == parts_.onward.after();
  setVisible(next && after);
  if (!next || !after) return;
  what_->setText(words::nextTry(*next, parts_.planning.state(), parts_.book.instrument()));
  const bool asks = next->kind != NextTry::Kind::onceMore;
  for (QPushButton* button : {take_, refuse_}) {
    button->setVisible(asks);
    button->setEnabled(!parts_.readOnly);
  }
  take_->setText(next->kind == NextTry::Kind::anotherDay || next->kind == NextTry::Kind::leave
                     ? tr("Next exercise")
                     : tr("Do that"));
}

}  // namespace calando
