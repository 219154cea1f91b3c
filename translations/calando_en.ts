<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>Plan</name>
    <message numerus="yes">
        <source>Once more the same: %n more good ones are enough for today.</source>
        <translation>
            <numerusform>Once more the same: %n more good one is enough for today.</numerusform>
            <numerusform>Once more the same: %n more good ones are enough for today.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Once more the same: %n more good ones and it is reliable.</source>
        <translation>
            <numerusform>Once more the same: %n more good one and it is reliable.</numerusform>
            <numerusform>Once more the same: %n more good ones and it is reliable.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>on %n days</source>
        <translation>
            <numerusform>on one day</numerusform>
            <numerusform>on %n days</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>after %n days without playing</source>
        <translation>
            <numerusform>after a day without playing</numerusform>
            <numerusform>after %n days without playing</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Post</name>
    <message numerus="yes">
        <source>%n missing</source>
        <translation>
            <numerusform>%n missing</numerusform>
            <numerusform>%n missing</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>breaks: %n in “%1”</source>
        <translation>
            <numerusform>breaks: %n in “%1”</numerusform>
            <numerusform>breaks: %n in “%1”</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>far outside: %n in “%1”</source>
        <translation>
            <numerusform>far outside: %n in “%1”</numerusform>
            <numerusform>far outside: %n in “%1”</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>played %n times, number %1 counts</source>
        <translation>
            <numerusform>played %n time, number %1 counts</numerusform>
            <numerusform>played %n times, number %1 counts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n notes missing in “%1”</source>
        <translation>
            <numerusform>%n note missing in “%1”</numerusform>
            <numerusform>%n notes missing in “%1”</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Ribbon</name>
    <message numerus="yes">
        <source>%n breaks, %1–%2 ms</source>
        <translation>
            <numerusform>%n break, %1–%2 ms</numerusform>
            <numerusform>%n breaks, %1–%2 ms</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flips</source>
        <translation>
            <numerusform>%n flip</numerusform>
            <numerusform>%n flips</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::CourseChart</name>
    <message numerus="yes">
        <source>Week of %1: %2 in the middle, from %3 to %4; takes: %n</source>
        <translation>
            <numerusform>Week of %1: %2 in the middle, from %3 to %4; takes: %n</numerusform>
            <numerusform>Week of %1: %2 in the middle, from %3 to %4; takes: %n</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::FigureGroups</name>
    <message numerus="yes">
        <source>%n inside</source>
        <translation>
            <numerusform>%n inside</numerusform>
            <numerusform>%n inside</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::FigurePanel</name>
    <message numerus="yes">
        <source>Left out, as the microphone stood elsewhere: %n.</source>
        <translation>
            <numerusform>Left out, as the microphone stood elsewhere: %n.</numerusform>
            <numerusform>Left out, as the microphone stood elsewhere: %n.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::LessonView</name>
    <message numerus="yes">
        <source>Opens after %n more good takes of the one before.</source>
        <translation>
            <numerusform>Opens after %n more good take of the one before.</numerusform>
            <numerusform>Opens after %n more good takes of the one before.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::LogView</name>
    <message numerus="yes">
        <source>takes: %n, sound: %1</source>
        <translation>
            <numerusform>takes: %n, sound: %1</numerusform>
            <numerusform>takes: %n, sound: %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::PlanPanel</name>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n more</numerusform>
            <numerusform>%n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::PostPage</name>
    <message numerus="yes">
        <source>Recordings that name nobody: %n, such as %1</source>
        <translation>
            <numerusform>Recordings that name nobody: %n, such as %1</numerusform>
            <numerusform>Recordings that name nobody: %n, such as %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Recordings that came in: %n</source>
        <translation>
            <numerusform>Recordings that came in: %n</numerusform>
            <numerusform>Recordings that came in: %n</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to listen to first</source>
        <translation>
            <numerusform>%n to listen to first</numerusform>
            <numerusform>%n to listen to first</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n students marked</source>
        <translation>
            <numerusform>%1 of one student marked</numerusform>
            <numerusform>%1 of %n students marked</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::ReachChart</name>
    <message numerus="yes">
        <source>%n takes are not in it: the microphone stood elsewhere.</source>
        <translation>
            <numerusform>One take is not in it: the microphone stood elsewhere.</numerusform>
            <numerusform>%n takes are not in it: the microphone stood elsewhere.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::ReportMaker</name>
    <message numerus="yes">
        <source>middle of %n takes since %1</source>
        <translation>
            <numerusform>one take since %1</numerusform>
            <numerusform>middle of %n takes since %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 played on %n days of the last four weeks.</source>
        <translation>
            <numerusform>%1 played on %n day of the last four weeks.</numerusform>
            <numerusform>%1 played on %n days of the last four weeks.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::Retention</name>
    <message numerus="yes">
        <source>The sound of %n takes was given up; for a day it can be brought back, here or in Settings.</source>
        <translation>
            <numerusform>The sound of one take was given up; for a day it can be brought back, here or in Settings.</numerusform>
            <numerusform>The sound of %n takes was given up; for a day it can be brought back, here or in Settings.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n takes are older than their sound is to be kept.</source>
        <translation>
            <numerusform>One take is older than its sound is to be kept.</numerusform>
            <numerusform>%n takes are older than their sound is to be kept.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::SentCard</name>
    <message numerus="yes">
        <source>recordings: %n, in all %1</source>
        <translation>
            <numerusform>recordings: %n, in all %1</numerusform>
            <numerusform>recordings: %n, in all %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::ShelfView</name>
    <message numerus="yes">
        <source>%n missing</source>
        <translation>
            <numerusform>%n missing</numerusform>
            <numerusform>%n missing</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::StudioFiles</name>
    <message numerus="yes">
        <source>Backed up and read back: %n files in %1</source>
        <translation>
            <numerusform>Backed up and read back: one file in %1</numerusform>
            <numerusform>Backed up and read back: %n files in %1</numerusform>
        </translation>
    </message>
</context>
</TS>
