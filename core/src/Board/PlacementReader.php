<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Board\Internal\PlacementColumns;
use Chiralex\Limits;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\HeaderMap;
use Chiralex\Table\Row;
use Chiralex\Table\Table;

/** Table to placements. A number without unit is in the unit of its header, else in millimetres. */
final readonly class PlacementReader
{
    /** No exporter turns a part further than this, degrees. */
    private const TURNED = 36_000.0;
    /** More words than this are no sides. */
    private const WORDS = 6;

    /**
     * @param list<string> $boards names of the kit's boards, the first being the one meant where a row names none
     * @param list<string> $turned names of boards whose file gives bottom rotations as seen from below
     * @param array<string, string> $sides word to `top` or `bottom`, as the maker says, in lower case
     * @throws UnreadableTable when a column for designator, x or y is missing
     */
    public function read(Table $table, array $boards, array $turned = [], array $sides = []): PlacementList
    {
        [$map, $told] = $this->columns($table);
        foreach (['designator', 'x', 'y'] as $field) {
            if (!$map->has($field)) {
                throw UnreadableTable::noColumn($table->file, $field, $table->headers);
            }
        }
        $placements = [];
        $problems = [...$this->guesses($table, $map, $told), ...$this->strangeSides($table, $map, $sides)];
        foreach ($table->rows as $row) {
            $read = $this->placement($row, $map, $table, $boards, $turned, $sides);
            if ($read instanceof Problem) {
                $problems[] = $read;
                continue;
            }
            $earlier = $placements[$read->designator] ?? null;
            if ($earlier !== null) {
                $problems[] = new Problem(
                    ProblemSeverity::Error,
                    'placement.duplicate',
                    ['designator' => $read->designator, 'earlier' => (int) $earlier->row],
                    $table->file,
                    $row->number,
                    $map->header($table->headers, 'designator'),
                );
                continue;
            }
            $placements[$read->designator] = $read;
        }

        return new PlacementList($placements, $problems, $table->file);
    }

    /** @return array{HeaderMap, array<string, int>} what the columns are taken for, and which of them their headers tell */
    public function columns(Table $table): array
    {
        $map = HeaderMap::guess($table->headers, HeaderSynonyms::PLACEMENTS);

        return [self::isPlaced($map) ? $map : (new PlacementColumns($table))->completed($map), $map->columns];
    }

    /** True for a table that holds places, by its headers or by what stands in its columns. */
    public static function isPlacements(Table $table): bool
    {
        $map = HeaderMap::guess($table->headers, HeaderSynonyms::PLACEMENTS);

        if (self::isPlaced($map)) {
            return true;
        }
        $found = (new PlacementColumns($table))->completed($map);

        return self::isPlaced($found) && ($found->has('side') || $found->has('rotation'));
    }

    /** @param array<string, string> $said */
    private static function side(string $text, array $said): ?Side
    {
        return $text === '' ? Side::Top : Side::tryFrom($said[mb_strtolower(trim($text))] ?? '') ?? Side::read($text);
    }

    /**
     * Words for sides that are in no language known here, each asked once.
     *
     * @param array<string, string> $sides
     * @return list<Problem>
     */
    private function strangeSides(Table $table, HeaderMap $map, array $sides): array
    {
        $words = [];
        foreach ($table->rows as $row) {
            $word = trim($map->cell($row, 'side'));
            if (self::side($word, $sides) === null) {
                $words[$word] = ($words[$word] ?? 0) + 1;
            }
        }

        return array_map(
            static fn(string|int $word, int $count): Problem => new Problem(
                ProblemSeverity::Warning,
                'placement.side-word',
                ['word' => mb_substr((string) $word, 0, 40), 'count' => $count],
                $table->file,
                null,
                $map->header($table->headers, 'side'),
            ),
            array_slice(array_keys($words), 0, self::WORDS),
            array_slice(array_values($words), 0, self::WORDS),
        );
    }

    private static function isPlaced(HeaderMap $map): bool
    {
        return $map->has('designator') && $map->has('x') && $map->has('y');
    }

    /**
     * @param array<string, int> $told columns known by their headers
     * @return list<Problem> a note that says what was guessed
     */
    private function guesses(Table $table, HeaderMap $map, array $told): array
    {
        $guessed = array_diff_key($map->columns, $told);
        $pairs = [];
        foreach ($guessed as $field => $index) {
            $pairs[] = "{$field}: " . mb_substr($table->headers[$index] ?? '', 0, 40);
        }

        return $pairs === []
            ? []
            : [
                new Problem(
                    ProblemSeverity::Warning,
                    'placement.guessed',
                    ['columns' => implode(', ', $pairs)],
                    $table->file,
                ),
            ];
    }

    /**
     * @param list<string> $boards
     * @param list<string> $turned
     * @param array<string, string> $sides
     */
    private function placement(
        Row $row,
        HeaderMap $map,
        Table $table,
        array $boards,
        array $turned,
        array $sides,
    ): Placement|Problem {
        $problem = static fn(string $code, string $field): Problem => new Problem(
            ProblemSeverity::Error,
            $code,
            [
                'text' => mb_substr($map->cell($row, $field), 0, 80),
                'limit' => (int) Limits::PLACE_MM,
                'designator' => $map->cell($row, 'designator'),
            ],
            $table->file,
            $row->number,
            $map->header($table->headers, $field),
        );
        $designator = $map->cell($row, 'designator');
        if ($designator === '') {
            return $problem('placement.no-designator', 'designator');
        }
        $lengths = [];
        foreach (['x', 'y'] as $field) {
            try {
                $lengths[$field] = Length::parse($map->cell($row, $field), $map->unit($field) ?? 'mm')->toFloat();
            } catch (InvalidQuantity) {
                return $problem('placement.coordinate', $field);
            }
            if (abs($lengths[$field]) >= Limits::PLACE_MM) {
                return $problem('placement.too-far', $field);
            }
        }
        $angle = $map->cell($row, 'rotation');
        $angle = rtrim(str_replace(',', '.', $angle === '' ? '0' : $angle), "\u{00B0} ");
        if (!is_numeric($angle) || abs((float) $angle) > self::TURNED) {
            return $problem('placement.rotation', 'rotation');
        }
        $sideText = $map->cell($row, 'side');
        // A word that nobody has explained stands for the top until it is asked.
        $side = self::side($sideText, $sides) ?? Side::Top;
        $board = $map->cell($row, 'board');
        $board = $board === '' ? $boards[0] ?? 'main' : $board;
        if (!in_array($board, $boards, true)) {
            return $problem('placement.board', 'board');
        }
        $rotation = (float) $angle;
        if ($side === Side::Bottom && in_array($board, $turned, true)) {
            $rotation = 180.0 - $rotation;
        }

        return new Placement(
            $designator,
            new Point($lengths['x'], $lengths['y']),
            fmod(fmod($rotation, 360.0) + 360.0, 360.0),
            $side,
            $board,
            $row->number,
        );
    }
}
