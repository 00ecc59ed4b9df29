<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Limits;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;

/** Reads a designator cell: lists and ranges such as `R1-R4`, `R1..R4`, `C1, C3-5`. */
final readonly class Designators
{
    /** False for `~7`, by which a row goes that names no part: the seventh of its list. */
    public static function isNamed(string $designator): bool
    {
        return $designator !== '' && !str_starts_with($designator, '~');
    }

    /**
     * @param list<string> $names in the order written, each once or as often as written
     * @param list<Problem> $problems without place
     */
    private function __construct(public array $names, public array $problems) {}

    public static function read(string $cell): self
    {
        $names = [];
        $problems = [];
        $cell = (string) preg_replace(
            '~\s*(-|\x{2013}|\.\.+|\x{2026}|\bto\b|\bbis\b)\s*(?=[A-Za-z_]*\d)~u',
            '~',
            $cell,
        );
        foreach (preg_split('~[\s,;+/&]+~u', trim($cell), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $token) {
            $found = self::token($token);
            if ($found === null) {
                $problems[] = new Problem(ProblemSeverity::Error, 'bom.designator', [
                    'text' => str_replace('~', '-', $token),
                ]);
                continue;
            }
            array_push($names, ...$found);
            if (count($names) > Limits::PARTS_READ) {
                break;
            }
        }

        return new self($names, $problems);
    }

    /** The letters before the number: `XU` of `XU1`. */
    public static function prefix(string $designator): string
    {
        return preg_match('~^([A-Za-z_]+)~', $designator, $found) === 1 ? strtoupper($found[1]) : '';
    }

    /** Natural order: R2 before R10. */
    public static function compare(string $a, string $b): int
    {
        return strnatcasecmp($a, $b) ?: strcmp($a, $b);
    }

    /** @return ?list<string> */
    private static function token(string $token): ?array
    {
        if (preg_match('~^[A-Za-z_][A-Za-z_0-9.]*$~', $token) === 1) {
            return [$token];
        }
        if (preg_match('~^([A-Za-z_]+)(\d+)\~([A-Za-z_]*)(\d+)$~', $token, $found) !== 1) {
            return null;
        }
        [$from, $to] = [(int) $found[2], (int) $found[4]];
        if (
            ($found[3] !== '' && strcasecmp($found[3], $found[1]) !== 0) ||
            $to < $from ||
            $to - $from >= Limits::PARTS_READ
        ) {
            return null;
        }

        return array_map(static fn(int $number): string => $found[1] . $number, range($from, $to));
    }
}
