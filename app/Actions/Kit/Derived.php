<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use Closure;
use Illuminate\Support\Facades\DB;

/** Keeps computed documents by a hash of their inputs and of the code that computes them; the table can be emptied without loss. */
final readonly class Derived
{
    /**
     * @param Closure(): array<string, mixed> $compute
     * @return array<string, mixed>
     */
    public function document(Revision $revision, string $name, Closure $compute): array
    {
        $files = $revision->files;
        ksort($files);
        $hash = hash('sha256', json_encode([$files, $name, config()->string('app.code')], JSON_THROW_ON_ERROR));
        $known = DB::table('derived_results')->where('hash', $hash)->value('document');
        if (is_string($known)) {
            /** @var array<string, mixed> */
            return json_decode($known, true, 512, JSON_THROW_ON_ERROR);
        }
        $document = $compute();
        DB::table('derived_results')->insertOrIgnore(['hash' => $hash, 'document' => json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE)]);

        return $document;
    }
}
