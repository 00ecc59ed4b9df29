<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Build\Action;

/** Adds to a document that an older release keeps what documents say since, where it follows from what it says. */
final readonly class OlderDocument
{
    /**
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    public static function completed(array $document): array
    {
        if (isset($document['steps']) && is_array($document['steps'])) {
            $document['steps'] = array_map(
                static fn(mixed $step): mixed => is_array($step) && !isset($step['fits']) ? self::step($step) : $step,
                $document['steps'],
            );
        }
        if (isset($document['lines'], $document['lineUp']) && is_array($document['lineUp'])) {
            $document += ['lineUpInAll' => count($document['lineUp'])];
        }

        return $document;
    }

    /**
     * @param array<mixed> $step
     * @return array<mixed>
     */
    private static function step(array $step): array
    {
        $action = is_string($step['action'] ?? null) ? Action::tryFrom($step['action']) : null;
        $names = array_column(is_array($step['parts'] ?? null) ? $step['parts'] : [], 'designator');

        return $step + [
            'fits' => $action?->fits() === true ? $names : [],
            'breaksStair' => false,
            'why' => null,
            'apart' => [],
        ];
    }
}
