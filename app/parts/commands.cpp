#include "app/parts/commands.h"

#include <array>

namespace calando {

namespace {

using enum Command::Where;

constexpr std::array kCommands{
    Command{"take", "Space", QT_TRANSLATE_NOOP("Command", "start and stop a take"), anywhere},
    Command{"stop", "Esc",
            QT_TRANSLATE_NOOP("Command", "stop at once, whatever sounds: dizzy, pain, tired, enough"),
            anywhere},
    Command{"play", "P", QT_TRANSLATE_NOOP("Command", "play the take, or the marked part as a loop; stop")},
    Command{"ears", "E", QT_TRANSLATE_NOOP("Command", "ears first: hide or show the trace")},
    Command{"louder", "Ctrl+Up", QT_TRANSLATE_NOOP("Command", "partner, drone and click: louder"), anywhere},
    Command{"softer", "Ctrl+Down", QT_TRANSLATE_NOOP("Command", "partner, drone and click: softer"),
            anywhere},
    Command{"next", "N", QT_TRANSLATE_NOOP("Command", "next exercise of the lesson")},
    Command{"students", "S", QT_TRANSLATE_NOOP("Command", "choose the student"), notTyping, true},
    Command{"newer", "PgUp", QT_TRANSLATE_NOOP("Command", "newer take"), anywhere},
    Command{"older", "PgDown", QT_TRANSLATE_NOOP("Command", "older take"), anywhere},
    Command{"accept", "1",
            QT_TRANSLATE_NOOP("Command", "it counts: good as it is, whatever the figures say")},
    Command{"invalid", "2",
            QT_TRANSLATE_NOOP("Command", "it does not count: let go too early, wrong fingering, noise")},
    Command{"not-yet", "3", QT_TRANSLATE_NOOP("Command", "not yet: the sound did not come, which is normal")},
    Command{"veto", "4",
            QT_TRANSLATE_NOOP("Command",
                              "right figure, wrong way: the numbers are good, how they were got is not")},
    Command{"on-sound", "5", QT_TRANSLATE_NOOP("Command", "the player’s attention was on the sound")},
    Command{"on-count", "6", QT_TRANSLATE_NOOP("Command", "the player’s attention was on the count")},
    Command{"on-lips", "7", QT_TRANSLATE_NOOP("Command", "the player’s attention was on the lips")},
    Command{"elsewhere", "8", QT_TRANSLATE_NOOP("Command", "the player’s attention was elsewhere")},
    Command{"easy", "J", QT_TRANSLATE_NOOP("Command", "it felt easy")},
    Command{"fair", "K", QT_TRANSLATE_NOOP("Command", "it felt fair")},
    Command{"tight", "L", QT_TRANSLATE_NOOP("Command", "it felt tight")},
    Command{"tick-belly", "B", QT_TRANSLATE_NOOP("Command", "watched: the belly moved")},
    Command{"tick-ribs", "R", QT_TRANSLATE_NOOP("Command", "watched: the ribs widened")},
    Command{"tick-shoulders", "H", QT_TRANSLATE_NOOP("Command", "watched: the shoulders stayed quiet")},
    Command{"tick-posture", "U", QT_TRANSLATE_NOOP("Command", "watched: upright all the time")},
    Command{"tick-arms", "A", QT_TRANSLATE_NOOP("Command", "watched: the arms went with the air")},
    Command{"tick-corners", "O",
            QT_TRANSLATE_NOOP("Command", "watched: the corners of the mouth stayed where they were")},
    Command{"tick-cheeks", "F", QT_TRANSLATE_NOOP("Command", "watched: the cheeks stayed flat")},
    Command{"tick-chin", "I", QT_TRANSLATE_NOOP("Command", "watched: the chin stayed flat")},
    Command{"tick-jaw", "G", QT_TRANSLATE_NOOP("Command", "watched: the jaw stayed as it was")},
    Command{"tick-tongue", "D", QT_TRANSLATE_NOOP("Command", "felt: the tongue did it, and nothing else")},
    Command{"tried", "Y",
            QT_TRANSLATE_NOOP("Command", "the one thing to try after the take before was tried in this one")},
    Command{"seen", "V", QT_TRANSLATE_NOOP("Command", "was it so? yes; no; unsaid")},
    Command{"mirror", "X",
            QT_TRANSLATE_NOOP("Command", "the mirror beside the picture: on and off; nothing of it is kept")},
    Command{"model", "M",
            QT_TRANSLATE_NOOP(
                "Command",
                "in an exercise against the teacher’s tone: this take is the model for the next ones")},
    Command{"readout", "T", QT_TRANSLATE_NOOP("Command", "figures, note by note, along the range")},
    Command{"compare", "C",
            QT_TRANSLATE_NOOP("Command", "compare the marked takes, or this one with the one before")},
    Command{"compare-blind", "Shift+C",
            QT_TRANSLATE_NOOP("Command", "compare with closed eyes: listen first, then the names")},
    Command{"open", "Ctrl+O",
            QT_TRANSLATE_NOOP("Command", "open recordings; they can also be dropped on the window"),
            anywhere},
    Command{"export", "Ctrl+E",
            QT_TRANSLATE_NOOP("Command", "write the take to a file: sound, figures or picture"), anywhere},
    Command{"add", "Ctrl+N", QT_TRANSLATE_NOOP("Command", "add a student"), anywhere, true},
    Command{"delete", "Del", QT_TRANSLATE_NOOP("Command", "delete the take"), inShelf},
    Command{"undo", "Ctrl+Z",
            QT_TRANSLATE_NOOP(
                "Command",
                "undo: a deleted take, a word, a changed plan, order or exercise, what was said of homework"),
            notTyping, true},
    Command{"lesson", "Alt+1", QT_TRANSLATE_NOOP("Command", "the lesson"), anywhere, true},
    Command{"post", "Alt+3", QT_TRANSLATE_NOOP("Command", "the post: homework that came in, marked"),
            anywhere, true},
    Command{"listening", "Alt+4", QT_TRANSLATE_NOOP("Command", "ears: listening, asked about your own tones"),
            anywhere, true},
    Command{"weeks", "Alt+2", QT_TRANSLATE_NOOP("Command", "the weeks: growth, logbook, plan"), anywhere,
            true},
    Command{"proposal-take", "W",
            QT_TRANSLATE_NOOP(
                "Command", "take what is proposed: after a take, or in the weeks with the value beside it"),
            notTyping, true},
    Command{"proposal-refuse", "Q",
            QT_TRANSLATE_NOOP("Command", "not now; in the weeks: it is not proposed again for a week"),
            notTyping, true},
    Command{"reckoner", "Alt+5", QT_TRANSLATE_NOOP("Command", "the reckoner: the arithmetic of the trade"),
            anywhere, true},
    Command{"reckoned", "Ctrl+Return",
            QT_TRANSLATE_NOOP("Command", "in the reckoner: note, tempo and tuning into the lesson"), anywhere,
            true},
    Command{"settings", "Ctrl+,", QT_TRANSLATE_NOOP("Command", "settings"), anywhere, true},
    Command{
        "zoom", "+ - 0",
        QT_TRANSLATE_NOOP("Command",
                          "zoom in, out, all; arrow keys move, as does a drag with Ctrl; a plain drag marks"),
        inPicture},
    Command{"help", "F1", QT_TRANSLATE_NOOP("Command", "this page"), anywhere, true},
};

QList<QKeySequence> sequencesOf(const Command& command) {
  QList<QKeySequence> list;
  for (const QString& keys : QString(command.keys).split(' ')) list << QKeySequence::fromString(keys);
  return list;
}

}  // namespace

std::span<const Command> commands() { return kCommands; }

const Command& commandOf(std::string_view id) { return *std::ranges::find(kCommands, id, &Command::id); }

QString keysOf(const Command& command) {
  QStringList shown;
  for (const QKeySequence& keys : sequencesOf(command)) shown << keys.toString(QKeySequence::NativeText);
  return shown.join(QStringLiteral("  "));
}

QString helpOf(const Command& command) { return QCoreApplication::translate("Command", command.help); }

QString tipOf(std::string_view id) {
  const Command& command = commandOf(id);
  QString help = helpOf(command);
  help[0] = help[0].toUpper();
  return QStringLiteral("%1 (%2)").arg(help, keysOf(command));
}

CommandKeys::CommandKeys(QWidget& window) : window_(window) { qApp->installEventFilter(this); }
CommandKeys::~CommandKeys() { qApp->removeEventFilter(this); }

void CommandKeys::run(std::string_view id) const {
  if (const auto found = acts_.find(id); found != acts_.end()) found->second();
}

bool CommandKeys::isMeant(const Command& command, QWidget* widget) const {
  if (!inLesson_ && !command.everyPlace) return false;
  const bool typing = widget->property(kOwnKeys).toBool() || qobject_cast<QLineEdit*>(widget) ||
                      qobject_cast<QAbstractSpinBox*>(widget) || qobject_cast<QPlainTextEdit*>(widget);
  switch (command.where) {
    case anywhere:
      // A space is text in a sentence, and else starts and stops, whatever has the focus.
      return command.id != "take" || !widget->property(kFreeText).toBool();
    case notTyping:
      return !typing;
    case inShelf:
      return widget == shelf_;
    case inPicture:
      return false;
  }
  return false;
}

bool CommandKeys::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::KeyPress || QApplication::activeModalWidget() ||
      QApplication::activePopupWidget())
    return false;
  auto* widget = qobject_cast<QWidget*>(watched);
  if (!widget || widget->window() != &window_) return false;
  const auto* key = static_cast<QKeyEvent*>(event);
  if (key->isAutoRepeat()) return false;
  // What Space does elsewhere is done by Return where Space is taken.
  if (auto* button = qobject_cast<QAbstractButton*>(widget);
      button && inLesson_ && key->modifiers() == Qt::NoModifier &&
      (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter)) {
    button->click();
    return true;
  }
  const QKeySequence pressed(
      QKeyCombination(key->modifiers() & ~Qt::KeypadModifier, static_cast<Qt::Key>(key->key())));
  for (const Command& command : kCommands)
    if (sequencesOf(command).contains(pressed) && acts_.contains(command.id) && isMeant(command, widget)) {
      run(command.id);
      return true;
    }
  return false;
}

}  // namespace calando
