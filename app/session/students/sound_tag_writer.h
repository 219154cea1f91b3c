#pragma once

#include <QObject>
#include <QTimer>

#include "app/work/pending.h"

namespace calando {

class Studio;

/// Brings the notes in the takes' sound files up to date with the list, in the background: a word, a remark,
/// a name. What is not done when the program ends is done at the next start.
class SoundTagWriter : public QObject {
 public:
  SoundTagWriter(Studio& studio, WorkQueue& work, QObject* parent = nullptr);
  ~SoundTagWriter() override { hold(); }

  /// Something has changed; it is written a moment later.
  void schedule() {
    after_ = 0;
    timer_.start();
  }
  /// Nothing is being written once this returns, and nothing will be until schedule(): for before files go.
  void hold();
  /// Writes what is left, for no longer than this.
  void finish(int most_ms);

 private:
  void writeSome();

  Studio& studio_;
  WorkQueue& work_;
  QTimer timer_;
  Pending writing_;
  std::int64_t after_ = 0;  // takes up to this one have been tried
};

}  // namespace calando
