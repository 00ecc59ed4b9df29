<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Edit;
use App\Models\Revision;
use App\Support\Refusal;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/** Somebody else changed the draft since the caller read it. */
final class EditConflict extends Refusal
{
    /** @param Collection<int, Edit> $edits what came in between */
    private function __construct(string $message, public readonly Revision $revision, public readonly Collection $edits)
    {
        parent::__construct($message);
    }

    public static function since(Revision $revision, int $seen): self
    {
        $edits = Edit::query()
            ->with('user')
            ->where('revision_id', $revision->id)
            ->where('sequence', '>', $seen)
            ->orderBy('sequence')
            ->get();
        $names = $edits->map(static fn(Edit $edit): string => $edit->user->name)->unique()->implode(', ');

        return new self(
            "{$names} changed this draft since you opened it. Your words are kept: look at both, then save again.",
            $revision,
            $edits,
        );
    }

    protected function status(): int
    {
        return 409;
    }

    /** Both texts: what others changed, and the caller's own words, kept. */
    protected function more(Request $request): array
    {
        $mine = $request->input('changes', []);

        return [
            'sequence' => $this->revision->sequence,
            'theirs' => $this->edits->map(static fn(Edit $edit): array => $edit->told())->all(),
            'mine' => is_array($mine) ? array_values($mine) : [],
        ];
    }
}
