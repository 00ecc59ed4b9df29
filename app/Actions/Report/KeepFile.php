<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\FileStore;
use Illuminate\Support\Facades\DB;

/** Keeps what came with a report: a picture cleaned of all but itself, anything else as it came, to be fetched and never shown. */
final readonly class KeepFile
{
    public function __construct(private KeepPhoto $keep, private FileStore $store) {}

    /** Whatever it is; what claims to be a picture and is none stays a file. */
    public function file(?int $reportId, ?int $letterId, string $name, string $bytes): void
    {
        try {
            $this->photo($reportId, $letterId, $name, ($this->keep)($bytes));
        } catch (UnusablePhoto) {
            $this->row($reportId, $letterId, $name, false, $this->store->put($bytes), strlen($bytes));
        }
    }

    /** @param string $sha256 of a picture that was cleaned and kept */
    public function photo(?int $reportId, ?int $letterId, string $name, string $sha256): void
    {
        $this->row($reportId, $letterId, $name, true, $sha256, 0);
    }

    private function row(?int $report, ?int $letter, string $name, bool $isPhoto, string $sha256, int $bytes): void
    {
        DB::table('report_files')->insert([
            'report_id' => $report,
            'letter_id' => $letter,
            'name' => mb_substr($name, 0, 120),
            'is_photo' => $isPhoto,
            'sha256' => $sha256,
            'bytes' => $bytes,
            'created_at' => now(),
        ]);
    }
}
