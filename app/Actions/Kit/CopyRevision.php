<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\ComputeDocuments;
use App\Models\Kit;
use App\Models\Revision;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Begins the next revision of a kit as a copy of one, once for each operation: A, B, ... Z, AA. */
final readonly class CopyRevision
{
    public function __construct(private KitFolder $folder) {}

    public function __invoke(Revision $revision, ?int $userId, string $operationId): Revision
    {
        return DB::transaction(function () use ($revision, $userId, $operationId): Revision {
            Kit::query()->lockForUpdate()->findOrFail($revision->kit_id);
            $known = Revision::query()->where('operation_id', $operationId)->first();
            if ($known !== null) {
                return $known;
            }
            $names = Revision::query()->where('kit_id', $revision->kit_id)->pluck('name')->all();
            $name = $revision->name;
            do {
                // Counting letters: Z is followed by AA.
                ++$name;
            } while (in_array($name, $names, true));
            $draft = new Draft($this->folder->files($revision));
            $draft->files['kit.json'] = $this->renamed($draft->files['kit.json'] ?? '{"format": 1}', (string) $name);
            $copy = Revision::query()->create(['kit_id' => $revision->kit_id, 'name' => (string) $name, 'sequence' => 0, 'files' => $this->folder->store($draft->files), 'operation_id' => $operationId]);
            Audit::record($userId, 'revision.copy', ['revision' => $revision->id], ['revision' => $copy->id, 'name' => $name]);
            ComputeDocuments::dispatch($copy->id, 0);

            return $copy;
        });
    }

    private function renamed(string $json, string $name): string
    {
        $data = json_decode($json, true);

        return json_encode(['revision' => $name] + (is_array($data) ? $data : []), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n";
    }
}
