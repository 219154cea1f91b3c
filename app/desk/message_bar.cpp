#include "app/desk/message_bar.h"

#include "app/parts/flow_layout.h"
#include "app/parts/plain_text.h"
#include "app/parts/tight.h"
#include "app/style/style.h"

namespace calando {

namespace {
constexpr std::size_t kMostAnswers = 5;
}

MessageBar::MessageBar(Notices& notices)
    : notices_(notices),
      text_(new QLabel),
      action_(new QPushButton),
      question_(new QWidget),
      seen_(new QPushButton(tr("OK"))),
      progressRow_(new QWidget),
      progressText_(new QLabel),
      progressBar_(new QProgressBar) {
  text_->setObjectName("message");
  text_->setWordWrap(true);
  text_->setTextFormat(Qt::PlainText);
  seen_->setObjectName("messageSeen");
  seen_->setToolTip(tr("Take this message away"));
  connect(seen_, &QPushButton::clicked, &notices_, &Notices::drop);
  auto* row = new QHBoxLayout;
  row->setSpacing(2 * style::kStep);
  row->addWidget(text_, 1);
  row->addWidget(action_);
  row->addWidget(seen_);
  action_->setObjectName("messageButton");
  connect(action_, &QPushButton::clicked, &notices_, [this] { notices_.act(); });
  auto* flow = new FlowLayout(2 * style::kStep, question_);
  for (std::size_t i = 0; i < kMostAnswers; ++i) {
    auto* answer = new QPushButton;
    answer->setObjectName(QStringLiteral("messageAnswer%1").arg(i));
    connect(answer, &QPushButton::clicked, &notices_, [this, i] { notices_.act(i); });
    flow->addWidget(answer);
    answers_.push_back(answer);
  }

  progressText_->setObjectName("progress");
  progressBar_->setTextVisible(false);
  progressBar_->setFixedHeight(3 * style::kStep);
  progressBar_->setAccessibleName(tr("How far it is"));
  auto* cancel = new QPushButton(tr("Cancel"));
  cancel->setObjectName("progressCancel");
  connect(cancel, &QPushButton::clicked, this, [this] {
    if (const auto progress = notices_.progress(); progress && progress->cancel) progress->cancel();
  });
  auto* progress = tight(new QHBoxLayout(progressRow_), 2 * style::kStep);
  progress->addWidget(progressText_);
  progress->addWidget(progressBar_, 1);
  progress->addWidget(cancel);

  auto* layout = tight(new QVBoxLayout(this), style::kStep);
  layout->addLayout(row);
  layout->addWidget(question_);
  layout->addWidget(progressRow_);
  connect(&notices_, &Notices::changed, this, &MessageBar::refresh);
  refresh();
}

void MessageBar::refresh() {
  const Notices::Notice* notice = notices_.current();
  const auto& progress = notices_.progress();
  progressRow_->setVisible(progress.has_value());
  if (progress) {
    progressText_->setText(progress->text);
    progressBar_->setRange(0, progress->of);
    progressBar_->setValue(progress->done);
  }
  text_->setVisible(notice);
  const std::size_t answers = notice ? notice->answers.size() : 0;
  action_->setVisible(answers == 1);
  if (answers == 1) action_->setText(withoutKeys(notice->answers.front().text));
  question_->setVisible(answers > 1);
  for (std::size_t i = 0; i < answers_.size(); ++i) {
    answers_[i]->setVisible(i < answers);
    if (i < answers) answers_[i]->setText(withoutKeys(notice->answers[i].text));
  }
  seen_->setVisible(notice && answers < 2);
  setVisible(notice || progress);
  if (!notice) return text_->clear();
  text_->setText(notices_.losses() > 1
                     ? tr("1 of %1: %2").arg(QString::number(notices_.losses()), notice->text)
                     : notice->text);
}

}  // namespace calando
