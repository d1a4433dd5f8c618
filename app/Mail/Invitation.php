<?php

declare(strict_types=1);

namespace Bibrel\App\Mail;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Share;
use Bibrel\App\Sharing\Right;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** Tells somebody that a paper is shared with them. */
final class Invitation extends Mailable implements ShouldQueue
{
    use Queueable;

    public function __construct(
        public readonly string $who,
        public readonly string $title,
        public readonly Right $right,
        public readonly string $url,
    ) {
    }

    public static function of(Share $share, Guest $by): self
    {
        $names = Guest::names([$by->id]);

        return new self(
            $names[$by->id],
            $share->paper->title ?: 'a paper without a title',
            $share->may,
            url("/s/{$share->token}"),
        );
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: "{$this->who} shares “{$this->title}” with you");
    }

    public function content(): Content
    {
        return new Content(text: 'mail.invitation');
    }
}
