<?php

declare(strict_types=1);

namespace App\Actions\Kit;

/** Changes the blocks of a circuit in a kit file: which parts belong to each. */
final readonly class BlockList
{
    private const LONGEST = 60;

    /**
     * @param array<array-key, mixed> $root of kit.json
     * @param Change $change target is the name of the block; the value is its parts, null takes the block out
     * @return array{array<array-key, mixed>, Change} the root, and what takes the change back
     * @throws UnknownChange when the block has no name, or the value is no list of parts
     */
    public static function apply(array $root, Change $change): array
    {
        $name = trim($change->target);
        if ($name === '' || mb_strlen($name) > self::LONGEST || ($change->value !== null && !is_array($change->value))) {
            throw UnknownChange::block();
        }
        $groups = is_array($root['groups'] ?? null) ? $root['groups'] : [];
        $blocks = is_array($groups['block'] ?? null) ? $groups['block'] : [];
        $before = $blocks[$name] ?? null;
        if ($change->value === null) {
            unset($blocks[$name]);
        } else {
            $blocks[$name] = array_values(array_unique(array_filter(array_map(static fn(mixed $part): string => is_string($part) ? trim($part) : '', $change->value), static fn(string $part): bool => $part !== '')));
        }
        unset($groups['block'], $root['groups']);
        $groups += $blocks === [] ? [] : ['block' => $blocks];

        return [$root + ($groups === [] ? [] : ['groups' => $groups]), new Change('block', $name, '', $before)];
    }
}
