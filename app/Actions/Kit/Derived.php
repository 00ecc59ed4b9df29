<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use App\Models\Shop;
use Closure;
use Illuminate\Support\Facades\DB;

/** Keeps computed documents by a hash of their inputs, the shop's costs among them, and of the code that computes them; the table can be emptied without loss. */
final readonly class Derived
{
    /**
     * @param Closure(): array<string, mixed> $compute
     * @return array<string, mixed>
     */
    public function document(Revision $revision, string $name, Closure $compute): array
    {
        $known = $this->known($revision, $name);
        if ($known !== null) {
            /** @var array<string, mixed> */
            return json_decode($known, true, 512, JSON_THROW_ON_ERROR);
        }
        $document = $compute();
        $this->keep($revision, $name, Workshop::json($document));

        return $document;
    }

    /** The document as JSON, where it was computed before. */
    public function known(Revision $revision, string $name): ?string
    {
        $known = DB::table('derived_results')->where('hash', self::hash($revision, $name))->value('document');

        return is_string($known) ? $known : null;
    }

    public function keep(Revision $revision, string $name, string $json): void
    {
        DB::table('derived_results')->insertOrIgnore([
            'hash' => self::hash($revision, $name),
            'document' => $json,
            'files_hash' => self::files($revision->files),
            'code' => config()->string('app.code'),
        ]);
    }

    /**
     * One text for one set of files.
     *
     * @param array<string, string> $files
     */
    public static function files(array $files): string
    {
        ksort($files);

        return hash('sha256', json_encode($files, JSON_THROW_ON_ERROR));
    }

    private static function hash(Revision $revision, string $name): string
    {
        return hash(
            'sha256',
            json_encode(
                [self::files($revision->files), $name, config()->string('app.code'), Shop::bagPrices()],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
