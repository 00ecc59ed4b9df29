<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Builder\Ticks;
use App\Actions\Kit\Documents;
use App\Models\Release;
use App\Models\Unit;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/** Builders of the demo who ticked their steps and let the minutes be counted; some of them stopped on the way. */
final readonly class DemoBuilders
{
    private const BUILDERS = 16;
    /** One in so many stops, at the step that takes longest of the first half. */
    private const STOPS = 5;
    private const DAYS_AFTER = 9;

    public function __construct(private Documents $documents, private Ticks $ticks) {}

    /** @param array<string, array{serials: list<string>, at: Carbon, email: string, name: string}> $shipped */
    public function play(Release $release, array $shipped): void
    {
        /** @var array{steps?: list<array{key: string, minutes: float|int}>} $manual */
        $manual = $this->documents->get($release->revision, 'manual');
        $steps = $manual['steps'] ?? [];
        if ($steps === []) {
            return;
        }
        $half = array_slice($steps, 0, intdiv(count($steps), 2));
        $minutes = array_column($half, 'minutes');
        $hard = $minutes === [] ? 0 : (int) array_search(max($minutes), $minutes, true);
        $built = 0;
        foreach ($shipped as $order) {
            foreach (array_slice($order['serials'], 0, 1) as $serial) {
                $unit = Unit::query()->where('serial', $serial)->first();
                if ($unit === null || ++$built > self::BUILDERS) {
                    continue;
                }
                Carbon::setTestNow($order['at']->copy()->addDays(self::DAYS_AFTER));
                $reached = $built % self::STOPS === 0 ? $hard + 1 : count($steps);
                $ticks = [];
                foreach (array_slice($steps, 0, $reached) as $at => $step) {
                    // Between two thirds and twice of what is planned, the longest step always longer.
                    $factor = 0.7 + (crc32("{$serial} {$step['key']}") % 100) / 100 + ($at === $hard ? 0.8 : 0.0);
                    $ticks[] = [
                        'operationId' => Uuid::uuid4()->toString(),
                        'step' => $step['key'],
                        'done' => true,
                        'minutes' => round($factor * $step['minutes'], 2),
                    ];
                }
                $this->ticks->add($unit, $ticks);
            }
        }
    }
}
