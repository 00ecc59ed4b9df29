<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use Chiralex\Trade\Dealing;

/** A kit as it is sold: with its options, by itself or in a class pack. */
final readonly class PackedAs
{
    /** @param string $options as `box=drilled;power=jack` */
    public function __construct(
        public int $kitId,
        public string $options = '',
        public int $packSize = 1,
        public Dealing $dealing = Dealing::Single,
    ) {}
}
