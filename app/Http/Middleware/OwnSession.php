<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Support\Caller;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Ends a session that is older than 14 days, whose person has left, or that is a demo account's and comes from elsewhere. */
final readonly class OwnSession
{
    private const DAYS = 14;
    /** Written when somebody signs in. */
    public const SINCE = 'signed-in-at';

    /**
     * @param Closure(Request): Response $next
     * @throws AuthenticationException where it ended
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (!($user instanceof User) || !$request->hasSession()) {
            return $next($request);
        }
        $session = $request->session();
        $since = $session->get(self::SINCE);
        $old = is_int($since) && $since < time() - self::DAYS * 86_400;
        if ($old || $user->left_at !== null || ($user->is_demo && !Caller::isThisMachine($request))) {
            Auth::guard('web')->logout();
            $session->invalidate();
            throw new AuthenticationException('You are signed out; sign in again.');
        }

        return $next($request);
    }
}
