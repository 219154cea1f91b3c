#include "app/help/topics.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>

namespace calando {

namespace {

constexpr const char* kBegin[] = {
    QT_TRANSLATE_NOOP("Help", "Add a student: a name, an instrument and how far they are are enough."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Choose where the sound comes from, at the lower left: a microphone, or the stand-in player to look "
        "around."),
    QT_TRANSLATE_NOOP(
        "Help", "Click an exercise in the list on the left. First lesson is a good order to begin with."),
    QT_TRANSLATE_NOOP("Help",
                      "Press Space, play, and press Space again where the exercise does not end by itself."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Read the picture, the largest figures, and the one thing to try. W goes on with what is proposed "
        "below it."),
};
constexpr const char* kRibbon[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "The white line is the pitch, compared with the note asked for. The ribbon’s thickness is the "
        "loudness. Its ink is the tone: dense where it is clear, grainy where there is much air in it. "
        "Washed "
        "ink after a tone is the room that rings on: it is not held time."),
    QT_TRANSLATE_NOOP(
        "Help",
        "A filled disc is inside the target, a half disc near, an open ring outside, a dash not measured, a "
        "dotted ring not yet."),
    QT_TRANSLATE_NOOP(
        "Help",
        "± behind a figure is how far it may be off by chance: two times in three by no more than that. "
        "Where "
        "there is none the figure is surer than it is written, or the sound was too short to tell."),
    QT_TRANSLATE_NOOP(
        "Help",
        "A figure that only engineers speak of is said in a word first, clear or airy, even or uneven; its "
        "number stands beside it. All figures lie folded below, by what they are about."),
};
constexpr const char* kAdvice[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "After a take stands what was heard and one thing to try. The next time the same is heard another "
        "try is asked for; what helped this student before comes first. Y says that it was tried: what it "
        "did "
        "stands below, and under What helped in the weeks."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Where a text says “(An image.)” it says what something is like, and not what happens in the body. "
        "What is said of a try, and what it measurably did, stand apart in the weeks."),
    QT_TRANSLATE_NOOP("Help", "In exercises, too, what is said with like, as or think of is an image."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Below it stands what to go on with: once more the same, easier after it broke twice, the exercise "
        "for just that, back again, or what the plan proposes. W takes it, Q says not now."),
    QT_TRANSLATE_NOOP(
        "Help",
        "How was it? holds what nobody hears: what the teacher says, attention, how it felt, what was "
        "watched; its keys open it. The mirror (X) is the computer’s camera; nothing of it is kept."),
};
constexpr const char* kCount[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "Flash, click, fork or drone are chosen under Plays along. Measure delay, once for each microphone "
        "and output, tells how late a click comes back: until then, and in a take in which the sound "
        "stumbled, "
        "timing is judged against the player’s own pulse."),
    QT_TRANSLATE_NOOP(
        "Help",
        "What the microphone hears of clicks and fork is learnt from the count-in and taken out of the "
        "figures, so be quiet there. With headphones there is nothing to take out."),
};
constexpr const char* kBreathing[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "The picture of breaths is a tide: air in hangs below the line, air out stands above it, as thick as "
        "it is loud, on the ground of what the count asks for. A hiss is hatched, what is too soft to tell "
        "is "
        "pale, and a breath that is full before its time, or hurries at its end, is marked. The microphone "
        "hears neither shoulders nor belly: watch them, and tick what you see."),
    QT_TRANSLATE_NOOP(
        "Help",
        "The basin beside the picture is what to breathe with: it fills with the breath in and empties with "
        "the breath out, a mark for each count. It can be followed without a sound; a soft swell for the ear "
        "is chosen under Plays along, for headphones."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Before the first breathing of a day stands a caution; the key that starts takes it away. Between "
        "the "
        "exercises normal breathing is counted down. An exercise asks for no more than its dose; the small "
        "part and long tones have minutes a day. Then one is asked whether one more is wanted. Who gets "
        "tired "
        "over the day is told so, once."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Esc stops whatever sounds, at once, and asks why: dizzy, pain, tired or enough. Nothing is taken "
        "from that take. Dizzy: no more breathing and no long tones that day. Pain: that kind of playing "
        "rests "
        "until the teacher opens it again. A stop that was a mistake counts as if it had been played to its "
        "end. When nothing sounds Esc asks first."),
    QT_TRANSLATE_NOOP(
        "Help",
        "A sheet at the wall is timed by the player’s key: Space begins to listen, again when the hand lets "
        "go, again when the sheet slides. Who lets go before the air comes has made a try that does not "
        "count. As many as hold goes up a count at a time and ends by itself with the first round that does "
        "not hold; how far it may go is set under Up to."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Microphones differ: choose a breath in that sounds open on the page Breaths and say so, and this "
        "player’s breaths are compared with it. Noise suppression, noise gates and automatic gain ruin "
        "breath: where they are heard that is said, and breath is not measured. Switch them off in the "
        "desktop’s sound settings."),
};
constexpr const char* kSmallPart[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "On lips, mouthpiece, reed or head joint the picture has half steps where the pitch travels, a "
        "bracket for its span, and says of each break whether the air went on. A rough edge is a crackle."),
    QT_TRANSLATE_NOOP(
        "Help",
        "What is said there is an observation with its figure. Was it so? V says yes, no, or nothing."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Exploring is never scored. That the way back of a siren ends lower is expected and counts for "
        "nothing."),
};
constexpr const char* kFlexibility[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "The arch under a bend has the cents from left to right and how much the tone rings upwards, a line "
        "for each way down or up, the later the darker. Its top is where the note rings most for this "
        "player; "
        "the tick is where it was played. Where no place stands out, none is named."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Partials are those of the tube chosen under Fingering: valves, a position of the slide, or one of a "
        "reed’s low notes. The rungs of the ladder lie where nature and the tube’s length have them; the "
        "tick "
        "at the right is the tempered note. The fifth, the seventh and the eleventh are low by nature, and "
        "that is no fault."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Exploring exercises have a page Reach: pitch from left to right, loudness upwards, inked where half "
        "a "
        "second and more was held steadily in any take. Its lines are the softest and the loudest of each "
        "note, dotted a month ago; a click opens the take that held it longest. Leave the microphone in its "
        "place."),
    QT_TRANSLATE_NOOP("Help",
                      "Between slurred notes the way, a gap and a dip are measured. Under notes in time "
                      "stand bars for each "
                      "that came early (below) or late."),
};
constexpr const char* kPairs[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "In exercises for two a partner sounds, or, with another choice under Plays along, two players are "
        "heard on one microphone. Under the ribbon both wind around one another, a turn for each beat, and "
        "lie "
        "straight side by side when they are in tune; the beats a second stand large beside them. With ears "
        "first only the sound tells."),
    QT_TRANSLATE_NOOP("Help",
                      "They are in tune where they keep within 5 cents and under a beat a second for a "
                      "second. How soon that "
                      "was, whether it went the wrong way first, who moved and how often it was left again "
                      "stand beside it. "
                      "Who is who on one microphone is known as long as one began alone."),
    QT_TRANSLATE_NOOP(
        "Help",
        "A partner who drifts is to be followed; one who fades is to be found in time. Others are sharp, "
        "come "
        "half of the way, follow you, come on a note that nobody says, or play a scale along. Headphones are "
        "surer: what leaks into the microphone is said."),
    QT_TRANSLATE_NOOP(
        "Help",
        "With an earlier take under Plays along the tone that was on show last sounds again as the partner. "
        "Settings say on which instrument a made partner sounds; Ctrl+Up and Ctrl+Down make it louder and "
        "softer while it sounds."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Two students: choose who else plays at the lower left, and the take is in both books; erasing "
        "either "
        "student erases it. On a stereo input with left and right apart each has a channel, the other player "
        "the left one. Two microphones of two devices have two clocks: let the system join them into one "
        "stereo input."),
    QT_TRANSLATE_NOOP(
        "Help",
        "One after the other, about 10 cents is what an untrained ear tells; together, beats tell far less. "
        "That is why both are in one exercise."),
};
constexpr const char* kWeeks[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "Each row is a week, each small picture a take that counts; a click opens one. The line beside them "
        "is "
        "the middle of a week’s takes; its band is how far takes of one day lie apart, so a change within it "
        "is none. Two periods are compared by their days, with how sure that is."),
    QT_TRANSLATE_NOOP(
        "Help",
        "What comes next is proposed when an exercise was good often enough, on days enough, and made easier "
        "after three bad days or a pause; one new thing at a time. W takes it, with the value that stands "
        "beside it, Q says not yet. Plan… says when an exercise is done, holidays, and what rests."),
    QT_TRANSLATE_NOOP(
        "Help",
        "The sheet of a day fills the minutes there are: what is new, then what was done longest ago, each "
        "with its rest. Tired is said when pitch, loudness, tone, crackle or time held fall together over a "
        "day: stop there."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Report… is a page for the student, for the parents, or of the class. Pack… makes one file for a "
        "student who has Calando at home; what they practised comes back in another, each take once. "
        "Settings "
        "backs the whole studio up into one file."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Ctrl+Z takes back the last thing that was done for the student who is here, or for nobody in "
        "particular; the button of a message takes back what that message says, whatever was done since."),
};
constexpr const char* kPost[] = {
    QT_TRANSLATE_NOOP("Help",
                      "A list says what is to be sent, exercise by exercise. Recordings are dropped here, "
                      "opened, or come as "
                      "a folder: a name in the file or its folder says whose it is, or a table (CSV) of "
                      "files and students. "
                      "They stay where they are; what is kept of them is what you take into the weeks."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Each recording is cut into tries at the list’s items; talk and noise are left out. A shape is the "
        "verdict of the best try, a dash that an item was not found, “5 of 8” how much of it came. Who is to "
        "be listened to first stands in bold, with the reason."),
    QT_TRANSLATE_NOOP("Help",
                      "In the recording: drag an end of a try, or its title onto another item; a number says "
                      "which item the "
                      "marked stretch is, 0 or Delete that it is none; a drag elsewhere marks a stretch; "
                      "arrows go from try "
                      "to try; P listens. What you say is measured at once, kept, and taken back by Ctrl+Z."),
    QT_TRANSLATE_NOOP(
        "Help",
        "The answer is written for a child, an adult or the parents: what went, one thing, when next. Change "
        "it as you like. Into the weeks keeps the best tries as takes, once. A folder that is watched gives "
        "a "
        "recording once it is whole, and again when it has changed: what was said of the one before is set "
        "aside then."),
};
constexpr const char* kEars[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "From a steady tone of the student’s, or of the stand-in where there is none, sounds are made with "
        "one "
        "thing changed and nothing else: a few cents, a wave, a break, fuzz. You say which, which is the odd "
        "one, whether they are alike, lower or higher, or what was wrong. Right answers make it harder, "
        "wrong "
        "ones easier."),
    QT_TRANSLATE_NOOP(
        "Help",
        "The smallest difference heard is what is heard two times in three, guesses left out; the range says "
        "how sure that is. The marks at the left say what is asked about. A fault can have the student’s own "
        "words, by which it is named then."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Space goes on, 1 to 6 answer, R plays again, Esc stops; a pedal’s two keys are the first and the "
        "second choice. Headphones are best, and set soft. Loud sound harms hearing; stop when ears ring or "
        "tire."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Guess a take’s figure plays one of the newest takes and asks how long it was held, how far off or "
        "how wavy it was; then its picture comes. Two takes, blind, plays two of one exercise, equally loud: "
        "choose the one that you would keep. Guess first, switched on there, asks in the lesson for a guess "
        "before any figure is shown."),
};
constexpr const char* kReckoner[] = {
    QT_TRANSLATE_NOOP("Help",
                      "At the top stands what all lines share, as the lesson has it: instrument, tube, note, "
                      "tempo, tuning, "
                      "the air in the tube. Each line has two fields, and either gives the other: counts and "
                      "seconds, cents "
                      "and beats, a slide drawn and what it does, and so on."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Beside them stand the degrees over the note, just and natural against equal, and the partials of "
        "the "
        "tube; a row that is chosen is heard. Ctrl+Return takes note, tempo and tuning into the lesson."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Millimetres of a slide or joint are about right, not exact: bell, mouthpiece and tone holes have "
        "their say. Warm up first; a cold tube is flat by itself."),
};
constexpr const char* kOwn[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "Exercises… on the left lists all there are. Change… there opens one: notes, counts, tempo, targets, "
        "what it grows to, a partner and, drawn with the mouse, loudness and pitch are changed before you, "
        "and "
        "what you keep is an exercise of your own; those that ship stay. They are exported and imported as "
        "files."),
    QT_TRANSLATE_NOOP(
        "Help",
        "The names of the notes (B and H, or do ré mi) and the school whose words exercises and advice speak "
        "are in the settings."),
};
constexpr const char* kKept[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "A take is on the disk while it is played: whatever ends the program, at most its last second is "
        "lost. "
        "What was left behind, or is not on the list of takes, is offered at the next start and removed by "
        "nobody but you. If the list itself is lost or damaged, it can be made anew from the sound files."),
    QT_TRANSLATE_NOOP(
        "Help",
        "How long sound is kept is in the settings. What is older is listed and asked about; its figures, "
        "words and small pictures stay, and for a day the sound can be brought back."),
    QT_TRANSLATE_NOOP(
        "Help",
        "Erasing a student removes every recording, figure and note of theirs from this computer. Copies and "
        "exports you made are yours to remove."),
};
constexpr const char* kNot[] = {
    QT_TRANSLATE_NOOP(
        "Help",
        "Calando shows and measures; the teacher’s ear is the judge. It is no medical device: stop when "
        "light-headed, dizzy or in pain."),
};

