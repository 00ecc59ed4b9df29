<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta property="csp-nonce" nonce="{{ Vite::cspNonce() }}">
    <title>Chiralex</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite('resources/js/app/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>Chiralex needs JavaScript in this browser.</noscript>
</body>
</html>
