<!doctype html>
<html lang="{{ substr(app()->getLocale(), 0, 2) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="theme-color" content="#fbfaf7">
    <title>Hovik</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @if (config("hovik.kit"))
        <meta name="hovik-kit" content="yes">
    @endif
    @if (config("hovik.simulated_scale"))
        <meta name="hovik-simulated-scale" content="yes">
    @endif
    <meta name="hovik-address" content="{{ config("app.url") }}">
    <meta name="hovik-build" content="{{ config("hovik.build") }}">
    @if (config("hovik.door") !== "")
        <meta name="hovik-door" content="{{ config("hovik.door") }}">
    @endif
    @vite('resources/js/app/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Hovik needs JavaScript switched on.</noscript>
</body>
</html>
