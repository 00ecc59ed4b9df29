<?php

declare(strict_types=1);

/** English sentences by code; `{name}` is an argument. */
return [
    // files
    'bom.designator' => '"{text}" is no designator; write letters and a number, like R7, or a range, like R1-R4.',
    'bom.duplicate' => '{designator} stands in row {earlier} already; rename one of them or remove this row.',
    'bom.quantity' => 'Quantity {text} against {count|designator|designators}; correct the one that is wrong.',
    'bom.quantity-unreadable' => 'Quantity "{text}" is neither a count nor a length; write 4 or 0.5 m.',
    'bom.gap' => 'No {designators} in the list; if that is meant, there is nothing to do.',
    'bom.quantity-too-large' =>
        'The quantity "{text}" is beyond what a kit can hold (at most {pieces} pieces, or less than 100 km); the count of designators is taken. Correct the cell.',
    'bom.height-too-large' =>
        'The height "{text}" is not between 0 and {limit} mm; the height of the package is taken. Correct the cell.',
    'bom.same-part-rows' =>
        '{value} stands in rows {rows} with the same package; put them in one line or tell them apart.',
    'bom.same-part' =>
        '{value} stands in row {earlier} too with the same package; put both in one line or tell them apart.',
    'bom.bare-row' => '{designators}: this row says nothing but the designator; write what it is.',
    'bom.merged-row' =>
        '{designators}: this row says nothing but the designator; if its cells were merged with row {earlier}, write {value} here too.',
    'bom.contradiction' => '{designators}: the row says {one} and {other}; correct the one that is wrong.',
    'bom.beyond-header' =>
        '{text} stands behind the last of {columns|column|columns}, so nothing tells what it is. Put it into a column, or quote a cell with a separator in it.',
    'bom.two-spellings' => '"{text}" is the value that row {earlier} spells "{other}"; use one spelling.',
    'value.letter-o' => '"{text}": character {position} is the letter O where a zero belongs; type 0.',
    'value.unreadable' =>
        '"{text}" is no value: character {position}, "{found}", does not fit; write it like 4k7 or 100n.',
    'value.thousands' => '"{text}" reads as one and as a thousand; write 1.000 as 1 or 1000.',
    'value.too-long' => '"{text}" is longer than a value is read (200 characters); put the rest into another column.',
    'value.too-large' => '"{text}" is larger than any part; is there a digit or a prefix too many?',
    'value.empty' => 'No value.',
    'value.code-is-preferred' => '"{text}" is read as {read}, which no series has; if it is a code, write the value.',
    'value.unit-assumed' => '"{text}" names no unit and is read as {read}; write the unit.',
    'placement.guessed' =>
        'The headers of the placement file are not known; taken by what stands under them: {columns}. Look whether the parts lie where they belong.',
    'placement.duplicate' => '{designator} is placed in row {earlier} already; remove one of the rows.',
    'placement.no-designator' => 'This row names no designator; name the part or remove the row.',
    'placement.too-far' =>
        '{designator}: {text} lies {limit} mm or more from the origin; is the unit right? Correct the cell, or the unit in the header.',
    'placement.coordinate' => '{designator}: "{text}" is no length; write 12.3, 12.3mm, 0.5in or 500mil.',
    'placement.rotation' => '{designator}: "{text}" is no angle; write degrees, like 90.',
    'placement.from-nets' =>
        'No file of places: {count|part|parts} with a place: they stand where the net list has their pins. A placement file knows more.',
    'placement.side-word' =>
        '"{word}" is no side known here ({count|row|rows}); taken as the top. Say on Board which side it means.',
    'placement.board' => '{designator}: the kit has no board "{text}"; correct the name, or add the board under Board.',
    'placement.two-sources' =>
        '{designator}: the table and the component layer put it into different places; the layer is taken. Remove one of the files.',
    'measurement.value' => '{part}: "{text}" is no value; write a number with its unit, like 612 mV.',
    'diagnose.why' => 'It tells most a minute ({gain} bit for {minutes} min) of: {causes}.',
    'claim.chance' =>
        'Of such claims {percent} in 100 are right (packed: {take}; claims of this customer before: {before}).',
    'claim.cost' => 'The pieces with postage cost {cost}, a round of letters {round}.',
    'claim.no-price' => 'Nobody knows the price of this piece, so it is asked first.',
    'shipped.no-serial' => 'This row names no serial number; write the one on its label, or remove the row.',
    'shipped.twice' =>
        '{serial} was shipped already in row {first}; a kit leaves once. Correct the number, or remove the row.',
    'shipped.date' => '{serial}: "{text}" is no day; write year, month and day, like 2026-06-04.',
    'buy.no-part' => 'There is no part; write a designator, the value, or the number of the Library.',
    'buy.no-supplier' => 'There is no supplier; write who sells it.',
    'buy.supplier-twice' => '{text} stands twice; write each supplier once.',
    'buy.currency' => '"{text}" is no currency; write three letters, like EUR.',
    'buy.amount' => '"{text}" is no amount; write it like 4.50.',
    'buy.days' => '"{text}" are no days; write a whole number, or nothing where nobody knows.',
    'buy.unlisted' => '{text} is not in suppliers.csv; add a row with its currency and shipping.',
    'buy.other-currency' => '{text} is not the currency of this supplier in suppliers.csv; one supplier sells in one.',
    'buy.stranger' => 'There is no part {text}; the row is passed over.',
    'buy.quantity' => '"{text}" is no count; write it like 200.',
    'buy.pieces' => '"{text}" is no number of pieces; write a whole number above 0.',
    'buy.price' => '"{text}" is no price; write it like 0.024.',
    'buy.disagree' => 'Rows of one part and supplier disagree: {text}. Write it once, or everywhere the same.',
    'buy.break-twice' => 'From {text}, has another price; write each number of pieces once.',
    'buy.rises' =>
        'The price of a piece rises with the number of pieces, which is rarely meant; look at the offer once more.',
    'buy.no-offer' => 'Nobody offers {text}; a spare of it is counted as one minor unit.',
    'report.no-text' => 'There is no word of what happened; write it into the column text.',
    'report.long' => 'The text has {text} letters, which no letter of a person has; cut it to what was written.',
    'report.json' => 'This line is no object of JSON, like {"date": "2026-07-28", "text": "It is dead."}: {text}',
    'report.date' => '"{text}" is no day; write year, month and day, like 2026-07-28.',
    'mass.no-part' => 'This row names no part; write the designator or the value that was weighed, or remove the row.',
    'mass.pieces' => '{part}: "{text}" is no count of pieces; write how many lay on the scale, 1 or more.',
    'mass.grams' => '{part}: "{text}" is no mass; write the grams the scale showed, above 0.',
    'mass.stranger' => '{part} is no designator and no value of the parts list; correct the name, or remove the row.',
    'mass.wild' =>
        '{part}: {each} g a piece here, {usual} g in its middle weighing. Was something else weighed, or counted wrongly? Correct or remove the row.',
    'pilot.minutes' => '"{text}" is no count of minutes; write it like 4.5.',
    'layer.no-format' => '{file}: coordinates come before the format; export the layer again.',
    'layer.operation' => '{file}: a command that is no operation of the layer format; export the layer again.',
    'layer.too-large' =>
        '{file}: more objects than a component or profile layer has (60,000 objects, 500,000 commands, 20,000 points of a contour); drop those two only.',
    'layer.too-far' =>
        '{file}: a place lies 2,000 mm or more from the origin; are unit and format right? Export the layer again.',
    'layer.open-profile' =>
        '{file}: the outline of board {board} does not close; mend it in the board editor and export the profile again.',
    'file.read.holes' => '{count} holes',
    'file.read.holes-one' => '1 hole',
    'file.read.slots' => '{count} slots',
    'file.read.slots-one' => '1 slot',
    'file.read.pins' => '{count} pins',
    'file.read.pins-one' => '1 pin',
    'file.read.nets' => '{count} nets',
    'file.read.nets-one' => '1 net',
    'file.read.rows' => '{count} rows',
    'file.read.rows-one' => '1 row',
    'file.read.contours' => '{count} closed outlines',
    'file.read.contours-one' => '1 closed outline',
    'file.read.components' => '{count} components',
    'file.read.components-one' => '1 component',
    'file.read.objects' => '{count} lines and pads',
    'file.read.objects-one' => '1 line or pad',
    'file.left.unknown' => 'Perhaps {role}; nothing is made of it until you say what it is.',
    'file.role.parts' => 'the parts list',
    'file.role.places' => 'the places of the parts',
    'file.role.outline' => 'the outline of the board',
    'file.role.legend-top' => 'the legend of the top side',
    'file.role.legend-bottom' => 'the legend of the bottom side',
    'file.role.mask-top' => 'the solder mask of the top side',
    'file.role.mask-bottom' => 'the solder mask of the bottom side',
    'file.role.copper-top' => 'the copper of the top side',
    'file.role.copper-bottom' => 'the copper of the bottom side',
    'file.role.drill' => 'the holes',
    'file.role.nets' => 'the nets',
    'file.role.drawing' => 'a drawing',
    'file.role.text' => 'a text',
    'file.role.photo' => 'a photograph',
    'file.role.kit' => 'the facts of the kit',
    'file.role.other' => 'something else',
    'file.left.foreign' => 'Nothing tells what this file is; it is left as it is.',
    'file.left.unused' => 'Nothing is read from files of this sort.',
    'file.left.nothing' => 'Nothing usable stands in it.',
    'file.left.no-layer' => 'It is no layer file; export it again in the Gerber layer format.',
    'file.left.open' => 'No outline closes in it; its ends must meet.',
    'file.left.broken' => 'Its end is missing; copy or export it again.',
    'file.left.fault' => '{fault}',
    'file.left.commands' => '{count} commands not understood',
    'file.left.commands-one' => '1 command not understood',
    'file.left.older' => 'It takes in another file ({commands}), which is not followed; drop the layer as one file.',
    'file.guess.unit-inch' =>
        'It names no unit; taken as inches. If the board comes out wrong, export it again with its unit.',
    'file.guess.unit-mm' =>
        'It names no unit; taken as millimetres. If the board comes out wrong, export it again with its unit.',
    'file.guess.zeros' =>
        'It does not say which zeros it leaves out; taken as the leading ones. If holes lie wrong, export it again with decimal points.',
    'file.read.text' => 'its paragraphs are offered in Manual',
    'file.read.drawing' => 'shown on Bench, at Reports and in the manual',
    'file.left.records' => '{count} records without a pin',
    'file.left.records-one' => '1 record without a pin',
    'layer.no-function' => 'Nothing tells for certain what {file} is; say it under Files of the board.',
    // matters
    'board.file-value' =>
        '{designator}: the board file says {file}, the list says {list}. Correct the one that is wrong.',
    'parts.kind-question' => '{designators}: what is it? Say the kind.',
    'parts.kind-guess' => '{designators}: what is it? A guess: {guess}. Say the kind.',
    'parts.unknown-name' => '{name} is named under Facts or in a word of yours, but is in no list; correct the name.',
    'parts.socket-question' => '{ic}: which socket does it go into? Pair them under Facts, Order.',
    'parts.builder-brings' => 'The builder brings {designators}; the contents list says so.',
    'parts.look-alikes' => '{these} may be taken for {those}: {why}.',
    'parts.look-alike-group' => '{these} and {those} may be taken for each other: {why}.',
    'parts.clear-bodies' =>
        '{these} and {those} have clear bodies: the colour cannot be told before they light. Mark the bags or the leads.',
    'parts.standoff-stack' =>
        '{thread}: {standoffs|standoff needs|standoffs need} {needed|screw or nut|screws or nuts}, the list has {screws|screw|screws} and {nuts|nut|nuts}.',
    'parts.nuts-without-screws' => '{thread}: {nuts|nut|nuts}, but only {screws|screw|screws} to go into.',
    'parts.washers-without-screws' =>
        '{thread}: {washers|washer|washers} for {screws|screw|screws} and {nuts|nut|nuts}.',
    'parts.net-unreadable' => '{designator}: "{text}" is no sum of volts; write it like 9 V - 2 V.',
    'parts.box-small' =>
        'Board {board} is {size} mm, {designator} has room for about {room} mm inside. Take a larger box, or correct its size.',
    'parts.battery-volts' =>
        '{designator} gives {volts} V, the kit runs from {low} to {high} V. Correct the list, or the supply under Facts.',
    'parts.regulator-sink' =>
        '{designator} burns {watts} W: {volts} V less {low} V at {amps} A. A bare {package} takes about {limit} W: give it a heat sink, or less volts.',
    'parts.regulator-hot' =>
        '{designator} burns {watts} W: {volts} V less {low} V at {amps} A; about {limit} W is what it takes. Less volts, or a regulator that switches.',
    'parts.overload' =>
        '{designator}: {across} across {ohms} ohm is {watts} W, its body takes {rating} W. Choose a larger body or value.',
    'parts.led-bright' =>
        '{designator}: {across} across {ohms} ohm drives its LED with {milliamps} mA; a usual LED takes {limit} mA. Choose a larger value.',
    'parts.led-dim' =>
        '{designator}: {across} across {ohms} ohm drives its LED with {milliamps} mA; below {limit} mA it is hardly seen. Choose a smaller value.',
    'parts.capacitor-voltage' =>
        '{designator} is rated {rating} V and sees {across}; choose one of {needed} V or more.',
    'parts.end-stop' =>
        '{designator}: at its end stop {across} meets no resistance; its track takes {milliamps} mA. Put {series} or more in series, and print where to set it before first power.',
    'parts.not-preferred' =>
        '{designators}: {value} is in no preferred series; the nearest of {series} is {nearest}. Say so in the note if it is meant.',
    'parts.forbidden-value' => '{designator}: you have forbidden {value} in this place. {why}',
    'parts.no-supply' =>
        'Nothing says what powers the kit ({example} needs power). Say volts and amps under Facts, Kit; the manual and the contents list then name them.',
    'parts.no-current' => 'The supply of {volts} V names no current. Say amps under Facts, Kit.',
    'parts.no-adhesive' =>
        'The kit is glued, but no adhesive is named. Add it to the list, or as brought by the builder.',
    'parts.cure-unnamed' => '{parts}: "{cure}" is nowhere in the list. Add it, or as brought by the builder.',
    'board.prints-value' =>
        '{designator}: the board prints {prints} ({read}), the list says {value}: {percent} % of what the board asks. Tell the builder which one is right.',
    'board.prints-another' =>
        '{designator}: the board prints "{prints}", the list says {value}. Tell the builder which one is right.',
    'marks.terminal-unknown' => '{designator} has no terminal "{terminal}" ({where}); its terminals are {pins}.',
    'marks.terminal-mixed' =>
        '{designator}: terminals are called by number ({numbers}) and by name ({words}). Use one of them.',
    'marks.terminal-spelling' => '{designator}: one terminal is spelt {words}. Use one spelling.',
    'manual.loose-nowhere' =>
        '{designator} ({what}) is in the kit but no step names it. Say at the part, *used at*, which gate, test, wire or part it is used at.',
    'parts.charge-unsaid' =>
        '{designator} would hold {joules} J at the {volts} V it stands. Say what it sees under Facts, Gates and volts, or the supply under Facts, Kit; until then its caution is printed.',
    'parts.no-bleeder' =>
        '{designator} holds {joules} J at {volts} V and nothing empties it. Put {ohms} Ω or less across it ({watts} W): at most {left} V are left after {limit} s (IEC 60204-1, 6.2.4, from memory). Or say under Facts, Gates and volts, which bleeder it has.',
    'parts.slow-bleeder' =>
        '{designator} holds {joules} J at {volts} V; {bleeder} takes {seconds} s to empty it. With {ohms} Ω or less ({watts} W) at most {left} V are left after {limit} s (IEC 60204-1, 6.2.4, from memory).',
    // what depends on a part
    'depends.adjusts' => 'Test {test} is set with {name}.',
    'depends.formula' => 'Test {test} is computed from {name}: {formula}.',
    'depends.test' => 'Test {test} measures at {name}: {expect}.',
    'depends.gate' => 'Gate {gate} needs {name}: {expect}.',
    'depends.selected' => '{parts} are selected to lie within {difference} of each other.',
    'depends.voltage' => '{name} sees {across}.',
    // same pins, other behaviour
    'twin.schmitt' => 'A Schmitt gate and a plain gate have the same pins; slow edges make the plain one oscillate.',
    'twin.timer' =>
        'Bipolar and CMOS timers have the same pins; they differ in output swing, supply range and in what they do with large timing resistors.',
    'twin.levels' => 'LS and HC logic have the same pins and other input levels.',
    'twin.comparator' =>
        'An op-amp and a comparator have the same pins; the comparator wants a pull-up and oscillates as an amplifier.',
    'twin.regulator-pins' => 'These regulators share the body and turn input and output round.',
    'twin.transistor-pins' => 'These transistors share the body and turn collector and emitter round.',
    'twin.slow-diode' =>
        'A rectifier is slow where a signal diode is fast, and a signal diode burns where a rectifier carries the current.',
    'twin.drop' => 'A Schottky diode drops about 0.3 V, a silicon diode about 0.7 V.',
    'twin.dielectric' => 'Class 2 dielectrics lose capacitance with voltage and temperature; class 1 does not.',
    'parts.end-stop-small' =>
        '{designator}: at its end stop {resistor} alone holds the current, and its track takes {milliamps} mA. Make {resistor} {series} or more, or print where to set {designator} before first power.',
    'parts.end-stop-unknown' =>
        '{designator}: the voltage across it is not declared, so its end stops are not checked. Say it under Facts, Gates and volts.',
    'board.stray-placement' =>
        '{designator} is placed on the board but is not in the parts list; add it or remove the placement.',
    'board.hole-off' =>
        '{designator}: its hole in {by} is {mm} mm off its place on the board, measured from {from}. Move the hole or the part.',
    'board.spanner' => '{one} and {other}: {mm} mm from nut to nut; a spanner needs {needed} mm to go round.',
    'board.none' =>
        'Taken for a kit without a board: its parts sit in a case and wires join them. If there is a board, drop its placement file here.',
    'board.no-placements' => 'No placement file: drop one here.',
    'board.hole-covered' =>
        '{designator} reaches {{mm} mm} over the hole of {{diameter} mm} at {x}, {y}: a screw there has no room. Move one of them, or say the body as measured.',
    'board.bodies-collide' =>
        '{designator} and {others} want the same room: their bodies run {{mm} mm} into each other. Move one of them on the board, or say their bodies as measured.',
    'board.bodies-collide-perhaps' =>
        '{designator} may want the same room as {others}: they run {{mm} mm} into each other. Of {doubtful} only the usual size of the kind is known; measure the body and say it.',
    'board.bodies-unknown' =>
        'Of {count|part|parts} only the usual size of the kind is known, and drawn so they run into each other in {pairs|place|places}: {designators}. Name their packages in the parts list, or say their bodies; until then nothing is told of room between them.',
    'board.body-over-edge' =>
        '{designator} stands {{mm} mm} over the edge of the board: box, panel and packing need that room. Move it, or say the body as measured.',
    'board.body-over-edge-perhaps' =>
        '{designator}, drawn as usual for its kind, stands {{mm} mm} over the edge of the board. Measure it and say the body.',
    'board.net-stranger' =>
        'The nets name {designators}, which the parts list has not. Add the parts, or drop the nets of this board.',
    'board.net-missing' => 'No net names {designators}; what hangs on them is not known.',
    'board.net-pin' =>
        '{designator}: the nets name pin {pins}, its body has {count}. Say the package, or drop the nets of this board.',
    'board.net-turned' =>
        '{designator}: the net list has its first pin where the placement puts its last. One of them is turned; look which way its mark goes.',
    'board.net-reversed' =>
        '{designator}: the nets put its plus on {plus} and its minus on {minus}. Turn it on the board, or its pins are numbered the other way.',
    'board.net-no-clamp' =>
        '{designator} is said to clamp the coil of {coil}, but the nets do not put it across that coil. Your word counts; check it.',
    'board.places-off' =>
        'Most places of board {board} lie outside its outline: the two files count from different origins. Move them over it on Board, all at once; a first guess is {x} mm across and {y} mm up.',
    'manual.old-stranger' =>
        '{file}, paragraph {paragraph} names {designators}, which the parts list has not. Take the paragraph over with the right names, or set it aside.',
    'manual.old-order' =>
        '{file}, paragraph {paragraph} fits {two} after {one}; the steps here fit them the other way (step {after}, step {before}).',
    'board.no-outline' => 'Board {board} has no outline; one was drawn around its parts. Add a file with the outline.',
    'board.no-placement' =>
        '{designator} has no place on the board; add it to the placement file, or say that it is not fitted.',
    'board.unprinted' => 'The board prints nothing at {designator}; the step shows the place by the picture alone.',
    'board.closed-in' =>
        '{designator} at {x}, {y} on {board} is closed in by {by} whatever the order: {why}. Solder it with a long tip, or give it room.',
    'board.closed-in-room' =>
        '{designator} at {x}, {y} on {board} is closed in by {by} whatever the order: {why}. Give it {room} mm more room before the boards are ordered; it saves a fiddly joint in every kit.',
    'board.closed-by-rule' =>
        '{designator} at {x}, {y} on {board} is closed in ({why}): a rule puts {by} first. Take the rule back, or give it room.',
    'board.closed-by-rule-room' =>
        '{designator} at {x}, {y} on {board} is closed in ({why}): a rule puts {by} first. Take the rule back, or give it {room} mm more room before the boards are ordered.',
    'board.same-holes' =>
        '{kinds} within {near} mm of each other fit each other\'s holes: {pairs}. Give one of the kinds another hole span, or print its outline; each saves a swap that is hard to see afterwards.',
    'board.turn' =>
        '{designators}: turned so that every {kind} faces {direction}, all of them are checked at one glance.',
    'board.span-short' =>
        '{designator}: its holes are {span} mm apart, its body is {body} mm long. Put them {needed} mm apart, or the leads break at the body.',
    'board.span-wide' =>
        '{designator}: its holes are {span} mm apart, its leads {usual} mm. Put them {usual} mm apart; it saves bending in every kit.',
    'board.adjuster-covered' =>
        '{designator} lies under {cover}: drill a hole over it, or put it at the edge; it saves opening the kit to adjust it again.',
    'board.prefix-kinds' => 'Prefix {prefix} stands for {kinds}; builders take one for the other.',
    'kit.first-over' =>
        'Left over from the first kit: {pieces} of {part}. Either the list has too many, or a place was forgotten.',
    'kit.first-missing' =>
        'Missing in the first kit: {pieces} of {part}. Put the list right before the second kit is packed.',
    'kit.first-open' =>
        'Nobody has packed and built one kit from the printed tick list yet. Do that before the second.',
    'offer.code' => 'The first letters of {name}.',
    'offer.supply' => 'Read from {part}: {text}.',
    'offer.sockets' => 'Each IC with the socket at its place.',
    'offer.subassembly' => 'The rows of the heat sinks name these parts.',
    'offer.panels' => 'These parts are held by a nut, and {panel} is the only panel.',
    'offer.panels-drilled' => 'Holes are drilled for these parts.',
    'offer.panels-edge' => 'These parts reach over the edge of their board, and {panel} is the only panel.',
    'offer.panels-both' =>
        'These parts are held by a nut or reach over the edge of their board, and {panel} is the only panel.',
    'offer.snap' => 'Boards that hang on others, before the wires that lead from them.',
    'offer.gate' => 'Power comes in at {parts}: it is tried before the ICs go in.',
    'offer.holes' => 'The holes stand where the parts behind them stand.',
    'trace.square' => 'square wave',
    'trace.sine' => 'sine',
    'trace.triangle' => 'triangle',
    'trace.saw' => 'sawtooth',
    'trace.flat' => 'a flat line at {high}',
    'trace.told' => '{shape} from {low} to {high}{often}{duty}',
    'trace.duty' => 'high {percent} % of the time',
    'trace.knobs' => '{volts} and {seconds} a division; the thick line is 0 V',
    'trace.volts' => '{volts} a division; the thick line is 0 V',
    'manual.photo-nowhere' =>
        'The photograph at {parts} stands at no step any more: none of its parts is fitted. Take it out, or place it at another step.',
    'manual.photo-revision' =>
        'The photograph at {parts} was taken of revision {was}; this is revision {is}. At its step say that it still shows this board, or take it out.',
    'manual.photo-outline' =>
        'The photograph at {parts} was squared for a board of {was} mm; this one is {is} mm. Take it out at its step; if it is still this board, add it anew.',
    'rule.typed' => 'you said so',
    'rule.board' => 'so the parts stand on the board',
    'rule.derived' => 'derived from your facts',
    'rule.usual' => 'common practice',
    'order.cycle' => 'These wait for each other: {path}. Take one of the rules back.',
    'order.broken-rule' => 'Your order breaks a rule: {before} has to come before {after}. {why}',
    'order.short-joint' => 'Step {step}: {designator} sinks {gap} mm, only {mm} mm of lead shows; hold it up.',
    'order.falls-out' =>
        'Step {step}: {designator} falls out when the board is turned over ({gap} mm to the table); hold it.',
    'order.prop' =>
        'Step {step}: the board lies tilted by {tilt} degrees; put a prop of {height} mm under its {edge} edge (at {x}, {y}).',
    'bench.formula' => 'Test {test} cannot be worked out: {fault}',
    'bench.reach' =>
        'Test {test}: in {short} of 1,000 kits {adjuster} does not reach the middle of the range. Take a larger adjuster, move its neighbours, or parts of less tolerance.',
    'bench.turned-away' =>
        'Test {test} expects {expect}; parts within their tolerance can read otherwise, and a good kit is turned away. Widen the range or take parts of less tolerance.',
    'bench.units' =>
        'Test {test} expects {expect}: the range and the formula are of different units. Give the range in the unit of the formula.',
    'bench.about-nothing' =>
        'Test {test} expects {expect}, which passes 2 digits of the meter only. Say how far off it may be: -0.05 to 0.05 V.',
    'bench.points' =>
        'Test {test} expects a reading and does not name two points; say between which the builder measures.',
    'bench.otherwise' => 'Test {test} does not say what to do when the reading is outside its range.',
    'bench.part' => '{name} is {nominal}, from {range}: {origin}.',
    'bench.corner' => 'Every part at the end of its tolerance that counts: {worst}.',
    'bench.cut-short' =>
        'The search for the worst case was stopped early, so that the answer comes within two seconds: no kit reads further out, but the range may be wider than any kit shows. A shorter formula gives a closer one.',
    'bench.bound' =>
        'The least or the most lies between the ends of the tolerances; no kit is further out than {worst}.',
    'bench.usual' => '95 of 100 kits read {usual}: each part drawn {spread}.',
    'bench.spread.even' => 'anywhere within its tolerance alike',
    'bench.spread.bell' => '{parts} crowded about the middle, the rest anywhere within its tolerance',
    'bench.spread.hollow' => '{parts} from the outer halves of its tolerance, the rest anywhere within it',
    'bench.spread.mixed' => 'as its lot lies ({parts})',
    'bench.difference' => '"{text}" is no difference; write it with its unit, like 2 mV.',
    'bench.leads' =>
        'Low ohms: touch the tips of the leads together first and subtract what the meter shows, 0 to 0.2 Ω.',
    'bench.no-short-kit' =>
        'Nothing is measured before the first power. Add a test without power from {points}, {expect}: a short is found before it burns.',
    'bench.no-short' =>
        'Gate {gate} is measured under power only: add a test without power, {expect} between the same points. Bench proposes it.',
    'bench.proposal-kit' =>
        'Before the first power, from {volts} V: half of what the kit shows at {amps} A, at most 100 Ω. Less is a bridge of solder.',
    'bench.proposal' =>
        'Gate {gate} is measured under power only. Measure {ohms} Ω or more between the same points without power first: half of {volts} V over {amps} A, a hundred at most; less means a bridge.',
    'bench.load' =>
        'The meter takes some current itself (10 MΩ): it shows {metered} where the circuit alone has {nominal}.',
    'bench.meter' => 'With the error of the meter, {accuracy} and two digits, rounded outward to its digits: {pass}.',
    'bench.own-range' => 'The range {pass} is yours; the formula only checks it.',
    'bench.reaches' =>
        '{adjuster} turns the reading through {reach}; {share} of 1,000 kits reach the middle of the range.',
    'order.snag' => 'Pilot build {build}, step {step}: {text}',
    'order.tilted' => 'Step {step}: the board lies tilted by {tilt} degrees; put something under the low edge.',
    'order.unplaced' => '{designators}: no place on the board, ordered by kind and height alone.',
    'order.unknown-gate' =>
        'Test {test} belongs to gate {gate}, which is not there; choose another on Bench, or make it under Facts, Gates and volts.',
    'order.look-alikes' => 'On the table in one step: {pairs|pair|pairs} of look-alikes.',
    'marks.wires-alike' =>
        '{these} and {those} are both {colour} and meet at {parts}: their other ends can be swapped. Give one another colour.',
    'marks.wire-short' =>
        '{wire} is {mm} mm long; with slack the way takes {needed} mm. Cut it longer, under Facts, Wires.',
    'marks.wire-colour' => '{wire} has no colour; say one under Facts, Wires, so that its ends can be told.',
    'marks.wire-end' => '{wire} ends at {part}, which is not in the kit. Correct the wire, or add the part.',
    'marks.ribbon-face' =>
        '{wire} is a ribbon: say under Facts, Wires, on which side of the board it leaves, so that it is not plugged upside down.',
    'marks.part-unwired' => '{designator} is off the board and no wire names it; add its wires under Facts, Wires.',
    'marks.terminal-unwired' => '{designator}: no wire at {terminals}; if that is meant, there is nothing to do.',
    'marks.no-board-mark' =>
        '{designator} has a direction and the board prints nothing there; the callout tells it by the picture alone.',
    'marks.clamp-unsaid' =>
        '{coil} kicks when it is switched off: which diode takes that up, {diodes}? Reversed, that one destroys what drives the coil. Until it is said, none of them counts as harmless.',
    'marks.clamp-none' =>
        '{coil} kicks when it is switched off, and the kit has no diode to take that up. Say what does: a part, or {coil} itself.',
    'marks.no-mark' =>
        '{designator} has a direction but no mark; mark it with ink, sleeve or sticker, or have it tested with a meter.',
    'marks.no-direction' =>
        '{designator}: the mark has no place on the drawing; say its pin or angle under Facts, A part.',
    'marks.several-ways' =>
        '{designators}: parts of one kind face several ways ({directions}); name it where they are fitted.',
    // why look-alikes
    'alike.same-part' => 'the same part',
    'alike.two-ratings' => 'one value in two ratings',
    'alike.other-body' => 'another body',
    'alike.clear-body' => 'their bodies do not tell what is in them',
    'alike.other-colour' => 'another colour',
    'alike.same-body' => 'same body, small print',
    'alike.band-count' => 'another count of bands',
    'alike.reversed' => 'the bands read from the other end',
    'alike.warm-light' => 'brown, red and orange look alike under warm light',
    'alike.swapped' => 'the same bands in another order',
    'alike.one-band' => 'one band differs',
    'alike.bands-differ' => 'several bands differ',
    'alike.digit-swap' => 'two digits swapped',
    'alike.one-digit' => 'one digit differs',
    'alike.other-print' => 'another print',
    // why a reading
    'reading.series' => '{value} is a member of {series}.',
    'reading.no-series' => '{value} is in no preferred series, so another reading is likelier.',
    'reading.link' => 'Zero ohm is a link.',
    'reading.forward' => 'Read from the end where the bands stand closer to the body\'s end.',
    'reading.reverse' => 'Read from the other end.',
    'reading.three-digit' => 'Two figures and a count of zeros.',
    'reading.four-digit' => 'Three figures and a count of zeros.',
    'reading.letter' => 'The letter stands where the decimal point is.',
    'reading.eia-96' => 'Two figures number a member of E96, the letter is the multiplier.',
    'reading.capacitor-code' => 'Two figures and a count of zeros, in picofarad.',
    'reading.inductor-code' => 'Two figures and a count of zeros, in microhenry.',
    'reading.printed' => 'The number as it is printed.',
    // why a kind
    'kind.said' => 'You said {kind}.',
    'kind.word' => '"{word}" in the row names a {kind}.',
    'value.trimmer-code' => 'A trimmer is listed by its print: {text} is two figures and as many noughts, {read}.',
    'kind.placed-wire' => 'A wire with a place on the board is a link.',
    'kind.prefix' => 'The letters {letters} stand for {kinds}.',
    'kind.unknown' => 'The letters {letters} stand for nothing known, and no word helps.',
    'kind.can-size' => '{package} is diameter by height: a can.',
    'kind.large-capacitor' => '{value} is 1 µF or more and names no type: usually electrolytic.',
    'kind.small-capacitor' => '{value} is below 1 µF and names no type: usually ceramic.',
    // why at this step
    'height' => '{mm} mm high: {outline}, {source}.',
    'hold.table' => 'The table holds it while you solder.',
    'hold.bend' => 'Bent outward, its leads hold it.',
    'hold.splay' => 'Splay the leads: they hold it.',
    'hold.tack' => 'The table does not reach it: tack one pin, check, then the rest.',
    'hold.tape' => 'The table does not reach it: a strip of tape holds it.',
    'hold.putty' => 'The table does not reach it: putty holds it.',
    'hold.tack.no-gap' => 'Tack one pin, check, then the rest.',
    'hold.tape.no-gap' => 'A strip of tape holds it.',
    'hold.putty.no-gap' => 'Putty holds it.',
    'hold.prop' => 'A prop levels the board.',
    'hold.holder' => 'The holder keeps it in place.',
    'hold.plug' => 'What it is plugged into holds it straight.',
    'hold.jig' => 'The panel holds it straight.',
    'hold.own-lock' => 'Its pins lock in the holes.',
    'hold.none-needed' => 'Nothing needs to hold it.',
    'lead.showing' =>
        '{mm} mm of lead shows: {lead} mm lead, {thickness} mm board, {gap} mm gap; a joint needs {needed} mm.',
    'order.apart' => 'Apart from {designators}: look-alikes.',
    'time.usual' => 'The usual time for a {skill} builder.',
    'time.pilot' =>
        'The usual time for a {skill} builder, corrected by {builds|logged pilot build|logged pilot builds}.',
    'need.iron' => 'no room for the iron',
    'need.fingers' => 'no room for two fingers',
    'order.iron' => '{part} before the taller {by}, which would keep the iron from its joints.',
    'order.iron.after' => 'After {others}: once this one stands, the iron no longer reaches those joints.',
    'order.iron.before' => 'Before {others}: past anything that tall the iron would not reach these joints.',
    'order.fingers' => '{part} before the taller {by}, which would leave no room for two fingers.',
    'order.fingers.after' => 'After {others}: once this one stands, two fingers find no room there.',
    'order.fingers.before' => 'Before {others}: beside anything that tall two fingers could not place this one.',
    'reach.iron.free' => 'The iron reaches it from all sides.',
    'reach.iron.fits' => 'The iron has {degrees} degrees of room on the {side} side; it needs 90.',
    'reach.iron.tight' => 'The iron has only {degrees} degrees of room on the {side} side; it needs 90.',
    'reach.fingers.free' => 'Fingers reach it from all sides.',
    'reach.fingers.fits' => 'Two fingers find opposite gaps of 40 degrees.',
    'reach.fingers.tight' => 'Two fingers find no opposite gaps of 40 degrees.',
    'order.socket-first' => 'Socket {socket} before {ic}.',
    'order.socket-first.after' => 'It goes into the socket {others}, which is soldered first.',
    'order.socket-first.before' => 'The socket is soldered before {others} goes into it.',
    'order.ic-last' => 'After all soldering of its board, so that heat and static cannot harm it.',
    'order.gate-needs' => 'Gate {gate} needs {part}.',
    'order.gate-protects' => 'Gate {gate} protects {part}.',
    'order.gate-protects.after' => 'After gate {gate}, which protects it.',
    'order.gate-early' => 'Gate {gate} comes early.',
    'order.temporary' => 'Lent for gate {gate}: {what}. {why}',
    'order.maker-before' => 'You put {first} before {then}.',
    'order.maker-before.after' => 'You put {others} before it.',
    'order.maker-before.before' => 'You put it before {others}.',
    'order.subassembly' => '{parts} are bolted together before soldering, so that the legs end up the right length.',
    'order.subassembly.after' => 'Bolted to {others} before soldering, so that the legs end up the right length.',
    'order.fixing' => '{by} holds {holds}.',
    'order.fixing.after' => 'Fixed by {others}, so that comes first.',
    'order.fixing.before' => 'Before {others}, which it holds.',
    'order.panel-moves' =>
        'Panel {panel}: place loose, panel on, nuts finger-tight, one pin each, check, then all pins.',
    'order.plastic-last' => 'Plastic bodies last at panel {panel}.',
    'order.plastic-last.after' => 'A plastic body: last at panel {panel}.',
    'order.panel-closes' => 'Panel {panel} closes this side.',
    'order.panel-closes.after' => 'With it comes panel {panel}, which closes this side; the rest goes in first.',
    'order.adjust-before-cover' => 'Adjust {part} before {cover} covers it.',
    'order.adjust-before-cover.after' => 'After adjusting {others}, which it covers.',
    'order.adjust-before-cover.before' => 'Adjusted before {others} covers it.',
    'order.joint-before-cover' => 'Solder {part} before {cover} covers its joints.',
    'order.joint-before-cover.after' => 'After {others}, whose joints it covers.',
    'order.joint-before-cover.before' => 'Soldered before {others} covers its joints.',
    'order.ic-before-cover' => 'The IC of {part} goes in before {cover} closes its socket.',
    'order.ic-before-cover.after' => 'After the IC of {others}, whose socket it closes.',
    'order.ic-before-cover.before' => 'Goes in before {others} closes its socket.',
    'order.covers-joint' => '{cover} covers a joint of {part} on the other side.',
    'order.covers-joint.after' => 'After {others}, of which it covers a joint on the other side.',
    'order.covers-joint.before' => 'Before {others}, over one of its joints on the other side.',
    'order.test-point' => 'Test {test} measures at {part}.',
    'order.test-formula' => 'Test {test} reckons with {part}.',
    'order.test-otherwise' => 'Test {test} says to check {part}.',
    'order.test-power' => 'Power for test {test} comes in through {part}.',
    'order.test-joins' => 'Test {test} needs what {part} joins.',
    'order.mates' => '{parts} hold each other straight: plugged, one pin each, checked, then all pins.',
    'order.mates.after' => 'It and {others} hold each other straight: plugged, one pin each, checked, then all pins.',
    'order.mates-last' => 'Before {parts} join two boards, which are clumsy to turn over together.',
    'order.mates-last.after' =>
        'It joins two boards with {others}; once joined they are clumsy to turn over, so the rest goes in first.',
    'order.finished' => 'Before the test that it does what it is for.',
    'order.box-after-test' => 'Boxed once it is known to work.',
    'order.boxed' => 'Tested once more in its box.',
    'order.before-lid' => 'The case is closed last.',
    'order.knobs-last' => 'Knobs last: the shafts are set to zero and the pointers aligned.',
    'order.chassis-first' => 'The case first; the parts sit in it.',
    'order.chassis-first.after' => 'The case first; this part sits in it.',
    'order.no-step' =>
        '{designator} ({what}) is in the kit and in no step. Say where it is used, what it belongs to, or that it is loose.',
    'order.given-up' => 'Given up, because other rules forbid it: {why}',
    'order.under-body' => '{part} lies under {over}.',
    'order.under-body.after' => 'After {others}, hidden under it.',
    'order.under-body.before' => 'Before {others}, under which it lies.',
    'order.cure' => '{cure} cures for {hours} h; it starts as early as it can.',
    'order.snap' => 'Board {board} stays joined while the joint helps.',
    'order.snap.after' => 'After board {board} is snapped off, which stays joined while that helps.',
    'order.adjust' => 'Adjust {part} once it is fitted.',
    'order.adjust.after' => 'Adjusted once it is fitted.',
    'order.adjust-at-gate' => 'Adjusted at gate {gate}.',
    'order.wire' => 'Wire {wire} after the parts it joins.',
    'order.wire.after' => 'A wire comes after the parts it joins.',
    // cautions
    'caution.iron' => 'The iron burns: put it back into its stand. Air the room and keep your face out of the fumes.',
    'caution.lead' =>
        'Leaded solder: do not eat or drink here, and wash your hands afterwards. Not for children alone.',
    'caution.eyes' => 'Wear eye protection when you clip leads, and hold the end that is cut off.',
    'caution.power' =>
        'First power: look for bridges, limit the current, and switch off at once when something gets hot or smells.',
    'caution.vent' => 'A reversed electrolytic can vent: wear eye protection at first power.',
    'caution.mains' =>
        'Mains or high voltage: only under your local rules and by licensed practice. Never work on it live.',
    'caution.charge-wait' =>
        '{designator} holds {joules} J at {volts} V after switching off. {bleeder} empties it: wait {seconds} s, then measure across it before you touch.',
    'caution.charge-tool' =>
        '{designator} holds {joules} J at {volts} V after switching off and nothing empties it. Discharge it through a resistor of at most {ohms} Ω held by insulated clips, then measure across it before you touch.',
    'caution.defers' =>
        'Local rules come first, and licensed practice where they ask for it: this manual stands behind both.',
    'caution.charge' =>
        'Capacitors hold their charge after switching off: discharge them through a resistor and measure before you touch.',
    'caution.glue' => 'Glue, varnish and resin: air the room, wear gloves, and follow the sheet that comes with them.',
    'caution.dust' => 'Board dust is bad for lungs and eyes: wear eye protection, file wet or with a mask.',
    'caution.battery' =>
        'Do not short the battery, and take it out when the kit is not used. Keep small cells away from children.',
    'caution.iron.short' => 'Hot iron, fumes.',
    'caution.lead.short' => 'Lead: wash your hands afterwards.',
    'caution.eyes.short' => 'Eye protection.',
    'caution.power.short' => 'Look for bridges, limit the current.',
    'caution.vent.short' => 'Eye protection.',
    'caution.mains.short' => 'Never on live parts: unplug first.',
    'caution.charge.short' => 'Discharge and measure first.',
    'caution.charge-wait.short' => '{designator}: wait {seconds} s, then measure.',
    'caution.charge-tool.short' => '{designator}: discharge it, then measure.',
    'caution.hot.short' => 'It gets hot in use.',
    'caution.light.short' => 'Do not look into the light.',
    'caution.field.short' => 'Strong field: implants keep away.',
    'caution.glue.short' => 'Air the room, wear gloves.',
    'caution.dust.short' => 'Board dust: eyes and lungs.',
    'caution.battery.short' => 'Do not short the battery.',
    'caution.coin-cell.short' => 'Coin cells: away from children.',
    'caution.drilling.short' => 'Drilling: eye protection, no gloves, clamp the work.',
];
