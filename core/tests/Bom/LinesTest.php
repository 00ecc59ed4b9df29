<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bom;

use Chiralex\Kit\KitPart;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Lines of parts lists as they look, in six languages and the habits of many editors; all invented here, what each names is
 * common practice of the trade. `lines/before.txt` was written before recognition was tuned to lines like these,
 * `lines/after.txt` afterwards and without looking at what is read of them.
 */
final class LinesTest extends TestCase
{
    private const RIGHT = 0.97;
    private const WRONG = 0.005;

    /** @return iterable<string, array{string}> */
    public static function halves(): iterable
    {
        yield 'written before any tuning' => ['before'];
        yield 'written after it' => ['after'];
    }

    #[DataProvider('halves')]
    public function test_what_a_line_names_is_found_and_what_is_not_sure_is_asked(string $half): void
    {
        $lines = self::lines($half);
        $open = $wrong = [];
        foreach ($lines as $name => $line) {
            $told = self::judge($line);
            if ($told !== '') {
                str_starts_with($told, 'asks') ? ($open[] = "{$name}: {$told}") : ($wrong[] = "{$name}: {$told}");
            }
        }
        $count = count($lines);
        $right = $count - count($open) - count($wrong);
        $figures = "{$half}: {$right} of {$count} right, " . count($open) . ' asked, ' . count($wrong) . ' wrong';
        if (getenv('CHIRALEX_SHOW') !== false) {
            fwrite(STDERR, "\n{$figures}\n" . implode("\n", [...$wrong, ...$open]) . "\n");
        }

        self::assertGreaterThanOrEqual(190, $count);
        self::assertLessThanOrEqual(self::WRONG, count($wrong) / $count, "{$figures}\n" . implode("\n", $wrong));
        self::assertGreaterThanOrEqual(self::RIGHT, $right / $count, "{$figures}\n" . implode("\n", $open));
    }

    /**
     * @param list<string> $line
     * @return string empty where all is right; begins with `asks` where a question is put
     */
    private static function judge(array $line): string
    {
        [$name, $value, $package, $description, $kind, $outline, $pins, $plain, $polar] = $line;
        $part = self::part($name, $value, $package, $description);
        if ($part->recognition->needsAnswer()) {
            return $kind === '?' ? '' : "asks, guesses {$part->kind()->value}";
        }
        $found = [
            'kind' => [$kind, $part->kind()->value],
            'outline' => [$outline, $part->shape->outline->name],
            'pins' => [$pins, (string) count($part->shape->outline->pins)],
            'value' => [$plain, $part->recognition->value?->value->plain() ?? '-'],
            'polarised' => [$polar, $part->direction->polarised ? 'yes' : 'no'],
        ];
        $faults = [];
        foreach ($found as $field => [$expected, $read]) {
            if ($expected !== '*' && $expected !== $read) {
                $faults[] = "{$field} {$read}, not {$expected}";
            }
        }

        return implode('; ', $faults);
    }

    private static function part(string $name, string $value, string $package, string $description): KitPart
    {
        $cells = array_map(static fn(string $cell): string => '"' . str_replace('"', '""', $cell) . '"', [
            $name === '~' ? '' : $name,
            $value,
            $package,
            $description,
        ]);
        $kit = (new KitReader())->read([
            'bom.csv' => "Reference,Value,Package,Description\n" . implode(',', $cells) . "\n",
        ]);

        return array_values($kit->parts)[0] ?? self::fail("no part in {$name} {$value}");
    }

    /** @return array<string, list<string>> by name */
    private static function lines(string $half): array
    {
        $lines = [];
        foreach ((array) file(__DIR__ . "/lines/{$half}.txt", FILE_IGNORE_NEW_LINES) as $line) {
            if ($line !== '' && !str_starts_with((string) $line, '#')) {
                $cells = array_map(trim(...), explode('|', (string) $line));
                self::assertCount(10, $cells, (string) $line);
                self::assertArrayNotHasKey($cells[0], $lines);
                $lines[$cells[0]] = array_slice($cells, 1);
            }
        }

        return $lines;
    }
}
