<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
<context>
    <name>Advice</name>
    <message>
        <source>%1 %2 (An image.)</source>
        <translation>%1 %2 (Une image.)</translation>
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
        <translation>comment cela sonne, comparé au début</translation>
    </message>
    <message>
        <source>cents off the note as it was played</source>
        <translation>cents à côté de la note jouée</translation>
    </message>
    <message>
        <source>rings most at %1 ± %2 cents</source>
        <translation>sonne le mieux à %1 ± %2 cents</translation>
    </message>
    <message>
        <source>no place stands out</source>
        <translation>aucun endroit ne ressort</translation>
    </message>
    <message>
        <source>played here</source>
        <translation>joué ici</translation>
    </message>
    <message>
        <source>No bend was heard.</source>
        <translation>Aucune inflexion n’a été entendue.</translation>
    </message>
</context>
<context>
    <name>Braid</name>
    <message>
        <source>in tune after %1 s</source>
        <translation>juste après %1 s</translation>
    </message>
    <message>
        <source>not in tune</source>
        <translation>pas juste</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>aussitôt</translation>
    </message>
    <message>
        <source>after %1 s</source>
        <translation>après %1 s</translation>
    </message>
    <message>
        <source>partner</source>
        <translation>partenaire</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>l’autre</translation>
    </message>
    <message>
        <source>%1, moved</source>
        <translation>%1, a bougé</translation>
    </message>
    <message>
        <source>you</source>
        <translation>vous</translation>
    </message>
    <message>
        <source>a turn for each beat</source>
        <translation>un tour par battement</translation>
    </message>
    <message>
        <source>apart, cents</source>
        <translation>écart, cents</translation>
    </message>
    <message>
        <source>beats a second</source>
        <translation>battements par seconde</translation>
    </message>
    <message>
        <source>Two are listened for.</source>
        <translation>Deux sont écoutés.</translation>
    </message>
    <message>
        <source>Two were not heard together.</source>
        <translation>On n’en a pas entendu deux ensemble.</translation>
    </message>
    <message>
        <source>from pure %1, from equal %2 cents</source>
        <translation>du pur %1, du tempéré %2 cents</translation>
    </message>
    <message>
        <source>who is who is not known</source>
        <translation>on ne sait pas qui est qui</translation>
    </message>
    <message>
        <source>the wrong way first</source>
        <translation>d’abord dans le mauvais sens</translation>
    </message>
    <message>
        <source>nobody moved</source>
        <translation>personne n’a bougé</translation>
    </message>
    <message>
        <source>%1 beats a second left</source>
        <translation>il reste %1 battements par seconde</translation>
    </message>
    <message>
        <source>both: a turn for each beat, straight when in tune</source>
        <translation>les deux : un tour par battement, droit quand c’est juste</translation>
    </message>
</context>
<context>
    <name>CardWords</name>
    <message>
        <source>for other instruments</source>
        <translation>pour d’autres instruments</translation>
    </message>
    <message>
        <source>this instrument has no such overtones</source>
        <translation>cet instrument n’a pas ces harmoniques</translation>
    </message>
    <message>
        <source>this instrument’s tube has one length</source>
        <translation>le tube de cet instrument n’a qu’une longueur</translation>
    </message>
    <message>
        <source>beyond this instrument’s range</source>
        <translation>hors de la tessiture de cet instrument</translation>
    </message>
    <message>
        <source>zero one two three four five six seven eight nine ten eleven twelve</source>
        <comment>numbers by their names, in order, a blank between two</comment>
        <translation>zéro un deux trois quatre cinq six sept huit neuf dix onze douze</translation>
    </message>
</context>
<context>
    <name>Closing</name>
    <message>
        <source>A backup, a restore or a pack is under way; left, nothing of it stays.</source>
        <translation>Une sauvegarde, une restauration ou un paquet est en cours ; si on le quitte, il n’en reste rien.</translation>
    </message>
    <message>
        <source>Something is under way</source>
        <translation>Quelque chose est en cours</translation>
    </message>
    <message>
        <source>Finish it, then close</source>
        <translation>Finir, puis fermer</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Abandonner</translation>
    </message>
    <message>
        <source>Do not close</source>
        <translation>Ne pas fermer</translation>
    </message>
    <message>
        <source>Of %1 recordings %2 are in. Those that were opened stay where they are and can be opened again; homework goes on at the next start.</source>
        <translation>Sur %1 enregistrements, %2 sont repris. Ceux qui étaient ouverts restent où ils sont et peuvent être rouverts ; les devoirs continuent au prochain démarrage.</translation>
    </message>
</context>
<context>
    <name>Command</name>
    <message>
        <source>start and stop a take</source>
        <translation>commencer et arrêter une prise</translation>
    </message>
    <message>
        <source>stop at once, whatever sounds: dizzy, pain, tired, enough</source>
        <translation>arrêter tout de suite ce qui sonne : vertige, douleur, fatigue, assez</translation>
    </message>
    <message>
        <source>play the take, or the marked part as a loop; stop</source>
        <translation>écouter la prise, ou la partie marquée en boucle ; arrêter</translation>
    </message>
    <message>
        <source>ears first: hide or show the trace</source>
        <translation>écouter d’abord : cacher ou montrer l’image</translation>
    </message>
    <message>
        <source>partner, drone and click: louder</source>
        <translation>partenaire, bourdon et clic : plus fort</translation>
    </message>
    <message>
        <source>partner, drone and click: softer</source>
        <translation>partenaire, bourdon et clic : plus doux</translation>
    </message>
    <message>
        <source>next exercise of the lesson</source>
        <translation>exercice suivant de la leçon</translation>
    </message>
    <message>
        <source>choose the student</source>
        <translation>choisir l’élève</translation>
    </message>
    <message>
        <source>newer take</source>
        <translation>prise plus récente</translation>
    </message>
    <message>
        <source>older take</source>
        <translation>prise plus ancienne</translation>
    </message>
    <message>
        <source>it counts: good as it is, whatever the figures say</source>
        <translation>cela compte : bon comme c’est, quoi que disent les chiffres</translation>
    </message>
    <message>
        <source>it does not count: let go too early, wrong fingering, noise</source>
        <translation>ne compte pas : lâché trop tôt, mauvais doigté, bruit</translation>
    </message>
    <message>
        <source>not yet: the sound did not come, which is normal</source>
        <translation>pas encore : le son n’est pas venu, et c’est normal</translation>
    </message>
    <message>
        <source>right figure, wrong way: the numbers are good, how they were got is not</source>
        <translation>bon chiffre, mauvais moyen : les chiffres sont bons, la manière non</translation>
    </message>
    <message>
        <source>the player’s attention was on the sound</source>
        <translation>l’attention était au son</translation>
    </message>
    <message>
        <source>the player’s attention was on the count</source>
        <translation>l’attention était au compte</translation>
    </message>
    <message>
        <source>the player’s attention was on the lips</source>
        <translation>l’attention était aux lèvres</translation>
    </message>
    <message>
        <source>the player’s attention was elsewhere</source>
        <translation>l’attention était ailleurs</translation>
    </message>
    <message>
        <source>it felt easy</source>
        <translation>c’était facile</translation>
    </message>
    <message>
        <source>it felt fair</source>
        <translation>c’était moyen</translation>
    </message>
    <message>
        <source>it felt tight</source>
        <translation>c’était serré</translation>
    </message>
    <message>
        <source>watched: the belly moved</source>
        <translation>observé : le ventre a bougé</translation>
    </message>
    <message>
        <source>watched: the ribs widened</source>
        <translation>observé : les côtes se sont ouvertes</translation>
    </message>
    <message>
        <source>watched: the shoulders stayed quiet</source>
        <translation>observé : les épaules sont restées calmes</translation>
    </message>
    <message>
        <source>watched: upright all the time</source>
        <translation>observé : droit tout le temps</translation>
    </message>
    <message>
        <source>watched: the arms went with the air</source>
        <translation>observé : les bras sont allés avec l’air</translation>
    </message>
    <message>
        <source>watched: the corners of the mouth stayed where they were</source>
        <translation>observé : les coins de la bouche sont restés en place</translation>
    </message>
    <message>
        <source>watched: the cheeks stayed flat</source>
        <translation>observé : les joues sont restées plates</translation>
    </message>
    <message>
        <source>watched: the chin stayed flat</source>
        <translation>observé : le menton est resté plat</translation>
    </message>
    <message>
        <source>watched: the jaw stayed as it was</source>
        <translation>observé : la mâchoire est restée comme elle était</translation>
    </message>
    <message>
        <source>felt: the tongue did it, and nothing else</source>
        <translation>senti : la langue l’a fait, et rien d’autre</translation>
    </message>
    <message>
        <source>the one thing to try after the take before was tried in this one</source>
        <translation>ce qui était à essayer après la prise d’avant a été essayé dans celle-ci</translation>
    </message>
    <message>
        <source>was it so? yes; no; unsaid</source>
        <translation>était-ce ainsi ? oui ; non ; non dit</translation>
    </message>
    <message>
        <source>the mirror beside the picture: on and off; nothing of it is kept</source>
        <translation>le miroir à côté de l’image : oui ou non ; rien n’en est gardé</translation>
    </message>
    <message>
        <source>in an exercise against the teacher’s tone: this take is the model for the next ones</source>
        <translation>dans un exercice d’après le son du professeur : cette prise est le modèle des suivantes</translation>
    </message>
    <message>
        <source>figures, note by note, along the range</source>
        <translation>chiffres, note par note, sur la tessiture</translation>
    </message>
    <message>
        <source>compare the marked takes, or this one with the one before</source>
        <translation>comparer les prises marquées, ou celle-ci et celle d’avant</translation>
    </message>
    <message>
        <source>compare with closed eyes: listen first, then the names</source>
        <translation>comparer les yeux fermés : écouter d’abord, puis les noms</translation>
    </message>
    <message>
        <source>open recordings; they can also be dropped on the window</source>
        <translation>ouvrir des enregistrements ; on peut aussi les déposer sur la fenêtre</translation>
    </message>
    <message>
        <source>write the take to a file: sound, figures or picture</source>
        <translation>écrire la prise dans un fichier : son, chiffres ou image</translation>
    </message>
    <message>
        <source>add a student</source>
        <translation>ajouter un élève</translation>
    </message>
    <message>
        <source>delete the take</source>
        <translation>supprimer la prise</translation>
    </message>
    <message>
        <source>undo: a deleted take, a word, a changed plan, order or exercise, what was said of homework</source>
        <translation>annuler : une prise supprimée, un mot, un plan, un ordre ou un exercice changé, ce qui a été dit d’un devoir</translation>
    </message>
    <message>
        <source>the lesson</source>
        <translation>la leçon</translation>
    </message>
    <message>
        <source>the post: homework that came in, marked</source>
        <translation>le courrier : les devoirs reçus, évalués</translation>
    </message>
    <message>
        <source>ears: listening, asked about your own tones</source>
        <translation>oreille : questions à l’oreille, faites de vos propres sons</translation>
    </message>
    <message>
        <source>the weeks: growth, logbook, plan</source>
        <translation>les semaines : progrès, journal, plan</translation>
    </message>
    <message>
        <source>take what is proposed: after a take, or in the weeks with the value beside it</source>
        <translation>accepter ce qui est proposé : après une prise, ou dans les semaines avec la valeur à côté</translation>
    </message>
    <message>
        <source>not now; in the weeks: it is not proposed again for a week</source>
        <translation>pas maintenant ; dans les semaines : ce n’est plus proposé pendant une semaine</translation>
    </message>
    <message>
        <source>the reckoner: the arithmetic of the trade</source>
        <translation>le calculateur : l’arithmétique du métier</translation>
    </message>
    <message>
        <source>in the reckoner: note, tempo and tuning into the lesson</source>
        <translation>dans le calculateur : note, tempo et accord vers la leçon</translation>
    </message>
    <message>
        <source>settings</source>
        <translation>réglages</translation>
    </message>
    <message>
        <source>zoom in, out, all; arrow keys move, as does a drag with Ctrl; a plain drag marks</source>
        <translation>agrandir, réduire, tout ; les flèches déplacent, comme glisser avec Ctrl ; glisser simplement marque</translation>
    </message>
    <message>
        <source>this page</source>
        <translation>cette page</translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>&quot;lowest&quot; is not below &quot;highest&quot;</source>
        <translation>« lowest » n’est pas sous « highest »</translation>
    </message>
    <message>
        <source>&quot;{1}&quot; is missing</source>
        <translation>« {1} » manque</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>% of the air</source>
        <translation>% de l’air</translation>
    </message>
    <message>
        <source>% of the time</source>
        <translation>% du temps</translation>
    </message>
    <message>
        <source>/dB</source>
        <translation>/dB</translation>
    </message>
    <message>
        <source>10 seconds, dead level</source>
        <translation>10 secondes, bien droites</translation>
    </message>
    <message>
        <source>15 seconds, dead level</source>
        <translation>15 secondes, bien droites</translation>
    </message>
    <message>
        <source>5 seconds, dead level</source>
        <translation>5 secondes, bien droites</translation>
    </message>
    <message>
        <source>7 seconds, dead level</source>
        <translation>7 secondes, bien droites</translation>
    </message>
    <message>
        <source>A backup was being unpacked into {1} and was cut off. What there was of it is removed; unpack it again.</source>
        <translation>Une sauvegarde se déballait dans {1} et a été coupée. Ce qu’il y en avait est enlevé ; déballez-la encore.</translation>
    </message>
    <message>
        <source>A bend that stops where it is meant to is under control.</source>
        <translation>Une inflexion qui s’arrête où elle doit est maîtrisée.</translation>
    </message>
    <message>
        <source>A break is the air stopping, or its way closing; a shorter tone shows which.</source>
        <translation>Une coupure, c’est l’air qui s’arrête ou son chemin qui se ferme ; un son plus court montre lequel.</translation>
    </message>
    <message>
        <source>A breath that is not heard is soft or comes at another time; both can be mended.</source>
        <translation>Un souffle qu’on n’entend pas est doux ou vient à un autre moment ; les deux se corrigent.</translation>
    </message>
    <message>
        <source>A chord out of one tube</source>
        <translation>Un accord d’un seul tube</translation>
    </message>
    <message>
        <source>A chord out of three tubes</source>
        <translation>Un accord de trois tubes</translation>
    </message>
    <message>
        <source>A count more only when it is easy.</source>
        <translation>Un temps de plus seulement quand c’est facile.</translation>
    </message>
    <message>
        <source>A crackle with much energy in it may come of biting.</source>
        <translation>Un grésillement plein d’énergie peut venir de ce qu’on mord.</translation>
    </message>
    <message>
        <source>A crackle with much energy in it may come of pressing.</source>
        <translation>Un grésillement plein d’énergie peut venir de ce qu’on appuie.</translation>
    </message>
    <message>
        <source>A few tries, then something easy: high notes tire.</source>
        <translation>Quelques essais, puis quelque chose de facile : l’aigu fatigue.</translation>
    </message>
    <message>
        <source>A finger over half of the window makes it soft and low: the breath has to be very even now.</source>
        <translation>Un doigt sur la moitié de la fenêtre le rend doux et bas : le souffle doit être très régulier.</translation>
    </message>
    <message>
        <source>A first second that takes much air leaves little for the last.</source>
        <translation>Une première seconde qui prend beaucoup d’air en laisse peu à la dernière.</translation>
    </message>
    <message>
        <source>A first tone that lasts: five seconds, dead level.</source>
        <translation>Un premier son qui dure : cinq secondes, bien droites.</translation>
    </message>
    <message>
        <source>A full breath, then the tone</source>
        <translation>Un plein souffle, puis le son</translation>
    </message>
    <message>
        <source>A full tone has many overtones: room in the mouth, and air that flows through a small opening.</source>
        <translation>Un son plein a beaucoup d’harmoniques : de la place dans la bouche, et de l’air qui coule par une petite ouverture.</translation>
    </message>
    <message>
        <source>A fuller breath first.</source>
        <translation>D’abord un souffle plus plein.</translation>
    </message>
    <message>
        <source>A guided minute</source>
        <translation>Une minute guidée</translation>
    </message>
    <message>
        <source>A gulp at the end may lift the shoulders.</source>
        <translation>Une gorgée à la fin peut lever les épaules.</translation>
    </message>
    <message>
        <source>A hand on the belly: feel each of them.</source>
        <translation>Une main sur le ventre : sentir chacune.</translation>
    </message>
    <message>
        <source>A hand on the belly: it is still moving on the last count.</source>
        <translation>Une main sur le ventre : il bouge encore au dernier temps.</translation>
    </message>
    <message>
        <source>A hand’s width nearer to the wall.</source>
        <translation>Une largeur de main plus près du mur.</translation>
    </message>
    <message>
        <source>A hard start lifts the pitch until the air settles.</source>
        <translation>Un départ dur lève la hauteur jusqu’à ce que l’air se pose.</translation>
    </message>
    <message>
        <source>A high, thin hiss is a narrow throat; a low rush is an open one.</source>
        <translation>Un sifflement haut et mince est une gorge étroite ; un souffle grave une gorge ouverte.</translation>
    </message>
    <message>
        <source>A little is enough, and only softly: an opened jaw under load can be hurt. Stop at any pain.</source>
        <translation>Un peu suffit, et seulement doux : une mâchoire ouverte sous la charge peut se blesser. Arrêter à toute douleur.</translation>
    </message>
    <message>
        <source>A little less reed in the mouth.</source>
        <translation>Un peu moins d’anche dans la bouche.</translation>
    </message>
    <message>
        <source>A little more flow just before the change, not after it.</source>
        <translation>Un peu plus de flux juste avant le changement, pas après.</translation>
    </message>
    <message>
        <source>A little more lip on the reed, slowly, until it starts by itself.</source>
        <translation>Un peu plus de lèvre sur l’anche, lentement, jusqu’à ce qu’elle parte seule.</translation>
    </message>
    <message>
        <source>A little more lip on the reed, the air unchanged.</source>
        <translation>Un peu plus de lèvre sur l’anche, l’air inchangé.</translation>
    </message>
    <message>
        <source>A little more lip round it, the air unchanged.</source>
        <translation>Un peu plus de lèvre autour, l’air inchangé.</translation>
    </message>
    <message>
        <source>A little more of it in the mouth.</source>
        <translation>Un peu plus dans la bouche.</translation>
    </message>
    <message>
        <source>A little more reed in the mouth, slowly, until it starts by itself.</source>
        <translation>Un peu plus d’anche dans la bouche, lentement, jusqu’à ce qu’elle parte seule.</translation>
    </message>
    <message>
        <source>A long fall</source>
        <translation>Une longue descente</translation>
    </message>
    <message>
        <source>A long, soft breath first, then let it turn into a tone.</source>
        <translation>D’abord un long souffle doux, qui devienne un son.</translation>
    </message>
    <message>
        <source>A longer swell asks for smaller steps, and those are the harder ones.</source>
        <translation>Une enflure plus longue demande des pas plus petits, et ce sont les plus difficiles.</translation>
    </message>
    <message>
        <source>A longer tube answers slower and teaches patience; one rung more teaches aim.</source>
        <translation>Un tube plus long répond plus lentement et apprend la patience ; un barreau de plus apprend à viser.</translation>
    </message>
    <message>
        <source>A model is a take of the student whose other takes are compared with it.</source>
        <translation>Un modèle est une prise de l’élève à laquelle ses autres prises sont comparées.</translation>
    </message>
    <message>
        <source>A mouth that closes while the tone goes on lets the pitch climb; so does air that gets faster.</source>
        <translation>Une bouche qui se ferme pendant le son laisse monter la hauteur ; un air qui accélère aussi.</translation>
    </message>
    <message>
        <source>A narrow stream holds the paper with less air.</source>
        <translation>Un flux étroit tient le papier avec moins d’air.</translation>
    </message>
    <message>
        <source>A narrow way makes a quick breath loud and small.</source>
        <translation>Un chemin étroit rend une inspiration rapide bruyante et petite.</translation>
    </message>
    <message>
        <source>A note at the top or beyond it, where fingerings are personal: name the one you try, and see which speaks for you. Nothing is prescribed.</source>
        <translation>Une note au sommet ou au-delà, où les doigtés sont personnels : nommer celui qu’on essaie, et voir lequel parle. Rien n’est prescrit.</translation>
    </message>
    <message>
        <source>A note comes when it likes, and nobody says which. Find it, and be in tune with it as soon as you can.</source>
        <translation>Une note vient quand elle veut, et personne ne dit laquelle. La trouver, et être juste avec elle dès que possible.</translation>
    </message>
    <message>
        <source>A note in the middle first, until it is clear; then this one.</source>
        <translation>D’abord une note du milieu, jusqu’à ce qu’elle soit claire ; puis celle-ci.</translation>
    </message>
    <message>
        <source>A note in the middle first.</source>
        <translation>D’abord une note du milieu.</translation>
    </message>
    <message>
        <source>A note in the middle, softly.</source>
        <translation>Une note du milieu, doucement.</translation>
    </message>
    <message>
        <source>A note lower first, where it is full; then take that sound up with you.</source>
        <translation>D’abord une note plus bas, où c’est plein ; puis emporter ce son vers le haut.</translation>
    </message>
    <message>
        <source>A note of four beats ends where the fifth begins.</source>
        <translation>Une note de quatre temps finit où commence le cinquième.</translation>
    </message>
    <message>
        <source>A note that does not come is often one too many on that breath.</source>
        <translation>Une note qui ne vient pas est souvent une de trop sur ce souffle.</translation>
    </message>
    <message>
        <source>A note that was heard inwardly is found at the first try; one that is tried out takes several.</source>
        <translation>Une note entendue intérieurement se trouve au premier essai ; une qu’on tâte en prend plusieurs.</translation>
    </message>
    <message>
        <source>A partner who comes to you</source>
        <translation>Un partenaire qui vient vers vous</translation>
    </message>
    <message>
        <source>A partner who drifts</source>
        <translation>Un partenaire qui dérive</translation>
    </message>
    <message>
        <source>A partner who fades</source>
        <translation>Un partenaire qui s’éteint</translation>
    </message>
    <message>
        <source>A partner who is sharp</source>
        <translation>Un partenaire trop haut</translation>
    </message>
    <message>
        <source>A plain tone: few overtones sound in it.</source>
        <translation>Un son simple : peu d’harmoniques y sonnent.</translation>
    </message>
    <message>
        <source>A practised breath that lasts and stays level.</source>
        <translation>Un souffle exercé qui dure et reste droit.</translation>
    </message>
    <message>
        <source>A pure chord over the home note</source>
        <translation>Un accord pur sur la tonique</translation>
    </message>
    <message>
        <source>A pure fifth above the one who holds, two cents wider than the equal one.</source>
        <translation>Une quinte pure au-dessus de celui qui tient, deux cents plus large que la tempérée.</translation>
    </message>
    <message>
        <source>A pure major third above the one who holds, fourteen cents lower than the equal one.</source>
        <translation>Une tierce majeure pure au-dessus de celui qui tient, quatorze cents plus basse que la tempérée.</translation>
    </message>
    <message>
        <source>A push in the change makes the new note stick out.</source>
        <translation>Une poussée dans le changement fait ressortir la nouvelle note.</translation>
    </message>
    <message>
        <source>A quarter of an hour</source>
        <translation>Un quart d’heure</translation>
    </message>
    <message>
        <source>A quick breath, out four</source>
        <translation>Inspirer vite, expirer quatre</translation>
    </message>
    <message>
        <source>A quick, quiet breath in over two counts; out evenly over four.</source>
        <translation>Une inspiration rapide et silencieuse en deux temps ; expirer régulièrement en quatre.</translation>
    </message>
    <message>
        <source>A recorder has nothing but the breath: more of it is sharper.</source>
        <translation>Une flûte à bec n’a que le souffle : plus, c’est plus haut.</translation>
    </message>
    <message>
        <source>A recorder that hisses has too much air, or water in its way.</source>
        <translation>Une flûte à bec qui siffle a trop d’air, ou de l’eau dans son canal.</translation>
    </message>
    <message>
        <source>A reed that is bitten more and more sounds higher and higher, and closes.</source>
        <translation>Une anche qu’on mord de plus en plus sonne de plus en plus haut, et se ferme.</translation>
    </message>
    <message>
        <source>A reed that is bitten or blown shut lets no air through.</source>
        <translation>Une anche mordue ou fermée par le souffle ne laisse pas passer l’air.</translation>
    </message>
    <message>
        <source>A reed that swings unevenly, every second time wider: it may be bitten.</source>
        <translation>Une anche qui vibre inégalement, une fois sur deux plus large : on mord peut-être.</translation>
    </message>
    <message>
        <source>A regular vibrato from the first second.</source>
        <translation>Un vibrato régulier dès la première seconde.</translation>
    </message>
    <message>
        <source>A rung that is pushed away from its place tires and does not ring.</source>
        <translation>Un barreau poussé hors de sa place fatigue et ne sonne pas.</translation>
    </message>
    <message>
        <source>A scale an octave over a partner</source>
        <translation>Une gamme une octave au-dessus d’un partenaire</translation>
    </message>
    <message>
        <source>A scale an octave under a partner</source>
        <translation>Une gamme une octave au-dessous d’un partenaire</translation>
    </message>
    <message>
        <source>A scale in unison</source>
        <translation>Une gamme à l’unisson</translation>
    </message>
    <message>
        <source>A scale on the lips</source>
        <translation>Une gamme sur les lèvres</translation>
    </message>
    <message>
        <source>A scale on the mouthpiece</source>
        <translation>Une gamme sur l’embouchure</translation>
    </message>
    <message>
        <source>A scale on the mouthpiece over a drone</source>
        <translation>Une gamme sur l’embouchure au-dessus d’un bourdon</translation>
    </message>
    <message>
        <source>A scale with its ends held</source>
        <translation>Une gamme aux bouts tenus</translation>
    </message>
    <message>
        <source>A settled player: level, in tune, clean.</source>
        <translation>Un joueur posé : droit, juste, propre.</translation>
    </message>
    <message>
        <source>A shade higher by ear; then look for the place where it rings most.</source>
        <translation>Un peu plus haut à l’oreille ; puis chercher l’endroit où cela sonne le mieux.</translation>
    </message>
    <message>
        <source>A shade lower by ear; then look for the place where it rings most.</source>
        <translation>Un peu plus bas à l’oreille ; puis chercher l’endroit où cela sonne le mieux.</translation>
    </message>
    <message>
        <source>A shape that is sure on one note is not yet sure on the next.</source>
        <translation>Une forme sûre sur une note ne l’est pas encore sur la suivante.</translation>
    </message>
    <message>
        <source>A sheet at the wall</source>
        <translation>Une feuille au mur</translation>
    </message>
    <message>
        <source>A shorter hold at the same loudness.</source>
        <translation>Tenir moins longtemps, aussi fort.</translation>
    </message>
    <message>
        <source>A siren over more than an octave.</source>
        <translation>Une sirène de plus d’une octave.</translation>
    </message>
    <message>
        <source>A siren that moves by less than a whole tone.</source>
        <translation>Une sirène qui bouge de moins d’un ton.</translation>
    </message>
    <message>
        <source>A siren: up and down again without a break; that the way back ends a little lower is expected.</source>
        <translation>Une sirène : monter et redescendre sans coupure ; que le retour finisse un peu plus bas est attendu.</translation>
    </message>
    <message>
        <source>A slide that is aimed at a heard note slows down by itself before it.</source>
        <translation>Un glissé qui vise une note entendue ralentit de lui-même avant elle.</translation>
    </message>
    <message>
        <source>A smaller opening between the lips, the air as it is.</source>
        <translation>Une ouverture plus petite entre les lèvres, l’air comme il est.</translation>
    </message>
    <message>
        <source>A smaller opening, aimed at the far edge.</source>
        <translation>Une ouverture plus petite, dirigée vers le bord.</translation>
    </message>
    <message>
        <source>A smaller opening, and the same air behind it.</source>
        <translation>Une ouverture plus petite, et le même air derrière.</translation>
    </message>
    <message>
        <source>A smaller opening, the air as it is.</source>
        <translation>Une ouverture plus petite, l’air comme il est.</translation>
    </message>
    <message>
        <source>A smaller opening, the air unchanged.</source>
        <translation>Une ouverture plus petite, l’air inchangé.</translation>
    </message>
    <message>
        <source>A soft “doo”, the air going on.</source>
        <translation>Un « dou » doux, l’air qui continue.</translation>
    </message>
    <message>
        <source>A soft “pooh”, the air going on towards the far edge.</source>
        <translation>Un « pou » doux, l’air qui continue vers le bord.</translation>
    </message>
    <message>
        <source>A softer tone hears the louder one; the last beat takes the longest.</source>
        <translation>Un son plus doux entend le plus fort ; le dernier battement prend le plus de temps.</translation>
    </message>
    <message>
        <source>A softer tongue: “d” instead of “t”.</source>
        <translation>Une langue plus douce : « d » au lieu de « t ».</translation>
    </message>
    <message>
        <source>A sound that is mostly air misses the edge with a part of its stream.</source>
        <translation>Un son qui est surtout de l’air manque le bord avec une partie de son flux.</translation>
    </message>
    <message>
        <source>A start that is not waited for comes early.</source>
        <translation>Un départ qu’on n’attend pas vient tôt.</translation>
    </message>
    <message>
        <source>A start that waits for a second decision comes late.</source>
        <translation>Un départ qui attend une seconde décision vient tard.</translation>
    </message>
    <message>
        <source>An exercise is done when it repeats; then one thing, and only one, gets harder.</source>
        <translation>Un exercice est acquis quand il se répète ; alors une chose, et une seule, devient plus difficile.</translation>
    </message>
    <message>
        <source>A swell that starts late has to arrive late.</source>
        <translation>Une enflure qui commence tard doit arriver tard.</translation>
    </message>
    <message>
        <source>A thin sound has too little air behind it, or some of it gets past.</source>
        <translation>Un son mince a trop peu d’air derrière lui, ou un peu passe à côté.</translation>
    </message>
    <message>
        <source>A thin sound has too little air behind it, or too wide a way through.</source>
        <translation>Un son mince a trop peu d’air derrière lui, ou un passage trop large.</translation>
    </message>
    <message>
        <source>A tone that fades before it stops ran out of air rather than of patience.</source>
        <translation>Un son qui faiblit avant de finir a manqué d’air plutôt que de patience.</translation>
    </message>
    <message>
        <source>A tone that gives much at first has little left: the loudness runs down with the air.</source>
        <translation>Un son qui donne beaucoup au début a peu de reste : l’intensité s’épuise avec l’air.</translation>
    </message>
    <message>
        <source>A tone that is held longer than the air allows wanders before it ends.</source>
        <translation>Un son tenu plus longtemps que l’air ne permet flotte avant de finir.</translation>
    </message>
    <message>
        <source>A tone that needs several tries starts before the mouth is where it can sound.</source>
        <translation>Un son qui demande plusieurs essais part avant que la bouche soit où il peut sonner.</translation>
    </message>
    <message>
        <source>A tremble that is no vibrato may be tension that reaches the air.</source>
        <translation>Un tremblement qui n’est pas un vibrato peut être une tension qui atteint l’air.</translation>
    </message>
    <message>
        <source>A way that can be heard is a slide.</source>
        <translation>Un chemin qu’on entend est un glissé.</translation>
    </message>
    <message>
        <source>A way that stays whole while it gets slower or wider is under control.</source>
        <translation>Un chemin qui reste entier en devenant plus lent ou plus large est maîtrisé.</translation>
    </message>
    <message>
        <source>About ten cents is what an untrained ear tells in turn; together a beat a second tells four at A4, and one when it is slow.</source>
        <translation>Environ dix cents, c’est ce qu’une oreille non exercée distingue l’un après l’autre ; ensemble un battement par seconde en dit quatre au la 440, et un lent un seul.</translation>
    </message>
    <message>
        <source>Above its centre a note is thin and tires.</source>
        <translation>Au-dessus de son centre une note est mince et fatigue.</translation>
    </message>
    <message>
        <source>Above its centre a tube answers less: the tone takes more air and gives less back.</source>
        <translation>Au-dessus de son centre un tube répond moins : le son prend plus d’air et en rend moins.</translation>
    </message>
    <message>
        <source>After the finger let go, the tone is less clear.</source>
        <translation>Après que le doigt a lâché, le son est moins clair.</translation>
    </message>
    <message>
        <source>After which share of a breath’s time nine tenths of its air are past: 90 % is even.</source>
        <translation>Après quelle part du temps d’un souffle neuf dixièmes de son air sont passés : 90 % est régulier.</translation>
    </message>
    <message>
        <source>Against its partial</source>
        <translation>Contre son partiel</translation>
    </message>
    <message>
        <source>Against the one before</source>
        <translation>Contre celui d’avant</translation>
    </message>
    <message>
        <source>Against the one before, give or take</source>
        <translation>Contre celui d’avant, à peu près</translation>
    </message>
    <message>
        <source>Aim a little higher, and let it come down by itself.</source>
        <translation>Viser un peu plus haut, et laisser descendre tout seul.</translation>
    </message>
    <message>
        <source>Aim at one spot.</source>
        <translation>Viser un point.</translation>
    </message>
    <message>
        <source>Aim the air a little lower as it gets louder.</source>
        <translation>Diriger l’air un peu plus bas quand cela devient plus fort.</translation>
    </message>
    <message>
        <source>Aim the air a little lower on the far edge, the lower lip quiet.</source>
        <translation>Diriger l’air un peu plus bas sur le bord, la lèvre inférieure calme.</translation>
    </message>
    <message>
        <source>Aim the air a little lower.</source>
        <translation>Diriger l’air un peu plus bas.</translation>
    </message>
    <message>
        <source>Aim the air at one point on the wall and leave it there.</source>
        <translation>Diriger l’air vers un point du mur et l’y laisser.</translation>
    </message>
    <message>
        <source>Aim the air at one point on the wall, and leave it there.</source>
        <translation>Diriger l’air vers un point du mur, et l’y laisser.</translation>
    </message>
    <message>
        <source>Aim the air at one point.</source>
        <translation>Diriger l’air vers un point.</translation>
    </message>
    <message>
        <source>Air alone through mouthpiece and neck or barrel; then a little more lip on the reed, until it starts by itself.</source>
        <translation>L’air seul par le bec et le bocal ou le barillet ; puis un peu plus de lèvre sur l’anche, jusqu’à ce qu’elle parte seule.</translation>
    </message>
    <message>
        <source>Air alone through the rim; then bring the lips together until the sound starts by itself.</source>
        <translation>L’air seul par le bord ; puis rapprocher les lèvres jusqu’à ce que le son parte seul.</translation>
    </message>
    <message>
        <source>Air before</source>
        <translation>Air avant</translation>
    </message>
    <message>
        <source>Air before the tone may mean that the mouth was not yet where it can sound.</source>
        <translation>De l’air avant le son peut dire que la bouche n’était pas encore où il peut sonner.</translation>
    </message>
    <message>
        <source>Air first, then the lips</source>
        <translation>L’air d’abord, puis les lèvres</translation>
    </message>
    <message>
        <source>Air first, then the reed</source>
        <translation>L’air d’abord, puis l’anche</translation>
    </message>
    <message>
        <source>Air flows, and no sound yet. That is normal.</source>
        <translation>L’air coule, et pas encore de son. C’est normal.</translation>
    </message>
    <message>
        <source>Air flows, but no sound comes.</source>
        <translation>L’air coule, mais aucun son ne vient.</translation>
    </message>
    <message>
        <source>Air for most of a second, then the buzz.</source>
        <translation>De l’air presque une seconde, puis le son.</translation>
    </message>
    <message>
        <source>Air in the first quarter</source>
        <translation>Air du premier quart</translation>
    </message>
    <message>
        <source>Air in the last quarter</source>
        <translation>Air du dernier quart</translation>
    </message>
    <message>
        <source>Air in the tube</source>
        <translation>Air dans le tube</translation>
    </message>
    <message>
        <source>Air is heard for {air_before_ms} ms before the tone speaks.</source>
        <translation>On entend de l’air pendant {air_before_ms} ms avant que le son parle.</translation>
    </message>
    <message>
        <source>Air lasts</source>
        <translation>L’air dure</translation>
    </message>
    <message>
        <source>Air or lips that look for their place make waves.</source>
        <translation>L’air ou les lèvres qui cherchent leur place font des ondes.</translation>
    </message>
    <message>
        <source>Air over the room</source>
        <translation>Air sur la salle</translation>
    </message>
    <message>
        <source>Air strays by</source>
        <translation>L’air varie de</translation>
    </message>
    <message>
        <source>Air that does not become tone is heard as noise.</source>
        <translation>L’air qui ne devient pas son s’entend comme bruit.</translation>
    </message>
    <message>
        <source>Air that gets slower lets the pitch sink; so does a mouth that opens.</source>
        <translation>L’air qui ralentit laisse baisser la hauteur ; une bouche qui s’ouvre aussi.</translation>
    </message>
    <message>
        <source>Air that is heard first finds a reed that is not held yet.</source>
        <translation>L’air qu’on entend d’abord trouve une anche pas encore tenue.</translation>
    </message>
    <message>
        <source>Air that is heard first looks for lips that are not there yet.</source>
        <translation>L’air qu’on entend d’abord cherche des lèvres qui n’y sont pas encore.</translation>
    </message>
    <message>
        <source>Air that is heard first looks for the edge.</source>
        <translation>L’air qu’on entend d’abord cherche le bord.</translation>
    </message>
    <message>
        <source>Air that is held before the tone closes the throat and makes the start hard.</source>
        <translation>L’air retenu avant le son ferme la gorge et durcit le départ.</translation>
    </message>
    <message>
        <source>Air that stands still for the last counts closes the throat before the tone.</source>
        <translation>L’air immobile aux derniers temps ferme la gorge avant le son.</translation>
    </message>
    <message>
        <source>Air that stops for the change makes two starts of one slur.</source>
        <translation>L’air qui s’arrête pour le changement fait d’une liaison deux départs.</translation>
    </message>
    <message>
        <source>Air without sound: it does not meet the far edge yet.</source>
        <translation>De l’air sans son : il ne rencontre pas encore le bord.</translation>
    </message>
    <message>
        <source>Air without sound: it may not meet the far edge, or be spread too wide for it.</source>
        <translation>De l’air sans son : il manque peut-être le bord, ou est trop large pour lui.</translation>
    </message>
    <message>
        <source>Air without sound: nothing is set going yet.</source>
        <translation>De l’air sans son : rien ne vibre encore.</translation>
    </message>
    <message>
        <source>Air without sound: the lips are not set going yet.</source>
        <translation>De l’air sans son : les lèvres ne vibrent pas encore.</translation>
    </message>
    <message>
        <source>Air without sound: the lips may be too far apart to be set going.</source>
        <translation>De l’air sans son : les lèvres sont peut-être trop écartées pour vibrer.</translation>
    </message>
    <message>
        <source>Air without sound: the reed is not set going yet, or a hole is open.</source>
        <translation>De l’air sans son : l’anche ne vibre pas encore, ou un trou est ouvert.</translation>
    </message>
    <message>
        <source>Air without sound: the reed is not set going yet.</source>
        <translation>De l’air sans son : l’anche ne vibre pas encore.</translation>
    </message>
    <message>
        <source>Air without sound: the reed is too far open, or air gets past it.</source>
        <translation>De l’air sans son : l’anche est trop ouverte, ou l’air passe à côté.</translation>
    </message>
    <message>
        <source>Air without sound: too little of it, or the window is covered.</source>
        <translation>De l’air sans son : trop peu, ou la fenêtre est couverte.</translation>
    </message>
    <message>
        <source>Air without sound: too much of it, or a hole or the window is covered wrongly.</source>
        <translation>De l’air sans son : trop, ou un trou ou la fenêtre est mal couvert.</translation>
    </message>
    <message>
        <source>Air, no buzz</source>
        <translation>De l’air, pas de vibration</translation>
    </message>
    <message>
        <source>Air: faster to rise, slower to fall, the lips as they are.</source>
        <translation>L’air : plus rapide pour monter, plus lent pour descendre, les lèvres comme elles sont.</translation>
    </message>
    <message>
        <source>All came, and all inside the targets.</source>
        <translation>Tout est venu, et tout est dans la cible.</translation>
    </message>
    <message>
        <source>All inside the targets.</source>
        <translation>Tout est dans la cible.</translation>
    </message>
    <message>
        <source>All inside the targets: {span_semitones} half steps.</source>
        <translation>Tout est dans la cible : {span_semitones} demi-tons.</translation>
    </message>
    <message>
        <source>All inside the targets; a vibrato of {vibrato_cents} cents to either side, {vibrato_hz} a second.</source>
        <translation>Tout est dans la cible ; un vibrato de {vibrato_cents} cents de chaque côté, {vibrato_hz} par seconde.</translation>
    </message>
    <message>
        <source>All of them as soft as the softest.</source>
        <translation>Toutes aussi douces que la plus douce.</translation>
    </message>
    <message>
        <source>Alone you were {turn_cents} ± {turn_cents:unsure} cents above the one before.</source>
        <translation>Seul, c’était {turn_cents} ± {turn_cents:unsure} cents au-dessus de celui d’avant.</translation>
    </message>
    <message>
        <source>Alone you were {turn_cents} ± {turn_cents:unsure} cents below the one before.</source>
        <translation>Seul, c’était {turn_cents} ± {turn_cents:unsure} cents au-dessous de celui d’avant.</translation>
    </message>
    <message>
        <source>Alone {turn_cents} ± {turn_cents:unsure} cents off the one before: less than most ears tell one after the other.</source>
        <translation>Seul, à {turn_cents} ± {turn_cents:unsure} cents de celui d’avant : moins que la plupart des oreilles ne distinguent l’un après l’autre.</translation>
    </message>
    <message>
        <source>Alto clarinet in E♭</source>
        <translation>Clarinette alto en mi♭</translation>
    </message>
    <message>
        <source>Alto flute</source>
        <translation>Flûte alto</translation>
    </message>
    <message>
        <source>Alto recorder</source>
        <translation>Flûte à bec alto</translation>
    </message>
    <message>
        <source>Alto saxophone in E♭</source>
        <translation>Saxophone alto en mi♭</translation>
    </message>
    <message>
        <source>Alto trombone</source>
        <translation>Trombone alto</translation>
    </message>
    <message>
        <source>An octave above the one who holds: the lower one’s own overtone is what you join.</source>
        <translation>Une octave au-dessus de celui qui tient : c’est son propre harmonique que l’on rejoint.</translation>
    </message>
    <message>
        <source>An octave below the one who holds: your overtone joins the partner.</source>
        <translation>Une octave au-dessous de celui qui tient : votre harmonique rejoint le partenaire.</translation>
    </message>
    <message>
        <source>Another Calando window has the studio in {1} open. Close it, then try again.</source>
        <translation>Une autre fenêtre de Calando a le studio de {1} ouvert. Fermez-la, puis réessayez.</translation>
    </message>
    <message>
        <source>Another Calando window has this studio open; here it can only be looked at. Close the other window to change it.</source>
        <translation>Une autre fenêtre de Calando a ce studio ouvert ; ici on ne peut que le regarder. Fermez l’autre fenêtre pour le changer.</translation>
    </message>
    <message>
        <source>Another low note asks for another shape of the mouth; one rung more for aim.</source>
        <translation>Une autre note grave demande une autre forme de bouche ; un barreau de plus, de viser.</translation>
    </message>
    <message>
        <source>Another reed, once: does it hiss as well?</source>
        <translation>Une autre anche, une fois : siffle-t-elle aussi ?</translation>
    </message>
    <message>
        <source>Apart at the end</source>
        <translation>Écart à la fin</translation>
    </message>
    <message>
        <source>Arrive without a gulp, the shoulders as they were.</source>
        <translation>Arriver sans gorgée, les épaules comme elles étaient.</translation>
    </message>
    <message>
        <source>Arrives {glide_error_cents} cents off the note.</source>
        <translation>Arrive à {glide_error_cents} cents de la note.</translation>
    </message>
    <message>
        <source>As before a word that you do not say.</source>
        <translation>Comme avant un mot qu’on ne dit pas.</translation>
    </message>
    <message>
        <source>As deep in the mouth as the thread allows, lips loose: one crow that stays as it is.</source>
        <translation>Aussi loin dans la bouche que le fil le permet, lèvres souples : un croassement qui reste comme il est.</translation>
    </message>
    <message>
        <source>As high as it goes</source>
        <translation>Aussi haut que ça va</translation>
    </message>
    <message>
        <source>As if it were one long note that changes its name.</source>
        <translation>Comme si c’était une seule longue note qui change de nom.</translation>
    </message>
    <message>
        <source>As if it were one long tone.</source>
        <translation>Comme si c’était une seule longue note.</translation>
    </message>
    <message>
        <source>As if you yawned with closed lips; keep that room.</source>
        <translation>Comme si l’on bâillait lèvres fermées ; garder cette place.</translation>
    </message>
    <message>
        <source>As long as it stays still, and no longer.</source>
        <translation>Aussi longtemps que c’est calme, et pas plus.</translation>
    </message>
    <message>
        <source>As many as hold</source>
        <translation>Autant que ça tient</translation>
    </message>
    <message>
        <source>As soft as it goes</source>
        <translation>Aussi doux que ça va</translation>
    </message>
    <message>
        <source>As when something surprises you.</source>
        <translation>Comme quand quelque chose surprend.</translation>
    </message>
    <message>
        <source>As wide as it goes</source>
        <translation>Aussi large que ça va</translation>
    </message>
    <message>
        <source>At a comfortable loudness, and let the air move on through the place where it stopped.</source>
        <translation>À une intensité confortable, laisser l’air passer là où cela s’est arrêté.</translation>
    </message>
    <message>
        <source>At an easy loudness, listening to one thing only: does the note stay where it is?</source>
        <translation>À une intensité facile, n’écouter qu’une chose : la note reste-t-elle où elle est ?</translation>
    </message>
    <message>
        <source>At an easy loudness, the ear on the line from one second to the next.</source>
        <translation>À une intensité facile, l’oreille sur la ligne d’une seconde à l’autre.</translation>
    </message>
    <message>
        <source>At the far end of the bend it is softer.</source>
        <translation>Au bout de l’inflexion c’est plus doux.</translation>
    </message>
    <message>
        <source>At the other take’s loudness.</source>
        <translation>Aussi fort que l’autre prise.</translation>
    </message>
    <message>
        <source>At which try a tone came that is at least half as long as the longest.</source>
        <translation>À quel essai est venu un son au moins moitié aussi long que le plus long.</translation>
    </message>
    <message>
        <source>Away from the open breath</source>
        <translation>Loin du souffle ouvert</translation>
    </message>
    <message>
        <source>Back and forth between two neighbours</source>
        <translation>Aller et retour entre deux voisines</translation>
    </message>
    <message>
        <source>Back and forth between two partials</source>
        <translation>Aller et retour entre deux partiels</translation>
    </message>
    <message>
        <source>Back from the bend</source>
        <translation>Retour de l’inflexion</translation>
    </message>
    <message>
        <source>Baritone (bass clef)</source>
        <translation>Baryton (clé de fa)</translation>
    </message>
    <message>
        <source>Baritone (treble clef)</source>
        <translation>Baryton (clé de sol)</translation>
    </message>
    <message>
        <source>Baritone saxophone in E♭</source>
        <translation>Saxophone baryton en mi♭</translation>
    </message>
    <message>
        <source>Bass clarinet in B♭</source>
        <translation>Clarinette basse en si♭</translation>
    </message>
    <message>
        <source>Bass recorder</source>
        <translation>Flûte à bec basse</translation>
    </message>
    <message>
        <source>Bass trombone</source>
        <translation>Trombone basse</translation>
    </message>
    <message>
        <source>Bassoon</source>
        <translation>Basson</translation>
    </message>
    <message>
        <source>Be in tune with the partner, bend down on purpose until it beats, and come back: who can leave can adjust.</source>
        <translation>Être juste avec le partenaire, descendre exprès jusqu’à ce que cela batte, et revenir : qui sait partir sait s’ajuster.</translation>
    </message>
    <message>
        <source>Beats count the distance for you: the slower, the nearer, and none is one.</source>
        <translation>Les battements comptent la distance : plus lents, plus près ; aucun, c’est juste.</translation>
    </message>
    <message>
        <source>Beats left</source>
        <translation>Battements restants</translation>
    </message>
    <message>
        <source>Before you start, think of where the count ends; then arrive there.</source>
        <translation>Avant de commencer, penser où finit le compte ; puis y arriver.</translation>
    </message>
    <message>
        <source>Begin as if nothing left yet.</source>
        <translation>Commencer comme si rien ne partait encore.</translation>
    </message>
    <message>
        <source>Begin each breath with the count.</source>
        <translation>Commencer chaque souffle avec le compte.</translation>
    </message>
    <message>
        <source>Begin inside it, softly.</source>
        <translation>Commencer dedans, doucement.</translation>
    </message>
    <message>
        <source>Begin to grow with the first beat.</source>
        <translation>Commencer à grandir dès le premier temps.</translation>
    </message>
    <message>
        <source>Begin together, some cents apart. This partner comes half of the way; the other half is yours.</source>
        <translation>Commencer ensemble, à quelques cents. Ce partenaire fait la moitié du chemin ; l’autre moitié est la vôtre.</translation>
    </message>
    <message>
        <source>Begin with more at once.</source>
        <translation>Commencer tout de suite avec plus.</translation>
    </message>
    <message>
        <source>Beginner</source>
        <translation>Débutant</translation>
    </message>
    <message>
        <source>Begins above and comes down until it is in tune.</source>
        <translation>Commence au-dessus et descend jusqu’à ce que ce soit juste.</translation>
    </message>
    <message>
        <source>Begins above, comes nearer, and stays nine cents high.</source>
        <translation>Commence au-dessus, s’approche, et reste neuf cents trop haut.</translation>
    </message>
    <message>
        <source>Begins with little air and gulps the rest at the end.</source>
        <translation>Commence avec peu d’air et avale le reste à la fin.</translation>
    </message>
    <message>
        <source>Begins {place_ms} ms after the beat.</source>
        <translation>Commence {place_ms} ms après le temps.</translation>
    </message>
    <message>
        <source>Begins {place_ms} ms before the beat.</source>
        <translation>Commence {place_ms} ms avant le temps.</translation>
    </message>
    <message>
        <source>Begins {place_ms} ms off the beat, now early, now late.</source>
        <translation>Commence à {place_ms} ms du temps, tantôt tôt, tantôt tard.</translation>
    </message>
    <message>
        <source>Begins {scoop_cents} cents above its own line.</source>
        <translation>Commence {scoop_cents} cents au-dessus de sa propre ligne.</translation>
    </message>
    <message>
        <source>Begins {scoop_cents} cents below its own line.</source>
        <translation>Commence {scoop_cents} cents au-dessous de sa propre ligne.</translation>
    </message>
    <message>
        <source>Below its centre a note is loose and spreads.</source>
        <translation>Au-dessous de son centre une note est lâche et s’étale.</translation>
    </message>
    <message>
        <source>Below its centre the tone spreads.</source>
        <translation>Au-dessous de son centre le son s’étale.</translation>
    </message>
    <message>
        <source>Bend by rolling, and come back</source>
        <translation>Infléchir en roulant, et revenir</translation>
    </message>
    <message>
        <source>Bend down and come back</source>
        <translation>Infléchir et revenir</translation>
    </message>
    <message>
        <source>Bend half as far.</source>
        <translation>Infléchir moitié moins loin.</translation>
    </message>
    <message>
        <source>Bend led by the jaw</source>
        <translation>Inflexion menée par la mâchoire</translation>
    </message>
    <message>
        <source>Bend uneven</source>
        <translation>Inflexion irrégulière</translation>
    </message>
    <message>
        <source>Bends and stairs</source>
        <translation>Inflexions et escaliers</translation>
    </message>
    <message>
        <source>Bends at</source>
        <translation>Infléchit à</translation>
    </message>
    <message>
        <source>Bends by {bend_cents} cents of {bend_cents:high}.</source>
        <translation>Infléchit de {bend_cents} cents sur {bend_cents:high}.</translation>
    </message>
    <message>
        <source>Bends evenly; the note rings 26 cents below where it is played.</source>
        <translation>Infléchit régulièrement ; la note sonne 26 cents sous l’endroit où elle est jouée.</translation>
    </message>
    <message>
        <source>Bends loose</source>
        <translation>Infléchit lâche</translation>
    </message>
    <message>
        <source>Bends; plays above the centre</source>
        <translation>Infléchit ; joue au-dessus du centre</translation>
    </message>
    <message>
        <source>Bent by</source>
        <translation>Infléchi de</translation>
    </message>
    <message>
        <source>Between slurred notes the tone gets softer.</source>
        <translation>Entre notes liées le son devient plus doux.</translation>
    </message>
    <message>
        <source>Between slurred notes the tone swells.</source>
        <translation>Entre notes liées le son enfle.</translation>
    </message>
    <message>
        <source>Between two slurred notes there is a gap of {gap_ms} ms.</source>
        <translation>Entre deux notes liées il y a un trou de {gap_ms} ms.</translation>
    </message>
    <message>
        <source>Blow a little faster, and evenly.</source>
        <translation>Souffler un peu plus vite, et régulièrement.</translation>
    </message>
    <message>
        <source>Blow at a hand held before the mouth, and keep the coolness the same.</source>
        <translation>Souffler contre une main devant la bouche, et garder la même fraîcheur.</translation>
    </message>
    <message>
        <source>Blow at a hand: as cool on every count.</source>
        <translation>Souffler contre une main : aussi frais à chaque temps.</translation>
    </message>
    <message>
        <source>Blow the same breath against the palm of a hand until it feels even, then play on that breath.</source>
        <translation>Souffler le même air contre la paume jusqu’à ce qu’il se sente régulier, puis jouer sur ce souffle.</translation>
    </message>
    <message>
        <source>Blow through the change: the air does not stop.</source>
        <translation>Souffler à travers le changement : l’air ne s’arrête pas.</translation>
    </message>
    <message>
        <source>Blows, and the lips do not meet.</source>
        <translation>Souffle, et les lèvres ne se rencontrent pas.</translation>
    </message>
    <message>
        <source>Both at once, and both give way</source>
        <translation>Les deux à la fois, et les deux cèdent</translation>
    </message>
    <message>
        <source>Breaking</source>
        <translation>Avec coupures</translation>
    </message>
    <message>
        <source>Breaks</source>
        <translation>Coupures</translation>
    </message>
    <message>
        <source>Breaks in the sound ({dropouts}).</source>
        <translation>Coupures dans le son ({dropouts}).</translation>
    </message>
    <message>
        <source>Breaks on the way down</source>
        <translation>Coupures en descendant</translation>
    </message>
    <message>
        <source>Breaks, air on</source>
        <translation>Coupures, l’air continue</translation>
    </message>
    <message>
        <source>Breaks, all stopped</source>
        <translation>Coupures, tout arrêté</translation>
    </message>
    <message>
        <source>Breath in takes</source>
        <translation>L’inspiration prend</translation>
    </message>
    <message>
        <source>Breath in, first quarter</source>
        <translation>Inspiration, premier quart</translation>
    </message>
    <message>
        <source>Breath in, last quarter</source>
        <translation>Inspiration, dernier quart</translation>
    </message>
    <message>
        <source>Breath out, first quarter</source>
        <translation>Expiration, premier quart</translation>
    </message>
    <message>
        <source>Breath out, last quarter</source>
        <translation>Expiration, dernier quart</translation>
    </message>
    <message>
        <source>Breathe in and out in one turn, without a stop in between.</source>
        <translation>Inspirer et expirer en un seul tour, sans arrêt entre les deux.</translation>
    </message>
    <message>
        <source>Breathe in and out once like that without the instrument, then play.</source>
        <translation>Inspirer et expirer une fois ainsi sans l’instrument, puis jouer.</translation>
    </message>
    <message>
        <source>Breathe in and start in one turn, without a stop between.</source>
        <translation>Inspirer et commencer en un seul tour, sans arrêt.</translation>
    </message>
    <message>
        <source>Breathe in for longer, and let the air out as one long stream, like a hiss.</source>
        <translation>Inspirer plus longtemps, et laisser sortir l’air en un long flux, comme un sifflement.</translation>
    </message>
    <message>
        <source>Breathe in for longer, then play the same.</source>
        <translation>Inspirer plus longtemps, puis jouer la même chose.</translation>
    </message>
    <message>
        <source>Breathe in for the whole beat before, so that the start has to wait.</source>
        <translation>Inspirer pendant tout le temps d’avant, pour que le départ doive attendre.</translation>
    </message>
    <message>
        <source>Breathe in fully and without haste, then let it go softly.</source>
        <translation>Inspirer pleinement et sans hâte, puis laisser aller doucement.</translation>
    </message>
    <message>
        <source>Breathe in fully, and start at once, at the top of the breath.</source>
        <translation>Inspirer pleinement, et partir aussitôt, en haut du souffle.</translation>
    </message>
    <message>
        <source>Breathe in low and wide first.</source>
        <translation>Inspirer d’abord bas et large.</translation>
    </message>
    <message>
        <source>Breathe in on that beat: the breath ends the tone.</source>
        <translation>Inspirer sur ce temps : le souffle finit le son.</translation>
    </message>
    <message>
        <source>Breathe in on the beat before, and let the breath turn into the tone right on it.</source>
        <translation>Inspirer sur le temps d’avant, et laisser le souffle devenir son juste sur le temps.</translation>
    </message>
    <message>
        <source>Breathe in on the beat before, each time alike.</source>
        <translation>Inspirer sur le temps d’avant, chaque fois pareil.</translation>
    </message>
    <message>
        <source>Breathe in over four slow counts, then play.</source>
        <translation>Inspirer en quatre temps lents, puis jouer.</translation>
    </message>
    <message>
        <source>Breathe in without a sound.</source>
        <translation>Inspirer sans un bruit.</translation>
    </message>
    <message>
        <source>Breathe out across the hole without a tone, jaw and throat loose.</source>
        <translation>Expirer à travers le trou sans son, mâchoire et gorge souples.</translation>
    </message>
    <message>
        <source>Breathe out into it as on a window, jaw and throat loose.</source>
        <translation>Expirer dedans comme sur une vitre, mâchoire et gorge souples.</translation>
    </message>
    <message>
        <source>Breathe out into the drop: the air goes on.</source>
        <translation>Expirer dans la chute : l’air continue.</translation>
    </message>
    <message>
        <source>Breathe out once without playing, then play it softer.</source>
        <translation>Expirer une fois sans jouer, puis jouer plus doux.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, jaw and throat loose.</source>
        <translation>Expirer par l’instrument sans son, mâchoire et gorge souples.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, the lips loose round the reed.</source>
        <translation>Expirer par l’instrument sans son, les lèvres souples autour de l’anche.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, then let the next breath turn into one.</source>
        <translation>Expirer par l’instrument sans son, puis laisser le souffle suivant devenir un son.</translation>
    </message>
    <message>
        <source>Breathe out through the instrument without a tone, with hardly any lip on the reed.</source>
        <translation>Expirer par l’instrument sans son, presque sans lèvre sur l’anche.</translation>
    </message>
    <message>
        <source>Breathe out through the mouthpiece without a sound, with hardly any lip on the reed.</source>
        <translation>Expirer par le bec sans bruit, presque sans lèvre sur l’anche.</translation>
    </message>
    <message>
        <source>Breathe out through the reed without a sound, the lips loose round it.</source>
        <translation>Expirer par l’anche sans bruit, les lèvres souples autour.</translation>
    </message>
    <message>
        <source>Breaths</source>
        <translation>Respirations</translation>
    </message>
    <message>
        <source>Breaths in that hiss, high and narrow, instead of being low and wide.</source>
        <translation>Respirations qui sifflent, hautes et étroites, au lieu d’être basses et larges.</translation>
    </message>
    <message>
        <source>Breaths in that hiss ({tight_inhales}).</source>
        <translation>Respirations qui sifflent ({tight_inhales}).</translation>
    </message>
    <message>
        <source>Breaths that were not heard ({missing}).</source>
        <translation>Respirations qu’on n’a pas entendues ({missing}).</translation>
    </message>
    <message>
        <source>Breathy</source>
        <translation>Voilé</translation>
    </message>
    <message>
        <source>Brighter when louder by</source>
        <translation>Plus brillant en jouant fort de</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Brillance</translation>
    </message>
    <message>
        <source>Bring the lips a little closer, for the same air.</source>
        <translation>Les lèvres un peu plus proches, pour le même air.</translation>
    </message>
    <message>
        <source>Bump between notes</source>
        <translation>Bosse entre les notes</translation>
    </message>
    <message>
        <source>Buzz goes far</source>
        <translation>La vibration va loin</translation>
    </message>
    <message>
        <source>Buzz hardly moves</source>
        <translation>La vibration bouge à peine</translation>
    </message>
    <message>
        <source>Buzzes in waves</source>
        <translation>Vibre par ondes</translation>
    </message>
    <message>
        <source>Buzzes late</source>
        <translation>Vibre tard</translation>
    </message>
    <message>
        <source>Buzzes low and spread</source>
        <translation>Vibre bas et étalé</translation>
    </message>
    <message>
        <source>Buzzes weakly</source>
        <translation>Vibre faiblement</translation>
    </message>
    <message>
        <source>Buzzes with a crackle</source>
        <translation>Vibre avec un grésillement</translation>
    </message>
    <message>
        <source>Cannot keep the breath: air goes on while it is held.</source>
        <translation>Ne garde pas le souffle : l’air continue pendant qu’il est retenu.</translation>
    </message>
    <message>
        <source>Cents and beats</source>
        <translation>Cents et battements</translation>
    </message>
    <message>
        <source>Clarinet in A</source>
        <translation>Clarinette en la</translation>
    </message>
    <message>
        <source>Clarinet in B♭</source>
        <translation>Clarinette en si♭</translation>
    </message>
    <message>
        <source>Clarinet in E♭</source>
        <translation>Clarinette en mi♭</translation>
    </message>
    <message>
        <source>Close the corners evenly round it, so that no air gets past.</source>
        <translation>Fermer les coins également autour, pour que l’air ne passe pas à côté.</translation>
    </message>
    <message>
        <source>Close the corners round the mouthpiece and leave them.</source>
        <translation>Fermer les coins autour du bec et les laisser.</translation>
    </message>
    <message>
        <source>Close the corners round the mouthpiece, so that no air gets past it.</source>
        <translation>Fermer les coins autour du bec, pour que l’air ne passe pas à côté.</translation>
    </message>
    <message>
        <source>Close the lips evenly round the reed, and leave them.</source>
        <translation>Fermer les lèvres également autour de l’anche, et les laisser.</translation>
    </message>
    <message>
        <source>Close the lips evenly round the reed, so that no air gets past it.</source>
        <translation>Fermer les lèvres également autour de l’anche, pour que l’air ne passe pas à côté.</translation>
    </message>
    <message>
        <source>Closing the lips, the jaw or the throat to stop a tone lifts its pitch.</source>
        <translation>Fermer les lèvres, la mâchoire ou la gorge pour finir un son lève sa hauteur.</translation>
    </message>
    <message>
        <source>Come back slower, with the same air.</source>
        <translation>Revenir plus lentement, avec le même air.</translation>
    </message>
    <message>
        <source>Come nearer to the microphone, so that it hears you more than the room.</source>
        <translation>S’approcher du microphone, pour qu’il entende plus le jeu que la salle.</translation>
    </message>
    <message>
        <source>Come nearer to the microphone.</source>
        <translation>S’approcher du microphone.</translation>
    </message>
    <message>
        <source>Comes back {bend_return_cents} cents above where it began.</source>
        <translation>Revient {bend_return_cents} cents au-dessus du départ.</translation>
    </message>
    <message>
        <source>Comes back {bend_return_cents} cents below where it began.</source>
        <translation>Revient {bend_return_cents} cents au-dessous du départ.</translation>
    </message>
    <message>
        <source>Contrabassoon</source>
        <translation>Contrebasson</translation>
    </message>
    <message>
        <source>Corners as if to say “em”, the middle soft.</source>
        <translation>Les coins comme pour dire « em », le milieu souple.</translation>
    </message>
    <message>
        <source>Corners as they were where it sounded; the middle of the lips free.</source>
        <translation>Les coins comme ils étaient là où cela sonnait ; le milieu des lèvres libre.</translation>
    </message>
    <message>
        <source>Corners closer round the mouthpiece, and the cheeks flat.</source>
        <translation>Les coins plus proches du bec, et les joues plates.</translation>
    </message>
    <message>
        <source>Corners firm and the middle soft, as for “em”.</source>
        <translation>Coins fermes et milieu souple, comme pour « em ».</translation>
    </message>
    <message>
        <source>Corners firm to the very end.</source>
        <translation>Coins fermes jusqu’au bout.</translation>
    </message>
    <message>
        <source>Corners firm, and the cheeks flat.</source>
        <translation>Coins fermes, et joues plates.</translation>
    </message>
    <message>
        <source>Corners firm, the middle soft.</source>
        <translation>Coins fermes, milieu souple.</translation>
    </message>
    <message>
        <source>Corners that firm up while it sounds pull the pitch up.</source>
        <translation>Des coins qui se raffermissent pendant le son tirent la hauteur vers le haut.</translation>
    </message>
    <message>
        <source>Cornet in B♭</source>
        <translation>Cornet en si♭</translation>
    </message>
    <message>
        <source>Cornet in E♭</source>
        <translation>Cornet en mi♭</translation>
    </message>
    <message>
        <source>Count on silently to the beat, and let it bring the tone.</source>
        <translation>Compter en silence jusqu’au temps, et le laisser apporter le son.</translation>
    </message>
    <message>
        <source>Count on silently to the next beat, and stop there.</source>
        <translation>Compter en silence jusqu’au temps suivant, et s’arrêter là.</translation>
    </message>
    <message>
        <source>Count the last beat silently while you still blow.</source>
        <translation>Compter le dernier temps en silence en soufflant encore.</translation>
    </message>
    <message>
        <source>Counts and seconds</source>
        <translation>Temps et secondes</translation>
    </message>
    <message>
        <source>Cover a little less of the hole, the lower lip quiet.</source>
        <translation>Couvrir un peu moins du trou, la lèvre inférieure calme.</translation>
    </message>
    <message>
        <source>Crackle</source>
        <translation>Grésillement</translation>
    </message>
    <message>
        <source>Daily, short</source>
        <translation>Chaque jour, court</translation>
    </message>
    <message>
        <source>Difference heard and mended</source>
        <translation>Différence entendue et corrigée</translation>
    </message>
    <message>
        <source>Dip between notes</source>
        <translation>Creux entre les notes</translation>
    </message>
    <message>
        <source>Dip over the break</source>
        <translation>Creux au changement de registre</translation>
    </message>
    <message>
        <source>Down a half step with the fingers, twice; then the same with mouth and air alone. Is the bent one as far, and as full? Two players can share it: one fingers, one bends.</source>
        <translation>Un demi-ton plus bas avec les doigts, deux fois ; puis de même avec la bouche et l’air seuls. L’infléchi va-t-il aussi loin, aussi plein ? Deux joueurs peuvent partager : l’un doigte, l’autre infléchit.</translation>
    </message>
    <message>
        <source>Down as far as the note lets itself be bent, with mouth and air alone, and back to exactly where it began. High notes bend further than low ones.</source>
        <translation>Aussi bas que la note se laisse infléchir, avec la bouche et l’air seuls, et retour exactement où elle a commencé. Les aigus s’infléchissent plus que les graves.</translation>
    </message>
    <message>
        <source>Down by a half step with mouth and air alone, back up through the middle and slightly above, three times on one breath: where the tone opens and rings is the note’s centre.</source>
        <translation>Un demi-ton plus bas avec la bouche et l’air seuls, retour par le milieu et un peu au-dessus, trois fois sur un souffle : là où le son s’ouvre et sonne est le centre de la note.</translation>
    </message>
    <message>
        <source>Down by a whole step and back, as full below as above.</source>
        <translation>Un ton plus bas et retour, aussi plein en bas qu’en haut.</translation>
    </message>
    <message>
        <source>Down by half steps</source>
        <translation>Par demi-tons vers le bas</translation>
    </message>
    <message>
        <source>Down, and back in its place.</source>
        <translation>En bas, et de retour à sa place.</translation>
    </message>
    <message>
        <source>Draw a line on the table with a finger while you play, at one speed.</source>
        <translation>Tracer une ligne sur la table d’un doigt en jouant, à une même vitesse.</translation>
    </message>
    <message>
        <source>Draw it in the air with a hand while you play.</source>
        <translation>La dessiner en l’air d’une main en jouant.</translation>
    </message>
    <message>
        <source>Draw the line in the air with a hand while you play it.</source>
        <translation>Dessiner la ligne en l’air d’une main en la jouant.</translation>
    </message>
    <message>
        <source>Drift</source>
        <translation>Dérive</translation>
    </message>
    <message>
        <source>Drifts {drift_cents_per_s} cents a second downwards.</source>
        <translation>Dérive de {drift_cents_per_s} cents par seconde vers le bas.</translation>
    </message>
    <message>
        <source>Drifts {drift_cents_per_s} cents a second upwards.</source>
        <translation>Dérive de {drift_cents_per_s} cents par seconde vers le haut.</translation>
    </message>
    <message>
        <source>Drop the jaw first, then breathe.</source>
        <translation>Laisser d’abord tomber la mâchoire, puis respirer.</translation>
    </message>
    <message>
        <source>Drops by</source>
        <translation>Tombe de</translation>
    </message>
    <message>
        <source>Dry the windway: close the window with a finger and blow once.</source>
        <translation>Sécher le canal : fermer la fenêtre d’un doigt et souffler une fois.</translation>
    </message>
    <message>
        <source>Each note has a centre of its own.</source>
        <translation>Chaque note a son propre centre.</translation>
    </message>
    <message>
        <source>Each note was found anew; steps are heard better than places.</source>
        <translation>Chaque note a été cherchée de nouveau ; les pas s’entendent mieux que les places.</translation>
    </message>
    <message>
        <source>Each note with its neighbour, twice, up a fifth: every step as even as the first.</source>
        <translation>Chaque note avec sa voisine, deux fois, une quinte vers le haut : chaque pas aussi régulier que le premier.</translation>
    </message>
    <message>
        <source>Each rung four times with the tongue, twice soft and twice firm: the pitch stays.</source>
        <translation>Chaque barreau quatre fois avec la langue, deux doux et deux fermes : la hauteur reste.</translation>
    </message>
    <message>
        <source>Easy for</source>
        <translation>Facile pendant</translation>
    </message>
    <message>
        <source>Eight and eight, with the arms</source>
        <translation>Huit et huit, avec les bras</translation>
    </message>
    <message>
        <source>End of the tone</source>
        <translation>Fin du son</translation>
    </message>
    <message>
        <source>Ends {held_more_s} s before the other one.</source>
        <translation>Finit {held_more_s} s avant l’autre.</translation>
    </message>
    <message>
        <source>Ends {sag_cents} cents higher.</source>
        <translation>Finit {sag_cents} cents plus haut.</translation>
    </message>
    <message>
        <source>Ends {sag_cents} cents lower, and no softer.</source>
        <translation>Finit {sag_cents} cents plus bas, sans être plus doux.</translation>
    </message>
    <message>
        <source>Ends {sag_cents} cents lower, and softer.</source>
        <translation>Finit {sag_cents} cents plus bas, et plus doux.</translation>
    </message>
    <message>
        <source>English horn</source>
        <translation>Cor anglais</translation>
    </message>
    <message>
        <source>Euphonium (bass clef)</source>
        <translation>Euphonium (clé de fa)</translation>
    </message>
    <message>
        <source>Euphonium (treble clef)</source>
        <translation>Euphonium (clé de sol)</translation>
    </message>
    <message>
        <source>Euphonium, compensating (bass clef)</source>
        <translation>Euphonium, compensé (clé de fa)</translation>
    </message>
    <message>
        <source>Euphonium, compensating (treble clef)</source>
        <translation>Euphonium, compensé (clé de sol)</translation>
    </message>
    <message>
        <source>Even breaths, each in its place.</source>
        <translation>Des souffles réguliers, chacun à sa place.</translation>
    </message>
    <message>
        <source>Even comes before long.</source>
        <translation>Régulier vient avant long.</translation>
    </message>
    <message>
        <source>Even comes before quick.</source>
        <translation>Régulier vient avant rapide.</translation>
    </message>
    <message>
        <source>Even comes first; quick comes by itself.</source>
        <translation>D’abord régulier ; rapide vient tout seul.</translation>
    </message>
    <message>
        <source>Even up to</source>
        <translation>Régulier jusqu’à</translation>
    </message>
    <message>
        <source>Even up to {highest_even} counts of {highest_even:low}.</source>
        <translation>Régulier jusqu’à {highest_even} temps sur {highest_even:low}.</translation>
    </message>
    <message>
        <source>Even, and smooth.</source>
        <translation>Régulier, et lisse.</translation>
    </message>
    <message>
        <source>Even, soft air, as on a window.</source>
        <translation>Un air régulier et doux, comme sur une vitre.</translation>
    </message>
    <message>
        <source>Evenly louder for two beats, evenly softer for two; the peak right in the middle.</source>
        <translation>Régulièrement plus fort pendant deux temps, plus doux pendant deux ; le sommet juste au milieu.</translation>
    </message>
    <message>
        <source>Evenness first, tempo later.</source>
        <translation>La régularité d’abord, le tempo ensuite.</translation>
    </message>
    <message>
        <source>Every note of the scale for 4 beats, with 4 beats to breathe: each starts on the beat, lasts, and is like its neighbours.</source>
        <translation>Chaque note de la gamme 4 temps, avec 4 temps pour respirer : chacune part sur le temps, dure, et ressemble à ses voisines.</translation>
    </message>
    <message>
        <source>Every note of the scale for 8 beats, with 8 beats to breathe: each starts on the beat, lasts, and is like its neighbours.</source>
        <translation>Chaque note de la gamme 8 temps, avec 8 temps pour respirer : chacune part sur le temps, dure, et ressemble à ses voisines.</translation>
    </message>
    <message>
        <source>Every rung rang in its place.</source>
        <translation>Chaque barreau a sonné à sa place.</translation>
    </message>
    <message>
        <source>Explore: as low and as high as it goes today. It is measured and never scored.</source>
        <translation>Explorer : aussi bas et aussi haut que cela va aujourd’hui. C’est mesuré et jamais noté.</translation>
    </message>
    <message>
        <source>Faster air, the opening as it is.</source>
        <translation>L’air plus rapide, l’ouverture comme elle est.</translation>
    </message>
    <message>
        <source>Fewer notes on the way: home, one other, home.</source>
        <translation>Moins de notes en chemin : tonique, une autre, tonique.</translation>
    </message>
    <message>
        <source>Fifteen seconds, dead level; on an easy note, at an easy loudness.</source>
        <translation>Quinze secondes, bien droites ; sur une note facile, à une intensité facile.</translation>
    </message>
    <message>
        <source>Fifth over a partner</source>
        <translation>Quinte au-dessus d’un partenaire</translation>
    </message>
    <message>
        <source>Filled evenly over four counts, let go in one, and three to wait for the next.</source>
        <translation>Rempli régulièrement en quatre temps, lâché en un, et trois pour attendre le suivant.</translation>
    </message>
    <message>
        <source>Filled evenly over four counts; then nothing is done, the air leaves by itself.</source>
        <translation>Rempli régulièrement en quatre temps ; puis on ne fait rien, l’air part tout seul.</translation>
    </message>
    <message>
        <source>Find the note, and be in tune</source>
        <translation>Trouver la note, et être juste</translation>
    </message>
    <message>
        <source>Finds the partner</source>
        <translation>Trouve le partenaire</translation>
    </message>
    <message>
        <source>Finger above, then let go</source>
        <translation>Doigter au-dessus, puis lâcher</translation>
    </message>
    <message>
        <source>Finger the half step above but sound the note below it; then let the finger go, and let the tone drop into its centre.</source>
        <translation>Doigter le demi-ton au-dessus mais faire sonner la note d’en dessous ; puis lâcher le doigt, et laisser le son tomber dans son centre.</translation>
    </message>
    <message>
        <source>Finger the high note once as usual, then the same mouth with the low fingering.</source>
        <translation>Doigter la note aiguë une fois comme d’habitude, puis la même bouche avec le doigté grave.</translation>
    </message>
    <message>
        <source>Fingers quick, the air as it is.</source>
        <translation>Les doigts vifs, l’air comme il est.</translation>
    </message>
    <message>
        <source>Firm up the corners a little, as if to say “em”, and leave the middle soft.</source>
        <translation>Raffermir un peu les coins, comme pour dire « em », et laisser le milieu souple.</translation>
    </message>
    <message>
        <source>Firm up the corners, and let the middle be free.</source>
        <translation>Raffermir les coins, et laisser le milieu libre.</translation>
    </message>
    <message>
        <source>Firmer corners: hold them as they were where it sounded.</source>
        <translation>Coins plus fermes : les tenir comme ils étaient là où cela sonnait.</translation>
    </message>
    <message>
        <source>Firmness, air and the shape of the mouth move the pitch: one of them at a time.</source>
        <translation>La fermeté, l’air et la forme de la bouche bougent la hauteur : un à la fois.</translation>
    </message>
    <message>
        <source>Firmness: let the corners firm up to rise, and soften to fall.</source>
        <translation>La fermeté : les coins plus fermes pour monter, plus souples pour descendre.</translation>
    </message>
    <message>
        <source>First lesson</source>
        <translation>Première leçon</translation>
    </message>
    <message>
        <source>Five notes down to your lowest, each as full as the first: wide inside, no force.</source>
        <translation>Cinq notes jusqu’à la plus grave, chacune aussi pleine que la première : large dedans, sans force.</translation>
    </message>
    <message>
        <source>Five notes on the small part while the home note sounds on: the ear leads, and the lips follow.</source>
        <translation>Cinq notes sur l’embouchure pendant que la tonique sonne : l’oreille mène, et les lèvres suivent.</translation>
    </message>
    <message>
        <source>Five notes up, each found by itself and held for four beats.</source>
        <translation>Cinq notes vers le haut, chacune trouvée pour elle-même et tenue quatre temps.</translation>
    </message>
    <message>
        <source>Five notes with the partner, each one as soon as it sounds. Which are in tune at once, and which have to be mended?</source>
        <translation>Cinq notes avec le partenaire, chacune dès qu’elle sonne. Lesquelles sont justes aussitôt, lesquelles faut-il corriger ?</translation>
    </message>
    <message>
        <source>Five notes, the partner an octave above you: your overtone joins the partner.</source>
        <translation>Cinq notes, le partenaire une octave au-dessus : votre harmonique rejoint le partenaire.</translation>
    </message>
    <message>
        <source>Five notes, the partner an octave below you: your fundamental joins the partner’s overtone.</source>
        <translation>Cinq notes, le partenaire une octave au-dessous : votre fondamentale rejoint l’harmonique du partenaire.</translation>
    </message>
    <message>
        <source>Flat but steady</source>
        <translation>Bas mais calme</translation>
    </message>
    <message>
        <source>Flips</source>
        <translation>Sauts</translation>
    </message>
    <message>
        <source>Flips to another partial ({slips}).</source>
        <translation>Saute sur un autre partiel ({slips}).</translation>
    </message>
    <message>
        <source>Flips to the next partial for a moment.</source>
        <translation>Saute un instant sur le partiel suivant.</translation>
    </message>
    <message>
        <source>Fluent</source>
        <translation>Aisé</translation>
    </message>
    <message>
        <source>Flugelhorn in B♭</source>
        <translation>Bugle en si♭</translation>
    </message>
    <message>
        <source>Flute</source>
        <translation>Flûte</translation>
    </message>
    <message>
        <source>Follow the drawn line</source>
        <translation>Suivre la ligne dessinée</translation>
    </message>
    <message>
        <source>Found after</source>
        <translation>Trouvé après</translation>
    </message>
    <message>
        <source>Found after {found_s} s.</source>
        <translation>Trouvé après {found_s} s.</translation>
    </message>
    <message>
        <source>Four beats of sound with a soft “d”, four of rest: each begins like the one before.</source>
        <translation>Quatre temps de son avec un « d » doux, quatre de repos : chacun part comme celui d’avant.</translation>
    </message>
    <message>
        <source>Four beats of sound, four of rest: each begins like the one before.</source>
        <translation>Quatre temps de son, quatre de repos : chacun part comme celui d’avant.</translation>
    </message>
    <message>
        <source>Four beats of sound, four of rest; the head joint leaves the lip in between: each begins like the one before.</source>
        <translation>Quatre temps de son, quatre de repos ; la tête quitte la lèvre entre les deux : chacun part comme celui d’avant.</translation>
    </message>
    <message>
        <source>Four notes on the instrument, then the same on the mouthpiece: against oneself.</source>
        <translation>Quatre notes sur l’instrument, puis les mêmes sur l’embouchure : contre soi-même.</translation>
    </message>
    <message>
        <source>Four on, four off</source>
        <translation>Quatre oui, quatre non</translation>
    </message>
    <message>
        <source>Four short notes on one pitch, then four beats of three tongued notes each: even in time and loudness.</source>
        <translation>Quatre notes courtes sur une hauteur, puis quatre temps de trois notes piquées : régulières en temps et en intensité.</translation>
    </message>
    <message>
        <source>From C♯ at the top of the second octave the sixth and the ninth above it, the fingers where they are.</source>
        <translation>Du do♯ en haut de la deuxième octave, la sixte et la neuvième au-dessus, les doigts où ils sont.</translation>
    </message>
    <message>
        <source>From C♯ at the top of the second octave, and from the palm D, the sixth above with the fingers where they are.</source>
        <translation>Du do♯ en haut de la deuxième octave, et du ré de la paume, la sixte au-dessus, les doigts où ils sont.</translation>
    </message>
    <message>
        <source>From a comfortable note down by half steps: take the ease of the first one down with you.</source>
        <translation>D’une note confortable par demi-tons vers le bas : emporter l’aisance de la première.</translation>
    </message>
    <message>
        <source>From a comfortable note up by half steps, as far as it stays as easy as the first.</source>
        <translation>D’une note confortable par demi-tons vers le haut, tant que c’est aussi aisé que la première.</translation>
    </message>
    <message>
        <source>From a known side there is only one way to go.</source>
        <translation>D’un côté connu il n’y a qu’un chemin.</translation>
    </message>
    <message>
        <source>From a low note let the tongue rise as from “aw” to “ee”, the air as it is: where does it flip, and to what? Nothing is scored.</source>
        <translation>D’une note grave, laisser monter la langue comme de « o » à « i », l’air comme il est : où cela saute-t-il, et vers quoi ? Rien n’est noté.</translation>
    </message>
    <message>
        <source>From as high to as low as it goes, in one breath, without a break.</source>
        <translation>D’aussi haut à aussi bas que ça va, d’un souffle, sans coupure.</translation>
    </message>
    <message>
        <source>From home up to the fourth in one even line, arriving on the note; begin where the slide has the room.</source>
        <translation>De la tonique à la quarte en une ligne régulière, en arrivant sur la note ; commencer où la coulisse a la place.</translation>
    </message>
    <message>
        <source>From note to note it takes {transition_ms} ms.</source>
        <translation>De note en note il faut {transition_ms} ms.</translation>
    </message>
    <message>
        <source>From one note a half step, a whole step and on, always back, over the register break: even in time, smooth between the notes, the ear on the sound.</source>
        <translation>D’une note un demi-ton, un ton et ainsi de suite, toujours en revenant, par-dessus le changement de registre : régulier dans le temps, lisse entre les notes, l’oreille au son.</translation>
    </message>
    <message>
        <source>From one pitch slowly up a fifth and back, the air going on all the way; that the return lies lower is expected.</source>
        <translation>D’une hauteur lentement une quinte vers le haut et retour, l’air continue ; que le retour soit plus bas est attendu.</translation>
    </message>
    <message>
        <source>From one pitch slowly up a fourth and back, the air going on all the way; that the return lies lower is expected.</source>
        <translation>D’une hauteur lentement une quarte vers le haut et retour, l’air continue ; que le retour soit plus bas est attendu.</translation>
    </message>
    <message>
        <source>From the end of the breath to the tone {tone_after_ms} ms go by.</source>
        <translation>De la fin de l’inspiration au son il passe {tone_after_ms} ms.</translation>
    </message>
    <message>
        <source>From the equal one</source>
        <translation>Du tempéré</translation>
    </message>
    <message>
        <source>From the first moment at the loudness that you can keep.</source>
        <translation>Dès le premier instant à l’intensité que l’on peut garder.</translation>
    </message>
    <message>
        <source>From the model to the neighbour and straight back, listening to the sound alone.</source>
        <translation>Du modèle à la voisine et tout de suite retour, en n’écoutant que le son.</translation>
    </message>
    <message>
        <source>From the pitch that comes easily a whole step down with the room in the mouth, and back; teeth and lip as they are.</source>
        <translation>De la hauteur qui vient facilement, un ton plus bas avec la place dans la bouche, et retour ; dents et lèvre comme elles sont.</translation>
    </message>
    <message>
        <source>From the pure one</source>
        <translation>Du pur</translation>
    </message>
    <message>
        <source>From the third partial of the open tube down by half steps, tube by tube, every tone like the first; then from the fourth, then from the fifth.</source>
        <translation>Du troisième partiel du tube à vide par demi-tons vers le bas, tube après tube, chaque son comme le premier ; puis du quatrième, puis du cinquième.</translation>
    </message>
    <message>
        <source>From when both sound to when they are in tune: a second and more within 5 cents and under a beat a second.</source>
        <translation>De quand les deux sonnent à quand c’est juste : une seconde et plus à moins de 5 cents et d’un battement par seconde.</translation>
    </message>
    <message>
        <source>From when the partner begins to when the two are in tune.</source>
        <translation>De quand le partenaire commence à quand c’est juste.</translation>
    </message>
    <message>
        <source>Full too early</source>
        <translation>Plein trop tôt</translation>
    </message>
    <message>
        <source>Full too early: {in_first_quarter} % of the air comes in the first quarter; 25 % would be even.</source>
        <translation>Plein trop tôt : {in_first_quarter} % de l’air vient au premier quart ; 25 % serait régulier.</translation>
    </message>
    <message>
        <source>Full warm-up</source>
        <translation>Échauffement complet</translation>
    </message>
    <message>
        <source>Gap between notes</source>
        <translation>Trou entre les notes</translation>
    </message>
    <message>
        <source>Gentle slurs down the tubes</source>
        <translation>Liaisons douces de tube en tube</translation>
    </message>
    <message>
        <source>Gentle slurs on three rungs</source>
        <translation>Liaisons douces sur trois barreaux</translation>
    </message>
    <message>
        <source>Gets louder over the last half second.</source>
        <translation>Devient plus fort dans la dernière demi-seconde.</translation>
    </message>
    <message>
        <source>Gets soft and flat and stops early.</source>
        <translation>Devient doux et bas et s’arrête tôt.</translation>
    </message>
    <message>
        <source>Gets softer over the last half second.</source>
        <translation>Devient plus doux dans la dernière demi-seconde.</translation>
    </message>
    <message>
        <source>Give it the air of that note from the first moment: slower for a low one, faster for a high one.</source>
        <translation>Lui donner l’air de cette note dès le premier instant : plus lent pour une grave, plus rapide pour une aiguë.</translation>
    </message>
    <message>
        <source>Give the last count as much as the first.</source>
        <translation>Donner au dernier temps autant qu’au premier.</translation>
    </message>
    <message>
        <source>Go half as far down, and turn before the place where it stopped.</source>
        <translation>Descendre moitié moins loin, et tourner avant l’endroit où cela s’est arrêté.</translation>
    </message>
    <message>
        <source>Go on blowing until the count is over, and stop then: the room takes care of the rest.</source>
        <translation>Souffler jusqu’à la fin du compte, et s’arrêter là : la salle fait le reste.</translation>
    </message>
    <message>
        <source>Growing</source>
        <translation>En progrès</translation>
    </message>
    <message>
        <source>Half a minute of both in turn.</source>
        <translation>Une demi-minute des deux à tour de rôle.</translation>
    </message>
    <message>
        <source>Half as far, as loud at the end as at the start.</source>
        <translation>Moitié moins loin, aussi fort à la fin qu’au début.</translation>
    </message>
    <message>
        <source>Half as long and whole; then a little longer each time.</source>
        <translation>Moitié moins long et entier ; puis un peu plus long à chaque fois.</translation>
    </message>
    <message>
        <source>Half as long together, and still.</source>
        <translation>Moitié moins longtemps ensemble, et calme.</translation>
    </message>
    <message>
        <source>Half as long, and clean; then a little longer.</source>
        <translation>Moitié moins long, et propre ; puis un peu plus long.</translation>
    </message>
    <message>
        <source>Half as long, and even.</source>
        <translation>Moitié moins long, et régulier.</translation>
    </message>
    <message>
        <source>Half as long, and level; then a little longer.</source>
        <translation>Moitié moins long, et droit ; puis un peu plus long.</translation>
    </message>
    <message>
        <source>Half as long, and only that.</source>
        <translation>Moitié moins long, et cela seulement.</translation>
    </message>
    <message>
        <source>Half as long, and silent.</source>
        <translation>Moitié moins long, et silencieux.</translation>
    </message>
    <message>
        <source>Half as loud, and even.</source>
        <translation>Moitié moins fort, et régulier.</translation>
    </message>
    <message>
        <source>Half as loud, and listen for where it is clear.</source>
        <translation>Moitié moins fort, et écouter où c’est clair.</translation>
    </message>
    <message>
        <source>Half as loud, listening for where it is clear.</source>
        <translation>Moitié moins fort, en écoutant où c’est clair.</translation>
    </message>
    <message>
        <source>Half as loud.</source>
        <translation>Moitié moins fort.</translation>
    </message>
    <message>
        <source>Half as loud: a soft sound bends more easily.</source>
        <translation>Moitié moins fort : un bruit doux s’infléchit plus facilement.</translation>
    </message>
    <message>
        <source>Half as loud: a soft tone bends more easily.</source>
        <translation>Moitié moins fort : un son doux s’infléchit plus facilement.</translation>
    </message>
    <message>
        <source>Half as loud: let the pitch go, and keep the air.</source>
        <translation>Moitié moins fort : laisser aller la hauteur, et garder l’air.</translation>
    </message>
    <message>
        <source>Half as many counts a breath, so that each is louder.</source>
        <translation>Moitié moins de temps par souffle, pour que chacun soit plus fort.</translation>
    </message>
    <message>
        <source>Half as many counts, and even; then one more.</source>
        <translation>Moitié moins de temps, et réguliers ; puis un de plus.</translation>
    </message>
    <message>
        <source>Half as many counts, filled to the end.</source>
        <translation>Moitié moins de temps, remplis jusqu’au bout.</translation>
    </message>
    <message>
        <source>Half as much louder, the mouth as it was.</source>
        <translation>Moitié moins de plus fort, la bouche comme elle était.</translation>
    </message>
    <message>
        <source>Half as much louder, the pitch in the ear.</source>
        <translation>Moitié moins de plus fort, la hauteur dans l’oreille.</translation>
    </message>
    <message>
        <source>Half of a full breath each time, sitting: once it holds, the count goes a little faster by itself, to 80 at most. For children only where the teacher wants it.</source>
        <translation>La moitié d’un plein souffle à chaque fois, assis : quand cela tient, le compte va un peu plus vite tout seul, à 80 au plus. Avec des enfants seulement si le professeur le veut.</translation>
    </message>
    <message>
        <source>Half of the air: blown too hard, a reed closes.</source>
        <translation>Moitié moins d’air : soufflée trop fort, une anche se ferme.</translation>
    </message>
    <message>
        <source>Half of the loudness, the air going on.</source>
        <translation>Moitié moins fort, l’air continue.</translation>
    </message>
    <message>
        <source>Half of the way from top to bottom of a regular wave of the pitch.</source>
        <translation>La moitié du chemin du haut au bas d’une onde régulière de la hauteur.</translation>
    </message>
    <message>
        <source>Half of the way only, even; then the whole.</source>
        <translation>La moitié du chemin seulement, régulière ; puis le tout.</translation>
    </message>
    <message>
        <source>Half of the way only: from soft to middle.</source>
        <translation>La moitié du chemin seulement : du doux au moyen.</translation>
    </message>
    <message>
        <source>Hardly any air behind a thin buzz.</source>
        <translation>Presque pas d’air derrière une vibration mince.</translation>
    </message>
    <message>
        <source>Hardly any air, as one breathes on a window: let it speak as softly as it can.</source>
        <translation>Presque pas d’air, comme on souffle sur une vitre : laisser parler aussi doux que possible.</translation>
    </message>
    <message>
        <source>Head joint alone: a soft start</source>
        <translation>Tête seule : un départ doux</translation>
    </message>
    <message>
        <source>Head joint alone: four on, four off</source>
        <translation>Tête seule : quatre oui, quatre non</translation>
    </message>
    <message>
        <source>Head joint alone: one level line</source>
        <translation>Tête seule : une ligne droite</translation>
    </message>
    <message>
        <source>Head joint, closed: a soft start</source>
        <translation>Tête, fermée : un départ doux</translation>
    </message>
    <message>
        <source>Head joint, closed: one level line</source>
        <translation>Tête, fermée : une ligne droite</translation>
    </message>
    <message>
        <source>Head joint, open: one level line</source>
        <translation>Tête, ouverte : une ligne droite</translation>
    </message>
    <message>
        <source>Head joint: four on, four off</source>
        <translation>Tête : quatre oui, quatre non</translation>
    </message>
    <message>
        <source>Head joint: small bends by rolling</source>
        <translation>Tête : petites inflexions en roulant</translation>
    </message>
    <message>
        <source>Head up, and the flute where it is, to the very end.</source>
        <translation>La tête haute, et la flûte où elle est, jusqu’au bout.</translation>
    </message>
    <message>
        <source>Hear each next note inwardly while the one before still sounds.</source>
        <translation>Entendre chaque note suivante intérieurement pendant que celle d’avant sonne.</translation>
    </message>
    <message>
        <source>Hear the first pitch inwardly before you come back.</source>
        <translation>Entendre la première hauteur intérieurement avant de revenir.</translation>
    </message>
    <message>
        <source>Hear the high note first, and give it its own, faster air.</source>
        <translation>Entendre d’abord la note aiguë, et lui donner son propre air, plus rapide.</translation>
    </message>
    <message>
        <source>Hear the high note first, the throat as for it; the air as it is.</source>
        <translation>Entendre d’abord la note aiguë, la gorge comme pour elle ; l’air comme il est.</translation>
    </message>
    <message>
        <source>Hear the lower note first, then go there.</source>
        <translation>Entendre d’abord la note plus basse, puis y aller.</translation>
    </message>
    <message>
        <source>Hear the note inwardly before you start.</source>
        <translation>Entendre la note intérieurement avant de commencer.</translation>
    </message>
    <message>
        <source>Hear the partner’s note inwardly for two counts before you sound.</source>
        <translation>Entendre la note du partenaire intérieurement deux temps avant de sonner.</translation>
    </message>
    <message>
        <source>Hear the pitch inside first, then start on it.</source>
        <translation>Entendre d’abord la hauteur en soi, puis partir dessus.</translation>
    </message>
    <message>
        <source>Held</source>
        <translation>Tenu</translation>
    </message>
    <message>
        <source>High only loud</source>
        <translation>L’aigu seulement fort</translation>
    </message>
    <message>
        <source>Highest held</source>
        <translation>La plus haute tenue</translation>
    </message>
    <message>
        <source>Hiss first, as even as it goes; then play on the same air.</source>
        <translation>Siffler d’abord, aussi régulièrement que possible ; puis jouer sur le même air.</translation>
    </message>
    <message>
        <source>Hiss first, even; then play on the same air.</source>
        <translation>Siffler d’abord, régulièrement ; puis jouer sur le même air.</translation>
    </message>
    <message>
        <source>Hiss for as long as the other lasts, then play.</source>
        <translation>Siffler aussi longtemps que l’autre dure, puis jouer.</translation>
    </message>
    <message>
        <source>Hiss for as long as the tone should last, then play on the same air.</source>
        <translation>Siffler aussi longtemps que le son doit durer, puis jouer sur le même air.</translation>
    </message>
    <message>
        <source>Hiss for as long, even; then play.</source>
        <translation>Siffler aussi longtemps, régulièrement ; puis jouer.</translation>
    </message>
    <message>
        <source>Hisses in through a narrow throat and hurries at the end.</source>
        <translation>Siffle en inspirant par une gorge étroite et se presse à la fin.</translation>
    </message>
    <message>
        <source>Hold the shape of the mouth until the sound has stopped.</source>
        <translation>Garder la forme de la bouche jusqu’à ce que le son ait cessé.</translation>
    </message>
    <message>
        <source>Holds well, but too low.</source>
        <translation>Tient bien, mais trop bas.</translation>
    </message>
    <message>
        <source>Home again over a drone</source>
        <translation>Tonique encore, sur un bourdon</translation>
    </message>
    <message>
        <source>Home note returning, three notes</source>
        <translation>Tonique qui revient, trois notes</translation>
    </message>
    <message>
        <source>Home note returning, two notes</source>
        <translation>Tonique qui revient, deux notes</translation>
    </message>
    <message>
        <source>Home note, coming back</source>
        <translation>Tonique, au retour</translation>
    </message>
    <message>
        <source>Home, third, fifth, octave and back over the home note, which sounds on: each pure, the third 14 cents lower than on a keyboard.</source>
        <translation>Tonique, tierce, quinte, octave et retour sur la tonique, qui continue : chacune pure, la tierce 14 cents plus bas qu’au clavier.</translation>
    </message>
    <message>
        <source>Horn in F</source>
        <translation>Cor en fa</translation>
    </message>
    <message>
        <source>How far a slide goes beyond the note it should reach; falling short of a note above is negative.</source>
        <translation>De combien un glissé dépasse la note à atteindre ; court sous une note plus haute est négatif.</translation>
    </message>
    <message>
        <source>How far a slide strays from a straight line.</source>
        <translation>De combien un glissé s’écarte d’une droite.</translation>
    </message>
    <message>
        <source>How far apart the two began where the player then went and was in tune: a distance that was heard.</source>
        <translation>L’écart des deux au début, là où le joueur est ensuite allé être juste : une distance entendue.</translation>
    </message>
    <message>
        <source>How far apart the two usually are once they are in tune.</source>
        <translation>L’écart habituel des deux une fois justes.</translation>
    </message>
    <message>
        <source>How far from their beat the notes begin, early or late.</source>
        <translation>À quelle distance de leur temps les notes partent, tôt ou tard.</translation>
    </message>
    <message>
        <source>How far it is from the lowest to the highest pitch of a tone.</source>
        <translation>La distance de la plus basse à la plus haute hauteur d’un son.</translation>
    </message>
    <message>
        <source>How far nine of ten such differences are from the true one at most, by how much both tones wander.</source>
        <translation>À combien neuf sur dix de ces différences sont au plus de la vraie, selon le flottement des deux sons.</translation>
    </message>
    <message>
        <source>How far off the place may be where a bent tone rings most.</source>
        <translation>De combien peut être faux l’endroit où un son infléchi sonne le mieux.</translation>
    </message>
    <message>
        <source>How far the air stands over the room’s noise: under 15 dB its sound cannot be told.</source>
        <translation>De combien l’air dépasse le bruit de la salle : sous 15 dB son timbre ne peut se dire.</translation>
    </message>
    <message>
        <source>How far the loudness falls between two slurred notes, where it falls most.</source>
        <translation>De combien l’intensité baisse entre deux notes liées, là où elle baisse le plus.</translation>
    </message>
    <message>
        <source>How far the loudness of the air strays over the middle of a breath.</source>
        <translation>De combien l’intensité de l’air varie au milieu d’un souffle.</translation>
    </message>
    <message>
        <source>How far the loudness rises between two slurred notes, where it rises most.</source>
        <translation>De combien l’intensité monte entre deux notes liées, là où elle monte le plus.</translation>
    </message>
    <message>
        <source>How far the loudness strays from the line asked for, whatever its height.</source>
        <translation>De combien l’intensité s’écarte de la ligne demandée, quelle que soit sa hauteur.</translation>
    </message>
    <message>
        <source>How far the note has risen from the first time to the last, by the curve that fits them all.</source>
        <translation>De combien la note est montée de la première fois à la dernière, selon la courbe qui leur va à toutes.</translation>
    </message>
    <message>
        <source>How far the note would rise if the whole tube went from the room’s warmth to the breath’s.</source>
        <translation>De combien la note monterait si tout le tube passait de la chaleur de la salle à celle du souffle.</translation>
    </message>
    <message>
        <source>How far the notes are from the partials of the tube in use, which lie where nature has them, high or low.</source>
        <translation>À quelle distance les notes sont des partiels du tube employé, qui sont où la nature les met, hauts ou bas.</translation>
    </message>
    <message>
        <source>How far the pitch falls when the finger lets the note go into its centre.</source>
        <translation>De combien la hauteur tombe quand le doigt laisse la note aller dans son centre.</translation>
    </message>
    <message>
        <source>How far the pitch strays from a straight way while it falls or rises.</source>
        <translation>De combien la hauteur s’écarte d’un chemin droit en descendant ou en montant.</translation>
    </message>
    <message>
        <source>How far the pitch strays from the path asked for, whatever its height.</source>
        <translation>De combien la hauteur s’écarte du chemin demandé, quelle que soit sa place.</translation>
    </message>
    <message>
        <source>How far the pitch strays slowly, slower than three times a second; drift and vibrato are taken out.</source>
        <translation>De combien la hauteur s’écarte lentement, moins de trois fois par seconde ; dérive et vibrato sont retirés.</translation>
    </message>
    <message>
        <source>How far the time from note to note is from the count’s (standard deviation).</source>
        <translation>De combien le temps de note en note est loin du compte (écart type).</translation>
    </message>
    <message>
        <source>How far the two are from the interval asked for in their last half second.</source>
        <translation>À quelle distance les deux sont de l’intervalle demandé dans leur dernière demi-seconde.</translation>
    </message>
    <message>
        <source>How far the two were at the end from the interval in equal half steps.</source>
        <translation>À quelle distance les deux étaient à la fin de l’intervalle tempéré.</translation>
    </message>
    <message>
        <source>How far the two were at the end from the interval in whole numbers, which does not beat.</source>
        <translation>À quelle distance les deux étaient à la fin de l’intervalle en nombres entiers, qui ne bat pas.</translation>
    </message>
    <message>
        <source>How far the ways of a bend stray from straight lines.</source>
        <translation>De combien les chemins d’une inflexion s’écartent de droites.</translation>
    </message>
    <message>
        <source>How fast the interval in equal half steps beats at this pitch; the pure one does not.</source>
        <translation>À quelle vitesse l’intervalle tempéré bat à cette hauteur ; le pur ne bat pas.</translation>
    </message>
    <message>
        <source>How fast the loudness rises over the note; falling is negative.</source>
        <translation>À quelle vitesse l’intensité monte sur la note ; la baisse est négative.</translation>
    </message>
    <message>
        <source>How fast the pitch climbs or sinks over the whole tone.</source>
        <translation>À quelle vitesse la hauteur monte ou baisse sur tout le son.</translation>
    </message>
    <message>
        <source>How fast the pitch goes down and up in a bend.</source>
        <translation>À quelle vitesse la hauteur descend et remonte dans une inflexion.</translation>
    </message>
    <message>
        <source>How fast the two beat in their last second; judged as the cents that it is at this pitch.</source>
        <translation>À quelle vitesse les deux battent dans leur dernière seconde ; jugé comme les cents que c’est à cette hauteur.</translation>
    </message>
    <message>
        <source>How long a breath in goes on.</source>
        <translation>Combien de temps dure une inspiration.</translation>
    </message>
    <message>
        <source>How long after the end of the breath in the tone begins.</source>
        <translation>Combien de temps après la fin de l’inspiration le son commence.</translation>
    </message>
    <message>
        <source>How long air is heard, without a break, before the tone speaks.</source>
        <translation>Combien de temps on entend de l’air, sans interruption, avant que le son parle.</translation>
    </message>
    <message>
        <source>How long air or voice is heard where the breath was to be kept.</source>
        <translation>Combien de temps on entend de l’air ou la voix là où le souffle était à garder.</translation>
    </message>
    <message>
        <source>How long it rested in all between the sounds.</source>
        <translation>Combien de repos il y a eu en tout entre les sons.</translation>
    </message>
    <message>
        <source>How long it sounded in all, rests and breaks taken off.</source>
        <translation>Combien de temps cela a sonné en tout, repos et coupures retirés.</translation>
    </message>
    <message>
        <source>How long slurred notes are under way from one pitch to the next.</source>
        <translation>Combien de temps des notes liées sont en chemin d’une hauteur à l’autre.</translation>
    </message>
    <message>
        <source>How long slurred notes are under way from one register to another.</source>
        <translation>Combien de temps des notes liées sont en chemin d’un registre à l’autre.</translation>
    </message>
    <message>
        <source>How long the air held the sheet to the wall, by the player’s key.</source>
        <translation>Combien de temps l’air a tenu la feuille au mur, d’après la touche du joueur.</translation>
    </message>
    <message>
        <source>How long the breath was kept at most, without air or voice.</source>
        <translation>Combien de temps le souffle a été gardé au plus, sans air ni voix.</translation>
    </message>
    <message>
        <source>How long the longest breath goes on.</source>
        <translation>Combien de temps va le plus long souffle.</translation>
    </message>
    <message>
        <source>How long the longest breath out goes as it began, within 4 dB: what comes after is squeezed out, or runs dry.</source>
        <translation>Combien de temps la plus longue expiration va comme elle a commencé, à 4 dB près : ce qui suit est pressé, ou s’épuise.</translation>
    </message>
    <message>
        <source>How long the notes are, in beats.</source>
        <translation>La longueur des notes, en temps.</translation>
    </message>
    <message>
        <source>How long the room is heard after the end of the tone; it is not counted as held.</source>
        <translation>Combien de temps on entend la salle après la fin du son ; cela ne compte pas comme tenu.</translation>
    </message>
    <message>
        <source>How long the tone sounds, breaks taken off, from where it reaches half of its steady level to where it falls below that.</source>
        <translation>Combien de temps le son sonne, coupures retirées, de la moitié de son intensité stable jusqu’à ce qu’il tombe dessous.</translation>
    </message>
    <message>
        <source>How loud the notes are, against the loudest that the file can hold.</source>
        <translation>L’intensité des notes, contre le plus fort que le fichier puisse tenir.</translation>
    </message>
    <message>
        <source>How many cents the pitch rises for each decibel louder; below 0 it falls.</source>
        <translation>De combien de cents la hauteur monte par décibel de plus ; sous 0 elle baisse.</translation>
    </message>
    <message>
        <source>How many of the notes or breaths asked for did not come.</source>
        <translation>Combien des notes ou des respirations demandées ne sont pas venues.</translation>
    </message>
    <message>
        <source>How many of the notes were in tune within 0.3 s, before anything could be mended by ear.</source>
        <translation>Combien des notes étaient justes en 0,3 s, avant que l’oreille puisse rien corriger.</translation>
    </message>
    <message>
        <source>How many sounds of at least 60 ms with a pitch there are, the long one among them.</source>
        <translation>Combien de sons d’au moins 60 ms avec une hauteur il y a, le long parmi eux.</translation>
    </message>
    <message>
        <source>How many waves of vibrato there are a second.</source>
        <translation>Combien d’ondes de vibrato il y a par seconde.</translation>
    </message>
    <message>
        <source>How much brighter, in partial numbers, the tone gets for each decibel louder.</source>
        <translation>De combien le son devient plus brillant, en numéros de partiel, par décibel de plus.</translation>
    </message>
    <message>
        <source>How much farther the harmonics stand over the noise after it dropped.</source>
        <translation>De combien les harmoniques dépassent davantage le bruit après la chute.</translation>
    </message>
    <message>
        <source>How much farther the harmonics stand over the noise at the far end of a bend.</source>
        <translation>De combien les harmoniques dépassent davantage le bruit au bout d’une inflexion.</translation>
    </message>
    <message>
        <source>How much further the note would rise if the warming went on.</source>
        <translation>De combien la note monterait encore si elle continuait de chauffer.</translation>
    </message>
    <message>
        <source>How much further the tone stands over its noise in its last third than in its first.</source>
        <translation>De combien le son dépasse davantage son bruit dans son dernier tiers que dans le premier.</translation>
    </message>
    <message>
        <source>How much higher than asked the tone is than the one before it, another player’s or one’s own voice, octaves aside where it was sung. Under 10 cents few ears tell the two apart so.</source>
        <translation>De combien le son est plus haut que demandé par rapport à celui d’avant, d’un autre joueur ou de sa propre voix, octaves mises à part où l’on a chanté. Sous 10 cents peu d’oreilles distinguent les deux ainsi.</translation>
    </message>
    <message>
        <source>How much less the bend goes than the fingered half step in the same take.</source>
        <translation>De combien l’inflexion va moins loin que le demi-ton doigté dans la même prise.</translation>
    </message>
    <message>
        <source>How much less the pitch wanders than in the take it is compared with.</source>
        <translation>De combien la hauteur flotte moins que dans la prise à laquelle elle est comparée.</translation>
    </message>
    <message>
        <source>How much longer than asked for the notes are; shorter is negative.</source>
        <translation>De combien les notes sont plus longues que demandé ; plus court est négatif.</translation>
    </message>
    <message>
        <source>How much longer the tone sounds than that of the take it is compared with.</source>
        <translation>De combien le son dure plus que celui auquel il est comparé.</translation>
    </message>
    <message>
        <source>How much louder the far end of a bend is than the note before it; below 0 is softer.</source>
        <translation>De combien le bout d’une inflexion est plus fort que la note d’avant ; sous 0 c’est plus doux.</translation>
    </message>
    <message>
        <source>How much louder the tone is after it dropped.</source>
        <translation>De combien le son est plus fort après la chute.</translation>
    </message>
    <message>
        <source>How much the level falls between the pulses of air.</source>
        <translation>De combien l’intensité baisse entre les pulsations de l’air.</translation>
    </message>
    <message>
        <source>How much the loudness varies over the tone (standard deviation).</source>
        <translation>De combien l’intensité varie sur le son (écart type).</translation>
    </message>
    <message>
        <source>How much the pitch trembles, three to twelve times a second, with drift and vibrato taken out.</source>
        <translation>De combien la hauteur tremble, trois à douze fois par seconde ; dérive et vibrato sont retirés.</translation>
    </message>
    <message>
        <source>How often a second the level pulses.</source>
        <translation>Combien de fois par seconde l’intensité pulse.</translation>
    </message>
    <message>
        <source>How often the note jumps to another partial, by 150 cents or more, and back.</source>
        <translation>Combien de fois la note saute sur un autre partiel, de 150 cents ou plus, et revient.</translation>
    </message>
    <message>
        <source>How often the sound stops and the air with it.</source>
        <translation>Combien de fois le son s’arrête, et l’air avec lui.</translation>
    </message>
    <message>
        <source>How often the sound stops for up to 150 ms within a note and comes back.</source>
        <translation>Combien de fois le son s’arrête jusqu’à 150 ms dans une note et revient.</translation>
    </message>
    <message>
        <source>How often the sound stops while its pitch falls.</source>
        <translation>Combien de fois le son s’arrête pendant que sa hauteur descend.</translation>
    </message>
    <message>
        <source>How often the sound stops while the air goes on: lips or reed have parted.</source>
        <translation>Combien de fois le son s’arrête pendant que l’air continue : lèvres ou anche se sont séparées.</translation>
    </message>
    <message>
        <source>How often the two first went at least 3 cents further apart; of one note 1 or 0.</source>
        <translation>Combien de fois les deux se sont d’abord éloignés d’au moins 3 cents ; pour une note 1 ou 0.</translation>
    </message>
    <message>
        <source>How often the two, having been in tune, were over 8 cents apart again.</source>
        <translation>Combien de fois les deux, après avoir été justes, étaient de nouveau à plus de 8 cents.</translation>
    </message>
    <message>
        <source>How strong a lower partial sounds on under an overtone, to the overtone’s own.</source>
        <translation>Combien un partiel plus bas continue de sonner sous un harmonique, par rapport à lui.</translation>
    </message>
    <message>
        <source>How strong the upper overtones are: by how much they get weaker with each octave upwards. Closer to zero is richer.</source>
        <translation>La force des harmoniques supérieurs : de combien ils faiblissent à chaque octave vers le haut. Plus près de zéro est plus riche.</translation>
    </message>
    <message>
        <source>How unlike in loudness the notes are (standard deviation over them).</source>
        <translation>Combien les notes sont inégales en intensité (leur écart type).</translation>
    </message>
    <message>
        <source>How unlike in loudness the pulses are (standard deviation).</source>
        <translation>Combien les pulsations sont inégales en intensité (écart type).</translation>
    </message>
    <message>
        <source>How unlike neighbouring periods are in their length; up to 5 % is usual in a buzz.</source>
        <translation>Combien les périodes voisines sont inégales en longueur ; jusqu’à 5 % est habituel pour une vibration des lèvres.</translation>
    </message>
    <message>
        <source>How unlike the model note the notes are in their harmonics, their levels made equal.</source>
        <translation>Combien les notes diffèrent de la note modèle dans leurs harmoniques, à intensité égale.</translation>
    </message>
    <message>
        <source>How unlike the notes are in their tuning (standard deviation over them).</source>
        <translation>Combien les notes sont inégales d’accord (leur écart type).</translation>
    </message>
    <message>
        <source>How unlike the player’s own open breath the breaths in sound, band by band.</source>
        <translation>Combien les inspirations diffèrent du souffle ouvert du joueur, bande par bande.</translation>
    </message>
    <message>
        <source>Hurries the breath</source>
        <translation>Presse le souffle</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>Hz = A4 · 2^(half steps / 12)</source>
        <translation>Hz = A4 · 2^(demi-tons / 12)</translation>
    </message>
    <message>
        <source>If several notes are flat once you are warm: push {tuner} in a little.</source>
        <translation>Si plusieurs notes sont basses une fois chaud : rentrer un peu {tuner}.</translation>
    </message>
    <message>
        <source>If several notes are flat: see that the reed is pushed fully in.</source>
        <translation>Si plusieurs notes sont basses : voir que l’anche est bien enfoncée.</translation>
    </message>
    <message>
        <source>If several notes are sharp once you are warm: pull {tuner} out a little.</source>
        <translation>Si plusieurs notes sont hautes une fois chaud : tirer un peu {tuner}.</translation>
    </message>
    <message>
        <source>If several notes are sharp: a little less reed in the mouth.</source>
        <translation>Si plusieurs notes sont hautes : un peu moins d’anche dans la bouche.</translation>
    </message>
    <message>
        <source>In a room that rings the ear goes on after the air has stopped.</source>
        <translation>Dans une salle qui résonne l’oreille continue après l’arrêt de l’air.</translation>
    </message>
    <message>
        <source>In and out over three counts each, the turn without a stop.</source>
        <translation>Inspirer et expirer en trois temps chacun, le tour sans arrêt.</translation>
    </message>
    <message>
        <source>In eight while the arms rise sideways, out eight while they sink: the ribs stay where the arms took them.</source>
        <translation>Inspirer huit pendant que les bras montent de côté, expirer huit pendant qu’ils descendent : les côtes restent où les bras les ont menées.</translation>
    </message>
    <message>
        <source>In eight, out eight</source>
        <translation>Inspirer huit, expirer huit</translation>
    </message>
    <message>
        <source>In evenly over four counts and out evenly over four: neither full too early nor in a hurry at the end.</source>
        <translation>Inspirer régulièrement en quatre temps et expirer régulièrement en quatre : ni plein trop tôt ni pressé à la fin.</translation>
    </message>
    <message>
        <source>In four, let it fall out</source>
        <translation>Inspirer quatre, laisser tomber</translation>
    </message>
    <message>
        <source>In four, out at once</source>
        <translation>Inspirer quatre, expirer d’un coup</translation>
    </message>
    <message>
        <source>In four, out four</source>
        <translation>Inspirer quatre, expirer quatre</translation>
    </message>
    <message>
        <source>In four, out four, then a count more each time, up to where it no longer holds; after every second time eight beats of normal breath.</source>
        <translation>Inspirer quatre, expirer quatre, puis un temps de plus à chaque fois, tant que cela tient ; après chaque deuxième fois huit temps de souffle normal.</translation>
    </message>
    <message>
        <source>In the centre, or above it</source>
        <translation>Au centre, ou au-dessus</translation>
    </message>
    <message>
        <source>In three, keep three, out three</source>
        <translation>Inspirer trois, garder trois, expirer trois</translation>
    </message>
    <message>
        <source>In three, out three</source>
        <translation>Inspirer trois, expirer trois</translation>
    </message>
    <message>
        <source>In through a hand held before the lips, against its resistance; then the same width without it.</source>
        <translation>Inspirer à travers une main devant les lèvres, contre sa résistance ; puis la même largeur sans elle.</translation>
    </message>
    <message>
        <source>In tune after</source>
        <translation>Juste après</translation>
    </message>
    <message>
        <source>In tune after {lock_s} s, and it stayed.</source>
        <translation>Juste après {lock_s} s, et c’est resté.</translation>
    </message>
    <message>
        <source>In tune after {lock_s} s.</source>
        <translation>Juste après {lock_s} s.</translation>
    </message>
    <message>
        <source>In tune at once</source>
        <translation>Juste aussitôt</translation>
    </message>
    <message>
        <source>In tune by ear</source>
        <translation>Juste à l’oreille</translation>
    </message>
    <message>
        <source>In tune, and then apart again ({left_again}).</source>
        <translation>Juste, puis de nouveau écarté ({left_again}).</translation>
    </message>
    <message>
        <source>In two, out four</source>
        <translation>Inspirer deux, expirer quatre</translation>
    </message>
    <message>
        <source>Is at its loudest {peak_error_beats} beats early.</source>
        <translation>Est le plus fort {peak_error_beats} temps trop tôt.</translation>
    </message>
    <message>
        <source>Is at its loudest {peak_error_beats} beats late.</source>
        <translation>Est le plus fort {peak_error_beats} temps trop tard.</translation>
    </message>
    <message>
        <source>It climbs when the head joint is rolled out, or the air gets quicker.</source>
        <translation>Cela monte quand on roule la tête vers l’extérieur, ou que l’air accélère.</translation>
    </message>
    <message>
        <source>It is loud enough, and it crackles.</source>
        <translation>C’est assez fort, et cela grésille.</translation>
    </message>
    <message>
        <source>It is low and spread.</source>
        <translation>C’est bas et étalé.</translation>
    </message>
    <message>
        <source>It is low, spread, and it crackles.</source>
        <translation>C’est bas, étalé, et cela grésille.</translation>
    </message>
    <message>
        <source>It is mostly air.</source>
        <translation>C’est surtout de l’air.</translation>
    </message>
    <message>
        <source>It is soft and mostly air.</source>
        <translation>C’est doux et surtout de l’air.</translation>
    </message>
    <message>
        <source>It is soft, and it crackles.</source>
        <translation>C’est doux, et cela grésille.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the length of the instrument, its temperature, or the place in the note. Two notes tell.</source>
        <translation>Cela reste où c’est : ce peut être la longueur de l’instrument, sa température, ou l’endroit dans la note. Deux notes le disent.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the length of the instrument, or the place in the note. Two notes tell.</source>
        <translation>Cela reste où c’est : ce peut être la longueur de l’instrument, ou l’endroit dans la note. Deux notes le disent.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the reed, its temperature, or the place in the note. Two notes tell.</source>
        <translation>Cela reste où c’est : ce peut être l’anche, sa température, ou l’endroit dans la note. Deux notes le disent.</translation>
    </message>
    <message>
        <source>It stays where it is: that may be the reed, or the place in the note. Two notes tell.</source>
        <translation>Cela reste où c’est : ce peut être l’anche, ou l’endroit dans la note. Deux notes le disent.</translation>
    </message>
    <message>
        <source>It went the wrong way first.</source>
        <translation>C’est d’abord allé dans le mauvais sens.</translation>
    </message>
    <message>
        <source>Jaw and teeth stay where they are: opened under load they can be hurt.</source>
        <translation>Mâchoire et dents restent où elles sont : ouvertes sous la charge elles peuvent se blesser.</translation>
    </message>
    <message>
        <source>Jitter</source>
        <translation>Gigue</translation>
    </message>
    <message>
        <source>Just intervals</source>
        <translation>Intervalles purs</translation>
    </message>
    <message>
        <source>Just the tip of the reed between the lips, and half of the air.</source>
        <translation>Juste le bout de l’anche entre les lèvres, et moitié moins d’air.</translation>
    </message>
    <message>
        <source>Keep it with the ribs wide and the throat open.</source>
        <translation>Le garder les côtes larges et la gorge ouverte.</translation>
    </message>
    <message>
        <source>Keep the air as it is while it goes down.</source>
        <translation>Garder l’air comme il est pendant que cela descend.</translation>
    </message>
    <message>
        <source>Keep the air as it is, and bring the lips together slowly, until they start by themselves.</source>
        <translation>Garder l’air comme il est, et rapprocher lentement les lèvres, jusqu’à ce qu’elles partent seules.</translation>
    </message>
    <message>
        <source>Keep the air even: the last second like the first.</source>
        <translation>Garder l’air régulier : la dernière seconde comme la première.</translation>
    </message>
    <message>
        <source>Keep the mouth as it was in the first second; only the air goes on.</source>
        <translation>Garder la bouche comme elle était à la première seconde ; seul l’air continue.</translation>
    </message>
    <message>
        <source>Keep the mouth shaped for the note to the end.</source>
        <translation>Garder la bouche formée pour la note jusqu’au bout.</translation>
    </message>
    <message>
        <source>Keep the note in the ear as it gets louder.</source>
        <translation>Garder la note dans l’oreille quand cela devient plus fort.</translation>
    </message>
    <message>
        <source>Keep the tone that you heard in your ear through the rest.</source>
        <translation>Garder dans l’oreille pendant le repos le son qu’on a entendu.</translation>
    </message>
    <message>
        <source>Lasts {held_s} s of {held_s:low} s, and gets softer at the end.</source>
        <translation>Dure {held_s} s sur {held_s:low} s, et devient plus doux à la fin.</translation>
    </message>
    <message>
        <source>Lasts {held_s} s of {held_s:low} s.</source>
        <translation>Dure {held_s} s sur {held_s:low} s.</translation>
    </message>
    <message>
        <source>Lasts {held_s} s of {held_s:low} s; the {rings_on_s} s that the room rings on are not counted.</source>
        <translation>Dure {held_s} s sur {held_s:low} s ; les {rings_on_s} s où la salle résonne ne comptent pas.</translation>
    </message>
    <message>
        <source>Leaks</source>
        <translation>Fuit</translation>
    </message>
    <message>
        <source>Leave out what hurts. With trouble of the neck, the back or the balance ask a doctor or a physiotherapist first.</source>
        <translation>Laisser ce qui fait mal. En cas de troubles de la nuque, du dos ou de l’équilibre, demander d’abord à un médecin ou à un kinésithérapeute.</translation>
    </message>
    <message>
        <source>Leave the air alone: only the voicing or the fingers change.</source>
        <translation>Laisser l’air tranquille : seuls la bouche ou les doigts changent.</translation>
    </message>
    <message>
        <source>Leave the air going until the beat that begins the rest.</source>
        <translation>Laisser aller l’air jusqu’au temps où commence le repos.</translation>
    </message>
    <message>
        <source>Leave the plate where it is; only the air goes on.</source>
        <translation>Laisser la plaque où elle est ; seul l’air continue.</translation>
    </message>
    <message>
        <source>Leave the plate where it sounded: the lower lip quiet.</source>
        <translation>Laisser la plaque là où cela sonnait : la lèvre inférieure calme.</translation>
    </message>
    <message>
        <source>Leave the ribs wide while you play.</source>
        <translation>Laisser les côtes larges en jouant.</translation>
    </message>
    <message>
        <source>Left again</source>
        <translation>Quitté de nouveau</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Longueur</translation>
    </message>
    <message>
        <source>Length comes from the breath before and the loudness at the start, not from holding out at the end.</source>
        <translation>La longueur vient du souffle d’avant et de l’intensité du départ, pas de ce qu’on s’accroche à la fin.</translation>
    </message>
    <message>
        <source>Less air for a moment: look for the place where the tone speaks with the least, then let it grow from there.</source>
        <translation>Moins d’air un moment : chercher l’endroit où le son parle avec le moins, puis laisser grandir de là.</translation>
    </message>
    <message>
        <source>Less air, and all of it even.</source>
        <translation>Moins d’air, et tout régulier.</translation>
    </message>
    <message>
        <source>Less air.</source>
        <translation>Moins d’air.</translation>
    </message>
    <message>
        <source>Less air: a recorder hisses when it gets too much.</source>
        <translation>Moins d’air : une flûte à bec siffle quand elle en a trop.</translation>
    </message>
    <message>
        <source>Less air: just so much that it begins to sing.</source>
        <translation>Moins d’air : juste assez pour qu’elle commence à chanter.</translation>
    </message>
    <message>
        <source>Less bite: just enough that no air escapes.</source>
        <translation>Moins mordre : juste assez pour que l’air n’échappe pas.</translation>
    </message>
    <message>
        <source>Less bite: let the middle be free.</source>
        <translation>Moins mordre : laisser le milieu libre.</translation>
    </message>
    <message>
        <source>Less bite: the corners hold, the lower lip only carries.</source>
        <translation>Moins mordre : les coins tiennent, la lèvre inférieure ne fait que porter.</translation>
    </message>
    <message>
        <source>Less loud at the top: the way is shorter.</source>
        <translation>Moins fort en haut : le chemin est plus court.</translation>
    </message>
    <message>
        <source>Less reed in the mouth, and softer.</source>
        <translation>Moins d’anche dans la bouche, et plus doux.</translation>
    </message>
    <message>
        <source>Less reed in the mouth: just the tip between the lips.</source>
        <translation>Moins d’anche dans la bouche : juste le bout entre les lèvres.</translation>
    </message>
    <message>
        <source>Less weight of the rim on the lips.</source>
        <translation>Moins de poids du bord sur les lèvres.</translation>
    </message>
    <message>
        <source>Less weight of the rim: just enough that no air escapes.</source>
        <translation>Moins de poids du bord : juste assez pour que l’air n’échappe pas.</translation>
    </message>
    <message>
        <source>Let a hand mark the end, and stop with the hand.</source>
        <translation>Marquer la fin d’une main, et s’arrêter avec la main.</translation>
    </message>
    <message>
        <source>Let each rung settle before you leave it.</source>
        <translation>Laisser chaque barreau se poser avant de le quitter.</translation>
    </message>
    <message>
        <source>Let go first: breathe out across the hole without a sound, jaw and throat loose.</source>
        <translation>Lâcher d’abord : expirer à travers le trou sans bruit, mâchoire et gorge souples.</translation>
    </message>
    <message>
        <source>Let go first: breathe out through the mouthpiece without a sound, jaw and throat loose.</source>
        <translation>Lâcher d’abord : expirer par l’embouchure sans bruit, mâchoire et gorge souples.</translation>
    </message>
    <message>
        <source>Let it grow a little towards the end, on purpose.</source>
        <translation>Le laisser grandir un peu vers la fin, exprès.</translation>
    </message>
    <message>
        <source>Let it rise a little until it opens.</source>
        <translation>Le laisser monter un peu jusqu’à ce qu’il s’ouvre.</translation>
    </message>
    <message>
        <source>Let it sink until it rings most, and stay there.</source>
        <translation>Le laisser descendre jusqu’à ce qu’il sonne le mieux, et y rester.</translation>
    </message>
    <message>
        <source>Let less out at a time.</source>
        <translation>En laisser sortir moins à la fois.</translation>
    </message>
    <message>
        <source>Let more air flow through the same opening.</source>
        <translation>Laisser couler plus d’air par la même ouverture.</translation>
    </message>
    <message>
        <source>Let more air flow, through the same opening.</source>
        <translation>Laisser couler plus d’air, par la même ouverture.</translation>
    </message>
    <message>
        <source>Let the air drop in through an open mouth.</source>
        <translation>Laisser tomber l’air dedans par une bouche ouverte.</translation>
    </message>
    <message>
        <source>Let the air keep its pace: the last second like the first.</source>
        <translation>Laisser l’air garder son allure : la dernière seconde comme la première.</translation>
    </message>
    <message>
        <source>Let the breath turn round like a swing.</source>
        <translation>Laisser le souffle tourner comme une balançoire.</translation>
    </message>
    <message>
        <source>Let the breath turn round without a stop, and start on the turn.</source>
        <translation>Laisser le souffle tourner sans arrêt, et partir au tournant.</translation>
    </message>
    <message>
        <source>Let the end be as loud as the middle.</source>
        <translation>Que la fin soit aussi forte que le milieu.</translation>
    </message>
    <message>
        <source>Let the end come softer, and stop before it moves.</source>
        <translation>Laisser la fin s’adoucir, et s’arrêter avant que cela bouge.</translation>
    </message>
    <message>
        <source>Let the finger go and nothing else: do not follow it up.</source>
        <translation>Lâcher le doigt et rien d’autre : ne pas suivre.</translation>
    </message>
    <message>
        <source>Let the jaw hang as it did at the start.</source>
        <translation>Laisser pendre la mâchoire comme au départ.</translation>
    </message>
    <message>
        <source>Let the jaw hang as it did at the start; the corners alone hold the reed.</source>
        <translation>Laisser pendre la mâchoire comme au départ ; les coins seuls tiennent l’anche.</translation>
    </message>
    <message>
        <source>Let the last count still bring some air.</source>
        <translation>Que le dernier temps apporte encore un peu d’air.</translation>
    </message>
    <message>
        <source>Let the last third be as light as the first.</source>
        <translation>Que le dernier tiers soit aussi léger que le premier.</translation>
    </message>
    <message>
        <source>Let the lips carry the reed as they did at the start, no more.</source>
        <translation>Laisser les lèvres porter l’anche comme au départ, pas plus.</translation>
    </message>
    <message>
        <source>Let the lips give way, and keep the air.</source>
        <translation>Laisser céder les lèvres, et garder l’air.</translation>
    </message>
    <message>
        <source>Let the throat stay as wide as it was for breathing in.</source>
        <translation>Laisser la gorge aussi large qu’à l’inspiration.</translation>
    </message>
    <message>
        <source>Let the tone end on the beat that begins the rest.</source>
        <translation>Laisser finir le son sur le temps où commence le repos.</translation>
    </message>
    <message>
        <source>Let the tongue rise as from “aw” to “ee” for the higher rung, the air as it is.</source>
        <translation>Laisser monter la langue comme de « o » à « i » pour le barreau du haut, l’air comme il est.</translation>
    </message>
    <message>
        <source>Lets everything go in a bend: soft and airy at the far end.</source>
        <translation>Lâche tout dans une inflexion : doux et voilé au bout.</translation>
    </message>
    <message>
        <source>Lets pitch and loudness fall at the end.</source>
        <translation>Laisse baisser hauteur et intensité à la fin.</translation>
    </message>
    <message>
        <source>Lies {offset_cents} cents flat.</source>
        <translation>Est {offset_cents} cents trop bas.</translation>
    </message>
    <message>
        <source>Lies {offset_cents} cents sharp.</source>
        <translation>Est {offset_cents} cents trop haut.</translation>
    </message>
    <message>
        <source>Like the teacher’s tone</source>
        <translation>Comme le son du professeur</translation>
    </message>
    <message>
        <source>Lips a little nearer together, the air as it is.</source>
        <translation>Les lèvres un peu plus proches, l’air comme il est.</translation>
    </message>
    <message>
        <source>Lips a little nearer together, the air unchanged.</source>
        <translation>Les lèvres un peu plus proches, l’air inchangé.</translation>
    </message>
    <message>
        <source>Lips and air follow a line that the ear has already drawn.</source>
        <translation>Lèvres et air suivent une ligne que l’oreille a déjà dessinée.</translation>
    </message>
    <message>
        <source>Lips and corners in place before the air comes.</source>
        <translation>Lèvres et coins en place avant que l’air vienne.</translation>
    </message>
    <message>
        <source>Lips and slide like to jump over the middle, where no note is at home.</source>
        <translation>Lèvres et coulisse aiment sauter le milieu, où aucune note n’est chez elle.</translation>
    </message>
    <message>
        <source>Lips part</source>
        <translation>Les lèvres se séparent</translation>
    </message>
    <message>
        <source>Lips round it before the air, touching and no more.</source>
        <translation>Les lèvres autour avant l’air, touchant et pas plus.</translation>
    </message>
    <message>
        <source>Lips still round the beak.</source>
        <translation>Les lèvres calmes autour du bec.</translation>
    </message>
    <message>
        <source>Lips that swing unevenly, every second time wider: that may be pressure, loose corners, or tiredness.</source>
        <translation>Des lèvres qui vibrent inégalement, une fois sur deux plus large : ce peut être la pression, des coins lâches, ou la fatigue.</translation>
    </message>
    <message>
        <source>Lips together before the air, touching and no more.</source>
        <translation>Les lèvres ensemble avant l’air, touchant et pas plus.</translation>
    </message>
    <message>
        <source>Lips touching and no more; then a long, soft “pooh”, the air going on.</source>
        <translation>Les lèvres touchant et pas plus ; puis un long « pou » doux, l’air qui continue.</translation>
    </message>
    <message>
        <source>Listen for a second before you play.</source>
        <translation>Écouter une seconde avant de jouer.</translation>
    </message>
    <message>
        <source>Listen for the slow wave in the loudness, and wait until it stands.</source>
        <translation>Écouter l’onde lente de l’intensité, et attendre qu’elle s’arrête.</translation>
    </message>
    <message>
        <source>Listen to the note first, sing it, then place the sound on it.</source>
        <translation>Écouter d’abord la note, la chanter, puis poser le son dessus.</translation>
    </message>
    <message>
        <source>Listen to the other once more, then play it as you heard it.</source>
        <translation>Écouter l’autre encore une fois, puis la jouer comme entendue.</translation>
    </message>
    <message>
        <source>Long breath</source>
        <translation>Long souffle</translation>
    </message>
    <message>
        <source>Long tones down from three partials</source>
        <translation>Sons longs en descendant de trois partiels</translation>
    </message>
    <message>
        <source>Longer and steadier than before</source>
        <translation>Plus long et plus calme qu’avant</translation>
    </message>
    <message>
        <source>Longest kept</source>
        <translation>Le plus long gardé</translation>
    </message>
    <message>
        <source>Longest phrase of a breath</source>
        <translation>La plus longue phrase d’un souffle</translation>
    </message>
    <message>
        <source>Look into a mirror: only the wrist moves.</source>
        <translation>Regarder dans un miroir : seul le poignet bouge.</translation>
    </message>
    <message>
        <source>Loose corners and round cheeks let the sound fall low, and apart.</source>
        <translation>Des coins lâches et des joues rondes laissent le son tomber et se défaire.</translation>
    </message>
    <message>
        <source>Loose corners: low, wide and full of air.</source>
        <translation>Coins lâches : bas, large et plein d’air.</translation>
    </message>
    <message>
        <source>Loosen knees, shoulders and hands, then play.</source>
        <translation>Détendre genoux, épaules et mains, puis jouer.</translation>
    </message>
    <message>
        <source>Loosening</source>
        <translation>S’assouplir</translation>
    </message>
    <message>
        <source>Loud, and pressed until it crackles.</source>
        <translation>Fort, et appuyé jusqu’à grésiller.</translation>
    </message>
    <message>
        <source>Louder and softer as asked.</source>
        <translation>Plus fort et plus doux comme demandé.</translation>
    </message>
    <message>
        <source>Loudness</source>
        <translation>Intensité</translation>
    </message>
    <message>
        <source>Loudness after the drop</source>
        <translation>Intensité après la chute</translation>
    </message>
    <message>
        <source>Loudness at the end</source>
        <translation>Intensité à la fin</translation>
    </message>
    <message>
        <source>Loudness changes by</source>
        <translation>L’intensité change de</translation>
    </message>
    <message>
        <source>Loudness of the last half second against the loudness before it.</source>
        <translation>Intensité de la dernière demi-seconde contre celle d’avant.</translation>
    </message>
    <message>
        <source>Loudness that pulses while the pitch is steady is air that comes in pushes.</source>
        <translation>Une intensité qui pulse quand la hauteur est calme, c’est l’air qui vient par à-coups.</translation>
    </message>
    <message>
        <source>Loudness varies by</source>
        <translation>L’intensité varie de</translation>
    </message>
    <message>
        <source>Loudness when bent</source>
        <translation>Intensité à l’inflexion</translation>
    </message>
    <message>
        <source>Low notes for a large sound</source>
        <translation>Notes graves pour un grand son</translation>
    </message>
    <message>
        <source>Lowest held</source>
        <translation>La plus basse tenue</translation>
    </message>
    <message>
        <source>Make the opening of the lips smaller, the air as it is.</source>
        <translation>L’ouverture des lèvres plus petite, l’air comme il est.</translation>
    </message>
    <message>
        <source>Missing</source>
        <translation>Manquent</translation>
    </message>
    <message>
        <source>Moisten the reed, and see that its tip is open.</source>
        <translation>Humecter l’anche, et voir que son bout est ouvert.</translation>
    </message>
    <message>
        <source>More air on the way back carries the pitch past its place.</source>
        <translation>Plus d’air au retour emporte la hauteur au-delà de sa place.</translation>
    </message>
    <message>
        <source>More flow of air first, with nothing else changed.</source>
        <translation>D’abord plus de flux d’air, sans rien changer d’autre.</translation>
    </message>
    <message>
        <source>More flow of air, the lips as they are.</source>
        <translation>Plus de flux d’air, les lèvres comme elles sont.</translation>
    </message>
    <message>
        <source>More pressure lifts the pitch unless the mouth gives way.</source>
        <translation>Plus de pression lève la hauteur si la bouche ne cède pas.</translation>
    </message>
    <message>
        <source>More room for the tongue as it gets louder, teeth as they are.</source>
        <translation>Plus de place pour la langue quand cela devient plus fort, les dents comme elles sont.</translation>
    </message>
    <message>
        <source>More room for the tongue on the way down, teeth as they are, and the air as quick as it was at the top.</source>
        <translation>Plus de place pour la langue en descendant, les dents comme elles sont, et l’air aussi rapide qu’en haut.</translation>
    </message>
    <message>
        <source>More room for the tongue, teeth as they are.</source>
        <translation>Plus de place pour la langue, les dents comme elles sont.</translation>
    </message>
    <message>
        <source>Most of a long breath is spent in its first second.</source>
        <translation>Le plus gros d’un long souffle part dans sa première seconde.</translation>
    </message>
    <message>
        <source>Most of the air passes by without setting anything in motion.</source>
        <translation>La plupart de l’air passe sans rien faire vibrer.</translation>
    </message>
    <message>
        <source>Move a foot with the beat for four beats before you play.</source>
        <translation>Bouger un pied avec le temps quatre temps avant de jouer.</translation>
    </message>
    <message>
        <source>Move a foot with the beats, and start with the foot.</source>
        <translation>Bouger un pied avec les temps, et partir avec le pied.</translation>
    </message>
    <message>
        <source>Move a little and wait: slower beats say that the way is right.</source>
        <translation>Bouger un peu et attendre : des battements plus lents disent que le sens est bon.</translation>
    </message>
    <message>
        <source>Move slowly one way. Do the beats quicken? Then it is the other way.</source>
        <translation>Bouger lentement dans un sens. Les battements accélèrent ? Alors c’est l’autre.</translation>
    </message>
    <message>
        <source>Natural series</source>
        <translation>Série naturelle</translation>
    </message>
    <message>
        <source>Nearly full after {full_at} % of the time.</source>
        <translation>Presque plein après {full_at} % du temps.</translation>
    </message>
    <message>
        <source>Nearly full at</source>
        <translation>Presque plein à</translation>
    </message>
    <message>
        <source>Neck or barrel: four on, four off</source>
        <translation>Bocal ou barillet : quatre oui, quatre non</translation>
    </message>
    <message>
        <source>Neck or barrel: one level line</source>
        <translation>Bocal ou barillet : une ligne droite</translation>
    </message>
    <message>
        <source>Neck or barrel: slow slide down and back</source>
        <translation>Bocal ou barillet : glisser lentement et revenir</translation>
    </message>
    <message>
        <source>Neck or barrel: starts alike</source>
        <translation>Bocal ou barillet : départs pareils</translation>
    </message>
    <message>
        <source>Neck or barrel: the highest held note</source>
        <translation>Bocal ou barillet : la plus haute note tenue</translation>
    </message>
    <message>
        <source>Neither air nor a sound was heard.</source>
        <translation>On n’a entendu ni air ni son.</translation>
    </message>
    <message>
        <source>No arms over the head with a sore shoulder.</source>
        <translation>Pas de bras au-dessus de la tête avec une épaule douloureuse.</translation>
    </message>
    <message>
        <source>No biting: the reed is held, not pressed shut.</source>
        <translation>Ne pas mordre : l’anche est tenue, pas fermée.</translation>
    </message>
    <message>
        <source>No breathing in the last eight weeks yet.</source>
        <translation>Pas encore de respiration ces huit dernières semaines.</translation>
    </message>
    <message>
        <source>No pressing of the rim into the lips: just enough that no air escapes.</source>
        <translation>Ne pas enfoncer le bord dans les lèvres : juste assez pour que l’air n’échappe pas.</translation>
    </message>
    <message>
        <source>No sound yet. That is normal.</source>
        <translation>Pas encore de son. C’est normal.</translation>
    </message>
    <message>
        <source>No two together in the last eight weeks yet.</source>
        <translation>Rien encore à deux ces huit dernières semaines.</translation>
    </message>
    <message>
        <source>Not kept</source>
        <translation>Pas gardé</translation>
    </message>
    <message>
        <source>Note and frequency</source>
        <translation>Note et fréquence</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notes</translation>
    </message>
    <message>
        <source>Notes that did not come ({missing}).</source>
        <translation>Notes qui ne sont pas venues ({missing}).</translation>
    </message>
    <message>
        <source>Nothing forced: shoulders low, no pressing at the end.</source>
        <translation>Rien de forcé : épaules basses, ne pas presser à la fin.</translation>
    </message>
    <message>
        <source>Nothing is forced: what does not speak today speaks another day.</source>
        <translation>Rien n’est forcé : ce qui ne parle pas aujourd’hui parlera un autre jour.</translation>
    </message>
    <message>
        <source>Nothing on the small part in the last eight weeks yet.</source>
        <translation>Rien encore sans l’instrument ces huit dernières semaines.</translation>
    </message>
    <message>
        <source>Now and then another partial speaks for a moment.</source>
        <translation>De temps en temps un autre partiel parle un instant.</translation>
    </message>
    <message>
        <source>Now together: only beats say what is left.</source>
        <translation>Maintenant ensemble : seuls les battements disent ce qui reste.</translation>
    </message>
    <message>
        <source>Oboe</source>
        <translation>Hautbois</translation>
    </message>
    <message>
        <source>Octave over a partner</source>
        <translation>Octave au-dessus d’un partenaire</translation>
    </message>
    <message>
        <source>Octave under a partner</source>
        <translation>Octave au-dessous d’un partenaire</translation>
    </message>
    <message>
        <source>Off its partial</source>
        <translation>À côté de son partiel</translation>
    </message>
    <message>
        <source>Off the beat</source>
        <translation>À côté du temps</translation>
    </message>
    <message>
        <source>Off the drawn line</source>
        <translation>À côté de la ligne dessinée</translation>
    </message>
    <message>
        <source>Off the path</source>
        <translation>À côté du chemin</translation>
    </message>
    <message>
        <source>On its staple or crook, lips as for playing: one pitch that stays, without a bite.</source>
        <translation>Sur son tube ou son bocal, les lèvres comme pour jouer : une hauteur qui reste, sans mordre.</translation>
    </message>
    <message>
        <source>On the head joint alone first, until it is there at once.</source>
        <translation>D’abord sur la tête seule, jusqu’à ce que ce soit là aussitôt.</translation>
    </message>
    <message>
        <source>On the head joint alone first; then put it together again.</source>
        <translation>D’abord sur la tête seule ; puis la remonter.</translation>
    </message>
    <message>
        <source>On the head joint alone first; then put the flute together again.</source>
        <translation>D’abord sur la tête seule ; puis remonter la flûte.</translation>
    </message>
    <message>
        <source>On the mouthpiece alone first, until it is clear.</source>
        <translation>D’abord sur l’embouchure seule, jusqu’à ce que ce soit clair.</translation>
    </message>
    <message>
        <source>On the mouthpiece alone first, until it is there at once.</source>
        <translation>D’abord sur l’embouchure seule, jusqu’à ce que ce soit là aussitôt.</translation>
    </message>
    <message>
        <source>On the mouthpiece alone first; then put it in while it sounds.</source>
        <translation>D’abord sur l’embouchure seule ; puis la mettre pendant qu’elle sonne.</translation>
    </message>
    <message>
        <source>On the mouthpiece with its neck or barrel first, until it is there at once.</source>
        <translation>D’abord sur le bec avec bocal ou barillet, jusqu’à ce que ce soit là aussitôt.</translation>
    </message>
    <message>
        <source>On the mouthpiece with its neck or barrel first; then put it on again.</source>
        <translation>D’abord sur le bec avec bocal ou barillet ; puis le remettre.</translation>
    </message>
    <message>
        <source>On the reed alone first, until it is there at once.</source>
        <translation>D’abord sur l’anche seule, jusqu’à ce que ce soit là aussitôt.</translation>
    </message>
    <message>
        <source>On the reed alone first; then put it in again.</source>
        <translation>D’abord sur l’anche seule ; puis la remettre.</translation>
    </message>
    <message>
        <source>On the way down something lets go sooner than the air does.</source>
        <translation>En descendant quelque chose lâche avant l’air.</translation>
    </message>
    <message>
        <source>On the way down the lips let go sooner than the air does.</source>
        <translation>En descendant les lèvres lâchent avant l’air.</translation>
    </message>
    <message>
        <source>On the way down the sound stops ({fall_breaks}).</source>
        <translation>En descendant le son s’arrête ({fall_breaks}).</translation>
    </message>
    <message>
        <source>Once in tune, still {residual_cents} cents apart.</source>
        <translation>Une fois juste, encore {residual_cents} cents d’écart.</translation>
    </message>
    <message>
        <source>Once more, listening for that alone.</source>
        <translation>Encore une fois, en n’écoutant que cela.</translation>
    </message>
    <message>
        <source>Once the beats are gone, keep the air as it is and only listen.</source>
        <translation>Quand les battements ont disparu, garder l’air comme il est et seulement écouter.</translation>
    </message>
    <message>
        <source>Once with closed eyes, listening to nothing but the sound.</source>
        <translation>Une fois les yeux fermés, en n’écoutant que le son.</translation>
    </message>
    <message>
        <source>Once with closed eyes.</source>
        <translation>Une fois les yeux fermés.</translation>
    </message>
    <message>
        <source>Once with twice as wide a vibrato, so that it is chosen.</source>
        <translation>Une fois avec un vibrato deux fois plus large, pour qu’il soit choisi.</translation>
    </message>
    <message>
        <source>Once without the tongue: breathe the start out.</source>
        <translation>Une fois sans la langue : expirer le départ.</translation>
    </message>
    <message>
        <source>Once without the vibrato, so that it is chosen.</source>
        <translation>Une fois sans le vibrato, pour qu’il soit choisi.</translation>
    </message>
    <message>
        <source>One after the other, then together</source>
        <translation>L’un après l’autre, puis ensemble</translation>
    </message>
    <message>
        <source>One beat longer, listening to nothing but the last one.</source>
        <translation>Un temps de plus, en n’écoutant que le dernier.</translation>
    </message>
    <message>
        <source>One breath, one note, slight pulses of air in threes: even, without stopping the sound.</source>
        <translation>Un souffle, une note, de légères pulsations d’air par trois : régulières, sans arrêter le son.</translation>
    </message>
    <message>
        <source>One breath, one note, slight pulses of air in twos: even, without stopping the sound.</source>
        <translation>Un souffle, une note, de légères pulsations d’air par deux : régulières, sans arrêter le son.</translation>
    </message>
    <message>
        <source>One buzz on a comfortable pitch: no break, no up and down.</source>
        <translation>Une vibration sur une hauteur confortable : pas de coupure, ni haut ni bas.</translation>
    </message>
    <message>
        <source>One calm minute with the water, in and out. Nothing is judged.</source>
        <translation>Une minute calme avec l’eau, en inspirant et expirant. Rien n’est jugé.</translation>
    </message>
    <message>
        <source>One count fewer.</source>
        <translation>Un temps de moins.</translation>
    </message>
    <message>
        <source>One count that holds is worth more than three that do not.</source>
        <translation>Un temps qui tient vaut plus que trois qui ne tiennent pas.</translation>
    </message>
    <message>
        <source>One count to fill low and wide, and the tone begins where the breath turns.</source>
        <translation>Un temps pour remplir bas et large, et le son commence où le souffle tourne.</translation>
    </message>
    <message>
        <source>One count to fill without a gulp, four to let it out evenly.</source>
        <translation>Un temps pour remplir sans gorgée, quatre pour laisser sortir régulièrement.</translation>
    </message>
    <message>
        <source>One even, soft breath, the lips still.</source>
        <translation>Un souffle régulier et doux, les lèvres calmes.</translation>
    </message>
    <message>
        <source>One full breath, let out on a hiss, level to the end: stop while it is still easy.</source>
        <translation>Un plein souffle, laissé sortir en sifflant, droit jusqu’au bout : s’arrêter tant que c’est facile.</translation>
    </message>
    <message>
        <source>One full breath, let out without a sound, the mouth a hand’s width from the microphone: stop while it is still easy.</source>
        <translation>Un plein souffle, laissé sortir sans bruit, la bouche à une largeur de main du microphone : s’arrêter tant que c’est facile.</translation>
    </message>
    <message>
        <source>One level line</source>
        <translation>Une ligne droite</translation>
    </message>
    <message>
        <source>One level line, high</source>
        <translation>Une ligne droite, aiguë</translation>
    </message>
    <message>
        <source>One level line, low</source>
        <translation>Une ligne droite, grave</translation>
    </message>
    <message>
        <source>One long hiss</source>
        <translation>Un long sifflement</translation>
    </message>
    <message>
        <source>One long silent breath</source>
        <translation>Un long souffle silencieux</translation>
    </message>
    <message>
        <source>One long sound on the pitch that comes easily: no break, no up and down.</source>
        <translation>Un long son sur la hauteur qui vient facilement : pas de coupure, ni haut ni bas.</translation>
    </message>
    <message>
        <source>One long sound: a recorder has no lips, so the breath alone keeps it level.</source>
        <translation>Un long son : une flûte à bec n’a pas de lèvres, le souffle seul le tient droit.</translation>
    </message>
    <message>
        <source>One low fingering, and the partials above it in order, as many as speak: hear each before you play it.</source>
        <translation>Un doigté grave, et les partiels au-dessus dans l’ordre, autant qu’il en parle : entendre chacun avant de le jouer.</translation>
    </message>
    <message>
        <source>One low note, and the twelfth, the sixth over it and the flat ninth of its tube: the fingers rest, hear each before you play it.</source>
        <translation>Une note grave, et la douzième, la sixte au-dessus et la neuvième basse de son tube : les doigts se reposent, entendre chacun avant de le jouer.</translation>
    </message>
    <message>
        <source>One note as beautiful as it can be; then each neighbour, half a step up, half a step down, made its twin in colour and loudness, always back to the model.</source>
        <translation>Une note aussi belle qu’elle peut l’être ; puis chaque voisine, un demi-ton plus haut, un demi-ton plus bas, sa jumelle en couleur et en intensité, toujours en revenant au modèle.</translation>
    </message>
    <message>
        <source>One note, asked for or free, held level for at least the seconds asked for.</source>
        <translation>Une note, demandée ou libre, tenue droite au moins les secondes demandées.</translation>
    </message>
    <message>
        <source>One note, softer and softer as long as it still sounds. Nothing is scored; what was steady is kept.</source>
        <translation>Une note, de plus en plus douce tant qu’elle sonne encore. Rien n’est noté ; ce qui était calme est gardé.</translation>
    </message>
    <message>
        <source>One pitch, four beats on and four off, for two minutes.</source>
        <translation>Une hauteur, quatre temps oui et quatre non, pendant deux minutes.</translation>
    </message>
    <message>
        <source>One standard deviation of how far the note has risen.</source>
        <translation>Un écart type de la montée de la note.</translation>
    </message>
    <message>
        <source>One steady tone</source>
        <translation>Un son calme</translation>
    </message>
    <message>
        <source>One tone</source>
        <translation>Un son</translation>
    </message>
    <message>
        <source>One tone against your own best so far in this exercise: longer, or just as long and steadier.</source>
        <translation>Un son contre votre meilleur jusqu’ici dans cet exercice : plus long, ou aussi long et plus calme.</translation>
    </message>
    <message>
        <source>One’s own mouthpiece and reed only, and cleaned.</source>
        <translation>Seulement son propre bec et son anche, et propres.</translation>
    </message>
    <message>
        <source>One’s own mouthpiece only, and cleaned.</source>
        <translation>Seulement sa propre embouchure, et propre.</translation>
    </message>
    <message>
        <source>One’s own reed only, and moist before it is blown.</source>
        <translation>Seulement sa propre anche, et humide avant de souffler.</translation>
    </message>
    <message>
        <source>Only {at_once} of the notes were in tune at once; the others had to be mended.</source>
        <translation>Seules {at_once} des notes étaient justes aussitôt ; il a fallu corriger les autres.</translation>
    </message>
    <message>
        <source>Open and narrower, compared</source>
        <translation>Ouvert et plus étroit, comparés</translation>
    </message>
    <message>
        <source>Open the throat at the end as for breathing in.</source>
        <translation>Ouvrir la gorge à la fin comme pour inspirer.</translation>
    </message>
    <message>
        <source>Opens by</source>
        <translation>S’ouvre de</translation>
    </message>
    <message>
        <source>Others may write into the studio in {1}, and may have changed what is in it. Nothing was changed; take that permission away from them (chmod go-w) and look whether all is as you left it.</source>
        <translation>D’autres peuvent écrire dans le studio de {1}, et ont peut-être changé ce qui y est. Rien n’a été changé ; retirez-leur ce droit (chmod go-w) et voyez si tout est comme vous l’avez laissé.</translation>
    </message>
    <message>
        <source>Outside its target: {figure}.</source>
        <translation>Hors de sa cible : {figure}.</translation>
    </message>
    <message>
        <source>Over a drone on the first note, one note after the other.</source>
        <translation>Sur un bourdon de la première note, une note après l’autre.</translation>
    </message>
    <message>
        <source>Over a drone on the same note: stay with it as you get louder.</source>
        <translation>Sur un bourdon de la même note : rester avec lui en jouant plus fort.</translation>
    </message>
    <message>
        <source>Over eight beats to loud and back while pitch and colour stay.</source>
        <translation>En huit temps jusqu’au fort et retour, hauteur et couleur restant.</translation>
    </message>
    <message>
        <source>Over the partner first the fifth of the keyboard, which beats slowly, then the pure one, two cents wider.</source>
        <translation>Sur le partenaire d’abord la quinte du clavier, qui bat lentement, puis la pure, deux cents plus large.</translation>
    </message>
    <message>
        <source>Over the partner first the third of the keyboard, which beats, then the pure one, which stands still: hear them against each other.</source>
        <translation>Sur le partenaire d’abord la tierce du clavier, qui bat, puis la pure, qui est immobile : les entendre l’une contre l’autre.</translation>
    </message>
    <message>
        <source>Overblown sixth</source>
        <translation>Sixte octaviée</translation>
    </message>
    <message>
        <source>Overtones of a low note</source>
        <translation>Harmoniques d’une note grave</translation>
    </message>
    <message>
        <source>Overtones of one fingering</source>
        <translation>Harmoniques d’un doigté</translation>
    </message>
    <message>
        <source>Overtones with the low note under them</source>
        <translation>Harmoniques avec la note grave dessous</translation>
    </message>
    <message>
        <source>Own exercises that cannot be read and are set aside: {1}. All others are there.</source>
        <translation>Exercices à soi qui ne peuvent être lus et sont mis de côté : {1}. Tous les autres sont là.</translation>
    </message>
    <message>
        <source>Pairs through the scale</source>
        <translation>Paires à travers la gamme</translation>
    </message>
    <message>
        <source>Piccolo</source>
        <translation>Piccolo</translation>
    </message>
    <message>
        <source>Piccolo trumpet in B♭</source>
        <translation>Trompette piccolo en si♭</translation>
    </message>
    <message>
        <source>Pitch and level fall together when the air gets slower.</source>
        <translation>Hauteur et intensité baissent ensemble quand l’air ralentit.</translation>
    </message>
    <message>
        <source>Pitch and loudness tremble.</source>
        <translation>Hauteur et intensité tremblent.</translation>
    </message>
    <message>
        <source>Pitch goes up and down slowly, and is looked for.</source>
        <translation>La hauteur va et vient lentement, et se cherche.</translation>
    </message>
    <message>
        <source>Pitch of the last half second against the pitch before it.</source>
        <translation>Hauteur de la dernière demi-seconde contre celle d’avant.</translation>
    </message>
    <message>
        <source>Place it, and leave it there; then breathe in.</source>
        <translation>La placer, et l’y laisser ; puis inspirer.</translation>
    </message>
    <message>
        <source>Place the flute and leave it there; then breathe in.</source>
        <translation>Placer la flûte et l’y laisser ; puis inspirer.</translation>
    </message>
    <message>
        <source>Play a note a fifth away. Is it flat as well?</source>
        <translation>Jouer une note à une quinte de là. Est-elle basse aussi ?</translation>
    </message>
    <message>
        <source>Play a note a fifth away. Is it sharp as well?</source>
        <translation>Jouer une note à une quinte de là. Est-elle haute aussi ?</translation>
    </message>
    <message>
        <source>Play fingered and bent in turn, until they agree.</source>
        <translation>Jouer doigté et infléchi à tour de rôle, jusqu’à ce qu’ils s’accordent.</translation>
    </message>
    <message>
        <source>Play it, then buzz it</source>
        <translation>Jouer, puis faire vibrer</translation>
    </message>
    <message>
        <source>Play the fingered one again, hear it inside, and let the bend arrive there.</source>
        <translation>Rejouer le doigté, l’entendre en soi, et y faire arriver l’inflexion.</translation>
    </message>
    <message>
        <source>Play the half step below with the fingers first, then bend to what you heard.</source>
        <translation>Jouer d’abord le demi-ton d’en dessous avec les doigts, puis infléchir vers ce qu’on a entendu.</translation>
    </message>
    <message>
        <source>Play the model, keep the mouth just so, and change only the finger or the slide.</source>
        <translation>Jouer le modèle, garder la bouche telle quelle, et ne changer que le doigt ou la coulisse.</translation>
    </message>
    <message>
        <source>Play the next long tone where it rang.</source>
        <translation>Jouer le prochain son long là où cela sonnait.</translation>
    </message>
    <message>
        <source>Play two neighbours back and forth, and listen to the step between them.</source>
        <translation>Jouer deux voisines en aller et retour, et écouter le pas entre elles.</translation>
    </message>
    <message>
        <source>Play until the instrument is warm, then this note again.</source>
        <translation>Jouer jusqu’à ce que l’instrument soit chaud, puis encore cette note.</translation>
    </message>
    <message>
        <source>Play until the oboe is warm, then this note again.</source>
        <translation>Jouer jusqu’à ce que le hautbois soit chaud, puis encore cette note.</translation>
    </message>
    <message>
        <source>Pulse depth</source>
        <translation>Profondeur des pulsations</translation>
    </message>
    <message>
        <source>Pulses by</source>
        <translation>Pulse de</translation>
    </message>
    <message>
        <source>Pulses in threes</source>
        <translation>Pulsations par trois</translation>
    </message>
    <message>
        <source>Pulses in twos</source>
        <translation>Pulsations par deux</translation>
    </message>
    <message>
        <source>Pulses uneven</source>
        <translation>Pulsations inégales</translation>
    </message>
    <message>
        <source>Pulses, rate</source>
        <translation>Pulsations, combien</translation>
    </message>
    <message>
        <source>Quicker air lifts the pitch unless it is aimed lower.</source>
        <translation>Un air plus rapide lève la hauteur s’il n’est pas dirigé plus bas.</translation>
    </message>
    <message>
        <source>Real half step, then bent</source>
        <translation>Vrai demi-ton, puis infléchi</translation>
    </message>
    <message>
        <source>Recording cannot start in {1}: {2}.</source>
        <translation>L’enregistrement ne peut commencer dans {1} : {2}.</translation>
    </message>
    <message>
        <source>Repair within one tone</source>
        <translation>Réparer à l’intérieur d’un son</translation>
    </message>
    <message>
        <source>Rest as long as you play.</source>
        <translation>Se reposer autant qu’on joue.</translation>
    </message>
    <message>
        <source>Rest for a minute; then once more.</source>
        <translation>Se reposer une minute ; puis encore une fois.</translation>
    </message>
    <message>
        <source>Rest owed</source>
        <translation>Repos dû</translation>
    </message>
    <message>
        <source>Rest the lips on the rim without pressing it on, and let the air part them.</source>
        <translation>Poser les lèvres sur le bord sans appuyer, et laisser l’air les écarter.</translation>
    </message>
    <message>
        <source>Rest the upper teeth on the mouthpiece, the weight of the head alone, and let the lower lip only carry the reed.</source>
        <translation>Poser les dents du haut sur le bec, du seul poids de la tête, et laisser la lèvre inférieure seulement porter l’anche.</translation>
    </message>
    <message>
        <source>Rest the upper teeth where they are, and do not move them while it sounds.</source>
        <translation>Laisser les dents du haut où elles sont, et ne pas les bouger pendant que cela sonne.</translation>
    </message>
    <message>
        <source>Rested</source>
        <translation>Repos</translation>
    </message>
    <message>
        <source>Richness</source>
        <translation>Richesse</translation>
    </message>
    <message>
        <source>Rings most at</source>
        <translation>Sonne le mieux à</translation>
    </message>
    <message>
        <source>Rings most, give or take</source>
        <translation>Sonne le mieux, à peu près</translation>
    </message>
    <message>
        <source>Rings on</source>
        <translation>Résonne</translation>
    </message>
    <message>
        <source>Roll it a little further in, the lips quiet.</source>
        <translation>Rouler un peu plus vers l’intérieur, les lèvres calmes.</translation>
    </message>
    <message>
        <source>Roll it a little in and out again: the pitch sinks and comes back, the lips do nothing.</source>
        <translation>Rouler un peu vers l’intérieur et revenir : la hauteur baisse et revient, les lèvres ne font rien.</translation>
    </message>
    <message>
        <source>Roll the flute in a little and out again, the lips quiet: down, and back to exactly where it began.</source>
        <translation>Rouler un peu la flûte vers l’intérieur et revenir, les lèvres calmes : en bas, et retour exactement où cela a commencé.</translation>
    </message>
    <message>
        <source>Roll the head joint a little out, and aim the air at the far edge.</source>
        <translation>Rouler un peu la tête vers l’extérieur, et diriger l’air vers le bord.</translation>
    </message>
    <message>
        <source>Running short of air</source>
        <translation>À court d’air</translation>
    </message>
    <message>
        <source>Sagging</source>
        <translation>S’affaisse</translation>
    </message>
    <message>
        <source>Save the last step of loudness for the beat itself.</source>
        <translation>Garder le dernier pas d’intensité pour le temps même.</translation>
    </message>
    <message>
        <source>Say a long, soft “pooh”, lips hardly touching, and keep the air going where the sound should come.</source>
        <translation>Dire un long « pou » doux, les lèvres se touchant à peine, et laisser aller l’air où le son doit venir.</translation>
    </message>
    <message>
        <source>Say a silent “ho” on the way in.</source>
        <translation>Dire un « ho » muet en inspirant.</translation>
    </message>
    <message>
        <source>Say a silent “t” on the breath.</source>
        <translation>Dire un « t » muet sur le souffle.</translation>
    </message>
    <message>
        <source>Say a soft “doo”, and let the air go on.</source>
        <translation>Dire un « dou » doux, et laisser aller l’air.</translation>
    </message>
    <message>
        <source>Say a soft “pooh”, lips hardly touching, and keep the air going.</source>
        <translation>Dire un « pou » doux, les lèvres se touchant à peine, et laisser aller l’air.</translation>
    </message>
    <message>
        <source>Say the counts aloud once, the rest among them.</source>
        <translation>Dire une fois les temps à voix haute, le repos avec.</translation>
    </message>
    <message>
        <source>Say the counts inwardly, a step louder on each.</source>
        <translation>Dire les temps en soi, un pas plus fort à chacun.</translation>
    </message>
    <message>
        <source>Say the counts inwardly, and let each beat have the same share of the way.</source>
        <translation>Dire les temps en soi, et donner à chacun la même part du chemin.</translation>
    </message>
    <message>
        <source>Say the rhythm once on “da”, then play.</source>
        <translation>Dire une fois le rythme sur « da », puis jouer.</translation>
    </message>
    <message>
        <source>Say “ha-ha-ha” on one breath, then do the same with the tone.</source>
        <translation>Dire « ha-ha-ha » d’un souffle, puis de même avec le son.</translation>
    </message>
    <message>
        <source>Say “ha” on each beat once before you play.</source>
        <translation>Dire une fois « ha » sur chaque temps avant de jouer.</translation>
    </message>
    <message>
        <source>Say “ta” on the beats once before you play.</source>
        <translation>Dire une fois « ta » sur les temps avant de jouer.</translation>
    </message>
    <message>
        <source>Scale tones, 4 on, 4 off</source>
        <translation>Notes de la gamme, 4 oui, 4 non</translation>
    </message>
    <message>
        <source>Scale tones, 8 on, 8 off</source>
        <translation>Notes de la gamme, 8 oui, 8 non</translation>
    </message>
    <message>
        <source>Scooping</source>
        <translation>Part de dessous</translation>
    </message>
    <message>
        <source>See that every finger closes its hole, or play a note with fewer fingers.</source>
        <translation>Voir que chaque doigt ferme son trou, ou jouer une note avec moins de doigts.</translation>
    </message>
    <message>
        <source>See that every finger closes its hole.</source>
        <translation>Voir que chaque doigt ferme son trou.</translation>
    </message>
    <message>
        <source>See that every key and hole is closed that should be.</source>
        <translation>Voir que chaque clé et chaque trou qui doit l’être est fermé.</translation>
    </message>
    <message>
        <source>See that the window is free, and that every finger closes its hole.</source>
        <translation>Voir que la fenêtre est libre, et que chaque doigt ferme son trou.</translation>
    </message>
    <message>
        <source>See that the window is free: no finger, no lip on it.</source>
        <translation>Voir que la fenêtre est libre : ni doigt ni lèvre dessus.</translation>
    </message>
    <message>
        <source>Set the corners before the sound starts, and leave them.</source>
        <translation>Placer les coins avant que le son parte, et les laisser.</translation>
    </message>
    <message>
        <source>Set the corners before the tone, and leave them.</source>
        <translation>Placer les coins avant le son, et les laisser.</translation>
    </message>
    <message>
        <source>Seven seconds, dead level.</source>
        <translation>Sept secondes, bien droites.</translation>
    </message>
    <message>
        <source>Shake</source>
        <translation>Tremblement</translation>
    </message>
    <message>
        <source>Shape the mouth for a low vowel and leave the air as it is.</source>
        <translation>Former la bouche pour une voyelle basse et laisser l’air comme il est.</translation>
    </message>
    <message>
        <source>Shape the mouth for that note before you start: low for a low one, high for a high one.</source>
        <translation>Former la bouche pour cette note avant de partir : basse pour une grave, haute pour une aiguë.</translation>
    </message>
    <message>
        <source>Sharper when louder by</source>
        <translation>Plus haut en jouant fort de</translation>
    </message>
    <message>
        <source>Sheet held</source>
        <translation>Feuille tenue</translation>
    </message>
    <message>
        <source>Short, then three to a beat</source>
        <translation>Court, puis trois par temps</translation>
    </message>
    <message>
        <source>Shorter, and stop before it climbs.</source>
        <translation>Plus court, et s’arrêter avant que cela monte.</translation>
    </message>
    <message>
        <source>Shorter, and stop before it sinks.</source>
        <translation>Plus court, et s’arrêter avant que cela baisse.</translation>
    </message>
    <message>
        <source>Shorter, as level as it goes.</source>
        <translation>Plus court, aussi droit que possible.</translation>
    </message>
    <message>
        <source>Sing it first, listening for that; then play.</source>
        <translation>Chanter d’abord en écoutant cela ; puis jouer.</translation>
    </message>
    <message>
        <source>Sing it in the rest, then play what you sang.</source>
        <translation>La chanter pendant le repos, puis jouer ce qu’on a chanté.</translation>
    </message>
    <message>
        <source>Sing it through first, then play.</source>
        <translation>Le chanter d’abord en entier, puis jouer.</translation>
    </message>
    <message>
        <source>Sing it, then play it</source>
        <translation>Chanter, puis jouer</translation>
    </message>
    <message>
        <source>Sing the home note once, then play on.</source>
        <translation>Chanter une fois la tonique, puis continuer.</translation>
    </message>
    <message>
        <source>Sing the line first, then play it as you sang it.</source>
        <translation>Chanter d’abord la ligne, puis la jouer comme chantée.</translation>
    </message>
    <message>
        <source>Sing the line on one note first.</source>
        <translation>Chanter d’abord la ligne sur une note.</translation>
    </message>
    <message>
        <source>Sing the lower note, then bend to it.</source>
        <translation>Chanter la note plus basse, puis infléchir vers elle.</translation>
    </message>
    <message>
        <source>Sing the note as you hear it inwardly, in any octave; then play it. Your own voice is the reference.</source>
        <translation>Chanter la note comme on l’entend en soi, à n’importe quelle octave ; puis la jouer. La propre voix est la référence.</translation>
    </message>
    <message>
        <source>Sing the note for as long, then play it as you sang it.</source>
        <translation>Chanter la note aussi longtemps, puis la jouer comme chantée.</translation>
    </message>
    <message>
        <source>Sing the note inwardly first, then play it a little softer.</source>
        <translation>Chanter d’abord la note en soi, puis la jouer un peu plus doux.</translation>
    </message>
    <message>
        <source>Sing the note inwardly, then begin softly.</source>
        <translation>Chanter la note en soi, puis commencer doucement.</translation>
    </message>
    <message>
        <source>Sing the note of arrival first, then slide to it.</source>
        <translation>Chanter d’abord la note d’arrivée, puis y glisser.</translation>
    </message>
    <message>
        <source>Sing the note, then look for where the tone agrees.</source>
        <translation>Chanter la note, puis chercher où le son s’accorde.</translation>
    </message>
    <message>
        <source>Sing the note, then play to that pitch.</source>
        <translation>Chanter la note, puis jouer à cette hauteur.</translation>
    </message>
    <message>
        <source>Sing the partner’s note, then play what you sang.</source>
        <translation>Chanter la note du partenaire, puis jouer ce qu’on a chanté.</translation>
    </message>
    <message>
        <source>Sing the path on one vowel first, then play it as you sang it.</source>
        <translation>Chanter d’abord le chemin sur une voyelle, puis le jouer comme chanté.</translation>
    </message>
    <message>
        <source>Sing the pitch before each start.</source>
        <translation>Chanter la hauteur avant chaque départ.</translation>
    </message>
    <message>
        <source>Sing the rungs first, then play them as you sang them.</source>
        <translation>Chanter d’abord les barreaux, puis les jouer comme chantés.</translation>
    </message>
    <message>
        <source>Sing the scale with the partner once, then play it.</source>
        <translation>Chanter une fois la gamme avec le partenaire, puis la jouer.</translation>
    </message>
    <message>
        <source>Sing the slide once, then play it as you sang it.</source>
        <translation>Chanter une fois le glissé, puis le jouer comme chanté.</translation>
    </message>
    <message>
        <source>Sing the swell first: does the voice stay?</source>
        <translation>Chanter d’abord l’enflure : la voix reste-t-elle ?</translation>
    </message>
    <message>
        <source>Sing “aw”, then play with that mouth.</source>
        <translation>Chanter « o », puis jouer avec cette bouche.</translation>
    </message>
    <message>
        <source>Sit down, both feet on the floor, and play the same.</source>
        <translation>S’asseoir, les deux pieds au sol, et jouer la même chose.</translation>
    </message>
    <message>
        <source>Six starts, the mouth taken off in between: the same pitch, the same loudness, at once.</source>
        <translation>Six départs, la bouche retirée entre eux : la même hauteur, la même intensité, aussitôt.</translation>
    </message>
    <message>
        <source>Sixth and ninth</source>
        <translation>Sixte et neuvième</translation>
    </message>
    <message>
        <source>Skin feels what the ear misses in so soft a sound.</source>
        <translation>La peau sent ce qui échappe à l’oreille dans un bruit si doux.</translation>
    </message>
    <message>
        <source>Slide arrives</source>
        <translation>Le glissé arrive</translation>
    </message>
    <message>
        <source>Slide or joint drawn</source>
        <translation>Coulisse ou joint tiré</translation>
    </message>
    <message>
        <source>Slide uneven</source>
        <translation>Glissé irrégulier</translation>
    </message>
    <message>
        <source>Slide up a fourth</source>
        <translation>Glisser d’une quarte vers le haut</translation>
    </message>
    <message>
        <source>Slides into the note from below.</source>
        <translation>Glisse dans la note par dessous.</translation>
    </message>
    <message>
        <source>Slipping</source>
        <translation>Saute</translation>
    </message>
    <message>
        <source>Slips on the stairs</source>
        <translation>Saute dans les escaliers</translation>
    </message>
    <message>
        <source>Slow slide, a fifth and back</source>
        <translation>Glissé lent, une quinte et retour</translation>
    </message>
    <message>
        <source>Slow slide, a fourth and back</source>
        <translation>Glissé lent, une quarte et retour</translation>
    </message>
    <message>
        <source>Slow waves often come from air that is steered; an easy loudness needs less steering.</source>
        <translation>Les ondes lentes viennent souvent d’un air qu’on dirige ; une intensité facile demande moins de le diriger.</translation>
    </message>
    <message>
        <source>Slow, then faster</source>
        <translation>Lent, puis plus rapide</translation>
    </message>
    <message>
        <source>Slower at the end than at the start.</source>
        <translation>Plus lent à la fin qu’au début.</translation>
    </message>
    <message>
        <source>Slower is longer on one breath: the hold is tested before the range.</source>
        <translation>Plus lent est plus long sur un souffle : le tenir s’éprouve avant la tessiture.</translation>
    </message>
    <message>
        <source>Slower on the way down.</source>
        <translation>Plus lent en descendant.</translation>
    </message>
    <message>
        <source>Slower, and each one as loud as the first.</source>
        <translation>Plus lent, et chacune aussi forte que la première.</translation>
    </message>
    <message>
        <source>Slower, and listen for the pitch to sink.</source>
        <translation>Plus lent, et écouter la hauteur baisser.</translation>
    </message>
    <message>
        <source>Slower, and stay at the far end until it agrees.</source>
        <translation>Plus lent, et rester au bout jusqu’à ce que cela s’accorde.</translation>
    </message>
    <message>
        <source>Slower, and stay on each until it is in tune.</source>
        <translation>Plus lent, et rester sur chacune jusqu’à ce qu’elle soit juste.</translation>
    </message>
    <message>
        <source>Slower, every pulse like the first.</source>
        <translation>Plus lent, chaque pulsation comme la première.</translation>
    </message>
    <message>
        <source>Slower, listening to the sound and not to the count.</source>
        <translation>Plus lent, en écoutant le son et non le compte.</translation>
    </message>
    <message>
        <source>Slower, the change as soft as the notes.</source>
        <translation>Plus lent, le changement aussi doux que les notes.</translation>
    </message>
    <message>
        <source>Slower, with the foot on the beat.</source>
        <translation>Plus lent, le pied sur le temps.</translation>
    </message>
    <message>
        <source>Slowly, and never into pain; no bouncing.</source>
        <translation>Lentement, et jamais dans la douleur ; sans à-coups.</translation>
    </message>
    <message>
        <source>Slur them once; then tongue them with the same air.</source>
        <translation>Les lier une fois ; puis les piquer avec le même air.</translation>
    </message>
    <message>
        <source>Slurred notes come early and late.</source>
        <translation>Les notes liées viennent tôt et tard.</translation>
    </message>
    <message>
        <source>Slurs unevenly</source>
        <translation>Lie irrégulièrement</translation>
    </message>
    <message>
        <source>Slurs with dips</source>
        <translation>Lie avec des creux</translation>
    </message>
    <message>
        <source>Soft to loud and back, unchanged</source>
        <translation>Du doux au fort et retour, inchangé</translation>
    </message>
    <message>
        <source>Softer air is the longer air.</source>
        <translation>L’air le plus doux est le plus long.</translation>
    </message>
    <message>
        <source>Softer before the drop.</source>
        <translation>Plus doux avant la chute.</translation>
    </message>
    <message>
        <source>Softer from the start.</source>
        <translation>Plus doux dès le départ.</translation>
    </message>
    <message>
        <source>Softer than the partner, and let the last slow beat come to rest.</source>
        <translation>Plus doux que le partenaire, et laisser s’arrêter le dernier battement lent.</translation>
    </message>
    <message>
        <source>Softer than the partner, so that you hear both.</source>
        <translation>Plus doux que le partenaire, pour entendre les deux.</translation>
    </message>
    <message>
        <source>Softer until it is gone; then let it grow from there.</source>
        <translation>Plus doux jusqu’à ce que cela disparaisse ; puis laisser grandir de là.</translation>
    </message>
    <message>
        <source>Softer until they are alike; then let it grow.</source>
        <translation>Plus doux jusqu’à ce qu’elles soient pareilles ; puis laisser grandir.</translation>
    </message>
    <message>
        <source>Softer, and let it open by itself.</source>
        <translation>Plus doux, et laisser s’ouvrir tout seul.</translation>
    </message>
    <message>
        <source>Softer, and listen for the one note in it.</source>
        <translation>Plus doux, et écouter la seule note qu’il y a dedans.</translation>
    </message>
    <message>
        <source>Softer, and look for where each one rings.</source>
        <translation>Plus doux, et chercher où chacun sonne.</translation>
    </message>
    <message>
        <source>Softer, and nothing pushes.</source>
        <translation>Plus doux, et rien ne pousse.</translation>
    </message>
    <message>
        <source>Softer, and wait for the low one to go.</source>
        <translation>Plus doux, et attendre que la grave s’en aille.</translation>
    </message>
    <message>
        <source>Softer, so that both are alike.</source>
        <translation>Plus doux, pour que les deux soient pareilles.</translation>
    </message>
    <message>
        <source>Softer, so that the partner stays the louder.</source>
        <translation>Plus doux, pour que le partenaire reste le plus fort.</translation>
    </message>
    <message>
        <source>Some notes of an instrument want more air than others to be as loud.</source>
        <translation>Certaines notes d’un instrument veulent plus d’air que d’autres pour être aussi fortes.</translation>
    </message>
    <message>
        <source>Soprano recorder</source>
        <translation>Flûte à bec soprano</translation>
    </message>
    <message>
        <source>Soprano saxophone in B♭</source>
        <translation>Saxophone soprano en si♭</translation>
    </message>
    <message>
        <source>Sound and air stop together and come back.</source>
        <translation>Son et air s’arrêtent ensemble et reviennent.</translation>
    </message>
    <message>
        <source>Sound and air stop together ({breaks_stopped}).</source>
        <translation>Son et air s’arrêtent ensemble ({breaks_stopped}).</translation>
    </message>
    <message>
        <source>Sounding</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>Sounds underneath</source>
        <translation>Sonne dessous</translation>
    </message>
    <message>
        <source>Span</source>
        <translation>Étendue</translation>
    </message>
    <message>
        <source>Speaks late, with much air in the sound.</source>
        <translation>Parle tard, avec beaucoup d’air dans le son.</translation>
    </message>
    <message>
        <source>Spent too early: {out_first_quarter} % of the air goes in the first quarter; 25 % would be even.</source>
        <translation>Dépensé trop tôt : {out_first_quarter} % de l’air part au premier quart ; 25 % serait régulier.</translation>
    </message>
    <message>
        <source>Spoke at try</source>
        <translation>A parlé à l’essai</translation>
    </message>
    <message>
        <source>Stairs of five rungs</source>
        <translation>Escaliers de cinq barreaux</translation>
    </message>
    <message>
        <source>Stairs of four rungs</source>
        <translation>Escaliers de quatre barreaux</translation>
    </message>
    <message>
        <source>Stairs of six rungs</source>
        <translation>Escaliers de six barreaux</translation>
    </message>
    <message>
        <source>Stairs of three rungs</source>
        <translation>Escaliers de trois barreaux</translation>
    </message>
    <message>
        <source>Start a little softer, so that the air lasts.</source>
        <translation>Partir un peu plus doux, pour que l’air dure.</translation>
    </message>
    <message>
        <source>Start a shade softer, so that the air lasts.</source>
        <translation>Partir un soupçon plus doux, pour que l’air dure.</translation>
    </message>
    <message>
        <source>Start as it comes, tight or fuzzy, and let it open while it sounds: where it gets to counts.</source>
        <translation>Partir comme cela vient, serré ou rugueux, et laisser s’ouvrir pendant que cela sonne : où cela arrive compte.</translation>
    </message>
    <message>
        <source>Start clearly above, so that you know the way; then come down until the beats stop.</source>
        <translation>Partir nettement au-dessus, pour connaître le sens ; puis descendre jusqu’à ce que les battements cessent.</translation>
    </message>
    <message>
        <source>Start clearly below, and come up until the beats stop.</source>
        <translation>Partir nettement au-dessous, et monter jusqu’à ce que les battements cessent.</translation>
    </message>
    <message>
        <source>Start clearly below; then come up until the beats stop.</source>
        <translation>Partir nettement au-dessous ; puis monter jusqu’à ce que les battements cessent.</translation>
    </message>
    <message>
        <source>Start it as it comes, then look for where it rings more.</source>
        <translation>Partir comme cela vient, puis chercher où cela sonne davantage.</translation>
    </message>
    <message>
        <source>Start it softly, right in the middle.</source>
        <translation>Partir doucement, juste au milieu.</translation>
    </message>
    <message>
        <source>Start it with a soft tongue.</source>
        <translation>Partir d’une langue douce.</translation>
    </message>
    <message>
        <source>Start of the tone</source>
        <translation>Début du son</translation>
    </message>
    <message>
        <source>Start on a note below it that is sure, and go up to it by step.</source>
        <translation>Partir d’une note plus basse qui est sûre, et monter jusqu’à elle par degrés.</translation>
    </message>
    <message>
        <source>Start on the note that you hear in it most, and go from there.</source>
        <translation>Partir de la note qu’on y entend le plus, et aller de là.</translation>
    </message>
    <message>
        <source>Start on the turn of the breath.</source>
        <translation>Partir au tournant du souffle.</translation>
    </message>
    <message>
        <source>Start one shade softer, and keep that loudness to the end.</source>
        <translation>Partir un soupçon plus doux, et garder cette intensité jusqu’au bout.</translation>
    </message>
    <message>
        <source>Start one shade softer, so that the last second can be as loud as the first.</source>
        <translation>Partir un soupçon plus doux, pour que la dernière seconde puisse être aussi forte que la première.</translation>
    </message>
    <message>
        <source>Start one shade softer.</source>
        <translation>Partir un soupçon plus doux.</translation>
    </message>
    <message>
        <source>Start softer still.</source>
        <translation>Partir encore plus doux.</translation>
    </message>
    <message>
        <source>Start softly, inside the partner’s tone.</source>
        <translation>Partir doucement, dans le son du partenaire.</translation>
    </message>
    <message>
        <source>Start where you play it, and let it sink until it opens.</source>
        <translation>Partir où c’est joué, et laisser baisser jusqu’à ce que cela s’ouvre.</translation>
    </message>
    <message>
        <source>Start with less force; let the note open from its middle.</source>
        <translation>Partir avec moins de force ; laisser la note s’ouvrir de son milieu.</translation>
    </message>
    <message>
        <source>Starts that are each decided anew fall now here, now there.</source>
        <translation>Des départs décidés chaque fois de nouveau tombent tantôt ici, tantôt là.</translation>
    </message>
    <message>
        <source>Stay at that number for a week.</source>
        <translation>Rester à ce nombre une semaine.</translation>
    </message>
    <message>
        <source>Stay on the home note at the end until it stands still.</source>
        <translation>Rester sur la tonique à la fin jusqu’à ce qu’elle soit immobile.</translation>
    </message>
    <message>
        <source>Stay on the note of arrival until it stands.</source>
        <translation>Rester sur la note d’arrivée jusqu’à ce qu’elle soit immobile.</translation>
    </message>
    <message>
        <source>Stay on the old note to the last moment, then change at once.</source>
        <translation>Rester sur l’ancienne note jusqu’au dernier instant, puis changer d’un coup.</translation>
    </message>
    <message>
        <source>Stays beside the partner</source>
        <translation>Reste à côté du partenaire</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>Posé</translation>
    </message>
    <message>
        <source>Steady, but {offset_cents} cents flat.</source>
        <translation>Calme, mais {offset_cents} cents trop bas.</translation>
    </message>
    <message>
        <source>Steady, but {offset_cents} cents sharp.</source>
        <translation>Calme, mais {offset_cents} cents trop haut.</translation>
    </message>
    <message>
        <source>Steps and overtones</source>
        <translation>Pas et harmoniques</translation>
    </message>
    <message>
        <source>Steps that widen</source>
        <translation>Des pas qui s’élargissent</translation>
    </message>
    <message>
        <source>Steps that widen, twice as fast</source>
        <translation>Des pas qui s’élargissent, deux fois plus vite</translation>
    </message>
    <message>
        <source>Steps uneven</source>
        <translation>Pas irréguliers</translation>
    </message>
    <message>
        <source>Steps uneven, of a step</source>
        <translation>Pas irréguliers, en part d’un pas</translation>
    </message>
    <message>
        <source>Still apart once in tune</source>
        <translation>Encore écartés une fois justes</translation>
    </message>
    <message>
        <source>Still to come</source>
        <translation>Reste à venir</translation>
    </message>
    <message>
        <source>Stop at the first pitch: hear it before.</source>
        <translation>S’arrêter à la première hauteur : l’entendre avant.</translation>
    </message>
    <message>
        <source>Stop before you squeeze.</source>
        <translation>S’arrêter avant de presser.</translation>
    </message>
    <message>
        <source>Stop the tone by stopping the air, with nothing else moving.</source>
        <translation>Finir le son en arrêtant l’air, sans que rien d’autre bouge.</translation>
    </message>
    <message>
        <source>Stop when light-headed or dizzy, and breathe normally between the sets.</source>
        <translation>Arrêter en cas de tête légère ou de vertige, et respirer normalement entre les séries.</translation>
    </message>
    <message>
        <source>Stop when light-headed, dizzy or in pain, and breathe normally between the tones.</source>
        <translation>Arrêter en cas de tête légère, de vertige ou de douleur, et respirer normalement entre les sons.</translation>
    </message>
    <message>
        <source>Stop when light-headed, dizzy or in pain; rest at least as long as you play.</source>
        <translation>Arrêter en cas de tête légère, de vertige ou de douleur ; se reposer au moins autant qu’on joue.</translation>
    </message>
    <message>
        <source>Stop when the lips tire, and rest at least as long as you play.</source>
        <translation>Arrêter quand les lèvres fatiguent, et se reposer au moins autant qu’on joue.</translation>
    </message>
    <message>
        <source>Stop where the fingered one was: hear it first.</source>
        <translation>S’arrêter où était le doigté : l’entendre avant.</translation>
    </message>
    <message>
        <source>Stop while there is still air left.</source>
        <translation>S’arrêter tant qu’il reste de l’air.</translation>
    </message>
    <message>
        <source>Stop with the air alone: nothing else moves.</source>
        <translation>S’arrêter avec l’air seul : rien d’autre ne bouge.</translation>
    </message>
    <message>
        <source>Stops with the air</source>
        <translation>S’arrête avec l’air</translation>
    </message>
    <message>
        <source>Straight in</source>
        <translation>Droit dedans</translation>
    </message>
    <message>
        <source>Swell and fade over four</source>
        <translation>Enfler et diminuer en quatre</translation>
    </message>
    <message>
        <source>Take a fuller, unhurried breath.</source>
        <translation>Prendre un souffle plus plein, sans hâte.</translation>
    </message>
    <message>
        <source>Take a little less reed into the mouth.</source>
        <translation>Prendre un peu moins d’anche dans la bouche.</translation>
    </message>
    <message>
        <source>Take the breath a beat slower.</source>
        <translation>Prendre le souffle un temps plus lentement.</translation>
    </message>
    <message>
        <source>Take the mouth off, breathe, and set it on in the same place each time.</source>
        <translation>Retirer la bouche, respirer, et la remettre au même endroit à chaque fois.</translation>
    </message>
    <message>
        <source>Takes hardly any air in.</source>
        <translation>Ne prend presque pas d’air.</translation>
    </message>
    <message>
        <source>Takes the air at once and has to wait; the tone is settled.</source>
        <translation>Prend l’air d’un coup et doit attendre ; le son est posé.</translation>
    </message>
    <message>
        <source>Ten beats a minute slower.</source>
        <translation>Dix temps par minute plus lent.</translation>
    </message>
    <message>
        <source>Ten cents and more are heard one after the other; fewer only together, by their beats.</source>
        <translation>Dix cents et plus s’entendent l’un après l’autre ; moins, seulement ensemble, par leurs battements.</translation>
    </message>
    <message>
        <source>Ten minutes of breath</source>
        <translation>Dix minutes de souffle</translation>
    </message>
    <message>
        <source>Ten seconds, dead level: a week after the first.</source>
        <translation>Dix secondes, bien droites : une semaine après les premières.</translation>
    </message>
    <message>
        <source>Ten slow movements before anything sounds, ten seconds each.</source>
        <translation>Dix mouvements lents avant que rien ne sonne, dix secondes chacun.</translation>
    </message>
    <message>
        <source>Tenor horn in E♭</source>
        <translation>Saxhorn alto en mi♭</translation>
    </message>
    <message>
        <source>Tenor recorder</source>
        <translation>Flûte à bec ténor</translation>
    </message>
    <message>
        <source>Tenor saxophone in B♭</source>
        <translation>Saxophone ténor en si♭</translation>
    </message>
    <message>
        <source>The air alone holds a sheet of paper to the wall. The key starts the time when the hand lets go, and again when the sheet slides.</source>
        <translation>L’air seul tient une feuille de papier au mur. La touche lance le temps quand la main lâche, et encore quand la feuille glisse.</translation>
    </message>
    <message>
        <source>The air falls under what the window needs, and goes on without a sound.</source>
        <translation>L’air tombe sous ce qu’il faut à la fenêtre, et continue sans un son.</translation>
    </message>
    <message>
        <source>The air is uneven.</source>
        <translation>L’air est irrégulier.</translation>
    </message>
    <message>
        <source>The air lasts {air_lasts_s} s of {air_lasts_s:low}.</source>
        <translation>L’air dure {air_lasts_s} s sur {air_lasts_s:low}.</translation>
    </message>
    <message>
        <source>The air lasts {air_lasts_s} s.</source>
        <translation>L’air dure {air_lasts_s} s.</translation>
    </message>
    <message>
        <source>The air no faster at the end than at the start.</source>
        <translation>L’air pas plus rapide à la fin qu’au début.</translation>
    </message>
    <message>
        <source>The angle of the air at the edge moves the pitch.</source>
        <translation>L’angle de l’air sur le bord bouge la hauteur.</translation>
    </message>
    <message>
        <source>The beak a little less far in, and the lips close round it.</source>
        <translation>Le bec un peu moins loin, et les lèvres fermées autour.</translation>
    </message>
    <message>
        <source>The beak between the lips, not between the teeth.</source>
        <translation>Le bec entre les lèvres, pas entre les dents.</translation>
    </message>
    <message>
        <source>The bent half step goes {short_of_real_cents} cents beyond the fingered one.</source>
        <translation>Le demi-ton infléchi dépasse le doigté de {short_of_real_cents} cents.</translation>
    </message>
    <message>
        <source>The bent half step is {short_of_real_cents} cents shorter than the fingered one.</source>
        <translation>Le demi-ton infléchi est {short_of_real_cents} cents plus court que le doigté.</translation>
    </message>
    <message>
        <source>The breath in takes {inhale_s} s.</source>
        <translation>L’inspiration prend {inhale_s} s.</translation>
    </message>
    <message>
        <source>The buzz comes and goes while the air goes on.</source>
        <translation>La vibration va et vient pendant que l’air continue.</translation>
    </message>
    <message>
        <source>The centre of the harmonics’ power, in partial numbers.</source>
        <translation>Le centre de la puissance des harmoniques, en numéros de partiel.</translation>
    </message>
    <message>
        <source>The corners a little closer round it, so that no air gets past.</source>
        <translation>Les coins un peu plus proches, pour que l’air ne passe pas à côté.</translation>
    </message>
    <message>
        <source>The deepest dip between two slurred notes of different registers.</source>
        <translation>Le creux le plus profond entre deux notes liées de registres différents.</translation>
    </message>
    <message>
        <source>The ear leads the bend; the fingered note gives it the place.</source>
        <translation>L’oreille mène l’inflexion ; la note doigtée lui donne sa place.</translation>
    </message>
    <message>
        <source>The end is open, and the sound lies about an octave higher: as quiet in the face as before.</source>
        <translation>Le bout est ouvert, et le son est environ une octave plus haut : le visage aussi calme qu’avant.</translation>
    </message>
    <message>
        <source>The equal one beats</source>
        <translation>Le tempéré bat</translation>
    </message>
    <message>
        <source>The erasing is not finished ({1}). It goes on at the next start.</source>
        <translation>L’effacement n’est pas fini ({1}). Il continue au prochain démarrage.</translation>
    </message>
    <message>
        <source>The erasing is not finished, and goes on at the next start. {1}</source>
        <translation>L’effacement n’est pas fini, et continue au prochain démarrage. {1}</translation>
    </message>
    <message>
        <source>The erasing is not finished: {1} cannot be removed ({2}). It goes on at the next start; change its permissions, or remove it by hand.</source>
        <translation>L’effacement n’est pas fini : {1} ne peut être enlevé ({2}). Il continue au prochain démarrage ; changez ses droits, ou enlevez-le à la main.</translation>
    </message>
    <message>
        <source>The farthest that the pitch goes from where the bend begins; down is negative.</source>
        <translation>Le plus loin que va la hauteur du début de l’inflexion ; le bas est négatif.</translation>
    </message>
    <message>
        <source>The fifth, equal and pure</source>
        <translation>La quinte, tempérée et pure</translation>
    </message>
    <message>
        <source>The first four notes only, even; then all.</source>
        <translation>Les quatre premières notes seulement, régulières ; puis toutes.</translation>
    </message>
    <message>
        <source>The first half only; then the whole.</source>
        <translation>La première moitié seulement ; puis le tout.</translation>
    </message>
    <message>
        <source>The first instant is low when mouth or air reach their place only after the start.</source>
        <translation>Le premier instant est bas quand bouche ou air n’atteignent leur place qu’après le départ.</translation>
    </message>
    <message>
        <source>The first note</source>
        <translation>La première note</translation>
    </message>
    <message>
        <source>The first three only, one breath each; then add one.</source>
        <translation>Les trois premières seulement, un souffle chacune ; puis une de plus.</translation>
    </message>
    <message>
        <source>The folder {1} belongs to another user of this computer. Nothing was changed; choose a folder of your own.</source>
        <translation>Le dossier {1} est à un autre utilisateur de cet ordinateur. Rien n’a été changé ; choisissez un dossier à vous.</translation>
    </message>
    <message>
        <source>The folder {1} is no studio and not empty, and was left as it is. Choose an empty or a new one.</source>
        <translation>Le dossier {1} n’est pas un studio et n’est pas vide, et est resté comme il est. Choisissez-en un vide ou un nouveau.</translation>
    </message>
    <message>
        <source>The folder {1} is no studio: {2} in it is a link to somewhere else. Nothing was changed; choose another folder.</source>
        <translation>Le dossier {1} n’est pas un studio : {2} dedans est un lien vers ailleurs. Rien n’a été changé ; choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>The fourth to the eighth partial of a low fingering, then of two longer ones.</source>
        <translation>Du quatrième au huitième partiel d’un doigté grave, puis de deux plus longs.</translation>
    </message>
    <message>
        <source>The fourth to the eighth partial of one low fingering, like a chord that goes up; then from another two low notes.</source>
        <translation>Du quatrième au huitième partiel d’un doigté grave, comme un accord qui monte ; puis de deux autres notes graves.</translation>
    </message>
    <message>
        <source>The hand goes evenly where the ear does not notice a step.</source>
        <translation>La main va régulièrement là où l’oreille ne remarque pas un pas.</translation>
    </message>
    <message>
        <source>The higher the note, the louder it has to be.</source>
        <translation>Plus la note est haute, plus elle doit être forte.</translation>
    </message>
    <message>
        <source>The highest note that stays, without biting. It is measured and never scored.</source>
        <translation>La plus haute note qui reste, sans mordre. Elle est mesurée et jamais notée.</translation>
    </message>
    <message>
        <source>The highest pitch that is kept within 50 cents for half a second.</source>
        <translation>La plus haute hauteur gardée à 50 cents près pendant une demi-seconde.</translation>
    </message>
    <message>
        <source>The home note comes back {home_return_cents} cents away from where it was.</source>
        <translation>La tonique revient à {home_return_cents} cents d’où elle était.</translation>
    </message>
    <message>
        <source>The home note sounds on. Go away and return: each time home is in tune with it at once.</source>
        <translation>La tonique continue de sonner. S’éloigner et revenir : chaque fois la tonique est juste avec elle aussitôt.</translation>
    </message>
    <message>
        <source>The largest departure of a return to the first note from that note as it was first played.</source>
        <translation>Le plus grand écart d’un retour à la première note avec cette note telle qu’elle fut jouée d’abord.</translation>
    </message>
    <message>
        <source>The largest departure of the first 200 ms from the line that the tone then takes.</source>
        <translation>Le plus grand écart des 200 premières ms avec la ligne que le son prend ensuite.</translation>
    </message>
    <message>
        <source>The lips part and the air goes on without them.</source>
        <translation>Les lèvres se séparent et l’air continue sans elles.</translation>
    </message>
    <message>
        <source>The lips round the tip, and air until the reed speaks by itself, as softly as it can.</source>
        <translation>Les lèvres autour du bout, et de l’air jusqu’à ce que l’anche parle seule, aussi doux qu’elle peut.</translation>
    </message>
    <message>
        <source>The longest silence between two slurred notes.</source>
        <translation>Le plus long silence entre deux notes liées.</translation>
    </message>
    <message>
        <source>The loudness did not fall before the end, so some air was probably left.</source>
        <translation>L’intensité n’a pas baissé avant la fin, il restait donc sans doute de l’air.</translation>
    </message>
    <message>
        <source>The loudness follows a wavy line: draw it with the air.</source>
        <translation>L’intensité suit une ligne ondulée : la dessiner avec l’air.</translation>
    </message>
    <message>
        <source>The loudness follows its line.</source>
        <translation>L’intensité suit sa ligne.</translation>
    </message>
    <message>
        <source>The loudness goes up and down.</source>
        <translation>L’intensité monte et descend.</translation>
    </message>
    <message>
        <source>The loudness leaves its line.</source>
        <translation>L’intensité quitte sa ligne.</translation>
    </message>
    <message>
        <source>The loudness pulses, {level_wave_hz} a second.</source>
        <translation>L’intensité pulse, {level_wave_hz} par seconde.</translation>
    </message>
    <message>
        <source>The loudness stayed, so it was hardly the air: something may have let go before the end.</source>
        <translation>L’intensité est restée, ce n’était donc guère l’air : quelque chose a peut-être lâché avant la fin.</translation>
    </message>
    <message>
        <source>The loudness varies, and falls at the end.</source>
        <translation>L’intensité varie, et baisse à la fin.</translation>
    </message>
    <message>
        <source>The low note of the fingering sounds on under its overtones.</source>
        <translation>La note grave du doigté continue de sonner sous ses harmoniques.</translation>
    </message>
    <message>
        <source>The lower lip carries to the very end.</source>
        <translation>La lèvre inférieure porte jusqu’au bout.</translation>
    </message>
    <message>
        <source>The lower lip quiet, the air as it is.</source>
        <translation>La lèvre inférieure calme, l’air comme il est.</translation>
    </message>
    <message>
        <source>The lower lip quiet, the flute where it was.</source>
        <translation>La lèvre inférieure calme, la flûte où elle était.</translation>
    </message>
    <message>
        <source>The lower lip stays quiet; the plate lies on it, and nothing presses.</source>
        <translation>La lèvre inférieure reste calme ; la plaque repose dessus, et rien n’appuie.</translation>
    </message>
    <message>
        <source>The lowest pitch that is kept within 50 cents for half a second.</source>
        <translation>La plus basse hauteur gardée à 50 cents près pendant une demi-seconde.</translation>
    </message>
    <message>
        <source>The middle of the pitch against the note asked for. 100 cents are a half step.</source>
        <translation>Le milieu de la hauteur contre la note demandée. 100 cents sont un demi-ton.</translation>
    </message>
    <message>
        <source>The most counts up to which every breath came as it was asked for.</source>
        <translation>Le plus de temps jusqu’auxquels chaque souffle est venu comme demandé.</translation>
    </message>
    <message>
        <source>The mouth as open as for a yawn.</source>
        <translation>La bouche aussi ouverte que pour un bâillement.</translation>
    </message>
    <message>
        <source>The mouth closed round it before the air, touching and no more.</source>
        <translation>La bouche fermée autour avant l’air, touchant et pas plus.</translation>
    </message>
    <message>
        <source>The mouth does not find a place back that the ear has lost.</source>
        <translation>La bouche ne retrouve pas un endroit que l’oreille a perdu.</translation>
    </message>
    <message>
        <source>The mouth in place round it before the air comes.</source>
        <translation>La bouche en place autour avant que l’air vienne.</translation>
    </message>
    <message>
        <source>The mouth may have opened more than the air asked for.</source>
        <translation>La bouche s’est peut-être ouverte plus que l’air ne demandait.</translation>
    </message>
    <message>
        <source>The mouth or the air may have been set for a neighbouring partial for a moment.</source>
        <translation>La bouche ou l’air était peut-être réglé un instant pour un partiel voisin.</translation>
    </message>
    <message>
        <source>The neighbours sound unlike the model note.</source>
        <translation>Les voisines ne sonnent pas comme la note modèle.</translation>
    </message>
    <message>
        <source>The note once where it rings and once a little above: listen first, which one is fuller? Then look.</source>
        <translation>La note une fois où elle sonne et une fois un peu au-dessus : écouter d’abord, laquelle est plus pleine ? Puis regarder.</translation>
    </message>
    <message>
        <source>The note rings most {ring_centre_cents} ± {ring_centre_cents:unsure} cents above where it is played.</source>
        <translation>La note sonne le mieux {ring_centre_cents} ± {ring_centre_cents:unsure} cents au-dessus de l’endroit où elle est jouée.</translation>
    </message>
    <message>
        <source>The note rings most {ring_centre_cents} ± {ring_centre_cents:unsure} cents below where it is played.</source>
        <translation>La note sonne le mieux {ring_centre_cents} ± {ring_centre_cents:unsure} cents au-dessous de l’endroit où elle est jouée.</translation>
    </message>
    <message>
        <source>The notes are unequal in loudness.</source>
        <translation>Les notes sont inégales en intensité.</translation>
    </message>
    <message>
        <source>The notes are {length_error_beats} beats longer than asked.</source>
        <translation>Les notes sont {length_error_beats} temps plus longues que demandé.</translation>
    </message>
    <message>
        <source>The notes are {length_error_beats} beats shorter than asked.</source>
        <translation>Les notes sont {length_error_beats} temps plus courtes que demandé.</translation>
    </message>
    <message>
        <source>The notes lie {note_spread_cents} cents apart in their tuning.</source>
        <translation>Les notes sont à {note_spread_cents} cents les unes des autres dans leur accord.</translation>
    </message>
    <message>
        <source>The notes lie {off_partial_cents} cents from the partials of the tube.</source>
        <translation>Les notes sont à {off_partial_cents} cents des partiels du tube.</translation>
    </message>
    <message>
        <source>The opening of the lips in place before the air comes.</source>
        <translation>L’ouverture des lèvres en place avant que l’air vienne.</translation>
    </message>
    <message>
        <source>The other school, for the young and for learning to move the pitch at all: let the jaw sink a little and come back.</source>
        <translation>L’autre école, pour les jeunes et pour apprendre à bouger la hauteur : laisser descendre un peu la mâchoire et revenir.</translation>
    </message>
    <message>
        <source>The pack {1} could not be unpacked: there is no room, or the studio cannot be written.</source>
        <translation>Le paquet {1} n’a pas pu être déballé : il n’y a pas de place, ou on ne peut écrire dans le studio.</translation>
    </message>
    <message>
        <source>The pack {1} was made in this studio, for a student’s own. Open it on their computer.</source>
        <translation>Le paquet {1} a été fait dans ce studio, pour celui d’un élève. Ouvrez-le sur son ordinateur.</translation>
    </message>
    <message>
        <source>The palm closes the end. Roll it to where the air meets the far edge, and let it speak softly.</source>
        <translation>La paume ferme le bout. Rouler jusqu’où l’air rencontre le bord, et laisser parler doucement.</translation>
    </message>
    <message>
        <source>The palm closes the end: one long sound, no break, no up and down.</source>
        <translation>La paume ferme le bout : un long son, pas de coupure, ni haut ni bas.</translation>
    </message>
    <message>
        <source>The partner alone, then you alone as you remember it, then both: what the ear missed in turn, the beats will say.</source>
        <translation>Le partenaire seul, puis seul comme on s’en souvient, puis les deux : ce qui a échappé à l’oreille l’un après l’autre, les battements le diront.</translation>
    </message>
    <message>
        <source>The partner dies away within seconds: be in tune before it is gone, and stay.</source>
        <translation>Le partenaire s’éteint en quelques secondes : être juste avant qu’il ait disparu, et rester.</translation>
    </message>
    <message>
        <source>The partner follows you with the ear’s delay. Hold still: who also moves is chased about.</source>
        <translation>Le partenaire suit avec le retard de l’oreille. Ne pas bouger : qui bouge aussi est poursuivi.</translation>
    </message>
    <message>
        <source>The partner holds. Begin a little high and come down until the beats stop.</source>
        <translation>Le partenaire tient. Commencer un peu haut et descendre jusqu’à ce que les battements cessent.</translation>
    </message>
    <message>
        <source>The partner holds. Begin a little low and come up until the beats stop.</source>
        <translation>Le partenaire tient. Commencer un peu bas et monter jusqu’à ce que les battements cessent.</translation>
    </message>
    <message>
        <source>The partner holds. Hear the note inwardly first, and be in tune with it as soon as you sound.</source>
        <translation>Le partenaire tient. Entendre d’abord la note en soi, et être juste avec elle dès qu’elle sonne.</translation>
    </message>
    <message>
        <source>The partner is twelve cents sharp and stays there. Being right alone is no use: go to where the other is.</source>
        <translation>Le partenaire est douze cents trop haut et y reste. Avoir raison seul ne sert à rien : aller où est l’autre.</translation>
    </message>
    <message>
        <source>The partner slowly goes flat, as a tired one does. Go along, so that no beats are heard.</source>
        <translation>Le partenaire baisse lentement, comme quelqu’un de fatigué. Aller avec lui, pour qu’on n’entende pas de battements.</translation>
    </message>
    <message>
        <source>The pitch at the end of a bend less that at its start.</source>
        <translation>La hauteur à la fin d’une inflexion moins celle de son début.</translation>
    </message>
    <message>
        <source>The pitch climbs by {drift_cents_per_s} cents a second while it sounds.</source>
        <translation>La hauteur monte de {drift_cents_per_s} cents par seconde pendant que cela sonne.</translation>
    </message>
    <message>
        <source>The pitch follows the room in the mouth.</source>
        <translation>La hauteur suit la place dans la bouche.</translation>
    </message>
    <message>
        <source>The pitch goes up and down by {wander_cents} cents.</source>
        <translation>La hauteur monte et descend de {wander_cents} cents.</translation>
    </message>
    <message>
        <source>The pitch hardly moves: {span_semitones} half steps.</source>
        <translation>La hauteur bouge à peine : {span_semitones} demi-tons.</translation>
    </message>
    <message>
        <source>The pitch less the partial of the tube in use; sharp is positive.</source>
        <translation>La hauteur moins le partiel du tube employé ; trop haut est positif.</translation>
    </message>
    <message>
        <source>The pitch of what sounds on under the note.</source>
        <translation>La hauteur de ce qui continue sous la note.</translation>
    </message>
    <message>
        <source>The pitch rises as it gets louder.</source>
        <translation>La hauteur monte quand cela devient plus fort.</translation>
    </message>
    <message>
        <source>The pitch sinks as it gets louder.</source>
        <translation>La hauteur baisse quand cela devient plus fort.</translation>
    </message>
    <message>
        <source>The pitch strays {path_error_cents} cents from its path.</source>
        <translation>La hauteur s’écarte de {path_error_cents} cents de son chemin.</translation>
    </message>
    <message>
        <source>The pitch swings widely and slowly, {wander_cents} cents about its line.</source>
        <translation>La hauteur oscille largement et lentement, {wander_cents} cents autour de sa ligne.</translation>
    </message>
    <message>
        <source>The place is found by listening while it sounds, not by setting it before.</source>
        <translation>L’endroit se trouve en écoutant pendant que cela sonne, non en le réglant avant.</translation>
    </message>
    <message>
        <source>The plate stays still on the lip; only the air goes on.</source>
        <translation>La plaque reste immobile sur la lèvre ; seul l’air continue.</translation>
    </message>
    <message>
        <source>The pulse comes from below; lips and tongue stay still.</source>
        <translation>La pulsation vient d’en bas ; lèvres et langue restent calmes.</translation>
    </message>
    <message>
        <source>The pulses are even and deep enough.</source>
        <translation>Les pulsations sont régulières et assez profondes.</translation>
    </message>
    <message>
        <source>The pulses are hardly heard.</source>
        <translation>Les pulsations s’entendent à peine.</translation>
    </message>
    <message>
        <source>The pulses are unequal.</source>
        <translation>Les pulsations sont inégales.</translation>
    </message>
    <message>
        <source>The reed a little further up on the mouthpiece.</source>
        <translation>L’anche un peu plus haut sur le bec.</translation>
    </message>
    <message>
        <source>The reed alone: a soft start</source>
        <translation>L’anche seule : un départ doux</translation>
    </message>
    <message>
        <source>The reed alone: a steady crow</source>
        <translation>L’anche seule : un croassement stable</translation>
    </message>
    <message>
        <source>The reed alone: four on, four off</source>
        <translation>L’anche seule : quatre oui, quatre non</translation>
    </message>
    <message>
        <source>The reed alone: one level line</source>
        <translation>L’anche seule : une ligne droite</translation>
    </message>
    <message>
        <source>The reed opens too far, or air gets past it.</source>
        <translation>L’anche s’ouvre trop, ou l’air passe à côté.</translation>
    </message>
    <message>
        <source>The rest belongs to the exercise: it is where the next breath comes from.</source>
        <translation>Le repos fait partie de l’exercice : c’est de là que vient le souffle suivant.</translation>
    </message>
    <message>
        <source>The room in the mouth moves the pitch; biting only closes the reed.</source>
        <translation>La place dans la bouche bouge la hauteur ; mordre ne fait que fermer l’anche.</translation>
    </message>
    <message>
        <source>The same air all the way: let the pitch go, and nothing else.</source>
        <translation>Le même air tout du long : laisser aller la hauteur, et rien d’autre.</translation>
    </message>
    <message>
        <source>The same air at half the loudness.</source>
        <translation>Le même air, moitié moins fort.</translation>
    </message>
    <message>
        <source>The same air, and bring the lips together slowly, until they start by themselves.</source>
        <translation>Le même air, et rapprocher lentement les lèvres, jusqu’à ce qu’elles partent seules.</translation>
    </message>
    <message>
        <source>The same air, softer, and let it turn into a tone by itself.</source>
        <translation>Le même air, plus doux, et le laisser devenir un son tout seul.</translation>
    </message>
    <message>
        <source>The same as a share of a step, so that tempos can be compared.</source>
        <translation>La même chose en part d’un pas, pour comparer les tempos.</translation>
    </message>
    <message>
        <source>The same at twice the tempo: still even, still smooth. Where was your attention?</source>
        <translation>La même chose deux fois plus vite : encore régulier, encore lisse. Où était l’attention ?</translation>
    </message>
    <message>
        <source>The same in half the time, then a little longer each time.</source>
        <translation>La même chose en moitié moins de temps, puis un peu plus long à chaque fois.</translation>
    </message>
    <message>
        <source>The same lips, and the air a little quicker, as if to cool soup far away.</source>
        <translation>Les mêmes lèvres, et l’air un peu plus rapide, comme pour refroidir une soupe au loin.</translation>
    </message>
    <message>
        <source>The same lips, and the air a little quicker.</source>
        <translation>Les mêmes lèvres, et l’air un peu plus rapide.</translation>
    </message>
    <message>
        <source>The same low note twice: once as open as it goes, once a little narrower. Hear and see what differs; nothing is scored.</source>
        <translation>La même note grave deux fois : une fois aussi ouverte que possible, une fois un peu plus étroite. Entendre et voir ce qui diffère ; rien n’est noté.</translation>
    </message>
    <message>
        <source>The same mouth, and the air a little quicker.</source>
        <translation>La même bouche, et l’air un peu plus rapide.</translation>
    </message>
    <message>
        <source>The same note, then silent air through the instrument, again and again: how far has it risen?</source>
        <translation>La même note, puis de l’air silencieux par l’instrument, encore et encore : de combien est-elle montée ?</translation>
    </message>
    <message>
        <source>The same on a high pitch that comes without force.</source>
        <translation>La même chose sur une hauteur aiguë qui vient sans force.</translation>
    </message>
    <message>
        <source>The same on a low pitch, corners firm.</source>
        <translation>La même chose sur une hauteur grave, les coins fermes.</translation>
    </message>
    <message>
        <source>The same on the mouthpiece; then play it on the instrument (Scale tones, 4 on, 4 off) and hold the two beside one another (C).</source>
        <translation>La même chose sur l’embouchure ; puis la jouer sur l’instrument (Notes de la gamme, 4 oui, 4 non) et mettre les deux côte à côte (C).</translation>
    </message>
    <message>
        <source>The same share on every count.</source>
        <translation>La même part à chaque temps.</translation>
    </message>
    <message>
        <source>The same way in twice the time, the air unchanged.</source>
        <translation>Le même chemin en deux fois plus de temps, l’air inchangé.</translation>
    </message>
    <message>
        <source>The sheet holds for {sheet_held_s} s of {sheet_held_s:low}.</source>
        <translation>La feuille tient {sheet_held_s} s sur {sheet_held_s:low}.</translation>
    </message>
    <message>
        <source>The slide strays {glide_uneven_cents} cents from an even line.</source>
        <translation>Le glissé s’écarte de {glide_uneven_cents} cents d’une ligne régulière.</translation>
    </message>
    <message>
        <source>The sound comes after {air_before_ms} ms of air.</source>
        <translation>Le son vient après {air_before_ms} ms d’air.</translation>
    </message>
    <message>
        <source>The sound from the first instant, without air before it.</source>
        <translation>Le son dès le premier instant, sans air avant lui.</translation>
    </message>
    <message>
        <source>The sound of a take that was given up cannot be removed: {1} ({2}). Change its permissions, or remove it by hand.</source>
        <translation>Le son d’une prise abandonnée ne peut être enlevé : {1} ({2}). Changez ses droits, ou enlevez-le à la main.</translation>
    </message>
    <message>
        <source>The sound of this take cannot be read: {1}</source>
        <translation>Le son de cette prise ne peut être lu : {1}</translation>
    </message>
    <message>
        <source>The sound of this take is missing ({1}). Its figures are still here; put the file back to hear it.</source>
        <translation>Le son de cette prise manque ({1}). Ses chiffres sont encore là ; remettez le fichier pour l’entendre.</translation>
    </message>
    <message>
        <source>The sound of this take was given up to keep no more than is needed; its figures are still here.</source>
        <translation>Le son de cette prise a été abandonné pour ne pas garder plus qu’il ne faut ; ses chiffres sont encore là.</translation>
    </message>
    <message>
        <source>The sound sinks between slurred notes.</source>
        <translation>Le son se creuse entre les notes liées.</translation>
    </message>
    <message>
        <source>The sound stops and comes back.</source>
        <translation>Le son s’arrête et revient.</translation>
    </message>
    <message>
        <source>The sound stops while the air goes on ({breaks_air_on}).</source>
        <translation>Le son s’arrête pendant que l’air continue ({breaks_air_on}).</translation>
    </message>
    <message>
        <source>The starts are {note_spread_cents} cents apart.</source>
        <translation>Les départs sont à {note_spread_cents} cents les uns des autres.</translation>
    </message>
    <message>
        <source>The steady pitch hides it, but the air is not even.</source>
        <translation>La hauteur calme le cache, mais l’air n’est pas régulier.</translation>
    </message>
    <message>
        <source>The step needs as much air as the note before it.</source>
        <translation>Le pas demande autant d’air que la note d’avant.</translation>
    </message>
    <message>
        <source>The steps come unevenly, by {step_spread_ms} ms.</source>
        <translation>Les pas viennent irrégulièrement, de {step_spread_ms} ms.</translation>
    </message>
    <message>
        <source>The steps come unevenly, by {step_spread_percent} % of a step.</source>
        <translation>Les pas viennent irrégulièrement, de {step_spread_percent} % d’un pas.</translation>
    </message>
    <message>
        <source>The stream leaves the far edge, and the air goes on without it.</source>
        <translation>Le flux quitte le bord, et l’air continue sans lui.</translation>
    </message>
    <message>
        <source>The strongest line halfway or a third of the way between two harmonics, against the harmonics beside it.</source>
        <translation>La plus forte raie à la moitié ou au tiers entre deux harmoniques, contre les harmoniques d’à côté.</translation>
    </message>
    <message>
        <source>The student cannot be erased now ({1}). Nothing was changed.</source>
        <translation>L’élève ne peut être effacé maintenant ({1}). Rien n’a été changé.</translation>
    </message>
    <message>
        <source>The student is erased with all sound. Traces of the name may stay in unused parts of studio.db until there is room to make it anew; that is done at the next start. ({1})</source>
        <translation>L’élève est effacé avec tout son son. Des traces du nom peuvent rester dans des parties inutilisées de studio.db jusqu’à ce qu’il y ait la place de le refaire ; c’est fait au prochain démarrage. ({1})</translation>
    </message>
    <message>
        <source>The studio folder {1} cannot be made ({2}).</source>
        <translation>Le dossier de studio {1} ne peut être créé ({2}).</translation>
    </message>
    <message>
        <source>The studio in {1} cannot be written. Change its permissions, or choose another folder with --studio.</source>
        <translation>On ne peut écrire dans le studio de {1}. Changez ses droits, ou choisissez un autre dossier avec --studio.</translation>
    </message>
    <message>
        <source>The studio in {1} could not do that ({2}). What was kept before is safe; close other programs that use it and try again.</source>
        <translation>Le studio de {1} n’a pas pu le faire ({2}). Ce qui était gardé est en sûreté ; fermez les autres programmes qui s’en servent et réessayez.</translation>
    </message>
    <message>
        <source>The studio in {1} has no room left: the disk is full. What was kept before is safe; make room and try again, or choose another folder.</source>
        <translation>Le studio de {1} n’a plus de place : le disque est plein. Ce qui était gardé est en sûreté ; faites de la place et réessayez, ou choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>The studio in {1} has sound files but no list of them: studio.db is missing or empty. Put back a copy of it, or have the list made anew from the sound files.</source>
        <translation>Le studio de {1} a des fichiers de son mais pas de liste : studio.db manque ou est vide. Remettez-en une copie, ou faites refaire la liste des fichiers de son.</translation>
    </message>
    <message>
        <source>The studio in {1} is damaged: studio.db cannot be read. The sound files in takes/ are untouched; put back a copy of studio.db, have the list made anew from the sound files, or choose another folder.</source>
        <translation>Le studio de {1} est abîmé : studio.db ne peut être lu. Les fichiers de son de takes/ sont intacts ; remettez une copie de studio.db, faites refaire la liste des fichiers de son, ou choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>The studio in {1} was made by a newer Calando. Nothing was changed; use that version.</source>
        <translation>Le studio de {1} a été fait par un Calando plus récent. Rien n’a été changé ; employez cette version.</translation>
    </message>
    <message>
        <source>The take could not be kept: {1}.</source>
        <translation>La prise n’a pas pu être gardée : {1}.</translation>
    </message>
    <message>
        <source>The take was not kept: its student has been erased.</source>
        <translation>La prise n’a pas été gardée : son élève a été effacé.</translation>
    </message>
    <message>
        <source>The take&apos;s student is not in this studio.</source>
        <translation>L’élève de la prise n’est pas dans ce studio.</translation>
    </message>
    <message>
        <source>The teacher plays first and the take is marked as the model; then the student: who holds longer, who is steadier?</source>
        <translation>Le professeur joue d’abord et la prise est marquée comme modèle ; puis l’élève : qui tient plus longtemps, qui est plus calme ?</translation>
    </message>
    <message>
        <source>The third and the fourth partial of one tube, back and forth: the fingers rest, the air goes on.</source>
        <translation>Le troisième et le quatrième partiel d’un tube, en aller et retour : les doigts se reposent, l’air continue.</translation>
    </message>
    <message>
        <source>The third, equal and pure</source>
        <translation>La tierce, tempérée et pure</translation>
    </message>
    <message>
        <source>The tone does not open while it sounds.</source>
        <translation>Le son ne s’ouvre pas pendant qu’il sonne.</translation>
    </message>
    <message>
        <source>The tone is meant to fall into its centre by itself.</source>
        <translation>Le son doit tomber tout seul dans son centre.</translation>
    </message>
    <message>
        <source>The tone spoke at try {spoke_at}.</source>
        <translation>Le son a parlé à l’essai {spoke_at}.</translation>
    </message>
    <message>
        <source>The tongue a little higher, as for “ee”; the air as it is.</source>
        <translation>La langue un peu plus haute, comme pour « i » ; l’air comme il est.</translation>
    </message>
    <message>
        <source>The tongue low as for “aw”, the air as it is.</source>
        <translation>La langue basse comme pour « o », l’air comme il est.</translation>
    </message>
    <message>
        <source>The way from top to bottom of a regular wave of the level.</source>
        <translation>Le chemin du haut au bas d’une onde régulière de l’intensité.</translation>
    </message>
    <message>
        <source>The whole air at once, and soft.</source>
        <translation>Tout l’air d’un coup, et doux.</translation>
    </message>
    <message>
        <source>The wider and the quicker step shows what the even one rests on.</source>
        <translation>Le pas plus large et plus rapide montre sur quoi repose le régulier.</translation>
    </message>
    <message>
        <source>The wrong way first</source>
        <translation>D’abord le mauvais sens</translation>
    </message>
    <message>
        <source>Then less bite, the air as it is.</source>
        <translation>Puis moins mordre, l’air comme il est.</translation>
    </message>
    <message>
        <source>Then less weight of the rim, the air as it is.</source>
        <translation>Puis moins de poids du bord, l’air comme il est.</translation>
    </message>
    <message>
        <source>There is a crackle in it.</source>
        <translation>Il y a un grésillement dedans.</translation>
    </message>
    <message>
        <source>There is as much air in it as tone.</source>
        <translation>Il y a autant d’air dedans que de son.</translation>
    </message>
    <message>
        <source>There is much air in the tone.</source>
        <translation>Il y a beaucoup d’air dans le son.</translation>
    </message>
    <message>
        <source>There is no sound in this take’s file ({1}). Its figures are still here; put back a copy to hear it.</source>
        <translation>Il n’y a pas de son dans le fichier de cette prise ({1}). Ses chiffres sont encore là ; remettez une copie pour l’entendre.</translation>
    </message>
    <message>
        <source>Thin breath</source>
        <translation>Souffle mince</translation>
    </message>
    <message>
        <source>Think of a glass that is poured slowly.</source>
        <translation>Penser à un verre qu’on remplit lentement.</translation>
    </message>
    <message>
        <source>Think of faster air for the higher rung, the lips as they are.</source>
        <translation>Penser à un air plus rapide pour le barreau du haut, les lèvres comme elles sont.</translation>
    </message>
    <message>
        <source>Think of the last second while you play the first.</source>
        <translation>Penser à la dernière seconde pendant qu’on joue la première.</translation>
    </message>
    <message>
        <source>Think of the vowels from “ee” to “oh” on the way down; teeth and lip as they are.</source>
        <translation>Penser aux voyelles de « i » à « o » en descendant ; dents et lèvre comme elles sont.</translation>
    </message>
    <message>
        <source>Think of the vowels from “ee” to “oh”, and let the corners stay firm.</source>
        <translation>Penser aux voyelles de « i » à « o », et laisser les coins fermes.</translation>
    </message>
    <message>
        <source>Think of the vowels from “ee” to “oh”; lips and teeth do nothing.</source>
        <translation>Penser aux voyelles de « i » à « o » ; lèvres et dents ne font rien.</translation>
    </message>
    <message>
        <source>Third over a partner</source>
        <translation>Tierce au-dessus d’un partenaire</translation>
    </message>
    <message>
        <source>Three breaths in, each low and wide: the sound of a yawn, not of a hiss.</source>
        <translation>Trois inspirations, chacune basse et large : le bruit d’un bâillement, pas d’un sifflement.</translation>
    </message>
    <message>
        <source>Three counts in, three kept with an open throat, three out.</source>
        <translation>Inspirer trois temps, garder trois la gorge ouverte, expirer trois.</translation>
    </message>
    <message>
        <source>Three minutes</source>
        <translation>Trois minutes</translation>
    </message>
    <message>
        <source>Three minutes on the small part</source>
        <translation>Trois minutes sans l’instrument</translation>
    </message>
    <message>
        <source>Three minutes: eight beats of sound, eight of rest, eleven times; it stops by itself.</source>
        <translation>Trois minutes : huit temps de son, huit de repos, onze fois ; cela s’arrête tout seul.</translation>
    </message>
    <message>
        <source>Three open breaths</source>
        <translation>Trois souffles ouverts</translation>
    </message>
    <message>
        <source>Three partials of one tube up and down, twice, as smooth as one long tone. Then the next tube.</source>
        <translation>Trois partiels d’un tube en montant et descendant, deux fois, aussi lisses qu’un son long. Puis le tube suivant.</translation>
    </message>
    <message>
        <source>Three partials up and down on the open tube, then on the next longer one, and on through all of them: every one as smooth as the first.</source>
        <translation>Trois partiels en montant et descendant sur le tube à vide, puis sur le plus long suivant, et ainsi par tous : chacun aussi lisse que le premier.</translation>
    </message>
    <message>
        <source>Through the centre</source>
        <translation>À travers le centre</translation>
    </message>
    <message>
        <source>Through the hand</source>
        <translation>À travers la main</translation>
    </message>
    <message>
        <source>Tight breath</source>
        <translation>Souffle serré</translation>
    </message>
    <message>
        <source>Tight inhales</source>
        <translation>Inspirations serrées</translation>
    </message>
    <message>
        <source>Tone after the breath</source>
        <translation>Le son après le souffle</translation>
    </message>
    <message>
        <source>Tone over air after the drop</source>
        <translation>Son sur air après la chute</translation>
    </message>
    <message>
        <source>Tone over air noise</source>
        <translation>Son sur bruit d’air</translation>
    </message>
    <message>
        <source>Tone over air when bent</source>
        <translation>Son sur air à l’inflexion</translation>
    </message>
    <message>
        <source>Tongue in place as for “doo”, the air behind it; then let it go.</source>
        <translation>La langue en place comme pour « dou », l’air derrière ; puis lâcher.</translation>
    </message>
    <message>
        <source>Tongued rungs, soft and firm</source>
        <translation>Barreaux piqués, doux et fermes</translation>
    </message>
    <message>
        <source>Too little air for how firmly the lips are held.</source>
        <translation>Trop peu d’air pour la fermeté des lèvres.</translation>
    </message>
    <message>
        <source>Too little air for how firmly the reed is held.</source>
        <translation>Trop peu d’air pour la fermeté sur l’anche.</translation>
    </message>
    <message>
        <source>Trembles {shake_cents} cents, faster than three times a second.</source>
        <translation>Tremble de {shake_cents} cents, plus de trois fois par seconde.</translation>
    </message>
    <message>
        <source>Trembling</source>
        <translation>Tremblant</translation>
    </message>
    <message>
        <source>Tries</source>
        <translation>Essais</translation>
    </message>
    <message>
        <source>Trombone</source>
        <translation>Trombone</translation>
    </message>
    <message>
        <source>Trombone in B♭ (treble clef)</source>
        <translation>Trombone en si♭ (clé de sol)</translation>
    </message>
    <message>
        <source>Trombone with trigger</source>
        <translation>Trombone complet</translation>
    </message>
    <message>
        <source>Trumpet in B♭</source>
        <translation>Trompette en si♭</translation>
    </message>
    <message>
        <source>Trumpet in C</source>
        <translation>Trompette en ut</translation>
    </message>
    <message>
        <source>Tuba in B♭</source>
        <translation>Tuba en si♭</translation>
    </message>
    <message>
        <source>Tuba in B♭ (treble clef)</source>
        <translation>Tuba en si♭ (clé de sol)</translation>
    </message>
    <message>
        <source>Tuba in C</source>
        <translation>Tuba en ut</translation>
    </message>
    <message>
        <source>Tuba in E♭</source>
        <translation>Tuba en mi♭</translation>
    </message>
    <message>
        <source>Tuba in E♭ (treble clef)</source>
        <translation>Tuba en mi♭ (clé de sol)</translation>
    </message>
    <message>
        <source>Tuba in F</source>
        <translation>Tuba en fa</translation>
    </message>
    <message>
        <source>Tube and fundamental</source>
        <translation>Tube et fondamentale</translation>
    </message>
    <message>
        <source>Tuning</source>
        <translation>Accord</translation>
    </message>
    <message>
        <source>Turn it a hair out, then a hair in, and stay where it is clearest.</source>
        <translation>Tourner d’un cheveu vers l’extérieur, puis vers l’intérieur, et rester où c’est le plus clair.</translation>
    </message>
    <message>
        <source>Turn it a hair out, then a hair in, the lower lip quiet, until it speaks.</source>
        <translation>Tourner d’un cheveu vers l’extérieur, puis vers l’intérieur, la lèvre inférieure calme, jusqu’à ce que cela parle.</translation>
    </message>
    <message>
        <source>Turn it a hair out.</source>
        <translation>Tourner d’un cheveu vers l’extérieur.</translation>
    </message>
    <message>
        <source>Turn it in a hair at a time, the lower lip quiet, until it speaks.</source>
        <translation>Tourner cheveu par cheveu vers l’intérieur, la lèvre inférieure calme, jusqu’à ce que cela parle.</translation>
    </message>
    <message>
        <source>Turn of the swell</source>
        <translation>Tournant de l’enflure</translation>
    </message>
    <message>
        <source>Twenty cents off, and back</source>
        <translation>Vingt cents à côté, et retour</translation>
    </message>
    <message>
        <source>Twice as long as four and four, and just as even.</source>
        <translation>Deux fois plus long que quatre et quatre, et aussi régulier.</translation>
    </message>
    <message>
        <source>Twins of the model note</source>
        <translation>Jumelles de la note modèle</translation>
    </message>
    <message>
        <source>Two breaths of your own between, then the same number again.</source>
        <translation>Deux respirations à soi entre les deux, puis encore le même nombre.</translation>
    </message>
    <message>
        <source>Two neighbouring notes, back and forth on one breath: gently, without a gap and without a bump.</source>
        <translation>Deux notes voisines, en aller et retour sur un souffle : doucement, sans trou et sans bosse.</translation>
    </message>
    <message>
        <source>Two notes at once: the air has not decided for one.</source>
        <translation>Deux notes à la fois : l’air n’a pas choisi.</translation>
    </message>
    <message>
        <source>Two notes back and forth: is the home note the same each time it comes back?</source>
        <translation>Deux notes en aller et retour : la tonique est-elle la même à chaque retour ?</translation>
    </message>
    <message>
        <source>Two notes only, back and forth, as loud on the way.</source>
        <translation>Deux notes seulement, en aller et retour, aussi fortes en chemin.</translation>
    </message>
    <message>
        <source>Two notes only, back and forth, slowly, each change quick.</source>
        <translation>Deux notes seulement, en aller et retour, lentement, chaque changement vif.</translation>
    </message>
    <message>
        <source>Two notes only, back and forth, without a gap.</source>
        <translation>Deux notes seulement, en aller et retour, sans trou.</translation>
    </message>
    <message>
        <source>Two partials at once: the air column has not made up its mind.</source>
        <translation>Deux partiels à la fois : la colonne d’air n’a pas choisi.</translation>
    </message>
    <message>
        <source>Two pulses only, alike; then four.</source>
        <translation>Deux pulsations seulement, pareilles ; puis quatre.</translation>
    </message>
    <message>
        <source>Two starts only, until they are alike.</source>
        <translation>Deux départs seulement, jusqu’à ce qu’ils soient pareils.</translation>
    </message>
    <message>
        <source>Under the overtone the low note sounds on.</source>
        <translation>Sous l’harmonique la note grave continue de sonner.</translation>
    </message>
    <message>
        <source>Underneath at</source>
        <translation>Dessous à</translation>
    </message>
    <message>
        <source>Unequal in colour</source>
        <translation>Inégal en couleur</translation>
    </message>
    <message>
        <source>Unequal in loudness</source>
        <translation>Inégal en intensité</translation>
    </message>
    <message>
        <source>Unequal in tuning</source>
        <translation>Inégal en accord</translation>
    </message>
    <message>
        <source>Unison, at once</source>
        <translation>Unisson, aussitôt</translation>
    </message>
    <message>
        <source>Unison, from above</source>
        <translation>Unisson, par le haut</translation>
    </message>
    <message>
        <source>Unison, from below</source>
        <translation>Unisson, par le bas</translation>
    </message>
    <message>
        <source>Up and down</source>
        <translation>En montant et descendant</translation>
    </message>
    <message>
        <source>Up and down the natural series of one tube, the seventh left out, which is low by nature. Then the next tube.</source>
        <translation>En montant et descendant la série naturelle d’un tube, sans le septième, bas par nature. Puis le tube suivant.</translation>
    </message>
    <message>
        <source>Up and down the natural series of one tube. Then the next tube.</source>
        <translation>En montant et descendant la série naturelle d’un tube. Puis le tube suivant.</translation>
    </message>
    <message>
        <source>Up by half steps</source>
        <translation>Par demi-tons vers le haut</translation>
    </message>
    <message>
        <source>Up by the tongue alone</source>
        <translation>Vers le haut par la langue seule</translation>
    </message>
    <message>
        <source>Up the scale and back, the first, the top and the last note held: the last is the first again.</source>
        <translation>La gamme en montant et retour, la première, la plus haute et la dernière note tenues : la dernière est de nouveau la première.</translation>
    </message>
    <message>
        <source>Up two steps and back: home, the middle and the top each find their place again.</source>
        <translation>Deux degrés vers le haut et retour : tonique, milieu et sommet retrouvent chacun leur place.</translation>
    </message>
    <message>
        <source>Vibrato</source>
        <translation>Vibrato</translation>
    </message>
    <message>
        <source>Vibrato rate</source>
        <translation>Vibrato, combien</translation>
    </message>
    <message>
        <source>Vibrato width</source>
        <translation>Vibrato, largeur</translation>
    </message>
    <message>
        <source>Vowel: from “oh” to “ee” to rise, and back.</source>
        <translation>La voyelle : de « o » à « i » pour monter, et retour.</translation>
    </message>
    <message>
        <source>Wait on the first pitch before you bend, until it stands.</source>
        <translation>Attendre sur la première hauteur avant d’infléchir, jusqu’à ce qu’elle soit immobile.</translation>
    </message>
    <message>
        <source>Wander</source>
        <translation>Flottement</translation>
    </message>
    <message>
        <source>Wanders {steadier_cents} cents more than the other one.</source>
        <translation>Flotte de {steadier_cents} cents de plus que l’autre.</translation>
    </message>
    <message>
        <source>Wanders {wander_cents} cents about its line.</source>
        <translation>Flotte de {wander_cents} cents autour de sa ligne.</translation>
    </message>
    <message>
        <source>Warm the tube</source>
        <translation>Chauffer le tube</translation>
    </message>
    <message>
        <source>Warmed up by</source>
        <translation>Chauffé de</translation>
    </message>
    <message>
        <source>Warmed up, give or take</source>
        <translation>Chauffé, à peu près</translation>
    </message>
    <message>
        <source>Warmth explains</source>
        <translation>La chaleur explique</translation>
    </message>
    <message>
        <source>Watch the loudness line while you bend.</source>
        <translation>Regarder la ligne d’intensité en infléchissant.</translation>
    </message>
    <message>
        <source>Watch the loudness line, and keep it level to the end.</source>
        <translation>Regarder la ligne d’intensité, et la garder droite jusqu’au bout.</translation>
    </message>
    <message>
        <source>Watch the loudness line, and keep it level.</source>
        <translation>Regarder la ligne d’intensité, et la garder droite.</translation>
    </message>
    <message>
        <source>Waves this slow and wide may be the air, or a mouth that looks for the place of the note.</source>
        <translation>Des ondes si lentes et larges peuvent être l’air, ou une bouche qui cherche la place de la note.</translation>
    </message>
    <message>
        <source>Way back ends</source>
        <translation>Le retour finit</translation>
    </message>
    <message>
        <source>Way between notes</source>
        <translation>Chemin entre les notes</translation>
    </message>
    <message>
        <source>Way over the break</source>
        <translation>Chemin au changement de registre</translation>
    </message>
    <message>
        <source>Way uneven</source>
        <translation>Chemin irrégulier</translation>
    </message>
    <message>
        <source>Wet the reed, and play the same.</source>
        <translation>Mouiller l’anche, et jouer la même chose.</translation>
    </message>
    <message>
        <source>What can be left out as well as played is in hand.</source>
        <translation>Ce qu’on peut laisser aussi bien que jouer, on l’a en main.</translation>
    </message>
    <message>
        <source>What differs between neighbours may be the mouth, or the instrument.</source>
        <translation>Ce qui diffère entre voisines peut être la bouche, ou l’instrument.</translation>
    </message>
    <message>
        <source>What goes soft in a bend was let go as a whole; then nothing is trained.</source>
        <translation>Ce qui s’adoucit dans une inflexion a été lâché tout entier ; alors rien ne se travaille.</translation>
    </message>
    <message>
        <source>What is even slowly becomes even fast.</source>
        <translation>Ce qui est régulier lentement le devient vite.</translation>
    </message>
    <message>
        <source>What is found by ear from either side will be found beside any player.</source>
        <translation>Ce qu’on trouve à l’oreille des deux côtés se trouve à côté de tout joueur.</translation>
    </message>
    <message>
        <source>What is heard before it is played needs less mending.</source>
        <translation>Ce qu’on entend avant de jouer se corrige moins.</translation>
    </message>
    <message>
        <source>What is left of the air may have been pushed out at the end.</source>
        <translation>Ce qui restait d’air a peut-être été poussé dehors à la fin.</translation>
    </message>
    <message>
        <source>What is mended by ear is in tune late; what is heard before is in tune at once.</source>
        <translation>Ce qu’on corrige à l’oreille est juste tard ; ce qu’on entend avant l’est aussitôt.</translation>
    </message>
    <message>
        <source>What is not kept in the ear is not found again.</source>
        <translation>Ce qu’on ne garde pas dans l’oreille ne se retrouve pas.</translation>
    </message>
    <message>
        <source>What is pressed out at the end closes the throat, and the next breath is short.</source>
        <translation>Ce qu’on presse dehors à la fin ferme la gorge, et le souffle suivant est court.</translation>
    </message>
    <message>
        <source>What is set anew each time has to be found each time.</source>
        <translation>Ce qu’on pose chaque fois de nouveau se trouve chaque fois de nouveau.</translation>
    </message>
    <message>
        <source>What leaks is held by the throat; what the ribs hold is quiet.</source>
        <translation>Ce qui fuit est tenu par la gorge ; ce que tiennent les côtes est silencieux.</translation>
    </message>
    <message>
        <source>What moves after it was right is often the air, not the ear.</source>
        <translation>Ce qui bouge après avoir été juste est souvent l’air, pas l’oreille.</translation>
    </message>
    <message>
        <source>What plays along just loud enough to be heard; in headphones twenty minutes at most.</source>
        <translation>Ce qui joue avec, juste assez fort pour l’entendre ; au casque vingt minutes au plus.</translation>
    </message>
    <message>
        <source>What rushes out at first is missing at the end, and no tone can be held on it.</source>
        <translation>Ce qui s’échappe au début manque à la fin, et aucun son ne tient là-dessus.</translation>
    </message>
    <message>
        <source>What the ear is on is what changes first.</source>
        <translation>Ce que l’oreille écoute change en premier.</translation>
    </message>
    <message>
        <source>Whatever high notes come, each for a moment and steady. Nothing is scored; what was steady is kept.</source>
        <translation>Toutes les notes aiguës qui viennent, chacune un instant et calme. Rien n’est noté ; ce qui était calme est gardé.</translation>
    </message>
    <message>
        <source>When all stops at once the air was stopped, or the lips were squeezed shut.</source>
        <translation>Quand tout s’arrête à la fois, l’air a été arrêté, ou les lèvres serrées.</translation>
    </message>
    <message>
        <source>When all stops at once the air was stopped, or the way for it was closed.</source>
        <translation>Quand tout s’arrête à la fois, l’air a été arrêté, ou son chemin fermé.</translation>
    </message>
    <message>
        <source>When nothing moves, lips or throat are squeezed shut; air has to come before sound.</source>
        <translation>Quand rien ne bouge, lèvres ou gorge sont serrées ; l’air doit venir avant le son.</translation>
    </message>
    <message>
        <source>Where a bent tone rings most, against the pitch before the bend: where it is below, the note is played above its centre.</source>
        <translation>Où un son infléchi sonne le mieux, contre la hauteur d’avant l’inflexion : où c’est au-dessous, la note est jouée au-dessus de son centre.</translation>
    </message>
    <message>
        <source>Where a way there and back ends, against where it began; that it ends lower is expected, and held against no target.</source>
        <translation>Où finit un aller et retour, contre où il a commencé ; qu’il finisse plus bas est attendu, et n’a pas de cible.</translation>
    </message>
    <message>
        <source>Where nothing moves, lips or throat are closed; air has to come before sound.</source>
        <translation>Où rien ne bouge, lèvres ou gorge sont fermées ; l’air doit venir avant le son.</translation>
    </message>
    <message>
        <source>Where nothing moves, lips, tongue or throat are closed; air has to come before sound.</source>
        <translation>Où rien ne bouge, lèvres, langue ou gorge sont fermées ; l’air doit venir avant le son.</translation>
    </message>
    <message>
        <source>Where nothing moves, tongue or throat are closed; air has to come before sound.</source>
        <translation>Où rien ne bouge, langue ou gorge sont fermées ; l’air doit venir avant le son.</translation>
    </message>
    <message>
        <source>Where the swell turns, against the beat on which it should.</source>
        <translation>Où tourne l’enflure, contre le temps où elle devrait.</translation>
    </message>
    <message>
        <source>Which fingering speaks?</source>
        <translation>Quel doigté parle ?</translation>
    </message>
    <message>
        <source>Which one begins on its note?</source>
        <translation>Lequel commence sur sa note ?</translation>
    </message>
    <message>
        <source>Which one goes on without a break?</source>
        <translation>Lequel continue sans coupure ?</translation>
    </message>
    <message>
        <source>Which one is brighter?</source>
        <translation>Lequel est plus brillant ?</translation>
    </message>
    <message>
        <source>Which one is clean?</source>
        <translation>Lequel est propre ?</translation>
    </message>
    <message>
        <source>Which one is fuller?</source>
        <translation>Lequel est plus plein ?</translation>
    </message>
    <message>
        <source>Which one is longer?</source>
        <translation>Lequel est plus long ?</translation>
    </message>
    <message>
        <source>Which one is more even?</source>
        <translation>Lequel est plus régulier ?</translation>
    </message>
    <message>
        <source>Which one is sharper?</source>
        <translation>Lequel est plus haut ?</translation>
    </message>
    <message>
        <source>Which one is steadier?</source>
        <translation>Lequel est plus calme ?</translation>
    </message>
    <message>
        <source>Which one keeps its loudness?</source>
        <translation>Lequel garde son intensité ?</translation>
    </message>
    <message>
        <source>Which one speaks at once?</source>
        <translation>Lequel parle aussitôt ?</translation>
    </message>
    <message>
        <source>Which one stays level to its end?</source>
        <translation>Lequel reste droit jusqu’au bout ?</translation>
    </message>
    <message>
        <source>Which share of a breath in comes in the first quarter of its time: 25 % is even, more is full too early.</source>
        <translation>Quelle part d’une inspiration vient au premier quart de son temps : 25 % est régulier, plus est plein trop tôt.</translation>
    </message>
    <message>
        <source>Which share of a breath in comes in the last quarter of its time: 25 % is even, more is a hurry at the end.</source>
        <translation>Quelle part d’une inspiration vient au dernier quart de son temps : 25 % est régulier, plus est pressé à la fin.</translation>
    </message>
    <message>
        <source>Which share of a breath out goes in the first quarter of its time: 25 % is even, more is spent too early.</source>
        <translation>Quelle part d’une expiration part au premier quart de son temps : 25 % est régulier, plus est dépensé trop tôt.</translation>
    </message>
    <message>
        <source>Which share of a breath out goes in the last quarter of its time: 25 % is even, more is pushed out at the end.</source>
        <translation>Quelle part d’une expiration part au dernier quart de son temps : 25 % est régulier, plus est poussé à la fin.</translation>
    </message>
    <message>
        <source>Which share of a breath’s air comes in the first quarter of its time: 25 % is even, more is full too early.</source>
        <translation>Quelle part de l’air d’un souffle vient au premier quart de son temps : 25 % est régulier, plus est plein trop tôt.</translation>
    </message>
    <message>
        <source>Which share of a breath’s air comes in the last quarter of its time: 25 % is even, more is a hurry at the end.</source>
        <translation>Quelle part de l’air d’un souffle vient au dernier quart de son temps : 25 % est régulier, plus est pressé à la fin.</translation>
    </message>
    <message>
        <source>Which third is at rest?</source>
        <translation>Quelle tierce est en repos ?</translation>
    </message>
    <message>
        <source>Which two beat more slowly?</source>
        <translation>Lesquels battent plus lentement ?</translation>
    </message>
    <message>
        <source>Which two do not beat?</source>
        <translation>Lesquels ne battent pas ?</translation>
    </message>
    <message>
        <source>Whichever note comes: let it speak and last. Nothing is wrong about it.</source>
        <translation>Quelle que soit la note qui vient : la laisser parler et durer. Rien n’y est faux.</translation>
    </message>
    <message>
        <source>While the breath is kept, {leak_s} s of air or voice are heard.</source>
        <translation>Pendant que le souffle est gardé, on entend {leak_s} s d’air ou de voix.</translation>
    </message>
    <message>
        <source>Who gives much at first is at the top too soon.</source>
        <translation>Qui donne beaucoup au début est trop tôt au sommet.</translation>
    </message>
    <message>
        <source>Who is full on the first beat holds the rest, and holding makes the throat narrow.</source>
        <translation>Qui est plein au premier temps retient le reste, et retenir rend la gorge étroite.</translation>
    </message>
    <message>
        <source>Whole-step bend</source>
        <translation>Infléchir d’un ton</translation>
    </message>
    <message>
        <source>Window half covered: one level line</source>
        <translation>Fenêtre à moitié couverte : une ligne droite</translation>
    </message>
    <message>
        <source>Wipe the beak before anybody else plays it.</source>
        <translation>Essuyer le bec avant que quelqu’un d’autre le joue.</translation>
    </message>
    <message>
        <source>Wipe the plate before anybody else plays it.</source>
        <translation>Essuyer la plaque avant que quelqu’un d’autre la joue.</translation>
    </message>
    <message>
        <source>With jaw and teeth still, let the vowel go from “ee” towards “oh”.</source>
        <translation>Mâchoire et dents immobiles, laisser aller la voyelle de « i » vers « o ».</translation>
    </message>
    <message>
        <source>With loose corners and round cheeks the sound falls apart into air.</source>
        <translation>Avec des coins lâches et des joues rondes le son se défait en air.</translation>
    </message>
    <message>
        <source>Written and sounding</source>
        <translation>Écrit et réel</translation>
    </message>
    <message>
        <source>a bound of 0 needs a &quot;width&quot; above 0</source>
        <translation>une borne de 0 demande une &quot;width&quot; au-dessus de 0</translation>
    </message>
    <message>
        <source>a break</source>
        <translation>une coupure</translation>
    </message>
    <message>
        <source>an exercise needs at least one cue</source>
        <translation>un exercice demande au moins une partie</translation>
    </message>
    <message>
        <source>a crackle</source>
        <translation>un grésillement</translation>
    </message>
    <message>
        <source>a generator and the note &quot;each&quot; need one another</source>
        <translation>un générateur et la note &quot;each&quot; ont besoin l’un de l’autre</translation>
    </message>
    <message>
        <source>a generator&apos;s count may not be 0; below 0 goes downwards</source>
        <translation>le nombre d’un générateur ne peut être 0 ; sous 0 il descend</translation>
    </message>
    <message>
        <source>a little above</source>
        <translation>un peu au-dessus</translation>
    </message>
    <message>
        <source>a note is a name such as &quot;Bb4&quot;, any, home, each, or {&quot;degree&quot;: 3}</source>
        <translation>une note est un nom comme &quot;Bb4&quot;, any, home, each, ou {&quot;degree&quot;: 3}</translation>
    </message>
    <message>
        <source>a running order needs an exercise</source>
        <translation>un ordre demande un exercice</translation>
    </message>
    <message>
        <source>a second</source>
        <translation>par seconde</translation>
    </message>
    <message>
        <source>a series and an outward generator count from 1 up</source>
        <translation>une série et un générateur vers l’extérieur comptent à partir de 1</translation>
    </message>
    <message>
        <source>a target needs &quot;low&quot; or &quot;high&quot;</source>
        <translation>une cible demande &quot;low&quot; ou &quot;high&quot;</translation>
    </message>
    <message>
        <source>a third that is not pure</source>
        <translation>une tierce qui n’est pas pure</translation>
    </message>
    <message>
        <source>a wave in the loudness</source>
        <translation>une onde dans l’intensité</translation>
    </message>
    <message>
        <source>a wave in the pitch</source>
        <translation>une onde dans la hauteur</translation>
    </message>
    <message>
        <source>a {1} cue needs its number of pulses</source>
        <translation>une partie {1} demande son nombre de pulsations</translation>
    </message>
    <message>
        <source>a {1} needs beats or seconds</source>
        <translation>une partie {1} demande des temps ou des secondes</translation>
    </message>
    <message>
        <source>about: a slide has two legs; bell, mouthpiece and holes move it by a tenth and more</source>
        <translation>à peu près : une coulisse a deux branches ; pavillon, embouchure et trous le déplacent d’un dixième et plus</translation>
    </message>
    <message>
        <source>above</source>
        <translation>au-dessus</translation>
    </message>
    <message>
        <source>after hard work of the lips at least as long as it lasted</source>
        <translation>après un dur travail des lèvres, au moins aussi long qu’il a duré</translation>
    </message>
    <message>
        <source>against 20 °C</source>
        <translation>contre 20 °C</translation>
    </message>
    <message>
        <source>air</source>
        <translation>air</translation>
    </message>
    <message>
        <source>airy</source>
        <translation>voilé</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>pareil</translation>
    </message>
    <message>
        <source>alone, as you heard it</source>
        <translation>seul, comme entendu</translation>
    </message>
    <message>
        <source>apart</source>
        <translation>écart</translation>
    </message>
    <message>
        <source>arms</source>
        <translation>bras</translation>
    </message>
    <message>
        <source>arms rise</source>
        <translation>les bras montent</translation>
    </message>
    <message>
        <source>arms sink</source>
        <translation>les bras descendent</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>temps</translation>
    </message>
    <message>
        <source>beats = Hz · (2^(cents / 1200) − 1), at the note given</source>
        <translation>battements = Hz · (2^(cents / 1200) − 1), à la note donnée</translation>
    </message>
    <message>
        <source>beats a second</source>
        <translation>battements par seconde</translation>
    </message>
    <message>
        <source>beats need a tempo; give the exercise one, or seconds to the cue</source>
        <translation>les temps demandent un tempo ; donnez-en un à l’exercice, ou des secondes à la partie</translation>
    </message>
    <message>
        <source>before it is gone</source>
        <translation>avant qu’il ait disparu</translation>
    </message>
    <message>
        <source>belly</source>
        <translation>ventre</translation>
    </message>
    <message>
        <source>below</source>
        <translation>au-dessous</translation>
    </message>
    <message>
        <source>bend</source>
        <translation>inflexion</translation>
    </message>
    <message>
        <source>both arms up and long</source>
        <translation>les deux bras hauts et longs</translation>
    </message>
    <message>
        <source>break</source>
        <translation>coupure</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>souffle</translation>
    </message>
    <message>
        <source>breathe normally</source>
        <translation>respirer normalement</translation>
    </message>
    <message>
        <source>breathing</source>
        <translation>respiration</translation>
    </message>
    <message>
        <source>brightness</source>
        <translation>brillance</translation>
    </message>
    <message>
        <source>bumps</source>
        <translation>enfle</translation>
    </message>
    <message>
        <source>cannot be read; check the disk</source>
        <translation>ne peut être lu ; vérifiez le disque</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>cents</translation>
    </message>
    <message>
        <source>cents = 1200 · log2 √(T / T20), in kelvin</source>
        <translation>cents = 1200 · log2 √(T / T20), en kelvins</translation>
    </message>
    <message>
        <source>cents = 1200 · log2(partial)</source>
        <translation>cents = 1200 · log2(partiel)</translation>
    </message>
    <message>
        <source>cents of the just ratio; an equal one has 100 a half step</source>
        <translation>cents du rapport pur ; un tempéré en a 100 par demi-ton</translation>
    </message>
    <message>
        <source>cents/dB</source>
        <translation>cents/dB</translation>
    </message>
    <message>
        <source>cents/s</source>
        <translation>cents/s</translation>
    </message>
    <message>
        <source>cheeks</source>
        <translation>joues</translation>
    </message>
    <message>
        <source>chin</source>
        <translation>menton</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>propre</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>clair</translation>
    </message>
    <message>
        <source>clearer</source>
        <translation>plus clair</translation>
    </message>
    <message>
        <source>close</source>
        <translation>près</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>couleur</translation>
    </message>
    <message>
        <source>tone over air noise</source>
        <translation>son sur bruit d’air</translation>
    </message>
    <message>
        <source>corners</source>
        <translation>coins</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>temps</translation>
    </message>
    <message>
        <source>crackle</source>
        <translation>grésillement</translation>
    </message>
    <message>
        <source>crackles</source>
        <translation>grésille</translation>
    </message>
    <message>
        <source>cue {1}: {2}</source>
        <translation>partie {1} : {2}</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>dB an octave</source>
        <translation>dB par octave</translation>
    </message>
    <message>
        <source>dB/octave</source>
        <translation>dB/octave</translation>
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
        <translation>profond</translation>
    </message>
    <message>
        <source>dips</source>
        <translation>se creuse</translation>
    </message>
    <message>
        <source>does not open</source>
        <translation>ne s’ouvre pas</translation>
    </message>
    <message>
        <source>down</source>
        <translation>vers le bas</translation>
    </message>
    <message>
        <source>down until the beats stop</source>
        <translation>descendre jusqu’à ce que les battements cessent</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>tiré</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>chute</translation>
    </message>
    <message>
        <source>dynamics</source>
        <translation>dynamique</translation>
    </message>
    <message>
        <source>early</source>
        <translation>tôt</translation>
    </message>
    <message>
        <source>equal</source>
        <translation>égal</translation>
    </message>
    <message>
        <source>even</source>
        <translation>régulier</translation>
    </message>
    <message>
        <source>even up to, counts</source>
        <translation>régulier jusqu’à, temps</translation>
    </message>
    <message>
        <source>exercise {1} is unknown</source>
        <translation>l’exercice {1} est inconnu</translation>
    </message>
    <message>
        <source>exercises: two have the id &quot;{1}&quot;; rename one</source>
        <translation>exercices : deux ont l’identifiant &quot;{1}&quot; ; renommez-en un</translation>
    </message>
    <message>
        <source>exhale</source>
        <translation>expiration</translation>
    </message>
    <message>
        <source>f = c / 2L, of a stopped cylinder c / 4L; the ends make it seem longer</source>
        <translation>f = c / 2L, d’un cylindre bouché c / 4L ; les bouts le font paraître plus long</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>diminution</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>faiblit</translation>
    </message>
    <message>
        <source>feet flat, sit or stand tall</source>
        <translation>pieds à plat, assis ou debout bien droit</translation>
    </message>
    <message>
        <source>fingering &quot;{1}&quot; is unknown; a slide has positions slide1 to slide7, with a trigger Tslide1 and so on</source>
        <translation>le doigté &quot;{1}&quot; est inconnu ; une coulisse a les positions slide1 à slide7, avec barillet Tslide1 et ainsi de suite</translation>
    </message>
    <message>
        <source>fingering &quot;{1}&quot; is unknown; valves are 0 (open) or a growing row of 1, 2, 3 and 4 where it is there, with + where their slides are drawn, after T on a second tube</source>
        <translation>le doigté &quot;{1}&quot; est inconnu ; les pistons sont 0 (à vide) ou une suite croissante de 1, 2, 3 et 4 où il existe, avec + où leurs coulisses sont tirées, après T sur un second tube</translation>
    </message>
    <message>
        <source>fingering &quot;{1}&quot; needs a brass --instrument; or give a written fundamental such as Bb3</source>
        <translation>le doigté &quot;{1}&quot; demande un cuivre avec --instrument ; ou donnez une fondamentale écrite comme Bb3</translation>
    </message>
    <message>
        <source>first</source>
        <translation>premier</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>trop bas</translation>
    </message>
    <message>
        <source>flexibility</source>
        <translation>souplesse</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>frequency</source>
        <translation>fréquence</translation>
    </message>
    <message>
        <source>fundamental</source>
        <translation>fondamentale</translation>
    </message>
    <message>
        <source>fuzz</source>
        <translation>grain</translation>
    </message>
    <message>
        <source>gets softer</source>
        <translation>s’adoucit</translation>
    </message>
    <message>
        <source>give a cue&apos;s beats or its seconds, not both</source>
        <translation>donnez les temps d’une partie ou ses secondes, pas les deux</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>glissé</translation>
    </message>
    <message>
        <source>go along</source>
        <translation>aller avec</translation>
    </message>
    <message>
        <source>go to where the partner is</source>
        <translation>aller où est le partenaire</translation>
    </message>
    <message>
        <source>gone</source>
        <translation>disparu</translation>
    </message>
    <message>
        <source>half steps</source>
        <translation>demi-tons</translation>
    </message>
    <message>
        <source>has a number that is too large</source>
        <translation>a un nombre trop grand</translation>
    </message>
    <message>
        <source>has a sample rate of {1} Hz; convert it to between {2} and {3} Hz</source>
        <translation>a une fréquence d’échantillonnage de {1} Hz ; convertissez-le entre {2} et {3} Hz</translation>
    </message>
    <message>
        <source>high</source>
        <translation>haut</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>plus haut</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>tenir</translation>
    </message>
    <message>
        <source>hold still, and be found</source>
        <translation>ne pas bouger, et être trouvé</translation>
    </message>
    <message>
        <source>hold the sheet</source>
        <translation>tenir la feuille</translation>
    </message>
    <message>
        <source>home, at once</source>
        <translation>tonique, aussitôt</translation>
    </message>
    <message>
        <source>how fast they beat</source>
        <translation>à quelle vitesse ils battent</translation>
    </message>
    <message>
        <source>in tune after</source>
        <translation>juste après</translation>
    </message>
    <message>
        <source>in tune; down until it beats; in tune again</source>
        <translation>juste ; descendre jusqu’à ce que cela batte ; de nouveau juste</translation>
    </message>
    <message>
        <source>inhale</source>
        <translation>inspiration</translation>
    </message>
    <message>
        <source>intonation</source>
        <translation>justesse</translation>
    </message>
    <message>
        <source>is a folder; name a file in it</source>
        <translation>est un dossier ; nommez un fichier dedans</translation>
    </message>
    <message>
        <source>is a link that leads nowhere; name a file</source>
        <translation>est un lien qui ne mène nulle part ; nommez un fichier</translation>
    </message>
    <message>
        <source>is larger than 1 MB; it should be a page or two</source>
        <translation>est plus grand que 1 Mo ; ce devrait être une page ou deux</translation>
    </message>
    <message>
        <source>is larger than {1} MB; name a smaller file</source>
        <translation>est plus grand que {1} Mo ; nommez un fichier plus petit</translation>
    </message>
    <message>
        <source>is nested deeper than {1} brackets; flatten it</source>
        <translation>est imbriqué au-delà de {1} crochets ; aplatissez-le</translation>
    </message>
    <message>
        <source>is no JSON (near byte {1})</source>
        <translation>n’est pas du JSON (près de l’octet {1})</translation>
    </message>
    <message>
        <source>is no ordinary file; name one</source>
        <translation>n’est pas un fichier ordinaire ; nommez-en un</translation>
    </message>
    <message>
        <source>is no sound file that can be read; save it as WAV, FLAC or MP3</source>
        <translation>n’est pas un fichier de son lisible ; enregistrez-le en WAV, FLAC ou MP3</translation>
    </message>
    <message>
        <source>is of another kind than it should be: a text, a number, a list or an object in braces</source>
        <translation>est d’un autre genre qu’il ne devrait : un texte, un nombre, une liste ou un objet entre accolades</translation>
    </message>
    <message>
        <source>it is a folder; name a file in it</source>
        <translation>c’est un dossier ; nommez un fichier dedans</translation>
    </message>
    <message>
        <source>it is a link to another file; name that file itself</source>
        <translation>c’est un lien vers un autre fichier ; nommez ce fichier même</translation>
    </message>
    <message>
        <source>it is no ordinary file; choose another place</source>
        <translation>ce n’est pas un fichier ordinaire ; choisissez un autre endroit</translation>
    </message>
    <message>
        <source>its temperature</source>
        <translation>sa température</translation>
    </message>
    <message>
        <source>jaw</source>
        <translation>mâchoire</translation>
    </message>
    <message>
        <source>join the overtone</source>
        <translation>rejoindre l’harmonique</translation>
    </message>
    <message>
        <source>just size</source>
        <translation>taille pure</translation>
    </message>
    <message>
        <source>keep it open</source>
        <translation>le garder ouvert</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>gardé</translation>
    </message>
    <message>
        <source>last</source>
        <translation>dernier</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>dure</translation>
    </message>
    <message>
        <source>late</source>
        <translation>tard</translation>
    </message>
    <message>
        <source>late start</source>
        <translation>départ tardif</translation>
    </message>
    <message>
        <source>leaks</source>
        <translation>fuit</translation>
    </message>
    <message>
        <source>least noticed, cents</source>
        <translation>le moins remarqué, cents</translation>
    </message>
    <message>
        <source>left ear to the left shoulder</source>
        <translation>oreille gauche vers l’épaule gauche</translation>
    </message>
    <message>
        <source>length</source>
        <translation>longueur</translation>
    </message>
    <message>
        <source>less clear</source>
        <translation>moins clair</translation>
    </message>
    <message>
        <source>less steady</source>
        <translation>moins calme</translation>
    </message>
    <message>
        <source>let go</source>
        <translation>lâché</translation>
    </message>
    <message>
        <source>let it all go</source>
        <translation>tout laisser aller</translation>
    </message>
    <message>
        <source>let it fall out</source>
        <translation>laisser tomber</translation>
    </message>
    <message>
        <source>let your overtone join</source>
        <translation>laisser l’harmonique rejoindre</translation>
    </message>
    <message>
        <source>listen</source>
        <translation>écouter</translation>
    </message>
    <message>
        <source>long</source>
        <translation>long</translation>
    </message>
    <message>
        <source>long tones</source>
        <translation>sons longs</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>plus long</translation>
    </message>
    <message>
        <source>longest, s</source>
        <translation>le plus long, s</translation>
    </message>
    <message>
        <source>look far to the left</source>
        <translation>regarder loin à gauche</translation>
    </message>
    <message>
        <source>look far to the right</source>
        <translation>regarder loin à droite</translation>
    </message>
    <message>
        <source>louder</source>
        <translation>plus fort</translation>
    </message>
    <message>
        <source>low</source>
        <translation>bas</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>plus bas</translation>
    </message>
    <message>
        <source>lower than you think</source>
        <translation>plus bas que l’on ne pense</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>may not be empty</source>
        <translation>ne peut être vide</translation>
    </message>
    <message>
        <source>may not be read; change its permissions</source>
        <translation>ne peut être lu ; changez ses droits</translation>
    </message>
    <message>
        <source>meet half way</source>
        <translation>se rencontrer à mi-chemin</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>move</source>
        <translation>bouger</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>name at least one reading</source>
        <translation>nommez au moins un chiffre</translation>
    </message>
    <message>
        <source>narrow</source>
        <translation>étroit</translation>
    </message>
    <message>
        <source>narrower</source>
        <translation>plus étroit</translation>
    </message>
    <message>
        <source>note</source>
        <translation>note</translation>
    </message>
    <message>
        <source>note &quot;{1}&quot; has no number; write it like degree 3</source>
        <translation>la note &quot;{1}&quot; n’a pas de nombre ; écrivez-la comme degree 3</translation>
    </message>
    <message>
        <source>note {1} is none; write it like &quot;Bb4&quot;, or any, home, each</source>
        <translation>la note {1} n’en est pas une ; écrivez-la comme &quot;Bb4&quot;, ou any, home, each</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>notes</translation>
    </message>
    <message>
        <source>of the air</source>
        <translation>de l’air</translation>
    </message>
    <message>
        <source>of the time</source>
        <translation>du temps</translation>
    </message>
    <message>
        <source>off</source>
        <translation>à côté</translation>
    </message>
    <message>
        <source>off equal</source>
        <translation>à côté du tempéré</translation>
    </message>
    <message>
        <source>off partial</source>
        <translation>à côté du partiel</translation>
    </message>
    <message>
        <source>off pure</source>
        <translation>à côté du pur</translation>
    </message>
    <message>
        <source>apart once in tune, cents</source>
        <translation>encore écartés une fois justes, cents</translation>
    </message>
    <message>
        <source>on the instrument</source>
        <translation>sur l’instrument</translation>
    </message>
    <message>
        <source>on the mouthpiece</source>
        <translation>sur l’embouchure</translation>
    </message>
    <message>
        <source>in tune after, s</source>
        <translation>juste après, s</translation>
    </message>
    <message>
        <source>in tune at once</source>
        <translation>juste aussitôt</translation>
    </message>
    <message>
        <source>in tune with the drone</source>
        <translation>juste avec le bourdon</translation>
    </message>
    <message>
        <source>open</source>
        <translation>ouvert</translation>
    </message>
    <message>
        <source>out of tune</source>
        <translation>faux</translation>
    </message>
    <message>
        <source>over air noise, dB</source>
        <translation>sur bruit d’air, dB</translation>
    </message>
    <message>
        <source>over the fundamental</source>
        <translation>au-dessus de la fondamentale</translation>
    </message>
    <message>
        <source>partial</source>
        <translation>partiel</translation>
    </message>
    <message>
        <source>past it</source>
        <translation>au-delà</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>hauteur</translation>
    </message>
    <message>
        <source>pitch goes</source>
        <translation>la hauteur va</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>simple</translation>
    </message>
    <message>
        <source>play it</source>
        <translation>jouer</translation>
    </message>
    <message>
        <source>played</source>
        <translation>joué</translation>
    </message>
    <message>
        <source>pulse</source>
        <translation>pulsation</translation>
    </message>
    <message>
        <source>reading {1} is unknown</source>
        <translation>le chiffre {1} est inconnu</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>repos</translation>
    </message>
    <message>
        <source>rest at least</source>
        <translation>repos au moins</translation>
    </message>
    <message>
        <source>ribs</source>
        <translation>côtes</translation>
    </message>
    <message>
        <source>rich</source>
        <translation>riche</translation>
    </message>
    <message>
        <source>right ear to the right shoulder</source>
        <translation>oreille droite vers l’épaule droite</translation>
    </message>
    <message>
        <source>rings at</source>
        <translation>sonne à</translation>
    </message>
    <message>
        <source>rises</source>
        <translation>monte</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>sag</source>
        <translation>affaissement</translation>
    </message>
    <message>
        <source>sags at the end</source>
        <translation>s’affaisse à la fin</translation>
    </message>
    <message>
        <source>scoop</source>
        <translation>départ bas</translation>
    </message>
    <message>
        <source>scoops at the start</source>
        <translation>part de dessous</translation>
    </message>
    <message>
        <source>seconds = counts · 60 / tempo</source>
        <translation>secondes = temps · 60 / tempo</translation>
    </message>
    <message>
        <source>seconds grow with an open tone, a tempo with a count, counts with a climb</source>
        <translation>les secondes croissent avec un son libre, un tempo avec un compte, les temps avec une montée</translation>
    </message>
    <message>
        <source>semitones</source>
        <translation>demi-tons</translation>
    </message>
    <message>
        <source>shallow</source>
        <translation>peu profond</translation>
    </message>
    <message>
        <source>sharp</source>
        <translation>trop haut</translation>
    </message>
    <message>
        <source>short</source>
        <translation>court</translation>
    </message>
    <message>
        <source>short of it</source>
        <translation>en deçà</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>plus court</translation>
    </message>
    <message>
        <source>shoulders</source>
        <translation>épaules</translation>
    </message>
    <message>
        <source>shoulders roll back</source>
        <translation>les épaules roulent en arrière</translation>
    </message>
    <message>
        <source>shoulders roll forward</source>
        <translation>les épaules roulent en avant</translation>
    </message>
    <message>
        <source>silent air through it</source>
        <translation>de l’air silencieux à travers</translation>
    </message>
    <message>
        <source>sing it</source>
        <translation>chanter</translation>
    </message>
    <message>
        <source>sinks</source>
        <translation>baisse</translation>
    </message>
    <message>
        <source>small-part sound</source>
        <translation>sans l’instrument</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>lisse</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>plus doux</translation>
    </message>
    <message>
        <source>sounding</source>
        <translation>réel</translation>
    </message>
    <message>
        <source>sounding = written, moved by the instrument’s transposition</source>
        <translation>réel = écrit, déplacé de la transposition de l’instrument</translation>
    </message>
    <message>
        <source>sounding pitch</source>
        <translation>hauteur réelle</translation>
    </message>
    <message>
        <source>sounds on</source>
        <translation>continue de sonner</translation>
    </message>
    <message>
        <source>span, half steps</source>
        <translation>étendue, demi-tons</translation>
    </message>
    <message>
        <source>speaks late, after air</source>
        <translation>parle tard, après de l’air</translation>
    </message>
    <message>
        <source>steadier</source>
        <translation>plus calme</translation>
    </message>
    <message>
        <source>steps must be numbers that grow</source>
        <translation>les pas doivent être des nombres croissants</translation>
    </message>
    <message>
        <source>swell</source>
        <translation>enflure</translation>
    </message>
    <message>
        <source>swells</source>
        <translation>enfle</translation>
    </message>
    <message>
        <source>targets of {1}: {2}</source>
        <translation>cibles de {1} : {2}</translation>
    </message>
    <message>
        <source>the barrel</source>
        <translation>le barillet</translation>
    </message>
    <message>
        <source>the crook</source>
        <translation>le bocal</translation>
    </message>
    <message>
        <source>the disk is full; make room, or choose another place</source>
        <translation>le disque est plein ; faites de la place, ou choisissez un autre endroit</translation>
    </message>
    <message>
        <source>the fingering is empty; write 0 for the open tube</source>
        <translation>le doigté est vide ; écrivez 0 pour le tube à vide</translation>
    </message>
    <message>
        <source>the head joint</source>
        <translation>la tête</translation>
    </message>
    <message>
        <source>the keyboard’s fifth, then wider until it stands</source>
        <translation>la quinte du clavier, puis plus large jusqu’à ce qu’elle soit immobile</translation>
    </message>
    <message>
        <source>the keyboard’s third, then lower until it stands</source>
        <translation>la tierce du clavier, puis plus bas jusqu’à ce qu’elle soit immobile</translation>
    </message>
    <message>
        <source>the mouthpiece on its cork</source>
        <translation>le bec sur son liège</translation>
    </message>
    <message>
        <source>the original {1}</source>
        <translation>l’original {1}</translation>
    </message>
    <message>
        <source>the pitch wanders</source>
        <translation>la hauteur flotte</translation>
    </message>
    <message>
        <source>the reed</source>
        <translation>l’anche</translation>
    </message>
    <message>
        <source>the shares of {1} must grow from point to point</source>
        <translation>les parts de {1} doivent croître de point en point</translation>
    </message>
    <message>
        <source>the tuning slide</source>
        <translation>la coulisse d’accord</translation>
    </message>
    <message>
        <source>there are more than {1} items; make several lists of them</source>
        <translation>il y a plus de {1} points ; faites-en plusieurs listes</translation>
    </message>
    <message>
        <source>there are more than {1} of them; leave some out</source>
        <translation>il y en a plus de {1} ; laissez-en</translation>
    </message>
    <message>
        <source>there is a file of that name; choose another name</source>
        <translation>il y a un fichier de ce nom ; choisissez un autre nom</translation>
    </message>
    <message>
        <source>there is no channel {1}; it has {2}</source>
        <translation>il n’y a pas de canal {1} ; il y en a {2}</translation>
    </message>
    <message>
        <source>there is no permission to write there; choose another place</source>
        <translation>on ne peut écrire là ; choisissez un autre endroit</translation>
    </message>
    <message>
        <source>there is no sound in it</source>
        <translation>il n’y a pas de son dedans</translation>
    </message>
    <message>
        <source>there is no sound in it; choose another file</source>
        <translation>il n’y a pas de son dedans ; choisissez un autre fichier</translation>
    </message>
    <message>
        <source>there is no such file; check the name</source>
        <translation>il n’y a pas ce fichier ; vérifiez le nom</translation>
    </message>
    <message>
        <source>there is no such folder; choose another place</source>
        <translation>il n’y a pas ce dossier ; choisissez un autre endroit</translation>
    </message>
    <message>
        <source>they last longer than {1} hours; shorten them</source>
        <translation>elles durent plus de {1} heures ; raccourcissez-les</translation>
    </message>
    <message>
        <source>third</source>
        <translation>tierce</translation>
    </message>
    <message>
        <source>through the hand</source>
        <translation>à travers la main</translation>
    </message>
    <message>
        <source>together, until the beats stop</source>
        <translation>ensemble, jusqu’à ce que les battements cessent</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>son</translation>
    </message>
    <message>
        <source>tongue</source>
        <translation>langue</translation>
    </message>
    <message>
        <source>too dark</source>
        <translation>trop sombre</translation>
    </message>
    <message>
        <source>too deep</source>
        <translation>trop profond</translation>
    </message>
    <message>
        <source>too short</source>
        <translation>trop court</translation>
    </message>
    <message>
        <source>trunk turns to the left</source>
        <translation>le tronc tourne à gauche</translation>
    </message>
    <message>
        <source>trunk turns to the right</source>
        <translation>le tronc tourne à droite</translation>
    </message>
    <message>
        <source>tube &quot;{1}&quot; is unknown; data/tubes.json lists them</source>
        <translation>le tube &quot;{1}&quot; est inconnu ; data/tubes.json les liste</translation>
    </message>
    <message>
        <source>two that beat</source>
        <translation>deux qui battent</translation>
    </message>
    <message>
        <source>unequal</source>
        <translation>inégal</translation>
    </message>
    <message>
        <source>uneven</source>
        <translation>irrégulier</translation>
    </message>
    <message>
        <source>uneven, dB</source>
        <translation>irrégulier, dB</translation>
    </message>
    <message>
        <source>unlike</source>
        <translation>différent</translation>
    </message>
    <message>
        <source>until it stands still</source>
        <translation>jusqu’à ce qu’il soit immobile</translation>
    </message>
    <message>
        <source>up</source>
        <translation>vers le haut</translation>
    </message>
    <message>
        <source>up until the beats stop</source>
        <translation>monter jusqu’à ce que les battements cessent</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>droit</translation>
    </message>
    <message>
        <source>voicing</source>
        <translation>bouche</translation>
    </message>
    <message>
        <source>wait for it; find it</source>
        <translation>l’attendre ; la trouver</translation>
    </message>
    <message>
        <source>wander</source>
        <translation>flottement</translation>
    </message>
    <message>
        <source>wave</source>
        <translation>onde</translation>
    </message>
    <message>
        <source>wave of the level</source>
        <translation>onde de l’intensité</translation>
    </message>
    <message>
        <source>where it rings</source>
        <translation>où elle sonne</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>large</translation>
    </message>
    <message>
        <source>without a sound</source>
        <translation>sans un bruit</translation>
    </message>
    <message>
        <source>without the hand</source>
        <translation>sans la main</translation>
    </message>
    <message>
        <source>written</source>
        <translation>écrit</translation>
    </message>
    <message>
        <source>{1} cannot be read as sound; export it and look at it with another program.</source>
        <translation>{1} ne peut être lu comme son ; exportez-le et regardez-le avec un autre programme.</translation>
    </message>
    <message>
        <source>{1} could not be written: {2}.</source>
        <translation>{1} n’a pas pu être écrit : {2}.</translation>
    </message>
    <message>
        <source>{1} is a list of [share, value], such as [[0, -12], [0.5, 0], [1, -12]]</source>
        <translation>{1} est une liste de [part, valeur], comme [[0, -12], [0.5, 0], [1, -12]]</translation>
    </message>
    <message>
        <source>{1} is inside the studio, whose files are its own. Choose a place outside of it.</source>
        <translation>{1} est dans le studio, dont les fichiers sont à lui. Choisissez un endroit dehors.</translation>
    </message>
    <message>
        <source>{1} is no backup of a studio. Nothing was changed.</source>
        <translation>{1} n’est pas une sauvegarde de studio. Rien n’a été changé.</translation>
    </message>
    <message>
        <source>{1} is no key here; remove it or correct its spelling</source>
        <translation>{1} n’est pas une clé ici ; enlevez-la ou corrigez son orthographe</translation>
    </message>
    <message>
        <source>{1} is no note name such as &quot;Bb3&quot;</source>
        <translation>{1} n’est pas un nom de note comme &quot;Bb3&quot;</translation>
    </message>
    <message>
        <source>{1} must be a number from {2} to {3}, not {4}</source>
        <translation>{1} doit être un nombre de {2} à {3}, pas {4}</translation>
    </message>
    <message>
        <source>{1} must be a whole number</source>
        <translation>{1} doit être un nombre entier</translation>
    </message>
    <message>
        <source>{1} needs two points or more</source>
        <translation>{1} demande deux points ou plus</translation>
    </message>
    <message>
        <source>{1} should be an object in braces</source>
        <translation>{1} devrait être un objet entre accolades</translation>
    </message>
    <message>
        <source>{1} was written and cannot be read back whole: it is no backup. Write it to another disk.</source>
        <translation>{1} a été écrit et ne peut être relu en entier : ce n’est pas une sauvegarde. Écrivez-la sur un autre disque.</translation>
    </message>
    <message>
        <source>{1} {2} is unknown; it is one of {3}</source>
        <translation>{1} {2} est inconnu ; c’est un de {3}</translation>
    </message>
    <message>
        <source>{1}: entry {2} ({3}): {4}; correct that entry</source>
        <translation>{1} : entrée {2} ({3}) : {4} ; corrigez cette entrée</translation>
    </message>
    <message>
        <source>{1}: entry {2}: {3}; correct that entry</source>
        <translation>{1} : entrée {2} : {3} ; corrigez cette entrée</translation>
    </message>
    <message>
        <source>{1}: {2}</source>
        <translation>{1} : {2}</translation>
    </message>
    <message>
        <source>{1}; choose another place</source>
        <translation>{1} ; choisissez un autre endroit</translation>
    </message>
    <message>
        <source>{1}; compare it with docs/exercises.md</source>
        <translation>{1} ; comparez avec docs/exercises.md</translation>
    </message>
    <message>
        <source>{1}; correct the exercise</source>
        <translation>{1} ; corrigez l’exercice</translation>
    </message>
    <message>
        <source>{beat_left_hz} beats a second are left at the end.</source>
        <translation>Il reste {beat_left_hz} battements par seconde à la fin.</translation>
    </message>
    <message>
        <source>{in_last_quarter} % of the air comes in the last quarter; 25 % would be even.</source>
        <translation>{in_last_quarter} % de l’air vient au dernier quart ; 25 % serait régulier.</translation>
    </message>
    <message>
        <source>{out_last_quarter} % of the air goes in the last quarter; 25 % would be even.</source>
        <translation>{out_last_quarter} % de l’air part au dernier quart ; 25 % serait régulier.</translation>
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
        <translation>Inflexion contre le demi-ton doigté</translation>
    </message>
    <message>
        <source>How far the tone stands above the hiss of air; more is clearer. Power of the harmonics over everything else, 60 Hz to 10 kHz.</source>
        <translation>De combien le son dépasse le sifflement de l’air ; plus, c’est plus clair. Puissance des harmoniques sur tout le reste, 60 Hz à 10 kHz.</translation>
    </message>
    <message>
        <source>Length against the count</source>
        <translation>Longueur contre le compte</translation>
    </message>
    <message>
        <source>Length against the other</source>
        <translation>Longueur contre l’autre</translation>
    </message>
    <message>
        <source>Steadiness against the other</source>
        <translation>Calme contre l’autre</translation>
    </message>
    <message>
        <source>brighter</source>
        <translation>plus brillant</translation>
    </message>
    <message>
        <source>darker</source>
        <translation>plus sombre</translation>
    </message>
    <message>
        <source>loud enough</source>
        <translation>assez fort</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>la même</translation>
    </message>
    <message>
        <source>too faint</source>
        <translation>trop faible</translation>
    </message>
    <message>
        <source>held</source>
        <translation>tenu</translation>
    </message>
    <message>
        <source>in tune</source>
        <translation>juste</translation>
    </message>
    <message>
        <source>The pack {1} is an answer of somebody who is not in this studio. Nothing was added.</source>
        <translation>Le paquet {1} est la réponse de quelqu’un qui n’est pas dans ce studio. Rien n’a été pris.</translation>
    </message>
    <message>
        <source>The pack {1} is damaged. Nothing was added; have it sent again.</source>
        <translation>Le paquet {1} est abîmé. Rien n’a été pris ; faites-le renvoyer.</translation>
    </message>
    <message>
        <source>The pack {1} is larger than any pack should be. Nothing was added.</source>
        <translation>Le paquet {1} est plus grand qu’un paquet ne devrait l’être. Rien n’a été pris.</translation>
    </message>
    <message>
        <source>The pack {1} was made by a newer Calando. Nothing was added; use that version.</source>
        <translation>Le paquet {1} a été fait par un Calando plus récent. Rien n’a été pris ; employez cette version.</translation>
    </message>
    <message>
        <source>{1} cannot be read. Nothing was added; choose the pack again.</source>
        <translation>{1} ne peut être lu. Rien n’a été pris ; choisissez encore le paquet.</translation>
    </message>
    <message>
        <source>{1} is no pack of Calando’s. Nothing was added.</source>
        <translation>{1} n’est pas un paquet de Calando. Rien n’a été pris.</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>fort</translation>
    </message>
    <message>
        <source>A partial is that many times the fundamental</source>
        <translation>Un partiel est autant de fois la fondamentale</translation>
    </message>
    <message>
        <source>A warmer tube is sharper: about 3 cents a degree</source>
        <translation>Un tube plus chaud est plus haut : environ 3 cents par degré</translation>
    </message>
    <message>
        <source>The same cents beat twice as fast an octave higher</source>
        <translation>Les mêmes cents battent deux fois plus vite une octave plus haut</translation>
    </message>
    <message>
        <source>Twelve half steps up are twice the frequency</source>
        <translation>Douze demi-tons plus haut font le double de la fréquence</translation>
    </message>
    <message>
        <source>Twice the length is an octave lower; a stopped tube sounds an octave lower still</source>
        <translation>Deux fois la longueur est une octave plus bas ; un tube bouché sonne encore une octave plus bas</translation>
    </message>
    <message>
        <source>In the mirror: chin flat, the corners closed round the mouthpiece.</source>
        <translation>Dans le miroir : le menton plat, les coins fermés autour du bec.</translation>
    </message>
    <message>
        <source>In the mirror: corners firm, the middle of the lips just touching.</source>
        <translation>Dans le miroir : les coins fermes, le milieu des lèvres se touchant à peine.</translation>
    </message>
    <message>
        <source>In the mirror: just the tip of the reed between the lips, chin flat.</source>
        <translation>Dans le miroir : seule la pointe de l’anche entre les lèvres, le menton plat.</translation>
    </message>
    <message>
        <source>In the mirror: shoulders low, jaw loose.</source>
        <translation>Dans le miroir : les épaules basses, la mâchoire relâchée.</translation>
    </message>
    <message>
        <source>In the mirror: the beak just between the lips, the window free.</source>
        <translation>Dans le miroir : le bec tout juste entre les lèvres, la fenêtre libre.</translation>
    </message>
    <message>
        <source>In the mirror: the opening of the lips small, and over the middle of the hole.</source>
        <translation>Dans le miroir : l’ouverture des lèvres petite, et au milieu du trou.</translation>
    </message>
    <message>
        <source>In tune</source>
        <translation>Justesse</translation>
    </message>
    <message>
        <source>The same an octave higher</source>
        <translation>La même chose une octave plus haut</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Temps</translation>
    </message>
    <message>
        <source>Tube</source>
        <translation>Tube</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>mesures</translation>
    </message>
    <message>
        <source>bars = seconds · tempo / 60 / beats in a bar</source>
        <translation>mesures = secondes · tempo / 60 / temps par mesure</translation>
    </message>
    <message>
        <source>beats = 2 · Hz · (2^(cents / 1200) − 1), an octave over the note given</source>
        <translation>battements = 2 · Hz · (2^(cents / 1200) − 1), une octave au-dessus de la note donnée</translation>
    </message>
    <message>
        <source>How fast two that far apart beat at the note given</source>
        <translation>À quelle vitesse deux sons si éloignés battent à la note donnée</translation>
    </message>
</context>
<context>
    <name>Dialog</name>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
</context>
<context>
    <name>EarWords</name>
    <message>
        <source>Which one is unlike the others?</source>
        <translation>Lequel n’est pas comme les autres ?</translation>
    </message>
    <message>
        <source>Are they alike?</source>
        <translation>Sont-ils pareils ?</translation>
    </message>
    <message>
        <source>Do the second two beat slower or faster?</source>
        <translation>Les deux derniers battent-ils plus lentement ou plus vite ?</translation>
    </message>
    <message>
        <source>Is the second one lower or higher?</source>
        <translation>Le second est-il plus bas ou plus haut ?</translation>
    </message>
    <message>
        <source>What was wrong with it?</source>
        <translation>Qu’est-ce qui n’allait pas ?</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>pareils</translation>
    </message>
    <message>
        <source>not alike</source>
        <translation>pas pareils</translation>
    </message>
    <message>
        <source>slower</source>
        <translation>plus lentement</translation>
    </message>
    <message>
        <source>faster</source>
        <translation>plus vite</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>plus bas</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>plus haut</translation>
    </message>
    <message>
        <source>which of two</source>
        <translation>lequel des deux</translation>
    </message>
    <message>
        <source>the odd one of three</source>
        <translation>l’intrus des trois</translation>
    </message>
    <message>
        <source>alike or not</source>
        <translation>pareils ou non</translation>
    </message>
    <message>
        <source>lower or higher</source>
        <translation>plus bas ou plus haut</translation>
    </message>
    <message>
        <source>what was wrong</source>
        <translation>ce qui n’allait pas</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a number and its unit</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>They were alike.</source>
        <translation>Ils étaient pareils.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>what and how much</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>which of the sounds, and what it had</comment>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source> and </source>
        <comment>between two numbers</comment>
        <translation> et </translation>
    </message>
    <message>
        <source>%1 %2 (%3 to %4)</source>
        <comment>smallest difference heard, unit, from, to</comment>
        <translation>%1 %2 (%3 à %4)</translation>
    </message>
    <message>
        <source>%1: guessed %2, it was %3.</source>
        <comment>a figure</comment>
        <translation>%1 : deviné %2, c’était %3.</translation>
    </message>
    <message>
        <source>From the take of %1</source>
        <translation>De la prise du %1</translation>
    </message>
</context>
<context>
    <name>Export</name>
    <message>
        <source>Ribbon of a take</source>
        <translation>Image d’une prise</translation>
    </message>
    <message>
        <source>“%1” is no kind of file that a take can be written to. End the name in wav, flac, json, csv, png or svg.</source>
        <translation>« %1 » n’est pas un genre de fichier où l’on puisse écrire une prise. Terminez le nom par wav, flac, json, csv, png ou svg.</translation>
    </message>
    <message>
        <source>%1 could not be written: %2. What was there before is as it was.</source>
        <translation>%1 n’a pas pu être écrit : %2. Ce qui était là avant est resté tel quel.</translation>
    </message>
</context>
<context>
    <name>ForParents</name>
    <message>
        <source>Holds a tone for %1.</source>
        <translation>Tient un son %1.</translation>
    </message>
    <message>
        <source>One breath lasts for %1.</source>
        <translation>Un souffle dure %1.</translation>
    </message>
    <message>
        <source>One breath goes easily for %1.</source>
        <translation>Un souffle va facilement %1.</translation>
    </message>
    <message>
        <source>Breathes evenly up to %1.</source>
        <translation>Respire régulièrement jusqu’à %1.</translation>
    </message>
    <message>
        <source>Takes a breath within %1.</source>
        <translation>Inspire en %1.</translation>
    </message>
    <message>
        <source>Keeps a breath for %1.</source>
        <translation>Garde un souffle %1.</translation>
    </message>
    <message>
        <source>Blows a sheet of paper to the wall for %1.</source>
        <translation>Tient une feuille de papier au mur en soufflant %1.</translation>
    </message>
    <message>
        <source>The tone stays where it is to within %1.</source>
        <translation>Le son reste en place à %1 près.</translation>
    </message>
    <message>
        <source>The notes fit one another to within %1.</source>
        <translation>Les notes s’accordent à %1 près.</translation>
    </message>
    <message>
        <source>Comes back to the first note %1.</source>
        <translation>Revient à la première note %1.</translation>
    </message>
    <message>
        <source>The tone begins %1.</source>
        <translation>Le son commence %1.</translation>
    </message>
    <message>
        <source>The tone ends %1.</source>
        <translation>Le son finit %1.</translation>
    </message>
    <message>
        <source>Begins within %1 of the beat.</source>
        <translation>Commence à %1 du temps.</translation>
    </message>
    <message>
        <source>The tone speaks %1 after the air.</source>
        <translation>Le son parle %1 après l’air.</translation>
    </message>
    <message>
        <source>Notes that did not come: %1.</source>
        <translation>Notes qui ne sont pas venues : %1.</translation>
    </message>
    <message>
        <source>Breaks in the tone: %1.</source>
        <translation>Coupures dans le son : %1.</translation>
    </message>
    <message>
        <source>Slides over %1 without the instrument.</source>
        <translation>Glisse sur %1 sans l’instrument.</translation>
    </message>
    <message>
        <source>Is in tune with another player after %1.</source>
        <translation>S’accorde avec un autre après %1.</translation>
    </message>
    <message>
        <source>Finds another player’s note after %1.</source>
        <translation>Trouve la note d’un autre après %1.</translation>
    </message>
    <message>
        <source>Bends a tone by %1.</source>
        <translation>Infléchit un son de %1.</translation>
    </message>
    <message>
        <source>Plays the note that was heard before %1.</source>
        <translation>Joue la note entendue avant %1.</translation>
    </message>
    <message>
        <source>%1 seconds</source>
        <translation>%1 secondes</translation>
    </message>
    <message>
        <source>%1/100 of a half step</source>
        <translation>%1/100 de demi-ton</translation>
    </message>
    <message>
        <source>%1 half steps</source>
        <translation>%1 demi-tons</translation>
    </message>
    <message>
        <source>%1 too low</source>
        <translation>%1 trop bas</translation>
    </message>
    <message>
        <source>%1 too high</source>
        <translation>%1 trop haut</translation>
    </message>
    <message>
        <source>In the middle of all takes, %1.</source>
        <translation>Au milieu de toutes les prises, %1.</translation>
    </message>
</context>
<context>
    <name>Help</name>
    <message>
        <source>Keys</source>
        <translation>Touches</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Chiffres</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Exercices</translation>
    </message>
    <message>
        <source>Contents</source>
        <translation>Sommaire</translation>
    </message>
    <message>
        <source>Nothing found. Try another word.</source>
        <translation>Rien trouvé. Essayez un autre mot.</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Aide</translation>
    </message>
    <message>
        <source>Type what you look for: a key, a figure, an exercise</source>
        <translation>Que cherchez-vous ? Une touche, un chiffre, un exercice</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Chercher dans l’aide</translation>
    </message>
    <message>
        <source>Help text</source>
        <translation>Texte de l’aide</translation>
    </message>
    <message>
        <source>What happened lately…</source>
        <translation>Ce qui s’est passé dernièrement…</translation>
    </message>
    <message>
        <source>Add a student: a name, an instrument and how far they are are enough.</source>
        <translation>Ajoutez un élève : un nom, un instrument et son niveau suffisent.</translation>
    </message>
    <message>
        <source>Choose where the sound comes from, at the lower left: a microphone, or the stand-in player to look around.</source>
        <translation>Choisissez en bas à gauche d’où vient le son : un microphone, ou le joueur remplaçant pour regarder autour de soi.</translation>
    </message>
    <message>
        <source>Click an exercise in the list on the left. First lesson is a good order to begin with.</source>
        <translation>Cliquez sur un exercice dans la liste de gauche. « Première leçon » est un bon ordre pour commencer.</translation>
    </message>
    <message>
        <source>Press Space, play, and press Space again where the exercise does not end by itself.</source>
        <translation>Espace, jouer, et encore Espace là où l’exercice ne finit pas de lui-même.</translation>
    </message>
    <message>
        <source>Read the picture, the largest figures, and the one thing to try. W goes on with what is proposed below it.</source>
        <translation>Lisez l’image, les plus grands chiffres et la seule chose à essayer. W continue avec ce qui est proposé dessous.</translation>
    </message>
    <message>
        <source>The white line is the pitch, compared with the note asked for. The ribbon’s thickness is the loudness. Its ink is the tone: dense where it is clear, grainy where there is much air in it. Washed ink after a tone is the room that rings on: it is not held time.</source>
        <translation>La ligne blanche est la hauteur, comparée à la note demandée. L’épaisseur du ruban est l’intensité. Son encre est le timbre : dense où il est clair, grenue où il y a beaucoup d’air. L’encre délavée après un son est la salle qui résonne : ce n’est pas du temps tenu.</translation>
    </message>
    <message>
        <source>A filled disc is inside the target, a half disc near, an open ring outside, a dash not measured, a dotted ring not yet.</source>
        <translation>Un disque plein est dans la cible, un demi-disque tout près, un anneau ouvert au-dehors, un trait non mesuré, un anneau pointillé pas encore.</translation>
    </message>
    <message>
        <source>± behind a figure is how far it may be off by chance: two times in three by no more than that. Where there is none the figure is surer than it is written, or the sound was too short to tell.</source>
        <translation>± derrière un chiffre dit de combien il peut être faux par hasard : deux fois sur trois pas plus que cela. Là où il n’y en a pas, le chiffre est plus sûr qu’il n’est écrit, ou le son était trop court pour le dire.</translation>
    </message>
    <message>
        <source>A figure that only engineers speak of is said in a word first, clear or airy, even or uneven; its number stands beside it. All figures lie folded below, by what they are about.</source>
        <translation>Un chiffre dont seuls les ingénieurs parlent est d’abord dit par un mot, clair ou voilé, régulier ou irrégulier ; son nombre est à côté. Tous les chiffres sont repliés dessous, selon ce dont ils parlent.</translation>
    </message>
    <message>
        <source>After a take stands what was heard and one thing to try. The next time the same is heard another try is asked for; what helped this student before comes first. Y says that it was tried: what it did stands below, and under What helped in the weeks.</source>
        <translation>Après une prise il y a ce qui a été entendu et une chose à essayer. La fois suivante, pour la même chose, un autre essai est demandé ; ce qui a déjà aidé cet élève vient d’abord. Y dit que cela a été essayé : ce que cela a fait est dessous, et sous « Ce qui a aidé » dans les semaines.</translation>
    </message>
    <message>
        <source>Where a text says “(An image.)” it says what something is like, and not what happens in the body. What is said of a try, and what it measurably did, stand apart in the weeks.</source>
        <translation>Là où un texte dit « (Une image.) », il dit comment est quelque chose, et non ce qui se passe dans le corps. Ce qu’on dit d’un essai et ce qu’il a fait, mesuré, sont séparés dans les semaines.</translation>
    </message>
    <message>
        <source>Below it stands what to go on with: once more the same, easier after it broke twice, the exercise for just that, back again, or what the plan proposes. W takes it, Q says not now.</source>
        <translation>Dessous se trouve la suite : la même chose encore une fois, plus facile après deux échecs, l’exercice qui est fait pour cela, retour, ou ce que propose le plan. W l’accepte, Q dit pas maintenant.</translation>
    </message>
    <message>
        <source>How was it? holds what nobody hears: what the teacher says, attention, how it felt, what was watched; its keys open it. The mirror (X) is the computer’s camera; nothing of it is kept.</source>
        <translation>« Comment était-ce ? » garde ce que personne n’entend : ce que dit le professeur, l’attention, la sensation, ce qui a été observé ; leurs touches l’ouvrent. Le miroir (X) est la caméra de l’ordinateur ; rien n’en est gardé.</translation>
    </message>
    <message>
        <source>Flash, click, fork or drone are chosen under Plays along. Measure delay, once for each microphone and output, tells how late a click comes back: until then, and in a take in which the sound stumbled, timing is judged against the player’s own pulse.</source>
        <translation>Éclair, clic, diapason ou bourdon se choisissent sous « Joue avec ». « Mesurer le délai », une fois par microphone et par sortie, dit de combien un clic revient en retard : jusque-là, et dans une prise où le son a trébuché, le temps est jugé d’après la pulsation du joueur.</translation>
    </message>
    <message>
        <source>What the microphone hears of clicks and fork is learnt from the count-in and taken out of the figures, so be quiet there. With headphones there is nothing to take out.</source>
        <translation>Ce que le microphone entend du clic et du diapason s’apprend pendant le décompte et est retiré des chiffres ; restez donc silencieux à ce moment. Au casque il n’y a rien à retirer.</translation>
    </message>
    <message>
        <source>The picture of breaths is a tide: air in hangs below the line, air out stands above it, as thick as it is loud, on the ground of what the count asks for. A hiss is hatched, what is too soft to tell is pale, and a breath that is full before its time, or hurries at its end, is marked. The microphone hears neither shoulders nor belly: watch them, and tick what you see.</source>
        <translation>L’image des respirations est une marée : l’inspiration pend sous la ligne, l’expiration se dresse au-dessus, aussi épaisse qu’elle est forte, sur le fond de ce que demande le compte. Un sifflement est hachuré, ce qui est trop doux est pâle, et un souffle plein trop tôt, ou pressé à la fin, est marqué. Le microphone n’entend ni les épaules ni le ventre : regardez, et cochez ce que vous voyez.</translation>
    </message>
    <message>
        <source>The basin beside the picture is what to breathe with: it fills with the breath in and empties with the breath out, a mark for each count. It can be followed without a sound; a soft swell for the ear is chosen under Plays along, for headphones.</source>
        <translation>On respire avec le bassin à côté de l’image : il se remplit avec l’inspiration et se vide avec l’expiration, une marque par temps. On peut le suivre sans un son ; un doux gonflement pour l’oreille se choisit sous « Joue avec », au casque.</translation>
    </message>
    <message>
        <source>Before the first breathing of a day stands a caution; the key that starts takes it away. Between the exercises normal breathing is counted down. An exercise asks for no more than its dose; the small part and long tones have minutes a day. Then one is asked whether one more is wanted. Who gets tired over the day is told so, once.</source>
        <translation>Avant la première respiration du jour il y a un avertissement ; la touche qui commence l’enlève. Entre les exercices on décompte une respiration normale. Un exercice ne demande pas plus que sa dose ; jouer sans l’instrument et les sons longs ont des minutes par jour. Ensuite on demande s’il en faut encore une. Celui qui se fatigue dans la journée l’apprend, une fois.</translation>
    </message>
    <message>
        <source>Esc stops whatever sounds, at once, and asks why: dizzy, pain, tired or enough. Nothing is taken from that take. Dizzy: no more breathing and no long tones that day. Pain: that kind of playing rests until the teacher opens it again. A stop that was a mistake counts as if it had been played to its end. When nothing sounds Esc asks first.</source>
        <translation>Échap arrête tout de suite ce qui sonne et demande pourquoi : vertige, douleur, fatigue ou assez. Rien n’est pris de cette prise. Vertige : plus de respiration ni de sons longs ce jour-là. Douleur : ce genre de jeu se repose jusqu’à ce que le professeur l’ouvre de nouveau. Un arrêt par erreur compte comme joué jusqu’au bout. Quand rien ne sonne, Échap demande d’abord.</translation>
    </message>
    <message>
        <source>A sheet at the wall is timed by the player’s key: Space begins to listen, again when the hand lets go, again when the sheet slides. Who lets go before the air comes has made a try that does not count. As many as hold goes up a count at a time and ends by itself with the first round that does not hold; how far it may go is set under Up to.</source>
        <translation>Une feuille au mur se mesure avec la touche du joueur : Espace commence à écouter, encore quand la main lâche, encore quand la feuille glisse. Qui lâche avant que l’air vienne a fait un essai qui ne compte pas. « Autant que ça tient » monte d’un temps à la fois et finit de lui-même au premier tour qui ne tient pas ; jusqu’où, cela se règle sous « Jusqu’à ».</translation>
    </message>
    <message>
        <source>Microphones differ: choose a breath in that sounds open on the page Breaths and say so, and this player’s breaths are compared with it. Noise suppression, noise gates and automatic gain ruin breath: where they are heard that is said, and breath is not measured. Switch them off in the desktop’s sound settings.</source>
        <translation>Les microphones diffèrent : choisissez à la page Respirations une inspiration qui sonne ouverte et dites-le ; les respirations de ce joueur lui sont comparées. La suppression de bruit, les portes et le gain automatique gâtent le souffle : là où on les entend, c’est dit, et le souffle n’est pas mesuré. Éteignez-les dans les réglages de son du bureau.</translation>
    </message>
    <message>
        <source>On lips, mouthpiece, reed or head joint the picture has half steps where the pitch travels, a bracket for its span, and says of each break whether the air went on. A rough edge is a crackle.</source>
        <translation>Sur les lèvres, l’embouchure, l’anche ou la tête, l’image a des demi-tons où la hauteur voyage, un crochet pour son étendue, et dit de chaque coupure si l’air a continué. Un bord rugueux est un grésillement.</translation>
    </message>
    <message>
        <source>What is said there is an observation with its figure. Was it so? V says yes, no, or nothing.</source>
        <translation>Ce qui y est dit est une observation avec son chiffre. Était-ce ainsi ? V dit oui, non ou rien.</translation>
    </message>
    <message>
        <source>Exploring is never scored. That the way back of a siren ends lower is expected and counts for nothing.</source>
        <translation>Explorer n’est jamais noté. Que le retour d’une sirène finisse plus bas est attendu et ne compte pas.</translation>
    </message>
    <message>
        <source>The arch under a bend has the cents from left to right and how much the tone rings upwards, a line for each way down or up, the later the darker. Its top is where the note rings most for this player; the tick is where it was played. Where no place stands out, none is named.</source>
        <translation>L’arc sous une inflexion a les cents de gauche à droite et, vers le haut, combien le son sonne, une ligne par chemin, les derniers plus foncés. Son sommet est là où la note sonne le mieux pour ce joueur ; le trait, là où elle a été jouée. Où aucun endroit ne ressort, aucun n’est nommé.</translation>
    </message>
    <message>
        <source>Partials are those of the tube chosen under Fingering: valves, a position of the slide, or one of a reed’s low notes. The rungs of the ladder lie where nature and the tube’s length have them; the tick at the right is the tempered note. The fifth, the seventh and the eleventh are low by nature, and that is no fault.</source>
        <translation>Les partiels sont ceux du tube choisi sous Doigté : pistons, une position de coulisse, ou une note grave des bois. Les barreaux de l’échelle sont où la nature et la longueur du tube les mettent ; le trait à droite est la note tempérée. Le cinquième, le septième et le onzième sont bas par nature, et ce n’est pas une faute.</translation>
    </message>
    <message>
        <source>Exploring exercises have a page Reach: pitch from left to right, loudness upwards, inked where half a second and more was held steadily in any take. Its lines are the softest and the loudest of each note, dotted a month ago; a click opens the take that held it longest. Leave the microphone in its place.</source>
        <translation>Les exercices d’exploration ont une page Portée : hauteur de gauche à droite, intensité vers le haut, encrée où une demi-seconde et plus a été tenue tranquillement dans une prise. Ses lignes sont le plus doux et le plus fort de chaque note, en pointillé il y a un mois ; un clic ouvre la prise qui l’a tenu le plus longtemps. Laissez le microphone à sa place.</translation>
    </message>
    <message>
        <source>Between slurred notes the way, a gap and a dip are measured. Under notes in time stand bars for each that came early (below) or late.</source>
        <translation>Entre des notes liées on mesure le chemin, un trou et un creux. Sous les notes en mesure il y a des barres pour celles qui sont venues tôt (dessous) ou tard.</translation>
    </message>
    <message>
        <source>In exercises for two a partner sounds, or, with another choice under Plays along, two players are heard on one microphone. Under the ribbon both wind around one another, a turn for each beat, and lie straight side by side when they are in tune; the beats a second stand large beside them. With ears first only the sound tells.</source>
        <translation>Dans les exercices à deux un partenaire sonne, ou bien, avec un autre choix sous « Joue avec », deux joueurs sont entendus sur un microphone. Sous le ruban les deux s’enroulent, un tour par battement, et sont droits côte à côte quand c’est juste ; les battements par seconde sont écrits en grand. Avec « écouter d’abord », seul le son le dit.</translation>
    </message>
    <message>
        <source>They are in tune where they keep within 5 cents and under a beat a second for a second. How soon that was, whether it went the wrong way first, who moved and how often it was left again stand beside it. Who is who on one microphone is known as long as one began alone.</source>
        <translation>C’est juste là où ils restent une seconde à moins de 5 cents et d’un battement par seconde. En combien de temps, d’abord dans le mauvais sens ou non, qui a bougé et combien de fois on s’est quitté se lit à côté. Qui est qui sur un microphone est connu tant que l’un a commencé seul.</translation>
    </message>
    <message>
        <source>A partner who drifts is to be followed; one who fades is to be found in time. Others are sharp, come half of the way, follow you, come on a note that nobody says, or play a scale along. Headphones are surer: what leaks into the microphone is said.</source>
        <translation>Un partenaire qui dérive est à suivre ; un qui s’éteint est à trouver à temps. D’autres sont trop hauts, viennent à mi-chemin, vous suivent, viennent sur une note que personne ne dit, ou jouent une gamme avec vous. Le casque est plus sûr : ce qui fuit dans le microphone est dit.</translation>
    </message>
    <message>
        <source>With an earlier take under Plays along the tone that was on show last sounds again as the partner. Settings say on which instrument a made partner sounds; Ctrl+Up and Ctrl+Down make it louder and softer while it sounds.</source>
        <translation>Avec « prise antérieure » sous « Joue avec », le dernier son montré sonne de nouveau comme partenaire. Les réglages disent sur quel instrument sonne un partenaire fabriqué ; Ctrl+Haut et Ctrl+Bas le font plus fort et plus doux.</translation>
    </message>
    <message>
        <source>Two students: choose who else plays at the lower left, and the take is in both books; erasing either student erases it. On a stereo input with left and right apart each has a channel, the other player the left one. Two microphones of two devices have two clocks: let the system join them into one stereo input.</source>
        <translation>Deux élèves : choisissez en bas à gauche qui joue encore, et la prise est dans les deux livres ; effacer l’un des élèves l’efface. À une entrée stéréo avec gauche et droite séparées chacun a un canal, l’autre joueur le gauche. Deux microphones de deux appareils ont deux horloges : laissez le système les réunir en une entrée stéréo.</translation>
    </message>
    <message>
        <source>One after the other, about 10 cents is what an untrained ear tells; together, beats tell far less. That is why both are in one exercise.</source>
        <translation>L’un après l’autre, une oreille non exercée distingue environ 10 cents ; ensemble, les battements en disent bien moins. C’est pourquoi les deux sont dans un exercice.</translation>
    </message>
    <message>
        <source>Each row is a week, each small picture a take that counts; a click opens one. The line beside them is the middle of a week’s takes; its band is how far takes of one day lie apart, so a change within it is none. Two periods are compared by their days, with how sure that is.</source>
        <translation>Chaque ligne est une semaine, chaque petite image une prise qui compte ; un clic en ouvre une. La ligne à côté est le milieu des prises d’une semaine ; sa bande est l’écart des prises d’un jour : un changement dedans n’en est pas un. Deux périodes se comparent par leurs jours, avec leur sûreté.</translation>
    </message>
    <message>
        <source>What comes next is proposed when an exercise was good often enough, on days enough, and made easier after three bad days or a pause; one new thing at a time. W takes it, with the value that stands beside it, Q says not yet. Plan… says when an exercise is done, holidays, and what rests.</source>
        <translation>La suite est proposée quand un exercice a été assez souvent bon, sur assez de jours, et rendue plus facile après trois mauvais jours ou une pause ; une nouveauté à la fois. W l’accepte avec la valeur à côté, Q dit pas encore. Plan… dit quand un exercice est acquis, les vacances, et ce qui se repose.</translation>
    </message>
    <message>
        <source>The sheet of a day fills the minutes there are: what is new, then what was done longest ago, each with its rest. Tired is said when pitch, loudness, tone, crackle or time held fall together over a day: stop there.</source>
        <translation>La feuille d’un jour remplit les minutes qu’il y a : le nouveau, puis ce qui est le plus ancien, chacun avec son repos. Fatigué se dit quand hauteur, intensité, timbre, grésillement ou temps tenu baissent ensemble dans la journée : arrêtez-vous là.</translation>
    </message>
    <message>
        <source>Report… is a page for the student, for the parents, or of the class. Pack… makes one file for a student who has Calando at home; what they practised comes back in another, each take once. Settings backs the whole studio up into one file.</source>
        <translation>Rapport… est une page pour l’élève, pour les parents, ou de la classe. Paquet… fait un fichier pour un élève qui a Calando chez lui ; ce qu’il a travaillé revient dans un autre, chaque prise une fois. Les réglages sauvegardent tout le studio dans un fichier.</translation>
    </message>
    <message>
        <source>Ctrl+Z takes back the last thing that was done for the student who is here, or for nobody in particular; the button of a message takes back what that message says, whatever was done since.</source>
        <translation>Ctrl+Z reprend la dernière chose faite pour l’élève qui est ici, ou pour personne en particulier ; le bouton d’un message reprend ce que dit ce message, quoi qu’on ait fait depuis.</translation>
    </message>
    <message>
        <source>A list says what is to be sent, exercise by exercise. Recordings are dropped here, opened, or come as a folder: a name in the file or its folder says whose it is, or a table (CSV) of files and students. They stay where they are; what is kept of them is what you take into the weeks.</source>
        <translation>Une liste dit ce qui est à envoyer, exercice par exercice. Les enregistrements se déposent ici, s’ouvrent, ou viennent en dossier : un nom dans le fichier ou son dossier dit de qui il est, ou un tableau (CSV) de fichiers et d’élèves. Ils restent où ils sont ; il en reste ce que vous prenez dans les semaines.</translation>
    </message>
    <message>
        <source>Each recording is cut into tries at the list’s items; talk and noise are left out. A shape is the verdict of the best try, a dash that an item was not found, “5 of 8” how much of it came. Who is to be listened to first stands in bold, with the reason.</source>
        <translation>Chaque enregistrement est découpé en essais des points de la liste ; paroles et bruits sont laissés. Une forme est le verdict du meilleur essai, un trait dit qu’un point n’a pas été trouvé, « 5 de 8 » combien en est venu. Qui est à écouter d’abord est en gras, avec la raison.</translation>
    </message>
    <message>
        <source>In the recording: drag an end of a try, or its title onto another item; a number says which item the marked stretch is, 0 or Delete that it is none; a drag elsewhere marks a stretch; arrows go from try to try; P listens. What you say is measured at once, kept, and taken back by Ctrl+Z.</source>
        <translation>Dans l’enregistrement : tirez le bout d’un essai, ou son titre sur un autre point ; un nombre dit quel point est la partie marquée, 0 ou Suppr qu’elle n’en est aucun ; glisser ailleurs marque une partie ; les flèches vont d’essai en essai ; P écoute. Ce que vous dites est mesuré aussitôt, gardé, et repris par Ctrl+Z.</translation>
    </message>
    <message>
        <source>The answer is written for a child, an adult or the parents: what went, one thing, when next. Change it as you like. Into the weeks keeps the best tries as takes, once. A folder that is watched gives a recording once it is whole, and again when it has changed: what was said of the one before is set aside then.</source>
        <translation>La réponse est écrite pour un enfant, un adulte ou les parents : ce qui allait, une chose, quand encore. Changez-la comme vous voulez. « Dans les semaines » garde les meilleurs essais comme prises, une fois. Un dossier observé donne un enregistrement dès qu’il est entier, et encore quand il a changé : ce qui a été dit de l’ancien est alors mis de côté.</translation>
    </message>
    <message>
        <source>From a steady tone of the student’s, or of the stand-in where there is none, sounds are made with one thing changed and nothing else: a few cents, a wave, a break, fuzz. You say which, which is the odd one, whether they are alike, lower or higher, or what was wrong. Right answers make it harder, wrong ones easier.</source>
        <translation>D’un son calme de l’élève, ou du remplaçant où il n’y en a pas, on fait des sons où une chose est changée et rien d’autre : quelques cents, une onde, une coupure, du grain. Vous dites lequel, lequel est l’intrus, s’ils sont pareils, plus bas ou plus haut, ou ce qui n’allait pas. Les bonnes réponses rendent plus difficile, les fausses plus facile.</translation>
    </message>
    <message>
        <source>The smallest difference heard is what is heard two times in three, guesses left out; the range says how sure that is. The marks at the left say what is asked about. A fault can have the student’s own words, by which it is named then.</source>
        <translation>La plus petite différence entendue est celle qu’on entend deux fois sur trois, le hasard retiré ; l’intervalle dit combien c’est sûr. Les marques à gauche disent ce qui est demandé. Une faute peut avoir les mots de l’élève, par lesquels on la nomme alors.</translation>
    </message>
    <message>
        <source>Space goes on, 1 to 6 answer, R plays again, Esc stops; a pedal’s two keys are the first and the second choice. Headphones are best, and set soft. Loud sound harms hearing; stop when ears ring or tire.</source>
        <translation>Espace continue, 1 à 6 répondent, R rejoue, Échap arrête ; les deux touches d’une pédale sont le premier et le second choix. Le casque est le mieux, et doux. Un son fort nuit à l’ouïe ; arrêtez quand les oreilles sifflent ou fatiguent.</translation>
    </message>
    <message>
        <source>Guess a take’s figure plays one of the newest takes and asks how long it was held, how far off or how wavy it was; then its picture comes. Two takes, blind, plays two of one exercise, equally loud: choose the one that you would keep. Guess first, switched on there, asks in the lesson for a guess before any figure is shown.</source>
        <translation>« Deviner un chiffre » joue une des dernières prises et demande combien de temps elle a été tenue, de combien elle était fausse ou ondulée ; puis vient son image. « Deux prises, à l’aveugle » en joue deux d’un exercice, aussi fortes : choisissez celle que vous garderiez. « Deviner d’abord », activé là, demande dans la leçon avant qu’un chiffre soit montré.</translation>
    </message>
    <message>
        <source>At the top stands what all lines share, as the lesson has it: instrument, tube, note, tempo, tuning, the air in the tube. Each line has two fields, and either gives the other: counts and seconds, cents and beats, a slide drawn and what it does, and so on.</source>
        <translation>En haut est ce que toutes les lignes partagent, comme dans la leçon : instrument, tube, note, tempo, accord, l’air dans le tube. Chaque ligne a deux champs, et l’un donne l’autre : temps et secondes, cents et battements, une coulisse tirée et ce qu’elle fait, et ainsi de suite.</translation>
    </message>
    <message>
        <source>Beside them stand the degrees over the note, just and natural against equal, and the partials of the tube; a row that is chosen is heard. Ctrl+Return takes note, tempo and tuning into the lesson.</source>
        <translation>À côté sont les degrés sur la note, purs et naturels contre tempérés, et les partiels du tube ; une ligne choisie sonne. Ctrl+Entrée prend note, tempo et accord dans la leçon.</translation>
    </message>
    <message>
        <source>Millimetres of a slide or joint are about right, not exact: bell, mouthpiece and tone holes have their say. Warm up first; a cold tube is flat by itself.</source>
        <translation>Les millimètres d’une coulisse sont à peu près justes, pas exacts : pavillon, embouchure et trous ont leur mot à dire. Chauffez d’abord ; un tube froid est bas de lui-même.</translation>
    </message>
    <message>
        <source>Exercises… on the left lists all there are. Change… there opens one: notes, counts, tempo, targets, what it grows to, a partner and, drawn with the mouse, loudness and pitch are changed before you, and what you keep is an exercise of your own; those that ship stay. They are exported and imported as files.</source>
        <translation>Exercices… à gauche les liste tous. Changer… y en ouvre un : notes, temps, tempo, cibles, sa croissance, un partenaire et, dessinées à la souris, intensité et hauteur changent devant vous, et ce que vous gardez est un exercice à vous ; ceux qui sont fournis restent. On les exporte et on les importe comme fichiers.</translation>
    </message>
    <message>
        <source>The names of the notes (B and H, or do ré mi) and the school whose words exercises and advice speak are in the settings.</source>
        <translation>Les noms des notes (B et H, ou do ré mi) et l’école dont parlent exercices et conseils sont dans les réglages.</translation>
    </message>
    <message>
        <source>A take is on the disk while it is played: whatever ends the program, at most its last second is lost. What was left behind, or is not on the list of takes, is offered at the next start and removed by nobody but you. If the list itself is lost or damaged, it can be made anew from the sound files.</source>
        <translation>Une prise est sur le disque pendant qu’on joue : quoi qui arrête le programme, au plus sa dernière seconde est perdue. Ce qui est resté, ou n’est pas sur la liste des prises, est proposé au prochain démarrage et n’est enlevé par personne d’autre que vous. Si la liste elle-même est perdue ou abîmée, on peut la refaire des fichiers de son.</translation>
    </message>
    <message>
        <source>How long sound is kept is in the settings. What is older is listed and asked about; its figures, words and small pictures stay, and for a day the sound can be brought back.</source>
        <translation>Combien de temps le son est gardé est dans les réglages. Ce qui est plus ancien est listé et demandé ; ses chiffres, mots et petites images restent, et pendant un jour le son peut revenir.</translation>
    </message>
    <message>
        <source>Erasing a student removes every recording, figure and note of theirs from this computer. Copies and exports you made are yours to remove.</source>
        <translation>Effacer un élève enlève de cet ordinateur tous ses enregistrements, chiffres et notes. Les copies et exports que vous avez faits sont à enlever par vous.</translation>
    </message>
    <message>
        <source>Calando shows and measures; the teacher’s ear is the judge. It is no medical device: stop when light-headed, dizzy or in pain.</source>
        <translation>Calando montre et mesure ; l’oreille du professeur juge. Ce n’est pas un dispositif médical : arrêtez en cas de tête légère, de vertige ou de douleur.</translation>
    </message>
    <message>
        <source>How to begin</source>
        <translation>Pour commencer</translation>
    </message>
    <message>
        <source>Reading a take</source>
        <translation>Lire une prise</translation>
    </message>
    <message>
        <source>What to try, and what comes next</source>
        <translation>Ce qui est à essayer, et la suite</translation>
    </message>
    <message>
        <source>Playing to a count</source>
        <translation>Jouer en mesure</translation>
    </message>
    <message>
        <source>Breathing</source>
        <translation>Respirer</translation>
    </message>
    <message>
        <source>The small part</source>
        <translation>Sans l’instrument</translation>
    </message>
    <message>
        <source>Bends, stairs, overtones</source>
        <translation>Inflexions, escaliers, harmoniques</translation>
    </message>
    <message>
        <source>In tune by ear</source>
        <translation>Juste à l’oreille</translation>
    </message>
    <message>
        <source>The weeks</source>
        <translation>Les semaines</translation>
    </message>
    <message>
        <source>The post</source>
        <translation>Le courrier</translation>
    </message>
    <message>
        <source>Ears</source>
        <translation>Oreille</translation>
    </message>
    <message>
        <source>The reckoner</source>
        <translation>Le calculateur</translation>
    </message>
    <message>
        <source>Own exercises</source>
        <translation>Exercices à soi</translation>
    </message>
    <message>
        <source>What is kept</source>
        <translation>Ce qui est gardé</translation>
    </message>
    <message>
        <source>What it is not</source>
        <translation>Ce que ce n’est pas</translation>
    </message>
    <message>
        <source>In exercises, too, what is said with like, as or think of is an image.</source>
        <translation>Dans les exercices aussi, ce qui est dit avec comme ou penser à est une image.</translation>
    </message>
</context>
<context>
    <name>Input</name>
    <message>
        <source>Stand-in player</source>
        <translation>Joueur remplaçant</translation>
    </message>
    <message>
        <source>Two stand-ins, one microphone</source>
        <translation>Deux remplaçants, un microphone</translation>
    </message>
    <message>
        <source>Two stand-ins, a microphone each</source>
        <translation>Deux remplaçants, un microphone chacun</translation>
    </message>
    <message>
        <source>%1, left and right apart</source>
        <translation>%1, gauche et droite séparées</translation>
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
        <translation>bas par nature</translation>
    </message>
    <message>
        <source>flips to %1</source>
        <translation>saute sur %1</translation>
    </message>
    <message>
        <source>gap %1 ms</source>
        <translation>trou %1 ms</translation>
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
        <translation>dans %1 temps</translation>
    </message>
    <message>
        <source>on the next beat</source>
        <translation>au prochain temps</translation>
    </message>
    <message>
        <source>sounds %1</source>
        <translation>sonne %1</translation>
    </message>
    <message>
        <source>next %1</source>
        <translation>ensuite %1</translation>
    </message>
    <message>
        <source>next %1, %2</source>
        <translation>ensuite %1, %2</translation>
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
        <translation>Ce qui s’est passé dernièrement</translation>
    </message>
    <message>
        <source>What Calando began and how it ended, the newest last. No names, remarks or files stand in it: it can be sent to whoever looks after the program.</source>
        <translation>Ce que Calando a commencé et comment cela a fini, le plus récent à la fin. Il n’y a ni noms, ni notes, ni fichiers : on peut l’envoyer à qui s’occupe du programme.</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Tout copier</translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>The demo’s class cannot be copied from %1 (%2). Build it with the target “demo”, or install Calando with its data.</source>
        <translation>La classe de démonstration ne peut pas être copiée de %1 (%2). Construisez-la avec la cible « demo », ou installez Calando avec ses données.</translation>
    </message>
</context>
<context>
    <name>OpenStudio</name>
    <message>
        <source>The studio cannot be opened</source>
        <translation>Le studio ne peut pas être ouvert</translation>
    </message>
    <message>
        <source>Another folder…</source>
        <translation>Autre dossier…</translation>
    </message>
    <message>
        <source>Make the list anew</source>
        <translation>Refaire la liste</translation>
    </message>
    <message>
        <source>From the sound files, which carry what is needed. What there is of the old list is kept beside it under another name.</source>
        <translation>Des fichiers de son, qui portent ce qu’il faut. Ce qu’il y a de l’ancienne liste est gardé à côté sous un autre nom.</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Réessayer</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>A folder for the studio</source>
        <translation>Un dossier pour le studio</translation>
    </message>
</context>
<context>
    <name>PackQuestion</name>
    <message>
        <source>minutes a day: %1</source>
        <translation>minutes par jour : %1</translation>
    </message>
    <message>
        <source>exercises with something of their own: %1</source>
        <translation>exercices avec quelque chose à eux : %1</translation>
    </message>
    <message>
        <source>A pack from another studio</source>
        <translation>Un paquet d’un autre studio</translation>
    </message>
    <message>
        <source>The pack brings %1 another running order or plan than stands here. Takes, own exercises and the list of homework come in beside what there is.</source>
        <translation>Le paquet apporte à %1 un autre ordre ou un autre plan que celui d’ici. Prises, exercices à soi et liste de devoirs viennent à côté de ce qu’il y a.</translation>
    </message>
    <message>
        <source>here</source>
        <translation>ici</translation>
    </message>
    <message>
        <source>in the pack</source>
        <translation>dans le paquet</translation>
    </message>
    <message>
        <source>Running order</source>
        <translation>Ordre</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Take the pack’s</source>
        <translation>Prendre celui du paquet</translation>
    </message>
    <message>
        <source>Keep what is here</source>
        <translation>Garder ce qui est ici</translation>
    </message>
    <message>
        <source>Add nothing</source>
        <translation>Ne rien prendre</translation>
    </message>
</context>
<context>
    <name>Pages</name>
    <message>
        <source>%1 · page %2 of %3</source>
        <translation>%1 · page %2 de %3</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation>%1 ne peut pas être écrit : %2</translation>
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
        <translation>%1 temps par minute</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 temps</translation>
    </message>
    <message>
        <source>ddd d MMM</source>
        <comment>a day</comment>
        <translation>ddd d MMM</translation>
    </message>
    <message>
        <source>ddd d MMM yyyy</source>
        <comment>a day</comment>
        <translation>ddd d MMM yyyy</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <comment>from what to what</comment>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>on to “%1”</source>
        <translation>continuer avec « %1 »</translation>
    </message>
    <message>
        <source>back to “%1”</source>
        <translation>retour à « %1 »</translation>
    </message>
    <message>
        <source>begin with it</source>
        <translation>le commencer</translation>
    </message>
    <message>
        <source>let it rest until %1</source>
        <translation>le laisser reposer jusqu’au %1</translation>
    </message>
    <message>
        <source>leave it for now</source>
        <translation>le laisser pour l’instant</translation>
    </message>
    <message>
        <source>%1 good of the last %2</source>
        <translation>%1 bonnes sur les %2 dernières</translation>
    </message>
    <message>
        <source>on one day</source>
        <translation>un seul jour</translation>
    </message>
    <message numerus="yes">
        <source>on %n days</source>
        <translation>
            <numerusform>sur %n jour</numerusform>
            <numerusform>sur %n jours</numerusform>
        </translation>
    </message>
    <message>
        <source>the exercise before it: %1, %2</source>
        <translation>l’exercice d’avant : %1, %2</translation>
    </message>
    <message>
        <source>none good on the last three days that it was tried</source>
        <translation>aucune bonne sur les trois derniers jours où il a été essayé</translation>
    </message>
    <message>
        <source>four weeks, and not yet good often enough</source>
        <translation>quatre semaines, et pas encore assez souvent bon</translation>
    </message>
    <message numerus="yes">
        <source>after %n days without playing</source>
        <translation>
            <numerusform>après %n jour sans jouer</numerusform>
            <numerusform>après %n jours sans jouer</numerusform>
        </translation>
    </message>
    <message>
        <source>what comes before it rests</source>
        <translation>ce qui vient avant se repose</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <comment>how much, instead of how much</comment>
        <translation>%1 au lieu de %2</translation>
    </message>
    <message numerus="yes">
        <source>Once more the same: %n more good ones and it is reliable.</source>
        <translation>
            <numerusform>La même chose encore : %n bonne de plus, et c’est sûr.</numerusform>
            <numerusform>La même chose encore : %n bonnes de plus, et c’est sûr.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Once more the same: %n more good ones are enough for today.</source>
        <translation>
            <numerusform>La même chose encore : %n bonne de plus suffit pour aujourd’hui.</numerusform>
            <numerusform>La même chose encore : %n bonnes de plus suffisent pour aujourd’hui.</numerusform>
        </translation>
    </message>
    <message>
        <source>Once more the same, then as before.</source>
        <translation>La même chose encore une fois, puis comme avant.</translation>
    </message>
    <message>
        <source>Good often enough for today. It is wanted on another day too.</source>
        <translation>Assez souvent bon pour aujourd’hui. Il en faut aussi un autre jour.</translation>
    </message>
    <message>
        <source>It is reliable: %1. Next: %2: %3.</source>
        <comment>why, an exercise, what of it</comment>
        <translation>C’est sûr : %1. Ensuite : %2 : %3.</translation>
    </message>
    <message>
        <source>Twice it broke. Slower: %1.</source>
        <translation>Deux fois manqué. Plus lent : %1.</translation>
    </message>
    <message>
        <source>Twice it broke. Shorter: %1.</source>
        <translation>Deux fois manqué. Plus court : %1.</translation>
    </message>
    <message>
        <source>Twice it broke. Fewer: %1.</source>
        <translation>Deux fois manqué. Moins : %1.</translation>
    </message>
    <message>
        <source>That went well. As before: %1.</source>
        <translation>C’est bien allé. Comme avant : %1.</translation>
    </message>
    <message>
        <source>Twice in the same way. “%1” is for just that.</source>
        <translation>Deux fois de la même façon. « %1 » est fait pour cela.</translation>
    </message>
    <message>
        <source>That went well. Back to “%1”.</source>
        <translation>C’est bien allé. Retour à « %1 ».</translation>
    </message>
    <message>
        <source>Enough of it for today: think of it, and take it up again in some days.</source>
        <translation>Assez pour aujourd’hui : y penser, et le reprendre dans quelques jours.</translation>
    </message>
    <message>
        <source>pitch %1 cents</source>
        <translation>hauteur %1 cents</translation>
    </message>
    <message>
        <source>loudness</source>
        <translation>intensité</translation>
    </message>
    <message>
        <source>clear tone</source>
        <translation>son clair</translation>
    </message>
    <message>
        <source>crackle</source>
        <translation>grésillement</translation>
    </message>
    <message>
        <source>held %1 s</source>
        <translation>tenu %1 s</translation>
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
        <translation>%1, repos %2</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <comment>a card, the note it is played on</comment>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>a card, the note it begins on</comment>
        <translation>%1 à partir de %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a card and how often</comment>
        <translation>%1 : %2</translation>
    </message>
</context>
<context>
    <name>Post</name>
    <message>
        <source>from %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>jusqu’à %1</translation>
    </message>
    <message>
        <source>at %1 beats a minute</source>
        <translation>à %1 temps par minute</translation>
    </message>
    <message>
        <source>not in the recording</source>
        <translation>pas dans l’enregistrement</translation>
    </message>
    <message>
        <source>complete</source>
        <translation>complet</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>so many of so many cues</comment>
        <translation>%1 de %2</translation>
    </message>
    <message numerus="yes">
        <source>played %n times, number %1 counts</source>
        <translation>
            <numerusform>joué %n fois, le numéro %1 compte</numerusform>
            <numerusform>joué %n fois, le numéro %1 compte</numerusform>
        </translation>
    </message>
    <message>
        <source>nothing of the list was found</source>
        <translation>rien de la liste n’a été trouvé</translation>
    </message>
    <message numerus="yes">
        <source>%n missing</source>
        <translation>
            <numerusform>%n manque</numerusform>
            <numerusform>%n manquent</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>breaks: %n in “%1”</source>
        <translation>
            <numerusform>coupures : %n dans « %1 »</numerusform>
            <numerusform>coupures : %n dans « %1 »</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n notes missing in “%1”</source>
        <translation>
            <numerusform>%n note manque dans « %1 »</numerusform>
            <numerusform>%n notes manquent dans « %1 »</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>far outside: %n in “%1”</source>
        <translation>
            <numerusform>loin au-dehors : %n dans « %1 »</numerusform>
            <numerusform>loin au-dehors : %n dans « %1 »</numerusform>
        </translation>
    </message>
    <message>
        <source>What %1 sent</source>
        <comment>a student’s name</comment>
        <translation>Ce que %1 a envoyé</translation>
    </message>
    <message>
        <source>%1, thank you for your recording.</source>
        <comment>to a child, by name</comment>
        <translation>%1, merci de ton enregistrement.</translation>
    </message>
    <message>
        <source>%1, thank you for your recording.</source>
        <comment>to an adult, by name</comment>
        <translation>%1, merci de votre enregistrement.</translation>
    </message>
    <message>
        <source>This went well: %1.</source>
        <translation>Cela allait bien : %1.</translation>
    </message>
    <message>
        <source>This was not in the recording: %1.</source>
        <translation>Cela n’était pas dans l’enregistrement : %1.</translation>
    </message>
    <message>
        <source>One thing to try, in “%1”: %2</source>
        <translation>Une chose à essayer, dans « %1 » : %2</translation>
    </message>
    <message>
        <source>One thing, in “%1”: %2</source>
        <translation>Une chose, dans « %1 » : %2</translation>
    </message>
    <message>
        <source>The same once more, as it is.</source>
        <translation>La même chose encore une fois, comme c’est.</translation>
    </message>
    <message>
        <source>To help: listen to it once, at the same time of day, and say what you heard. A few minutes are enough; stop when it gets tiring.</source>
        <translation>Pour aider : écoutez-le une fois par jour, à la même heure, et dites ce que vous avez entendu. Quelques minutes suffisent ; arrêtez quand cela fatigue.</translation>
    </message>
    <message>
        <source>We hear it again in the next lesson.</source>
        <translation>Nous l’écouterons encore à la prochaine leçon.</translation>
    </message>
    <message>
        <source>Send it once more %1.</source>
        <comment>to a child</comment>
        <translation>Envoie-le encore une fois (%1).</translation>
    </message>
    <message>
        <source>Send it once more %1.</source>
        <comment>to an adult</comment>
        <translation>Envoyez-le encore une fois (%1).</translation>
    </message>
    <message>
        <source>To be sent until %1. One long recording, or several: in any order, with talk in between.</source>
        <translation>À envoyer jusqu’au %1 : un long enregistrement, ou plusieurs, dans n’importe quel ordre, en parlant entre les deux.</translation>
    </message>
</context>
<context>
    <name>Print</name>
    <message>
        <source>A holiday.</source>
        <translation>Vacances.</translation>
    </message>
    <message>
        <source>In all %1.</source>
        <translation>En tout %1.</translation>
    </message>
    <message>
        <source>Practice: %1</source>
        <translation>Travail : %1</translation>
    </message>
    <message>
        <source>Practice: %1, %2 to %3</source>
        <translation>Travail : %1, %2 à %3</translation>
    </message>
    <message>
        <source>Practice, %1</source>
        <translation>Travail, %1</translation>
    </message>
    <message>
        <source>each time</source>
        <translation>chaque fois</translation>
    </message>
    <message>
        <source>ddd d</source>
        <comment>a day</comment>
        <translation>ddd d</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>en tout</translation>
    </message>
    <message>
        <source>holiday</source>
        <translation>vacances</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation>%1 ne peut pas être écrit : %2</translation>
    </message>
</context>
<context>
    <name>Question</name>
    <message>
        <source>and others: %1</source>
        <translation>et d’autres : %1</translation>
    </message>
</context>
<context>
    <name>Ribbon</name>
    <message>
        <source>loudness</source>
        <translation>intensité</translation>
    </message>
    <message>
        <source>tone over air noise</source>
        <translation>son sur bruit d’air</translation>
    </message>
    <message>
        <source>early and late, ms</source>
        <translation>tôt et tard, ms</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>wide vibrato, %1 a second, ±%2 cents</source>
        <translation>vibrato large, %1 par seconde, ±%2 cents</translation>
    </message>
    <message>
        <source>vibrato %1 a second, ±%2 cents</source>
        <translation>vibrato %1 par seconde, ±%2 cents</translation>
    </message>
    <message>
        <source>loudness pulses, %1 a second</source>
        <translation>l’intensité pulse, %1 par seconde</translation>
    </message>
    <message>
        <source>break %1 ms</source>
        <translation>coupure %1 ms</translation>
    </message>
    <message>
        <source>%1 ms, air on</source>
        <comment>a break</comment>
        <translation>%1 ms, l’air continue</translation>
    </message>
    <message>
        <source>%1 ms, all stopped</source>
        <comment>a break</comment>
        <translation>%1 ms, tout arrêté</translation>
    </message>
    <message>
        <source>%1 half steps, before %2</source>
        <translation>%1 demi-tons, avant %2</translation>
    </message>
    <message>
        <source>%1 half steps</source>
        <translation>%1 demi-tons</translation>
    </message>
    <message>
        <source>ends %1 lower, as expected</source>
        <translation>finit %1 plus bas, comme attendu</translation>
    </message>
    <message>
        <source>flips to %1</source>
        <translation>saute sur %1</translation>
    </message>
    <message>
        <source>%1 in place of %2</source>
        <translation>%1 au lieu de %2</translation>
    </message>
    <message>
        <source>no one note</source>
        <translation>pas une note</translation>
    </message>
    <message>
        <source>the room, %1 s</source>
        <translation>la salle, %1 s</translation>
    </message>
    <message>
        <source>start %1 cents</source>
        <translation>début %1 cents</translation>
    </message>
    <message>
        <source>air %1 ms</source>
        <translation>air %1 ms</translation>
    </message>
    <message>
        <source>end %1 cents</source>
        <translation>fin %1 cents</translation>
    </message>
    <message>
        <source>air %1 s</source>
        <translation>air %1 s</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>souffle</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>cents</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>tone %1 dB over air noise</source>
        <translation>son %1 dB sur bruit d’air</translation>
    </message>
    <message numerus="yes">
        <source>%n breaks, %1–%2 ms</source>
        <translation>
            <numerusform>%n coupure, %1–%2 ms</numerusform>
            <numerusform>%n coupures, %1–%2 ms</numerusform>
        </translation>
    </message>
    <message>
        <source>, air on</source>
        <comment>of all breaks</comment>
        <translation>, l’air continue</translation>
    </message>
    <message>
        <source>, all stopped</source>
        <comment>of all breaks</comment>
        <translation>, tout s’arrête</translation>
    </message>
    <message numerus="yes">
        <source>%n flips</source>
        <translation>
            <numerusform>%n saut</numerusform>
            <numerusform>%n sauts</numerusform>
        </translation>
    </message>
    <message>
        <source>pitch, cents</source>
        <translation>hauteur, cents</translation>
    </message>
    <message>
        <source>turns %1 beats early</source>
        <translation>tourne %1 temps trop tôt</translation>
    </message>
    <message>
        <source>turns %1 beats late</source>
        <translation>tourne %1 temps trop tard</translation>
    </message>
    <message>
        <source>dB under the loudest</source>
        <translation>dB sous le plus fort</translation>
    </message>
    <message>
        <source>partials</source>
        <translation>partiels</translation>
    </message>
    <message>
        <source>partials; dB off the model</source>
        <translation>partiels ; écart au modèle en dB</translation>
    </message>
    <message>
        <source>model</source>
        <translation>modèle</translation>
    </message>
    <message>
        <source>dB under the strongest</source>
        <translation>dB sous le plus fort</translation>
    </message>
</context>
<context>
    <name>SourceBox</name>
    <message>
        <source>Silent: is the microphone switched on?</source>
        <translation>Silence : le microphone est-il allumé ?</translation>
    </message>
    <message>
        <source>Very soft: move the microphone closer or raise its gain.</source>
        <translation>Très doux : approchez le microphone ou montez son gain.</translation>
    </message>
    <message>
        <source>Too loud, it clips: lower the gain or move away.</source>
        <translation>Trop fort, cela sature : baissez le gain ou éloignez-vous.</translation>
    </message>
    <message>
        <source>Something switches quiet sound off. Turn the desktop’s noise suppression off, or breath and endings are lost.</source>
        <translation>Quelque chose coupe les sons doux. Éteignez la suppression de bruit du bureau, sinon souffle et fins sont perdus.</translation>
    </message>
    <message>
        <source>Something raises the level by itself after each tone. Turn automatic gain off: loudness cannot be trusted.</source>
        <translation>Quelque chose monte seul l’intensité après chaque son. Éteignez le gain automatique : on ne peut se fier à l’intensité.</translation>
    </message>
    <message>
        <source>%1 blocks of sound were lost: the computer is too busy.</source>
        <translation>%1 morceaux de son ont été perdus : l’ordinateur est trop occupé.</translation>
    </message>
</context>
<context>
    <name>Strip</name>
    <message>
        <source>partial %1, sounds %2</source>
        <translation>partiel %1, sonne %2</translation>
    </message>
    <message>
        <source>partial %1 on %2, sounds %3</source>
        <comment>on valves, a position or a low note</comment>
        <translation>partiel %1 sur %2, sonne %3</translation>
    </message>
</context>
<context>
    <name>StudentDialog</name>
    <message>
        <source>Beginner</source>
        <translation>Débutant</translation>
    </message>
    <message>
        <source>Some years</source>
        <translation>Quelques années</translation>
    </message>
    <message>
        <source>Advanced</source>
        <translation>Avancé</translation>
    </message>
    <message>
        <source>Level, length of tones and first running order go by that.</source>
        <translation>Le niveau, la longueur des sons et le premier ordre en dépendent.</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>How far</source>
        <translation>Niveau</translation>
    </message>
    <message>
        <source>Written. Exercises leave out what is lower.</source>
        <translation>Écrit. Les exercices laissent ce qui est plus bas.</translation>
    </message>
    <message>
        <source>Written. Exercises leave out what is higher.</source>
        <translation>Écrit. Les exercices laissent ce qui est plus haut.</translation>
    </message>
    <message>
        <source>Lowest note</source>
        <translation>Note la plus basse</translation>
    </message>
    <message>
        <source>Highest note</source>
        <translation>Note la plus haute</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Ajouter</translation>
    </message>
    <message>
        <source>type its name</source>
        <translation>taper son nom</translation>
    </message>
    <message>
        <source>A name is wanting.</source>
        <translation>Il manque un nom.</translation>
    </message>
    <message>
        <source>An instrument is wanting.</source>
        <translation>Il manque un instrument.</translation>
    </message>
    <message>
        <source>A note is written like Bb4 or F#3.</source>
        <translation>Une note s’écrit comme Bb4 ou F#3.</translation>
    </message>
    <message>
        <source>The lowest note lies over the highest.</source>
        <translation>La note la plus grave dépasse la plus aiguë.</translation>
    </message>
</context>
<context>
    <name>Tide</name>
    <message>
        <source>in</source>
        <translation>inspirer</translation>
    </message>
    <message>
        <source>out</source>
        <translation>expirer</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>garder</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>attendre</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 of %2, then: %3</source>
        <translation>%1 de %2, puis : %3</translation>
    </message>
    <message>
        <source>the last one</source>
        <translation>le dernier</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>prêt</translation>
    </message>
    <message>
        <source>over the room, dB</source>
        <translation>sur la salle, dB</translation>
    </message>
    <message>
        <source>middle of the sound, Hz</source>
        <translation>milieu du son, Hz</translation>
    </message>
    <message>
        <source>full after %1 of %2</source>
        <translation>plein après %1 de %2</translation>
    </message>
    <message>
        <source>nearly full</source>
        <translation>presque plein</translation>
    </message>
    <message>
        <source>hurried</source>
        <translation>pressé</translation>
    </message>
    <message>
        <source>let go</source>
        <translation>lâché</translation>
    </message>
    <message>
        <source>slid</source>
        <translation>glissé</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>breath in</source>
        <translation>inspiration</translation>
    </message>
    <message>
        <source>breath out</source>
        <translation>expiration</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>souffle</translation>
    </message>
    <message>
        <source>around %1 Hz</source>
        <translation>vers %1 Hz</translation>
    </message>
    <message>
        <source>open</source>
        <translation>ouvert</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>serré</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>mince</translation>
    </message>
    <message>
        <source>too soft to tell</source>
        <translation>trop doux pour le dire</translation>
    </message>
</context>
<context>
    <name>Verdict</name>
    <message>
        <source>inside</source>
        <translation>dans la cible</translation>
    </message>
    <message>
        <source>near</source>
        <translation>tout près</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>au-dehors</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>pas encore</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>non mesuré</translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>There is no sound output to play on. Plug in headphones or loudspeakers.</source>
        <translation>Il n’y a pas de sortie de son. Branchez un casque ou des haut-parleurs.</translation>
    </message>
    <message>
        <source>d MMM yyyy HH:mm</source>
        <comment>day and minute</comment>
        <translation>d MMM yyyy HH:mm</translation>
    </message>
    <message>
        <source>nearly %1</source>
        <comment>clear, even</comment>
        <translation>presque %1</translation>
    </message>
    <message>
        <source>position %1</source>
        <translation>position %1</translation>
    </message>
    <message>
        <source>open</source>
        <comment>no valve is pressed</comment>
        <translation>à vide</translation>
    </message>
    <message>
        <source>thumb, %1</source>
        <comment>the thumb&apos;s valve, and others</comment>
        <translation>pouce, %1</translation>
    </message>
    <message>
        <source>%1, slides drawn</source>
        <translation>%1, coulisses tirées</translation>
    </message>
</context>
<context>
    <name>calando::BlindListening</name>
    <message>
        <source>There is no take with a figure to guess: play something first.</source>
        <translation>Aucune prise n’a de chiffre à deviner : jouez d’abord quelque chose.</translation>
    </message>
</context>
<context>
    <name>calando::CardEditor</name>
    <message>
        <source>counted</source>
        <translation>compté</translation>
    </message>
    <message>
        <source>Own exercise</source>
        <translation>Exercice à soi</translation>
    </message>
    <message>
        <source>Exercise: what is changed becomes an own one</source>
        <translation>Exercice : ce qui est changé devient un exercice à soi</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titre</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Famille</translation>
    </message>
    <message>
        <source>What for</source>
        <translation>Pour quoi</translation>
    </message>
    <message>
        <source> /min</source>
        <translation> /min</translation>
    </message>
    <message>
        <source> beats before</source>
        <translation> temps avant</translation>
    </message>
    <message>
        <source>shown while it sounds</source>
        <translation>montré pendant qu’il sonne</translation>
    </message>
    <message>
        <source>shown afterwards: ears first</source>
        <translation>montré après : écouter d’abord</translation>
    </message>
    <message>
        <source>hidden until E is pressed</source>
        <translation>caché jusqu’à E</translation>
    </message>
    <message>
        <source>what is set for the take</source>
        <translation>ce qui est réglé pour la prise</translation>
    </message>
    <message>
        <source>equal temperament</source>
        <translation>tempérament égal</translation>
    </message>
    <message>
        <source>pure intervals over home</source>
        <translation>intervalles purs sur la tonique</translation>
    </message>
    <message>
        <source>the player’s own home note</source>
        <translation>la tonique propre au joueur</translation>
    </message>
    <message>
        <source>once, as written</source>
        <translation>une fois, comme écrit</translation>
    </message>
    <message>
        <source>for each note of the scale</source>
        <translation>pour chaque note de la gamme</translation>
    </message>
    <message>
        <source>for each half step</source>
        <translation>pour chaque demi-ton</translation>
    </message>
    <message>
        <source>for each partial</source>
        <translation>pour chaque partiel</translation>
    </message>
    <message>
        <source>outward from home</source>
        <translation>de la tonique vers l’extérieur</translation>
    </message>
    <message>
        <source>a beat more each time</source>
        <translation>un temps de plus à chaque fois</translation>
    </message>
    <message>
        <source>How many notes; below 0 downwards</source>
        <translation>Combien de notes ; sous 0 vers le bas</translation>
    </message>
    <message>
        <source>Count</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Repeated</source>
        <translation>Répété</translation>
    </message>
    <message>
        <source>Trace</source>
        <translation>Image</translation>
    </message>
    <message>
        <source>In tune with</source>
        <translation>Accordé sur</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Importer…</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exporter…</translation>
    </message>
    <message>
        <source>Erase the exercise</source>
        <translation>Effacer l’exercice</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save as own exercise</source>
        <translation>Enregistrer comme exercice à soi</translation>
    </message>
    <message>
        <source>Loudness</source>
        <translation>Intensité</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>Targets at the level “%1”</source>
        <translation>Cibles au niveau « %1 »</translation>
    </message>
    <message>
        <source>Targets</source>
        <translation>Cibles</translation>
    </message>
    <message>
        <source>Growth</source>
        <translation>Croissance</translation>
    </message>
    <message>
        <source>Two</source>
        <translation>À deux</translation>
    </message>
    <message>
        <source>%1, own</source>
        <translation>%1, à soi</translation>
    </message>
    <message>
        <source>Import an exercise</source>
        <translation>Importer un exercice</translation>
    </message>
    <message>
        <source>Exercises (*.json)</source>
        <translation>Exercices (*.json)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source>Export the exercise</source>
        <translation>Exporter l’exercice</translation>
    </message>
    <message>
        <source>%1 could not be written: %2.</source>
        <translation>%1 n’a pas pu être écrit : %2.</translation>
    </message>
</context>
<context>
    <name>calando::ComparePicture</name>
    <message>
        <source>Pictures of the takes, and their harmonics</source>
        <translation>Images des prises, et leurs harmoniques</translation>
    </message>
    <message>
        <source>Listen first. Choose the one that you would keep;
then the pictures come.</source>
        <translation>Écoutez d’abord. Choisissez celle que vous garderiez ;
ensuite viennent les images.</translation>
    </message>
    <message>
        <source>partials, dB under the strongest</source>
        <translation>partiels, dB sous le plus fort</translation>
    </message>
</context>
<context>
    <name>calando::CompareView</name>
    <message>
        <source>When were they?</source>
        <translation>Quand étaient-elles ?</translation>
    </message>
    <message>
        <source>Takes side by side</source>
        <translation>Prises côte à côte</translation>
    </message>
    <message>
        <source>Figures of the takes, and their differences from the first</source>
        <translation>Chiffres des prises, et leurs différences avec la première</translation>
    </message>
    <message>
        <source>Listen, equally loud:</source>
        <translation>Écouter, aussi fort :</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Note under note</source>
        <translation>Note sous note</translation>
    </message>
    <message>
        <source>Begin each note of the exercise together, instead of only the first</source>
        <translation>Commencer chaque note de l’exercice ensemble, au lieu de la première seulement</translation>
    </message>
    <message>
        <source>I would keep:</source>
        <translation>Je garderais :</translation>
    </message>
    <message>
        <source>%1 is the better one</source>
        <translation>%1 est la meilleure</translation>
    </message>
    <message>
        <source>You would keep %1.</source>
        <translation>Vous garderiez %1.</translation>
    </message>
    <message>
        <source>%1 was %2</source>
        <translation>%1 était %2</translation>
    </message>
    <message>
        <source>Colour from %1, dB</source>
        <comment>a take</comment>
        <translation>Couleur contre %1, dB</translation>
    </message>
    <message>
        <source>Colour’s own spread, dB</source>
        <translation>Dispersion de la couleur, dB</translation>
    </message>
    <message>
        <source>hardly anything</source>
        <translation>presque rien</translation>
    </message>
    <message>
        <source>What differs most from %1 to %2: %3.</source>
        <comment>two takes</comment>
        <translation>Ce qui change le plus de %1 à %2 : %3.</translation>
    </message>
    <message>
        <source>%1 and %2 keep one</source>
        <comment>keys, of takes</comment>
        <translation>%1 et %2 en gardent une</translation>
    </message>
    <message>
        <source>R plays them again</source>
        <translation>R les rejoue</translation>
    </message>
    <message>
        <source>Space shows them without a choice</source>
        <translation>Espace les montre sans choix</translation>
    </message>
    <message>
        <source>Space says when they were</source>
        <translation>Espace dit de quand elles sont</translation>
    </message>
    <message>
        <source>Show them</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>Without a choice (Space)</source>
        <translation>Sans choix (Espace)</translation>
    </message>
    <message>
        <source>None was chosen.</source>
        <translation>Aucune n’a été choisie.</translation>
    </message>
</context>
<context>
    <name>calando::CourseChart</name>
    <message>
        <source>%1 by week</source>
        <translation>%1 par semaine</translation>
    </message>
    <message>
        <source>No take has this figure yet. Choose another figure, or another exercise.</source>
        <translation>Aucune prise n’a encore ce chiffre. Choisissez un autre chiffre, ou un autre exercice.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d MMM</translation>
    </message>
    <message>
        <source>asked for, at least</source>
        <translation>demandé, au moins</translation>
    </message>
    <message>
        <source>asked for, at most</source>
        <translation>demandé, au plus</translation>
    </message>
    <message>
        <source>%1: lesson</source>
        <comment>day</comment>
        <translation>%1 : leçon</translation>
    </message>
    <message numerus="yes">
        <source>Week of %1: %2 in the middle, from %3 to %4; takes: %n</source>
        <translation>
            <numerusform>Semaine du %1 : %2 au milieu, de %3 à %4 ; prises : %n</numerusform>
            <numerusform>Semaine du %1 : %2 au milieu, de %3 à %4 ; prises : %n</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::CuePage</name>
    <message>
        <source>This one is open</source>
        <translation>Celle-ci est ouverte</translation>
    </message>
    <message>
        <source>Forget them</source>
        <translation>Les oublier</translation>
    </message>
    <message>
        <source>Choose a breath in that sounds open: this player’s breaths are compared with it from now on.</source>
        <translation>Choisissez une inspiration qui sonne ouverte : les respirations de ce joueur lui seront comparées désormais.</translation>
    </message>
    <message>
        <source>Breaths in are compared with what holds for everybody. Choose one that sounds open to compare them with this player’s own.</source>
        <translation>Les inspirations sont comparées à ce qui vaut pour tous. Choisissez-en une qui sonne ouverte pour les comparer à celle de ce joueur.</translation>
    </message>
    <message>
        <source>Compared with this player’s own open breaths: %1.</source>
        <translation>Comparé aux respirations ouvertes de ce joueur : %1.</translation>
    </message>
</context>
<context>
    <name>calando::CueRows</name>
    <message>
        <source>Cues</source>
        <translation>Parties</translation>
    </message>
    <message>
        <source>Cue</source>
        <translation>Partie</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Longueur</translation>
    </message>
    <message>
        <source>in</source>
        <translation>en</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>Pulses</source>
        <translation>Pulsations</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Modèle</translation>
    </message>
    <message>
        <source>Who</source>
        <translation>Qui</translation>
    </message>
    <message>
        <source>Add a cue</source>
        <translation>Ajouter une partie</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>L’enlever</translation>
    </message>
    <message>
        <source>any, home, each (the repeated note), a written note such as %1, degree 3 of the scale, interval -1 in half steps, partial 3</source>
        <translation>quelconque, home, each (la note répétée), une note écrite comme %1, degree 3 de la gamme, interval -1 en demi-tons, partial 3</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>temps</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>secondes</translation>
    </message>
    <message>
        <source>open</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>The others are compared with this note in colour</source>
        <translation>Les autres sont comparées à cette note pour la couleur</translation>
    </message>
    <message>
        <source>both</source>
        <translation>les deux</translation>
    </message>
    <message>
        <source>partner</source>
        <translation>partenaire</translation>
    </message>
    <message>
        <source>player</source>
        <translation>joueur</translation>
    </message>
    <message>
        <source>own voice</source>
        <translation>propre voix</translation>
    </message>
    <message>
        <source>Unit of length</source>
        <translation>Unité de longueur</translation>
    </message>
    <message>
        <source>Model note</source>
        <translation>Note modèle</translation>
    </message>
    <message>
        <source>Who sounds</source>
        <translation>Qui sonne</translation>
    </message>
    <message>
        <source>%1 of cue %2</source>
        <translation>%1 de la partie %2</translation>
    </message>
</context>
<context>
    <name>calando::CueTable</name>
    <message>
        <source>Figures of every cue</source>
        <translation>Chiffres de chaque partie</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>son</translation>
    </message>
    <message>
        <source>How far the model note strays from itself</source>
        <translation>De combien la note modèle s’écarte d’elle-même</translation>
    </message>
</context>
<context>
    <name>calando::EarChart</name>
    <message>
        <source>Smallest difference heard by week: %1</source>
        <translation>Plus petite différence entendue par semaine : %1</translation>
    </message>
    <message>
        <source>After eight answers a week its smallest difference heard is drawn here.</source>
        <translation>Après huit réponses dans une semaine, sa plus petite différence entendue est dessinée ici.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d MMM</translation>
    </message>
</context>
<context>
    <name>calando::EarCourse</name>
    <message>
        <source>guess first, in the lesson</source>
        <translation>deviner d’abord, dans la leçon</translation>
    </message>
    <message>
        <source>After a take one of its figures is guessed before any is shown</source>
        <translation>Après une prise, un de ses chiffres est deviné avant d’en montrer aucun</translation>
    </message>
    <message>
        <source>Smallest difference heard, lately and by week</source>
        <translation>Plus petite différence entendue, dernièrement et par semaine</translation>
    </message>
    <message>
        <source>Guessed before it was seen</source>
        <translation>Deviné avant d’être vu</translation>
    </message>
    <message>
        <source>%1: not known before eight answers</source>
        <translation>%1 : inconnu avant huit réponses</translation>
    </message>
    <message>
        <source>from %1 on: %2</source>
        <comment>a concert note, what is heard there</comment>
        <translation>à partir de %1 : %2</translation>
    </message>
    <message>
        <source>played lately: %1 %2</source>
        <comment>a figure and its value</comment>
        <translation>joué dernièrement : %1 %2</translation>
    </message>
    <message>
        <source>%1: off by %2 in the middle</source>
        <comment>a figure</comment>
        <translation>%1 : faux de %2 au milieu</translation>
    </message>
    <message>
        <source>Nothing yet: each question and each guess of five minutes stands here with its answer.</source>
        <translation>Encore rien : chaque question et chaque chiffre deviné de cinq minutes est ici avec sa réponse.</translation>
    </message>
</context>
<context>
    <name>calando::EarDesk</name>
    <message>
        <source>Again</source>
        <translation>Encore</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Space goes on · 1 to 6 answer · R plays again · Esc stops · Page up, Page down: first, second</source>
        <translation>Espace continue · 1 à 6 répondent · R rejoue · Échap arrête · Page haut, Page bas : premier, second</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Commencer</translation>
    </message>
    <message>
        <source>A moment…</source>
        <translation>Un instant…</translation>
    </message>
    <message>
        <source>Loud sound harms hearing: keep it soft, and stop when your ears ring or tire.</source>
        <translation>Un son fort nuit à l’ouïe : restez doux, et arrêtez quand les oreilles sifflent ou fatiguent.</translation>
    </message>
    <message>
        <source>%1 of %2 right</source>
        <translation>%1 de %2 justes</translation>
    </message>
    <message>
        <source>Five minutes of listening</source>
        <translation>Cinq minutes d’écoute</translation>
    </message>
    <message>
        <source>Two tones made from your own: you say which, then it is harder or easier.</source>
        <translation>Deux sons faits des vôtres : vous dites lequel, puis c’est plus difficile ou plus facile.</translation>
    </message>
    <message>
        <source>Guess before you see it</source>
        <translation>Deviner avant de voir</translation>
    </message>
    <message>
        <source>One of your takes is played: you say its figure, then you see it.</source>
        <translation>Une de vos prises est jouée : vous dites son chiffre, puis vous le voyez.</translation>
    </message>
    <message>
        <source>Which one would you keep?</source>
        <translation>Laquelle garderiez-vous ?</translation>
    </message>
    <message>
        <source>Two takes of one exercise, equally loud: you choose, then the figures come, then their days.</source>
        <translation>Deux prises d’un exercice, aussi fortes : vous choisissez, puis viennent les chiffres, puis leurs jours.</translation>
    </message>
    <message>
        <source>Yes.</source>
        <translation>Oui.</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>Non.</translation>
    </message>
    <message>
        <source>%1 · %2 of %3 right · %4 left</source>
        <translation>%1 · %2 de %3 justes · encore %4</translation>
    </message>
    <message>
        <source>Listen, then guess</source>
        <translation>Écouter, puis deviner</translation>
    </message>
    <message>
        <source>Off by %1.</source>
        <translation>Faux de %1.</translation>
    </message>
    <message>
        <source>the first …</source>
        <translation>le premier …</translation>
    </message>
    <message>
        <source>the second …</source>
        <translation>le second …</translation>
    </message>
</context>
<context>
    <name>calando::EarTraining</name>
    <message>
        <source>No tone is held for two seconds: play a long tone first.</source>
        <translation>Aucun son n’est tenu deux secondes : jouez d’abord un son long.</translation>
    </message>
    <message>
        <source>From the stand-in’s tone</source>
        <translation>Du son du remplaçant</translation>
    </message>
    <message>
        <source>Your limit is well known now. Enough for today.</source>
        <translation>Votre limite est bien connue maintenant. Assez pour aujourd’hui.</translation>
    </message>
    <message>
        <source>This tone is not fit for what is asked about; choose something else.</source>
        <translation>Ce son ne convient pas à ce qui est demandé ; choisissez autre chose.</translation>
    </message>
</context>
<context>
    <name>calando::EarsPage</name>
    <message>
        <source>What is asked about</source>
        <translation>Ce qui est demandé</translation>
    </message>
    <message>
        <source>In own words</source>
        <translation>En ses propres mots</translation>
    </message>
    <message>
        <source>How</source>
        <translation>Comment</translation>
    </message>
    <message>
        <source>Headphones are best, and set soft: no sound here is louder than another.</source>
        <translation>Le casque est le mieux, et doux : aucun son ici n’est plus fort qu’un autre.</translation>
    </message>
    <message>
        <source>whichever suits</source>
        <translation>ce qui convient</translation>
    </message>
    <message>
        <source>guess a take’s figure</source>
        <translation>deviner le chiffre d’une prise</translation>
    </message>
    <message>
        <source>two takes, blind</source>
        <translation>deux prises, à l’aveugle</translation>
    </message>
</context>
<context>
    <name>calando::FigureGroups</name>
    <message>
        <source>starts and lasts</source>
        <translation>commence et dure</translation>
    </message>
    <message>
        <source>steady</source>
        <translation>calme</translation>
    </message>
    <message>
        <source>in tune</source>
        <translation>juste</translation>
    </message>
    <message>
        <source>full</source>
        <translation>plein</translation>
    </message>
    <message>
        <source>All figures, in groups</source>
        <translation>Tous les chiffres, en groupes</translation>
    </message>
    <message>
        <source>no target</source>
        <translation>pas de cible</translation>
    </message>
    <message numerus="yes">
        <source>%n inside</source>
        <translation>
            <numerusform>%n dans la cible</numerusform>
            <numerusform>%n dans la cible</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 inside</source>
        <translation>%1 de %2 dans la cible</translation>
    </message>
</context>
<context>
    <name>calando::FigurePanel</name>
    <message>
        <source>Nothing to say yet: either period needs takes on two days at least.</source>
        <translation>Encore rien à dire : chaque période a besoin de prises sur deux jours au moins.</translation>
    </message>
    <message>
        <source>%1 and %2 takes</source>
        <translation>%1 et %2 prises</translation>
    </message>
    <message>
        <source>No difference to speak of (± %1; %2).</source>
        <translation>Pas de différence notable (± %1 ; %2).</translation>
    </message>
    <message>
        <source>%3 → %4%5: %1 more, give or take %2 (%6).</source>
        <translation>%3 → %4%5 : %1 de plus, à %2 près (%6).</translation>
    </message>
    <message>
        <source>%3 → %4%5: %1 less, give or take %2 (%6).</source>
        <translation>%3 → %4%5 : %1 de moins, à %2 près (%6).</translation>
    </message>
    <message>
        <source>the last four weeks with the four before</source>
        <translation>les quatre dernières semaines avec les quatre d’avant</translation>
    </message>
    <message>
        <source>this week with the one before</source>
        <translation>cette semaine avec celle d’avant</translation>
    </message>
    <message>
        <source>this month with the last</source>
        <translation>ce mois avec le dernier</translation>
    </message>
    <message>
        <source>the second half with the first</source>
        <translation>la seconde moitié avec la première</translation>
    </message>
    <message>
        <source>Exercise</source>
        <translation>Exercice</translation>
    </message>
    <message>
        <source>Drawn here</source>
        <translation>Dessiné ici</translation>
    </message>
    <message>
        <source>Compared</source>
        <translation>Comparé</translation>
    </message>
    <message>
        <source>all exercises</source>
        <translation>tous les exercices</translation>
    </message>
    <message>
        <source>A figure’s course is drawn here once there are takes.</source>
        <translation>Le cours d’un chiffre se dessine ici dès qu’il y a des prises.</translation>
    </message>
    <message numerus="yes">
        <source>Left out, as the microphone stood elsewhere: %n.</source>
        <translation>
            <numerusform>Laissé de côté, le microphone étant ailleurs : %n.</numerusform>
            <numerusform>Laissé de côté, le microphone étant ailleurs : %n.</numerusform>
        </translation>
    </message>
    <message>
        <source>All exercises mixed: choose one to compare like with like.</source>
        <translation>Tous les exercices mêlés : choisissez-en un pour comparer ce qui se compare.</translation>
    </message>
    <message>
        <source>Strokes: lessons; wedges: notes.</source>
        <translation>Traits : leçons ; coins : notes.</translation>
    </message>
    <message>
        <source>No take has this figure yet. Choose another figure, or another exercise.</source>
        <translation>Aucune prise n’a encore ce chiffre. Choisissez un autre chiffre, ou un autre exercice.</translation>
    </message>
    <message>
        <source>Measuring, %1 of %2.</source>
        <translation>Mesure en cours, %1 sur %2.</translation>
    </message>
</context>
<context>
    <name>calando::FiguresView</name>
    <message>
        <source>up to %1 %2</source>
        <comment>3 cents: flat</comment>
        <translation>jusqu’à %1 %2</translation>
    </message>
    <message>
        <source>within %1</source>
        <translation>à ±%1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>%1 and more</source>
        <translation>%1 et plus</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>jusqu’à %1</translation>
    </message>
    <message>
        <source>Figures of the take</source>
        <translation>Chiffres de la prise</translation>
    </message>
    <message>
        <source>After the take: the figures that matter most, each with its target, and one thing to try.</source>
        <translation>Après la prise : les chiffres qui comptent le plus, chacun avec sa cible, et une chose à essayer.</translation>
    </message>
    <message>
        <source>No target at this level.</source>
        <translation>Pas de cible à ce niveau.</translation>
    </message>
    <message>
        <source>Target: %1</source>
        <translation>Cible : %1</translation>
    </message>
</context>
<context>
    <name>calando::FingeringTable</name>
    <message>
        <source>fingering</source>
        <translation>doigté</translation>
    </message>
    <message>
        <source>spoke</source>
        <translation>a parlé</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>cents</translation>
    </message>
    <message>
        <source>wander</source>
        <translation>flotte</translation>
    </message>
    <message>
        <source>under</source>
        <translation>dessous</translation>
    </message>
    <message>
        <source>What was tried</source>
        <translation>Ce qui a été essayé</translation>
    </message>
    <message>
        <source>How often the note came, and no other</source>
        <translation>Combien de fois la note est venue, et aucune autre</translation>
    </message>
    <message>
        <source>Air before the sound</source>
        <translation>Air avant le son</translation>
    </message>
    <message>
        <source>Off the note</source>
        <translation>À côté de la note</translation>
    </message>
    <message>
        <source>How far the pitch strays</source>
        <translation>De combien la hauteur s’écarte</translation>
    </message>
    <message>
        <source>What sounds on underneath</source>
        <translation>Ce qui continue dessous</translation>
    </message>
    <message>
        <source>Fingerings tried for this note, the best first</source>
        <translation>Doigtés essayés pour cette note, les meilleurs d’abord</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
</context>
<context>
    <name>calando::FoundDialog</name>
    <message>
        <source>Keep as a take of</source>
        <translation>Garder comme prise de</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Écouter</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exporter…</translation>
    </message>
    <message>
        <source>Throw away…</source>
        <translation>Jeter…</translation>
    </message>
    <message>
        <source>Recordings that were found</source>
        <translation>Enregistrements trouvés</translation>
    </message>
    <message>
        <source>Recordings that are no takes yet</source>
        <translation>Enregistrements qui ne sont pas encore des prises</translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Élève</translation>
    </message>
    <message>
        <source>Left behind when the program or the computer was ended, when the disk was full, or by another list of takes. Nothing is removed unless you throw it away.</source>
        <translation>Restés quand le programme ou l’ordinateur s’est arrêté, quand le disque était plein, ou d’une autre liste. Rien n’est enlevé si vous ne le jetez pas.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>whose is it?</source>
        <translation>de qui est-ce ?</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>cannot be read as sound</source>
        <translation>ne peut pas être lu comme son</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>of a student here</source>
        <translation>d’un élève d’ici</translation>
    </message>
    <message>
        <source>of %1, who is not in this studio</source>
        <translation>de %1, qui n’est pas dans ce studio</translation>
    </message>
    <message>
        <source>of somebody who is not in this studio</source>
        <translation>de quelqu’un qui n’est pas dans ce studio</translation>
    </message>
    <message>
        <source>nothing says whose it is</source>
        <translation>rien ne dit de qui c’est</translation>
    </message>
    <message>
        <source>Export the recording</source>
        <translation>Exporter l’enregistrement</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
    <message>
        <source>%1 could not be written: %2.</source>
        <translation>%1 n’a pas pu être écrit : %2.</translation>
    </message>
    <message>
        <source>Throw the recording away</source>
        <translation>Jeter l’enregistrement</translation>
    </message>
    <message>
        <source>Throw this away? It cannot be brought back.</source>
        <translation>Le jeter ? On ne pourra pas le ramener.</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Jeter</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Laisser</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
</context>
<context>
    <name>calando::GoBox</name>
    <message>
        <source>Start or stop a take</source>
        <translation>Commencer ou arrêter une prise</translation>
    </message>
    <message>
        <source>Esc: unwell</source>
        <comment>a key, and when it is pressed</comment>
        <translation>Échap : pas bien</translation>
    </message>
    <message>
        <source>rest %1 s</source>
        <translation>repos %1 s</translation>
    </message>
    <message>
        <source>Let go</source>
        <translation>Lâcher</translation>
    </message>
    <message>
        <source>It slides</source>
        <translation>Ça glisse</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Départ</translation>
    </message>
</context>
<context>
    <name>calando::GrowthFields</name>
    <message>
        <source>nothing more</source>
        <translation>rien de plus</translation>
    </message>
    <message>
        <source>seconds of a tone</source>
        <translation>secondes d’un son</translation>
    </message>
    <message>
        <source>tempo, per minute</source>
        <translation>tempo, par minute</translation>
    </message>
    <message>
        <source>rounds of a climb</source>
        <translation>tours d’une montée</translation>
    </message>
    <message>
        <source>Growing numbers with spaces between: one after the other</source>
        <translation>Nombres croissants séparés par des espaces : l’un après l’autre</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>Then asks for</source>
        <translation>Demande ensuite</translation>
    </message>
    <message>
        <source>by steps</source>
        <translation>par pas</translation>
    </message>
    <message>
        <source>After it</source>
        <translation>Après</translation>
    </message>
    <message>
        <source>Steps: “%1” is no number. Write them as 4 6 8 10.</source>
        <translation>Pas : « %1 » n’est pas un nombre. Écrivez-les comme 4 6 8 10.</translation>
    </message>
</context>
<context>
    <name>calando::GuessBox</name>
    <message>
        <source>Your guess</source>
        <translation>Votre estimation</translation>
    </message>
    <message>
        <source>Show it</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>The figures and the picture come after your guess.</source>
        <translation>Les chiffres et l’image viennent après votre estimation.</translation>
    </message>
    <message>
        <source>%1: what do you guess?</source>
        <comment>a figure</comment>
        <translation>%1 : que devinez-vous ?</translation>
    </message>
</context>
<context>
    <name>calando::HeadStrip</name>
    <message>
        <source>stop by itself</source>
        <translation>s’arrêter seul</translation>
    </message>
    <message>
        <source>ears first</source>
        <translation>écouter d’abord</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>The written note asked for, such as Bb4 or F#3; empty for any note.</source>
        <translation>La note demandée, écrite, comme Bb4 ou F#3 ; vide pour n’importe laquelle.</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>How long the tone should last.</source>
        <translation>Combien de temps le son doit durer.</translation>
    </message>
    <message>
        <source> /min</source>
        <translation> /min</translation>
    </message>
    <message>
        <source>Beats a minute of the count.</source>
        <translation>Temps par minute.</translation>
    </message>
    <message>
        <source> counts</source>
        <translation> temps</translation>
    </message>
    <message>
        <source>The most counts that are asked of this player: the exercise goes up no further.</source>
        <translation>Le plus de temps demandés à ce joueur : l’exercice ne monte pas plus loin.</translation>
    </message>
    <message>
        <source>What is heard while the exercise runs. What sounds from loudspeakers is heard by the microphone too: use headphones.</source>
        <translation>Ce qu’on entend pendant l’exercice. Ce qui sort des haut-parleurs, le microphone l’entend aussi : prenez un casque.</translation>
    </message>
    <message>
        <source>How narrow the targets are.</source>
        <translation>Combien les cibles sont étroites.</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>Fingering</source>
        <translation>Doigté</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Tenir</translation>
    </message>
    <message>
        <source>Tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Up to</source>
        <translation>Jusqu’à</translation>
    </message>
    <message>
        <source>Plays along</source>
        <translation>Joue avec</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Niveau</translation>
    </message>
    <message>
        <source>In tune with</source>
        <translation>Accordé sur</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>equal</source>
        <translation>tempéré</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Temperament</source>
        <translation>Tempérament</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>non dit</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Salle</translation>
    </message>
    <message>
        <source>How warm the room is</source>
        <translation>La chaleur de la salle</translation>
    </message>
    <message>
        <source>How warm the room is: kept with each take, since pitch goes with it.</source>
        <translation>La chaleur de la salle : gardée avec chaque prise, car la hauteur en dépend.</translation>
    </message>
    <message>
        <source>I moved the microphone</source>
        <translation>J’ai déplacé le microphone</translation>
    </message>
    <message>
        <source>Loudness depends on where the microphone stands: the map of reach begins anew from here.</source>
        <translation>L’intensité dépend de la place du microphone : la carte de la portée recommence d’ici.</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Microphone</translation>
    </message>
    <message>
        <source>The take ends by itself: one second after the tone, or after the last cue.</source>
        <translation>La prise s’arrête seule : une seconde après le son, ou après la dernière partie.</translation>
    </message>
    <message>
        <source>“%1” is no note. Write it like %2 or %3, or leave it empty for any note.</source>
        <translation>« %1 » n’est pas une note. Écrivez-la comme %2 ou %3, ou laissez vide pour n’importe laquelle.</translation>
    </message>
    <message>
        <source>just on %1</source>
        <translation>pur sur %1</translation>
    </message>
    <message>
        <source>The exercise says how it is tuned.</source>
        <translation>L’exercice dit comment il est accordé.</translation>
    </message>
    <message>
        <source>Compared with the player’s own home note.</source>
        <translation>Comparé à la tonique propre au joueur.</translation>
    </message>
    <message>
        <source>pure over home</source>
        <translation>pur sur la tonique</translation>
    </message>
    <message>
        <source>own home note</source>
        <translation>propre tonique</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>flash</source>
        <translation>éclair</translation>
    </message>
    <message>
        <source>click</source>
        <translation>clic</translation>
    </message>
    <message>
        <source>fork, then click</source>
        <translation>diapason, puis clic</translation>
    </message>
    <message>
        <source>drone on home</source>
        <translation>bourdon sur la tonique</translation>
    </message>
    <message>
        <source>a partner</source>
        <translation>un partenaire</translation>
    </message>
    <message>
        <source>soft swell</source>
        <translation>doux gonflement</translation>
    </message>
    <message>
        <source>earlier take</source>
        <translation>prise antérieure</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>room °C</source>
        <translation>salle °C</translation>
    </message>
</context>
<context>
    <name>calando::HeardDialog</name>
    <message>
        <source>Is everything heard?</source>
        <translation>Entend-on tout ?</translation>
    </message>
    <message>
        <source>Input level</source>
        <translation>Niveau d’entrée</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Commencer</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Micro</translation>
    </message>
    <message>
        <source>Plays by itself when the take starts.</source>
        <translation>Joue tout seul quand la prise commence.</translation>
    </message>
    <message>
        <source>Play any note: its name stands here.</source>
        <translation>Jouer n’importe quelle note : son nom s’affiche ici.</translation>
    </message>
    <message>
        <source>Heard, and loud enough.</source>
        <translation>On l’entend, et assez fort.</translation>
    </message>
</context>
<context>
    <name>calando::HeardPicture</name>
    <message>
        <source>Picture of the take</source>
        <translation>Image de la prise</translation>
    </message>
</context>
<context>
    <name>calando::HeardView</name>
    <message>
        <source>Smallest differences heard</source>
        <translation>Plus petites différences entendues</translation>
    </message>
    <message>
        <source>%1: hears %2</source>
        <comment>what, how little of it</comment>
        <translation>%1 : entend %2</translation>
    </message>
    <message>
        <source>The ear was not asked yet: Ears (Alt+4) does, five minutes at a time.</source>
        <translation>L’oreille n’a pas encore été interrogée : Oreille (Alt+4) le fait, cinq minutes à la fois.</translation>
    </message>
</context>
<context>
    <name>calando::HelpedView</name>
    <message>
        <source>What helped</source>
        <translation>Ce qui a aidé</translation>
    </message>
    <message>
        <source>helped in %1 of %2</source>
        <translation>a aidé %1 fois sur %2</translation>
    </message>
    <message>
        <source>%1 changed by %2</source>
        <translation>%1 a changé de %2</translation>
    </message>
    <message>
        <source>%1: no difference to speak of</source>
        <translation>%1 : pas de différence notable</translation>
    </message>
    <message>
        <source>too few to say how much</source>
        <translation>trop peu pour dire combien</translation>
    </message>
    <message>
        <source>an image</source>
        <translation>une image</translation>
    </message>
    <message>
        <source>Said of it: %1</source>
        <translation>On en dit : %1</translation>
    </message>
    <message>
        <source>Measured: %1</source>
        <translation>Mesuré : %1</translation>
    </message>
    <message>
        <source>%1 differs by %2 %3</source>
        <comment>figure, how much, between which</comment>
        <translation>%1 diffère de %2 %3</translation>
    </message>
    <message>
        <source>%1: no difference to speak of</source>
        <comment>between which</comment>
        <translation>%1 : pas de différence notable</translation>
    </message>
    <message>
        <source>%1 and %2 takes</source>
        <translation>%1 et %2 prises</translation>
    </message>
    <message>
        <source>with the attention on the sound, against on the count</source>
        <translation>avec l’attention au son, contre au compte</translation>
    </message>
    <message>
        <source>with “%1” ticked, against without</source>
        <translation>avec « %1 » coché, contre sans</translation>
    </message>
    <message>
        <source>in the words of “%1”, against “%2”</source>
        <translation>dans les mots de « %1 », contre « %2 »</translation>
    </message>
    <message>
        <source>What was tried</source>
        <translation>Ce qui a été essayé</translation>
    </message>
    <message>
        <source>Where the attention was</source>
        <translation>Où était l’attention</translation>
    </message>
    <message>
        <source>What was watched</source>
        <translation>Ce qui a été observé</translation>
    </message>
    <message>
        <source>Whose words the exercises spoke</source>
        <translation>Dans les mots de qui parlaient les exercices</translation>
    </message>
    <message>
        <source>Nothing was tried yet. Y says that the one thing to try was tried in a take; 5 to 8 say where the attention was.</source>
        <translation>Rien n’a encore été essayé. Y dit que la chose à essayer l’a été dans une prise ; 5 à 8 disent où était l’attention.</translation>
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
        <translation>%1 a changé et est évalué de nouveau ; ce qui en avait été dit est mis de côté.</translation>
    </message>
</context>
<context>
    <name>calando::HomeworkLists</name>
    <message>
        <source>This list cannot be read any more: %1</source>
        <translation>Cette liste ne peut plus être lue : %1</translation>
    </message>
</context>
<context>
    <name>calando::Keeping</name>
    <message>
        <source>noise suppression</source>
        <translation>suppression de bruit</translation>
    </message>
    <message>
        <source>a noise gate</source>
        <translation>une porte de bruit</translation>
    </message>
    <message>
        <source>automatic gain</source>
        <translation>gain automatique</translation>
    </message>
    <message>
        <source>The computer changes the microphone’s sound (%1): breath is not measured so. Switch that off in the desktop’s sound settings, or in the microphone’s own.</source>
        <translation>L’ordinateur change le son du microphone (%1) : ainsi le souffle n’est pas mesuré. Éteignez cela dans les réglages de son du bureau, ou du microphone.</translation>
    </message>
    <message>
        <source>The computer changes the microphone’s sound (%1): loudness and noise are not what was played. Switch that off in the desktop’s sound settings.</source>
        <translation>L’ordinateur change le son du microphone (%1) : intensité et bruit ne sont pas ce qui a été joué. Éteignez cela dans les réglages de son du bureau.</translation>
    </message>
    <message>
        <source>, </source>
        <comment>between items of a list</comment>
        <translation>, </translation>
    </message>
    <message>
        <source>No tone was found in this take. It is kept; delete it, or mark it as not yet.</source>
        <translation>Aucun son n’a été trouvé dans cette prise. Elle est gardée ; supprimez-la, ou marquez-la pas encore.</translation>
    </message>
    <message>
        <source>No breath was found in this take: come nearer to the microphone. It is kept; delete it, or mark it as not yet.</source>
        <translation>Aucun souffle n’a été trouvé dans cette prise : approchez-vous du microphone. Elle est gardée ; supprimez-la, ou marquez-la pas encore.</translation>
    </message>
    <message>
        <source>The microphone hears the swell: breath is not measured so. Use headphones, or the flash.</source>
        <translation>Le microphone entend le gonflement : ainsi le souffle n’est pas mesuré. Prenez un casque, ou l’éclair.</translation>
    </message>
    <message>
        <source>The microphone hears the partner. How far apart you are is measured all the same; for the tone itself use headphones.</source>
        <translation>Le microphone entend le partenaire. Votre écart est mesuré quand même ; pour le son lui-même, prenez un casque.</translation>
    </message>
    <message>
        <source>The microphone hears the drone. Pitch and length are measured all the same; for tone over air noise use headphones.</source>
        <translation>Le microphone entend le bourdon. Hauteur et longueur sont mesurées quand même ; pour le son sur bruit d’air, prenez un casque.</translation>
    </message>
    <message>
        <source>The microphone hears the clicks. They are taken out of the figures as far as they are alike; headphones are surer.</source>
        <translation>Le microphone entend les clics. Ils sont retirés des chiffres autant qu’ils se ressemblent ; le casque est plus sûr.</translation>
    </message>
    <message>
        <source>The sound stumbled in this take: the computer was busy. Timing is judged against your own pulse, not against the click.</source>
        <translation>Le son a trébuché dans cette prise : l’ordinateur était occupé. Le temps est jugé d’après votre pulsation, non d’après le clic.</translation>
    </message>
    <message>
        <source>Timing is judged against your own pulse. Measure delay, once, to judge it against the click.</source>
        <translation>Le temps est jugé d’après votre pulsation. Mesurez le délai, une fois, pour le juger d’après le clic.</translation>
    </message>
    <message>
        <source>%1 min on the small part today: that is enough. Rest, or one more?</source>
        <translation>%1 min sans l’instrument aujourd’hui : c’est assez. Repos, ou encore une ?</translation>
    </message>
    <message>
        <source>%1 min of long tones today: that is enough. Rest, or one more?</source>
        <translation>%1 min de sons longs aujourd’hui : c’est assez. Repos, ou encore une ?</translation>
    </message>
    <message>
        <source>That was %1 of %2 today: enough of it. Rest, or one more?</source>
        <translation>C’était %1 sur %2 aujourd’hui : assez. Repos, ou encore une ?</translation>
    </message>
    <message>
        <source>A recording was found that is no take yet and belongs to nobody here. It is safe on disk.</source>
        <translation>Un enregistrement a été trouvé, qui n’est pas encore une prise et n’est à personne ici. Il est en sûreté sur le disque.</translation>
    </message>
    <message>
        <source>A recording was found that is no take yet. It is safe on disk.</source>
        <translation>Un enregistrement a été trouvé, qui n’est pas encore une prise. Il est en sûreté sur le disque.</translation>
    </message>
    <message>
        <source>%1 recordings were found that are no takes yet; %2 belong to nobody here. They are safe on disk.</source>
        <translation>%1 enregistrements ont été trouvés, qui ne sont pas encore des prises ; %2 ne sont à personne ici. Ils sont en sûreté sur le disque.</translation>
    </message>
    <message>
        <source>%1 recordings were found that are no takes yet. They are safe on disk.</source>
        <translation>%1 enregistrements ont été trouvés, qui ne sont pas encore des prises. Ils sont en sûreté sur le disque.</translation>
    </message>
    <message>
        <source>Nothing was recorded: the take was stopped before any sound came.</source>
        <translation>Rien n’a été enregistré : la prise a été arrêtée avant tout son.</translation>
    </message>
    <message>
        <source>You get tired: %1 since the day’s beginning. Rest as long as you have played, or stop for today.</source>
        <translation>La fatigue vient : %1 depuis le début du jour. Repos aussi long que le jeu, ou assez pour aujourd’hui.</translation>
    </message>
    <message>
        <source>The take is kept; it is %1’s.</source>
        <translation>La prise est gardée ; elle est à %1.</translation>
    </message>
    <message>
        <source>The take of %1 could not be kept: %2. It is in memory until it is saved elsewhere or Calando is closed; what was recorded of it is offered at the next start.</source>
        <translation>La prise de %1 n’a pas pu être gardée : %2. Elle est en mémoire jusqu’à ce qu’on l’enregistre ailleurs ou ferme Calando ; ce qui en est enregistré est proposé au prochain démarrage.</translation>
    </message>
    <message>
        <source>Save elsewhere…</source>
        <translation>Enregistrer ailleurs…</translation>
    </message>
    <message>
        <source>The hand let go before the air came: this try does not count.</source>
        <translation>La main a lâché avant que l’air vienne : cet essai ne compte pas.</translation>
    </message>
    <message>
        <source>Easy for %1 s: stop there.</source>
        <translation>Facile %1 s : s’arrêter là.</translation>
    </message>
    <message>
        <source>Longest today %1 s, ever %2 s.</source>
        <translation>Le plus long aujourd’hui %1 s, jamais %2 s.</translation>
    </message>
    <message>
        <source>It held: the next one goes at %1 a minute.</source>
        <translation>Cela a tenu : la suite va à %1 par minute.</translation>
    </message>
    <message>
        <source>Now breathe normally for %1 s.</source>
        <translation>Maintenant respirer normalement %1 s.</translation>
    </message>
    <message>
        <source>Measure delay</source>
        <translation>Mesurer le délai</translation>
    </message>
    <message>
        <source>The take is not saved yet: %1.</source>
        <translation>La prise n’est pas encore enregistrée : %1.</translation>
    </message>
    <message>
        <source>no place was chosen</source>
        <translation>aucun endroit n’a été choisi</translation>
    </message>
    <message>
        <source>Written: %1. Open it with Ctrl+O once there is room.</source>
        <translation>Écrit : %1. Ouvrez-le avec Ctrl+O dès qu’il y a de la place.</translation>
    </message>
    <message>
        <source>%1 And others: %2.</source>
        <translation>%1 Et d’autres : %2.</translation>
    </message>
    <message>
        <source>Look at them…</source>
        <translation>Les regarder…</translation>
    </message>
    <message>
        <source>A take of %1, %2 s long, was not kept last time: Calando was ended while it recorded, or there was no room. It is safe on disk.</source>
        <translation>Une prise de %1, %2 s de long, n’a pas été gardée la dernière fois : Calando s’est arrêté pendant l’enregistrement, ou il n’y avait pas de place. Elle est en sûreté sur le disque.</translation>
    </message>
    <message>
        <source>Keep it as a take</source>
        <translation>La garder comme prise</translation>
    </message>
    <message>
        <source>found after a crash</source>
        <translation>trouvé après une panne</translation>
    </message>
    <message>
        <source>Opening recordings: %1 of %2</source>
        <translation>Reprise des enregistrements : %1 de %2</translation>
    </message>
</context>
<context>
    <name>calando::LessonClock</name>
    <message>
        <source>How long this lesson has lasted</source>
        <translation>Depuis combien de temps dure cette leçon</translation>
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
        <translation>Ordre de la leçon</translation>
    </message>
    <message>
        <source>All exercises: choose the lesson’s and their order, and make own ones</source>
        <translation>Tous les exercices : choisir ceux de la leçon et leur ordre, en faire à soi</translation>
    </message>
    <message>
        <source>Last take: %1. %2 of %3 were good; %4 of %5 open the next one.</source>
        <translation>Dernière prise : %1. %2 sur %3 étaient bonnes ; %4 sur %5 ouvrent la suivante.</translation>
    </message>
    <message>
        <source>Not tried yet.</source>
        <translation>Pas encore essayé.</translation>
    </message>
    <message numerus="yes">
        <source>Opens after %n more good takes of the one before.</source>
        <translation>
            <numerusform>S’ouvre après encore %n bonne prise de la précédente.</numerusform>
            <numerusform>S’ouvre après encore %n bonnes prises de la précédente.</numerusform>
        </translation>
    </message>
    <message>
        <source>Running order</source>
        <translation>Ordre</translation>
    </message>
    <message>
        <source>Choose exercises…</source>
        <translation>Choisir les exercices…</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Ordre</translation>
    </message>
</context>
<context>
    <name>calando::ListDialog</name>
    <message>
        <source>What is to be sent</source>
        <translation>Ce qui est à envoyer</translation>
    </message>
    <message>
        <source>A title, such as the class and the week</source>
        <translation>Un titre, comme la classe et la semaine</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titre</translation>
    </message>
    <message>
        <source>due</source>
        <translation>pour le</translation>
    </message>
    <message>
        <source>Erase the list</source>
        <translation>Effacer la liste</translation>
    </message>
    <message>
        <source>Search the exercises; Return adds</source>
        <translation>Chercher les exercices ; Entrée ajoute</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Exercices</translation>
    </message>
    <message>
        <source>%1 – %2</source>
        <comment>an exercise, why it is not to be had</comment>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>Add to the list</source>
        <translation>Ajouter à la liste</translation>
    </message>
    <message>
        <source>The list</source>
        <translation>La liste</translation>
    </message>
    <message>
        <source>To be sent</source>
        <translation>À envoyer</translation>
    </message>
    <message>
        <source>from note</source>
        <translation>de la note</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>jusqu’à</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>tempo</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Monter</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Descendre</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Notes as written, such as Bb4; empty: any. Up to: a row goes as far as there.</source>
        <translation>Notes comme écrites, ainsi Bb4 ; vide : n’importe laquelle. Jusqu’à : une suite va jusque-là.</translation>
    </message>
    <message>
        <source>A tempo from 20 to 400</source>
        <translation>Un tempo de 20 à 400</translation>
    </message>
    <message>
        <source>No note: write it as Bb4 or F#3</source>
        <translation>Pas une note : écrivez Bb4 ou F#3</translation>
    </message>
</context>
<context>
    <name>calando::LogView</name>
    <message>
        <source>felt easy</source>
        <translation>c’était facile</translation>
    </message>
    <message>
        <source>felt fair</source>
        <translation>c’était moyen</translation>
    </message>
    <message>
        <source>felt tight</source>
        <translation>c’était serré</translation>
    </message>
    <message>
        <source>attention on the sound</source>
        <translation>attention au son</translation>
    </message>
    <message>
        <source>attention on the count</source>
        <translation>attention au compte</translation>
    </message>
    <message>
        <source>attention on the lips</source>
        <translation>attention aux lèvres</translation>
    </message>
    <message>
        <source>attention elsewhere</source>
        <translation>attention ailleurs</translation>
    </message>
    <message>
        <source>Search: an exercise, a note, what was tried</source>
        <translation>Chercher : un exercice, une note, ce qui a été essayé</translation>
    </message>
    <message>
        <source>Search the logbook</source>
        <translation>Chercher dans le journal</translation>
    </message>
    <message>
        <source>Logbook, by day</source>
        <translation>Journal, par jour</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Jour</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minutes</translation>
    </message>
    <message>
        <source>What, without the program</source>
        <translation>Quoi, sans le programme</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>L’écrire</translation>
    </message>
    <message>
        <source>HH:mm</source>
        <comment>a time of day</comment>
        <translation>HH:mm</translation>
    </message>
    <message>
        <source>%1 s held</source>
        <translation>%1 s tenues</translation>
    </message>
    <message>
        <source>light-headed: stopped</source>
        <translation>tête légère : arrêté</translation>
    </message>
    <message>
        <source>tried: %1</source>
        <translation>essayé : %1</translation>
    </message>
    <message numerus="yes">
        <source>takes: %n, sound: %1</source>
        <translation>
            <numerusform>prises : %n, son : %1</numerusform>
            <numerusform>prises : %n, son : %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 min by hand</source>
        <translation>%1 min à la main</translation>
    </message>
    <message>
        <source>Nothing yet. Takes come here by themselves.</source>
        <translation>Encore rien. Les prises viennent ici d’elles-mêmes.</translation>
    </message>
    <message>
        <source>Nothing with “%1”.</source>
        <translation>Rien avec « %1 ».</translation>
    </message>
    <message>
        <source>by hand: %1 min · %2</source>
        <translation>à la main : %1 min · %2</translation>
    </message>
    <message>
        <source>The entry was erased.</source>
        <translation>L’entrée a été effacée.</translation>
    </message>
</context>
<context>
    <name>calando::MainWindow</name>
    <message>
        <source>Lesson</source>
        <translation>Leçon</translation>
    </message>
    <message>
        <source>Weeks</source>
        <translation>Semaines</translation>
    </message>
    <message>
        <source>Post</source>
        <translation>Courrier</translation>
    </message>
    <message>
        <source>Ears</source>
        <translation>Oreille</translation>
    </message>
    <message>
        <source>Reckoner</source>
        <translation>Calcul</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Réglages</translation>
    </message>
    <message>
        <source>Calando</source>
        <translation>Calando</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Écouter</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exporter…</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>A folder for recordings</source>
        <translation>Un dossier pour les enregistrements</translation>
    </message>
    <message>
        <source>Save the take elsewhere</source>
        <translation>Enregistrer la prise ailleurs</translation>
    </message>
    <message>
        <source>take.flac</source>
        <translation>prise.flac</translation>
    </message>
    <message>
        <source>Sound (*.flac)</source>
        <translation>Son (*.flac)</translation>
    </message>
    <message>
        <source>Space when the hand lets go</source>
        <translation>Espace quand la main lâche</translation>
    </message>
    <message>
        <source>Space when the sheet slides</source>
        <translation>Espace quand la feuille glisse</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Add the first student</source>
        <translation>Ajouter le premier élève</translation>
    </message>
    <message>
        <source>Every take belongs to a student; everything stays on this computer.</source>
        <translation>Chaque prise est à un élève ; tout reste sur cet ordinateur.</translation>
    </message>
    <message>
        <source>Add a student</source>
        <translation>Ajouter un élève</translation>
    </message>
    <message>
        <source>Before breathing</source>
        <translation>Avant de respirer</translation>
    </message>
    <message>
        <source>Stop at once when you feel light-headed, dizzy, tingling or in pain: Esc.
Sit down the first times. Short sets, and normal breaths between them.
Not after an illness, with trouble of heart, lungs or blood pressure, or in pregnancy, without a doctor’s word.
Calando is no medical device.

Space begins.</source>
        <translation>Arrêtez tout de suite en cas de tête légère, de vertige, de fourmis ou de douleur : Échap.
Assis les premières fois. De courtes séries, et des respirations normales entre elles.
Pas après une maladie, avec des troubles du cœur, des poumons ou de la tension, ni pendant une grossesse, sans l’avis d’un médecin.
Calando n’est pas un dispositif médical.

Espace commence.</translation>
    </message>
    <message>
        <source>Press Space to start. Or open a recording with Ctrl+O, or drop files here.</source>
        <translation>Espace pour commencer. Ou ouvrir un enregistrement avec Ctrl+O, ou déposer des fichiers ici.</translation>
    </message>
    <message>
        <source>The exercise was erased.</source>
        <translation>L’exercice a été effacé.</translation>
    </message>
    <message>
        <source>%1 · the model</source>
        <translation>%1 · le modèle</translation>
    </message>
    <message>
        <source>Takes of %1 side by side</source>
        <translation>Prises de %1 côte à côte</translation>
    </message>
    <message>
        <source>Open recordings</source>
        <translation>Ouvrir des enregistrements</translation>
    </message>
    <message>
        <source>Sound files (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;All files (*)</source>
        <translation>Fichiers de son (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>Export the take</source>
        <translation>Exporter la prise</translation>
    </message>
    <message>
        <source>take.png</source>
        <translation>prise.png</translation>
    </message>
    <message>
        <source>Picture (*.png *.svg);;Sound (*.wav *.flac);;Figures (*.json);;Tracks (*.csv)</source>
        <translation>Image (*.png *.svg);;Son (*.wav *.flac);;Chiffres (*.json);;Tracés (*.csv)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
    <message>
        <source>Look at the made-up class</source>
        <translation>Voir la classe inventée</translation>
    </message>
    <message>
        <source>Listen first, unseen</source>
        <translation>D’abord écouter, sans voir</translation>
    </message>
    <message>
        <source>With their pictures</source>
        <translation>Avec leurs images</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Comparer…</translation>
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
        <translation>Enlever ce message</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Où cela en est</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>1 of %1: %2</source>
        <translation>1 de %1 : %2</translation>
    </message>
</context>
<context>
    <name>calando::Mirror</name>
    <message>
        <source>Mirror</source>
        <translation>Miroir</translation>
    </message>
    <message>
        <source>The camera is on; nothing is kept.</source>
        <translation>La caméra est allumée ; rien n’est gardé.</translation>
    </message>
    <message>
        <source>No camera was found.</source>
        <translation>Aucune caméra trouvée.</translation>
    </message>
    <message>
        <source>The camera gives no picture: %1</source>
        <translation>La caméra ne donne pas d’image : %1</translation>
    </message>
</context>
<context>
    <name>calando::NextRow</name>
    <message>
        <source>Not now</source>
        <translation>Pas maintenant</translation>
    </message>
    <message>
        <source>Next exercise</source>
        <translation>Exercice suivant</translation>
    </message>
    <message>
        <source>Do that</source>
        <translation>Faire cela</translation>
    </message>
</context>
<context>
    <name>calando::NoteMap</name>
    <message>
        <source>Tuning, wander, loudness and colour of the notes along the range</source>
        <translation>Accord, flottement, intensité et couleur des notes sur la tessiture</translation>
    </message>
</context>
<context>
    <name>calando::NoteWeeks</name>
    <message>
        <source>Tuning of notes by week, cents</source>
        <translation>Accord des notes par semaine, cents</translation>
    </message>
    <message>
        <source>No note was asked for yet. Type one into the note’s field of the lesson.</source>
        <translation>Aucune note n’a encore été demandée. Écrivez-en une dans le champ de la leçon.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d MMM</translation>
    </message>
    <message>
        <source>cents off, the median of a week’s takes</source>
        <translation>cents à côté, le milieu des prises d’une semaine</translation>
    </message>
</context>
<context>
    <name>calando::ObservationRow</name>
    <message>
        <source>%1: not heard again</source>
        <translation>%1 : plus entendu</translation>
    </message>
    <message>
        <source>%1: heard again</source>
        <translation>%1 : encore entendu</translation>
    </message>
    <message>
        <source>%1 · %2 %3 → %4</source>
        <comment>what was tried, a figure before and after</comment>
        <translation>%1 · %2 %3 → %4</translation>
    </message>
    <message>
        <source>it was so</source>
        <translation>c’était ainsi</translation>
    </message>
    <message>
        <source>it was not so</source>
        <translation>ce n’était pas ainsi</translation>
    </message>
    <message>
        <source>was it so?</source>
        <translation>était-ce ainsi ?</translation>
    </message>
    <message>
        <source>right in %1 of %2</source>
        <translation>juste %1 fois sur %2</translation>
    </message>
</context>
<context>
    <name>calando::OffsetsPicture</name>
    <message>
        <source>Cents off equal: just ones as squares, natural ones as rings</source>
        <translation>Cents à côté du tempéré : purs en carrés, naturels en anneaux</translation>
    </message>
    <message>
        <source>equal</source>
        <translation>tempéré</translation>
    </message>
</context>
<context>
    <name>calando::OrderDialog</name>
    <message>
        <source>All exercises, and the lesson’s</source>
        <translation>Tous les exercices, et ceux de la leçon</translation>
    </message>
    <message>
        <source>Search: a title, a part of the lesson, a word</source>
        <translation>Chercher : un titre, une partie de la leçon, un mot</translation>
    </message>
    <message>
        <source>Exercises; ticked ones are in the lesson</source>
        <translation>Exercices ; ceux cochés sont dans la leçon</translation>
    </message>
    <message>
        <source>in the lesson</source>
        <translation>dans la leçon</translation>
    </message>
    <message>
        <source>own exercises</source>
        <translation>exercices à soi</translation>
    </message>
    <message>
        <source>What this order is called</source>
        <translation>Comment s’appelle cet ordre</translation>
    </message>
    <message>
        <source>Called</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Tick what belongs to the lesson; drag, or move with Up and Down.</source>
        <translation>Cochez ce qui est de la leçon ; glisser, ou déplacer avec Monter et Descendre.</translation>
    </message>
    <message>
        <source>%1 – %2</source>
        <comment>an exercise, why it is not to be had</comment>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Monter</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Descendre</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Changer…</translation>
    </message>
    <message>
        <source>Look at the chosen exercise, change an own one, or make an own one of it</source>
        <translation>Regarder l’exercice choisi, en changer un à soi, ou en faire un à soi</translation>
    </message>
</context>
<context>
    <name>calando::PairFields</name>
    <message>
        <source>fades</source>
        <translation>s’éteint</translation>
    </message>
    <message>
        <source>surprises</source>
        <translation>surprend</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>seul</translation>
    </message>
    <message>
        <source>over a drone on the home note</source>
        <translation>sur un bourdon de la tonique</translation>
    </message>
    <message>
        <source>with a partner</source>
        <translation>avec un partenaire</translation>
    </message>
    <message>
        <source> half steps</source>
        <translation> demi-tons</translation>
    </message>
    <message>
        <source>The player’s note over the partner’s</source>
        <translation>La note du joueur sur celle du partenaire</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> cents</translation>
    </message>
    <message>
        <source>How sharp the partner plays</source>
        <translation>De combien le partenaire joue trop haut</translation>
    </message>
    <message>
        <source>How far the partner has gone by the end</source>
        <translation>Où le partenaire en est à la fin</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>tient</translation>
    </message>
    <message>
        <source>gives way</source>
        <translation>cède</translation>
    </message>
    <message>
        <source>follows</source>
        <translation>suit</translation>
    </message>
    <message>
        <source>The partner fades as a fork does</source>
        <translation>Le partenaire s’éteint comme un diapason</translation>
    </message>
    <message>
        <source>Nobody says when the partner comes, or on which note</source>
        <translation>Personne ne dit quand vient le partenaire, ni sur quelle note</translation>
    </message>
    <message>
        <source>Played</source>
        <translation>Joué</translation>
    </message>
    <message>
        <source>Interval</source>
        <translation>Intervalle</translation>
    </message>
    <message>
        <source>Sharp, drifts</source>
        <translation>Trop haut, dérive</translation>
    </message>
    <message>
        <source>Partner</source>
        <translation>Partenaire</translation>
    </message>
    <message>
        <source>Alone, over a drone or with a partner</source>
        <translation>Seul, sur un bourdon ou avec un partenaire</translation>
    </message>
    <message>
        <source>What the partner does</source>
        <translation>Ce que fait le partenaire</translation>
    </message>
</context>
<context>
    <name>calando::PlanDialog</name>
    <message>
        <source>The plan of %1</source>
        <translation>Le plan de %1</translation>
    </message>
    <message>
        <source>For this student, instead of what the exercises say:</source>
        <translation>Pour cet élève, au lieu de ce que disent les exercices :</translation>
    </message>
    <message>
        <source>good of the last</source>
        <translation>bonnes sur les dernières</translation>
    </message>
    <message>
        <source>on so many days:</source>
        <translation>sur autant de jours :</translation>
    </message>
    <message>
        <source>Exercise</source>
        <translation>Exercice</translation>
    </message>
    <message>
        <source>Asks</source>
        <translation>Demande</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>En est à</translation>
    </message>
    <message>
        <source>Not before Monday</source>
        <translation>Pas avant lundi</translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Le reprendre</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>pas commencé</translation>
    </message>
    <message>
        <source>left for now</source>
        <translation>laissé pour l’instant</translation>
    </message>
    <message>
        <source>rests until %1</source>
        <translation>repose jusqu’au %1</translation>
    </message>
    <message>
        <source>new</source>
        <translation>nouveau</translation>
    </message>
    <message>
        <source>practised</source>
        <translation>travaillé</translation>
    </message>
    <message>
        <source>Holidays</source>
        <translation>Vacances</translation>
    </message>
    <message>
        <source>Add a holiday</source>
        <translation>Ajouter des vacances</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Du</translation>
    </message>
    <message>
        <source>to</source>
        <translation>au</translation>
    </message>
    <message>
        <source>Holidays: nothing is on the sheet</source>
        <translation>Vacances : rien n’est sur la feuille</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 au %2</translation>
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
        <translation>D’accord</translation>
    </message>
    <message>
        <source>Not yet</source>
        <translation>Pas encore</translation>
    </message>
    <message>
        <source>Another value than the proposed one</source>
        <translation>Une autre valeur que celle proposée</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Ensuite</translation>
    </message>
    <message>
        <source>Minutes a day</source>
        <translation>Minutes par jour</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Sheet…</source>
        <translation>Feuille…</translation>
    </message>
    <message>
        <source>Plan…</source>
        <translation>Plan…</translation>
    </message>
    <message>
        <source>When an exercise is done, holidays, what rests and what was left</source>
        <translation>Quand un exercice est acquis, les vacances, ce qui se repose et ce qui a été laissé</translation>
    </message>
    <message>
        <source>At home, today</source>
        <translation>À la maison, aujourd’hui</translation>
    </message>
    <message>
        <source>Load</source>
        <translation>Charge</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>encore %n</numerusform>
            <numerusform>encore %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing to change today</source>
        <translation>Rien à changer aujourd’hui</translation>
    </message>
    <message>
        <source>An exercise is proposed when it has been good often enough, on days enough.</source>
        <translation>Un exercice est proposé quand il a été assez souvent bon, sur assez de jours.</translation>
    </message>
    <message>
        <source>The range</source>
        <translation>La tessiture</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>No practice today.</source>
        <translation>Pas de travail aujourd’hui.</translation>
    </message>
    <message>
        <source>A holiday.</source>
        <translation>Vacances.</translation>
    </message>
    <message>
        <source>Nothing fits into the time that there is.</source>
        <translation>Rien ne tient dans le temps qu’il y a.</translation>
    </message>
    <message>
        <source> — %1 in all</source>
        <translation> — %1 en tout</translation>
    </message>
    <message>
        <source>%1 min this week, last week %2</source>
        <translation>%1 min cette semaine, la dernière %2</translation>
    </message>
    <message>
        <source>A jump: much more than in the weeks before. Rest as long as you play.</source>
        <translation>Un saut : bien plus que les semaines d’avant. Reposez autant que vous jouez.</translation>
    </message>
    <message>
        <source>Tired: stop here. Since the day’s beginning: %1.</source>
        <translation>Fatigué : s’arrêter là. Depuis le début du jour : %1.</translation>
    </message>
    <message>
        <source>As a page…</source>
        <translation>En page…</translation>
    </message>
    <message>
        <source>As a calendar…</source>
        <translation>En calendrier…</translation>
    </message>
    <message>
        <source>As text…</source>
        <translation>En texte…</translation>
    </message>
    <message>
        <source>This week</source>
        <translation>Cette semaine</translation>
    </message>
    <message>
        <source>Next week</source>
        <translation>La semaine prochaine</translation>
    </message>
    <message>
        <source>; more often is not better</source>
        <translation>; plus souvent n’est pas mieux</translation>
    </message>
</context>
<context>
    <name>calando::Playback</name>
    <message>
        <source>Comparing needs two takes: mark them in the shelf with Ctrl and a click, or play this exercise again.</source>
        <translation>Comparer demande deux prises : marquez-les en bas avec Ctrl et un clic, ou rejouez cet exercice.</translation>
    </message>
    <message>
        <source>There are no two takes of one exercise yet: play one again.</source>
        <translation>Il n’y a pas encore deux prises d’un exercice : rejouez-en un.</translation>
    </message>
</context>
<context>
    <name>calando::PostPage</name>
    <message>
        <source>Nobody’s name is in these files. Add students first.</source>
        <translation>Il n’y a aucun nom dans ces fichiers. Ajoutez d’abord des élèves.</translation>
    </message>
    <message numerus="yes">
        <source>Recordings that name nobody: %n, such as %1</source>
        <translation>
            <numerusform>Enregistrements sans nom : %n, comme %1</numerusform>
            <numerusform>Enregistrements sans nom : %n, comme %1</numerusform>
        </translation>
    </message>
    <message>
        <source>They are %1’s</source>
        <translation>Ils sont à %1</translation>
    </message>
    <message>
        <source>A folder of recordings</source>
        <translation>Un dossier d’enregistrements</translation>
    </message>
    <message>
        <source>Open recordings</source>
        <translation>Ouvrir des enregistrements</translation>
    </message>
    <message>
        <source>Sound files and tables (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff *.csv);;All files (*)</source>
        <translation>Fichiers de son et tableaux (*.wav *.flac *.mp3 *.ogg *.opus *.aif *.aiff *.csv);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>A folder that recordings come into</source>
        <translation>Un dossier où viennent les enregistrements</translation>
    </message>
    <message>
        <source>The list for students</source>
        <translation>La liste pour les élèves</translation>
    </message>
    <message>
        <source>homework.pdf</source>
        <translation>devoirs.pdf</translation>
    </message>
    <message>
        <source>Page (*.pdf);;Text (*.txt)</source>
        <translation>Page (*.pdf);;Texte (*.txt)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
    <message>
        <source>A folder for the answers</source>
        <translation>Un dossier pour les réponses</translation>
    </message>
    <message>
        <source>Written into %1</source>
        <translation>Écrit dans %1</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Give it out…</source>
        <translation>La distribuer…</translation>
    </message>
    <message>
        <source>Students and what they sent</source>
        <translation>Les élèves et ce qu’ils ont envoyé</translation>
    </message>
    <message>
        <source>Drag an end, or a title to another item · a number says which item it is, 0 that it is none · arrows go from try to try · P listens</source>
        <translation>Tirer un bout, ou un titre sur un autre point · un nombre dit quel point c’est, 0 qu’il n’y en a pas · les flèches vont d’essai en essai · P écoute</translation>
    </message>
    <message>
        <source>Lists of homework</source>
        <translation>Listes de devoirs</translation>
    </message>
    <message>
        <source>How far marking is</source>
        <translation>Où en est l’évaluation</translation>
    </message>
    <message>
        <source>New list…</source>
        <translation>Nouvelle liste…</translation>
    </message>
    <message>
        <source>Open recordings…</source>
        <translation>Ouvrir des enregistrements…</translation>
    </message>
    <message>
        <source>Open a folder…</source>
        <translation>Ouvrir un dossier…</translation>
    </message>
    <message>
        <source>Watch a folder</source>
        <translation>Observer un dossier</translation>
    </message>
    <message>
        <source>Write all answers…</source>
        <translation>Écrire toutes les réponses…</translation>
    </message>
    <message>
        <source>A list</source>
        <translation>Une liste</translation>
    </message>
    <message>
        <source>%1, due %2</source>
        <comment>title, day</comment>
        <translation>%1, pour le %2</translation>
    </message>
    <message>
        <source>No list yet</source>
        <translation>Pas encore de liste</translation>
    </message>
    <message>
        <source>Make a list first: what students are to send.</source>
        <translation>Faites d’abord une liste : ce que les élèves doivent envoyer.</translation>
    </message>
    <message>
        <source>Nothing came in yet</source>
        <translation>Encore rien n’est venu</translation>
    </message>
    <message numerus="yes">
        <source>Recordings that came in: %n</source>
        <translation>
            <numerusform>Enregistrements reçus : %n</numerusform>
            <numerusform>Enregistrements reçus : %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Drop recordings or a folder here. Names in them, or a table (file; student), say whose they are.</source>
        <translation>Déposez ici des enregistrements ou un dossier. Les noms dedans, ou un tableau (fichier ; élève), disent de qui ils sont.</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n students marked</source>
        <translation>
            <numerusform>%1 élève sur %n évalué</numerusform>
            <numerusform>%1 élèves sur %n évalués</numerusform>
        </translation>
    </message>
    <message>
        <source>nobody has to be listened to first</source>
        <translation>personne n’est à écouter d’abord</translation>
    </message>
    <message numerus="yes">
        <source>%n to listen to first</source>
        <translation>
            <numerusform>%n à écouter d’abord</numerusform>
            <numerusform>%n à écouter d’abord</numerusform>
        </translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Élève</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Écouter</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>so many of so many cues</comment>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>is being marked</source>
        <translation>s’évalue</translation>
    </message>
    <message>
        <source>not marked</source>
        <translation>pas évalué</translation>
    </message>
    <message>
        <source>What comes into a folder is opened by itself</source>
        <translation>Ce qui vient dans un dossier est repris tout seul</translation>
    </message>
    <message>
        <source>Change it…</source>
        <translation>La changer…</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Recordings</source>
        <translation>Enregistrements</translation>
    </message>
</context>
<context>
    <name>calando::ReachChart</name>
    <message>
        <source>Reach: notes held steadily, by pitch and loudness</source>
        <translation>Portée : notes tenues calmement, par hauteur et intensité</translation>
    </message>
    <message>
        <source>From %1 up only loud: %2 dB over the softest in the middle.</source>
        <translation>De %1 vers le haut seulement fort : %2 dB sur le plus doux du milieu.</translation>
    </message>
    <message>
        <source>From %1 down only loud: %2 dB over the softest in the middle.</source>
        <translation>De %1 vers le bas seulement fort : %2 dB sur le plus doux du milieu.</translation>
    </message>
    <message>
        <source>Lines: softest and loudest of each note; dotted a month ago.</source>
        <translation>Lignes : le plus doux et le plus fort de chaque note ; en pointillé il y a un mois.</translation>
    </message>
    <message numerus="yes">
        <source>%n takes are not in it: the microphone stood elsewhere.</source>
        <translation>
            <numerusform>%n prise n’y est pas : le microphone était ailleurs.</numerusform>
            <numerusform>%n prises n’y sont pas : le microphone était ailleurs.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing was held steadily for half a second yet.</source>
        <translation>Rien n’a encore été tenu calmement une demi-seconde.</translation>
    </message>
    <message>
        <source>loudness, as this microphone hears it</source>
        <translation>intensité, comme ce microphone l’entend</translation>
    </message>
    <message>
        <source>%1, from %2 dB: %3 s, longest %4. This note has %5 dB from soft to loud.</source>
        <translation>%1, dès %2 dB : %3 s, le plus long %4. Cette note a %5 dB du doux au fort.</translation>
    </message>
</context>
<context>
    <name>calando::Readout</name>
    <message>
        <source>Figures</source>
        <translation>Chiffres</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notes</translation>
    </message>
    <message>
        <source>Range</source>
        <translation>Tessiture</translation>
    </message>
    <message>
        <source>Weeks</source>
        <translation>Semaines</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Portée</translation>
    </message>
    <message>
        <source>Fingerings</source>
        <translation>Doigtés</translation>
    </message>
    <message>
        <source>One thing to try</source>
        <translation>Une chose à essayer</translation>
    </message>
    <message>
        <source>The teacher’s tone? Model (M) compares the next takes with it.</source>
        <translation>Le son du professeur ? Modèle (M) lui compare les prises suivantes.</translation>
    </message>
    <message>
        <source>Stopped: nothing is judged.</source>
        <translation>Arrêté : rien n’est jugé.</translation>
    </message>
    <message>
        <source>The air was not heard as it was: breath is not measured.</source>
        <translation>L’air n’a pas été entendu comme il était : le souffle n’est pas mesuré.</translation>
    </message>
    <message>
        <source>Explored: nothing is judged.</source>
        <translation>Exploré : rien n’est jugé.</translation>
    </message>
    <message>
        <source>%1: %2 with the attention on the sound, %3 on the count</source>
        <translation>%1 : %2 avec l’attention au son, %3 au compte</translation>
    </message>
    <message>
        <source>%1; no difference to speak of.</source>
        <translation>%1 ; pas de différence notable.</translation>
    </message>
    <message>
        <source>%1; apart by %2 ± %3.</source>
        <translation>%1 ; écart de %2 ± %3.</translation>
    </message>
    <message>
        <source>If it stays so once you are warm (%1): about %2 mm %3, roughly reckoned.</source>
        <translation>Si cela reste ainsi une fois chaud (%1) : environ %2 mm %3, compté en gros.</translation>
    </message>
    <message>
        <source>the room has %1 °C</source>
        <translation>la salle a %1 °C</translation>
    </message>
    <message>
        <source>a cold room is flat</source>
        <translation>une salle froide est basse</translation>
    </message>
    <message>
        <source>out</source>
        <translation>dehors</translation>
    </message>
    <message>
        <source>in</source>
        <translation>dedans</translation>
    </message>
</context>
<context>
    <name>calando::ReckonRow</name>
    <message>
        <source>A number from %1 to %2, please.</source>
        <translation>Un nombre de %1 à %2, s’il vous plaît.</translation>
    </message>
    <message>
        <source>A note, please, such as %1.</source>
        <translation>Une note, s’il vous plaît, comme %1.</translation>
    </message>
    <message>
        <source>That cannot be: no tube is that long.</source>
        <translation>C’est impossible : aucun tube n’est si long.</translation>
    </message>
</context>
<context>
    <name>calando::ReckonerPage</name>
    <message>
        <source>Reckoner</source>
        <translation>Calculateur</translation>
    </message>
    <message>
        <source>Into the lesson</source>
        <translation>Vers la leçon</translation>
    </message>
    <message>
        <source>at concert pitch</source>
        <translation>en sons réels</translation>
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
        <translation>Tube</translation>
    </message>
    <message>
        <source>Written note</source>
        <translation>Note écrite</translation>
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
        <translation>Air dans le tube</translation>
    </message>
    <message>
        <source>over it</source>
        <translation>dessus</translation>
    </message>
    <message>
        <source>just</source>
        <translation>pur</translation>
    </message>
    <message>
        <source>natural</source>
        <translation>naturel</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>battements</translation>
    </message>
    <message>
        <source>Degrees over the note</source>
        <translation>Degrés sur la note</translation>
    </message>
    <message>
        <source>Equal: a hundred cents a half step</source>
        <translation>Tempéré : cent cents par demi-ton</translation>
    </message>
    <message>
        <source>Cents of the just one off the equal one</source>
        <translation>Cents du pur à côté du tempéré</translation>
    </message>
    <message>
        <source>Cents of the natural series off the equal one, and its partial</source>
        <translation>Cents de la série naturelle à côté du tempéré, et son partiel</translation>
    </message>
    <message>
        <source>Beats a second of the equal one against the just one</source>
        <translation>Battements par seconde du tempéré contre le pur</translation>
    </message>
    <message>
        <source>partial</source>
        <translation>partiel</translation>
    </message>
    <message>
        <source>written</source>
        <translation>écrit</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>cents</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>Partials of the tube</source>
        <translation>Partiels du tube</translation>
    </message>
    <message>
        <source>A row that is chosen is heard.</source>
        <translation>Une ligne choisie sonne.</translation>
    </message>
    <message>
        <source>■ just   ○ natural series</source>
        <translation>■ pur   ○ série naturelle</translation>
    </message>
    <message>
        <source>Over %1</source>
        <translation>Sur %1</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Partials: %1</source>
        <translation>Partiels : %1</translation>
    </message>
    <message>
        <source>Partials: choose an instrument</source>
        <translation>Partiels : choisissez un instrument</translation>
    </message>
    <message>
        <source> beats</source>
        <translation> temps</translation>
    </message>
    <message>
        <source>Metre</source>
        <translation>Mesure</translation>
    </message>
</context>
<context>
    <name>calando::ReflectionBar</name>
    <message>
        <source>tried it</source>
        <translation>essayé</translation>
    </message>
    <message>
        <source>model</source>
        <translation>modèle</translation>
    </message>
    <message>
        <source>What the teacher says, attention, how it felt, what was watched; their keys open it.</source>
        <translation>Ce que dit le professeur, l’attention, la sensation, ce qui a été observé ; leurs touches l’ouvrent.</translation>
    </message>
    <message>
        <source>Teacher</source>
        <translation>Professeur</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>compte</translation>
    </message>
    <message>
        <source>does not count</source>
        <translation>ne compte pas</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>pas encore</translation>
    </message>
    <message>
        <source>Attention</source>
        <translation>Attention</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>son</translation>
    </message>
    <message>
        <source>count</source>
        <translation>compte</translation>
    </message>
    <message>
        <source>lips</source>
        <translation>lèvres</translation>
    </message>
    <message>
        <source>elsewhere</source>
        <translation>ailleurs</translation>
    </message>
    <message>
        <source>Felt</source>
        <translation>Sensation</translation>
    </message>
    <message>
        <source>easy</source>
        <translation>facile</translation>
    </message>
    <message>
        <source>fair</source>
        <translation>moyen</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>serré</translation>
    </message>
    <message>
        <source>Watched</source>
        <translation>Observé</translation>
    </message>
    <message>
        <source>A note on this take</source>
        <translation>Une note sur cette prise</translation>
    </message>
    <message>
        <source>This was tried (Y): %1</source>
        <translation>Ceci a été essayé (Y) : %1</translation>
    </message>
    <message>
        <source>Was this tried? (Y) %1</source>
        <translation>Était-ce essayé ? (Y) %1</translation>
    </message>
    <message>
        <source>There was nothing to try before this take.</source>
        <translation>Il n’y avait rien à essayer avant cette prise.</translation>
    </message>
    <message>
        <source>How was it?</source>
        <translation>Comment était-ce ?</translation>
    </message>
    <message>
        <source>How was it? %1</source>
        <translation>Comment était-ce ? %1</translation>
    </message>
    <message>
        <source>wrong way</source>
        <translation>mauvais moyen</translation>
    </message>
</context>
<context>
    <name>calando::ReportDialog</name>
    <message>
        <source>A report</source>
        <translation>Un rapport</translation>
    </message>
    <message>
        <source>for the student</source>
        <translation>pour l’élève</translation>
    </message>
    <message>
        <source>for the parents</source>
        <translation>pour les parents</translation>
    </message>
    <message>
        <source>the class, for the term</source>
        <translation>la classe, pour le semestre</translation>
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
        <translation>noms entiers</translation>
    </message>
    <message>
        <source>first names</source>
        <translation>prénoms</translation>
    </message>
    <message>
        <source>initials</source>
        <translation>initiales</translation>
    </message>
    <message>
        <source>The report’s pages</source>
        <translation>Les pages du rapport</translation>
    </message>
    <message>
        <source>Write pages…</source>
        <translation>Écrire les pages…</translation>
    </message>
    <message>
        <source>Write text…</source>
        <translation>Écrire le texte…</translation>
    </message>
    <message>
        <source>Write figures…</source>
        <translation>Écrire les chiffres…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>The pictures are being drawn…</source>
        <translation>Les images se dessinent…</translation>
    </message>
    <message>
        <source>The report is not ready yet.</source>
        <translation>Le rapport n’est pas encore prêt.</translation>
    </message>
    <message>
        <source>Page (*.pdf)</source>
        <translation>Page (*.pdf)</translation>
    </message>
    <message>
        <source>Table (*.csv)</source>
        <translation>Tableau (*.csv)</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Texte (*.txt)</translation>
    </message>
    <message>
        <source>report</source>
        <comment>a file’s name</comment>
        <translation>rapport</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
</context>
<context>
    <name>calando::ReportMaker</name>
    <message>
        <source>%1 by week</source>
        <comment>a figure</comment>
        <translation>%1 par semaine</translation>
    </message>
    <message numerus="yes">
        <source>middle of %n takes since %1</source>
        <translation>
            <numerusform>milieu de %n prise depuis le %1</numerusform>
            <numerusform>milieu de %n prises depuis le %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 against the four weeks before</source>
        <translation>%1 contre les quatre semaines d’avant</translation>
    </message>
    <message>
        <source>no difference to speak of against the four weeks before</source>
        <translation>pas de différence notable avec les quatre semaines d’avant</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Ensuite</translation>
    </message>
    <message>
        <source>The same again, until it is reliable.</source>
        <translation>La même chose encore, jusqu’à ce que ce soit sûr.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>an exercise and how often</comment>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source>A day at home: %1.</source>
        <translation>Un jour à la maison : %1.</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <comment>instrument, day</comment>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1: this month</source>
        <translation>%1 : ce mois</translation>
    </message>
    <message>
        <source>No take of the last four weeks has figures.</source>
        <translation>Aucune prise des quatre dernières semaines n’a de chiffres.</translation>
    </message>
    <message>
        <source>A take of %1: the line’s height is the pitch, its thickness the loudness.</source>
        <translation>Une prise du %1 : la hauteur de la ligne est celle du son, son épaisseur l’intensité.</translation>
    </message>
    <message>
        <source>What %1 is working at</source>
        <translation>Ce que travaille %1</translation>
    </message>
    <message numerus="yes">
        <source>%1 played on %n days of the last four weeks.</source>
        <translation>
            <numerusform>%1 a joué %n jour des quatre dernières semaines.</numerusform>
            <numerusform>%1 a joué %n jours des quatre dernières semaines.</numerusform>
        </translation>
    </message>
    <message>
        <source>That is about as four weeks before.</source>
        <translation>C’est à peu près comme quatre semaines avant.</translation>
    </message>
    <message>
        <source>Four weeks before it was %1.</source>
        <translation>Quatre semaines avant c’était %1.</translation>
    </message>
    <message>
        <source>How to help</source>
        <translation>Comment aider</translation>
    </message>
    <message>
        <source>A quiet quarter of an hour at the same time of day is worth more than an hour once a week. Listen to one long tone together: did it last, was it steady? Rest as long as was played; stop at once when dizzy or in pain.</source>
        <translation>Un quart d’heure calme à la même heure vaut plus qu’une heure une fois par semaine. Écoutez ensemble un son long : a-t-il duré, était-il calme ? Repos aussi long que le jeu ; arrêtez tout de suite en cas de vertige ou de douleur.</translation>
    </message>
    <message>
        <source>The class, the last eight weeks</source>
        <translation>La classe, les huit dernières semaines</translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Élève</translation>
    </message>
    <message>
        <source>Instrument</source>
        <translation>Instrument</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Jours</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Prises</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Son</translation>
    </message>
    <message>
        <source>Longest held</source>
        <translation>Tenu le plus</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>The newest take of each</source>
        <translation>La dernière prise de chacun</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <comment>student, card, moment</comment>
        <translation>%1 : %2, %3</translation>
    </message>
</context>
<context>
    <name>calando::Retention</name>
    <message numerus="yes">
        <source>The sound of %n takes was given up; for a day it can be brought back, here or in Settings.</source>
        <translation>
            <numerusform>Le son de %n prise a été abandonné ; pendant un jour on peut le ramener, ici ou dans les réglages.</numerusform>
            <numerusform>Le son de %n prises a été abandonné ; pendant un jour on peut le ramener, ici ou dans les réglages.</numerusform>
        </translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Le ramener</translation>
    </message>
    <message>
        <source>The sound is back.</source>
        <translation>Le son est revenu.</translation>
    </message>
    <message numerus="yes">
        <source>%n takes are older than their sound is to be kept.</source>
        <translation>
            <numerusform>%n prise est plus ancienne que son son ne doit être gardé.</numerusform>
            <numerusform>%n prises sont plus anciennes que leur son ne doit être gardé.</numerusform>
        </translation>
    </message>
    <message>
        <source>Look at them…</source>
        <translation>Les regarder…</translation>
    </message>
</context>
<context>
    <name>calando::RunningOrder</name>
    <message>
        <source>Own order</source>
        <translation>Ordre à soi</translation>
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
        <translation>Dans les semaines</translation>
    </message>
    <message>
        <source>Remove from the list</source>
        <translation>Enlever de la liste</translation>
    </message>
    <message>
        <source>Answer to the student</source>
        <translation>Réponse à l’élève</translation>
    </message>
    <message>
        <source>for a child</source>
        <translation>pour un enfant</translation>
    </message>
    <message>
        <source>for an adult</source>
        <translation>pour un adulte</translation>
    </message>
    <message>
        <source>for the parents</source>
        <translation>pour les parents</translation>
    </message>
    <message>
        <source>Who reads the answer</source>
        <translation>Qui lit la réponse</translation>
    </message>
    <message>
        <source>Write it out…</source>
        <translation>L’écrire…</translation>
    </message>
    <message>
        <source>As it was made</source>
        <translation>Comme elle était faite</translation>
    </message>
    <message>
        <source>Next student</source>
        <translation>Élève suivant</translation>
    </message>
    <message>
        <source>The best tries become takes of this student: in the shelf, in the weeks, for the plan</source>
        <translation>Les meilleurs essais deviennent des prises de cet élève : en bas, dans les semaines, pour le plan</translation>
    </message>
    <message>
        <source>It was taken out of the list; the files stay where they are.</source>
        <translation>C’est enlevé de la liste ; les fichiers restent où ils sont.</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Réponse</translation>
    </message>
    <message>
        <source>until %1</source>
        <comment>a day</comment>
        <translation>jusqu’au %1</translation>
    </message>
    <message>
        <source>On its way…</source>
        <translation>En route…</translation>
    </message>
    <message>
        <source>Is in the weeks</source>
        <translation>Est dans les semaines</translation>
    </message>
    <message>
        <source>Nothing came in.</source>
        <translation>Rien n’est venu.</translation>
    </message>
    <message>
        <source>Add students in the lesson.</source>
        <translation>Ajoutez des élèves dans la leçon.</translation>
    </message>
    <message>
        <source>Is being marked…</source>
        <translation>S’évalue…</translation>
    </message>
    <message>
        <source>Not marked: choose the list again to mark it.</source>
        <translation>Pas évalué : choisissez encore la liste pour l’évaluer.</translation>
    </message>
    <message numerus="yes">
        <source>recordings: %n, in all %1</source>
        <translation>
            <numerusform>enregistrements : %n, en tout %1</numerusform>
            <numerusform>enregistrements : %n, en tout %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>calando::SentStrip</name>
    <message>
        <source>The recording, cut into tries</source>
        <translation>L’enregistrement, découpé en essais</translation>
    </message>
    <message>
        <source>What a student sent is drawn here.</source>
        <translation>Ce qu’un élève a envoyé se dessine ici.</translation>
    </message>
    <message>
        <source>talk</source>
        <translation>paroles</translation>
    </message>
    <message>
        <source>noise</source>
        <translation>bruit</translation>
    </message>
    <message>
        <source>recording %1, %2</source>
        <comment>number, length</comment>
        <translation>enregistrement %1, %2</translation>
    </message>
    <message>
        <source>none of them</source>
        <translation>aucun d’eux</translation>
    </message>
</context>
<context>
    <name>calando::Session</name>
    <message>
        <source>The delay was not measured.</source>
        <translation>Le délai n’a pas été mesuré.</translation>
    </message>
    <message>
        <source>There is no sound output to click on. Plug in headphones or loudspeakers.</source>
        <translation>Il n’y a pas de sortie de son pour les clics. Branchez un casque ou des haut-parleurs.</translation>
    </message>
    <message>
        <source>The sound was late or missing on its way each time. Close what keeps the computer busy and measure again; until then timing is judged against your own pulse.</source>
        <translation>Le son est venu en retard ou a manqué chaque fois. Fermez ce qui occupe l’ordinateur et mesurez encore ; jusque-là le temps est jugé d’après votre pulsation.</translation>
    </message>
    <message>
        <source>The clicks were not heard clearly. Turn the loudspeaker up or move the microphone closer, and measure again; until then timing is judged against your own pulse.</source>
        <translation>Les clics n’étaient pas clairs. Montez le haut-parleur ou approchez le microphone, et mesurez encore ; jusque-là le temps est jugé d’après votre pulsation.</translation>
    </message>
    <message>
        <source>No more sound comes from the microphone. What was played until then is kept; plug it in again or choose another source.</source>
        <translation>Plus aucun son ne vient du microphone. Ce qui a été joué jusque-là est gardé ; rebranchez-le ou choisissez une autre source.</translation>
    </message>
    <message>
        <source>Recording to disk has stopped: %1. What was recorded so far is safe, the rest of this take is in memory. Stop the take when it is done: then it can be saved elsewhere.</source>
        <translation>L’enregistrement sur disque s’est arrêté : %1. Ce qui est enregistré est en sûreté, le reste est en mémoire. Arrêtez la prise quand elle est finie : alors on pourra l’enregistrer ailleurs.</translation>
    </message>
    <message>
        <source>There is no sound output for the count: it flashes on the screen.</source>
        <translation>Il n’y a pas de sortie de son pour le compte : il clignote à l’écran.</translation>
    </message>
    <message>
        <source>The sound stumbled: the computer was busy. Once more, eight clicks.</source>
        <translation>Le son a trébuché : l’ordinateur était occupé. Encore huit clics.</translation>
    </message>
    <message>
        <source>The delay is measured: timing is judged against the click from now on, to ±%1 ms.</source>
        <translation>Le délai est mesuré : le temps est jugé d’après le clic désormais, à ±%1 ms.</translation>
    </message>
    <message>
        <source>Another Calando window has this studio open. Here it can be looked at, but nothing is changed or recorded.</source>
        <translation>Une autre fenêtre de Calando a ce studio ouvert. Ici on peut le regarder, mais rien n’est changé ni enregistré.</translation>
    </message>
    <message>
        <source>No backup for a month: Settings (Ctrl+,) makes one.</source>
        <translation>Pas de sauvegarde depuis un mois : les réglages (Ctrl+,) en font une.</translation>
    </message>
    <message>
        <source>Not well? Esc once more.</source>
        <translation>Pas bien ? Encore Échap.</translation>
    </message>
    <message>
        <source>Tired: rest at least as long as you played; then something easy, or enough for today.</source>
        <translation>Fatigué : repos au moins aussi long que le jeu ; puis quelque chose de facile, ou assez pour aujourd’hui.</translation>
    </message>
    <message>
        <source>Stopped: no more breathing today until you say why. What was it?</source>
        <translation>Arrêté : plus de respiration aujourd’hui avant de dire pourquoi. Qu’était-ce ?</translation>
    </message>
    <message>
        <source>Stopped. What was it?</source>
        <translation>Arrêté. Qu’était-ce ?</translation>
    </message>
    <message>
        <source>Dizzy</source>
        <translation>Vertige</translation>
    </message>
    <message>
        <source>Pain</source>
        <translation>Douleur</translation>
    </message>
    <message>
        <source>Tired</source>
        <translation>Fatigue</translation>
    </message>
    <message>
        <source>Enough</source>
        <translation>Assez</translation>
    </message>
    <message>
        <source>Nothing: it counts</source>
        <translation>Rien : cela compte</translation>
    </message>
    <message>
        <source>Breathe normally first, for another %1 s.</source>
        <translation>Respirer d’abord normalement, encore %1 s.</translation>
    </message>
    <message>
        <source>Start all the same</source>
        <translation>Commencer quand même</translation>
    </message>
    <message>
        <source>One more</source>
        <translation>Encore une</translation>
    </message>
    <message>
        <source>HH:mm</source>
        <comment>a time of day</comment>
        <translation>HH:mm</translation>
    </message>
    <message>
        <source>Pain: this kind of playing rests until it is opened again. If it comes back, have it looked at before you play on.</source>
        <translation>Douleur : ce genre de jeu se repose jusqu’à ce qu’on l’ouvre de nouveau. Si elle revient, faites-la voir avant de rejouer.</translation>
    </message>
    <message>
        <source>Dizzy, at %1: no more breathing today, and no long tones. Sit down and breathe normally; if it does not pass, get help.</source>
        <translation>Vertige, à %1 : plus de respiration aujourd’hui, ni de sons longs. Asseyez-vous et respirez normalement ; si cela ne passe pas, cherchez de l’aide.</translation>
    </message>
    <message>
        <source>Open it again</source>
        <translation>L’ouvrir de nouveau</translation>
    </message>
    <message>
        <source>From now on loudness is compared with what comes, not with what was before.</source>
        <translation>Désormais l’intensité se compare à ce qui vient, non à ce qui était avant.</translation>
    </message>
    <message>
        <source>The tone of the take shown last is the partner now. Use headphones, so that only you are heard.</source>
        <translation>Le dernier son montré est maintenant le partenaire. Prenez un casque, pour qu’on n’entende que vous.</translation>
    </message>
    <message>
        <source>Open a take with a tone that is held for two seconds first: that becomes the partner.</source>
        <translation>Ouvrez d’abord une prise avec un son tenu deux secondes : il devient le partenaire.</translation>
    </message>
    <message>
        <source>What sounds with a take: %1 dB.</source>
        <translation>Ce qui sonne avec une prise : %1 dB.</translation>
    </message>
    <message>
        <source>Add a student first: then a take has somebody to belong to.</source>
        <translation>Ajoutez d’abord un élève : alors une prise a quelqu’un à qui être.</translation>
    </message>
    <message>
        <source>Add a student</source>
        <translation>Ajouter un élève</translation>
    </message>
    <message>
        <source>None of this exercise’s notes are in the student’s range. Ask for another home note.</source>
        <translation>Aucune note de cet exercice n’est dans la tessiture de l’élève. Demandez une autre tonique.</translation>
    </message>
    <message>
        <source>Record elsewhere…</source>
        <translation>Enregistrer ailleurs…</translation>
    </message>
    <message>
        <source>No sound comes from this source. Choose another one, or plug the microphone in again.</source>
        <translation>Aucun son ne vient de cette source. Choisissez-en une autre, ou rebranchez le microphone.</translation>
    </message>
    <message>
        <source>No sound comes from this source. Choose another one first.</source>
        <translation>Aucun son ne vient de cette source. Choisissez-en d’abord une autre.</translation>
    </message>
    <message>
        <source>Eight clicks: let the microphone hear them, and be quiet for five seconds.</source>
        <translation>Huit clics : laissez le microphone les entendre, et restez silencieux cinq secondes.</translation>
    </message>
    <message>
        <source>Add a student first: then the recordings have somebody to belong to.</source>
        <translation>Ajoutez d’abord un élève : alors les enregistrements ont quelqu’un à qui être.</translation>
    </message>
    <message>
        <source>The take was deleted.</source>
        <translation>La prise a été supprimée.</translation>
    </message>
    <message>
        <source>Undo  ·  Ctrl+Z</source>
        <translation>Annuler  ·  Ctrl+Z</translation>
    </message>
</context>
<context>
    <name>calando::SettingsPage</name>
    <message>
        <source>Settings</source>
        <translation>Réglages</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>both, where they differ</source>
        <translation>les deux, où elles diffèrent</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>« %1 »</translation>
    </message>
    <message>
        <source>School</source>
        <translation>École</translation>
    </message>
    <message>
        <source>Where schools differ, exercises and advice speak in the words of this one.</source>
        <translation>Où les écoles diffèrent, exercices et conseils parlent dans les mots de celle-ci.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>the desktop’s, where there is a translation</source>
        <translation>celle du bureau, où il y a une traduction</translation>
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
        <translation>Noms des notes</translation>
    </message>
    <message>
        <source>Sharps or flats</source>
        <translation>Dièses ou bémols</translation>
    </message>
    <message>
        <source>as the instrument’s music has them</source>
        <translation>comme la musique de l’instrument</translation>
    </message>
    <message>
        <source>sharps</source>
        <translation>dièses</translation>
    </message>
    <message>
        <source>flats</source>
        <translation>bémols</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Son</translation>
    </message>
    <message>
        <source>The system’s default</source>
        <translation>Celle du système</translation>
    </message>
    <message>
        <source> dB</source>
        <translation> dB</translation>
    </message>
    <message>
        <source>Play on</source>
        <translation>Jouer sur</translation>
    </message>
    <message>
        <source>Click, drone, partner</source>
        <translation>Clic, bourdon, partenaire</translation>
    </message>
    <message>
        <source>A partner sounds as</source>
        <translation>Un partenaire sonne comme</translation>
    </message>
    <message>
        <source>a plain tone</source>
        <translation>un son simple</translation>
    </message>
    <message>
        <source>the student’s own instrument</source>
        <translation>l’instrument de l’élève</translation>
    </message>
    <message>
        <source>Softer is better where a microphone hears the loudspeaker; best are headphones.</source>
        <translation>Plus doux est mieux où un microphone entend le haut-parleur ; le mieux est un casque.</translation>
    </message>
    <message>
        <source>Studio</source>
        <translation>Studio</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Dossier</translation>
    </message>
    <message>
        <source>Everything is in it: copy it to keep it. The option %1 opens another one.</source>
        <translation>Tout y est : copiez-le pour le garder. L’option %1 en ouvre un autre.</translation>
    </message>
    <message>
        <source>Sound is kept</source>
        <translation>Le son est gardé</translation>
    </message>
    <message>
        <source>Back up…</source>
        <translation>Sauvegarder…</translation>
    </message>
    <message>
        <source>A backup of the studio</source>
        <translation>Une sauvegarde du studio</translation>
    </message>
    <message>
        <source>studio-backup.zip</source>
        <translation>studio-sauvegarde.zip</translation>
    </message>
    <message>
        <source>Backup (*.zip)</source>
        <translation>Sauvegarde (*.zip)</translation>
    </message>
    <message>
        <source>Unpack a backup…</source>
        <translation>Déballer une sauvegarde…</translation>
    </message>
    <message>
        <source>A backup of a studio</source>
        <translation>Une sauvegarde d’un studio</translation>
    </message>
    <message>
        <source>An empty folder for it</source>
        <translation>Un dossier vide pour elle</translation>
    </message>
    <message>
        <source>Last backup</source>
        <translation>Dernière sauvegarde</translation>
    </message>
    <message>
        <source>The whole studio in one file, read back after it is written. Put it on another disk.</source>
        <translation>Tout le studio dans un fichier, relu après l’écriture. Mettez-le sur un autre disque.</translation>
    </message>
    <message>
        <source>Figures stay; what is older is asked about at the start, and nothing goes by itself</source>
        <translation>Les chiffres restent ; ce qui est plus ancien est demandé au démarrage, et rien ne part tout seul</translation>
    </message>
    <message>
        <source>for good</source>
        <translation>pour toujours</translation>
    </message>
    <message>
        <source>%1 months</source>
        <translation>%1 mois</translation>
    </message>
    <message>
        <source>Older: %1…</source>
        <translation>Plus ancien : %1…</translation>
    </message>
    <message>
        <source>Bring back: %1</source>
        <translation>Ramener : %1</translation>
    </message>
    <message>
        <source>never</source>
        <translation>jamais</translation>
    </message>
</context>
<context>
    <name>calando::SheetPreview</name>
    <message>
        <source>The cues on the count; their loudness and pitch are drawn here</source>
        <translation>Les parties sur le compte ; leur intensité et leur hauteur se dessinent ici</translation>
    </message>
    <message>
        <source>Preview of the cues on the count</source>
        <translation>Aperçu des parties sur le compte</translation>
    </message>
    <message>
        <source>A click or a drag puts a point on the beats, with Shift anywhere; a right click takes one away.</source>
        <translation>Un clic ou un glissement met un point sur les temps, avec Maj n’importe où ; un clic droit en enlève un.</translation>
    </message>
    <message>
        <source>Beats of the count: %1 before, %2 in all; %3 s</source>
        <translation>Temps : %1 avant, %2 en tout ; %3 s</translation>
    </message>
    <message>
        <source>Not counted: as long as it lasts</source>
        <translation>Pas compté : aussi longtemps que cela dure</translation>
    </message>
    <message>
        <source>Not counted; %1 s</source>
        <translation>Pas compté ; %1 s</translation>
    </message>
    <message>
        <source>loudness: 0 above, %1 dB below</source>
        <translation>intensité : 0 en haut, %1 dB en bas</translation>
    </message>
    <message>
        <source>pitch about the cue’s note: %1 cents above, %2 below</source>
        <translation>hauteur autour de la note : %1 cents au-dessus, %2 au-dessous</translation>
    </message>
</context>
<context>
    <name>calando::ShelfView</name>
    <message>
        <source>all there</source>
        <translation>tout est là</translation>
    </message>
    <message numerus="yes">
        <source>%n missing</source>
        <translation>
            <numerusform>%n manque</numerusform>
            <numerusform>%n manquent</numerusform>
        </translation>
    </message>
    <message>
        <source>even up to %1</source>
        <translation>régulier jusqu’à %1</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>arrêté</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>compte</translation>
    </message>
    <message>
        <source>does not count</source>
        <translation>ne compte pas</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>pas encore</translation>
    </message>
    <message>
        <source>right figure, wrong way</source>
        <translation>bon chiffre, mauvais moyen</translation>
    </message>
    <message>
        <source>Takes, newest first</source>
        <translation>Prises, la plus récente d’abord</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>a take&apos;s day</comment>
        <translation>d MMM</translation>
    </message>
    <message>
        <source>%1 of %2 s</source>
        <translation>%1 de %2 s</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>avec %1</translation>
    </message>
    <message>
        <source>Some of what was asked for could not be read and is set aside: judged as if nobody had asked for it.</source>
        <translation>Une partie de ce qui était demandé n’a pas pu être lue et est mise de côté : jugé comme si personne ne l’avait demandé.</translation>
    </message>
    <message>
        <source>Its sound is cut short.</source>
        <translation>Son son est coupé.</translation>
    </message>
    <message>
        <source>not even yet</source>
        <translation>pas encore régulier</translation>
    </message>
</context>
<context>
    <name>calando::ShownTake</name>
    <message>
        <source>The sound of this take is cut short: %1 of %2 s. Its file was damaged; put back a copy of it if there is one.</source>
        <translation>Le son de cette prise est coupé : %1 de %2 s. Son fichier a été abîmé ; remettez-en une copie s’il y en a une.</translation>
    </message>
</context>
<context>
    <name>calando::SoundsDialog</name>
    <message>
        <source>Give the sound up</source>
        <translation>Abandonner le son</translation>
    </message>
    <message>
        <source>Sound that is older than it is to be kept</source>
        <translation>Son plus ancien qu’il ne doit être gardé</translation>
    </message>
    <message>
        <source>Takes, oldest first</source>
        <translation>Prises, la plus ancienne d’abord</translation>
    </message>
    <message>
        <source>Figures, words and small pictures stay; the take can no more be heard, seen large or measured anew. Unmark what is to be kept. Models are not among them. For a day all of it can be brought back; a backup before keeps it elsewhere.</source>
        <translation>Chiffres, mots et petites images restent ; la prise ne peut plus être entendue, vue en grand ni mesurée de nouveau. Démarquez ce qui doit rester. Les modèles n’y sont pas. Pendant un jour tout peut revenir ; une sauvegarde avant le garde ailleurs.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Pas maintenant</translation>
    </message>
    <message>
        <source>%1 of %2 takes, %3 MB</source>
        <translation>%1 de %2 prises, %3 Mo</translation>
    </message>
</context>
<context>
    <name>calando::SourceBox</name>
    <message>
        <source>Measure delay</source>
        <translation>Mesurer le délai</translation>
    </message>
    <message>
        <source>Source of sound</source>
        <translation>Source du son</translation>
    </message>
    <message>
        <source>Another student who plays too: the take is kept with both. Of two with a microphone each, theirs is the left channel.</source>
        <translation>Un autre élève qui joue aussi : la prise est gardée chez les deux. De deux avec un microphone chacun, le sien est le canal gauche.</translation>
    </message>
    <message>
        <source>Plays eight clicks and hears how late they come back: from then on timing is judged against the click itself. Let the microphone hear the loudspeaker.</source>
        <translation>Joue huit clics et entend combien ils reviennent en retard : désormais le temps est jugé d’après le clic même. Laissez le microphone entendre le haut-parleur.</translation>
    </message>
    <message>
        <source>Input level</source>
        <translation>Niveau d’entrée</translation>
    </message>
    <message>
        <source>with nobody else</source>
        <translation>avec personne d’autre</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>avec %1</translation>
    </message>
    <message>
        <source>Plays by itself when the take starts.</source>
        <translation>Joue tout seul quand la prise commence.</translation>
    </message>
    <message>
        <source>timing ± %1 ms</source>
        <translation>temps ± %1 ms</translation>
    </message>
    <message>
        <source>Way of playing</source>
        <translation>Façon de jouer</translation>
    </message>
    <message>
        <source>Plays together</source>
        <translation>Joue ensemble</translation>
    </message>
    <message>
        <source>Open a recording…</source>
        <translation>Ouvrir un enregistrement…</translation>
    </message>
    <message>
        <source>Is everything heard?</source>
        <translation>Entend-on tout ?</translation>
    </message>
    <message>
        <source>Plays</source>
        <translation>Joue</translation>
    </message>
    <message>
        <source>Stand-in · %1</source>
        <translation>Remplaçant · %1</translation>
    </message>
</context>
<context>
    <name>calando::StaffView</name>
    <message>
        <source>Asked-for note on the staff</source>
        <translation>Note demandée sur la portée</translation>
    </message>
    <message>
        <source>The written note asked for. Click a line or space to choose it, arrow keys move it, Delete frees it.</source>
        <translation>La note demandée, écrite. Un clic sur une ligne ou un interligne la choisit, les flèches la déplacent, Suppr la libère.</translation>
    </message>
    <message>
        <source>free note</source>
        <translation>note libre</translation>
    </message>
    <message>
        <source>as it sounds</source>
        <translation>comme cela sonne</translation>
    </message>
    <message>
        <source>sounds %1</source>
        <translation>sonne %1</translation>
    </message>
</context>
<context>
    <name>calando::StudentChooser</name>
    <message>
        <source>Type a name</source>
        <translation>Écrire un nom</translation>
    </message>
    <message>
        <source>Search the students</source>
        <translation>Chercher les élèves</translation>
    </message>
    <message>
        <source>Students</source>
        <translation>Élèves</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Ajouter</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Changer</translation>
    </message>
    <message>
        <source>Change the student’s name, instrument or range</source>
        <translation>Changer le nom, l’instrument ou la tessiture de l’élève</translation>
    </message>
    <message>
        <source>Erase</source>
        <translation>Effacer</translation>
    </message>
    <message>
        <source>Erase the student with all takes</source>
        <translation>Effacer l’élève avec toutes ses prises</translation>
    </message>
    <message>
        <source>No student yet</source>
        <translation>Pas encore d’élève</translation>
    </message>
    <message>
        <source>Add one to begin: Ctrl+N</source>
        <translation>Ajoutez-en un pour commencer : Ctrl+N</translation>
    </message>
    <message>
        <source>
written %1 sounds %2</source>
        <translation>
écrit %1 sonne %2</translation>
    </message>
    <message>
        <source>Student: %1</source>
        <translation>Élève : %1</translation>
    </message>
    <message>
        <source>Add a student</source>
        <translation>Ajouter un élève</translation>
    </message>
    <message>
        <source>Edit the student</source>
        <translation>Changer l’élève</translation>
    </message>
    <message>
        <source>Erase %1? Takes: %2. The recordings, figures and notes are removed from this computer and cannot be brought back.</source>
        <translation>Effacer %1 ? Prises : %2. Enregistrements, chiffres et notes sont enlevés de cet ordinateur et ne peuvent pas revenir.</translation>
    </message>
    <message>
        <source>Takes with another student among them: %1; they go from that one’s book too.</source>
        <translation>Prises où est un autre élève : %1 ; elles partent aussi de son livre.</translation>
    </message>
    <message>
        <source>Erase the student</source>
        <translation>Effacer l’élève</translation>
    </message>
    <message>
        <source>Erase for good</source>
        <translation>Effacer pour de bon</translation>
    </message>
    <message>
        <source>Keep %1</source>
        <translation>Garder %1</translation>
    </message>
</context>
<context>
    <name>calando::StudioFiles</name>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
    <message>
        <source>%1 is here now, with running order, plan and what came with it.</source>
        <translation>%1 est ici maintenant, avec ordre, plan et ce qui est venu avec.</translation>
    </message>
    <message>
        <source>From %1: takes %2, entries by hand %3. What was there already is left as it is.</source>
        <translation>De %1 : prises %2, entrées à la main %3. Ce qui était déjà là reste comme c’est.</translation>
    </message>
    <message>
        <source>The studio is being backed up…</source>
        <translation>Le studio se sauvegarde…</translation>
    </message>
    <message numerus="yes">
        <source>Backed up and read back: %n files in %1</source>
        <translation>
            <numerusform>Sauvegardé et relu : %n fichier dans %1</numerusform>
            <numerusform>Sauvegardé et relu : %n fichiers dans %1</numerusform>
        </translation>
    </message>
    <message>
        <source>The backup is being unpacked…</source>
        <translation>La sauvegarde se déballe…</translation>
    </message>
    <message>
        <source>The studio is in %1 now. Open it with: calando --studio %1</source>
        <translation>Le studio est maintenant dans %1. Ouvrez-le avec : calando --studio %1</translation>
    </message>
</context>
<context>
    <name>calando::TakeIntake</name>
    <message>
        <source>%1 could not be kept: %2.</source>
        <translation>%1 n’a pas pu être gardé : %2.</translation>
    </message>
    <message>
        <source>%1 is cut short: %2 of %3 s.</source>
        <translation>%1 est coupé : %2 de %3 s.</translation>
    </message>
</context>
<context>
    <name>calando::TakeView</name>
    <message>
        <source>Ribbon of the take</source>
        <translation>Image de la prise</translation>
    </message>
    <message>
        <source>Pitch, loudness and tone colour over time. Arrow keys move, plus and minus zoom.</source>
        <translation>Hauteur, intensité et timbre dans le temps. Les flèches déplacent, plus et moins agrandissent.</translation>
    </message>
    <message>
        <source>Ears first: the picture comes after the take.</source>
        <translation>Écouter d’abord : l’image vient après la prise.</translation>
    </message>
    <message>
        <source>Ears first: what did you hear? Show the trace with E.</source>
        <translation>Écouter d’abord : qu’avez-vous entendu ? E montre l’image.</translation>
    </message>
    <message>
        <source>Being measured…</source>
        <translation>Se mesure…</translation>
    </message>
</context>
<context>
    <name>calando::TargetRows</name>
    <message>
        <source>“%1” is no number</source>
        <translation>« %1 » n’est pas un nombre</translation>
    </message>
    <message>
        <source>its target begins above its end; exchange them</source>
        <translation>sa cible commence au-dessus de sa fin ; échangez-les</translation>
    </message>
    <message>
        <source>Targets at this level</source>
        <translation>Cibles à ce niveau</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Chiffre</translation>
    </message>
    <message>
        <source>from</source>
        <translation>de</translation>
    </message>
    <message>
        <source>to</source>
        <translation>à</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>a figure, then what is wrong with its target</comment>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source>give it a bound; an exercise cannot take the level’s away</source>
        <translation>donnez-lui une borne ; un exercice ne peut pas enlever celle du niveau</translation>
    </message>
</context>
<context>
    <name>calando::TubeField</name>
    <message>
        <source>The fingering that is tried, in your own words; those used before are in the list.</source>
        <translation>Le doigté essayé, en vos propres mots ; ceux déjà employés sont dans la liste.</translation>
    </message>
    <message>
        <source>The tube that the partials are of: valves, slide, or the low note of a reed or flute.</source>
        <translation>Le tube dont sont les partiels : pistons, coulisse, ou la note grave d’un bois.</translation>
    </message>
</context>
<context>
    <name>calando::WeeksChart</name>
    <message>
        <source>By week: %1</source>
        <translation>Par semaine : %1</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d MMM</translation>
    </message>
</context>
<context>
    <name>calando::WeeksPage</name>
    <message>
        <source>Ribbons</source>
        <translation>Rubans</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Journal</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notes</translation>
    </message>
    <message>
        <source>What helped</source>
        <translation>Ce qui a aidé</translation>
    </message>
    <message>
        <source>Ear</source>
        <translation>Oreille</translation>
    </message>
    <message>
        <source>Report…</source>
        <translation>Rapport…</translation>
    </message>
    <message>
        <source>A page for the student, for the parents, or of the class</source>
        <translation>Une page pour l’élève, pour les parents, ou de la classe</translation>
    </message>
    <message>
        <source>Pack…</source>
        <translation>Paquet…</translation>
    </message>
    <message>
        <source>To the student’s own Calando and back</source>
        <translation>Vers le Calando de l’élève et retour</translation>
    </message>
    <message>
        <source>A pack for home…</source>
        <translation>Un paquet pour la maison…</translation>
    </message>
    <message>
        <source>The answer for the teacher…</source>
        <translation>La réponse pour le professeur…</translation>
    </message>
    <message>
        <source>Everything, for another teacher…</source>
        <translation>Tout, pour un autre professeur…</translation>
    </message>
    <message>
        <source>Open a pack…</source>
        <translation>Ouvrir un paquet…</translation>
    </message>
    <message>
        <source>A pack</source>
        <translation>Un paquet</translation>
    </message>
    <message>
        <source>Pack (*.zip)</source>
        <translation>Paquet (*.zip)</translation>
    </message>
    <message>
        <source>There is nobody to write it for.</source>
        <translation>Il n’y a personne pour qui l’écrire.</translation>
    </message>
    <message>
        <source>pack</source>
        <comment>a file’s name</comment>
        <translation>paquet</translation>
    </message>
    <message>
        <source>Page (*.pdf)</source>
        <translation>Page (*.pdf)</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Calendrier (*.ics)</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Texte (*.txt)</translation>
    </message>
    <message>
        <source>This week’s sheet</source>
        <translation>La feuille de cette semaine</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
    <message>
        <source>%1, week of %2</source>
        <comment>a file’s name: a student, a day</comment>
        <translation>%1, semaine du %2</translation>
    </message>
    <message>
        <source>Next week’s sheet</source>
        <translation>La feuille de la semaine prochaine</translation>
    </message>
</context>
<context>
    <name>calando::YearRing</name>
    <message>
        <source>Weeks as rows of small pictures</source>
        <translation>Semaines en lignes de petites images</translation>
    </message>
    <message>
        <source>No takes yet. Record one in the lesson (Alt+1): every week becomes a row here.</source>
        <translation>Pas encore de prises. Faites-en une dans la leçon (Alt+1) : chaque semaine devient une ligne ici.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>the first day of a week</comment>
        <translation>d MMM</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <comment>card, moment, verdict</comment>
        <translation>%1, %2 : %3</translation>
    </message>
</context>
</TS>
