<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Review\Reviewer;
use ChiralexRender\Document\CheckDocument;
use ChiralexRender\Document\MarksDocument;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Document\PartsDocument;
use ChiralexRender\Document\ShelfDocument;
use ChiralexRender\Svg\BoardDocument;
use ChiralexRender\Words;

/** The documents of a revision, the same as the command line's, written by the same code. */
final readonly class Documents
{
    public const NAMES = ['parts', 'check', 'order', 'order-lowest-first', 'order-kind-by-kind', 'order-block-by-block', 'marks'];

    public function __construct(
        private KitFolder $folder,
        private Derived $derived,
    ) {}

    /**
     * @return array<string, mixed>
     * @throws ChiralexException when the files cannot be read
     */
    public function get(Revision $revision, string $name): array
    {
        return $this->derived->document($revision, $name, fn(): array => $this->compute($name, $this->folder->kit($revision)));
    }

    /** @return array<string, mixed> */
    private function compute(string $name, Kit $kit): array
    {
        $words = Words::english();
        if (str_starts_with($name, 'order-')) {
            $kit = $kit->withSettings($kit->settings->with(substr($name, 6), null));
        }

        return match ($name) {
            'parts' => (new PartsDocument($words))->of($kit),
            'check' => (new CheckDocument($words))->of((new Reviewer())->matters($kit, (new Planner())->plan($kit))),
            'marks' => $this->marks($kit, $words),
            'boards' => (new BoardDocument())->of($kit),
            'shelf' => (new ShelfDocument($words))->of($kit),
            default => $this->order($kit, $words),
        };
    }

    /** @return array<string, mixed> */
    private function order(Kit $kit, Words $words): array
    {
        $order = (new Planner())->plan($kit);
        $document = new OrderDocument($words);

        return $order instanceof BuildCycle ? $document->cycle($order) : $document->of($order, $kit);
    }

    /** @return array<string, mixed> */
    private function marks(Kit $kit, Words $words): array
    {
        $order = (new Planner())->plan($kit);

        return (new MarksDocument($words))->of((new KitCallouts())->callouts($kit, $order instanceof BuildCycle ? null : $order), $kit, $order instanceof BuildCycle ? null : $order);
    }
}
