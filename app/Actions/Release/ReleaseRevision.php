<?php

declare(strict_types=1);

namespace App\Actions\Release;

use App\Actions\Kit\Documents;
use App\Jobs\ComputeDocuments;
use App\Models\Release;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use App\Support\Audit;
use Chiralex\ChiralexException;
use Chiralex\Kit\OptionChoice;
use Chiralex\Trade\KitCode;
use Chiralex\Trade\Serial;
use Illuminate\Support\Facades\DB;

/** Freezes a revision with everything computed from it, when nothing blocks. */
final readonly class ReleaseRevision
{
    /** Everything is kept word for word for every choice a customer has. */
    private const MOST_CHOICES = 24;

    public function __construct(private KitFolder $folder, private Documents $documents, private PublicToken $tokens) {}

    /**
     * @param int $seen the sequence the caller had read
     * @throws NotReleasable when something blocks, or the draft has moved on
     * @throws ChiralexException when the files cannot be read
     */
    public function __invoke(int $revisionId, ?int $userId, string $operationId, int $seen): Release
    {
        return DB::transaction(function () use ($revisionId, $userId, $operationId, $seen): Release {
            $revision = Revision::query()->lockForUpdate()->findOrFail($revisionId);
            $before = Release::query()->where('revision_id', $revision->id)->first();
            if ($before !== null) {
                return $before;
            }
            if ($revision->sequence !== $seen) {
                throw NotReleasable::drafted($revision->name);
            }
            $kit = $this->folder->kit($revision);
            $choices = OptionChoice::all($kit->choices->options);
            if (count($choices) > self::MOST_CHOICES) {
                throw NotReleasable::choices(count($choices), self::MOST_CHOICES);
            }
            foreach ($choices as $choice) {
                $this->refuseBlocked($revision, $choice);
            }
            $code = KitCode::of($kit);
            // A revision whose name no serial number can carry is refused now, not at the packing bench.
            Serial::of($code, $revision->name, 1);
            $release = Release::query()->create([
                'revision_id' => $revision->id,
                'operation_id' => $operationId,
                'code' => $code,
                'files' => $revision->files,
                'core' => config()->string('app.code'),
                'user_id' => $userId,
            ]);
            foreach ($choices as $choice) {
                foreach (Documents::FROZEN as $name) {
                    DB::table('release_documents')->insert([
                        'release_id' => $release->id,
                        'name' => Documents::kept($name, $choice),
                        'document' => json_encode(
                            $this->documents->get($revision, $name, $choice),
                            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
                        ),
                    ]);
                }
            }
            $this->tokens->forRelease($release);
            ComputeDocuments::dispatch($revision->id, $revision->sequence);
            Audit::record($userId, 'revision.release', null, [
                'revision' => $revision->id,
                'release' => $release->id,
                'code' => $code,
            ]);

            return $release;
        });
    }

    /** @throws NotReleasable when something blocks with these options */
    private function refuseBlocked(Revision $revision, string $choice): void
    {
        /** @var array{matters: list<array{severity: string, station: string, message: string}>} $check */
        $check = $this->documents->get($revision, 'check', $choice);
        $blocking = array_values(
            array_filter($check['matters'], static fn(array $matter): bool => $matter['severity'] === 'block'),
        );
        if ($blocking !== []) {
            throw NotReleasable::blocked($blocking);
        }
    }
}
