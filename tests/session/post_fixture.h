#pragma once

#include <fstream>

#include "app/session/common/today.h"
#include "app/session/homework/homework_inbox.h"
#include "app/session/homework/marked.h"
#include "core/library/cards.h"
#include "session/doubles.h"

namespace calando {

namespace fs = std::filesystem;

class PostTest : public SessionTest {
 protected:
  void SetUp() override {
    sent_ = fs::path(sentFolder_.path().toStdString());
    start();
    for (const char* name : {"Ada Moor", "Ben Moor", "Cleo Falk"}) add(name);
    session_->lists.load();
    HomeworkList list{"Week 1", {}};
    list.items.push_back({findExercise("tone-5"), 67});
    list.items.push_back({findExercise("tone-5"), 60});
    ASSERT_TRUE(session_->lists.keep(list, today()));
  }
  HomeworkInbox& post() { return session_->inbox; }
  std::int64_t idOf(const char* name) {
    return std::ranges::find(session_->book.students(), name, &Student::name)->id;
  }
  /// A tone of five seconds for each of the written notes.
  fs::path record(const fs::path& name, std::initializer_list<int> written) {
    std::vector<float> all;
    for (const int note : written) {
      const auto one = sounds::tone({.f0_hz = 440.0 * std::exp2((note - 2 - 69) / 12.0),
                                     .seconds = 5.4,
                                     .before_s = 1.5,
                                     .after_s = 1.5});
      all.insert(all.end(), one.begin(), one.end());
    }
    fs::create_directories((sent_ / name).parent_path());
    EXPECT_TRUE(writeSound((sent_ / name).string(), all, 48000.0, SoundFormat::flac24));
    return sent_ / name;
  }
  const Marking& markingOf(const char* name) { return post().sentOf(idOf(name))->marked->marking; }

  QTemporaryDir sentFolder_;
  fs::path sent_;
};

}  // namespace calando
