#pragma once

#include <QKeySequence>
#include <QObject>
#include <QString>
#include <functional>
#include <map>
#include <span>
#include <string>
#include <string_view>

class QWidget;

namespace calando {

/// What can be done by a key. One row each: keys, tooltips and F1 are made of it.
struct Command {
  std::string_view id;
  const char* keys;  ///< as QKeySequence reads them, several with a space between
  const char* help;  ///< what it does
  enum class Where {
    anywhere,   ///< in fields, too
    notTyping,  ///< where the key is no text
    inShelf,
    inPicture  ///< the picture's own; here for F1
  } where = Where::notTyping;
  bool everyPlace = false;  ///< not the lesson's alone
};
std::span<const Command> commands();
const Command& commandOf(std::string_view id);
/// "Space", as people read it.
QString keysOf(const Command& command);
QString helpOf(const Command& command);
/// For a tooltip: what it does and its key.
QString tipOf(std::string_view id);

/// Turns keys in a window into commands.
class CommandKeys : public QObject {
 public:
  explicit CommandKeys(QWidget& window);
  ~CommandKeys() override;
  void on(std::string_view id, std::function<void()> act) { acts_[std::string(id)] = std::move(act); }
  void run(std::string_view id) const;
  /// Where Delete and the like are meant for takes.
  void setShelf(const QObject* shelf) { shelf_ = shelf; }
  /// Elsewhere only what is for every place is meant.
  void setInLesson(bool here) { inLesson_ = here; }

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  bool isMeant(const Command& command, QWidget* widget) const;

  QWidget& window_;
  const QObject* shelf_ = nullptr;
  bool inLesson_ = true;
  std::map<std::string, std::function<void()>, std::less<>> acts_;
};

/// On a field for sentences: there even the space is text.
inline constexpr const char* kFreeText = "freeText";
/// On what has letters and digits of its own.
inline constexpr const char* kOwnKeys = "ownKeys";

}  // namespace calando
