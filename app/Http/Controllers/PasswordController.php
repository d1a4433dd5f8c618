<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\NewPassword;
use Bibrel\App\Http\Resources\MeResource;
use Bibrel\App\Models\Account;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\SignIn;
use Bibrel\App\People\Invitations;
use Bibrel\App\People\SignIns;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;

/** What goes by mail: a new password, and whether an address is its owner's. */
final class PasswordController
{
    /** Says the same whether there is such an account or not. */
    public function forgotten(Request $request): JsonResponse
    {
        $email = Account::spelled((string) $request->input('email'));
        Password::sendResetLink(['email' => $email]);

        return new JsonResponse(['sentence' => "If there is an account with {$email}, a mail with the way to a new "
            .'password is on its way there.']);
    }

    /** @throws ValidationException where the link is not, or no longer, good */
    public function renew(NewPassword $request, SignIns $signIns): MeResource
    {
        $signIn = null;
        $status = Password::reset($request->credentials(), static function (Account $account, string $password) use (
            $request,
            $signIns,
            &$signIn,
        ): void {
            $account->forceFill([
                'password' => $password, 'email_verified_at' => $account->email_verified_at ?? now(),
            ])->save();
            $signIns->endOthers($account);
            $signIn = $signIns->start($account, $request, false);
        });
        if ($status !== Password::PASSWORD_RESET || ! $signIn instanceof SignIn) {
            throw ValidationException::withMessages([
                'token' => 'This link has been used, or is older than an hour. Ask for another one.',
            ]);
        }

        return new MeResource(AccountController::guest($signIn->account, $signIn));
    }

    /** Somebody follows the link in the mail: the address is theirs. */
    public function confirm(string $account, string $hash, Invitations $invitations): RedirectResponse
    {
        $found = Account::query()->find($account);
        if ($found === null || ! hash_equals(sha1($found->email), $hash)) {
            return redirect('/account?confirmed=no');
        }
        if (! $found->hasVerifiedEmail()) {
            $found->markEmailAsVerified();
        }
        $invitations->takeUp($found);

        return redirect('/account?confirmed=yes');
    }

    public function confirmAgain(#[CurrentUser] Guest $guest): JsonResponse
    {
        $account = $guest->signIn->account ?? abort(403, 'Sign in first.');
        if (! $account->hasVerifiedEmail()) {
            $account->sendEmailVerificationNotification();
        }

        return new JsonResponse(['sentence' => "A mail is on its way to {$account->email}."]);
    }
}
