<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Http\Requests\Options;
use App\Models\Revision;
use App\Queries\Export\TakeAway;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A file of a revision to keep: always as a download, never shown in the application's own origin. */
final readonly class TakeController
{
    /**
     * @throws UnusableFile
     * @throws UnusableProgram
     */
    public function __invoke(Request $request, Revision $revision, string $what, TakeAway $take): Response
    {
        if (!isset(TakeAway::KINDS[$what])) {
            throw new NotFoundHttpException(
                'There is no such file; take one of ' . implode(', ', array_keys(TakeAway::KINDS)) . '.',
            );
        }
        $file =
            $take->of($revision, $what, Options::of($request), $request->integer('face')) ??
            throw new NotFoundHttpException(
                $what === 'drilling.svg'
                    ? 'Nothing of this kit is drilled: say holes under Facts, Drilling, or name a panel under Facts, Order.'
                    : 'There is no manual yet: some steps wait for each other. The Order station shows which.',
            );

        return new Response($file['bytes'], 200, [
            'Content-Type' => $file['type'],
            'Content-Disposition' => HeaderUtils::makeDisposition(
                'attachment',
                $file['name'],
                (string) preg_replace('~[^A-Za-z0-9. -]~', '', $file['name']),
            ),
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
