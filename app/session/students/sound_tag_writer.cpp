#include "app/session/students/sound_tag_writer.h"

#include <QElapsedTimer>

#include "app/work/pending.h"
#include "app/work/work_queue.h"
#include "records/studio.h"
#include "records/tables/sound_table.h"

namespace calando {

namespace {
constexpr int kAfter_ms = 1000;  // typing and several words become one change
constexpr std::size_t kSome = 8;
}  // namespace

SoundTagWriter::SoundTagWriter(Studio& studio, WorkQueue& work, QObject* parent)
    : QObject(parent), studio_(studio), work_(work) {
  timer_.setSingleShot(true);
  timer_.setInterval(kAfter_ms);
  connect(&timer_, &QTimer::timeout, this, &SoundTagWriter::writeSome);
}

void SoundTagWriter::hold() {
  timer_.stop();
  writing_.cancelAndWait();
}

void SoundTagWriter::writeSome() {
  if (writing_ || studio_.readOnly()) return;
  auto some = studio_.sounds.unnoted(kSome, after_);
  if (!some || some->empty()) return;
  after_ = some->back().take;
  writing_ = work_.ask(
      WorkQueue::Urgency::later,
      [some = std::move(*some)](std::stop_token stop) {
        std::vector<Unnoted> written;
        for (const Unnoted& one : some)
          if (!stop.stop_requested() && SoundTable::writeNote(one)) written.push_back(one);
        return written;
      },
      [this](const std::vector<Unnoted>& written) {
        for (const Unnoted& one : written) (void)studio_.sounds.noted(one);
        timer_.start();
      });
}

void SoundTagWriter::finish(int most_ms) {
  hold();
  QElapsedTimer clock;
  clock.start();
  after_ = 0;
  while (!studio_.readOnly() && clock.elapsed() < most_ms) {
    const auto one = studio_.sounds.unnoted(1, after_);
    if (!one || one->empty()) return;
    after_ = one->front().take;
    if (SoundTable::writeNote(one->front())) (void)studio_.sounds.noted(one->front());
  }
}

}  // namespace calando
