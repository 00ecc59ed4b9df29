<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Actions\Kit\Documents;
use App\Actions\Release\PublicToken;
use App\Actions\Sales\KnowArticle;
use App\Actions\Sales\PackedAs;
use App\Models\Release;
use App\Models\Revision;
use App\Models\Run;
use App\Models\Shop;
use App\Models\Unit;
use App\Queries\Packing\RunLines;
use App\Support\Audit;
use App\Support\Locks;
use Chiralex\ChiralexException;
use Chiralex\Trade\Dealing;
use Chiralex\Trade\PackWay;
use Chiralex\Trade\Serial;
use Illuminate\Support\Facades\DB;

/** Begins a packing run: its lines are taken from the released bag plan, each kit gets its serial number and token. */
final readonly class StartRun
{
    private const CHUNK = 1000;

    public function __construct(
        private Documents $documents,
        private PublicToken $tokens,
        private RunLines $lines,
        private RunState $states,
        private KnowArticle $articles,
    ) {}

    /**
     * @param int<1, 500> $packs kits, or class packs
     * @param int $packSize kits in a pack: 1, 5, 10 or 20
     * @param string $options what is chosen, as `box=drilled;power=jack`
     * @throws ChiralexException when the kit has no such option, or the serial numbers of the revision are used up
     */
    public function __invoke(
        Release $release,
        int $packs,
        int $packSize,
        string $operationId,
        ?int $userId,
        string $options = '',
        Dealing $dealing = Dealing::ByKind,
        PackWay $way = PackWay::LineByLine,
    ): Run {
        return DB::transaction(function () use (
            $release,
            $packs,
            $packSize,
            $operationId,
            $userId,
            $options,
            $dealing,
            $way,
        ): Run {
            // Two kits may have letters in common; their kits are then numbered in one row.
            Locks::take('serials', [crc32("{$release->code} {$release->revision->name}") & 0x7fff_ffff]);
            $known = Run::query()->where('operation_id', $operationId)->first();
            if ($known !== null) {
                return $known;
            }
            $lines = $this->lines->of(
                $this->documents->get($release->revision, 'bags', $options),
                $this->documents->get($release->revision, 'parts', $options),
                $this->packers($release->revision, $options),
            );
            $dealing = Dealing::of($packSize, $dealing);
            $atOnce = $dealing->kitsAtOnce($packSize);
            $run = Run::query()->create([
                'release_id' => $release->id,
                'operation_id' => $operationId,
                'packs' => intdiv($packs * $packSize, $atOnce),
                'pack_size' => $packSize,
                'dealing' => $dealing,
                'way' => $way,
                'lines' => $lines,
                'options' => $options,
                'user_id' => $userId,
            ]);
            $last = self::last($release);
            $serials = Serial::following($release->code, $release->revision->name, $last, $packs * $packSize);
            foreach (array_chunk($serials, self::CHUNK, true) as $chunk) {
                Unit::query()->insert(
                    array_map(
                        static fn(int $i, Serial $serial): array => [
                            'release_id' => $release->id,
                            'run_id' => $run->id,
                            'pack' => intdiv($i, $atOnce),
                            'number' => $serial->number,
                            'serial' => $serial->text(),
                            'created_at' => now(),
                        ],
                        array_keys($chunk),
                        $chunk,
                    ),
                );
            }
            $kitId = $release->revision->kit_id;
            ($this->articles)(new PackedAs($kitId, $options));
            ($this->articles)(new PackedAs($kitId, $options, $packSize, $dealing));
            $this->tokens->forRun($run);
            $this->states->renew($run);
            Audit::record($userId, 'run.start', null, [
                'run' => $run->id,
                'packs' => $packs,
                'packSize' => $packSize,
                'dealing' => $dealing->value,
                'way' => $way->value,
                'options' => $options,
            ]);

            return $run;
        });
    }

    /** The last number of the kits with the letters and the revision of a release. */
    private static function last(Release $release): int
    {
        $alike = Release::query()
            ->where('code', $release->code)
            ->whereHas('revision', static fn($revision) => $revision->where('name', $release->revision->name))
            ->select('id');

        return Unit::query()->whereIn('release_id', $alike)->orderByDesc('number')->first()->number ?? 0;
    }

    /**
     * The bags in the words of the people at the bench, where builders read another language.
     *
     * @return ?array<string, mixed>
     * @throws ChiralexException when the files of the kit cannot be read
     */
    private function packers(Revision $revision, string $options): ?array
    {
        $language = Shop::ours()->language;

        return ($this->documents->get($revision, 'manual')['language'] ?? 'en') === $language
            ? null
            : $this->documents->get($revision, "bags-{$language}", $options);
    }
}
