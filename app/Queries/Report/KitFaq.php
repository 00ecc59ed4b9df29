<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Actions\Kit\Documents;
use App\Models\FaqAnswer;
use App\Models\Revision;
use Chiralex\Fault\FaqEntry;
use Chiralex\Fault\FaqPlaces;
use Chiralex\Fault\FaqUse;
use Illuminate\Database\Eloquent\Builder;

/** A kit's FAQ with its counts, each entry at the step of one revision it belongs to. It stands outside what a release freezes. */
final readonly class KitFaq
{
    public function __construct(private Documents $documents, private Judgements $judgements, private FaqUses $uses) {}

    /** @return list<array{id: int, symptom: string, question: string, answer: string, count: int, step: ?int}> those first that save most reports */
    public function published(Revision $revision, string $options = ''): array
    {
        return array_map(
            static fn(array $each): array => [
                'id' => $each['entry']->id,
                'symptom' => $each['entry']->symptom,
                'question' => $each['entry']->question,
                'answer' => $each['entry']->answer,
                'count' => $each['entry']->use->reported,
                'step' => $each['step'],
            ],
            $this->placed($revision, true, $options),
        );
    }

    /**
     * @param string $options what is chosen, as `box=drilled;power=jack`
     * @return list<array{entry: FaqEntry, step: ?int}>
     */
    public function placed(Revision $revision, bool $publishedOnly, string $options = ''): array
    {
        $counts = $this->judgements->counts($revision->kit_id);
        $uses = $this->uses->of($revision->kit_id);
        $entries = [];
        $kept = FaqAnswer::query()
            ->where('kit_id', $revision->kit_id)
            ->whereIn('published', $publishedOnly ? [true] : [true, false])
            ->when($publishedOnly, fn($kept) => $this->holding($kept, $revision, $options))
            ->orderBy('id')
            ->get();
        foreach ($kept as $each) {
            $entries[] = new FaqEntry(
                $each->id,
                $each->symptom,
                $each->cause,
                $each->part,
                $each->question,
                $each->answer,
                $each->anchor,
                new FaqUse(
                    $counts["{$each->symptom}|{$each->cause->value}|{$each->part}"] ?? 0,
                    ...$uses[$each->id] ?? [],
                ),
            );
        }

        return $entries === [] ? [] : (new FaqPlaces())->placed($entries, $this->steps($revision));
    }

    /**
     * Only entries that hold for a revision and for what is chosen in it.
     *
     * @param Builder<FaqAnswer> $kept
     * @return Builder<FaqAnswer>
     */
    private function holding(Builder $kept, Revision $revision, string $options): Builder
    {
        return $kept
            ->where(
                static fn(Builder $either): Builder => $either
                    ->whereNull('from_revision_id')
                    ->orWhere('from_revision_id', '<=', $revision->id),
            )
            ->where(
                static fn(Builder $either): Builder => $either
                    ->whereNull('to_revision_id')
                    ->orWhere('to_revision_id', '>=', $revision->id),
            )
            ->whereIn('option', ['', ...explode(';', $options)]);
    }

    /** @return list<array{number: int, key: string, names: list<string>}> */
    public function steps(Revision $revision): array
    {
        /** @var array{steps?: list<array{number: int, key: string, parts: list<array{designator: string}>, gate: ?array{name: string}}>} $manual */
        $manual = $this->documents->get($revision, 'manual');

        return array_map(
            static fn(array $step): array => [
                'number' => $step['number'],
                'key' => $step['key'],
                'names' =>
                    $step['gate'] === null ? array_column($step['parts'], 'designator') : [$step['gate']['name']],
            ],
            $manual['steps'] ?? [],
        );
    }
}
