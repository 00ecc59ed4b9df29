<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\SignInRequest;
use App\Models\User;
use App\Queries\Account\Person;
use App\Support\Caller;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Sign in; six tries a minute for one name from one address, thirty for an address whatever the names. A name that nobody has
 * takes as long as a password that does not match.
 */
final readonly class SignIn
{
    private const TRIES = 6;
    private const OF_ADDRESS = 30;
    /** Salt and hash of no password at all; only their length matters. */
    private const NOBODY = 'nobodynobodynobodynobosKHn6bCQ2dJxRnpH5HT0Zl7D3gT1L0p';

    public function __invoke(SignInRequest $request): JsonResponse
    {
        $keys = [
            'sign-in|' . mb_strtolower($request->email()) . '|' . $request->ip() => self::TRIES,
            'sign-in-address|' . $request->ip() => self::OF_ADDRESS,
        ];
        foreach ($keys as $key => $tries) {
            if (RateLimiter::tooManyAttempts($key, $tries)) {
                return new JsonResponse(
                    ['message' => 'Too many tries. Wait ' . RateLimiter::availableIn($key) . ' seconds.'],
                    429,
                );
            }
            RateLimiter::hit($key);
        }
        $user = User::present()->where('email', mb_strtolower($request->email()))->first();
        $hash =
            $user?->getAuthPassword() ??
            sprintf('$2y$%02d$%s', config()->integer('hashing.bcrypt.rounds'), self::NOBODY);
        if (!Hash::check($request->password(), $hash) || $user === null) {
            return new JsonResponse(['message' => 'Name or password does not match. Check both and try again.'], 422);
        }
        if ($user->is_demo && !Caller::isThisMachine($request)) {
            return new JsonResponse(
                [
                    'message' =>
                        'Demo accounts sign in from this machine only, and not at all once the shop has a public ' .
                        'address. Ask a maker for an account of your own.',
                ],
                403,
            );
        }
        RateLimiter::clear(array_key_first($keys));
        Auth::guard('web')->login($user);
        $request->session()->regenerate();

        return new JsonResponse(Person::of($user));
    }
}
