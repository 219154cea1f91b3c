#pragma once

#include <QWidget>
#include <functional>
#include <optional>
#include <vector>

class QLabel;
class QProgressBar;
class QPushButton;

namespace calando {

/// What the window has to say: one line above the picture, and a second one while something takes long.
/// A loss stays until it has been answered, one after the other; a lighter message never takes its place.
class MessageBar : public QWidget {
  Q_OBJECT

 public:
  enum class Weight {
    light,  ///< what to do, what a take was like: the next one replaces it
    loss    ///< something was refused, lost or could not be kept
  };
  explicit MessageBar(QWidget* parent = nullptr);

  void say(const QString& text, Weight weight = Weight::light, const QString& action = {},
           std::function<void()> act = {});
  /// Losses stay.
  void clear();
  /// Something goes on in the background; `cancel` ends it.
  void progress(const QString& text, int done, int of, std::function<void()> cancel);
  void endProgress();

 private:
  struct Message {
    QString text;
    QString action;
    std::function<void()> act;
  };
  void show();
  void drop();

  std::vector<Message> losses_;  // the newest last
  std::optional<Message> light_;
  std::function<void()> cancel_;
  QLabel* text_;
  QPushButton* action_;
  QPushButton* seen_;
  QWidget* progressRow_;
  QLabel* progressText_;
  QProgressBar* progressBar_;
};

}  // namespace calando
