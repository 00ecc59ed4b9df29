<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Files\FactsFinder;
use Chiralex\Board\Files\FileRole;
use Chiralex\Board\Files\FolderReader;
use Chiralex\Board\Files\ReadFile;
use Chiralex\Board\Files\RoleFinder;
use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Legend\LegendReader;
use Chiralex\Board\Legend\PlacePrint;
use Chiralex\Board\Net\Nets;
use Chiralex\Board\Net\PinSpots;
use Chiralex\Board\Shift;
use Chiralex\Board\Side;
use Chiralex\Kit\BoardReading;
use Chiralex\Kit\KitPart;

/** The files that boards are made from, read by their roles, each of the board that its name holds. */
final readonly class BoardFiles
{
    /** @param list<ReadFile> $files layers, drill files, net lists, tables of places */
    private function __construct(public array $files) {}

    /**
     * @param array<string, string> $files name to bytes
     * @param array<string, string> $said file to role, as the maker says
     */
    public static function read(array $files, array $said): self
    {
        return new self(
            (new FolderReader(new RoleFinder($said)))->read(
                array_filter(
                    $files,
                    static fn(string $bytes, string|int $name): bool => RoleFinder::isOfBoard($bytes) ||
                        RoleFinder::isNamed((string) $name),
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
    }

    /** Where the net lists put the pins of all boards. */
    public function spots(): PinSpots
    {
        $spots = new PinSpots();
        foreach ($this->files as $file) {
            $spots = $spots->and($file->spots());
        }

        return $spots;
    }

    /**
     * The name of the board that a file belongs to: the one its name holds, else the first.
     *
     * @param non-empty-list<BoardShape> $boards
     */
    public static function boardOf(string $file, array $boards): string
    {
        foreach ($boards as $board) {
            if (
                preg_match(
                    '~(?<![a-z0-9])' . preg_quote(mb_strtolower($board->name), '~') . '(?![a-z0-9])~u',
                    mb_strtolower($file),
                ) === 1
            ) {
                return $board->name;
            }
        }

        return $boards[0]->name;
    }

    /**
     * @param non-empty-list<BoardShape> $boards with the outlines that count
     * @param array<string, KitPart> $parts
     * @param array<string, Shift> $shifts by board
     */
    public function reading(array $boards, array $parts, array $shifts = []): BoardReading
    {
        $facts = $prints = $joined = $legends = [];
        foreach ($boards as $board) {
            $own = array_values(
                array_filter(
                    $this->files,
                    static fn(ReadFile $file): bool => self::boardOf($file->name, $boards) === $board->name,
                ),
            );
            $facts[$board->name] = (new FactsFinder())->facts($own, $board->outlineGiven ? $board->outline : null);
            foreach (Side::cases() as $side) {
                $layers = self::legends($own, $side);
                $prints += $this->prints($layers, $board->name, $side, $parts);
                $legends["{$board->name} {$side->value}"] = array_merge(
                    ...array_map(static fn(Layer $layer): array => $layer->objects, $layers),
                );
            }
        }
        foreach ($this->files as $file) {
            array_push($joined, ...$file->joined);
        }

        return new BoardReading(
            $facts,
            $prints,
            Nets::of($joined),
            array_map(static fn(ReadFile $file): ReadFile => $file->account(), $this->files),
            array_filter($legends),
            $shifts,
            $this->spots(),
        );
    }

    /**
     * @param list<ReadFile> $files of the board
     * @return list<Layer>
     */
    private static function legends(array $files, Side $side): array
    {
        $role = $side === Side::Top ? FileRole::LegendTop : FileRole::LegendBottom;

        return array_values(
            array_filter(
                array_map(static fn(ReadFile $file): ?Layer => $file->is($role) ? $file->layer() : null, $files),
            ),
        );
    }

    /**
     * @param list<Layer> $layers
     * @param array<string, KitPart> $parts
     * @return array<string, PlacePrint>
     */
    private function prints(array $layers, string $board, Side $side, array $parts): array
    {
        $bodies = $directed = $socketed = [];
        foreach ($layers === [] ? [] : $parts as $name => $part) {
            $body = $part->place->body;
            if ($body === null || $body->face->board !== $board || $body->face->side !== $side) {
                continue;
            }
            if ($part->place->socket !== null) {
                $socketed[(string) $name] = $part->place->socket;
            } else {
                $bodies[] = $body;
                $directed = $part->direction->polarised ? [...$directed, (string) $name] : $directed;
            }
        }
        $names = $values = [];
        foreach ($bodies as $body) {
            $printed = [$body->designator, ...array_map(strval(...), array_keys($socketed, $body->designator, true))];
            $names[$body->designator] = $printed;
            $values[$body->designator] = array_merge(
                ...array_map(static fn(string $name): array => $parts[$name]->spellings(), $printed),
            );
        }
        $prints = [];
        foreach ($layers as $layer) {
            foreach ((new LegendReader())->prints($layer, $bodies, $directed, $names, $values) as $print) {
                $prints[$print->designator] ??= $print;
            }
        }
        // Where a socket sits, what is printed for it is printed for its IC.
        foreach ($socketed as $ic => $socket) {
            $print = $prints[$socket] ?? null;
            $prints += $print === null ? [] : [$ic => $print->of((string) $ic)];
        }

        return $prints;
    }
}
