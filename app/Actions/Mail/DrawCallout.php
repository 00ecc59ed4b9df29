<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Actions\Kit\Documents;
use App\Models\Mail;
use App\Models\Release;
use App\Models\Report;
use App\Support\FileStore;
use ChiralexAdapters\SvgPng;
use ChiralexAdapters\UnusableProgram;
use Illuminate\Support\Facades\Log;

/** Draws the callout that goes with an answer, as the manual of that kit shows it. A letter without its picture is better than none. */
final readonly class DrawCallout
{
    public function __construct(private Documents $documents, private FileStore $store, private SvgPng $png) {}

    public function __invoke(Mail $mail): void
    {
        $release = Release::query()->find(Report::query()->find($mail->report_id)?->release_id);
        if ($mail->callout === '' || $mail->picture !== null || $release === null) {
            return;
        }
        $svg = $this->callout($release, $mail->callout);
        if ($svg === null) {
            return;
        }
        try {
            $mail->update(['picture' => $this->store->put($this->png->of($svg))]);
        } catch (UnusableProgram $why) {
            Log::warning("The picture of mail {$mail->id} could not be drawn: {$why->getMessage()}");
        }
    }

    private function callout(Release $release, string $designator): ?string
    {
        /** @var array{callouts?: array<string, string>} $pictures */
        $pictures = $this->documents->get($release->revision, 'pictures');
        foreach ($pictures['callouts'] ?? [] as $place => $svg) {
            if (explode(':', $place)[1] === $designator) {
                return $svg;
            }
        }

        return null;
    }
}
