@php
    $manifest = json_decode(file_get_contents(public_path('build/.vite/manifest.json')), true);
    $entry = $manifest['resources/js/main.tsx'];
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ request()->attributes->get('nonce') }}">
    <title>Bibrel</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @foreach ($entry['css'] ?? [] as $css)
    <link rel="stylesheet" href="/build/{{ $css }}">
    @endforeach
    <script type="module" src="/build/{{ $entry['file'] }}"></script>
</head>
<body>
    <div id="app"></div>
    <noscript>Bibrel needs JavaScript to show your page while you type. Please switch it on for this site.</noscript>
</body>
</html>
