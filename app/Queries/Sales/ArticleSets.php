<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Actions\Kit\Documents;
use App\Models\Kit;
use App\Models\Release;
use App\Queries\Packing\RunLines;

/** What of a kit may be sold by itself: its board, its case, each of its bags, and each line for a spare. */
final readonly class ArticleSets
{
    /** Kinds that make a case. */
    private const CASE = ['enclosure', 'panel', 'knob', 'feet'];

    public function __construct(private Documents $documents, private RunLines $lines) {}

    /** @return array{sets: list<array{form: string, name: string, parts: list<array{fingerprint: string, title: string, quantity: float, unit: string}>}>} of its newest release */
    public function of(Kit $kit): array
    {
        $release = Release::query()
            ->with('revision')
            ->whereHas('revision', static fn($revision) => $revision->where('kit_id', $kit->id))
            ->orderByDesc('id')
            ->first();
        if ($release === null) {
            return ['sets' => []];
        }
        $bags = $boards = $case = $spares = [];
        foreach (
            $this->lines->of(
                $this->documents->get($release->revision, 'bags'),
                $this->documents->get($release->revision, 'parts'),
            ) as $line
        ) {
            /** @var array{bag: string, bagTitle: string, part: string, item: array{quantity: int, length: int|float|null, value: string, kind: string, kindName: string}} $line */
            $part = [
                'fingerprint' => $line['part'],
                'title' => trim("{$line['item']['value']}, {$line['item']['kindName']}", ', '),
                'quantity' => (float) ($line['item']['length'] ?? $line['item']['quantity']),
                'unit' => $line['item']['length'] === null ? 'piece' : 'mm',
            ];
            if ($part['fingerprint'] === '') {
                continue;
            }
            $bags["bag {$line['bag']}"][] = $part;
            $spares[$part['fingerprint']] = $part;
            if ($line['item']['kind'] === 'board') {
                $boards[] = $part;
            } elseif (in_array($line['item']['kind'], self::CASE, true)) {
                $case[] = $part;
            }
        }
        // A parts list seldom names its own board.
        $boards = $boards === [] ? [$this->board($kit, $release)] : $boards;
        $sets = [
            ['form' => 'board', 'name' => "{$kit->name}, board alone", 'parts' => $boards],
            ['form' => 'case', 'name' => "{$kit->name}, case alone", 'parts' => $case],
        ];
        foreach ($bags as $name => $parts) {
            $sets[] = ['form' => 'parcel', 'name' => "{$kit->name}, {$name}", 'parts' => $parts];
        }
        foreach ($spares as $part) {
            $sets[] = [
                'form' => 'spare',
                'name' => "Spare {$part['title']}",
                'parts' => [['quantity' => $part['unit'] === 'mm' ? $part['quantity'] : 1.0] + $part],
            ];
        }

        return ['sets' => array_values(array_filter($sets, static fn(array $set): bool => $set['parts'] !== []))];
    }

    /** @return array{fingerprint: string, title: string, quantity: float, unit: string} */
    private function board(Kit $kit, Release $release): array
    {
        return [
            'fingerprint' => "board|{$release->code}|{$release->revision->name}",
            'title' => "{$kit->name} board, revision {$release->revision->name}",
            'quantity' => 1.0,
            'unit' => 'piece',
        ];
    }
}
