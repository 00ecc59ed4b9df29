<?php

declare(strict_types=1);

/** English sentences of bags, tools, technique and kit cautions, by code; `{name}` is an argument. */
return [
    // titles of bags
    'bags.resistors-tight' => 'Resistors, 2 % and better',
    'bags.resistors' => 'Resistors',
    'bags.capacitors' => 'Capacitors',
    'bags.semiconductors' => 'Diodes, LEDs, transistors',
    'bags.static' => 'Static-sensitive parts',
    'bags.connectors' => 'Controls, connectors and larger parts',
    'bags.hardware' => 'Hardware',
    'bags.wire' => 'Wire',
    'bags.board' => 'Board, panel and case',
    'bags.parts' => 'Parts',
    'bags.parts-and-hardware' => 'Parts and hardware',
    'bags.off-board' => 'Off the board',
    'bags.own' => 'Your own bag',
    'bags.side' => 'Board {board}, {side} side',
    'bags.steps' => 'Steps {from} to {to}',
    // why apart
    'bags.apart' => '{designators} look like others of the bag before: a bag of their own.',
    'bags.look-alikes' => '{these} and {those} look alike; put them into different bags.',
    'bags.glass-heavy' => '{these} and {those}: a heavy part breaks glass bodies; put them into different bags.',
    'bags.board-alone' => '{these} and {those}: a bare board is scratched in one bag with other parts.',
    'scale.weigh' => 'Weigh {designators} {more|time|times} more, each time another count of pieces.',
    'scale.lighter' => '{designators}: in bag {bag} the scale would find one missing.',
    'scale.alone' => '{designators}: alone in a bag the scale would find one missing.',
    'scale.no-bag' => '{designators}: too light for this scale in any bag; count by eye.',
    'cut.no-stock' =>
        '{name} is cut from "{stock}", which is not listed. Add it under Facts, Cutting, or correct the name.',
    'cut.too-long' =>
        '{name} is {length} long, longer than the {bar} of its stock. Correct its length, or list a longer stock under Facts, Cutting.',
    'bags.moved-unknown' => '{designator} was put into bag {bag}, but is not in the kit; take it out of the bag.',
    // words of the manual
    'tip.iron' => 'Iron at {celsius} °C ({fahrenheit} °F) for these joints.',
    'tip.limit' =>
        'Where the supply has a current limit, set it to {milliamps} mA for the first power, half as much again as the {takes} mA the kit takes. If it reaches the limit, switch off and look for a part the wrong way round or a bridge of solder.',
    'tip.leads' =>
        'Low ohms: touch the tips of the leads together first and subtract what the meter shows, 0 to 0.2 Ω.',
    'tip.level' => 'The board lies askew on its taller parts: solder this in a holder.',
    'tip.prop' => 'Put a block of {{height} mm} under the {edge} edge of the board, so that it lies level.',
    'manual.loose' => '{designator} comes from the kit and goes on no board.',
    'manual.wire' => 'wire',
    'manual.test-nowhere' =>
        'Test "{test}" belongs to no gate and adjusts nothing, so it stands at no step. Choose its gate on Bench; gates are made under Facts, Gates and volts.',
    'safety.unanswered' =>
        'Not answered yet: {count|question|questions} of safety ({hazards}). Answer them under Safety: a yes prints its caution.',
    'safety.contradicted' => 'You rule out "{hazard}", but {by} shows it. Say why under Safety, or take it back.',
    'safety.stands' =>
        'You rule out "{hazard}", but {by} shows it, and no answer takes that away. Take it back, or change the part.',
    'safety.blanked' => 'The caution "{code}" was emptied. Write it, or go back to the usual words.',
    'safety.loose-parts' => 'A kit of {count} pieces: every kit of loose parts holds small ones.',
    'safety.word' => '{designator}: the parts list says "{word}".',
    'safety.kind' => '{designator}: {value}.',
    'safety.cure' => '{cure} cures for {hours} h.',
    'safety.limits' =>
        'Half the capacitance times the voltage squared. It hurts from {charge} µC above {touch} V (IEC 61010-1), and burns from {energy} J at {volts} V (IEC 60950-1); at most {touch} V may be left after {seconds} s (IEC 60204-1). All three from memory.',
    'safety.charge' => '{designator} holds {joules} J and {microcoulombs} µC at {volts} V after switching off.',
    'safety.over-elv' =>
        '{volts} V at {where}: extra-low voltage ends at {limit} V {current} (IEC 60364-4-41, from memory).',
    'hazard.battery' => 'Does it run from a battery?',
    'hazard.coin-cell' => 'Is there a coin cell in the kit, or does one go in?',
    'hazard.mains' => 'Is any part connected to mains?',
    'hazard.high-voltage' => 'Is there more than {ac} V AC or {dc} V DC anywhere?',
    'hazard.stored-charge' => 'Does a capacitor stay full after switching off?',
    'hazard.hot' => 'Does something get too hot to touch in use?',
    'hazard.strong-field' => 'Does it make a strong magnetic or electric field?',
    'hazard.radio' => 'Does it transmit?',
    'hazard.laser' => 'Is there a laser?',
    'hazard.bright-light' => 'Is there very bright, ultraviolet or infrared light?',
    'hazard.small-magnets' => 'Are there small magnets?',
    'hazard.glue' => 'Is something glued, varnished or cast?',
    'hazard.drilling' => 'Does the builder drill?',
    'hazard.small-parts' => 'Are there small parts?',
    'manual.hole-size' =>
        '{by}: the hole for {hole} has no size, and its kind has no usual one. Say it under Facts, Drilling.',
    'manual.hole-outside' =>
        '{by}: the hole for {hole} at {x}, {y} runs over the edge of the face ({width} by {height} mm).',
    'manual.holes-meet' => '{by}: the holes for {hole} and {other} run into each other.',
    'manual.units-differ' =>
        '{where}: "{text}" is one length in two units, but {inch} inch are {mm} mm. Correct one of them.',
    'manual.watts-differ' => '{where}: "{text}" does not multiply; volts by amperes are {watts} W.',
    'manual.unknown-designator' => '{where} names {designators}, which the kit does not have.',
    'manual.count-differs' => '{where} says "{text}", the list has {listed}.',
    'faults.open' => 'Not looked at yet: {count|report|reports}. Judge them in Reports.',
    'manual.either-way' => 'either way round',
    'manual.has-direction' => 'has a direction',
    'faults.rate' =>
        '{reported} of {kits|kit|kits} shipped {days|day|days} ago or earlier were reported; with 95 % confidence {low} to {high} % (Wilson). A kit that reports twice counts once.',
    // what a builder sees otherwise
    'difference.added' => '{part} is new: {now}.',
    'difference.removed' => '{name}, {was}, is gone.',
    'difference.substituted' => '{part} was {was}; now it is {now}.',
    'difference.renumbered' => '{name} is called {part} now; it is the same part at the same place.',
    'difference.changed' => '{part}: {fields} changed.',
    'difference.unnamed.added' => '{part} is new.',
    'difference.unnamed.removed' => '{part} is gone.',
    'difference.field.quantity' => 'its count',
    'difference.field.height' => 'its height',
    'difference.field.place' => 'its place',
    'difference.field.legend' => 'what the board prints',
    'difference.field.mark' => 'its mark',
    'difference.field.supply' => 'who brings it',
    // tools
    'mistake.turned' => 'Turned round? Hold {names} beside the picture.',
    'mistake.swapped' => 'Exchanged? Read {these} once more, and {others}: they look alike.',
    'mistake.wires' => 'Changed about? Follow each of {names} from end to end.',
    'mistake.pin' => 'A pin folded under, or beside its socket?',
    'mistake.hole' => 'In the neighbouring hole? Compare {names} with the picture, hole by hole.',
    'mistake.joints' =>
        'Badly soldered? Look at the joints of this step ({joints}) with a magnifier: dull, cracked, bridged, forgotten. Heat it again.',
    'hand.stripper' => 'stripper',
    'hand.pliers' => 'pliers',
    'hand.cutters' => 'cutters',
    'hand.tape' => 'tape',
    'hand.putty' => 'putty',
    'hand.screwdriver' => 'screwdriver',
    'hand.nut-driver' => 'nut driver',
    'hand.trimming' => 'trimming tool',
    'hand.meter' => 'meter',
    'hand.file' => 'file',
    'tool.iron-leaded' => 'Soldering iron with a fine and a chisel tip, 330 to 340 °C',
    'tool.iron-lead-free' => 'Soldering iron with a fine and a chisel tip, 350 to 400 °C',
    'tool.solder-leaded' => 'Solder wire {0.8 mm} with flux core, 60/40 or 63/37 (leaded)',
    'tool.solder-lead-free' => 'Solder wire {0.8 mm} with flux core, lead-free',
    'tool.cutters' => 'Side cutters',
    'tool.pliers' => 'Small pliers',
    'tool.eyes' => 'Eye protection',
    'tool.air' => 'Ventilation: an open window or a fume extractor',
    'tool.wick' => 'Solder wick or pump',
    'tool.holder' => 'Board holder',
    'tool.tape' => 'Tape that stands heat',
    'tool.putty' => 'Putty',
    'tool.meter' => 'Multimeter',
    'tool.magnifier' => 'Magnifier: some parts look alike',
    'tool.stripper' => 'Wire stripper',
    'tool.screwdriver' => 'Screwdriver',
    'tool.nut-driver' => 'Nut driver',
    'tool.drill' => 'Drill with a pilot bit and a step drill',
    'tool.punch' => 'Centre punch',
    'tool.ruler' => 'Ruler or caliper',
    'tool.masking-tape' => 'Masking tape to mark holes on',
    'tool.trimming' => 'Trimming tool without metal',
    'tool.file' => 'Small file',
    // technique
    'tip.bare-board' => 'Look at both sides of the bare board first: no breaks, no bridges.',
    'tip.resistor' =>
        'Read the bands or measure it before it goes in, and tick it off. Bend the leads square at the hole spacing, push it flush, bend the leads outward about 45 degrees, turn the board over, solder, and clip at the joint.',
    'tip.diode' => 'Band to stripe. Look at it again after soldering: a turned diode is found now or never.',
    'tip.ceramic' => 'The leads stand close: little solder.',
    'tip.electrolytic' =>
        'Long lead to plus, stripe to minus. Read value and voltage on the can: within one voltage the bigger can is the bigger value.',
    'tip.led' => 'Solder one lead, look from the side, straighten it, then solder the other.',
    'tip.socket' => 'Notch to notch. Tack two opposite corners, press it flush while reheating, then the rest.',
    'tip.ic-direct' => 'Notch to notch. Solder alternate sides and pause: a few seconds for each pin.',
    'tip.insert' =>
        'Discharge yourself on a grounded metal first and hold the IC by its ends. Straighten both rows against the table, match the notch, press evenly, and look that no pin is folded under.',
    'tip.battery' => 'Look for plus and minus on the battery and at its place before the contacts touch.',
    'tip.to92' =>
        'Read the print with a magnifier. Body over the printed outline; leave {3..5 mm} of lead above the board, do not force it flush.',
    'tip.power' => 'Bolt it to its heat sink first, then solder, so that the legs carry no stress.',
    'tip.radial' => 'Push it flush, solder one lead, check that it stands straight, then the rest.',
    'tip.relay' => 'It fits one way only. Short contact at each pin: the wire inside is fine. Lugs need more heat.',
    'tip.header' => 'Tack one end, check that it is flush and upright, reheat and push, then the rest.',
    'tip.block' => 'One pin, check that it sits square, then the rest.',
    'tip.trimmer' => 'Push it flush, solder one pin, check that it sits square, then the rest.',
    'tip.potentiometer' =>
        'Break off the locating tab if the panel has no hole for it. One pin, check that the shaft is central and free in its panel hole, then all.',
    'tip.grommet' => 'Through the grommet first: pass the wires through it while both ends are free.',
    'tip.wire-screw' =>
        'At a screw terminal ({names}): strip and twist, no solder; under the screw, tighten, pull to test.',
    'tip.wire' => 'Strip, twist, tin. Hook the stripped end through the hole or lug, then solder.',
    'tip.link' =>
        'Bare wire, bent square at the holes, pulled flat to the board; either way round. A clipped lead serves as well.',
    'tip.ribbon' => 'The red edge is wire 1. Bend the outer two wires to hold it.',
    'tip.knob' => 'Onto the shaft to its stop, pointer to the first mark, screw against the flat.',
    'tip.enclosure' => 'Thread-cutting screws: half a turn back every two turns. Do not overtighten.',
    'tip.first-power' =>
        'Look for bridges first. Measure from supply to ground without power: no short. Then switch on and measure; switch off at once when something gets hot.',
    'tip.adjust' => 'Turn slowly with a trimming tool and wait for the reading to settle.',
    'tip.snap' => 'Score the bridge first, hold close to it, break, and remove the nubs with a file.',
    'tip.bolt' => 'Pad or grease between, bolt first, solder later. Where the tab is live, insulate it.',
    'tip.panel' => 'Set them loosely into their holes; solder nothing yet.',
    // cautions of a kit as a whole
    'caution.small-parts' => 'Small parts: keep them away from children under three years.',
    'caution.coin-cell' =>
        'Coin cells are dangerous when swallowed: get medical help at once. Keep them away from children.',
    'caution.magnets' => 'Small magnets are dangerous when swallowed: get medical help at once.',
    'caution.hot' => 'Parts get hot in use: keep hands and paper away.',
    'caution.field' => 'Strong fields: people with medical implants keep away.',
    'caution.radio' => 'Radio: your local rules say who may transmit, where and how.',
    'caution.light' => 'Bright or invisible light: do not look into it.',
    'caution.drilling' => 'Drilling: eye protection, no gloves, rings or loose sleeves; clamp the work.',
    'tip.chassis' => 'Lay a cloth under the case: its finish scratches. Mount everything before the first wire.',
    'tip.fix' => 'Finger-tight first, all of them, then tight; not so tight that the board bends.',
    'tip.jig' => 'Put it on so that everything comes through its hole; the hole sets height and place.',
    'tip.nuts' => 'Finger-tight only: the parts must still move a little.',
    'tip.tack' =>
        'One pin of each. Check that all is straight and free; reheat and shift what is not, before the rest is soldered.',
    'tip.plug' => 'Plug the two together, set both into their boards, and look that the boards lie parallel.',
    'tip.mount' =>
        'Washer and nut; check that it is straight, then tighten with a tool that fits, and mind the finish. Bend its tags now, while there is room.',
    'tip.finished' => 'Does it do what it is for?',
    'tip.boxed' => 'The same once more in its box: nothing touches, no wire is pinched.',
    'tip.draws' => 'It runs from {volts} V and takes at most {milliamps} mA. Much more is a fault: switch off.',
    'tip.runs-from' => 'It runs from {volts} V.',
    'tip.lend-bare' => 'For test {gate} only, not soldered: {what}.',
    'tip.lend' => 'For test {gate} only, not soldered: {what} ({why}).',
    'tip.return' => 'Take it out again: {what}. It was there for test {gate} only.',
    'tip.bags-empty' =>
        'Count what is left over: the bags are now empty. A part left over was forgotten; look for its place.',
    'tip.bags-hold' =>
        'Count what is left over: the bags now hold {names} and nothing else. Any other part was forgotten; look for its place.',
    'tip.all-pins' => 'All straight and free? Then solder the rest of the pins.',
    'tip.plastic-near' =>
        '{designators} stands within {{mm} mm} of a joint and melts: keep the iron off it, short contact.',
    'tip.plastics-near' =>
        '{designators} stand within {{mm} mm} of a joint and melt: keep the iron off them, short contact.',
    'tip.draws-idle' =>
        'It runs from {volts} V and takes {idle} mA while it waits, {milliamps} mA at most. Much more is a fault: switch off.',
    'tip.metal-carries' =>
        'Current goes into metal at {names}: bare metal under the lug, a locking washer on it, and measure continuity to the case when the screw is tight.',
    'tip.battery-leads' => '{part} is a pair of wires: red to plus, black to minus.',
];
