<?php

declare(strict_types=1);

/** German sentences of bags, tools, technique and kit cautions, by code; `{name}` is an argument, `{0.8 mm}` a length in the units of the kit. */
return [
    'bags.resistors-tight' => 'Widerstände, 2 % und genauer',
    'bags.resistors' => 'Widerstände',
    'bags.capacitors' => 'Kondensatoren',
    'bags.semiconductors' => 'Dioden, LEDs, Transistoren',
    'bags.static' => 'Teile, die statische Ladung nicht vertragen',
    'bags.connectors' => 'Bedienteile, Stecker und größere Teile',
    'bags.hardware' => 'Kleinteile',
    'bags.wire' => 'Draht',
    'bags.board' => 'Platine, Frontplatte und Gehäuse',
    'bags.parts' => 'Teile',
    'bags.parts-and-hardware' => 'Teile und Kleinteile',
    'bags.off-board' => 'Nicht auf der Platine',
    'bags.own' => 'Eigener Beutel',
    'bags.side' => 'Platine {board}, Seite {side}',
    'bags.steps' => 'Schritte {from} bis {to}',
    'tip.iron' => 'Lötkolben auf {celsius} °C ({fahrenheit} °F) für diese Lötstellen.',
    'tip.limit' =>
        'Hat das Netzgerät eine Strombegrenzung, stell sie für das erste Einschalten auf {milliamps} mA, das Anderthalbfache der {takes} mA, die der Bausatz braucht. Erreicht es die Grenze, schalte aus und suche ein verkehrtes Teil oder eine Lötbrücke.',
    'tip.leads' =>
        'Kleine Widerstände: halte zuerst die Messspitzen aneinander und zieh ab, was das Messgerät zeigt, 0 bis 0,2 Ω.',
    'tip.level' => 'Die Platine liegt schief auf höheren Teilen: löte dies in einem Halter.',
    'tip.prop' => 'Leg einen Klotz von {{height} mm} unter diesen Rand der Platine: {edge}. Dann liegt sie eben.',
    'manual.loose' => '{designator} kommt aus dem Bausatz und gehört auf keine Platine.',
    'manual.wire' => 'Draht',
    'manual.either-way' => 'beliebig herum',
    'manual.has-direction' => 'hat eine Richtung',
    'mistake.turned' => 'Verdreht? {names} neben das Bild halten.',
    'mistake.swapped' => 'Vertauscht? {these} und {others} noch einmal ablesen: sie sehen sich ähnlich.',
    'mistake.wires' => 'Vertauscht? Jeden der Drähte {names} von Ende zu Ende verfolgen.',
    'mistake.pin' => 'Ein Stift umgeknickt oder neben der Fassung?',
    'mistake.hole' => 'Im Nachbarloch? {names} Loch für Loch mit dem Bild vergleichen.',
    'mistake.joints' =>
        'Schlecht gelötet? Die Lötstellen dieses Schritts ({joints}) mit der Lupe ansehen: matt, rissig, Brücke, vergessen. Noch einmal erhitzen.',
    'hand.stripper' => 'Abisolierzange',
    'hand.pliers' => 'Zange',
    'hand.cutters' => 'Seitenschneider',
    'hand.tape' => 'Klebeband',
    'hand.putty' => 'Knetmasse',
    'hand.screwdriver' => 'Schraubendreher',
    'hand.nut-driver' => 'Steckschlüssel',
    'hand.trimming' => 'Abgleichwerkzeug',
    'hand.meter' => 'Messgerät',
    'hand.file' => 'Feile',
    'tool.iron-leaded' => 'Lötkolben mit feiner und mit Meißelspitze, 330 bis 340 °C',
    'tool.iron-lead-free' => 'Lötkolben mit feiner und mit Meißelspitze, 350 bis 400 °C',
    'tool.solder-leaded' => 'Lötdraht {0.8 mm} mit Flussmittelseele, 60/40 oder 63/37 (bleihaltig)',
    'tool.solder-lead-free' => 'Lötdraht {0.8 mm} mit Flussmittelseele, bleifrei',
    'tool.cutters' => 'Seitenschneider',
    'tool.pliers' => 'Kleine Zange',
    'tool.eyes' => 'Schutzbrille',
    'tool.air' => 'Lüftung: ein offenes Fenster oder eine Absaugung',
    'tool.wick' => 'Entlötlitze oder Entlötpumpe',
    'tool.holder' => 'Platinenhalter',
    'tool.tape' => 'Hitzefestes Klebeband',
    'tool.putty' => 'Knetmasse',
    'tool.meter' => 'Multimeter',
    'tool.magnifier' => 'Lupe: manche Teile sehen sich ähnlich',
    'tool.stripper' => 'Abisolierzange',
    'tool.screwdriver' => 'Schraubendreher',
    'tool.nut-driver' => 'Steckschlüssel',
    'tool.drill' => 'Bohrmaschine mit Vorbohrer und Stufenbohrer',
    'tool.punch' => 'Körner',
    'tool.ruler' => 'Lineal oder Messschieber',
    'tool.masking-tape' => 'Kreppband zum Anzeichnen',
    'tool.trimming' => 'Abgleichwerkzeug ohne Metall',
    'tool.file' => 'Kleine Feile',
    'tip.bare-board' => 'Sieh dir zuerst beide Seiten der leeren Platine an: keine Unterbrechung, keine Brücke.',
    'tip.resistor' =>
        'Lies die Ringe oder miss ihn, bevor er hineinkommt, und hak ihn ab. Biege die Drähte rechtwinklig im Lochabstand, drück ihn bündig, biege die Drähte etwa 45 Grad nach außen, dreh die Platine um, löte, und schneide an der Lötstelle ab.',
    'tip.diode' =>
        'Ring zum Streifen. Sieh nach dem Löten noch einmal hin: eine verkehrte Diode findest du jetzt oder nie.',
    'tip.ceramic' => 'Die Drähte stehen eng: wenig Lot.',
    'tip.electrolytic' =>
        'Langer Draht zum Plus, Streifen zum Minus. Lies Wert und Spannung auf dem Becher: bei gleicher Spannung ist der größere Becher der größere Wert.',
    'tip.led' => 'Löte einen Draht, sieh von der Seite, richte sie gerade, dann löte den anderen.',
    'tip.socket' =>
        'Kerbe zu Kerbe. Hefte zwei gegenüberliegende Ecken an, drück sie beim Nacherhitzen bündig, dann den Rest.',
    'tip.ic-direct' => 'Kerbe zu Kerbe. Löte abwechselnd auf beiden Seiten mit Pausen: wenige Sekunden je Stift.',
    'tip.insert' =>
        'Entlade dich zuerst an geerdetem Metall und fass den IC an den Enden an. Richte beide Reihen auf dem Tisch gerade, Kerbe zu Kerbe, drück gleichmäßig, und sieh nach, ob kein Stift umgeknickt ist.',
    'tip.battery' => 'Such Plus und Minus auf der Batterie und an ihrem Platz, bevor sich die Kontakte berühren.',
    'tip.to92' =>
        'Lies den Aufdruck mit der Lupe. Körper über den gedruckten Umriss; lass {3..5 mm} Draht über der Platine, drück ihn nicht bündig.',
    'tip.power' => 'Zuerst an den Kühlkörper schrauben, dann löten, damit die Beine keine Spannung tragen.',
    'tip.radial' => 'Drück es bündig, löte einen Draht, prüfe, ob es gerade steht, dann den Rest.',
    'tip.relay' =>
        'Es passt nur in einer Richtung. Kurz je Stift: der Draht innen ist fein. Lötfahnen brauchen mehr Hitze.',
    'tip.header' =>
        'Ein Ende anheften, prüfen, ob sie bündig und aufrecht sitzt, nacherhitzen und drücken, dann den Rest.',
    'tip.block' => 'Ein Stift, prüfen, ob es gerade sitzt, dann die übrigen.',
    'tip.trimmer' => 'Bündig eindrücken, einen Stift löten, prüfen, dass es gerade sitzt, dann den Rest.',
    'tip.potentiometer' =>
        'Brich die Haltenase ab, wenn die Frontplatte kein Loch dafür hat. Einen Stift, prüfen, ob die Achse mittig und frei in ihrem Loch steht, dann alle.',
    'tip.grommet' => 'Zuerst durch die Tülle: die Drähte hindurchstecken, solange beide Enden frei sind.',
    'tip.wire-screw' =>
        'An einer Schraubklemme ({names}): abisolieren und verdrillen, nicht verzinnen; unter die Schraube, festziehen, zur Probe ziehen.',
    'tip.wire' => 'Abisolieren, verdrillen, verzinnen. Das blanke Ende durch Loch oder Lötfahne haken, dann löten.',
    'tip.link' =>
        'Blanker Draht, an den Löchern rechtwinklig gebogen, flach auf die Platine gezogen; beide Richtungen sind recht. Ein abgeschnittener Draht tut es auch.',
    'tip.ribbon' => 'Die rote Kante ist Ader 1. Biege die beiden äußeren Adern um, damit es hält.',
    'tip.knob' => 'Auf die Achse bis zum Anschlag, Zeiger auf den ersten Strich, Schraube gegen die Fläche.',
    'tip.enclosure' => 'Gewindeformende Schrauben: alle zwei Umdrehungen eine halbe zurück. Nicht zu fest anziehen.',
    'tip.first-power' =>
        'Sieh zuerst nach Lötbrücken. Miss ohne Strom von der Versorgung nach Masse: kein Kurzschluss. Dann einschalten und messen; schalte sofort aus, wenn etwas heiß wird.',
    'tip.adjust' => 'Dreh langsam mit einem Abgleichwerkzeug und warte, bis die Anzeige steht.',
    'tip.snap' => 'Ritz zuerst die Brücke an, halte nah daran, brich, und feile die Reste ab.',
    'tip.bolt' =>
        'Wärmeleitpad oder Paste dazwischen, zuerst schrauben, später löten. Führt die Fahne Spannung, isoliere sie.',
    'tip.panel' => 'Setz sie lose in ihre Löcher; noch nichts löten.',
    'caution.small-parts' => 'Kleine Teile: von Kindern unter drei Jahren fernhalten.',
    'caution.coin-cell' =>
        'Knopfzellen sind verschluckt gefährlich: sofort ärztliche Hilfe holen. Von Kindern fernhalten.',
    'caution.magnets' => 'Kleine Magnete sind verschluckt gefährlich: sofort ärztliche Hilfe holen.',
    'caution.hot' => 'Teile werden im Betrieb heiß: Hände und Papier fernhalten.',
    'caution.field' => 'Starke Felder: Menschen mit medizinischen Implantaten halten Abstand.',
    'caution.radio' => 'Funk: deine örtlichen Regeln sagen, wer wo und wie senden darf.',
    'caution.light' => 'Helles oder unsichtbares Licht: nicht hineinsehen.',
    'caution.drilling' => 'Bohren: Schutzbrille, keine Handschuhe, Ringe oder weiten Ärmel; das Werkstück festspannen.',
    'tip.chassis' =>
        'Leg ein Tuch unter das Gehäuse: es zerkratzt leicht. Baue alles ein, bevor der erste Draht kommt.',
    'tip.fix' => 'Erst alle fingerfest, dann fest; nicht so fest, dass sich die Platine biegt.',
    'tip.jig' => 'Setz es auf, so dass alles durch sein Loch kommt; das Loch gibt Höhe und Platz vor.',
    'tip.nuts' => 'Nur fingerfest: die Teile müssen sich noch etwas bewegen.',
    'tip.tack' =>
        'Je einen Stift. Prüfe, ob alles gerade und frei ist; erwärme und verschiebe, was es nicht ist, bevor der Rest gelötet wird.',
    'tip.plug' => 'Steck beide zusammen, setz sie in ihre Platinen und sieh, ob die Platinen parallel liegen.',
    'tip.mount' =>
        'Scheibe und Mutter; gerade ausrichten, dann mit passendem Werkzeug festziehen und die Oberfläche schonen. Bieg die Fahnen jetzt, solange Platz ist.',
    'tip.finished' => 'Tut es, was es soll?',
    'tip.boxed' => 'Dasselbe noch einmal im Gehäuse: nichts berührt sich, kein Draht ist geklemmt.',
    'tip.draws' => 'Es läuft mit {volts} V und nimmt höchstens {milliamps} mA. Viel mehr ist ein Fehler: ausschalten.',
    'tip.runs-from' => 'Es läuft mit {volts} V.',
    'tip.lend-bare' => 'Nur für die Prüfung {gate}, nicht gelötet: {what}.',
    'tip.lend' => 'Nur für die Prüfung {gate}, nicht gelötet: {what} ({why}).',
    'tip.return' => 'Nimm es wieder heraus: {what}. Es war nur für die Prüfung {gate} da.',
    'tip.bags-empty' =>
        'Zähl, was übrig ist: die Beutel sind jetzt leer. Ein übriges Teil wurde vergessen; such seinen Platz.',
    'tip.bags-hold' =>
        'Zähl, was übrig ist: in den Beuteln sind jetzt noch {names} und sonst nichts. Jedes andere Teil wurde vergessen; such seinen Platz.',
    'tip.all-pins' => 'Alles gerade und frei? Dann löte die übrigen Stifte.',
    'tip.plastic-near' =>
        '{designators} steht höchstens {{mm} mm} neben einer Lötstelle und schmilzt: den Kolben fernhalten, kurz löten.',
    'tip.plastics-near' =>
        '{designators} stehen höchstens {{mm} mm} neben einer Lötstelle und schmelzen: den Kolben fernhalten, kurz löten.',
    'tip.draws-idle' =>
        'Es läuft mit {volts} V und nimmt {idle} mA, während es wartet, höchstens {milliamps} mA. Viel mehr ist ein Fehler: ausschalten.',
    'tip.metal-carries' =>
        'Strom geht ins Metall bei {names}: blankes Metall unter die Öse, eine Zahnscheibe darauf, und bei fester Schraube den Durchgang zum Gehäuse messen.',
    'tip.battery-leads' => '{part} ist ein Paar Drähte: Rot an Plus, Schwarz an Minus.',
];
