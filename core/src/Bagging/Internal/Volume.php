<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;
use Chiralex\Board\BoardShape;
use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;

/** About how much room a line of a contents list takes in a bag, cubic millimetres. */
final readonly class Volume
{
    /** A coiled wire, square millimetres of section; common practice, no source. */
    private const COIL = 12.0;
    /** A bare board lies flat and needs the width: its area counts this many millimetres high. */
    private const FLAT = 12.0;
    /** Hardware whose size nobody said, cubic millimetres; common practice, no source. */
    private const PIECE = 300.0;

    public function __construct(private Kit $kit) {}

    public function of(BagItem $item): float
    {
        return match ($item->part->kind()) {
            Kind::Enclosure, Kind::Panel => INF,
            Kind::Wire, Kind::Cable => ($item->length ?? 100.0) * self::COIL,
            Kind::Board => self::FLAT * array_sum(array_map(self::area(...), $this->kit->boards)),
            default => $item->quantity *
                max(self::PIECE, $item->part->shape->outline->area() * max(1.0, $item->part->shape->height)),
        };
    }

    private static function area(BoardShape $board): float
    {
        [$left, $low, $right, $high] = $board->outline->bounds();

        return ($right - $left) * ($high - $low);
    }
}
