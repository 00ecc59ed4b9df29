<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\ComputeDocuments;
use App\Models\Kit;
use App\Models\Release;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use App\Support\Audit;
use App\Support\FileStore;
use Chiralex\Kit\Exception\UnusableKit;
use Illuminate\Support\Facades\DB;

/**
 * Begins the next revision of a kit as a copy of one, once for each operation: A, B, ... Z, AA. While the newest is such a copy that
 * nobody has touched, it is the next revision, however often it is asked for.
 */
final readonly class CopyRevision
{
    public function __construct(private KitFolder $folder, private FileStore $store) {}

    /** @throws UnusableKit when the kit file cannot be read */
    public function __invoke(Revision $revision, ?int $userId, string $operationId): Revision
    {
        return DB::transaction(function () use ($revision, $userId, $operationId): Revision {
            Kit::query()->lockForUpdate()->findOrFail($revision->kit_id);
            $known = Revision::query()->where('operation_id', $operationId)->first() ?? $this->untouched($revision);
            if ($known !== null) {
                return $known;
            }
            $names = Revision::query()->where('kit_id', $revision->kit_id)->pluck('name')->all();
            $name = $revision->name;
            do {
                // Counting letters: Z is followed by AA.
                ++$name;
            } while (in_array($name, $names, true));
            $copy = Revision::query()->create([
                'kit_id' => $revision->kit_id,
                'name' => (string) $name,
                'sequence' => 0,
                'files' => $this->store->putAll($this->folder->of($revision)->named(null, (string) $name)->files),
                'operation_id' => $operationId,
            ]);
            Audit::record(
                $userId,
                'revision.copy',
                ['revision' => $revision->id],
                ['revision' => $copy->id, 'name' => $name],
            );
            ComputeDocuments::dispatch($copy->id, 0);

            return $copy;
        });
    }

    private function untouched(Revision $of): ?Revision
    {
        $newest = Revision::query()->where('kit_id', $of->kit_id)->orderByDesc('id')->firstOrFail();
        $here =
            $newest->operation_id !== null &&
            $newest->sequence === 0 &&
            $newest->put_aside_at === null &&
            Release::query()->where('revision_id', $newest->id)->doesntExist();

        return $here && self::files($newest) === self::files($of) ? $newest : null;
    }

    /** @return array<string, string> all but the kit file, which holds the letter */
    private static function files(Revision $revision): array
    {
        $files = array_diff_key($revision->files, ['kit.json' => true]);
        ksort($files);

        return $files;
    }
}
