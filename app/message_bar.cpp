#include "app/message_bar.h"

#include "app/plain_text.h"

namespace calando {

MessageBar::MessageBar(QWidget* parent)
    : QWidget(parent),
      text_(new QLabel),
      action_(new QPushButton),
      seen_(new QPushButton(tr("Seen"))),
      progressRow_(new QWidget),
      progressText_(new QLabel),
      progressBar_(new QProgressBar) {
  text_->setObjectName("message");
  text_->setWordWrap(true);
  text_->setTextFormat(Qt::PlainText);
  action_->setObjectName("messageButton");
  seen_->setObjectName("messageSeen");
  seen_->setToolTip(tr("Take this message away"));
  connect(action_, &QPushButton::clicked, this, [this] {
    const Message& shown = losses_.empty() ? *light_ : losses_.back();
    const auto act = shown.act;
    drop();
    if (act) act();
  });
  connect(seen_, &QPushButton::clicked, this, &MessageBar::drop);
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  row->addWidget(text_, 1);
  row->addWidget(action_);
  row->addWidget(seen_);

  progressText_->setObjectName("progress");
  progressBar_->setTextVisible(false);
  progressBar_->setFixedHeight(12);
  progressBar_->setAccessibleName(tr("How far it is"));
  auto* cancel = new QPushButton(tr("Cancel"));
  cancel->setObjectName("progressCancel");
  connect(cancel, &QPushButton::clicked, this, [this] {
    if (cancel_) cancel_();
  });
  auto* progress = new QHBoxLayout(progressRow_);
  progress->setContentsMargins(0, 0, 0, 0);
  progress->setSpacing(6);
  progress->addWidget(progressText_);
  progress->addWidget(progressBar_, 1);
  progress->addWidget(cancel);

  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->addLayout(row);
  layout->addWidget(progressRow_);
  progressRow_->hide();
  show();
}

void MessageBar::say(const QString& text, Weight weight, const QString& action, std::function<void()> act) {
  if (text.isEmpty()) return clear();
  Message message{text, action, std::move(act)};
  if (weight == Weight::loss) {
    // Said twice, it is still one thing to answer.
    std::erase_if(losses_, [&](const Message& m) { return m.text == text; });
    losses_.push_back(std::move(message));
  } else {
    light_ = std::move(message);
  }
  show();
}

void MessageBar::clear() {
  light_.reset();
  show();
}

void MessageBar::drop() {
  if (losses_.empty())
    light_.reset();
  else
    losses_.pop_back();
  show();
}

void MessageBar::show() {
  const Message* message = !losses_.empty() ? &losses_.back() : light_ ? &*light_ : nullptr;
  text_->setVisible(message);
  action_->setVisible(message && !message->action.isEmpty());
  seen_->setVisible(message);
  setVisible(message || !progressRow_->isHidden());
  if (!message) return text_->clear();
  text_->setText(losses_.size() > 1 ? tr("1 of %1: %2").arg(QString::number(losses_.size()), message->text)
                                    : message->text);
  action_->setText(withoutKeys(message->action));
}

void MessageBar::progress(const QString& text, int done, int of, std::function<void()> cancel) {
  cancel_ = std::move(cancel);
  progressText_->setText(text);
  progressBar_->setRange(0, of);
  progressBar_->setValue(done);
  progressRow_->show();
  show();
}

void MessageBar::endProgress() {
  cancel_ = {};
  progressRow_->hide();
  show();
}

}  // namespace calando
