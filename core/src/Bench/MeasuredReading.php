<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Kit\Kit;
use Chiralex\Kit\PilotEntry;
use Chiralex\Quantity\MeasuredValue;
use Chiralex\Quantity\Prefix;

/** What a pilot build read at a test, against the range it should lie in. */
final readonly class MeasuredReading
{
    /**
     * @param int $row of pilot.csv, from 1
     * @param string $text as logged
     * @param ?float $value in the plain unit; null where the text is no number
     * @param ?bool $passes null where there is no range or no number
     */
    private function __construct(
        public int $row,
        public int $build,
        public string $text,
        public ?float $value,
        public ?bool $passes,
    ) {}

    /** @return list<self> in the order they were logged */
    public static function of(Kit $kit, Checked $checked): array
    {
        $readings = [];
        foreach ($kit->logs->pilot as $index => $entry) {
            if ($entry->reading !== '' && $entry->step === PilotEntry::READING . $checked->test->name) {
                $value = self::value($entry->reading, $checked);
                $range = $checked->range();
                $readings[] = new self(
                    $index + 1,
                    $entry->build,
                    $entry->reading,
                    $value,
                    $value === null || $range === null ? null : $range->contains($value),
                );
            }
        }

        return $readings;
    }

    /** A bare number carries the prefix in which the range is printed. */
    private static function value(string $text, Checked $checked): ?float
    {
        return MeasuredValue::read($text)?->value(self::printedPower($checked));
    }

    private static function printedPower(Checked $checked): int
    {
        $range = $checked->range();
        if (
            preg_match(
                '~(?<![A-Za-z])(p|n|u|\x{00B5}|m|k|M)(?:V|A|Hz|s|ohm|\x{03A9}|F|H|W)\s*(?:=|$)~u',
                $checked->test->expect,
                $found,
            ) === 1
        ) {
            return (Prefix::ofReading($found[1]) ?? Prefix::One)->value;
        }
        $typed = $checked->reading === null || $checked->expectation?->range !== null;
        $size =
            $range === null
                ? 0.0
                : max(array_map(abs(...), array_filter([$range->low, $range->high], is_finite(...))) ?: [0.0]);

        return $typed || $checked->unit() === '' ? 0 : Prefix::forSize($size)->value;
    }
}
