<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Reason\Reason;

/** Tells the rules of a task from its own place: after what it comes, and before what, which it names instead of itself. */
final readonly class RuleTelling
{
    /** Others named at one part; of more their number is said. */
    public const NAMED = 24;
    /** Rules between two parts, with the arguments that name the earlier one and the later one. */
    private const PAIRS = [
        'order.iron' => ['part', 'by'],
        'order.fingers' => ['part', 'by'],
        'order.under-body' => ['part', 'over'],
        'order.covers-joint' => ['part', 'cover'],
        'order.adjust-before-cover' => ['part', 'cover'],
        'order.joint-before-cover' => ['part', 'cover'],
        'order.ic-before-cover' => ['part', 'cover'],
        'order.socket-first' => ['socket', 'ic'],
        'order.maker-before' => ['first', 'then'],
        'order.fixing' => ['by', 'holds'],
    ];
    /** Rules that read otherwise at the task that waits than told of from outside. */
    private const FROM_WITHIN = [
        'order.adjust',
        'order.chassis-first',
        'order.gate-protects',
        'order.mates',
        'order.mates-last',
        'order.panel-closes',
        'order.plastic-last',
        'order.snap',
        'order.subassembly',
        'order.wire',
    ];

    public function __construct(private Precedence $precedence) {}

    /**
     * @param string $task what is read
     * @param string $part the part it is read at
     * @return list<Reason> one of each kind; `others` are the parts it is about beside the part itself
     */
    public function at(string $task, string $part): array
    {
        $waits = array_map(
            static fn(Rule $rule): Reason => $rule->reason,
            array_values($this->precedence->predecessors($task)),
        );
        $goes = array_filter(
            array_map(static fn(Rule $rule): Reason => $rule->reason, $this->precedence->successors($task)),
            static fn(Reason $reason): bool => isset(self::PAIRS[$reason->code]),
        );

        return [...self::ofEachKind($waits, 0, $part), ...self::ofEachKind(array_values($goes), 1, $part)];
    }

    /**
     * @param list<Reason> $reasons
     * @param 0|1 $end which end of the rules is named: the earlier or the later
     * @return list<Reason>
     */
    private static function ofEachKind(array $reasons, int $end, string $part): array
    {
        $alike = [];
        foreach ($reasons as $reason) {
            $alike[$reason->code][] = $reason;
        }
        $told = [];
        foreach ($alike as $code => $same) {
            $told[] = self::told(
                $same[0],
                self::isToldFromWithin($code) ? $code . ($end === 0 ? '.after' : '.before') : $code,
                array_map(static fn(Reason $reason): array => self::other($reason, $end, $part), $same),
            );
        }

        return $told;
    }

    /**
     * @param 0|1 $end the earlier or the later
     * @return list<string> who else the rule is about
     */
    private static function other(Reason $reason, int $end, string $part): array
    {
        $pair = self::PAIRS[$reason->code] ?? null;
        $named = $reason->args[$pair === null ? 'parts' : $pair[$end]] ?? [];

        return array_values(array_diff(is_array($named) ? $named : [(string) $named], [$part]));
    }

    private static function isToldFromWithin(string $code): bool
    {
        return isset(self::PAIRS[$code]) || in_array($code, self::FROM_WITHIN, true);
    }

    /** @param list<list<string>> $others */
    private static function told(Reason $reason, string $code, array $others): Reason
    {
        $names = array_values(array_unique(array_merge(...$others)));
        sort($names, SORT_NATURAL);
        $more = count($names) - self::NAMED;

        return new Reason(
            $code,
            [...$reason->args, 'others' => array_slice($names, 0, self::NAMED), ...$more > 0 ? ['more' => $more] : []],
            $reason->origin,
        );
    }
}
