<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill;

/** What a drill file says. */
final readonly class DrillFile
{
    /**
     * @param list<DrilledHole> $holes
     * @param list<DrilledSlot> $slots
     * @param ?string $function of its attribute, `Plated` or `NonPlated`; null where it has none
     * @param int $left commands that were not understood
     * @param list<string> $guesses what the file does not say: `unit-inch` or `unit-mm`, `zeros`
     */
    public function __construct(
        public array $holes,
        public array $slots,
        public ?string $function = null,
        public int $left = 0,
        public array $guesses = [],
    ) {}
}
