<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\Placement;
use Chiralex\Bom\Recognition;
use Chiralex\Part\Kind;

/** Finds the socket of each IC: as the maker says, else by place within 0.5 mm, else the only free one with that pin count. */
final readonly class Sockets
{
    private const NEAR = 0.5;

    /**
     * @param array<string, Recognition> $recognitions of all fitted parts, by designator
     * @param array<string, Placement> $placements
     * @param array<string, string> $said IC to socket
     * @return array{array<string, string>, list<string>} IC to socket, and the ICs that leave a question
     */
    public function pair(array $recognitions, array $placements, array $said): array
    {
        $sockets = $ics = [];
        foreach ($recognitions as $designator => $recognition) {
            if ($recognition->kind === Kind::IcSocket) {
                $sockets[(string) $designator] = count($recognition->outline->pins);
            }
            if ($recognition->kind === Kind::Ic && str_starts_with($recognition->outline->name, 'DIP')) {
                $ics[(string) $designator] = count($recognition->outline->pins);
            }
        }
        $pairs = array_filter($said, static fn(string $socket): bool => isset($sockets[$socket]));
        foreach (array_keys($ics) as $ic) {
            foreach (array_keys($sockets) as $socket) {
                $a = $placements[$ic] ?? null;
                $b = $placements[$socket] ?? null;
                if (
                    !isset($pairs[$ic]) &&
                    !in_array($socket, $pairs, true) &&
                    $a !== null &&
                    $b !== null &&
                    $a->board === $b->board &&
                    $a->at->distanceTo($b->at) <= self::NEAR
                ) {
                    $pairs[$ic] = $socket;
                }
            }
        }
        $open = [];
        foreach ($ics as $ic => $pins) {
            if (isset($pairs[$ic]) || isset($placements[$ic])) {
                continue;
            }
            $free = array_keys(
                array_filter(
                    $sockets,
                    static fn(int $count, string $socket): bool => $count === $pins && !in_array($socket, $pairs, true),
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            if (count($free) === 1) {
                $pairs[$ic] = $free[0];
            } elseif ($free !== []) {
                $open[] = $ic;
            }
        }

        return [$pairs, $open];
    }
}
