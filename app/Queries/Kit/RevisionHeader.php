<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Actions\Kit\Documents;
use App\Actions\Release\PublicToken;
use App\Models\Edit;
use App\Models\Release;
use App\Models\Revision;
use App\Queries\Report\Judgements;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** What every station needs to know of a revision. */
final readonly class RevisionHeader
{
    private const MOST_CHOICES = 24;

    public function __construct(
        private Documents $documents,
        private PublicToken $tokens,
        private Judgements $judgements,
    ) {}

    /**
     * Matters of the kit as it comes, and those that only another choice of its options has.
     *
     * @param array<array-key, mixed> $options as in the parts document
     * @return list<array{severity: string, station: string, code: string, message: string, designators: list<string>}>
     */
    private function matters(Revision $revision, array $options): array
    {
        $matters = [];
        foreach (array_slice(['', ...$this->others($options)], 0, self::MOST_CHOICES) as $choice) {
            /** @var array{matters: list<array{severity: string, station: string, code: string, message: string, designators: list<string>}>} $check */
            $check = $this->documents->get($revision, 'check', $choice);
            foreach ($check['matters'] as $matter) {
                $key = "{$matter['code']} {$matter['message']}";
                $matters[$key] ??=
                    ['message' => $choice === '' ? $matter['message'] : "{$matter['message']} ({$choice})"] + $matter;
            }
        }

        return array_values($matters);
    }

    /**
     * One value changed at a time: what any choice adds shows in one of these.
     *
     * @param array<array-key, mixed> $options
     * @return list<string>
     */
    private function others(array $options): array
    {
        $choices = [];
        foreach ($options as $option) {
            if (is_array($option) && is_string($option['name'] ?? null) && is_array($option['values'] ?? null)) {
                foreach ($option['values'] as $value) {
                    if (is_string($value) && $value !== ($option['default'] ?? null)) {
                        $choices[] = "{$option['name']}={$value}";
                    }
                }
            }
        }

        return $choices;
    }

    /** @return list<array{severity: string, station: string, code: string, message: string, designators: list<string>}> reports stand outside the files, so the command line's `check` does not know them */
    private function openReports(Revision $revision): array
    {
        $open = $this->judgements->open($revision->kit_id);

        return $open === 0
            ? []
            : [
                (new Told(Words::english()))->matter(
                    new Matter(MatterSeverity::Warn, Station::Faults, 'faults.open', ['count' => $open]),
                ),
            ];
    }

    /** @return ?array{at: string, code: string, address: string} */
    private function released(Revision $revision): ?array
    {
        $release = Release::query()->where('revision_id', $revision->id)->first();

        return $release === null
            ? null
            : [
                'at' => $release->created_at->toIso8601String(),
                'code' => $release->code,
                'address' => '/b/' . $this->tokens->forRelease($release),
            ];
    }

    /**
     * Stations with nothing yet to judge. Faults begins with the first release or report, which the files do not know.
     *
     * @return list<string>
     */
    private function notBegun(Revision $revision): array
    {
        /** @var list<string> $stations kept by an older release without them */
        $stations = $this->documents->get($revision, 'check')['notBegun'] ?? [];
        $begun =
            Release::query()->whereRelation('revision', 'kit_id', $revision->kit_id)->exists() ||
            $this->judgements->open($revision->kit_id) > 0;

        return $begun ? $stations : [...$stations, Station::Faults->value];
    }

    /** @return ?array{by: string, at: string} */
    private function turn(?Edit $edit): ?array
    {
        return $edit === null ? null : ['by' => $edit->user->name, 'at' => $edit->created_at->toIso8601String()];
    }

    /** @return array<string, mixed> */
    public function of(Revision $revision): array
    {
        $options = $this->documents->get($revision, 'parts')['options'] ?? [];
        $history = EditHistory::of($revision->id);

        return [
            'id' => $revision->id,
            'kit' => $revision->kit->name,
            'revision' => $revision->name,
            'sequence' => $revision->sequence,
            'files' => array_keys($revision->files),
            'options' => $options,
            'matters' => [
                ...$this->matters($revision, is_array($options) ? $options : []),
                ...$this->openReports($revision),
            ],
            'notBegun' => $this->notBegun($revision),
            'released' => $this->released($revision),
            'others' => array_values(
                Revision::query()
                    ->where('kit_id', $revision->kit_id)
                    ->where('id', '!=', $revision->id)
                    ->orderByDesc('id')
                    ->get()
                    ->map(static fn(Revision $other): array => ['id' => $other->id, 'revision' => $other->name])
                    ->all(),
            ),
            'undo' => $this->turn($history->back()),
            'redo' => $this->turn($history->forth()),
        ];
    }
}
