<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Actions\Kit\Derived;
use App\Models\FaqAnswer;
use App\Models\Release;
use App\Models\Revision;
use App\Models\Shop;
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
 * @phpstan-import-type BagChange from DifferenceDocument
 * @phpstan-import-type ReadingChange from DifferenceDocument
 */
final readonly class Difference
{
    public function __construct(private KitFolder $folder, private Derived $derived) {}

    /**
     * @return array{before: string, after: string, entries: list<Entry>, bags: list<BagChange>, readings: list<ReadingChange>, packed: list<string>, faq: array<string, list<string>>}
     * @throws ChiralexException when the files of one of them cannot be read
     * @throws NoDifference when they are of two kits, or the order of one of them is a cycle
     */
    public function between(Revision $before, Revision $after): array
    {
        if ($before->kit_id !== $after->kit_id) {
            throw NoDifference::otherKit();
        }
        $difference = $this->computed($before, $after);

        return $difference + [
            'packed' => $this->packed($before),
            'faq' => $this->faq(
                $before->kit_id,
                array_values(
                    array_unique(
                        array_merge(
                            array_column($difference['entries'], 'designator'),
                            array_column($difference['entries'], 'was'),
                        ),
                    ),
                ),
            ),
        ];
    }

    /**
     * What the builder of a kit sees otherwise in the manual of the revision released last, kit by kit.
     *
     * @return ?array{after: string, entries: list<array{designator: string, seen: string}>} null where nothing newer is released, or nothing differs
     * @throws ChiralexException when the files of one of them cannot be read
     */
    public function forBuilder(Revision $mine): ?array
    {
        $newest = Revision::query()
            ->where('kit_id', $mine->kit_id)
            ->where('id', '>', $mine->id)
            ->whereIn('id', Release::query()->select('revision_id'))
            ->orderByDesc('id')
            ->first();
        if ($newest === null) {
            return null;
        }
        try {
            $entries = $this->computed($mine, $newest)['entries'];
        } catch (NoDifference) {
            return null;
        }
        $seen = array_values(
            array_filter(
                array_map(
                    static fn(array $entry): array => ['designator' => $entry['designator'], 'seen' => $entry['seen']],
                    $entries,
                ),
                static fn(array $entry): bool => $entry['seen'] !== '',
            ),
        );

        return $seen === [] ? null : ['after' => $newest->name, 'entries' => $seen];
    }

    /**
     * @return array{before: string, after: string, entries: list<Entry>, bags: list<BagChange>, readings: list<ReadingChange>}
     * @throws ChiralexException
     * @throws NoDifference
     */
    private function computed(Revision $before, Revision $after): array
    {
        /** @var array{before: string, after: string, entries: list<Entry>, bags: list<BagChange>, readings: list<ReadingChange>} */
        return $this->derived->document(
            $after,
            'difference since ' . hash('sha256', json_encode($before->files, JSON_THROW_ON_ERROR)),
            function () use ($before, $after): array {
                [$old, $new] = [
                    $this->manual($this->folder->kit($before), $before->name),
                    $this->manual($this->folder->kit($after), $after->name),
                ];

                return (new DifferenceDocument(Words::english()))->of(
                    (new RevisionDifference())->between($old->kit, $new->kit),
                    $old,
                    $new,
                );
            },
        );
    }

    /**
     * @param list<string> $designators
     * @return array<string, list<string>> designator to the questions of the FAQ that are asked about it
     */
    private function faq(int $kitId, array $designators): array
    {
        $asked = [];
        foreach (FaqAnswer::query()->where('kit_id', $kitId)->orderBy('id')->get() as $entry) {
            foreach (array_intersect($entry->anchor, $designators) as $designator) {
                $asked[$designator][] = $entry->question;
            }
        }

        return $asked;
    }

    /** @return list<string> serial numbers packed from a revision, neither taken apart again nor scrapped */
    private function packed(Revision $revision): array
    {
        return array_map(
            static fn(Row $row): string => $row->text('serial'),
            Row::all(
                DB::table('units')
                    ->join('releases', 'releases.id', '=', 'release_id')
                    ->where('revision_id', $revision->id)
                    ->join('unit_states', 'unit_states.unit_id', '=', 'units.id')
                    ->whereNotIn('entry', ['unpacked', 'scrapped'])
                    ->orderBy('number')
                    ->select('serial'),
            ),
        );
    }

    /** @throws NoDifference */
    private function manual(Kit $kit, string $revision): Manual
    {
        $order = (new Planner())->plan($kit);

        return $order instanceof BuildOrder
            ? (new ManualPlanner())->manual($kit, $order, (new BagPlanner(Shop::bagCosts()))->plan($kit, $order))
            : throw NoDifference::cycle($revision);
    }
}
