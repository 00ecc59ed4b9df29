<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\BuildOrder;
use Chiralex\Reason\Reason;

/**
 * What a builder reads of the cautions at each step: each in full once, before its harm; then short, and only where its harm
 * comes again. What can kill is said in full once more at the first place where it can. Common practice, no source.
 */
final readonly class CautionTrail
{
    /** Said in front of the manual and at the first step; after that a builder knows. */
    private const WORKSHOP = ['caution.iron', 'caution.lead', 'caution.eyes'];
    /** Said where they come first, and no more. */
    private const FIRST = ['caution.vent', 'caution.hot', 'caution.light', 'caution.field', 'caution.drilling'];
    private const DEADLY = ['caution.mains', 'caution.charge', 'caution.charge-wait', 'caution.charge-tool'];

    /**
     * @param list<Reason> $front what stands in front of the manual
     * @return array<int, array{list<Reason>, list<Reason>}> step number to cautions in full, and reminders
     */
    public static function of(array $front, BuildOrder $order): array
    {
        $known = $told = [];
        foreach ($front as $caution) {
            $known[self::key($caution)] = true;
        }
        $trail = [];
        foreach ($order->steps as $step) {
            $full = $short = [];
            foreach ($step->work->cautions as $caution) {
                $key = self::key($caution);
                $first = !isset($told[$key]);
                $told[$key] = true;
                if ($first && (!isset($known[$key]) || in_array($caution->code, self::DEADLY, true))) {
                    $full[] = $caution;
                } elseif ($first || !in_array($caution->code, [...self::WORKSHOP, ...self::FIRST], true)) {
                    $short[] = new Reason("{$caution->code}.short", $caution->args, $caution->origin);
                }
            }
            $trail[$step->number] = [$full, $short];
        }

        return $trail;
    }

    /** A charge is told for each capacitor. */
    private static function key(Reason $caution): string
    {
        $of = $caution->args['designator'] ?? '';

        return $caution->code . ' ' . (is_string($of) ? $of : '');
    }
}
