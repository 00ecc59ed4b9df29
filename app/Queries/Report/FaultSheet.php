<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\FaqAnswer;
use App\Models\Revision;
use Chiralex\Fault\FamilyRow;
use Chiralex\Fault\Shares;
use ChiralexRender\Document\FaultsDocument;
use ChiralexRender\Words;

/** What the Faults station of a kit shows: rate, families, weeks, shares, FAQ. */
final readonly class FaultSheet
{
    public function __construct(
        private KitFaq $faq,
        private FaultBook $book,
        private Savings $savings,
        private Watched $watched,
        private CommonSteps $steps,
    ) {}

    /** @return array<string, mixed> */
    public function of(Revision $revision): array
    {
        $kept = FaqAnswer::query()->where('kit_id', $revision->kit_id)->get()->keyBy('id');
        $record = $this->book->of($revision->kit_id);
        $study = $record->study();

        return (new FaultsDocument(Words::english()))->of(
            $study,
            Shares::of($record->faults()),
            $record->fever(),
            array_map(
                static fn(array $each): array => $each + [
                    'published' => $kept[$each['entry']->id]->published ?? false,
                    'option' => $kept[$each['entry']->id]->option ?? '',
                    'fromRevisionId' => $kept[$each['entry']->id]->from_revision_id ?? null,
                    'toRevisionId' => $kept[$each['entry']->id]->to_revision_id ?? null,
                ],
                $this->faq->placed($revision, false),
            ),
        ) + [
            'savings' => $this->savings->of($revision->kit_id, $record),
            'mended' => $this->watched->of($revision->kit_id, $record),
            'steps' => $this->steps->of($revision),
            'lots' => $this->book->lotsNamed(
                array_map(static fn(FamilyRow $row): string => $row->value, $study->families['lot'] ?? []),
            ),
        ];
    }
}
