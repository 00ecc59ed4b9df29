<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** What a typed value says: the value, a tolerance if one stands there, the words behind it, and what gave rise to doubt. */
final readonly class ParsedValue
{
    /**
     * @param ?string $tolerance percent without sign, with `pF` behind it where it is absolute
     * @param ?ValueDoubt $doubt a reading taken under an assumption
     */
    public function __construct(
        public EngineeringValue $value,
        public ?string $tolerance = null,
        public string $rest = '',
        public ?ValueDoubt $doubt = null,
    ) {}
}
