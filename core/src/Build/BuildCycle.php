<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** Fixed rules that contradict each other, so that there is no order. */
final readonly class BuildCycle
{
    /**
     * @param list<Rule> $rules in the order of the circle
     * @param list<Rule> $leftOut rules without which there is an order
     * @param ?BuildOrder $without that order
     */
    public function __construct(public array $rules, public array $leftOut = [], public ?BuildOrder $without = null) {}

    /** @return list<string> names of parts, gates and moves around the circle, the first again at the end */
    public function path(): array
    {
        $names = array_map(static fn(Rule $rule): string => self::name($rule->before), $this->rules);

        return $names === [] ? [] : [...$names, $names[0]];
    }

    /** @return list<Rule> what the maker can take back */
    public function relaxable(): array
    {
        return array_values(array_filter($this->rules, static fn(Rule $rule): bool => $rule->relaxable));
    }

    /** `solder R1` is called R1; other work keeps its verb. */
    public static function name(string $task): string
    {
        return (string) preg_replace('~^(?:solder|insert|fit) ~', '', $task);
    }
}
