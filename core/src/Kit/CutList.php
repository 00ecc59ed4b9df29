<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What is cut and wound for each kit, as kit.json says. */
final readonly class CutList
{
    /**
     * @param list<CutStock> $stocks
     * @param list<CutAsked> $asked
     * @param list<Winding> $windings
     */
    public function __construct(public array $stocks = [], public array $asked = [], public array $windings = []) {}
}
