#include "app/head/go_box.h"

#include "app/parts/commands.h"
#include "app/parts/tight.h"
#include "app/session/lesson/lesson.h"
#include "app/session/lesson/rest_clock.h"
#include "app/session/session.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_run.h"

namespace calando {

namespace {
constexpr int kWidth = 118;
}

GoBox::GoBox(const Parts& parts) : parts_(parts), record_(new QPushButton), rest_(new QLabel) {
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
    parts_.session.toggle();
    allow();
  });
  connect(&parts_.rest, &RestClock::moved, this, &GoBox::showRest);
  connect(&parts_.run, &TakeRun::phaseChanged, this, &GoBox::allow);
  connect(&parts_.book, &StudentBook::studentChanged, this, &GoBox::allow);
  allow();
}

/// Under the button stands how to stop while something sounds, else the rest that is owed.
void GoBox::showRest(int seconds) {
  const bool sounds = parts_.run.taking();
  rest_->setText(sounds ? tr("Esc: unwell", "a key, and when it is pressed") : tr("rest %1 s").arg(seconds));
  rest_->setVisible(sounds || seconds > 0);
}

/// In a take that is timed by the player's key the button is that key.
void GoBox::allow() {
  const TakeRun& run = parts_.run;
  const bool runs = run.phase() != TakeRun::Phase::ready;
  record_->setEnabled(parts_.session.allowed().record && parts_.book.chosen());
  record_->setChecked(runs);
  showRest(parts_.rest.left_s());
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
