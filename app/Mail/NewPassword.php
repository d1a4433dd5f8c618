<?php

declare(strict_types=1);

namespace Bibrel\App\Mail;

use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;

/** The way to a new password. */
final class NewPassword extends ResetPassword implements ShouldQueue
{
    use Queueable;

    /** @param  string  $url */
    protected function buildMailMessage($url): MailMessage
    {
        return (new MailMessage)->subject('A new password')->text('mail.password', ['url' => $url]);
    }
}
