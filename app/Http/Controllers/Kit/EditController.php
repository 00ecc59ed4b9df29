<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\AnswerQuestions;
use App\Actions\Kit\EditConflict;
use App\Actions\Kit\EditRevision;
use App\Actions\Kit\UnknownChange;
use App\Http\Requests\Kit\EditRequest;
use App\Http\Resources\ConflictResource;
use App\Models\Edit;
use App\Models\Revision;
use App\Queries\RevisionHeader;
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

        return new JsonResponse(['edits' => $edits->map(ConflictResource::edit(...))->all()]);
    }

    public function store(
        EditRequest $request,
        Revision $revision,
        EditRevision $edit,
        AnswerQuestions $answers,
        RevisionHeader $header,
    ): JsonResponse {
        try {
            $changes = $answers->widened($revision, $request->changes());
            $saved = $edit($revision->id, $request->maker(), $request->operationId(), $request->seen(), $changes);
        } catch (EditConflict $conflict) {
            return ConflictResource::response($conflict, $request->changes());
        } catch (UnknownChange $unknown) {
            return new JsonResponse(['message' => $unknown->getMessage()], 422);
        }
        $answers->remember($saved, $changes);

        return new JsonResponse($header->of($saved));
    }
}
