#include "app/parts/guess_box.h"

#include <QKeyEvent>
#include <functional>

#include "app/parts/tight.h"
#include "app/parts/wrapped.h"
#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr double kMost = 100000.0;

/// Return says the guess, and nothing else.
class GuessField : public QDoubleSpinBox {
 public:
  explicit GuessField(std::function<void()> said) : said_(std::move(said)) {}

 protected:
  void keyPressEvent(QKeyEvent* event) override {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return said_();
    QDoubleSpinBox::keyPressEvent(event);
  }

 private:
  std::function<void()> said_;
};

}  // namespace

GuessBox::GuessBox() : what_(new QLabel), guess_(new GuessField([this] { say(); })) {
  what_->setFont(style::serif(style::kTitleType));
  what_->setWordWrap(true);
  guess_->setObjectName("guess");
  guess_->setRange(-kMost, kMost);
  guess_->setAccessibleName(tr("Your guess"));
  auto* show = new QPushButton(tr("Show it"));
  show->setObjectName("guessShow");
  QLabel* hint = caption(tr("The figures and the picture come after your guess."));
  auto* row = tight(new QHBoxLayout, 2 * style::kStep);
  row->addWidget(guess_, 1);
  row->addWidget(show);
  auto* layout = tight(new QVBoxLayout(this), 2 * style::kStep);
  layout->addWidget(what_);
  layout->addLayout(row);
  layout->addWidget(hint);
  layout->addStretch(1);
  connect(show, &QPushButton::clicked, this, &GuessBox::say);
  hide();
}

void GuessBox::filterKeys(QObject* other) { guess_->installEventFilter(other); }

void GuessBox::say() {
  guess_->interpretText();
  emit guessed(guess_->value() / times_);
}

void GuessBox::ask(const Figure& figure) {
  const QString unit = words::unit(figure);
  what_->setText(tr("%1: what do you guess?", "a figure").arg(words::label(figure)));
  times_ = figure.print.times;
  guess_->setDecimals(figure.print.decimals);
  guess_->setSuffix(unit.isEmpty() ? QString() : " " + unit);
  guess_->setValue(0.0);
  guess_->setFocus();
  guess_->selectAll();
}

}  // namespace calando
