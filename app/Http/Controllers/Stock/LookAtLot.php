<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\SettleLook;
use App\Http\Requests\Stock\LookRequest;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use App\Queries\Stock\PartStock;
use Chiralex\ChiralexException;
use Chiralex\Supply\LotCheck;
use Illuminate\Http\JsonResponse;

/** Compares a piece of a lot with the list of a kit that has the part; a lot that is doubted is settled by it. */
final readonly class LookAtLot
{
    /** @throws ChiralexException when the kit cannot be read */
    public function __invoke(
        LookRequest $request,
        PartStock $stock,
        KitFolder $folder,
        SettleLook $settle,
    ): JsonResponse {
        $use = $stock->usedAt((string) $request->string('fingerprint'));
        $kit = $folder->kit(Revision::query()->findOrFail($use['revision']));
        $part =
            $kit->part($use['designator']) ?? abort(404, 'No kit has this part any more; look at the piece yourself.');
        $check = new LotCheck($part, array_values($kit->parts));
        $print = trim((string) $request->string('print'));
        $finding = match (true) {
            $request->bands() !== [] => $check->bands($request->bands()),
            $print !== '' => $check->print($print),
            default => null,
        };

        if ($finding !== null && $request->integer('lot') > 0) {
            $settle($request->integer('lot'), $finding, $request->userId());
        }

        return new JsonResponse([
            'asks' => $check->asks(),
            'part' => $use['designator'],
            'verdict' => $finding?->verdict->value,
            'parts' => $finding->parts ?? [],
            'readings' => $finding->readings ?? [],
        ]);
    }
}
