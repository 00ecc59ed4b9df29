<?php

declare(strict_types=1);

/** English names of symptoms, causes and origins, by code. */
return [
    'symptom.nothing-happens' => 'nothing happens', 'symptom.hum-or-noise' => 'hum or noise', 'symptom.light-no-sound' => 'light but no sound', 'symptom.sound-no-light' => 'sound but no light',
    'symptom.works-then-dies' => 'works once and dies', 'symptom.gets-hot' => 'gets hot', 'symptom.wrong-frequency' => 'wrong frequency', 'symptom.unstable' => 'unstable', 'symptom.cannot-adjust' => 'cannot be adjusted into range',
    'symptom.part-missing' => 'part missing', 'symptom.wrong-part' => 'wrong part in the bag', 'symptom.differs-from-picture' => 'part differs from the picture', 'symptom.part-broke' => 'a part broke', 'symptom.board-scratched' => 'board scratched',
    'symptom.manual-unclear' => 'manual unclear', 'symptom.other' => 'something else',
    'cause.reversed-part' => 'part reversed', 'cause.swapped-look-alikes' => 'look-alikes swapped', 'cause.dry-joint' => 'dry joint', 'cause.solder-bridge' => 'solder bridge', 'cause.neighbouring-hole' => 'lead in the neighbouring hole',
    'cause.wires-swapped' => 'wires swapped', 'cause.substituted-part' => 'part substituted', 'cause.faulty-part' => 'faulty part', 'cause.missing-from-bag' => 'missing from the bag', 'cause.part-was-there' => 'the part was there',
    'cause.design-weakness' => 'weakness of the design', 'cause.manual-error' => 'error in the manual', 'cause.supply-or-battery' => 'supply or battery', 'cause.meter-misread' => 'meter misread', 'cause.works-as-designed' => 'works as designed',
    'cause.not-known-yet' => 'not known yet',
    'origin.builder' => 'builder', 'origin.part' => 'part', 'origin.document' => 'document', 'origin.design' => 'design', 'origin.equipment' => "builder's own equipment", 'origin.none' => 'no fault',
];
