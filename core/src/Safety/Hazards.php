<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Bom\Designators;
use Chiralex\Bom\Line;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartCount;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Quantity\Rating;
use Chiralex\Quantity\RatingUnit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Safety\Data\Limits;

/** The hazards of a kit, from its parts, its supply, its work and its maker's answers; what shows a hazard is common practice. */
final readonly class Hazards
{
    /** Words of a parts list that show a hazard. */
    private const WORDS = [
        'coin-cell' => '~\b(?:[CB]R ?(?:1[26]|20|24)\d\d|LR44|coin cell|button cell)\b~i',
        'mains' => '~\b(?:mains|230 ?V ?(?:AC)?|240 ?V ?AC|115 ?V ?AC|120 ?V ?AC|110 ?V ?AC)\b~i',
        'strong-field' => '~\b(?:electromagnet|solenoid|induction coil|degauss\w*)\b~i',
        'radio' => '~\b(?:transmitter|transceiver|antenna|(?:433|868|915) ?MHz|2\.4 ?GHz)\b~i',
        'laser' => '~\blaser\b~i',
        'bright-light' => '~\b(?:ultraviolet|UV LED|infrared|power LED|ultra-?bright)\b~i',
        'small-magnets' => '~\b(?<!electro)magnets?\b(?! wire)~i',
        'glue' => '~\b(?:glue|adhesive|epoxy|superglue|cyanoacrylate|varnish|resin)\b~i',
        'drilling' => '~\b(?:undrilled|plain box|to be drilled|drill it)\b~i',
    ];
    /** Watts from which a part gets too hot to touch. */
    private const HOT = 1.0;
    /** Watts from which an LED is too bright to look into. */
    private const BRIGHT = 0.5;

    /** @return list<FoundHazard> every hazard there is, in the order of the enum */
    public static function of(Kit $kit): array
    {
        $shown = self::shown($kit);

        return array_map(
            static fn(Hazard $hazard): FoundHazard => new FoundHazard(
                $hazard,
                $shown[$hazard->value] ?? [],
                in_array($hazard, $kit->nature->hazards, true),
                $kit->nature->ruledOut[$hazard->value] ?? null,
            ),
            Hazard::cases(),
        );
    }

    /** @return list<Hazard> those whose caution is printed */
    public static function applying(Kit $kit): array
    {
        return array_values(
            array_map(
                static fn(FoundHazard $found): Hazard => $found->hazard,
                array_filter(self::of($kit), static fn(FoundHazard $found): bool => $found->applies()),
            ),
        );
    }

    /** Mains or high voltage, said or shown by supply and words: a supply figure tells nothing of the voltages inside. */
    public static function isLive(Kit $kit): bool
    {
        if (
            array_intersect(
                ['mains', 'high-voltage'],
                array_map(static fn(Hazard $each): string => $each->value, $kit->nature->hazards),
            ) !== [] ||
            self::voltages($kit) !== []
        ) {
            return true;
        }
        foreach ($kit->parts as $part) {
            if ($part->supply->isBuilt() && preg_match(self::WORDS['mains'], self::text($part->line)) === 1) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, list<Reason>> */
    private static function shown(Kit $kit): array
    {
        $shown = [
            Hazard::SmallParts->value => [new Reason('safety.loose-parts', ['count' => PartCount::of($kit)->pieces])],
        ];
        foreach ($kit->parts as $part) {
            foreach (self::ofPart($kit, $part) as $hazard => $reason) {
                $shown[$hazard][] = $reason;
            }
        }
        foreach (self::voltages($kit) as $hazard => $reason) {
            $shown[$hazard][] = $reason;
        }
        foreach (StoredCharges::of($kit) as $charge) {
            if ($charge->isHazard()) {
                $shown[Hazard::StoredCharge->value][] = new Reason(
                    'safety.charge',
                    [
                        'designator' => $charge->designator,
                        'volts' => round($charge->volts, 1),
                        'joules' => self::round($charge->joules()),
                        'microcoulombs' => self::round($charge->coulombs() * 1e6),
                    ],
                    $charge->origin,
                );
            }
        }
        foreach ($kit->work->groups->cures as $cure) {
            $shown[Hazard::Glue->value][] = new Reason(
                'safety.cure',
                ['cure' => $cure->name, 'hours' => $cure->hours],
                Origin::KitFile,
            );
        }

        return $shown;
    }

    /** @return array<string, Reason> */
    private static function ofPart(Kit $kit, KitPart $part): array
    {
        if (!$part->supply->isBuilt() && !$part->row->is(Role::HoldsBattery)) {
            return [];
        }
        $found = [];
        $text = self::text($part->line);
        foreach (self::WORDS as $hazard => $words) {
            if (preg_match($words, $text, $word) === 1) {
                $found[$hazard] = new Reason(
                    'safety.word',
                    ['designator' => self::called($part), 'word' => $word[0]],
                    Origin::PartsList,
                );
            }
        }
        $watts = Rating::find($text, RatingUnit::Watt)?->toFloat() ?? 0.0;
        $what = match (true) {
            $part->row->is(Role::HoldsBattery) => Hazard::Battery,
            $part->kind() === Kind::HeatSink => Hazard::Hot,
            $part->kind() === Kind::Resistor && $watts >= self::HOT => Hazard::Hot,
            $part->kind() === Kind::Led && $watts >= self::BRIGHT => Hazard::BrightLight,
            default => null,
        };
        if ($what !== null) {
            $found[$what->value] ??= new Reason('safety.kind', [
                'designator' => self::called($part),
                'value' => $part->line->cells->value,
            ]);
        }

        return $found;
    }

    /** @return array<string, Reason> the supply and what the maker declared across parts, against the limits of extra-low voltage */
    private static function voltages(Kit $kit): array
    {
        $alternating = $kit->nature->power !== null && $kit->nature->power->alternating;
        $most = ['volts' => $kit->nature->power->mostVolts ?? 0.0, 'where' => 'supply'];
        $limit = $alternating ? Limits::ELV_AC : Limits::ELV_DC;
        $found = $most['volts'] > $limit ? $most : null;
        foreach (array_keys($kit->nature->circuit->across) as $name) {
            $volts = abs($kit->nature->circuit->volts((string) $name) ?? 0.0);
            if ($volts > Limits::ELV_DC && ($found === null || $volts > $found['volts'])) {
                [$found, $limit] = [['volts' => $volts, 'where' => (string) $name], Limits::ELV_DC];
            }
        }

        return $found === null
            ? []
            : [
                Hazard::HighVoltage->value => new Reason(
                    'safety.over-elv',
                    $found + ['limit' => $limit, 'current' => $limit === Limits::ELV_AC ? 'AC' : 'DC'],
                    Origin::Standard,
                ),
            ];
    }

    private static function text(Line $line): string
    {
        return "{$line->cells->value} {$line->cells->description} {$line->cells->package} {$line->cells->note}";
    }

    private static function called(KitPart $part): string
    {
        return !Designators::isNamed($part->designator) ? $part->line->cells->value : $part->designator;
    }

    private static function round(float $value): float
    {
        return (float) sprintf('%.3g', $value);
    }
}
