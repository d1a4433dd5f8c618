<?php

declare(strict_types=1);

namespace Bibrel\App\Mail;

use Illuminate\Auth\Notifications\VerifyEmail;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;

/** Asks whether the address is that of whoever opened the account. */
final class ConfirmAddress extends VerifyEmail implements ShouldQueue
{
    use Queueable;

    /** @param  string  $url */
    protected function buildMailMessage($url): MailMessage
    {
        return (new MailMessage)->subject('Is this your address?')->text('mail.confirm', ['url' => $url]);
    }
}
