<?php

declare(strict_types=1);

namespace Chiralex\Table\Internal;

use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\HeaderMap;

/** What stands above the header of a table: titles and comments; a header may itself be written as a comment. */
final readonly class Preamble
{
    private const COMMENT = '~^\s*(?:#|//|%|\*)~';
    /** Records looked at. */
    private const FIRST = 60;
    private const SEPARATORS = ["\t", ';', ',', '|'];

    public static function isComment(string $line): bool
    {
        return preg_match(self::COMMENT, $line) === 1;
    }

    /** The separator of a text: that of its first line that is no comment, where most others have it too; `' '` for columns set with blanks. */
    public static function separator(string $text): string
    {
        $lines = array_values(
            array_filter(
                array_map(
                    static fn(string $line): string => (string) preg_replace('~"[^"]*"~', '', $line),
                    array_slice(explode("\n", str_replace("\r", "\n", $text)), 0, self::FIRST),
                ),
                static fn(string $line): bool => trim($line) !== '',
            ),
        );
        $plain = array_values(array_filter($lines, static fn(string $line): bool => !self::isComment($line)));
        $lines = $plain === [] ? $lines : $plain;
        $best = null;
        $most = [0, 0];
        foreach (self::SEPARATORS as $candidate) {
            $with = count(array_filter($lines, static fn(string $line): bool => str_contains($line, $candidate)));
            $first = substr_count($lines[0] ?? '', $candidate);
            $rank = $with * 2 >= count($lines) ? [1, $first] : [0, $first];
            if ($with > 0 && $rank > $most) {
                [$best, $most] = [$candidate, $rank];
            }
        }

        return $best ?? (self::isSpaced($lines) ? ' ' : ',');
    }

    /**
     * @param list<list<string>> $records
     * @return array{int, list<string>} index of the header, and its cells without the sign of a comment
     */
    public static function header(array $records): array
    {
        $usual = self::usualCells($records);
        $commented = null;
        foreach (array_slice($records, 0, self::FIRST, true) as $index => $cells) {
            if (trim(implode('', $cells)) === '') {
                continue;
            }
            if (self::isComment($cells[0] ?? '')) {
                $bare = [ltrim((string) ($cells[0] ?? ''), " \t#/%*"), ...array_slice($cells, 1)];
                $commented = count($bare) === $usual && self::known($bare) >= 2 ? [$index, $bare] : $commented;
                continue;
            }
            if (count($cells) * 2 >= $usual) {
                return $commented !== null && self::known($cells) < 2 ? $commented : [$index, $cells];
            }
        }
        $first = 0;
        while (isset($records[$first]) && trim(implode('', $records[$first])) === '') {
            ++$first;
        }

        return $commented ?? [$first, $records[$first] ?? []];
    }

    /**
     * The number of cells that most records have.
     *
     * @param list<list<string>> $records
     */
    private static function usualCells(array $records): int
    {
        $counts = array_count_values(
            array_map(
                count(...),
                array_filter(
                    array_slice($records, 0, self::FIRST),
                    static fn(array $cells): bool => trim(implode('', $cells)) !== '' &&
                        !self::isComment($cells[0] ?? ''),
                ),
            ),
        );
        arsort($counts);

        return (int) (array_key_first($counts) ?? 1);
    }

    /** @param list<string> $cells */
    private static function known(array $cells): int
    {
        $cells = array_map(trim(...), $cells);

        return max(
            count(HeaderMap::guess($cells, HeaderSynonyms::PLACEMENTS)->columns),
            count(HeaderMap::guess($cells, HeaderSynonyms::PARTS)->columns),
        );
    }

    /**
     * Columns set with blanks: four and more words a line, as many on nearly all.
     *
     * @param list<string> $lines
     */
    private static function isSpaced(array $lines): bool
    {
        $counts = array_count_values(
            array_map(static fn(string $line): int => count(preg_split('~\s+~', trim($line)) ?: []), $lines),
        );
        arsort($counts);

        return count($lines) > 1 &&
            (int) array_key_first($counts) >= 4 &&
            (int) reset($counts) * 10 >= count($lines) * 9;
    }
}
