<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="csp-nonce" content="{{ $nonce }}">
    <meta name="release" content="{{ $release }}">
    <title>Bibrel</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @foreach ($styles as $file)
    <link rel="stylesheet" href="/build/{{ $file }}">
    @endforeach
    @foreach ($scripts as $file)
    <link rel="modulepreload" href="/build/{{ $file }}">
    @endforeach
    @if ($first !== null)
    <link rel="preload" as="fetch" href="/api/reference/{{ $release }}" crossorigin="anonymous">
    @endif
    <script type="module" src="/build/{{ $entry['file'] }}"></script>
</head>
<body>
    <div id="app"></div>
    @if ($first !== null)
    <script type="application/json" id="first">{!! $first !!}</script>
    @endif
    <noscript>Bibrel needs JavaScript to show your page while you type. Please switch it on for this site.</noscript>
</body>
</html>
