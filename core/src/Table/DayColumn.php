<?php

declare(strict_types=1);

namespace Chiralex\Table;

/**
 * Days as a column writes them: the year first, else day or month first. Whether 03/04/2026 is in March or April no cell says by
 * itself; one cell of the column that can be read in one way only decides for all of them.
 */
final readonly class DayColumn
{
    private const YEAR_FIRST = '~^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ].*)?$~';
    private const YEAR_LAST = '~^(\d{1,2})([-/.])(\d{1,2})\2(\d{4}|\d{2})(?:[T, ].*)?$~';

    /** @param ?bool $dayFirst null where the column leaves it open */
    private function __construct(public ?bool $dayFirst) {}

    /**
     * @param list<string> $cells
     * @param ?bool $said what somebody said of it; counts where the cells leave it open
     */
    public static function of(array $cells, ?bool $said = null): self
    {
        $may = [true => true, false => true];
        foreach ($cells as $cell) {
            if (preg_match(self::YEAR_LAST, trim($cell), $found) !== 1) {
                continue;
            }
            // Points stand between day and month where people write the day first.
            $may[true] = $may[true] && (int) $found[3] <= 12;
            $may[false] = $may[false] && (int) $found[1] <= 12 && $found[2] !== '.';
        }

        return new self($may[true] === $may[false] ? $said : $may[true]);
    }

    /** @return ?string as 2026-11-25; null where the cell holds no day, or one that can be read in two ways */
    public function day(string $cell): ?string
    {
        if (preg_match(self::YEAR_FIRST, trim($cell), $found) === 1) {
            return self::valid((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match(self::YEAR_LAST, trim($cell), $found) !== 1) {
            return null;
        }
        $year = (int) $found[4] + (strlen($found[4]) === 2 ? 2000 : 0);
        [$one, $two] = [(int) $found[1], (int) $found[3]];
        if ($one === $two) {
            return self::valid($year, $one, $two);
        }

        return match ($this->dayFirst) {
            true => self::valid($year, $two, $one),
            false => self::valid($year, $one, $two),
            null => null,
        };
    }

    /** True when a cell is a day that can be read in two ways. */
    public function isOpen(string $cell): bool
    {
        return $this->dayFirst === null &&
            preg_match(self::YEAR_LAST, trim($cell), $found) === 1 &&
            $found[1] !== $found[3] &&
            max((int) $found[1], (int) $found[3]) <= 12;
    }

    private static function valid(int $year, int $month, int $day): ?string
    {
        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }
}
