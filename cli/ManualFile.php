<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Manual\ManualPlanner;
use ChiralexAdapters\Booklet;
use ChiralexAdapters\BookPdf;
use ChiralexAdapters\ChromiumPdf;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\HtmlManual;
use ChiralexRender\Manual\StepPictures;
use ChiralexRender\Manual\TextManual;
use ChiralexRender\Print\CalloutSheet;
use ChiralexRender\Print\DrillSheet;
use ChiralexRender\Print\MatSheet;
use ChiralexRender\Print\OverlaySheet;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Print\PageMark;
use ChiralexRender\Print\SafetySheet;
use ChiralexRender\Words;

/**
 * A kit's manual as the bytes of a file.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class ManualFile
{
    /** @param list<string> $circuit pages of the circuit drawing, as SVG */
    public function __construct(private array $circuit = [], private ?PageCode $code = null) {}

    /**
     * @return ?string null for a format that is none
     * @throws UnusableProgram when a PDF is asked for and Chromium is missing
     */
    public function bytes(Kit $kit, BuildOrder $order, string $format): ?string
    {
        return match ($format) {
            'html' => $this->html($kit, $order, false),
            'pdf' => (new BookPdf())->print($this->html($kit, $order, false), PageMark::filled(...)),
            'md' => TextManual::markdown()->of($this->document($kit, $order)),
            'txt' => TextManual::plain()->of($this->document($kit, $order)),
            default => null,
        };
    }

    /**
     * Set for half the paper, two pages a side, to be folded.
     *
     * @throws UnusableProgram when Chromium is missing
     */
    public function booklet(Kit $kit, BuildOrder $order): string
    {
        return Booklet::of((new BookPdf())->print($this->html($kit, $order, true), PageMark::filled(...)));
    }

    private function html(Kit $kit, BuildOrder $order, bool $booklet): string
    {
        $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));

        return (new HtmlManual())->of(
            (new ManualDocument(Words::forBuilder($kit)))->of($manual),
            (new StepPictures($manual))->all() + ['circuit' => $this->circuit],
            [],
            PrintFonts::css(dirname(__DIR__) . '/node_modules'),
            $this->code,
            $booklet,
        );
    }

    /** @return ManualShape */
    private function document(Kit $kit, BuildOrder $order): array
    {
        $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));

        return (new ManualDocument(Words::forBuilder($kit)))->of($manual);
    }

    /**
     * A sheet that goes with the manual, printed to PDF.
     *
     * @return ?string null for a kind that is none
     * @throws UnusableProgram when Chromium is missing
     */
    public function sheet(Kit $kit, BuildOrder $order, string $kind): ?string
    {
        $words = Words::forBuilder($kit);
        $fonts = PrintFonts::css(dirname(__DIR__) . '/node_modules');
        $bags = (new BagPlanner())->plan($kit, $order);
        $manual = (new ManualPlanner())->manual($kit, $order, $bags);
        $html = match ($kind) {
            'mat' => (new MatSheet($words))->of($kit, $bags, $kit->choices->settings->page->paper->value, $fonts),
            'drilling' => (new DrillSheet($words))->of($kit, $kit->choices->settings->page->paper->value, $fonts),
            'safety' => (new SafetySheet($words))->of($manual, $kit->choices->settings->page->paper->value, $fonts),
            'overlay' => (new OverlaySheet($words))->of($kit, $kit->choices->settings->page->paper->value, $fonts),
            'callouts' => CalloutSheet::of(
                (new ManualDocument($words))->of($manual),
                (new StepPictures($manual))->all(),
                $fonts,
            ),
            default => null,
        };

        return $html === null ? null : (new ChromiumPdf())->print($html);
    }
}
