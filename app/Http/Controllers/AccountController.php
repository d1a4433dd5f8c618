<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\ChangeAccount;
use Bibrel\App\Http\Requests\OpenAccount;
use Bibrel\App\Http\Resources\MeResource;
use Bibrel\App\Models\Account;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\SignIn;
use Bibrel\App\People\Leaving;
use Bibrel\App\People\SignIns;
use Bibrel\App\People\TakeOver;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** Who asks, and their account where they have one. */
final class AccountController
{
    public function __construct(private readonly SignIns $signIns)
    {
    }

    public function me(#[CurrentUser] Guest $guest): MeResource
    {
        return new MeResource($guest);
    }

    /** What others on a paper call them. */
    public function name(Request $request, #[CurrentUser] Guest $guest): MeResource
    {
        $name = (string) $request->validate(
            ['name' => ['present', 'nullable', 'string', 'max:80']],
            ['name.max' => 'The name is longer than 80 characters. Shorten it.'],
        )['name'];
        $guest->arrive();
        Guest::query()->whereKey($guest->id)->update(['name' => trim($name)]);

        return new MeResource($guest);
    }

    /** Opens an account: everything in this browser is kept in it from now on. */
    public function open(OpenAccount $request, TakeOver $takeOver): JsonResponse
    {
        $account = Account::query()->create([
            'email' => $request->email(), 'password' => $request->chosen(),
        ]);
        $takeOver->give($request->browser(), $account->id);
        $name = $request->string('name')->trim()->value();
        if ($name !== '') {
            Guest::query()->whereKey($account->id)->update(['name' => $name]);
        }
        $signIn = $this->signIns->start($account, $request, $request->boolean('lasting'));
        $account->sendEmailVerificationNotification();

        return (new MeResource(self::guest($account, $signIn)))->response()->setStatusCode(201);
    }

    /** Another address or another password, for whoever knows the present one. */
    public function change(ChangeAccount $request, #[CurrentUser] Guest $guest): MeResource
    {
        $account = self::account($guest);
        self::demandPassword($account, (string) $request->input('password'));
        if ($request->newEmail() !== null && $request->newEmail() !== $account->email) {
            $account->forceFill(['email' => $request->newEmail(), 'email_verified_at' => null])->save();
            $account->sendEmailVerificationNotification();
        }
        if ($request->newPassword() !== null) {
            $account->update(['password' => $request->newPassword()]);
            $this->signIns->endOthers($account, $guest->signIn);
        }

        return new MeResource($guest);
    }

    /** Says that the account is to be deleted; there is a day to think. */
    public function leave(Request $request, #[CurrentUser] Guest $guest): MeResource
    {
        $account = self::account($guest);
        self::demandPassword($account, (string) $request->input('password'));
        $account->update(['leaves_at' => now()->addHours(Leaving::HOURS_TO_THINK)]);

        return new MeResource($guest);
    }

    public function stay(#[CurrentUser] Guest $guest): MeResource
    {
        self::account($guest)->update(['leaves_at' => null]);

        return new MeResource($guest);
    }

    private static function account(Guest $guest): Account
    {
        return $guest->signIn->account ?? abort(403, 'Sign in first.');
    }

    public static function guest(Account $account, SignIn $signIn): Guest
    {
        $guest = Guest::known($account->id);
        $guest->signIn = $signIn->setRelation('account', $account);

        return $guest;
    }

    /** @throws ValidationException */
    private static function demandPassword(Account $account, string $password): void
    {
        if (! Hash::check($password, $account->password)) {
            throw ValidationException::withMessages(['password' => 'That is not your password as it is now.']);
        }
    }
}
