<?php

declare(strict_types=1);

namespace Chiralex\Part;

use Chiralex\Quantity\Unit;

/**
 * What is true of a kind until a part says otherwise; one row feeds every module.
 */
final readonly class KindRow
{
    /**
     * @param list<string> $prefixes designator letters that suggest the kind (IEEE 315 class letters and their usual relatives)
     * @param bool $onBoard soldered to a board as a rule; false for hardware and off-board items
     * @param string $outline name of the usual outline in the outline table
     * @param ?Mark $fitMark mark to fit by; null: the kind has no direction
     * @param ?Mark $checkMark mark to check by afterwards
     * @param ?string $terminal what the check mark stands for
     * @param Hold $hangsAs how a stiff part is held when the table does not hold it
     * @param ?Unit $unit unit of the main value, null where the value is a name
     * @param float $grams typical mass, from memory
     * @param string $source where the row's facts come from
     */
    public function __construct(
        public Kind $kind,
        public array $prefixes,
        public bool $onBoard,
        public string $outline,
        public ?Mark $fitMark,
        public ?Mark $checkMark,
        public ?string $terminal,
        public ?Consequence $consequence,
        public Hold $hangsAs,
        public Sensitivity $sensitivity,
        public ?Unit $unit,
        public float $grams,
        public string $source,
    ) {}

    public function isPolarised(): bool
    {
        return $this->fitMark !== null;
    }
}
