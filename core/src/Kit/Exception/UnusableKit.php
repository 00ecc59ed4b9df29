<?php

declare(strict_types=1);

namespace Chiralex\Kit\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** A kit folder that cannot be read at all; the message names file, place and what to do. */
final class UnusableKit extends RuntimeException implements ChiralexException
{
    /**
     * @param ?string $place in the kit file, where one value of it is wrong
     * @param ?string $wanted what would fit there
     */
    private function __construct(
        string $message,
        public readonly bool $isLimit = false,
        public readonly ?string $place = null,
        public readonly ?string $wanted = null,
    ) {
        parent::__construct($message);
    }

    public static function noPartsList(): self
    {
        return new self('No parts list: the kit folder holds no bom.csv (bom.tsv and bom.xlsx are read too). Add one.');
    }

    public static function notJson(string $why): self
    {
        return new self(
            sprintf(
                'kit.json is not valid JSON: %s. Save the kit again where it came from, or leave this file out and enter its facts in the rooms.',
                $why,
            ),
        );
    }

    public static function unknownField(string $path, string $known): self
    {
        return new self(
            mb_strimwidth(
                sprintf(
                    'kit.json: unknown field "%s"; remove it or correct its spelling (known here: %s).',
                    mb_strimwidth($path, 0, 80, '...'),
                    $known,
                ),
                0,
                290,
                '...',
            ),
            place: $path,
            wanted: "left out; there is {$known}",
        );
    }

    public static function wrongType(string $path, string $wanted): self
    {
        return new self(
            mb_strimwidth(sprintf('kit.json: "%s" must be %s.', $path, $wanted), 0, 290, '...'),
            place: $path,
            wanted: $wanted,
        );
    }

    public static function tooLarge(int $bytes, int $limit): self
    {
        return new self(
            sprintf(
                'kit.json is %.1f MB; the limit is %d MB. Take out what does not belong to the kit.',
                $bytes / 1_048_576,
                intdiv($limit, 1_048_576),
            ),
        );
    }

    /** @param string $limit in words, `below 2,000 mm` */
    public static function beyond(string $path, string $limit): self
    {
        return new self(
            mb_strimwidth(sprintf('kit.json: "%s" must be %s.', $path, $limit), 0, 290, '...'),
            true,
            $path,
            $limit,
        );
    }

    public static function tooManyParts(int $count, string $what, int $limit): self
    {
        return new self(
            sprintf(
                'The kit has %s %s; a kit that is kept has at most %s. Split it into two kits.',
                number_format($count),
                $what,
                number_format($limit),
            ),
        );
    }

    public static function shortOutline(int $corners): self
    {
        return new self(
            sprintf('kit.json: the outline of a board has %d corners; give at least three as [x, y].', $corners),
        );
    }

    public static function unknownOption(string $option, string $known): self
    {
        return new self(
            mb_strimwidth(
                sprintf('Option "%s" is none of this kit (its options: %s).', $option, $known === '' ? 'none' : $known),
                0,
                290,
                '...',
            ),
        );
    }

    public static function hangsOnItself(string $board): self
    {
        return new self(
            sprintf(
                'kit.json: board "%s" hangs on itself; say which other it hangs on.',
                mb_strimwidth($board, 0, 60, '...'),
            ),
        );
    }

    public static function unknownBoard(string $board, string $known): self
    {
        return new self(
            mb_strimwidth(sprintf('Board "%s" is none of this kit (its boards: %s).', $board, $known), 0, 290, '...'),
        );
    }
}
