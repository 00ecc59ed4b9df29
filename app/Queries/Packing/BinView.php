<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Actions\Kit\Documents;
use App\Models\Run;
use App\Models\Shop;
use App\Support\Row;
use Chiralex\Bagging\Packing\BinState;
use Chiralex\Bagging\Packing\BinVerdict;
use Chiralex\Bagging\Packing\BinWatch;
use Chiralex\Bagging\Packing\CupWatch;
use Chiralex\Bagging\Packing\ScaleReading;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Trade\PackWay;
use Illuminate\Support\Facades\DB;

/** What the bench scale says of the bin of a line, or of the bag in its cup. */
final readonly class BinView
{
    /** Seconds after which the check mass is laid on again: half an hour; common practice, no source. */
    private const CHECK = 1800;

    public function __construct(private Documents $documents) {}

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @param float $now of the same clock
     * @param float $since steps up to this moment were spoken for
     * @param float $carried grams that they left open
     * @return array<string, mixed>
     */
    public function of(Run $run, int $line, array $readings, float $now, float $since, float $carried): array
    {
        /** @var ?array{item: array{designators: non-empty-list<string>, quantity: int, length: int|float|null}} $at */
        $at = $run->lines[$line] ?? null;
        $item = $at['item'] ?? abort(404, 'There is no such line in this run.');
        /** @var array{masses: array<array-key, array{weighings: int, pieces: int, mean: float, variance: float}>} $known */
        $known = $this->documents->get($run->release->revision, 'bin-masses', $run->options);
        $mass = $item['length'] === null ? $known['masses'][$item['designators'][0]] ?? null : null;
        if ($mass === null) {
            return $this->told(
                $run,
                new BinVerdict(BinState::Off),
                0,
                null,
                $item['length'] === null ? 'not-weighed' : 'by-length',
                null,
            );
        }
        $of = LineMass::standing($mass['weighings'], $mass['pieces'], $mass['mean'], $mass['variance']);
        $each = max(1, $item['quantity'] * $run->kitsAtOnce());
        $watch = new BinWatch($of, Shop::ours()->scale(), $each);
        $gains = $run->way === PackWay::BagByBag;
        $handful = $gains ? min(1, $watch->handful()) : $watch->handful();
        $verdict = $gains
            ? (new CupWatch($of, Shop::ours()->scale(), $each))->verdict($readings, $now, $since, $carried)
            : $watch->verdict($readings, $now, $since, $carried);
        $needle = $watch->needle($gains ? 0.0 : max(0.0, -($verdict->change ?? 0.0)));

        return $this->told(
            $run,
            $verdict,
            $handful,
            [
                'kits' => $needle->kits,
                'less' => $needle->less,
                'low' => $needle->low,
                'high' => $needle->high,
                'more' => $needle->more,
            ],
            $handful === 0 ? 'too-light' : null,
            $handful === 0 ? $watch->wouldDo() : null,
        );
    }

    /**
     * @param ?array<string, float|int> $needle
     * @return array<string, mixed>
     */
    private function told(
        Run $run,
        BinVerdict $verdict,
        int $handful,
        ?array $needle,
        ?string $byEye,
        ?float $wouldDo,
    ): array {
        return [
            'state' => $verdict->state->value,
            'grams' => $verdict->grams === null ? null : round($verdict->grams, 4),
            'change' => $verdict->change === null ? null : round($verdict->change, 4),
            'pieces' => $verdict->pieces,
            'kits' => $byEye === null ? $verdict->kits : 0,
            'until' => max(0.0, $verdict->until),
            'gains' => $run->way === PackWay::BagByBag,
            'handful' => $handful,
            'needle' => $needle,
            'byEye' => $byEye,
            'wouldDo' => $wouldDo,
            'check' => [
                'due' => $byEye === null && $this->isCheckDue($run),
                'mass' => (float) Shop::ours()->check_mass,
            ],
        ];
    }

    /** At the start of a run, every half hour, after the bin was lifted, and until it is right: the newest line of the book decides. */
    private function isCheckDue(Run $run): bool
    {
        $last = Row::first(
            DB::table('scale_checks')
                ->where('run_id', $run->id)
                ->orderByDesc('id')
                ->select(['is_right', 'created_at']),
        );

        return $last === null ||
            !$last->flag('is_right') ||
            $last->time('created_at')->lt(now()->subSeconds(self::CHECK));
    }
}
