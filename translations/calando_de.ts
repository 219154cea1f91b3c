<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Advice</name>
    <message>
        <source>%1 %2 (An image.)</source>
        <translation>%1 %2 (Ein Bild.)</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>what is heard, then what to try</comment>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>Arch</name>
    <message>
        <source>how it rings, compared with where it began</source>
        <translation>wie es klingt, verglichen mit dem Anfang</translation>
    </message>
    <message>
        <source>cents off the note as it was played</source>
        <translation>Cent neben dem Ton, wie er gespielt wurde</translation>
    </message>
    <message>
        <source>rings most at %1 ± %2 cents</source>
        <translation>klingt am besten bei %1 ± %2 Cent</translation>
    </message>
    <message>
        <source>no place stands out</source>
        <translation>keine Stelle sticht heraus</translation>
    </message>
    <message>
        <source>played here</source>
        <translation>hier gespielt</translation>
    </message>
    <message>
        <source>No bend was heard.</source>
        <translation>Kein Ziehen wurde gehört.</translation>
    </message>
</context>
<context>
    <name>Braid</name>
    <message>
        <source>in tune after %1 s</source>
        <translation>rein nach %1 s</translation>
    </message>
    <message>
        <source>not in tune</source>
        <translation>nicht rein</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>sofort</translation>
    </message>
    <message>
        <source>after %1 s</source>
        <translation>nach %1 s</translation>
    </message>
    <message>
        <source>partner</source>
        <translation>Partner</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>der andere</translation>
    </message>
    <message>
        <source>%1, moved</source>
        <translation>%1, bewegte sich</translation>
    </message>
    <message>
        <source>you</source>
        <translation>Sie</translation>
    </message>
    <message>
        <source>a turn for each beat</source>
        <translation>eine Drehung je Schwebung</translation>
    </message>
    <message>
        <source>apart, cents</source>
        <translation>auseinander, Cent</translation>
    </message>
    <message>
        <source>beats a second</source>
        <translation>Schwebungen in der Sekunde</translation>
    </message>
    <message>
        <source>Two are listened for.</source>
        <translation>Es wird auf zwei gehört.</translation>
    </message>
    <message>
        <source>Two were not heard together.</source>
        <translation>Zwei zusammen wurden nicht gehört.</translation>
    </message>
    <message>
        <source>from pure %1, from equal %2 cents</source>
        <translation>von rein %1, von gleichschwebend %2 Cent</translation>
    </message>
    <message>
        <source>who is who is not known</source>
        <translation>wer wer ist, ist nicht bekannt</translation>
    </message>
    <message>
        <source>the wrong way first</source>
        <translation>zuerst in die falsche Richtung</translation>
    </message>
    <message>
        <source>nobody moved</source>
        <translation>niemand bewegte sich</translation>
    </message>
    <message>
        <source>%1 beats a second left</source>
        <translation>%1 Schwebungen in der Sekunde bleiben</translation>
    </message>
    <message>
        <source>both: a turn for each beat, straight when in tune</source>
        <translation>beide: eine Drehung je Schwebung, gerade, wenn es rein ist</translation>
    </message>
</context>
<context>
    <name>CardWords</name>
    <message>
        <source>for other instruments</source>
        <translation>für andere Instrumente</translation>
    </message>
    <message>
        <source>this instrument has no such overtones</source>
        <translation>dieses Instrument hat solche Obertöne nicht</translation>
    </message>
    <message>
        <source>this instrument’s tube has one length</source>
        <translation>das Rohr dieses Instruments hat nur eine Länge</translation>
    </message>
    <message>
        <source>beyond this instrument’s range</source>
        <translation>außerhalb des Umfangs dieses Instruments</translation>
    </message>
    <message>
        <source>zero one two three four five six seven eight nine ten eleven twelve</source>
        <comment>numbers by their names, in order, a blank between two</comment>
        <translation>null eins zwei drei vier fünf sechs sieben acht neun zehn elf zwölf</translation>
    </message>
</context>
<context>
    <name>Closing</name>
    <message>
        <source>A backup, a restore or a pack is under way; left, nothing of it stays.</source>
        <translation>Eine Sicherung, eine Wiederherstellung oder ein Paket ist unterwegs; wird es verlassen, bleibt nichts davon.</translation>
    </message>
    <message>
        <source>Something is under way</source>
        <translation>Etwas ist noch unterwegs</translation>
    </message>
    <message>
        <source>Finish it, then close</source>
        <translation>Beenden, dann schließen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>Do not close</source>
        <translation>Nicht schließen</translation>
    </message>
    <message>
        <source>Of %1 recordings %2 are in. Those that were opened stay where they are and can be opened again; homework goes on at the next start.</source>
        <translation>Von %1 Aufnahmen sind %2 übernommen. Geöffnete bleiben, wo sie sind, und können wieder geöffnet werden; Hausaufgaben gehen beim nächsten Start weiter.</translation>
    </message>
</context>
<context>
    <name>Command</name>
    <message>
        <source>start and stop a take</source>
        <translation>eine Aufnahme beginnen und beenden</translation>
    </message>
    <message>
        <source>stop at once, whatever sounds: dizzy, pain, tired, enough</source>
        <translation>sofort aufhören, was auch klingt: schwindlig, Schmerz, müde, genug</translation>
    </message>
    <message>
        <source>play the take, or the marked part as a loop; stop</source>
        <translation>die Aufnahme spielen oder die markierte Stelle als Schleife; anhalten</translation>
    </message>
    <message>
        <source>ears first: hide or show the trace</source>
        <translation>erst hören: das Bild verbergen oder zeigen</translation>
    </message>
    <message>
        <source>partner, drone and click: louder</source>
        <translation>Partner, Bordun und Klick: lauter</translation>
    </message>
    <message>
        <source>partner, drone and click: softer</source>
        <translation>Partner, Bordun und Klick: leiser</translation>
    </message>
    <message>
        <source>next exercise of the lesson</source>
        <translation>nächste Übung der Stunde</translation>
    </message>
    <message>
        <source>choose the student</source>
        <translation>Schüler wählen</translation>
    </message>
    <message>
        <source>newer take</source>
        <translation>neuere Aufnahme</translation>
    </message>
    <message>
        <source>older take</source>
        <translation>ältere Aufnahme</translation>
    </message>
    <message>
        <source>it counts: good as it is, whatever the figures say</source>
        <translation>zählt: gut, wie es ist, was auch die Zahlen sagen</translation>
    </message>
    <message>
        <source>it does not count: let go too early, wrong fingering, noise</source>
        <translation>zählt nicht: zu früh losgelassen, falscher Griff, Lärm</translation>
    </message>
    <message>
        <source>not yet: the sound did not come, which is normal</source>
        <translation>noch nicht: der Ton kam nicht, und das ist normal</translation>
    </message>
    <message>
        <source>right figure, wrong way: the numbers are good, how they were got is not</source>
        <translation>richtige Zahl, falscher Weg: die Zahlen sind gut, der Weg dahin nicht</translation>
    </message>
    <message>
        <source>the player’s attention was on the sound</source>
        <translation>die Aufmerksamkeit war beim Klang</translation>
    </message>
    <message>
        <source>the player’s attention was on the count</source>
        <translation>die Aufmerksamkeit war beim Zählen</translation>
    </message>
    <message>
        <source>the player’s attention was on the lips</source>
        <translation>die Aufmerksamkeit war bei den Lippen</translation>
    </message>
    <message>
        <source>the player’s attention was elsewhere</source>
        <translation>die Aufmerksamkeit war anderswo</translation>
    </message>
    <message>
        <source>it felt easy</source>
        <translation>es fühlte sich leicht an</translation>
    </message>
    <message>
        <source>it felt fair</source>
        <translation>es fühlte sich mittel an</translation>
    </message>
    <message>
        <source>it felt tight</source>
        <translation>es fühlte sich eng an</translation>
    </message>
    <message>
        <source>watched: the belly moved</source>
        <translation>beobachtet: der Bauch bewegte sich</translation>
    </message>
    <message>
        <source>watched: the ribs widened</source>
        <translation>beobachtet: die Rippen wurden weit</translation>
    </message>
    <message>
        <source>watched: the shoulders stayed quiet</source>
        <translation>beobachtet: die Schultern blieben ruhig</translation>
    </message>
    <message>
        <source>watched: upright all the time</source>
        <translation>beobachtet: die ganze Zeit aufrecht</translation>
    </message>
    <message>
        <source>watched: the arms went with the air</source>
        <translation>beobachtet: die Arme gingen mit der Luft</translation>
    </message>
    <message>
        <source>watched: the corners of the mouth stayed where they were</source>
        <translation>beobachtet: die Mundwinkel blieben, wo sie waren</translation>
    </message>
    <message>
        <source>watched: the cheeks stayed flat</source>
        <translation>beobachtet: die Wangen blieben flach</translation>
    </message>
    <message>
        <source>watched: the chin stayed flat</source>
        <translation>beobachtet: das Kinn blieb flach</translation>
    </message>
    <message>
        <source>watched: the jaw stayed as it was</source>
        <translation>beobachtet: der Kiefer blieb, wie er war</translation>
    </message>
    <message>
        <source>felt: the tongue did it, and nothing else</source>
        <translation>gespürt: die Zunge tat es und sonst nichts</translation>
    </message>
    <message>
        <source>the one thing to try after the take before was tried in this one</source>
        <translation>was nach der Aufnahme davor zu versuchen war, wurde in dieser versucht</translation>
    </message>
    <message>
        <source>was it so? yes; no; unsaid</source>
        <translation>war es so? ja; nein; offen</translation>
    </message>
    <message>
        <source>the mirror beside the picture: on and off; nothing of it is kept</source>
        <translation>der Spiegel neben dem Bild: an und aus; nichts davon bleibt</translation>
    </message>
    <message>
        <source>in an exercise against the teacher’s tone: this take is the model for the next ones</source>
        <translation>in einer Übung gegen den Ton des Lehrers: diese Aufnahme ist das Vorbild für die nächsten</translation>
    </message>
    <message>
        <source>figures, note by note, along the range</source>
        <translation>Werte, Ton für Ton, über den Umfang</translation>
    </message>
    <message>
        <source>compare the marked takes, or this one with the one before</source>
        <translation>die markierten Aufnahmen vergleichen, oder diese mit der davor</translation>
    </message>
    <message>
        <source>compare with closed eyes: listen first, then the names</source>
        <translation>mit geschlossenen Augen vergleichen: erst hören, dann die Namen</translation>
    </message>
    <message>
        <source>open recordings; they can also be dropped on the window</source>
        <translation>Aufnahmen öffnen; sie lassen sich auch auf das Fenster ziehen</translation>
    </message>
    <message>
        <source>write the take to a file: sound, figures or picture</source>
        <translation>die Aufnahme in eine Datei schreiben: Klang, Werte oder Bild</translation>
    </message>
    <message>
        <source>add a student</source>
        <translation>Schüler hinzufügen</translation>
    </message>
    <message>
        <source>delete the take</source>
        <translation>die Aufnahme löschen</translation>
    </message>
    <message>
        <source>undo: a deleted take, a word, a changed plan, order or exercise, what was said of homework</source>
        <translation>rückgängig: gelöschte Aufnahme, Wort, geänderter Plan, Reihenfolge oder Übung, was zu Hausaufgaben gesagt wurde</translation>
    </message>
    <message>
        <source>the lesson</source>
        <translation>die Stunde</translation>
    </message>
    <message>
        <source>the post: homework that came in, marked</source>
        <translation>die Post: eingegangene Hausaufgaben, ausgewertet</translation>
    </message>
    <message>
        <source>ears: listening, asked about your own tones</source>
        <translation>Gehör: Fragen an das Ohr, aus den eigenen Tönen</translation>
    </message>
    <message>
        <source>the weeks: growth, logbook, plan</source>
        <translation>die Wochen: Wachstum, Tagebuch, Plan</translation>
    </message>
    <message>
        <source>take what is proposed: after a take, or in the weeks with the value beside it</source>
        <translation>annehmen, was vorgeschlagen ist: nach einer Aufnahme, oder in den Wochen mit dem Wert daneben</translation>
    </message>
    <message>
        <source>not now; in the weeks: it is not proposed again for a week</source>
        <translation>jetzt nicht; in den Wochen: eine Woche lang kein neuer Vorschlag dazu</translation>
    </message>
    <message>
        <source>the reckoner: the arithmetic of the trade</source>
        <translation>der Rechner: was im Unterricht zu rechnen ist</translation>
    </message>
    <message>
        <source>in the reckoner: note, tempo and tuning into the lesson</source>
        <translation>im Rechner: Ton, Tempo und Stimmung in die Stunde</translation>
    </message>
    <message>
        <source>settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>zoom in, out, all; arrow keys move, as does a drag with Ctrl; a plain drag marks</source>
        <translation>größer, kleiner, ganz; Pfeiltasten verschieben, ebenso Ziehen mit Strg; einfaches Ziehen markiert</translation>
    </message>
    <message>
        <source>this page</source>
        <translation>diese Seite</translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>&quot;lowest&quot; is not below &quot;highest&quot;</source>
        <translation>„lowest“ liegt nicht unter „highest“</translation>
    </message>
    <message>
        <source>&quot;{1}&quot; is missing</source>
        <translation>„{1}“ fehlt</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>% of the air</source>
        <translation>% der Luft</translation>
    </message>
    <message>
        <source>% of the time</source>
        <translation>% der Zeit</translation>
    </message>
    <message>
        <source>/dB</source>
        <translation>/dB</translation>
    </message>
    <message>
        <source>10 seconds, dead level</source>
        <translation>10 Sekunden, ganz eben</translation>
    </message>
    <message>
        <source>15 seconds, dead level</source>
        <translation>15 Sekunden, ganz eben</translation>
    </message>
    <message>
        <source>5 seconds, dead level</source>
        <translation>5 Sekunden, ganz eben</translation>
    </message>
    <message>
        <source>7 seconds, dead level</source>
        <translation>7 Sekunden, ganz eben</translation>
    </message>
    <message>
        <source>A backup was being unpacked into {1} and was cut off. What there was of it is removed; unpack it again.</source>
        <translation>Eine Sicherung wurde in {1} ausgepackt und brach ab. Was davon da war, ist entfernt; packen Sie sie noch einmal aus.</translation>
    </message>
    <message>
        <source>A bend that stops where it is meant to is under control.</source>
        <translation>Ein Ziehen, das aufhört, wo es soll, ist beherrscht.</translation>
    </message>
    <message>
        <source>A break is the air stopping, or its way closing; a shorter tone shows which.</source>
        <translation>Ein Aussetzer ist Luft, die stehen bleibt, oder ihr Weg, der zugeht; ein kürzerer Ton zeigt, was es war.</translation>
    </message>
    <message>
        <source>A breath that is not heard is soft or comes at another time; both can be mended.</source>
        <translation>Ein Atem, der nicht gehört wird, ist leise oder kommt zu einer anderen Zeit; beides lässt sich ändern.</translation>
    </message>
    <message>
        <source>A chord out of one tube</source>
        <translation>Ein Akkord aus einem Rohr</translation>
    </message>
    <message>
        <source>A chord out of three tubes</source>
        <translation>Ein Akkord aus drei Rohren</translation>
    </message>
    <message>
        <source>A count more only when it is easy.</source>
        <translation>Eine Zählzeit mehr nur, wenn es leicht ist.</translation>
    </message>
    <message>
        <source>A crackle with much energy in it may come of biting.</source>
        <translation>Ein Knattern mit viel Kraft darin kann vom Beißen kommen.</translation>
    </message>
    <message>
        <source>A crackle with much energy in it may come of pressing.</source>
        <translation>Ein Knattern mit viel Kraft darin kann vom Drücken kommen.</translation>
    </message>
    <message>
        <source>A few tries, then something easy: high notes tire.</source>
        <translation>Ein paar Versuche, dann etwas Leichtes: hohe Töne machen müde.</translation>
    </message>
    <message>
        <source>A finger over half of the window makes it soft and low: the breath has to be very even now.</source>
        <translation>Ein Finger über der halben Öffnung macht es leise und tief: jetzt muss der Atem sehr gleichmäßig sein.</translation>
    </message>
    <message>
        <source>A first second that takes much air leaves little for the last.</source>
        <translation>Eine erste Sekunde, die viel Luft nimmt, lässt der letzten wenig.</translation>
    </message>
    <message>
        <source>A first tone that lasts: five seconds, dead level.</source>
        <translation>Ein erster Ton, der hält: fünf Sekunden, ganz eben.</translation>
    </message>
    <message>
        <source>A full breath, then the tone</source>
        <translation>Ein voller Atem, dann der Ton</translation>
    </message>
    <message>
        <source>A full tone has many overtones: room in the mouth, and air that flows through a small opening.</source>
        <translation>Ein voller Ton hat viele Obertöne: Raum im Mund, und Luft, die durch eine kleine Öffnung strömt.</translation>
    </message>
    <message>
        <source>A fuller breath first.</source>
        <translation>Zuerst ein vollerer Atem.</translation>
    </message>
    <message>
        <source>A guided minute</source>
        <translation>Eine geführte Minute</translation>
    </message>
    <message>
        <source>A gulp at the end may lift the shoulders.</source>
        <translation>Ein Schlucken am Ende kann die Schultern heben.</translation>
    </message>
    <message>
        <source>A hand on the belly: feel each of them.</source>
        <translation>Eine Hand auf den Bauch: jeden spüren.</translation>
    </message>
    <message>
        <source>A hand on the belly: it is still moving on the last count.</source>
        <translation>Eine Hand auf den Bauch: beim letzten Zählen bewegt er sich noch.</translation>
    </message>
    <message>
        <source>A hand’s width nearer to the wall.</source>
        <translation>Eine Handbreit näher an die Wand.</translation>
    </message>
    <message>
        <source>A hard start lifts the pitch until the air settles.</source>
        <translation>Ein harter Anfang hebt die Tonhöhe, bis die Luft sich setzt.</translation>
    </message>
    <message>
        <source>A high, thin hiss is a narrow throat; a low rush is an open one.</source>
        <translation>Hohes, dünnes Zischen ist eine enge Kehle; tiefes Rauschen eine offene.</translation>
    </message>
    <message>
        <source>A little is enough, and only softly: an opened jaw under load can be hurt. Stop at any pain.</source>
        <translation>Wenig genügt, und nur leise: ein unter Last geöffneter Kiefer kann Schaden nehmen. Bei jedem Schmerz aufhören.</translation>
    </message>
    <message>
        <source>A little less reed in the mouth.</source>
        <translation>Etwas weniger Rohr im Mund.</translation>
    </message>
    <message>
        <source>A little more flow just before the change, not after it.</source>
        <translation>Etwas mehr Luftstrom kurz vor dem Wechsel, nicht danach.</translation>
    </message>
    <message>
        <source>A little more lip on the reed, slowly, until it starts by itself.</source>
        <translation>Langsam etwas mehr Lippe aufs Blatt, bis es von selbst anspringt.</translation>
    </message>
    <message>
        <source>A little more lip on the reed, the air unchanged.</source>
        <translation>Etwas mehr Lippe aufs Blatt, die Luft unverändert.</translation>
    </message>
    <message>
        <source>A little more lip round it, the air unchanged.</source>
        <translation>Etwas mehr Lippe darum, die Luft unverändert.</translation>
    </message>
    <message>
        <source>A little more of it in the mouth.</source>
        <translation>Etwas mehr davon im Mund.</translation>
    </message>
    <message>
        <source>A little more reed in the mouth, slowly, until it starts by itself.</source>
        <translation>Langsam etwas mehr Rohr in den Mund, bis es von selbst anspringt.</translation>
    </message>
    <message>
        <source>A long fall</source>
        <translation>Ein langer Fall</translation>
    </message>
    <message>
        <source>A long, soft breath first, then let it turn into a tone.</source>
        <translation>Zuerst ein langer, weicher Atem, der dann zum Ton wird.</translation>
    </message>
    <message>
        <source>A longer swell asks for smaller steps, and those are the harder ones.</source>
        <translation>Ein längerer Schwellton verlangt kleinere Schritte, und die sind schwerer.</translation>
    </message>
    <message>
        <source>A longer tube answers slower and teaches patience; one rung more teaches aim.</source>
        <translation>Ein längeres Rohr spricht langsamer an und lehrt Geduld; eine Sprosse mehr lehrt Zielen.</translation>
    </message>
    <message>
        <source>A model is a take of the student whose other takes are compared with it.</source>
        <translation>Ein Vorbild ist eine Aufnahme des Schülers, mit der die anderen verglichen werden.</translation>
    </message>
    <message>
        <source>A mouth that closes while the tone goes on lets the pitch climb; so does air that gets faster.</source>
        <translation>Ein Mund, der während des Tons zugeht, lässt die Tonhöhe steigen; schneller werdende Luft auch.</translation>
    </message>
    <message>
        <source>A narrow stream holds the paper with less air.</source>
        <translation>Ein schmaler Strom hält das Papier mit weniger Luft.</translation>
    </message>
    <message>
        <source>A narrow way makes a quick breath loud and small.</source>
        <translation>Ein enger Weg macht einen schnellen Atem laut und klein.</translation>
    </message>
    <message>
        <source>A note at the top or beyond it, where fingerings are personal: name the one you try, and see which speaks for you. Nothing is prescribed.</source>
        <translation>Ein Ton an der Spitze oder darüber, wo Griffe persönlich sind: den versuchten nennen, und sehen, welcher anspricht. Nichts ist vorgeschrieben.</translation>
    </message>
    <message>
        <source>A note comes when it likes, and nobody says which. Find it, and be in tune with it as soon as you can.</source>
        <translation>Ein Ton kommt, wann er will, und niemand sagt, welcher. Ihn finden und so bald wie möglich rein mit ihm sein.</translation>
    </message>
    <message>
        <source>A note in the middle first, until it is clear; then this one.</source>
        <translation>Zuerst ein Ton in der Mitte, bis er klar ist; dann dieser.</translation>
    </message>
    <message>
        <source>A note in the middle first.</source>
        <translation>Zuerst ein Ton in der Mitte.</translation>
    </message>
    <message>
        <source>A note in the middle, softly.</source>
        <translation>Ein Ton in der Mitte, leise.</translation>
    </message>
    <message>
        <source>A note lower first, where it is full; then take that sound up with you.</source>
        <translation>Zuerst einen Ton tiefer, wo es voll klingt; dann diesen Klang mit hinaufnehmen.</translation>
    </message>
    <message>
        <source>A note of four beats ends where the fifth begins.</source>
        <translation>Ein Ton von vier Schlägen endet, wo der fünfte beginnt.</translation>
    </message>
    <message>
        <source>A note that does not come is often one too many on that breath.</source>
        <translation>Ein Ton, der nicht kommt, ist oft einer zu viel auf diesem Atem.</translation>
    </message>
    <message>
        <source>A note that was heard inwardly is found at the first try; one that is tried out takes several.</source>
        <translation>Ein innerlich gehörter Ton wird beim ersten Versuch gefunden; ein ausprobierter braucht mehrere.</translation>
    </message>
    <message>
        <source>A partner who comes to you</source>
        <translation>Ein Partner, der entgegenkommt</translation>
    </message>
    <message>
        <source>A partner who drifts</source>
        <translation>Ein Partner, der driftet</translation>
    </message>
    <message>
        <source>A partner who fades</source>
        <translation>Ein Partner, der verklingt</translation>
    </message>
    <message>
        <source>A partner who is sharp</source>
        <translation>Ein Partner, der zu hoch ist</translation>
    </message>
    <message>
        <source>A plain tone: few overtones sound in it.</source>
        <translation>Ein schlichter Ton: wenige Obertöne klingen darin.</translation>
    </message>
    <message>
        <source>A practised breath that lasts and stays level.</source>
        <translation>Ein geübter Atem, der lange hält und eben bleibt.</translation>
    </message>
    <message>
        <source>A pure chord over the home note</source>
        <translation>Ein reiner Akkord über dem Grundton</translation>
    </message>
    <message>
        <source>A pure fifth above the one who holds, two cents wider than the equal one.</source>
        <translation>Eine reine Quinte über dem, der hält, zwei Cent weiter als die gleichschwebende.</translation>
    </message>
    <message>
        <source>A pure major third above the one who holds, fourteen cents lower than the equal one.</source>
        <translation>Eine reine große Terz über dem, der hält, vierzehn Cent tiefer als die gleichschwebende.</translation>
    </message>
    <message>
        <source>A push in the change makes the new note stick out.</source>
        <translation>Ein Stoß im Wechsel lässt den neuen Ton herausstechen.</translation>
    </message>
    <message>
        <source>A quarter of an hour</source>
        <translation>Eine Viertelstunde</translation>
    </message>
    <message>
        <source>A quick breath, out four</source>
        <translation>Schnell ein, aus auf vier</translation>
    </message>
    <message>
        <source>A quick, quiet breath in over two counts; out evenly over four.</source>
        <translation>Schnell und still über zwei Zählzeiten ein, gleichmäßig über vier aus.</translation>
    </message>
    <message>
        <source>A recorder has nothing but the breath: more of it is sharper.</source>
        <translation>Eine Blockflöte hat nur den Atem: mehr davon ist höher.</translation>
    </message>
    <message>
        <source>A recorder that hisses has too much air, or water in its way.</source>
        <translation>Eine Blockflöte, die zischt, hat zu viel Luft oder Wasser im Weg.</translation>
    </message>
    <message>
        <source>A reed that is bitten more and more sounds higher and higher, and closes.</source>
        <translation>Ein Blatt, das immer mehr gebissen wird, klingt höher und höher und geht zu.</translation>
    </message>
    <message>
        <source>A reed that is bitten or blown shut lets no air through.</source>
        <translation>Ein gebissenes oder zugeblasenes Rohrblatt lässt keine Luft durch.</translation>
    </message>
    <message>
        <source>A reed that swings unevenly, every second time wider: it may be bitten.</source>
        <translation>Ein Rohrblatt, das ungleich schwingt, jedes zweite Mal weiter: vielleicht wird gebissen.</translation>
    </message>
    <message>
        <source>A regular vibrato from the first second.</source>
        <translation>Ein regelmäßiges Vibrato von der ersten Sekunde an.</translation>
    </message>
    <message>
        <source>A rung that is pushed away from its place tires and does not ring.</source>
        <translation>Eine Sprosse, die von ihrem Platz gedrückt wird, ermüdet und klingt nicht.</translation>
    </message>
    <message>
        <source>A scale an octave over a partner</source>
        <translation>Eine Tonleiter eine Oktave über dem Partner</translation>
    </message>
    <message>
        <source>A scale an octave under a partner</source>
        <translation>Eine Tonleiter eine Oktave unter dem Partner</translation>
    </message>
    <message>
        <source>A scale in unison</source>
        <translation>Eine Tonleiter im Einklang</translation>
    </message>
    <message>
        <source>A scale on the lips</source>
        <translation>Eine Tonleiter auf den Lippen</translation>
    </message>
    <message>
        <source>A scale on the mouthpiece</source>
        <translation>Eine Tonleiter auf dem Mundstück</translation>
    </message>
    <message>
        <source>A scale on the mouthpiece over a drone</source>
        <translation>Eine Tonleiter auf dem Mundstück über einem Bordun</translation>
    </message>
    <message>
        <source>A scale with its ends held</source>
        <translation>Eine Tonleiter mit gehaltenen Enden</translation>
    </message>
    <message>
        <source>A settled player: level, in tune, clean.</source>
        <translation>Ein ruhiger Spieler: eben, rein, sauber.</translation>
    </message>
    <message>
        <source>A shade higher by ear; then look for the place where it rings most.</source>
        <translation>Etwas höher nach Gehör; dann die Stelle suchen, wo es am besten klingt.</translation>
    </message>
    <message>
        <source>A shade lower by ear; then look for the place where it rings most.</source>
        <translation>Etwas tiefer nach Gehör; dann die Stelle suchen, wo es am besten klingt.</translation>
    </message>
    <message>
        <source>A shape that is sure on one note is not yet sure on the next.</source>
        <translation>Eine Form, die auf einem Ton sicher ist, ist es auf dem nächsten noch nicht.</translation>
    </message>
    <message>
        <source>A sheet at the wall</source>
        <translation>Ein Blatt an der Wand</translation>
    </message>
    <message>
        <source>A shorter hold at the same loudness.</source>
        <translation>Kürzer halten, gleich laut.</translation>
    </message>
    <message>
        <source>A siren over more than an octave.</source>
        <translation>Eine Sirene über mehr als eine Oktave.</translation>
    </message>
    <message>
        <source>A siren that moves by less than a whole tone.</source>
        <translation>Eine Sirene, die sich um weniger als einen Ganzton bewegt.</translation>
    </message>
    <message>
        <source>A siren: up and down again without a break; that the way back ends a little lower is expected.</source>
        <translation>Eine Sirene: hinauf und hinunter ohne Aussetzer; dass der Rückweg etwas tiefer endet, ist zu erwarten.</translation>
    </message>
    <message>
        <source>A slide that is aimed at a heard note slows down by itself before it.</source>
        <translation>Ein Gleiten, das auf einen gehörten Ton zielt, wird davor von selbst langsamer.</translation>
    </message>
    <message>
        <source>A smaller opening between the lips, the air as it is.</source>
        <translation>Eine kleinere Öffnung zwischen den Lippen, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>A smaller opening, aimed at the far edge.</source>
        <translation>Eine kleinere Öffnung, auf die Kante gezielt.</translation>
    </message>
    <message>
        <source>A smaller opening, and the same air behind it.</source>
        <translation>Eine kleinere Öffnung, und dieselbe Luft dahinter.</translation>
    </message>
    <message>
        <source>A smaller opening, the air as it is.</source>
        <translation>Eine kleinere Öffnung, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>A smaller opening, the air unchanged.</source>
        <translation>Eine kleinere Öffnung, die Luft unverändert.</translation>
    </message>
    <message>
        <source>A soft “doo”, the air going on.</source>
        <translation>Ein weiches „du“, und die Luft geht weiter.</translation>
    </message>
    <message>
        <source>A soft “pooh”, the air going on towards the far edge.</source>
        <translation>Ein weiches „puh“, und die Luft geht weiter zur Kante.</translation>
    </message>
    <message>
        <source>A softer tone hears the louder one; the last beat takes the longest.</source>
        <translation>Ein leiserer Ton hört den lauteren; die letzte Schwebung dauert am längsten.</translation>
    </message>
    <message>
        <source>A softer tongue: “d” instead of “t”.</source>
        <translation>Eine weichere Zunge: „d“ statt „t“.</translation>
    </message>
    <message>
        <source>A sound that is mostly air misses the edge with a part of its stream.</source>
        <translation>Ein Klang, der fast nur Luft ist, verfehlt mit einem Teil seines Stroms die Kante.</translation>
    </message>
    <message>
        <source>A start that is not waited for comes early.</source>
        <translation>Ein Anfang, auf den nicht gewartet wird, kommt früh.</translation>
    </message>
    <message>
        <source>A start that waits for a second decision comes late.</source>
        <translation>Ein Anfang, der auf einen zweiten Entschluss wartet, kommt spät.</translation>
    </message>
    <message>
        <source>An exercise is done when it repeats; then one thing, and only one, gets harder.</source>
        <translation>Eine Übung ist fertig, wenn sie sich wiederholen lässt; dann wird eine Sache schwerer, und nur eine.</translation>
    </message>
    <message>
        <source>A swell that starts late has to arrive late.</source>
        <translation>Ein Schwellton, der spät beginnt, muss spät ankommen.</translation>
    </message>
    <message>
        <source>A thin sound has too little air behind it, or some of it gets past.</source>
        <translation>Ein dünner Klang hat zu wenig Luft hinter sich, oder etwas davon geht daneben.</translation>
    </message>
    <message>
        <source>A thin sound has too little air behind it, or too wide a way through.</source>
        <translation>Ein dünner Klang hat zu wenig Luft hinter sich oder einen zu weiten Weg.</translation>
    </message>
    <message>
        <source>A tone that fades before it stops ran out of air rather than of patience.</source>
        <translation>Ein Ton, der leiser wird, bevor er aufhört, hatte keine Luft mehr, nicht keine Geduld.</translation>
    </message>
    <message>
        <source>A tone that gives much at first has little left: the loudness runs down with the air.</source>
        <translation>Ein Ton, der am Anfang viel gibt, hat wenig übrig: die Lautstärke geht mit der Luft zu Ende.</translation>
    </message>
    <message>
        <source>A tone that is held longer than the air allows wanders before it ends.</source>
        <translation>Ein Ton, der länger gehalten wird, als die Luft erlaubt, wandert, bevor er endet.</translation>
    </message>
    <message>
        <source>A tone that needs several tries starts before the mouth is where it can sound.</source>
        <translation>Ein Ton, der mehrere Versuche braucht, beginnt, bevor der Mund da ist, wo er klingen kann.</translation>
    </message>
    <message>
        <source>A tremble that is no vibrato may be tension that reaches the air.</source>
        <translation>Ein Zittern, das kein Vibrato ist, kann Spannung sein, die bis zur Luft reicht.</translation>
    </message>
    <message>
        <source>A way that can be heard is a slide.</source>
        <translation>Ein Weg, den man hört, ist ein Gleiten.</translation>
    </message>
    <message>
        <source>A way that stays whole while it gets slower or wider is under control.</source>
        <translation>Ein Weg, der ganz bleibt, während er langsamer oder weiter wird, ist beherrscht.</translation>
    </message>
    <message>
        <source>About ten cents is what an untrained ear tells in turn; together a beat a second tells four at A4, and one when it is slow.</source>
        <translation>Etwa zehn Cent unterscheidet ein ungeübtes Ohr nacheinander; zusammen sagt eine Schwebung in der Sekunde vier bei a′, und eine langsame eines.</translation>
    </message>
    <message>
        <source>Above its centre a note is thin and tires.</source>
        <translation>Über seiner Mitte ist ein Ton dünn und macht müde.</translation>
    </message>
    <message>
        <source>Above its centre a tube answers less: the tone takes more air and gives less back.</source>
        <translation>Über seiner Mitte antwortet ein Rohr weniger: der Ton nimmt mehr Luft und gibt weniger zurück.</translation>
    </message>
    <message>
        <source>After the finger let go, the tone is less clear.</source>
        <translation>Nachdem der Finger losließ, ist der Ton weniger klar.</translation>
    </message>
    <message>
        <source>After which share of a breath’s time nine tenths of its air are past: 90 % is even.</source>
        <translation>Nach welchem Anteil der Zeit eines Atems neun Zehntel seiner Luft vorbei sind: 90 % ist gleichmäßig.</translation>
    </message>
    <message>
        <source>Against its partial</source>
        <translation>Gegen den Naturton</translation>
    </message>
    <message>
        <source>Against the one before</source>
        <translation>Gegen den davor</translation>
    </message>
    <message>
        <source>Against the one before, give or take</source>
        <translation>Gegen den davor, genau auf</translation>
    </message>
    <message>
        <source>Aim a little higher, and let it come down by itself.</source>
        <translation>Etwas höher zielen, und es von selbst herunterkommen lassen.</translation>
    </message>
    <message>
        <source>Aim at one spot.</source>
        <translation>Auf einen Punkt zielen.</translation>
    </message>
    <message>
        <source>Aim the air a little lower as it gets louder.</source>
        <translation>Die Luft etwas tiefer richten, wenn es lauter wird.</translation>
    </message>
    <message>
        <source>Aim the air a little lower on the far edge, the lower lip quiet.</source>
        <translation>Die Luft etwas tiefer auf die Kante richten, die Unterlippe ruhig.</translation>
    </message>
    <message>
        <source>Aim the air a little lower.</source>
        <translation>Die Luft etwas tiefer richten.</translation>
    </message>
    <message>
        <source>Aim the air at one point on the wall and leave it there.</source>
        <translation>Die Luft auf einen Punkt an der Wand richten und dort lassen.</translation>
    </message>
    <message>
        <source>Aim the air at one point on the wall, and leave it there.</source>
        <translation>Die Luft auf einen Punkt an der Wand richten, und dort lassen.</translation>
    </message>
    <message>
        <source>Aim the air at one point.</source>
        <translation>Die Luft auf einen Punkt richten.</translation>
    </message>
    <message>
        <source>Air alone through mouthpiece and neck or barrel; then a little more lip on the reed, until it starts by itself.</source>
        <translation>Nur Luft durch Mundstück und Hals oder Birne; dann etwas mehr Lippe aufs Blatt, bis es von selbst anspringt.</translation>
    </message>
    <message>
        <source>Air alone through the rim; then bring the lips together until the sound starts by itself.</source>
        <translation>Nur Luft durch den Rand; dann die Lippen zusammenbringen, bis der Klang von selbst beginnt.</translation>
    </message>
    <message>
        <source>Air before</source>
        <translation>Luft davor</translation>
    </message>
    <message>
        <source>Air before the tone may mean that the mouth was not yet where it can sound.</source>
        <translation>Luft vor dem Ton kann heißen, dass der Mund noch nicht da war, wo er klingen kann.</translation>
    </message>
    <message>
        <source>Air first, then the lips</source>
        <translation>Erst Luft, dann die Lippen</translation>
    </message>
    <message>
        <source>Air first, then the reed</source>
        <translation>Erst Luft, dann das Blatt</translation>
    </message>
    <message>
        <source>Air flows, and no sound yet. That is normal.</source>
        <translation>Die Luft strömt, und noch kein Klang. Das ist normal.</translation>
    </message>
    <message>
        <source>Air flows, but no sound comes.</source>
        <translation>Die Luft strömt, aber es kommt kein Klang.</translation>
    </message>
    <message>
        <source>Air for most of a second, then the buzz.</source>
        <translation>Luft fast eine Sekunde lang, dann der Klang.</translation>
    </message>
    <message>
        <source>Air in the first quarter</source>
        <translation>Luft im ersten Viertel</translation>
    </message>
    <message>
        <source>Air in the last quarter</source>
        <translation>Luft im letzten Viertel</translation>
    </message>
    <message>
        <source>Air in the tube</source>
        <translation>Luft im Rohr</translation>
    </message>
    <message>
        <source>Air is heard for {air_before_ms} ms before the tone speaks.</source>
        <translation>Luft ist {air_before_ms} ms lang zu hören, bevor der Ton anspricht.</translation>
    </message>
    <message>
        <source>Air lasts</source>
        <translation>Luft reicht</translation>
    </message>
    <message>
        <source>Air or lips that look for their place make waves.</source>
        <translation>Luft oder Lippen, die ihren Platz suchen, machen Wellen.</translation>
    </message>
    <message>
        <source>Air over the room</source>
        <translation>Luft über dem Raum</translation>
    </message>
    <message>
        <source>Air strays by</source>
        <translation>Luft schwankt um</translation>
    </message>
    <message>
        <source>Air that does not become tone is heard as noise.</source>
        <translation>Luft, die nicht zum Ton wird, ist als Geräusch zu hören.</translation>
    </message>
    <message>
        <source>Air that gets slower lets the pitch sink; so does a mouth that opens.</source>
        <translation>Langsamer werdende Luft lässt die Tonhöhe sinken; ein Mund, der aufgeht, auch.</translation>
    </message>
    <message>
        <source>Air that is heard first finds a reed that is not held yet.</source>
        <translation>Luft, die zuerst gehört wird, findet ein Rohrblatt, das noch nicht gefasst ist.</translation>
    </message>
    <message>
        <source>Air that is heard first looks for lips that are not there yet.</source>
        <translation>Luft, die zuerst gehört wird, sucht Lippen, die noch nicht da sind.</translation>
    </message>
    <message>
        <source>Air that is heard first looks for the edge.</source>
        <translation>Luft, die zuerst gehört wird, sucht die Kante.</translation>
    </message>
    <message>
        <source>Air that is held before the tone closes the throat and makes the start hard.</source>
        <translation>Luft, die vor dem Ton angehalten wird, schließt die Kehle und macht den Anfang hart.</translation>
    </message>
    <message>
        <source>Air that stands still for the last counts closes the throat before the tone.</source>
        <translation>Luft, die in den letzten Zählzeiten steht, schließt die Kehle vor dem Ton.</translation>
    </message>
    <message>
        <source>Air that stops for the change makes two starts of one slur.</source>
        <translation>Luft, die für den Wechsel anhält, macht aus einer Bindung zwei Anfänge.</translation>
    </message>
    <message>
        <source>Air without sound: it does not meet the far edge yet.</source>
        <translation>Luft ohne Klang: sie trifft die Kante noch nicht.</translation>
    </message>
    <message>
        <source>Air without sound: it may not meet the far edge, or be spread too wide for it.</source>
        <translation>Luft ohne Klang: vielleicht trifft sie die Kante nicht oder ist zu breit für sie.</translation>
    </message>
    <message>
        <source>Air without sound: nothing is set going yet.</source>
        <translation>Luft ohne Klang: noch wird nichts in Schwingung gesetzt.</translation>
    </message>
    <message>
        <source>Air without sound: the lips are not set going yet.</source>
        <translation>Luft ohne Klang: die Lippen schwingen noch nicht.</translation>
    </message>
    <message>
        <source>Air without sound: the lips may be too far apart to be set going.</source>
        <translation>Luft ohne Klang: vielleicht sind die Lippen zu weit auseinander, um zu schwingen.</translation>
    </message>
    <message>
        <source>Air without sound: the reed is not set going yet, or a hole is open.</source>
        <translation>Luft ohne Klang: das Blatt schwingt noch nicht, oder ein Loch ist offen.</translation>
    </message>
    <message>
        <source>Air without sound: the reed is not set going yet.</source>
        <translation>Luft ohne Klang: das Rohr schwingt noch nicht.</translation>
    </message>
    <message>
        <source>Air without sound: the reed is too far open, or air gets past it.</source>
        <translation>Luft ohne Klang: das Rohrblatt ist zu weit offen, oder Luft geht daneben.</translation>
    </message>
    <message>
        <source>Air without sound: too little of it, or the window is covered.</source>
        <translation>Luft ohne Klang: zu wenig davon, oder das Fenster ist verdeckt.</translation>
    </message>
    <message>
        <source>Air without sound: too much of it, or a hole or the window is covered wrongly.</source>
        <translation>Luft ohne Klang: zu viel davon, oder ein Loch oder das Fenster ist falsch verdeckt.</translation>
    </message>
    <message>
        <source>Air, no buzz</source>
        <translation>Luft, kein Summen</translation>
    </message>
    <message>
        <source>Air: faster to rise, slower to fall, the lips as they are.</source>
        <translation>Luft: schneller, um zu steigen, langsamer, um zu fallen, die Lippen, wie sie sind.</translation>
    </message>
    <message>
        <source>All came, and all inside the targets.</source>
        <translation>Alles kam, und alles im Ziel.</translation>
    </message>
    <message>
        <source>All inside the targets.</source>
        <translation>Alles im Ziel.</translation>
    </message>
    <message>
        <source>All inside the targets: {span_semitones} half steps.</source>
        <translation>Alles im Ziel: {span_semitones} Halbtöne.</translation>
    </message>
    <message>
        <source>All inside the targets; a vibrato of {vibrato_cents} cents to either side, {vibrato_hz} a second.</source>
        <translation>Alles im Ziel; ein Vibrato von {vibrato_cents} Cent nach jeder Seite, {vibrato_hz} in der Sekunde.</translation>
    </message>
    <message>
        <source>All of them as soft as the softest.</source>
        <translation>Alle so leise wie den leisesten.</translation>
    </message>
    <message>
        <source>Alone you were {turn_cents} ± {turn_cents:unsure} cents above the one before.</source>
        <translation>Allein war es {turn_cents} ± {turn_cents:unsure} Cent über dem davor.</translation>
    </message>
    <message>
        <source>Alone you were {turn_cents} ± {turn_cents:unsure} cents below the one before.</source>
        <translation>Allein war es {turn_cents} ± {turn_cents:unsure} Cent unter dem davor.</translation>
    </message>
    <message>
        <source>Alone {turn_cents} ± {turn_cents:unsure} cents off the one before: less than most ears tell one after the other.</source>
        <translation>Allein {turn_cents} ± {turn_cents:unsure} Cent neben dem davor: weniger, als die meisten Ohren nacheinander unterscheiden.</translation>
    </message>
    <message>
        <source>Alto clarinet in E♭</source>
        <translation>Altklarinette in Es</translation>
    </message>
    <message>
        <source>Alto flute</source>
        <translation>Altflöte</translation>
    </message>
    <message>
        <source>Alto recorder</source>
        <translation>Altblockflöte</translation>
    </message>
    <message>
        <source>Alto saxophone in E♭</source>
        <translation>Altsaxophon in Es</translation>
    </message>
    <message>
        <source>Alto trombone</source>
        <translation>Altposaune</translation>
    </message>
    <message>
        <source>An octave above the one who holds: the lower one’s own overtone is what you join.</source>
        <translation>Eine Oktave über dem, der hält: es ist sein eigener Oberton, zu dem man kommt.</translation>
    </message>
    <message>
        <source>An octave below the one who holds: your overtone joins the partner.</source>
        <translation>Eine Oktave unter dem, der hält: der eigene Oberton kommt zum Partner.</translation>
    </message>
    <message>
        <source>Another Calando window has the studio in {1} open. Close it, then try again.</source>
        <translation>Ein anderes Fenster von Calando hat das Studio in {1} offen. Schließen Sie es und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Another Calando window has this studio open; here it can only be looked at. Close the other window to change it.</source>
        <translation>Ein anderes Fenster von Calando hat dieses Studio offen; hier kann es nur angesehen werden. Schließen Sie das andere Fenster, um etwas zu ändern.</translation>
    </message>
    <message>
        <source>Another low note asks for another shape of the mouth; one rung more for aim.</source>
        <translation>Ein anderer tiefer Ton verlangt eine andere Form des Mundes; eine Sprosse mehr verlangt Zielen.</translation>
    </message>
    <message>
        <source>Another reed, once: does it hiss as well?</source>
        <translation>Einmal ein anderes Blatt: zischt es auch?</translation>
    </message>
    <message>
        <source>Apart at the end</source>
        <translation>Am Ende auseinander</translation>
    </message>
    <message>
        <source>Arrive without a gulp, the shoulders as they were.</source>
        <translation>Ankommen ohne zu schlucken, die Schultern, wie sie waren.</translation>
    </message>
    <message>
        <source>Arrives {glide_error_cents} cents off the note.</source>
        <translation>Kommt {glide_error_cents} Cent neben dem Ton an.</translation>
    </message>
    <message>
        <source>As before a word that you do not say.</source>
        <translation>Wie vor einem Wort, das nicht gesagt wird.</translation>
    </message>
    <message>
        <source>As deep in the mouth as the thread allows, lips loose: one crow that stays as it is.</source>
        <translation>So tief im Mund, wie die Wicklung erlaubt, die Lippen locker: ein Krähen, das bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>As high as it goes</source>
        <translation>So hoch es geht</translation>
    </message>
    <message>
        <source>As if it were one long note that changes its name.</source>
        <translation>Als wäre es ein einziger langer Ton, der seinen Namen wechselt.</translation>
    </message>
    <message>
        <source>As if it were one long tone.</source>
        <translation>Als wäre es ein einziger langer Ton.</translation>
    </message>
    <message>
        <source>As if you yawned with closed lips; keep that room.</source>
        <translation>Als würde man mit geschlossenen Lippen gähnen; diesen Raum behalten.</translation>
    </message>
    <message>
        <source>As long as it stays still, and no longer.</source>
        <translation>So lange, wie es ruhig bleibt, und nicht länger.</translation>
    </message>
    <message>
        <source>As many as hold</source>
        <translation>So viele, wie gehen</translation>
    </message>
    <message>
        <source>As soft as it goes</source>
        <translation>So leise es geht</translation>
    </message>
    <message>
        <source>As when something surprises you.</source>
        <translation>Wie wenn einen etwas überrascht.</translation>
    </message>
    <message>
        <source>As wide as it goes</source>
        <translation>So weit es geht</translation>
    </message>
    <message>
        <source>At a comfortable loudness, and let the air move on through the place where it stopped.</source>
        <translation>Bequem laut, und die Luft dort weitergehen lassen, wo es aussetzte.</translation>
    </message>
    <message>
        <source>At an easy loudness, listening to one thing only: does the note stay where it is?</source>
        <translation>Leicht laut, und nur auf eins hören: bleibt der Ton, wo er ist?</translation>
    </message>
    <message>
        <source>At an easy loudness, the ear on the line from one second to the next.</source>
        <translation>Leicht laut, das Ohr von einer Sekunde zur nächsten an der Linie.</translation>
    </message>
    <message>
        <source>At the far end of the bend it is softer.</source>
        <translation>Am tiefsten Punkt des Ziehens ist es leiser.</translation>
    </message>
    <message>
        <source>At the other take’s loudness.</source>
        <translation>So laut wie die andere Aufnahme.</translation>
    </message>
    <message>
        <source>At which try a tone came that is at least half as long as the longest.</source>
        <translation>Beim wievielten Versuch ein Ton kam, der mindestens halb so lang ist wie der längste.</translation>
    </message>
    <message>
        <source>Away from the open breath</source>
        <translation>Weg vom offenen Atem</translation>
    </message>
    <message>
        <source>Back and forth between two neighbours</source>
        <translation>Hin und her zwischen zwei Nachbarn</translation>
    </message>
    <message>
        <source>Back and forth between two partials</source>
        <translation>Hin und her zwischen zwei Naturtönen</translation>
    </message>
    <message>
        <source>Back from the bend</source>
        <translation>Zurück vom Ziehen</translation>
    </message>
    <message>
        <source>Baritone (bass clef)</source>
        <translation>Bariton (Bassschlüssel)</translation>
    </message>
    <message>
        <source>Baritone (treble clef)</source>
        <translation>Bariton (Violinschlüssel)</translation>
    </message>
    <message>
        <source>Baritone saxophone in E♭</source>
        <translation>Baritonsaxophon in Es</translation>
    </message>
    <message>
        <source>Bass clarinet in B♭</source>
        <translation>Bassklarinette in B</translation>
    </message>
    <message>
        <source>Bass recorder</source>
        <translation>Bassblockflöte</translation>
    </message>
    <message>
        <source>Bass trombone</source>
        <translation>Bassposaune</translation>
    </message>
    <message>
        <source>Bassoon</source>
        <translation>Fagott</translation>
    </message>
    <message>
        <source>Be in tune with the partner, bend down on purpose until it beats, and come back: who can leave can adjust.</source>
        <translation>Rein mit dem Partner sein, absichtlich tiefer ziehen, bis es schwebt, und zurückkommen: wer weggehen kann, kann auch nachstimmen.</translation>
    </message>
    <message>
        <source>Beats count the distance for you: the slower, the nearer, and none is one.</source>
        <translation>Schwebungen zählen den Abstand: je langsamer, desto näher, und keine ist rein.</translation>
    </message>
    <message>
        <source>Beats left</source>
        <translation>Schwebungen bleiben</translation>
    </message>
    <message>
        <source>Before you start, think of where the count ends; then arrive there.</source>
        <translation>Vor dem Anfang daran denken, wo das Zählen endet; dann dort ankommen.</translation>
    </message>
    <message>
        <source>Begin as if nothing left yet.</source>
        <translation>Anfangen, als ginge noch nichts hinaus.</translation>
    </message>
    <message>
        <source>Begin each breath with the count.</source>
        <translation>Jeden Atem mit dem Zählen beginnen.</translation>
    </message>
    <message>
        <source>Begin inside it, softly.</source>
        <translation>Leise darin beginnen.</translation>
    </message>
    <message>
        <source>Begin to grow with the first beat.</source>
        <translation>Mit dem ersten Schlag zu wachsen beginnen.</translation>
    </message>
    <message>
        <source>Begin together, some cents apart. This partner comes half of the way; the other half is yours.</source>
        <translation>Zusammen beginnen, einige Cent auseinander. Dieser Partner kommt den halben Weg; die andere Hälfte ist die eigene.</translation>
    </message>
    <message>
        <source>Begin with more at once.</source>
        <translation>Gleich mit mehr beginnen.</translation>
    </message>
    <message>
        <source>Beginner</source>
        <translation>Anfänger</translation>
    </message>
    <message>
        <source>Begins above and comes down until it is in tune.</source>
        <translation>Beginnt darüber und kommt herunter, bis es rein ist.</translation>
    </message>
    <message>
        <source>Begins above, comes nearer, and stays nine cents high.</source>
        <translation>Beginnt darüber, kommt näher und bleibt neun Cent zu hoch.</translation>
    </message>
    <message>
        <source>Begins with little air and gulps the rest at the end.</source>
        <translation>Beginnt mit wenig Luft und schluckt den Rest am Ende.</translation>
    </message>
    <message>
        <source>Begins {place_ms} ms after the beat.</source>
        <translation>Beginnt {place_ms} ms nach dem Schlag.</translation>
    </message>
    <message>
        <source>Begins {place_ms} ms before the beat.</source>
        <translation>Beginnt {place_ms} ms vor dem Schlag.</translation>
    </message>
    <message>
        <source>Begins {place_ms} ms off the beat, now early, now late.</source>
        <translation>Beginnt {place_ms} ms neben dem Schlag, mal früh, mal spät.</translation>
    </message>
    <message>
        <source>Begins {scoop_cents} cents above its own line.</source>
        <translation>Beginnt {scoop_cents} Cent über der eigenen Linie.</translation>
    </message>
    <message>
        <source>Begins {scoop_cents} cents below its own line.</source>
        <translation>Beginnt {scoop_cents} Cent unter der eigenen Linie.</translation>
    </message>
    <message>
        <source>Below its centre a note is loose and spreads.</source>
        <translation>Unter seiner Mitte ist ein Ton locker und breit.</translation>
    </message>
    <message>
        <source>Below its centre the tone spreads.</source>
        <translation>Unter seiner Mitte wird der Ton breit.</translation>
    </message>
    <message>
        <source>Bend by rolling, and come back</source>
        <translation>Ziehen durch Drehen, und zurück</translation>
    </message>
    <message>
        <source>Bend down and come back</source>
        <translation>Hinunterziehen und zurückkommen</translation>
    </message>
    <message>
        <source>Bend half as far.</source>
        <translation>Halb so weit ziehen.</translation>
    </message>
    <message>
        <source>Bend led by the jaw</source>
        <translation>Ziehen, vom Kiefer geführt</translation>
    </message>
    <message>
        <source>Bend uneven</source>
        <translation>Ziehen ungleichmäßig</translation>
    </message>
    <message>
        <source>Bends and stairs</source>
        <translation>Ziehen und Treppen</translation>
    </message>
    <message>
        <source>Bends at</source>
        <translation>Zieht mit</translation>
    </message>
    <message>
        <source>Bends by {bend_cents} cents of {bend_cents:high}.</source>
        <translation>Zieht um {bend_cents} Cent von {bend_cents:high}.</translation>
    </message>
    <message>
        <source>Bends evenly; the note rings 26 cents below where it is played.</source>
        <translation>Zieht gleichmäßig; der Ton klingt am besten 26 Cent unter der Stelle, an der er gespielt wird.</translation>
    </message>
    <message>
        <source>Bends loose</source>
        <translation>Zieht locker</translation>
    </message>
    <message>
        <source>Bends; plays above the centre</source>
        <translation>Zieht; spielt über der Mitte</translation>
    </message>
    <message>
        <source>Bent by</source>
        <translation>Gezogen um</translation>
    </message>
    <message>
        <source>Between slurred notes the tone gets softer.</source>
        <translation>Zwischen gebundenen Tönen wird es leiser.</translation>
    </message>
    <message>
        <source>Between slurred notes the tone swells.</source>
        <translation>Zwischen gebundenen Tönen schwillt es an.</translation>
    </message>
    <message>
        <source>Between two slurred notes there is a gap of {gap_ms} ms.</source>
        <translation>Zwischen zwei gebundenen Tönen ist eine Lücke von {gap_ms} ms.</translation>
    </message>
    <message>
        <source>Blow a little faster, and evenly.</source>
        <translation>Etwas schneller blasen, und gleichmäßig.</translation>
    </message>
    <message>
        <source>Blow at a hand held before the mouth, and keep the coolness the same.</source>
        <translation>Gegen eine Hand vor dem Mund blasen, die Kühle gleich halten.</translation>
    </message>
    <message>
        <source>Blow at a hand: as cool on every count.</source>
        <translation>Gegen eine Hand blasen: bei jedem Zählen gleich kühl.</translation>
    </message>
    <message>
        <source>Blow the same breath against the palm of a hand until it feels even, then play on that breath.</source>
        <translation>Denselben Atem gegen die Handfläche blasen, bis er sich gleichmäßig anfühlt, dann darauf spielen.</translation>
    </message>
    <message>
        <source>Blow through the change: the air does not stop.</source>
        <translation>Durch den Wechsel blasen: die Luft hält nicht an.</translation>
    </message>
    <message>
        <source>Blows, and the lips do not meet.</source>
        <translation>Bläst, und die Lippen treffen sich nicht.</translation>
    </message>
    <message>
        <source>Both at once, and both give way</source>
        <translation>Beide zugleich, und beide geben nach</translation>
    </message>
    <message>
        <source>Breaking</source>
        <translation>Aussetzend</translation>
    </message>
    <message>
        <source>Breaks</source>
        <translation>Aussetzer</translation>
    </message>
    <message>
        <source>Breaks in the sound ({dropouts}).</source>
        <translation>Aussetzer im Klang ({dropouts}).</translation>
    </message>
    <message>
        <source>Breaks on the way down</source>
        <translation>Aussetzer auf dem Weg hinunter</translation>
    </message>
    <message>
        <source>Breaks, air on</source>
        <translation>Aussetzer, Luft ging weiter</translation>
    </message>
    <message>
        <source>Breaks, all stopped</source>
        <translation>Aussetzer, alles stand</translation>
    </message>
    <message>
        <source>Breath in takes</source>
        <translation>Einatmen dauert</translation>
    </message>
    <message>
        <source>Breath in, first quarter</source>
        <translation>Einatmen, erstes Viertel</translation>
    </message>
    <message>
        <source>Breath in, last quarter</source>
        <translation>Einatmen, letztes Viertel</translation>
    </message>
    <message>
        <source>Breath out, first quarter</source>
        <translation>Ausatmen, erstes Viertel</translation>
    </message>
    <message>
        <source>Breath out, last quarter</source>
        <translation>Ausatmen, letztes Viertel</translation>
    </message>
    <message>
        <source>Breathe in and out in one turn, without a stop in between.</source>
        <translation>In einer Bewegung ein- und ausatmen, ohne Halt dazwischen.</translation>
    </message>
    <message>
        <source>Breathe in and out once like that without the instrument, then play.</source>
        <translation>Einmal so ohne Instrument ein- und ausatmen, dann spielen.</translation>
    </message>
    <message>
        <source>Breathe in and start in one turn, without a stop between.</source>
        <translation>In einer Bewegung einatmen und beginnen, ohne Halt dazwischen.</translation>
    </message>
    <message>
        <source>Breathe in for longer, and let the air out as one long stream, like a hiss.</source>
        <translation>Länger einatmen, und die Luft als einen langen Strom hinauslassen, wie ein Zischen.</translation>
    </message>
    <message>
        <source>Breathe in for longer, then play the same.</source>
        <translation>Länger einatmen, dann dasselbe spielen.</translation>
    </message>
    <message>
        <source>Breathe in for the whole beat before, so that the start has to wait.</source>
        <translation>Den ganzen Schlag davor einatmen, so dass der Anfang warten muss.</translation>
    </message>
    <message>
        <source>Breathe in fully and without haste, then let it go softly.</source>
        <translation>Voll und ohne Hast einatmen, dann leise gehen lassen.</translation>
    </message>
    <message>
        <source>Breathe in fully, and start at once, at the top of the breath.</source>
        <translation>Voll einatmen, und sofort beginnen, oben auf dem Atem.</translation>
    </message>
    <message>
        <source>Breathe in low and wide first.</source>
        <translation>Zuerst tief und weit einatmen.</translation>
    </message>
    <message>
        <source>Breathe in on that beat: the breath ends the tone.</source>
        <translation>Auf diesen Schlag einatmen: der Atem beendet den Ton.</translation>
    </message>
    <message>
        <source>Breathe in on the beat before, and let the breath turn into the tone right on it.</source>
        <translation>Auf dem Schlag davor einatmen, und den Atem genau auf dem Schlag zum Ton werden lassen.</translation>
    </message>
    <message>
        <source>Breathe in on the beat before, each time alike.</source>
        <translation>Auf dem Schlag davor einatmen, jedes Mal gleich.</translation>
    </message>
    <message>
        <source>Breathe in over four slow counts, then play.</source>
        <translation>Über vier langsame Zählzeiten einatmen, dann spielen.</translation>
    </message>
    <message>
        <source>Breathe in without a sound.</source>
        <translation>Ohne einen Klang einatmen.</translation>
    </message>
    <message>
        <source>Breathe out across the hole without a tone, jaw and throat loose.</source>
        <translation>Ohne Ton über das Loch ausatmen, Kiefer und Kehle locker.</translation>
    </message>
    <message>
        <source>Breathe out into it as on a window, jaw and throat loose.</source>
        <translation>Hinein ausatmen wie an eine Fensterscheibe, Kiefer und Kehle locker.</translation>
    </message>
    <message>
        <source>Breathe out into the drop: the air goes on.</source>
        <translation>In das Fallen hinein ausatmen: die Luft geht weiter.</translation>
    </message>
    <message>
        <source>Breathe out once without playing, then play it softer.</source>
        <translation>Einmal ausatmen, ohne zu spielen, dann leiser spielen.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, jaw and throat loose.</source>
        <translation>Ohne Ton durch das Instrument ausatmen, Kiefer und Kehle locker.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, the lips loose round the reed.</source>
        <translation>Ohne Ton durch das Instrument ausatmen, die Lippen locker um das Rohr.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, then let the next breath turn into one.</source>
        <translation>Ohne Ton durch das Instrument ausatmen, dann den nächsten Atem zum Ton werden lassen.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, with hardly any lip on the reed.</source>
        <translation>Ohne Ton durch das Instrument ausatmen, fast ohne Lippe auf dem Blatt.</translation>
    </message>
    <message>
        <source>Breathe out through the mouthpiece without a sound, with hardly any lip on the reed.</source>
        <translation>Ohne Klang durch das Mundstück ausatmen, fast ohne Lippe auf dem Blatt.</translation>
    </message>
    <message>
        <source>Breathe out through the reed without a sound, the lips loose round it.</source>
        <translation>Ohne Klang durch das Rohr ausatmen, die Lippen locker darum.</translation>
    </message>
    <message>
        <source>Breaths</source>
        <translation>Atemzüge</translation>
    </message>
    <message>
        <source>Breaths in that hiss, high and narrow, instead of being low and wide.</source>
        <translation>Atemzüge, die hoch und eng zischen, statt tief und weit zu sein.</translation>
    </message>
    <message>
        <source>Breaths in that hiss ({tight_inhales}).</source>
        <translation>Atemzüge, die zischen ({tight_inhales}).</translation>
    </message>
    <message>
        <source>Breaths that were not heard ({missing}).</source>
        <translation>Atemzüge, die nicht gehört wurden ({missing}).</translation>
    </message>
    <message>
        <source>Breathy</source>
        <translation>Luftig</translation>
    </message>
    <message>
        <source>Brighter when louder by</source>
        <translation>Heller beim Lauterwerden um</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>Bring the lips a little closer, for the same air.</source>
        <translation>Die Lippen etwas näher zusammen, bei derselben Luft.</translation>
    </message>
    <message>
        <source>Bump between notes</source>
        <translation>Anschwellen zwischen Tönen</translation>
    </message>
    <message>
        <source>Buzz goes far</source>
        <translation>Das Summen geht weit</translation>
    </message>
    <message>
        <source>Buzz hardly moves</source>
        <translation>Das Summen bewegt sich kaum</translation>
    </message>
    <message>
        <source>Buzzes in waves</source>
        <translation>Summt in Wellen</translation>
    </message>
    <message>
        <source>Buzzes late</source>
        <translation>Summt spät</translation>
    </message>
    <message>
        <source>Buzzes low and spread</source>
        <translation>Summt tief und breit</translation>
    </message>
    <message>
        <source>Buzzes weakly</source>
        <translation>Summt schwach</translation>
    </message>
    <message>
        <source>Buzzes with a crackle</source>
        <translation>Summt mit Knattern</translation>
    </message>
    <message>
        <source>Cannot keep the breath: air goes on while it is held.</source>
        <translation>Kann den Atem nicht behalten: Luft geht weiter, während er gehalten wird.</translation>
    </message>
    <message>
        <source>Cents and beats</source>
        <translation>Cent und Schwebungen</translation>
    </message>
    <message>
        <source>Clarinet in A</source>
        <translation>Klarinette in A</translation>
    </message>
    <message>
        <source>Clarinet in B♭</source>
        <translation>Klarinette in B</translation>
    </message>
    <message>
        <source>Clarinet in E♭</source>
        <translation>Klarinette in Es</translation>
    </message>
    <message>
        <source>Close the corners evenly round it, so that no air gets past.</source>
        <translation>Die Mundwinkel gleichmäßig darum schließen, so dass keine Luft daneben geht.</translation>
    </message>
    <message>
        <source>Close the corners round the mouthpiece and leave them.</source>
        <translation>Die Mundwinkel um das Mundstück schließen und so lassen.</translation>
    </message>
    <message>
        <source>Close the corners round the mouthpiece, so that no air gets past it.</source>
        <translation>Die Mundwinkel um das Mundstück schließen, so dass keine Luft daneben geht.</translation>
    </message>
    <message>
        <source>Close the lips evenly round the reed, and leave them.</source>
        <translation>Die Lippen gleichmäßig um das Rohr schließen, und so lassen.</translation>
    </message>
    <message>
        <source>Close the lips evenly round the reed, so that no air gets past it.</source>
        <translation>Die Lippen gleichmäßig um das Rohr schließen, so dass keine Luft daneben geht.</translation>
    </message>
    <message>
        <source>Closing the lips, the jaw or the throat to stop a tone lifts its pitch.</source>
        <translation>Lippen, Kiefer oder Kehle zuzumachen, um einen Ton zu beenden, hebt seine Tonhöhe.</translation>
    </message>
    <message>
        <source>Come back slower, with the same air.</source>
        <translation>Langsamer zurückkommen, mit derselben Luft.</translation>
    </message>
    <message>
        <source>Come nearer to the microphone, so that it hears you more than the room.</source>
        <translation>Näher ans Mikrofon, so dass es mehr vom Spielen hört als vom Raum.</translation>
    </message>
    <message>
        <source>Come nearer to the microphone.</source>
        <translation>Näher ans Mikrofon.</translation>
    </message>
    <message>
        <source>Comes back {bend_return_cents} cents above where it began.</source>
        <translation>Kommt {bend_return_cents} Cent über dem Anfang zurück.</translation>
    </message>
    <message>
        <source>Comes back {bend_return_cents} cents below where it began.</source>
        <translation>Kommt {bend_return_cents} Cent unter dem Anfang zurück.</translation>
    </message>
    <message>
        <source>Contrabassoon</source>
        <translation>Kontrafagott</translation>
    </message>
    <message>
        <source>Corners as if to say “em”, the middle soft.</source>
        <translation>Mundwinkel wie für „em“, die Mitte weich.</translation>
    </message>
    <message>
        <source>Corners as they were where it sounded; the middle of the lips free.</source>
        <translation>Mundwinkel, wie sie waren, wo es klang; die Mitte der Lippen frei.</translation>
    </message>
    <message>
        <source>Corners closer round the mouthpiece, and the cheeks flat.</source>
        <translation>Mundwinkel enger um das Mundstück, die Wangen flach.</translation>
    </message>
    <message>
        <source>Corners firm and the middle soft, as for “em”.</source>
        <translation>Mundwinkel fest und die Mitte weich, wie für „em“.</translation>
    </message>
    <message>
        <source>Corners firm to the very end.</source>
        <translation>Mundwinkel fest bis ganz zum Ende.</translation>
    </message>
    <message>
        <source>Corners firm, and the cheeks flat.</source>
        <translation>Mundwinkel fest, die Wangen flach.</translation>
    </message>
    <message>
        <source>Corners firm, the middle soft.</source>
        <translation>Mundwinkel fest, die Mitte weich.</translation>
    </message>
    <message>
        <source>Corners that firm up while it sounds pull the pitch up.</source>
        <translation>Mundwinkel, die während des Klangs fester werden, ziehen die Tonhöhe hinauf.</translation>
    </message>
    <message>
        <source>Cornet in B♭</source>
        <translation>Kornett in B</translation>
    </message>
    <message>
        <source>Cornet in E♭</source>
        <translation>Kornett in Es</translation>
    </message>
    <message>
        <source>Count on silently to the beat, and let it bring the tone.</source>
        <translation>Still bis zum Schlag weiterzählen, und ihn den Ton bringen lassen.</translation>
    </message>
    <message>
        <source>Count on silently to the next beat, and stop there.</source>
        <translation>Still bis zum nächsten Schlag weiterzählen und dort aufhören.</translation>
    </message>
    <message>
        <source>Count the last beat silently while you still blow.</source>
        <translation>Den letzten Schlag still zählen, während noch geblasen wird.</translation>
    </message>
    <message>
        <source>Counts and seconds</source>
        <translation>Zählzeiten und Sekunden</translation>
    </message>
    <message>
        <source>Cover a little less of the hole, the lower lip quiet.</source>
        <translation>Etwas weniger vom Loch abdecken, die Unterlippe ruhig.</translation>
    </message>
    <message>
        <source>Crackle</source>
        <translation>Knattern</translation>
    </message>
    <message>
        <source>Daily, short</source>
        <translation>Täglich, kurz</translation>
    </message>
    <message>
        <source>Difference heard and mended</source>
        <translation>Gehörter und ausgeglichener Unterschied</translation>
    </message>
    <message>
        <source>Dip between notes</source>
        <translation>Einbruch zwischen Tönen</translation>
    </message>
    <message>
        <source>Dip over the break</source>
        <translation>Einbruch über den Registerwechsel</translation>
    </message>
    <message>
        <source>Down a half step with the fingers, twice; then the same with mouth and air alone. Is the bent one as far, and as full? Two players can share it: one fingers, one bends.</source>
        <translation>Mit den Fingern einen Halbton hinunter, zweimal; dann dasselbe nur mit Mund und Luft. Ist der gezogene so weit und so voll? Zwei Spieler können es teilen: einer greift, einer zieht.</translation>
    </message>
    <message>
        <source>Down as far as the note lets itself be bent, with mouth and air alone, and back to exactly where it began. High notes bend further than low ones.</source>
        <translation>So weit hinunter, wie sich der Ton mit Mund und Luft allein ziehen lässt, und genau dahin zurück, wo er begann. Hohe Töne lassen sich weiter ziehen als tiefe.</translation>
    </message>
    <message>
        <source>Down by a half step with mouth and air alone, back up through the middle and slightly above, three times on one breath: where the tone opens and rings is the note’s centre.</source>
        <translation>Mit Mund und Luft allein einen Halbton hinunter, durch die Mitte zurück und etwas darüber, dreimal auf einem Atem: wo der Ton aufgeht und klingt, ist die Mitte des Tons.</translation>
    </message>
    <message>
        <source>Down by a whole step and back, as full below as above.</source>
        <translation>Einen Ganzton hinunter und zurück, unten so voll wie oben.</translation>
    </message>
    <message>
        <source>Down by half steps</source>
        <translation>In Halbtönen hinunter</translation>
    </message>
    <message>
        <source>Down, and back in its place.</source>
        <translation>Hinunter, und an seinen Platz zurück.</translation>
    </message>
    <message>
        <source>Draw a line on the table with a finger while you play, at one speed.</source>
        <translation>Beim Spielen mit einem Finger eine Linie auf den Tisch ziehen, mit einer Geschwindigkeit.</translation>
    </message>
    <message>
        <source>Draw it in the air with a hand while you play.</source>
        <translation>Es beim Spielen mit einer Hand in die Luft zeichnen.</translation>
    </message>
    <message>
        <source>Draw the line in the air with a hand while you play it.</source>
        <translation>Die Linie beim Spielen mit einer Hand in die Luft zeichnen.</translation>
    </message>
    <message>
        <source>Drift</source>
        <translation>Drift</translation>
    </message>
    <message>
        <source>Drifts {drift_cents_per_s} cents a second downwards.</source>
        <translation>Driftet {drift_cents_per_s} Cent in der Sekunde abwärts.</translation>
    </message>
    <message>
        <source>Drifts {drift_cents_per_s} cents a second upwards.</source>
        <translation>Driftet {drift_cents_per_s} Cent in der Sekunde aufwärts.</translation>
    </message>
    <message>
        <source>Drop the jaw first, then breathe.</source>
        <translation>Erst den Kiefer fallen lassen, dann atmen.</translation>
    </message>
    <message>
        <source>Drops by</source>
        <translation>Fällt um</translation>
    </message>
    <message>
        <source>Dry the windway: close the window with a finger and blow once.</source>
        <translation>Den Windkanal trocknen: das Fenster mit einem Finger schließen und einmal blasen.</translation>
    </message>
    <message>
        <source>Each note has a centre of its own.</source>
        <translation>Jeder Ton hat seine eigene Mitte.</translation>
    </message>
    <message>
        <source>Each note was found anew; steps are heard better than places.</source>
        <translation>Jeder Ton wurde neu gesucht; Schritte hört man besser als Plätze.</translation>
    </message>
    <message>
        <source>Each note with its neighbour, twice, up a fifth: every step as even as the first.</source>
        <translation>Jeder Ton mit seinem Nachbarn, zweimal, eine Quinte hinauf: jeder Schritt so gleichmäßig wie der erste.</translation>
    </message>
    <message>
        <source>Each rung four times with the tongue, twice soft and twice firm: the pitch stays.</source>
        <translation>Jede Sprosse viermal gestoßen, zweimal weich und zweimal fest: die Tonhöhe bleibt.</translation>
    </message>
    <message>
        <source>Easy for</source>
        <translation>Leicht für</translation>
    </message>
    <message>
        <source>Eight and eight, with the arms</source>
        <translation>Acht und acht, mit den Armen</translation>
    </message>
    <message>
        <source>End of the tone</source>
        <translation>Ende des Tons</translation>
    </message>
    <message>
        <source>Ends {held_more_s} s before the other one.</source>
        <translation>Endet {held_more_s} s vor dem anderen.</translation>
    </message>
    <message>
        <source>Ends {sag_cents} cents higher.</source>
        <translation>Endet {sag_cents} Cent höher.</translation>
    </message>
    <message>
        <source>Ends {sag_cents} cents lower, and no softer.</source>
        <translation>Endet {sag_cents} Cent tiefer, und nicht leiser.</translation>
    </message>
    <message>
        <source>Ends {sag_cents} cents lower, and softer.</source>
        <translation>Endet {sag_cents} Cent tiefer, und leiser.</translation>
    </message>
    <message>
        <source>English horn</source>
        <translation>Englischhorn</translation>
    </message>
    <message>
        <source>Euphonium (bass clef)</source>
        <translation>Euphonium (Bassschlüssel)</translation>
    </message>
    <message>
        <source>Euphonium (treble clef)</source>
        <translation>Euphonium (Violinschlüssel)</translation>
    </message>
    <message>
        <source>Euphonium, compensating (bass clef)</source>
        <translation>Euphonium, kompensiert (Bassschlüssel)</translation>
    </message>
    <message>
        <source>Euphonium, compensating (treble clef)</source>
        <translation>Euphonium, kompensiert (Violinschlüssel)</translation>
    </message>
    <message>
        <source>Even breaths, each in its place.</source>
        <translation>Gleichmäßige Atemzüge, jeder an seinem Platz.</translation>
    </message>
    <message>
        <source>Even comes before long.</source>
        <translation>Gleichmäßig kommt vor lang.</translation>
    </message>
    <message>
        <source>Even comes before quick.</source>
        <translation>Gleichmäßig kommt vor schnell.</translation>
    </message>
    <message>
        <source>Even comes first; quick comes by itself.</source>
        <translation>Zuerst gleichmäßig; schnell kommt von selbst.</translation>
    </message>
    <message>
        <source>Even up to</source>
        <translation>Gleichmäßig bis</translation>
    </message>
    <message>
        <source>Even up to {highest_even} counts of {highest_even:low}.</source>
        <translation>Gleichmäßig bis {highest_even} Zählzeiten von {highest_even:low}.</translation>
    </message>
    <message>
        <source>Even, and smooth.</source>
        <translation>Gleichmäßig und glatt.</translation>
    </message>
    <message>
        <source>Even, soft air, as on a window.</source>
        <translation>Gleichmäßige, weiche Luft, wie an eine Fensterscheibe.</translation>
    </message>
    <message>
        <source>Evenly louder for two beats, evenly softer for two; the peak right in the middle.</source>
        <translation>Zwei Schläge gleichmäßig lauter, zwei gleichmäßig leiser; der Gipfel genau in der Mitte.</translation>
    </message>
    <message>
        <source>Evenness first, tempo later.</source>
        <translation>Erst gleichmäßig, dann das Tempo.</translation>
    </message>
    <message>
        <source>Every note of the scale for 4 beats, with 4 beats to breathe: each starts on the beat, lasts, and is like its neighbours.</source>
        <translation>Jeden Ton der Tonleiter 4 Schläge, mit 4 Schlägen zum Atmen: jeder beginnt auf dem Schlag, hält und ist wie seine Nachbarn.</translation>
    </message>
    <message>
        <source>Every note of the scale for 8 beats, with 8 beats to breathe: each starts on the beat, lasts, and is like its neighbours.</source>
        <translation>Jeden Ton der Tonleiter 8 Schläge, mit 8 Schlägen zum Atmen: jeder beginnt auf dem Schlag, hält und ist wie seine Nachbarn.</translation>
    </message>
    <message>
        <source>Every rung rang in its place.</source>
        <translation>Jede Sprosse klang an ihrem Platz.</translation>
    </message>
    <message>
        <source>Explore: as low and as high as it goes today. It is measured and never scored.</source>
        <translation>Erkunden: so tief und so hoch, wie es heute geht. Es wird gemessen und nie bewertet.</translation>
    </message>
    <message>
        <source>Faster air, the opening as it is.</source>
        <translation>Schnellere Luft, die Öffnung, wie sie ist.</translation>
    </message>
    <message>
        <source>Fewer notes on the way: home, one other, home.</source>
        <translation>Weniger Töne auf dem Weg: Grundton, ein anderer, Grundton.</translation>
    </message>
    <message>
        <source>Fifteen seconds, dead level; on an easy note, at an easy loudness.</source>
        <translation>Fünfzehn Sekunden, ganz eben; auf einem leichten Ton, leicht laut.</translation>
    </message>
    <message>
        <source>Fifth over a partner</source>
        <translation>Quinte über dem Partner</translation>
    </message>
    <message>
        <source>Filled evenly over four counts, let go in one, and three to wait for the next.</source>
        <translation>Gleichmäßig über vier Zählzeiten gefüllt, in einer losgelassen, und drei zum Warten auf die nächste.</translation>
    </message>
    <message>
        <source>Filled evenly over four counts; then nothing is done, the air leaves by itself.</source>
        <translation>Gleichmäßig über vier Zählzeiten gefüllt; dann nichts tun, die Luft geht von selbst.</translation>
    </message>
    <message>
        <source>Find the note, and be in tune</source>
        <translation>Den Ton finden, und rein sein</translation>
    </message>
    <message>
        <source>Finds the partner</source>
        <translation>Findet den Partner</translation>
    </message>
    <message>
        <source>Finger above, then let go</source>
        <translation>Darüber greifen, dann loslassen</translation>
    </message>
    <message>
        <source>Finger the half step above but sound the note below it; then let the finger go, and let the tone drop into its centre.</source>
        <translation>Den Halbton darüber greifen, aber den Ton darunter klingen lassen; dann den Finger loslassen, und den Ton in seine Mitte fallen lassen.</translation>
    </message>
    <message>
        <source>Finger the high note once as usual, then the same mouth with the low fingering.</source>
        <translation>Den hohen Ton einmal wie üblich greifen, dann derselbe Mund mit dem tiefen Griff.</translation>
    </message>
    <message>
        <source>Fingers quick, the air as it is.</source>
        <translation>Schnelle Finger, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>Firm up the corners a little, as if to say “em”, and leave the middle soft.</source>
        <translation>Die Mundwinkel etwas fester, wie um „em“ zu sagen, und die Mitte weich lassen.</translation>
    </message>
    <message>
        <source>Firm up the corners, and let the middle be free.</source>
        <translation>Die Mundwinkel fester, und die Mitte frei lassen.</translation>
    </message>
    <message>
        <source>Firmer corners: hold them as they were where it sounded.</source>
        <translation>Festere Mundwinkel: sie halten, wie sie waren, wo es klang.</translation>
    </message>
    <message>
        <source>Firmness, air and the shape of the mouth move the pitch: one of them at a time.</source>
        <translation>Festigkeit, Luft und die Form des Mundes bewegen die Tonhöhe: eins davon auf einmal.</translation>
    </message>
    <message>
        <source>Firmness: let the corners firm up to rise, and soften to fall.</source>
        <translation>Festigkeit: die Mundwinkel fester zum Steigen, weicher zum Fallen.</translation>
    </message>
    <message>
        <source>First lesson</source>
        <translation>Erste Stunde</translation>
    </message>
    <message>
        <source>Five notes down to your lowest, each as full as the first: wide inside, no force.</source>
        <translation>Fünf Töne bis zum tiefsten hinunter, jeder so voll wie der erste: innen weit, ohne Kraft.</translation>
    </message>
    <message>
        <source>Five notes on the small part while the home note sounds on: the ear leads, and the lips follow.</source>
        <translation>Fünf Töne auf dem Mundstück allein, während der Grundton weiterklingt: das Ohr führt, und die Lippen folgen.</translation>
    </message>
    <message>
        <source>Five notes up, each found by itself and held for four beats.</source>
        <translation>Fünf Töne hinauf, jeder für sich gefunden und vier Schläge gehalten.</translation>
    </message>
    <message>
        <source>Five notes with the partner, each one as soon as it sounds. Which are in tune at once, and which have to be mended?</source>
        <translation>Fünf Töne mit dem Partner, jeder, sobald er klingt. Welche sind sofort rein, und welche müssen ausgeglichen werden?</translation>
    </message>
    <message>
        <source>Five notes, the partner an octave above you: your overtone joins the partner.</source>
        <translation>Fünf Töne, der Partner eine Oktave darüber: der eigene Oberton kommt zum Partner.</translation>
    </message>
    <message>
        <source>Five notes, the partner an octave below you: your fundamental joins the partner’s overtone.</source>
        <translation>Fünf Töne, der Partner eine Oktave darunter: der eigene Grundton kommt zum Oberton des Partners.</translation>
    </message>
    <message>
        <source>Flat but steady</source>
        <translation>Zu tief, aber ruhig</translation>
    </message>
    <message>
        <source>Flips</source>
        <translation>Kippt</translation>
    </message>
    <message>
        <source>Flips to another partial ({slips}).</source>
        <translation>Kippt auf einen anderen Naturton ({slips}).</translation>
    </message>
    <message>
        <source>Flips to the next partial for a moment.</source>
        <translation>Kippt für einen Moment auf den nächsten Naturton.</translation>
    </message>
    <message>
        <source>Fluent</source>
        <translation>Geläufig</translation>
    </message>
    <message>
        <source>Flugelhorn in B♭</source>
        <translation>Flügelhorn in B</translation>
    </message>
    <message>
        <source>Flute</source>
        <translation>Flöte</translation>
    </message>
    <message>
        <source>Follow the drawn line</source>
        <translation>Der gezeichneten Linie folgen</translation>
    </message>
    <message>
        <source>Found after</source>
        <translation>Gefunden nach</translation>
    </message>
    <message>
        <source>Found after {found_s} s.</source>
        <translation>Gefunden nach {found_s} s.</translation>
    </message>
    <message>
        <source>Four beats of sound with a soft “d”, four of rest: each begins like the one before.</source>
        <translation>Vier Schläge Klang mit einem weichen „d“, vier Pause: jeder beginnt wie der davor.</translation>
    </message>
    <message>
        <source>Four beats of sound, four of rest: each begins like the one before.</source>
        <translation>Vier Schläge Klang, vier Pause: jeder beginnt wie der davor.</translation>
    </message>
    <message>
        <source>Four beats of sound, four of rest; the head joint leaves the lip in between: each begins like the one before.</source>
        <translation>Vier Schläge Klang, vier Pause; dazwischen verlässt das Kopfstück die Lippe: jeder beginnt wie der davor.</translation>
    </message>
    <message>
        <source>Four notes on the instrument, then the same on the mouthpiece: against oneself.</source>
        <translation>Vier Töne auf dem Instrument, dann dieselben auf dem Mundstück: gegen sich selbst.</translation>
    </message>
    <message>
        <source>Four on, four off</source>
        <translation>Vier an, vier aus</translation>
    </message>
    <message>
        <source>Four short notes on one pitch, then four beats of three tongued notes each: even in time and loudness.</source>
        <translation>Vier kurze Töne auf einer Höhe, dann vier Schläge mit je drei gestoßenen: gleichmäßig in Zeit und Lautstärke.</translation>
    </message>
    <message>
        <source>From C♯ at the top of the second octave the sixth and the ninth above it, the fingers where they are.</source>
        <translation>Von Cis oben in der zweiten Oktave die Sexte und die None darüber, die Finger, wo sie sind.</translation>
    </message>
    <message>
        <source>From C♯ at the top of the second octave, and from the palm D, the sixth above with the fingers where they are.</source>
        <translation>Von Cis oben in der zweiten Oktave, und vom D mit der Handklappe, die Sexte darüber, die Finger, wo sie sind.</translation>
    </message>
    <message>
        <source>From a comfortable note down by half steps: take the ease of the first one down with you.</source>
        <translation>Von einem bequemen Ton in Halbtönen hinunter: die Leichtigkeit des ersten mit hinunternehmen.</translation>
    </message>
    <message>
        <source>From a comfortable note up by half steps, as far as it stays as easy as the first.</source>
        <translation>Von einem bequemen Ton in Halbtönen hinauf, so weit es so leicht bleibt wie der erste.</translation>
    </message>
    <message>
        <source>From a known side there is only one way to go.</source>
        <translation>Von einer bekannten Seite gibt es nur einen Weg.</translation>
    </message>
    <message>
        <source>From a low note let the tongue rise as from “aw” to “ee”, the air as it is: where does it flip, and to what? Nothing is scored.</source>
        <translation>Von einem tiefen Ton die Zunge wie von „o“ nach „i“ steigen lassen, die Luft, wie sie ist: wo kippt es, und wohin? Nichts wird bewertet.</translation>
    </message>
    <message>
        <source>From as high to as low as it goes, in one breath, without a break.</source>
        <translation>Von so hoch bis so tief, wie es geht, auf einem Atem, ohne Aussetzer.</translation>
    </message>
    <message>
        <source>From home up to the fourth in one even line, arriving on the note; begin where the slide has the room.</source>
        <translation>Vom Grundton in einer gleichmäßigen Linie zur Quarte hinauf, auf dem Ton ankommen; beginnen, wo der Zug Platz hat.</translation>
    </message>
    <message>
        <source>From note to note it takes {transition_ms} ms.</source>
        <translation>Von Ton zu Ton dauert es {transition_ms} ms.</translation>
    </message>
    <message>
        <source>From one note a half step, a whole step and on, always back, over the register break: even in time, smooth between the notes, the ear on the sound.</source>
        <translation>Von einem Ton einen Halbton, einen Ganzton und weiter, immer zurück, über den Registerwechsel: gleichmäßig in der Zeit, glatt zwischen den Tönen, das Ohr am Klang.</translation>
    </message>
    <message>
        <source>From one pitch slowly up a fifth and back, the air going on all the way; that the return lies lower is expected.</source>
        <translation>Von einer Höhe langsam eine Quinte hinauf und zurück, die Luft geht immer weiter; dass es zurück tiefer liegt, ist zu erwarten.</translation>
    </message>
    <message>
        <source>From one pitch slowly up a fourth and back, the air going on all the way; that the return lies lower is expected.</source>
        <translation>Von einer Höhe langsam eine Quarte hinauf und zurück, die Luft geht immer weiter; dass es zurück tiefer liegt, ist zu erwarten.</translation>
    </message>
    <message>
        <source>From the end of the breath to the tone {tone_after_ms} ms go by.</source>
        <translation>Vom Ende des Einatmens bis zum Ton vergehen {tone_after_ms} ms.</translation>
    </message>
    <message>
        <source>From the equal one</source>
        <translation>Vom gleichschwebenden</translation>
    </message>
    <message>
        <source>From the first moment at the loudness that you can keep.</source>
        <translation>Vom ersten Moment an so laut, wie es zu halten ist.</translation>
    </message>
    <message>
        <source>From the model to the neighbour and straight back, listening to the sound alone.</source>
        <translation>Vom Vorbild zum Nachbarn und gleich zurück, nur auf den Klang hören.</translation>
    </message>
    <message>
        <source>From the pitch that comes easily a whole step down with the room in the mouth, and back; teeth and lip as they are.</source>
        <translation>Von der Höhe, die leicht kommt, mit dem Raum im Mund einen Ganzton hinunter und zurück; Zähne und Lippe, wie sie sind.</translation>
    </message>
    <message>
        <source>From the pure one</source>
        <translation>Vom reinen</translation>
    </message>
    <message>
        <source>From the third partial of the open tube down by half steps, tube by tube, every tone like the first; then from the fourth, then from the fifth.</source>
        <translation>Vom dritten Naturton des leeren Rohrs in Halbtönen hinunter, Rohr um Rohr, jeder Ton wie der erste; dann vom vierten, dann vom fünften.</translation>
    </message>
    <message>
        <source>From when both sound to when they are in tune: a second and more within 5 cents and under a beat a second.</source>
        <translation>Von da, wo beide klingen, bis es rein ist: eine Sekunde und mehr innerhalb von 5 Cent und unter einer Schwebung in der Sekunde.</translation>
    </message>
    <message>
        <source>From when the partner begins to when the two are in tune.</source>
        <translation>Von da, wo der Partner beginnt, bis es rein ist.</translation>
    </message>
    <message>
        <source>Full too early</source>
        <translation>Zu früh voll</translation>
    </message>
    <message>
        <source>Full too early: {in_first_quarter} % of the air comes in the first quarter; 25 % would be even.</source>
        <translation>Zu früh voll: {in_first_quarter} % der Luft kommen im ersten Viertel; 25 % wären gleichmäßig.</translation>
    </message>
    <message>
        <source>Full warm-up</source>
        <translation>Ganzes Einspielen</translation>
    </message>
    <message>
        <source>Gap between notes</source>
        <translation>Lücke zwischen Tönen</translation>
    </message>
    <message>
        <source>Gentle slurs down the tubes</source>
        <translation>Weiche Bindungen die Rohre hinunter</translation>
    </message>
    <message>
        <source>Gentle slurs on three rungs</source>
        <translation>Weiche Bindungen auf drei Sprossen</translation>
    </message>
    <message>
        <source>Gets louder over the last half second.</source>
        <translation>Wird in der letzten halben Sekunde lauter.</translation>
    </message>
    <message>
        <source>Gets soft and flat and stops early.</source>
        <translation>Wird leise und tief und hört früh auf.</translation>
    </message>
    <message>
        <source>Gets softer over the last half second.</source>
        <translation>Wird in der letzten halben Sekunde leiser.</translation>
    </message>
    <message>
        <source>Give it the air of that note from the first moment: slower for a low one, faster for a high one.</source>
        <translation>Ihm vom ersten Moment an die Luft dieses Tons geben: langsamer für einen tiefen, schneller für einen hohen.</translation>
    </message>
    <message>
        <source>Give the last count as much as the first.</source>
        <translation>Dem letzten Zählen so viel geben wie dem ersten.</translation>
    </message>
    <message>
        <source>Go half as far down, and turn before the place where it stopped.</source>
        <translation>Halb so weit hinunter, und umkehren, bevor die Stelle kommt, wo es aussetzte.</translation>
    </message>
    <message>
        <source>Go on blowing until the count is over, and stop then: the room takes care of the rest.</source>
        <translation>Weiterblasen, bis das Zählen vorbei ist, und dann aufhören: der Raum macht den Rest.</translation>
    </message>
    <message>
        <source>Growing</source>
        <translation>Auf dem Weg</translation>
    </message>
    <message>
        <source>Half a minute of both in turn.</source>
        <translation>Eine halbe Minute beides im Wechsel.</translation>
    </message>
    <message>
        <source>Half as far, as loud at the end as at the start.</source>
        <translation>Halb so weit, am Ende so laut wie am Anfang.</translation>
    </message>
    <message>
        <source>Half as long and whole; then a little longer each time.</source>
        <translation>Halb so lang und ganz; dann jedes Mal etwas länger.</translation>
    </message>
    <message>
        <source>Half as long together, and still.</source>
        <translation>Halb so lange zusammen, und ruhig.</translation>
    </message>
    <message>
        <source>Half as long, and clean; then a little longer.</source>
        <translation>Halb so lang, und sauber; dann etwas länger.</translation>
    </message>
    <message>
        <source>Half as long, and even.</source>
        <translation>Halb so lang, und gleichmäßig.</translation>
    </message>
    <message>
        <source>Half as long, and level; then a little longer.</source>
        <translation>Halb so lang, und eben; dann etwas länger.</translation>
    </message>
    <message>
        <source>Half as long, and only that.</source>
        <translation>Halb so lang, und nur das.</translation>
    </message>
    <message>
        <source>Half as long, and silent.</source>
        <translation>Halb so lang, und still.</translation>
    </message>
    <message>
        <source>Half as loud, and even.</source>
        <translation>Halb so laut, und gleichmäßig.</translation>
    </message>
    <message>
        <source>Half as loud, and listen for where it is clear.</source>
        <translation>Halb so laut, und hören, wo es klar ist.</translation>
    </message>
    <message>
        <source>Half as loud, listening for where it is clear.</source>
        <translation>Halb so laut, und darauf hören, wo es klar ist.</translation>
    </message>
    <message>
        <source>Half as loud.</source>
        <translation>Halb so laut.</translation>
    </message>
    <message>
        <source>Half as loud: a soft sound bends more easily.</source>
        <translation>Halb so laut: ein leiser Klang lässt sich leichter ziehen.</translation>
    </message>
    <message>
        <source>Half as loud: a soft tone bends more easily.</source>
        <translation>Halb so laut: ein leiser Ton lässt sich leichter ziehen.</translation>
    </message>
    <message>
        <source>Half as loud: let the pitch go, and keep the air.</source>
        <translation>Halb so laut: die Tonhöhe gehen lassen, die Luft behalten.</translation>
    </message>
    <message>
        <source>Half as many counts a breath, so that each is louder.</source>
        <translation>Halb so viele Zählzeiten je Atem, so dass jeder lauter ist.</translation>
    </message>
    <message>
        <source>Half as many counts, and even; then one more.</source>
        <translation>Halb so viele Zählzeiten, und gleichmäßig; dann eine mehr.</translation>
    </message>
    <message>
        <source>Half as many counts, filled to the end.</source>
        <translation>Halb so viele Zählzeiten, bis zum Ende gefüllt.</translation>
    </message>
    <message>
        <source>Half as much louder, the mouth as it was.</source>
        <translation>Halb so viel lauter, der Mund, wie er war.</translation>
    </message>
    <message>
        <source>Half as much louder, the pitch in the ear.</source>
        <translation>Halb so viel lauter, die Tonhöhe im Ohr.</translation>
    </message>
    <message>
        <source>Half of a full breath each time, sitting: once it holds, the count goes a little faster by itself, to 80 at most. For children only where the teacher wants it.</source>
        <translation>Jedes Mal halb so viel wie ein voller Atem, im Sitzen: wenn es hält, geht das Zählen von selbst etwas schneller, höchstens bis 80. Mit Kindern nur, wo der Lehrer es will.</translation>
    </message>
    <message>
        <source>Half of the air: blown too hard, a reed closes.</source>
        <translation>Halb so viel Luft: zu hart geblasen, geht ein Rohrblatt zu.</translation>
    </message>
    <message>
        <source>Half of the loudness, the air going on.</source>
        <translation>Halb so laut, die Luft geht weiter.</translation>
    </message>
    <message>
        <source>Half of the way from top to bottom of a regular wave of the pitch.</source>
        <translation>Der halbe Weg von oben bis unten einer regelmäßigen Welle der Tonhöhe.</translation>
    </message>
    <message>
        <source>Half of the way only, even; then the whole.</source>
        <translation>Nur den halben Weg, gleichmäßig; dann den ganzen.</translation>
    </message>
    <message>
        <source>Half of the way only: from soft to middle.</source>
        <translation>Nur den halben Weg: von leise bis mittel.</translation>
    </message>
    <message>
        <source>Hardly any air behind a thin buzz.</source>
        <translation>Kaum Luft hinter einem dünnen Summen.</translation>
    </message>
    <message>
        <source>Hardly any air, as one breathes on a window: let it speak as softly as it can.</source>
        <translation>Kaum Luft, wie man an eine Fensterscheibe atmet: so leise ansprechen lassen, wie es geht.</translation>
    </message>
    <message>
        <source>Head joint alone: a soft start</source>
        <translation>Kopfstück allein: ein leiser Anfang</translation>
    </message>
    <message>
        <source>Head joint alone: four on, four off</source>
        <translation>Kopfstück allein: vier an, vier aus</translation>
    </message>
    <message>
        <source>Head joint alone: one level line</source>
        <translation>Kopfstück allein: eine ebene Linie</translation>
    </message>
    <message>
        <source>Head joint, closed: a soft start</source>
        <translation>Kopfstück, geschlossen: ein leiser Anfang</translation>
    </message>
    <message>
        <source>Head joint, closed: one level line</source>
        <translation>Kopfstück, geschlossen: eine ebene Linie</translation>
    </message>
    <message>
        <source>Head joint, open: one level line</source>
        <translation>Kopfstück, offen: eine ebene Linie</translation>
    </message>
    <message>
        <source>Head joint: four on, four off</source>
        <translation>Kopfstück: vier an, vier aus</translation>
    </message>
    <message>
        <source>Head joint: small bends by rolling</source>
        <translation>Kopfstück: kleine Züge durch Drehen</translation>
    </message>
    <message>
        <source>Head up, and the flute where it is, to the very end.</source>
        <translation>Kopf hoch, und die Flöte, wo sie ist, bis ganz zum Ende.</translation>
    </message>
    <message>
        <source>Hear each next note inwardly while the one before still sounds.</source>
        <translation>Jeden nächsten Ton innerlich hören, während der davor noch klingt.</translation>
    </message>
    <message>
        <source>Hear the first pitch inwardly before you come back.</source>
        <translation>Die erste Höhe innerlich hören, bevor es zurückgeht.</translation>
    </message>
    <message>
        <source>Hear the high note first, and give it its own, faster air.</source>
        <translation>Den hohen Ton zuerst hören, und ihm seine eigene, schnellere Luft geben.</translation>
    </message>
    <message>
        <source>Hear the high note first, the throat as for it; the air as it is.</source>
        <translation>Den hohen Ton zuerst hören, die Kehle wie für ihn; die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>Hear the lower note first, then go there.</source>
        <translation>Den tieferen Ton zuerst hören, dann dorthin gehen.</translation>
    </message>
    <message>
        <source>Hear the note inwardly before you start.</source>
        <translation>Den Ton innerlich hören, bevor er beginnt.</translation>
    </message>
    <message>
        <source>Hear the partner’s note inwardly for two counts before you sound.</source>
        <translation>Den Ton des Partners zwei Zählzeiten lang innerlich hören, bevor es klingt.</translation>
    </message>
    <message>
        <source>Hear the pitch inside first, then start on it.</source>
        <translation>Die Höhe zuerst innerlich hören, dann darauf beginnen.</translation>
    </message>
    <message>
        <source>Held</source>
        <translation>Gehalten</translation>
    </message>
    <message>
        <source>High only loud</source>
        <translation>Hohes nur laut</translation>
    </message>
    <message>
        <source>Highest held</source>
        <translation>Höchster gehaltener</translation>
    </message>
    <message>
        <source>Hiss first, as even as it goes; then play on the same air.</source>
        <translation>Zuerst zischen, so gleichmäßig es geht; dann auf derselben Luft spielen.</translation>
    </message>
    <message>
        <source>Hiss first, even; then play on the same air.</source>
        <translation>Zuerst zischen, gleichmäßig; dann auf derselben Luft spielen.</translation>
    </message>
    <message>
        <source>Hiss for as long as the other lasts, then play.</source>
        <translation>Zischen, so lange der andere hält, dann spielen.</translation>
    </message>
    <message>
        <source>Hiss for as long as the tone should last, then play on the same air.</source>
        <translation>Zischen, so lange der Ton halten soll, dann auf derselben Luft spielen.</translation>
    </message>
    <message>
        <source>Hiss for as long, even; then play.</source>
        <translation>So lange zischen, gleichmäßig; dann spielen.</translation>
    </message>
    <message>
        <source>Hisses in through a narrow throat and hurries at the end.</source>
        <translation>Zischt durch eine enge Kehle ein und hastet am Ende.</translation>
    </message>
    <message>
        <source>Hold the shape of the mouth until the sound has stopped.</source>
        <translation>Die Form des Mundes halten, bis der Klang zu Ende ist.</translation>
    </message>
    <message>
        <source>Holds well, but too low.</source>
        <translation>Hält gut, aber zu tief.</translation>
    </message>
    <message>
        <source>Home again over a drone</source>
        <translation>Grundton wieder, über einem Bordun</translation>
    </message>
    <message>
        <source>Home note returning, three notes</source>
        <translation>Grundton kehrt wieder, drei Töne</translation>
    </message>
    <message>
        <source>Home note returning, two notes</source>
        <translation>Grundton kehrt wieder, zwei Töne</translation>
    </message>
    <message>
        <source>Home note, coming back</source>
        <translation>Grundton, wiederkehrend</translation>
    </message>
    <message>
        <source>Home, third, fifth, octave and back over the home note, which sounds on: each pure, the third 14 cents lower than on a keyboard.</source>
        <translation>Grundton, Terz, Quinte, Oktave und zurück über dem weiterklingenden Grundton: jede rein, die Terz 14 Cent tiefer als auf einer Tastatur.</translation>
    </message>
    <message>
        <source>Horn in F</source>
        <translation>Horn in F</translation>
    </message>
    <message>
        <source>How far a slide goes beyond the note it should reach; falling short of a note above is negative.</source>
        <translation>Wie weit ein Gleiten über den Ton hinausgeht, den es erreichen soll; zu kurz vor einem höheren Ton ist negativ.</translation>
    </message>
    <message>
        <source>How far a slide strays from a straight line.</source>
        <translation>Wie weit ein Gleiten von einer geraden Linie abweicht.</translation>
    </message>
    <message>
        <source>How far apart the two began where the player then went and was in tune: a distance that was heard.</source>
        <translation>Wie weit beide auseinander begannen, wo der Spieler dann hinging und rein war: ein gehörter Abstand.</translation>
    </message>
    <message>
        <source>How far apart the two usually are once they are in tune.</source>
        <translation>Wie weit beide gewöhnlich auseinander sind, sobald es rein ist.</translation>
    </message>
    <message>
        <source>How far from their beat the notes begin, early or late.</source>
        <translation>Wie weit neben ihrem Schlag die Töne beginnen, früh oder spät.</translation>
    </message>
    <message>
        <source>How far it is from the lowest to the highest pitch of a tone.</source>
        <translation>Wie weit es vom tiefsten zum höchsten Punkt eines Tons ist.</translation>
    </message>
    <message>
        <source>How far nine of ten such differences are from the true one at most, by how much both tones wander.</source>
        <translation>Wie weit neun von zehn solchen Unterschieden höchstens vom wahren sind, danach, wie sehr beide Töne wandern.</translation>
    </message>
    <message>
        <source>How far off the place may be where a bent tone rings most.</source>
        <translation>Wie weit daneben die Stelle sein kann, an der ein gezogener Ton am besten klingt.</translation>
    </message>
    <message>
        <source>How far the air stands over the room’s noise: under 15 dB its sound cannot be told.</source>
        <translation>Wie weit die Luft über dem Geräusch des Raums steht: unter 15 dB ist ihr Klang nicht zu sagen.</translation>
    </message>
    <message>
        <source>How far the loudness falls between two slurred notes, where it falls most.</source>
        <translation>Wie weit die Lautstärke zwischen zwei gebundenen Tönen fällt, wo sie am meisten fällt.</translation>
    </message>
    <message>
        <source>How far the loudness of the air strays over the middle of a breath.</source>
        <translation>Wie weit die Lautstärke der Luft in der Mitte eines Atems schwankt.</translation>
    </message>
    <message>
        <source>How far the loudness rises between two slurred notes, where it rises most.</source>
        <translation>Wie weit die Lautstärke zwischen zwei gebundenen Tönen steigt, wo sie am meisten steigt.</translation>
    </message>
    <message>
        <source>How far the loudness strays from the line asked for, whatever its height.</source>
        <translation>Wie weit die Lautstärke von der verlangten Linie abweicht, wie hoch sie auch liegt.</translation>
    </message>
    <message>
        <source>How far the note has risen from the first time to the last, by the curve that fits them all.</source>
        <translation>Wie weit der Ton vom ersten bis zum letzten Mal gestiegen ist, nach der Kurve, die zu allen passt.</translation>
    </message>
    <message>
        <source>How far the note would rise if the whole tube went from the room’s warmth to the breath’s.</source>
        <translation>Wie weit der Ton stiege, wenn das ganze Rohr von der Wärme des Raums zu der des Atems ginge.</translation>
    </message>
    <message>
        <source>How far the notes are from the partials of the tube in use, which lie where nature has them, high or low.</source>
        <translation>Wie weit die Töne von den Naturtönen des Rohrs sind, die liegen, wo die Natur sie hat, hoch oder tief.</translation>
    </message>
    <message>
        <source>How far the pitch falls when the finger lets the note go into its centre.</source>
        <translation>Wie weit die Tonhöhe fällt, wenn der Finger den Ton in seine Mitte lässt.</translation>
    </message>
    <message>
        <source>How far the pitch strays from a straight way while it falls or rises.</source>
        <translation>Wie weit die Tonhöhe beim Fallen oder Steigen von einem geraden Weg abweicht.</translation>
    </message>
    <message>
        <source>How far the pitch strays from the path asked for, whatever its height.</source>
        <translation>Wie weit die Tonhöhe vom verlangten Weg abweicht, wie hoch er auch liegt.</translation>
    </message>
    <message>
        <source>How far the pitch strays slowly, slower than three times a second; drift and vibrato are taken out.</source>
        <translation>Wie weit die Tonhöhe langsam abweicht, langsamer als dreimal in der Sekunde; Drift und Vibrato sind herausgenommen.</translation>
    </message>
    <message>
        <source>How far the time from note to note is from the count’s (standard deviation).</source>
        <translation>Wie weit die Zeit von Ton zu Ton von der gezählten ist (Standardabweichung).</translation>
    </message>
    <message>
        <source>How far the two are from the interval asked for in their last half second.</source>
        <translation>Wie weit beide in der letzten halben Sekunde vom verlangten Intervall sind.</translation>
    </message>
    <message>
        <source>How far the two were at the end from the interval in equal half steps.</source>
        <translation>Wie weit beide am Ende vom gleichschwebenden Intervall waren.</translation>
    </message>
    <message>
        <source>How far the two were at the end from the interval in whole numbers, which does not beat.</source>
        <translation>Wie weit beide am Ende vom Intervall in ganzen Zahlen waren, das nicht schwebt.</translation>
    </message>
    <message>
        <source>How far the ways of a bend stray from straight lines.</source>
        <translation>Wie weit die Wege des Ziehens von geraden Linien abweichen.</translation>
    </message>
    <message>
        <source>How fast the interval in equal half steps beats at this pitch; the pure one does not.</source>
        <translation>Wie schnell das gleichschwebende Intervall in dieser Höhe schwebt; das reine tut es nicht.</translation>
    </message>
    <message>
        <source>How fast the loudness rises over the note; falling is negative.</source>
        <translation>Wie schnell die Lautstärke über den Ton steigt; fallend ist negativ.</translation>
    </message>
    <message>
        <source>How fast the pitch climbs or sinks over the whole tone.</source>
        <translation>Wie schnell die Tonhöhe über den ganzen Ton steigt oder sinkt.</translation>
    </message>
    <message>
        <source>How fast the pitch goes down and up in a bend.</source>
        <translation>Wie schnell die Tonhöhe beim Ziehen hinunter- und hinaufgeht.</translation>
    </message>
    <message>
        <source>How fast the two beat in their last second; judged as the cents that it is at this pitch.</source>
        <translation>Wie schnell beide in ihrer letzten Sekunde schweben; beurteilt als die Cent, die das in dieser Höhe sind.</translation>
    </message>
    <message>
        <source>How long a breath in goes on.</source>
        <translation>Wie lange ein Einatmen dauert.</translation>
    </message>
    <message>
        <source>How long after the end of the breath in the tone begins.</source>
        <translation>Wie lange nach dem Ende des Einatmens der Ton beginnt.</translation>
    </message>
    <message>
        <source>How long air is heard, without a break, before the tone speaks.</source>
        <translation>Wie lange Luft ohne Unterbrechung zu hören ist, bevor der Ton anspricht.</translation>
    </message>
    <message>
        <source>How long air or voice is heard where the breath was to be kept.</source>
        <translation>Wie lange Luft oder Stimme zu hören ist, wo der Atem behalten werden sollte.</translation>
    </message>
    <message>
        <source>How long it rested in all between the sounds.</source>
        <translation>Wie lange zwischen den Klängen insgesamt Pause war.</translation>
    </message>
    <message>
        <source>How long it sounded in all, rests and breaks taken off.</source>
        <translation>Wie lange es insgesamt klang, Pausen und Aussetzer abgezogen.</translation>
    </message>
    <message>
        <source>How long slurred notes are under way from one pitch to the next.</source>
        <translation>Wie lange gebundene Töne von einer Höhe zur nächsten unterwegs sind.</translation>
    </message>
    <message>
        <source>How long slurred notes are under way from one register to another.</source>
        <translation>Wie lange gebundene Töne von einem Register ins andere unterwegs sind.</translation>
    </message>
    <message>
        <source>How long the air held the sheet to the wall, by the player’s key.</source>
        <translation>Wie lange die Luft das Blatt an der Wand hielt, nach der Taste des Spielers.</translation>
    </message>
    <message>
        <source>How long the breath was kept at most, without air or voice.</source>
        <translation>Wie lange der Atem höchstens behalten wurde, ohne Luft oder Stimme.</translation>
    </message>
    <message>
        <source>How long the longest breath goes on.</source>
        <translation>Wie lange der längste Atem geht.</translation>
    </message>
    <message>
        <source>How long the longest breath out goes as it began, within 4 dB: what comes after is squeezed out, or runs dry.</source>
        <translation>Wie lange das längste Ausatmen geht, wie es begann, auf 4 dB: was danach kommt, ist herausgepresst oder läuft leer.</translation>
    </message>
    <message>
        <source>How long the notes are, in beats.</source>
        <translation>Wie lang die Töne sind, in Schlägen.</translation>
    </message>
    <message>
        <source>How long the room is heard after the end of the tone; it is not counted as held.</source>
        <translation>Wie lange der Raum nach dem Ende des Tons zu hören ist; es zählt nicht als gehalten.</translation>
    </message>
    <message>
        <source>How long the tone sounds, breaks taken off, from where it reaches half of its steady level to where it falls below that.</source>
        <translation>Wie lange der Ton klingt, Aussetzer abgezogen, von da, wo er die Hälfte seiner ruhigen Lautstärke erreicht, bis dahin, wo er darunter fällt.</translation>
    </message>
    <message>
        <source>How loud the notes are, against the loudest that the file can hold.</source>
        <translation>Wie laut die Töne sind, gegen das Lauteste, was die Datei fassen kann.</translation>
    </message>
    <message>
        <source>How many cents the pitch rises for each decibel louder; below 0 it falls.</source>
        <translation>Um wie viele Cent die Tonhöhe je Dezibel lauter steigt; unter 0 fällt sie.</translation>
    </message>
    <message>
        <source>How many of the notes or breaths asked for did not come.</source>
        <translation>Wie viele der verlangten Töne oder Atemzüge nicht kamen.</translation>
    </message>
    <message>
        <source>How many of the notes were in tune within 0.3 s, before anything could be mended by ear.</source>
        <translation>Wie viele der Töne innerhalb von 0,3 s rein waren, bevor nach Gehör etwas ausgeglichen werden konnte.</translation>
    </message>
    <message>
        <source>How many sounds of at least 60 ms with a pitch there are, the long one among them.</source>
        <translation>Wie viele Klänge von mindestens 60 ms mit einer Tonhöhe es gibt, der lange darunter.</translation>
    </message>
    <message>
        <source>How many waves of vibrato there are a second.</source>
        <translation>Wie viele Wellen Vibrato es in der Sekunde sind.</translation>
    </message>
    <message>
        <source>How much brighter, in partial numbers, the tone gets for each decibel louder.</source>
        <translation>Um wie viel heller, in Teiltonnummern, der Ton je Dezibel lauter wird.</translation>
    </message>
    <message>
        <source>How much farther the harmonics stand over the noise after it dropped.</source>
        <translation>Um wie viel weiter die Teiltöne nach dem Fallen über dem Geräusch stehen.</translation>
    </message>
    <message>
        <source>How much farther the harmonics stand over the noise at the far end of a bend.</source>
        <translation>Um wie viel weiter die Teiltöne am tiefsten Punkt des Ziehens über dem Geräusch stehen.</translation>
    </message>
    <message>
        <source>How much further the note would rise if the warming went on.</source>
        <translation>Um wie viel der Ton noch stiege, wenn das Wärmen weiterginge.</translation>
    </message>
    <message>
        <source>How much further the tone stands over its noise in its last third than in its first.</source>
        <translation>Um wie viel weiter der Ton im letzten Drittel über seinem Geräusch steht als im ersten.</translation>
    </message>
    <message>
        <source>How much higher than asked the tone is than the one before it, another player’s or one’s own voice, octaves aside where it was sung. Under 10 cents few ears tell the two apart so.</source>
        <translation>Um wie viel höher als verlangt der Ton ist als der davor, der eines anderen oder die eigene Stimme; Oktaven zählen nicht, wo gesungen wurde. Unter 10 Cent unterscheiden wenige Ohren die beiden so.</translation>
    </message>
    <message>
        <source>How much less the bend goes than the fingered half step in the same take.</source>
        <translation>Um wie viel weniger weit das Ziehen geht als der gegriffene Halbton in derselben Aufnahme.</translation>
    </message>
    <message>
        <source>How much less the pitch wanders than in the take it is compared with.</source>
        <translation>Um wie viel weniger die Tonhöhe wandert als in der Aufnahme, mit der verglichen wird.</translation>
    </message>
    <message>
        <source>How much longer than asked for the notes are; shorter is negative.</source>
        <translation>Um wie viel länger als verlangt die Töne sind; kürzer ist negativ.</translation>
    </message>
    <message>
        <source>How much longer the tone sounds than that of the take it is compared with.</source>
        <translation>Um wie viel länger der Ton klingt als der, mit dem verglichen wird.</translation>
    </message>
    <message>
        <source>How much louder the far end of a bend is than the note before it; below 0 is softer.</source>
        <translation>Um wie viel lauter der tiefste Punkt des Ziehens ist als der Ton davor; unter 0 ist leiser.</translation>
    </message>
    <message>
        <source>How much louder the tone is after it dropped.</source>
        <translation>Um wie viel lauter der Ton nach dem Fallen ist.</translation>
    </message>
    <message>
        <source>How much the level falls between the pulses of air.</source>
        <translation>Um wie viel die Lautstärke zwischen den Pulsen der Luft fällt.</translation>
    </message>
    <message>
        <source>How much the loudness varies over the tone (standard deviation).</source>
        <translation>Wie sehr die Lautstärke über den Ton schwankt (Standardabweichung).</translation>
    </message>
    <message>
        <source>How much the pitch trembles, three to twelve times a second, with drift and vibrato taken out.</source>
        <translation>Wie sehr die Tonhöhe zittert, drei- bis zwölfmal in der Sekunde; Drift und Vibrato sind herausgenommen.</translation>
    </message>
    <message>
        <source>How often a second the level pulses.</source>
        <translation>Wie oft in der Sekunde die Lautstärke pulst.</translation>
    </message>
    <message>
        <source>How often the note jumps to another partial, by 150 cents or more, and back.</source>
        <translation>Wie oft der Ton auf einen anderen Naturton springt, um 150 Cent oder mehr, und zurück.</translation>
    </message>
    <message>
        <source>How often the sound stops and the air with it.</source>
        <translation>Wie oft der Klang aufhört und die Luft mit ihm.</translation>
    </message>
    <message>
        <source>How often the sound stops for up to 150 ms within a note and comes back.</source>
        <translation>Wie oft der Klang innerhalb eines Tons bis zu 150 ms aufhört und wiederkommt.</translation>
    </message>
    <message>
        <source>How often the sound stops while its pitch falls.</source>
        <translation>Wie oft der Klang aufhört, während seine Tonhöhe fällt.</translation>
    </message>
    <message>
        <source>How often the sound stops while the air goes on: lips or reed have parted.</source>
        <translation>Wie oft der Klang aufhört, während die Luft weitergeht: Lippen oder Blatt sind auseinander.</translation>
    </message>
    <message>
        <source>How often the two first went at least 3 cents further apart; of one note 1 or 0.</source>
        <translation>Wie oft beide zuerst mindestens 3 Cent weiter auseinandergingen; bei einem Ton 1 oder 0.</translation>
    </message>
    <message>
        <source>How often the two, having been in tune, were over 8 cents apart again.</source>
        <translation>Wie oft beide, nachdem es rein war, wieder mehr als 8 Cent auseinander waren.</translation>
    </message>
    <message>
        <source>How strong a lower partial sounds on under an overtone, to the overtone’s own.</source>
        <translation>Wie stark unter einem Oberton ein tieferer Naturton weiterklingt, gegen den Oberton selbst.</translation>
    </message>
    <message>
        <source>How strong the upper overtones are: by how much they get weaker with each octave upwards. Closer to zero is richer.</source>
        <translation>Wie stark die oberen Obertöne sind: um wie viel sie mit jeder Oktave nach oben schwächer werden. Näher an null ist reicher.</translation>
    </message>
    <message>
        <source>How unlike in loudness the notes are (standard deviation over them).</source>
        <translation>Wie ungleich laut die Töne sind (Standardabweichung über sie).</translation>
    </message>
    <message>
        <source>How unlike in loudness the pulses are (standard deviation).</source>
        <translation>Wie ungleich laut die Pulse sind (Standardabweichung).</translation>
    </message>
    <message>
        <source>How unlike neighbouring periods are in their length; up to 5 % is usual in a buzz.</source>
        <translation>Wie ungleich lang benachbarte Perioden sind; bis 5 % ist beim Summen üblich.</translation>
    </message>
    <message>
        <source>How unlike the model note the notes are in their harmonics, their levels made equal.</source>
        <translation>Wie ungleich dem Vorbildton die Töne in ihren Teiltönen sind, gleich laut gemacht.</translation>
    </message>
    <message>
        <source>How unlike the notes are in their tuning (standard deviation over them).</source>
        <translation>Wie ungleich gestimmt die Töne sind (Standardabweichung über sie).</translation>
    </message>
    <message>
        <source>How unlike the player’s own open breath the breaths in sound, band by band.</source>
        <translation>Wie ungleich dem eigenen offenen Atem des Spielers das Einatmen klingt, Band für Band.</translation>
    </message>
    <message>
        <source>Hurries the breath</source>
        <translation>Hastet beim Atmen</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>Hz = A4 · 2^(half steps / 12)</source>
        <translation>Hz = A4 · 2^(Halbtöne / 12)</translation>
    </message>
    <message>
        <source>If several notes are flat once you are warm: push {tuner} in a little.</source>
        <translation>Wenn mehrere Töne zu tief sind, sobald es warm ist: {tuner} etwas hineinschieben.</translation>
    </message>
    <message>
        <source>If several notes are flat: see that the reed is pushed fully in.</source>
        <translation>Wenn mehrere Töne zu tief sind: sehen, dass das Rohr ganz hineingesteckt ist.</translation>
    </message>
    <message>
        <source>If several notes are sharp once you are warm: pull {tuner} out a little.</source>
        <translation>Wenn mehrere Töne zu hoch sind, sobald es warm ist: {tuner} etwas herausziehen.</translation>
    </message>
    <message>
        <source>If several notes are sharp: a little less reed in the mouth.</source>
        <translation>Wenn mehrere Töne zu hoch sind: etwas weniger Rohr im Mund.</translation>
    </message>
    <message>
        <source>In a room that rings the ear goes on after the air has stopped.</source>
        <translation>In einem Raum, der nachklingt, hört das Ohr weiter, nachdem die Luft aufgehört hat.</translation>
    </message>
    <message>
        <source>In and out over three counts each, the turn without a stop.</source>
        <translation>Ein und aus über je drei Zählzeiten, die Umkehr ohne Halt.</translation>
    </message>
    <message>
        <source>In eight while the arms rise sideways, out eight while they sink: the ribs stay where the arms took them.</source>
        <translation>Acht ein, während die Arme seitlich steigen, acht aus, während sie sinken: die Rippen bleiben, wohin die Arme sie genommen haben.</translation>
    </message>
    <message>
        <source>In eight, out eight</source>
        <translation>Acht ein, acht aus</translation>
    </message>
    <message>
        <source>In evenly over four counts and out evenly over four: neither full too early nor in a hurry at the end.</source>
        <translation>Gleichmäßig über vier Zählzeiten ein und gleichmäßig über vier aus: weder zu früh voll noch am Ende in Eile.</translation>
    </message>
    <message>
        <source>In four, let it fall out</source>
        <translation>Vier ein, fallen lassen</translation>
    </message>
    <message>
        <source>In four, out at once</source>
        <translation>Vier ein, auf einmal aus</translation>
    </message>
    <message>
        <source>In four, out four</source>
        <translation>Vier ein, vier aus</translation>
    </message>
    <message>
        <source>In four, out four, then a count more each time, up to where it no longer holds; after every second time eight beats of normal breath.</source>
        <translation>Vier ein, vier aus, dann jedes Mal eine Zählzeit mehr, so weit es hält; nach jedem zweiten Mal acht Schläge normales Atmen.</translation>
    </message>
    <message>
        <source>In the centre, or above it</source>
        <translation>In der Mitte, oder darüber</translation>
    </message>
    <message>
        <source>In three, keep three, out three</source>
        <translation>Drei ein, drei behalten, drei aus</translation>
    </message>
    <message>
        <source>In three, out three</source>
        <translation>Drei ein, drei aus</translation>
    </message>
    <message>
        <source>In through a hand held before the lips, against its resistance; then the same width without it.</source>
        <translation>Durch eine Hand vor den Lippen ein, gegen ihren Widerstand; dann dieselbe Weite ohne sie.</translation>
    </message>
    <message>
        <source>In tune after</source>
        <translation>Rein nach</translation>
    </message>
    <message>
        <source>In tune after {lock_s} s, and it stayed.</source>
        <translation>Rein nach {lock_s} s, und es blieb.</translation>
    </message>
    <message>
        <source>In tune after {lock_s} s.</source>
        <translation>Rein nach {lock_s} s.</translation>
    </message>
    <message>
        <source>In tune at once</source>
        <translation>Sofort rein</translation>
    </message>
    <message>
        <source>In tune by ear</source>
        <translation>Rein nach Gehör</translation>
    </message>
    <message>
        <source>In tune, and then apart again ({left_again}).</source>
        <translation>Rein, und dann wieder auseinander ({left_again}).</translation>
    </message>
    <message>
        <source>In two, out four</source>
        <translation>Zwei ein, vier aus</translation>
    </message>
    <message>
        <source>Is at its loudest {peak_error_beats} beats early.</source>
        <translation>Ist {peak_error_beats} Schläge zu früh am lautesten.</translation>
    </message>
    <message>
        <source>Is at its loudest {peak_error_beats} beats late.</source>
        <translation>Ist {peak_error_beats} Schläge zu spät am lautesten.</translation>
    </message>
    <message>
        <source>It climbs when the head joint is rolled out, or the air gets quicker.</source>
        <translation>Es steigt, wenn das Kopfstück nach außen gedreht oder die Luft schneller wird.</translation>
    </message>
    <message>
        <source>It is loud enough, and it crackles.</source>
        <translation>Es ist laut genug, und es knattert.</translation>
    </message>
    <message>
        <source>It is low and spread.</source>
        <translation>Es ist tief und breit.</translation>
    </message>
    <message>
        <source>It is low, spread, and it crackles.</source>
        <translation>Es ist tief, breit, und es knattert.</translation>
    </message>
    <message>
        <source>It is mostly air.</source>
        <translation>Es ist fast nur Luft.</translation>
    </message>
    <message>
        <source>It is soft and mostly air.</source>
        <translation>Es ist leise und fast nur Luft.</translation>
    </message>
    <message>
        <source>It is soft, and it crackles.</source>
        <translation>Es ist leise, und es knattert.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the length of the instrument, its temperature, or the place in the note. Two notes tell.</source>
        <translation>Es bleibt, wo es ist: das kann die Länge des Instruments sein, seine Temperatur, oder die Stelle im Ton. Zwei Töne sagen es.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the length of the instrument, or the place in the note. Two notes tell.</source>
        <translation>Es bleibt, wo es ist: das kann die Länge des Instruments sein, oder die Stelle im Ton. Zwei Töne sagen es.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the reed, its temperature, or the place in the note. Two notes tell.</source>
        <translation>Es bleibt, wo es ist: das kann das Rohr sein, seine Temperatur, oder die Stelle im Ton. Zwei Töne sagen es.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the reed, or the place in the note. Two notes tell.</source>
        <translation>Es bleibt, wo es ist: das kann das Rohr sein, oder die Stelle im Ton. Zwei Töne sagen es.</translation>
    </message>
    <message>
        <source>It went the wrong way first.</source>
        <translation>Es ging zuerst in die falsche Richtung.</translation>
    </message>
    <message>
        <source>Jaw and teeth stay where they are: opened under load they can be hurt.</source>
        <translation>Kiefer und Zähne bleiben, wo sie sind: unter Last geöffnet, können sie Schaden nehmen.</translation>
    </message>
    <message>
        <source>Jitter</source>
        <translation>Jitter</translation>
    </message>
    <message>
        <source>Just intervals</source>
        <translation>Reine Intervalle</translation>
    </message>
    <message>
        <source>Just the tip of the reed between the lips, and half of the air.</source>
        <translation>Nur die Spitze des Rohrs zwischen die Lippen, und halb so viel Luft.</translation>
    </message>
    <message>
        <source>Keep it with the ribs wide and the throat open.</source>
        <translation>Ihn mit weiten Rippen und offener Kehle behalten.</translation>
    </message>
    <message>
        <source>Keep the air as it is while it goes down.</source>
        <translation>Die Luft behalten, wie sie ist, während es hinuntergeht.</translation>
    </message>
    <message>
        <source>Keep the air as it is, and bring the lips together slowly, until they start by themselves.</source>
        <translation>Die Luft behalten, wie sie ist, und die Lippen langsam zusammenbringen, bis sie von selbst anspringen.</translation>
    </message>
    <message>
        <source>Keep the air even: the last second like the first.</source>
        <translation>Die Luft gleichmäßig halten: die letzte Sekunde wie die erste.</translation>
    </message>
    <message>
        <source>Keep the mouth as it was in the first second; only the air goes on.</source>
        <translation>Den Mund halten, wie er in der ersten Sekunde war; nur die Luft geht weiter.</translation>
    </message>
    <message>
        <source>Keep the mouth shaped for the note to the end.</source>
        <translation>Den Mund bis zum Ende für den Ton geformt lassen.</translation>
    </message>
    <message>
        <source>Keep the note in the ear as it gets louder.</source>
        <translation>Den Ton beim Lauterwerden im Ohr behalten.</translation>
    </message>
    <message>
        <source>Keep the tone that you heard in your ear through the rest.</source>
        <translation>Den gehörten Ton durch die Pause im Ohr behalten.</translation>
    </message>
    <message>
        <source>Lasts {held_s} s of {held_s:low} s, and gets softer at the end.</source>
        <translation>Hält {held_s} s von {held_s:low} s und wird am Ende leiser.</translation>
    </message>
    <message>
        <source>Lasts {held_s} s of {held_s:low} s.</source>
        <translation>Hält {held_s} s von {held_s:low} s.</translation>
    </message>
    <message>
        <source>Lasts {held_s} s of {held_s:low} s; the {rings_on_s} s that the room rings on are not counted.</source>
        <translation>Hält {held_s} s von {held_s:low} s; die {rings_on_s} s, die der Raum nachklingt, zählen nicht.</translation>
    </message>
    <message>
        <source>Leaks</source>
        <translation>Undicht</translation>
    </message>
    <message>
        <source>Leave out what hurts. With trouble of the neck, the back or the balance ask a doctor or a physiotherapist first.</source>
        <translation>Weglassen, was weh tut. Bei Beschwerden an Nacken, Rücken oder Gleichgewicht zuerst ärztlichen oder physiotherapeutischen Rat holen.</translation>
    </message>
    <message>
        <source>Leave the air alone: only the voicing or the fingers change.</source>
        <translation>Die Luft in Ruhe lassen: nur Mundraum oder Finger ändern sich.</translation>
    </message>
    <message>
        <source>Leave the air going until the beat that begins the rest.</source>
        <translation>Die Luft gehen lassen bis zu dem Schlag, mit dem die Pause beginnt.</translation>
    </message>
    <message>
        <source>Leave the plate where it is; only the air goes on.</source>
        <translation>Die Mundplatte lassen, wo sie ist; nur die Luft geht weiter.</translation>
    </message>
    <message>
        <source>Leave the plate where it sounded: the lower lip quiet.</source>
        <translation>Die Mundplatte lassen, wo es klang: die Unterlippe ruhig.</translation>
    </message>
    <message>
        <source>Leave the ribs wide while you play.</source>
        <translation>Die Rippen beim Spielen weit lassen.</translation>
    </message>
    <message>
        <source>Left again</source>
        <translation>Wieder verlassen</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Length comes from the breath before and the loudness at the start, not from holding out at the end.</source>
        <translation>Länge kommt vom Atem davor und von der Lautstärke am Anfang, nicht vom Durchhalten am Ende.</translation>
    </message>
    <message>
        <source>Less air for a moment: look for the place where the tone speaks with the least, then let it grow from there.</source>
        <translation>Für einen Moment weniger Luft: die Stelle suchen, wo der Ton mit der wenigsten anspricht, und von da wachsen lassen.</translation>
    </message>
    <message>
        <source>Less air, and all of it even.</source>
        <translation>Weniger Luft, und die ganz gleichmäßig.</translation>
    </message>
    <message>
        <source>Less air.</source>
        <translation>Weniger Luft.</translation>
    </message>
    <message>
        <source>Less air: a recorder hisses when it gets too much.</source>
        <translation>Weniger Luft: eine Blockflöte zischt, wenn sie zu viel bekommt.</translation>
    </message>
    <message>
        <source>Less air: just so much that it begins to sing.</source>
        <translation>Weniger Luft: gerade so viel, dass es zu singen beginnt.</translation>
    </message>
    <message>
        <source>Less bite: just enough that no air escapes.</source>
        <translation>Weniger Biss: gerade so viel, dass keine Luft entweicht.</translation>
    </message>
    <message>
        <source>Less bite: let the middle be free.</source>
        <translation>Weniger Biss: die Mitte frei lassen.</translation>
    </message>
    <message>
        <source>Less bite: the corners hold, the lower lip only carries.</source>
        <translation>Weniger Biss: die Mundwinkel halten, die Unterlippe trägt nur.</translation>
    </message>
    <message>
        <source>Less loud at the top: the way is shorter.</source>
        <translation>Oben weniger laut: der Weg ist kürzer.</translation>
    </message>
    <message>
        <source>Less reed in the mouth, and softer.</source>
        <translation>Weniger Rohr im Mund, und leiser.</translation>
    </message>
    <message>
        <source>Less reed in the mouth: just the tip between the lips.</source>
        <translation>Weniger Rohr im Mund: nur die Spitze zwischen den Lippen.</translation>
    </message>
    <message>
        <source>Less weight of the rim on the lips.</source>
        <translation>Weniger Gewicht des Rands auf den Lippen.</translation>
    </message>
    <message>
        <source>Less weight of the rim: just enough that no air escapes.</source>
        <translation>Weniger Gewicht des Rands: gerade so viel, dass keine Luft entweicht.</translation>
    </message>
    <message>
        <source>Let a hand mark the end, and stop with the hand.</source>
        <translation>Mit einer Hand das Ende zeigen, und mit der Hand aufhören.</translation>
    </message>
    <message>
        <source>Let each rung settle before you leave it.</source>
        <translation>Jede Sprosse sich setzen lassen, bevor es weitergeht.</translation>
    </message>
    <message>
        <source>Let go first: breathe out across the hole without a sound, jaw and throat loose.</source>
        <translation>Erst loslassen: ohne Klang über das Loch ausatmen, Kiefer und Kehle locker.</translation>
    </message>
    <message>
        <source>Let go first: breathe out through the mouthpiece without a sound, jaw and throat loose.</source>
        <translation>Erst loslassen: ohne Klang durch das Mundstück ausatmen, Kiefer und Kehle locker.</translation>
    </message>
    <message>
        <source>Let it grow a little towards the end, on purpose.</source>
        <translation>Es zum Ende absichtlich etwas wachsen lassen.</translation>
    </message>
    <message>
        <source>Let it rise a little until it opens.</source>
        <translation>Es etwas steigen lassen, bis es aufgeht.</translation>
    </message>
    <message>
        <source>Let it sink until it rings most, and stay there.</source>
        <translation>Es sinken lassen, bis es am besten klingt, und dort bleiben.</translation>
    </message>
    <message>
        <source>Let less out at a time.</source>
        <translation>Auf einmal weniger hinauslassen.</translation>
    </message>
    <message>
        <source>Let more air flow through the same opening.</source>
        <translation>Mehr Luft durch dieselbe Öffnung strömen lassen.</translation>
    </message>
    <message>
        <source>Let more air flow, through the same opening.</source>
        <translation>Mehr Luft strömen lassen, durch dieselbe Öffnung.</translation>
    </message>
    <message>
        <source>Let the air drop in through an open mouth.</source>
        <translation>Die Luft durch einen offenen Mund hineinfallen lassen.</translation>
    </message>
    <message>
        <source>Let the air keep its pace: the last second like the first.</source>
        <translation>Die Luft ihr Tempo halten lassen: die letzte Sekunde wie die erste.</translation>
    </message>
    <message>
        <source>Let the breath turn round like a swing.</source>
        <translation>Den Atem umkehren lassen wie eine Schaukel.</translation>
    </message>
    <message>
        <source>Let the breath turn round without a stop, and start on the turn.</source>
        <translation>Den Atem ohne Halt umkehren lassen, und in der Umkehr beginnen.</translation>
    </message>
    <message>
        <source>Let the end be as loud as the middle.</source>
        <translation>Das Ende so laut sein lassen wie die Mitte.</translation>
    </message>
    <message>
        <source>Let the end come softer, and stop before it moves.</source>
        <translation>Das Ende leiser werden lassen, und aufhören, bevor es sich bewegt.</translation>
    </message>
    <message>
        <source>Let the finger go and nothing else: do not follow it up.</source>
        <translation>Den Finger loslassen und sonst nichts: nicht hinterhergehen.</translation>
    </message>
    <message>
        <source>Let the jaw hang as it did at the start.</source>
        <translation>Den Kiefer hängen lassen wie am Anfang.</translation>
    </message>
    <message>
        <source>Let the jaw hang as it did at the start; the corners alone hold the reed.</source>
        <translation>Den Kiefer hängen lassen wie am Anfang; nur die Mundwinkel halten das Blatt.</translation>
    </message>
    <message>
        <source>Let the last count still bring some air.</source>
        <translation>Auch dem letzten Zählen noch etwas Luft lassen.</translation>
    </message>
    <message>
        <source>Let the last third be as light as the first.</source>
        <translation>Das letzte Drittel so leicht sein lassen wie das erste.</translation>
    </message>
    <message>
        <source>Let the lips carry the reed as they did at the start, no more.</source>
        <translation>Die Lippen das Rohr tragen lassen wie am Anfang, nicht mehr.</translation>
    </message>
    <message>
        <source>Let the lips give way, and keep the air.</source>
        <translation>Die Lippen nachgeben lassen, und die Luft behalten.</translation>
    </message>
    <message>
        <source>Let the throat stay as wide as it was for breathing in.</source>
        <translation>Die Kehle so weit lassen, wie sie beim Einatmen war.</translation>
    </message>
    <message>
        <source>Let the tone end on the beat that begins the rest.</source>
        <translation>Den Ton auf dem Schlag enden lassen, mit dem die Pause beginnt.</translation>
    </message>
    <message>
        <source>Let the tongue rise as from “aw” to “ee” for the higher rung, the air as it is.</source>
        <translation>Für die höhere Sprosse die Zunge wie von „o“ nach „i“ steigen lassen, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>Lets everything go in a bend: soft and airy at the far end.</source>
        <translation>Lässt beim Ziehen alles los: am tiefsten Punkt leise und luftig.</translation>
    </message>
    <message>
        <source>Lets pitch and loudness fall at the end.</source>
        <translation>Lässt am Ende Tonhöhe und Lautstärke fallen.</translation>
    </message>
    <message>
        <source>Lies {offset_cents} cents flat.</source>
        <translation>Liegt {offset_cents} Cent zu tief.</translation>
    </message>
    <message>
        <source>Lies {offset_cents} cents sharp.</source>
        <translation>Liegt {offset_cents} Cent zu hoch.</translation>
    </message>
    <message>
        <source>Like the teacher’s tone</source>
        <translation>Wie der Ton des Lehrers</translation>
    </message>
    <message>
        <source>Lips a little nearer together, the air as it is.</source>
        <translation>Die Lippen etwas näher zusammen, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>Lips a little nearer together, the air unchanged.</source>
        <translation>Die Lippen etwas näher zusammen, die Luft unverändert.</translation>
    </message>
    <message>
        <source>Lips and air follow a line that the ear has already drawn.</source>
        <translation>Lippen und Luft folgen einer Linie, die das Ohr schon gezeichnet hat.</translation>
    </message>
    <message>
        <source>Lips and corners in place before the air comes.</source>
        <translation>Lippen und Mundwinkel an ihrem Platz, bevor die Luft kommt.</translation>
    </message>
    <message>
        <source>Lips and slide like to jump over the middle, where no note is at home.</source>
        <translation>Lippen und Zug springen gern über die Mitte, wo kein Ton zu Hause ist.</translation>
    </message>
    <message>
        <source>Lips part</source>
        <translation>Lippen gehen auseinander</translation>
    </message>
    <message>
        <source>Lips round it before the air, touching and no more.</source>
        <translation>Die Lippen darum, bevor die Luft kommt, berühren und nicht mehr.</translation>
    </message>
    <message>
        <source>Lips still round the beak.</source>
        <translation>Die Lippen ruhig um den Schnabel.</translation>
    </message>
    <message>
        <source>Lips that swing unevenly, every second time wider: that may be pressure, loose corners, or tiredness.</source>
        <translation>Lippen, die ungleich schwingen, jedes zweite Mal weiter: das kann Druck sein, lockere Mundwinkel oder Müdigkeit.</translation>
    </message>
    <message>
        <source>Lips together before the air, touching and no more.</source>
        <translation>Die Lippen zusammen, bevor die Luft kommt, berühren und nicht mehr.</translation>
    </message>
    <message>
        <source>Lips touching and no more; then a long, soft “pooh”, the air going on.</source>
        <translation>Die Lippen berühren sich und nicht mehr; dann ein langes, weiches „puh“, und die Luft geht weiter.</translation>
    </message>
    <message>
        <source>Listen for a second before you play.</source>
        <translation>Vor dem Spielen eine Sekunde hören.</translation>
    </message>
    <message>
        <source>Listen for the slow wave in the loudness, and wait until it stands.</source>
        <translation>Auf die langsame Welle in der Lautstärke hören, und warten, bis sie steht.</translation>
    </message>
    <message>
        <source>Listen to the note first, sing it, then place the sound on it.</source>
        <translation>Den Ton zuerst hören, ihn singen, dann den Klang darauf setzen.</translation>
    </message>
    <message>
        <source>Listen to the other once more, then play it as you heard it.</source>
        <translation>Die andere noch einmal hören, dann spielen, wie gehört.</translation>
    </message>
    <message>
        <source>Long breath</source>
        <translation>Langer Atem</translation>
    </message>
    <message>
        <source>Long tones down from three partials</source>
        <translation>Lange Töne von drei Naturtönen hinunter</translation>
    </message>
    <message>
        <source>Longer and steadier than before</source>
        <translation>Länger und ruhiger als zuvor</translation>
    </message>
    <message>
        <source>Longest kept</source>
        <translation>Am längsten behalten</translation>
    </message>
    <message>
        <source>Longest phrase of a breath</source>
        <translation>Längste Phrase auf einem Atem</translation>
    </message>
    <message>
        <source>Look into a mirror: only the wrist moves.</source>
        <translation>In einen Spiegel sehen: nur das Handgelenk bewegt sich.</translation>
    </message>
    <message>
        <source>Loose corners and round cheeks let the sound fall low, and apart.</source>
        <translation>Lockere Mundwinkel und runde Wangen lassen den Klang tief werden und auseinanderfallen.</translation>
    </message>
    <message>
        <source>Loose corners: low, wide and full of air.</source>
        <translation>Lockere Mundwinkel: tief, weit und voller Luft.</translation>
    </message>
    <message>
        <source>Loosen knees, shoulders and hands, then play.</source>
        <translation>Knie, Schultern und Hände lockern, dann spielen.</translation>
    </message>
    <message>
        <source>Loosening</source>
        <translation>Lockern</translation>
    </message>
    <message>
        <source>Loud, and pressed until it crackles.</source>
        <translation>Laut, und gedrückt, bis es knattert.</translation>
    </message>
    <message>
        <source>Louder and softer as asked.</source>
        <translation>Lauter und leiser wie verlangt.</translation>
    </message>
    <message>
        <source>Loudness</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>Loudness after the drop</source>
        <translation>Lautstärke nach dem Fallen</translation>
    </message>
    <message>
        <source>Loudness at the end</source>
        <translation>Lautstärke am Ende</translation>
    </message>
    <message>
        <source>Loudness changes by</source>
        <translation>Lautstärke ändert sich um</translation>
    </message>
    <message>
        <source>Loudness of the last half second against the loudness before it.</source>
        <translation>Lautstärke der letzten halben Sekunde gegen die Lautstärke davor.</translation>
    </message>
    <message>
        <source>Loudness that pulses while the pitch is steady is air that comes in pushes.</source>
        <translation>Lautstärke, die bei ruhiger Tonhöhe pulst, ist Luft, die in Stößen kommt.</translation>
    </message>
    <message>
        <source>Loudness varies by</source>
        <translation>Lautstärke schwankt um</translation>
    </message>
    <message>
        <source>Loudness when bent</source>
        <translation>Lautstärke beim Ziehen</translation>
    </message>
    <message>
        <source>Low notes for a large sound</source>
        <translation>Tiefe Töne für einen großen Klang</translation>
    </message>
    <message>
        <source>Lowest held</source>
        <translation>Tiefster gehaltener</translation>
    </message>
    <message>
        <source>Make the opening of the lips smaller, the air as it is.</source>
        <translation>Die Öffnung der Lippen kleiner, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>Missing</source>
        <translation>Es fehlen</translation>
    </message>
    <message>
        <source>Moisten the reed, and see that its tip is open.</source>
        <translation>Das Rohr befeuchten, und sehen, dass seine Spitze offen ist.</translation>
    </message>
    <message>
        <source>More air on the way back carries the pitch past its place.</source>
        <translation>Mehr Luft auf dem Rückweg trägt die Tonhöhe über ihren Platz hinaus.</translation>
    </message>
    <message>
        <source>More flow of air first, with nothing else changed.</source>
        <translation>Zuerst mehr Luftstrom, und sonst nichts ändern.</translation>
    </message>
    <message>
        <source>More flow of air, the lips as they are.</source>
        <translation>Mehr Luftstrom, die Lippen, wie sie sind.</translation>
    </message>
    <message>
        <source>More pressure lifts the pitch unless the mouth gives way.</source>
        <translation>Mehr Druck hebt die Tonhöhe, wenn der Mund nicht nachgibt.</translation>
    </message>
    <message>
        <source>More room for the tongue as it gets louder, teeth as they are.</source>
        <translation>Mehr Raum für die Zunge, wenn es lauter wird, die Zähne, wie sie sind.</translation>
    </message>
    <message>
        <source>More room for the tongue on the way down, teeth as they are, and the air as quick as it was at the top.</source>
        <translation>Auf dem Weg hinunter mehr Raum für die Zunge, die Zähne, wie sie sind, und die Luft so schnell, wie sie oben war.</translation>
    </message>
    <message>
        <source>More room for the tongue, teeth as they are.</source>
        <translation>Mehr Raum für die Zunge, die Zähne, wie sie sind.</translation>
    </message>
    <message>
        <source>Most of a long breath is spent in its first second.</source>
        <translation>Das meiste eines langen Atems geht in seiner ersten Sekunde.</translation>
    </message>
    <message>
        <source>Most of the air passes by without setting anything in motion.</source>
        <translation>Die meiste Luft geht vorbei, ohne etwas in Schwingung zu setzen.</translation>
    </message>
    <message>
        <source>Move a foot with the beat for four beats before you play.</source>
        <translation>Vor dem Spielen vier Schläge lang einen Fuß mit dem Schlag bewegen.</translation>
    </message>
    <message>
        <source>Move a foot with the beats, and start with the foot.</source>
        <translation>Einen Fuß mit den Schlägen bewegen, und mit dem Fuß beginnen.</translation>
    </message>
    <message>
        <source>Move a little and wait: slower beats say that the way is right.</source>
        <translation>Etwas weitergehen und warten: langsamere Schwebungen sagen, dass die Richtung stimmt.</translation>
    </message>
    <message>
        <source>Move slowly one way. Do the beats quicken? Then it is the other way.</source>
        <translation>Langsam in eine Richtung gehen. Werden die Schwebungen schneller? Dann ist es die andere.</translation>
    </message>
    <message>
        <source>Natural series</source>
        <translation>Naturtonreihe</translation>
    </message>
    <message>
        <source>Nearly full after {full_at} % of the time.</source>
        <translation>Nach {full_at} % der Zeit fast voll.</translation>
    </message>
    <message>
        <source>Nearly full at</source>
        <translation>Fast voll bei</translation>
    </message>
    <message>
        <source>Neck or barrel: four on, four off</source>
        <translation>Hals oder Birne: vier an, vier aus</translation>
    </message>
    <message>
        <source>Neck or barrel: one level line</source>
        <translation>Hals oder Birne: eine ebene Linie</translation>
    </message>
    <message>
        <source>Neck or barrel: slow slide down and back</source>
        <translation>Hals oder Birne: langsam hinuntergleiten und zurück</translation>
    </message>
    <message>
        <source>Neck or barrel: starts alike</source>
        <translation>Hals oder Birne: gleiche Anfänge</translation>
    </message>
    <message>
        <source>Neck or barrel: the highest held note</source>
        <translation>Hals oder Birne: der höchste gehaltene Ton</translation>
    </message>
    <message>
        <source>Neither air nor a sound was heard.</source>
        <translation>Weder Luft noch Klang war zu hören.</translation>
    </message>
    <message>
        <source>No arms over the head with a sore shoulder.</source>
        <translation>Keine Arme über den Kopf bei schmerzender Schulter.</translation>
    </message>
    <message>
        <source>No biting: the reed is held, not pressed shut.</source>
        <translation>Nicht beißen: das Rohrblatt wird gehalten, nicht zugedrückt.</translation>
    </message>
    <message>
        <source>No breathing in the last eight weeks yet.</source>
        <translation>In den letzten acht Wochen noch kein Atmen.</translation>
    </message>
    <message>
        <source>No pressing of the rim into the lips: just enough that no air escapes.</source>
        <translation>Den Rand nicht in die Lippen drücken: gerade so viel, dass keine Luft entweicht.</translation>
    </message>
    <message>
        <source>No sound yet. That is normal.</source>
        <translation>Noch kein Klang. Das ist normal.</translation>
    </message>
    <message>
        <source>No two together in the last eight weeks yet.</source>
        <translation>In den letzten acht Wochen noch nichts zu zweit.</translation>
    </message>
    <message>
        <source>Not kept</source>
        <translation>Nicht behalten</translation>
    </message>
    <message>
        <source>Note and frequency</source>
        <translation>Ton und Frequenz</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>Notes that did not come ({missing}).</source>
        <translation>Töne, die nicht kamen ({missing}).</translation>
    </message>
    <message>
        <source>Nothing forced: shoulders low, no pressing at the end.</source>
        <translation>Nichts erzwingen: die Schultern tief, am Ende nicht pressen.</translation>
    </message>
    <message>
        <source>Nothing is forced: what does not speak today speaks another day.</source>
        <translation>Nichts wird erzwungen: was heute nicht anspricht, spricht ein andermal an.</translation>
    </message>
    <message>
        <source>Nothing on the small part in the last eight weeks yet.</source>
        <translation>In den letzten acht Wochen noch nichts ohne das Instrument.</translation>
    </message>
    <message>
        <source>Now and then another partial speaks for a moment.</source>
        <translation>Ab und zu spricht für einen Moment ein anderer Naturton an.</translation>
    </message>
    <message>
        <source>Now together: only beats say what is left.</source>
        <translation>Jetzt zusammen: nur Schwebungen sagen, was bleibt.</translation>
    </message>
    <message>
        <source>Oboe</source>
        <translation>Oboe</translation>
    </message>
    <message>
        <source>Octave over a partner</source>
        <translation>Oktave über dem Partner</translation>
    </message>
    <message>
        <source>Octave under a partner</source>
        <translation>Oktave unter dem Partner</translation>
    </message>
    <message>
        <source>Off its partial</source>
        <translation>Neben dem Naturton</translation>
    </message>
    <message>
        <source>Off the beat</source>
        <translation>Neben dem Schlag</translation>
    </message>
    <message>
        <source>Off the drawn line</source>
        <translation>Neben der gezeichneten Linie</translation>
    </message>
    <message>
        <source>Off the path</source>
        <translation>Neben dem Weg</translation>
    </message>
    <message>
        <source>On its staple or crook, lips as for playing: one pitch that stays, without a bite.</source>
        <translation>Auf seiner Hülse oder dem S-Bogen, die Lippen wie zum Spielen: eine Höhe, die bleibt, ohne zu beißen.</translation>
    </message>
    <message>
        <source>On the head joint alone first, until it is there at once.</source>
        <translation>Zuerst auf dem Kopfstück allein, bis es sofort da ist.</translation>
    </message>
    <message>
        <source>On the head joint alone first; then put it together again.</source>
        <translation>Zuerst auf dem Kopfstück allein; dann wieder zusammensetzen.</translation>
    </message>
    <message>
        <source>On the head joint alone first; then put the flute together again.</source>
        <translation>Zuerst auf dem Kopfstück allein; dann die Flöte wieder zusammensetzen.</translation>
    </message>
    <message>
        <source>On the mouthpiece alone first, until it is clear.</source>
        <translation>Zuerst auf dem Mundstück allein, bis es klar ist.</translation>
    </message>
    <message>
        <source>On the mouthpiece alone first, until it is there at once.</source>
        <translation>Zuerst auf dem Mundstück allein, bis es sofort da ist.</translation>
    </message>
    <message>
        <source>On the mouthpiece alone first; then put it in while it sounds.</source>
        <translation>Zuerst auf dem Mundstück allein; dann einstecken, während es klingt.</translation>
    </message>
    <message>
        <source>On the mouthpiece with its neck or barrel first, until it is there at once.</source>
        <translation>Zuerst auf dem Mundstück mit Hals oder Birne, bis es sofort da ist.</translation>
    </message>
    <message>
        <source>On the mouthpiece with its neck or barrel first; then put it on again.</source>
        <translation>Zuerst auf dem Mundstück mit Hals oder Birne; dann wieder aufsetzen.</translation>
    </message>
    <message>
        <source>On the reed alone first, until it is there at once.</source>
        <translation>Zuerst auf dem Rohr allein, bis es sofort da ist.</translation>
    </message>
    <message>
        <source>On the reed alone first; then put it in again.</source>
        <translation>Zuerst auf dem Rohr allein; dann wieder einstecken.</translation>
    </message>
    <message>
        <source>On the way down something lets go sooner than the air does.</source>
        <translation>Auf dem Weg hinunter lässt etwas früher los als die Luft.</translation>
    </message>
    <message>
        <source>On the way down the lips let go sooner than the air does.</source>
        <translation>Auf dem Weg hinunter lassen die Lippen früher los als die Luft.</translation>
    </message>
    <message>
        <source>On the way down the sound stops ({fall_breaks}).</source>
        <translation>Auf dem Weg hinunter setzt der Klang aus ({fall_breaks}).</translation>
    </message>
    <message>
        <source>Once in tune, still {residual_cents} cents apart.</source>
        <translation>Wenn es rein ist, noch {residual_cents} Cent auseinander.</translation>
    </message>
    <message>
        <source>Once more, listening for that alone.</source>
        <translation>Noch einmal, und nur darauf hören.</translation>
    </message>
    <message>
        <source>Once the beats are gone, keep the air as it is and only listen.</source>
        <translation>Wenn die Schwebungen weg sind, die Luft lassen, wie sie ist, und nur hören.</translation>
    </message>
    <message>
        <source>Once with closed eyes, listening to nothing but the sound.</source>
        <translation>Einmal mit geschlossenen Augen, und nur auf den Klang hören.</translation>
    </message>
    <message>
        <source>Once with closed eyes.</source>
        <translation>Einmal mit geschlossenen Augen.</translation>
    </message>
    <message>
        <source>Once with twice as wide a vibrato, so that it is chosen.</source>
        <translation>Einmal mit doppelt so weitem Vibrato, so dass es gewählt ist.</translation>
    </message>
    <message>
        <source>Once without the tongue: breathe the start out.</source>
        <translation>Einmal ohne Zunge: den Anfang ausatmen.</translation>
    </message>
    <message>
        <source>Once without the vibrato, so that it is chosen.</source>
        <translation>Einmal ohne das Vibrato, so dass es gewählt ist.</translation>
    </message>
    <message>
        <source>One after the other, then together</source>
        <translation>Nacheinander, dann zusammen</translation>
    </message>
    <message>
        <source>One beat longer, listening to nothing but the last one.</source>
        <translation>Einen Schlag länger, und nur auf den letzten hören.</translation>
    </message>
    <message>
        <source>One breath, one note, slight pulses of air in threes: even, without stopping the sound.</source>
        <translation>Ein Atem, ein Ton, leichte Luftpulse zu dreien: gleichmäßig, ohne den Klang anzuhalten.</translation>
    </message>
    <message>
        <source>One breath, one note, slight pulses of air in twos: even, without stopping the sound.</source>
        <translation>Ein Atem, ein Ton, leichte Luftpulse zu zweien: gleichmäßig, ohne den Klang anzuhalten.</translation>
    </message>
    <message>
        <source>One buzz on a comfortable pitch: no break, no up and down.</source>
        <translation>Ein Summen auf bequemer Höhe: kein Aussetzer, kein Auf und Ab.</translation>
    </message>
    <message>
        <source>One calm minute with the water, in and out. Nothing is judged.</source>
        <translation>Eine ruhige Minute mit dem Wasser, ein und aus. Nichts wird beurteilt.</translation>
    </message>
    <message>
        <source>One count fewer.</source>
        <translation>Eine Zählzeit weniger.</translation>
    </message>
    <message>
        <source>One count that holds is worth more than three that do not.</source>
        <translation>Eine Zählzeit, die hält, ist mehr wert als drei, die es nicht tun.</translation>
    </message>
    <message>
        <source>One count to fill low and wide, and the tone begins where the breath turns.</source>
        <translation>Eine Zählzeit, um tief und weit zu füllen, und der Ton beginnt, wo der Atem umkehrt.</translation>
    </message>
    <message>
        <source>One count to fill without a gulp, four to let it out evenly.</source>
        <translation>Eine Zählzeit, um ohne Schlucken zu füllen, vier, um gleichmäßig hinauszulassen.</translation>
    </message>
    <message>
        <source>One even, soft breath, the lips still.</source>
        <translation>Ein gleichmäßiger, weicher Atem, die Lippen ruhig.</translation>
    </message>
    <message>
        <source>One full breath, let out on a hiss, level to the end: stop while it is still easy.</source>
        <translation>Ein voller Atem, als Zischen hinausgelassen, eben bis zum Ende: aufhören, solange es noch leicht ist.</translation>
    </message>
    <message>
        <source>One full breath, let out without a sound, the mouth a hand’s width from the microphone: stop while it is still easy.</source>
        <translation>Ein voller Atem, ohne Klang hinausgelassen, der Mund eine Handbreit vom Mikrofon: aufhören, solange es noch leicht ist.</translation>
    </message>
    <message>
        <source>One level line</source>
        <translation>Eine ebene Linie</translation>
    </message>
    <message>
        <source>One level line, high</source>
        <translation>Eine ebene Linie, hoch</translation>
    </message>
    <message>
        <source>One level line, low</source>
        <translation>Eine ebene Linie, tief</translation>
    </message>
    <message>
        <source>One long hiss</source>
        <translation>Ein langes Zischen</translation>
    </message>
    <message>
        <source>One long silent breath</source>
        <translation>Ein langer stiller Atem</translation>
    </message>
    <message>
        <source>One long sound on the pitch that comes easily: no break, no up and down.</source>
        <translation>Ein langer Klang auf der Höhe, die leicht kommt: kein Aussetzer, kein Auf und Ab.</translation>
    </message>
    <message>
        <source>One long sound: a recorder has no lips, so the breath alone keeps it level.</source>
        <translation>Ein langer Klang: eine Blockflöte hat keine Lippen, so hält ihn nur der Atem eben.</translation>
    </message>
    <message>
        <source>One low fingering, and the partials above it in order, as many as speak: hear each before you play it.</source>
        <translation>Ein tiefer Griff, und die Naturtöne darüber der Reihe nach, so viele ansprechen: jeden hören, bevor er gespielt wird.</translation>
    </message>
    <message>
        <source>One low note, and the twelfth, the sixth over it and the flat ninth of its tube: the fingers rest, hear each before you play it.</source>
        <translation>Ein tiefer Ton, und die Duodezime, die Sexte darüber und die tiefe None seines Rohrs: die Finger ruhen, jeden hören, bevor er gespielt wird.</translation>
    </message>
    <message>
        <source>One note as beautiful as it can be; then each neighbour, half a step up, half a step down, made its twin in colour and loudness, always back to the model.</source>
        <translation>Ein Ton, so schön, wie er sein kann; dann jeder Nachbar, einen Halbton hinauf, einen Halbton hinunter, in Farbe und Lautstärke sein Zwilling, immer zurück zum Vorbild.</translation>
    </message>
    <message>
        <source>One note, asked for or free, held level for at least the seconds asked for.</source>
        <translation>Ein Ton, verlangt oder frei, mindestens so viele Sekunden eben gehalten wie verlangt.</translation>
    </message>
    <message>
        <source>One note, softer and softer as long as it still sounds. Nothing is scored; what was steady is kept.</source>
        <translation>Ein Ton, leiser und leiser, so lange er noch klingt. Nichts wird bewertet; was ruhig war, wird behalten.</translation>
    </message>
    <message>
        <source>One pitch, four beats on and four off, for two minutes.</source>
        <translation>Eine Höhe, vier Schläge an und vier aus, zwei Minuten lang.</translation>
    </message>
    <message>
        <source>One standard deviation of how far the note has risen.</source>
        <translation>Eine Standardabweichung davon, wie weit der Ton gestiegen ist.</translation>
    </message>
    <message>
        <source>One steady tone</source>
        <translation>Ein ruhiger Ton</translation>
    </message>
    <message>
        <source>One tone</source>
        <translation>Ein Ton</translation>
    </message>
    <message>
        <source>One tone against your own best so far in this exercise: longer, or just as long and steadier.</source>
        <translation>Ein Ton gegen den bisher besten eigenen in dieser Übung: länger, oder ebenso lang und ruhiger.</translation>
    </message>
    <message>
        <source>One’s own mouthpiece and reed only, and cleaned.</source>
        <translation>Nur das eigene Mundstück und Blatt, und sauber.</translation>
    </message>
    <message>
        <source>One’s own mouthpiece only, and cleaned.</source>
        <translation>Nur das eigene Mundstück, und sauber.</translation>
    </message>
    <message>
        <source>One’s own reed only, and moist before it is blown.</source>
        <translation>Nur das eigene Rohr, und feucht, bevor hineingeblasen wird.</translation>
    </message>
    <message>
        <source>Only {at_once} of the notes were in tune at once; the others had to be mended.</source>
        <translation>Nur {at_once} der Töne waren sofort rein; die anderen mussten ausgeglichen werden.</translation>
    </message>
    <message>
        <source>Open and narrower, compared</source>
        <translation>Offen und enger, verglichen</translation>
    </message>
    <message>
        <source>Open the throat at the end as for breathing in.</source>
        <translation>Am Ende die Kehle öffnen wie zum Einatmen.</translation>
    </message>
    <message>
        <source>Opens by</source>
        <translation>Geht auf um</translation>
    </message>
    <message>
        <source>Others may write into the studio in {1}, and may have changed what is in it. Nothing was changed; take that permission away from them (chmod go-w) and look whether all is as you left it.</source>
        <translation>Andere dürfen in das Studio in {1} schreiben und haben vielleicht geändert, was darin ist. Nichts wurde geändert; nehmen Sie ihnen dieses Recht (chmod go-w) und sehen Sie nach, ob alles ist, wie Sie es verließen.</translation>
    </message>
    <message>
        <source>Outside its target: {figure}.</source>
        <translation>Außerhalb des Ziels: {figure}.</translation>
    </message>
    <message>
        <source>Over a drone on the first note, one note after the other.</source>
        <translation>Über einem Bordun auf dem ersten Ton, einen Ton nach dem anderen.</translation>
    </message>
    <message>
        <source>Over a drone on the same note: stay with it as you get louder.</source>
        <translation>Über einem Bordun auf demselben Ton: beim Lauterwerden bei ihm bleiben.</translation>
    </message>
    <message>
        <source>Over eight beats to loud and back while pitch and colour stay.</source>
        <translation>Über acht Schläge bis laut und zurück, während Tonhöhe und Farbe bleiben.</translation>
    </message>
    <message>
        <source>Over the partner first the fifth of the keyboard, which beats slowly, then the pure one, two cents wider.</source>
        <translation>Über dem Partner zuerst die Quinte der Tastatur, die langsam schwebt, dann die reine, zwei Cent weiter.</translation>
    </message>
    <message>
        <source>Over the partner first the third of the keyboard, which beats, then the pure one, which stands still: hear them against each other.</source>
        <translation>Über dem Partner zuerst die Terz der Tastatur, die schwebt, dann die reine, die stillsteht: sie gegeneinander hören.</translation>
    </message>
    <message>
        <source>Overblown sixth</source>
        <translation>Überblasene Sexte</translation>
    </message>
    <message>
        <source>Overtones of a low note</source>
        <translation>Obertöne eines tiefen Tons</translation>
    </message>
    <message>
        <source>Overtones of one fingering</source>
        <translation>Obertöne eines Griffs</translation>
    </message>
    <message>
        <source>Overtones with the low note under them</source>
        <translation>Obertöne mit dem tiefen Ton darunter</translation>
    </message>
    <message>
        <source>Own exercises that cannot be read and are set aside: {1}. All others are there.</source>
        <translation>Eigene Übungen, die nicht gelesen werden können und beiseitegelegt sind: {1}. Alle anderen sind da.</translation>
    </message>
    <message>
        <source>Pairs through the scale</source>
        <translation>Paare durch die Tonleiter</translation>
    </message>
    <message>
        <source>Piccolo</source>
        <translation>Piccolo</translation>
    </message>
    <message>
        <source>Piccolo trumpet in B♭</source>
        <translation>Piccolotrompete in B</translation>
    </message>
    <message>
        <source>Pitch and level fall together when the air gets slower.</source>
        <translation>Tonhöhe und Lautstärke fallen zusammen, wenn die Luft langsamer wird.</translation>
    </message>
    <message>
        <source>Pitch and loudness tremble.</source>
        <translation>Tonhöhe und Lautstärke zittern.</translation>
    </message>
    <message>
        <source>Pitch goes up and down slowly, and is looked for.</source>
        <translation>Die Tonhöhe geht langsam auf und ab und wird gesucht.</translation>
    </message>
    <message>
        <source>Pitch of the last half second against the pitch before it.</source>
        <translation>Tonhöhe der letzten halben Sekunde gegen die Tonhöhe davor.</translation>
    </message>
    <message>
        <source>Place it, and leave it there; then breathe in.</source>
        <translation>Ansetzen und so lassen; dann einatmen.</translation>
    </message>
    <message>
        <source>Place the flute and leave it there; then breathe in.</source>
        <translation>Die Flöte ansetzen und so lassen; dann einatmen.</translation>
    </message>
    <message>
        <source>Play a note a fifth away. Is it flat as well?</source>
        <translation>Einen Ton eine Quinte entfernt spielen. Ist er auch zu tief?</translation>
    </message>
    <message>
        <source>Play a note a fifth away. Is it sharp as well?</source>
        <translation>Einen Ton eine Quinte entfernt spielen. Ist er auch zu hoch?</translation>
    </message>
    <message>
        <source>Play fingered and bent in turn, until they agree.</source>
        <translation>Gegriffen und gezogen im Wechsel spielen, bis sie übereinstimmen.</translation>
    </message>
    <message>
        <source>Play it, then buzz it</source>
        <translation>Spielen, dann summen</translation>
    </message>
    <message>
        <source>Play the fingered one again, hear it inside, and let the bend arrive there.</source>
        <translation>Den gegriffenen noch einmal spielen, ihn innerlich hören, und das Ziehen dort ankommen lassen.</translation>
    </message>
    <message>
        <source>Play the half step below with the fingers first, then bend to what you heard.</source>
        <translation>Zuerst den Halbton darunter mit den Fingern spielen, dann zu dem ziehen, was zu hören war.</translation>
    </message>
    <message>
        <source>Play the model, keep the mouth just so, and change only the finger or the slide.</source>
        <translation>Das Vorbild spielen, den Mund genau so lassen, und nur Finger oder Zug ändern.</translation>
    </message>
    <message>
        <source>Play the next long tone where it rang.</source>
        <translation>Den nächsten langen Ton dort spielen, wo es klang.</translation>
    </message>
    <message>
        <source>Play two neighbours back and forth, and listen to the step between them.</source>
        <translation>Zwei Nachbarn hin und her spielen, und auf den Schritt dazwischen hören.</translation>
    </message>
    <message>
        <source>Play until the instrument is warm, then this note again.</source>
        <translation>Spielen, bis das Instrument warm ist, dann diesen Ton noch einmal.</translation>
    </message>
    <message>
        <source>Play until the oboe is warm, then this note again.</source>
        <translation>Spielen, bis die Oboe warm ist, dann diesen Ton noch einmal.</translation>
    </message>
    <message>
        <source>Pulse depth</source>
        <translation>Tiefe der Pulse</translation>
    </message>
    <message>
        <source>Pulses by</source>
        <translation>Pulst um</translation>
    </message>
    <message>
        <source>Pulses in threes</source>
        <translation>Pulse zu dreien</translation>
    </message>
    <message>
        <source>Pulses in twos</source>
        <translation>Pulse zu zweien</translation>
    </message>
    <message>
        <source>Pulses uneven</source>
        <translation>Pulse ungleich</translation>
    </message>
    <message>
        <source>Pulses, rate</source>
        <translation>Pulse, wie oft</translation>
    </message>
    <message>
        <source>Quicker air lifts the pitch unless it is aimed lower.</source>
        <translation>Schnellere Luft hebt die Tonhöhe, wenn sie nicht tiefer gerichtet wird.</translation>
    </message>
    <message>
        <source>Real half step, then bent</source>
        <translation>Echter Halbton, dann gezogen</translation>
    </message>
    <message>
        <source>Recording cannot start in {1}: {2}.</source>
        <translation>In {1} kann keine Aufnahme beginnen: {2}.</translation>
    </message>
    <message>
        <source>Repair within one tone</source>
        <translation>Ausbessern innerhalb eines Tons</translation>
    </message>
    <message>
        <source>Rest as long as you play.</source>
        <translation>So lange Pause machen wie spielen.</translation>
    </message>
    <message>
        <source>Rest for a minute; then once more.</source>
        <translation>Eine Minute Pause; dann noch einmal.</translation>
    </message>
    <message>
        <source>Rest owed</source>
        <translation>Pause, die fällig ist</translation>
    </message>
    <message>
        <source>Rest the lips on the rim without pressing it on, and let the air part them.</source>
        <translation>Die Lippen auf den Rand legen, ohne zu drücken, und die Luft sie öffnen lassen.</translation>
    </message>
    <message>
        <source>Rest the upper teeth on the mouthpiece, the weight of the head alone, and let the lower lip only carry the reed.</source>
        <translation>Die oberen Zähne auf das Mundstück legen, nur mit dem Gewicht des Kopfes, und die Unterlippe das Blatt nur tragen lassen.</translation>
    </message>
    <message>
        <source>Rest the upper teeth where they are, and do not move them while it sounds.</source>
        <translation>Die oberen Zähne lassen, wo sie sind, und sie nicht bewegen, während es klingt.</translation>
    </message>
    <message>
        <source>Rested</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Richness</source>
        <translation>Reichtum</translation>
    </message>
    <message>
        <source>Rings most at</source>
        <translation>Klingt am besten bei</translation>
    </message>
    <message>
        <source>Rings most, give or take</source>
        <translation>Klingt am besten, genau auf</translation>
    </message>
    <message>
        <source>Rings on</source>
        <translation>Klingt nach</translation>
    </message>
    <message>
        <source>Roll it a little further in, the lips quiet.</source>
        <translation>Etwas weiter nach innen drehen, die Lippen ruhig.</translation>
    </message>
    <message>
        <source>Roll it a little in and out again: the pitch sinks and comes back, the lips do nothing.</source>
        <translation>Etwas nach innen drehen und wieder heraus: die Tonhöhe sinkt und kommt zurück, die Lippen tun nichts.</translation>
    </message>
    <message>
        <source>Roll the flute in a little and out again, the lips quiet: down, and back to exactly where it began.</source>
        <translation>Die Flöte etwas nach innen drehen und wieder heraus, die Lippen ruhig: hinunter, und genau dahin zurück, wo es begann.</translation>
    </message>
    <message>
        <source>Roll the head joint a little out, and aim the air at the far edge.</source>
        <translation>Das Kopfstück etwas nach außen drehen, und die Luft auf die Kante richten.</translation>
    </message>
    <message>
        <source>Running short of air</source>
        <translation>Luft geht zu Ende</translation>
    </message>
    <message>
        <source>Sagging</source>
        <translation>Sackt ab</translation>
    </message>
    <message>
        <source>Save the last step of loudness for the beat itself.</source>
        <translation>Den letzten Schritt Lautstärke für den Schlag selbst aufheben.</translation>
    </message>
    <message>
        <source>Say a long, soft “pooh”, lips hardly touching, and keep the air going where the sound should come.</source>
        <translation>Ein langes, weiches „puh“ sagen, die Lippen berühren sich kaum, und die Luft weitergehen lassen, wo der Klang kommen soll.</translation>
    </message>
    <message>
        <source>Say a silent “ho” on the way in.</source>
        <translation>Beim Einatmen ein stilles „ho“ sagen.</translation>
    </message>
    <message>
        <source>Say a silent “t” on the breath.</source>
        <translation>Auf dem Atem ein stilles „t“ sagen.</translation>
    </message>
    <message>
        <source>Say a soft “doo”, and let the air go on.</source>
        <translation>Ein weiches „du“ sagen, und die Luft weitergehen lassen.</translation>
    </message>
    <message>
        <source>Say a soft “pooh”, lips hardly touching, and keep the air going.</source>
        <translation>Ein weiches „puh“ sagen, die Lippen berühren sich kaum, und die Luft weitergehen lassen.</translation>
    </message>
    <message>
        <source>Say the counts aloud once, the rest among them.</source>
        <translation>Die Zählzeiten einmal laut sagen, die Pause mit.</translation>
    </message>
    <message>
        <source>Say the counts inwardly, a step louder on each.</source>
        <translation>Die Zählzeiten innerlich sagen, auf jeder einen Schritt lauter.</translation>
    </message>
    <message>
        <source>Say the counts inwardly, and let each beat have the same share of the way.</source>
        <translation>Die Zählzeiten innerlich sagen, und jedem Schlag denselben Teil des Wegs geben.</translation>
    </message>
    <message>
        <source>Say the rhythm once on “da”, then play.</source>
        <translation>Den Rhythmus einmal auf „da“ sagen, dann spielen.</translation>
    </message>
    <message>
        <source>Say “ha-ha-ha” on one breath, then do the same with the tone.</source>
        <translation>Auf einem Atem „ha-ha-ha“ sagen, dann dasselbe mit dem Ton.</translation>
    </message>
    <message>
        <source>Say “ha” on each beat once before you play.</source>
        <translation>Vor dem Spielen einmal auf jeden Schlag „ha“ sagen.</translation>
    </message>
    <message>
        <source>Say “ta” on the beats once before you play.</source>
        <translation>Vor dem Spielen einmal auf die Schläge „ta“ sagen.</translation>
    </message>
    <message>
        <source>Scale tones, 4 on, 4 off</source>
        <translation>Tonleitertöne, 4 an, 4 aus</translation>
    </message>
    <message>
        <source>Scale tones, 8 on, 8 off</source>
        <translation>Tonleitertöne, 8 an, 8 aus</translation>
    </message>
    <message>
        <source>Scooping</source>
        <translation>Zieht an</translation>
    </message>
    <message>
        <source>See that every finger closes its hole, or play a note with fewer fingers.</source>
        <translation>Sehen, dass jeder Finger sein Loch schließt, oder einen Ton mit weniger Fingern spielen.</translation>
    </message>
    <message>
        <source>See that every finger closes its hole.</source>
        <translation>Sehen, dass jeder Finger sein Loch schließt.</translation>
    </message>
    <message>
        <source>See that every key and hole is closed that should be.</source>
        <translation>Sehen, dass jede Klappe und jedes Loch zu ist, das es sein soll.</translation>
    </message>
    <message>
        <source>See that the window is free, and that every finger closes its hole.</source>
        <translation>Sehen, dass das Fenster frei ist und jeder Finger sein Loch schließt.</translation>
    </message>
    <message>
        <source>See that the window is free: no finger, no lip on it.</source>
        <translation>Sehen, dass das Fenster frei ist: kein Finger, keine Lippe darauf.</translation>
    </message>
    <message>
        <source>Set the corners before the sound starts, and leave them.</source>
        <translation>Die Mundwinkel setzen, bevor der Klang beginnt, und so lassen.</translation>
    </message>
    <message>
        <source>Set the corners before the tone, and leave them.</source>
        <translation>Die Mundwinkel vor dem Ton setzen, und so lassen.</translation>
    </message>
    <message>
        <source>Seven seconds, dead level.</source>
        <translation>Sieben Sekunden, ganz eben.</translation>
    </message>
    <message>
        <source>Shake</source>
        <translation>Zittern</translation>
    </message>
    <message>
        <source>Shape the mouth for a low vowel and leave the air as it is.</source>
        <translation>Den Mund für einen tiefen Vokal formen und die Luft lassen, wie sie ist.</translation>
    </message>
    <message>
        <source>Shape the mouth for that note before you start: low for a low one, high for a high one.</source>
        <translation>Den Mund vor dem Anfang für diesen Ton formen: tief für einen tiefen, hoch für einen hohen.</translation>
    </message>
    <message>
        <source>Sharper when louder by</source>
        <translation>Höher beim Lauterwerden um</translation>
    </message>
    <message>
        <source>Sheet held</source>
        <translation>Blatt gehalten</translation>
    </message>
    <message>
        <source>Short, then three to a beat</source>
        <translation>Kurz, dann drei auf einen Schlag</translation>
    </message>
    <message>
        <source>Shorter, and stop before it climbs.</source>
        <translation>Kürzer, und aufhören, bevor es steigt.</translation>
    </message>
    <message>
        <source>Shorter, and stop before it sinks.</source>
        <translation>Kürzer, und aufhören, bevor es sinkt.</translation>
    </message>
    <message>
        <source>Shorter, as level as it goes.</source>
        <translation>Kürzer, so eben, wie es geht.</translation>
    </message>
    <message>
        <source>Sing it first, listening for that; then play.</source>
        <translation>Es zuerst singen und darauf hören; dann spielen.</translation>
    </message>
    <message>
        <source>Sing it in the rest, then play what you sang.</source>
        <translation>Ihn in der Pause singen, dann spielen, was gesungen war.</translation>
    </message>
    <message>
        <source>Sing it through first, then play.</source>
        <translation>Es zuerst durchsingen, dann spielen.</translation>
    </message>
    <message>
        <source>Sing it, then play it</source>
        <translation>Singen, dann spielen</translation>
    </message>
    <message>
        <source>Sing the home note once, then play on.</source>
        <translation>Den Grundton einmal singen, dann weiterspielen.</translation>
    </message>
    <message>
        <source>Sing the line first, then play it as you sang it.</source>
        <translation>Die Linie zuerst singen, dann spielen, wie gesungen.</translation>
    </message>
    <message>
        <source>Sing the line on one note first.</source>
        <translation>Die Linie zuerst auf einem Ton singen.</translation>
    </message>
    <message>
        <source>Sing the lower note, then bend to it.</source>
        <translation>Den tieferen Ton singen, dann zu ihm ziehen.</translation>
    </message>
    <message>
        <source>Sing the note as you hear it inwardly, in any octave; then play it. Your own voice is the reference.</source>
        <translation>Den Ton singen, wie er innerlich klingt, in irgendeiner Oktave; dann spielen. Die eigene Stimme ist das Maß.</translation>
    </message>
    <message>
        <source>Sing the note for as long, then play it as you sang it.</source>
        <translation>Den Ton ebenso lange singen, dann spielen, wie gesungen.</translation>
    </message>
    <message>
        <source>Sing the note inwardly first, then play it a little softer.</source>
        <translation>Den Ton zuerst innerlich singen, dann etwas leiser spielen.</translation>
    </message>
    <message>
        <source>Sing the note inwardly, then begin softly.</source>
        <translation>Den Ton innerlich singen, dann leise beginnen.</translation>
    </message>
    <message>
        <source>Sing the note of arrival first, then slide to it.</source>
        <translation>Den Ton singen, bei dem es ankommen soll, dann zu ihm gleiten.</translation>
    </message>
    <message>
        <source>Sing the note, then look for where the tone agrees.</source>
        <translation>Den Ton singen, dann suchen, wo der Klang übereinstimmt.</translation>
    </message>
    <message>
        <source>Sing the note, then play to that pitch.</source>
        <translation>Den Ton singen, dann auf diese Höhe spielen.</translation>
    </message>
    <message>
        <source>Sing the partner’s note, then play what you sang.</source>
        <translation>Den Ton des Partners singen, dann spielen, was gesungen war.</translation>
    </message>
    <message>
        <source>Sing the path on one vowel first, then play it as you sang it.</source>
        <translation>Den Weg zuerst auf einem Vokal singen, dann spielen, wie gesungen.</translation>
    </message>
    <message>
        <source>Sing the pitch before each start.</source>
        <translation>Vor jedem Anfang die Höhe singen.</translation>
    </message>
    <message>
        <source>Sing the rungs first, then play them as you sang them.</source>
        <translation>Die Sprossen zuerst singen, dann spielen, wie gesungen.</translation>
    </message>
    <message>
        <source>Sing the scale with the partner once, then play it.</source>
        <translation>Die Tonleiter einmal mit dem Partner singen, dann spielen.</translation>
    </message>
    <message>
        <source>Sing the slide once, then play it as you sang it.</source>
        <translation>Das Gleiten einmal singen, dann spielen, wie gesungen.</translation>
    </message>
    <message>
        <source>Sing the swell first: does the voice stay?</source>
        <translation>Den Schwellton zuerst singen: bleibt die Stimme?</translation>
    </message>
    <message>
        <source>Sing “aw”, then play with that mouth.</source>
        <translation>„o“ singen, dann mit diesem Mund spielen.</translation>
    </message>
    <message>
        <source>Sit down, both feet on the floor, and play the same.</source>
        <translation>Setzen, beide Füße auf dem Boden, und dasselbe spielen.</translation>
    </message>
    <message>
        <source>Six starts, the mouth taken off in between: the same pitch, the same loudness, at once.</source>
        <translation>Sechs Anfänge, dazwischen der Mund weg: dieselbe Höhe, dieselbe Lautstärke, sofort.</translation>
    </message>
    <message>
        <source>Sixth and ninth</source>
        <translation>Sexte und None</translation>
    </message>
    <message>
        <source>Skin feels what the ear misses in so soft a sound.</source>
        <translation>Die Haut spürt, was dem Ohr bei so leisem Klang entgeht.</translation>
    </message>
    <message>
        <source>Slide arrives</source>
        <translation>Gleiten kommt an</translation>
    </message>
    <message>
        <source>Slide or joint drawn</source>
        <translation>Zug oder Auszug gezogen</translation>
    </message>
    <message>
        <source>Slide uneven</source>
        <translation>Gleiten ungleichmäßig</translation>
    </message>
    <message>
        <source>Slide up a fourth</source>
        <translation>Eine Quarte hinaufgleiten</translation>
    </message>
    <message>
        <source>Slides into the note from below.</source>
        <translation>Gleitet von unten in den Ton.</translation>
    </message>
    <message>
        <source>Slipping</source>
        <translation>Kippt</translation>
    </message>
    <message>
        <source>Slips on the stairs</source>
        <translation>Kippt auf den Treppen</translation>
    </message>
    <message>
        <source>Slow slide, a fifth and back</source>
        <translation>Langsam gleiten, eine Quinte und zurück</translation>
    </message>
    <message>
        <source>Slow slide, a fourth and back</source>
        <translation>Langsam gleiten, eine Quarte und zurück</translation>
    </message>
    <message>
        <source>Slow waves often come from air that is steered; an easy loudness needs less steering.</source>
        <translation>Langsame Wellen kommen oft von Luft, die gesteuert wird; leicht laut braucht weniger Steuern.</translation>
    </message>
    <message>
        <source>Slow, then faster</source>
        <translation>Langsam, dann schneller</translation>
    </message>
    <message>
        <source>Slower at the end than at the start.</source>
        <translation>Am Ende langsamer als am Anfang.</translation>
    </message>
    <message>
        <source>Slower is longer on one breath: the hold is tested before the range.</source>
        <translation>Langsamer ist länger auf einem Atem: erst wird das Halten geprüft, dann der Umfang.</translation>
    </message>
    <message>
        <source>Slower on the way down.</source>
        <translation>Auf dem Weg hinunter langsamer.</translation>
    </message>
    <message>
        <source>Slower, and each one as loud as the first.</source>
        <translation>Langsamer, und jeder so laut wie der erste.</translation>
    </message>
    <message>
        <source>Slower, and listen for the pitch to sink.</source>
        <translation>Langsamer, und hören, wie die Tonhöhe sinkt.</translation>
    </message>
    <message>
        <source>Slower, and stay at the far end until it agrees.</source>
        <translation>Langsamer, und am tiefsten Punkt bleiben, bis es übereinstimmt.</translation>
    </message>
    <message>
        <source>Slower, and stay on each until it is in tune.</source>
        <translation>Langsamer, und auf jedem bleiben, bis er rein ist.</translation>
    </message>
    <message>
        <source>Slower, every pulse like the first.</source>
        <translation>Langsamer, jeder Puls wie der erste.</translation>
    </message>
    <message>
        <source>Slower, listening to the sound and not to the count.</source>
        <translation>Langsamer, und auf den Klang hören, nicht auf das Zählen.</translation>
    </message>
    <message>
        <source>Slower, the change as soft as the notes.</source>
        <translation>Langsamer, der Wechsel so weich wie die Töne.</translation>
    </message>
    <message>
        <source>Slower, with the foot on the beat.</source>
        <translation>Langsamer, mit dem Fuß auf dem Schlag.</translation>
    </message>
    <message>
        <source>Slowly, and never into pain; no bouncing.</source>
        <translation>Langsam, und nie in den Schmerz; nicht federn.</translation>
    </message>
    <message>
        <source>Slur them once; then tongue them with the same air.</source>
        <translation>Einmal binden; dann mit derselben Luft stoßen.</translation>
    </message>
    <message>
        <source>Slurred notes come early and late.</source>
        <translation>Gebundene Töne kommen früh und spät.</translation>
    </message>
    <message>
        <source>Slurs unevenly</source>
        <translation>Bindet ungleichmäßig</translation>
    </message>
    <message>
        <source>Slurs with dips</source>
        <translation>Bindet mit Einbrüchen</translation>
    </message>
    <message>
        <source>Soft to loud and back, unchanged</source>
        <translation>Leise bis laut und zurück, unverändert</translation>
    </message>
    <message>
        <source>Softer air is the longer air.</source>
        <translation>Leisere Luft ist die längere.</translation>
    </message>
    <message>
        <source>Softer before the drop.</source>
        <translation>Vor dem Fallen leiser.</translation>
    </message>
    <message>
        <source>Softer from the start.</source>
        <translation>Von Anfang an leiser.</translation>
    </message>
    <message>
        <source>Softer than the partner, and let the last slow beat come to rest.</source>
        <translation>Leiser als der Partner, und die letzte langsame Schwebung zur Ruhe kommen lassen.</translation>
    </message>
    <message>
        <source>Softer than the partner, so that you hear both.</source>
        <translation>Leiser als der Partner, so dass beide zu hören sind.</translation>
    </message>
    <message>
        <source>Softer until it is gone; then let it grow from there.</source>
        <translation>Leiser, bis es weg ist; dann von da wachsen lassen.</translation>
    </message>
    <message>
        <source>Softer until they are alike; then let it grow.</source>
        <translation>Leiser, bis sie gleich sind; dann wachsen lassen.</translation>
    </message>
    <message>
        <source>Softer, and let it open by itself.</source>
        <translation>Leiser, und von selbst aufgehen lassen.</translation>
    </message>
    <message>
        <source>Softer, and listen for the one note in it.</source>
        <translation>Leiser, und auf den einen Ton darin hören.</translation>
    </message>
    <message>
        <source>Softer, and look for where each one rings.</source>
        <translation>Leiser, und suchen, wo jede klingt.</translation>
    </message>
    <message>
        <source>Softer, and nothing pushes.</source>
        <translation>Leiser, und nichts stößt.</translation>
    </message>
    <message>
        <source>Softer, and wait for the low one to go.</source>
        <translation>Leiser, und warten, bis der tiefe geht.</translation>
    </message>
    <message>
        <source>Softer, so that both are alike.</source>
        <translation>Leiser, so dass beide gleich sind.</translation>
    </message>
    <message>
        <source>Softer, so that the partner stays the louder.</source>
        <translation>Leiser, so dass der Partner der lautere bleibt.</translation>
    </message>
    <message>
        <source>Some notes of an instrument want more air than others to be as loud.</source>
        <translation>Manche Töne eines Instruments wollen mehr Luft als andere, um gleich laut zu sein.</translation>
    </message>
    <message>
        <source>Soprano recorder</source>
        <translation>Sopranblockflöte</translation>
    </message>
    <message>
        <source>Soprano saxophone in B♭</source>
        <translation>Sopransaxophon in B</translation>
    </message>
    <message>
        <source>Sound and air stop together and come back.</source>
        <translation>Klang und Luft hören zusammen auf und kommen wieder.</translation>
    </message>
    <message>
        <source>Sound and air stop together ({breaks_stopped}).</source>
        <translation>Klang und Luft setzen zusammen aus ({breaks_stopped}).</translation>
    </message>
    <message>
        <source>Sounding</source>
        <translation>Klingt</translation>
    </message>
    <message>
        <source>Sounds underneath</source>
        <translation>Klingt darunter</translation>
    </message>
    <message>
        <source>Span</source>
        <translation>Spanne</translation>
    </message>
    <message>
        <source>Speaks late, with much air in the sound.</source>
        <translation>Spricht spät an, mit viel Luft im Klang.</translation>
    </message>
    <message>
        <source>Spent too early: {out_first_quarter} % of the air goes in the first quarter; 25 % would be even.</source>
        <translation>Zu früh verbraucht: {out_first_quarter} % der Luft gehen im ersten Viertel; 25 % wären gleichmäßig.</translation>
    </message>
    <message>
        <source>Spoke at try</source>
        <translation>Sprach an beim Versuch</translation>
    </message>
    <message>
        <source>Stairs of five rungs</source>
        <translation>Treppen aus fünf Sprossen</translation>
    </message>
    <message>
        <source>Stairs of four rungs</source>
        <translation>Treppen aus vier Sprossen</translation>
    </message>
    <message>
        <source>Stairs of six rungs</source>
        <translation>Treppen aus sechs Sprossen</translation>
    </message>
    <message>
        <source>Stairs of three rungs</source>
        <translation>Treppen aus drei Sprossen</translation>
    </message>
    <message>
        <source>Start a little softer, so that the air lasts.</source>
        <translation>Etwas leiser beginnen, so dass die Luft reicht.</translation>
    </message>
    <message>
        <source>Start a shade softer, so that the air lasts.</source>
        <translation>Eine Spur leiser beginnen, so dass die Luft reicht.</translation>
    </message>
    <message>
        <source>Start as it comes, tight or fuzzy, and let it open while it sounds: where it gets to counts.</source>
        <translation>Beginnen, wie es kommt, eng oder rau, und es beim Klingen aufgehen lassen: wohin es kommt, zählt.</translation>
    </message>
    <message>
        <source>Start clearly above, so that you know the way; then come down until the beats stop.</source>
        <translation>Deutlich darüber beginnen, so dass die Richtung klar ist; dann herunterkommen, bis die Schwebungen aufhören.</translation>
    </message>
    <message>
        <source>Start clearly below, and come up until the beats stop.</source>
        <translation>Deutlich darunter beginnen, und heraufkommen, bis die Schwebungen aufhören.</translation>
    </message>
    <message>
        <source>Start clearly below; then come up until the beats stop.</source>
        <translation>Deutlich darunter beginnen; dann heraufkommen, bis die Schwebungen aufhören.</translation>
    </message>
    <message>
        <source>Start it as it comes, then look for where it rings more.</source>
        <translation>Beginnen, wie es kommt, dann suchen, wo es mehr klingt.</translation>
    </message>
    <message>
        <source>Start it softly, right in the middle.</source>
        <translation>Leise beginnen, genau in der Mitte.</translation>
    </message>
    <message>
        <source>Start it with a soft tongue.</source>
        <translation>Mit weicher Zunge beginnen.</translation>
    </message>
    <message>
        <source>Start of the tone</source>
        <translation>Anfang des Tons</translation>
    </message>
    <message>
        <source>Start on a note below it that is sure, and go up to it by step.</source>
        <translation>Auf einem tieferen Ton beginnen, der sicher ist, und in Schritten zu ihm hinaufgehen.</translation>
    </message>
    <message>
        <source>Start on the note that you hear in it most, and go from there.</source>
        <translation>Auf dem Ton beginnen, der am meisten darin zu hören ist, und von da weitergehen.</translation>
    </message>
    <message>
        <source>Start on the turn of the breath.</source>
        <translation>In der Umkehr des Atems beginnen.</translation>
    </message>
    <message>
        <source>Start one shade softer, and keep that loudness to the end.</source>
        <translation>Eine Spur leiser beginnen, und diese Lautstärke bis zum Ende halten.</translation>
    </message>
    <message>
        <source>Start one shade softer, so that the last second can be as loud as the first.</source>
        <translation>Eine Spur leiser beginnen, so dass die letzte Sekunde so laut sein kann wie die erste.</translation>
    </message>
    <message>
        <source>Start one shade softer.</source>
        <translation>Eine Spur leiser beginnen.</translation>
    </message>
    <message>
        <source>Start softer still.</source>
        <translation>Noch leiser beginnen.</translation>
    </message>
    <message>
        <source>Start softly, inside the partner’s tone.</source>
        <translation>Leise beginnen, im Ton des Partners.</translation>
    </message>
    <message>
        <source>Start where you play it, and let it sink until it opens.</source>
        <translation>Beginnen, wo es gespielt wird, und es sinken lassen, bis es aufgeht.</translation>
    </message>
    <message>
        <source>Start with less force; let the note open from its middle.</source>
        <translation>Mit weniger Kraft beginnen; den Ton von seiner Mitte her aufgehen lassen.</translation>
    </message>
    <message>
        <source>Starts that are each decided anew fall now here, now there.</source>
        <translation>Anfänge, die jedes Mal neu entschieden werden, fallen mal hierhin, mal dorthin.</translation>
    </message>
    <message>
        <source>Stay at that number for a week.</source>
        <translation>Eine Woche bei dieser Zahl bleiben.</translation>
    </message>
    <message>
        <source>Stay on the home note at the end until it stands still.</source>
        <translation>Am Ende auf dem Grundton bleiben, bis er stillsteht.</translation>
    </message>
    <message>
        <source>Stay on the note of arrival until it stands.</source>
        <translation>Auf dem Ton bleiben, bei dem es ankommt, bis er steht.</translation>
    </message>
    <message>
        <source>Stay on the old note to the last moment, then change at once.</source>
        <translation>Bis zum letzten Moment auf dem alten Ton bleiben, dann auf einmal wechseln.</translation>
    </message>
    <message>
        <source>Stays beside the partner</source>
        <translation>Bleibt neben dem Partner</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>Ruhig</translation>
    </message>
    <message>
        <source>Steady, but {offset_cents} cents flat.</source>
        <translation>Ruhig, aber {offset_cents} Cent zu tief.</translation>
    </message>
    <message>
        <source>Steady, but {offset_cents} cents sharp.</source>
        <translation>Ruhig, aber {offset_cents} Cent zu hoch.</translation>
    </message>
    <message>
        <source>Steps and overtones</source>
        <translation>Schritte und Obertöne</translation>
    </message>
    <message>
        <source>Steps that widen</source>
        <translation>Schritte, die weiter werden</translation>
    </message>
    <message>
        <source>Steps that widen, twice as fast</source>
        <translation>Schritte, die weiter werden, doppelt so schnell</translation>
    </message>
    <message>
        <source>Steps uneven</source>
        <translation>Schritte ungleichmäßig</translation>
    </message>
    <message>
        <source>Steps uneven, of a step</source>
        <translation>Schritte ungleichmäßig, vom Schritt</translation>
    </message>
    <message>
        <source>Still apart once in tune</source>
        <translation>Rein und doch noch auseinander</translation>
    </message>
    <message>
        <source>Still to come</source>
        <translation>Kommt noch</translation>
    </message>
    <message>
        <source>Stop at the first pitch: hear it before.</source>
        <translation>Bei der ersten Höhe aufhören: sie vorher hören.</translation>
    </message>
    <message>
        <source>Stop before you squeeze.</source>
        <translation>Aufhören, bevor es gepresst wird.</translation>
    </message>
    <message>
        <source>Stop the tone by stopping the air, with nothing else moving.</source>
        <translation>Den Ton beenden, indem die Luft aufhört; sonst bewegt sich nichts.</translation>
    </message>
    <message>
        <source>Stop when light-headed or dizzy, and breathe normally between the sets.</source>
        <translation>Aufhören bei Benommenheit oder Schwindel, und zwischen den Runden normal atmen.</translation>
    </message>
    <message>
        <source>Stop when light-headed, dizzy or in pain, and breathe normally between the tones.</source>
        <translation>Aufhören bei Benommenheit, Schwindel oder Schmerz, und zwischen den Tönen normal atmen.</translation>
    </message>
    <message>
        <source>Stop when light-headed, dizzy or in pain; rest at least as long as you play.</source>
        <translation>Aufhören bei Benommenheit, Schwindel oder Schmerz; mindestens so lange Pause wie Spielen.</translation>
    </message>
    <message>
        <source>Stop when the lips tire, and rest at least as long as you play.</source>
        <translation>Aufhören, wenn die Lippen müde werden, und mindestens so lange Pause wie Spielen.</translation>
    </message>
    <message>
        <source>Stop where the fingered one was: hear it first.</source>
        <translation>Aufhören, wo der gegriffene war: ihn vorher hören.</translation>
    </message>
    <message>
        <source>Stop while there is still air left.</source>
        <translation>Aufhören, solange noch Luft da ist.</translation>
    </message>
    <message>
        <source>Stop with the air alone: nothing else moves.</source>
        <translation>Nur mit der Luft aufhören: sonst bewegt sich nichts.</translation>
    </message>
    <message>
        <source>Stops with the air</source>
        <translation>Hört mit der Luft auf</translation>
    </message>
    <message>
        <source>Straight in</source>
        <translation>Gerade hinein</translation>
    </message>
    <message>
        <source>Swell and fade over four</source>
        <translation>An- und Abschwellen über vier</translation>
    </message>
    <message>
        <source>Take a fuller, unhurried breath.</source>
        <translation>Einen volleren Atem ohne Eile nehmen.</translation>
    </message>
    <message>
        <source>Take a little less reed into the mouth.</source>
        <translation>Etwas weniger Rohr in den Mund nehmen.</translation>
    </message>
    <message>
        <source>Take the breath a beat slower.</source>
        <translation>Den Atem einen Schlag langsamer nehmen.</translation>
    </message>
    <message>
        <source>Take the mouth off, breathe, and set it on in the same place each time.</source>
        <translation>Den Mund wegnehmen, atmen, und jedes Mal an derselben Stelle ansetzen.</translation>
    </message>
    <message>
        <source>Takes hardly any air in.</source>
        <translation>Nimmt kaum Luft auf.</translation>
    </message>
    <message>
        <source>Takes the air at once and has to wait; the tone is settled.</source>
        <translation>Nimmt die Luft auf einmal und muss warten; der Ton ist ruhig.</translation>
    </message>
    <message>
        <source>Ten beats a minute slower.</source>
        <translation>Zehn Schläge in der Minute langsamer.</translation>
    </message>
    <message>
        <source>Ten cents and more are heard one after the other; fewer only together, by their beats.</source>
        <translation>Zehn Cent und mehr hört man nacheinander; weniger nur zusammen, an den Schwebungen.</translation>
    </message>
    <message>
        <source>Ten minutes of breath</source>
        <translation>Zehn Minuten Atem</translation>
    </message>
    <message>
        <source>Ten seconds, dead level: a week after the first.</source>
        <translation>Zehn Sekunden, ganz eben: eine Woche nach den ersten.</translation>
    </message>
    <message>
        <source>Ten slow movements before anything sounds, ten seconds each.</source>
        <translation>Zehn langsame Bewegungen, bevor etwas klingt, je zehn Sekunden.</translation>
    </message>
    <message>
        <source>Tenor horn in E♭</source>
        <translation>Althorn in Es</translation>
    </message>
    <message>
        <source>Tenor recorder</source>
        <translation>Tenorblockflöte</translation>
    </message>
    <message>
        <source>Tenor saxophone in B♭</source>
        <translation>Tenorsaxophon in B</translation>
    </message>
    <message>
        <source>The air alone holds a sheet of paper to the wall. The key starts the time when the hand lets go, and again when the sheet slides.</source>
        <translation>Nur die Luft hält ein Blatt Papier an der Wand. Die Taste startet die Zeit, wenn die Hand loslässt, und noch einmal, wenn das Blatt rutscht.</translation>
    </message>
    <message>
        <source>The air falls under what the window needs, and goes on without a sound.</source>
        <translation>Die Luft fällt unter das, was das Fenster braucht, und geht ohne Klang weiter.</translation>
    </message>
    <message>
        <source>The air is uneven.</source>
        <translation>Die Luft ist ungleichmäßig.</translation>
    </message>
    <message>
        <source>The air lasts {air_lasts_s} s of {air_lasts_s:low}.</source>
        <translation>Die Luft reicht {air_lasts_s} s von {air_lasts_s:low}.</translation>
    </message>
    <message>
        <source>The air lasts {air_lasts_s} s.</source>
        <translation>Die Luft reicht {air_lasts_s} s.</translation>
    </message>
    <message>
        <source>The air no faster at the end than at the start.</source>
        <translation>Die Luft am Ende nicht schneller als am Anfang.</translation>
    </message>
    <message>
        <source>The angle of the air at the edge moves the pitch.</source>
        <translation>Der Winkel der Luft an der Kante bewegt die Tonhöhe.</translation>
    </message>
    <message>
        <source>The beak a little less far in, and the lips close round it.</source>
        <translation>Den Schnabel etwas weniger weit hinein, und die Lippen darum schließen.</translation>
    </message>
    <message>
        <source>The beak between the lips, not between the teeth.</source>
        <translation>Den Schnabel zwischen die Lippen, nicht zwischen die Zähne.</translation>
    </message>
    <message>
        <source>The bent half step goes {short_of_real_cents} cents beyond the fingered one.</source>
        <translation>Der gezogene Halbton geht {short_of_real_cents} Cent über den gegriffenen hinaus.</translation>
    </message>
    <message>
        <source>The bent half step is {short_of_real_cents} cents shorter than the fingered one.</source>
        <translation>Der gezogene Halbton ist {short_of_real_cents} Cent kürzer als der gegriffene.</translation>
    </message>
    <message>
        <source>The breath in takes {inhale_s} s.</source>
        <translation>Das Einatmen dauert {inhale_s} s.</translation>
    </message>
    <message>
        <source>The buzz comes and goes while the air goes on.</source>
        <translation>Das Summen kommt und geht, während die Luft weitergeht.</translation>
    </message>
    <message>
        <source>The centre of the harmonics’ power, in partial numbers.</source>
        <translation>Die Mitte der Leistung der Teiltöne, in Teiltonnummern.</translation>
    </message>
    <message>
        <source>The corners a little closer round it, so that no air gets past.</source>
        <translation>Die Mundwinkel etwas enger darum, so dass keine Luft daneben geht.</translation>
    </message>
    <message>
        <source>The deepest dip between two slurred notes of different registers.</source>
        <translation>Der tiefste Einbruch zwischen zwei gebundenen Tönen verschiedener Register.</translation>
    </message>
    <message>
        <source>The ear leads the bend; the fingered note gives it the place.</source>
        <translation>Das Ohr führt das Ziehen; der gegriffene Ton gibt ihm den Ort.</translation>
    </message>
    <message>
        <source>The end is open, and the sound lies about an octave higher: as quiet in the face as before.</source>
        <translation>Das Ende ist offen, und der Klang liegt etwa eine Oktave höher: im Gesicht so ruhig wie zuvor.</translation>
    </message>
    <message>
        <source>The equal one beats</source>
        <translation>Das gleichschwebende schwebt</translation>
    </message>
    <message>
        <source>The erasing is not finished ({1}). It goes on at the next start.</source>
        <translation>Das Löschen ist nicht beendet ({1}). Es geht beim nächsten Start weiter.</translation>
    </message>
    <message>
        <source>The erasing is not finished, and goes on at the next start. {1}</source>
        <translation>Das Löschen ist nicht beendet und geht beim nächsten Start weiter. {1}</translation>
    </message>
    <message>
        <source>The erasing is not finished: {1} cannot be removed ({2}). It goes on at the next start; change its permissions, or remove it by hand.</source>
        <translation>Das Löschen ist nicht beendet: {1} kann nicht entfernt werden ({2}). Es geht beim nächsten Start weiter; ändern Sie die Rechte daran, oder entfernen Sie es von Hand.</translation>
    </message>
    <message>
        <source>The farthest that the pitch goes from where the bend begins; down is negative.</source>
        <translation>Das Weiteste, was die Tonhöhe vom Anfang des Ziehens geht; abwärts ist negativ.</translation>
    </message>
    <message>
        <source>The fifth, equal and pure</source>
        <translation>Die Quinte, gleichschwebend und rein</translation>
    </message>
    <message>
        <source>The first four notes only, even; then all.</source>
        <translation>Nur die ersten vier Töne, gleichmäßig; dann alle.</translation>
    </message>
    <message>
        <source>The first half only; then the whole.</source>
        <translation>Nur die erste Hälfte; dann das Ganze.</translation>
    </message>
    <message>
        <source>The first instant is low when mouth or air reach their place only after the start.</source>
        <translation>Der erste Moment ist tief, wenn Mund oder Luft ihren Platz erst nach dem Anfang erreichen.</translation>
    </message>
    <message>
        <source>The first note</source>
        <translation>Der erste Ton</translation>
    </message>
    <message>
        <source>The first three only, one breath each; then add one.</source>
        <translation>Nur die ersten drei, je ein Atem; dann einen dazu.</translation>
    </message>
    <message>
        <source>The folder {1} belongs to another user of this computer. Nothing was changed; choose a folder of your own.</source>
        <translation>Der Ordner {1} gehört einem anderen Benutzer dieses Computers. Nichts wurde geändert; wählen Sie einen eigenen.</translation>
    </message>
    <message>
        <source>The folder {1} is no studio and not empty, and was left as it is. Choose an empty or a new one.</source>
        <translation>Der Ordner {1} ist kein Studio und nicht leer, und blieb, wie er ist. Wählen Sie einen leeren oder einen neuen.</translation>
    </message>
    <message>
        <source>The folder {1} is no studio: {2} in it is a link to somewhere else. Nothing was changed; choose another folder.</source>
        <translation>Der Ordner {1} ist kein Studio: {2} darin ist ein Verweis nach anderswo. Nichts wurde geändert; wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>The fourth to the eighth partial of a low fingering, then of two longer ones.</source>
        <translation>Der vierte bis achte Naturton eines tiefen Griffs, dann zweier längerer.</translation>
    </message>
    <message>
        <source>The fourth to the eighth partial of one low fingering, like a chord that goes up; then from another two low notes.</source>
        <translation>Der vierte bis achte Naturton eines tiefen Griffs, wie ein Akkord, der steigt; dann von zwei anderen tiefen Tönen.</translation>
    </message>
    <message>
        <source>The hand goes evenly where the ear does not notice a step.</source>
        <translation>Die Hand geht gleichmäßig, wo das Ohr einen Schritt nicht bemerkt.</translation>
    </message>
    <message>
        <source>The higher the note, the louder it has to be.</source>
        <translation>Je höher der Ton, desto lauter muss er sein.</translation>
    </message>
    <message>
        <source>The highest note that stays, without biting. It is measured and never scored.</source>
        <translation>Der höchste Ton, der bleibt, ohne zu beißen. Er wird gemessen und nie bewertet.</translation>
    </message>
    <message>
        <source>The highest pitch that is kept within 50 cents for half a second.</source>
        <translation>Die höchste Tonhöhe, die eine halbe Sekunde auf 50 Cent gehalten wird.</translation>
    </message>
    <message>
        <source>The home note comes back {home_return_cents} cents away from where it was.</source>
        <translation>Der Grundton kommt {home_return_cents} Cent neben dem ersten zurück.</translation>
    </message>
    <message>
        <source>The home note sounds on. Go away and return: each time home is in tune with it at once.</source>
        <translation>Der Grundton klingt weiter. Weggehen und zurückkommen: jedes Mal ist er sofort rein.</translation>
    </message>
    <message>
        <source>The largest departure of a return to the first note from that note as it was first played.</source>
        <translation>Die größte Abweichung einer Rückkehr zum ersten Ton davon, wie er zuerst gespielt wurde.</translation>
    </message>
    <message>
        <source>The largest departure of the first 200 ms from the line that the tone then takes.</source>
        <translation>Die größte Abweichung der ersten 200 ms von der Linie, die der Ton dann nimmt.</translation>
    </message>
    <message>
        <source>The lips part and the air goes on without them.</source>
        <translation>Die Lippen gehen auseinander, und die Luft geht ohne sie weiter.</translation>
    </message>
    <message>
        <source>The lips round the tip, and air until the reed speaks by itself, as softly as it can.</source>
        <translation>Die Lippen um die Spitze, und Luft, bis das Rohr von selbst anspricht, so leise es kann.</translation>
    </message>
    <message>
        <source>The longest silence between two slurred notes.</source>
        <translation>Die längste Stille zwischen zwei gebundenen Tönen.</translation>
    </message>
    <message>
        <source>The loudness did not fall before the end, so some air was probably left.</source>
        <translation>Die Lautstärke fiel vor dem Ende nicht, also war wahrscheinlich noch Luft da.</translation>
    </message>
    <message>
        <source>The loudness follows a wavy line: draw it with the air.</source>
        <translation>Die Lautstärke folgt einer Wellenlinie: mit der Luft zeichnen.</translation>
    </message>
    <message>
        <source>The loudness follows its line.</source>
        <translation>Die Lautstärke folgt ihrer Linie.</translation>
    </message>
    <message>
        <source>The loudness goes up and down.</source>
        <translation>Die Lautstärke geht auf und ab.</translation>
    </message>
    <message>
        <source>The loudness leaves its line.</source>
        <translation>Die Lautstärke verlässt ihre Linie.</translation>
    </message>
    <message>
        <source>The loudness pulses, {level_wave_hz} a second.</source>
        <translation>Die Lautstärke pulst, {level_wave_hz} in der Sekunde.</translation>
    </message>
    <message>
        <source>The loudness stayed, so it was hardly the air: something may have let go before the end.</source>
        <translation>Die Lautstärke blieb, also war es kaum die Luft: vielleicht ließ etwas vor dem Ende los.</translation>
    </message>
    <message>
        <source>The loudness varies, and falls at the end.</source>
        <translation>Die Lautstärke schwankt und fällt am Ende.</translation>
    </message>
    <message>
        <source>The low note of the fingering sounds on under its overtones.</source>
        <translation>Der tiefe Ton des Griffs klingt unter seinen Obertönen weiter.</translation>
    </message>
    <message>
        <source>The lower lip carries to the very end.</source>
        <translation>Die Unterlippe trägt bis ganz zum Ende.</translation>
    </message>
    <message>
        <source>The lower lip quiet, the air as it is.</source>
        <translation>Die Unterlippe ruhig, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>The lower lip quiet, the flute where it was.</source>
        <translation>Die Unterlippe ruhig, die Flöte, wo sie war.</translation>
    </message>
    <message>
        <source>The lower lip stays quiet; the plate lies on it, and nothing presses.</source>
        <translation>Die Unterlippe bleibt ruhig; die Mundplatte liegt darauf, und nichts drückt.</translation>
    </message>
    <message>
        <source>The lowest pitch that is kept within 50 cents for half a second.</source>
        <translation>Die tiefste Tonhöhe, die eine halbe Sekunde auf 50 Cent gehalten wird.</translation>
    </message>
    <message>
        <source>The middle of the pitch against the note asked for. 100 cents are a half step.</source>
        <translation>Die Mitte der Tonhöhe gegen den verlangten Ton. 100 Cent sind ein Halbton.</translation>
    </message>
    <message>
        <source>The most counts up to which every breath came as it was asked for.</source>
        <translation>Die meisten Zählzeiten, bis zu denen jeder Atem kam wie verlangt.</translation>
    </message>
    <message>
        <source>The mouth as open as for a yawn.</source>
        <translation>Den Mund so offen wie für ein Gähnen.</translation>
    </message>
    <message>
        <source>The mouth closed round it before the air, touching and no more.</source>
        <translation>Den Mund darum schließen, bevor die Luft kommt, berühren und nicht mehr.</translation>
    </message>
    <message>
        <source>The mouth does not find a place back that the ear has lost.</source>
        <translation>Der Mund findet eine Stelle nicht zurück, die das Ohr verloren hat.</translation>
    </message>
    <message>
        <source>The mouth in place round it before the air comes.</source>
        <translation>Den Mund an seinem Platz darum, bevor die Luft kommt.</translation>
    </message>
    <message>
        <source>The mouth may have opened more than the air asked for.</source>
        <translation>Vielleicht ging der Mund weiter auf, als die Luft verlangte.</translation>
    </message>
    <message>
        <source>The mouth or the air may have been set for a neighbouring partial for a moment.</source>
        <translation>Vielleicht waren Mund oder Luft für einen Moment auf einen Nachbarton eingestellt.</translation>
    </message>
    <message>
        <source>The neighbours sound unlike the model note.</source>
        <translation>Die Nachbarn klingen anders als der Vorbildton.</translation>
    </message>
    <message>
        <source>The note once where it rings and once a little above: listen first, which one is fuller? Then look.</source>
        <translation>Der Ton einmal, wo er klingt, und einmal etwas darüber: zuerst hören, welcher voller ist. Dann sehen.</translation>
    </message>
    <message>
        <source>The note rings most {ring_centre_cents} ± {ring_centre_cents:unsure} cents above where it is played.</source>
        <translation>Der Ton klingt am besten {ring_centre_cents} ± {ring_centre_cents:unsure} Cent über der Stelle, wo er gespielt wird.</translation>
    </message>
    <message>
        <source>The note rings most {ring_centre_cents} ± {ring_centre_cents:unsure} cents below where it is played.</source>
        <translation>Der Ton klingt am besten {ring_centre_cents} ± {ring_centre_cents:unsure} Cent unter der Stelle, wo er gespielt wird.</translation>
    </message>
    <message>
        <source>The notes are unequal in loudness.</source>
        <translation>Die Töne sind ungleich laut.</translation>
    </message>
    <message>
        <source>The notes are {length_error_beats} beats longer than asked.</source>
        <translation>Die Töne sind {length_error_beats} Schläge länger als verlangt.</translation>
    </message>
    <message>
        <source>The notes are {length_error_beats} beats shorter than asked.</source>
        <translation>Die Töne sind {length_error_beats} Schläge kürzer als verlangt.</translation>
    </message>
    <message>
        <source>The notes lie {note_spread_cents} cents apart in their tuning.</source>
        <translation>Die Töne liegen in ihrer Stimmung {note_spread_cents} Cent auseinander.</translation>
    </message>
    <message>
        <source>The notes lie {off_partial_cents} cents from the partials of the tube.</source>
        <translation>Die Töne liegen {off_partial_cents} Cent neben den Naturtönen des Rohrs.</translation>
    </message>
    <message>
        <source>The opening of the lips in place before the air comes.</source>
        <translation>Die Öffnung der Lippen an ihrem Platz, bevor die Luft kommt.</translation>
    </message>
    <message>
        <source>The other school, for the young and for learning to move the pitch at all: let the jaw sink a little and come back.</source>
        <translation>Die andere Schule, für die Jungen und um die Tonhöhe überhaupt bewegen zu lernen: den Kiefer etwas sinken lassen und zurückkommen.</translation>
    </message>
    <message>
        <source>The pack {1} could not be unpacked: there is no room, or the studio cannot be written.</source>
        <translation>Das Paket {1} konnte nicht ausgepackt werden: es ist kein Platz, oder das Studio kann nicht beschrieben werden.</translation>
    </message>
    <message>
        <source>The pack {1} was made in this studio, for a student’s own. Open it on their computer.</source>
        <translation>Das Paket {1} wurde in diesem Studio gemacht, für das eigene eines Schülers. Öffnen Sie es auf dessen Computer.</translation>
    </message>
    <message>
        <source>The palm closes the end. Roll it to where the air meets the far edge, and let it speak softly.</source>
        <translation>Die Handfläche schließt das Ende. Drehen bis dahin, wo die Luft die Kante trifft, und leise ansprechen lassen.</translation>
    </message>
    <message>
        <source>The palm closes the end: one long sound, no break, no up and down.</source>
        <translation>Die Handfläche schließt das Ende: ein langer Klang, kein Aussetzer, kein Auf und Ab.</translation>
    </message>
    <message>
        <source>The partner alone, then you alone as you remember it, then both: what the ear missed in turn, the beats will say.</source>
        <translation>Der Partner allein, dann allein aus der Erinnerung, dann beide: was dem Ohr nacheinander entging, sagen die Schwebungen.</translation>
    </message>
    <message>
        <source>The partner dies away within seconds: be in tune before it is gone, and stay.</source>
        <translation>Der Partner verklingt in Sekunden: rein sein, bevor er weg ist, und bleiben.</translation>
    </message>
    <message>
        <source>The partner follows you with the ear’s delay. Hold still: who also moves is chased about.</source>
        <translation>Der Partner folgt mit der Verzögerung des Ohrs. Stillhalten: wer sich auch bewegt, wird umhergejagt.</translation>
    </message>
    <message>
        <source>The partner holds. Begin a little high and come down until the beats stop.</source>
        <translation>Der Partner hält. Etwas zu hoch beginnen und herunterkommen, bis die Schwebungen aufhören.</translation>
    </message>
    <message>
        <source>The partner holds. Begin a little low and come up until the beats stop.</source>
        <translation>Der Partner hält. Etwas zu tief beginnen und heraufkommen, bis die Schwebungen aufhören.</translation>
    </message>
    <message>
        <source>The partner holds. Hear the note inwardly first, and be in tune with it as soon as you sound.</source>
        <translation>Der Partner hält. Den Ton zuerst innerlich hören, und rein mit ihm sein, sobald es klingt.</translation>
    </message>
    <message>
        <source>The partner is twelve cents sharp and stays there. Being right alone is no use: go to where the other is.</source>
        <translation>Der Partner ist zwölf Cent zu hoch und bleibt da. Allein recht zu haben nützt nichts: dorthin gehen, wo der andere ist.</translation>
    </message>
    <message>
        <source>The partner slowly goes flat, as a tired one does. Go along, so that no beats are heard.</source>
        <translation>Der Partner wird langsam tief, wie ein müder es wird. Mitgehen, so dass keine Schwebungen zu hören sind.</translation>
    </message>
    <message>
        <source>The pitch at the end of a bend less that at its start.</source>
        <translation>Die Tonhöhe am Ende des Ziehens weniger der am Anfang.</translation>
    </message>
    <message>
        <source>The pitch climbs by {drift_cents_per_s} cents a second while it sounds.</source>
        <translation>Die Tonhöhe steigt um {drift_cents_per_s} Cent in der Sekunde, während es klingt.</translation>
    </message>
    <message>
        <source>The pitch follows the room in the mouth.</source>
        <translation>Die Tonhöhe folgt dem Raum im Mund.</translation>
    </message>
    <message>
        <source>The pitch goes up and down by {wander_cents} cents.</source>
        <translation>Die Tonhöhe geht um {wander_cents} Cent auf und ab.</translation>
    </message>
    <message>
        <source>The pitch hardly moves: {span_semitones} half steps.</source>
        <translation>Die Tonhöhe bewegt sich kaum: {span_semitones} Halbtöne.</translation>
    </message>
    <message>
        <source>The pitch less the partial of the tube in use; sharp is positive.</source>
        <translation>Die Tonhöhe weniger dem Naturton des Rohrs; zu hoch ist positiv.</translation>
    </message>
    <message>
        <source>The pitch of what sounds on under the note.</source>
        <translation>Die Tonhöhe dessen, was unter dem Ton weiterklingt.</translation>
    </message>
    <message>
        <source>The pitch rises as it gets louder.</source>
        <translation>Die Tonhöhe steigt, wenn es lauter wird.</translation>
    </message>
    <message>
        <source>The pitch sinks as it gets louder.</source>
        <translation>Die Tonhöhe sinkt, wenn es lauter wird.</translation>
    </message>
    <message>
        <source>The pitch strays {path_error_cents} cents from its path.</source>
        <translation>Die Tonhöhe weicht {path_error_cents} Cent von ihrem Weg ab.</translation>
    </message>
    <message>
        <source>The pitch swings widely and slowly, {wander_cents} cents about its line.</source>
        <translation>Die Tonhöhe schwankt weit und langsam, {wander_cents} Cent um ihre Linie.</translation>
    </message>
    <message>
        <source>The place is found by listening while it sounds, not by setting it before.</source>
        <translation>Die Stelle wird gefunden, indem beim Klingen gehört wird, nicht, indem sie vorher eingestellt wird.</translation>
    </message>
    <message>
        <source>The plate stays still on the lip; only the air goes on.</source>
        <translation>Die Mundplatte bleibt ruhig auf der Lippe; nur die Luft geht weiter.</translation>
    </message>
    <message>
        <source>The pulse comes from below; lips and tongue stay still.</source>
        <translation>Der Puls kommt von unten; Lippen und Zunge bleiben ruhig.</translation>
    </message>
    <message>
        <source>The pulses are even and deep enough.</source>
        <translation>Die Pulse sind gleichmäßig und tief genug.</translation>
    </message>
    <message>
        <source>The pulses are hardly heard.</source>
        <translation>Die Pulse sind kaum zu hören.</translation>
    </message>
    <message>
        <source>The pulses are unequal.</source>
        <translation>Die Pulse sind ungleich.</translation>
    </message>
    <message>
        <source>The reed a little further up on the mouthpiece.</source>
        <translation>Das Blatt etwas weiter hinauf auf dem Mundstück.</translation>
    </message>
    <message>
        <source>The reed alone: a soft start</source>
        <translation>Das Rohr allein: ein leiser Anfang</translation>
    </message>
    <message>
        <source>The reed alone: a steady crow</source>
        <translation>Das Rohr allein: ein ruhiges Krähen</translation>
    </message>
    <message>
        <source>The reed alone: four on, four off</source>
        <translation>Das Rohr allein: vier an, vier aus</translation>
    </message>
    <message>
        <source>The reed alone: one level line</source>
        <translation>Das Rohr allein: eine ebene Linie</translation>
    </message>
    <message>
        <source>The reed opens too far, or air gets past it.</source>
        <translation>Das Rohrblatt öffnet sich zu weit, oder Luft geht daneben.</translation>
    </message>
    <message>
        <source>The rest belongs to the exercise: it is where the next breath comes from.</source>
        <translation>Die Pause gehört zur Übung: aus ihr kommt der nächste Atem.</translation>
    </message>
    <message>
        <source>The room in the mouth moves the pitch; biting only closes the reed.</source>
        <translation>Der Raum im Mund bewegt die Tonhöhe; Beißen schließt nur das Blatt.</translation>
    </message>
    <message>
        <source>The same air all the way: let the pitch go, and nothing else.</source>
        <translation>Dieselbe Luft auf dem ganzen Weg: die Tonhöhe gehen lassen, und sonst nichts.</translation>
    </message>
    <message>
        <source>The same air at half the loudness.</source>
        <translation>Dieselbe Luft, halb so laut.</translation>
    </message>
    <message>
        <source>The same air, and bring the lips together slowly, until they start by themselves.</source>
        <translation>Dieselbe Luft, und die Lippen langsam zusammenbringen, bis sie von selbst anspringen.</translation>
    </message>
    <message>
        <source>The same air, softer, and let it turn into a tone by itself.</source>
        <translation>Dieselbe Luft, leiser, und von selbst zum Ton werden lassen.</translation>
    </message>
    <message>
        <source>The same as a share of a step, so that tempos can be compared.</source>
        <translation>Dasselbe als Anteil eines Schritts, so dass Tempi vergleichbar sind.</translation>
    </message>
    <message>
        <source>The same at twice the tempo: still even, still smooth. Where was your attention?</source>
        <translation>Dasselbe im doppelten Tempo: noch gleichmäßig, noch glatt. Wo war die Aufmerksamkeit?</translation>
    </message>
    <message>
        <source>The same in half the time, then a little longer each time.</source>
        <translation>Dasselbe in der halben Zeit, dann jedes Mal etwas länger.</translation>
    </message>
    <message>
        <source>The same lips, and the air a little quicker, as if to cool soup far away.</source>
        <translation>Dieselben Lippen, und die Luft etwas schneller, wie um Suppe weit weg zu kühlen.</translation>
    </message>
    <message>
        <source>The same lips, and the air a little quicker.</source>
        <translation>Dieselben Lippen, und die Luft etwas schneller.</translation>
    </message>
    <message>
        <source>The same low note twice: once as open as it goes, once a little narrower. Hear and see what differs; nothing is scored.</source>
        <translation>Derselbe tiefe Ton zweimal: einmal so offen, wie es geht, einmal etwas enger. Hören und sehen, was anders ist; nichts wird bewertet.</translation>
    </message>
    <message>
        <source>The same mouth, and the air a little quicker.</source>
        <translation>Derselbe Mund, und die Luft etwas schneller.</translation>
    </message>
    <message>
        <source>The same note, then silent air through the instrument, again and again: how far has it risen?</source>
        <translation>Derselbe Ton, dann stille Luft durch das Instrument, immer wieder: wie weit ist er gestiegen?</translation>
    </message>
    <message>
        <source>The same on a high pitch that comes without force.</source>
        <translation>Dasselbe auf einer hohen Höhe, die ohne Kraft kommt.</translation>
    </message>
    <message>
        <source>The same on a low pitch, corners firm.</source>
        <translation>Dasselbe auf einer tiefen Höhe, die Mundwinkel fest.</translation>
    </message>
    <message>
        <source>The same on the mouthpiece; then play it on the instrument (Scale tones, 4 on, 4 off) and hold the two beside one another (C).</source>
        <translation>Dasselbe auf dem Mundstück; dann auf dem Instrument spielen (Tonleitertöne, 4 an, 4 aus) und beide nebeneinander halten (C).</translation>
    </message>
    <message>
        <source>The same share on every count.</source>
        <translation>Auf jede Zählzeit gleich viel.</translation>
    </message>
    <message>
        <source>The same way in twice the time, the air unchanged.</source>
        <translation>Derselbe Weg in der doppelten Zeit, die Luft unverändert.</translation>
    </message>
    <message>
        <source>The sheet holds for {sheet_held_s} s of {sheet_held_s:low}.</source>
        <translation>Das Blatt hält {sheet_held_s} s von {sheet_held_s:low}.</translation>
    </message>
    <message>
        <source>The slide strays {glide_uneven_cents} cents from an even line.</source>
        <translation>Das Gleiten weicht {glide_uneven_cents} Cent von einer gleichmäßigen Linie ab.</translation>
    </message>
    <message>
        <source>The sound comes after {air_before_ms} ms of air.</source>
        <translation>Der Klang kommt nach {air_before_ms} ms Luft.</translation>
    </message>
    <message>
        <source>The sound from the first instant, without air before it.</source>
        <translation>Der Klang vom ersten Moment an, ohne Luft davor.</translation>
    </message>
    <message>
        <source>The sound of a take that was given up cannot be removed: {1} ({2}). Change its permissions, or remove it by hand.</source>
        <translation>Der Klang einer aufgegebenen Aufnahme kann nicht entfernt werden: {1} ({2}). Ändern Sie die Rechte daran, oder entfernen Sie ihn von Hand.</translation>
    </message>
    <message>
        <source>The sound of this take cannot be read: {1}</source>
        <translation>Der Klang dieser Aufnahme kann nicht gelesen werden: {1}</translation>
    </message>
    <message>
        <source>The sound of this take is missing ({1}). Its figures are still here; put the file back to hear it.</source>
        <translation>Der Klang dieser Aufnahme fehlt ({1}). Ihre Werte sind noch da; legen Sie die Datei zurück, um sie zu hören.</translation>
    </message>
    <message>
        <source>The sound of this take was given up to keep no more than is needed; its figures are still here.</source>
        <translation>Der Klang dieser Aufnahme wurde aufgegeben, um nicht mehr zu behalten als nötig; ihre Werte sind noch da.</translation>
    </message>
    <message>
        <source>The sound sinks between slurred notes.</source>
        <translation>Der Klang sinkt zwischen gebundenen Tönen ein.</translation>
    </message>
    <message>
        <source>The sound stops and comes back.</source>
        <translation>Der Klang hört auf und kommt wieder.</translation>
    </message>
    <message>
        <source>The sound stops while the air goes on ({breaks_air_on}).</source>
        <translation>Der Klang setzt aus, während die Luft weitergeht ({breaks_air_on}).</translation>
    </message>
    <message>
        <source>The starts are {note_spread_cents} cents apart.</source>
        <translation>Die Anfänge liegen {note_spread_cents} Cent auseinander.</translation>
    </message>
    <message>
        <source>The steady pitch hides it, but the air is not even.</source>
        <translation>Die ruhige Tonhöhe verbirgt es, aber die Luft ist nicht gleichmäßig.</translation>
    </message>
    <message>
        <source>The step needs as much air as the note before it.</source>
        <translation>Der Schritt braucht so viel Luft wie der Ton davor.</translation>
    </message>
    <message>
        <source>The steps come unevenly, by {step_spread_ms} ms.</source>
        <translation>Die Schritte kommen ungleichmäßig, um {step_spread_ms} ms.</translation>
    </message>
    <message>
        <source>The steps come unevenly, by {step_spread_percent} % of a step.</source>
        <translation>Die Schritte kommen ungleichmäßig, um {step_spread_percent} % eines Schritts.</translation>
    </message>
    <message>
        <source>The stream leaves the far edge, and the air goes on without it.</source>
        <translation>Der Strom verlässt die Kante, und die Luft geht ohne sie weiter.</translation>
    </message>
    <message>
        <source>The strongest line halfway or a third of the way between two harmonics, against the harmonics beside it.</source>
        <translation>Die stärkste Linie auf der Hälfte oder einem Drittel des Wegs zwischen zwei Teiltönen, gegen die Teiltöne daneben.</translation>
    </message>
    <message>
        <source>The student cannot be erased now ({1}). Nothing was changed.</source>
        <translation>Der Schüler kann jetzt nicht gelöscht werden ({1}). Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>The student is erased with all sound. Traces of the name may stay in unused parts of studio.db until there is room to make it anew; that is done at the next start. ({1})</source>
        <translation>Der Schüler ist mit allem Klang gelöscht. Spuren des Namens können in unbenutzten Teilen von studio.db bleiben, bis Platz ist, sie neu zu machen; das geschieht beim nächsten Start. ({1})</translation>
    </message>
    <message>
        <source>The studio folder {1} cannot be made ({2}).</source>
        <translation>Der Studioordner {1} kann nicht angelegt werden ({2}).</translation>
    </message>
    <message>
        <source>The studio in {1} cannot be written. Change its permissions, or choose another folder with --studio.</source>
        <translation>Das Studio in {1} kann nicht beschrieben werden. Ändern Sie die Rechte daran, oder wählen Sie mit --studio einen anderen Ordner.</translation>
    </message>
    <message>
        <source>The studio in {1} could not do that ({2}). What was kept before is safe; close other programs that use it and try again.</source>
        <translation>Das Studio in {1} konnte das nicht tun ({2}). Was vorher behalten war, ist sicher; schließen Sie andere Programme, die es benutzen, und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>The studio in {1} has no room left: the disk is full. What was kept before is safe; make room and try again, or choose another folder.</source>
        <translation>Das Studio in {1} hat keinen Platz mehr: die Platte ist voll. Was vorher behalten war, ist sicher; schaffen Sie Platz und versuchen Sie es noch einmal, oder wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>The studio in {1} has sound files but no list of them: studio.db is missing or empty. Put back a copy of it, or have the list made anew from the sound files.</source>
        <translation>Das Studio in {1} hat Klangdateien, aber keine Liste davon: studio.db fehlt oder ist leer. Legen Sie eine Kopie zurück, oder lassen Sie die Liste aus den Klangdateien neu machen.</translation>
    </message>
    <message>
        <source>The studio in {1} is damaged: studio.db cannot be read. The sound files in takes/ are untouched; put back a copy of studio.db, have the list made anew from the sound files, or choose another folder.</source>
        <translation>Das Studio in {1} ist beschädigt: studio.db kann nicht gelesen werden. Die Klangdateien in takes/ sind unberührt; legen Sie eine Kopie von studio.db zurück, lassen Sie die Liste aus den Klangdateien neu machen, oder wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>The studio in {1} was made by a newer Calando. Nothing was changed; use that version.</source>
        <translation>Das Studio in {1} wurde von einem neueren Calando gemacht. Nichts wurde geändert; nehmen Sie diese Fassung.</translation>
    </message>
    <message>
        <source>The take could not be kept: {1}.</source>
        <translation>Die Aufnahme konnte nicht behalten werden: {1}.</translation>
    </message>
    <message>
        <source>The take was not kept: its student has been erased.</source>
        <translation>Die Aufnahme wurde nicht behalten: ihr Schüler ist gelöscht.</translation>
    </message>
    <message>
        <source>The take&apos;s student is not in this studio.</source>
        <translation>Der Schüler der Aufnahme ist nicht in diesem Studio.</translation>
    </message>
    <message>
        <source>The teacher plays first and the take is marked as the model; then the student: who holds longer, who is steadier?</source>
        <translation>Der Lehrer spielt zuerst, und die Aufnahme wird als Vorbild markiert; dann der Schüler: wer hält länger, wer ist ruhiger?</translation>
    </message>
    <message>
        <source>The third and the fourth partial of one tube, back and forth: the fingers rest, the air goes on.</source>
        <translation>Der dritte und der vierte Naturton eines Rohrs, hin und her: die Finger ruhen, die Luft geht weiter.</translation>
    </message>
    <message>
        <source>The third, equal and pure</source>
        <translation>Die Terz, gleichschwebend und rein</translation>
    </message>
    <message>
        <source>The tone does not open while it sounds.</source>
        <translation>Der Ton geht nicht auf, während er klingt.</translation>
    </message>
    <message>
        <source>The tone is meant to fall into its centre by itself.</source>
        <translation>Der Ton soll von selbst in seine Mitte fallen.</translation>
    </message>
    <message>
        <source>The tone spoke at try {spoke_at}.</source>
        <translation>Der Ton sprach beim Versuch {spoke_at} an.</translation>
    </message>
    <message>
        <source>The tongue a little higher, as for “ee”; the air as it is.</source>
        <translation>Die Zunge etwas höher, wie für „i“; die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>The tongue low as for “aw”, the air as it is.</source>
        <translation>Die Zunge tief wie für „o“, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>The way from top to bottom of a regular wave of the level.</source>
        <translation>Der Weg von oben bis unten einer regelmäßigen Welle der Lautstärke.</translation>
    </message>
    <message>
        <source>The whole air at once, and soft.</source>
        <translation>Die ganze Luft auf einmal, und leise.</translation>
    </message>
    <message>
        <source>The wider and the quicker step shows what the even one rests on.</source>
        <translation>Der weitere und der schnellere Schritt zeigen, worauf der gleichmäßige ruht.</translation>
    </message>
    <message>
        <source>The wrong way first</source>
        <translation>Zuerst in die falsche Richtung</translation>
    </message>
    <message>
        <source>Then less bite, the air as it is.</source>
        <translation>Dann weniger Biss, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>Then less weight of the rim, the air as it is.</source>
        <translation>Dann weniger Gewicht des Rands, die Luft, wie sie ist.</translation>
    </message>
    <message>
        <source>There is a crackle in it.</source>
        <translation>Es ist ein Knattern darin.</translation>
    </message>
    <message>
        <source>There is as much air in it as tone.</source>
        <translation>Es ist so viel Luft darin wie Ton.</translation>
    </message>
    <message>
        <source>There is much air in the tone.</source>
        <translation>Es ist viel Luft im Ton.</translation>
    </message>
    <message>
        <source>There is no sound in this take’s file ({1}). Its figures are still here; put back a copy to hear it.</source>
        <translation>In der Datei dieser Aufnahme ist kein Klang ({1}). Ihre Werte sind noch da; legen Sie eine Kopie zurück, um sie zu hören.</translation>
    </message>
    <message>
        <source>Thin breath</source>
        <translation>Dünner Atem</translation>
    </message>
    <message>
        <source>Think of a glass that is poured slowly.</source>
        <translation>An ein Glas denken, das langsam vollgegossen wird.</translation>
    </message>
    <message>
        <source>Think of faster air for the higher rung, the lips as they are.</source>
        <translation>Für die höhere Sprosse an schnellere Luft denken, die Lippen, wie sie sind.</translation>
    </message>
    <message>
        <source>Think of the last second while you play the first.</source>
        <translation>Während der ersten Sekunde an die letzte denken.</translation>
    </message>
    <message>
        <source>Think of the vowels from “ee” to “oh” on the way down; teeth and lip as they are.</source>
        <translation>Auf dem Weg hinunter an die Vokale von „i“ nach „o“ denken; Zähne und Lippe, wie sie sind.</translation>
    </message>
    <message>
        <source>Think of the vowels from “ee” to “oh”, and let the corners stay firm.</source>
        <translation>An die Vokale von „i“ nach „o“ denken, und die Mundwinkel fest lassen.</translation>
    </message>
    <message>
        <source>Think of the vowels from “ee” to “oh”; lips and teeth do nothing.</source>
        <translation>An die Vokale von „i“ nach „o“ denken; Lippen und Zähne tun nichts.</translation>
    </message>
    <message>
        <source>Third over a partner</source>
        <translation>Terz über dem Partner</translation>
    </message>
    <message>
        <source>Three breaths in, each low and wide: the sound of a yawn, not of a hiss.</source>
        <translation>Dreimal einatmen, jedes Mal tief und weit: der Klang eines Gähnens, nicht eines Zischens.</translation>
    </message>
    <message>
        <source>Three counts in, three kept with an open throat, three out.</source>
        <translation>Drei Zählzeiten ein, drei mit offener Kehle behalten, drei aus.</translation>
    </message>
    <message>
        <source>Three minutes</source>
        <translation>Drei Minuten</translation>
    </message>
    <message>
        <source>Three minutes on the small part</source>
        <translation>Drei Minuten ohne das Instrument</translation>
    </message>
    <message>
        <source>Three minutes: eight beats of sound, eight of rest, eleven times; it stops by itself.</source>
        <translation>Drei Minuten: acht Schläge Klang, acht Pause, elfmal; es hört von selbst auf.</translation>
    </message>
    <message>
        <source>Three open breaths</source>
        <translation>Drei offene Atemzüge</translation>
    </message>
    <message>
        <source>Three partials of one tube up and down, twice, as smooth as one long tone. Then the next tube.</source>
        <translation>Drei Naturtöne eines Rohrs hinauf und hinunter, zweimal, so glatt wie ein langer Ton. Dann das nächste Rohr.</translation>
    </message>
    <message>
        <source>Three partials up and down on the open tube, then on the next longer one, and on through all of them: every one as smooth as the first.</source>
        <translation>Drei Naturtöne hinauf und hinunter auf dem leeren Rohr, dann auf dem nächstlängeren, und so durch alle: jeder so glatt wie der erste.</translation>
    </message>
    <message>
        <source>Through the centre</source>
        <translation>Durch die Mitte</translation>
    </message>
    <message>
        <source>Through the hand</source>
        <translation>Durch die Hand</translation>
    </message>
    <message>
        <source>Tight breath</source>
        <translation>Enger Atem</translation>
    </message>
    <message>
        <source>Tight inhales</source>
        <translation>Enges Einatmen</translation>
    </message>
    <message>
        <source>Tone after the breath</source>
        <translation>Ton nach dem Atem</translation>
    </message>
    <message>
        <source>Tone over air after the drop</source>
        <translation>Ton über Luft nach dem Fallen</translation>
    </message>
    <message>
        <source>Tone over air noise</source>
        <translation>Ton über Luftgeräusch</translation>
    </message>
    <message>
        <source>Tone over air when bent</source>
        <translation>Ton über Luft beim Ziehen</translation>
    </message>
    <message>
        <source>Tongue in place as for “doo”, the air behind it; then let it go.</source>
        <translation>Die Zunge wie für „du“, die Luft dahinter; dann loslassen.</translation>
    </message>
    <message>
        <source>Tongued rungs, soft and firm</source>
        <translation>Gestoßene Sprossen, weich und fest</translation>
    </message>
    <message>
        <source>Too little air for how firmly the lips are held.</source>
        <translation>Zu wenig Luft dafür, wie fest die Lippen gehalten werden.</translation>
    </message>
    <message>
        <source>Too little air for how firmly the reed is held.</source>
        <translation>Zu wenig Luft dafür, wie fest das Blatt gehalten wird.</translation>
    </message>
    <message>
        <source>Trembles {shake_cents} cents, faster than three times a second.</source>
        <translation>Zittert um {shake_cents} Cent, schneller als dreimal in der Sekunde.</translation>
    </message>
    <message>
        <source>Trembling</source>
        <translation>Zitternd</translation>
    </message>
    <message>
        <source>Tries</source>
        <translation>Versuche</translation>
    </message>
    <message>
        <source>Trombone</source>
        <translation>Posaune</translation>
    </message>
    <message>
        <source>Trombone in B♭ (treble clef)</source>
        <translation>Posaune in B (Violinschlüssel)</translation>
    </message>
    <message>
        <source>Trombone with trigger</source>
        <translation>Posaune mit Quartventil</translation>
    </message>
    <message>
        <source>Trumpet in B♭</source>
        <translation>Trompete in B</translation>
    </message>
    <message>
        <source>Trumpet in C</source>
        <translation>Trompete in C</translation>
    </message>
    <message>
        <source>Tuba in B♭</source>
        <translation>Tuba in B</translation>
    </message>
    <message>
        <source>Tuba in B♭ (treble clef)</source>
        <translation>Tuba in B (Violinschlüssel)</translation>
    </message>
    <message>
        <source>Tuba in C</source>
        <translation>Tuba in C</translation>
    </message>
    <message>
        <source>Tuba in E♭</source>
        <translation>Tuba in Es</translation>
    </message>
    <message>
        <source>Tuba in E♭ (treble clef)</source>
        <translation>Tuba in Es (Violinschlüssel)</translation>
    </message>
    <message>
        <source>Tuba in F</source>
        <translation>Tuba in F</translation>
    </message>
    <message>
        <source>Tube and fundamental</source>
        <translation>Rohr und Grundton</translation>
    </message>
    <message>
        <source>Tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>Turn it a hair out, then a hair in, and stay where it is clearest.</source>
        <translation>Ein Haar nach außen drehen, dann ein Haar nach innen, und bleiben, wo es am klarsten ist.</translation>
    </message>
    <message>
        <source>Turn it a hair out, then a hair in, the lower lip quiet, until it speaks.</source>
        <translation>Ein Haar nach außen drehen, dann ein Haar nach innen, die Unterlippe ruhig, bis es anspricht.</translation>
    </message>
    <message>
        <source>Turn it a hair out.</source>
        <translation>Ein Haar nach außen drehen.</translation>
    </message>
    <message>
        <source>Turn it in a hair at a time, the lower lip quiet, until it speaks.</source>
        <translation>Haar um Haar nach innen drehen, die Unterlippe ruhig, bis es anspricht.</translation>
    </message>
    <message>
        <source>Turn of the swell</source>
        <translation>Wende des Schwelltons</translation>
    </message>
    <message>
        <source>Twenty cents off, and back</source>
        <translation>Zwanzig Cent weg, und zurück</translation>
    </message>
    <message>
        <source>Twice as long as four and four, and just as even.</source>
        <translation>Doppelt so lang wie vier und vier, und ebenso gleichmäßig.</translation>
    </message>
    <message>
        <source>Twins of the model note</source>
        <translation>Zwillinge des Vorbildtons</translation>
    </message>
    <message>
        <source>Two breaths of your own between, then the same number again.</source>
        <translation>Zwei eigene Atemzüge dazwischen, dann dieselbe Zahl noch einmal.</translation>
    </message>
    <message>
        <source>Two neighbouring notes, back and forth on one breath: gently, without a gap and without a bump.</source>
        <translation>Zwei benachbarte Töne, auf einem Atem hin und her: sanft, ohne Lücke und ohne Anschwellen.</translation>
    </message>
    <message>
        <source>Two notes at once: the air has not decided for one.</source>
        <translation>Zwei Töne zugleich: die Luft hat sich für keinen entschieden.</translation>
    </message>
    <message>
        <source>Two notes back and forth: is the home note the same each time it comes back?</source>
        <translation>Zwei Töne hin und her: ist der Grundton jedes Mal derselbe, wenn er wiederkommt?</translation>
    </message>
    <message>
        <source>Two notes only, back and forth, as loud on the way.</source>
        <translation>Nur zwei Töne, hin und her, unterwegs so laut wie sonst.</translation>
    </message>
    <message>
        <source>Two notes only, back and forth, slowly, each change quick.</source>
        <translation>Nur zwei Töne, langsam hin und her, jeder Wechsel schnell.</translation>
    </message>
    <message>
        <source>Two notes only, back and forth, without a gap.</source>
        <translation>Nur zwei Töne, hin und her, ohne Lücke.</translation>
    </message>
    <message>
        <source>Two partials at once: the air column has not made up its mind.</source>
        <translation>Zwei Naturtöne zugleich: die Luftsäule hat sich nicht entschieden.</translation>
    </message>
    <message>
        <source>Two pulses only, alike; then four.</source>
        <translation>Nur zwei Pulse, gleich; dann vier.</translation>
    </message>
    <message>
        <source>Two starts only, until they are alike.</source>
        <translation>Nur zwei Anfänge, bis sie gleich sind.</translation>
    </message>
    <message>
        <source>Under the overtone the low note sounds on.</source>
        <translation>Unter dem Oberton klingt der tiefe Ton weiter.</translation>
    </message>
    <message>
        <source>Underneath at</source>
        <translation>Darunter bei</translation>
    </message>
    <message>
        <source>Unequal in colour</source>
        <translation>Ungleich in der Farbe</translation>
    </message>
    <message>
        <source>Unequal in loudness</source>
        <translation>Ungleich in der Lautstärke</translation>
    </message>
    <message>
        <source>Unequal in tuning</source>
        <translation>Ungleich in der Stimmung</translation>
    </message>
    <message>
        <source>Unison, at once</source>
        <translation>Einklang, sofort</translation>
    </message>
    <message>
        <source>Unison, from above</source>
        <translation>Einklang, von oben</translation>
    </message>
    <message>
        <source>Unison, from below</source>
        <translation>Einklang, von unten</translation>
    </message>
    <message>
        <source>Up and down</source>
        <translation>Hinauf und hinunter</translation>
    </message>
    <message>
        <source>Up and down the natural series of one tube, the seventh left out, which is low by nature. Then the next tube.</source>
        <translation>Die Naturtonreihe eines Rohrs hinauf und hinunter, ohne den siebten, der von Natur aus tief ist. Dann das nächste Rohr.</translation>
    </message>
    <message>
        <source>Up and down the natural series of one tube. Then the next tube.</source>
        <translation>Die Naturtonreihe eines Rohrs hinauf und hinunter. Dann das nächste Rohr.</translation>
    </message>
    <message>
        <source>Up by half steps</source>
        <translation>In Halbtönen hinauf</translation>
    </message>
    <message>
        <source>Up by the tongue alone</source>
        <translation>Mit der Zunge allein hinauf</translation>
    </message>
    <message>
        <source>Up the scale and back, the first, the top and the last note held: the last is the first again.</source>
        <translation>Die Tonleiter hinauf und zurück, der erste, der höchste und der letzte Ton gehalten: der letzte ist wieder der erste.</translation>
    </message>
    <message>
        <source>Up two steps and back: home, the middle and the top each find their place again.</source>
        <translation>Zwei Schritte hinauf und zurück: Grundton, Mitte und Spitze finden jedes Mal wieder ihren Platz.</translation>
    </message>
    <message>
        <source>Vibrato</source>
        <translation>Vibrato</translation>
    </message>
    <message>
        <source>Vibrato rate</source>
        <translation>Vibrato, wie oft</translation>
    </message>
    <message>
        <source>Vibrato width</source>
        <translation>Vibrato, wie weit</translation>
    </message>
    <message>
        <source>Vowel: from “oh” to “ee” to rise, and back.</source>
        <translation>Vokal: von „o“ nach „i“, um zu steigen, und zurück.</translation>
    </message>
    <message>
        <source>Wait on the first pitch before you bend, until it stands.</source>
        <translation>Vor dem Ziehen auf der ersten Höhe warten, bis sie steht.</translation>
    </message>
    <message>
        <source>Wander</source>
        <translation>Wandern</translation>
    </message>
    <message>
        <source>Wanders {steadier_cents} cents more than the other one.</source>
        <translation>Wandert {steadier_cents} Cent mehr als die andere.</translation>
    </message>
    <message>
        <source>Wanders {wander_cents} cents about its line.</source>
        <translation>Wandert {wander_cents} Cent um die eigene Linie.</translation>
    </message>
    <message>
        <source>Warm the tube</source>
        <translation>Das Rohr wärmen</translation>
    </message>
    <message>
        <source>Warmed up by</source>
        <translation>Erwärmt um</translation>
    </message>
    <message>
        <source>Warmed up, give or take</source>
        <translation>Erwärmt, genau auf</translation>
    </message>
    <message>
        <source>Warmth explains</source>
        <translation>Wärme erklärt</translation>
    </message>
    <message>
        <source>Watch the loudness line while you bend.</source>
        <translation>Beim Ziehen die Lautstärkelinie ansehen.</translation>
    </message>
    <message>
        <source>Watch the loudness line, and keep it level to the end.</source>
        <translation>Die Lautstärkelinie ansehen, und sie bis zum Ende eben halten.</translation>
    </message>
    <message>
        <source>Watch the loudness line, and keep it level.</source>
        <translation>Die Lautstärkelinie ansehen, und sie eben halten.</translation>
    </message>
    <message>
        <source>Waves this slow and wide may be the air, or a mouth that looks for the place of the note.</source>
        <translation>So langsame und weite Wellen können die Luft sein oder ein Mund, der den Platz des Tons sucht.</translation>
    </message>
    <message>
        <source>Way back ends</source>
        <translation>Rückweg endet</translation>
    </message>
    <message>
        <source>Way between notes</source>
        <translation>Weg zwischen Tönen</translation>
    </message>
    <message>
        <source>Way over the break</source>
        <translation>Weg über den Registerwechsel</translation>
    </message>
    <message>
        <source>Way uneven</source>
        <translation>Weg ungleichmäßig</translation>
    </message>
    <message>
        <source>Wet the reed, and play the same.</source>
        <translation>Das Blatt befeuchten, und dasselbe spielen.</translation>
    </message>
    <message>
        <source>What can be left out as well as played is in hand.</source>
        <translation>Was ebenso weggelassen wie gespielt werden kann, ist in der Hand.</translation>
    </message>
    <message>
        <source>What differs between neighbours may be the mouth, or the instrument.</source>
        <translation>Was zwischen Nachbarn anders ist, kann der Mund sein oder das Instrument.</translation>
    </message>
    <message>
        <source>What goes soft in a bend was let go as a whole; then nothing is trained.</source>
        <translation>Was beim Ziehen leise wird, wurde als Ganzes losgelassen; dann wird nichts geübt.</translation>
    </message>
    <message>
        <source>What is even slowly becomes even fast.</source>
        <translation>Was langsam gleichmäßig ist, wird auch schnell gleichmäßig.</translation>
    </message>
    <message>
        <source>What is found by ear from either side will be found beside any player.</source>
        <translation>Was von jeder Seite nach Gehör gefunden wird, wird neben jedem gefunden.</translation>
    </message>
    <message>
        <source>What is heard before it is played needs less mending.</source>
        <translation>Was vor dem Spielen gehört wird, braucht weniger Ausgleichen.</translation>
    </message>
    <message>
        <source>What is left of the air may have been pushed out at the end.</source>
        <translation>Vielleicht wurde am Ende hinausgedrückt, was von der Luft übrig war.</translation>
    </message>
    <message>
        <source>What is mended by ear is in tune late; what is heard before is in tune at once.</source>
        <translation>Was nach Gehör ausgeglichen wird, ist spät rein; was vorher gehört wird, sofort.</translation>
    </message>
    <message>
        <source>What is not kept in the ear is not found again.</source>
        <translation>Was nicht im Ohr bleibt, wird nicht wiedergefunden.</translation>
    </message>
    <message>
        <source>What is pressed out at the end closes the throat, and the next breath is short.</source>
        <translation>Was am Ende herausgepresst wird, schließt die Kehle, und der nächste Atem ist kurz.</translation>
    </message>
    <message>
        <source>What is set anew each time has to be found each time.</source>
        <translation>Was jedes Mal neu angesetzt wird, muss jedes Mal gefunden werden.</translation>
    </message>
    <message>
        <source>What leaks is held by the throat; what the ribs hold is quiet.</source>
        <translation>Was undicht ist, hält die Kehle; was die Rippen halten, ist still.</translation>
    </message>
    <message>
        <source>What moves after it was right is often the air, not the ear.</source>
        <translation>Was sich bewegt, nachdem es rein war, ist oft die Luft, nicht das Ohr.</translation>
    </message>
    <message>
        <source>What plays along just loud enough to be heard; in headphones twenty minutes at most.</source>
        <translation>Was mitspielt, gerade so laut, dass es zu hören ist; in Kopfhörern höchstens zwanzig Minuten.</translation>
    </message>
    <message>
        <source>What rushes out at first is missing at the end, and no tone can be held on it.</source>
        <translation>Was am Anfang hinausstürzt, fehlt am Ende, und kein Ton lässt sich darauf halten.</translation>
    </message>
    <message>
        <source>What the ear is on is what changes first.</source>
        <translation>Worauf das Ohr gerichtet ist, das ändert sich zuerst.</translation>
    </message>
    <message>
        <source>Whatever high notes come, each for a moment and steady. Nothing is scored; what was steady is kept.</source>
        <translation>Welche hohen Töne auch kommen, jeder für einen Moment und ruhig. Nichts wird bewertet; was ruhig war, wird behalten.</translation>
    </message>
    <message>
        <source>When all stops at once the air was stopped, or the lips were squeezed shut.</source>
        <translation>Wenn alles auf einmal aufhört, wurde die Luft angehalten, oder die Lippen wurden zugedrückt.</translation>
    </message>
    <message>
        <source>When all stops at once the air was stopped, or the way for it was closed.</source>
        <translation>Wenn alles auf einmal aufhört, wurde die Luft angehalten oder ihr Weg geschlossen.</translation>
    </message>
    <message>
        <source>When nothing moves, lips or throat are squeezed shut; air has to come before sound.</source>
        <translation>Wo sich nichts bewegt, sind Lippen oder Kehle zugedrückt; Luft muss vor dem Klang kommen.</translation>
    </message>
    <message>
        <source>Where a bent tone rings most, against the pitch before the bend: where it is below, the note is played above its centre.</source>
        <translation>Wo ein gezogener Ton am besten klingt, gegen die Höhe vor dem Ziehen: wo es darunter ist, wird der Ton über seiner Mitte gespielt.</translation>
    </message>
    <message>
        <source>Where a way there and back ends, against where it began; that it ends lower is expected, and held against no target.</source>
        <translation>Wo ein Weg hin und zurück endet, gegen seinen Anfang; dass er tiefer endet, ist zu erwarten und hat kein Ziel.</translation>
    </message>
    <message>
        <source>Where nothing moves, lips or throat are closed; air has to come before sound.</source>
        <translation>Wo sich nichts bewegt, sind Lippen oder Kehle zu; Luft muss vor dem Klang kommen.</translation>
    </message>
    <message>
        <source>Where nothing moves, lips, tongue or throat are closed; air has to come before sound.</source>
        <translation>Wo sich nichts bewegt, sind Lippen, Zunge oder Kehle zu; Luft muss vor dem Klang kommen.</translation>
    </message>
    <message>
        <source>Where nothing moves, tongue or throat are closed; air has to come before sound.</source>
        <translation>Wo sich nichts bewegt, sind Zunge oder Kehle zu; Luft muss vor dem Klang kommen.</translation>
    </message>
    <message>
        <source>Where the swell turns, against the beat on which it should.</source>
        <translation>Wo der Schwellton wendet, gegen den Schlag, auf dem er es soll.</translation>
    </message>
    <message>
        <source>Which fingering speaks?</source>
        <translation>Welcher Griff spricht an?</translation>
    </message>
    <message>
        <source>Which one begins on its note?</source>
        <translation>Welcher beginnt auf seinem Ton?</translation>
    </message>
    <message>
        <source>Which one goes on without a break?</source>
        <translation>Welcher geht ohne Aussetzer durch?</translation>
    </message>
    <message>
        <source>Which one is brighter?</source>
        <translation>Welcher ist heller?</translation>
    </message>
    <message>
        <source>Which one is clean?</source>
        <translation>Welcher ist sauber?</translation>
    </message>
    <message>
        <source>Which one is fuller?</source>
        <translation>Welcher ist voller?</translation>
    </message>
    <message>
        <source>Which one is longer?</source>
        <translation>Welcher ist länger?</translation>
    </message>
    <message>
        <source>Which one is more even?</source>
        <translation>Welcher ist gleichmäßiger?</translation>
    </message>
    <message>
        <source>Which one is sharper?</source>
        <translation>Welcher ist höher?</translation>
    </message>
    <message>
        <source>Which one is steadier?</source>
        <translation>Welcher ist ruhiger?</translation>
    </message>
    <message>
        <source>Which one keeps its loudness?</source>
        <translation>Welcher behält seine Lautstärke?</translation>
    </message>
    <message>
        <source>Which one speaks at once?</source>
        <translation>Welcher spricht sofort an?</translation>
    </message>
    <message>
        <source>Which one stays level to its end?</source>
        <translation>Welcher bleibt bis zum Ende auf seiner Höhe?</translation>
    </message>
    <message>
        <source>Which share of a breath in comes in the first quarter of its time: 25 % is even, more is full too early.</source>
        <translation>Welcher Anteil eines Einatmens im ersten Viertel seiner Zeit kommt: 25 % ist gleichmäßig, mehr ist zu früh voll.</translation>
    </message>
    <message>
        <source>Which share of a breath in comes in the last quarter of its time: 25 % is even, more is a hurry at the end.</source>
        <translation>Welcher Anteil eines Einatmens im letzten Viertel seiner Zeit kommt: 25 % ist gleichmäßig, mehr ist Hast am Ende.</translation>
    </message>
    <message>
        <source>Which share of a breath out goes in the first quarter of its time: 25 % is even, more is spent too early.</source>
        <translation>Welcher Anteil eines Ausatmens im ersten Viertel seiner Zeit geht: 25 % ist gleichmäßig, mehr ist zu früh verbraucht.</translation>
    </message>
    <message>
        <source>Which share of a breath out goes in the last quarter of its time: 25 % is even, more is pushed out at the end.</source>
        <translation>Welcher Anteil eines Ausatmens im letzten Viertel seiner Zeit geht: 25 % ist gleichmäßig, mehr ist am Ende herausgedrückt.</translation>
    </message>
    <message>
        <source>Which share of a breath’s air comes in the first quarter of its time: 25 % is even, more is full too early.</source>
        <translation>Welcher Anteil der Luft eines Atems im ersten Viertel seiner Zeit kommt: 25 % ist gleichmäßig, mehr ist zu früh voll.</translation>
    </message>
    <message>
        <source>Which share of a breath’s air comes in the last quarter of its time: 25 % is even, more is a hurry at the end.</source>
        <translation>Welcher Anteil der Luft eines Atems im letzten Viertel seiner Zeit kommt: 25 % ist gleichmäßig, mehr ist Hast am Ende.</translation>
    </message>
    <message>
        <source>Which third is at rest?</source>
        <translation>Welche Terz ist in Ruhe?</translation>
    </message>
    <message>
        <source>Which two beat more slowly?</source>
        <translation>Welche zwei schweben langsamer?</translation>
    </message>
    <message>
        <source>Which two do not beat?</source>
        <translation>Welche zwei schweben nicht?</translation>
    </message>
    <message>
        <source>Whichever note comes: let it speak and last. Nothing is wrong about it.</source>
        <translation>Welcher Ton auch kommt: ansprechen und halten lassen. Nichts daran ist falsch.</translation>
    </message>
    <message>
        <source>While the breath is kept, {leak_s} s of air or voice are heard.</source>
        <translation>Während der Atem behalten wird, sind {leak_s} s Luft oder Stimme zu hören.</translation>
    </message>
    <message>
        <source>Who gives much at first is at the top too soon.</source>
        <translation>Wer am Anfang viel gibt, ist zu früh oben.</translation>
    </message>
    <message>
        <source>Who is full on the first beat holds the rest, and holding makes the throat narrow.</source>
        <translation>Wer beim ersten Schlag voll ist, hält den Rest an, und Anhalten macht die Kehle eng.</translation>
    </message>
    <message>
        <source>Whole-step bend</source>
        <translation>Einen Ganzton ziehen</translation>
    </message>
    <message>
        <source>Window half covered: one level line</source>
        <translation>Fenster halb verdeckt: eine ebene Linie</translation>
    </message>
    <message>
        <source>Wipe the beak before anybody else plays it.</source>
        <translation>Den Schnabel abwischen, bevor ihn ein anderer spielt.</translation>
    </message>
    <message>
        <source>Wipe the plate before anybody else plays it.</source>
        <translation>Die Mundplatte abwischen, bevor sie ein anderer spielt.</translation>
    </message>
    <message>
        <source>With jaw and teeth still, let the vowel go from “ee” towards “oh”.</source>
        <translation>Mit ruhigem Kiefer und ruhigen Zähnen den Vokal von „i“ nach „o“ gehen lassen.</translation>
    </message>
    <message>
        <source>With loose corners and round cheeks the sound falls apart into air.</source>
        <translation>Mit lockeren Mundwinkeln und runden Wangen zerfällt der Klang in Luft.</translation>
    </message>
    <message>
        <source>Written and sounding</source>
        <translation>Notiert und klingend</translation>
    </message>
    <message>
        <source>a bound of 0 needs a &quot;width&quot; above 0</source>
        <translation>eine Grenze von 0 braucht eine &quot;width&quot; über 0</translation>
    </message>
    <message>
        <source>a break</source>
        <translation>ein Aussetzer</translation>
    </message>
    <message>
        <source>an exercise needs at least one cue</source>
        <translation>eine Übung braucht mindestens einen Teil</translation>
    </message>
    <message>
        <source>a crackle</source>
        <translation>ein Knattern</translation>
    </message>
    <message>
        <source>a generator and the note &quot;each&quot; need one another</source>
        <translation>ein Generator und der Ton &quot;each&quot; brauchen einander</translation>
    </message>
    <message>
        <source>a generator&apos;s count may not be 0; below 0 goes downwards</source>
        <translation>die Anzahl eines Generators darf nicht 0 sein; unter 0 geht es abwärts</translation>
    </message>
    <message>
        <source>a little above</source>
        <translation>etwas darüber</translation>
    </message>
    <message>
        <source>a note is a name such as &quot;Bb4&quot;, any, home, each, or {&quot;degree&quot;: 3}</source>
        <translation>ein Ton ist ein Name wie &quot;Bb4&quot;, any, home, each oder {&quot;degree&quot;: 3}</translation>
    </message>
    <message>
        <source>a running order needs an exercise</source>
        <translation>eine Reihenfolge braucht eine Übung</translation>
    </message>
    <message>
        <source>a second</source>
        <translation>in der Sekunde</translation>
    </message>
    <message>
        <source>a series and an outward generator count from 1 up</source>
        <translation>eine Reihe und ein Generator nach außen zählen von 1 aufwärts</translation>
    </message>
    <message>
        <source>a target needs &quot;low&quot; or &quot;high&quot;</source>
        <translation>ein Ziel braucht &quot;low&quot; oder &quot;high&quot;</translation>
    </message>
    <message>
        <source>a third that is not pure</source>
        <translation>eine Terz, die nicht rein ist</translation>
    </message>
    <message>
        <source>a wave in the loudness</source>
        <translation>eine Welle in der Lautstärke</translation>
    </message>
    <message>
        <source>a wave in the pitch</source>
        <translation>eine Welle in der Tonhöhe</translation>
    </message>
    <message>
        <source>a {1} cue needs its number of pulses</source>
        <translation>ein Teil {1} braucht die Zahl seiner Pulse</translation>
    </message>
    <message>
        <source>a {1} needs beats or seconds</source>
        <translation>ein Teil {1} braucht Schläge oder Sekunden</translation>
    </message>
    <message>
        <source>about: a slide has two legs; bell, mouthpiece and holes move it by a tenth and more</source>
        <translation>ungefähr: ein Zug hat zwei Schenkel; Schallstück, Mundstück und Löcher verschieben es um ein Zehntel und mehr</translation>
    </message>
    <message>
        <source>above</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>after hard work of the lips at least as long as it lasted</source>
        <translation>nach harter Arbeit der Lippen mindestens so lange, wie sie dauerte</translation>
    </message>
    <message>
        <source>against 20 °C</source>
        <translation>gegen 20 °C</translation>
    </message>
    <message>
        <source>air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>airy</source>
        <translation>luftig</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>alone, as you heard it</source>
        <translation>allein, wie gehört</translation>
    </message>
    <message>
        <source>apart</source>
        <translation>auseinander</translation>
    </message>
    <message>
        <source>arms</source>
        <translation>Arme</translation>
    </message>
    <message>
        <source>arms rise</source>
        <translation>Arme steigen</translation>
    </message>
    <message>
        <source>arms sink</source>
        <translation>Arme sinken</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Schläge</translation>
    </message>
    <message>
        <source>beats = Hz · (2^(cents / 1200) − 1), at the note given</source>
        <translation>Schwebungen = Hz · (2^(Cent / 1200) − 1), beim genannten Ton</translation>
    </message>
    <message>
        <source>beats a second</source>
        <translation>Schwebungen in der Sekunde</translation>
    </message>
    <message>
        <source>beats need a tempo; give the exercise one, or seconds to the cue</source>
        <translation>Schläge brauchen ein Tempo; geben Sie der Übung eines, oder dem Teil Sekunden</translation>
    </message>
    <message>
        <source>before it is gone</source>
        <translation>bevor er weg ist</translation>
    </message>
    <message>
        <source>belly</source>
        <translation>Bauch</translation>
    </message>
    <message>
        <source>below</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>bend</source>
        <translation>Ziehen</translation>
    </message>
    <message>
        <source>both arms up and long</source>
        <translation>beide Arme hoch und lang</translation>
    </message>
    <message>
        <source>break</source>
        <translation>Aussetzer</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>Atem</translation>
    </message>
    <message>
        <source>breathe normally</source>
        <translation>normal atmen</translation>
    </message>
    <message>
        <source>breathing</source>
        <translation>Atmen</translation>
    </message>
    <message>
        <source>brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>bumps</source>
        <translation>schwillt an</translation>
    </message>
    <message>
        <source>cannot be read; check the disk</source>
        <translation>kann nicht gelesen werden; prüfen Sie die Platte</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>cents = 1200 · log2 √(T / T20), in kelvin</source>
        <translation>Cent = 1200 · log2 √(T / T20), in Kelvin</translation>
    </message>
    <message>
        <source>cents = 1200 · log2(partial)</source>
        <translation>Cent = 1200 · log2(Naturton)</translation>
    </message>
    <message>
        <source>cents of the just ratio; an equal one has 100 a half step</source>
        <translation>Cent des reinen Verhältnisses; ein gleichschwebendes hat 100 je Halbton</translation>
    </message>
    <message>
        <source>cents/dB</source>
        <translation>Cent/dB</translation>
    </message>
    <message>
        <source>cents/s</source>
        <translation>Cent/s</translation>
    </message>
    <message>
        <source>cheeks</source>
        <translation>Wangen</translation>
    </message>
    <message>
        <source>chin</source>
        <translation>Kinn</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klar</translation>
    </message>
    <message>
        <source>clearer</source>
        <translation>klarer</translation>
    </message>
    <message>
        <source>close</source>
        <translation>nah</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>tone over air noise</source>
        <translation>Ton über Luftgeräusch</translation>
    </message>
    <message>
        <source>corners</source>
        <translation>Mundwinkel</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>Zählzeiten</translation>
    </message>
    <message>
        <source>crackle</source>
        <translation>Knattern</translation>
    </message>
    <message>
        <source>crackles</source>
        <translation>knattert</translation>
    </message>
    <message>
        <source>cue {1}: {2}</source>
        <translation>Teil {1}: {2}</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>dB an octave</source>
        <translation>dB je Oktave</translation>
    </message>
    <message>
        <source>dB/octave</source>
        <translation>dB/Oktave</translation>
    </message>
    <message>
        <source>dB/s</source>
        <translation>dB/s</translation>
    </message>
    <message>
        <source>dBFS</source>
        <translation>dBFS</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>dips</source>
        <translation>bricht ein</translation>
    </message>
    <message>
        <source>does not open</source>
        <translation>geht nicht auf</translation>
    </message>
    <message>
        <source>down</source>
        <translation>abwärts</translation>
    </message>
    <message>
        <source>down until the beats stop</source>
        <translation>hinunter, bis die Schwebungen aufhören</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>gezogen</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Fallen</translation>
    </message>
    <message>
        <source>dynamics</source>
        <translation>Dynamik</translation>
    </message>
    <message>
        <source>early</source>
        <translation>früh</translation>
    </message>
    <message>
        <source>equal</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>even up to, counts</source>
        <translation>gleichmäßig bis, Zählzeiten</translation>
    </message>
    <message>
        <source>exercise {1} is unknown</source>
        <translation>die Übung {1} ist unbekannt</translation>
    </message>
    <message>
        <source>exercises: two have the id &quot;{1}&quot;; rename one</source>
        <translation>Übungen: zwei haben die Kennung &quot;{1}&quot;; benennen Sie eine um</translation>
    </message>
    <message>
        <source>exhale</source>
        <translation>Ausatmen</translation>
    </message>
    <message>
        <source>f = c / 2L, of a stopped cylinder c / 4L; the ends make it seem longer</source>
        <translation>f = c / 2L, bei gedeckten Zylindern c / 4L; die Enden lassen es länger scheinen</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>wird leiser</translation>
    </message>
    <message>
        <source>feet flat, sit or stand tall</source>
        <translation>Füße flach, aufrecht sitzen oder stehen</translation>
    </message>
    <message>
        <source>fingering &quot;{1}&quot; is unknown; a slide has positions slide1 to slide7, with a trigger Tslide1 and so on</source>
        <translation>der Griff &quot;{1}&quot; ist unbekannt; ein Zug hat die Lagen slide1 bis slide7, mit Quartventil Tslide1 und so weiter</translation>
    </message>
    <message>
        <source>fingering &quot;{1}&quot; is unknown; valves are 0 (open) or a growing row of 1, 2, 3 and 4 where it is there, with + where their slides are drawn, after T on a second tube</source>
        <translation>der Griff &quot;{1}&quot; ist unbekannt; Ventile sind 0 (leer) oder eine wachsende Reihe aus 1, 2, 3 und 4, wo es das gibt, mit + wo ihre Züge gezogen sind, nach T auf einem zweiten Rohr</translation>
    </message>
    <message>
        <source>fingering &quot;{1}&quot; needs a brass --instrument; or give a written fundamental such as Bb3</source>
        <translation>der Griff &quot;{1}&quot; braucht mit --instrument ein Blechblasinstrument; oder nennen Sie einen notierten Grundton wie Bb3</translation>
    </message>
    <message>
        <source>first</source>
        <translation>erstes</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>zu tief</translation>
    </message>
    <message>
        <source>flexibility</source>
        <translation>Beweglichkeit</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>frequency</source>
        <translation>Frequenz</translation>
    </message>
    <message>
        <source>fundamental</source>
        <translation>Grundton</translation>
    </message>
    <message>
        <source>fuzz</source>
        <translation>Rauheit</translation>
    </message>
    <message>
        <source>gets softer</source>
        <translation>wird leiser</translation>
    </message>
    <message>
        <source>give a cue&apos;s beats or its seconds, not both</source>
        <translation>geben Sie einem Teil Schläge oder Sekunden, nicht beides</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>Gleiten</translation>
    </message>
    <message>
        <source>go along</source>
        <translation>mitgehen</translation>
    </message>
    <message>
        <source>go to where the partner is</source>
        <translation>dorthin gehen, wo der Partner ist</translation>
    </message>
    <message>
        <source>gone</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>half steps</source>
        <translation>Halbtöne</translation>
    </message>
    <message>
        <source>has a number that is too large</source>
        <translation>hat eine zu große Zahl</translation>
    </message>
    <message>
        <source>has a sample rate of {1} Hz; convert it to between {2} and {3} Hz</source>
        <translation>hat eine Abtastrate von {1} Hz; wandeln Sie es in zwischen {2} und {3} Hz um</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>hold still, and be found</source>
        <translation>stillhalten, und gefunden werden</translation>
    </message>
    <message>
        <source>hold the sheet</source>
        <translation>das Blatt halten</translation>
    </message>
    <message>
        <source>home, at once</source>
        <translation>Grundton, sofort</translation>
    </message>
    <message>
        <source>how fast they beat</source>
        <translation>wie schnell sie schweben</translation>
    </message>
    <message>
        <source>in tune after</source>
        <translation>rein nach</translation>
    </message>
    <message>
        <source>in tune; down until it beats; in tune again</source>
        <translation>rein; hinunter, bis es schwebt; wieder rein</translation>
    </message>
    <message>
        <source>inhale</source>
        <translation>Einatmen</translation>
    </message>
    <message>
        <source>intonation</source>
        <translation>Intonation</translation>
    </message>
    <message>
        <source>is a folder; name a file in it</source>
        <translation>ist ein Ordner; nennen Sie eine Datei darin</translation>
    </message>
    <message>
        <source>is a link that leads nowhere; name a file</source>
        <translation>ist ein Verweis ins Leere; nennen Sie eine Datei</translation>
    </message>
    <message>
        <source>is larger than 1 MB; it should be a page or two</source>
        <translation>ist größer als 1 MB; es sollte ein, zwei Seiten sein</translation>
    </message>
    <message>
        <source>is larger than {1} MB; name a smaller file</source>
        <translation>ist größer als {1} MB; nennen Sie eine kleinere Datei</translation>
    </message>
    <message>
        <source>is nested deeper than {1} brackets; flatten it</source>
        <translation>ist tiefer als {1} Klammern verschachtelt; machen Sie es flacher</translation>
    </message>
    <message>
        <source>is no JSON (near byte {1})</source>
        <translation>ist kein JSON (bei Byte {1})</translation>
    </message>
    <message>
        <source>is no ordinary file; name one</source>
        <translation>ist keine gewöhnliche Datei; nennen Sie eine</translation>
    </message>
    <message>
        <source>is no sound file that can be read; save it as WAV, FLAC or MP3</source>
        <translation>ist keine lesbare Klangdatei; speichern Sie sie als WAV, FLAC oder MP3</translation>
    </message>
    <message>
        <source>is of another kind than it should be: a text, a number, a list or an object in braces</source>
        <translation>ist von anderer Art, als es sein sollte: ein Text, eine Zahl, eine Liste oder ein Objekt in Klammern</translation>
    </message>
    <message>
        <source>it is a folder; name a file in it</source>
        <translation>es ist ein Ordner; nennen Sie eine Datei darin</translation>
    </message>
    <message>
        <source>it is a link to another file; name that file itself</source>
        <translation>es ist ein Verweis auf eine andere Datei; nennen Sie die Datei selbst</translation>
    </message>
    <message>
        <source>it is no ordinary file; choose another place</source>
        <translation>es ist keine gewöhnliche Datei; wählen Sie einen anderen Ort</translation>
    </message>
    <message>
        <source>its temperature</source>
        <translation>seine Temperatur</translation>
    </message>
    <message>
        <source>jaw</source>
        <translation>Kiefer</translation>
    </message>
    <message>
        <source>join the overtone</source>
        <translation>zum Oberton kommen</translation>
    </message>
    <message>
        <source>just size</source>
        <translation>reine Größe</translation>
    </message>
    <message>
        <source>keep it open</source>
        <translation>offen lassen</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>last</source>
        <translation>letztes</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>hält</translation>
    </message>
    <message>
        <source>late</source>
        <translation>spät</translation>
    </message>
    <message>
        <source>late start</source>
        <translation>später Anfang</translation>
    </message>
    <message>
        <source>leaks</source>
        <translation>undicht</translation>
    </message>
    <message>
        <source>least noticed, cents</source>
        <translation>am wenigsten bemerkt, Cent</translation>
    </message>
    <message>
        <source>left ear to the left shoulder</source>
        <translation>linkes Ohr zur linken Schulter</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>less clear</source>
        <translation>weniger klar</translation>
    </message>
    <message>
        <source>less steady</source>
        <translation>weniger ruhig</translation>
    </message>
    <message>
        <source>let go</source>
        <translation>loslassen</translation>
    </message>
    <message>
        <source>let it all go</source>
        <translation>alles gehen lassen</translation>
    </message>
    <message>
        <source>let it fall out</source>
        <translation>fallen lassen</translation>
    </message>
    <message>
        <source>let your overtone join</source>
        <translation>den Oberton dazukommen lassen</translation>
    </message>
    <message>
        <source>listen</source>
        <translation>hören</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>long tones</source>
        <translation>lange Töne</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>longest, s</source>
        <translation>am längsten, s</translation>
    </message>
    <message>
        <source>look far to the left</source>
        <translation>weit nach links sehen</translation>
    </message>
    <message>
        <source>look far to the right</source>
        <translation>weit nach rechts sehen</translation>
    </message>
    <message>
        <source>louder</source>
        <translation>lauter</translation>
    </message>
    <message>
        <source>low</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>lower than you think</source>
        <translation>tiefer, als man denkt</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>may not be empty</source>
        <translation>darf nicht leer sein</translation>
    </message>
    <message>
        <source>may not be read; change its permissions</source>
        <translation>darf nicht gelesen werden; ändern Sie die Rechte daran</translation>
    </message>
    <message>
        <source>meet half way</source>
        <translation>auf halbem Weg treffen</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>move</source>
        <translation>bewegen</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>name at least one reading</source>
        <translation>nennen Sie mindestens einen Wert</translation>
    </message>
    <message>
        <source>narrow</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>narrower</source>
        <translation>enger</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>note &quot;{1}&quot; has no number; write it like degree 3</source>
        <translation>der Ton &quot;{1}&quot; hat keine Zahl; schreiben Sie ihn wie degree 3</translation>
    </message>
    <message>
        <source>note {1} is none; write it like &quot;Bb4&quot;, or any, home, each</source>
        <translation>der Ton {1} ist keiner; schreiben Sie ihn wie &quot;Bb4&quot;, oder any, home, each</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>of the air</source>
        <translation>der Luft</translation>
    </message>
    <message>
        <source>of the time</source>
        <translation>der Zeit</translation>
    </message>
    <message>
        <source>off</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>off equal</source>
        <translation>neben gleichschwebend</translation>
    </message>
    <message>
        <source>off partial</source>
        <translation>neben Naturton</translation>
    </message>
    <message>
        <source>off pure</source>
        <translation>neben rein</translation>
    </message>
    <message>
        <source>apart once in tune, cents</source>
        <translation>rein und doch auseinander, Cent</translation>
    </message>
    <message>
        <source>on the instrument</source>
        <translation>auf dem Instrument</translation>
    </message>
    <message>
        <source>on the mouthpiece</source>
        <translation>auf dem Mundstück</translation>
    </message>
    <message>
        <source>in tune after, s</source>
        <translation>rein nach, s</translation>
    </message>
    <message>
        <source>in tune at once</source>
        <translation>sofort rein</translation>
    </message>
    <message>
        <source>in tune with the drone</source>
        <translation>rein mit dem Bordun</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>out of tune</source>
        <translation>unrein</translation>
    </message>
    <message>
        <source>over air noise, dB</source>
        <translation>über Luftgeräusch, dB</translation>
    </message>
    <message>
        <source>over the fundamental</source>
        <translation>über dem Grundton</translation>
    </message>
    <message>
        <source>partial</source>
        <translation>Naturton</translation>
    </message>
    <message>
        <source>past it</source>
        <translation>darüber hinaus</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Tonhöhe</translation>
    </message>
    <message>
        <source>pitch goes</source>
        <translation>Tonhöhe geht</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>schlicht</translation>
    </message>
    <message>
        <source>play it</source>
        <translation>spielen</translation>
    </message>
    <message>
        <source>played</source>
        <translation>gespielt</translation>
    </message>
    <message>
        <source>pulse</source>
        <translation>Puls</translation>
    </message>
    <message>
        <source>reading {1} is unknown</source>
        <translation>der Wert {1} ist unbekannt</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>rest at least</source>
        <translation>Pause mindestens</translation>
    </message>
    <message>
        <source>ribs</source>
        <translation>Rippen</translation>
    </message>
    <message>
        <source>rich</source>
        <translation>reich</translation>
    </message>
    <message>
        <source>right ear to the right shoulder</source>
        <translation>rechtes Ohr zur rechten Schulter</translation>
    </message>
    <message>
        <source>rings at</source>
        <translation>klingt bei</translation>
    </message>
    <message>
        <source>rises</source>
        <translation>steigt</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>sag</source>
        <translation>Absinken</translation>
    </message>
    <message>
        <source>sags at the end</source>
        <translation>sinkt am Ende</translation>
    </message>
    <message>
        <source>scoop</source>
        <translation>Anziehen</translation>
    </message>
    <message>
        <source>scoops at the start</source>
        <translation>zieht am Anfang an</translation>
    </message>
    <message>
        <source>seconds = counts · 60 / tempo</source>
        <translation>Sekunden = Zählzeiten · 60 / Tempo</translation>
    </message>
    <message>
        <source>seconds grow with an open tone, a tempo with a count, counts with a climb</source>
        <translation>Sekunden wachsen mit einem offenen Ton, ein Tempo mit dem Zählen, Zählzeiten mit einem Anstieg</translation>
    </message>
    <message>
        <source>semitones</source>
        <translation>Halbtöne</translation>
    </message>
    <message>
        <source>shallow</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>sharp</source>
        <translation>zu hoch</translation>
    </message>
    <message>
        <source>short</source>
        <translation>kurz</translation>
    </message>
    <message>
        <source>short of it</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>kürzer</translation>
    </message>
    <message>
        <source>shoulders</source>
        <translation>Schultern</translation>
    </message>
    <message>
        <source>shoulders roll back</source>
        <translation>Schultern rollen zurück</translation>
    </message>
    <message>
        <source>shoulders roll forward</source>
        <translation>Schultern rollen vor</translation>
    </message>
    <message>
        <source>silent air through it</source>
        <translation>stille Luft hindurch</translation>
    </message>
    <message>
        <source>sing it</source>
        <translation>singen</translation>
    </message>
    <message>
        <source>sinks</source>
        <translation>sinkt</translation>
    </message>
    <message>
        <source>small-part sound</source>
        <translation>ohne das Instrument</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>leiser</translation>
    </message>
    <message>
        <source>sounding</source>
        <translation>klingend</translation>
    </message>
    <message>
        <source>sounding = written, moved by the instrument’s transposition</source>
        <translation>klingend = notiert, um die Transposition des Instruments verschoben</translation>
    </message>
    <message>
        <source>sounding pitch</source>
        <translation>klingende Tonhöhe</translation>
    </message>
    <message>
        <source>sounds on</source>
        <translation>klingt weiter</translation>
    </message>
    <message>
        <source>span, half steps</source>
        <translation>Spanne, Halbtöne</translation>
    </message>
    <message>
        <source>speaks late, after air</source>
        <translation>spricht spät an, nach Luft</translation>
    </message>
    <message>
        <source>steadier</source>
        <translation>ruhiger</translation>
    </message>
    <message>
        <source>steps must be numbers that grow</source>
        <translation>Schritte müssen wachsende Zahlen sein</translation>
    </message>
    <message>
        <source>swell</source>
        <translation>Schwellen</translation>
    </message>
    <message>
        <source>swells</source>
        <translation>schwillt</translation>
    </message>
    <message>
        <source>targets of {1}: {2}</source>
        <translation>Ziele von {1}: {2}</translation>
    </message>
    <message>
        <source>the barrel</source>
        <translation>die Birne</translation>
    </message>
    <message>
        <source>the crook</source>
        <translation>den S-Bogen</translation>
    </message>
    <message>
        <source>the disk is full; make room, or choose another place</source>
        <translation>die Platte ist voll; schaffen Sie Platz, oder wählen Sie einen anderen Ort</translation>
    </message>
    <message>
        <source>the fingering is empty; write 0 for the open tube</source>
        <translation>der Griff ist leer; schreiben Sie 0 für das leere Rohr</translation>
    </message>
    <message>
        <source>the head joint</source>
        <translation>das Kopfstück</translation>
    </message>
    <message>
        <source>the keyboard’s fifth, then wider until it stands</source>
        <translation>die Quinte der Tastatur, dann weiter, bis sie steht</translation>
    </message>
    <message>
        <source>the keyboard’s third, then lower until it stands</source>
        <translation>die Terz der Tastatur, dann tiefer, bis sie steht</translation>
    </message>
    <message>
        <source>the mouthpiece on its cork</source>
        <translation>das Mundstück auf seinem Kork</translation>
    </message>
    <message>
        <source>the original {1}</source>
        <translation>das Original {1}</translation>
    </message>
    <message>
        <source>the pitch wanders</source>
        <translation>die Tonhöhe wandert</translation>
    </message>
    <message>
        <source>the reed</source>
        <translation>das Rohr</translation>
    </message>
    <message>
        <source>the shares of {1} must grow from point to point</source>
        <translation>die Anteile von {1} müssen von Punkt zu Punkt wachsen</translation>
    </message>
    <message>
        <source>the tuning slide</source>
        <translation>den Stimmzug</translation>
    </message>
    <message>
        <source>there are more than {1} items; make several lists of them</source>
        <translation>es sind mehr als {1} Punkte; machen Sie mehrere Listen daraus</translation>
    </message>
    <message>
        <source>there are more than {1} of them; leave some out</source>
        <translation>es sind mehr als {1}; lassen Sie einige weg</translation>
    </message>
    <message>
        <source>there is a file of that name; choose another name</source>
        <translation>eine Datei dieses Namens gibt es schon; wählen Sie einen anderen</translation>
    </message>
    <message>
        <source>there is no channel {1}; it has {2}</source>
        <translation>es gibt keinen Kanal {1}; es sind {2}</translation>
    </message>
    <message>
        <source>there is no permission to write there; choose another place</source>
        <translation>dort darf nicht geschrieben werden; wählen Sie einen anderen Ort</translation>
    </message>
    <message>
        <source>there is no sound in it</source>
        <translation>es ist kein Klang darin</translation>
    </message>
    <message>
        <source>there is no sound in it; choose another file</source>
        <translation>es ist kein Klang darin; wählen Sie eine andere Datei</translation>
    </message>
    <message>
        <source>there is no such file; check the name</source>
        <translation>diese Datei gibt es nicht; prüfen Sie den Namen</translation>
    </message>
    <message>
        <source>there is no such folder; choose another place</source>
        <translation>diesen Ordner gibt es nicht; wählen Sie einen anderen Ort</translation>
    </message>
    <message>
        <source>they last longer than {1} hours; shorten them</source>
        <translation>sie dauern länger als {1} Stunden; kürzen Sie sie</translation>
    </message>
    <message>
        <source>third</source>
        <translation>Terz</translation>
    </message>
    <message>
        <source>through the hand</source>
        <translation>durch die Hand</translation>
    </message>
    <message>
        <source>together, until the beats stop</source>
        <translation>zusammen, bis die Schwebungen aufhören</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>tongue</source>
        <translation>Zunge</translation>
    </message>
    <message>
        <source>too dark</source>
        <translation>zu dunkel</translation>
    </message>
    <message>
        <source>too deep</source>
        <translation>zu tief</translation>
    </message>
    <message>
        <source>too short</source>
        <translation>zu kurz</translation>
    </message>
    <message>
        <source>trunk turns to the left</source>
        <translation>Rumpf dreht nach links</translation>
    </message>
    <message>
        <source>trunk turns to the right</source>
        <translation>Rumpf dreht nach rechts</translation>
    </message>
    <message>
        <source>tube &quot;{1}&quot; is unknown; data/tubes.json lists them</source>
        <translation>das Rohr &quot;{1}&quot; ist unbekannt; data/tubes.json führt sie auf</translation>
    </message>
    <message>
        <source>two that beat</source>
        <translation>zwei, die schweben</translation>
    </message>
    <message>
        <source>unequal</source>
        <translation>ungleich</translation>
    </message>
    <message>
        <source>uneven</source>
        <translation>ungleichmäßig</translation>
    </message>
    <message>
        <source>uneven, dB</source>
        <translation>ungleichmäßig, dB</translation>
    </message>
    <message>
        <source>unlike</source>
        <translation>anders</translation>
    </message>
    <message>
        <source>until it stands still</source>
        <translation>bis es stillsteht</translation>
    </message>
    <message>
        <source>up</source>
        <translation>aufwärts</translation>
    </message>
    <message>
        <source>up until the beats stop</source>
        <translation>hinauf, bis die Schwebungen aufhören</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>voicing</source>
        <translation>Mundraum</translation>
    </message>
    <message>
        <source>wait for it; find it</source>
        <translation>darauf warten; ihn finden</translation>
    </message>
    <message>
        <source>wander</source>
        <translation>Wandern</translation>
    </message>
    <message>
        <source>wave</source>
        <translation>Welle</translation>
    </message>
    <message>
        <source>wave of the level</source>
        <translation>Welle der Lautstärke</translation>
    </message>
    <message>
        <source>where it rings</source>
        <translation>wo er klingt</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>weit</translation>
    </message>
    <message>
        <source>without a sound</source>
        <translation>ohne einen Klang</translation>
    </message>
    <message>
        <source>without the hand</source>
        <translation>ohne die Hand</translation>
    </message>
    <message>
        <source>written</source>
        <translation>notiert</translation>
    </message>
    <message>
        <source>{1} cannot be read as sound; export it and look at it with another program.</source>
        <translation>{1} kann nicht als Klang gelesen werden; geben Sie es aus und sehen Sie es mit einem anderen Programm an.</translation>
    </message>
    <message>
        <source>{1} could not be written: {2}.</source>
        <translation>{1} konnte nicht geschrieben werden: {2}.</translation>
    </message>
    <message>
        <source>{1} is a list of [share, value], such as [[0, -12], [0.5, 0], [1, -12]]</source>
        <translation>{1} ist eine Liste aus [Anteil, Wert], etwa [[0, -12], [0.5, 0], [1, -12]]</translation>
    </message>
    <message>
        <source>{1} is inside the studio, whose files are its own. Choose a place outside of it.</source>
        <translation>{1} liegt im Studio, dessen Dateien sein eigen sind. Wählen Sie einen Ort außerhalb.</translation>
    </message>
    <message>
        <source>{1} is no backup of a studio. Nothing was changed.</source>
        <translation>{1} ist keine Sicherung eines Studios. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>{1} is no key here; remove it or correct its spelling</source>
        <translation>{1} ist hier kein Schlüssel; entfernen Sie ihn oder verbessern Sie die Schreibung</translation>
    </message>
    <message>
        <source>{1} is no note name such as &quot;Bb3&quot;</source>
        <translation>{1} ist kein Tonname wie &quot;Bb3&quot;</translation>
    </message>
    <message>
        <source>{1} must be a number from {2} to {3}, not {4}</source>
        <translation>{1} muss eine Zahl von {2} bis {3} sein, nicht {4}</translation>
    </message>
    <message>
        <source>{1} must be a whole number</source>
        <translation>{1} muss eine ganze Zahl sein</translation>
    </message>
    <message>
        <source>{1} needs two points or more</source>
        <translation>{1} braucht zwei Punkte oder mehr</translation>
    </message>
    <message>
        <source>{1} should be an object in braces</source>
        <translation>{1} soll ein Objekt in Klammern sein</translation>
    </message>
    <message>
        <source>{1} was written and cannot be read back whole: it is no backup. Write it to another disk.</source>
        <translation>{1} wurde geschrieben und kann nicht ganz zurückgelesen werden: das ist keine Sicherung. Schreiben Sie auf eine andere Platte.</translation>
    </message>
    <message>
        <source>{1} {2} is unknown; it is one of {3}</source>
        <translation>{1} {2} ist unbekannt; es ist eines von {3}</translation>
    </message>
    <message>
        <source>{1}: entry {2} ({3}): {4}; correct that entry</source>
        <translation>{1}: Eintrag {2} ({3}): {4}; verbessern Sie diesen Eintrag</translation>
    </message>
    <message>
        <source>{1}: entry {2}: {3}; correct that entry</source>
        <translation>{1}: Eintrag {2}: {3}; verbessern Sie diesen Eintrag</translation>
    </message>
    <message>
        <source>{1}: {2}</source>
        <translation>{1}: {2}</translation>
    </message>
    <message>
        <source>{1}; choose another place</source>
        <translation>{1}; wählen Sie einen anderen Ort</translation>
    </message>
    <message>
        <source>{1}; compare it with docs/exercises.md</source>
        <translation>{1}; vergleichen Sie mit docs/exercises.md</translation>
    </message>
    <message>
        <source>{1}; correct the exercise</source>
        <translation>{1}; verbessern Sie die Übung</translation>
    </message>
    <message>
        <source>{beat_left_hz} beats a second are left at the end.</source>
        <translation>{beat_left_hz} Schwebungen in der Sekunde bleiben am Ende.</translation>
    </message>
    <message>
        <source>{in_last_quarter} % of the air comes in the last quarter; 25 % would be even.</source>
        <translation>{in_last_quarter} % der Luft kommen im letzten Viertel; 25 % wären gleichmäßig.</translation>
    </message>
    <message>
        <source>{out_last_quarter} % of the air goes in the last quarter; 25 % would be even.</source>
        <translation>{out_last_quarter} % der Luft gehen im letzten Viertel; 25 % wären gleichmäßig.</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>±dB</source>
        <translation>±dB</translation>
    </message>
    <message>
        <source>Bend against the fingered half step</source>
        <translation>Ziehen gegen den gegriffenen Halbton</translation>
    </message>
    <message>
        <source>How far the tone stands above the hiss of air; more is clearer. Power of the harmonics over everything else, 60 Hz to 10 kHz.</source>
        <translation>Wie weit der Ton über dem Zischen der Luft steht; mehr ist klarer. Leistung der Teiltöne über allem anderen, 60 Hz bis 10 kHz.</translation>
    </message>
    <message>
        <source>Length against the count</source>
        <translation>Länge gegen das Zählen</translation>
    </message>
    <message>
        <source>Length against the other</source>
        <translation>Länge gegen die andere</translation>
    </message>
    <message>
        <source>Steadiness against the other</source>
        <translation>Ruhe gegen die andere</translation>
    </message>
    <message>
        <source>brighter</source>
        <translation>heller</translation>
    </message>
    <message>
        <source>darker</source>
        <translation>dunkler</translation>
    </message>
    <message>
        <source>loud enough</source>
        <translation>laut genug</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>dasselbe</translation>
    </message>
    <message>
        <source>too faint</source>
        <translation>zu leise</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>in tune</source>
        <translation>rein</translation>
    </message>
    <message>
        <source>The pack {1} is an answer of somebody who is not in this studio. Nothing was added.</source>
        <translation>Das Paket {1} ist die Antwort von jemandem, der nicht in diesem Studio ist. Nichts wurde übernommen.</translation>
    </message>
    <message>
        <source>The pack {1} is damaged. Nothing was added; have it sent again.</source>
        <translation>Das Paket {1} ist beschädigt. Nichts wurde übernommen; lassen Sie es noch einmal schicken.</translation>
    </message>
    <message>
        <source>The pack {1} is larger than any pack should be. Nothing was added.</source>
        <translation>Das Paket {1} ist größer, als ein Paket sein sollte. Nichts wurde übernommen.</translation>
    </message>
    <message>
        <source>The pack {1} was made by a newer Calando. Nothing was added; use that version.</source>
        <translation>Das Paket {1} wurde von einem neueren Calando gemacht. Nichts wurde übernommen; nehmen Sie diese Fassung.</translation>
    </message>
    <message>
        <source>{1} cannot be read. Nothing was added; choose the pack again.</source>
        <translation>{1} kann nicht gelesen werden. Nichts wurde übernommen; wählen Sie das Paket noch einmal.</translation>
    </message>
    <message>
        <source>{1} is no pack of Calando’s. Nothing was added.</source>
        <translation>{1} ist kein Paket von Calando. Nichts wurde übernommen.</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>laut</translation>
    </message>
    <message>
        <source>A partial is that many times the fundamental</source>
        <translation>Ein Naturton ist so vielmal der Grundton</translation>
    </message>
    <message>
        <source>A warmer tube is sharper: about 3 cents a degree</source>
        <translation>Ein wärmeres Rohr ist höher: etwa 3 Cent je Grad</translation>
    </message>
    <message>
        <source>The same cents beat twice as fast an octave higher</source>
        <translation>Dieselben Cent schweben eine Oktave höher doppelt so schnell</translation>
    </message>
    <message>
        <source>Twelve half steps up are twice the frequency</source>
        <translation>Zwölf Halbtöne höher ist die doppelte Frequenz</translation>
    </message>
    <message>
        <source>Twice the length is an octave lower; a stopped tube sounds an octave lower still</source>
        <translation>Doppelte Länge ist eine Oktave tiefer; ein gedecktes Rohr klingt noch eine Oktave tiefer</translation>
    </message>
    <message>
        <source>In the mirror: chin flat, the corners closed round the mouthpiece.</source>
        <translation>Im Spiegel: das Kinn flach, die Mundwinkel rings um das Mundstück geschlossen.</translation>
    </message>
    <message>
        <source>In the mirror: corners firm, the middle of the lips just touching.</source>
        <translation>Im Spiegel: die Mundwinkel fest, in der Mitte berühren sich die Lippen gerade eben.</translation>
    </message>
    <message>
        <source>In the mirror: just the tip of the reed between the lips, chin flat.</source>
        <translation>Im Spiegel: nur die Spitze des Rohrs zwischen den Lippen, das Kinn flach.</translation>
    </message>
    <message>
        <source>In the mirror: shoulders low, jaw loose.</source>
        <translation>Im Spiegel: die Schultern tief, der Kiefer locker.</translation>
    </message>
    <message>
        <source>In the mirror: the beak just between the lips, the window free.</source>
        <translation>Im Spiegel: der Schnabel eben zwischen den Lippen, das Fenster frei.</translation>
    </message>
    <message>
        <source>In the mirror: the opening of the lips small, and over the middle of the hole.</source>
        <translation>Im Spiegel: die Öffnung der Lippen klein und über der Mitte des Lochs.</translation>
    </message>
    <message>
        <source>In tune</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>The same an octave higher</source>
        <translation>Dasselbe eine Oktave höher</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Takte</translation>
    </message>
    <message>
        <source>bars = seconds · tempo / 60 / beats in a bar</source>
        <translation>Takte = Sekunden · Tempo / 60 / Schläge im Takt</translation>
    </message>
    <message>
        <source>beats = 2 · Hz · (2^(cents / 1200) − 1), an octave over the note given</source>
        <translation>Schwebungen = 2 · Hz · (2^(Cent / 1200) − 1), eine Oktave über dem genannten Ton</translation>
    </message>
    <message>
        <source>How fast two that far apart beat at the note given</source>
        <translation>Wie schnell zwei, die so weit auseinander sind, beim genannten Ton schweben</translation>
    </message>
</context>
<context>
    <name>Dialog</name>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
</context>
<context>
    <name>EarWords</name>
    <message>
        <source>Which one is unlike the others?</source>
        <translation>Welcher ist anders als die anderen?</translation>
    </message>
    <message>
        <source>Are they alike?</source>
        <translation>Sind sie gleich?</translation>
    </message>
    <message>
        <source>Do the second two beat slower or faster?</source>
        <translation>Schweben die zweiten beiden langsamer oder schneller?</translation>
    </message>
    <message>
        <source>Is the second one lower or higher?</source>
        <translation>Ist der zweite tiefer oder höher?</translation>
    </message>
    <message>
        <source>What was wrong with it?</source>
        <translation>Was war daran falsch?</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>not alike</source>
        <translation>nicht gleich</translation>
    </message>
    <message>
        <source>slower</source>
        <translation>langsamer</translation>
    </message>
    <message>
        <source>faster</source>
        <translation>schneller</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>which of two</source>
        <translation>welcher von zweien</translation>
    </message>
    <message>
        <source>the odd one of three</source>
        <translation>der andere von dreien</translation>
    </message>
    <message>
        <source>alike or not</source>
        <translation>gleich oder nicht</translation>
    </message>
    <message>
        <source>lower or higher</source>
        <translation>tiefer oder höher</translation>
    </message>
    <message>
        <source>what was wrong</source>
        <translation>was falsch war</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a number and its unit</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>They were alike.</source>
        <translation>Sie waren gleich.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>what and how much</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>which of the sounds, and what it had</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source> and </source>
        <comment>between two numbers</comment>
        <translation> und </translation>
    </message>
    <message>
        <source>%1 %2 (%3 to %4)</source>
        <comment>smallest difference heard, unit, from, to</comment>
        <translation>%1 %2 (%3 bis %4)</translation>
    </message>
    <message>
        <source>%1: guessed %2, it was %3.</source>
        <comment>a figure</comment>
        <translation>%1: geraten %2, es waren %3.</translation>
    </message>
    <message>
        <source>From the take of %1</source>
        <translation>Aus der Aufnahme vom %1</translation>
    </message>
</context>
<context>
    <name>Export</name>
    <message>
        <source>Ribbon of a take</source>
        <translation>Bild einer Aufnahme</translation>
    </message>
    <message>
        <source>“%1” is no kind of file that a take can be written to. End the name in wav, flac, json, csv, png or svg.</source>
        <translation>„%1“ ist keine Dateiart, in die eine Aufnahme geschrieben werden kann. Der Name muss auf wav, flac, json, csv, png oder svg enden.</translation>
    </message>
    <message>
        <source>%1 could not be written: %2. What was there before is as it was.</source>
        <translation>%1 konnte nicht geschrieben werden: %2. Was vorher da war, ist unverändert.</translation>
    </message>
</context>
<context>
    <name>ForParents</name>
    <message>
        <source>Holds a tone for %1.</source>
        <translation>Hält einen Ton %1 lang.</translation>
    </message>
    <message>
        <source>One breath lasts for %1.</source>
        <translation>Ein Atem reicht für %1.</translation>
    </message>
    <message>
        <source>One breath goes easily for %1.</source>
        <translation>Ein Atem geht leicht für %1.</translation>
    </message>
    <message>
        <source>Breathes evenly up to %1.</source>
        <translation>Atmet gleichmäßig bis %1.</translation>
    </message>
    <message>
        <source>Takes a breath within %1.</source>
        <translation>Atmet innerhalb von %1 ein.</translation>
    </message>
    <message>
        <source>Keeps a breath for %1.</source>
        <translation>Behält den Atem %1 lang.</translation>
    </message>
    <message>
        <source>Blows a sheet of paper to the wall for %1.</source>
        <translation>Bläst ein Blatt Papier %1 lang an die Wand.</translation>
    </message>
    <message>
        <source>The tone stays where it is to within %1.</source>
        <translation>Der Ton bleibt auf %1 genau, wo er ist.</translation>
    </message>
    <message>
        <source>The notes fit one another to within %1.</source>
        <translation>Die Töne passen auf %1 zueinander.</translation>
    </message>
    <message>
        <source>Comes back to the first note %1.</source>
        <translation>Kommt zum ersten Ton zurück: %1.</translation>
    </message>
    <message>
        <source>The tone begins %1.</source>
        <translation>Der Ton beginnt %1.</translation>
    </message>
    <message>
        <source>The tone ends %1.</source>
        <translation>Der Ton endet %1.</translation>
    </message>
    <message>
        <source>Begins within %1 of the beat.</source>
        <translation>Beginnt auf %1 genau im Takt.</translation>
    </message>
    <message>
        <source>The tone speaks %1 after the air.</source>
        <translation>Der Ton spricht %1 nach der Luft an.</translation>
    </message>
    <message>
        <source>Notes that did not come: %1.</source>
        <translation>Töne, die nicht kamen: %1.</translation>
    </message>
    <message>
        <source>Breaks in the tone: %1.</source>
        <translation>Aussetzer im Ton: %1.</translation>
    </message>
    <message>
        <source>Slides over %1 without the instrument.</source>
        <translation>Gleitet ohne Instrument über %1.</translation>
    </message>
    <message>
        <source>Is in tune with another player after %1.</source>
        <translation>Stimmt mit einem anderen nach %1 überein.</translation>
    </message>
    <message>
        <source>Finds another player’s note after %1.</source>
        <translation>Findet den Ton eines anderen nach %1.</translation>
    </message>
    <message>
        <source>Bends a tone by %1.</source>
        <translation>Zieht einen Ton um %1.</translation>
    </message>
    <message>
        <source>Plays the note that was heard before %1.</source>
        <translation>Spielt den gehörten Ton nach: %1.</translation>
    </message>
    <message>
        <source>%1 seconds</source>
        <translation>%1 Sekunden</translation>
    </message>
    <message>
        <source>%1/100 of a half step</source>
        <translation>%1/100 Halbton</translation>
    </message>
    <message>
        <source>%1 half steps</source>
        <translation>%1 Halbtöne</translation>
    </message>
    <message>
        <source>%1 too low</source>
        <translation>%1 zu tief</translation>
    </message>
    <message>
        <source>%1 too high</source>
        <translation>%1 zu hoch</translation>
    </message>
    <message>
        <source>In the middle of all takes, %1.</source>
        <translation>In der Mitte aller Aufnahmen %1.</translation>
    </message>
</context>
<context>
    <name>Help</name>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>Contents</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Nothing found. Try another word.</source>
        <translation>Nichts gefunden. Versuchen Sie ein anderes Wort.</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Type what you look for: a key, a figure, an exercise</source>
        <translation>Was suchen Sie? Eine Taste, einen Wert, eine Übung</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Die Hilfe durchsuchen</translation>
    </message>
    <message>
        <source>Help text</source>
        <translation>Hilfetext</translation>
    </message>
    <message>
        <source>What happened lately…</source>
        <translation>Was zuletzt geschah …</translation>
    </message>
    <message>
        <source>Add a student: a name, an instrument and how far they are are enough.</source>
        <translation>Fügen Sie einen Schüler hinzu: Name, Instrument und wie weit er ist genügen.</translation>
    </message>
    <message>
        <source>Choose where the sound comes from, at the lower left: a microphone, or the stand-in player to look around.</source>
        <translation>Wählen Sie unten links, woher der Klang kommt: ein Mikrofon, oder der Ersatzspieler, um sich umzusehen.</translation>
    </message>
    <message>
        <source>Click an exercise in the list on the left. First lesson is a good order to begin with.</source>
        <translation>Klicken Sie links in der Liste auf eine Übung. „Erste Stunde“ ist eine gute Reihenfolge für den Anfang.</translation>
    </message>
    <message>
        <source>Press Space, play, and press Space again where the exercise does not end by itself.</source>
        <translation>Leertaste, spielen, und noch einmal Leertaste, wo die Übung nicht von selbst endet.</translation>
    </message>
    <message>
        <source>Read the picture, the largest figures, and the one thing to try. W goes on with what is proposed below it.</source>
        <translation>Sehen Sie das Bild an, die größten Werte und das Eine, was zu versuchen ist. W geht mit dem weiter, was darunter vorgeschlagen ist.</translation>
    </message>
    <message>
        <source>The white line is the pitch, compared with the note asked for. The ribbon’s thickness is the loudness. Its ink is the tone: dense where it is clear, grainy where there is much air in it. Washed ink after a tone is the room that rings on: it is not held time.</source>
        <translation>Die weiße Linie ist die Tonhöhe, verglichen mit dem verlangten Ton. Die Dicke des Bandes ist die Lautstärke. Seine Farbe ist der Klang: dicht, wo er klar ist, körnig, wo viel Luft darin ist. Verwaschene Farbe nach einem Ton ist der Raum, der nachklingt: das ist keine gehaltene Zeit.</translation>
    </message>
    <message>
        <source>A filled disc is inside the target, a half disc near, an open ring outside, a dash not measured, a dotted ring not yet.</source>
        <translation>Eine volle Scheibe ist im Ziel, eine halbe knapp daneben, ein offener Ring außerhalb, ein Strich nicht gemessen, ein gepunkteter Ring noch nicht.</translation>
    </message>
    <message>
        <source>± behind a figure is how far it may be off by chance: two times in three by no more than that. Where there is none the figure is surer than it is written, or the sound was too short to tell.</source>
        <translation>± hinter einem Wert sagt, wie weit er durch Zufall daneben sein kann: zwei von drei Malen nicht mehr als das. Wo keines steht, ist der Wert sicherer, als er geschrieben ist, oder der Klang war zu kurz, um es zu sagen.</translation>
    </message>
    <message>
        <source>A figure that only engineers speak of is said in a word first, clear or airy, even or uneven; its number stands beside it. All figures lie folded below, by what they are about.</source>
        <translation>Ein Wert, von dem nur Ingenieure reden, steht zuerst als Wort da, klar oder luftig, gleichmäßig oder ungleichmäßig; seine Zahl steht daneben. Alle Werte liegen zusammengeklappt darunter, geordnet nach dem, worum es geht.</translation>
    </message>
    <message>
        <source>After a take stands what was heard and one thing to try. The next time the same is heard another try is asked for; what helped this student before comes first. Y says that it was tried: what it did stands below, and under What helped in the weeks.</source>
        <translation>Nach einer Aufnahme steht da, was gehört wurde, und eine Sache, die zu versuchen ist. Wird dasselbe wieder gehört, wird etwas anderes verlangt; was diesem Schüler schon geholfen hat, kommt zuerst. Y sagt, dass es versucht wurde: was es bewirkt hat, steht darunter, und unter „Was half“ in den Wochen.</translation>
    </message>
    <message>
        <source>Where a text says “(An image.)” it says what something is like, and not what happens in the body. What is said of a try, and what it measurably did, stand apart in the weeks.</source>
        <translation>Wo ein Text „(Ein Bild.)“ sagt, sagt er, wie etwas ist, und nicht, was im Körper geschieht. Was von einem Versuch gesagt wird und was er messbar bewirkt hat, steht in den Wochen getrennt.</translation>
    </message>
    <message>
        <source>Below it stands what to go on with: once more the same, easier after it broke twice, the exercise for just that, back again, or what the plan proposes. W takes it, Q says not now.</source>
        <translation>Darunter steht, womit es weitergeht: dasselbe noch einmal, leichter, nachdem es zweimal misslang, die Übung genau dafür, wieder zurück, oder was der Plan vorschlägt. W nimmt es an, Q sagt jetzt nicht.</translation>
    </message>
    <message>
        <source>How was it? holds what nobody hears: what the teacher says, attention, how it felt, what was watched; its keys open it. The mirror (X) is the computer’s camera; nothing of it is kept.</source>
        <translation>„Wie war es?“ hält fest, was niemand hört: was der Lehrer sagt, Aufmerksamkeit, wie es sich anfühlte, was beobachtet wurde; die Tasten dafür öffnen es. Der Spiegel (X) ist die Kamera des Computers; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>Flash, click, fork or drone are chosen under Plays along. Measure delay, once for each microphone and output, tells how late a click comes back: until then, and in a take in which the sound stumbled, timing is judged against the player’s own pulse.</source>
        <translation>Blitz, Klick, Stimmgabel oder Bordun werden unter „Spielt mit“ gewählt. „Verzögerung messen“, einmal für jedes Mikrofon und jede Ausgabe, sagt, wie spät ein Klick zurückkommt: bis dahin, und in einer Aufnahme, in der der Klang stolperte, wird die Zeit am eigenen Puls gemessen.</translation>
    </message>
    <message>
        <source>What the microphone hears of clicks and fork is learnt from the count-in and taken out of the figures, so be quiet there. With headphones there is nothing to take out.</source>
        <translation>Was das Mikrofon von Klick und Stimmgabel hört, wird beim Vorzählen gelernt und aus den Werten herausgenommen; seien Sie da also still. Mit Kopfhörern ist nichts herauszunehmen.</translation>
    </message>
    <message>
        <source>The picture of breaths is a tide: air in hangs below the line, air out stands above it, as thick as it is loud, on the ground of what the count asks for. A hiss is hatched, what is too soft to tell is pale, and a breath that is full before its time, or hurries at its end, is marked. The microphone hears neither shoulders nor belly: watch them, and tick what you see.</source>
        <translation>Das Bild von Atemzügen ist eine Tide: Einatmen hängt unter der Linie, Ausatmen steht darüber, so dick, wie es laut ist, auf dem Grund dessen, was das Zählen verlangt. Zischen ist schraffiert, was zu leise ist, blass, und ein Atem, der zu früh voll ist oder am Ende hastet, ist markiert. Das Mikrofon hört weder Schultern noch Bauch: sehen Sie hin, und haken Sie ab, was Sie sehen.</translation>
    </message>
    <message>
        <source>The basin beside the picture is what to breathe with: it fills with the breath in and empties with the breath out, a mark for each count. It can be followed without a sound; a soft swell for the ear is chosen under Plays along, for headphones.</source>
        <translation>Mit dem Becken neben dem Bild wird geatmet: es füllt sich mit dem Einatmen und leert sich mit dem Ausatmen, eine Marke je Zählzeit. Man kann ihm ohne Klang folgen; ein leises An- und Abschwellen für das Ohr gibt es unter „Spielt mit“, für Kopfhörer.</translation>
    </message>
    <message>
        <source>Before the first breathing of a day stands a caution; the key that starts takes it away. Between the exercises normal breathing is counted down. An exercise asks for no more than its dose; the small part and long tones have minutes a day. Then one is asked whether one more is wanted. Who gets tired over the day is told so, once.</source>
        <translation>Vor dem ersten Atmen eines Tages steht ein Hinweis; die Taste, die beginnt, nimmt ihn weg. Zwischen den Übungen wird normales Atmen heruntergezählt. Eine Übung verlangt nicht mehr als ihre Menge; Mundstück, Rohr oder Kopfstück allein und lange Töne haben Minuten am Tag. Danach wird gefragt, ob noch einmal. Wer über den Tag müde wird, erfährt es, einmal.</translation>
    </message>
    <message>
        <source>Esc stops whatever sounds, at once, and asks why: dizzy, pain, tired or enough. Nothing is taken from that take. Dizzy: no more breathing and no long tones that day. Pain: that kind of playing rests until the teacher opens it again. A stop that was a mistake counts as if it had been played to its end. When nothing sounds Esc asks first.</source>
        <translation>Esc beendet sofort, was klingt, und fragt warum: schwindlig, Schmerz, müde oder genug. Aus dieser Aufnahme wird nichts entnommen. Schwindlig: an diesem Tag kein Atmen und keine langen Töne mehr. Schmerz: diese Art zu spielen ruht, bis der Lehrer sie wieder öffnet. Ein Halt aus Versehen zählt, als wäre zu Ende gespielt worden. Wenn nichts klingt, fragt Esc zuerst.</translation>
    </message>
    <message>
        <source>A sheet at the wall is timed by the player’s key: Space begins to listen, again when the hand lets go, again when the sheet slides. Who lets go before the air comes has made a try that does not count. As many as hold goes up a count at a time and ends by itself with the first round that does not hold; how far it may go is set under Up to.</source>
        <translation>Ein Blatt an der Wand wird mit der Taste des Spielers gemessen: die Leertaste beginnt zu hören, noch einmal, wenn die Hand loslässt, noch einmal, wenn das Blatt rutscht. Wer loslässt, bevor die Luft kommt, hat einen Versuch gemacht, der nicht zählt. „So viele, wie gehen“ steigt je um eine Zählzeit und endet von selbst mit der ersten Runde, die nicht hält; wie weit es gehen darf, steht unter „Bis zu“.</translation>
    </message>
    <message>
        <source>Microphones differ: choose a breath in that sounds open on the page Breaths and say so, and this player’s breaths are compared with it. Noise suppression, noise gates and automatic gain ruin breath: where they are heard that is said, and breath is not measured. Switch them off in the desktop’s sound settings.</source>
        <translation>Mikrofone sind verschieden: wählen Sie auf der Seite Atemzüge ein Einatmen, das offen klingt, und sagen Sie es; die Atemzüge dieses Spielers werden damit verglichen. Rauschunterdrückung, Gates und automatische Pegelregelung verderben den Atem: wo sie zu hören sind, wird das gesagt, und der Atem wird nicht gemessen. Schalten Sie sie in den Klangeinstellungen des Desktops aus.</translation>
    </message>
    <message>
        <source>On lips, mouthpiece, reed or head joint the picture has half steps where the pitch travels, a bracket for its span, and says of each break whether the air went on. A rough edge is a crackle.</source>
        <translation>Bei Lippen, Mundstück, Rohr oder Kopfstück hat das Bild Halbtöne, wo die Tonhöhe wandert, eine Klammer für ihre Spanne, und sagt von jedem Aussetzer, ob die Luft weiterging. Ein rauer Rand ist ein Knattern.</translation>
    </message>
    <message>
        <source>What is said there is an observation with its figure. Was it so? V says yes, no, or nothing.</source>
        <translation>Was da gesagt wird, ist eine Beobachtung mit ihrem Wert. War es so? V sagt ja, nein oder nichts.</translation>
    </message>
    <message>
        <source>Exploring is never scored. That the way back of a siren ends lower is expected and counts for nothing.</source>
        <translation>Erkunden wird nie bewertet. Dass der Rückweg einer Sirene tiefer endet, ist zu erwarten und zählt nicht.</translation>
    </message>
    <message>
        <source>The arch under a bend has the cents from left to right and how much the tone rings upwards, a line for each way down or up, the later the darker. Its top is where the note rings most for this player; the tick is where it was played. Where no place stands out, none is named.</source>
        <translation>Der Bogen unter einem gezogenen Ton hat die Cent von links nach rechts, und nach oben, wie sehr der Ton klingt, eine Linie für jeden Weg, die späteren dunkler. Sein Gipfel ist, wo der Ton für diesen Spieler am besten klingt; der Strich, wo er gespielt wurde. Wo keine Stelle heraussticht, wird keine genannt.</translation>
    </message>
    <message>
        <source>Partials are those of the tube chosen under Fingering: valves, a position of the slide, or one of a reed’s low notes. The rungs of the ladder lie where nature and the tube’s length have them; the tick at the right is the tempered note. The fifth, the seventh and the eleventh are low by nature, and that is no fault.</source>
        <translation>Naturtöne sind die des Rohrs, das unter Griff gewählt ist: Ventile, ein Zug oder einer der tiefen Töne eines Holzblasinstruments. Die Sprossen der Leiter liegen, wo die Natur und die Länge des Rohrs sie haben; der Strich rechts ist der gleichschwebende Ton. Der fünfte, der siebte und der elfte sind von Natur aus tief, und das ist kein Fehler.</translation>
    </message>
    <message>
        <source>Exploring exercises have a page Reach: pitch from left to right, loudness upwards, inked where half a second and more was held steadily in any take. Its lines are the softest and the loudest of each note, dotted a month ago; a click opens the take that held it longest. Leave the microphone in its place.</source>
        <translation>Erkundende Übungen haben eine Seite Reichweite: Tonhöhe von links nach rechts, Lautstärke nach oben, gefärbt, wo in irgendeiner Aufnahme eine halbe Sekunde und mehr ruhig gehalten wurde. Ihre Linien sind der leiseste und der lauteste jedes Tons, gepunktet vor einem Monat; ein Klick öffnet die Aufnahme, die am längsten hielt. Lassen Sie das Mikrofon an seinem Platz.</translation>
    </message>
    <message>
        <source>Between slurred notes the way, a gap and a dip are measured. Under notes in time stand bars for each that came early (below) or late.</source>
        <translation>Zwischen gebundenen Tönen werden der Weg, eine Lücke und ein Einbruch gemessen. Unter Tönen im Takt stehen Balken für jeden, der früh (unten) oder spät kam.</translation>
    </message>
    <message>
        <source>In exercises for two a partner sounds, or, with another choice under Plays along, two players are heard on one microphone. Under the ribbon both wind around one another, a turn for each beat, and lie straight side by side when they are in tune; the beats a second stand large beside them. With ears first only the sound tells.</source>
        <translation>In Übungen zu zweit klingt ein Partner, oder es werden, mit einer anderen Wahl unter „Spielt mit“, zwei Spieler an einem Mikrofon gehört. Unter dem Band winden sich beide umeinander, eine Drehung je Schwebung, und liegen gerade nebeneinander, wenn es rein ist; die Schwebungen in der Sekunde stehen groß daneben. Mit „erst hören“ sagt es nur der Klang.</translation>
    </message>
    <message>
        <source>They are in tune where they keep within 5 cents and under a beat a second for a second. How soon that was, whether it went the wrong way first, who moved and how often it was left again stand beside it. Who is who on one microphone is known as long as one began alone.</source>
        <translation>Rein ist es, wo beide eine Sekunde lang innerhalb von 5 Cent und unter einer Schwebung in der Sekunde bleiben. Wie bald das war, ob es zuerst in die falsche Richtung ging, wer sich bewegte und wie oft es wieder verlassen wurde, steht daneben. Wer wer ist, ist an einem Mikrofon bekannt, solange einer allein begann.</translation>
    </message>
    <message>
        <source>A partner who drifts is to be followed; one who fades is to be found in time. Others are sharp, come half of the way, follow you, come on a note that nobody says, or play a scale along. Headphones are surer: what leaks into the microphone is said.</source>
        <translation>Einem Partner, der abdriftet, ist zu folgen; einer, der verklingt, ist rechtzeitig zu finden. Andere sind zu hoch, kommen auf halbem Weg entgegen, folgen Ihnen, kommen auf einem Ton, den niemand sagt, oder spielen eine Tonleiter mit. Kopfhörer sind sicherer: was ins Mikrofon dringt, wird gesagt.</translation>
    </message>
    <message>
        <source>With an earlier take under Plays along the tone that was on show last sounds again as the partner. Settings say on which instrument a made partner sounds; Ctrl+Up and Ctrl+Down make it louder and softer while it sounds.</source>
        <translation>Mit „frühere Aufnahme“ unter „Spielt mit“ klingt der zuletzt gezeigte Ton wieder als Partner. In den Einstellungen steht, auf welchem Instrument ein gemachter Partner klingt; Strg+Auf und Strg+Ab machen ihn lauter und leiser, während er klingt.</translation>
    </message>
    <message>
        <source>Two students: choose who else plays at the lower left, and the take is in both books; erasing either student erases it. On a stereo input with left and right apart each has a channel, the other player the left one. Two microphones of two devices have two clocks: let the system join them into one stereo input.</source>
        <translation>Zwei Schüler: wählen Sie unten links, wer noch spielt, und die Aufnahme steht in beiden Büchern; wird einer gelöscht, ist sie es auch. An einem Stereoeingang mit links und rechts getrennt hat jeder einen Kanal, der andere Spieler den linken. Zwei Mikrofone zweier Geräte haben zwei Uhren: lassen Sie das System sie zu einem Stereoeingang verbinden.</translation>
    </message>
    <message>
        <source>One after the other, about 10 cents is what an untrained ear tells; together, beats tell far less. That is why both are in one exercise.</source>
        <translation>Nacheinander hört ein ungeübtes Ohr etwa 10 Cent; zusammen sagen Schwebungen weit weniger. Darum steht beides in einer Übung.</translation>
    </message>
    <message>
        <source>Each row is a week, each small picture a take that counts; a click opens one. The line beside them is the middle of a week’s takes; its band is how far takes of one day lie apart, so a change within it is none. Two periods are compared by their days, with how sure that is.</source>
        <translation>Jede Zeile ist eine Woche, jedes kleine Bild eine Aufnahme, die zählt; ein Klick öffnet eine. Die Linie daneben ist die Mitte der Aufnahmen einer Woche; ihr Band ist, wie weit Aufnahmen eines Tages auseinanderliegen, eine Änderung darin ist also keine. Zwei Zeiträume werden nach ihren Tagen verglichen, mit der Sicherheit davon.</translation>
    </message>
    <message>
        <source>What comes next is proposed when an exercise was good often enough, on days enough, and made easier after three bad days or a pause; one new thing at a time. W takes it, with the value that stands beside it, Q says not yet. Plan… says when an exercise is done, holidays, and what rests.</source>
        <translation>Was als Nächstes kommt, wird vorgeschlagen, wenn eine Übung oft genug gut war, an genug Tagen, und leichter gemacht nach drei schlechten Tagen oder einer Pause; eine neue Sache auf einmal. W nimmt es mit dem Wert daneben an, Q sagt noch nicht. Plan … sagt, wann eine Übung fertig ist, Ferien, und was ruht.</translation>
    </message>
    <message>
        <source>The sheet of a day fills the minutes there are: what is new, then what was done longest ago, each with its rest. Tired is said when pitch, loudness, tone, crackle or time held fall together over a day: stop there.</source>
        <translation>Das Blatt eines Tages füllt die Minuten, die da sind: was neu ist, dann, was am längsten her ist, jedes mit seiner Pause. Müde heißt es, wenn Tonhöhe, Lautstärke, Klang, Knattern oder gehaltene Zeit über einen Tag zusammen nachlassen: hören Sie da auf.</translation>
    </message>
    <message>
        <source>Report… is a page for the student, for the parents, or of the class. Pack… makes one file for a student who has Calando at home; what they practised comes back in another, each take once. Settings backs the whole studio up into one file.</source>
        <translation>Bericht … ist eine Seite für den Schüler, für die Eltern oder von der Klasse. Paket … macht eine Datei für einen Schüler, der Calando zu Hause hat; was er übt, kommt in einer anderen zurück, jede Aufnahme einmal. Die Einstellungen sichern das ganze Studio in eine Datei.</translation>
    </message>
    <message>
        <source>Ctrl+Z takes back the last thing that was done for the student who is here, or for nobody in particular; the button of a message takes back what that message says, whatever was done since.</source>
        <translation>Strg+Z nimmt das Letzte zurück, was für den Schüler hier oder für niemand Bestimmten getan wurde; die Taste einer Meldung nimmt zurück, was die Meldung sagt, was auch seither getan wurde.</translation>
    </message>
    <message>
        <source>A list says what is to be sent, exercise by exercise. Recordings are dropped here, opened, or come as a folder: a name in the file or its folder says whose it is, or a table (CSV) of files and students. They stay where they are; what is kept of them is what you take into the weeks.</source>
        <translation>Eine Liste sagt, was zu schicken ist, Übung für Übung. Aufnahmen werden hierher gezogen, geöffnet oder kommen als Ordner: ein Name in der Datei oder ihrem Ordner sagt, wessen sie ist, oder eine Tabelle (CSV) aus Dateien und Schülern. Sie bleiben, wo sie sind; es bleibt von ihnen, was Sie in die Wochen nehmen.</translation>
    </message>
    <message>
        <source>Each recording is cut into tries at the list’s items; talk and noise are left out. A shape is the verdict of the best try, a dash that an item was not found, “5 of 8” how much of it came. Who is to be listened to first stands in bold, with the reason.</source>
        <translation>Jede Aufnahme wird in Versuche an den Punkten der Liste geschnitten; Reden und Lärm fallen weg. Eine Form ist das Urteil des besten Versuchs, ein Strich, dass ein Punkt nicht gefunden wurde, „5 von 8“, wie viel davon kam. Wer zuerst gehört werden will, steht fett da, mit dem Grund.</translation>
    </message>
    <message>
        <source>In the recording: drag an end of a try, or its title onto another item; a number says which item the marked stretch is, 0 or Delete that it is none; a drag elsewhere marks a stretch; arrows go from try to try; P listens. What you say is measured at once, kept, and taken back by Ctrl+Z.</source>
        <translation>In der Aufnahme: ziehen Sie ein Ende eines Versuchs, oder seinen Titel auf einen anderen Punkt; eine Zahl sagt, welcher Punkt die markierte Strecke ist, 0 oder Entf, dass sie keiner ist; Ziehen anderswo markiert eine Strecke; Pfeile gehen von Versuch zu Versuch; P hört. Was Sie sagen, wird sofort gemessen, bleibt, und Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
        <source>The answer is written for a child, an adult or the parents: what went, one thing, when next. Change it as you like. Into the weeks keeps the best tries as takes, once. A folder that is watched gives a recording once it is whole, and again when it has changed: what was said of the one before is set aside then.</source>
        <translation>Die Antwort ist für ein Kind, einen Erwachsenen oder die Eltern geschrieben: was ging, eine Sache, wann wieder. Ändern Sie sie, wie Sie wollen. „In die Wochen“ behält die besten Versuche als Aufnahmen, einmal. Ein beobachteter Ordner gibt eine Aufnahme, sobald sie ganz ist, und wieder, wenn sie sich geändert hat: was zur früheren gesagt wurde, wird dann beiseitegelegt.</translation>
    </message>
    <message>
        <source>From a steady tone of the student’s, or of the stand-in where there is none, sounds are made with one thing changed and nothing else: a few cents, a wave, a break, fuzz. You say which, which is the odd one, whether they are alike, lower or higher, or what was wrong. Right answers make it harder, wrong ones easier.</source>
        <translation>Aus einem ruhigen Ton des Schülers, oder des Ersatzspielers, wo keiner ist, werden Klänge gemacht, in denen eine Sache geändert ist und sonst nichts: ein paar Cent, eine Welle, ein Aussetzer, Rauheit. Sie sagen, welcher, welcher der andere ist, ob sie gleich sind, tiefer oder höher, oder was falsch war. Richtige Antworten machen es schwerer, falsche leichter.</translation>
    </message>
    <message>
        <source>The smallest difference heard is what is heard two times in three, guesses left out; the range says how sure that is. The marks at the left say what is asked about. A fault can have the student’s own words, by which it is named then.</source>
        <translation>Der kleinste gehörte Unterschied ist der, der zwei von drei Malen gehört wird, Geratenes abgezogen; der Bereich sagt, wie sicher das ist. Die Marken links sagen, wonach gefragt wird. Ein Fehler kann des Schülers eigene Worte haben, mit denen er dann genannt wird.</translation>
    </message>
    <message>
        <source>Space goes on, 1 to 6 answer, R plays again, Esc stops; a pedal’s two keys are the first and the second choice. Headphones are best, and set soft. Loud sound harms hearing; stop when ears ring or tire.</source>
        <translation>Die Leertaste geht weiter, 1 bis 6 antworten, R spielt noch einmal, Esc hält an; die zwei Tasten eines Pedals sind die erste und die zweite Wahl. Kopfhörer sind am besten, leise eingestellt. Lauter Klang schadet dem Gehör; hören Sie auf, wenn die Ohren klingeln oder müde werden.</translation>
    </message>
    <message>
        <source>Guess a take’s figure plays one of the newest takes and asks how long it was held, how far off or how wavy it was; then its picture comes. Two takes, blind, plays two of one exercise, equally loud: choose the one that you would keep. Guess first, switched on there, asks in the lesson for a guess before any figure is shown.</source>
        <translation>„Einen Wert raten“ spielt eine der neuesten Aufnahmen und fragt, wie lange sie gehalten wurde, wie weit daneben oder wie wellig sie war; dann kommt ihr Bild. „Zwei Aufnahmen, blind“ spielt zwei von einer Übung, gleich laut: wählen Sie die, die Sie behalten würden. „Erst raten“, dort eingeschaltet, fragt in der Stunde nach einer Schätzung, bevor ein Wert zu sehen ist.</translation>
    </message>
    <message>
        <source>At the top stands what all lines share, as the lesson has it: instrument, tube, note, tempo, tuning, the air in the tube. Each line has two fields, and either gives the other: counts and seconds, cents and beats, a slide drawn and what it does, and so on.</source>
        <translation>Oben steht, was alle Zeilen gemeinsam haben, wie die Stunde es hat: Instrument, Rohr, Ton, Tempo, Stimmung, die Luft im Rohr. Jede Zeile hat zwei Felder, und jedes gibt das andere: Zählzeiten und Sekunden, Cent und Schwebungen, ein Auszug und was er bewirkt, und so weiter.</translation>
    </message>
    <message>
        <source>Beside them stand the degrees over the note, just and natural against equal, and the partials of the tube; a row that is chosen is heard. Ctrl+Return takes note, tempo and tuning into the lesson.</source>
        <translation>Daneben stehen die Stufen über dem Ton, rein und natürlich gegen gleichschwebend, und die Naturtöne des Rohrs; eine gewählte Zeile klingt. Strg+Eingabe nimmt Ton, Tempo und Stimmung in die Stunde.</translation>
    </message>
    <message>
        <source>Millimetres of a slide or joint are about right, not exact: bell, mouthpiece and tone holes have their say. Warm up first; a cold tube is flat by itself.</source>
        <translation>Millimeter eines Zugs oder Auszugs stimmen ungefähr, nicht genau: Schallstück, Mundstück und Tonlöcher reden mit. Erst warm werden; ein kaltes Rohr ist von selbst tief.</translation>
    </message>
    <message>
        <source>Exercises… on the left lists all there are. Change… there opens one: notes, counts, tempo, targets, what it grows to, a partner and, drawn with the mouse, loudness and pitch are changed before you, and what you keep is an exercise of your own; those that ship stay. They are exported and imported as files.</source>
        <translation>Übungen … links führt alle auf. Ändern … dort öffnet eine: Töne, Zählzeiten, Tempo, Ziele, wozu sie wächst, ein Partner und, mit der Maus gezeichnet, Lautstärke und Tonhöhe ändern sich vor Ihnen, und was Sie behalten, ist eine eigene Übung; die mitgelieferten bleiben. Sie werden als Dateien ausgegeben und eingelesen.</translation>
    </message>
    <message>
        <source>The names of the notes (B and H, or do ré mi) and the school whose words exercises and advice speak are in the settings.</source>
        <translation>Die Namen der Töne (B und H, oder do ré mi) und die Schule, in deren Worten Übungen und Rat sprechen, stehen in den Einstellungen.</translation>
    </message>
    <message>
        <source>A take is on the disk while it is played: whatever ends the program, at most its last second is lost. What was left behind, or is not on the list of takes, is offered at the next start and removed by nobody but you. If the list itself is lost or damaged, it can be made anew from the sound files.</source>
        <translation>Eine Aufnahme ist auf der Platte, während gespielt wird: was das Programm auch beendet, höchstens ihre letzte Sekunde geht verloren. Was liegen blieb oder nicht auf der Liste der Aufnahmen ist, wird beim nächsten Start angeboten und von niemandem entfernt als von Ihnen. Ist die Liste selbst verloren oder beschädigt, kann sie aus den Klangdateien neu gemacht werden.</translation>
    </message>
    <message>
        <source>How long sound is kept is in the settings. What is older is listed and asked about; its figures, words and small pictures stay, and for a day the sound can be brought back.</source>
        <translation>Wie lange Klang behalten wird, steht in den Einstellungen. Was älter ist, wird aufgeführt und erfragt; seine Werte, Worte und kleinen Bilder bleiben, und einen Tag lang kann der Klang zurückgeholt werden.</translation>
    </message>
    <message>
        <source>Erasing a student removes every recording, figure and note of theirs from this computer. Copies and exports you made are yours to remove.</source>
        <translation>Einen Schüler zu löschen entfernt jede Aufnahme, jeden Wert und jede Notiz von ihm von diesem Computer. Kopien und Ausgaben, die Sie gemacht haben, müssen Sie selbst entfernen.</translation>
    </message>
    <message>
        <source>Calando shows and measures; the teacher’s ear is the judge. It is no medical device: stop when light-headed, dizzy or in pain.</source>
        <translation>Calando zeigt und misst; das Ohr des Lehrers urteilt. Es ist kein Medizinprodukt: hören Sie auf bei Benommenheit, Schwindel oder Schmerz.</translation>
    </message>
    <message>
        <source>How to begin</source>
        <translation>So fängt man an</translation>
    </message>
    <message>
        <source>Reading a take</source>
        <translation>Eine Aufnahme lesen</translation>
    </message>
    <message>
        <source>What to try, and what comes next</source>
        <translation>Was zu versuchen ist, und was kommt</translation>
    </message>
    <message>
        <source>Playing to a count</source>
        <translation>Zum Zählen spielen</translation>
    </message>
    <message>
        <source>Breathing</source>
        <translation>Atmen</translation>
    </message>
    <message>
        <source>The small part</source>
        <translation>Mundstück, Rohr, Kopfstück allein</translation>
    </message>
    <message>
        <source>Bends, stairs, overtones</source>
        <translation>Ziehen, Treppen, Obertöne</translation>
    </message>
    <message>
        <source>In tune by ear</source>
        <translation>Rein nach Gehör</translation>
    </message>
    <message>
        <source>The weeks</source>
        <translation>Die Wochen</translation>
    </message>
    <message>
        <source>The post</source>
        <translation>Die Post</translation>
    </message>
    <message>
        <source>Ears</source>
        <translation>Gehör</translation>
    </message>
    <message>
        <source>The reckoner</source>
        <translation>Der Rechner</translation>
    </message>
    <message>
        <source>Own exercises</source>
        <translation>Eigene Übungen</translation>
    </message>
    <message>
        <source>What is kept</source>
        <translation>Was behalten wird</translation>
    </message>
    <message>
        <source>What it is not</source>
        <translation>Was es nicht ist</translation>
    </message>
    <message>
        <source>In exercises, too, what is said with like, as or think of is an image.</source>
        <translation>Auch in Übungen ist ein Bild, was mit wie, als oder denken an gesagt wird.</translation>
    </message>
</context>
<context>
    <name>Input</name>
    <message>
        <source>Stand-in player</source>
        <translation>Ersatzspieler</translation>
    </message>
    <message>
        <source>Two stand-ins, one microphone</source>
        <translation>Zwei Ersatzspieler, ein Mikrofon</translation>
    </message>
    <message>
        <source>Two stand-ins, a microphone each</source>
        <translation>Zwei Ersatzspieler, je ein Mikrofon</translation>
    </message>
    <message>
        <source>%1, left and right apart</source>
        <translation>%1, links und rechts getrennt</translation>
    </message>
</context>
<context>
    <name>Ladder</name>
    <message>
        <source>%1 · %2</source>
        <comment>partial, note</comment>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>low by nature</source>
        <translation>von Natur aus tief</translation>
    </message>
    <message>
        <source>flips to %1</source>
        <translation>kippt auf %1</translation>
    </message>
    <message>
        <source>gap %1 ms</source>
        <translation>Lücke %1 ms</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
</context>
<context>
    <name>LiveWords</name>
    <message>
        <source>in %1 beats</source>
        <translation>in %1 Schlägen</translation>
    </message>
    <message>
        <source>on the next beat</source>
        <translation>auf dem nächsten Schlag</translation>
    </message>
    <message>
        <source>sounds %1</source>
        <translation>klingt %1</translation>
    </message>
    <message>
        <source>next %1</source>
        <translation>dann %1</translation>
    </message>
    <message>
        <source>next %1, %2</source>
        <translation>dann %1, %2</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
</context>
<context>
    <name>LogDialog</name>
    <message>
        <source>What happened lately</source>
        <translation>Was zuletzt geschah</translation>
    </message>
    <message>
        <source>What Calando began and how it ended, the newest last. No names, remarks or files stand in it: it can be sent to whoever looks after the program.</source>
        <translation>Was Calando begann und wie es endete, das Neueste zuletzt. Keine Namen, Notizen oder Dateien stehen darin: es kann an den geschickt werden, der sich um das Programm kümmert.</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Alles kopieren</translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>The demo’s class cannot be copied from %1 (%2). Build it with the target “demo”, or install Calando with its data.</source>
        <translation>Die Klasse der Vorführung kann nicht von %1 kopiert werden (%2). Bauen Sie sie mit dem Ziel „demo“, oder installieren Sie Calando mit seinen Daten.</translation>
    </message>
</context>
<context>
    <name>OpenStudio</name>
    <message>
        <source>The studio cannot be opened</source>
        <translation>Das Studio kann nicht geöffnet werden</translation>
    </message>
    <message>
        <source>Another folder…</source>
        <translation>Anderer Ordner …</translation>
    </message>
    <message>
        <source>Make the list anew</source>
        <translation>Liste neu machen</translation>
    </message>
    <message>
        <source>From the sound files, which carry what is needed. What there is of the old list is kept beside it under another name.</source>
        <translation>Aus den Klangdateien, die alles Nötige bei sich haben. Was von der alten Liste da ist, bleibt unter anderem Namen daneben.</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>A folder for the studio</source>
        <translation>Ein Ordner für das Studio</translation>
    </message>
</context>
<context>
    <name>PackQuestion</name>
    <message>
        <source>minutes a day: %1</source>
        <translation>Minuten am Tag: %1</translation>
    </message>
    <message>
        <source>exercises with something of their own: %1</source>
        <translation>Übungen mit etwas Eigenem: %1</translation>
    </message>
    <message>
        <source>A pack from another studio</source>
        <translation>Ein Paket aus einem anderen Studio</translation>
    </message>
    <message>
        <source>The pack brings %1 another running order or plan than stands here. Takes, own exercises and the list of homework come in beside what there is.</source>
        <translation>Das Paket bringt %1 eine andere Reihenfolge oder einen anderen Plan, als hier steht. Aufnahmen, eigene Übungen und die Hausaufgabenliste kommen zu dem, was da ist.</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>in the pack</source>
        <translation>im Paket</translation>
    </message>
    <message>
        <source>Running order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Take the pack’s</source>
        <translation>Das vom Paket nehmen</translation>
    </message>
    <message>
        <source>Keep what is here</source>
        <translation>Behalten, was hier ist</translation>
    </message>
    <message>
        <source>Add nothing</source>
        <translation>Nichts übernehmen</translation>
    </message>
</context>
<context>
    <name>Pages</name>
    <message>
        <source>%1 · page %2 of %3</source>
        <translation>%1 · Seite %2 von %3</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation>%1 kann nicht geschrieben werden: %2</translation>
    </message>
</context>
<context>
    <name>Plan</name>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 beats a minute</source>
        <translation>%1 Schläge in der Minute</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 Zählzeiten</translation>
    </message>
    <message>
        <source>ddd d MMM</source>
        <comment>a day</comment>
        <translation>ddd d. MMM</translation>
    </message>
    <message>
        <source>ddd d MMM yyyy</source>
        <comment>a day</comment>
        <translation>ddd d. MMM yyyy</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <comment>from what to what</comment>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>on to “%1”</source>
        <translation>weiter zu „%1“</translation>
    </message>
    <message>
        <source>back to “%1”</source>
        <translation>zurück zu „%1“</translation>
    </message>
    <message>
        <source>begin with it</source>
        <translation>damit anfangen</translation>
    </message>
    <message>
        <source>let it rest until %1</source>
        <translation>ruhen lassen bis %1</translation>
    </message>
    <message>
        <source>leave it for now</source>
        <translation>vorerst lassen</translation>
    </message>
    <message>
        <source>%1 good of the last %2</source>
        <translation>%1 gute der letzten %2</translation>
    </message>
    <message>
        <source>on one day</source>
        <translation>an einem Tag</translation>
    </message>
    <message numerus="yes">
        <source>on %n days</source>
        <translation>
            <numerusform>an %n Tag</numerusform>
            <numerusform>an %n Tagen</numerusform>
        </translation>
    </message>
    <message>
        <source>the exercise before it: %1, %2</source>
        <translation>die Übung davor: %1, %2</translation>
    </message>
    <message>
        <source>none good on the last three days that it was tried</source>
        <translation>keine gute an den letzten drei Tagen, an denen sie versucht wurde</translation>
    </message>
    <message>
        <source>four weeks, and not yet good often enough</source>
        <translation>vier Wochen, und noch nicht oft genug gut</translation>
    </message>
    <message numerus="yes">
        <source>after %n days without playing</source>
        <translation>
            <numerusform>nach %n Tag ohne Spielen</numerusform>
            <numerusform>nach %n Tagen ohne Spielen</numerusform>
        </translation>
    </message>
    <message>
        <source>what comes before it rests</source>
        <translation>was davor kommt, ruht</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <comment>how much, instead of how much</comment>
        <translation>%1 statt %2</translation>
    </message>
    <message numerus="yes">
        <source>Once more the same: %n more good ones and it is reliable.</source>
        <translation>
            <numerusform>Noch einmal dasselbe: %n gute mehr, und es ist sicher.</numerusform>
            <numerusform>Noch einmal dasselbe: %n gute mehr, und es ist sicher.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Once more the same: %n more good ones are enough for today.</source>
        <translation>
            <numerusform>Noch einmal dasselbe: %n gute mehr genügt für heute.</numerusform>
            <numerusform>Noch einmal dasselbe: %n gute mehr genügen für heute.</numerusform>
        </translation>
    </message>
    <message>
        <source>Once more the same, then as before.</source>
        <translation>Noch einmal dasselbe, dann wie zuvor.</translation>
    </message>
    <message>
        <source>Good often enough for today. It is wanted on another day too.</source>
        <translation>Oft genug gut für heute. Es ist noch an einem anderen Tag verlangt.</translation>
    </message>
    <message>
        <source>It is reliable: %1. Next: %2: %3.</source>
        <comment>why, an exercise, what of it</comment>
        <translation>Es ist sicher: %1. Als Nächstes: %2: %3.</translation>
    </message>
    <message>
        <source>Twice it broke. Slower: %1.</source>
        <translation>Zweimal misslang es. Langsamer: %1.</translation>
    </message>
    <message>
        <source>Twice it broke. Shorter: %1.</source>
        <translation>Zweimal misslang es. Kürzer: %1.</translation>
    </message>
    <message>
        <source>Twice it broke. Fewer: %1.</source>
        <translation>Zweimal misslang es. Weniger: %1.</translation>
    </message>
    <message>
        <source>That went well. As before: %1.</source>
        <translation>Das ging gut. Wie zuvor: %1.</translation>
    </message>
    <message>
        <source>Twice in the same way. “%1” is for just that.</source>
        <translation>Zweimal auf dieselbe Art. „%1“ ist genau dafür.</translation>
    </message>
    <message>
        <source>That went well. Back to “%1”.</source>
        <translation>Das ging gut. Zurück zu „%1“.</translation>
    </message>
    <message>
        <source>Enough of it for today: think of it, and take it up again in some days.</source>
        <translation>Genug davon für heute: daran denken, und in einigen Tagen wieder aufnehmen.</translation>
    </message>
    <message>
        <source>pitch %1 cents</source>
        <translation>Tonhöhe %1 Cent</translation>
    </message>
    <message>
        <source>loudness</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>clear tone</source>
        <translation>klarer Ton</translation>
    </message>
    <message>
        <source>crackle</source>
        <translation>Knattern</translation>
    </message>
    <message>
        <source>held %1 s</source>
        <translation>gehalten %1 s</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <comment>so many sets of so long</comment>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>%1, rest %2</source>
        <translation>%1, Pause %2</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <comment>a card, the note it is played on</comment>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>a card, the note it begins on</comment>
        <translation>%1 ab %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a card and how often</comment>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>Post</name>
    <message>
        <source>from %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>at %1 beats a minute</source>
        <translation>mit %1 Schlägen in der Minute</translation>
    </message>
    <message>
        <source>not in the recording</source>
        <translation>nicht in der Aufnahme</translation>
    </message>
    <message>
        <source>complete</source>
        <translation>vollständig</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>so many of so many cues</comment>
        <translation>%1 von %2</translation>
    </message>
    <message numerus="yes">
        <source>played %n times, number %1 counts</source>
        <translation>
            <numerusform>%n-mal gespielt, Nummer %1 zählt</numerusform>
            <numerusform>%n-mal gespielt, Nummer %1 zählt</numerusform>
        </translation>
    </message>
    <message>
        <source>nothing of the list was found</source>
        <translation>nichts von der Liste wurde gefunden</translation>
    </message>
    <message numerus="yes">
        <source>%n missing</source>
        <translation>
            <numerusform>%n fehlt</numerusform>
            <numerusform>%n fehlen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>breaks: %n in “%1”</source>
        <translation>
            <numerusform>Aussetzer: %n in „%1“</numerusform>
            <numerusform>Aussetzer: %n in „%1“</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n notes missing in “%1”</source>
        <translation>
            <numerusform>%n Ton fehlt in „%1“</numerusform>
            <numerusform>%n Töne fehlen in „%1“</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>far outside: %n in “%1”</source>
        <translation>
            <numerusform>weit außerhalb: %n in „%1“</numerusform>
            <numerusform>weit außerhalb: %n in „%1“</numerusform>
        </translation>
    </message>
    <message>
        <source>What %1 sent</source>
        <comment>a student’s name</comment>
        <translation>Was %1 geschickt hat</translation>
    </message>
    <message>
        <source>%1, thank you for your recording.</source>
        <comment>to a child, by name</comment>
        <translation>%1, danke für deine Aufnahme.</translation>
    </message>
    <message>
        <source>%1, thank you for your recording.</source>
        <comment>to an adult, by name</comment>
        <translation>%1, danke für Ihre Aufnahme.</translation>
    </message>
    <message>
        <source>This went well: %1.</source>
        <translation>Das ging gut: %1.</translation>
    </message>
    <message>
        <source>This was not in the recording: %1.</source>
        <translation>Das war nicht in der Aufnahme: %1.</translation>
    </message>
    <message>
        <source>One thing to try, in “%1”: %2</source>
        <translation>Eine Sache zum Versuchen, bei „%1“: %2</translation>
    </message>
    <message>
        <source>One thing, in “%1”: %2</source>
        <translation>Eine Sache, bei „%1“: %2</translation>
    </message>
    <message>
        <source>The same once more, as it is.</source>
        <translation>Noch einmal dasselbe, wie es ist.</translation>
    </message>
    <message>
        <source>To help: listen to it once, at the same time of day, and say what you heard. A few minutes are enough; stop when it gets tiring.</source>
        <translation>So können Sie helfen: hören Sie es sich einmal am Tag an, immer zur selben Zeit, und sagen Sie, was Sie gehört haben. Ein paar Minuten genügen; hören Sie auf, wenn es müde macht.</translation>
    </message>
    <message>
        <source>We hear it again in the next lesson.</source>
        <translation>In der nächsten Stunde hören wir es wieder.</translation>
    </message>
    <message>
        <source>Send it once more %1.</source>
        <comment>to a child</comment>
        <translation>Schick es noch einmal (%1).</translation>
    </message>
    <message>
        <source>Send it once more %1.</source>
        <comment>to an adult</comment>
        <translation>Schicken Sie es noch einmal (%1).</translation>
    </message>
    <message>
        <source>To be sent until %1. One long recording, or several: in any order, with talk in between.</source>
        <translation>Zu schicken bis %1: eine lange Aufnahme oder mehrere, in beliebiger Reihenfolge, mit Reden dazwischen.</translation>
    </message>
</context>
<context>
    <name>Print</name>
    <message>
        <source>A holiday.</source>
        <translation>Ferien.</translation>
    </message>
    <message>
        <source>In all %1.</source>
        <translation>Insgesamt %1.</translation>
    </message>
    <message>
        <source>Practice: %1</source>
        <translation>Üben: %1</translation>
    </message>
    <message>
        <source>Practice: %1, %2 to %3</source>
        <translation>Üben: %1, %2 bis %3</translation>
    </message>
    <message>
        <source>Practice, %1</source>
        <translation>Üben, %1</translation>
    </message>
    <message>
        <source>each time</source>
        <translation>jedes Mal</translation>
    </message>
    <message>
        <source>ddd d</source>
        <comment>a day</comment>
        <translation>ddd d.</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>insgesamt</translation>
    </message>
    <message>
        <source>holiday</source>
        <translation>Ferien</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation>%1 kann nicht geschrieben werden: %2</translation>
    </message>
</context>
<context>
    <name>Question</name>
    <message>
        <source>and others: %1</source>
        <translation>und andere: %1</translation>
    </message>
</context>
<context>
    <name>Ribbon</name>
    <message>
        <source>loudness</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>tone over air noise</source>
        <translation>Ton über Luftgeräusch</translation>
    </message>
    <message>
        <source>early and late, ms</source>
        <translation>früh und spät, ms</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>wide vibrato, %1 a second, ±%2 cents</source>
        <translation>weites Vibrato, %1 in der Sekunde, ±%2 Cent</translation>
    </message>
    <message>
        <source>vibrato %1 a second, ±%2 cents</source>
        <translation>Vibrato %1 in der Sekunde, ±%2 Cent</translation>
    </message>
    <message>
        <source>loudness pulses, %1 a second</source>
        <translation>Lautstärke pulst, %1 in der Sekunde</translation>
    </message>
    <message>
        <source>break %1 ms</source>
        <translation>Aussetzer %1 ms</translation>
    </message>
    <message>
        <source>%1 ms, air on</source>
        <comment>a break</comment>
        <translation>%1 ms, Luft ging weiter</translation>
    </message>
    <message>
        <source>%1 ms, all stopped</source>
        <comment>a break</comment>
        <translation>%1 ms, alles stand</translation>
    </message>
    <message>
        <source>%1 half steps, before %2</source>
        <translation>%1 Halbtöne, davor %2</translation>
    </message>
    <message>
        <source>%1 half steps</source>
        <translation>%1 Halbtöne</translation>
    </message>
    <message>
        <source>ends %1 lower, as expected</source>
        <translation>endet %1 tiefer, wie zu erwarten</translation>
    </message>
    <message>
        <source>flips to %1</source>
        <translation>kippt auf %1</translation>
    </message>
    <message>
        <source>%1 in place of %2</source>
        <translation>%1 statt %2</translation>
    </message>
    <message>
        <source>no one note</source>
        <translation>kein einzelner Ton</translation>
    </message>
    <message>
        <source>the room, %1 s</source>
        <translation>der Raum, %1 s</translation>
    </message>
    <message>
        <source>start %1 cents</source>
        <translation>Anfang %1 Cent</translation>
    </message>
    <message>
        <source>air %1 ms</source>
        <translation>Luft %1 ms</translation>
    </message>
    <message>
        <source>end %1 cents</source>
        <translation>Ende %1 Cent</translation>
    </message>
    <message>
        <source>air %1 s</source>
        <translation>Luft %1 s</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>Atem</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>tone %1 dB over air noise</source>
        <translation>Ton %1 dB über Luftgeräusch</translation>
    </message>
    <message numerus="yes">
        <source>%n breaks, %1–%2 ms</source>
        <translation>
            <numerusform>%n Unterbrechung, %1–%2 ms</numerusform>
            <numerusform>%n Unterbrechungen, %1–%2 ms</numerusform>
        </translation>
    </message>
    <message>
        <source>, air on</source>
        <comment>of all breaks</comment>
        <translation>, Luft geht weiter</translation>
    </message>
    <message>
        <source>, all stopped</source>
        <comment>of all breaks</comment>
        <translation>, alles steht</translation>
    </message>
    <message numerus="yes">
        <source>%n flips</source>
        <translation>
            <numerusform>springt %n-mal um</numerusform>
            <numerusform>springt %n-mal um</numerusform>
        </translation>
    </message>
    <message>
        <source>pitch, cents</source>
        <translation>Tonhöhe, Cent</translation>
    </message>
    <message>
        <source>turns %1 beats early</source>
        <translation>kehrt %1 Schläge zu früh um</translation>
    </message>
    <message>
        <source>turns %1 beats late</source>
        <translation>kehrt %1 Schläge zu spät um</translation>
    </message>
    <message>
        <source>dB under the loudest</source>
        <translation>dB unter dem Lautesten</translation>
    </message>
    <message>
        <source>partials</source>
        <translation>Teiltöne</translation>
    </message>
    <message>
        <source>partials; dB off the model</source>
        <translation>Teiltöne; dB neben dem Vorbild</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>dB under the strongest</source>
        <translation>dB unter dem stärksten</translation>
    </message>
</context>
<context>
    <name>SourceBox</name>
    <message>
        <source>Silent: is the microphone switched on?</source>
        <translation>Still: ist das Mikrofon eingeschaltet?</translation>
    </message>
    <message>
        <source>Very soft: move the microphone closer or raise its gain.</source>
        <translation>Sehr leise: Mikrofon näher stellen oder lauter regeln.</translation>
    </message>
    <message>
        <source>Too loud, it clips: lower the gain or move away.</source>
        <translation>Zu laut, es übersteuert: leiser regeln oder weiter weg.</translation>
    </message>
    <message>
        <source>Something switches quiet sound off. Turn the desktop’s noise suppression off, or breath and endings are lost.</source>
        <translation>Etwas schaltet leisen Klang ab. Schalten Sie die Rauschunterdrückung des Desktops aus, sonst gehen Atem und Enden verloren.</translation>
    </message>
    <message>
        <source>Something raises the level by itself after each tone. Turn automatic gain off: loudness cannot be trusted.</source>
        <translation>Etwas regelt nach jedem Ton von selbst lauter. Schalten Sie die automatische Pegelregelung aus: der Lautstärke ist nicht zu trauen.</translation>
    </message>
    <message>
        <source>%1 blocks of sound were lost: the computer is too busy.</source>
        <translation>%1 Stücke Klang gingen verloren: der Computer ist zu beschäftigt.</translation>
    </message>
</context>
<context>
    <name>Strip</name>
    <message>
        <source>partial %1, sounds %2</source>
        <translation>Naturton %1, klingt %2</translation>
    </message>
    <message>
        <source>partial %1 on %2, sounds %3</source>
        <comment>on valves, a position or a low note</comment>
        <translation>Naturton %1 auf %2, klingt %3</translation>
    </message>
</context>
<context>
    <name>StudentDialog</name>
    <message>
        <source>Beginner</source>
        <translation>Anfänger</translation>
    </message>
    <message>
        <source>Some years</source>
        <translation>Einige Jahre</translation>
    </message>
    <message>
        <source>Advanced</source>
        <translation>Fortgeschritten</translation>
    </message>
    <message>
        <source>Level, length of tones and first running order go by that.</source>
        <translation>Stufe, Länge der Töne und die erste Reihenfolge richten sich danach.</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>How far</source>
        <translation>Wie weit</translation>
    </message>
    <message>
        <source>Written. Exercises leave out what is lower.</source>
        <translation>Notiert. Übungen lassen weg, was tiefer ist.</translation>
    </message>
    <message>
        <source>Written. Exercises leave out what is higher.</source>
        <translation>Notiert. Übungen lassen weg, was höher ist.</translation>
    </message>
    <message>
        <source>Lowest note</source>
        <translation>Tiefster Ton</translation>
    </message>
    <message>
        <source>Highest note</source>
        <translation>Höchster Ton</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>type its name</source>
        <translation>Namen tippen</translation>
    </message>
    <message>
        <source>A name is wanting.</source>
        <translation>Es fehlt ein Name.</translation>
    </message>
    <message>
        <source>An instrument is wanting.</source>
        <translation>Es fehlt ein Instrument.</translation>
    </message>
    <message>
        <source>A note is written like Bb4 or F#3.</source>
        <translation>Ein Ton wird wie Bb4 oder F#3 geschrieben.</translation>
    </message>
    <message>
        <source>The lowest note lies over the highest.</source>
        <translation>Der tiefste Ton liegt über dem höchsten.</translation>
    </message>
</context>
<context>
    <name>Tide</name>
    <message>
        <source>in</source>
        <translation>ein</translation>
    </message>
    <message>
        <source>out</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 of %2, then: %3</source>
        <translation>%1 von %2, dann: %3</translation>
    </message>
    <message>
        <source>the last one</source>
        <translation>der letzte</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>over the room, dB</source>
        <translation>über dem Raum, dB</translation>
    </message>
    <message>
        <source>middle of the sound, Hz</source>
        <translation>Mitte des Klangs, Hz</translation>
    </message>
    <message>
        <source>full after %1 of %2</source>
        <translation>voll nach %1 von %2</translation>
    </message>
    <message>
        <source>nearly full</source>
        <translation>fast voll</translation>
    </message>
    <message>
        <source>hurried</source>
        <translation>gehastet</translation>
    </message>
    <message>
        <source>let go</source>
        <translation>losgelassen</translation>
    </message>
    <message>
        <source>slid</source>
        <translation>gerutscht</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>breath in</source>
        <translation>Einatmen</translation>
    </message>
    <message>
        <source>breath out</source>
        <translation>Ausatmen</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>Atem</translation>
    </message>
    <message>
        <source>around %1 Hz</source>
        <translation>um %1 Hz</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
    </message>
    <message>
        <source>too soft to tell</source>
        <translation>zu leise, um es zu sagen</translation>
    </message>
</context>
<context>
    <name>Verdict</name>
    <message>
        <source>inside</source>
        <translation>im Ziel</translation>
    </message>
    <message>
        <source>near</source>
        <translation>knapp</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außerhalb</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>There is no sound output to play on. Plug in headphones or loudspeakers.</source>
        <translation>Es gibt keine Klangausgabe. Stecken Sie Kopfhörer oder Lautsprecher ein.</translation>
    </message>
    <message>
        <source>d MMM yyyy HH:mm</source>
        <comment>day and minute</comment>
        <translation>d. MMM yyyy HH:mm</translation>
    </message>
    <message>
        <source>nearly %1</source>
        <comment>clear, even</comment>
        <translation>fast %1</translation>
    </message>
    <message>
        <source>position %1</source>
        <translation>Zug %1</translation>
    </message>
    <message>
        <source>open</source>
        <comment>no valve is pressed</comment>
        <translation>leer</translation>
    </message>
    <message>
        <source>thumb, %1</source>
        <comment>the thumb&apos;s valve, and others</comment>
        <translation>Daumen, %1</translation>
    </message>
    <message>
        <source>%1, slides drawn</source>
        <translation>%1, Züge gezogen</translation>
    </message>
</context>
<context>
    <name>calando::BlindListening</name>
    <message>
        <source>There is no take with a figure to guess: play something first.</source>
        <translation>Es gibt keine Aufnahme mit einem Wert zum Raten: spielen Sie zuerst etwas.</translation>
    </message>
</context>
<context>
    <name>calando::CardEditor</name>
    <message>
        <source>counted</source>
        <translation>gezählt</translation>
    </message>
    <message>
        <source>Own exercise</source>
        <translation>Eigene Übung</translation>
    </message>
    <message>
        <source>Exercise: what is changed becomes an own one</source>
        <translation>Übung: was geändert wird, wird eine eigene</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>What for</source>
        <translation>Wozu</translation>
    </message>
    <message>
        <source> /min</source>
        <translation> /min</translation>
    </message>
    <message>
        <source> beats before</source>
        <translation> Schläge davor</translation>
    </message>
    <message>
        <source>shown while it sounds</source>
        <translation>sichtbar, während es klingt</translation>
    </message>
    <message>
        <source>shown afterwards: ears first</source>
        <translation>danach sichtbar: erst hören</translation>
    </message>
    <message>
        <source>hidden until E is pressed</source>
        <translation>verborgen, bis E gedrückt wird</translation>
    </message>
    <message>
        <source>what is set for the take</source>
        <translation>was für die Aufnahme eingestellt ist</translation>
    </message>
    <message>
        <source>equal temperament</source>
        <translation>gleichschwebend</translation>
    </message>
    <message>
        <source>pure intervals over home</source>
        <translation>reine Intervalle über dem Grundton</translation>
    </message>
    <message>
        <source>the player’s own home note</source>
        <translation>der eigene Grundton des Spielers</translation>
    </message>
    <message>
        <source>once, as written</source>
        <translation>einmal, wie notiert</translation>
    </message>
    <message>
        <source>for each note of the scale</source>
        <translation>für jeden Ton der Tonleiter</translation>
    </message>
    <message>
        <source>for each half step</source>
        <translation>für jeden Halbton</translation>
    </message>
    <message>
        <source>for each partial</source>
        <translation>für jeden Naturton</translation>
    </message>
    <message>
        <source>outward from home</source>
        <translation>vom Grundton nach außen</translation>
    </message>
    <message>
        <source>a beat more each time</source>
        <translation>jedes Mal ein Schlag mehr</translation>
    </message>
    <message>
        <source>How many notes; below 0 downwards</source>
        <translation>Wie viele Töne; unter 0 abwärts</translation>
    </message>
    <message>
        <source>Count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>Repeated</source>
        <translation>Wiederholt</translation>
    </message>
    <message>
        <source>Trace</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>In tune with</source>
        <translation>Gestimmt nach</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Einlesen …</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>Erase the exercise</source>
        <translation>Übung löschen</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save as own exercise</source>
        <translation>Als eigene Übung speichern</translation>
    </message>
    <message>
        <source>Loudness</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Tonhöhe</translation>
    </message>
    <message>
        <source>Targets at the level “%1”</source>
        <translation>Ziele auf der Stufe „%1“</translation>
    </message>
    <message>
        <source>Targets</source>
        <translation>Ziele</translation>
    </message>
    <message>
        <source>Growth</source>
        <translation>Wachstum</translation>
    </message>
    <message>
        <source>Two</source>
        <translation>Zu zweit</translation>
    </message>
    <message>
        <source>%1, own</source>
        <translation>%1, eigene</translation>
    </message>
    <message>
        <source>Import an exercise</source>
        <translation>Eine Übung einlesen</translation>
    </message>
    <message>
        <source>Exercises (*.json)</source>
        <translation>Übungen (*.json)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Export the exercise</source>
        <translation>Die Übung ausgeben</translation>
    </message>
    <message>
        <source>%1 could not be written: %2.</source>
        <translation>%1 konnte nicht geschrieben werden: %2.</translation>
    </message>
</context>
<context>
    <name>calando::ComparePicture</name>
    <message>
        <source>Pictures of the takes, and their harmonics</source>
        <translation>Bilder der Aufnahmen und ihre Obertöne</translation>
    </message>
    <message>
        <source>Listen first. Choose the one that you would keep;
then the pictures come.</source>
        <translation>Erst hören. Wählen Sie die, die Sie behalten würden;
dann kommen die Bilder.</translation>
    </message>
    <message>
        <source>partials, dB under the strongest</source>
        <translation>Teiltöne, dB unter dem stärksten</translation>
    </message>
</context>
<context>
    <name>calando::CompareView</name>
    <message>
        <source>When were they?</source>
        <translation>Wann waren sie?</translation>
    </message>
    <message>
        <source>Takes side by side</source>
        <translation>Aufnahmen nebeneinander</translation>
    </message>
    <message>
        <source>Figures of the takes, and their differences from the first</source>
        <translation>Werte der Aufnahmen und ihre Unterschiede zur ersten</translation>
    </message>
    <message>
        <source>Listen, equally loud:</source>
        <translation>Hören, gleich laut:</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Note under note</source>
        <translation>Ton unter Ton</translation>
    </message>
    <message>
        <source>Begin each note of the exercise together, instead of only the first</source>
        <translation>Jeden Ton der Übung zusammen beginnen lassen, statt nur den ersten</translation>
    </message>
    <message>
        <source>I would keep:</source>
        <translation>Behalten würde ich:</translation>
    </message>
    <message>
        <source>%1 is the better one</source>
        <translation>%1 ist die bessere</translation>
    </message>
    <message>
        <source>You would keep %1.</source>
        <translation>Sie würden %1 behalten.</translation>
    </message>
    <message>
        <source>%1 was %2</source>
        <translation>%1 war %2</translation>
    </message>
    <message>
        <source>Colour from %1, dB</source>
        <comment>a take</comment>
        <translation>Farbe gegen %1, dB</translation>
    </message>
    <message>
        <source>Colour’s own spread, dB</source>
        <translation>Streuung der Farbe selbst, dB</translation>
    </message>
    <message>
        <source>hardly anything</source>
        <translation>kaum etwas</translation>
    </message>
    <message>
        <source>What differs most from %1 to %2: %3.</source>
        <comment>two takes</comment>
        <translation>Am meisten anders von %1 zu %2: %3.</translation>
    </message>
    <message>
        <source>%1 and %2 keep one</source>
        <comment>keys, of takes</comment>
        <translation>%1 und %2 behalten eine</translation>
    </message>
    <message>
        <source>R plays them again</source>
        <translation>R spielt sie noch einmal</translation>
    </message>
    <message>
        <source>Space shows them without a choice</source>
        <translation>Leertaste zeigt sie ohne Wahl</translation>
    </message>
    <message>
        <source>Space says when they were</source>
        <translation>Leertaste sagt, von wann sie sind</translation>
    </message>
    <message>
        <source>Show them</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Without a choice (Space)</source>
        <translation>Ohne Wahl (Leertaste)</translation>
    </message>
    <message>
        <source>None was chosen.</source>
        <translation>Keine wurde gewählt.</translation>
    </message>
</context>
<context>
    <name>calando::CourseChart</name>
    <message>
        <source>%1 by week</source>
        <translation>%1 nach Wochen</translation>
    </message>
    <message>
        <source>No take has this figure yet. Choose another figure, or another exercise.</source>
        <translation>Noch hat keine Aufnahme diesen Wert. Wählen Sie einen anderen Wert oder eine andere Übung.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>asked for, at least</source>
        <translation>verlangt, mindestens</translation>
    </message>
    <message>
        <source>asked for, at most</source>
        <translation>verlangt, höchstens</translation>
    </message>
    <message>
        <source>%1: lesson</source>
        <comment>day</comment>
        <translation>%1: Stunde</translation>
    </message>
    <message numerus="yes">
        <source>Week of %1: %2 in the middle, from %3 to %4; takes: %n</source>
        <translation>
            <numerusform>Woche vom %1: %2 in der Mitte, von %3 bis %4; Aufnahmen: %n</numerusform>
            <numerusform>Woche vom %1: %2 in der Mitte, von %3 bis %4; Aufnahmen: %n</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::CuePage</name>
    <message>
        <source>This one is open</source>
        <translation>Dieser ist offen</translation>
    </message>
    <message>
        <source>Forget them</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Choose a breath in that sounds open: this player’s breaths are compared with it from now on.</source>
        <translation>Wählen Sie ein Einatmen, das offen klingt: die Atemzüge dieses Spielers werden von nun an damit verglichen.</translation>
    </message>
    <message>
        <source>Breaths in are compared with what holds for everybody. Choose one that sounds open to compare them with this player’s own.</source>
        <translation>Einatmen wird mit dem verglichen, was für alle gilt. Wählen Sie eines, das offen klingt, um es mit dem eigenen dieses Spielers zu vergleichen.</translation>
    </message>
    <message>
        <source>Compared with this player’s own open breaths: %1.</source>
        <translation>Verglichen mit den eigenen offenen Atemzügen dieses Spielers: %1.</translation>
    </message>
</context>
<context>
    <name>calando::CueRows</name>
    <message>
        <source>Cues</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Cue</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Pulses</source>
        <translation>Pulse</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>Who</source>
        <translation>Wer</translation>
    </message>
    <message>
        <source>Add a cue</source>
        <translation>Teil hinzufügen</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>any, home, each (the repeated note), a written note such as %1, degree 3 of the scale, interval -1 in half steps, partial 3</source>
        <translation>beliebig, home, each (der wiederholte Ton), ein notierter Ton wie %1, degree 3 der Tonleiter, interval -1 in Halbtönen, partial 3</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Schlägen</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>The others are compared with this note in colour</source>
        <translation>Die anderen werden in der Farbe mit diesem Ton verglichen</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>partner</source>
        <translation>Partner</translation>
    </message>
    <message>
        <source>player</source>
        <translation>Spieler</translation>
    </message>
    <message>
        <source>own voice</source>
        <translation>eigene Stimme</translation>
    </message>
    <message>
        <source>Unit of length</source>
        <translation>Einheit der Länge</translation>
    </message>
    <message>
        <source>Model note</source>
        <translation>Vorbildton</translation>
    </message>
    <message>
        <source>Who sounds</source>
        <translation>Wer klingt</translation>
    </message>
    <message>
        <source>%1 of cue %2</source>
        <translation>%1 von Teil %2</translation>
    </message>
</context>
<context>
    <name>calando::CueTable</name>
    <message>
        <source>Figures of every cue</source>
        <translation>Werte jedes Teils</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>How far the model note strays from itself</source>
        <translation>Wie weit der Vorbildton von sich selbst abweicht</translation>
    </message>
</context>
<context>
    <name>calando::EarChart</name>
    <message>
        <source>Smallest difference heard by week: %1</source>
        <translation>Kleinster gehörter Unterschied nach Wochen: %1</translation>
    </message>
    <message>
        <source>After eight answers a week its smallest difference heard is drawn here.</source>
        <translation>Nach acht Antworten einer Woche wird hier ihr kleinster gehörter Unterschied gezeichnet.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d. MMM</translation>
    </message>
</context>
<context>
    <name>calando::EarCourse</name>
    <message>
        <source>guess first, in the lesson</source>
        <translation>erst raten, in der Stunde</translation>
    </message>
    <message>
        <source>After a take one of its figures is guessed before any is shown</source>
        <translation>Nach einer Aufnahme wird einer ihrer Werte geraten, bevor einer zu sehen ist</translation>
    </message>
    <message>
        <source>Smallest difference heard, lately and by week</source>
        <translation>Kleinster gehörter Unterschied, zuletzt und nach Wochen</translation>
    </message>
    <message>
        <source>Guessed before it was seen</source>
        <translation>Geraten, bevor es zu sehen war</translation>
    </message>
    <message>
        <source>%1: not known before eight answers</source>
        <translation>%1: vor acht Antworten nicht bekannt</translation>
    </message>
    <message>
        <source>from %1 on: %2</source>
        <comment>a concert note, what is heard there</comment>
        <translation>ab %1: %2</translation>
    </message>
    <message>
        <source>played lately: %1 %2</source>
        <comment>a figure and its value</comment>
        <translation>zuletzt gespielt: %1 %2</translation>
    </message>
    <message>
        <source>%1: off by %2 in the middle</source>
        <comment>a figure</comment>
        <translation>%1: in der Mitte um %2 daneben</translation>
    </message>
    <message>
        <source>Nothing yet: each question and each guess of five minutes stands here with its answer.</source>
        <translation>Noch nichts: jede Frage und jede Schätzung aus fünf Minuten steht hier mit ihrer Antwort.</translation>
    </message>
</context>
<context>
    <name>calando::EarDesk</name>
    <message>
        <source>Again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Space goes on · 1 to 6 answer · R plays again · Esc stops · Page up, Page down: first, second</source>
        <translation>Leertaste: weiter · 1 bis 6: antworten · R: noch einmal · Esc: Halt · Bild auf, Bild ab: erster, zweiter</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Anfangen</translation>
    </message>
    <message>
        <source>A moment…</source>
        <translation>Einen Moment …</translation>
    </message>
    <message>
        <source>Loud sound harms hearing: keep it soft, and stop when your ears ring or tire.</source>
        <translation>Lauter Klang schadet dem Gehör: bleiben Sie leise, und hören Sie auf, wenn die Ohren klingeln oder müde werden.</translation>
    </message>
    <message>
        <source>%1 of %2 right</source>
        <translation>%1 von %2 richtig</translation>
    </message>
    <message>
        <source>Five minutes of listening</source>
        <translation>Fünf Minuten hören</translation>
    </message>
    <message>
        <source>Two tones made from your own: you say which, then it is harder or easier.</source>
        <translation>Zwei Töne, aus den eigenen gemacht: Sie sagen, welcher; dann wird es schwerer oder leichter.</translation>
    </message>
    <message>
        <source>Guess before you see it</source>
        <translation>Raten, bevor es zu sehen ist</translation>
    </message>
    <message>
        <source>One of your takes is played: you say its figure, then you see it.</source>
        <translation>Eine der Aufnahmen wird gespielt: Sie sagen ihren Wert, dann sehen Sie ihn.</translation>
    </message>
    <message>
        <source>Which one would you keep?</source>
        <translation>Welche würden Sie behalten?</translation>
    </message>
    <message>
        <source>Two takes of one exercise, equally loud: you choose, then the figures come, then their days.</source>
        <translation>Zwei Aufnahmen einer Übung, gleich laut: Sie wählen, dann kommen die Werte, dann ihre Tage.</translation>
    </message>
    <message>
        <source>Yes.</source>
        <translation>Ja.</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>Nein.</translation>
    </message>
    <message>
        <source>%1 · %2 of %3 right · %4 left</source>
        <translation>%1 · %2 von %3 richtig · noch %4</translation>
    </message>
    <message>
        <source>Listen, then guess</source>
        <translation>Hören, dann raten</translation>
    </message>
    <message>
        <source>Off by %1.</source>
        <translation>Um %1 daneben.</translation>
    </message>
    <message>
        <source>the first …</source>
        <translation>der erste …</translation>
    </message>
    <message>
        <source>the second …</source>
        <translation>der zweite …</translation>
    </message>
</context>
<context>
    <name>calando::EarTraining</name>
    <message>
        <source>No tone is held for two seconds: play a long tone first.</source>
        <translation>Kein Ton ist zwei Sekunden gehalten: spielen Sie zuerst einen langen Ton.</translation>
    </message>
    <message>
        <source>From the stand-in’s tone</source>
        <translation>Aus dem Ton des Ersatzspielers</translation>
    </message>
    <message>
        <source>Your limit is well known now. Enough for today.</source>
        <translation>Ihre Grenze ist jetzt gut bekannt. Genug für heute.</translation>
    </message>
    <message>
        <source>This tone is not fit for what is asked about; choose something else.</source>
        <translation>Dieser Ton eignet sich nicht für das, wonach gefragt wird; wählen Sie etwas anderes.</translation>
    </message>
</context>
<context>
    <name>calando::EarsPage</name>
    <message>
        <source>What is asked about</source>
        <translation>Wonach gefragt wird</translation>
    </message>
    <message>
        <source>In own words</source>
        <translation>In eigenen Worten</translation>
    </message>
    <message>
        <source>How</source>
        <translation>Wie</translation>
    </message>
    <message>
        <source>Headphones are best, and set soft: no sound here is louder than another.</source>
        <translation>Kopfhörer sind am besten, leise eingestellt: kein Klang hier ist lauter als ein anderer.</translation>
    </message>
    <message>
        <source>whichever suits</source>
        <translation>was passt</translation>
    </message>
    <message>
        <source>guess a take’s figure</source>
        <translation>den Wert einer Aufnahme raten</translation>
    </message>
    <message>
        <source>two takes, blind</source>
        <translation>zwei Aufnahmen, blind</translation>
    </message>
</context>
<context>
    <name>calando::FigureGroups</name>
    <message>
        <source>starts and lasts</source>
        <translation>beginnt und hält</translation>
    </message>
    <message>
        <source>steady</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>in tune</source>
        <translation>rein</translation>
    </message>
    <message>
        <source>full</source>
        <translation>voll</translation>
    </message>
    <message>
        <source>All figures, in groups</source>
        <translation>Alle Werte, in Gruppen</translation>
    </message>
    <message>
        <source>no target</source>
        <translation>kein Ziel</translation>
    </message>
    <message numerus="yes">
        <source>%n inside</source>
        <translation>
            <numerusform>%n im Ziel</numerusform>
            <numerusform>%n im Ziel</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 inside</source>
        <translation>%1 von %2 im Ziel</translation>
    </message>
</context>
<context>
    <name>calando::FigurePanel</name>
    <message>
        <source>Nothing to say yet: either period needs takes on two days at least.</source>
        <translation>Noch nichts zu sagen: jeder der beiden Zeiträume braucht Aufnahmen an mindestens zwei Tagen.</translation>
    </message>
    <message>
        <source>%1 and %2 takes</source>
        <translation>%1 und %2 Aufnahmen</translation>
    </message>
    <message>
        <source>No difference to speak of (± %1; %2).</source>
        <translation>Kein nennenswerter Unterschied (± %1; %2).</translation>
    </message>
    <message>
        <source>%3 → %4%5: %1 more, give or take %2 (%6).</source>
        <translation>%3 → %4%5: %1 mehr, auf %2 genau (%6).</translation>
    </message>
    <message>
        <source>%3 → %4%5: %1 less, give or take %2 (%6).</source>
        <translation>%3 → %4%5: %1 weniger, auf %2 genau (%6).</translation>
    </message>
    <message>
        <source>the last four weeks with the four before</source>
        <translation>die letzten vier Wochen mit den vier davor</translation>
    </message>
    <message>
        <source>this week with the one before</source>
        <translation>diese Woche mit der davor</translation>
    </message>
    <message>
        <source>this month with the last</source>
        <translation>dieser Monat mit dem letzten</translation>
    </message>
    <message>
        <source>the second half with the first</source>
        <translation>die zweite Hälfte mit der ersten</translation>
    </message>
    <message>
        <source>Exercise</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Drawn here</source>
        <translation>Hier gezeichnet</translation>
    </message>
    <message>
        <source>Compared</source>
        <translation>Verglichen</translation>
    </message>
    <message>
        <source>all exercises</source>
        <translation>alle Übungen</translation>
    </message>
    <message>
        <source>A figure’s course is drawn here once there are takes.</source>
        <translation>Der Verlauf eines Werts wird hier gezeichnet, sobald es Aufnahmen gibt.</translation>
    </message>
    <message numerus="yes">
        <source>Left out, as the microphone stood elsewhere: %n.</source>
        <translation>
            <numerusform>Weggelassen, weil das Mikrofon anderswo stand: %n.</numerusform>
            <numerusform>Weggelassen, weil das Mikrofon anderswo stand: %n.</numerusform>
        </translation>
    </message>
    <message>
        <source>All exercises mixed: choose one to compare like with like.</source>
        <translation>Alle Übungen gemischt: wählen Sie eine, um Gleiches mit Gleichem zu vergleichen.</translation>
    </message>
    <message>
        <source>Strokes: lessons; wedges: notes.</source>
        <translation>Striche: Stunden; Keile: Notizen.</translation>
    </message>
    <message>
        <source>No take has this figure yet. Choose another figure, or another exercise.</source>
        <translation>Noch hat keine Aufnahme diesen Wert. Wählen Sie einen anderen Wert oder eine andere Übung.</translation>
    </message>
    <message>
        <source>Measuring, %1 of %2.</source>
        <translation>Wird gemessen, %1 von %2.</translation>
    </message>
</context>
<context>
    <name>calando::FiguresView</name>
    <message>
        <source>up to %1 %2</source>
        <comment>3 cents: flat</comment>
        <translation>bis %1 %2</translation>
    </message>
    <message>
        <source>within %1</source>
        <translation>bis ±%1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 and more</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>Figures of the take</source>
        <translation>Werte der Aufnahme</translation>
    </message>
    <message>
        <source>After the take: the figures that matter most, each with its target, and one thing to try.</source>
        <translation>Nach der Aufnahme: die wichtigsten Werte, jeder mit seinem Ziel, und eine Sache, die zu versuchen ist.</translation>
    </message>
    <message>
        <source>No target at this level.</source>
        <translation>Kein Ziel auf dieser Stufe.</translation>
    </message>
    <message>
        <source>Target: %1</source>
        <translation>Ziel: %1</translation>
    </message>
</context>
<context>
    <name>calando::FingeringTable</name>
    <message>
        <source>fingering</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>spoke</source>
        <translation>sprach an</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>wander</source>
        <translation>wandert</translation>
    </message>
    <message>
        <source>under</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>What was tried</source>
        <translation>Was versucht wurde</translation>
    </message>
    <message>
        <source>How often the note came, and no other</source>
        <translation>Wie oft der Ton kam, und kein anderer</translation>
    </message>
    <message>
        <source>Air before the sound</source>
        <translation>Luft vor dem Klang</translation>
    </message>
    <message>
        <source>Off the note</source>
        <translation>Neben dem Ton</translation>
    </message>
    <message>
        <source>How far the pitch strays</source>
        <translation>Wie weit die Tonhöhe abweicht</translation>
    </message>
    <message>
        <source>What sounds on underneath</source>
        <translation>Was darunter weiterklingt</translation>
    </message>
    <message>
        <source>Fingerings tried for this note, the best first</source>
        <translation>Für diesen Ton versuchte Griffe, die besten zuerst</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
</context>
<context>
    <name>calando::FoundDialog</name>
    <message>
        <source>Keep as a take of</source>
        <translation>Behalten als Aufnahme von</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>Throw away…</source>
        <translation>Wegwerfen …</translation>
    </message>
    <message>
        <source>Recordings that were found</source>
        <translation>Gefundene Aufnahmen</translation>
    </message>
    <message>
        <source>Recordings that are no takes yet</source>
        <translation>Aufnahmen, die noch nicht in der Liste sind</translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Schüler</translation>
    </message>
    <message>
        <source>Left behind when the program or the computer was ended, when the disk was full, or by another list of takes. Nothing is removed unless you throw it away.</source>
        <translation>Liegen geblieben, als das Programm oder der Computer endete, als die Platte voll war, oder von einer anderen Liste. Nichts wird entfernt, wenn Sie es nicht wegwerfen.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>whose is it?</source>
        <translation>wessen ist sie?</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>cannot be read as sound</source>
        <translation>kann nicht als Klang gelesen werden</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>of a student here</source>
        <translation>von einem Schüler hier</translation>
    </message>
    <message>
        <source>of %1, who is not in this studio</source>
        <translation>von %1, nicht in diesem Studio</translation>
    </message>
    <message>
        <source>of somebody who is not in this studio</source>
        <translation>von jemandem, der nicht in diesem Studio ist</translation>
    </message>
    <message>
        <source>nothing says whose it is</source>
        <translation>nichts sagt, wessen sie ist</translation>
    </message>
    <message>
        <source>Export the recording</source>
        <translation>Die Aufnahme ausgeben</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>%1 could not be written: %2.</source>
        <translation>%1 konnte nicht geschrieben werden: %2.</translation>
    </message>
    <message>
        <source>Throw the recording away</source>
        <translation>Die Aufnahme wegwerfen</translation>
    </message>
    <message>
        <source>Throw this away? It cannot be brought back.</source>
        <translation>Wegwerfen? Sie kann nicht zurückgeholt werden.</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
</context>
<context>
    <name>calando::GoBox</name>
    <message>
        <source>Start or stop a take</source>
        <translation>Eine Aufnahme beginnen oder beenden</translation>
    </message>
    <message>
        <source>Esc: unwell</source>
        <comment>a key, and when it is pressed</comment>
        <translation>Esc: nicht wohl</translation>
    </message>
    <message>
        <source>rest %1 s</source>
        <translation>Pause %1 s</translation>
    </message>
    <message>
        <source>Let go</source>
        <translation>Loslassen</translation>
    </message>
    <message>
        <source>It slides</source>
        <translation>Es rutscht</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
</context>
<context>
    <name>calando::GrowthFields</name>
    <message>
        <source>nothing more</source>
        <translation>nichts weiter</translation>
    </message>
    <message>
        <source>seconds of a tone</source>
        <translation>Sekunden eines Tons</translation>
    </message>
    <message>
        <source>tempo, per minute</source>
        <translation>Tempo, in der Minute</translation>
    </message>
    <message>
        <source>rounds of a climb</source>
        <translation>Runden eines Anstiegs</translation>
    </message>
    <message>
        <source>Growing numbers with spaces between: one after the other</source>
        <translation>Wachsende Zahlen mit Leerzeichen: eine nach der anderen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Then asks for</source>
        <translation>Verlangt dann</translation>
    </message>
    <message>
        <source>by steps</source>
        <translation>in Schritten</translation>
    </message>
    <message>
        <source>After it</source>
        <translation>Danach</translation>
    </message>
    <message>
        <source>Steps: “%1” is no number. Write them as 4 6 8 10.</source>
        <translation>Schritte: „%1“ ist keine Zahl. Schreiben Sie sie als 4 6 8 10.</translation>
    </message>
</context>
<context>
    <name>calando::GuessBox</name>
    <message>
        <source>Your guess</source>
        <translation>Ihre Schätzung</translation>
    </message>
    <message>
        <source>Show it</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>The figures and the picture come after your guess.</source>
        <translation>Werte und Bild kommen nach Ihrer Schätzung.</translation>
    </message>
    <message>
        <source>%1: what do you guess?</source>
        <comment>a figure</comment>
        <translation>%1: was schätzen Sie?</translation>
    </message>
</context>
<context>
    <name>calando::HeadStrip</name>
    <message>
        <source>stop by itself</source>
        <translation>von selbst enden</translation>
    </message>
    <message>
        <source>ears first</source>
        <translation>erst hören</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>The written note asked for, such as Bb4 or F#3; empty for any note.</source>
        <translation>Der verlangte Ton, notiert, wie Bb4 oder F#3; leer für jeden Ton.</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>How long the tone should last.</source>
        <translation>Wie lange der Ton dauern soll.</translation>
    </message>
    <message>
        <source> /min</source>
        <translation> /min</translation>
    </message>
    <message>
        <source>Beats a minute of the count.</source>
        <translation>Schläge in der Minute.</translation>
    </message>
    <message>
        <source> counts</source>
        <translation> Zählzeiten</translation>
    </message>
    <message>
        <source>The most counts that are asked of this player: the exercise goes up no further.</source>
        <translation>So viele Zählzeiten werden von diesem Spieler höchstens verlangt: weiter steigt die Übung nicht.</translation>
    </message>
    <message>
        <source>What is heard while the exercise runs. What sounds from loudspeakers is heard by the microphone too: use headphones.</source>
        <translation>Was klingt, während die Übung läuft. Was aus Lautsprechern klingt, hört auch das Mikrofon: nehmen Sie Kopfhörer.</translation>
    </message>
    <message>
        <source>How narrow the targets are.</source>
        <translation>Wie eng die Ziele sind.</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Fingering</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>Tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Up to</source>
        <translation>Bis zu</translation>
    </message>
    <message>
        <source>Plays along</source>
        <translation>Spielt mit</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>In tune with</source>
        <translation>Gestimmt nach</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>equal</source>
        <translation>gleichschwebend</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Temperament</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>How warm the room is</source>
        <translation>Wie warm der Raum ist</translation>
    </message>
    <message>
        <source>How warm the room is: kept with each take, since pitch goes with it.</source>
        <translation>Wie warm der Raum ist: wird mit jeder Aufnahme behalten, weil die Tonhöhe damit geht.</translation>
    </message>
    <message>
        <source>I moved the microphone</source>
        <translation>Ich habe das Mikrofon verrückt</translation>
    </message>
    <message>
        <source>Loudness depends on where the microphone stands: the map of reach begins anew from here.</source>
        <translation>Die Lautstärke hängt davon ab, wo das Mikrofon steht: die Karte der Reichweite beginnt von hier neu.</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>The take ends by itself: one second after the tone, or after the last cue.</source>
        <translation>Die Aufnahme endet von selbst: eine Sekunde nach dem Ton oder nach dem letzten Teil.</translation>
    </message>
    <message>
        <source>“%1” is no note. Write it like %2 or %3, or leave it empty for any note.</source>
        <translation>„%1“ ist kein Ton. Schreiben Sie ihn wie %2 oder %3, oder lassen Sie es leer für jeden Ton.</translation>
    </message>
    <message>
        <source>just on %1</source>
        <translation>rein auf %1</translation>
    </message>
    <message>
        <source>The exercise says how it is tuned.</source>
        <translation>Die Übung sagt, wie sie gestimmt ist.</translation>
    </message>
    <message>
        <source>Compared with the player’s own home note.</source>
        <translation>Verglichen mit dem eigenen Grundton des Spielers.</translation>
    </message>
    <message>
        <source>pure over home</source>
        <translation>rein über dem Grundton</translation>
    </message>
    <message>
        <source>own home note</source>
        <translation>eigener Grundton</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>flash</source>
        <translation>Blitz</translation>
    </message>
    <message>
        <source>click</source>
        <translation>Klick</translation>
    </message>
    <message>
        <source>fork, then click</source>
        <translation>Stimmgabel, dann Klick</translation>
    </message>
    <message>
        <source>drone on home</source>
        <translation>Bordun auf dem Grundton</translation>
    </message>
    <message>
        <source>a partner</source>
        <translation>ein Partner</translation>
    </message>
    <message>
        <source>soft swell</source>
        <translation>leises Schwellen</translation>
    </message>
    <message>
        <source>earlier take</source>
        <translation>frühere Aufnahme</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>room °C</source>
        <translation>Raum °C</translation>
    </message>
</context>
<context>
    <name>calando::HeardDialog</name>
    <message>
        <source>Is everything heard?</source>
        <translation>Ist alles zu hören?</translation>
    </message>
    <message>
        <source>Input level</source>
        <translation>Eingangspegel</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Anfangen</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>Plays by itself when the take starts.</source>
        <translation>Spielt von selbst, wenn die Aufnahme beginnt.</translation>
    </message>
    <message>
        <source>Play any note: its name stands here.</source>
        <translation>Irgendeinen Ton spielen: Hier steht sein Name.</translation>
    </message>
    <message>
        <source>Heard, and loud enough.</source>
        <translation>Zu hören, und laut genug.</translation>
    </message>
</context>
<context>
    <name>calando::HeardPicture</name>
    <message>
        <source>Picture of the take</source>
        <translation>Bild der Aufnahme</translation>
    </message>
</context>
<context>
    <name>calando::HeardView</name>
    <message>
        <source>Smallest differences heard</source>
        <translation>Kleinste gehörte Unterschiede</translation>
    </message>
    <message>
        <source>%1: hears %2</source>
        <comment>what, how little of it</comment>
        <translation>%1: hört %2</translation>
    </message>
    <message>
        <source>The ear was not asked yet: Ears (Alt+4) does, five minutes at a time.</source>
        <translation>Das Ohr wurde noch nicht gefragt: Gehör (Alt+4) tut es, fünf Minuten lang.</translation>
    </message>
</context>
<context>
    <name>calando::HelpedView</name>
    <message>
        <source>What helped</source>
        <translation>Was half</translation>
    </message>
    <message>
        <source>helped in %1 of %2</source>
        <translation>half in %1 von %2</translation>
    </message>
    <message>
        <source>%1 changed by %2</source>
        <translation>%1 änderte sich um %2</translation>
    </message>
    <message>
        <source>%1: no difference to speak of</source>
        <translation>%1: kein nennenswerter Unterschied</translation>
    </message>
    <message>
        <source>too few to say how much</source>
        <translation>zu wenige, um zu sagen, wie viel</translation>
    </message>
    <message>
        <source>an image</source>
        <translation>ein Bild</translation>
    </message>
    <message>
        <source>Said of it: %1</source>
        <translation>Dazu wird gesagt: %1</translation>
    </message>
    <message>
        <source>Measured: %1</source>
        <translation>Gemessen: %1</translation>
    </message>
    <message>
        <source>%1 differs by %2 %3</source>
        <comment>figure, how much, between which</comment>
        <translation>%1 unterscheidet sich um %2 %3</translation>
    </message>
    <message>
        <source>%1: no difference to speak of</source>
        <comment>between which</comment>
        <translation>%1: kein nennenswerter Unterschied</translation>
    </message>
    <message>
        <source>%1 and %2 takes</source>
        <translation>%1 und %2 Aufnahmen</translation>
    </message>
    <message>
        <source>with the attention on the sound, against on the count</source>
        <translation>mit der Aufmerksamkeit beim Klang, gegen beim Zählen</translation>
    </message>
    <message>
        <source>with “%1” ticked, against without</source>
        <translation>mit „%1“ abgehakt, gegen ohne</translation>
    </message>
    <message>
        <source>in the words of “%1”, against “%2”</source>
        <translation>in den Worten von „%1“, gegen „%2“</translation>
    </message>
    <message>
        <source>What was tried</source>
        <translation>Was versucht wurde</translation>
    </message>
    <message>
        <source>Where the attention was</source>
        <translation>Wo die Aufmerksamkeit war</translation>
    </message>
    <message>
        <source>What was watched</source>
        <translation>Was beobachtet wurde</translation>
    </message>
    <message>
        <source>Whose words the exercises spoke</source>
        <translation>In wessen Worten die Übungen sprachen</translation>
    </message>
    <message>
        <source>Nothing was tried yet. Y says that the one thing to try was tried in a take; 5 to 8 say where the attention was.</source>
        <translation>Noch wurde nichts versucht. Y sagt, dass das Eine in einer Aufnahme versucht wurde; 5 bis 8 sagen, wo die Aufmerksamkeit war.</translation>
    </message>
</context>
<context>
    <name>calando::HomeworkInbox</name>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 has changed and is marked again; what was said of it before is set aside.</source>
        <translation>%1 hat sich geändert und wird neu ausgewertet; was zuvor dazu gesagt wurde, ist beiseitegelegt.</translation>
    </message>
</context>
<context>
    <name>calando::HomeworkLists</name>
    <message>
        <source>This list cannot be read any more: %1</source>
        <translation>Diese Liste kann nicht mehr gelesen werden: %1</translation>
    </message>
</context>
<context>
    <name>calando::Keeping</name>
    <message>
        <source>noise suppression</source>
        <translation>Rauschunterdrückung</translation>
    </message>
    <message>
        <source>a noise gate</source>
        <translation>ein Gate</translation>
    </message>
    <message>
        <source>automatic gain</source>
        <translation>automatische Pegelregelung</translation>
    </message>
    <message>
        <source>The computer changes the microphone’s sound (%1): breath is not measured so. Switch that off in the desktop’s sound settings, or in the microphone’s own.</source>
        <translation>Der Computer ändert den Klang des Mikrofons (%1): so wird der Atem nicht gemessen. Schalten Sie das in den Klangeinstellungen des Desktops oder des Mikrofons aus.</translation>
    </message>
    <message>
        <source>The computer changes the microphone’s sound (%1): loudness and noise are not what was played. Switch that off in the desktop’s sound settings.</source>
        <translation>Der Computer ändert den Klang des Mikrofons (%1): Lautstärke und Geräusch sind nicht, was gespielt wurde. Schalten Sie das in den Klangeinstellungen des Desktops aus.</translation>
    </message>
    <message>
        <source>, </source>
        <comment>between items of a list</comment>
        <translation>, </translation>
    </message>
    <message>
        <source>No tone was found in this take. It is kept; delete it, or mark it as not yet.</source>
        <translation>In dieser Aufnahme wurde kein Ton gefunden. Sie ist behalten; löschen Sie sie, oder sagen Sie „noch nicht“.</translation>
    </message>
    <message>
        <source>No breath was found in this take: come nearer to the microphone. It is kept; delete it, or mark it as not yet.</source>
        <translation>In dieser Aufnahme wurde kein Atem gefunden: kommen Sie näher ans Mikrofon. Sie ist behalten; löschen Sie sie, oder sagen Sie „noch nicht“.</translation>
    </message>
    <message>
        <source>The microphone hears the swell: breath is not measured so. Use headphones, or the flash.</source>
        <translation>Das Mikrofon hört das Schwellen: so wird der Atem nicht gemessen. Nehmen Sie Kopfhörer oder den Blitz.</translation>
    </message>
    <message>
        <source>The microphone hears the partner. How far apart you are is measured all the same; for the tone itself use headphones.</source>
        <translation>Das Mikrofon hört den Partner. Wie weit Sie auseinander sind, wird trotzdem gemessen; für den Ton selbst nehmen Sie Kopfhörer.</translation>
    </message>
    <message>
        <source>The microphone hears the drone. Pitch and length are measured all the same; for tone over air noise use headphones.</source>
        <translation>Das Mikrofon hört den Bordun. Tonhöhe und Länge werden trotzdem gemessen; für „Ton über Luftgeräusch“ nehmen Sie Kopfhörer.</translation>
    </message>
    <message>
        <source>The microphone hears the clicks. They are taken out of the figures as far as they are alike; headphones are surer.</source>
        <translation>Das Mikrofon hört die Klicks. Sie werden aus den Werten genommen, soweit sie gleich sind; Kopfhörer sind sicherer.</translation>
    </message>
    <message>
        <source>The sound stumbled in this take: the computer was busy. Timing is judged against your own pulse, not against the click.</source>
        <translation>Der Klang stolperte in dieser Aufnahme: der Computer war beschäftigt. Die Zeit wird am eigenen Puls gemessen, nicht am Klick.</translation>
    </message>
    <message>
        <source>Timing is judged against your own pulse. Measure delay, once, to judge it against the click.</source>
        <translation>Die Zeit wird am eigenen Puls gemessen. Messen Sie einmal die Verzögerung, um sie am Klick zu messen.</translation>
    </message>
    <message>
        <source>%1 min on the small part today: that is enough. Rest, or one more?</source>
        <translation>Heute %1 min ohne das Instrument: das ist genug. Pause, oder noch einmal?</translation>
    </message>
    <message>
        <source>%1 min of long tones today: that is enough. Rest, or one more?</source>
        <translation>Heute %1 min lange Töne: das ist genug. Pause, oder noch einmal?</translation>
    </message>
    <message>
        <source>That was %1 of %2 today: enough of it. Rest, or one more?</source>
        <translation>Das war %1 von %2 heute: genug davon. Pause, oder noch einmal?</translation>
    </message>
    <message>
        <source>A recording was found that is no take yet and belongs to nobody here. It is safe on disk.</source>
        <translation>Eine Aufnahme wurde gefunden, die noch nicht in der Liste ist und niemandem hier gehört. Sie ist sicher auf der Platte.</translation>
    </message>
    <message>
        <source>A recording was found that is no take yet. It is safe on disk.</source>
        <translation>Eine Aufnahme wurde gefunden, die noch nicht in der Liste ist. Sie ist sicher auf der Platte.</translation>
    </message>
    <message>
        <source>%1 recordings were found that are no takes yet; %2 belong to nobody here. They are safe on disk.</source>
        <translation>%1 Aufnahmen wurden gefunden, die noch nicht in der Liste sind; %2 gehören niemandem hier. Sie sind sicher auf der Platte.</translation>
    </message>
    <message>
        <source>%1 recordings were found that are no takes yet. They are safe on disk.</source>
        <translation>%1 Aufnahmen wurden gefunden, die noch nicht in der Liste sind. Sie sind sicher auf der Platte.</translation>
    </message>
    <message>
        <source>Nothing was recorded: the take was stopped before any sound came.</source>
        <translation>Nichts wurde aufgenommen: es wurde beendet, bevor ein Klang kam.</translation>
    </message>
    <message>
        <source>You get tired: %1 since the day’s beginning. Rest as long as you have played, or stop for today.</source>
        <translation>Es wird müde: %1 seit Beginn des Tages. Pause, so lange wie gespielt wurde, oder Schluss für heute.</translation>
    </message>
    <message>
        <source>The take is kept; it is %1’s.</source>
        <translation>Die Aufnahme ist behalten; sie gehört %1.</translation>
    </message>
    <message>
        <source>The take of %1 could not be kept: %2. It is in memory until it is saved elsewhere or Calando is closed; what was recorded of it is offered at the next start.</source>
        <translation>Die Aufnahme von %1 konnte nicht behalten werden: %2. Sie ist im Speicher, bis sie anderswo gespeichert oder Calando geschlossen wird; was davon aufgenommen ist, wird beim nächsten Start angeboten.</translation>
    </message>
    <message>
        <source>Save elsewhere…</source>
        <translation>Anderswo speichern …</translation>
    </message>
    <message>
        <source>The hand let go before the air came: this try does not count.</source>
        <translation>Die Hand ließ los, bevor die Luft kam: dieser Versuch zählt nicht.</translation>
    </message>
    <message>
        <source>Easy for %1 s: stop there.</source>
        <translation>Leicht für %1 s: da aufhören.</translation>
    </message>
    <message>
        <source>Longest today %1 s, ever %2 s.</source>
        <translation>Heute am längsten %1 s, überhaupt %2 s.</translation>
    </message>
    <message>
        <source>It held: the next one goes at %1 a minute.</source>
        <translation>Es hielt: das nächste geht mit %1 in der Minute.</translation>
    </message>
    <message>
        <source>Now breathe normally for %1 s.</source>
        <translation>Jetzt %1 s normal atmen.</translation>
    </message>
    <message>
        <source>Measure delay</source>
        <translation>Verzögerung messen</translation>
    </message>
    <message>
        <source>The take is not saved yet: %1.</source>
        <translation>Die Aufnahme ist noch nicht gespeichert: %1.</translation>
    </message>
    <message>
        <source>no place was chosen</source>
        <translation>kein Ort wurde gewählt</translation>
    </message>
    <message>
        <source>Written: %1. Open it with Ctrl+O once there is room.</source>
        <translation>Geschrieben: %1. Öffnen Sie es mit Strg+O, wenn wieder Platz ist.</translation>
    </message>
    <message>
        <source>%1 And others: %2.</source>
        <translation>%1 Und andere: %2.</translation>
    </message>
    <message>
        <source>Look at them…</source>
        <translation>Ansehen …</translation>
    </message>
    <message>
        <source>A take of %1, %2 s long, was not kept last time: Calando was ended while it recorded, or there was no room. It is safe on disk.</source>
        <translation>Eine Aufnahme von %1, %2 s lang, wurde letztes Mal nicht behalten: Calando wurde beim Aufnehmen beendet, oder es war kein Platz. Sie ist sicher auf der Platte.</translation>
    </message>
    <message>
        <source>Keep it as a take</source>
        <translation>Als Aufnahme behalten</translation>
    </message>
    <message>
        <source>found after a crash</source>
        <translation>nach einem Absturz gefunden</translation>
    </message>
    <message>
        <source>Opening recordings: %1 of %2</source>
        <translation>Aufnahmen werden übernommen: %1 von %2</translation>
    </message>
</context>
<context>
    <name>calando::LessonClock</name>
    <message>
        <source>How long this lesson has lasted</source>
        <translation>Wie lange diese Stunde gedauert hat</translation>
    </message>
</context>
<context>
    <name>calando::LessonView</name>
    <message>
        <source>%1 /min</source>
        <translation>%1 /min</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Running order of the lesson</source>
        <translation>Reihenfolge der Stunde</translation>
    </message>
    <message>
        <source>All exercises: choose the lesson’s and their order, and make own ones</source>
        <translation>Alle Übungen: die der Stunde und ihre Reihenfolge wählen, eigene machen</translation>
    </message>
    <message>
        <source>Last take: %1. %2 of %3 were good; %4 of %5 open the next one.</source>
        <translation>Letzte Aufnahme: %1. %2 von %3 waren gut; %4 von %5 öffnen die nächste.</translation>
    </message>
    <message>
        <source>Not tried yet.</source>
        <translation>Noch nicht versucht.</translation>
    </message>
    <message numerus="yes">
        <source>Opens after %n more good takes of the one before.</source>
        <translation>
            <numerusform>Öffnet sich nach %n weiterer guter Aufnahme der Übung davor.</numerusform>
            <numerusform>Öffnet sich nach %n weiteren guten Aufnahmen der Übung davor.</numerusform>
        </translation>
    </message>
    <message>
        <source>Running order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Choose exercises…</source>
        <translation>Übungen wählen …</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
</context>
<context>
    <name>calando::ListDialog</name>
    <message>
        <source>What is to be sent</source>
        <translation>Was zu schicken ist</translation>
    </message>
    <message>
        <source>A title, such as the class and the week</source>
        <translation>Ein Titel, etwa Klasse und Woche</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>due</source>
        <translation>fällig</translation>
    </message>
    <message>
        <source>Erase the list</source>
        <translation>Liste löschen</translation>
    </message>
    <message>
        <source>Search the exercises; Return adds</source>
        <translation>Übungen suchen; Eingabe fügt hinzu</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>%1 – %2</source>
        <comment>an exercise, why it is not to be had</comment>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>Add to the list</source>
        <translation>Zur Liste</translation>
    </message>
    <message>
        <source>The list</source>
        <translation>Die Liste</translation>
    </message>
    <message>
        <source>To be sent</source>
        <translation>Zu schicken</translation>
    </message>
    <message>
        <source>from note</source>
        <translation>ab Ton</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Auf</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Ab</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Notes as written, such as Bb4; empty: any. Up to: a row goes as far as there.</source>
        <translation>Töne wie notiert, etwa Bb4; leer: beliebig. Bis: eine Reihe geht bis dahin.</translation>
    </message>
    <message>
        <source>A tempo from 20 to 400</source>
        <translation>Ein Tempo von 20 bis 400</translation>
    </message>
    <message>
        <source>No note: write it as Bb4 or F#3</source>
        <translation>Kein Ton: schreiben Sie Bb4 oder F#3</translation>
    </message>
</context>
<context>
    <name>calando::LogView</name>
    <message>
        <source>felt easy</source>
        <translation>fühlte sich leicht an</translation>
    </message>
    <message>
        <source>felt fair</source>
        <translation>fühlte sich mittel an</translation>
    </message>
    <message>
        <source>felt tight</source>
        <translation>fühlte sich eng an</translation>
    </message>
    <message>
        <source>attention on the sound</source>
        <translation>Aufmerksamkeit beim Klang</translation>
    </message>
    <message>
        <source>attention on the count</source>
        <translation>Aufmerksamkeit beim Zählen</translation>
    </message>
    <message>
        <source>attention on the lips</source>
        <translation>Aufmerksamkeit bei den Lippen</translation>
    </message>
    <message>
        <source>attention elsewhere</source>
        <translation>Aufmerksamkeit anderswo</translation>
    </message>
    <message>
        <source>Search: an exercise, a note, what was tried</source>
        <translation>Suchen: eine Übung, eine Notiz, was versucht wurde</translation>
    </message>
    <message>
        <source>Search the logbook</source>
        <translation>Im Tagebuch suchen</translation>
    </message>
    <message>
        <source>Logbook, by day</source>
        <translation>Tagebuch, nach Tagen</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>What, without the program</source>
        <translation>Was, ohne das Programm</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>HH:mm</source>
        <comment>a time of day</comment>
        <translation>HH:mm</translation>
    </message>
    <message>
        <source>%1 s held</source>
        <translation>%1 s gehalten</translation>
    </message>
    <message>
        <source>light-headed: stopped</source>
        <translation>benommen: aufgehört</translation>
    </message>
    <message>
        <source>tried: %1</source>
        <translation>versucht: %1</translation>
    </message>
    <message numerus="yes">
        <source>takes: %n, sound: %1</source>
        <translation>
            <numerusform>Aufnahmen: %n, Klang: %1</numerusform>
            <numerusform>Aufnahmen: %n, Klang: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 min by hand</source>
        <translation>%1 min von Hand</translation>
    </message>
    <message>
        <source>Nothing yet. Takes come here by themselves.</source>
        <translation>Noch nichts. Aufnahmen kommen von selbst hierher.</translation>
    </message>
    <message>
        <source>Nothing with “%1”.</source>
        <translation>Nichts mit „%1“.</translation>
    </message>
    <message>
        <source>by hand: %1 min · %2</source>
        <translation>von Hand: %1 min · %2</translation>
    </message>
    <message>
        <source>The entry was erased.</source>
        <translation>Der Eintrag wurde gelöscht.</translation>
    </message>
</context>
<context>
    <name>calando::MainWindow</name>
    <message>
        <source>Lesson</source>
        <translation>Stunde</translation>
    </message>
    <message>
        <source>Weeks</source>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>Post</source>
        <translation>Post</translation>
    </message>
    <message>
        <source>Ears</source>
        <translation>Gehör</translation>
    </message>
    <message>
        <source>Reckoner</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Calando</source>
        <translation>Calando</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>A folder for recordings</source>
        <translation>Ein Ordner für Aufnahmen</translation>
    </message>
    <message>
        <source>Save the take elsewhere</source>
        <translation>Die Aufnahme anderswo speichern</translation>
    </message>
    <message>
        <source>take.flac</source>
        <translation>aufnahme.flac</translation>
    </message>
    <message>
        <source>Sound (*.flac)</source>
        <translation>Klang (*.flac)</translation>
    </message>
    <message>
        <source>Space when the hand lets go</source>
        <translation>Leertaste, wenn die Hand loslässt</translation>
    </message>
    <message>
        <source>Space when the sheet slides</source>
        <translation>Leertaste, wenn das Blatt rutscht</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Add the first student</source>
        <translation>Ersten Schüler hinzufügen</translation>
    </message>
    <message>
        <source>Every take belongs to a student; everything stays on this computer.</source>
        <translation>Jede Aufnahme gehört einem Schüler; alles bleibt auf diesem Computer.</translation>
    </message>
    <message>
        <source>Add a student</source>
        <translation>Schüler hinzufügen</translation>
    </message>
    <message>
        <source>Before breathing</source>
        <translation>Vor dem Atmen</translation>
    </message>
    <message>
        <source>Stop at once when you feel light-headed, dizzy, tingling or in pain: Esc.
Sit down the first times. Short sets, and normal breaths between them.
Not after an illness, with trouble of heart, lungs or blood pressure, or in pregnancy, without a doctor’s word.
Calando is no medical device.

Space begins.</source>
        <translation>Hören Sie sofort auf bei Benommenheit, Schwindel, Kribbeln oder Schmerz: Esc.
Die ersten Male im Sitzen. Kurze Runden, und dazwischen normale Atemzüge.
Nicht nach einer Krankheit, bei Beschwerden an Herz, Lunge oder Blutdruck, oder in der Schwangerschaft ohne ärztlichen Rat.
Calando ist kein Medizinprodukt.

Die Leertaste beginnt.</translation>
    </message>
    <message>
        <source>Press Space to start. Or open a recording with Ctrl+O, or drop files here.</source>
        <translation>Leertaste: Start. Oder eine Aufnahme mit Strg+O öffnen, oder Dateien hierher ziehen.</translation>
    </message>
    <message>
        <source>The exercise was erased.</source>
        <translation>Die Übung wurde gelöscht.</translation>
    </message>
    <message>
        <source>%1 · the model</source>
        <translation>%1 · das Vorbild</translation>
    </message>
    <message>
        <source>Takes of %1 side by side</source>
        <translation>Aufnahmen von %1 nebeneinander</translation>
    </message>
    <message>
        <source>Open recordings</source>
        <translation>Aufnahmen öffnen</translation>
    </message>
    <message>
        <source>Sound files (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;All files (*)</source>
        <translation>Klangdateien (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Export the take</source>
        <translation>Die Aufnahme ausgeben</translation>
    </message>
    <message>
        <source>take.png</source>
        <translation>aufnahme.png</translation>
    </message>
    <message>
        <source>Picture (*.png *.svg);;Sound (*.wav *.flac);;Figures (*.json);;Tracks (*.csv)</source>
        <translation>Bild (*.png *.svg);;Klang (*.wav *.flac);;Werte (*.json);;Verläufe (*.csv)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>Look at the made-up class</source>
        <translation>Die erfundene Klasse ansehen</translation>
    </message>
    <message>
        <source>Listen first, unseen</source>
        <translation>Erst hören, ohne zu sehen</translation>
    </message>
    <message>
        <source>With their pictures</source>
        <translation>Mit ihren Bildern</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Vergleichen…</translation>
    </message>
</context>
<context>
    <name>calando::MessageBar</name>
    <message>
        <source>OK</source>
        <translation>OK</translation>
    </message>
    <message>
        <source>Take this message away</source>
        <translation>Diese Meldung wegnehmen</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Wie weit es ist</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>1 of %1: %2</source>
        <translation>1 von %1: %2</translation>
    </message>
</context>
<context>
    <name>calando::Mirror</name>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>The camera is on; nothing is kept.</source>
        <translation>Die Kamera ist an; nichts wird behalten.</translation>
    </message>
    <message>
        <source>No camera was found.</source>
        <translation>Keine Kamera gefunden.</translation>
    </message>
    <message>
        <source>The camera gives no picture: %1</source>
        <translation>Die Kamera gibt kein Bild: %1</translation>
    </message>
</context>
<context>
    <name>calando::NextRow</name>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
    <message>
        <source>Next exercise</source>
        <translation>Nächste Übung</translation>
    </message>
    <message>
        <source>Do that</source>
        <translation>Das machen</translation>
    </message>
</context>
<context>
    <name>calando::NoteMap</name>
    <message>
        <source>Tuning, wander, loudness and colour of the notes along the range</source>
        <translation>Stimmung, Wandern, Lautstärke und Farbe der Töne über den Umfang</translation>
    </message>
</context>
<context>
    <name>calando::NoteWeeks</name>
    <message>
        <source>Tuning of notes by week, cents</source>
        <translation>Stimmung der Töne nach Wochen, Cent</translation>
    </message>
    <message>
        <source>No note was asked for yet. Type one into the note’s field of the lesson.</source>
        <translation>Noch wurde kein Ton verlangt. Schreiben Sie einen in das Tonfeld der Stunde.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>cents off, the median of a week’s takes</source>
        <translation>Cent daneben, die Mitte der Aufnahmen einer Woche</translation>
    </message>
</context>
<context>
    <name>calando::ObservationRow</name>
    <message>
        <source>%1: not heard again</source>
        <translation>%1: nicht mehr gehört</translation>
    </message>
    <message>
        <source>%1: heard again</source>
        <translation>%1: wieder gehört</translation>
    </message>
    <message>
        <source>%1 · %2 %3 → %4</source>
        <comment>what was tried, a figure before and after</comment>
        <translation>%1 · %2 %3 → %4</translation>
    </message>
    <message>
        <source>it was so</source>
        <translation>es war so</translation>
    </message>
    <message>
        <source>it was not so</source>
        <translation>es war nicht so</translation>
    </message>
    <message>
        <source>was it so?</source>
        <translation>war es so?</translation>
    </message>
    <message>
        <source>right in %1 of %2</source>
        <translation>richtig in %1 von %2</translation>
    </message>
</context>
<context>
    <name>calando::OffsetsPicture</name>
    <message>
        <source>Cents off equal: just ones as squares, natural ones as rings</source>
        <translation>Cent neben gleichschwebend: reine als Quadrate, natürliche als Ringe</translation>
    </message>
    <message>
        <source>equal</source>
        <translation>gleichschwebend</translation>
    </message>
</context>
<context>
    <name>calando::OrderDialog</name>
    <message>
        <source>All exercises, and the lesson’s</source>
        <translation>Alle Übungen, und die der Stunde</translation>
    </message>
    <message>
        <source>Search: a title, a part of the lesson, a word</source>
        <translation>Suchen: ein Titel, ein Teil der Stunde, ein Wort</translation>
    </message>
    <message>
        <source>Exercises; ticked ones are in the lesson</source>
        <translation>Übungen; abgehakte gehören zur Stunde</translation>
    </message>
    <message>
        <source>in the lesson</source>
        <translation>in der Stunde</translation>
    </message>
    <message>
        <source>own exercises</source>
        <translation>eigene Übungen</translation>
    </message>
    <message>
        <source>What this order is called</source>
        <translation>Wie diese Reihenfolge heißt</translation>
    </message>
    <message>
        <source>Called</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Tick what belongs to the lesson; drag, or move with Up and Down.</source>
        <translation>Haken Sie ab, was zur Stunde gehört; ziehen, oder mit Auf und Ab verschieben.</translation>
    </message>
    <message>
        <source>%1 – %2</source>
        <comment>an exercise, why it is not to be had</comment>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Auf</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Ab</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Ändern …</translation>
    </message>
    <message>
        <source>Look at the chosen exercise, change an own one, or make an own one of it</source>
        <translation>Die gewählte Übung ansehen, eine eigene ändern oder eine eigene daraus machen</translation>
    </message>
</context>
<context>
    <name>calando::PairFields</name>
    <message>
        <source>fades</source>
        <translation>verklingt</translation>
    </message>
    <message>
        <source>surprises</source>
        <translation>überrascht</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>over a drone on the home note</source>
        <translation>über einem Bordun auf dem Grundton</translation>
    </message>
    <message>
        <source>with a partner</source>
        <translation>mit einem Partner</translation>
    </message>
    <message>
        <source> half steps</source>
        <translation> Halbtöne</translation>
    </message>
    <message>
        <source>The player’s note over the partner’s</source>
        <translation>Der Ton des Spielers über dem des Partners</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> Cent</translation>
    </message>
    <message>
        <source>How sharp the partner plays</source>
        <translation>Wie weit der Partner zu hoch spielt</translation>
    </message>
    <message>
        <source>How far the partner has gone by the end</source>
        <translation>Wie weit der Partner am Ende weg ist</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>hält</translation>
    </message>
    <message>
        <source>gives way</source>
        <translation>gibt nach</translation>
    </message>
    <message>
        <source>follows</source>
        <translation>folgt</translation>
    </message>
    <message>
        <source>The partner fades as a fork does</source>
        <translation>Der Partner verklingt wie eine Stimmgabel</translation>
    </message>
    <message>
        <source>Nobody says when the partner comes, or on which note</source>
        <translation>Niemand sagt, wann der Partner kommt und auf welchem Ton</translation>
    </message>
    <message>
        <source>Played</source>
        <translation>Gespielt</translation>
    </message>
    <message>
        <source>Interval</source>
        <translation>Intervall</translation>
    </message>
    <message>
        <source>Sharp, drifts</source>
        <translation>Zu hoch, driftet</translation>
    </message>
    <message>
        <source>Partner</source>
        <translation>Partner</translation>
    </message>
    <message>
        <source>Alone, over a drone or with a partner</source>
        <translation>Allein, über einem Bordun oder mit einem Partner</translation>
    </message>
    <message>
        <source>What the partner does</source>
        <translation>Was der Partner tut</translation>
    </message>
</context>
<context>
    <name>calando::PlanDialog</name>
    <message>
        <source>The plan of %1</source>
        <translation>Der Plan von %1</translation>
    </message>
    <message>
        <source>For this student, instead of what the exercises say:</source>
        <translation>Für diesen Schüler, statt dem, was die Übungen sagen:</translation>
    </message>
    <message>
        <source>good of the last</source>
        <translation>gute der letzten</translation>
    </message>
    <message>
        <source>on so many days:</source>
        <translation>an so vielen Tagen:</translation>
    </message>
    <message>
        <source>Exercise</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Asks</source>
        <translation>Verlangt</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Steht</translation>
    </message>
    <message>
        <source>Not before Monday</source>
        <translation>Nicht vor Montag</translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>left for now</source>
        <translation>vorerst gelassen</translation>
    </message>
    <message>
        <source>rests until %1</source>
        <translation>ruht bis %1</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>practised</source>
        <translation>geübt</translation>
    </message>
    <message>
        <source>Holidays</source>
        <translation>Ferien</translation>
    </message>
    <message>
        <source>Add a holiday</source>
        <translation>Ferien hinzufügen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Holidays: nothing is on the sheet</source>
        <translation>Ferien: nichts steht auf dem Blatt</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
</context>
<context>
    <name>calando::PlanPanel</name>
    <message>
        <source>%1 %2</source>
        <comment>a figure and its values</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Agree</source>
        <translation>Einverstanden</translation>
    </message>
    <message>
        <source>Not yet</source>
        <translation>Noch nicht</translation>
    </message>
    <message>
        <source>Another value than the proposed one</source>
        <translation>Ein anderer Wert als der vorgeschlagene</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Als Nächstes</translation>
    </message>
    <message>
        <source>Minutes a day</source>
        <translation>Minuten am Tag</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Sheet…</source>
        <translation>Blatt …</translation>
    </message>
    <message>
        <source>Plan…</source>
        <translation>Plan …</translation>
    </message>
    <message>
        <source>When an exercise is done, holidays, what rests and what was left</source>
        <translation>Wann eine Übung fertig ist, Ferien, was ruht und was gelassen wurde</translation>
    </message>
    <message>
        <source>At home, today</source>
        <translation>Zu Hause, heute</translation>
    </message>
    <message>
        <source>Load</source>
        <translation>Menge</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n weitere</numerusform>
            <numerusform>%n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing to change today</source>
        <translation>Heute ist nichts zu ändern</translation>
    </message>
    <message>
        <source>An exercise is proposed when it has been good often enough, on days enough.</source>
        <translation>Eine Übung wird vorgeschlagen, wenn sie oft genug gut war, an genug Tagen.</translation>
    </message>
    <message>
        <source>The range</source>
        <translation>Der Umfang</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>No practice today.</source>
        <translation>Heute kein Üben.</translation>
    </message>
    <message>
        <source>A holiday.</source>
        <translation>Ferien.</translation>
    </message>
    <message>
        <source>Nothing fits into the time that there is.</source>
        <translation>Nichts passt in die Zeit, die da ist.</translation>
    </message>
    <message>
        <source> — %1 in all</source>
        <translation> — %1 insgesamt</translation>
    </message>
    <message>
        <source>%1 min this week, last week %2</source>
        <translation>%1 min diese Woche, letzte Woche %2</translation>
    </message>
    <message>
        <source>A jump: much more than in the weeks before. Rest as long as you play.</source>
        <translation>Ein Sprung: viel mehr als in den Wochen davor. Pause, so lange wie gespielt wird.</translation>
    </message>
    <message>
        <source>Tired: stop here. Since the day’s beginning: %1.</source>
        <translation>Müde: hier aufhören. Seit Beginn des Tages: %1.</translation>
    </message>
    <message>
        <source>As a page…</source>
        <translation>Als Blatt …</translation>
    </message>
    <message>
        <source>As a calendar…</source>
        <translation>Als Kalender …</translation>
    </message>
    <message>
        <source>As text…</source>
        <translation>Als Text …</translation>
    </message>
    <message>
        <source>This week</source>
        <translation>Diese Woche</translation>
    </message>
    <message>
        <source>Next week</source>
        <translation>Nächste Woche</translation>
    </message>
    <message>
        <source>; more often is not better</source>
        <translation>; öfter ist nicht besser</translation>
    </message>
</context>
<context>
    <name>calando::Playback</name>
    <message>
        <source>Comparing needs two takes: mark them in the shelf with Ctrl and a click, or play this exercise again.</source>
        <translation>Vergleichen braucht zwei Aufnahmen: markieren Sie sie unten mit Strg und einem Klick, oder spielen Sie diese Übung noch einmal.</translation>
    </message>
    <message>
        <source>There are no two takes of one exercise yet: play one again.</source>
        <translation>Es gibt noch keine zwei Aufnahmen einer Übung: spielen Sie eine noch einmal.</translation>
    </message>
</context>
<context>
    <name>calando::PostPage</name>
    <message>
        <source>Nobody’s name is in these files. Add students first.</source>
        <translation>In diesen Dateien steht kein Name. Fügen Sie zuerst Schüler hinzu.</translation>
    </message>
    <message numerus="yes">
        <source>Recordings that name nobody: %n, such as %1</source>
        <translation>
            <numerusform>Aufnahmen ohne Namen: %n, etwa %1</numerusform>
            <numerusform>Aufnahmen ohne Namen: %n, etwa %1</numerusform>
        </translation>
    </message>
    <message>
        <source>They are %1’s</source>
        <translation>Sie gehören %1</translation>
    </message>
    <message>
        <source>A folder of recordings</source>
        <translation>Ein Ordner mit Aufnahmen</translation>
    </message>
    <message>
        <source>Open recordings</source>
        <translation>Aufnahmen öffnen</translation>
    </message>
    <message>
        <source>Sound files and tables (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff *.csv);;All files (*)</source>
        <translation>Klangdateien und Tabellen (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff *.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>A folder that recordings come into</source>
        <translation>Ein Ordner, in den Aufnahmen kommen</translation>
    </message>
    <message>
        <source>The list for students</source>
        <translation>Die Liste für Schüler</translation>
    </message>
    <message>
        <source>homework.pdf</source>
        <translation>hausaufgaben.pdf</translation>
    </message>
    <message>
        <source>Page (*.pdf);;Text (*.txt)</source>
        <translation>Seite (*.pdf);;Text (*.txt)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>A folder for the answers</source>
        <translation>Ein Ordner für die Antworten</translation>
    </message>
    <message>
        <source>Written into %1</source>
        <translation>In %1 geschrieben</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Give it out…</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>Students and what they sent</source>
        <translation>Schüler, und was sie geschickt haben</translation>
    </message>
    <message>
        <source>Drag an end, or a title to another item · a number says which item it is, 0 that it is none · arrows go from try to try · P listens</source>
        <translation>Ein Ende ziehen, oder einen Titel auf einen anderen Punkt · eine Zahl sagt, welcher Punkt es ist, 0, dass es keiner ist · Pfeile gehen von Versuch zu Versuch · P hört</translation>
    </message>
    <message>
        <source>Lists of homework</source>
        <translation>Hausaufgabenlisten</translation>
    </message>
    <message>
        <source>How far marking is</source>
        <translation>Wie weit die Auswertung ist</translation>
    </message>
    <message>
        <source>New list…</source>
        <translation>Neue Liste …</translation>
    </message>
    <message>
        <source>Open recordings…</source>
        <translation>Aufnahmen öffnen …</translation>
    </message>
    <message>
        <source>Open a folder…</source>
        <translation>Ordner öffnen …</translation>
    </message>
    <message>
        <source>Watch a folder</source>
        <translation>Ordner beobachten</translation>
    </message>
    <message>
        <source>Write all answers…</source>
        <translation>Alle Antworten schreiben …</translation>
    </message>
    <message>
        <source>A list</source>
        <translation>Eine Liste</translation>
    </message>
    <message>
        <source>%1, due %2</source>
        <comment>title, day</comment>
        <translation>%1, fällig %2</translation>
    </message>
    <message>
        <source>No list yet</source>
        <translation>Noch keine Liste</translation>
    </message>
    <message>
        <source>Make a list first: what students are to send.</source>
        <translation>Machen Sie zuerst eine Liste: was die Schüler schicken sollen.</translation>
    </message>
    <message>
        <source>Nothing came in yet</source>
        <translation>Noch ist nichts gekommen</translation>
    </message>
    <message numerus="yes">
        <source>Recordings that came in: %n</source>
        <translation>
            <numerusform>Eingegangene Aufnahmen: %n</numerusform>
            <numerusform>Eingegangene Aufnahmen: %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Drop recordings or a folder here. Names in them, or a table (file; student), say whose they are.</source>
        <translation>Ziehen Sie Aufnahmen oder einen Ordner hierher. Namen darin, oder eine Tabelle (Datei; Schüler), sagen, wessen sie sind.</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n students marked</source>
        <translation>
            <numerusform>%1 von %n Schüler ausgewertet</numerusform>
            <numerusform>%1 von %n Schülern ausgewertet</numerusform>
        </translation>
    </message>
    <message>
        <source>nobody has to be listened to first</source>
        <translation>niemand muss zuerst gehört werden</translation>
    </message>
    <message numerus="yes">
        <source>%n to listen to first</source>
        <translation>
            <numerusform>%n zuerst zu hören</numerusform>
            <numerusform>%n zuerst zu hören</numerusform>
        </translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Schüler</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>so many of so many cues</comment>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>is being marked</source>
        <translation>wird ausgewertet</translation>
    </message>
    <message>
        <source>not marked</source>
        <translation>nicht ausgewertet</translation>
    </message>
    <message>
        <source>What comes into a folder is opened by itself</source>
        <translation>Was in einen Ordner kommt, wird von selbst übernommen</translation>
    </message>
    <message>
        <source>Change it…</source>
        <translation>Ändern …</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Recordings</source>
        <translation>Aufnahmen</translation>
    </message>
</context>
<context>
    <name>calando::ReachChart</name>
    <message>
        <source>Reach: notes held steadily, by pitch and loudness</source>
        <translation>Reichweite: ruhig gehaltene Töne, nach Tonhöhe und Lautstärke</translation>
    </message>
    <message>
        <source>From %1 up only loud: %2 dB over the softest in the middle.</source>
        <translation>Von %1 aufwärts nur laut: %2 dB über dem leisesten in der Mitte.</translation>
    </message>
    <message>
        <source>From %1 down only loud: %2 dB over the softest in the middle.</source>
        <translation>Von %1 abwärts nur laut: %2 dB über dem leisesten in der Mitte.</translation>
    </message>
    <message>
        <source>Lines: softest and loudest of each note; dotted a month ago.</source>
        <translation>Linien: leisester und lautester jedes Tons; gepunktet vor einem Monat.</translation>
    </message>
    <message numerus="yes">
        <source>%n takes are not in it: the microphone stood elsewhere.</source>
        <translation>
            <numerusform>%n Aufnahme ist nicht darin: das Mikrofon stand anderswo.</numerusform>
            <numerusform>%n Aufnahmen sind nicht darin: das Mikrofon stand anderswo.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing was held steadily for half a second yet.</source>
        <translation>Noch wurde nichts eine halbe Sekunde ruhig gehalten.</translation>
    </message>
    <message>
        <source>loudness, as this microphone hears it</source>
        <translation>Lautstärke, wie dieses Mikrofon sie hört</translation>
    </message>
    <message>
        <source>%1, from %2 dB: %3 s, longest %4. This note has %5 dB from soft to loud.</source>
        <translation>%1, ab %2 dB: %3 s, am längsten %4. Dieser Ton hat %5 dB von leise bis laut.</translation>
    </message>
</context>
<context>
    <name>calando::Readout</name>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>Range</source>
        <translation>Umfang</translation>
    </message>
    <message>
        <source>Weeks</source>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Fingerings</source>
        <translation>Griffe</translation>
    </message>
    <message>
        <source>One thing to try</source>
        <translation>Eine Sache zum Versuchen</translation>
    </message>
    <message>
        <source>The teacher’s tone? Model (M) compares the next takes with it.</source>
        <translation>Der Ton des Lehrers? Vorbild (M) vergleicht die nächsten Aufnahmen damit.</translation>
    </message>
    <message>
        <source>Stopped: nothing is judged.</source>
        <translation>Angehalten: nichts wird beurteilt.</translation>
    </message>
    <message>
        <source>The air was not heard as it was: breath is not measured.</source>
        <translation>Die Luft wurde nicht gehört, wie sie war: der Atem wird nicht gemessen.</translation>
    </message>
    <message>
        <source>Explored: nothing is judged.</source>
        <translation>Erkundet: nichts wird beurteilt.</translation>
    </message>
    <message>
        <source>%1: %2 with the attention on the sound, %3 on the count</source>
        <translation>%1: %2 mit der Aufmerksamkeit beim Klang, %3 beim Zählen</translation>
    </message>
    <message>
        <source>%1; no difference to speak of.</source>
        <translation>%1; kein nennenswerter Unterschied.</translation>
    </message>
    <message>
        <source>%1; apart by %2 ± %3.</source>
        <translation>%1; um %2 ± %3 auseinander.</translation>
    </message>
    <message>
        <source>If it stays so once you are warm (%1): about %2 mm %3, roughly reckoned.</source>
        <translation>Wenn es so bleibt, sobald Sie warm sind (%1): etwa %2 mm %3, grob gerechnet.</translation>
    </message>
    <message>
        <source>the room has %1 °C</source>
        <translation>der Raum hat %1 °C</translation>
    </message>
    <message>
        <source>a cold room is flat</source>
        <translation>ein kalter Raum macht tief</translation>
    </message>
    <message>
        <source>out</source>
        <translation>heraus</translation>
    </message>
    <message>
        <source>in</source>
        <translation>hinein</translation>
    </message>
</context>
<context>
    <name>calando::ReckonRow</name>
    <message>
        <source>A number from %1 to %2, please.</source>
        <translation>Bitte eine Zahl von %1 bis %2.</translation>
    </message>
    <message>
        <source>A note, please, such as %1.</source>
        <translation>Bitte ein Ton, etwa %1.</translation>
    </message>
    <message>
        <source>That cannot be: no tube is that long.</source>
        <translation>Das kann nicht sein: kein Rohr ist so lang.</translation>
    </message>
</context>
<context>
    <name>calando::ReckonerPage</name>
    <message>
        <source>Reckoner</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>Into the lesson</source>
        <translation>In die Stunde</translation>
    </message>
    <message>
        <source>at concert pitch</source>
        <translation>klingend</translation>
    </message>
    <message>
        <source> /min</source>
        <translation> /min</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>Tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>Written note</source>
        <translation>Notierter Ton</translation>
    </message>
    <message>
        <source>Tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Air in the tube</source>
        <translation>Luft im Rohr</translation>
    </message>
    <message>
        <source>over it</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>just</source>
        <translation>rein</translation>
    </message>
    <message>
        <source>natural</source>
        <translation>natürlich</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Schwebungen</translation>
    </message>
    <message>
        <source>Degrees over the note</source>
        <translation>Stufen über dem Ton</translation>
    </message>
    <message>
        <source>Equal: a hundred cents a half step</source>
        <translation>Gleichschwebend: hundert Cent je Halbton</translation>
    </message>
    <message>
        <source>Cents of the just one off the equal one</source>
        <translation>Cent des reinen neben dem gleichschwebenden</translation>
    </message>
    <message>
        <source>Cents of the natural series off the equal one, and its partial</source>
        <translation>Cent der Naturtonreihe neben dem gleichschwebenden, und ihr Naturton</translation>
    </message>
    <message>
        <source>Beats a second of the equal one against the just one</source>
        <translation>Schwebungen in der Sekunde des gleichschwebenden gegen den reinen</translation>
    </message>
    <message>
        <source>partial</source>
        <translation>Naturton</translation>
    </message>
    <message>
        <source>written</source>
        <translation>notiert</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>Partials of the tube</source>
        <translation>Naturtöne des Rohrs</translation>
    </message>
    <message>
        <source>A row that is chosen is heard.</source>
        <translation>Eine gewählte Zeile klingt.</translation>
    </message>
    <message>
        <source>■ just   ○ natural series</source>
        <translation>■ rein   ○ Naturtonreihe</translation>
    </message>
    <message>
        <source>Over %1</source>
        <translation>Über %1</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Partials: %1</source>
        <translation>Naturtöne: %1</translation>
    </message>
    <message>
        <source>Partials: choose an instrument</source>
        <translation>Naturtöne: wählen Sie ein Instrument</translation>
    </message>
    <message>
        <source> beats</source>
        <translation> Schläge</translation>
    </message>
    <message>
        <source>Metre</source>
        <translation>Taktart</translation>
    </message>
</context>
<context>
    <name>calando::ReflectionBar</name>
    <message>
        <source>tried it</source>
        <translation>versucht</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>What the teacher says, attention, how it felt, what was watched; their keys open it.</source>
        <translation>Was der Lehrer sagt, Aufmerksamkeit, wie es sich anfühlte, was beobachtet wurde; die Tasten dafür öffnen es.</translation>
    </message>
    <message>
        <source>Teacher</source>
        <translation>Lehrer</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>zählt</translation>
    </message>
    <message>
        <source>does not count</source>
        <translation>zählt nicht</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>Attention</source>
        <translation>Achtsam auf</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Zählen</translation>
    </message>
    <message>
        <source>lips</source>
        <translation>Lippen</translation>
    </message>
    <message>
        <source>elsewhere</source>
        <translation>anderswo</translation>
    </message>
    <message>
        <source>Felt</source>
        <translation>Gefühl</translation>
    </message>
    <message>
        <source>easy</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>fair</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>Watched</source>
        <translation>Beobachtet</translation>
    </message>
    <message>
        <source>A note on this take</source>
        <translation>Eine Notiz zu dieser Aufnahme</translation>
    </message>
    <message>
        <source>This was tried (Y): %1</source>
        <translation>Versucht wurde (Y): %1</translation>
    </message>
    <message>
        <source>Was this tried? (Y) %1</source>
        <translation>Wurde das versucht? (Y) %1</translation>
    </message>
    <message>
        <source>There was nothing to try before this take.</source>
        <translation>Vor dieser Aufnahme war nichts zu versuchen.</translation>
    </message>
    <message>
        <source>How was it?</source>
        <translation>Wie war es?</translation>
    </message>
    <message>
        <source>How was it? %1</source>
        <translation>Wie war es? %1</translation>
    </message>
    <message>
        <source>wrong way</source>
        <translation>falscher Weg</translation>
    </message>
</context>
<context>
    <name>calando::ReportDialog</name>
    <message>
        <source>A report</source>
        <translation>Ein Bericht</translation>
    </message>
    <message>
        <source>for the student</source>
        <translation>für den Schüler</translation>
    </message>
    <message>
        <source>for the parents</source>
        <translation>für die Eltern</translation>
    </message>
    <message>
        <source>the class, for the term</source>
        <translation>die Klasse, für das Halbjahr</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>full names</source>
        <translation>ganze Namen</translation>
    </message>
    <message>
        <source>first names</source>
        <translation>Vornamen</translation>
    </message>
    <message>
        <source>initials</source>
        <translation>Anfangsbuchstaben</translation>
    </message>
    <message>
        <source>The report’s pages</source>
        <translation>Die Seiten des Berichts</translation>
    </message>
    <message>
        <source>Write pages…</source>
        <translation>Seiten schreiben …</translation>
    </message>
    <message>
        <source>Write text…</source>
        <translation>Text schreiben …</translation>
    </message>
    <message>
        <source>Write figures…</source>
        <translation>Werte schreiben …</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>The pictures are being drawn…</source>
        <translation>Die Bilder werden gezeichnet …</translation>
    </message>
    <message>
        <source>The report is not ready yet.</source>
        <translation>Der Bericht ist noch nicht fertig.</translation>
    </message>
    <message>
        <source>Page (*.pdf)</source>
        <translation>Seite (*.pdf)</translation>
    </message>
    <message>
        <source>Table (*.csv)</source>
        <translation>Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
    <message>
        <source>report</source>
        <comment>a file’s name</comment>
        <translation>bericht</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
</context>
<context>
    <name>calando::ReportMaker</name>
    <message>
        <source>%1 by week</source>
        <comment>a figure</comment>
        <translation>%1 nach Wochen</translation>
    </message>
    <message numerus="yes">
        <source>middle of %n takes since %1</source>
        <translation>
            <numerusform>Mitte von %n Aufnahme seit %1</numerusform>
            <numerusform>Mitte von %n Aufnahmen seit %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 against the four weeks before</source>
        <translation>%1 gegen die vier Wochen davor</translation>
    </message>
    <message>
        <source>no difference to speak of against the four weeks before</source>
        <translation>kein nennenswerter Unterschied zu den vier Wochen davor</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Als Nächstes</translation>
    </message>
    <message>
        <source>The same again, until it is reliable.</source>
        <translation>Noch einmal dasselbe, bis es sicher ist.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>an exercise and how often</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>A day at home: %1.</source>
        <translation>Ein Tag zu Hause: %1.</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <comment>instrument, day</comment>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1: this month</source>
        <translation>%1: dieser Monat</translation>
    </message>
    <message>
        <source>No take of the last four weeks has figures.</source>
        <translation>Keine Aufnahme der letzten vier Wochen hat Werte.</translation>
    </message>
    <message>
        <source>A take of %1: the line’s height is the pitch, its thickness the loudness.</source>
        <translation>Eine Aufnahme vom %1: die Höhe der Linie ist die Tonhöhe, ihre Dicke die Lautstärke.</translation>
    </message>
    <message>
        <source>What %1 is working at</source>
        <translation>Woran %1 arbeitet</translation>
    </message>
    <message numerus="yes">
        <source>%1 played on %n days of the last four weeks.</source>
        <translation>
            <numerusform>%1 hat in den letzten vier Wochen an %n Tag gespielt.</numerusform>
            <numerusform>%1 hat in den letzten vier Wochen an %n Tagen gespielt.</numerusform>
        </translation>
    </message>
    <message>
        <source>That is about as four weeks before.</source>
        <translation>Das ist etwa wie vor vier Wochen.</translation>
    </message>
    <message>
        <source>Four weeks before it was %1.</source>
        <translation>Vier Wochen davor waren es %1.</translation>
    </message>
    <message>
        <source>How to help</source>
        <translation>So können Sie helfen</translation>
    </message>
    <message>
        <source>A quiet quarter of an hour at the same time of day is worth more than an hour once a week. Listen to one long tone together: did it last, was it steady? Rest as long as was played; stop at once when dizzy or in pain.</source>
        <translation>Eine ruhige Viertelstunde zur selben Tageszeit ist mehr wert als eine Stunde einmal in der Woche. Hören Sie zusammen auf einen langen Ton: hat er gehalten, war er ruhig? Pause, so lange wie gespielt wurde; sofort aufhören bei Schwindel oder Schmerz.</translation>
    </message>
    <message>
        <source>The class, the last eight weeks</source>
        <translation>Die Klasse, die letzten acht Wochen</translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Schüler</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Aufnahmen</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Longest held</source>
        <translation>Am längsten gehalten</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>The newest take of each</source>
        <translation>Von jedem die neueste Aufnahme</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <comment>student, card, moment</comment>
        <translation>%1: %2, %3</translation>
    </message>
</context>
<context>
    <name>calando::Retention</name>
    <message numerus="yes">
        <source>The sound of %n takes was given up; for a day it can be brought back, here or in Settings.</source>
        <translation>
            <numerusform>Der Klang von %n Aufnahme wurde aufgegeben; einen Tag lang kann er zurückgeholt werden, hier oder in den Einstellungen.</numerusform>
            <numerusform>Der Klang von %n Aufnahmen wurde aufgegeben; einen Tag lang kann er zurückgeholt werden, hier oder in den Einstellungen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>The sound is back.</source>
        <translation>Der Klang ist wieder da.</translation>
    </message>
    <message numerus="yes">
        <source>%n takes are older than their sound is to be kept.</source>
        <translation>
            <numerusform>%n Aufnahme ist älter, als ihr Klang behalten werden soll.</numerusform>
            <numerusform>%n Aufnahmen sind älter, als ihr Klang behalten werden soll.</numerusform>
        </translation>
    </message>
    <message>
        <source>Look at them…</source>
        <translation>Ansehen …</translation>
    </message>
</context>
<context>
    <name>calando::RunningOrder</name>
    <message>
        <source>Own order</source>
        <translation>Eigene Reihenfolge</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a name, a number</comment>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>calando::SentCard</name>
    <message>
        <source>Into the weeks</source>
        <translation>In die Wochen</translation>
    </message>
    <message>
        <source>Remove from the list</source>
        <translation>Von der Liste nehmen</translation>
    </message>
    <message>
        <source>Answer to the student</source>
        <translation>Antwort an den Schüler</translation>
    </message>
    <message>
        <source>for a child</source>
        <translation>für ein Kind</translation>
    </message>
    <message>
        <source>for an adult</source>
        <translation>für einen Erwachsenen</translation>
    </message>
    <message>
        <source>for the parents</source>
        <translation>für die Eltern</translation>
    </message>
    <message>
        <source>Who reads the answer</source>
        <translation>Wer die Antwort liest</translation>
    </message>
    <message>
        <source>Write it out…</source>
        <translation>Herausschreiben …</translation>
    </message>
    <message>
        <source>As it was made</source>
        <translation>Wie sie gemacht war</translation>
    </message>
    <message>
        <source>Next student</source>
        <translation>Nächster Schüler</translation>
    </message>
    <message>
        <source>The best tries become takes of this student: in the shelf, in the weeks, for the plan</source>
        <translation>Die besten Versuche werden Aufnahmen dieses Schülers: unten, in den Wochen, für den Plan</translation>
    </message>
    <message>
        <source>It was taken out of the list; the files stay where they are.</source>
        <translation>Es wurde von der Liste genommen; die Dateien bleiben, wo sie sind.</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>until %1</source>
        <comment>a day</comment>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>On its way…</source>
        <translation>Unterwegs …</translation>
    </message>
    <message>
        <source>Is in the weeks</source>
        <translation>Ist in den Wochen</translation>
    </message>
    <message>
        <source>Nothing came in.</source>
        <translation>Nichts ist gekommen.</translation>
    </message>
    <message>
        <source>Add students in the lesson.</source>
        <translation>Fügen Sie in der Stunde Schüler hinzu.</translation>
    </message>
    <message>
        <source>Is being marked…</source>
        <translation>Wird ausgewertet …</translation>
    </message>
    <message>
        <source>Not marked: choose the list again to mark it.</source>
        <translation>Nicht ausgewertet: wählen Sie die Liste noch einmal.</translation>
    </message>
    <message numerus="yes">
        <source>recordings: %n, in all %1</source>
        <translation>
            <numerusform>Aufnahmen: %n, insgesamt %1</numerusform>
            <numerusform>Aufnahmen: %n, insgesamt %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::SentStrip</name>
    <message>
        <source>The recording, cut into tries</source>
        <translation>Die Aufnahme, in Versuche geschnitten</translation>
    </message>
    <message>
        <source>What a student sent is drawn here.</source>
        <translation>Was ein Schüler geschickt hat, wird hier gezeichnet.</translation>
    </message>
    <message>
        <source>talk</source>
        <translation>Reden</translation>
    </message>
    <message>
        <source>noise</source>
        <translation>Lärm</translation>
    </message>
    <message>
        <source>recording %1, %2</source>
        <comment>number, length</comment>
        <translation>Aufnahme %1, %2</translation>
    </message>
    <message>
        <source>none of them</source>
        <translation>keiner davon</translation>
    </message>
</context>
<context>
    <name>calando::Session</name>
    <message>
        <source>The delay was not measured.</source>
        <translation>Die Verzögerung wurde nicht gemessen.</translation>
    </message>
    <message>
        <source>There is no sound output to click on. Plug in headphones or loudspeakers.</source>
        <translation>Es gibt keine Klangausgabe für die Klicks. Stecken Sie Kopfhörer oder Lautsprecher ein.</translation>
    </message>
    <message>
        <source>The sound was late or missing on its way each time. Close what keeps the computer busy and measure again; until then timing is judged against your own pulse.</source>
        <translation>Der Klang kam jedes Mal zu spät oder fehlte unterwegs. Schließen Sie, was den Computer beschäftigt, und messen Sie noch einmal; bis dahin wird die Zeit am eigenen Puls gemessen.</translation>
    </message>
    <message>
        <source>The clicks were not heard clearly. Turn the loudspeaker up or move the microphone closer, and measure again; until then timing is judged against your own pulse.</source>
        <translation>Die Klicks waren nicht klar zu hören. Stellen Sie den Lautsprecher lauter oder das Mikrofon näher, und messen Sie noch einmal; bis dahin wird die Zeit am eigenen Puls gemessen.</translation>
    </message>
    <message>
        <source>No more sound comes from the microphone. What was played until then is kept; plug it in again or choose another source.</source>
        <translation>Vom Mikrofon kommt kein Klang mehr. Was bis dahin gespielt wurde, ist behalten; stecken Sie es wieder ein, oder wählen Sie eine andere Quelle.</translation>
    </message>
    <message>
        <source>Recording to disk has stopped: %1. What was recorded so far is safe, the rest of this take is in memory. Stop the take when it is done: then it can be saved elsewhere.</source>
        <translation>Das Aufnehmen auf die Platte hat aufgehört: %1. Was bisher aufgenommen ist, ist sicher, der Rest ist im Speicher. Beenden Sie die Aufnahme, wenn sie fertig ist: dann kann sie anderswo gespeichert werden.</translation>
    </message>
    <message>
        <source>There is no sound output for the count: it flashes on the screen.</source>
        <translation>Es gibt keine Klangausgabe für das Zählen: es blitzt auf dem Bildschirm.</translation>
    </message>
    <message>
        <source>The sound stumbled: the computer was busy. Once more, eight clicks.</source>
        <translation>Der Klang stolperte: der Computer war beschäftigt. Noch einmal, acht Klicks.</translation>
    </message>
    <message>
        <source>The delay is measured: timing is judged against the click from now on, to ±%1 ms.</source>
        <translation>Die Verzögerung ist gemessen: die Zeit wird von nun an am Klick gemessen, auf ±%1 ms.</translation>
    </message>
    <message>
        <source>Another Calando window has this studio open. Here it can be looked at, but nothing is changed or recorded.</source>
        <translation>Ein anderes Fenster von Calando hat dieses Studio offen. Hier kann es angesehen werden, aber nichts wird geändert oder aufgenommen.</translation>
    </message>
    <message>
        <source>No backup for a month: Settings (Ctrl+,) makes one.</source>
        <translation>Seit einem Monat keine Sicherung: die Einstellungen (Strg+,) machen eine.</translation>
    </message>
    <message>
        <source>Not well? Esc once more.</source>
        <translation>Nicht wohl? Noch einmal Esc.</translation>
    </message>
    <message>
        <source>Tired: rest at least as long as you played; then something easy, or enough for today.</source>
        <translation>Müde: Pause mindestens so lange, wie gespielt wurde; dann etwas Leichtes, oder genug für heute.</translation>
    </message>
    <message>
        <source>Stopped: no more breathing today until you say why. What was it?</source>
        <translation>Angehalten: heute kein Atmen mehr, bis Sie sagen, warum. Was war es?</translation>
    </message>
    <message>
        <source>Stopped. What was it?</source>
        <translation>Angehalten. Was war es?</translation>
    </message>
    <message>
        <source>Dizzy</source>
        <translation>Schwindlig</translation>
    </message>
    <message>
        <source>Pain</source>
        <translation>Schmerz</translation>
    </message>
    <message>
        <source>Tired</source>
        <translation>Müde</translation>
    </message>
    <message>
        <source>Enough</source>
        <translation>Genug</translation>
    </message>
    <message>
        <source>Nothing: it counts</source>
        <translation>Nichts: es zählt</translation>
    </message>
    <message>
        <source>Breathe normally first, for another %1 s.</source>
        <translation>Erst normal atmen, noch %1 s.</translation>
    </message>
    <message>
        <source>Start all the same</source>
        <translation>Trotzdem anfangen</translation>
    </message>
    <message>
        <source>One more</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>HH:mm</source>
        <comment>a time of day</comment>
        <translation>HH:mm</translation>
    </message>
    <message>
        <source>Pain: this kind of playing rests until it is opened again. If it comes back, have it looked at before you play on.</source>
        <translation>Schmerz: diese Art zu spielen ruht, bis sie wieder geöffnet wird. Kommt er wieder, lassen Sie danach sehen, bevor Sie weiterspielen.</translation>
    </message>
    <message>
        <source>Dizzy, at %1: no more breathing today, and no long tones. Sit down and breathe normally; if it does not pass, get help.</source>
        <translation>Schwindlig, um %1: heute kein Atmen mehr und keine langen Töne. Setzen und normal atmen; geht es nicht vorbei, Hilfe holen.</translation>
    </message>
    <message>
        <source>Open it again</source>
        <translation>Wieder öffnen</translation>
    </message>
    <message>
        <source>From now on loudness is compared with what comes, not with what was before.</source>
        <translation>Von nun an wird die Lautstärke mit dem verglichen, was kommt, nicht mit dem, was war.</translation>
    </message>
    <message>
        <source>The tone of the take shown last is the partner now. Use headphones, so that only you are heard.</source>
        <translation>Der zuletzt gezeigte Ton ist jetzt der Partner. Nehmen Sie Kopfhörer, damit nur Sie zu hören sind.</translation>
    </message>
    <message>
        <source>Open a take with a tone that is held for two seconds first: that becomes the partner.</source>
        <translation>Öffnen Sie zuerst eine Aufnahme mit einem Ton, der zwei Sekunden gehalten ist: der wird der Partner.</translation>
    </message>
    <message>
        <source>What sounds with a take: %1 dB.</source>
        <translation>Was mit einer Aufnahme klingt: %1 dB.</translation>
    </message>
    <message>
        <source>Add a student first: then a take has somebody to belong to.</source>
        <translation>Fügen Sie zuerst einen Schüler hinzu: dann gehört eine Aufnahme jemandem.</translation>
    </message>
    <message>
        <source>Add a student</source>
        <translation>Schüler hinzufügen</translation>
    </message>
    <message>
        <source>None of this exercise’s notes are in the student’s range. Ask for another home note.</source>
        <translation>Keiner der Töne dieser Übung liegt im Umfang des Schülers. Verlangen Sie einen anderen Grundton.</translation>
    </message>
    <message>
        <source>Record elsewhere…</source>
        <translation>Anderswo aufnehmen …</translation>
    </message>
    <message>
        <source>No sound comes from this source. Choose another one, or plug the microphone in again.</source>
        <translation>Von dieser Quelle kommt kein Klang. Wählen Sie eine andere, oder stecken Sie das Mikrofon wieder ein.</translation>
    </message>
    <message>
        <source>No sound comes from this source. Choose another one first.</source>
        <translation>Von dieser Quelle kommt kein Klang. Wählen Sie zuerst eine andere.</translation>
    </message>
    <message>
        <source>Eight clicks: let the microphone hear them, and be quiet for five seconds.</source>
        <translation>Acht Klicks: lassen Sie das Mikrofon sie hören, und seien Sie fünf Sekunden still.</translation>
    </message>
    <message>
        <source>Add a student first: then the recordings have somebody to belong to.</source>
        <translation>Fügen Sie zuerst einen Schüler hinzu: dann gehören die Aufnahmen jemandem.</translation>
    </message>
    <message>
        <source>The take was deleted.</source>
        <translation>Die Aufnahme wurde gelöscht.</translation>
    </message>
    <message>
        <source>Undo  ·  Ctrl+Z</source>
        <translation>Rückgängig  ·  Strg+Z</translation>
    </message>
</context>
<context>
    <name>calando::SettingsPage</name>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>both, where they differ</source>
        <translation>beide, wo sie sich unterscheiden</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>Where schools differ, exercises and advice speak in the words of this one.</source>
        <translation>Wo Schulen sich unterscheiden, sprechen Übungen und Rat in den Worten dieser.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>the desktop’s, where there is a translation</source>
        <translation>die des Desktops, wo es eine Übersetzung gibt</translation>
    </message>
    <message>
        <source>C D E F G A B♭ B</source>
        <translation>C D E F G A B♭ B</translation>
    </message>
    <message>
        <source>C D E F G A B H</source>
        <translation>C D E F G A B H</translation>
    </message>
    <message>
        <source>Do Ré Mi Fa Sol La Si♭ Si</source>
        <translation>Do Ré Mi Fa Sol La Si♭ Si</translation>
    </message>
    <message>
        <source>Names of the notes</source>
        <translation>Namen der Töne</translation>
    </message>
    <message>
        <source>Sharps or flats</source>
        <translation>Kreuze oder Be</translation>
    </message>
    <message>
        <source>as the instrument’s music has them</source>
        <translation>wie die Noten des Instruments sie haben</translation>
    </message>
    <message>
        <source>sharps</source>
        <translation>Kreuze</translation>
    </message>
    <message>
        <source>flats</source>
        <translation>Be</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>The system’s default</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source> dB</source>
        <translation> dB</translation>
    </message>
    <message>
        <source>Play on</source>
        <translation>Ausgabe auf</translation>
    </message>
    <message>
        <source>Click, drone, partner</source>
        <translation>Klick, Bordun, Partner</translation>
    </message>
    <message>
        <source>A partner sounds as</source>
        <translation>Ein Partner klingt als</translation>
    </message>
    <message>
        <source>a plain tone</source>
        <translation>ein schlichter Ton</translation>
    </message>
    <message>
        <source>the student’s own instrument</source>
        <translation>das Instrument des Schülers</translation>
    </message>
    <message>
        <source>Softer is better where a microphone hears the loudspeaker; best are headphones.</source>
        <translation>Leiser ist besser, wo ein Mikrofon den Lautsprecher hört; am besten sind Kopfhörer.</translation>
    </message>
    <message>
        <source>Studio</source>
        <translation>Studio</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>Everything is in it: copy it to keep it. The option %1 opens another one.</source>
        <translation>Alles ist darin: kopieren Sie ihn, um es zu behalten. Die Option %1 öffnet einen anderen.</translation>
    </message>
    <message>
        <source>Sound is kept</source>
        <translation>Klang wird behalten</translation>
    </message>
    <message>
        <source>Back up…</source>
        <translation>Sichern …</translation>
    </message>
    <message>
        <source>A backup of the studio</source>
        <translation>Eine Sicherung des Studios</translation>
    </message>
    <message>
        <source>studio-backup.zip</source>
        <translation>studio-sicherung.zip</translation>
    </message>
    <message>
        <source>Backup (*.zip)</source>
        <translation>Sicherung (*.zip)</translation>
    </message>
    <message>
        <source>Unpack a backup…</source>
        <translation>Sicherung auspacken …</translation>
    </message>
    <message>
        <source>A backup of a studio</source>
        <translation>Eine Sicherung eines Studios</translation>
    </message>
    <message>
        <source>An empty folder for it</source>
        <translation>Ein leerer Ordner dafür</translation>
    </message>
    <message>
        <source>Last backup</source>
        <translation>Letzte Sicherung</translation>
    </message>
    <message>
        <source>The whole studio in one file, read back after it is written. Put it on another disk.</source>
        <translation>Das ganze Studio in einer Datei, nach dem Schreiben zurückgelesen. Legen Sie sie auf eine andere Platte.</translation>
    </message>
    <message>
        <source>Figures stay; what is older is asked about at the start, and nothing goes by itself</source>
        <translation>Werte bleiben; nach dem, was älter ist, wird beim Start gefragt, und nichts geht von selbst</translation>
    </message>
    <message>
        <source>for good</source>
        <translation>für immer</translation>
    </message>
    <message>
        <source>%1 months</source>
        <translation>%1 Monate</translation>
    </message>
    <message>
        <source>Older: %1…</source>
        <translation>Älter: %1 …</translation>
    </message>
    <message>
        <source>Bring back: %1</source>
        <translation>Zurückholen: %1</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
</context>
<context>
    <name>calando::SheetPreview</name>
    <message>
        <source>The cues on the count; their loudness and pitch are drawn here</source>
        <translation>Die Teile auf dem Zählen; ihre Lautstärke und Tonhöhe werden hier gezeichnet</translation>
    </message>
    <message>
        <source>Preview of the cues on the count</source>
        <translation>Vorschau der Teile auf dem Zählen</translation>
    </message>
    <message>
        <source>A click or a drag puts a point on the beats, with Shift anywhere; a right click takes one away.</source>
        <translation>Ein Klick oder Ziehen setzt einen Punkt auf die Schläge, mit Umschalt überallhin; ein Rechtsklick nimmt einen weg.</translation>
    </message>
    <message>
        <source>Beats of the count: %1 before, %2 in all; %3 s</source>
        <translation>Schläge: %1 davor, %2 insgesamt; %3 s</translation>
    </message>
    <message>
        <source>Not counted: as long as it lasts</source>
        <translation>Nicht gezählt: so lange es dauert</translation>
    </message>
    <message>
        <source>Not counted; %1 s</source>
        <translation>Nicht gezählt; %1 s</translation>
    </message>
    <message>
        <source>loudness: 0 above, %1 dB below</source>
        <translation>Lautstärke: oben 0, unten %1 dB</translation>
    </message>
    <message>
        <source>pitch about the cue’s note: %1 cents above, %2 below</source>
        <translation>Tonhöhe um den Ton des Teils: %1 Cent darüber, %2 darunter</translation>
    </message>
</context>
<context>
    <name>calando::ShelfView</name>
    <message>
        <source>all there</source>
        <translation>alles da</translation>
    </message>
    <message numerus="yes">
        <source>%n missing</source>
        <translation>
            <numerusform>%n fehlt</numerusform>
            <numerusform>%n fehlen</numerusform>
        </translation>
    </message>
    <message>
        <source>even up to %1</source>
        <translation>gleichmäßig bis %1</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>zählt</translation>
    </message>
    <message>
        <source>does not count</source>
        <translation>zählt nicht</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>right figure, wrong way</source>
        <translation>richtige Zahl, falscher Weg</translation>
    </message>
    <message>
        <source>Takes, newest first</source>
        <translation>Aufnahmen, die neueste zuerst</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>a take&apos;s day</comment>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>%1 of %2 s</source>
        <translation>%1 von %2 s</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>Some of what was asked for could not be read and is set aside: judged as if nobody had asked for it.</source>
        <translation>Etwas von dem, was verlangt war, konnte nicht gelesen werden und ist beiseitegelegt: beurteilt, als hätte es niemand verlangt.</translation>
    </message>
    <message>
        <source>Its sound is cut short.</source>
        <translation>Der Klang ist abgeschnitten.</translation>
    </message>
    <message>
        <source>not even yet</source>
        <translation>noch nicht gleichmäßig</translation>
    </message>
</context>
<context>
    <name>calando::ShownTake</name>
    <message>
        <source>The sound of this take is cut short: %1 of %2 s. Its file was damaged; put back a copy of it if there is one.</source>
        <translation>Der Klang dieser Aufnahme ist abgeschnitten: %1 von %2 s. Die Datei wurde beschädigt; legen Sie eine Kopie zurück, wenn es eine gibt.</translation>
    </message>
</context>
<context>
    <name>calando::SoundsDialog</name>
    <message>
        <source>Give the sound up</source>
        <translation>Klang aufgeben</translation>
    </message>
    <message>
        <source>Sound that is older than it is to be kept</source>
        <translation>Klang, der älter ist, als er behalten werden soll</translation>
    </message>
    <message>
        <source>Takes, oldest first</source>
        <translation>Aufnahmen, die älteste zuerst</translation>
    </message>
    <message>
        <source>Figures, words and small pictures stay; the take can no more be heard, seen large or measured anew. Unmark what is to be kept. Models are not among them. For a day all of it can be brought back; a backup before keeps it elsewhere.</source>
        <translation>Werte, Worte und kleine Bilder bleiben; die Aufnahme kann nicht mehr gehört, groß gesehen oder neu gemessen werden. Nehmen Sie die Marke bei dem weg, was bleiben soll. Vorbilder sind nicht darunter. Einen Tag lang kann alles zurückgeholt werden; eine Sicherung davor bewahrt es anderswo.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
    <message>
        <source>%1 of %2 takes, %3 MB</source>
        <translation>%1 von %2 Aufnahmen, %3 MB</translation>
    </message>
</context>
<context>
    <name>calando::SourceBox</name>
    <message>
        <source>Measure delay</source>
        <translation>Verzögerung messen</translation>
    </message>
    <message>
        <source>Source of sound</source>
        <translation>Klangquelle</translation>
    </message>
    <message>
        <source>Another student who plays too: the take is kept with both. Of two with a microphone each, theirs is the left channel.</source>
        <translation>Ein anderer Schüler, der auch spielt: die Aufnahme steht bei beiden. Von zweien mit je einem Mikrofon ist seines der linke Kanal.</translation>
    </message>
    <message>
        <source>Plays eight clicks and hears how late they come back: from then on timing is judged against the click itself. Let the microphone hear the loudspeaker.</source>
        <translation>Spielt acht Klicks und hört, wie spät sie zurückkommen: von da an wird die Zeit am Klick selbst gemessen. Lassen Sie das Mikrofon den Lautsprecher hören.</translation>
    </message>
    <message>
        <source>Input level</source>
        <translation>Eingangspegel</translation>
    </message>
    <message>
        <source>with nobody else</source>
        <translation>mit niemandem</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>Plays by itself when the take starts.</source>
        <translation>Spielt von selbst, wenn die Aufnahme beginnt.</translation>
    </message>
    <message>
        <source>timing ± %1 ms</source>
        <translation>Zeit ± %1 ms</translation>
    </message>
    <message>
        <source>Way of playing</source>
        <translation>Spielweise</translation>
    </message>
    <message>
        <source>Plays together</source>
        <translation>Spielt zusammen</translation>
    </message>
    <message>
        <source>Open a recording…</source>
        <translation>Aufnahme öffnen …</translation>
    </message>
    <message>
        <source>Is everything heard?</source>
        <translation>Ist alles zu hören?</translation>
    </message>
    <message>
        <source>Plays</source>
        <translation>Spielt</translation>
    </message>
    <message>
        <source>Stand-in · %1</source>
        <translation>Ersatz · %1</translation>
    </message>
</context>
<context>
    <name>calando::StaffView</name>
    <message>
        <source>Asked-for note on the staff</source>
        <translation>Verlangter Ton im Notensystem</translation>
    </message>
    <message>
        <source>The written note asked for. Click a line or space to choose it, arrow keys move it, Delete frees it.</source>
        <translation>Der verlangte Ton, notiert. Ein Klick auf Linie oder Zwischenraum wählt ihn, Pfeiltasten verschieben ihn, Entf gibt ihn frei.</translation>
    </message>
    <message>
        <source>free note</source>
        <translation>freier Ton</translation>
    </message>
    <message>
        <source>as it sounds</source>
        <translation>wie es klingt</translation>
    </message>
    <message>
        <source>sounds %1</source>
        <translation>klingt %1</translation>
    </message>
</context>
<context>
    <name>calando::StudentChooser</name>
    <message>
        <source>Type a name</source>
        <translation>Einen Namen tippen</translation>
    </message>
    <message>
        <source>Search the students</source>
        <translation>Schüler suchen</translation>
    </message>
    <message>
        <source>Students</source>
        <translation>Schüler</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Change the student’s name, instrument or range</source>
        <translation>Name, Instrument oder Umfang des Schülers ändern</translation>
    </message>
    <message>
        <source>Erase</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Erase the student with all takes</source>
        <translation>Den Schüler mit allen Aufnahmen löschen</translation>
    </message>
    <message>
        <source>No student yet</source>
        <translation>Noch kein Schüler</translation>
    </message>
    <message>
        <source>Add one to begin: Ctrl+N</source>
        <translation>Fügen Sie einen hinzu: Strg+N</translation>
    </message>
    <message>
        <source>
written %1 sounds %2</source>
        <translation>
notiert %1 klingt %2</translation>
    </message>
    <message>
        <source>Student: %1</source>
        <translation>Schüler: %1</translation>
    </message>
    <message>
        <source>Add a student</source>
        <translation>Schüler hinzufügen</translation>
    </message>
    <message>
        <source>Edit the student</source>
        <translation>Schüler ändern</translation>
    </message>
    <message>
        <source>Erase %1? Takes: %2. The recordings, figures and notes are removed from this computer and cannot be brought back.</source>
        <translation>%1 löschen? Aufnahmen: %2. Aufnahmen, Werte und Notizen werden von diesem Computer entfernt und können nicht zurückgeholt werden.</translation>
    </message>
    <message>
        <source>Takes with another student among them: %1; they go from that one’s book too.</source>
        <translation>Aufnahmen, an denen ein anderer Schüler beteiligt ist: %1; sie verschwinden auch aus dessen Buch.</translation>
    </message>
    <message>
        <source>Erase the student</source>
        <translation>Schüler löschen</translation>
    </message>
    <message>
        <source>Erase for good</source>
        <translation>Endgültig löschen</translation>
    </message>
    <message>
        <source>Keep %1</source>
        <translation>%1 behalten</translation>
    </message>
</context>
<context>
    <name>calando::StudioFiles</name>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>%1 is here now, with running order, plan and what came with it.</source>
        <translation>%1 ist jetzt hier, mit Reihenfolge, Plan und allem, was mitkam.</translation>
    </message>
    <message>
        <source>From %1: takes %2, entries by hand %3. What was there already is left as it is.</source>
        <translation>Von %1: Aufnahmen %2, Einträge von Hand %3. Was schon da war, bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>The studio is being backed up…</source>
        <translation>Das Studio wird gesichert …</translation>
    </message>
    <message numerus="yes">
        <source>Backed up and read back: %n files in %1</source>
        <translation>
            <numerusform>Gesichert und zurückgelesen: %n Datei in %1</numerusform>
            <numerusform>Gesichert und zurückgelesen: %n Dateien in %1</numerusform>
        </translation>
    </message>
    <message>
        <source>The backup is being unpacked…</source>
        <translation>Die Sicherung wird ausgepackt …</translation>
    </message>
    <message>
        <source>The studio is in %1 now. Open it with: calando --studio %1</source>
        <translation>Das Studio ist jetzt in %1. Öffnen Sie es mit: calando --studio %1</translation>
    </message>
</context>
<context>
    <name>calando::TakeIntake</name>
    <message>
        <source>%1 could not be kept: %2.</source>
        <translation>%1 konnte nicht behalten werden: %2.</translation>
    </message>
    <message>
        <source>%1 is cut short: %2 of %3 s.</source>
        <translation>%1 ist abgeschnitten: %2 von %3 s.</translation>
    </message>
</context>
<context>
    <name>calando::TakeView</name>
    <message>
        <source>Ribbon of the take</source>
        <translation>Bild der Aufnahme</translation>
    </message>
    <message>
        <source>Pitch, loudness and tone colour over time. Arrow keys move, plus and minus zoom.</source>
        <translation>Tonhöhe, Lautstärke und Klangfarbe über die Zeit. Pfeiltasten verschieben, Plus und Minus ändern die Größe.</translation>
    </message>
    <message>
        <source>Ears first: the picture comes after the take.</source>
        <translation>Erst hören: das Bild kommt nach der Aufnahme.</translation>
    </message>
    <message>
        <source>Ears first: what did you hear? Show the trace with E.</source>
        <translation>Erst hören: was haben Sie gehört? E zeigt das Bild.</translation>
    </message>
    <message>
        <source>Being measured…</source>
        <translation>Wird gemessen …</translation>
    </message>
</context>
<context>
    <name>calando::TargetRows</name>
    <message>
        <source>“%1” is no number</source>
        <translation>„%1“ ist keine Zahl</translation>
    </message>
    <message>
        <source>its target begins above its end; exchange them</source>
        <translation>das Ziel beginnt über seinem Ende; tauschen Sie die beiden</translation>
    </message>
    <message>
        <source>Targets at this level</source>
        <translation>Ziele auf dieser Stufe</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a figure, then what is wrong with its target</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>give it a bound; an exercise cannot take the level’s away</source>
        <translation>geben Sie eine Grenze an; eine Übung kann die der Stufe nicht wegnehmen</translation>
    </message>
</context>
<context>
    <name>calando::TubeField</name>
    <message>
        <source>The fingering that is tried, in your own words; those used before are in the list.</source>
        <translation>Der versuchte Griff, in eigenen Worten; die bisherigen stehen in der Liste.</translation>
    </message>
    <message>
        <source>The tube that the partials are of: valves, slide, or the low note of a reed or flute.</source>
        <translation>Das Rohr, dessen Naturtöne es sind: Ventile, Zug oder der tiefe Ton eines Holzblasinstruments.</translation>
    </message>
</context>
<context>
    <name>calando::WeeksChart</name>
    <message>
        <source>By week: %1</source>
        <translation>Nach Wochen: %1</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d. MMM</translation>
    </message>
</context>
<context>
    <name>calando::WeeksPage</name>
    <message>
        <source>Ribbons</source>
        <translation>Bänder</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Tagebuch</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>What helped</source>
        <translation>Was half</translation>
    </message>
    <message>
        <source>Ear</source>
        <translation>Gehör</translation>
    </message>
    <message>
        <source>Report…</source>
        <translation>Bericht …</translation>
    </message>
    <message>
        <source>A page for the student, for the parents, or of the class</source>
        <translation>Eine Seite für den Schüler, für die Eltern oder von der Klasse</translation>
    </message>
    <message>
        <source>Pack…</source>
        <translation>Paket …</translation>
    </message>
    <message>
        <source>To the student’s own Calando and back</source>
        <translation>Zum eigenen Calando des Schülers und zurück</translation>
    </message>
    <message>
        <source>A pack for home…</source>
        <translation>Ein Paket für zu Hause …</translation>
    </message>
    <message>
        <source>The answer for the teacher…</source>
        <translation>Die Antwort für den Lehrer …</translation>
    </message>
    <message>
        <source>Everything, for another teacher…</source>
        <translation>Alles, für einen anderen Lehrer …</translation>
    </message>
    <message>
        <source>Open a pack…</source>
        <translation>Paket öffnen …</translation>
    </message>
    <message>
        <source>A pack</source>
        <translation>Ein Paket</translation>
    </message>
    <message>
        <source>Pack (*.zip)</source>
        <translation>Paket (*.zip)</translation>
    </message>
    <message>
        <source>There is nobody to write it for.</source>
        <translation>Es gibt niemanden, für den es wäre.</translation>
    </message>
    <message>
        <source>pack</source>
        <comment>a file’s name</comment>
        <translation>paket</translation>
    </message>
    <message>
        <source>Page (*.pdf)</source>
        <translation>Seite (*.pdf)</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
    <message>
        <source>This week’s sheet</source>
        <translation>Das Blatt dieser Woche</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>%1, week of %2</source>
        <comment>a file’s name: a student, a day</comment>
        <translation>%1, Woche ab %2</translation>
    </message>
    <message>
        <source>Next week’s sheet</source>
        <translation>Das Blatt der nächsten Woche</translation>
    </message>
</context>
<context>
    <name>calando::YearRing</name>
    <message>
        <source>Weeks as rows of small pictures</source>
        <translation>Wochen als Zeilen kleiner Bilder</translation>
    </message>
    <message>
        <source>No takes yet. Record one in the lesson (Alt+1): every week becomes a row here.</source>
        <translation>Noch keine Aufnahmen. Machen Sie eine in der Stunde (Alt+1): jede Woche wird hier eine Zeile.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <comment>card, moment, verdict</comment>
        <translation>%1, %2: %3</translation>
    </message>
</context>
</TS>
