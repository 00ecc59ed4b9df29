<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Actions\Report\NoteFaqUse;
use App\Http\Requests\Report\FaqUseRequest;
use App\Queries\Builder\OpenedPage;
use Illuminate\Http\Response;

/** Which answers a builder opened, and which helped; counted for a kit's own page alone. */
final readonly class KeepFaqUses
{
    public function __invoke(FaqUseRequest $request, string $token, NoteFaqUse $note): Response
    {
        $unit = OpenedPage::by($token)->unit;
        if ($unit !== null) {
            $note($unit, $request->uses());
        }

        return new Response(status: 204);
    }
}
