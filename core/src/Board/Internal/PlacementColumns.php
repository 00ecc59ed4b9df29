<?php

declare(strict_types=1);

namespace Chiralex\Board\Internal;

use Chiralex\Board\Side;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Chiralex\Table\HeaderMap;
use Chiralex\Table\Table;

/**
 * Columns of a placement table whose headers are not known, by what stands in them: names of parts, two columns of lengths,
 * an angle, words for sides. What is found so is a guess.
 */
final readonly class PlacementColumns
{
    /** Share of cells that have to be what the column is taken for. */
    private const MOST = 0.9;
    private const NAME = '~^[A-Z]{1,4}\d+[A-Z]?$~i';
    /** Full turn, degrees. */
    private const TURN = 360.0;

    public function __construct(private Table $table) {}

    /** The same map with what is missing filled in; unchanged where the places cannot be found. */
    public function completed(HeaderMap $map): HeaderMap
    {
        $taken = $map->columns;
        $find = function (string $field, callable $fits, ?callable $also = null) use (&$taken): void {
            foreach (array_keys($this->table->headers) as $index) {
                $isOpen = !isset($taken[$field]) && !in_array($index, $taken, true);
                if ($isOpen && $this->fits($index, $fits) && ($also === null || $also($index) === true)) {
                    $taken[$field] = $index;
                }
            }
        };
        $find('designator', static fn(string $cell): bool => preg_match(self::NAME, $cell) === 1);
        foreach (['x', 'y'] as $field) {
            foreach ($this->table->headers as $index => $header) {
                $isNamed = preg_match("~(?<![a-z]){$field}(?![a-z])|^{$field}|{$field}\$~i", trim($header)) === 1;
                if ($isNamed && !isset($taken[$field]) && !in_array($index, $taken, true)) {
                    $taken = $this->fits($index, self::isLength(...)) ? [...$taken, $field => $index] : $taken;
                }
            }
        }
        // Parts do not all stand in one place: a column of one number is a count or an angle.
        $differ = fn(int $index): bool => $this->differs($index);
        $find('x', self::isLength(...), $differ);
        $find('y', self::isLength(...), $differ);
        $find('side', static fn(string $cell): bool => !is_numeric($cell) && Side::read($cell) !== null);
        $find('rotation', self::isUsualAngle(...));
        $find('rotation', self::isAngle(...), $differ);

        return isset($taken['designator'], $taken['x'], $taken['y']) ? $map->with($taken, $this->table->headers) : $map;
    }

    /** @param callable(string): bool $fits */
    private function fits(int $column, callable $fits): bool
    {
        $cells = $fitting = 0;
        foreach ($this->table->rows as $row) {
            $cell = trim($row->cell($column));
            $cells += $cell === '' ? 0 : 1;
            $fitting += $cell !== '' && $fits($cell) ? 1 : 0;
        }

        return $cells > 0 && $fitting >= self::MOST * max($cells, count($this->table->rows) * self::MOST);
    }

    private function differs(int $column): bool
    {
        $cells = [];
        foreach ($this->table->rows as $row) {
            $cells[trim($row->cell($column))] = true;
        }

        return count($cells) > 1 || count($this->table->rows) < 2;
    }

    private static function isLength(string $cell): bool
    {
        try {
            Length::parse($cell, 'mm');

            return true;
        } catch (InvalidQuantity) {
            return false;
        }
    }

    /** Most parts stand in steps of 15 degrees; a count seldom does. */
    private static function isUsualAngle(string $cell): bool
    {
        return self::isAngle($cell) && abs(fmod((float) str_replace(',', '.', $cell), 15.0)) < 1e-9;
    }

    private static function isAngle(string $cell): bool
    {
        $angle = rtrim(str_replace(',', '.', $cell), "\u{00B0} ");

        return is_numeric($angle) && abs((float) $angle) <= self::TURN;
    }
}
