<?php

declare(strict_types=1);

namespace App\Actions\Kit;

/** Changes the tests of a kit file: one test as a whole, or what a gate without a test of its own expects. */
final readonly class TestList
{
    /**
     * @param array<array-key, mixed> $root of kit.json
     * @param Change $change target is the name, empty for a new test; the value is laid over the test, null takes it out; field `gate` sets the gate's expectation, `whole` replaces the test, a number puts one back where it was
     * @return array{array<array-key, mixed>, Change} the root, and what takes the change back
     * @throws UnknownChange when there is no such test, or another has its name
     */
    public static function apply(array $root, Change $change): array
    {
        if ($change->field === 'gate') {
            return self::gate($root, $change);
        }
        $tests = array_values(is_array($root['tests'] ?? null) ? $root['tests'] : []);
        $names = array_map(self::name(...), $tests);
        $at = array_search($change->target, $names, true);
        if ($change->target !== '' && $at === false) {
            throw UnknownChange::test($change->target);
        }
        if ($change->target !== '' && count(array_keys($names, $change->target, true)) > 1) {
            throw UnknownChange::testTwice($change->target);
        }
        $value =
            $change->value === null
                ? null
                : (array) $change->value + ($at === false || $change->field === 'whole' ? [] : (array) $tests[$at]);
        // A field that was emptied takes its default again.
        $value = $value === null ? null : array_filter($value, static fn(mixed $each): bool => $each !== null);
        $name = self::name($value);
        if ($value !== null && ($name === '' || ($name !== $change->target && in_array($name, $names, true)))) {
            throw UnknownChange::testNamed($name);
        }
        if ($at === false) {
            array_splice($tests, is_numeric($change->field) ? (int) $change->field : count($tests), 0, [$value]);
            $inverse = new Change('test', $name, '', null);
        } elseif ($value === null) {
            $inverse = new Change('test', '', (string) $at, $tests[$at]);
            array_splice($tests, $at, 1);
        } else {
            $inverse = new Change('test', $name, 'whole', $tests[$at]);
            $tests[$at] = $value;
        }
        $root['tests'] = $tests;

        return [$root, $inverse];
    }

    /**
     * @param array<array-key, mixed> $root
     * @return array{array<array-key, mixed>, Change}
     * @throws UnknownChange
     */
    private static function gate(array $root, Change $change): array
    {
        $gates = is_array($root['gates'] ?? null) ? $root['gates'] : [];
        foreach ($gates as $index => $gate) {
            if (is_array($gate) && self::name($gate) === $change->target) {
                $inverse = new Change('test', $change->target, 'gate', $gate['expect'] ?? '');
                $gates[$index] = ['expect' => $change->value] + $gate;

                return [['gates' => $gates] + $root, $inverse];
            }
        }

        throw UnknownChange::test($change->target);
    }

    private static function name(mixed $test): string
    {
        return is_array($test) && is_string($test['name'] ?? null) ? trim($test['name']) : '';
    }
}
