<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Kit\EditConflict;
use App\Actions\Library\GiveToDrafts;
use App\Actions\Library\LibraryConflict;
use App\Actions\Library\WriteLibraryPart;
use App\Actions\Report\Photo;
use App\Actions\Report\UnusablePhoto;
use App\Http\Requests\Library\LibraryPartRequest;
use App\Http\Requests\PlainOperation;
use App\Models\LibraryPart;
use App\Models\User;
use App\Queries\Library;
use App\Queries\Page;
use App\Support\FileStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The maker's own parts, across kits. */
final readonly class LibraryController
{
    public function index(Request $request, Library $library): JsonResponse
    {
        return new JsonResponse($library->page(Page::of($request)));
    }

    /** One part by its fingerprint, or by where it stands in the newest revision of a kit. */
    public function show(Request $request, Library $library): JsonResponse
    {
        if (is_string($request->query('designator'))) {
            return new JsonResponse(
                $library->standing($request->integer('revision'), mb_substr($request->query('designator'), 0, 60)),
            );
        }

        return new JsonResponse(
            $library->part(is_string($request->query('part')) ? mb_substr($request->query('part'), 0, 190) : ''),
        );
    }

    public function store(
        LibraryPartRequest $request,
        WriteLibraryPart $write,
        FileStore $store,
        Library $library,
    ): JsonResponse {
        $text = static fn(string $field): string => trim((string) $request->string($field));
        try {
            $bytes = $request->file('photo')?->get();
            $photo = is_string($bytes) ? $store->put((new Photo())->cleaned($bytes)) : null;
            $write(
                $text('fingerprint'),
                $text('title'),
                $request->integer('version'),
                $text('number') === '' ? null : $text('number'),
                $request->facts(),
                $request->origins(),
                $text('note'),
                $photo,
                $request->userId(),
            );
        } catch (UnusablePhoto $why) {
            return new JsonResponse(['message' => $why->getMessage()], 422);
        } catch (LibraryConflict $why) {
            return new JsonResponse(['message' => $why->getMessage()], 409);
        }

        return new JsonResponse($library->part($text('fingerprint')));
    }

    /** Gives what is known to the drafts that do not say it themselves. */
    public function give(PlainOperation $request, GiveToDrafts $give): JsonResponse
    {
        /** @var User $user the auth middleware stands before */
        $user = $request->user();
        try {
            return new JsonResponse(['taken' => $give($user, $request->operationId())]);
        } catch (EditConflict) {
            return new JsonResponse(['message' => 'Somebody changed a draft in the same moment; give it again.'], 409);
        }
    }

    public function photo(LibraryPart $part, FileStore $store): Response
    {
        $hash = $part->photo ?? throw new NotFoundHttpException('There is no photo of this part.');

        return new Response($store->get($hash), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }
}
