<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

use App\Support\FileStore;
use Illuminate\Support\Facades\DB;

/** Which stored files are still named somewhere. */
final readonly class FileUses
{
    public function __construct(private FileStore $store) {}

    /**
     * Takes those out of the store that nothing names any more.
     *
     * @param list<string> $hashes
     */
    public function discardUnused(array $hashes): void
    {
        $hashes = array_values(array_unique($hashes));
        foreach (array_diff($hashes, $hashes === [] ? [] : $this->named($hashes)) as $hash) {
            $this->store->discard($hash);
        }
    }

    /**
     * @param non-empty-list<string> $hashes
     * @return list<string> those that are named
     */
    private function named(array $hashes): array
    {
        $wanted = '{' . implode(',', $hashes) . '}';
        $rows = DB::select(
            "
            select value from revisions, jsonb_each_text(files) where value = any(?::text[])
            union select value from releases, jsonb_each_text(files) where value = any(?::text[])
            union select sha256 from original_files where sha256 = any(?::text[])
            union select entry ->> 'value' from edits, jsonb_array_elements(change || inverse) entry where entry ->> 'type' = 'file' and entry ->> 'value' = any(?::text[])
            union select entry ->> 'sha256' from imports, jsonb_array_elements(files) entry where status in ('queued', 'running') and entry ->> 'sha256' = any(?::text[])
            union select picture from revision_facts where picture = any(?::text[])
            union select sha256 from report_files where sha256 = any(?::text[])
            union select sha256 from letter_raws where sha256 = any(?::text[])
            union select sha256 from intakes where status in ('queued', 'running') and sha256 = any(?::text[])
            union select picture from mails where picture = any(?::text[])
            union select photo from run_photos where photo = any(?::text[])
            union select photo from library_parts where photo = any(?::text[])
            union select sha256 from exports where sha256 = any(?::text[])",
            array_fill(0, 13, $wanted),
        );

        $named = [];
        foreach ($rows as $row) {
            $value = is_object($row) ? ((array) $row)['value'] ?? null : null;
            if (is_string($value)) {
                $named[] = trim($value);
            }
        }

        return $named;
    }
}
