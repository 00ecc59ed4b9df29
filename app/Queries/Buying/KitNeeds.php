<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Actions\Kit\Derived;
use App\Actions\Kit\RefusedKit;
use App\Actions\Library\Fingerprint;
use App\Actions\Library\PartLibrary;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Supply\Buying\KitLines;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\SparesPlanner;
use Chiralex\Supply\Buying\Tariff;

/**
 * What one kit takes of each part that is packed, known by what Stock knows it by.
 *
 * @phpstan-type Need array{part: string, title: string, designators: list<string>, pieces: int, unit: string}
 */
final readonly class KitNeeds
{
    /** Share of kits that are to be complete. */
    private const COMPLETE = 0.95;

    public function __construct(private KitFolder $folder, private Derived $derived) {}

    /** The revision that is packed: the newest one that is released, else the newest draft. */
    public function revision(int $kitId): Revision
    {
        return Revision::query()
            ->where('kit_id', $kitId)
            ->whereNull('put_aside_at')
            ->orderByRaw('exists (select 1 from releases where revision_id = revisions.id) desc, id desc')
            ->firstOrFail();
    }

    /**
     * @return list<Need> in the order of the parts list; two lines of one part are one
     * @throws RefusedKit when the files make no kit
     */
    public function of(Revision $revision, string $options = ''): array
    {
        /** @var array{needs: list<Need>} $document */
        $document = $this->derived->document(
            $revision,
            $options === '' ? 'needs' : "needs {$options}",
            fn(): array => ['needs' => self::needs($this->kit($revision, $options))],
        );

        return $document['needs'];
    }

    /**
     * Spares of one kit so that it is complete with the usual target.
     *
     * @param array<string, list<Tariff>> $tariffs by part
     * @return array<string, int> by part
     * @throws RefusedKit when the files make no kit
     */
    public function spares(Revision $revision, Market $market, array $tariffs): array
    {
        $kit = KitLines::of($this->kit($revision));
        $parts = array_map(static fn(array $of): string => Fingerprint::of($of[0]), $kit->lines);
        $byRow = array_map(static fn(string $part): array => $tariffs[$part] ?? [], $parts);
        $plan = SparesPlanner::plan($kit->spareLines($market, $byRow, [], 0), self::COMPLETE);
        $spares = [];
        foreach ($plan->lines as $at => $line) {
            $spares[$parts[$line->row]] = ($spares[$parts[$line->row]] ?? 0) + $plan->spares[$at];
        }

        return $spares;
    }

    /** @return list<Need> */
    private static function needs(Kit $kit): array
    {
        $lines = KitLines::of($kit);
        $needs = [];
        foreach ($lines->lines as $row => $parts) {
            $part = Fingerprint::of($parts[0]);
            $needs[$part] ??= [
                'part' => $part,
                'title' => PartLibrary::title($parts[0]),
                'designators' => [],
                'pieces' => 0,
                'unit' => $parts[0]->line->length === null ? 'piece' : 'mm',
            ];
            $needs[$part]['designators'] = [...$needs[$part]['designators'], ...$lines->designators($row)];
            $needs[$part]['pieces'] += $lines->pieces($row);
        }

        return array_values($needs);
    }

    /** True where the revision has such options. */
    public function hasOptions(Revision $revision, string $options): bool
    {
        try {
            $this->of($revision, $options);

            return true;
        } catch (RefusedKit) {
            return false;
        }
    }

    /** @throws RefusedKit */
    private function kit(Revision $revision, string $options = ''): Kit
    {
        try {
            return $this->folder->kit($revision, $options);
        } catch (ChiralexException $fault) {
            throw RefusedKit::because($fault->getMessage());
        }
    }
}
