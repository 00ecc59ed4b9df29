<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Illuminate\Support\Facades\DB;

/** Answers to "what is it?": kept with the part, given again in the next kit. */
final readonly class PartAnswers
{
    public function remember(KitPart $part, string $kind): void
    {
        DB::table('part_answers')->upsert([['fingerprint' => self::fingerprint($part), 'kind' => $kind, 'created_at' => now(), 'updated_at' => now()]], ['fingerprint'], ['kind', 'updated_at']);
    }

    /**
     * @param array<string, string> $files
     * @return array<string, string> with known answers written into kit.json
     */
    public function applied(array $files, Kit $kit): array
    {
        $draft = new Draft($files);
        foreach ($kit->parts as $part) {
            if (!$part->recognition->needsAnswer()) {
                continue;
            }
            $kind = DB::table('part_answers')->where('fingerprint', self::fingerprint($part))->value('kind');
            if (is_string($kind)) {
                $draft->apply(new Change('line', $part->designator, 'kind', $kind));
            }
        }

        return $draft->files;
    }

    private static function fingerprint(KitPart $part): string
    {
        return mb_strtolower(mb_substr(implode('|', [Designators::prefix($part->designator), $part->line->value, $part->line->package, $part->line->description]), 0, 190));
    }
}
