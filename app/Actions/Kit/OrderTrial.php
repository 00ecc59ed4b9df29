<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\Planner;
use Chiralex\Kit\OrderOverride;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Words;

/** The order with other overrides, beside the score of the order as saved. */
final readonly class OrderTrial
{
    public function __construct(
        private KitFolder $folder,
        private Documents $documents,
    ) {}

    /**
     * @param list<OrderOverride> $overrides
     * @return array<string, mixed>
     */
    public function of(Revision $revision, array $overrides, string $options = ''): array
    {
        $kit = $this->folder->kit($revision, $options)->withOrderOverrides($overrides);
        $order = (new Planner())->plan($kit);
        $document = new OrderDocument(Words::english());

        return $order instanceof BuildCycle
            ? ['order' => $document->cycle($order), 'before' => null]
            : ['order' => $document->of($order, $kit), 'before' => $this->documents->get($revision, 'order', $options)['score'] ?? null];
    }
}
