<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Edit;

/**
 * What of a draft's log can be taken back, and what can be done again. The log only grows: taking back appends the inverse
 * of an edit, doing again the inverse of that; a new edit ends what could be done again.
 */
final readonly class EditHistory
{
    private function __construct(private ?int $back, private ?int $forth) {}

    public static function of(int $revisionId): self
    {
        $done = [];
        $undone = [];
        $undos = [];
        foreach (
            Edit::query()
                ->where('revision_id', $revisionId)
                ->orderBy('sequence')
                ->get(['id', 'undoes']) as $entry
        ) {
            [$id, $undoes] = [$entry->id, $entry->undoes];
            if ($undoes === null) {
                $done[] = $id;
                $undone = [];
            } elseif (isset($undos[$undoes])) {
                array_pop($undone);
                $done[] = $id;
            } else {
                array_pop($done);
                $undone[] = $id;
                $undos[$id] = true;
            }
        }

        return new self($done === [] ? null : end($done), $undone === [] ? null : end($undone));
    }

    /** The edit that an undo takes back. */
    public function back(): ?Edit
    {
        return $this->back === null ? null : Edit::query()->with('user')->find($this->back);
    }

    /** The undo that a redo takes back. */
    public function forth(): ?Edit
    {
        return $this->forth === null ? null : Edit::query()->with('user')->find($this->forth);
    }
}
