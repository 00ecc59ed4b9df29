<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Library\WriteLibraryPart;
use App\Actions\Report\KeepPhoto;
use App\Http\Requests\Library\LibraryPartRequest;
use App\Queries\Library\Library;
use App\Queries\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

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
        KeepPhoto $keep,
        Library $library,
    ): JsonResponse {
        $text = static fn(string $field): string => trim((string) $request->string($field));
        $bytes = $request->file('photo')?->get();
        $write(
            $text('fingerprint'),
            $text('title'),
            $request->integer('version'),
            $text('number') === '' ? null : $text('number'),
            $request->facts(),
            $request->origins(),
            $text('note'),
            is_string($bytes) ? $keep($bytes) : null,
            $request->userId(),
        );

        return new JsonResponse($library->part($text('fingerprint')));
    }
}
