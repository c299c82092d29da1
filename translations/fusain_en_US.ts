<?xml version='1.0' encoding='utf-8'?>
<TS version="2.1" language="en_US">
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
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards more fluid or a larger body.</source>
      <translation>The vector is outside the middle half of {2} ({1} % are nearer to the mean), toward more fluid or a larger body.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards less fluid or a slighter body.</source>
      <translation>The vector is outside the middle half of {2} ({1} % are nearer to the mean), toward less fluid or a slighter body.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards more cell mass.</source>
      <translation>The vector is outside the middle half of {2} ({1} % are nearer to the mean), toward more cell mass.</translation>
    </message>
    <message>
      <source>The vector is outside the middle half of {2} ({1} % are nearer to the mean), towards less cell mass.</source>
      <translation>The vector is outside the middle half of {2} ({1} % are nearer to the mean), toward less cell mass.</translation>
    </message>
    <message>
      <source>The curve is too short to judge: repeat the manoeuvre.</source>
      <translation>The curve is too short to judge: repeat the maneuver.</translation>
    </message>
    <message>
      <source>Type litres with a point or a comma.</source>
      <translation>Type liters with a point or a comma.</translation>
    </message>
    <message>
      <source>Still and quiet; nobody within a metre of the table.</source>
      <translation>Still and quiet; nobody within a meter of the table.</translation>
    </message>
    <message>
      <source>Cancelled.</source>
      <translation>Canceled.</translation>
    </message>
    <message>
      <source>Litres of body water</source>
      <translation>Liters of body water</translation>
    </message>
    <message>
      <source>Type the litres.</source>
      <translation>Type the liters.</translation>
    </message>
    <message>
      <source>appointment of %1 cancelled</source>
      <translation>appointment of %1 canceled</translation>
    </message>
    <message>
      <source>%1 appointments booked from the calendar; %2 left out: already booked, cancelled, or without a client's code and a method.</source>
      <translation>%1 appointments booked from the calendar; %2 left out: already booked, canceled, or without a client's code and a method.</translation>
    </message>
    <message>
      <source>To practise next: %1.</source>
      <translation>To practice next: %1.</translation>
    </message>
    <message>
      <source>Not practised yet. Begin, act as with a client, and finish or end the test; then come back. What can be said and done beside the screen is under Ctrl+D.</source>
      <translation>Not practiced yet. Begin, act as with a client, and finish or end the test; then come back. What can be said and done beside the screen is under Ctrl+D.</translation>
    </message>
    <message>
      <source>trial %1 accepted although it was spoilt</source>
      <translation>trial %1 accepted although it was spoiled</translation>
    </message>
    <message>
      <source>What was practised</source>
      <translation>What was practiced</translation>
    </message>
    <message>
      <source>Cancelled. Nothing new is known of the lab book.</source>
      <translation>Canceled. Nothing new is known of the lab book.</translation>
    </message>
    <message>
      <source>This appointment has begun or is over; it is not cancelled.</source>
      <translation>This appointment has begun or is over; it is not canceled.</translation>
    </message>
    <message>
      <source>What if the residual volume, or the thoracic gas, were, litres</source>
      <translation>What if the residual volume, or the thoracic gas, were, liters</translation>
    </message>
    <message>
      <source>Type litres: the certificate's, then the chamber's.</source>
      <translation>Type liters: the certificate's, then the chamber's.</translation>
    </message>
    <message>
      <source>Ask how the client prepared; look at swimwear, cap and jewellery.</source>
      <translation>Ask how the client prepared; look at swimwear, cap and jewelry.</translation>
    </message>
    <message>
      <source>Type centimetres.</source>
      <translation>Type centimeters.</translation>
    </message>
    <message>
      <source>Talk of growth, strength and health, with a guardian; a paediatrician where there is worry.</source>
      <translation>Talk of growth, strength and health, with a guardian; a pediatrician where there is worry.</translation>
    </message>
    <message>
      <source>Type centimetres: {1} m is {2} cm.</source>
      <translation>Type centimeters: {1} m is {2} cm.</translation>
    </message>
    <message>
      <source>centre</source>
      <translation>center</translation>
    </message>
    <message>
      <source>Saturated vapour pressure of water</source>
      <translation>Saturated vapor pressure of water</translation>
    </message>
    <message>
      <source>Saturated vapour pressure of water (cross-check)</source>
      <translation>Saturated vapor pressure of water (cross-check)</translation>
    </message>
    <message>
      <source>Review the lines of the regions and have the scan analysed again</source>
      <translation>Review the lines of the regions and have the scan analyzed again</translation>
    </message>
    <message>
      <source>Look for metal: belt, pockets, hair, jewellery</source>
      <translation>Look for metal: belt, pockets, hair, jewelry</translation>
    </message>
    <message>
      <source>The scale was levelled and checked again.</source>
      <translation>The scale was leveled and checked again.</translation>
    </message>
    <message>
      <source>Leave jewellery and watch at home if you can; glasses come off for the test.</source>
      <translation>Leave jewelry and watch at home if you can; glasses come off for the test.</translation>
    </message>
    <message>
      <source>You have had diarrhoea on or after {1}.</source>
      <translation>You have had diarrhea on or after {1}.</translation>
    </message>
    <message>
      <source>Glasses, jewellery, watch, keys removed?</source>
      <translation>Glasses, jewelry, watch, keys removed?</translation>
    </message>
    <message>
      <source>water is missing; some labs give half a litre and wait 45 minutes, which is no correction</source>
      <translation>water is missing; some labs give half a liter and wait 45 minutes, which is no correction</translation>
    </message>
    <message>
      <source>Jewellery, piercings, phone, hair metal removed?</source>
      <translation>Jewelry, piercings, phone, hair metal removed?</translation>
    </message>
    <message>
      <source>Nobody else in the room stays within a metre of the table while it scans.</source>
      <translation>Nobody else in the room stays within a meter of the table while it scans.</translation>
    </message>
    <message>
      <source>Time since last diarrhoea</source>
      <translation>Time since last diarrhea</translation>
    </message>
    <message>
      <source>judgement in water</source>
      <translation>judgment in water</translation>
    </message>
    <message>
      <source>Jewellery removed?</source>
      <translation>Jewelry removed?</translation>
    </message>
    <message>
      <source>Allergy to plasters or electrode gel?</source>
      <translation>Allergy to adhesive bandages or electrode gel?</translation>
    </message>
    <message>
      <source>Intravenous fluid or dialysis in the last 24 h, or oedema?</source>
      <translation>Intravenous fluid or dialysis in the last 24 h, or edema?</translation>
    </message>
    <message>
      <source>Have you recently lost more than one stone (6 kg) in a three-month period?</source>
      <translation>Have you recently lost more than 14 lb (6 kg) in a three-month period?</translation>
    </message>
  </context>
</TS>