constexpr std::array kTopics{
    Topic{"begin", QT_TRANSLATE_NOOP("Help", "How to begin"), kBegin},
    Topic{"ribbon", QT_TRANSLATE_NOOP("Help", "Reading a take"), kRibbon},
    Topic{"advice", QT_TRANSLATE_NOOP("Help", "What to try, and what comes next"), kAdvice},
    Topic{"count", QT_TRANSLATE_NOOP("Help", "Playing to a count"), kCount},
    Topic{"breathing", QT_TRANSLATE_NOOP("Help", "Breathing"), kBreathing},
    Topic{"small-part", QT_TRANSLATE_NOOP("Help", "The small part"), kSmallPart},
    Topic{"flexibility", QT_TRANSLATE_NOOP("Help", "Bends, stairs, overtones"), kFlexibility},
    Topic{"pairs", QT_TRANSLATE_NOOP("Help", "In tune by ear"), kPairs},
    Topic{"weeks", QT_TRANSLATE_NOOP("Help", "The weeks"), kWeeks},
    Topic{"post", QT_TRANSLATE_NOOP("Help", "The post"), kPost},
    Topic{"ears", QT_TRANSLATE_NOOP("Help", "Ears"), kEars},
    Topic{"reckoner", QT_TRANSLATE_NOOP("Help", "The reckoner"), kReckoner},
    Topic{"own", QT_TRANSLATE_NOOP("Help", "Own exercises"), kOwn},
    Topic{"kept", QT_TRANSLATE_NOOP("Help", "What is kept"), kKept},
    Topic{"not", QT_TRANSLATE_NOOP("Help", "What it is not"), kNot},
};

}  // namespace

std::span<const Topic> topics() { return kTopics; }

const Topic& topicOf(std::string_view id) { return *std::ranges::find(kTopics, id, &Topic::id); }

QString titleOf(const Topic& topic) { return QCoreApplication::translate("Help", topic.title); }

QStringList textsOf(const Topic& topic) {
  QStringList texts;
  for (const char* text : topic.texts) texts << QCoreApplication::translate("Help", text);
  return texts;
}

}  // namespace calando
