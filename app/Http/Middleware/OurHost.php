<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Shop\PublicAddress;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/**
 * Answers under our own names only: this machine's, the public address, an address in numbers; what another name brings here is
 * refused. Cookies are Secure where the browser came by TLS.
 */
final readonly class OurHost
{
    /**
     * @param Closure(Request): Response $next
     * @throws BadRequestHttpException for a name that is not ours
     */
    public function handle(Request $request, Closure $next): Response
    {
        $host = $request->getHost();
        $ours =
            filter_var(trim($host, '[]'), FILTER_VALIDATE_IP) !== false ||
            $host === 'localhost' ||
            in_array($host, [gethostname(), gethostname() . '.local', ...config()->array('app.hosts')], true) ||
            $host === PublicAddress::ours()?->host;
        if (!$ours) {
            throw new BadRequestHttpException(
                'This shop does not answer under that name. Open it at its public address; the maker sets it in Shop, ' .
                    'or names a further one with bin/start --host NAME.',
            );
        }
        config(['session.secure' => $request->isSecure()]);

        return $next($request);
    }
}
