#include "app/desk/help.h"

#include <QCoreApplication>
#include <QTextDocumentFragment>
#include <functional>

#include "app/desk/log_dialog.h"
#include "app/parts/commands.h"
#include "app/parts/plain_dialog.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/figures/figure.h"
#include "core/library/cards.h"

namespace calando {

namespace {

struct Help {
  Q_DECLARE_TR_FUNCTIONS(Help)
};

/// A paragraph of help, and what it is found by.
struct Entry {
  QString section;
  QString html;  ///< of text that is our own, or escaped
};

QString row(const QString& term, const QString& meaning) {
  return QString("<p><span style=\"font-weight:600\">%1</span>&nbsp;&nbsp; %2</p>")
      .arg(term.toHtmlEscaped(), meaning.toHtmlEscaped());
}

using About = std::function<void(const QString& section, std::initializer_list<QString> texts)>;

void explainPlaying(const About& about) {
  about(
      Help::tr("Reading the ribbon"),
      {Help::tr(
           "The white line is the pitch, in cents off the note it is held against. The ribbon’s thickness is "
           "the loudness. Its ink is the tone: dense where the harmonics stand clear of the noise, grainy "
           "where there is much air in it. Washed ink after a tone is the room that rings on: it is not held "
           "time."),
       Help::tr(
           "A take of breaths is a tide: air in hangs below the line, air out stands above it, as thick as "
           "it is "
           "loud, on the ground of what the count asks for. A hiss is hatched, what is too soft to tell is "
           "pale, "
           "and a breath that is full before its time, or hurries at its end, is marked. The microphone "
           "hears "
           "neither shoulders nor belly: watch them, and tick what you see."),
       Help::tr("How was it? holds what nobody hears: word, attention, how it felt, what was seen; its keys "
                "open it. The mirror (X) is the computer’s camera; nothing of it is kept."),
       Help::tr(
           "Shapes: a filled disc is inside the target, a half disc near, an open ring outside, a dash not "
           "measured, a dotted ring not yet."),
       Help::tr(
           "± behind a figure is how far it may be off by chance: two times in three by no more than that. "
           "Where there is none the figure is surer than it is written, or the sound was too short to "
           "tell.")});
  about(
      Help::tr("Playing to a count"),
      {Help::tr(
           "Flash, click, fork or drone are chosen under Heard. Measure delay, once for each microphone and "
           "output, tells how late a click comes back: until then, and in a take in which the sound "
           "stumbled, the notes are held against their own count. How sure their timing is stands by the "
           "input level."),
       Help::tr(
           "What the microphone hears of clicks and fork is learnt from the count-in and taken out of the "
           "figures, so be quiet there. With headphones there is nothing to take out.")});
}

void explainBreathing(const About& about) {
  about(
      Help::tr("Breathing"),
      {Help::tr(
           "The basin beside the picture is what to breathe with: it fills with the breath in and empties "
           "with "
           "the breath out, a mark for each count. It can be followed without a sound; a soft swell for the "
           "ear "
           "is chosen under Heard, for headphones. Arms and other things to do stand in it."),
       Help::tr(
           "Before the first set of breath of a day stands a caution; the key that starts takes it away. "
           "Between its sets normal breathing is counted down. A card asks for no more than its dose, and "
           "the small part and long tones for no more than their minutes a day, whatever the card: then one "
           "is "
           "asked whether one more is wanted. Who gets tired over the day is told so, once."),
       Help::tr(
           "Esc stops whatever sounds, at once, and asks why: dizzy, pain, tired or enough. The take says "
           "so, and nothing is taken from it. Dizzy: no more breathing and no long tones that day. Pain: "
           "that kind of playing rests until the teacher opens it again, after a restart too. A stop that "
           "was a mistake counts as if it had been played to its end. When nothing sounds Esc asks first, "
           "and once more is meant."),
       Help::tr(
           "A sheet at the wall is timed by the player’s key: Space begins to listen, again when the hand "
           "lets "
           "go, again when the sheet slides. Who lets go before the air comes has made an invalid try. As "
           "many "
           "as hold goes up a count at a time and ends by itself with the first round that does not hold; "
           "how "
           "far it may go is set under Up to."),
       Help::tr(
           "Microphones differ: choose a breath in that sounds open on the page Breaths and say so, and this "
           "player’s breaths are held against it. The page Weeks has the longest breath, the most counts "
           "that "
           "were even, and how even, week by week."),
       Help::tr("Noise suppression, noise gates and automatic gain of the computer ruin breath: where their "
                "traces "
                "are heard that is said, and breath is not measured. Switch them off in the desktop’s sound "
                "settings.")});
}

void explainSmallPart(const About& about) {
  about(
      Help::tr("The small part"),
      {Help::tr("On lips, mouthpiece, or a reed’s mouthpiece with neck, the picture has semitones where the "
                "pitch travels, a bracket for its "
                "span, and says of each break whether the air went on. A rough edge is a crackle."),
       Help::tr(
           "What is said there is an observation with its figure, and one thing to try. Was it so? V says "
           "yes, no, or nothing. Y says that "
           "it was tried: what it did stands below, and what helped this player comes first the next time."),
       Help::tr("Exploring is never scored. That the way back of a siren ends lower is expected and counts "
                "for nothing.")});
}

void explainFlexibility(const About& about) {
  about(Help::tr("Bends, stairs, overtones"),
        {Help::tr("The arch under a bend has the cents from left to right and how much the tone rings "
                  "upwards, a line for each way "
                  "down or up, the later the darker. Its top is where the note rings most for this player; "
                  "the tick is where it "
                  "was played. Where no place stands out, none is named."),
         Help::tr(
             "Partials are those of the tube chosen under Fingering: valves, a position of the slide, or one "
             "of a reed’s low notes. The "
             "rungs of the ladder lie where nature and the tube’s length have them; the tick at the "
             "right is the tempered note, "
             "the figure beside it how far the rung is from that. The fifth, the seventh and the "
             "eleventh are low by nature, and "
             "that is no fault. A rung is the stronger the longer and the cleaner it was held."),
         Help::tr("Exploring cards have a page Reach: pitch from left to right, level upwards, inked where "
                  "half a second and more was held "
                  "steadily in any take. Its lines are the softest and the loudest of each note, dotted a "
                  "month ago; a cell under the "
                  "mouse says how long, a click opens the take that held it longest. Leave the microphone in "
                  "its place."),
         Help::tr("Between slurred notes the way, a gap, a dip of the level are measured. Under steps in "
                  "time stand bars for each that "
                  "came early (below) or late.")});
}

void explainPairs(const About& about) {
  about(
      Help::tr("In tune by ear"),
      {Help::tr(
           "On cards for two a partner sounds, or, with another choice under Heard, two players are heard on "
           "one "
           "microphone. Under the ribbon both wind around one another, a turn for each beat, and lie "
           "straight "
           "side by side when they are one; the beats a second stand large beside them. With ears first only "
           "the sound tells."),
       Help::tr(
           "They are one where they keep within 5 cents and under a beat a second for a second. How soon "
           "that "
           "was, whether it went the wrong way first, who moved and how often it was left again stand beside "
           "it. Who is who on one microphone is known as long as one began alone."),
       Help::tr(
           "A partner who drifts is to be followed; one who fades is to be found in time. Others are sharp, "
           "come half of the way, follow you, come on a note that nobody says, or play a scale along, of "
           "which each note has its own time to be one. Headphones are surer: what leaks into the microphone "
           "is said."),
       Help::tr(
           "With an earlier take under Heard the tone that was on show last sounds again as the partner, its "
           "steady part round after round at its own pitch. Settings say on which instrument a made partner "
           "sounds; Ctrl+Up and Ctrl+Down make it louder and softer while it sounds."),
       Help::tr(
           "Two students: choose who else plays at the lower left, and the take is in both books; erasing "
           "either student erases it. On one microphone both are heard together; on a stereo input with left "
           "and right apart each has a channel, the other player the left one. Two microphones of two "
           "devices "
           "have two clocks: let the system join them into one stereo input."),
       Help::tr("One after the other, about 10 cents is what an untrained ear tells; together, beats tell "
                "far less. "
                "That is why the two are on one card.")});
}

void explainWeeks(const About& about) {
  about(
      Help::tr("The weeks"),
      {Help::tr(
           "Each row is a week, each small picture a take that counts; where there is no room for all, the "
           "better ones are shown. A click opens one. The line beside them is the middle of a week’s takes; "
           "its "
           "band is how far takes of one day lie apart, so a change within it is none. Two periods are "
           "compared by "
           "their days, with how sure that is. Levels of other places of the microphone are left out."),
       Help::tr("What comes next is proposed when a step was good often enough, on days enough, and made "
                "easier after "
                "three bad days or a pause; one new thing at a time. W takes it, with the value that stands "
                "beside "
                "it, Q says not yet. Plan… has the gate, holidays, and what rests."),
       Help::tr(
           "After a take in the lesson stands what to go on with: once more the same, easier after it "
           "broke twice, the exercise for just that, back again, or what is proposed. W takes it, Q says "
           "not now."),
       Help::tr(
           "The sheet of a day fills the minutes there are: what is new, then what was done longest ago, "
           "each with "
           "its rest. Tired is said when pitch, level, core, crackle or time held fall together over a day, "
           "beyond what "
           "this player’s takes of a day differ by: stop there."),
       Help::tr("Report… is a page for the student or the parents, or of the class; it can be looked at "
                "before it is "
                "written, as pages, text or a table of all figures. Pack… makes one file for a student who "
                "has Calando at "
                "home: order, cards, plan, list and model takes; what they practised comes back in another, "
                "each take "
                "once. What a pack from another studio would replace is shown side by side and asked for. "
                "Settings backs the whole studio up into one file."),
       Help::tr(
           "Ctrl+Z takes back the last thing that was done for the student who is here, or for nobody in "
           "particular; the button of a message takes back what that message says, whatever was done "
           "since.")});
}

void explainPost(const About& about) {
  about(
      Help::tr("The post"),
      {Help::tr(
           "A list says what is to be sent, card by card. Recordings are dropped here, opened, or come as a "
           "folder: a name in the file or its folder says whose it is, or a table (CSV) of files and "
           "students. They "
           "stay where they are; what is kept of them is what you take into the weeks."),
       Help::tr("Each recording is cut into tries at the list’s items; talk and noise are left out. A shape "
                "is the "
                "verdict of the best try, a dash that an item was not found, “5 of 8” how much of it came. "
                "Who is to be "
                "listened to first stands in bold, with the reason."),
       Help::tr(
           "In the recording: drag an end of a try, or its title onto another item; a number says which item "
           "the marked stretch is, 0 "
           "or Delete "
           "that it is none; a drag elsewhere marks a stretch; arrows go from try to try; P listens. "
           "What you "
           "say is measured at once, kept, and taken back by Ctrl+Z."),
       Help::tr(
           "Into the weeks keeps the best tries as takes, once, whichever list is looked at meanwhile; what "
           "is "
           "cut off goes on at the next start. A folder that is watched gives a recording once it is whole, "
           "and "
           "again when it has changed: what was said of the one before is set aside then. Of students of one "
           "name each answer has a file of its own, with a number.")});
}

void explainEars(const About& about) {
  about(
      Help::tr("Ears"),
      {Help::tr("Alt+4. From a steady tone of the student’s, or of the stand-in where there is none, sounds "
                "are made with "
                "one thing changed and nothing else: a few cents, a wave, a break, fuzz. You say which, "
                "which is the odd "
                "one, whether they are alike, lower or higher, or what was wrong. Right answers make it "
                "harder, wrong "
                "ones easier."),
       Help::tr("The smallest difference heard is what is heard in 63 of 100, guesses left out, with the "
                "range that holds "
                "it nine times in ten; a few answers give a wide one. The marks at the left say what is "
                "asked about; a "
                "teacher sets them for each student. A fault can have the student’s own words, by which it "
                "is named then."),
       Help::tr(
           "Space goes on, 1 to 6 answer, R plays again, Esc stops; a pedal’s two keys are the first and the "
           "second choice. Headphones are best, and set soft: no sound there is louder than another. Loud "
           "sound harms hearing; stop when ears ring or tire."),
       Help::tr(
           "Guess a take’s figure plays one of the newest takes and asks how long it was held, how far "
           "off or how wavy it was; then its picture comes. Two takes, blind, plays two of one exercise, "
           "equally loud: choose the one that you would keep; the figures come, then, when you ask, their "
           "days. Shift+C does the same with takes that are marked."),
       Help::tr(
           "Guess first, switched on there, asks in the lesson for a guess of the first figure before any "
           "is shown, on every card; how far guesses are off stands beside it.")});
}

void explainReckoner(const About& about) {
  about(
      Help::tr("The reckoner"),
      {Help::tr(
           "Alt+5. At the top stands what all lines share, as the lesson has it: instrument, tube, note, "
           "tempo, tuning, the air in the tube. Each line has two fields, and either gives the other: "
           "counts and seconds, cents and beats, a slide drawn and what it does, and so on."),
       Help::tr("Beside them stand the degrees over the note, just and natural against equal, and the "
                "partials of the tube; a row that is chosen is heard. Ctrl+Return takes note, tempo and "
                "tuning into the lesson."),
       Help::tr("Millimetres of a slide or joint are about right, not exact: bell, mouthpiece and tone holes "
                "have their say. Warm up first; a cold tube is flat by itself.")});
}

void explainKeeping(const About& about) {
  about(
      Help::tr("Own exercises"),
      {Help::tr(
           "Steps… on the left lists all cards. Change… there opens one: notes, counts, tempo, targets, "
           "what it grows to, a partner "
           "and, drawn with the mouse, loudness and pitch are changed with the cues on the count before you, "
           "and what you keep is a card of your "
           "own; those that ship stay. Ctrl+Z takes it back. Cards are exported and imported as files."),
       Help::tr(
           "The names of the notes (B and H, or do ré mi) and the school whose words the cards speak are in "
           "the settings.")});
  about(
      Help::tr("What is kept"),
      {Help::tr(
           "A take is on the disk while it is played: whatever ends the program, at most its last second is "
           "lost. What was left behind, or is not on the list of takes, is offered at the next start and "
           "removed by nobody but you. If the list itself is lost or damaged, it can be made anew from the "
           "sound files. A take that finds no room on the disk can be saved elsewhere and opened again "
           "later."),
       Help::tr(
           "How long sound is kept is in the settings. What is older is listed and asked about; its figures, "
           "words and small pictures stay, and for a day the sound can be brought back."),
       Help::tr(
           "Erasing a student removes every recording, figure and note of theirs from this computer; where "
           "that cannot be finished at once, it is at the next start. Copies and exports you made are yours "
           "to remove.")});
}

std::vector<Entry> entries() {
  std::vector<Entry> list;
  for (const Command& command : commands())
    list.push_back({Help::tr("Keys"), row(keysOf(command), helpOf(command))});
  const About about = [&](const QString& section, std::initializer_list<QString> texts) {
    for (const QString& text : texts) list.push_back({section, "<p>" + text.toHtmlEscaped() + "</p>"});
  };
  explainPlaying(about);
  explainBreathing(about);
  explainSmallPart(about);
  explainFlexibility(about);
  explainPairs(about);
  explainWeeks(about);
  explainPost(about);
  explainEars(about);
  explainReckoner(about);
  explainKeeping(about);
  for (const Figure& figure : figures())
    list.push_back({Help::tr("Figures"), row(words::titled(figure), words::help(figure))});
  for (const Exercise& card : exercises())
    list.push_back({Help::tr("Cards"), row(words::said(card.title), words::said(card.purpose))});
  about(Help::tr("What it is not"),
        {Help::tr(
            "Calando shows and measures; the teacher’s ear is the judge. It is no medical device: stop when "
            "light-headed, dizzy or in pain.")});
  return list;
}

/// Those that have all the words of a search.
QString pageFor(const std::vector<Entry>& entries, const QString& search) {
  const QStringList wanted = search.split(' ', Qt::SkipEmptyParts);
  QString html, section;
  for (const Entry& entry : entries) {
    const QString text = QTextDocumentFragment::fromHtml(entry.section + " " + entry.html).toPlainText();
    if (!std::ranges::all_of(wanted,
                             [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); }))
      continue;
    if (entry.section != section) html += "<h3>" + entry.section + "</h3>";
    section = entry.section;
    html += entry.html;
  }
  return html.isEmpty() ? "<p>" + Help::tr("Nothing is called so. Try another word.") + "</p>" : html;
}

}  // namespace

