<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use Chiralex\Safety\Hazard;

/** Answers a question of safety in a kit file: yes, no with a reason, or nothing said. */
final readonly class HazardAnswer
{
    /**
     * @param array<array-key, mixed> $root of kit.json
     * @param Change $change target is the hazard; the value is `true` for yes, a text for no (why), `false` for no without a reason (an empty text would arrive as null), null for nothing said
     * @return array{array<array-key, mixed>, Change} the root, and what takes the change back
     * @throws UnknownChange when there is no such hazard
     */
    public static function apply(array $root, Change $change): array
    {
        $hazard = Hazard::tryFrom($change->target) ?? throw UnknownChange::hazard($change->target);
        $traits = array_values(is_array($root['traits'] ?? null) ? $root['traits'] : []);
        $ruledOut = is_array($root['ruledOut'] ?? null) ? $root['ruledOut'] : [];
        $before = in_array($hazard->value, $traits, true) ? true : $ruledOut[$hazard->value] ?? null;
        $traits = array_values(array_filter($traits, static fn(mixed $trait): bool => $trait !== $hazard->value));
        unset($ruledOut[$hazard->value]);
        if ($change->value === true) {
            $traits[] = $hazard->value;
        } elseif ($change->value !== null) {
            $ruledOut[$hazard->value] = is_string($change->value) ? mb_substr(trim($change->value), 0, 300) : '';
        }
        unset($root['ruledOut'], $root['traits']);

        return [
            $root + ($traits === [] ? [] : ['traits' => $traits]) + ($ruledOut === [] ? [] : ['ruledOut' => $ruledOut]),
            new Change('hazard', $hazard->value, '', $before),
        ];
    }
}
