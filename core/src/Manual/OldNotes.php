<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Bom\Designators;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\OldParagraph;
use Chiralex\Part\Kind;

/** Sorts the paragraphs of old manuals by the parts they name and the readings they tell. */
final readonly class OldNotes
{
    private const NUMBER = '[-+]?\d+(?:[.,]\d+)?';
    private const UNIT = '(?:(?:volts?|mV|V|mA|[kM]?(?:Ω|ohms?)|k?Hz)(?!\pL))';
    private const MEASURED = '~\b(?:measure|reading|reads?\b|meter|multimeter|volt|check that|expect|messen|misst|anzeig|zeigt|mesur)~iu';

    /** @return list<OldNote> in the order of the files */
    public static function of(Kit $kit, ?BuildOrder $order): array
    {
        $numbers =
            $order === null
                ? []
                : array_map(static fn(int $index): int => $order->steps[$index]->number, $order->stepOf());

        return array_map(
            static fn(OldParagraph $paragraph): OldNote => self::note($paragraph, $kit, $numbers),
            $kit->logs->oldTexts,
        );
    }

    /** @param array<string, int> $numbers step of each part */
    private static function note(OldParagraph $paragraph, Kit $kit, array $numbers): OldNote
    {
        $named = array_values(
            array_filter(self::names($paragraph->text), static fn(string $name): bool => $kit->part($name) !== null),
        );
        $count = [];
        foreach ($named as $name) {
            if (isset($numbers[$name])) {
                $count[$numbers[$name]] = ($count[$numbers[$name]] ?? 0) + 1;
            }
        }
        ksort($count);
        arsort($count);
        $expect = preg_match(self::MEASURED, $paragraph->text) === 1 ? self::expect($paragraph->text) : '';

        return new OldNote(
            $paragraph,
            $named,
            array_key_first($count),
            $expect === '' ? [] : self::points($named, $kit),
            $expect,
        );
    }

    /** @return list<string> designators and ranges of a text, each once */
    public static function names(string $text): array
    {
        preg_match_all(
            '~(?<![\w.])[A-Z]{1,4}\d{1,3}(?:\s?(?:-|–|to|bis)\s?(?:[A-Z]{1,4})?\d{1,3})?(?!\w)~u',
            $text,
            $found,
        );
        $names = [];
        foreach ($found[0] as $each) {
            $list = (string) preg_replace('~\s?(?:–|to|bis|-)\s?~u', '-', $each);
            array_push($names, ...Designators::read($list)->names);
        }

        return array_values(array_unique($names));
    }

    /** A range, a limit or a rounded value with its unit, as a test takes it. */
    private static function expect(string $text): string
    {
        [$number, $unit] = [self::NUMBER, self::UNIT];
        $plain = static fn(string $value): string => str_replace(',', '.', $value);
        $named = static fn(string $each): string => match (true) {
            preg_match('~^(?:volts?|v)$~i', $each) === 1 => 'V',
            default => (string) preg_replace('~Ω|ohms?~iu', 'ohm', $each),
        };
        if (
            preg_match(
                "~({$number})\s*{$unit}?\s*(?:to|bis|and|und|à|-|–|…|\.\.\.?)\s*({$number})\s*({$unit})~iu",
                $text,
                $found,
            ) === 1
        ) {
            return "{$plain($found[1])} to {$plain($found[2])} {$named($found[3])}";
        }
        if (
            preg_match(
                "~(?:more than|over|above|at least|mehr als|über|mindestens|>)\s*({$number})\s*({$unit})~iu",
                $text,
                $found,
            ) === 1
        ) {
            return "> {$plain($found[1])} {$named($found[2])}";
        }
        if (
            preg_match(
                "~(?:less than|under|below|at most|weniger als|unter|höchstens|<)\s*({$number})\s*({$unit})~iu",
                $text,
                $found,
            ) === 1
        ) {
            return "< {$plain($found[1])} {$named($found[2])}";
        }

        return preg_match("~({$number})\s*({$unit})(?!\w)~iu", $text, $found) === 1
            ? "about {$plain($found[1])} {$named($found[2])}"
            : '';
    }

    /**
     * Where it measures: the test points it names, else its first two parts.
     *
     * @param list<string> $named
     * @return list<string>
     */
    private static function points(array $named, Kit $kit): array
    {
        $points = array_values(
            array_filter(
                $named,
                static fn(string $name): bool => str_starts_with($name, 'TP') ||
                    $kit->part($name)?->kind() === Kind::PinHeader,
            ),
        );

        return array_slice($points === [] ? $named : $points, 0, 2);
    }
}
