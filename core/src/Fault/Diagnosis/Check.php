<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

use Chiralex\Fault\Data\Finds;

/** Something a builder can look at, measure or try, with the answer good, bad or cannot. */
final readonly class Check
{
    /** Chance of a bad answer by a suspect that does not touch it. */
    public float $usual;

    /**
     * @param string $name by which it is asked and answered; of a test of Bench its name
     * @param string $instrument `multimeter`; empty for eyes and hands
     * @param list<string> $designators what is looked at
     * @param list<string> $after checks that have to be answered first
     * @param ?int $step the step whose work is looked at
     * @param ?array{low: float, high: float} $pass what a meter shows when nothing is wrong, in the plain unit
     */
    public function __construct(
        public string $name,
        public CheckKind $kind,
        public float $minutes,
        public string $instrument = '',
        public array $designators = [],
        public array $after = [],
        public ?int $step = null,
        public ?array $pass = null,
    ) {
        $this->usual = $kind === CheckKind::Measure ? Finds::MEASURED_ELSE : Finds::ELSE;
    }
}
