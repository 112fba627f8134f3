<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light">
    <meta name="robots" content="noindex">
    <title>@yield('title') · Vinculum</title>
    <style nonce="{{ Illuminate\Support\Facades\Vite::cspNonce() }}">
        body { margin: 0; background: #e3ebe8; color: #16222e; font: 18px/1.4 sans-serif; }
        main { max-width: 420px; margin: 8vh auto; padding: 24px; border-radius: 14px; background: #fdfefc; }
        h1 { margin: 0 0 12px; padding-top: 4px; border-top: 5px solid #b43f0e; font: 700 30px serif; display: inline-block; }
        label { display: block; margin: 14px 0 4px; }
        input { box-sizing: border-box; width: 100%; min-height: 60px; padding: 0 14px; border: 2px solid #4c5a66; border-radius: 10px; font: inherit; }
        button { width: 100%; min-height: 60px; margin-top: 18px; border: 0; border-radius: 10px; background: #b43f0e; color: #fff; font: 700 18px sans-serif; }
        a { display: block; margin-top: 18px; color: #16222e; }
        .trouble { color: #9c2f06; font-weight: 700; }
    </style>
</head>
<body>
<main>
    <h1>Vinculum</h1>
    @yield('said')
</main>
</body>
</html>
