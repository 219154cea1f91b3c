#include "app/head/go_box.h"

#include "app/parts/commands.h"
#include "app/parts/tight.h"

namespace calando {

namespace {
constexpr int kWidth = 118;
}

GoBox::GoBox(Session& session) : session_(session), record_(new QPushButton), rest_(new QLabel) {
  record_->setObjectName("record");
  record_->setCheckable(true);
  record_->setFocusPolicy(Qt::NoFocus);
  record_->setAccessibleName(tr("Start or stop a take"));
  record_->setToolTip(tipOf("take"));
  record_->setFixedWidth(kWidth);
  rest_->setObjectName("rest");
  rest_->setAlignment(Qt::AlignCenter);
  rest_->hide();
  auto* layout = tight(new QVBoxLayout(this), 2);
  layout->addWidget(record_);
  layout->addWidget(rest_);
  layout->addStretch();
  connect(record_, &QPushButton::clicked, this, [this] {
    session_.toggle();
    allow();
  });
  connect(&session_.lesson(), &Lesson::restLeft, this, &GoBox::showRest);
  connect(&session_.run(), &TakeRun::phaseChanged, this, &GoBox::allow);
  connect(&session_.book(), &StudentBook::studentChanged, this, &GoBox::allow);
  allow();
}

void GoBox::showRest(int seconds) {
  rest_->setText(tr("rest %1 s").arg(seconds));
  rest_->setVisible(seconds > 0);
}

/// In a take that is timed by the player's key the button is that key.
void GoBox::allow() {
  const TakeRun& run = session_.run();
  const bool runs = run.phase() != TakeRun::Phase::ready;
  record_->setEnabled(session_.allowed().record && session_.book().chosen());
  record_->setChecked(runs);
  switch (run.keyStep()) {
    case TakeRun::KeyStep::begins:
      return record_->setText(tr("Let go"));
    case TakeRun::KeyStep::ends:
      return record_->setText(tr("It slides"));
    case TakeRun::KeyStep::none:
      return record_->setText(runs ? tr("Stop") : tr("Start"));
  }
}

}  // namespace calando
