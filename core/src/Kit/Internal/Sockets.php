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
            $near = isset($pairs[$ic]) ? null : $this->near($ic, array_keys($sockets), $pairs, $placements);
            $pairs += $near === null ? [] : [$ic => $near];
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

    /**
     * @param list<string> $sockets
     * @param array<string, string> $taken IC to socket
     * @param array<string, Placement> $placements
     * @return ?string a free socket at the place of the IC
     */
    private function near(string $ic, array $sockets, array $taken, array $placements): ?string
    {
        $here = $placements[$ic] ?? null;
        if ($here === null) {
            return null;
        }
        foreach (array_diff($sockets, $taken) as $socket) {
            $there = $placements[$socket] ?? null;
            if ($there?->board === $here->board && $here->at->distanceTo($there->at) <= self::NEAR) {
                return $socket;
            }
        }

        return null;
    }
}
