<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Actions\Kit\Documents;
use App\Models\Revision;
use Chiralex\Fault\Symptom;

/** What places a kit has, in any of its revisions: designators, wires, tests, steps; and what its owners may notice. */
final readonly class KitPlaces
{
    private const STEP = '~^step (\d{1,3})$~';

    public function __construct(private Documents $documents) {}

    /** As it is kept: `d1 , D2` is `D1 and D2`. */
    public static function written(string $typed): string
    {
        $plain = trim((string) preg_replace('~\s+~', ' ', $typed));
        if (preg_match(self::STEP, mb_strtolower($plain)) === 1) {
            return mb_strtolower($plain);
        }
        $parts = preg_split('~\s*(?:,|;|\+|&|\band\b|\bund\b)\s*|\s+(?=[A-Za-z]{1,3}\d)~u', $plain) ?: [];

        $named = array_map(
            static fn(string $each): string => preg_match('~^[a-z]{1,4}\d{1,4}$~i', $each) === 1
                ? strtoupper($each)
                : $each,
            $parts,
        );

        return implode(' and ', array_diff($named, ['']));
    }

    /** @param string $place as `written` has it */
    public function has(int $kitId, string $place): bool
    {
        if (preg_match(self::STEP, $place, $found) === 1) {
            return (int) $found[1] >= 1;
        }
        $known = $this->names($kitId);

        return array_diff(explode(' and ', $place), $known) === [];
    }

    /** @return list<string> every designator, wire and test of any of its revisions */
    public function names(int $kitId): array
    {
        $names = [];
        foreach (Revision::query()->where('kit_id', $kitId)->orderBy('id')->get() as $revision) {
            /** @var array{steps?: list<array{parts: list<array{designator: string}>, gate: ?array{name: string}}>} $manual */
            $manual = $this->documents->get($revision, 'manual');
            foreach ($manual['steps'] ?? [] as $step) {
                array_push(
                    $names,
                    ...array_column($step['parts'], 'designator'),
                    ...$step['gate'] === null ? [] : [$step['gate']['name']],
                );
            }
            /** @var array{lines?: list<array{designators: list<string>}>} $parts */
            $parts = $this->documents->get($revision, 'parts');
            foreach ($parts['lines'] ?? [] as $line) {
                array_push($names, ...$line['designators']);
            }
        }

        return array_values(array_unique($names));
    }

    public function isSymptom(int $kitId, string $symptom): bool
    {
        return Symptom::tryFrom($symptom) !== null ||
            in_array($symptom, array_column($this->symptoms($kitId), 'id'), true);
    }

    /** @return list<array{id: string, name: string, own: bool}> the kit's own words first, of the newest revision first */
    public function symptoms(int $kitId): array
    {
        $all = [];
        foreach (Revision::query()->where('kit_id', $kitId)->orderByDesc('id')->get() as $revision) {
            /** @var array{symptoms?: list<array{id: string, name: string, own: bool}>} $trouble */
            $trouble = $this->documents->get($revision, 'trouble');
            foreach ($trouble['symptoms'] ?? [] as $each) {
                $all[$each['id']] ??= $each;
            }
        }
        usort($all, static fn(array $a, array $b): int => $b['own'] <=> $a['own']);

        return $all;
    }
}
