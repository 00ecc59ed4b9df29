<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** All rules of a kit as one graph: the fixed ones, and those derived from geometry that they leave room for. */
final readonly class Precedence
{
    /**
     * @param list<Rule> $rules
     * @param array<string, array<string, Rule>> $after task to the tasks that follow it
     * @param array<string, array<string, Rule>> $before task to the tasks it waits for
     */
    private function __construct(
        public array $rules,
        private array $after,
        private array $before,
        public GivenUp $givenUp = new GivenUp(),
    ) {}

    /** @param list<Rule> $rules */
    public static function of(array $rules, GivenUp $givenUp = new GivenUp()): self
    {
        $after = $before = [];
        foreach ($rules as $rule) {
            $after[$rule->before][$rule->after] ??= $rule;
            $before[$rule->after][$rule->before] ??= $rule;
        }

        return new self($rules, $after, $before, $givenUp);
    }

    public function with(Rule $rule): self
    {
        $after = $this->after;
        $before = $this->before;
        $after[$rule->before][$rule->after] ??= $rule;
        $before[$rule->after][$rule->before] ??= $rule;

        return new self([...$this->rules, $rule], $after, $before, $this->givenUp);
    }

    /** @return array<string, Rule> tasks that wait for this one directly */
    public function successors(string $task): array
    {
        return $this->after[$task] ?? [];
    }

    /** @return array<string, Rule> tasks this one waits for directly */
    public function predecessors(string $task): array
    {
        return $this->before[$task] ?? [];
    }

    /** @return array<string, true> every task that has to come after this one */
    public function reachable(string $task): array
    {
        $seen = [];
        $queue = [$task];
        while ($queue !== []) {
            foreach ($this->after[array_pop($queue)] ?? [] as $next => $rule) {
                if (!isset($seen[$next])) {
                    $seen[$next] = true;
                    $queue[] = (string) $next;
                }
            }
        }

        return $seen;
    }

    /** @return list<Rule> the rules of one cycle in order, empty when there is none */
    public function cycle(): array
    {
        $state = [];
        foreach (array_keys($this->after) as $start) {
            if (isset($state[$start])) {
                continue;
            }
            /** @var list<array{string, list<string>}> $stack */
            $stack = [[(string) $start, array_map(strval(...), array_keys($this->after[$start]))]];
            $state[$start] = 'open';
            while ($stack !== []) {
                $top = count($stack) - 1;
                $next = array_shift($stack[$top][1]);
                if ($next === null) {
                    $state[$stack[$top][0]] = 'done';
                    array_pop($stack);
                    continue;
                }
                if (($state[$next] ?? '') === 'open') {
                    return $this->path(array_map(static fn(array $entry): string => $entry[0], $stack), $next);
                }
                if (!isset($state[$next])) {
                    $state[$next] = 'open';
                    $stack[] = [$next, array_map(strval(...), array_keys($this->after[$next] ?? []))];
                }
            }
        }

        return [];
    }

    /**
     * @param list<string> $stack
     * @return list<Rule>
     */
    private function path(array $stack, string $closing): array
    {
        $cycle = array_slice($stack, (int) array_search($closing, $stack, true));
        $rules = [];
        foreach ($cycle as $index => $task) {
            $rules[] = $this->after[$task][$cycle[$index + 1] ?? $closing];
        }

        return $rules;
    }
}
