<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** In which order a run goes through its lines and packs. */
enum PackWay: string
{
    /** One line into every pack, then the next line. */
    case LineByLine = 'line';
    /** Every line into one pack, bag by bag, then the next pack. */
    case BagByBag = 'bag';

    /**
     * The line and the pack of the n-th pocket that is filled, from 0.
     *
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @return array{int, int}
     */
    public function at(int $filled, int $lines, int $packs): array
    {
        return $this === self::LineByLine
            ? [intdiv($filled, $packs), $filled % $packs]
            : [$filled % $lines, intdiv($filled, $lines)];
    }
}
