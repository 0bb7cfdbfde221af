<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="theme-color" content="#fbfaf6">
        <title>{{ __('home.title') }}</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <link rel="manifest" href="/home.webmanifest">
        @vite('resources/css/home.css')
    </head>
    <body>
        @yield('page')
    </body>
</html>
