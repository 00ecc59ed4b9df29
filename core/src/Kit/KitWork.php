<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What there is to do beside fitting parts, and what belongs together. */
final readonly class KitWork
{
    /**
     * @param list<Gate> $gates
     * @param list<Test> $tests
     * @param list<Wire> $wires
     * @param list<OwnSymptom> $symptoms
     * @param list<StepPhoto> $photos
     * @param array<array-key, list<string>> $feeds block to the blocks it feeds
     */
    public function __construct(
        public Groups $groups = new Groups(),
        public array $gates = [],
        public array $tests = [],
        public array $wires = [],
        public Workshop $workshop = new Workshop(),
        public array $symptoms = [],
        public array $feeds = [],
        public array $photos = [],
    ) {}
}
