<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\KnownParts;
use App\Models\Revision;
use App\Models\RevisionFact;
use App\Support\FileStore;
use Illuminate\Support\Facades\DB;

/** Writes what lists show of a revision, from its documents; lists read that and compute nothing. */
final readonly class Facts
{
    /** Documents that the facts are made of. */
    public const OF = ['shelf', 'parts'];

    public function __construct(private FileStore $store, private KnownParts $parts) {}

    /** @param array<string, string> $documents name to JSON, those of OF among them */
    public function write(Revision $revision, array $documents): void
    {
        /** @var array{picture?: string, ...<string, mixed>} $shelf */
        $shelf = json_decode($documents['shelf'] ?? '{}', true, 512, JSON_THROW_ON_ERROR);
        /** @var array{options?: list<array<string, mixed>>, lines?: list<array<string, mixed>>} $parts */
        $parts = json_decode($documents['parts'] ?? '{}', true, 512, JSON_THROW_ON_ERROR);
        $picture = ($shelf['picture'] ?? '') === '' ? null : $this->store->put($shelf['picture']);
        unset($shelf['picture']);
        DB::transaction(function () use ($revision, $shelf, $parts, $picture): void {
            if (
                $this->save($revision, [
                    'shelf' => $shelf,
                    'options' => $parts['options'] ?? [],
                    'picture' => $picture,
                    'fault' => null,
                    'blocked' => false,
                ])
            ) {
                $this->parts->write($revision, $parts['lines'] ?? []);
            }
        });
    }

    /**
     * A revision that cannot be computed is a row that says why; what was known of it stays.
     *
     * @param bool $blocked true where it is not tried again before the draft changes
     */
    public function fault(Revision $revision, string $fault, bool $blocked): void
    {
        $this->save($revision, ['fault' => $fault, 'blocked' => $blocked]);
    }

    /** True where the facts are those of the revision as it is, by the code that runs. */
    public static function areCurrent(?RevisionFact $facts, Revision $revision): bool
    {
        return $facts !== null &&
            $facts->sequence === $revision->sequence &&
            $facts->code === config()->string('app.code');
    }

    /**
     * @param array<string, mixed> $columns
     * @return bool false where the draft has moved on meanwhile
     */
    private function save(Revision $revision, array $columns): bool
    {
        $now = Revision::query()->lockForUpdate()->find($revision->id);
        if ($now === null || $now->sequence !== $revision->sequence) {
            return false;
        }
        RevisionFact::query()->updateOrCreate(
            ['revision_id' => $revision->id],
            ['sequence' => $revision->sequence, 'code' => config()->string('app.code')] + $columns,
        );

        return true;
    }
}
