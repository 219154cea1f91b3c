#pragma once

#include <QObject>
#include <QString>
#include <functional>
#include <optional>
#include <vector>

#include "records/values/studio_fault.h"

namespace calando {

/// What there is to say, in order of weight: a loss stays until it has been answered, one after the other; a
/// lighter one never takes its place. And how far something is that takes long.
class Notices : public QObject {
  Q_OBJECT

 public:
  using QObject::QObject;

  enum class Weight {
    light,  ///< what to do, what a take was like: the next one replaces it
    loss    ///< something was refused, lost or could not be kept
  };
  /// What can be done about it: a button.
  struct Answer {
    QString text;
    std::function<void()> act;
  };
  struct Notice {
    QString text;
    std::vector<Answer> answers = {};
  };
  struct Progress {
    QString text;
    int done = 0;
    int of = 0;
    std::function<void()> cancel;
  };

  void say(const QString& text, const QString& action = {}, std::function<void()> act = {});
  /// A light one that has several answers.
  void ask(const QString& text, std::vector<Answer> answers);
  void sayLoss(const QString& text, const QString& action = {}, std::function<void()> act = {});
  /// A loss.
  void failed(const Problem& why);
  /// A loss where it failed.
  template <class T>
  bool worked(const StudioResult<T>& result) {
    if (!result) failed(result.error());
    return result.has_value();
  }
  /// The light one goes; losses stay.
  void clear();
  void setProgress(std::optional<Progress> progress);

  /// What is to be seen now; nullptr: nothing.
  const Notice* current() const;
  std::size_t losses() const { return losses_.size(); }
  const std::optional<Progress>& progress() const { return progress_; }
  /// The one that is seen has been.
  void drop();
  /// The same, and what it offers is done; of several answers that one.
  void act(std::size_t answer = 0);

 signals:
  void changed();

 private:
  std::vector<Notice> losses_;  // the newest last
  std::optional<Notice> light_;
  std::optional<Progress> progress_;
};

}  // namespace calando
