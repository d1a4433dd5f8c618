<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Mailbox of this trial</title>
    <style nonce="{{ $nonce }}">
        body { font: 16px/24px system-ui, sans-serif; max-width: 720px; margin: 32px auto; padding: 0 20px; color: #23262b; background: #faf7f1; }
        article { background: #fff; border: 1px solid #d9d1c3; border-radius: 8px; padding: 14px 18px; margin: 14px 0; }
        h2 { font-size: 17px; margin: 0; } p { margin: 2px 0 8px; color: #5f594d; } pre { white-space: pre-wrap; overflow-wrap: anywhere; font: inherit; margin: 0; } a { color: #0f5257; }
    </style>
</head>
<body>
    <h1>Mailbox of this trial</h1>
    <p>What this installation sends lies here and goes nowhere. A real one sends it by SMTP.</p>
    @forelse ($mails as $mail)
    <article data-mail="">
        <h2>{{ $mail['subject'] }}</h2>
        <p>to {{ $mail['to'] }}, {{ $mail['at'] }}</p>
        <pre>{!! preg_replace('~https?://[^\s<]+~', '<a href="$0">$0</a>', e($mail['text'])) !!}</pre>
    </article>
    @empty
    <p>Nothing was sent yet.</p>
    @endforelse
</body>
</html>
