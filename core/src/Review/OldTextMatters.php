<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Build\BuildOrder;
use Chiralex\Manual\OldNotes;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Where an old manual names parts that the list has not, or fits parts in another order than the steps. */
final readonly class OldTextMatters implements MatterSource
{
    /** Places told of one text; the first ones show what is the matter. */
    private const MOST = 5;

    public function matters(Subject $subject): array
    {
        $order = $subject->order instanceof BuildOrder ? $subject->order : null;
        $notes = array_values(
            array_filter(OldNotes::of($subject->kit, $order), static fn($note): bool => !$note->paragraph->isDone),
        );
        $matters = [];
        foreach ($notes as $note) {
            $strange = array_values(array_diff(OldNotes::names($note->paragraph->text), $note->designators));
            if ($strange !== []) {
                $matters[] = self::matter('manual.old-stranger', $note->paragraph->number, $note->paragraph->file, [
                    'designators' => $strange,
                ]);
            }
        }
        $last = null;
        foreach ($notes as $note) {
            if ($note->step === null || $note->expect !== '') {
                continue;
            }
            if ($last !== null && $last->step > $note->step) {
                $matters[] = self::matter('manual.old-order', $note->paragraph->number, $note->paragraph->file, [
                    'one' => $last->designators,
                    'two' => $note->designators,
                    'before' => (int) $last->step,
                    'after' => $note->step,
                ]);
            }
            $last = $note;
        }

        return array_slice($matters, 0, self::MOST);
    }

    /** @param array<string, string|int|list<string>> $args */
    private static function matter(string $code, int $number, string $file, array $args): Matter
    {
        return new Matter(
            MatterSeverity::Note,
            Station::Manual,
            $code,
            ['paragraph' => $number, 'file' => $file] + $args,
        );
    }
}
