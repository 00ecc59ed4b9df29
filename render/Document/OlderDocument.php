<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bom\Designators;
use Chiralex\Bom\Provision;
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
                static fn(mixed $step): mixed => is_array($step)
                    ? self::step($step, isset($document['school']))
                    : $step,
                $document['steps'],
            );
        }
        if (isset($document['lines'], $document['lineUp']) && is_array($document['lineUp'])) {
            $document += ['lineUpInAll' => count($document['lineUp'])];
        }
        if (isset($document['lines'], $document['headers']) && is_array($document['lines'])) {
            $document += ['counts' => self::counts($document['lines'])];
        }

        return $document;
    }

    /**
     * @param array<mixed> $lines
     * @return array{lines: int, parts: int, pieces: int}
     */
    private static function counts(array $lines): array
    {
        $rows = [];
        $parts = $pieces = 0;
        foreach ($lines as $line) {
            if (!is_array($line)) {
                continue;
            }
            $rows[json_encode($line['row'] ?? null)] = true;
            $names = array_filter(is_array($line['designators'] ?? null) ? $line['designators'] : [], is_string(...));
            $supply = is_string($line['supply'] ?? null) ? Provision::tryFrom($line['supply']) : null;
            $parts += $supply?->isBuilt() === true ? count(array_filter($names, Designators::isNamed(...))) : 0;
            $pieces += ($line['length'] ?? null) === null && is_int($line['quantity'] ?? null) ? $line['quantity'] : 0;
        }

        return ['lines' => count($rows), 'parts' => $parts, 'pieces' => $pieces];
    }

    /**
     * @param array<mixed> $step
     * @param bool $isOrdered a step of an order; one of a manual says less
     * @return array<mixed>
     */
    private static function step(array $step, bool $isOrdered): array
    {
        $action = is_string($step['action'] ?? null) ? Action::tryFrom($step['action']) : null;
        $names = array_column(is_array($step['parts'] ?? null) ? $step['parts'] : [], 'designator');

        $step += ['fits' => $action?->fits() === true ? $names : []];

        return !$isOrdered
            ? $step
            : $step + [
                'breaksStair' => false,
                'why' => null,
                'apart' => [],
                'uses' => [],
                'with' => [],
            ];
    }
}
