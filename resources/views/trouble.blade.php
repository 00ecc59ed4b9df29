<!doctype html>
<html lang="{{ $language }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="robots" content="noindex">
    <title>{{ $what }}</title>
    <style @if ($nonce !== null)nonce="{{ $nonce }}"@endif>
        :root {
            color-scheme: light dark;
            --paper: #f8f5ee; --ink: #1f282b; --ink2: #5a6467; --copper: #a4491b;
        }
        @media (prefers-color-scheme: dark) {
            :root { --paper: #181d1e; --ink: #ece8dc; --ink2: #a9b0ae; --copper: #e0814f; }
        }
        body {
            margin: 0; min-height: 100vh; display: grid; place-items: center;
            background: var(--paper); color: var(--ink);
            font: 17px/1.5 "Atkinson Hyperlegible Next", "Liberation Sans", sans-serif;
        }
        main {
            max-width: 540px; padding: 32px 24px;
            display: grid; grid-template-columns: 64px 1fr; gap: 24px; align-items: start;
        }
        h1 { font-size: 26px; line-height: 1.2; margin: 0 0 10px; }
        p { margin: 0 0 14px; color: var(--ink2); }
        a { color: var(--copper); margin-right: 18px; }
        @media (max-width: 480px) { main { grid-template-columns: 1fr; } }
    </style>
</head>
<body>
    <main>
        <svg width="64" height="64" viewBox="0 0 32 32" aria-hidden="true">
            <path d="M13 5C8 6 5 10 5 16s3 10 8 11" fill="none" stroke="currentColor" stroke-width="3.4"/>
            <path d="M19 9c5 1 8 5 8 11s-3 10-8 11" fill="none" stroke="var(--copper)" stroke-width="3.4"/>
            <path d="M16 1v30" stroke="var(--ink2)" stroke-width="1" stroke-dasharray="2 1.6"/>
        </svg>
        <div>
            <h1>{{ $what }}</h1>
            <p>{{ $todo }}</p>
            @if ($back !== null)<a href="/">{{ $back }}</a>@endif
            @if ($mail !== null)<a href="mailto:{{ $mail }}">{{ $write }}</a>@endif
        </div>
    </main>
</body>
</html>
