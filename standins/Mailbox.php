<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/** Takes the place of a mail server: what is sent lies in a mailbox that can be opened in the browser, and goes nowhere. */
final class Mailbox extends AbstractTransport
{
    /** As many as anybody reads through. */
    private const KEPT = 200;

    public function __toString(): string
    {
        return 'standin';
    }

    protected function doSend(SentMessage $message): void
    {
        $email = $message->getOriginalMessage();
        if (! $email instanceof Email) {
            return;
        }
        $folder = self::folder();
        @mkdir($folder, 0700, true);
        $name = sprintf('%s/%s-%s.json', $folder, now()->format('YmdHis.u'), bin2hex(random_bytes(4)));
        file_put_contents($name, (string) json_encode([
            'to' => implode(', ', array_map(static fn ($one): string => $one->getAddress(), $email->getTo())),
            'subject' => $email->getSubject(),
            'text' => $email->getTextBody(),
            'at' => now()->toIso8601String(),
        ], JSON_UNESCAPED_UNICODE));
        foreach (array_slice(array_reverse(glob("{$folder}/*.json") ?: []), self::KEPT) as $old) {
            @unlink($old);
        }
    }

    /** @return list<array{to: string, subject: string, text: string, at: string}> the latest first */
    public static function all(): array
    {
        $mails = [];
        foreach (array_reverse(glob(self::folder().'/*.json') ?: []) as $file) {
            /** @var array{to: string, subject: string, text: string, at: string} $mail */
            $mail = json_decode((string) file_get_contents($file), true, 4, JSON_THROW_ON_ERROR);
            $mails[] = $mail;
        }

        return $mails;
    }

    public static function folder(): string
    {
        return storage_path('app/mailbox');
    }
}
