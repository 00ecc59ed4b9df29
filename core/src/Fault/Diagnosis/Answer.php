<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** What a builder found at a check. */
final readonly class Answer
{
    private function __construct(public string $check, public Found $found, public ?float $reading = null) {}

    public static function of(string $check, Found $found): self
    {
        return new self($check, $found);
    }

    /**
     * The number that a meter showed.
     *
     * @param float $reading in the plain unit
     */
    public static function read(string $check, float $reading): self
    {
        return new self($check, Found::Reading, $reading);
    }
}
