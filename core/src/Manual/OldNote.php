<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Kit\OldParagraph;

/** Where a paragraph of an old manual belongs, as far as its words tell. */
final readonly class OldNote
{
    /**
     * @param list<string> $designators of the kit, in the order of the text
     * @param ?int $step number of the step that fits the most of them, the earliest of equals
     * @param list<string> $points where it measures
     * @param string $expect what a meter should show, `4.8 to 5.2 V`; empty where it names none
     */
    public function __construct(
        public OldParagraph $paragraph,
        public array $designators,
        public ?int $step,
        public array $points,
        public string $expect,
    ) {}
}
