<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\App\Mail\ConfirmAddress;
use Bibrel\App\Mail\NewPassword;
use Bibrel\Database\Factories\AccountFactory;
use Illuminate\Auth\Authenticatable as AuthenticatableByPassword;
use Illuminate\Auth\MustVerifyEmail;
use Illuminate\Auth\Passwords\CanResetPassword;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Auth\CanResetPassword as CanResetPasswordContract;
use Illuminate\Contracts\Auth\MustVerifyEmail as MustVerifyEmailContract;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;

/**
 * An e-mail address and a password by which somebody is known in any browser. Its papers are those of the guest with its
 * id.
 *
 * @property string $id the guest's
 * @property string $email in small letters
 * @property string $password hashed
 * @property ?Carbon $email_verified_at
 * @property ?Carbon $leaves_at when it is deleted with all that is in it
 */
#[UseFactory(AccountFactory::class)]
final class Account extends Model implements Authenticatable, CanResetPasswordContract, MustVerifyEmailContract
{
    use AuthenticatableByPassword;
    use CanResetPassword;
    use HasClientMadeId;

    /** @use HasFactory<AccountFactory> */
    use HasFactory;

    use MustVerifyEmail;
    use Notifiable;

    /** @var list<string> */
    protected $hidden = ['password'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed', 'email_verified_at' => 'datetime', 'leaves_at' => 'datetime'];

    /** @return HasMany<SignIn, $this> */
    public function signIns(): HasMany
    {
        return $this->hasMany(SignIn::class, 'account_id');
    }

    public function sendEmailVerificationNotification(): void
    {
        $this->notify(new ConfirmAddress);
    }

    /** @param  string  $token */
    public function sendPasswordResetNotification($token): void
    {
        $this->notify(new NewPassword($token));
    }

    public static function spelled(string $email): string
    {
        return mb_strtolower(trim($email));
    }
}
