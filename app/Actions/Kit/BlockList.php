<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use Chiralex\Bom\Designators;

/** Changes the blocks of a circuit in a kit file: which parts belong to each. */
final readonly class BlockList
{
    private const LONGEST = 60;

    /**
     * @param array<array-key, mixed> $root of kit.json
     * @param Change $change target is the name of the block; the value is its parts, as typed (`R1-R3, C1`) or as a list; null takes the block out
     * @return array{array<array-key, mixed>, Change} the root, and what takes the change back
     * @throws UnknownChange when the block has no name, or the value is no list of parts
     */
    public static function apply(array $root, Change $change): array
    {
        $name = trim($change->target);
        if (
            $name === '' ||
            mb_strlen($name) > self::LONGEST ||
            ($change->value !== null && !is_array($change->value) && !is_string($change->value))
        ) {
            throw UnknownChange::block();
        }
        $groups = is_array($root['groups'] ?? null) ? $root['groups'] : [];
        $blocks = is_array($groups['block'] ?? null) ? $groups['block'] : [];
        $before = $blocks[$name] ?? null;
        if ($change->value === null) {
            unset($blocks[$name]);
        } else {
            $blocks[$name] = self::parts($change->value);
        }
        unset($groups['block'], $root['groups']);
        $groups += $blocks === [] ? [] : ['block' => $blocks];

        return [$root + ($groups === [] ? [] : ['groups' => $groups]), new Change('block', $name, '', $before)];
    }

    /**
     * @param string|array<mixed> $value
     * @return list<string>
     * @throws UnknownChange when something in it is no designator
     */
    private static function parts(string|array $value): array
    {
        $read = Designators::read(is_string($value) ? $value : implode(' ', array_filter($value, is_string(...))));
        foreach ($read->problems as $problem) {
            throw UnknownChange::noDesignator(is_string($problem->args['text'] ?? null) ? $problem->args['text'] : '');
        }

        return array_values(array_unique($read->names));
    }
}
