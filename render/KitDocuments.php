<?php

declare(strict_types=1);

namespace ChiralexRender;

use Chiralex\Bagging\BagCosts;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bagging\Weighing\ScaleProof;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\School;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualPlanner;
use Chiralex\Reason\Matter;
use Chiralex\Review\NotBegun;
use Chiralex\Review\Reviewer;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Document\BenchDocument;
use ChiralexRender\Document\BinMasses;
use ChiralexRender\Document\BoardFilesDocument;
use ChiralexRender\Document\CheckDocument;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Document\MarksDocument;
use ChiralexRender\Document\OldTextDocument;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Document\PackPictures;
use ChiralexRender\Document\PartsDocument;
use ChiralexRender\Document\SafetyDocument;
use ChiralexRender\Document\ScaleDocument;
use ChiralexRender\Document\ShelfDocument;
use ChiralexRender\Document\TroubleDocument;
use ChiralexRender\Manual\StepPictures;
use ChiralexRender\Svg\BoardDocument;

/** The documents of one kit by name. It is planned once, reviewed once and bagged once, however many of them are asked for. */
final class KitDocuments
{
    /** Those that have an address of their own. */
    public const SERVED = [
        ...['parts', 'check', 'order', 'order-lowest-first', 'order-kind-by-kind', 'order-block-by-block'],
        ...['marks', 'bags', 'scale', 'bench', 'manual', 'safety', 'files', 'old-text'],
    ];

    private BuildOrder|BuildCycle|null $planned = null;
    /** @var ?list<Matter> */
    private ?array $matters = null;
    private ?BagPlan $bags = null;
    private ?Manual $manual = null;

    /** @param ?BagCosts $costs of the shop; the usual ones otherwise */
    public function __construct(private readonly Kit $kit, private readonly ?BagCosts $costs = null) {}

    /**
     * @param string $name one of SERVED, or trouble, boards, shelf, pictures, pack-pictures, bin-masses
     * @return array<string, mixed> empty where there is none yet: a manual while the order is a cycle
     */
    public function document(string $name): array
    {
        $words = Words::english();
        $builder = Words::forBuilder($this->kit);

        return match ($name) {
            'parts' => (new PartsDocument($words))->of($this->kit),
            'check' => (new CheckDocument($words))->of($this->matters(), NotBegun::stations($this->kit)),
            'order' => $this->order($this->kit, $this->planned(), $words),
            'marks' => (new MarksDocument($builder))->of(
                (new KitCallouts())->callouts($this->kit, $this->built()),
                $this->kit,
                $this->built(),
            ),
            'bags', 'bags-en', 'bags-de', 'scale' => $this->ofBags($name, $words, $builder),
            'bench' => (new BenchDocument($words))->of($this->kit, $this->built()),
            'manual' => $this->built() === null
                ? []
                : (new ManualDocument($builder))->of($this->manual($this->built())),
            'pictures', 'trouble' => $this->ofOrder($name, $builder),
            'files', 'boards', 'safety', 'pack-pictures', 'bin-masses' => $this->ofBoards($name, $words),
            'old-text' => (new OldTextDocument())->of($this->kit, $this->built()),
            'shelf' => (new ShelfDocument($words))->of($this->kit, $this->planned(), $this->matters()),
            default => $this->bySchool(School::from(substr($name, 6)), $words),
        };
    }

    /** @return array<string, mixed> */
    private function ofBags(string $name, Words $words, Words $builder): array
    {
        return match ($name) {
            'bags' => (new BagsDocument($builder))->of($this->bags(), $this->kit->logs->first),
            'scale' => (new ScaleDocument($words))->of(
                ScaleProof::of($this->kit, $this->bags(), new Scale(alarm: $this->alarm())),
                $this->kit,
            ),
            default => (new BagsDocument(Words::in(substr($name, 5))))->of($this->bags(), $this->kit->logs->first),
        };
    }

    /** @return array<string, mixed> */
    private function ofOrder(string $name, Words $builder): array
    {
        return match (true) {
            $name === 'trouble' => (new TroubleDocument($builder))->of($this->kit, $this->built()),
            $this->built() === null => [],
            default => (new StepPictures($this->manual($this->built())))->all(),
        };
    }

    /** @return array<string, mixed> what needs no order */
    private function ofBoards(string $name, Words $words): array
    {
        $drawn = $this->kit->findings->drawn;

        return match ($name) {
            'files' => (new BoardFilesDocument($words))->of($drawn->files, $drawn, $this->kit),
            'boards' => (new BoardDocument())->of($this->kit),
            'pack-pictures' => (new PackPictures())->of($this->kit),
            'bin-masses' => (new BinMasses())->of($this->kit),
            default => (new SafetyDocument($words))->of($this->kit),
        };
    }

    private function planned(): BuildOrder|BuildCycle
    {
        return $this->planned ??= (new Planner())->plan($this->kit);
    }

    private function built(): ?BuildOrder
    {
        return $this->planned() instanceof BuildOrder ? $this->planned() : null;
    }

    /** @return list<Matter> */
    private function matters(): array
    {
        return $this->matters ??= (new Reviewer())->matters($this->kit, $this->planned());
    }

    private function bags(): BagPlan
    {
        return $this->bags ??= (new BagPlanner($this->costs))->plan($this->kit, $this->built());
    }

    /** At most one false alarm in a hundred kits, shared by the bags that are weighed. */
    private function alarm(): float
    {
        return 0.01 / max(1, count($this->bags()->bags));
    }

    private function manual(BuildOrder $order): Manual
    {
        return $this->manual ??= (new ManualPlanner())->manual($this->kit, $order, $this->bags());
    }

    /** @return array<string, mixed> */
    private function bySchool(School $school, Words $words): array
    {
        if ($school === $this->kit->choices->settings->school) {
            return $this->document('order');
        }
        $kit = $this->kit->withSettings($this->kit->choices->settings->with($school, null));

        return $this->order($kit, (new Planner())->plan($kit), $words);
    }

    /** @return array<string, mixed> */
    private function order(Kit $kit, BuildOrder|BuildCycle $order, Words $words): array
    {
        $document = new OrderDocument($words);

        return $order instanceof BuildCycle ? $document->circle($order, $kit) : $document->of($order, $kit);
    }
}
