<?php

declare(strict_types=1);

namespace App\Queries\Builder;

use App\Models\Release;
use App\Models\Unit;
use App\Support\Row;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\GoneHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What a token opens: a released revision, and one packed kit of it where the token is that kit's own. */
final readonly class OpenedPage
{
    private function __construct(public Release $release, public ?Unit $unit) {}

    /**
     * @throws NotFoundHttpException when there is no such token
     * @throws GoneHttpException when it was withdrawn
     */
    public static function by(string $token): self
    {
        $row =
            preg_match('~^[0-9a-f]{32}$~', $token) === 1
                ? Row::first(DB::table('public_tokens')->where('token', $token))
                : null;
        if ($row === null) {
            throw new NotFoundHttpException(
                'This address opens nothing. Scan the code on the label once more, or ask the maker.',
            );
        }
        if ($row->has('revoked_at')) {
            throw new GoneHttpException('The maker withdrew this address.');
        }
        $unit = $row->has('unit_id') ? Unit::query()->findOrFail($row->int('unit_id')) : null;

        return new self(Release::query()->findOrFail($row->int('release_id')), $unit);
    }
}
