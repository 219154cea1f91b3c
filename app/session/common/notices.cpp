#include "app/session/common/notices.h"

#include "app/log/log.h"
#include "app/words/words.h"

namespace calando {

namespace {
std::vector<Notices::Answer> oneAnswer(const QString& text, std::function<void()> act) {
  if (text.isEmpty()) return {};
  return {{text, std::move(act)}};
}
}  // namespace

void Notices::say(const QString& text, const QString& action, std::function<void()> act) {
  if (text.isEmpty()) return clear();
  light_ = Notice{text, oneAnswer(action, std::move(act))};
  emit changed();
}

void Notices::ask(const QString& text, std::vector<Answer> answers) {
  light_ = Notice{text, std::move(answers)};
  emit changed();
}

void Notices::sayLoss(const QString& text, const QString& action, std::function<void()> act) {
  // Said twice, it is still one thing to answer.
  std::erase_if(losses_, [&](const Notice& n) { return n.text == text; });
  losses_.push_back({text, oneAnswer(action, std::move(act))});
  emit changed();
}

void Notices::failed(const Problem& why) {
  qCWarning(logStudio) << namelessly(why);
  sayLoss(words::said(why));
}

void Notices::clear() {
  light_.reset();
  emit changed();
}

void Notices::setProgress(std::optional<Progress> progress) {
  progress_ = std::move(progress);
  emit changed();
}

const Notices::Notice* Notices::current() const {
  return !losses_.empty() ? &losses_.back() : light_ ? &*light_ : nullptr;
}

void Notices::drop() {
  if (losses_.empty())
    light_.reset();
  else
    losses_.pop_back();
  emit changed();
}

void Notices::act(std::size_t answer) {
  const Notice* notice = current();
  if (!notice || answer >= notice->answers.size()) return;
  const auto act = notice->answers[answer].act;
  drop();
  if (act) act();
}

}  // namespace calando
