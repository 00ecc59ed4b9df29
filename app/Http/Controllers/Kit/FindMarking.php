<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use Chiralex\Marking\Exception\NoDecoding;
use ChiralexRender\Document\MarkingDocuments;
use ChiralexRender\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What bands or a code can mean. */
final readonly class FindMarking
{
    public function __invoke(Request $request): JsonResponse
    {
        $text = is_string($request->query('text')) ? mb_substr(trim($request->query('text')), 0, 80) : '';
        $documents = new MarkingDocuments(Words::english());
        try {
            return new JsonResponse(
                preg_match('~^[a-z]+([\s,]+[a-z]+)+$~i', $text) === 1
                    ? $documents->bands($text)
                    : $documents->decode($text, null),
            );
        } catch (NoDecoding $none) {
            return new JsonResponse(['readings' => [], 'message' => $none->getMessage()]);
        }
    }
}
