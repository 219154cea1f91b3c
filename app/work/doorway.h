#pragma once

#include <QCoreApplication>
#include <QEvent>
#include <QObject>
#include <functional>

#include "app/work/handed_over.h"

namespace calando::work {

/// Who is handed something to do on their own thread, by any other; it is done in the order in which it came,
/// as long as they live.
class Doorway : public QObject {
 public:
  using QObject::QObject;

  /// From any thread.
  void hand(std::function<void()> act) {
    auto* handed = new Handed(std::move(act));
    handsOver();
    QCoreApplication::postEvent(this, handed);
  }

 protected:
  void customEvent(QEvent* event) override {
    takesOver();
    if (auto* handed = dynamic_cast<Handed*>(event)) handed->act();
  }

 private:
  struct Handed : QEvent {
    explicit Handed(std::function<void()> what) : QEvent(QEvent::User), act(std::move(what)) {}
    std::function<void()> act;
  };
};

}  // namespace calando::work
