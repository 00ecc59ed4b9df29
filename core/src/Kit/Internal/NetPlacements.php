<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\Net\PinSpots;
use Chiralex\Board\Placement;
use Chiralex\Board\PlacementList;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Bom\Recognition;
use Chiralex\Part\Kind;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;

/** Places of parts by the pins that a test file names, where no file of places says them. */
final readonly class NetPlacements
{
    /** Within so many degrees of a quarter turn it is one. */
    private const QUARTER = 3.0;

    /**
     * @param array<string, Recognition> $recognitions of all parts, by designator
     * @param array<string, string> $said IC to its socket, as the maker says
     * @param string $board the one the file belongs to
     */
    public static function of(
        PinSpots $pins,
        array $recognitions,
        array $said,
        string $board,
        PlacementList $list,
    ): PlacementList {
        $placements = [];
        $sockets = self::sockets($recognitions, $said);
        foreach ($pins->spots as $name => $spots) {
            $recognition = $recognitions[$name] ?? null;
            if ($recognition === null || $spots === []) {
                continue;
            }
            $isBelow = isset($pins->below[$name]);
            $place = self::place((string) $name, $spots, $recognition->outline->pins, $isBelow, $board);
            $placements[(string) $name] = $place;
            // A board knows one footprint; a socket stands where its IC is named.
            $socket = $sockets[$name] ?? null;
            if ($socket !== null && !isset($pins->spots[$socket])) {
                $placements[$socket] = new Placement($socket, $place->at, $place->rotation, $place->side, $board);
            }
        }

        return $placements === []
            ? $list
            : new PlacementList(
                $placements,
                [
                    ...$list->problems,
                    new Problem(
                        ProblemSeverity::Note,
                        'placement.from-nets',
                        ['count' => count($placements)],
                        $list->file,
                    ),
                ],
                $list->file,
            );
    }

    /**
     * Where several fit, XU1 is the socket of U1; common practice, no source.
     *
     * @param array<string, Recognition> $recognitions
     * @param array<string, string> $said
     * @return array<string, string> IC to socket
     */
    private static function sockets(array $recognitions, array $said): array
    {
        [$sockets, $open] = (new Sockets())->pair($recognitions, [], $said);
        foreach ($open as $ic) {
            $named = $recognitions["X{$ic}"] ?? null;
            $isFit = $named?->kind === Kind::IcSocket && !in_array("X{$ic}", $sockets, true);
            $sockets += $isFit ? [$ic => "X{$ic}"] : [];
        }

        return $sockets;
    }

    /**
     * @param non-empty-array<array-key, Point> $spots
     * @param array<array-key, array{float, float}> $own pins of the outline at rotation 0
     */
    private static function place(string $name, array $spots, array $own, bool $isBelow, string $board): Placement
    {
        $common = array_intersect_key($spots, $own);
        $flip = $isBelow ? -1.0 : 1.0;
        $rotation = 0.0;
        $shift = new Point(0.0, 0.0);
        if (count($common) >= 2) {
            $names = array_keys($common);
            [$first, $last] = [$names[0], $names[count($names) - 1]];
            $rotation = self::quarter(
                self::angle($common[$first], $common[$last]) -
                    self::angle(
                        new Point($own[$first][0], $flip * $own[$first][1]),
                        new Point($own[$last][0], $flip * $own[$last][1]),
                    ),
            );
            $shift = self::middle(
                array_map(
                    static fn(string|int $pin): Point => (new Point($own[$pin][0], $flip * $own[$pin][1]))->turned(
                        $rotation,
                    ),
                    $names,
                ),
            );
        }
        $middle = self::middle(array_values($common === [] ? $spots : $common));

        return new Placement(
            $name,
            new Point(round($middle->x - $shift->x, 4), round($middle->y - $shift->y, 4)),
            $rotation,
            $isBelow ? Side::Bottom : Side::Top,
            $board,
        );
    }

    private static function quarter(float $degrees): float
    {
        $turn = fmod(fmod($degrees, 360.0) + 360.0, 360.0);
        $near = round($turn / 90.0) * 90.0;

        return abs($turn - $near) <= self::QUARTER ? fmod($near, 360.0) : round($turn, 1);
    }

    private static function angle(Point $from, Point $to): float
    {
        return rad2deg(atan2($to->y - $from->y, $to->x - $from->x));
    }

    /** @param non-empty-list<Point> $points */
    private static function middle(array $points): Point
    {
        return new Point(
            array_sum(array_column($points, 'x')) / count($points),
            array_sum(array_column($points, 'y')) / count($points),
        );
    }
}
