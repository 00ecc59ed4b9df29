<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** Rules that were given up because others forbid them. */
final readonly class GivenUp
{
    /**
     * @param list<DroppedRule> $wishes derived from geometry
     * @param list<Rule> $guesses that rest on a guess or on habit
     */
    public function __construct(public array $wishes = [], public array $guesses = []) {}
}
