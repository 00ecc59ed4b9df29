<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Actions\Kit\Documents;
use App\Devices\BenchScale;
use App\Models\Run;
use Chiralex\Bagging\Packing\BinState;
use Chiralex\Bagging\Packing\BinVerdict;
use Chiralex\Bagging\Packing\BinWatch;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;

/** What the bench scale says of the bin of a line. */
final readonly class BinView
{
    private const DIVISION = 0.01;
    private const REPEATABILITY = 0.005;

    public function __construct(private Documents $documents, private BenchScale $scale) {}

    /**
     * @param float $since steps up to this moment were spoken for
     * @param float $carried grams that they left open
     * @return array<string, mixed>
     */
    public function of(Run $run, int $line, float $since, float $carried): array
    {
        /** @var ?array{item: array{designators: non-empty-list<string>, quantity: int, length: int|float|null}} $at */
        $at = $run->lines[$line] ?? null;
        $item = $at['item'] ?? abort(404, 'There is no such line in this run.');
        /** @var array{masses: array<array-key, array{weighings: int, pieces: int, mean: float, variance: float}>} $known */
        $known = $this->documents->get($run->release->revision, 'bin-masses', $run->options);
        $mass = $item['length'] === null ? $known['masses'][$item['designators'][0]] ?? null : null;
        if ($mass === null) {
            return $this->told(
                new BinVerdict(BinState::Off),
                0,
                null,
                $item['length'] === null ? 'not-weighed' : 'by-length',
                null,
            );
        }
        $watch = new BinWatch(
            LineMass::standing($mass['weighings'], $mass['pieces'], $mass['mean'], $mass['variance']),
            new Scale(self::DIVISION, self::REPEATABILITY),
            max(1, $item['quantity'] * $run->kitsAtOnce()),
        );
        $handful = $watch->handful();
        $readings = $this->scale->readings();
        $verdict = $watch->verdict($readings, $this->scale->now(), $since, $carried);
        $needle = $watch->needle(max(0.0, -($verdict->change ?? 0.0)));

        return $this->told(
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
    private function told(BinVerdict $verdict, int $handful, ?array $needle, ?string $byEye, ?float $wouldDo): array
    {
        return [
            'state' => $verdict->state->value,
            'grams' => $verdict->grams,
            'change' => $verdict->change,
            'pieces' => $verdict->pieces,
            'kits' => $byEye === null ? $verdict->kits : 0,
            'until' => max(0.0, $verdict->until),
            'handful' => $handful,
            'needle' => $needle,
            'byEye' => $byEye,
            'wouldDo' => $wouldDo,
        ];
    }
}
