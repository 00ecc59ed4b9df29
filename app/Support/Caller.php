<?php

declare(strict_types=1);

namespace App\Support;

use App\Actions\Shop\PublicAddress;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\IpUtils;

/** Where a request comes from. */
final readonly class Caller
{
    private const PROXY_SIGNS = [
        'X-Forwarded-For',
        'X-Forwarded-Host',
        'X-Forwarded-Proto',
        'X-Real-IP',
        'Forwarded',
        'Via',
    ];

    /** A browser on this machine, with nothing between it and us; never once customers reach the shop. */
    public static function isThisMachine(Request $request): bool
    {
        foreach (self::PROXY_SIGNS as $sign) {
            if ($request->headers->has($sign)) {
                return false;
            }
        }

        return is_string($from = $request->server->get('REMOTE_ADDR')) &&
            IpUtils::checkIp($from, ['127.0.0.0/8', '::1']) &&
            PublicAddress::ours() === null;
    }
}
