<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\AnswerQuestions;
use App\Actions\Kit\EditRevision;
use App\Http\Requests\Kit\EditRequest;
use App\Models\Edit;
use App\Models\Revision;
use App\Queries\Kit\RevisionHeader;
use Illuminate\Http\JsonResponse;

/** The log of a draft's edits. */
final readonly class EditController
{
    public function index(Revision $revision): JsonResponse
    {
        $edits = Edit::query()
            ->with('user')
            ->where('revision_id', $revision->id)
            ->orderByDesc('sequence')
            ->limit(200)
            ->get();

        return new JsonResponse(['edits' => $edits->map(static fn(Edit $edit): array => $edit->told())->all()]);
    }

    public function store(
        EditRequest $request,
        Revision $revision,
        EditRevision $edit,
        AnswerQuestions $answers,
        RevisionHeader $header,
    ): JsonResponse {
        $edits = $answers->widened($revision, $request->edits());
        $saved = $edit($revision->id, $request->maker(), $request->operationId(), $request->seen(), $edits);
        $answers->remember($saved, $edits);

        return new JsonResponse($header->of($saved));
    }
}
