<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\Mending;
use App\Models\Revision;
use Chiralex\Fault\BeforeAfter;
use Chiralex\Fault\ShippedKit;
use Chiralex\Statistics\Wilson;

/** What was mended in a kit, and whether it helped: kits before it against kits after it. */
final readonly class Watched
{
    /** @return list<array<string, mixed>> the newest first */
    public function of(int $kitId, FaultRecord $record): array
    {
        $reports = $record->reports();
        $names = Revision::query()->where('kit_id', $kitId)->orderBy('id')->pluck('name', 'id');

        return array_values(
            Mending::query()
                ->with(['user', 'revision'])
                ->where('kit_id', $kitId)
                ->whereNull('taken_back_at')
                ->orderByDesc('id')
                ->get()
                ->map(static function (Mending $each) use ($record, $reports, $names): array {
                    $later = $names->filter(static fn(mixed $name, int $id): bool => $id >= $each->revision_id)->flip();
                    $day = $each->created_at->toDateString();
                    $now = BeforeAfter::of(
                        $record->shipped,
                        $reports,
                        $each->name(),
                        static fn(ShippedKit $kit): bool => $each->revision_id === null
                            ? $kit->date > $day
                            : $later->has($kit->revision),
                        now()->toDateTimeImmutable(),
                    );

                    return [
                        'id' => $each->id,
                        'name' => $each->name(),
                        'part' => $each->part,
                        'place' => $each->place,
                        'on' => $day,
                        'by' => $each->user->name ?? '',
                        'revision' => $each->revision?->name,
                        'before' => self::side($now->before, $now->beforeReported, $now->beforeInterval()),
                        'after' => self::side($now->after, $now->afterReported, $now->afterInterval()),
                        'young' => $now->young,
                        'chance' => round($now->chance, 4),
                        'turn' => $now->turn()->value,
                        'missing' => $now->missing(),
                    ];
                })
                ->all(),
        );
    }

    /** @return array{kits: int, reported: int, low: float, high: float} */
    private static function side(int $kits, int $reported, Wilson $interval): array
    {
        return [
            'kits' => $kits,
            'reported' => $reported,
            'low' => round($interval->low, 4),
            'high' => round($interval->high, 4),
        ];
    }
}
