<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Actions\Kit\Documents;
use App\Models\Revision;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\Planner;
use Chiralex\Kit\OrderOverride;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Document\ScoreChange;
use ChiralexRender\Words;

/** The order with other overrides, and what it costs more or less than the order as saved. */
final readonly class OrderTrial
{
    public function __construct(private KitFolder $folder, private Documents $documents) {}

    /**
     * @param list<OrderOverride> $overrides
     * @return array<string, mixed>
     */
    public function of(Revision $revision, array $overrides, string $options = ''): array
    {
        $kit = $this->folder->kit($revision, $options)->withOrderOverrides($overrides);
        $order = (new Planner())->plan($kit);
        $words = Words::english();
        $document = new OrderDocument($words);

        if ($order instanceof BuildCycle) {
            return ['order' => $document->circle($order, $kit), 'change' => null];
        }
        $before = $this->documents->get($revision, 'order', $options)['score'] ?? null;

        return [
            'order' => $document->of($order, $kit),
            'change' => is_array($before)
                ? (new ScoreChange($words))->of(OrderDocument::scored($before), $order->score, $order->school)
                : null,
        ];
    }
}
