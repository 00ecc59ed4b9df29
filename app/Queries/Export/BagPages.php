<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Actions\Export\ExportKind;
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
use ChiralexRender\Print\TapeRuler;
use ChiralexRender\Print\TickList;
use ChiralexRender\Words;

/**
 * Labels of bags and kits, the list of what is in the box, the ruler of tapes.
 *
 * @phpstan-import-type Bags from BagsDocument
 */
final readonly class BagPages
{
    public function __construct(private Documents $documents, private PublicToken $tokens, private Printed $printed) {}

    /**
     * @return array{name: string, html: string} name without ending
     * @throws UnusableProgram when no QR code can be made
     */
    public function of(Export $export): array
    {
        return match ($export->kind) {
            ExportKind::KitLabels => $this->kitLabels($export),
            ExportKind::BagLabel => $this->bagLabel($export),
            ExportKind::KitLabel => $this->kitLabel($export),
            ExportKind::TickList => $this->tickList($export),
            ExportKind::TapeRuler => $this->tapeRuler($export),
            default => $this->labels($export),
        };
    }

    /**
     * @return array{name: string, html: string}
     * @throws UnusableProgram when no QR code can be made
     */
    private function labels(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);

        return [
            'name' => "{$revision->kit->name} {$revision->name} bag labels",
            'html' => $this->bagLabels(
                $revision,
                $export->options,
                $export->paper,
                $this->bags($revision, $export->options),
                max(1, $export->kits),
            ),
        ];
    }

    /**
     * The label of one bag of a run.
     *
     * @return array{name: string, html: string}
     * @throws UnusableProgram when no QR code can be made
     */
    private function bagLabel(Export $export): array
    {
        $run = Run::query()->findOrFail($export->subject);
        $revision = $run->release->revision;
        $bags = $this->bags($revision, $run->options);
        $bags['bags'] = array_values(
            array_filter($bags['bags'], static fn(array $bag): bool => $bag['name'] === $export->piece),
        );

        return [
            'name' => "{$revision->kit->name} {$revision->name} bag {$export->piece}",
            'html' => $this->bagLabels($revision, $run->options, $export->paper, $bags, 1),
        ];
    }

    /** @return array{name: string, html: string} */
    private function tickList(Export $export): array
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
            'html' => $list->of($this->bags($revision, $export->options)),
        ];
    }

    /**
     * @return array{name: string, html: string}
     * @throws UnusableProgram when no QR code can be made
     */
    private function kitLabels(Export $export): array
    {
        $run = Run::query()->findOrFail($export->subject);
        $units = Unit::query()->where('run_id', $run->id)->orderBy('number')->get();

        return [
            'name' => "{$run->release->revision->kit->name} {$run->release->revision->name} run {$run->id} labels",
            'html' => $this->unitLabels($run, $export->paper, array_values($units->all())),
        ];
    }

    /**
     * The label of one kit of a run.
     *
     * @return array{name: string, html: string}
     * @throws UnusableProgram when no QR code can be made
     */
    private function kitLabel(Export $export): array
    {
        $run = Run::query()->findOrFail($export->subject);
        $unit = Unit::query()->where('run_id', $run->id)->where('serial', $export->piece)->firstOrFail();

        return ['name' => "label {$unit->serial}", 'html' => $this->unitLabels($run, $export->paper, [$unit])];
    }

    /** @return array{name: string, html: string} pieces on tape counted by length, at true size */
    private function tapeRuler(Export $export): array
    {
        $words = Words::in(Shop::ours()->language);

        return ['name' => 'tape ruler', 'html' => (new TapeRuler($words))->of($export->paper, $this->fonts())];
    }

    /**
     * @param Bags $bags
     * @param int<1, max> $kits
     * @throws UnusableProgram when no QR code can be made
     */
    private function bagLabels(Revision $revision, string $options, string $paper, array $bags, int $kits): string
    {
        $release = Release::query()->where('revision_id', $revision->id)->first();
        /** @var array{pictures: array<array-key, array{svg: string, width: float, height: float}>} $drawn */
        $drawn = $this->documents->get($revision, 'pack-pictures', $options);
        $labels = new BagLabels(
            $revision->kit->name,
            $revision->name,
            LabelGrid::named($paper),
            $this->from(),
            $this->fonts(),
            $this->wordsOf($revision),
            $drawn['pictures'],
        );

        return $labels->of(
            $bags,
            $release === null ? null : $this->printed->code($this->tokens->forRelease($release)),
            $kits,
        );
    }

    /**
     * @param list<Unit> $units
     * @throws UnusableProgram when no QR code can be made
     */
    private function unitLabels(Run $run, string $paper, array $units): string
    {
        $revision = $run->release->revision;
        $labels = new KitLabels(
            $revision->kit->name,
            $revision->name,
            LabelGrid::named($paper),
            $this->from(),
            $this->fonts(),
            $this->wordsOf($revision),
        );

        return $labels->of(
            array_map(
                fn(Unit $unit): array => [
                    'serial' => $unit->serial,
                    'pack' => intdiv($unit->pack * $run->kitsAtOnce(), $run->pack_size),
                    'code' => $this->printed->code($this->tokens->forUnit($unit)),
                ],
                $units,
            ),
            $run->pack_size,
        );
    }

    /** @return Bags */
    private function bags(Revision $revision, string $options): array
    {
        /** @var Bags */
        return $this->documents->get($revision, 'bags', $options);
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
