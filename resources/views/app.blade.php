<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta property="csp-nonce" nonce="{{ Vite::cspNonce() }}">
        <title inertia>Buoyant Step</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        @vite('resources/js/app.tsx')
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
