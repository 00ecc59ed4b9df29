<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="robots" content="noindex">
    <meta property="csp-nonce" nonce="{{ Vite::cspNonce() }}">
    <title>{{ $kit }}: build it</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <script type="application/ld+json" nonce="{{ Vite::cspNonce() }}">{!! $structured !!}</script>
    @vite('resources/js/builder/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>This page needs JavaScript in this browser. The printed manual needs none.</noscript>
</body>
</html>
