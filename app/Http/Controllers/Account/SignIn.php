<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\SignInRequest;
use App\Models\User;
use App\Queries\Account\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** Sign in; six tries a minute for one address and one name, demo accounts from this machine only. */
final readonly class SignIn
{
    private const TRIES = 6;

    public function __invoke(SignInRequest $request): JsonResponse
    {
        $key = 'sign-in|' . mb_strtolower($request->email()) . '|' . $request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            return new JsonResponse(
                ['message' => 'Too many tries. Wait ' . RateLimiter::availableIn($key) . ' seconds.'],
                429,
            );
        }
        RateLimiter::hit($key);
        $demo = User::query()->where('email', $request->email())->value('is_demo') === true;
        if ($demo && !$request->isFromThisMachine()) {
            return new JsonResponse(
                ['message' => 'Demo accounts sign in from this machine only. Ask a maker for an account of your own.'],
                403,
            );
        }
        if (!Auth::attempt(['email' => $request->email(), 'password' => $request->password()])) {
            return new JsonResponse(['message' => 'Name or password does not match. Check both and try again.'], 422);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return new JsonResponse(Person::of(User::query()->where('email', $request->email())->firstOrFail()));
    }
}
