<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="en">
  <context>
    <name>fusain</name>
    <message numerus="yes">
      <source>Use %n answer(s) of today (Alt+&amp;C)</source>
      <translation>
        <numerusform>Use %n answer of today (Alt+&amp;C)</numerusform>
        <numerusform>Use %n answers of today (Alt+&amp;C)</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>In this lab book within twelve months: %n scan(s), %1 µSv.</source>
      <translation>
        <numerusform>In this lab book within twelve months: %n scan, %1 µSv.</numerusform>
        <numerusform>In this lab book within twelve months: %n scans, %1 µSv.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n scan(s) of other clients</source>
      <translation>
        <numerusform>%n scan of another client</numerusform>
        <numerusform>%n scans of other clients</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n file(s) that are no scans</source>
      <translation>
        <numerusform>%n file that is no scan</numerusform>
        <numerusform>%n files that are no scans</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Import %n row(s)</source>
      <translation>
        <numerusform>Import %n row</numerusform>
        <numerusform>Import %n rows</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Importing %n row(s)…</source>
      <translation>
        <numerusform>Importing %n row…</numerusform>
        <numerusform>Importing %n rows…</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n test(s)</source>
      <translation>
        <numerusform>%n test</numerusform>
        <numerusform>%n tests</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>For %n week(s) (4 to 52)</source>
      <translation>
        <numerusform>For %n week (4 to 52)</numerusform>
        <numerusform>For %n weeks (4 to 52)</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n week(s)</source>
      <translation>
        <numerusform>%n week</numerusform>
        <numerusform>%n weeks</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>target, %n week(s)</source>
      <translation>
        <numerusform>target, %n week</numerusform>
        <numerusform>target, %n weeks</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Passphrase of this record, at least %n characters. Without it nobody can open it.</source>
      <translation>
        <numerusform>Passphrase of this record, at least %n character. Without it nobody can open it.</numerusform>
        <numerusform>Passphrase of this record, at least %n characters. Without it nobody can open it.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n found: choose one</source>
      <translation>
        <numerusform>%n found: choose one</numerusform>
        <numerusform>%n found: choose one</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n week(s) after %1, at the same time of day. %2</source>
      <translation>
        <numerusform>%n week after %1, at the same time of day. %2</numerusform>
        <numerusform>%n weeks after %1, at the same time of day. %2</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n result(s) signed.</source>
      <translation>
        <numerusform>%n result signed.</numerusform>
        <numerusform>%n results signed.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n answer(s) not as asked</source>
      <translation>
        <numerusform>%n answer not as asked</numerusform>
        <numerusform>%n answers not as asked</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Sign %n result(s)</source>
      <translation>
        <numerusform>Sign %n result</numerusform>
        <numerusform>Sign %n results</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n result(s) marked ▲ must be opened first.</source>
      <translation>
        <numerusform>%n result marked ▲ must be opened first.</numerusform>
        <numerusform>%n results marked ▲ must be opened first.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>▲ False alarm: %n reading(s) in order were corrected or discarded.</source>
      <translation>
        <numerusform>▲ False alarm: %n reading that was in order was corrected or discarded.</numerusform>
        <numerusform>▲ False alarms: %n readings that were in order were corrected or discarded.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n people had both; at least three are needed.</source>
      <translation>
        <numerusform>%n client had both; at least three are needed.</numerusform>
        <numerusform>%n clients had both; at least three are needed.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n test(s) since the last passed check (%1). Review.</source>
      <translation>
        <numerusform>%n test since the last passed check (%1). Review.</numerusform>
        <numerusform>%n tests since the last passed check (%1). Review.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Passphrase of this copy, at least %n characters. Without it nobody can open the copy.</source>
      <translation>
        <numerusform>Passphrase of this copy, at least %n character. Without it nobody can open the copy.</numerusform>
        <numerusform>Passphrase of this copy, at least %n characters. Without it nobody can open the copy.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n older entry(s) of the journal show a name and cannot be changed.</source>
      <translation>
        <numerusform>%n older entry of the journal shows a name and cannot be changed.</numerusform>
        <numerusform>%n older entries of the journal show a name and cannot be changed.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n copy(s) made before still show names: delete or seal them.</source>
      <translation>
        <numerusform>%n copy made before still shows names: delete or seal it.</numerusform>
        <numerusform>%n copies made before still show names: delete or seal them.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n minute(s)</source>
      <translation>
        <numerusform>%n minute</numerusform>
        <numerusform>%n minutes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entry(s) of this workstation wait for your decision: another workstation has written to the same test.</source>
      <translation>
        <numerusform>%n entry of this workstation waits for your decision: another workstation has written to the same test.</numerusform>
        <numerusform>%n entries of this workstation wait for your decision: another workstation has written to the same test.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n earlier entry(s)</source>
      <translation>
        <numerusform>%n earlier entry</numerusform>
        <numerusform>%n earlier entries</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entry(s) wait.</source>
      <translation>
        <numerusform>%n entry waits.</numerusform>
        <numerusform>%n entries wait.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n day(s) before</source>
      <translation>
        <numerusform>%n day before</numerusform>
        <numerusform>%n days before</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>After %n week(s) you would most likely weigh %1 to %2.</source>
      <translation>
        <numerusform>After %n week you would most likely weigh %1 to %2.</numerusform>
        <numerusform>After %n weeks you would most likely weigh %1 to %2.</numerusform>
      </translation>
    </message>
  </context>
</TS>