#pragma once

#include "core/library/cards.h"
#include "records/studio.h"
#include "session/doubles.h"
#include "support/breaths.h"

namespace calando {

class SafetySessionTest : public SessionTest {
 protected:
  using Before = Safety::Before;
  /// One breath out, as long as it lasts, in a quiet room.
  static std::vector<float> breath(double seconds, double before_s = 0.8) {
    sounds::BreathSound sound;
    sound.breaths = {{before_s, before_s + seconds, sounds::Way::out, sounds::Mouth::hiss}};
    sound.seconds = before_s + seconds + 1.0;
    return sounds::breathing(sound);
  }
  /// A take of the present step from Space to Space.
  void breathe(double seconds) {
    session_->session.toggle();
    ASSERT_EQ(phase(), Phase::sounding) << said().toStdString();
    input_->push(breath(seconds));
    ASSERT_TRUE(heard());
    session_->session.toggle();
    ASSERT_TRUE(settle());
  }
  /// The caution of the day is out of the way.
  void begin(const char* step) {
    start();
    add("Ada");
    session_->lesson.choose(step);
    session_->session.toggle();
    ASSERT_TRUE(session_->safety.showsCaution());
  }
  Safety::Before before() { return session_->safety.before(); }
  void act() { session_->notices.act(); }
};

}  // namespace calando
