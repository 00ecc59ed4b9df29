<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\KitFolder;
use App\Actions\Sales\KitLedger;
use App\Models\Revision;
use App\Support\Row;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Kit\RevisionDifference;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualPlanner;
use ChiralexRender\Document\DifferenceDocument;
use ChiralexRender\Words;
use Illuminate\Support\Facades\DB;

/**
 * What changed from an earlier revision to a later one, and which kits were packed the old way.
 *
 * @phpstan-import-type Entry from DifferenceDocument
 */
final readonly class Difference
{
    public function __construct(
        private KitFolder $folder,
        private KitLedger $ledger,
    ) {}

    /**
     * @return array{before: string, after: string, entries: list<Entry>, packed: list<string>}
     * @throws ChiralexException when the files of one of them cannot be read
     * @throws NoDifference when the order of one of them is a cycle
     */
    public function between(Revision $before, Revision $after): array
    {
        [$old, $new] = [$this->manual($this->folder->kit($before), $before->name), $this->manual($this->folder->kit($after), $after->name)];

        return (new DifferenceDocument(Words::english()))->of((new RevisionDifference())->between($old->kit, $new->kit), $old, $new) + ['packed' => $this->packed($before)];
    }

    /** @return list<string> serial numbers packed from a revision, neither taken apart again nor scrapped */
    private function packed(Revision $revision): array
    {
        return array_map(static fn(Row $row): string => $row->text('serial'), Row::all(DB::table('units')->join('releases', 'releases.id', '=', 'release_id')->where('revision_id', $revision->id)
            ->joinSub($this->ledger->latest(), 'last', 'last.unit_id', '=', 'units.id')->whereNotIn('entry', ['unpacked', 'scrapped'])->orderBy('number')->select('serial')));
    }

    /** @throws NoDifference */
    private function manual(Kit $kit, string $revision): Manual
    {
        $order = (new Planner())->plan($kit);

        return $order instanceof BuildOrder ? (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order)) : throw NoDifference::cycle($revision);
    }
}
