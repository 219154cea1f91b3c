#include "app/session/note_writer.h"

#include <QElapsedTimer>

namespace calando {

namespace {
constexpr int kAfter_ms = 1000;  // typing and several words become one change
constexpr std::size_t kSome = 8;
}  // namespace

NoteWriter::NoteWriter(Studio& studio, QObject* parent) : QObject(parent), studio_(studio) {
  pool_.setMaxThreadCount(1);
  timer_.setSingleShot(true);
  timer_.setInterval(kAfter_ms);
  connect(&timer_, &QTimer::timeout, this, &NoteWriter::writeSome);
}

NoteWriter::~NoteWriter() { hold(); }

void NoteWriter::hold() {
  timer_.stop();
  pool_.waitForDone();
}

void NoteWriter::writeSome() {
  if (busy_ || studio_.readOnly()) return;
  const auto some = studio_.unnoted(kSome, after_);
  if (!some || some->empty()) return;
  busy_ = true;
  after_ = some->back().take;
  pool_.start([this, some = *some] {
    std::vector<Studio::Unnoted> written;
    for (const Studio::Unnoted& one : some)
      if (Studio::writeNote(one)) written.push_back(one);
    QMetaObject::invokeMethod(
        this,
        [this, written] {
          busy_ = false;
          for (const Studio::Unnoted& one : written) (void)studio_.noted(one);
          timer_.start();
        },
        Qt::QueuedConnection);
  });
}

void NoteWriter::finish(int most_ms) {
  hold();
  QElapsedTimer clock;
  clock.start();
  after_ = 0;
  while (!studio_.readOnly() && clock.elapsed() < most_ms) {
    const auto one = studio_.unnoted(1, after_);
    if (!one || one->empty()) return;
    after_ = one->front().take;
    if (Studio::writeNote(one->front())) (void)studio_.noted(one->front());
  }
}

}  // namespace calando
