#include "app/note_writer.h"

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
  if (busy_ || failed_ || studio_.readOnly()) return;
  const auto some = studio_.unnoted(kSome);
  if (!some || some->empty()) return;
  busy_ = true;
  pool_.start([this, some = *some] {
    std::vector<Studio::Unnoted> written;
    for (const Studio::Unnoted& one : some)
      if (Studio::writeNote(one)) written.push_back(one);
    QMetaObject::invokeMethod(
        this,
        [this, written, all = written.size() == some.size()] {
          busy_ = false;
          failed_ = !all;
          for (const Studio::Unnoted& one : written) (void)studio_.noted(one);
          schedule();
        },
        Qt::QueuedConnection);
  });
}

void NoteWriter::finish(int most_ms) {
  hold();
  QElapsedTimer clock;
  clock.start();
  while (!failed_ && !studio_.readOnly() && clock.elapsed() < most_ms) {
    const auto one = studio_.unnoted(1);
    if (!one || one->empty()) return;
    failed_ = !Studio::writeNote(one->front()) || !studio_.noted(one->front());
  }
}

}  // namespace calando
