<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use RuntimeException;
use Throwable;

/** An input was refused without words, or with a flood of them. */
final class UnclearRefusal extends RuntimeException
{
    public function __construct(Throwable $why)
    {
        parent::__construct(
            'refused without clear words: ' . $why::class . ', ' . strlen($why->getMessage()) . ' bytes',
            0,
            $why,
        );
    }
}
