<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Manual\ManualPlanner;
use Chiralex\Review\Reviewer;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Document\BenchDocument;
use ChiralexRender\Document\CheckDocument;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Document\MarksDocument;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Document\PartsDocument;
use ChiralexRender\Document\SafetyDocument;
use ChiralexRender\Document\ShelfDocument;
use ChiralexRender\Manual\StepPictures;
use ChiralexRender\Svg\BoardDocument;
use ChiralexRender\Words;
use Illuminate\Support\Facades\DB;

/** The documents of a revision, the same as the command line's, written by the same code. */
final readonly class Documents
{
    public const NAMES = ['parts', 'check', 'order', 'order-lowest-first', 'order-kind-by-kind', 'order-block-by-block', 'marks', 'bags', 'bench', 'manual', 'safety'];
    /** What a release keeps word for word. */
    public const FROZEN = ['parts', 'check', 'order', 'marks', 'bags', 'bench', 'manual', 'boards', 'shelf', 'pictures', 'safety'];

    public function __construct(
        private KitFolder $folder,
        private Derived $derived,
    ) {}

    /**
     * @param string $options what is chosen, as `box=drilled;power=jack`
     * @return array<string, mixed>
     * @throws ChiralexException when the files cannot be read, or the kit has no such option
     */
    public function get(Revision $revision, string $name, string $options = ''): array
    {
        $kept = self::kept($name, $options);
        $frozen = in_array($name, self::FROZEN, true) ? DB::table('release_documents')->join('releases', 'releases.id', '=', 'release_id')->where('revision_id', $revision->id)->where('name', $kept)->value('document') : null;
        if (is_string($frozen)) {
            /** @var array<string, mixed> */
            return json_decode($frozen, true, 512, JSON_THROW_ON_ERROR);
        }

        return $this->derived->document($revision, $kept, fn(): array => $this->compute($name, $this->folder->kit($revision, $options)));
    }

    /** The name a document is kept under. */
    public static function kept(string $name, string $options): string
    {
        return $options === '' ? $name : "{$name}@{$options}";
    }

    /** @return array<string, mixed> */
    private function compute(string $name, Kit $kit): array
    {
        $words = Words::english();
        $builder = Words::forBuilder($kit);
        if (str_starts_with($name, 'order-')) {
            $kit = $kit->withSettings($kit->settings->with(substr($name, 6), null));
        }

        return match ($name) {
            'parts' => (new PartsDocument($words))->of($kit),
            'check' => (new CheckDocument($words))->of((new Reviewer())->matters($kit, (new Planner())->plan($kit))),
            'marks' => $this->marks($kit, $builder),
            'bags' => (new BagsDocument($builder))->of((new BagPlanner())->plan($kit, self::planned($kit))),
            'manual', 'pictures' => $this->manual($kit, $builder, $name),
            'bench' => (new BenchDocument($words))->of($kit, self::planned($kit)),
            'safety' => (new SafetyDocument($words))->of($kit),
            'boards' => (new BoardDocument())->of($kit),
            'shelf' => (new ShelfDocument($words))->of($kit),
            default => $this->order($kit, $words),
        };
    }

    /** @return array<string, mixed> while the order is a cycle there is nothing to print yet */
    private function manual(Kit $kit, Words $words, string $name): array
    {
        $order = self::planned($kit);
        if ($order === null) {
            return [];
        }
        $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));

        return $name === 'manual' ? (new ManualDocument($words))->of($manual) : (new StepPictures($manual))->all();
    }

    private static function planned(Kit $kit): ?BuildOrder
    {
        $order = (new Planner())->plan($kit);

        return $order instanceof BuildOrder ? $order : null;
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
