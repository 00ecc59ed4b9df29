<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Placement;
use Chiralex\Bom\Recognition;
use Chiralex\Kit\Wire;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Role;

/**
 * Parts that sit in a case or panel and on no board: only wires reach them. Where the maker says that there is no board, or
 * nearly all parts are of that sort and nothing tells of a board, the kit has none.
 */
final readonly class CaseParts
{
    /** Share of parts that sit in a case from which on a kit without any board data is taken to have no board; a guess that is said. */
    private const MOST = 0.6;

    /** @param array<string, true> $names */
    private function __construct(public bool $boardless, private array $names) {}

    /**
     * @param array<string, Recognition> $recognitions by designator
     * @param array<string, Placement> $placements
     * @param list<Wire> $wires
     * @param list<BoardShape> $boards
     */
    public static function of(array $recognitions, array $placements, array $wires, array $boards, bool $saidNone): self
    {
        $standing = array_filter(
            $recognitions,
            static fn(Recognition $each): bool => Kinds::of($each->kind)->onBoard && $each->kind !== Kind::Unknown,
        );
        $loose = array_filter(
            $standing,
            static fn(Recognition $each): bool => Kinds::of($each->kind)->is(Role::NeedsWires),
        );
        $boardless = $saidNone || self::tellsOfNoBoard($recognitions, $standing, $loose, $placements, $wires, $boards);
        if ($boardless) {
            return new self(true, array_fill_keys(array_map(strval(...), array_keys($standing)), true));
        }
        $names = [];
        foreach ($placements === [] ? [] : $wires as $wire) {
            foreach ($wire->ends() as $end) {
                if (isset($loose[$end->part]) && !isset($placements[$end->part])) {
                    $names[$end->part] = true;
                }
            }
        }

        return new self(false, $names);
    }

    public function holds(string $designator): bool
    {
        return isset($this->names[$designator]);
    }

    /**
     * @param array<string, Recognition> $all
     * @param array<string, Recognition> $standing
     * @param array<string, Recognition> $loose
     * @param array<string, Placement> $placements
     * @param list<Wire> $wires
     * @param list<BoardShape> $boards
     */
    private static function tellsOfNoBoard(
        array $all,
        array $standing,
        array $loose,
        array $placements,
        array $wires,
        array $boards,
    ): bool {
        $kinds = array_map(static fn(Recognition $each): Kind => $each->kind, $all);
        $outlined = array_filter($boards, static fn(BoardShape $board): bool => $board->outlineGiven);

        return $placements === [] &&
            $wires !== [] &&
            $outlined === [] &&
            !in_array(Kind::Board, $kinds, true) &&
            (in_array(Kind::Enclosure, $kinds, true) || in_array(Kind::Panel, $kinds, true)) &&
            $standing !== [] &&
            count($loose) >= self::MOST * count($standing);
    }
}
