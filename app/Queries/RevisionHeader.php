<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\Documents;
use App\Actions\Release\PublicToken;
use App\Actions\Report\Judgements;
use App\Models\Edit;
use App\Models\Release;
use App\Models\Revision;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Station;
use Chiralex\Reason\Weight;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** What every station needs to know of a revision. */
final readonly class RevisionHeader
{
    public function __construct(
        private Documents $documents,
        private PublicToken $tokens,
        private Judgements $judgements,
    ) {}

    /** @return list<array{severity: string, station: string, code: string, message: string, designators: list<string>}> reports stand outside the files, so the command line's `check` does not know them */
    private function openReports(Revision $revision): array
    {
        $open = $this->judgements->open()[$revision->kit_id] ?? 0;

        return $open === 0 ? [] : [(new Told(Words::english()))->matter(new Matter(Weight::Warn, Station::Faults, 'faults.open', ['count' => $open]))];
    }

    /** @return ?array{at: string, code: string, address: string} */
    private function released(Revision $revision): ?array
    {
        $release = Release::query()->where('revision_id', $revision->id)->first();

        return $release === null ? null : ['at' => $release->created_at->toIso8601String(), 'code' => $release->code, 'address' => '/b/' . $this->tokens->forRelease($release)];
    }

    /** @return array<string, mixed> */
    public function of(Revision $revision): array
    {
        /** @var array{matters: list<array{severity: string, station: string, code: string, message: string, designators: list<string>}>} $check */
        $check = $this->documents->get($revision, 'check');
        $undone = Edit::query()->where('revision_id', $revision->id)->whereNotNull('undoes')->pluck('undoes');
        $last = Edit::query()->with('user')->where('revision_id', $revision->id)->whereNull('undoes')->whereNotIn('id', $undone)->orderByDesc('sequence')->first();

        return [
            'id' => $revision->id,
            'kit' => $revision->kit->name,
            'revision' => $revision->name,
            'sequence' => $revision->sequence,
            'files' => array_keys($revision->files),
            'matters' => [...$check['matters'], ...$this->openReports($revision)],
            'released' => $this->released($revision),
            'others' => array_values(Revision::query()->where('kit_id', $revision->kit_id)->where('id', '!=', $revision->id)->orderByDesc('id')->get()->map(static fn(Revision $other): array => ['id' => $other->id, 'revision' => $other->name])->all()),
            'undo' => $last === null ? null : ['by' => $last->user->name, 'at' => $last->created_at->toIso8601String()],
        ];
    }
}
