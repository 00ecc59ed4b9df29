<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Actions\Kit\Documents;
use App\Actions\Release\PublicToken;
use App\Models\Export;
use App\Models\Release;
use App\Models\Revision;
use App\Models\Run;
use App\Models\Shop;
use App\Models\Unit;
use App\Queries\Shop\Printed;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Print\BagLabels;
use ChiralexRender\Print\KitLabels;
use ChiralexRender\Print\LabelGrid;
use ChiralexRender\Print\TickList;
use ChiralexRender\Words;

/**
 * Labels of bags and kits, and the list of what is in the box.
 *
 * @phpstan-import-type Bags from BagsDocument
 */
final readonly class BagPages
{
    public function __construct(private Documents $documents, private PublicToken $tokens, private Printed $printed) {}

    /**
     * @return array{name: string, html: string}
     * @throws UnusableProgram when no QR code can be made
     */
    public function labels(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        $release = Release::query()->where('revision_id', $revision->id)->first();
        /** @var array{pictures: array<array-key, array{svg: string, width: float, height: float}>} $drawn */
        $drawn = $this->documents->get($revision, 'pack-pictures', $export->options);
        $labels = new BagLabels(
            $revision->kit->name,
            $revision->name,
            LabelGrid::named($export->paper),
            $this->from(),
            $this->fonts(),
            $this->wordsOf($revision),
            $drawn['pictures'],
        );

        return [
            'name' => "{$revision->kit->name} {$revision->name} bag labels",
            'html' => $labels->of(
                $this->bags($export, $revision),
                $release === null ? null : $this->printed->code($this->tokens->forRelease($release)),
                max(1, $export->kits),
            ),
        ];
    }

    /** @return array{name: string, html: string} */
    public function tickList(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        $list = new TickList(
            $revision->kit->name,
            $revision->name,
            $export->paper,
            $this->fonts(),
            $this->wordsOf($revision),
        );

        return [
            'name' => "{$revision->kit->name} {$revision->name} tick list",
            'html' => $list->of($this->bags($export, $revision)),
        ];
    }

    /**
     * @return array{name: string, html: string}
     * @throws UnusableProgram when no QR code can be made
     */
    public function kitLabels(Export $export): array
    {
        $run = Run::query()->findOrFail($export->subject);
        $revision = $run->release->revision;
        $units = array_values(
            Unit::query()
                ->where('run_id', $run->id)
                ->orderBy('number')
                ->get()
                ->map(
                    fn(Unit $unit): array => [
                        'serial' => $unit->serial,
                        'pack' => intdiv($unit->pack * $run->kitsAtOnce(), $run->pack_size),
                        'code' => $this->printed->code($this->tokens->forUnit($unit)),
                    ],
                )
                ->all(),
        );
        $labels = new KitLabels(
            $revision->kit->name,
            $revision->name,
            LabelGrid::named($export->paper),
            $this->from(),
            $this->fonts(),
            $this->wordsOf($revision),
        );

        return [
            'name' => "{$revision->kit->name} {$revision->name} run {$run->id} labels",
            'html' => $labels->of($units, $run->pack_size),
        ];
    }

    /** @return Bags */
    private function bags(Export $export, Revision $revision): array
    {
        /** @var Bags */
        return $this->documents->get($revision, 'bags', $export->options);
    }

    private function wordsOf(Revision $revision): Words
    {
        /** @var array{language?: string, units?: string} $manual */
        $manual = $this->documents->get($revision, 'manual', '');

        return Words::in($manual['language'] ?? 'en', $manual['units'] ?? 'mm');
    }

    /** Who sends it, in one line. */
    private function from(): string
    {
        $shop = Shop::ours();

        return implode(', ', array_filter([$shop->name, $shop->email], static fn(string $text): bool => $text !== ''));
    }

    private function fonts(): string
    {
        return PrintFonts::css(base_path('node_modules'));
    }
}
