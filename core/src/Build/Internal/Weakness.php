<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Rule;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;

/** Which rule of a circle gives way: no order is refused because of a guess. */
final readonly class Weakness
{
    /** Rules that come from where bodies and pins are. */
    private const GEOMETRY = ['order.covers-joint', 'order.under-body'];

    public function __construct(private Kit $kit) {}

    /**
     * The rule of a circle that rests on the least: prose, then habit, then a body or pins that are only usual for their kind.
     *
     * @param list<Rule> $circle
     * @return ?Rule null where all of it is typed or cannot be otherwise
     */
    public function weakest(array $circle): ?Rule
    {
        $found = null;
        $least = PHP_INT_MAX;
        foreach ($circle as $rule) {
            $rank = $this->rank($rule);
            if ($rank !== null && $rank < $least) {
                [$found, $least] = [$rule, $rank];
            }
        }

        return $found;
    }

    /**
     * The rule that the maker can take back most easily, where a circle is all typed: the last that was said.
     *
     * @param non-empty-list<Rule> $circle
     */
    public static function ofTyped(array $circle): Rule
    {
        $typed = array_values(array_filter($circle, static fn(Rule $rule): bool => $rule->relaxable));

        return ($typed === [] ? $circle : $typed)[count($typed === [] ? $circle : $typed) - 1];
    }

    private function rank(Rule $rule): ?int
    {
        return match (true) {
            $rule->reason->code === 'order.test-otherwise' => 0,
            $rule->reason->origin === Origin::Computed => 1,
            $rule->relaxable && $rule->reason->origin === Origin::CommonPractice => 2,
            in_array($rule->reason->code, self::GEOMETRY, true) && $this->isGuessed($rule) => 3,
            default => null,
        };
    }

    /** True where the body or the pins of one of the two are only what is usual for the kind. */
    private function isGuessed(Rule $rule): bool
    {
        foreach (['cover', 'over', 'part'] as $which) {
            $name = $rule->reason->args[$which] ?? null;
            $part = is_string($name) ? $this->kit->part($name) : null;
            if ($part !== null && $part->recognition->outlineOrigin === Origin::TypicalForKind) {
                return true;
            }
        }

        return false;
    }
}
