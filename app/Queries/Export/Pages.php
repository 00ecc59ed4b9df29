<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Actions\Export\ExportKind;
use App\Actions\Kit\Documents;
use App\Models\Export;
use App\Models\Release;
use App\Models\Revision;
use App\Models\Shop;
use App\Queries\Kit\Difference;
use App\Queries\Kit\KitFolder;
use App\Queries\Shop\Printed;
use App\Queries\Stock\LotKits;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Manual\ManualPlanner;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Print\BuyerSheet;
use ChiralexRender\Print\CalloutSheet;
use ChiralexRender\Print\CutPage;
use ChiralexRender\Print\DifferenceSlip;
use ChiralexRender\Print\DrillSheet;
use ChiralexRender\Print\LotSlip;
use ChiralexRender\Print\MatSheet;
use ChiralexRender\Print\OverlaySheet;
use ChiralexRender\Print\SafetySheet;
use ChiralexRender\Print\TeacherSheet;
use ChiralexRender\Words;

/**
 * The pages of an export, before they are printed.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class Pages
{
    public function __construct(
        private Documents $documents,
        private ManualPage $page,
        private TradePages $trade,
        private Difference $differences,
        private KitFolder $folder,
        private Printed $printed,
        private LotKits $lots,
        private BagPages $bags,
    ) {}

    /**
     * @return array{name: string, html: string} name without ending
     * @throws UnusableProgram when no QR code can be made
     * @throws ChiralexException when the files of a kit cannot be read
     */
    public function of(Export $export): array
    {
        $page = $this->bare($export);
        $sender = $this->printed->sender();
        $html = match ($export->kind) {
            // A label is as large as it is: nothing stands beside it.
            ExportKind::Manual,
            ExportKind::Booklet,
            ExportKind::BagLabels,
            ExportKind::KitLabels,
            ExportKind::BagLabel,
            ExportKind::KitLabel,
            ExportKind::TapeRuler
                => $page['html'],
            ExportKind::PackingSlip,
            ExportKind::CustomsLines,
            ExportKind::PurchaseOrder,
            ExportKind::BeforeYouBuy
                => $sender->atHead($page['html']),
            default => $sender->atFoot($page['html']),
        };

        return ['html' => $html] + $page;
    }

    /**
     * The pages without the shop.
     *
     * @return array{name: string, html: string} name without ending
     * @throws UnusableProgram when no QR code can be made
     * @throws ChiralexException when the files of a kit cannot be read
     */
    private function bare(Export $export): array
    {
        return match ($export->kind) {
            ExportKind::Manual => $this->manual($export, 'manual', false),
            ExportKind::Booklet => $this->manual($export, 'booklet', true),
            ExportKind::BeforeYouBuy => $this->buyer($export),
            ExportKind::CalloutSheet => $this->callouts($export),
            ExportKind::SortingMat,
            ExportKind::DrillingTemplate,
            ExportKind::BoardOverlay,
            ExportKind::CutSheet
                => $this->trueSize($export),
            ExportKind::SafetyFile => $this->safety($export),
            ExportKind::BagLabels,
            ExportKind::KitLabels,
            ExportKind::BagLabel,
            ExportKind::KitLabel,
            ExportKind::TickList,
            ExportKind::TapeRuler
                => $this->bags->of($export),
            ExportKind::TeacherSheet => $this->teacher($export),
            ExportKind::DifferenceSlip => $this->difference($export),
            ExportKind::LotSlip => $this->lot($export),
            ExportKind::PackingSlip => $this->trade->slip($export),
            ExportKind::CustomsLines => $this->trade->customs($export),
            ExportKind::PurchaseOrder => $this->trade->purchase($export),
        };
    }

    /**
     * @return array{name: string, html: string}
     * @throws UnusableProgram
     */
    private function manual(Export $export, string $name, bool $booklet): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        /** @var ManualShape $document */
        $document = ['paper' => $export->paper] + $this->documents->get($revision, 'manual', $export->options);

        return [
            'name' => "{$document['kit']} {$document['revision']} {$name}",
            'html' => $this->page->html($revision, $document, $export->options, $booklet),
        ];
    }

    /** @return array{name: string, html: string} */
    private function callouts(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        /** @var ManualShape $document */
        $document = ['paper' => $export->paper] + $this->documents->get($revision, 'manual', $export->options);
        /** @var array{steps: array<int, string>, callouts: array<string, string>} $pictures */
        $pictures = $this->documents->get($revision, 'pictures', $export->options);

        return [
            'name' => "{$document['kit']} {$document['revision']} which way round",
            'html' => CalloutSheet::of($document, $pictures, $this->fonts()),
        ];
    }

    /**
     * Sheets that are laid under parts and on cases: nothing may scale them.
     *
     * @return array{name: string, html: string}
     * @throws ChiralexException when the files cannot be read
     */
    private function trueSize(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        $kit = $this->folder->kit($revision, $export->options);
        $words = Words::forBuilder($kit);
        if ($export->kind === ExportKind::DrillingTemplate) {
            return [
                'name' => "{$kit->head->name} {$kit->head->revision} drilling template",
                'html' => (new DrillSheet($words))->of($kit, $export->paper, $this->fonts()),
            ];
        }
        if ($export->kind === ExportKind::CutSheet) {
            return [
                'name' => "{$kit->head->name} {$kit->head->revision} cut sheet",
                'html' => (new CutPage($words))->of(
                    $kit,
                    (new CuttingPlanner())->plan($kit, $export->kits),
                    $export->paper,
                    $this->fonts(),
                ),
            ];
        }
        if ($export->kind === ExportKind::BoardOverlay) {
            return [
                'name' => "{$kit->head->name} {$kit->head->revision} places and names",
                'html' => (new OverlaySheet($words))->of($kit, $export->paper, $this->fonts()),
            ];
        }
        $order = (new Planner())->plan($kit);

        return [
            'name' => "{$kit->head->name} {$kit->head->revision} sorting mat",
            'html' => (new MatSheet($words))->of(
                $kit,
                (new BagPlanner(Shop::bagCosts()))->plan($kit, $order instanceof BuildOrder ? $order : null),
                $export->paper,
                $this->fonts(),
            ),
        ];
    }

    /**
     * @return array{name: string, html: string}
     * @throws ChiralexException when the files cannot be read, or the order has a circle
     */
    private function safety(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        $kit = $this->folder->kit($revision, $export->options);
        $planned = (new Planner())->plan($kit);
        $order = $planned instanceof BuildCycle ? $planned->without : $planned;
        $manual = (new ManualPlanner())->manual(
            $kit,
            $order ?? throw UnusableKit::wrongType('groups.before', 'an order without a circle'),
            (new BagPlanner(Shop::bagCosts()))->plan($kit, $order),
        );

        return [
            'name' => "{$kit->head->name} {$kit->head->revision} safety file",
            'html' => (new SafetySheet(Words::forBuilder($kit)))->of($manual, $export->paper, $this->fonts()),
        ];
    }

    /** @return array{name: string, html: string} */
    private function teacher(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        /** @var ManualShape $document */
        $document = ['paper' => $export->paper] + $this->documents->get($revision, 'manual', $export->options);

        return [
            'name' => "{$document['kit']} {$document['revision']} class of {$export->kits}",
            'html' => TeacherSheet::of($document, max(1, $export->kits), $this->fonts()),
        ];
    }

    /** @return array{name: string, html: string} */
    private function buyer(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        /** @var ManualShape $document */
        $document = ['paper' => $export->paper] + $this->documents->get($revision, 'manual', $export->options);
        /** @var array{boards: list<array{top: string}>} $drawn */
        $drawn = $this->documents->get($revision, 'boards', $export->options);

        return [
            'name' => "{$document['kit']} {$document['revision']} before you buy",
            'html' => BuyerSheet::of($document, array_column($drawn['boards'], 'top'), $this->fonts()),
        ];
    }

    /**
     * From the revision released last before this one.
     *
     * @return array{name: string, html: string}
     */
    private function difference(Export $export): array
    {
        $revision = Revision::query()->findOrFail($export->subject);
        $earlier =
            Revision::query()
                ->where('kit_id', $revision->kit_id)
                ->where('id', '<', $revision->id)
                ->whereIn('id', Release::query()->select('revision_id'))
                ->orderByDesc('id')
                ->first() ?? $revision;

        return [
            'name' => "{$revision->kit->name} {$earlier->name} to {$revision->name} difference",
            'html' => (new DifferenceSlip($this->wordsOf($revision)))->of(
                $revision->kit->name,
                $this->differences->between($earlier, $revision),
                $export->paper,
                $this->fonts(),
            ),
        ];
    }

    /** @return array{name: string, html: string} */
    private function lot(Export $export): array
    {
        $lot = $this->lots->slips($export->subject);
        $words = Revision::query()
            ->whereIn('id', array_unique(array_column($lot['bags'], 'revision')))
            ->get()
            ->mapWithKeys(fn(Revision $revision): array => [$revision->id => $this->wordsOf($revision)])
            ->all();

        return [
            'name' => 'lot ' . ($lot['name'] === '' ? $export->subject : $lot['name']) . ' bags concerned',
            'html' => (new LotSlip($words))->of($lot, $export->paper, $this->fonts()),
        ];
    }

    /** The language and the units that the kit's builders read. */
    private function wordsOf(Revision $revision): Words
    {
        /** @var array{language?: string, units?: string} $manual */
        $manual = $this->documents->get($revision, 'manual', '');

        return Words::in($manual['language'] ?? 'en', $manual['units'] ?? 'mm');
    }

    private function fonts(): string
    {
        return PrintFonts::css(base_path('node_modules'));
    }
}
