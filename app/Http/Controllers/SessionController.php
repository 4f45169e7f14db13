<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\Session;
use App\Http\Body;
use App\Http\OwnAddresses;
use App\Http\Refusal;
use App\Http\Reply;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who is signed in, where Lupine asks that. */
final readonly class SessionController
{
    private const LONGEST = 200;

    /** wrong tries of one name from one address, and seconds until another is taken */
    private const TRIES = 5;
    private const SECONDS = 60;

    public function __construct(private OwnAddresses $own)
    {
    }

    public function begin(Request $request): JsonResponse
    {
        $this->mustAsk();
        $asked = Body::of($request);
        $name = trim($asked->get('name')->text(self::LONGEST));
        $key = 'sign-in '.hash('sha256', mb_strtolower($name).' '.$request->ip());
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            return Refusal::answer(sprintf(
                'That was wrong %d times. Try again in %d seconds.',
                self::TRIES,
                RateLimiter::availableIn($key),
            ), 429);
        }
        if (!Auth::attempt(['name' => $name, 'password' => $asked->get('password')->text(self::LONGEST)])) {
            RateLimiter::hit($key, self::SECONDS);

            return Refusal::answer('This name and this password do not belong together. Check both.', 422, 'password');
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return self::who();
    }

    public function end(Request $request): JsonResponse
    {
        $this->mustAsk();
        Auth::logout();
        $request->session()->invalidate();

        return self::who();
    }

    /** Ends all other sessions of whoever is signed in; the password says that it is really they. */
    public function endOthers(Request $request): JsonResponse
    {
        $this->mustAsk();
        $password = Body::of($request)->get('password')->text(self::LONGEST);
        $user = Auth::user();
        if (!$user instanceof User || !Hash::check($password, $user->password)) {
            return Refusal::answer('This is not your password.', 422, 'password');
        }
        Auth::logoutOtherDevices($password);

        return self::who();
    }

    /** @throws NotFoundHttpException where nobody has to sign in */
    private function mustAsk(): void
    {
        if (!$this->own->areOthers()) {
            throw new NotFoundHttpException();
        }
    }

    private static function who(): JsonResponse
    {
        $user = Auth::user();

        return Reply::of(new Session($user instanceof User ? $user->name : null));
    }
}
