<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Kit\Kit;
use Chiralex\Kit\Meter;
use Chiralex\Kit\PowerIn;
use Chiralex\Kit\Test;

/** Tests a maker has not written and a careful builder makes: no short before the first power. */
final readonly class Proposals
{
    /** Below this much of the resistance the kit shows at full current something is bridged; common practice, no source. */
    private const SHARE = 0.5;
    /** Ohms that are always plenty. */
    private const PLENTY = 100.0;

    /** @return list<Test> for each gate that is measured under power and not without; for a kit without gates where its power comes in */
    public static function of(Kit $kit): array
    {
        $proposals = [];
        foreach ($kit->work->gates as $gate) {
            $own = array_filter($kit->work->tests, static fn(Test $test): bool => $test->gate === $gate->name);
            $off = array_filter($own, static fn(Test $test): bool => $test->power === 'off');
            $points = array_values($own)[0]->points ?? [];
            if ($off === [] && count($points) === 2) {
                $proposals[] = self::noShort("{$gate->name}, no short", $gate->name, $points, self::least($kit));
            }
        }
        $terminals = self::isOpen($kit) ? PowerIn::of($kit)->terminals($kit) : [];

        return $terminals === []
            ? $proposals
            : [...$proposals, self::noShort('no short', null, $terminals, self::least($kit))];
    }

    /** Ohms from supply to ground that a healthy kit shows at least: half of volts over amperes, two figures, a hundred at most. */
    public static function least(Kit $kit): float
    {
        $power = $kit->nature->power;
        $ohms =
            $power === null || $power->amps === null || $power->amps <= 0.0
                ? self::PLENTY
                : min(self::PLENTY, (self::SHARE * $power->leastVolts) / $power->amps);
        $step = 10 ** max(0, (int) floor(log10(max(1.0, $ohms))) - 1);

        return max(1.0, floor($ohms / $step) * $step);
    }

    /** A kit that is switched on with no gate before, and that nobody measures before that. */
    private static function isOpen(Kit $kit): bool
    {
        return $kit->nature->power !== null &&
            !$kit->nature->power->alternating &&
            $kit->work->gates === [] &&
            array_filter($kit->work->tests, static fn(Test $test): bool => $test->power === 'off') === [];
    }

    /** @param list<string> $points */
    private static function noShort(string $name, ?string $gate, array $points, float $ohms): Test
    {
        return new Test(
            $name,
            $gate,
            'off',
            new Meter(settings: "200 \u{03A9} range"),
            $points,
            "> {$ohms} ohm",
            null,
            'look for a bridge of solder, and for a part the wrong way round',
        );
    }
}
