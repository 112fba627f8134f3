<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Illuminate\Support\Facades\Vite::cspNonce() }}">
    <meta name="color-scheme" content="light">
    <title>Vinculum</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/app.webmanifest" crossorigin="use-credentials">
    @isset($asked)
        <link rel="preload" as="fetch" crossorigin href="{{ $asked }}">
    @endisset
    @foreach ($scripts as $script)
        <link rel="modulepreload" as="script" href="{{ $script }}" nonce="{{ Illuminate\Support\Facades\Vite::cspNonce() }}">
    @endforeach
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="screen"></div>
    <noscript>Vinculum draws its screens with JavaScript. Turn it on for this address; nothing is loaded from anywhere else.</noscript>
</body>
</html>
