<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Azimuths;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Build\Reachability;
use Chiralex\Build\Reachable;
use Chiralex\Kit\Kit;
use ChiralexRender\Words;

/** The directions from which a part is reached, as sectors to lay over the drawing of its board. */
final readonly class ApproachSvg
{
    /** Degrees between two points of a sector's round. */
    private const STEP = 6.0;

    public function __construct(private Kit $kit, private Words $words) {}

    /**
     * @param ?list<string> $fitted designators on the board; null for all of them
     * @return array{board: ?string, top: string, bottom: string, notes: list<string>, fits: bool} sectors of either side, in the drawing's own coordinates
     */
    public function of(string $designator, ?array $fitted = null): array
    {
        $body = $this->kit->part($designator)?->place->body;
        $shape = $body === null ? null : $this->kit->board($body->face->board);
        $reached = (new Reachability($this->kit))->of($designator, $fitted);
        $sectors = ['top' => '', 'bottom' => ''];
        foreach ($reached as $each) {
            if ($shape === null) {
                break;
            }
            $frame = Frame::of($shape->outline, $shape->turn, $each->side);
            foreach ($each->isFreeAllRound() ? [] : $each->places as [$at, $free]) {
                $sectors[$each->side->value] .= $this->sectors($frame, $at, $free, $each->reach, $each->fits);
            }
        }

        return [
            'board' => $body?->face->board,
            'top' => $sectors[Side::Top->value],
            'bottom' => $sectors[Side::Bottom->value],
            'notes' => array_map(fn(Reachable $each): string => $this->note($each), $reached),
            'fits' => array_filter($reached, static fn(Reachable $each): bool => !$each->fits) === [],
        ];
    }

    private function sectors(Frame $frame, Point $at, Azimuths $free, float $reach, bool $fits): string
    {
        $svg = '';
        foreach ($free->arcs as [$from, $to]) {
            $points = [$at];
            for ($i = 0, $count = max(1, (int) ceil(($to - $from) / self::STEP)); $i <= $count; ++$i) {
                $angle = deg2rad($from + (($to - $from) * $i) / $count);
                $points[] = $at->plus($reach * cos($angle), $reach * sin($angle));
            }
            $svg .= sprintf(
                '<path class="free%s" d="M%sZ"/>',
                $fits ? '' : ' tight',
                implode(
                    'L',
                    array_map(static function (Point $point) use ($frame): string {
                        $seen = $frame->point($point);

                        return Num::of($seen->x) . ' ' . Num::of($seen->y);
                    }, $points),
                ),
            );
        }
        $centre = $frame->point($at);

        return $svg .
            sprintf('<circle class="reached" cx="%s" cy="%s" r="0.6"/>', Num::of($centre->x), Num::of($centre->y));
    }

    private function note(Reachable $each): string
    {
        $least = min([360.0, ...array_map(static fn(array $place): float => $place[1]->widest(), $each->places)]);

        return $this->words->sentence(
            match (true) {
                $each->isFreeAllRound() => "reach.{$each->need}.free",
                $each->fits => "reach.{$each->need}.fits",
                default => "reach.{$each->need}.tight",
            },
            ['degrees' => (int) floor($least), 'side' => $each->side->value],
        );
    }
}
