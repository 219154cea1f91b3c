#include "app/session/students/retention.h"

#include "app/session/common/notices.h"
#include "app/session/common/today.h"
#include "app/session/common/undo.h"
#include "records/studio.h"

namespace calando {

Retention::Retention(Studio& studio, StudentBook& book, Notices& notices, Undo& undo)
    : studio_(studio), book_(book), notices_(notices), undo_(undo) {}

int Retention::months() const {
  return std::max(0, static_cast<int>(studio_.settings.get(settings::soundMonths)));
}

void Retention::setMonths(int months) {
  if (notices_.worked(studio_.settings.keep(settings::soundMonths, static_cast<double>(months))))
    emit changed();
}

std::vector<Take> Retention::due() const {
  if (months() == 0 || studio_.readOnly()) return {};
  auto takes =
      studio_.sounds.before(dateOf(studio_.clock()).addMonths(-months()).startOfDay().toSecsSinceEpoch());
  return notices_.worked(takes) ? std::move(*takes) : std::vector<Take>();
}

void Retention::letGo(const std::vector<std::int64_t>& takes) {
  if (takes.empty() || !notices_.worked(studio_.sounds.letGo(takes, studio_.clock().now_unix_s()))) return;
  book_.load();
  undo_.push({}, before::Sounds{takes});
  notices_.say(
      tr("The sound of %n takes was given up; for a day it can be brought back, here or in Settings.",
         nullptr, static_cast<int>(takes.size())),
      tr("Bring it back"), [this, takes] { bringBack(takes); });
  emit changed();
}

std::size_t Retention::returnable() const {
  const auto takes = studio_.sounds.thatWereLetGo(studio_.clock().now_unix_s());
  return takes ? takes->size() : 0;
}

void Retention::bringBack() {
  if (const auto takes = studio_.sounds.thatWereLetGo(studio_.clock().now_unix_s()); notices_.worked(takes))
    bringBack(*takes);
}

bool Retention::bringBack(const std::vector<std::int64_t>& takes) {
  if (!notices_.worked(studio_.sounds.bringBack(takes))) return false;
  book_.load();
  notices_.say(tr("The sound is back."));
  emit changed();
  return true;
}

void Retention::begin() {
  if (studio_.readOnly() || !notices_.worked(studio_.sounds.tidy(studio_.clock().now_unix_s()))) return;
  const auto takes = due();
  if (takes.empty()) return;
  notices_.say(
      tr("%n takes are older than their sound is to be kept.", nullptr, static_cast<int>(takes.size())),
      tr("Look at them…"), [this] { emit lookWanted(); });
}

}  // namespace calando
