<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="de@child">
  <context>
    <name>fusain</name>
    <message>
      <source>You were weighed, and the chamber measured %1 times how much air you displace: that is your volume. Fat takes more room for its weight than the rest, so weight and volume together show how much of you is fat.</source>
      <translation>Du wurdest gewogen, und die Kammer hat %1-mal gemessen, wie viel Luft du verdrängst: Das ist dein Volumen. Fett braucht für sein Gewicht mehr Platz als der Rest; Gewicht und Volumen zusammen zeigen also, wie viel von dir Fett ist.</translation>
    </message>
    <message>
      <source>You were weighed, and a tape was laid around your body at marked places, several times each. It shows where your body gets smaller or larger over time; it does not say what it is made of.</source>
      <translation>Du wurdest gewogen, und ein Maßband wurde an markierten Stellen um deinen Körper gelegt, jeweils mehrmals. Es zeigt, wo dein Körper mit der Zeit schmaler oder breiter wird; woraus er besteht, sagt es nicht.</translation>
    </message>
    <message>
      <source>You were weighed, and a current too weak to feel ran through your body. Water and muscle let it pass easily, fat hardly does: from how much it was held back, the amounts can be worked out.</source>
      <translation>Du wurdest gewogen, und ein Strom, der zu schwach ist, um ihn zu spüren, floss durch deinen Körper. Wasser und Muskeln lassen ihn leicht durch, Fett kaum: Daraus, wie stark er gebremst wurde, lassen sich die Mengen errechnen.</translation>
    </message>
    <message>
      <source>Water in your body</source>
      <translation>Wasser in deinem Körper</translation>
    </message>
    <message>
      <source>Phase angle (a sign of how much of you is cells)</source>
      <translation>Phasenwinkel (ein Zeichen dafür, wie viel von dir Zellen sind)</translation>
    </message>
    <message>
      <source>Your arms</source>
      <translation>Deine Arme</translation>
    </message>
    <message>
      <source>Your legs</source>
      <translation>Deine Beine</translation>
    </message>
    <message>
      <source>What was measured is good for following you over time.</source>
      <translation>Was gemessen wurde, ist gut, um dich über die Zeit zu begleiten.</translation>
    </message>
    <message>
      <source>You have less fat than on %1.</source>
      <translation>Du hast weniger Fett als am %1.</translation>
    </message>
    <message>
      <source>You have more fat than on %1.</source>
      <translation>Du hast mehr Fett als am %1.</translation>
    </message>
    <message>
      <source>You have lost about %1 of fat since %2.</source>
      <translation>Du hast seit dem %2 etwa %1 Fett verloren.</translation>
    </message>
    <message>
      <source>You have gained about %1 of fat since %2.</source>
      <translation>Du hast seit dem %2 etwa %1 Fett zugenommen.</translation>
    </message>
    <message>
      <source>About %1 % of your body mass is fat.</source>
      <translation>Etwa %1 % deiner Körpermasse sind Fett.</translation>
    </message>
    <message>
      <source>people of your sex and age ¹</source>
      <translation>Menschen deines Geschlechts und Alters ¹</translation>
    </message>
    <message>
      <source>This page is in words only; the person who tested you has the numbers and will talk them over with you if you wish.</source>
      <translation>Diese Seite kommt ohne Zahlen aus; wer dich getestet hat, kennt sie und bespricht sie mit dir, wenn du möchtest.</translation>
    </message>
    <message>
      <source>The reference that this lab uses does not cover your age.</source>
      <translation>Die Vergleichswerte dieses Labors gelten nicht für dein Alter.</translation>
    </message>
    <message>
      <source>Your fat over time</source>
      <translation>Dein Fett im Lauf der Zeit</translation>
    </message>
    <message>
      <source>Your lean mass over time</source>
      <translation>Deine fettfreie Masse im Lauf der Zeit</translation>
    </message>
    <message>
      <source>Each method looks at another side of the body. Here some differ by more than they usually do; please ask us before you rely on one of them.</source>
      <translation>Jedes Verfahren sieht eine andere Seite des Körpers. Hier weichen einige stärker voneinander ab als üblich; bitte frag uns, bevor du dich auf eines verlässt.</translation>
    </message>
    <message>
      <source>The other method (%1) gave a different value, more than the two usually differ. Please ask us before you rely on either.</source>
      <translation>Das andere Verfahren (%1) ergab einen anderen Wert; der Unterschied ist größer als üblich. Bitte frag uns, bevor du dich auf einen davon verlässt.</translation>
    </message>
    <message>
      <source>Your next test is booked for %1 at %2. The sheet that comes with the booking says how to prepare.</source>
      <translation>Dein nächster Test ist für den %1 um %2 Uhr gebucht. Wie du dich vorbereitest, steht auf dem Blatt zur Buchung.</translation>
    </message>
    <message>
      <source>The air in your chest was estimated from your height and age. Measuring it would make the result more certain.</source>
      <translation>Die Luft in deiner Brust wurde aus Größe und Alter geschätzt. Sie zu messen würde das Ergebnis sicherer machen.</translation>
    </message>
    <message>
      <source>The air that stays in your lungs was estimated from your height and age. Measuring it would make the result about twice as certain.</source>
      <translation>Die Luft, die in deinen Lungen bleibt, wurde aus Größe und Alter geschätzt. Sie zu messen würde das Ergebnis etwa doppelt so sicher machen.</translation>
    </message>
    <message>
      <source>You were not quite prepared as asked ("%1"). %2</source>
      <translation>Du warst nicht ganz so vorbereitet wie erbeten („%1“). %2</translation>
    </message>
    <message>
      <source>You were prepared as asked, and the readings agreed.</source>
      <translation>Du warst vorbereitet wie gebeten, und die Messwerte stimmten überein.</translation>
    </message>
    <message>
      <source>This page describes your body on one day. It is not a diagnosis and says nothing about your worth or fitness by itself. If anything here worries you, talk to your doctor.</source>
      <translation>Diese Seite beschreibt deinen Körper an einem Tag. Sie ist keine Diagnose und sagt für sich allein nichts über deinen Wert oder deine Fitness. Wenn dich etwas davon beunruhigt, sprich mit deinen Eltern und mit deiner Ärztin oder deinem Arzt.</translation>
    </message>
    <message>
      <source>%1 · client copy</source>
      <translation>%1 · für dich</translation>
    </message>
    <message>
      <source>What you will note until next time: %1</source>
      <translation>Was du bis zum nächsten Mal aufschreibst: %1</translation>
    </message>
    <message>
      <source>Your value is below the reference range.</source>
      <translation>Dein Wert liegt unter dem Referenzbereich.</translation>
    </message>
    <message>
      <source>Your value is close to the lower end of the reference range; the test cannot say on which side of it.</source>
      <translation>Dein Wert liegt nahe am unteren Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen.</translation>
    </message>
    <message>
      <source>Your value is close to the upper end of the reference range; the test cannot say on which side of it.</source>
      <translation>Dein Wert liegt nahe am oberen Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen.</translation>
    </message>
    <message>
      <source>Your value is above the reference range.</source>
      <translation>Dein Wert liegt über dem Referenzbereich.</translation>
    </message>
    <message>
      <source>Your value is within the reference range.</source>
      <translation>Dein Wert liegt im Referenzbereich.</translation>
    </message>
    <message>
      <source>The range is that of people of your sex and age who were measured for it; it is no target.</source>
      <translation>Der Bereich beschreibt gemessene Menschen deines Geschlechts und Alters; er ist kein Ziel.</translation>
    </message>
    <message>
      <source>For people of your sex and age it is %1 to %2 %. It describes people who were measured for it; it is no target.</source>
      <translation>Für Menschen deines Geschlechts und Alters reicht er von %1 bis %2 %. Er beschreibt Menschen, die dafür gemessen wurden; er ist kein Ziel.</translation>
    </message>
    <message>
      <source>Your true value is very likely between %1 and %2 %.</source>
      <translation>Dein wahrer Wert liegt sehr wahrscheinlich zwischen %1 und %2 %.</translation>
    </message>
    <message>
      <source>%1, we look forward to seeing you on %2 at %3.</source>
      <translation>%1, wir freuen uns auf dich am %2 um %3 Uhr.</translation>
    </message>
    <message>
      <source>%1, this is how to prepare for the next test.</source>
      <translation>%1, so bereitest du dich auf den nächsten Test vor.</translation>
    </message>
    <message>
      <source>Could not keep something? Come anyway and tell us: we write it down, or find another time together. Take your medicines as always.</source>
      <translation>Etwas hat nicht geklappt? Komm trotzdem und sag es uns: Wir schreiben es auf oder finden gemeinsam einen anderen Termin. Nimm deine Medikamente wie immer.</translation>
    </message>
    <message>
      <source>Your test: %1</source>
      <translation>Dein Test: %1</translation>
    </message>
    <message>
      <source>Before you come</source>
      <translation>Bevor du kommst</translation>
    </message>
    <message>
      <source>No measurable change in your fat.</source>
      <translation>Keine messbare Änderung deines Fettes.</translation>
    </message>
    <message>
      <source>You have less fat than at that test.</source>
      <translation>Du hast weniger Fett als bei jenem Test.</translation>
    </message>
    <message>
      <source>You have more fat than at that test.</source>
      <translation>Du hast mehr Fett als bei jenem Test.</translation>
    </message>
    <message>
      <source>You have lost about %1 of fat.</source>
      <translation>Du hast etwa %1 Fett verloren.</translation>
    </message>
    <message>
      <source>You have gained about %1 of fat.</source>
      <translation>Du hast etwa %1 Fett zugenommen.</translation>
    </message>
    <message>
      <source>This is your starting point.</source>
      <translation>Das ist dein Ausgangspunkt.</translation>
    </message>
    <message>
      <source>What was measured today is good for following you over time.</source>
      <translation>Was heute gemessen wurde, zeigt deinen Verlauf über die Zeit.</translation>
    </message>
    <message>
      <source>Where you are</source>
      <translation>Wo du stehst</translation>
    </message>
    <message>
      <source>Your sides</source>
      <translation>Deine Seiten</translation>
    </message>
    <message>
      <source>Your right and your left side</source>
      <translation>Deine rechte und deine linke Seite</translation>
    </message>
    <message>
      <source>Your next test: %1 at %2.</source>
      <translation>Dein nächster Test: %1 um %2.</translation>
    </message>
    <message>
      <source>Your next test: on or after %1.</source>
      <translation>Dein nächster Test: ab %1.</translation>
    </message>
    <message>
      <source>Since your first test on %1 (%2): %3.</source>
      <translation>Seit deinem ersten Test am %1 (%2): %3.</translation>
    </message>
    <message>
      <source>You were weighed, while a very weak X-ray beam passed over you on a table. Fat, lean and bone hold it back differently: that shows how much of each there is, and where.</source>
      <translation>Du wurdest gewogen und lagst auf einem Tisch, während ein sehr schwacher Röntgenstrahl über dich ging. Fett, mageres Gewebe und Knochen halten ihn verschieden stark zurück: Das zeigt, wie viel wovon da ist und wo.</translation>
    </message>
    <message>
      <source>Muscle of your arms</source>
      <translation>Muskeln deiner Arme</translation>
    </message>
    <message>
      <source>Muscle of your legs</source>
      <translation>Muskeln deiner Beine</translation>
    </message>
    <message>
      <source>You were weighed on land and %1 times under water after breathing out. Fat is lighter than water and the rest is heavier, so the two weights together show how much of you is fat.</source>
      <translation>Du wurdest an Land gewogen und %1-mal unter Wasser, nach dem Ausatmen. Fett ist leichter als Wasser, der Rest ist schwerer: Beide Gewichte zusammen zeigen, wie viel von dir Fett ist.</translation>
    </message>
    <message>
      <source>air in your chest</source>
      <translation>Luft in deinem Brustkorb</translation>
    </message>
    <message>
      <source>air that stays in your lungs</source>
      <translation>Luft, die in deiner Lunge bleibt</translation>
    </message>
    <message>
      <source>range of people of your sex and age</source>
      <translation>Bereich von Menschen deines Geschlechts und Alters</translation>
    </message>
    <message>
      <source>energy that your body needs</source>
      <translation>Energie, die dein Körper braucht</translation>
    </message>
    <message>
      <source>you</source>
      <translation>du</translation>
    </message>
    <message>
      <source>the person who tested you</source>
      <translation>die Person, die dich getestet hat</translation>
    </message>
    <message>
      <source>You have lost about {1} kg of fat since the last test. That is a real change.</source>
      <translation>Du hast seit dem letzten Test etwa {1} kg Fett verloren. Das ist eine echte Änderung.</translation>
    </message>
    <message>
      <source>Your fat has grown by about {1} kg since the last test. We will look together at what changed.</source>
      <translation>Dein Fett hat seit dem letzten Test um etwa {1} kg zugenommen. Wir sehen uns gemeinsam an, was sich geändert hat.</translation>
    </message>
    <message>
      <source>You have gained about {1} kg of muscle and other lean tissue.</source>
      <translation>Du hast etwa {1} kg Muskeln und anderes mageres Gewebe aufgebaut.</translation>
    </message>
    <message>
      <source>Since your first test you have lost about {1} kg of fat: a change that is real.</source>
      <translation>Seit deinem ersten Test hast du etwa {1} kg Fett verloren: eine wirkliche Änderung.</translation>
    </message>
    <message>
      <source>Since your first test you have gained about {1} kg of muscle and other lean tissue.</source>
      <translation>Seit deinem ersten Test hast du etwa {1} kg Muskeln und anderes mageres Gewebe aufgebaut.</translation>
    </message>
    <message>
      <source>Of the {2} kg that you lost, about {1} % was not fat. Going slower, with enough protein and some strength work, keeps more muscle.</source>
      <translation>Von den {2} kg, die du verloren hast, waren etwa {1} % kein Fett. Langsamer, mit genug Eiweiß und etwas Krafttraining, bleibt mehr Muskel erhalten.</translation>
    </message>
    <message>
      <source>You are losing weight quickly. A slower pace is easier on your body; please talk to us before you continue.</source>
      <translation>Du nimmst schnell ab. Langsamer ist schonender für deinen Körper; bitte sprich mit uns, bevor du weitermachst.</translation>
    </message>
    <message>
      <source>Your body fat is within the reference range for your sex and age.</source>
      <translation>Dein Körperfett liegt im Bereich der Vergleichswerte für dein Geschlecht und Alter.</translation>
    </message>
    <message>
      <source>Your body fat is close to the upper end of the reference range; the test cannot say on which side of it.</source>
      <translation>Dein Körperfett liegt nahe am oberen Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen.</translation>
    </message>
    <message>
      <source>Your body fat is close to the lower end of the reference range; the test cannot say on which side of it. Eating enough for what you do matters.</source>
      <translation>Dein Körperfett liegt nahe am unteren Ende des Referenzbereichs; auf welcher Seite, kann der Test nicht sagen. Wichtig ist, für das, was du tust, genug zu essen.</translation>
    </message>
    <message>
      <source>Your body fat is above the reference range. Small, steady changes are worth more than quick ones.</source>
      <translation>Dein Körperfett liegt über dem Bereich der Vergleichswerte. Kleine, stetige Änderungen sind mehr wert als schnelle.</translation>
    </message>
    <message>
      <source>Your body fat is below the reference range. Eating enough for what you do is what matters now.</source>
      <translation>Dein Körperfett liegt unter dem Bereich der Vergleichswerte. Genug zu essen für das, was du tust, ist jetzt das Wichtige.</translation>
    </message>
    <message>
      <source>Your weight is low for your height. Please talk to your doctor or a dietitian before you change anything.</source>
      <translation>Dein Gewicht ist niedrig für deine Größe. Bitte sprich mit deinen Eltern und mit Ärztin oder Arzt, bevor du etwas änderst.</translation>
    </message>
    <message>
      <source>There is little muscle on your arms and legs. Testing your strength is the next step, and your doctor decides what it means.</source>
      <translation>An Armen und Beinen ist wenig Muskel. Der nächste Schritt ist ein Krafttest; was er bedeutet, entscheidet deine Ärztin oder dein Arzt.</translation>
    </message>
    <message>
      <source>You were not quite prepared as asked. Next time, please follow the sheet that we send you: it makes the result surer.</source>
      <translation>Du warst nicht ganz so vorbereitet wie erbeten. Bitte folge nächstes Mal dem Blatt, das wir dir schicken: Das macht das Ergebnis sicherer.</translation>
    </message>
    <message>
      <source>The machine has changed since your last test, so today is a new beginning. Later tests are compared with today.</source>
      <translation>Das Gerät ist seit deinem letzten Test ein anderes, darum ist heute ein neuer Anfang: Von nun an vergleichen wir mit heute.</translation>
    </message>
    <message>
      <source>You were not prepared in the same way as last time, so the two tests are not compared. Next time, please follow the sheet that we send you.</source>
      <translation>Du warst anders vorbereitet als beim letzten Mal; deshalb werden die beiden Tests nicht verglichen. Bitte richte dich beim nächsten Mal nach dem Blatt, das wir dir schicken.</translation>
    </message>
    <message>
      <source>This is your starting point. A next test shows how your body changes.</source>
      <translation>Dies ist dein Ausgangspunkt. Ein nächster Test zeigt, wie sich dein Körper ändert.</translation>
    </message>
    <message>
      <source>A meal adds weight and gas that would be read as part of you.</source>
      <translation>Eine Mahlzeit bringt Gewicht und Gas, die für einen Teil von dir gehalten würden.</translation>
    </message>
    <message>
      <source>It changes how you breathe out.</source>
      <translation>Es ändert, wie du ausatmest.</translation>
    </message>
    <message>
      <source>Use the toilet just before the test; we show you where.</source>
      <translation>Kurz vor dem Test zur Toilette gehen; wir zeigen dir, wo.</translation>
    </message>
    <message>
      <source>Damp hair and skin warm the air around you.</source>
      <translation>Feuchtes Haar und feuchte Haut erwärmen die Luft um dich.</translation>
    </message>
    <message>
      <source>We chose the same time of day as last time. Please keep it.</source>
      <translation>Wir haben dieselbe Tageszeit gewählt wie beim letzten Mal. Bitte bleib dabei.</translation>
    </message>
    <message>
      <source>Bring close-fitting swimwear; you change behind a closed door.</source>
      <translation>Eng anliegende Badekleidung mitbringen; du ziehst dich hinter geschlossener Tür um.</translation>
    </message>
    <message>
      <source>Your comfort comes first.</source>
      <translation>Dein Wohlbefinden geht vor.</translation>
    </message>
  </context>
</TS>