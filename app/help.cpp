#include "app/help.h"

#include <QCoreApplication>
#include <QDialog>
#include <QTextBrowser>

#include "core/exercise/exercise.h"
#include "core/exercise/judging.h"

namespace calando {

namespace {

QString say(const char* text) { return QCoreApplication::translate("Help", text); }

QString keys() {
  const std::pair<const char*, const char*> list[] = {
      {"Space", QT_TRANSLATE_NOOP("Help", "start and stop a take")},
      {"P", QT_TRANSLATE_NOOP("Help", "play the take, or the marked part as a loop; stop")},
      {"E", QT_TRANSLATE_NOOP("Help", "ears first: hide or show the trace")},
      {"PgUp, PgDown", QT_TRANSLATE_NOOP("Help", "newer or older take")},
      {"+, −, 0", QT_TRANSLATE_NOOP("Help",
                                    "in the ribbon: zoom in, out, all; arrow keys move, as does a drag with "
                                    "Ctrl; a plain drag marks")},
      {"1 2 3 4", QT_TRANSLATE_NOOP("Help", "the teacher’s word: accept, invalid try, not yet, veto")},
      {"5 6 7 8",
       QT_TRANSLATE_NOOP("Help", "where the player’s attention was: sound, count, lips, elsewhere")},
      {"J K L", QT_TRANSLATE_NOOP("Help", "how it felt: easy, fair, tight")},
      {"Y", QT_TRANSLATE_NOOP("Help", "the one thing to try after the take before was tried in this one")},
      {"M", QT_TRANSLATE_NOOP("Help",
                              "on a step against the teacher’s tone: this take is the model for the next "
                              "ones")},
      {"N", QT_TRANSLATE_NOOP("Help", "next step of the lesson")},
      {"T", QT_TRANSLATE_NOOP("Help", "figures, note by note, along the range")},
      {"C, Shift+C",
       QT_TRANSLATE_NOOP("Help",
                         "compare the marked takes, or this one with the one before; blind with Shift")},
      {"Ctrl+O", QT_TRANSLATE_NOOP("Help", "open recordings; they can also be dropped on the window")},
      {"Ctrl+E", QT_TRANSLATE_NOOP("Help", "export the take")},
      {"Ctrl+N", QT_TRANSLATE_NOOP("Help", "add a student")},
      {"Del, Ctrl+Z", QT_TRANSLATE_NOOP("Help", "in the shelf: delete the take; undo")},
      {"F1", QT_TRANSLATE_NOOP("Help", "this page")}};
  QString html = "<table cellpadding='3'>";
  for (const auto& [key, meaning] : list)
    html += QString("<tr><td><b>%1</b></td><td>%2</td></tr>").arg(key, say(meaning));
  return html + "</table>";
}

}  // namespace

void showHelp(QWidget* parent) {
  QDialog dialog(parent);
  dialog.setWindowTitle(say("Help"));
  dialog.resize(720, 600);
  auto* text = new QTextBrowser(&dialog);
  text->setAccessibleName(say("Help text"));
  QString html =
      "<h2>" + say("Keys") + "</h2>" + keys() + "<h2>" + say("Reading the ribbon") + "</h2><p>" +
      say("The white line is the pitch, in cents off the note it is held against. The ribbon’s "
          "thickness is the loudness. Its ink is the tone: dense where the harmonics stand clear "
          "of the noise, grainy where there is much air in it. Washed ink after a tone is the room that "
          "rings on: it is not held time.") +
      "</p><p>" +
      say("Shapes: a filled disc is inside the target, a half disc near, an open ring outside, a "
          "dash not measured, a dotted ring not yet.") +
      "</p><h2>" + say("Playing to a count") + "</h2><p>" +
      say("Flash, click, fork or drone are chosen in the head strip. Measure delay, once for each "
          "microphone and output, tells how late a click comes back: until then, and in a take in which the "
          "sound stumbled, the notes are held against their own count. How sure their timing is stands by "
          "the input level.") +
      "</p><p>" +
      say("What the microphone hears of clicks and fork is learnt from the count-in and taken out of the "
          "figures, so be quiet there. With headphones there is nothing to take out.") +
      "</p><h2>" + say("Own exercises") + "</h2><p>" +
      say("Order… on the left lists all cards. Card… there opens one: notes, counts, tempo, loudness "
          "and targets are changed with the cues on the count before you, and what you save is a "
          "card of your own; those that ship stay. Cards are exported and imported as files. Order… also "
          "has the names of the notes (B and H, or do ré mi) and the school whose words the cards speak.") +
      "</p><h2>" + say("What is kept") + "</h2><p>" +
      say("A take is on the disk while it is played: whatever ends the program, at most its last second is "
          "lost. What was "
          "left behind, or is not on the list of takes, is offered at the next start and removed by nobody "
          "but you. If "
          "the list itself is lost or damaged, it can be made anew from the sound files. A take that finds "
          "no room on the "
          "disk can be saved elsewhere and opened again later.") +
      "</p><p>" +
      say("Erasing a student removes every recording, figure and note of theirs from this computer; where "
          "that cannot be "
          "finished at once, it is at the next start. Copies and exports you made are yours to remove.") +
      "</p><h2>" + say("Figures") + "</h2><dl>";
  for (const std::string& id : readingIds())
    html += QString("<dt><b>%1</b> %2</dt><dd>%3</dd>")
                .arg(QString::fromStdString(readingLabel(id)), QString::fromStdString(readingUnit(id)),
                     QString::fromStdString(readingMeaning(id)));
  html += "</dl><p>" +
          say("Calando shows and measures; the teacher’s ear is the judge. It is no medical device: stop "
              "when light-headed, dizzy or in pain.") +
          "</p>";
  text->setHtml(html);
  auto* layout = new QVBoxLayout(&dialog);
  layout->addWidget(text);
  dialog.exec();
}

}  // namespace calando
