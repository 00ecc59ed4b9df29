<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

/** How the parts of a step are held: said once where it holds for all of them, else with their names before it. */
final readonly class HoldText
{
    /**
     * @param list<array{designator: string, hold: string, ...}> $parts
     * @return list<string>
     */
    public static function lines(array $parts): array
    {
        $names = [];
        foreach ($parts as $part) {
            if ($part['hold'] !== '') {
                $names[$part['hold']][] = $part['designator'];
            }
        }
        if (count($names) < 2) {
            return array_keys($names);
        }

        return array_map(
            static fn(string $hold, array $those): string => str_starts_with($hold, $those[0])
                ? $hold
                : implode(', ', $those) . ": {$hold}",
            array_keys($names),
            $names,
        );
    }
}
