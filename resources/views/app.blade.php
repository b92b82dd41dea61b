<!doctype html>
<html lang="{{ app()->getLocale() }}" data-theme="flour">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="theme-color" content="#fbfaf7">
    <title>Hovik</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/js/app/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Hovik needs JavaScript switched on.</noscript>
</body>
</html>
