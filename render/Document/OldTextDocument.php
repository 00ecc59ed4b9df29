<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Manual\OldNote;
use Chiralex\Manual\OldNotes;

/** The paragraphs of old manuals, each with the step and the test that its words suggest. */
final readonly class OldTextDocument
{
    /** @return array{paragraphs: list<array<string, mixed>>} */
    public function of(Kit $kit, ?BuildOrder $order): array
    {
        $keys = [];
        foreach ($order->steps ?? [] as $step) {
            $keys[$step->number] = implode(',', $step->names()) ?: (string) $step->gate?->name;
        }

        return [
            'paragraphs' => array_map(
                static fn(OldNote $note): array => [
                    'id' => $note->paragraph->id,
                    'file' => $note->paragraph->file,
                    'number' => $note->paragraph->number,
                    'text' => $note->paragraph->text,
                    'heading' => $note->paragraph->isHeading,
                    'done' => $note->paragraph->isDone,
                    'designators' => $note->designators,
                    'step' => $note->step,
                    'key' => $keys[$note->step ?? 0] ?? '',
                    'points' => $note->points,
                    'expect' => $note->expect,
                ],
                OldNotes::of($kit, $order),
            ),
        ];
    }
}
