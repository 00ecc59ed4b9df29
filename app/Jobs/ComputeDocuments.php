<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Kit\Derived;
use App\Actions\Kit\Documents;
use App\Actions\Kit\Facts;
use App\Actions\Kit\RefusedKit;
use App\Actions\Kit\TooHeavy;
use App\Actions\Kit\Workshop;
use App\Models\Release;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use App\Support\LostFile;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Computes a draft's documents ahead, so that the next room opens at once, and writes what lists show of it. */
final class ComputeDocuments implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const NAMES = [
        'parts',
        'shelf',
        'check',
        'boards',
        'order',
        'marks',
        'bags',
        'bench',
        'manual',
        'safety',
        'order-kind-by-kind',
        'trouble',
    ];

    public int $tries = 2;
    public int $timeout = 150;

    /** @param int $sequence of the draft; when it has moved on meanwhile, the job of the later edit does it all */
    public function __construct(private readonly int $revisionId, private readonly int $sequence) {}

    public function handle(
        KitFolder $folder,
        Workshop $workshop,
        Derived $derived,
        Documents $documents,
        Facts $facts,
    ): void {
        $revision = Revision::query()->find($this->revisionId);
        if ($revision === null || $revision->sequence !== $this->sequence) {
            return;
        }
        try {
            if (Release::query()->where('revision_id', $revision->id)->exists()) {
                $documents->get($revision, 'trouble');
                $facts->write(
                    $revision,
                    array_map(
                        static fn(string $name): string => Workshop::json($documents->get($revision, $name)),
                        array_combine(Facts::OF, Facts::OF),
                    ),
                );

                return;
            }
            $missing = array_values(
                array_filter(self::NAMES, static fn(string $name): bool => $derived->known($revision, $name) === null),
            );
            $made = $missing === [] ? [] : $workshop->documents($folder->files($revision), [], $missing);
            foreach ($made as $name => $json) {
                $derived->keep($revision, $name, $json);
            }
            $facts->write(
                $revision,
                array_map(
                    static fn(string $name): string => $made[$name] ?? ($derived->known($revision, $name) ?? '{}'),
                    array_combine(Facts::OF, Facts::OF),
                ),
            );
        } catch (LostFile | RefusedKit | TooHeavy $why) {
            $facts->fault($revision, $why->getMessage(), $why instanceof TooHeavy);
        }
    }

    public function failed(?Throwable $fault): void
    {
        $revision = Revision::query()->find($this->revisionId);
        if ($revision !== null && $revision->sequence === $this->sequence) {
            app(Facts::class)->fault($revision, TooHeavy::broke()->getMessage(), true);
        }
    }
}
