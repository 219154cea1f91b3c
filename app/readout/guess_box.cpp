#include "app/readout/guess_box.h"

#include "app/parts/tight.h"
#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr double kMost = 100000.0;
}

GuessBox::GuessBox(Session& session) : session_(session), what_(new QLabel), guess_(new QDoubleSpinBox) {
  what_->setFont(style::serif(style::kTitleType));
  what_->setWordWrap(true);
  guess_->setObjectName("guess");
  guess_->setRange(-kMost, kMost);
  guess_->setAccessibleName(tr("Your guess"));
  auto* show = new QPushButton(tr("Show it"));
  show->setObjectName("guessShow");
  auto* hint = new QLabel(tr("The figures and the picture come after your guess."));
  hint->setObjectName("caption");
  hint->setWordWrap(true);
  auto* row = tight(new QHBoxLayout, 2 * style::kStep);
  row->addWidget(guess_, 1);
  row->addWidget(show);
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addWidget(what_);
  layout->addLayout(row);
  layout->addWidget(hint);
  layout->addStretch(1);
  const auto guessed = [this] {
    guess_->interpretText();
    session_.hearing().guess(guess_->value());
  };
  connect(show, &QPushButton::clicked, this, guessed);
  connect(guess_, &QDoubleSpinBox::editingFinished, this, [this, guessed] {
    if (guess_->hasFocus()) guessed();  // Return, not a click elsewhere
  });
  refresh();
}

void GuessBox::refresh() {
  const auto& guessing = session_.hearing().guessing();
  setVisible(guessing.has_value());
  if (!guessing || take_ == guessing->take) return;
  take_ = guessing->take;
  const Figure& figure = *guessing->figure;
  const QString unit = words::unit(figure);
  what_->setText(tr("%1: what do you guess?", "a figure").arg(words::label(figure)));
  guess_->setDecimals(figure.print.decimals);
  guess_->setSuffix(unit.isEmpty() ? QString() : " " + unit);
  guess_->setValue(0.0);
  guess_->setFocus();
  guess_->selectAll();
}

}  // namespace calando
