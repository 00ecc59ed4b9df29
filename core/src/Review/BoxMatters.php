<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\BoardShape;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** A board that does not go into the box of the kit, by the sizes that the row of the box names. */
final readonly class BoxMatters implements MatterSource
{
    /** What the walls and the play take off the size a box is sold by, millimetres; common practice, no source. */
    private const WALLS = 4.0;
    private const SIZE = '~(\d{2,3}(?:[.,]\d+)?) ?(?:mm)? ?[x×*] ?(\d{2,3}(?:[.,]\d+)?)(?: ?(?:mm)? ?[x×*] ?(\d{2,3}(?:[.,]\d+)?))?~u';

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->parts as $part) {
            $box = $part->kind() === Kind::Enclosure && $part->supply->isBuilt() ? self::inside($part) : null;
            if ($box === null) {
                continue;
            }
            foreach (self::loose($subject->kit) as $board) {
                [$left, $low, $right, $high] = $board->outline->bounds();
                $size = [max($right - $left, $high - $low), min($right - $left, $high - $low)];
                if ($size[0] > $box[0] || $size[1] > $box[1]) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Parts,
                        'parts.box-small',
                        [
                            'designator' => $part->designator,
                            'board' => $board->name,
                            'size' => round($size[0], 1) . ' × ' . round($size[1], 1),
                            'room' => round($box[0], 1) . ' × ' . round($box[1], 1),
                        ],
                        [$part->designator],
                    );
                }
            }
        }

        return $matters;
    }

    /** @return ?array{float, float} the two longest ways inside, longest first; null where its row names no size */
    private static function inside(KitPart $part): ?array
    {
        $cells = $part->line->cells;
        if (preg_match(self::SIZE, "{$cells->value} {$cells->package} {$cells->description}", $said) !== 1) {
            return null;
        }
        $sizes = array_map(static fn(string $size): float => (float) strtr($size, ',', '.'), array_slice($said, 1));
        rsort($sizes);

        return [$sizes[0] - self::WALLS, $sizes[1] - self::WALLS];
    }

    /** @return list<BoardShape> boards with an outline that hang on no other */
    private static function loose(Kit $kit): array
    {
        return array_values(
            array_filter(
                $kit->boards,
                static fn(BoardShape $board): bool => $board->joined->to === null &&
                    count($board->outline->corners) > 2,
            ),
        );
    }
}