void showHelp(QWidget* parent) {
  QDialog dialog(parent);
  dialog.setWindowTitle(Help::tr("Help"));
  fitToScreen(dialog, 720, 620);
  auto* search = new QLineEdit;
  search->setObjectName("helpSearch");
  search->setPlaceholderText(Help::tr("Type what you look for: a key, a figure, a card"));
  search->setAccessibleName(Help::tr("Search the help"));
  auto* text = new QTextBrowser;
  text->setObjectName("helpText");
  text->setAccessibleName(Help::tr("Help text"));
  const auto all = entries();
  text->setHtml(pageFor(all, {}));
  QObject::connect(search, &QLineEdit::textChanged, text,
                   [text, all](const QString& words) { text->setHtml(pageFor(all, words)); });
  auto* layout = new QVBoxLayout(&dialog);
  layout->setSpacing(2 * style::kStep);
  auto* lately = new QPushButton(Help::tr("What happened lately…"));
  lately->setObjectName("whatHappened");
  lately->setAutoDefault(false);
  QObject::connect(lately, &QPushButton::clicked, &dialog, [&dialog] { showLog(&dialog); });
  layout->addWidget(search);
  layout->addWidget(text);
  layout->addWidget(lately, 0, Qt::AlignLeft);
  search->setFocus();
  dialog.exec();
}

}  // namespace calando
