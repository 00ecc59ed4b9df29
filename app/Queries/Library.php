<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\Documents;
use App\Actions\Library\Fingerprint;
use App\Models\LibraryPart;
use App\Models\Revision;

/** Every part of the newest revision of every kit, once, with what the library knows of it. */
final readonly class Library
{
    public function __construct(private Documents $documents) {}

    /** @return list<array<string, mixed>> by kind, then title */
    public function rows(): array
    {
        $rows = [];
        foreach (LibraryPart::query()->orderBy('id')->get() as $known) {
            $rows[$known->fingerprint] = $this->row($known->fingerprint, $known->title, $known);
        }
        foreach (Revision::query()->with('kit')->orderBy('id')->get()->keyBy('kit_id') as $revision) {
            /** @var list<array<string, mixed>> $lines */
            $lines = $this->documents->get($revision, 'parts')['lines'] ?? [];
            foreach ($lines as $line) {
                $text = static fn(string $field): string => is_string($line[$field] ?? null) ? $line[$field] : '';
                /** @var non-empty-list<string> $names */
                $names = $line['designators'];
                $key = Fingerprint::from($names[0], $text('text'), $text('package'), $text('description'));
                $words = array_filter([$text('text'), $text('package'), $text('description')], static fn(string $word): bool => $word !== '');
                $rows[$key] ??= $this->row($key, mb_substr($words === [] ? $names[0] : implode(', ', $words), 0, 190), null);
                $rows[$key]['kind'] = $rows[$key]['facts']['kind'] ?? $text('kind');
                $rows[$key]['kindName'] = $text('kindName');
                $rows[$key]['height'] = $line['height'];
                $rows[$key]['heightSource'] = $text('heightSource');
                $rows[$key]['mark'] = $line['mark'];
                $rows[$key]['sensitivity'] = $text('sensitivity');
                $rows[$key]['marking'] = $line['marking'];
                $rows[$key]['usedIn'][] = ['kit' => $revision->kit->name, 'revisionId' => $revision->id, 'designators' => $names];
            }
        }
        usort($rows, static fn(array $a, array $b): int => [mb_strtolower($a['kindName']), $a['title']] <=> [mb_strtolower($b['kindName']), $b['title']]);

        return $rows;
    }

    /** @return array{id: ?int, fingerprint: string, title: string, number: ?string, facts: array<string, mixed>, origins: array<string, string>, note: string, photo: bool, version: int, kind: string, kindName: string, height: mixed, heightSource: string, mark: mixed, sensitivity: string, marking: mixed, usedIn: list<array{kit: string, revisionId: int, designators: list<string>}>} */
    private function row(string $fingerprint, string $title, ?LibraryPart $known): array
    {
        $kind = $known !== null && is_string($known->facts['kind'] ?? null) ? $known->facts['kind'] : '';

        return [
            'id' => $known?->id, 'fingerprint' => $fingerprint, 'title' => $title, 'number' => $known?->number, 'facts' => $known === null ? [] : $known->facts, 'origins' => $known === null ? [] : $known->origins, 'note' => $known === null ? '' : $known->note,
            'photo' => $known?->photo !== null, 'version' => $known === null ? 0 : $known->version, 'kind' => $kind, 'kindName' => $kind, 'height' => null, 'heightSource' => '', 'mark' => null, 'sensitivity' => '', 'marking' => null, 'usedIn' => [],
        ];
    }
}
