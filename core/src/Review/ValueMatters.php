<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Twins;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Role;
use Chiralex\Quantity\Series;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Values that no shop keeps, and values the maker has forbidden in that place. */
final readonly class ValueMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $matters = $odd = [];
        foreach ($subject->kit->parts as $part) {
            if (!$part->supply->isOnBoard()) {
                continue;
            }
            $value = $part->recognition->value?->value;
            if (
                $value !== null &&
                $part->row->is(Role::PreferredValue) &&
                !$value->amount->isZero() &&
                !self::isWound($part) &&
                !Series::isUsual($value) &&
                !Series::E192->has($value)
            ) {
                $odd["{$part->line->row}"][] = $part;
            }
            foreach ($part->notes->forbidden as $forbidden) {
                if (self::plain($forbidden) === self::plain($part->line->cells->value)) {
                    $why = Twins::of($forbidden)[0]->code ?? '';
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Parts,
                        'parts.forbidden-value',
                        ['designator' => $part->designator, 'value' => $part->line->cells->value, 'why' => $why],
                        [$part->designator],
                    );
                }
            }
        }
        foreach ($odd as $parts) {
            $matters[] = $this->odd($parts);
        }

        return $matters;
    }

    /** @param non-empty-list<KitPart> $parts of one row */
    private function odd(array $parts): Matter
    {
        $names = array_map(static fn(KitPart $part): string => $part->designator, $parts);
        $read = $parts[0]->recognition->value;
        $value = $read?->value;
        $tight = in_array($parts[0]->tolerance(), ['1', '2', '0.5', '0.25', '0.1'], true);
        $series = $tight ? Series::E96 : Series::E24;

        return new Matter(
            MatterSeverity::Note,
            Station::Parts,
            'parts.not-preferred',
            [
                'designators' => $names,
                'value' => $value?->display() ?? '',
                'series' => $series->name,
                'nearest' => $value === null ? '' : $series->nearest($value)->display(),
            ],
            $names,
        );
    }

    /** A coil wound by hand has the inductance of its turns, which stands in no series. */
    private static function isWound(KitPart $part): bool
    {
        $cells = $part->line->cells;

        return preg_match(
            '~wound|turns?\b|gewickelt|windung|bobin~ui',
            "{$cells->value} {$cells->description} {$cells->note}",
        ) === 1;
    }

    private static function plain(string $text): string
    {
        return mb_strtolower((string) preg_replace('~\s+~u', '', $text));
    }
}
