<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;
use Chiralex\Review\BodyClashes;
use Chiralex\Review\Origins;

/** Both sides of every board, drawn once, and where each part sits. */
final readonly class BoardDocument
{
    /** @return array{boards: list<array<string, mixed>>, parts: array<string, array<string, mixed>>} */
    public function of(Kit $kit): array
    {
        $svg = new BoardSvg($kit, (new BodyClashes())->shown($kit));
        $off = Origins::off($kit);
        $shifts = $kit->findings->drawn->shifts;
        $parts = [];
        foreach ($kit->bodies() as $name => $body) {
            $part = $kit->part($name);
            $parts[$name] = [
                'board' => $body->face->board,
                'side' => $body->face->side->value,
                'x' => round($body->centre->x, 3),
                'y' => round($body->centre->y, 3),
                'rotation' => $body->rotation,
                'height' => $body->height,
                'kind' => $part?->kind()->value,
                'outline' => $body->outline->name,
                'legend' => $part === null ? null : $kit->printedAt($part),
            ];
        }

        return [
            'boards' => array_map(static function (BoardShape $board) use ($svg, $off, $shifts): array {
                [$left, $low, $right, $high] = $board->outline->bounds();

                return [
                    'name' => $board->name,
                    'thickness' => $board->stuff->thickness,
                    'reading' => $board->turn,
                    'squarePad' => (object) $board->squarePad,
                    'joinedTo' => $board->joined->to,
                    'outlineGiven' => $board->outlineGiven,
                    'mask' => $board->stuff->mask,
                    'silk' => $board->stuff->silk,
                    'zeroOrientation' => $board->level,
                    'places' => isset($shifts[$board->name])
                        ? [
                            'move' => [$shifts[$board->name]->move->x, $shifts[$board->name]->move->y],
                            'turn' => $shifts[$board->name]->turn,
                        ]
                        : null,
                    'suggestedMove' => isset($off[$board->name])
                        ? [$off[$board->name]->x, $off[$board->name]->y]
                        : null,
                    'corners' => array_map(
                        static fn(Point $corner): array => [round($corner->x, 3), round($corner->y, 3)],
                        $board->outline->corners,
                    ),
                    'width' => round($right - $left, 3),
                    'height' => round($high - $low, 3),
                    'top' => $svg->board($board, Side::Top),
                    'bottom' => $svg->board($board, Side::Bottom),
                ];
            }, $kit->boards),
            'parts' => $parts,
        ];
    }
}
