<?php

declare(strict_types=1);

namespace Chiralex\Fault\Data;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Symptom;

/** Chance that a fault of a class shows a general symptom, where it sits in a place that can show it; common practice, no source. */
final readonly class Shown
{
    /** In a block of the symptom, in one that feeds it, elsewhere: of general symptoms as factors, of the kit's own as chances. */
    public const HERE = 0.8;
    public const FEEDS = 0.5;
    public const ELSEWHERE = 0.005;
    public const FACTOR_FEEDS = 0.6;

    private const ORDER = [
        Symptom::Nothing,
        Symptom::Noise,
        Symptom::LightNoSound,
        Symptom::SoundNoLight,
        Symptom::LampDark,
        Symptom::Dies,
        Symptom::Hot,
        Symptom::Frequency,
        Symptom::Unstable,
        Symptom::CannotAdjust,
    ];
    private const CHANCES = [
        'reversed' => [0.5, 0.2, 0.5, 0.6, 0.7, 0.3, 0.4, 0.1, 0.1, 0.2],
        'swapped' => [0.2, 0.2, 0.3, 0.2, 0.2, 0.1, 0.1, 0.7, 0.2, 0.6],
        'wrong-hole' => [0.5, 0.2, 0.5, 0.4, 0.5, 0.1, 0.2, 0.3, 0.2, 0.3],
        'dry-joint' => [0.4, 0.4, 0.5, 0.5, 0.5, 0.3, 0.02, 0.1, 0.8, 0.2],
        'bridge' => [0.5, 0.3, 0.5, 0.4, 0.4, 0.3, 0.5, 0.2, 0.2, 0.2],
        'left-out' => [0.5, 0.2, 0.5, 0.5, 0.5, 0.05, 0.05, 0.3, 0.2, 0.3],
        'wires-swapped' => [0.5, 0.4, 0.5, 0.4, 0.4, 0.2, 0.4, 0.1, 0.1, 0.1],
        'badly-seated' => [0.6, 0.3, 0.6, 0.3, 0.4, 0.2, 0.1, 0.2, 0.5, 0.2],
        'end-stop' => [0.1, 0.1, 0.3, 0.1, 0.1, 0.05, 0.2, 0.5, 0.1, 0.6],
        'supply' => [0.7, 0.3, 0.2, 0.2, 0.3, 0.5, 0.2, 0.2, 0.5, 0.2],
        'faulty' => [0.4, 0.2, 0.4, 0.5, 0.5, 0.4, 0.3, 0.2, 0.3, 0.2],
        'wrong-part' => [0.3, 0.2, 0.3, 0.3, 0.3, 0.2, 0.3, 0.6, 0.2, 0.5],
        'own' => [0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3],
        'none' => [0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3],
    ];

    /** @return ?float null for what is no symptom of a circuit */
    public static function chance(Cause $class, Symptom $symptom): ?float
    {
        $at = array_search($symptom, self::ORDER, true);

        return $at === false ? null : self::CHANCES[$class->value][$at] ?? null;
    }

    /** @return list<Symptom> those that a circuit shows */
    public static function symptoms(): array
    {
        return self::ORDER;
    }

    /** True for a mechanism, which no place tells: heat, a sudden end, now and then. */
    public static function isMechanism(Symptom $symptom): bool
    {
        return in_array($symptom, [Symptom::Hot, Symptom::Dies, Symptom::Unstable], true);
    }
}
